<script lang="ts">
	import { knittedRows } from '$lib/core/crank/knitted';
	import type { Fix } from '$lib/core/finding/fix';
	import type { Project, RunEvent } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { recipeFor } from '$lib/core/recipe';
	import { controlsOf } from '$lib/core/recipe/controls';
	import { wordTaken } from '$lib/core/words/sources';
	import { joinTailsOf } from '$lib/core/recipe/uses';
	import Options from '../options/Options.svelte';
	import Slip from '../slip/Slip.svelte';
	import Charts from '../pictures/Charts.svelte';
	import PlanPicture from '../pictures/PlanPicture.svelte';
	import { isWide } from '../pictures/shape';
	import { Pointing } from '../state/pointing.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import Figures from './Figures.svelte';
	import FromPattern from './FromPattern.svelte';
	import Findings from './Findings.svelte';
	import Joints from './Joints.svelte';
	import OnMachine from './OnMachine.svelte';
	import Pieces from './Pieces.svelte';
	import PlanRibbon from './PlanRibbon.svelte';
	import Schedule from './Schedule.svelte';
	import GatherWith from './GatherWith.svelte';
	import Trims from './Trims.svelte';
	import YarnNeeds from './YarnNeeds.svelte';

	/** A plan that can be made, the same for everything: what is cranked, what comes of it, and every option in its place. */
	interface Props {
		plan: Plan;
		project: Project;
		editor: ProjectEditor;
		onfix: (fix: Fix) => void;
		/** Of its run at the crank. */
		events: readonly RunEvent[];
	}
	let { plan, project, editor, onfix, events }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const pointing = new Pointing();
	const recipe = $derived(recipeFor(project.options));
	const controls = $derived(
		recipe ? controlsOf(recipe.options, project.options, { ...plan, bench: workbench.bench }) : []
	);
	const set = $derived(controls.flatMap((c) => c.sets ?? []));
	const edited = $derived(controls.some((c) => c.kind === 'editor' && c.editor === 'ribbon'));
	const wide = $derived(isWide(plan));
	const rest = $derived({ controls, project, plan, editor, pointing });
	const [first, ...others] = $derived(plan.pieces);
	const gauge = $derived(plan.gauges[0]);
</script>

<Slip {...rest} />
{#if gauge && first}<p class="hint -mt-1.5 mb-0">{wordTaken(gauge)}</p>{/if}
<PlanRibbon {plan} {project} {editor} {edited} />
<OnMachine {plan} {project} {events} />
<div
	class={[
		'plan-grid rule-line mt-2 grid gap-x-7 border-t pt-3',
		wide ? 'gap-y-2' : 'gap-y-4',
		wide && 'is-wide'
	]}
>
	<div class={['picture flex min-w-0 flex-col', wide ? 'wide' : 'items-center']}>
		<PlanPicture {plan} {project} {editor} {units} {pointing} />
	</div>
	<div class="min-w-0">
		<Figures {plan} joinTails={joinTailsOf(project.options)} {set} />
	</div>
	<div class="min-w-0">
		<Findings findings={plan.findings} {plan} {project} {editor} {onfix} />
	</div>
	<Options {...rest} class="table-of" />
</div>
<div class="rule-line mt-5 grid gap-x-8 gap-y-5 border-t pt-3 lg:grid-cols-2">
	<div class="grid min-w-0 content-start gap-5">
		{#if first && others.length === 0 && !first.shaped}<Schedule {plan} />{/if}
		{#if first && (others.length > 0 || first.count > 1 || first.shaped)}
			<Pieces {plan} {events} {pointing} />
		{/if}
		<Joints {plan} knitted={knittedRows(plan.pieces, events)} {pointing} />
		<Charts {plan} {project} {units} {pointing} />
	</div>
	<div class="min-w-0">
		<YarnNeeds {plan} {project} {editor} />
		<GatherWith {plan} {project} {editor} />
		<Trims {plan} {project} {editor} />
		<FromPattern {project} />
	</div>
</div>

<style>
	.plan-grid {
		grid-template-columns: minmax(0, 1fr);
	}
	@media (min-width: 900px) {
		.plan-grid {
			grid-template-columns: auto minmax(17rem, 1.1fr) minmax(16rem, 1fr);
			grid-template-rows: auto 1fr;
		}
		/* Beside the picture, under figures and findings. */
		.plan-grid :global(.table-of) {
			grid-column: 2 / -1;
		}
		.picture {
			grid-row: 1 / span 2;
		}
		.is-wide {
			grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
		}
		.wide {
			grid-column: 1 / -1;
			grid-row: auto;
		}
		.is-wide :global(.table-of) {
			grid-column: 1 / -1;
		}
	}
	@media print {
		.plan-grid {
			grid-template-columns: auto 1fr;
		}
	}
</style>
