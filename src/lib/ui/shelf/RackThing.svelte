<script lang="ts">
	import { last } from '$lib/core/quantity/sure';
	import { lengthIn } from '$lib/core/learn/measured';
	import { printValue } from '$lib/core/quantity/print';
	import { rowsWord } from '$lib/core/quantity/say';
	import ThingPicture from '../pictures/ThingPicture.svelte';
	import { STAGE_WORDS, type Standing } from '../state/rack';
	import { useWorkbench } from '../state/workbench.svelte';
	import RackLine from './RackLine.svelte';
	import { whenNear } from './near';

	/** A project as it stands on the rack: its finished thing, its line, its name. */
	interface Props {
		standing: Standing;
		/** Px for a cm, the same for all. */
		px: number;
	}
	let { standing: s, px }: Props = $props();
	const workbench = useWorkbench();
	const thing = $derived(s.look?.thing ?? null);
	/** Drawn when it comes near: hundreds of things are many strokes. */
	let near = $state(false);
	const measured = $derived(s.measured.length > 0 ? last(s.measured) : null);
	/** No narrower than its name. */
	const LEAST_PX = 116;
	const wide = $derived(thing ? Math.max(LEAST_PX, thing.widthCm * px) : LEAST_PX);
	const size = $derived.by(() => {
		if (s.project.undone) return 'made, and unravelled';
		const long = measured && lengthIn(measured);
		if (measured && long !== null)
			return `${printValue(long, 'length', workbench.units)} from ${rowsWord(measured.rowsKnitted)}`;
		if (!s.look?.thing) return '';
		return `${s.look.rows > 0 ? `${rowsWord(s.look.rows)} · ` : ''}${s.look.pins} pins`;
	});
</script>

<li class="thing" style:width={`${wide}px`} {@attach whenNear(() => (near = true))}>
	<a
		href={`/project/${s.project.id}/${STAGE_WORDS[s.stage].page}`}
		class="group flex flex-col no-underline"
	>
		<span class="flex justify-center">
			{#if thing && near}
				<ThingPicture {thing} colours={s.look?.colours ?? []} {px} />
			{:else if thing}
				<span class="block" style:height={`${Math.ceil(thing.heightCm * px)}px`}></span>
			{:else if !s.look}
				<span class="skeleton block h-16 w-full" aria-hidden="true"></span>
			{/if}
		</span>
		<span class="board"
			>{#if s.look && near}<RackLine look={s.look} done={s.done} />{/if}</span
		>
		<span class="names">
			<span
				class="figure block leading-tight font-semibold underline-offset-4 group-hover:underline"
				>{s.project.name}</span
			>
			<span class="hint">
				{#if !s.look}being worked out…{:else if thing}{size}{:else}<span class="text-error"
						>its machine or yarn is gone from the bench</span
					>{/if}
			</span>
		</span>
	</a>
</li>

<style>
	.thing {
		max-width: 100%;
	}
	/* As high for all, so that the boards stand in line. */
	.names {
		display: block;
		height: 4.6rem;
	}
	/* The board it stands on. */
	.board {
		display: block;
		padding-block: 3px 4px;
		border-top: 1.5px solid color-mix(in oklch, var(--color-base-content) 70%, transparent);
	}
</style>
