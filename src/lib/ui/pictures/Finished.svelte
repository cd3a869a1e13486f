<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import { comesOut, type Plan, type AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import GarmentPicture from './flat/GarmentPicture.svelte';
	import AssembledPicture from './assembled/AssembledPicture.svelte';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
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
{:else if comesOut(plan, 'flat')}
	<GarmentPicture {plan} options={wholeGarment(project.options)} {units} />
{:else}
	<AssembledPicture plan={plan as AssembledPlan} {units} {width} height={Math.min(300, height)} />
{/if}
