<script lang="ts">
	import { comesOut, type Plan } from '$lib/core/plan';
	import type { Project } from '$lib/core/model/project';
	import { stepIn } from '$lib/core/assembly/assembly';
	import type { Units } from '$lib/core/quantity/units';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
	import type { Pointing } from '../state/pointing.svelte';
	import CardSheet from './flat/CardSheet.svelte';
	import StitchChart from './flat/StitchChart.svelte';
	import PomCard from './assembled/PomCard.svelte';

	/** What is drawn beside the finished thing: stitch charts, and cards to cut out in true size. */
	interface Props {
		plan: Plan;
		project: Project;
		units: Units;
		pointing: Pointing;
	}
	let { plan, project, units, pointing }: Props = $props();
	const wind = $derived(stepIn(plan.assembly, 'wind'));
	const gauge = $derived(plan.gauges[0]);
</script>

{#if comesOut(plan, 'flat')}
	{@const options = wholeGarment(project.options)}
	<StitchChart {plan} {options} {pointing} />
	{#if plan.finished.card}
		<CardSheet card={plan.finished.card} {units} name={project.name} />
		{#if options.card.by === 'loops' && gauge?.loopCm.basis === 'estimated'}
			<p class="hint max-w-64">
				The yarn in a stitch is not measured yet: the pins are taken until a swatch is weighed or
				unravelled.
			</p>
		{/if}
	{/if}
{/if}
{#if wind}<PomCard cardCm={wind.cardCm} wraps={wind.wraps} />{/if}
