<script lang="ts">
	import type { Measure } from '$lib/core/model/kinds';
	import type { Project } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
	import { MEASURE_NAMES } from '$lib/core/recipe/garments/words';
	import Choice from '../../parts/Choice.svelte';
	import type { Pointing } from '../../state/pointing.svelte';
	import type { ProjectEditor } from '../../state/project-editor.svelte';
	import { movedPoint } from './free-edit';
	import GarmentPicture from './GarmentPicture.svelte';
	import Schematic from './Schematic.svelte';

	interface Props {
		plan: PlanOf<'flat'>;
		project: Project;
		editor: ProjectEditor;
		units: Units;
		pointing: Pointing;
	}
	let { plan, project, editor, units, pointing }: Props = $props();
	const options = $derived(wholeGarment(project.options));
	const made = $derived(plan.finished.made);
	/** Knitted sideways its edges lie elsewhere than on the drawing: none is pointed at. */
	const turned = $derived(made.pieces[0]?.way === 'sideways');
	const chosen = $derived(
		made.pieces.find((p) => p.id === pointing.piece)?.of ??
			made.drawn.pieces.find((p) => p.id === pointing.piece)?.id ??
			made.drawn.pieces[0]?.id ??
			''
	);
	let alone = $state(false);
	const several = $derived(plan.finished.body !== null);

	function measure(m: Measure, cm: number, piece: string) {
		const what = `${MEASURE_NAMES[m].toLowerCase()}…`;
		if (alone && several) {
			const rest = options.alone.filter((a) => a.piece !== piece || a.measure !== m);
			const same = Math.abs(cm - plan.finished.measures[m].cm) < 1e-9;
			editor.options(what, { alone: same ? rest : [...rest, { piece, measure: m, cm }] });
		} else editor.options(what, { measures: { ...options.measures, [m]: cm } });
	}
</script>

<div class="flat-grid grid gap-x-6 gap-y-4">
	<div class="min-w-0">
		{#if several}
			<div class="no-print mb-1 flex justify-end">
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
			{options}
			{units}
			lit={turned ? [] : pointing.lit}
			{chosen}
			onchoose={(p) => (pointing.piece = p)}
			onmeasure={measure}
			onpoint={(piece, side, index, to) =>
				editor.options('a point…', {
					pieces: options.pieces.map((p) => (p.id === piece ? movedPoint(p, side, index, to) : p))
				})}
			onask={(m) => pointing.ask(m)}
		/>
	</div>
	<div class="min-w-0"><GarmentPicture {plan} {options} {units} width={300} height={320} /></div>
</div>

<style>
	.flat-grid {
		grid-template-columns: minmax(0, 1fr);
	}
	@media (min-width: 1000px) {
		.flat-grid {
			grid-template-columns: minmax(0, 1fr) 300px;
		}
	}
</style>
