<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { metresPerRow } from '$lib/core/bench/gauge/ball';
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import { goto } from '$app/navigation';
	import { cutCake, cutLine, MOST_CUTS } from '$lib/core/bench/yarn/cut';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import type { Project } from '$lib/core/model/project';
	import { newId } from '$lib/store/store';
	import { notices } from '../../state/notices.svelte';
	import { plan } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import { divideCake, phaseRows, phaseRuns, phasesShown } from '$lib/core/bench/yarn/phases';
	import { yarnsOf } from '$lib/core/recipe/uses';
	import { inRange, parseCount } from '$lib/core/quantity/parse';
	import type { Result } from '$lib/core/quantity/problem';
	import QuantityField from '../../parts/QuantityField.svelte';
	import { beginProject, newHat } from '../../state/projects';
	import { atHand } from '../../state/recipes.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import { useWorkbench } from '../../state/workbench.svelte';
	import PhaseStrip from './PhaseStrip.svelte';

	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const current = $derived(workbench.project(workbench.settings.currentProject ?? ''));
	// The project at hand, if it uses this yarn; else a hat as it would be started now.
	const project = $derived(
		current && yarnsOf(current.options).includes(yarn.id)
			? current
			: atHand('lined-hat') &&
					newHat(workbench.bench, {
						machineId: machine.id,
						yarnId: yarn.id,
						usual: workbench.settings.waste
					})
	);
	const onProject = $derived(project && project.id === current?.id);
	let stripeRows = $state(8);

	const machines = $derived(
		[...workbench.bench.machines]
			.sort((a, b) => b.pins - a.pins)
			.map((m) => {
				const gauge = gaugeFor({
					machine: m,
					yarn,
					book: gaugeBook(workbench.bench),
					useFresh: false
				});
				const perRow = metresPerRow(m, gauge);
				// The same thing on this machine has its own rows: planned, not guessed.
				const made =
					project &&
					atHand(project.options.recipe) &&
					plan(
						{ ...project, machineId: m.id },
						workbench.bench,
						undefined,
						gaugeBook(workbench.bench)
					);
				const rows = made && made.ok ? entryAt(made.pieces, 0).mainRows : 0;
				const runs = phaseRuns(yarn, perRow.mean, rows);
				return { m, perRow, rows, runs, shown: phasesShown(runs), covers: phaseRows(yarn, perRow) };
			})
	);
	// Most colours, and of those the one that repeats them most often.
	const best = $derived(
		[...machines].sort((a, b) => b.shown - a.shown || b.runs.length - a.runs.length)[0]
	);
	const here = $derived(machines.find((x) => x.m.id === machine.id));
	const cuts = $derived(here ? divideCake(yarn, here.perRow.mean, stripeRows) : []);
	const ready = $derived(cutCake(yarn, (phase) => `${yarn.id}-cut-${phase}` as Yarn['id']));
	/** The cuts become balls of the stash, in one step of the bench's history, and sections of a new project if that is wanted. */
	async function divide(begin: boolean) {
		const { cuts: made, rest } = cutCake(yarn, () => newId() as Yarn['id']);
		await workbench.history.change('cake cut', [
			{ table: 'yarns', id: yarn.id, before: yarn, after: rest },
			...made.map((after) => ({ table: 'yarns' as const, id: after.id, before: undefined, after }))
		]);
		if (!begin) return void notices.say(`${yarn.colourName} cut into ${made.length} balls`);
		const used = made.slice(0, MOST_CUTS);
		const begun = await beginProject(workbench.bench, 'scarf', {
			machineId: machine.id,
			usual: workbench.settings.waste
		});
		if (!begun) return;
		const options = {
			...begun.options,
			yarns: used.map((y) => y.id),
			stripes: cutLine(used.length, stripeRows),
			length: { by: 'yarn' }
		} as Project['options'];
		const project = { ...begun, name: `${yarn.colourName}, divided`, options };
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
	const rowsOk = (t: string): Result<number> => {
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 1, max: 200, unit: 'rows' }) : n;
	};
</script>

{#if yarn.phases.length === 0}
	<p class="quiet">
		One colour all through. A yarn whose colour changes every so many metres gets its phases where
		it is changed: then this shows how many rows each colour covers, on each machine.
	</p>
{:else}
	<p class="mb-3 text-sm">
		{onProject && project ? `In ${project.name}` : 'In a hat for a woman'}, begun at the first
		colour{best
			? `: ${best.m.pins} pins show most of it, ${best.shown} of ${yarn.phases.length} colours in ${best.rows} rows`
			: ''}.
	</p>
	<ul class="grid gap-4">
		{#each machines as x (x.m.id)}
			<li>
				<p class="mb-1 flex flex-wrap items-baseline gap-x-3">
					<span class={x.m.id === machine.id ? 'font-semibold' : ''}
						><span class="figure text-lg">{x.m.pins}</span> pins</span
					>
					<span class="hint">{x.rows} rows, {x.shown} of {yarn.phases.length} colours</span>
					{#if x === best && machines.length > 1}<span
							class="bg-accent text-accent-content rounded-sm px-1.5 text-sm">shows most</span
						>{/if}
				</p>
				<PhaseStrip phases={yarn.phases} runs={x.runs} rows={x.rows} />
			</li>
		{/each}
	</ul>
	<div class="mt-5 grid gap-x-8 gap-y-4 xl:grid-cols-2">
		<section aria-labelledby="covers-title">
			<h3 id="covers-title" class="mb-1 text-base">Rows one colour covers</h3>
			<table class="w-full text-sm">
				<thead>
					<tr class="hint text-left">
						<th class="py-1 font-normal">colour</th>
						<th class="font-normal">lasts</th>
						{#each machines as x (x.m.id)}<th class="font-normal">{x.m.pins} pins</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each yarn.phases as p, i (i)}
						<tr class="rule-line border-t">
							<td class="py-1"
								><span
									class="border-base-content/50 mr-1.5 inline-block size-3.5 rounded-[3px] border align-[-2px]"
									style:background={p.colour}
								></span>{p.colourName}</td
							>
							<td class="figure">{printValue(p.metres, 'yarn', units)}</td>
							{#each machines as x (x.m.id)}
								{@const rows = entryAt(x.covers, i).rows}
								<td class="figure whitespace-nowrap"
									>{Math.round(rows.mean)}&nbsp;<span class="hint">
										± {Math.max(1, Math.round(rows.sd))}</span
									></td
								>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</section>
		<section aria-labelledby="divide-title">
			<h3 id="divide-title" class="mb-1 text-base">Divide the cake, join where you want</h3>
			<div class="mb-2 w-44">
				<QuantityField
					live
					label={`Stripes on ${machine.pins} pins`}
					text={`${stripeRows} rows`}
					parse={rowsOk}
					onvalue={(t) => {
						const r = rowsOk(t);
						if (r.ok) stripeRows = r.value;
					}}
				/>
			</div>
			<ol class="text-sm">
				{#each cuts as c (c.phase)}
					{@const p = entryAt(yarn.phases, c.phase)}
					<li class="rule-line flex items-baseline gap-2 border-t py-1">
						<span
							class="border-base-content/50 size-3.5 shrink-0 rounded-[3px] border"
							style:background={p.colour}
						></span>
						<span class="flex-1"
							>{p.colourName}: {c.pieces === 0
								? `less than one stripe`
								: c.pieces === 1
									? 'one stripe'
									: `${c.pieces} stripes`}</span
						>
						<span class="hint">cut at {printValue(c.atMetres, 'yarn', units)}</span>
					</li>
				{/each}
			</ol>
			{#if ready.cuts.length > 1}
				<div class="no-print mt-3 flex flex-wrap items-center gap-2">
					<button class="btn" onclick={() => void divide(false)}>Cut it into balls</button>
					<button class="btn" onclick={() => void divide(true)}
						>Cut it, and begin a scarf of them</button
					>
					<span class="hint"
						>{ready.cuts.length} balls of one colour each; {printValue(
							ready.rest.gramsOnHand,
							'mass',
							units
						)} of the cake left</span
					>
				</div>
			{:else}
				<p class="hint mt-2">There is not enough of it on hand to cut it by its colours.</p>
			{/if}
		</section>
	</div>
{/if}
