<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import type { Project, UsedYarn } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { format } from 'date-fns';
	import { forecastOf } from '$lib/core/learn/forecast';
	import { unravelled } from '$lib/core/order/unravel';
	import { newId } from '$lib/store/store';
	import { leftBySum, putBack, takeOff, usedBySum, usedByWeight } from '$lib/core/order/stock';
	import Choice from '../parts/Choice.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import GramsField from '../scale/GramsField.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, plan, editor }: { project: Project; plan: Plan; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const grams = (g: number) => printValue(g, 'mass', units);
	const yarns = $derived(workbench.bench.yarns);
	const lookup = (id: YarnId) => yarns.find((y) => y.id === id);

	let how = $state<UsedYarn['how']>('sum');
	/** What lies there now, by yarn: before is what the stock says. */
	let after = $state<Record<string, number>>({});
	let before = $state<Record<string, number>>({});
	const rows = $derived(
		plan.amounts.map((a) => {
			const yarn = entryAt(plan.yarns, a.yarn);
			const was = before[yarn.id] ?? a.gramsOnHand;
			const is = after[yarn.id] ?? leftBySum(was, a.grams.value);
			const weighed = usedByWeight(yarn.id, was, is);
			const sum = usedBySum(yarn.id, a.grams.value);
			return { yarn, planned: a.grams.value, was, is, used: how === 'sum' ? sum : weighed };
		})
	);
	const whole = $derived(rows.every((r) => r.used !== null));

	/** Each yarn with what it becomes. */
	const changed = (after: readonly Yarn[]) =>
		after.flatMap((y) => {
			const before = lookup(y.id);
			return before ? [{ before, after: y }] : [];
		});
	function take() {
		const used = rows.flatMap((r) => r.used ?? []);
		editor.change('yarn taken off the stock', { used }, changed(takeOff(used, yarns)));
		void notices.say('Taken off the stock', { label: 'Put it back', onClick: back });
	}
	const undoneYarns = $derived((project.undone?.yarns ?? []).flatMap((id) => lookup(id) ?? []));
	/** Its yarn goes to the stash as yarns of their own; the thing stays in the log, made and undone. */
	async function apart() {
		const told = forecastOf(project, workbench.bench, plan.pieces[0]?.mainRows ?? 1)?.forecast;
		const given = unravelled(
			project.used ?? [],
			told?.grams ?? null,
			yarns,
			() => newId() as YarnId
		);
		for (const y of given) await workbench.putYarn(y);
		editor.change('unravelled', { undone: { at: Date.now(), yarns: given.map((y) => y.id) } });
		void notices.say('Its yarn is in the stash again');
	}
	async function together() {
		for (const y of undoneYarns) await workbench.remove('yarns', y);
		editor.change('not unravelled', { undone: undefined });
	}
	function back() {
		const { used } = editor.project;
		if (used) editor.change('yarn put back', { used: null }, changed(putBack(used, yarns)));
	}
</script>

<section aria-labelledby="used-title" class="min-w-0">
	<h2 id="used-title" class="mb-1 text-xl">Yarn it took</h2>
	{#if project.used}
		<ul class="text-sm">
			{#each project.used as u (u.yarnId)}
				{@const y = lookup(u.yarnId)}
				<li class="flex items-center gap-2 py-1">
					{#if y}<YarnCake yarn={y} {lookup} size={40} />{/if}
					<span
						><b class="figure">{grams(u.grams)}</b> of {y?.colourName ?? 'a yarn that is gone'}
						<span class="quiet"
							>{u.how === 'weighed' ? 'weighed before and after' : 'by the sum'}</span
						></span
					>
				</li>
			{/each}
		</ul>
		{#if project.undone}
			<p class="mb-2 text-sm">
				Made, and unravelled {format(project.undone.at, 'd MMM yyyy')}. In the stash again, as yarn
				that was knitted before: {undoneYarns
					.map((y) => `${grams(y.gramsOnHand)} of ${y.colourName}`)
					.join(', ') || 'nothing that is still there'}.
			</p>
			<button class="btn btn-sm" onclick={() => void together()}
				>It was not: take that out again</button
			>
		{:else}
			<p class="quiet mb-2 text-sm">Taken off the stock, and no longer held for it.</p>
			<span class="flex flex-wrap gap-2">
				<button class="btn btn-sm" onclick={back}>Put it back on the stock</button>
				<button class="btn btn-sm" onclick={() => void apart()}
					>It was unravelled: its yarn back, less what is lost</button
				>
			</span>
		{/if}
	{:else}
		<p class="quiet mb-2 text-sm">
			{project.holdsYarn ? 'Held for it until now.' : 'Not held for it.'} Take it off the stock when it
			is made.
		</p>
		<Choice
			label="How much"
			hideLabel
			value={how}
			options={[
				{ value: 'sum', label: 'by the sum' },
				{ value: 'weighed', label: 'by weight before and after' }
			]}
			onvalue={(v) => (how = v)}
		/>
		<ul class="mt-2">
			{#each rows as r (r.yarn.id)}
				<li class="rule-line grid grid-cols-[auto_1fr] gap-3 border-t py-2">
					<YarnCake yarn={r.yarn} {lookup} size={44} />
					<div class="min-w-0">
						<p class="text-sm"><b>{r.yarn.colourName}</b>, {r.yarn.name}</p>
						{#if how === 'sum'}
							<p class="figure text-lg">{printWithSpread(r.planned, 'mass', units)}</p>
						{:else}
							<div class="flex flex-wrap items-start gap-x-4 gap-y-2">
								<GramsField
									live
									label="before"
									grams={r.was}
									ongrams={(g) => (before[r.yarn.id] = g)}
								/>
								<GramsField
									live
									label="after"
									grams={r.is}
									ongrams={(g) => (after[r.yarn.id] = g)}
								/>
							</div>
							<p class="mt-1 text-sm" role="status">
								{#if r.used}took <b class="figure">{grams(r.used.grams)}</b>
									<span class="quiet"
										>where {printWithSpread(r.planned, 'mass', units)} was expected</span
									>
								{:else}<span class="text-error"
										>It weighs more after than before: one of the two is off.</span
									>{/if}
							</p>
						{/if}
					</div>
				</li>
			{/each}
		</ul>
		<button class="btn btn-neutral mt-1" disabled={!whole} onclick={take}
			>Take it off the stock</button
		>
	{/if}
</section>
