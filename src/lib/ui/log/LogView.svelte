<script lang="ts">
	import { pinNumber } from '$lib/core/model/pin-number';
	import { entryAt } from '$lib/core/quantity/sure';
	import { goto } from '$app/navigation';
	import { onMount, untrack } from 'svelte';
	import { notices } from '$lib/ui/state/notices.svelte';
	import { forecastOf } from '$lib/core/learn/forecast';
	import { lesson, movedBy, paceMovedBy } from '$lib/core/learn/lesson';
	import { lengthIn } from '$lib/core/learn/measured';
	import { progressOf } from '$lib/core/crank/makes';
	import type { Bench, MeasuredResult, Project } from '$lib/core/model/project';
	import { asFed } from '$lib/core/learn/fed';
	import { pacedOf } from '$lib/core/crank/paced';
	import { asLogged } from '$lib/core/crank/as-logged';
	import { wordMoved, wordNothing, wordPaceMoved, wordWhen } from '$lib/core/words/lessons';
	import { printValue } from '$lib/core/quantity/print';
	import { positionAt } from '$lib/core/crank/runsheet';
	import Ribbon from '../pictures/Ribbon.svelte';
	import { foldRow } from '../state/ribbon-pins';
	import { makeAnother } from '../state/projects';
	import { LivePlan } from '../state/live-plan.svelte';
	import { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import FaultDialog from '../knit/FaultDialog.svelte';
	import Afterwards from './Afterwards.svelte';
	import AtTheCrank from './AtTheCrank.svelte';
	import ResultCard from './ResultCard.svelte';
	import NotStored from '../parts/NotStored.svelte';
	import NotWorked from '../parts/NotWorked.svelte';
	import ResultForm from './ResultForm.svelte';
	import SideBySide from './SideBySide.svelte';
	import YarnUsed from './YarnUsed.svelte';

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

	let noting = $state(false);
	const results = $derived(workbench.records.results.filter((r) => r.projectId === project.id));
	const progress = $derived(plan?.ok ? progressOf(plan.pieces, run.events) : null);
	const several = $derived((progress?.makes.length ?? 1) > 1);
	const knitted = $derived.by(() => {
		const first = progress?.makes[0]?.run;
		if (!plan?.ok || !first || first.done === 0) return null;
		return positionAt(entryAt(plan.pieces, 0).sheet, first.done)?.main || null;
	});
	const minutes = $derived(
		run.state.activeMs > 60_000 ? Math.round(run.state.activeMs / 60_000) : null
	);
	const latest = $derived(
		results.findLast((r) => r.when === 'rested' || r.when === 'washed') ?? results.at(-1)
	);
	const learned = $derived(latest && lesson(project, workbench.bench, latest));
	const foretold = (rows: number) => forecastOf(project, workbench.bench, rows)?.forecast ?? null;
	/** What all of its results taught, in words. */
	const saidOf = (bench: Bench) => [
		...wordMoved(movedBy(project.id, bench), workbench.units),
		...wordPaceMoved(paceMovedBy(project.id, bench))
	];
	const taught = $derived(results.length > 0 ? saidOf(workbench.bench) : []);
	async function add(measured: MeasuredResult) {
		const known = plan?.ok ? asLogged(plan.pieces, measured.rowsKnitted) : null;
		const told = measured.forecast;
		const result = {
			...measured,
			...known,
			...(plan?.ok
				? {
						forecast: told && asFed(told, plan, run.events),
						paced: [...pacedOf(plan.pieces, run.events)]
					}
				: {})
		};
		const before = taught.join();
		if (!(await workbench.addResult(result, project))) return;
		const now = saidOf(workbench.bench);
		void notices.say(
			now.join() !== before && now[0] !== undefined
				? `Logged. It taught ${now.slice(0, 2).join('; ')}.`
				: `Logged. ${told ? wordNothing(result, told) : ''}`
		);
	}
	async function remove(result: MeasuredResult) {
		await workbench.removeResult(result, project);
		void notices.say('Taken out of the log', {
			label: 'Put it back',
			onClick: () => void workbench.addResult(result, project)
		});
	}
	async function another() {
		const names = workbench.records.projects.map((p) => p.name);
		const next = makeAnother(
			project,
			(learned && learned.nextOptions) || project.options,
			names,
			latest?.rowsKnitted
		);
		await workbench.addProject(next);
		await goto(`/project/${next.id}/plan`);
	}
</script>

{#if run.trouble}
	<NotStored trouble={run.trouble} what="what you noted of the run" onagain={() => run.retry()} />
{/if}
{#if plan?.ok}
	<div class="mb-2 flex flex-wrap items-center gap-3">
		<h1 class="text-2xl">Log of {project.name}</h1>
		<button class={['btn no-print ml-auto', results.length > 0 && 'btn-accent']} onclick={another}
			>Make another</button
		>
	</div>
	{#if plan.pieces.length > 0}<Ribbon
			piece={entryAt(plan.pieces, 0)}
			yarns={plan.yarns}
			gauges={plan.gauges}
			units={workbench.units}
			foldRow={foldRow(plan)}
			knitted={run.ready ? (knitted ?? 0) : null}
			pins={run.state.faults.map((f) => ({
				row: f.row,
				label: `${f.fault} at pin ${pinNumber(plan.machine, f.pin - 1)}`,
				stop: true
			}))}
			band={64}
			label={several ? 'The first piece, with all faults' : 'What was knitted, with its faults'}
		/>{/if}
	<p class="hint mb-3">
		{several && progress
			? `${progress.makes.filter((m) => m.run.off).length} of ${progress.makes.length} pieces off the machine, ${progress.rowsDone} of ${progress.rowsTotal} rows counted`
			: knitted
				? `${knitted} of ${plan.pieces[0]?.mainRows ?? 0} main rows counted`
				: 'Nothing counted yet'}{minutes ? `, ${minutes} min at the crank` : ''}{run.state.faults
			.length
			? `, ${run.state.faults.length === 1 ? 'one fault' : `${run.state.faults.length} faults`} noted`
			: ''}.
	</p>
	<p class="no-print -mt-1 mb-4">
		<button class="btn btn-sm" onclick={() => (noting = true)}>Note a fault</button>
	</p>
	<div
		class="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[repeat(2,minmax(0,1fr))]"
	>
		{#if run.ready}<ResultForm
				projectId={project.id}
				{foretold}
				pieces={[...new Set(plan.pieces.map((p) => p.name))]}
				rows={knitted ?? plan.pieces[0]?.mainRows ?? 1}
				{minutes}
				onadd={add}
			/>{/if}
		<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-6">
			<section aria-labelledby="results-title">
				<h2 id="results-title" class="mb-1 text-xl">What came of it</h2>
				{#if results.length === 0}
					<p class="quiet">
						Nothing measured yet. Every size that its plan foretells teaches how this yarn knits on
						this machine; the two asked first teach most.
					</p>
				{:else if taught.length > 0}
					<div class="mb-3 text-sm" data-testid="taught">
						<p>What it taught:</p>
						<ul class="list-disc pl-5">
							{#each taught as t (t)}<li>{t}</li>{/each}
						</ul>
					</div>
				{:else if latest && learned}
					<p class="mb-2 text-sm">{wordNothing(latest, learned.told)}</p>
				{/if}
				<ul>
					{#each results.toReversed() as r (r.id)}
						{@const l = lesson(project, workbench.bench, r)}
						{#if l}
							<ResultCard result={r} lesson={l} onremove={() => remove(r)} />
						{:else}
							<li class="rule-line flex flex-wrap items-baseline gap-x-4 border-b py-2">
								<b>{wordWhen(r.when)}</b>
								{#if lengthIn(r) !== null}<span
										>{printValue(lengthIn(r) ?? 0, 'length', workbench.units)} long</span
									>{/if}
								{#if r.grams !== null}<span>{printValue(r.grams, 'mass', workbench.units)}</span
									>{/if}
								{#if r.minutes !== null}<span>{r.minutes} min</span>{/if}
								<span class="quiet">{r.note}</span>
								<button
									class="btn btn-sm ml-auto"
									aria-label="Take it out of the log"
									onclick={() => remove(r)}>×</button
								>
							</li>
						{/if}
					{/each}
				</ul>
			</section>
			{#if latest && !project.undone}<Afterwards {project} result={latest} />{/if}
			<SideBySide {project} />
			{#if progress}<AtTheCrank {plan} {progress} events={run.events} />{/if}
			<YarnUsed {project} {plan} {editor} />
		</div>
	</div>
	{#if noting}
		<FaultDialog
			machine={plan.machine}
			row={knitted ?? 0}
			onclose={() => (noting = false)}
			onfault={(f) => run.add({ type: 'fault', piece: plan.pieces[0]?.id ?? 'none', ...f })}
		/>
	{/if}
{:else if plan}
	<p class="py-6">
		Its machine or a yarn is missing: <a class="underline" href={`/project/${project.id}/plan`}
			>see the plan</a
		>.
	</p>
{:else}
	<NotWorked failure={live.failure} onagain={live.again} />
{/if}
