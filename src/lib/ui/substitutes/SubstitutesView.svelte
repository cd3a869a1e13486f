<script lang="ts">
	import { lengthOf, widthOf } from '$lib/core/plan/lies';
	import { goto } from '$app/navigation';
	import type { Project } from '$lib/core/model/project';
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { yarnsOfProject, yarnSwapped } from '$lib/core/recipe/uses';
	import { CRITERIA } from '$lib/core/substitute/criteria';
	import type { Answer, Substitute } from '$lib/core/substitute/rank';
	import { wordSource } from '$lib/core/words/sources';
	import { CRITERION_NAMES } from '$lib/core/words/substitutes';
	import { newId } from '$lib/store/store';
	import { planner } from '$lib/worker/planner';
	import NotWorked from '../parts/NotWorked.svelte';
	import Select from '../parts/Select.svelte';
	import { wordFailure } from '../state/asked.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import { HeldYarn } from '../state/held-yarn.svelte';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import SubstituteRow from './SubstituteRow.svelte';
	import TypedYarn from './TypedYarn.svelte';

	let { project: stored, wanted }: { project: Project; wanted: string | null } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const editor = $derived(workbench.editor(stored));
	const project = $derived(editor.project);
	const held = new HeldYarn(workbench);
	const MOST = 24;

	const used = $derived(yarnsOfProject(project));
	const yarnId = $derived(used.find((id) => id === wanted) ?? used[0]);
	const yarns = $derived(workbench.bench.yarns);
	const lookup = (id: YarnId) => yarns.find((y) => y.id === id);
	let typed = $state.raw<readonly Yarn[]>([]);

	let answer = $state.raw<Answer | null | undefined>(undefined);
	let failure = $state<string | null>(null);
	let working = $state(true);
	let tries = $state(0);
	$effect(() => {
		const { bench } = workbench;
		void tries;
		const question = yarnId &&
			held.list && { project, yarnId, bench, held: held.list, typed: [...typed], most: MOST };
		if (!question) return;
		let stale = false;
		working = true;
		failure = null;
		const asked = performance.now();
		planner
			.ask((worker) => worker.substitutesFor(question))
			.then(
				(a) => {
					if (stale) return;
					answer = a ?? null;
					working = false;
					performance.measure('rank-stand-ins', { start: asked });
				},
				(e: unknown) => {
					if (stale) return;
					failure = wordFailure(e);
					working = false;
				}
			);
		return () => (stale = true);
	});
	const longest = $derived(
		answer
			? Math.max(
					lengthOf(answer.now).mean,
					...answer.substitutesFor.map((s) => s.tube.mean + s.tube.sd)
				)
			: 1
	);

	async function use(s: Substitute) {
		if (!answer || !yarnId) return;
		let id = s.yarn.id;
		let made: Yarn | null = null;
		if (s.from !== 'bench') {
			// What was not on the bench as it would be used becomes a yarn of its own.
			id = newId() as YarnId;
			made = { ...s.yarn, id };
			if (s.from === 'typed') made = { ...made, heldTogether: [], gramsOnHand: 0 };
			await workbench.putYarn(made);
		}
		const was = answer.wanted.colourName;
		editor.change(`${s.yarn.colourName} for ${was}`, yarnSwapped(project, yarnId, id));
		const added = made;
		void notices.say(`${s.yarn.colourName} stands in for ${was}`, {
			label: 'Undo',
			onClick: () => {
				editor.undo();
				if (added) void workbench.remove('yarns', added);
			}
		});
		await goto(`/project/${project.id}/plan`);
	}
</script>

<div class="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2">
	<h1 class="text-2xl">Stand-ins for {project.name}</h1>
	<div class="w-64">
		<Select
			label="In place of"
			value={yarnId ?? ''}
			options={used.map((id) => {
				const y = lookup(id);
				return { value: id, label: y ? `${y.colourName}, ${y.name}` : 'a yarn that is gone' };
			})}
			onvalue={(v) =>
				goto(`/project/${project.id}/stand-ins?yarn=${encodeURIComponent(v)}`, {
					replaceState: true
				})}
		/>
	</div>
	<a class="btn ml-auto" href={`/project/${project.id}/plan`}>Back to the plan</a>
</div>

{#if failure}
	<NotWorked {failure} onagain={() => (tries += 1)} />
{:else if answer === undefined}
	<NotWorked failure={held.failure} onagain={held.again} waiting="Comparing all you have…" />
{:else if answer === null}
	<p class="py-6">
		Its machine or a yarn is missing: <a class="underline" href={`/project/${project.id}/plan`}
			>see the plan</a
		>.
	</p>
{:else}
	{@const a = answer}
	<div class="grid gap-x-8 gap-y-5 lg:grid-cols-[17rem_1fr]">
		<aside class="min-w-0" aria-label="The yarn as planned">
			<div class="flex items-start gap-3">
				<YarnCake yarn={a.wanted} {lookup} size={84} />
				<div class="min-w-0">
					<p class="font-semibold">{a.wanted.colourName}</p>
					<p class="hint">{a.wanted.name}</p>
					<p class="figure mt-1">{printWithSpread(a.wantedGrams, 'mass', units)}</p>
					<p class="hint">needed</p>
				</div>
			</div>
			<dl class="mt-3 grid grid-cols-2 gap-x-4 gap-y-1 text-sm">
				<dt class="quiet">Rows</dt>
				<dd class="figure">{a.now.pieces[0]?.mainRows ?? 0}</dd>
				<dt class="quiet">Tube</dt>
				<dd class="figure">{printWithSpread(lengthOf(a.now), 'length', units)}</dd>
				<dt class="quiet">Flat width</dt>
				<dd class="figure">{printWithSpread(widthOf(a.now), 'length', units)}</dd>
			</dl>
			<p class="hint mt-2">Gauge: {wordSource(a.wantedGauge.rowSource)}.</p>
			<TypedYarn onadd={(y) => (typed = [...typed, y])} />
			{#if typed.length > 0}
				<ul class="mt-2 text-sm">
					{#each typed as t (t.id)}
						<li class="flex items-center justify-between gap-2">
							<span class="truncate">{t.name}</span>
							<button
								class="btn btn-sm"
								aria-label={`Leave out ${t.name}`}
								onclick={() => (typed = typed.filter((x) => x.id !== t.id))}>×</button
							>
						</li>
					{/each}
				</ul>
			{/if}
		</aside>
		<section aria-labelledby="ranked-title" class="min-w-0">
			<div class="flex flex-wrap items-baseline gap-x-4">
				<h2 id="ranked-title" class="text-xl">
					Best of {a.compared} yarns and strands together
				</h2>
				<p class="hint" role="status">
					{working ? 'Working it out again…' : ''}
				</p>
			</div>
			<p class="hint mb-1">
				Bars, from the left: {CRITERIA.map((c) => CRITERION_NAMES[c]).join(', ')}. A tube as planned
				is the dashed outline.
			</p>
			<ol>
				{#each a.substitutesFor as s (s.yarn.id)}
					<SubstituteRow answer={a} standIn={s} {longest} {lookup} onuse={() => use(s)} />
				{/each}
			</ol>
			{#if a.substitutesFor.length <= 1}
				<p class="quiet py-3">
					Nothing else is on the bench. Add yarns there, or type one in that you might buy.
				</p>
			{/if}
			<p class="hint mt-3">
				{printValue(a.compared, 'plain', units)} compared; the best {a.substitutesFor.length} are planned
				in full. Free is what other planned projects leave.
			</p>
		</section>
	</div>
{/if}
