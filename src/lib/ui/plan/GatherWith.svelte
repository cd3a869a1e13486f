<script lang="ts">
	import type { YarnId } from '$lib/core/model/bench';
	import type { GatherWith } from '$lib/core/model/gather-with';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { drawnUp, type DrawnUp } from '$lib/core/crank/drawn-up';
	import { likestStrong, strongOf } from '$lib/core/bench/yarn/strong';
	import { say } from '$lib/core/quantity/say';
	import Choice from '../parts/Choice.svelte';
	import YarnPick from '../options/YarnPick.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, plan, editor }: { project: Project; plan: Plan; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const with_ = $derived(project.gather);
	/** Offered where a weak yarn draws ends up, and where something else does already. */
	const ends = $derived(drawnUp(plan));
	const s = $derived(say(workbench.units));
	const said = (e: DrawnUp) =>
		`${s.tail(e.cm)} of ${plan.yarns[e.yarn]?.colourName ?? 'yarn'} at the ${e.edge === 'cast-on' ? 'first' : 'last'} row${e.copies > 1 ? `, ${e.copies} times` : ''}`;
	const each = $derived([...new Set(ends.map(said))].sort().join('; '));
	const offered = $derived(
		with_ !== undefined || ends.some((e) => plan.yarns[e.yarn]?.strength === 'weak')
	);
	const strong = $derived(strongOf(workbench.bench.yarns));
	const likest = $derived(
		likestStrong(strong, plan.yarns[ends[0]?.yarn ?? 0]?.colour ?? '#888888')
	);
	const put = (gather: GatherWith | undefined) => editor.change('what gathers', { gather });
</script>

{#if offered && ends.length > 0}
	<section class="no-print mt-4" aria-labelledby="gather-title">
		<h2 id="gather-title" class="mb-1 text-base">Gathered with</h2>
		<div class="flex flex-wrap items-end gap-3">
			<Choice
				label="What draws the ends up"
				value={with_?.how ?? 'tail'}
				options={[
					{ value: 'tail', label: 'its own tail' },
					{ value: 'doubled', label: 'its tail, doubled' },
					...(likest ? [{ value: 'yarn', label: 'another yarn' }] : [])
				]}
				onvalue={(how) =>
					put(
						how === 'doubled'
							? { how }
							: how === 'yarn' && likest
								? { how, yarnId: likest.id }
								: undefined
					)}
			/>
			{#if with_?.how === 'yarn'}
				<YarnPick
					label="Of"
					value={with_.yarnId}
					yarns={strong}
					onvalue={(id) => put({ how: 'yarn', yarnId: id as YarnId })}
				/>
			{/if}
		</div>
		<p class="hint mt-1">
			{#if with_?.how === 'yarn'}Cut for it: {each}. The tails of the fabric are woven in.
			{:else}The tail left for it: {each}.{/if}
		</p>
	</section>
{/if}
