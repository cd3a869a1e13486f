<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { goto } from '$app/navigation';
	import type { Order } from '$lib/core/model/order';
	import type { Project } from '$lib/core/model/project';
	import type { OrderReason } from '$lib/core/order/order';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { figure } from '$lib/core/quantity/working';
	import type { StallOrder } from '$lib/worker/plan.worker';
	import { planner } from '$lib/worker/planner';
	import Figure from '../parts/Figure.svelte';
	import NumberField from '../parts/NumberField.svelte';
	import TextField from '../parts/TextField.svelte';
	import NotWorked from '../parts/NotWorked.svelte';
	import Printer from '@lucide/svelte/icons/printer';
	import IconAct from '../parts/IconAct.svelte';
	import UndoRedo from '../parts/UndoRedo.svelte';
	import { Asked } from '../state/asked.svelte';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import OrderYarn from './OrderYarn.svelte';

	let { order }: { order: Order } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const projects = $derived(workbench.records.projects);
	const open = $derived(projects.filter((p) => !order.lines.some((l) => l.projectId === p.id)));
	const asked = new Asked<StallOrder>(() => {
		const [o, p, b] = [order, projects, workbench.bench];
		return () => planner.ask((worker) => worker.stallOrder(o, [...p], b));
	});
	const found = $derived(asked.value);
	const history = $derived(workbench.orderHistory(order.id));
	const put = (what: string, patch: Partial<Order>) => {
		const before = $state.snapshot(order) as Order;
		const after = { ...before, ...patch };
		void history.change(what, [{ table: 'orders', id: order.id, before, after }]);
	};
	const lines = (what: string, next: Order['lines']) => put(what, { lines: next });
	const at = (what: string, i: number, patch: Partial<Order['lines'][number]>) =>
		lines(
			what,
			order.lines.map((l, k) => (k === i ? { ...l, ...patch } : l))
		);
	function move(i: number, by: -1 | 1) {
		const next = [...order.lines];
		const [l] = next.splice(i, 1);
		if (l) next.splice(i + by, 0, l);
		lines('order of the lines', next);
	}
	async function remove() {
		const back = await workbench.removeOrder($state.snapshot(order) as Order);
		void notices.say(`${order.name} taken off the shelf`, {
			label: 'Put it back',
			onClick: () => void back()
		});
		await goto('/');
	}
	const nameOf = (id: string) =>
		projects.find((p) => p.id === id)?.name ?? 'a project that is gone';
	const yarnOf = (id: string) => workbench.bench.yarns.find((y) => y.id === id);
	/** Of one line, how many the yarn gives; null until it is known or where its project is gone. */
	const possible = (id: Project['id']) => {
		const i = found?.lines.findIndex((l) => l.projectId === id) ?? -1;
		return found && i >= 0 ? entryAt(found.plan.possible, i) : null;
	};
	const WHY: Record<OrderReason, string> = {
		sure: 'the yarn is enough, whatever one takes',
		tight: 'there is yarn for these; weigh what is left before each',
		short: 'the yarn does not reach'
	};
	const wanted = $derived(found?.lines.reduce((t, l) => t + l.wanted, 0) ?? 0);
	const gives = $derived(found?.plan.possible.reduce((t, n) => t + n, 0) ?? 0);
	const missing = $derived(found?.plan.yarns.filter((y) => y.ballsMissing > 0) ?? []);
</script>

<div class="mb-2 flex flex-wrap items-end gap-x-3 gap-y-2">
	<h1 class="sr-only">Order {order.name}</h1>
	<div class="field-title w-full max-w-[26rem]">
		<TextField
			label="Stall order"
			value={order.name}
			example="Lantern fair"
			onvalue={(name) => put('name…', { name })}
		/>
	</div>
	<div class="no-print ml-auto flex gap-1">
		<UndoRedo steps={history} />
		<IconAct icon={Printer} label="Print" tip="Print this order" onclick={() => window.print()} />
	</div>
</div>

<div class="grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
	<section aria-labelledby="lines-title" class="min-w-0">
		<h2 id="lines-title" class="mb-1 text-base">
			What the stall is to have, the most wanted first
		</h2>
		{#if order.lines.length === 0}
			<p class="quiet py-3 text-sm">
				Nothing yet. Add the projects the stall is to sell, with how many of each: then it is seen
				at once what the yarn on hand gives, what to make first, and how many hours it takes.
			</p>
		{/if}
		<ol>
			{#each order.lines as l, i (l.projectId)}
				{@const can = possible(l.projectId)}
				{@const left = Math.max(0, l.count - l.made)}
				<li class="rule-line flex items-end gap-x-3 gap-y-1 border-t py-2 max-sm:flex-wrap">
					<span class="figure mb-1.5 w-5">{i + 1}</span>
					<a
						class="mb-1 min-h-6 min-w-28 flex-1 font-semibold underline-offset-4 hover:underline"
						href={`/project/${l.projectId}/plan`}>{nameOf(l.projectId)}</a
					>
					<div class="w-16 shrink-0">
						<NumberField
							label="Wanted"
							of=""
							value={l.count}
							min={1}
							max={200}
							onvalue={(count) => at(`${nameOf(l.projectId)} wanted…`, i, { count })}
						/>
					</div>
					<div class="w-16 shrink-0">
						<NumberField
							label="Made"
							of=""
							value={l.made}
							min={0}
							max={200}
							onvalue={(made) => at(`${nameOf(l.projectId)} made…`, i, { made })}
						/>
					</div>
					<span
						class={[
							'figure mb-1.5 w-28 shrink-0 text-sm',
							can !== null && can < left && 'text-warning font-semibold'
						]}
						>{can === null
							? '…'
							: can >= left
								? `yarn for all ${left}`
								: `yarn for ${can} of ${left}`}</span
					>
					<span class="no-print mb-0.5 flex shrink-0 gap-1">
						<button
							class="btn btn-sm"
							disabled={i === 0}
							aria-label={`${nameOf(l.projectId)} is wanted more`}
							onclick={() => move(i, -1)}>↑</button
						>
						<button
							class="btn btn-sm"
							disabled={i === order.lines.length - 1}
							aria-label={`${nameOf(l.projectId)} is wanted less`}
							onclick={() => move(i, 1)}>↓</button
						>
						<button
							class="btn btn-sm"
							aria-label={`Take ${nameOf(l.projectId)} out`}
							onclick={() =>
								lines(
									`${nameOf(l.projectId)} taken out`,
									order.lines.filter((_, k) => k !== i)
								)}>Out</button
						>
					</span>
				</li>
			{/each}
		</ol>
		{#if open.length > 0 && order.lines.length < 40}
			<label class="no-print mt-2 block w-64">
				<span class="hint mb-0.5 block">Add a project</span>
				<select
					class="select w-full"
					value=""
					onchange={(e) => {
						const id = e.currentTarget.value;
						e.currentTarget.value = '';
						if (id)
							lines(`${nameOf(id)} added`, [
								...order.lines,
								{ projectId: id as Project['id'], count: 1, made: 0 }
							]);
					}}
				>
					<option value="">Choose from the shelf…</option>
					{#each open as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
				</select>
			</label>
		{/if}
	</section>
	{#if order.lines.length > 0 && (asked.failure || !found)}
		<NotWorked failure={asked.failure} onagain={asked.again} />
	{/if}
	{#if found && order.lines.length > 0}
		<section aria-labelledby="sum-title" class="min-w-0">
			<h2 id="sum-title" class="mb-1 text-base">In all</h2>
			<div class="grid grid-cols-2 gap-x-4 gap-y-2">
				<div>
					<span class="hint block">The yarn gives</span>
					<span class="figure block text-[1.65rem] leading-8 font-semibold"
						>{gives} <span class="text-[0.62em] font-normal">of {wanted}</span></span
					>
				</div>
				<Figure
					large
					figure={figure(
						'At the crank',
						'hours',
						{ ...found.plan.crank, mean: found.plan.crank.mean / 60, sd: found.plan.crank.sd / 60 },
						[]
					)}
				/>
				{#if found.plan.byHand.mean > 0}<Figure
						figure={figure(
							'By hand, of folded and stuffed things',
							'hours',
							{
								...found.plan.byHand,
								mean: found.plan.byHand.mean / 60,
								sd: found.plan.byHand.sd / 60
							},
							[]
						)}
					/>{/if}
			</div>
			{#if !found.plan.best}<p class="hint mt-1">
					A long order: this is the best mix found, and there may be one a little better.
				</p>{/if}
			{#if missing.length > 0}
				<p class="mt-3 text-sm">
					<b>Runs short:</b>
					{missing
						.map((y) => {
							const yarn = yarnOf(y.yarnId);
							return `${yarn?.colourName ?? 'a yarn'}, ${y.ballsMissing === 1 ? '1 ball' : `${y.ballsMissing} balls`} more${y.ballsToBeSure > y.ballsMissing ? ` (${y.ballsToBeSure} to be sure)` : ''}`;
						})
						.join('; ')}.
				</p>
			{/if}
		</section>
	{/if}
</div>

{#if found && order.lines.length > 0}
	<div class="rule-line mt-5 grid gap-x-10 gap-y-5 border-t pt-3 lg:grid-cols-2">
		<section aria-labelledby="first-title" class="min-w-0">
			<h2 id="first-title" class="mb-1 text-base">What to make first</h2>
			<ol class="text-sm">
				{#each found.plan.batches as b, i (i)}
					{@const line = entryAt(found.lines, b.line)}
					{@const yarn = b.yarnId ? yarnOf(b.yarnId) : null}
					<li class="rule-line flex gap-3 border-t py-1.5">
						<span class="figure w-5 text-right">{i + 1}</span>
						<span class="min-w-0 flex-1"
							><b>{b.count} × {nameOf(line.projectId)}</b><span class="quiet"
								>, {WHY[b.why]}{yarn && b.why !== 'sure' ? `: ${yarn.colourName}` : ''}</span
							></span
						>
						<span class="figure shrink-0">{printWithSpread(b.minutes, 'minutes', units)}</span>
					</li>
				{/each}
			</ol>
		</section>
		<section aria-labelledby="order-yarn-title" class="min-w-0">
			<h2 id="order-yarn-title" class="mb-1 text-base">Yarn for all of it</h2>
			<ul>
				{#each found.plan.yarns as y (y.yarnId)}
					{@const yarn = yarnOf(y.yarnId)}
					{#if yarn}
						<OrderYarn {y} {yarn} lookup={yarnOf} {units} />
					{/if}
				{/each}
			</ul>
		</section>
	</div>
{/if}
<p class="no-print mt-8">
	<button class="btn btn-sm" onclick={remove}>Take this order off the shelf</button>
</p>
