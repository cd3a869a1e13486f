<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import type { Lesson } from '$lib/core/practice/lesson';
	import { LESSONS } from '$lib/core/practice/index';
	import { placesOf } from '$lib/core/practice/drawing/looked';
	import { sayState } from '$lib/core/practice/say';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Restart from '@lucide/svelte/icons/rotate-ccw';
	import Undo from '@lucide/svelte/icons/undo-2';
	import Caution from '../parts/Caution.svelte';
	import Choice from '../parts/Choice.svelte';
	import IconAct from '../parts/IconAct.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import HandTools from './HandTools.svelte';
	import Judgement from './Judgement.svelte';
	import NearPicture from './NearPicture.svelte';
	import { keptSeed, nextSeed } from './kept';
	import { ownColour, ownRing } from './own-ring';
	import { Practice } from './practice.svelte';
	import PracticeKeys from './PracticeKeys.svelte';
	import PracticeRing from './PracticeRing.svelte';
	import Watching from './Watching.svelte';

	let { lesson }: { lesson: Lesson } = $props();
	const workbench = useWorkbench();
	const colour = $derived(ownColour(workbench));
	let seed = $state(keptSeed());
	// The same text is the same ring: what was done stays while the store is read anew.
	const ring = $derived(ownRing(workbench, seed));
	const tryId = $derived(page.url.searchParams.get('try'));
	const practice = $derived(new Practice(lesson, tryId, { ring, units: () => workbench.units }));
	const place = $derived(LESSONS.findIndex((l) => l.id === lesson.id));
	const next = $derived(LESSONS[place + 1]);
	let width = $state(800);
	/** As many pins as stand in the room there is, each wide enough for a finger. */
	const pins = $derived(Math.max(5, Math.min(13, 2 * Math.floor(width / 62 / 2) + 1)));
	const seen = $derived(
		placesOf({ hand: practice.hand, m: practice.m, centre: practice.pin, pins, rows: 0 }).map(
			(p) => p.pin
		)
	);
	const key = $derived(`${lesson.id}/${practice.t.id}`);
	const done = $derived(workbench.settings.practised.includes(key));
	function look() {
		const { first } = practice.look();
		if (first === null && !done)
			void workbench.set({ practised: [...workbench.settings.practised, key] });
	}
	const toTry = (id: string) =>
		goto(`?try=${id}`, { replaceState: true, noScroll: true, keepFocus: true });
</script>

<PracticeKeys {practice} onlook={look} />
<header class="mb-3">
	<p class="hint">
		<a class="underline" href="/practice">Practice</a> · {place + 1} of {LESSONS.length}
	</p>
	<div class="flex flex-wrap items-baseline gap-x-4">
		<h1 class="text-2xl">{lesson.name}</h1>
		{#if done}<span class="hint">done on this device</span>{/if}
		{#if next}<a class="ml-auto underline" href={`/practice/${next.id}`}>Next: {next.name}</a>{/if}
	</div>
	<p class="max-w-3xl">{lesson.why}</p>
</header>
{#if lesson.tries.length > 1}
	<div class="mb-3">
		<Choice
			label="What to try"
			hideLabel
			value={practice.t.id}
			options={lesson.tries.map((t) => ({ value: t.id, label: t.name }))}
			onvalue={(id) => void toTry(id)}
		/>
	</div>
{/if}
<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_21rem] lg:grid-rows-[auto_1fr]">
	<div class="min-w-0" bind:clientWidth={width}>
		<p class="mb-1 font-semibold">
			{practice.step === null ? practice.t.asks(practice.m) : practice.said}
		</p>
		<div class="rule-line border-y py-1">
			<NearPicture
				hand={practice.hand}
				m={practice.m}
				faces={practice.t.faces}
				pin={practice.pin}
				{pins}
				rows={width < 600 ? 3 : 4}
				{colour}
				onpin={(p) => practice.point(p)}
			/>
		</div>
		{#if practice.step === null}
			<p
				class={['mt-1 min-h-6 text-sm', practice.refused && 'text-error font-semibold']}
				role="status"
				aria-live="polite"
			>
				{practice.said}
			</p>
		{/if}
	</div>
	<div class="min-w-0 lg:col-start-2 lg:row-span-2 lg:row-start-1">
		{#if practice.step !== null}
			<Watching {practice} />
		{:else if practice.judged}
			<Judgement {practice} judged={practice.judged} {colour} onagain={() => (seed = nextSeed())} />
		{:else}
			<HandTools {practice} />
			<div class="mt-4 flex flex-wrap items-center gap-2">
				<IconAct
					icon={Undo}
					label="Take back"
					tip="Take back the last act (Z)"
					disabled={!practice.canUndo}
					onclick={() => practice.undo()}
				/>
				<IconAct
					icon={Redo}
					label="Do it again"
					tip="Do it again (Shift Z)"
					disabled={!practice.canRedo}
					onclick={() => practice.redo()}
				/>
				{#if practice.canUndo}<IconAct
						icon={Restart}
						label="Start over"
						onclick={() => practice.startOver()}
					/>{/if}
				<button class="btn btn-md" onclick={() => practice.watch(0)}>Show me</button>
				<button class="btn btn-md btn-neutral ml-auto" onclick={look}>Done: look at it</button>
			</div>
		{/if}
	</div>
	<div class="grid min-w-0 items-start gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
		<div class={[!practice.stands && 'hidden']}>
			<PracticeRing
				hand={practice.hand}
				m={practice.m}
				pin={practice.pin}
				{seen}
				{colour}
				size={200}
				onpin={(p) => practice.point(p)}
			/>
		</div>
		<div class="space-y-2 text-sm">
			<p class="quiet">{sayState(practice.hand, practice.m, !practice.t.countLost)}</p>
			{#if practice.t.facts}
				<ul class="list-disc space-y-1 pl-5">
					{#each practice.t.facts(practice.m) as fact (fact)}<li>{fact}</li>{/each}
				</ul>
			{/if}
			{#if lesson.caution}<Caution text={CAUTIONS[lesson.caution]} />{/if}
		</div>
	</div>
</div>
