<script lang="ts">
	import { goto } from '$app/navigation';
	import { wordFix } from '$lib/core/finding/fix';
	import type { Fix } from '$lib/core/finding/fix';
	import {
		isBunting,
		isGarment,
		isHat,
		isThing,
		isTube,
		type Project
	} from '$lib/core/model/project';
	import type { Wish } from '$lib/core/model/wish';
	import { sizeOf } from '$lib/core/assembly/size';
	import { comesOut, isThingPlan } from '$lib/core/plan';
	import { nameOf } from '$lib/core/recipe';
	import { eventPins, findingMarks, foldRow, hiddenRows } from '../state/ribbon-pins';
	import { HeldYarn } from '../state/held-yarn.svelte';
	import { withHeld } from '$lib/core/order/with-held';
	import { LivePlan } from '../state/live-plan.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import TextField from '../parts/TextField.svelte';
	import Ribbon from '../pictures/Ribbon.svelte';
	import Choices from './Choices.svelte';
	import Ends from './Ends.svelte';
	import { notices } from '../state/notices.svelte';
	import Findings from './Findings.svelte';
	import Schedule from './Schedule.svelte';
	import SchemeBar from './SchemeBar.svelte';
	import Sizes from './Sizes.svelte';
	import YarnNeeds from './YarnNeeds.svelte';
	import Trims from './Trims.svelte';
	import FlagChoices from './FlagChoices.svelte';
	import MachinePick from './MachinePick.svelte';
	import TubeEnds from './TubeEnds.svelte';
	import TubeRibbon from './TubeRibbon.svelte';
	import TubeChoices from './TubeChoices.svelte';
	import Finished from '../pictures/Finished.svelte';
	import GarmentPlanView from '../garment/GarmentPlanView.svelte';
	import ThingPlanView from '../thing/ThingPlanView.svelte';
	import { exact } from '$lib/core/quantity/estimate';
	import { figure } from '$lib/core/quantity/working';
	import HatPicture from '../pictures/HatPicture.svelte';
	import MissingParts from './MissingParts.svelte';
	import NotWorked from '../parts/NotWorked.svelte';
	import PaperDialog from '../paper/PaperDialog.svelte';
	import SheetPage from '../paper/SheetPage.svelte';
	import { sheetOf } from '$lib/core/sheet/sheet';
	import Figure from '../parts/Figure.svelte';
	import { wordLoopSource, wordSource } from '$lib/core/words/sources';

	let { project: stored }: { project: Project } = $props();
	const workbench = useWorkbench();
	const editor = $derived(workbench.editor(stored));
	const project = $derived(editor.project);
	const live = new LivePlan(
		() => project,
		() => workbench.bench
	);
	const held = new HeldYarn(workbench);
	const plan = $derived(
		live.value?.ok && held.list
			? withHeld(live.value, project, workbench.bench, held.list)
			: live.value
	);
	const units = $derived(workbench.units);
	/** Null until it is first asked for: only then is the sheet worked out. */
	let onPaper = $state<boolean | null>(null);
	const stops = $derived(plan?.findings.filter((f) => f.severity === 'stop').length ?? 0);

	/** Any way out of a finding: a change, or a page to go to. */
	async function apply(fix: Fix) {
		if (fix.go)
			return goto(`/project/${project.id}/${fix.go.page}?yarn=${encodeURIComponent(fix.go.yarn)}`);
		const wish = fix.wish ? { wish: { ...project.wish, ...fix.wish } as Wish } : {};
		editor.change(wordFix(fix, units).toLowerCase(), { ...wish, ...fix.project });
	}

	async function remove() {
		const putBack = await workbench.removeProject(project);
		void notices.say(`${project.name} taken off the shelf`, {
			label: 'Put it back',
			onClick: () => void putBack()
		});
		await goto('/');
	}

	function onkeydown(e: KeyboardEvent) {
		const typing =
			e.target instanceof HTMLElement &&
			e.target.matches('input:not([type=radio]), textarea, select');
		if (typing) return;
		const key = e.key.toLowerCase();
		if ((e.ctrlKey || e.metaKey) && key === 'z') {
			e.preventDefault();
			if (e.shiftKey) editor.redo();
			else editor.undo();
		} else if ((e.ctrlKey || e.metaKey) && key === 'y') {
			e.preventDefault();
			editor.redo();
		} else if (key === 'k' && !e.ctrlKey && !e.metaKey && !e.altKey) {
			void goto(`/project/${project.id}/knit`);
		}
	}
</script>

<svelte:window {onkeydown} />

<div class="mb-1 flex flex-wrap items-end gap-x-3 gap-y-2">
	<h1 class="sr-only">Plan of {project.name}</h1>
	<div class="field-title no-print w-72">
		<TextField
			label={nameOf(project.wish.recipe)}
			value={project.name}
			example="Pier hat"
			onvalue={(name) => editor.change('name…', { name })}
		/>
	</div>
	<p class="figure hidden text-2xl font-semibold print:block">{project.name}</p>
	{#if isHat(project)}<Choices {project} {editor} />
	{:else}<div class="w-52"><MachinePick {project} {editor} /></div>{/if}
	<div class="no-print ml-auto flex gap-1">
		<button
			class="act"
			onclick={() => editor.undo()}
			disabled={!editor.undoWhat}
			title={editor.undoWhat ? `Undo: ${editor.undoWhat.replace('…', '')}` : 'Nothing to undo'}
			>Undo</button
		>
		<button
			class="act"
			onclick={() => editor.redo()}
			disabled={!editor.redoWhat}
			title={editor.redoWhat ? `Redo: ${editor.redoWhat.replace('…', '')}` : 'Nothing to redo'}
			>Redo</button
		>
		<button class="act" disabled={!plan?.ok} onclick={() => (onPaper = true)}>Print</button>
		<a class="act act-now" href={`/project/${project.id}/knit`}>Knit this</a>
	</div>
</div>

{#if plan?.ok && comesOut(plan, 'flat')}
	{#if isGarment(project)}<GarmentPlanView {project} {plan} {editor} onfix={apply} />{/if}
{:else if plan?.ok && isThingPlan(plan)}
	{#if isThing(project)}<ThingPlanView {project} {plan} {editor} onfix={apply} />{/if}
{:else if plan?.ok}
	{@const piece = plan.pieces[0]!}
	{#if comesOut(plan, 'tube') && isTube(project)}
		<TubeRibbon {project} {editor} {plan} yarns={workbench.bench.yarns} />
	{:else}
		<Ribbon
			{piece}
			yarns={plan.yarns}
			gauges={plan.gauges}
			{units}
			foldRow={foldRow(plan)}
			label={plan.finished.kind === 'flags' ? 'One flag, cast-on at the left' : undefined}
			hiddenRows={hiddenRows(plan)}
			pins={eventPins(plan, units)}
			marks={findingMarks(plan, units)}
		/>
	{/if}
	{#if isHat(project)}<SchemeBar {project} {editor} yarns={workbench.bench.yarns} />
	{:else if comesOut(plan, 'flags') && isBunting(project)}<FlagChoices
			{project}
			{editor}
			{plan}
			yarns={workbench.bench.yarns}
		/>{:else if comesOut(plan, 'tube') && isTube(project)}<TubeChoices
			{project}
			{editor}
			{plan}
			yarns={workbench.bench.yarns}
		/>{/if}

	<div class="plan-grid rule-line mt-2 grid gap-x-7 gap-y-4 border-t pt-3">
		<div class="flex flex-col items-center">
			{#if comesOut(plan, 'worn') && !plan.steps.some((s) => s.do === 'close-crown')}
				<HatPicture
					hat={plan.finished.hat}
					yarns={plan.yarns}
					gauge={plan.gauges[0]!}
					boundaryOnFold={plan.finished.tucked.boundaryOnFold}
					{units}
					height={330}
				/>
			{:else}
				<Finished
					{plan}
					{project}
					{units}
					width={300}
					height={plan.finished.kind === 'tube' ? 250 : 340}
				/>
			{/if}
		</div>
		<div class="min-w-0">
			{#if comesOut(plan, 'worn') && isHat(project)}
				<Sizes {project} {editor} {plan} />
				<div class="mt-4 grid grid-cols-2 gap-4">
					<Figure figure={plan.time} />
					<Figure figure={sizeOf(plan, 'stretch')} />
					{#if plan.byHand}<Figure figure={plan.byHand} />{/if}
				</div>
			{:else}
				<div class="grid grid-cols-2 gap-x-4 gap-y-2">
					<Figure
						figure={figure(
							plan.finished.kind === 'flags' ? 'Rows of a flag' : 'Rows',
							'rows',
							exact(piece.mainRows),
							piece.rowsWorking
						)}
						large
					/>
					{#each plan.sizes as s (s.id)}<Figure figure={s.figure} large />{/each}
					<Figure figure={plan.time} />
					{#if plan.byHand}<Figure figure={plan.byHand} />{/if}
				</div>
			{/if}
			<p class="hint mt-2">
				Gauge: {wordSource(plan.gauges[0]!.rowSource)}. Yarn in a stitch: {wordLoopSource(
					plan.gauges[0]!.loopSource
				)}.
			</p>
		</div>
		<div class="min-w-0">
			<Findings findings={plan.findings} {plan} {project} {editor} onfix={apply} />
		</div>
	</div>
	<div class="rule-line mt-5 grid gap-x-8 gap-y-5 border-t pt-3 lg:grid-cols-2">
		<div>
			<Schedule {plan} />
			{#if isHat(project)}<Ends {project} {editor} />
			{:else if comesOut(plan, 'tube') && isTube(project)}<TubeEnds
					{project}
					{editor}
					{plan}
				/>{/if}
		</div>
		<div>
			<YarnNeeds {plan} {project} {editor} />
			<Trims {plan} {project} {editor} />
		</div>
	</div>
{:else if plan}
	{#if plan.findings.some((f) => f.code === 'machine-missing' || f.code === 'yarn-missing')}
		<MissingParts {project} {editor} />
	{/if}
	<Findings findings={plan.findings} plan={null} {project} {editor} onfix={apply} />
{:else}
	<NotWorked failure={live.failure} onagain={live.again} />
{/if}
{#if plan && live.failure}
	<p class="border-error my-3 border-l-4 pl-3" role="alert">
		{live.failure} What stands above is from before the last change.
		<button class="act act-small" onclick={live.again}>Try again</button>
	</p>
{/if}
{#if plan?.ok && stops > 0}<p class="no-print text-error mt-4 text-sm">
		{stops === 1 ? 'One finding says' : `${stops} findings say`} stop: settle {stops === 1
			? 'it'
			: 'them'} before you knit.
	</p>{/if}

{#if plan?.ok && onPaper !== null}
	{@const sheet = sheetOf(plan, {
		title: project.name,
		kind: nameOf(project.wish.recipe),
		units,
		terms: workbench.settings.crochet
	})}
	<PaperDialog bind:open={onPaper} {plan} {project} {sheet} />
	<SheetPage {sheet} />
{/if}
<p class="no-print mt-8">
	<button class="act act-small" onclick={remove}>Take this project off the shelf</button>
</p>

<style>
	.plan-grid {
		grid-template-columns: minmax(0, 1fr);
	}
	@media (min-width: 900px) {
		.plan-grid {
			grid-template-columns: auto minmax(17rem, 1.1fr) minmax(16rem, 1fr);
		}
	}
	@media print {
		.plan-grid {
			grid-template-columns: auto 1fr;
		}
	}
</style>
