<script lang="ts">
	import { stepIn } from '$lib/core/assembly/assembly';
	import type { Fix } from '$lib/core/finding/fix';
	import { FLAT_CLOSINGS } from '$lib/core/model/kinds';
	import type { ThingProject } from '$lib/core/model/project';
	import type { ThingPlan } from '$lib/core/plan';
	import { CLOSING_WORDS } from '$lib/core/recipe/closings';
	import { wordLoopSource, wordSource } from '$lib/core/words/sources';
	import Choice from '../parts/Choice.svelte';
	import Figure from '../parts/Figure.svelte';
	import Findings from '../plan/Findings.svelte';
	import WasteChoices from '../plan/WasteChoices.svelte';
	import YarnNeeds from '../plan/YarnNeeds.svelte';
	import Trims from '../plan/Trims.svelte';
	import YarnPicks from '../plan/YarnPicks.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import GarlandChoices from './GarlandChoices.svelte';
	import Joints from './Joints.svelte';
	import PieceList from './PieceList.svelte';
	import PomCard from './PomCard.svelte';
	import ThingChoices from './ThingChoices.svelte';
	import ThingPicture from './ThingPicture.svelte';
	import ToyChoices from './ToyChoices.svelte';
	import ToyParts from './ToyParts.svelte';
	import { withEdit } from './toy-edit';

	interface Props {
		project: ThingProject;
		plan: ThingPlan;
		editor: ProjectEditor;
		onfix: (fix: Fix) => void;
	}
	let { project, plan, editor, onfix }: Props = $props();
	const workbench = useWorkbench();
	const wish = $derived(project.wish);
	const wind = $derived(stepIn(plan.assembly, 'wind'));
	const thing = $derived(plan.finished);
	let picked = $state('');
	const part = $derived(
		'parts' in wish ? (wish.parts.find((p) => p.id === picked) ?? wish.parts[0]!).id : ''
	);
	const gauge = $derived(plan.gauges[0]!);
</script>

<div class="no-print flex flex-wrap items-end gap-x-5 gap-y-2 pt-1">
	<YarnPicks
		chosen={wish.yarns}
		yarns={workbench.bench.yarns}
		onvalue={(yarns) => editor.wish('colours', { yarns })}
	/>
	{#if 'parts' in wish}<ToyChoices {wish} {editor} />
	{:else if 'items' in wish}<GarlandChoices {wish} {editor} {plan} />
	{:else}<ThingChoices {wish} {editor} {plan} />{/if}
</div>
<div
	class={[
		'thing-grid rule-line mt-2 grid gap-x-7 gap-y-4 border-t pt-3',
		thing.kind === 'hung' && 'long'
	]}
>
	<div class={['min-w-0', thing.kind === 'hung' && 'wide']}>
		<ThingPicture
			{plan}
			units={workbench.units}
			width={thing.kind === 'hung' ? 1180 : 480}
			height={thing.kind === 'hung' ? 300 : 340}
			picked={part}
			onpick={(p) => (picked = p)}
			{...'parts' in wish
				? {
						onedit: (edit) => {
							const made =
								thing.kind === 'stuffed' ? thing.parts.find((m) => m.part.id === edit.part) : null;
							if (made && 'parts' in wish)
								editor.wish('proportions…', { parts: withEdit(wish, edit, made.roundCm) });
						}
					}
				: {}}
		/>
	</div>
	<div class="min-w-0">
		<div class="grid grid-cols-2 gap-x-4 gap-y-2">
			{#each plan.sizes as s, i (s.id)}<Figure figure={s.figure} large={i < 2} />{/each}
			{#if plan.pieces.length > 0}<Figure figure={plan.time} />{/if}
			{#if plan.byHand}<Figure figure={plan.byHand} />{/if}
			{#if plan.fill}<Figure figure={plan.fill} />{/if}
		</div>
		{#if plan.pieces.length > 0}<p class="hint mt-2">
				Gauge: {wordSource(gauge.rowSource)}. Yarn in a stitch: {wordLoopSource(gauge.loopSource)}.
			</p>{/if}
	</div>
	<div class="min-w-0">
		<Findings findings={plan.findings} {plan} {project} {editor} {onfix} />
	</div>
</div>
{#if 'parts' in wish && thing.kind === 'stuffed'}
	<div class="rule-line no-print mt-5 border-t pt-3">
		<ToyParts {wish} {thing} {editor} picked={part} onpick={(p) => (picked = p)} />
	</div>
{/if}
<div class="rule-line mt-5 grid gap-x-8 gap-y-5 border-t pt-3 lg:grid-cols-2">
	<div class="grid min-w-0 content-start gap-5">
		{#if plan.pieces.length > 0}<PieceList {project} {plan} />{/if}
		{#if plan.joints.length > 0}<Joints joints={plan.joints} />{/if}
		{#if wind}<PomCard cardCm={wind.cardCm} wraps={wind.wraps} />{/if}
		{#if plan.pieces.length > 0}
			<div class="no-print flex flex-wrap gap-x-6 gap-y-2">
				{#if 'closing' in wish}<Choice
						label="Ends closed flat by"
						value={wish.closing}
						options={FLAT_CLOSINGS.map((value) => ({
							value,
							label: CLOSING_WORDS[value].label.replace(', flat', ''),
							hint: CLOSING_WORDS[value].goodFor
						}))}
						onvalue={(closing) => editor.wish('closing', { closing })}
					/>{/if}
				<WasteChoices {wish} {editor} />
			</div>
		{/if}
	</div>
	<div>
		<YarnNeeds {plan} {project} {editor} />
		<Trims {plan} {project} {editor} />
	</div>
</div>

<style>
	.thing-grid {
		grid-template-columns: minmax(0, 1fr);
	}
	@media (min-width: 1000px) {
		.thing-grid {
			grid-template-columns: auto minmax(15rem, 1fr) minmax(15rem, 1fr);
		}
		.long {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		}
		.wide {
			grid-column: 1 / -1;
		}
	}
</style>
