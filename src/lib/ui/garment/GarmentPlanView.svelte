<script lang="ts">
	import type { Fix } from '$lib/core/finding/fix';
	import type { EdgeRef } from '$lib/core/assembly/assembly';
	import { totalsOf } from '$lib/core/plan/totals';
	import { knittedRows } from '$lib/core/crank/knitted';
	import type { Measure } from '$lib/core/model/kinds';
	import type { GarmentProject, RunEvent } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import { wordLoopSource, wordSource } from '$lib/core/words/sources';
	import { MEASURE_NAMES } from '$lib/core/recipe/garments/words';
	import Choice from '../parts/Choice.svelte';
	import Figure from '../parts/Figure.svelte';
	import Findings from '../plan/Findings.svelte';
	import YarnNeeds from '../plan/YarnNeeds.svelte';
	import Trims from '../plan/Trims.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import FreePieces from './FreePieces.svelte';
	import GarmentChoices from './GarmentChoices.svelte';
	import GarmentEnds from './GarmentEnds.svelte';
	import GarmentPicture from './GarmentPicture.svelte';
	import Measures from './Measures.svelte';
	import PieceChart from './PieceChart.svelte';
	import Pieces from './Pieces.svelte';
	import Schematic from './Schematic.svelte';
	import Seams from './Seams.svelte';
	import WiderWays from './WiderWays.svelte';

	interface Props {
		project: GarmentProject;
		plan: PlanOf<'flat'>;
		editor: ProjectEditor;
		onfix: (fix: Fix) => void;
	}
	let { project, plan, editor, onfix }: Props = $props();
	const workbench = useWorkbench();
	const wish = $derived(project.wish);
	const units = $derived(workbench.units);
	const made = $derived(plan.finished.made);
	let lit = $state.raw<readonly EdgeRef[]>([]);
	/** Knitted sideways its edges lie elsewhere than on the drawing: none is pointed at. */
	const turned = $derived(made.pieces[0]?.way === 'sideways');
	let picked = $state('');
	const chosen = $derived(
		made.drawn.pieces.some((p) => p.id === picked) ? picked : (made.drawn.pieces[0]?.id ?? '')
	);
	const charts = $derived(made.pieces.filter((m) => m.of === chosen));
	let panel = $state(0);
	const shown = $derived(charts[Math.min(panel, charts.length - 1)]);
	let asked = $state.raw<Measure | null>(null);
	let alone = $state(false);
	const several = $derived(plan.finished.body !== null);
	const gauge = $derived(plan.gauges[0]!);
	let events = $state.raw<readonly RunEvent[]>([]);
	$effect(() => workbench.liveEvents(project.id, (e) => (events = e)));
	const knitted = $derived(knittedRows(plan.pieces, events));
	const totals = $derived(totalsOf(plan, wish.joinTails));

	function measure(m: Measure, cm: number, piece: string) {
		const what = `${MEASURE_NAMES[m].toLowerCase()}…`;
		if (alone && several) {
			const rest = wish.alone.filter((a) => a.piece !== piece || a.measure !== m);
			const same = Math.abs(cm - plan.finished.measures[m].cm) < 1e-9;
			editor.wish(what, { alone: same ? rest : [...rest, { piece, measure: m, cm }] });
		} else editor.wish(what, { measures: { ...wish.measures, [m]: cm } });
	}
	function point(piece: string, side: 'left' | 'right', index: number, x: number, y: number) {
		editor.wish('a point…', {
			pieces: wish.pieces.map((p) => {
				if (p.id !== piece) return p;
				const edge = p[side];
				const last = index === edge.length - 1;
				const low = edge[index - 1]?.y ?? 0;
				const high = last ? 400 : (edge[index + 1]?.y ?? 400);
				const at = index === 0 ? 0 : Math.min(high, Math.max(low, y));
				const put = (list: typeof edge, i: number, q: { x?: number; y: number }) =>
					list.map((old, k) => (k === i ? { ...old, ...q } : old));
				const other = side === 'left' ? 'right' : 'left';
				const moved = { ...p, [side]: put(edge, index, { x, y: at }) };
				// Both edges end at one height.
				return last
					? {
							...moved,
							[other]: put(p[other], p[other].length - 1, {
								y: Math.max(at, p[other].at(-2)?.y ?? 0)
							})
						}
					: moved;
			})
		});
	}
</script>

<GarmentChoices {project} {plan} {editor} yarns={workbench.bench.yarns} />
<div class="garment-grid rule-line mt-2 grid gap-x-6 gap-y-4 border-t pt-2">
	<div class="min-w-0">
		{#if several}
			<div class="no-print float-right">
				<Choice
					hideLabel
					label="A point moved changes"
					value={alone ? 'one' : 'all'}
					options={[
						{
							value: 'all',
							label: 'all pieces alike',
							hint: 'A point moved changes the measure everywhere'
						},
						{
							value: 'one',
							label: 'only this piece',
							hint: 'A point moved changes this piece alone'
						}
					]}
					onvalue={(v) => (alone = v === 'one')}
				/>
			</div>
		{/if}
		<Schematic
			{plan}
			{wish}
			{units}
			{lit}
			{chosen}
			onchoose={(p) => {
				picked = p;
				panel = 0;
			}}
			onmeasure={measure}
			onpoint={point}
			onask={(m) => {
				asked = null;
				queueMicrotask(() => (asked = m));
			}}
		/>
	</div>
	<div class="min-w-0"><GarmentPicture {plan} {wish} {units} width={300} height={320} /></div>
</div>
<div class="rule-line mt-3 grid gap-x-7 gap-y-4 border-t pt-3 lg:grid-cols-3">
	<div class="min-w-0">
		<div class="grid grid-cols-2 gap-x-4 gap-y-2">
			{#each plan.sizes as s (s.id)}<Figure figure={s.figure} />{/each}
			<Figure figure={totals.stitches} />
			<Figure figure={plan.time} />
			{#if plan.byHand}<Figure figure={plan.byHand} />{/if}
			{#if totals.seams}<Figure figure={totals.seams} />{/if}
			<Figure figure={totals.ends} />
		</div>
		<p class="hint mt-2">
			Gauge: {wordSource(gauge.rowSource)}. Yarn in a stitch: {wordLoopSource(gauge.loopSource)}.
		</p>
	</div>
	<div class="no-print min-w-0">
		{#if wish.recipe === 'free-garment'}<FreePieces {project} {plan} {editor} />
		{:else}
			<h2 class="mb-1 text-base">Measures</h2>
			<Measures {project} {plan} {editor} {asked} />
		{/if}
	</div>
	<div class="min-w-0">
		<Findings findings={plan.findings} {plan} {project} {editor} {onfix} />
	</div>
</div>
{#if made.wider.length > 0 || plan.finished.card}
	<div class="rule-line mt-5 border-t pt-3"><WiderWays {project} {plan} {editor} /></div>
{/if}
<div class="rule-line mt-5 grid gap-x-8 gap-y-5 border-t pt-3 lg:grid-cols-2">
	<Pieces
		{plan}
		{wish}
		{chosen}
		onchoose={(p) => {
			picked = p;
			panel = 0;
		}}
	/>
	<Seams {plan} {knitted} onlight={(ends) => (lit = turned ? [] : ends)} />
</div>
<div
	class="rule-line mt-5 grid gap-x-8 gap-y-5 border-t pt-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]"
>
	<section class="min-w-0" aria-labelledby="chart-title" hidden={shown?.cut.tube}>
		<div class="flex flex-wrap items-baseline gap-3">
			<h2 id="chart-title" class="text-base">
				Stitch chart, {shown?.name ?? 'no piece'}, right side
			</h2>
			{#if charts.length > 1}
				<Choice
					hideLabel
					label="Panel"
					value={Math.min(panel, charts.length - 1)}
					options={charts.map((_, i) => ({ value: i, label: `panel ${i + 1}` }))}
					onvalue={(i) => (panel = i)}
				/>
			{/if}
		</div>
		{#if shown && !shown.cut.tube}<PieceChart
				piece={shown}
				{wish}
				yarns={plan.yarns}
				aspect={gauge.stitchesPerCm.mean / gauge.rowsPerCm.mean}
			/>{/if}
	</section>
	<div class="grid content-start gap-5">
		<div>
			<YarnNeeds {plan} {project} {editor} />
			<Trims {plan} {project} {editor} />
		</div>
		<GarmentEnds {project} {plan} {editor} />
	</div>
</div>

<style>
	.garment-grid {
		grid-template-columns: minmax(0, 1fr);
	}
	@media (min-width: 1000px) {
		.garment-grid {
			grid-template-columns: minmax(0, 1fr) 300px;
		}
	}
</style>
