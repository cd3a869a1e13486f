<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { progressOf } from '$lib/core/crank/makes';
	import type { Project } from '$lib/core/model/project';
	import { crownYarns } from '$lib/core/plan/faces';
	import { recipeFor } from '$lib/core/recipe';
	import { controlsOf, type ChoiceControl } from '$lib/core/recipe/controls';
	import Finished from '../pictures/Finished.svelte';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { wordTools } from '$lib/core/technique/say-tools';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import {
		drawingOf,
		wordSequence,
		wordStep,
		isKnown,
		wordTip
	} from '$lib/core/technique/say-step';
	import { ticksElsewhere } from '$lib/store/runs';
	import Caution from '../parts/Caution.svelte';
	import Glossed from '../parts/Glossed.svelte';
	import LeaveGuard from '../parts/LeaveGuard.svelte';
	import NotStored from '../parts/NotStored.svelte';
	import NotWorked from '../parts/NotWorked.svelte';
	import Select from '../parts/Select.svelte';
	import { practiceOfSkill } from '$lib/core/practice/skills';
	import PracticeOffer from '../practice/PracticeOffer.svelte';
	import TagCard from './TagCard.svelte';
	import { demonstrationOf } from '$lib/core/practice/demonstration';
	import DiagramView from '../how/DiagramView.svelte';
	import Stepper from '../how/Stepper.svelte';
	import { learnerOf, ownRing } from '../practice/own-ring';
	import { SCHOOLS } from '$lib/core/technique/drawing/skill-words';
	import { skillWords } from '$lib/core/technique/drawing/words';
	import { LivePlan } from '../state/live-plan.svelte';
	import { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project: stored }: { project: Project } = $props();
	const workbench = useWorkbench();
	const editor = $derived(workbench.editor(stored));
	const project = $derived(editor.project);
	const live = new LivePlan(
		() => project,
		() => workbench.bench
	);
	const plan = $derived(live.value);
	const run = new Run(
		workbench.db,
		untrack(() => stored.id)
	);
	onMount(() => void run.load());
	const ring = $derived(ownRing(workbench));
	const learner = $derived(learnerOf(ring, workbench.units));

	const current = $derived(
		plan?.ok ? plan.steps.find((s) => !run.shown.steps.has(s.id)) : undefined
	);
	const doneCount = $derived(
		plan?.ok ? plan.steps.filter((s) => run.shown.steps.has(s.id)).length : 0
	);
	/** How it is closed can be chosen anew at the table. */
	const closing = $derived.by(() => {
		const recipe = recipeFor(project.options);
		if (!recipe || !plan?.ok) return undefined;
		const now = { ...plan, bench: workbench.bench };
		return controlsOf(recipe.options, project.options, now).find(
			(c) => c.key === 'closing' && c.kind === 'choice'
		) as ChoiceControl | undefined;
	});
	const tick = (step: string, done: boolean) => run.add({ type: 'step', step, done });
	let elsewhere = $state.raw<ReadonlyMap<string, number>>(new Map());
	onMount(() => {
		void ticksElsewhere(workbench.db, stored.id)
			.then((ticks) => (elsewhere = ticks))
			// Without it every tip is shown.
			.catch(() => undefined);
	});
	const timesTicked = (id: string): number =>
		(elsewhere.get(id) ?? 0) + (run.shown.steps.has(id) ? 1 : 0);
</script>

{#if run.trouble}
	<NotStored
		trouble={run.trouble}
		what={run.pending === 1 ? 'one tick' : `${run.pending} ticks`}
		onagain={() => run.retry()}
	/>
{/if}
<LeaveGuard
	what={run.trouble && run.pending > 0 ? 'what you ticked is' : null}
	onagain={() => run.retry()}
/>
{#if plan?.ok}
	{@const crowns = crownYarns(plan)}
	{@const tube = plan.yarns[crowns.outer]?.colour ?? '#6f8f9c'}
	{@const lining = plan.yarns[crowns.lining]?.colour ?? tube}
	<div class="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2">
		<h1 class="text-2xl">Finish {project.name}</h1>
		<p class="figure text-lg" role="status">{doneCount} of {plan.steps.length} steps</p>
		<div class="no-print ml-auto">
			{#if closing}
				<Select
					label={closing.label}
					value={closing.chosen}
					options={closing.choices.map((x) => ({ value: x.id, label: x.label }))}
					onvalue={(id) =>
						editor.options(
							closing.what,
							closing.patch(closing.choices.find((x) => x.id === id)?.value)
						)}
				/>
			{/if}
		</div>
	</div>
	{#if run.ready && plan.pieces.length > 0 && !progressOf(plan.pieces, run.events).off}
		<p class="border-warning mb-3 border-l-4 pl-3 text-sm">
			The run says it is still on the machine: <a
				class="underline"
				href={`/project/${project.id}/knit`}>count it to the end</a
			>, or finish it here if it was counted elsewhere.
		</p>
	{/if}
	{#if plan.tools.length > 0}
		<p class="mb-2 text-sm">
			<span class="font-semibold">At hand:</span>
			{wordTools(plan.tools)}
			{#if plan.byHand}<span class="quiet"
					>About {printWithSpread(plan.byHand.value, 'minutes', workbench.units)} at the table.</span
				>{/if}
		</p>
	{/if}
	<div class="grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_auto]">
		<ol>
			{#each plan.steps as s, i (s.id)}
				{@const w = wordStep(s, workbench.units, workbench.settings.crochet)}
				{@const t = drawingOf(s)}
				{@const tip = wordTip(s)}
				{@const tw = skillWords(t.skill, workbench.settings.crochet)}
				{@const done = run.shown.steps.has(s.id)}
				{@const now = s.id === current?.id}
				<li
					class={[
						'rule-line flex gap-3 border-b py-2.5',
						now && 'bg-base-200 -mx-3 flex-wrap rounded-[5px] px-3 sm:flex-nowrap'
					]}
				>
					<input
						id={`step-${s.id}`}
						type="checkbox"
						class="checkbox checkbox-sm mt-1 shrink-0"
						checked={done}
						onchange={(e) => tick(s.id, e.currentTarget.checked)}
					/>
					<div class={['min-w-0 flex-1', done && 'quiet']}>
						<label for={`step-${s.id}`} class="cursor-pointer">
							<span class="figure mr-1">{i + 1}</span>
							<span class="font-semibold">{w.title}</span>
							{#if now}<span class="bg-accent text-accent-content ml-1 rounded-sm px-1.5 text-sm"
									>now</span
								>{/if}
						</label>
						{#if !done}
							<p class="text-sm">
								{#if now}<Glossed text={w.how} />{:else}{w.how}{/if}
								{wordSequence(s)}
							</p>
							{#if tip !== '' && isKnown(s, plan.steps, timesTicked)}
								<details class="no-print mt-1 text-sm">
									<summary class="quiet cursor-pointer">Tip</summary>
									<p>{tip}</p>
								</details>
							{:else if tip !== ''}
								<p class="mt-1 text-sm"><span class="font-semibold">Tip:</span> {tip}</p>
							{/if}
							{#if now}
								<p class="quiet mt-1 text-sm">What goes wrong: {tw.wrong}</p>
							{/if}
							<p class="no-print mt-1 text-sm">
								<a class="underline" href={`/how#${t.skill}`}>{tw.name}</a
								>{#if now && tw.school}<span class="quiet"
										>, one of the ways of {SCHOOLS[tw.school].toLowerCase()}: good for this: {tw.goodFor
											.replace(/\.$/, '')
											.toLowerCase()}</span
									>{/if}
							</p>
							{#if now}<PracticeOffer what={practiceOfSkill(t.skill)} name={tw.name} plain />{/if}
							{#if s.caution}<div class="mt-1"><Caution text={CAUTIONS[s.caution]} /></div>{/if}
						{/if}
					</div>
					{#if now}
						<div class="w-full shrink-0 sm:w-52 sm:self-center">
							<Stepper
								shown={demonstrationOf(t.skill, learner, t.drawing)}
								name={tw.name}
								pictured
								beside
								width={208}
								outer={tube}
								inner={lining}
							/>
						</div>
					{:else if !done}<div class="w-34 shrink-0 self-center">
							<DiagramView
								id={t.skill}
								drawing={t.drawing}
								outer={tube}
								inner={lining}
								width={136}
							/>
						</div>{/if}
				</li>
			{/each}
		</ol>
		<div class="lg:sticky lg:top-4 lg:self-start">
			<div class="no-print">
				<Finished {plan} {project} units={workbench.units} step={current?.id ?? null} />
				<div class="mt-2 flex justify-center">
					<a
						class={['btn', doneCount === plan.steps.length && 'btn-accent']}
						href={`/project/${project.id}/log`}>Measure and log it</a
					>
				</div>
			</div>
			<div class="w-[19rem]"><TagCard {project} {plan} /></div>
		</div>
	</div>
{:else if plan}
	<p class="py-6">
		Its machine or a yarn is missing: <a class="underline" href={`/project/${project.id}/plan`}
			>see the plan</a
		>.
	</p>
{:else}
	<NotWorked failure={live.failure} onagain={live.again} />
{/if}
