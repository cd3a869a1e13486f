<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import { comesOut, isThingPlan, type Plan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import GarmentPicture from '../garment/GarmentPicture.svelte';
	import ThingPicture from '../thing/ThingPicture.svelte';
	import FinishedPicture from './FinishedPicture.svelte';
	import FlagsPicture from './FlagsPicture.svelte';

	/** The finished thing in true proportion, by what comes of it. */
	interface Props {
		plan: Plan;
		project: Project;
		units: Units;
		width?: number;
		height?: number;
		/** The finishing step it has come to; null once it is done. */
		step?: string | null;
	}
	let { plan, project, units, width = 320, height = 340, step = null }: Props = $props();
</script>

{#if comesOut(plan, 'worn')}
	<FinishedPicture {plan} {units} {width} {height} {step} />
{:else if comesOut(plan, 'tube')}
	<FinishedPicture {plan} {units} {width} {height} {step} />
{:else if comesOut(plan, 'flags')}
	<FlagsPicture {plan} order={plan.finished.order} {units} {width} />
{:else if comesOut(plan, 'flat') && 'measures' in project.wish}
	<GarmentPicture {plan} wish={project.wish} {units} />
{:else if isThingPlan(plan)}
	<ThingPicture {plan} {units} {width} height={Math.min(300, height)} />
{/if}
