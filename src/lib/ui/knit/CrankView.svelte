<script lang="ts">
	import { goto } from '$app/navigation';
	import { teller } from '$lib/ui/state/tell.svelte';
	import { markerPin } from '$lib/core/machine/ring';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { WASTE } from '$lib/core/program/program';
	import { eventsAhead, positionAt, type RunSheetEvent } from '$lib/core/runsheet/runsheet';
	import { wordEvent } from '$lib/core/words/events';
	import KeysHelp from '../parts/KeysHelp.svelte';
	import Ribbon from '../pictures/Ribbon.svelte';
	import Ring from '../pictures/Ring.svelte';
	import { yarnNamer } from '../state/ribbon-pins';
	import type { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import FaultDialog from './FaultDialog.svelte';
	import JumpDialog from './JumpDialog.svelte';

	let { project, plan, run }: { project: Project; plan: Plan; run: Run } = $props();
	const workbench = useWorkbench();
	const piece = $derived(plan.pieces[0]!);
	const sheet = $derived(piece.sheet);
	const position = $derived(positionAt(sheet, run.state.done)!);
	const context = $derived({
		units: workbench.units,
		machine: plan.machine,
		yarnName: yarnNamer(plan)
	});

	let dialog = $state<'jump' | 'fault' | 'keys' | null>(null);
	const running = $derived(workbench.settings.counter === 'running');
	const waste = $derived(position.leg.kind === 'waste');
	const count = $derived(waste || !running ? position.inLeg : position.main);
	const of = $derived(waste || !running ? position.leg.rows : piece.mainRows);
	const colour = $derived(
		position.leg.yarn === WASTE ? '#9fb0b8' : (plan.yarns[position.leg.yarn]?.colour ?? '#9fb0b8')
	);
	const feeding = $derived(
		position.leg.yarn === WASTE ? 'waste yarn' : yarnNamer(plan)(position.leg.yarn)
	);

	const ahead = $derived(eventsAhead(sheet, run.state.done).filter((e) => e.kind !== 'cast-on'));
	const slow = $derived(ahead.find((e) => e.kind === 'slow' && e.after <= run.state.done));
	const isAct = (e: RunSheetEvent) => e.kind !== 'slow';
	const due = $derived(ahead.filter((e) => isAct(e) && e.after === run.state.done));
	const coming = $derived(ahead.filter((e) => isAct(e) && e.after > run.state.done));
	const next = $derived(coming[0]);
	const total = $derived(run.state.done + run.pending);

	function press() {
		if (total >= sheet.totalRows) {
			void teller.say('The plan ends here. To knit on, give it more rows in the plan.');
			return;
		}
		run.add({ type: 'row', piece: piece.id });
	}
	function undo() {
		if (run.state.past.length > 0 || run.state.off) run.add({ type: 'undo', piece: piece.id });
	}
	async function takeOff() {
		run.add({ type: 'off', piece: piece.id });
		await goto(`/project/${project.id}/finish`);
	}

	const COUNT_KEYS = new Set([' ', 'Enter', 'PageDown', 'ArrowRight', 'ArrowDown']);
	function onkeydown(e: KeyboardEvent) {
		if (dialog || e.ctrlKey || e.metaKey || e.altKey) return;
		const onControl = e.target instanceof HTMLElement && e.target.matches('[data-control]');
		const activates = e.key === ' ' || e.key === 'Enter';
		if (COUNT_KEYS.has(e.key) && !(onControl && activates)) {
			e.preventDefault();
			// A key held down is one row, not many.
			if (!e.repeat) press();
			return;
		}
		if (e.repeat) return;
		switch (e.key.toLowerCase()) {
			case 'backspace':
			case 'u':
				e.preventDefault();
				return undo();
			case 'j':
				e.preventDefault();
				dialog = 'jump';
				return;
			case 'f':
				e.preventDefault();
				dialog = 'fault';
				return;
			case 'c':
				return void workbench.set({ counter: running ? 'zeroed' : 'running' });
			case 'escape':
				return void goto(`/project/${project.id}/plan`);
		}
	}
	const inRows = (e: RunSheetEvent) => e.after - run.state.done;
</script>

<svelte:window {onkeydown} />

<div class="crank grid h-dvh overflow-hidden">
	<header class="flex items-center gap-2 px-3 pt-2 sm:px-5">
		<a href={`/project/${project.id}/plan`} class="act act-small" data-control>Plan</a>
		<h1 class="truncate text-lg">{project.name}</h1>
		<span class="ml-auto flex items-center gap-2 text-sm whitespace-nowrap">
			<span
				class="border-base-content/70 inline-block size-4 rounded-[4px] border-[1.5px]"
				style:background={colour}
			></span>
			<span class="max-sm:max-w-24 max-sm:truncate">{feeding}</span>
			<button
				class="act act-small"
				data-control
				onclick={() => (dialog = 'keys')}
				aria-label="Keys that work here">?</button
			>
		</span>
	</header>

	{#if run.failure}
		<p class="bg-error text-error-content px-4 py-2" role="alert">
			Not stored: {run.failure}. The number stands at what is safe.
			<button class="act act-small" data-control onclick={() => run.retry()}>Try again</button>
		</p>
	{/if}

	<button
		class="tap grid min-h-0 cursor-pointer overflow-hidden text-left"
		onclick={press}
		aria-label={`Count a row; ${count} of ${of} ${waste ? 'waste rows' : 'rows'} done`}
		data-testid="tap"
	>
		<span class="count-side relative grid content-center justify-items-center">
			<span class="quiet text-center text-base sm:text-xl"
				>{waste ? 'waste rows' : running ? 'rows' : `rows of ${feeding}`}</span
			>
			<span class="figure count text-base-content font-semibold" data-testid="count">{count}</span>
			<span class="figure quiet text-2xl sm:text-4xl">of {of}</span>
			<!-- The mark of a press, at once; it goes when the row is on disk and the number has moved. -->
			<span class="marks" aria-hidden="true" data-testid="marks" data-pending={run.pending}>
				{#each { length: Math.min(12, run.pending) }, i (i)}<i></i>{/each}
			</span>
		</span>
		<span class="ring-side grid place-items-center">
			<Ring
				pins={plan.machine.pins}
				marker={markerPin(plan.machine)}
				size={230}
				turn={run.state.done}
				{colour}
				label={`Row ${run.state.done} done`}
			/>
		</span>
		<span class="next-side grid content-center gap-2 px-4 sm:px-6" aria-live="polite">
			{#each due as e (e.kind + e.after)}
				{@const w = wordEvent(e, context)}
				<span class="bg-accent text-accent-content block rounded-[5px] px-3 py-2">
					<span class="figure block text-2xl leading-tight font-semibold sm:text-4xl"
						>{w.title}</span
					>
					<span class="block text-base sm:text-lg">{w.how}</span>
				</span>
			{:else}
				{#if next}
					{@const w = wordEvent(next, context)}
					<span class="block">
						<span class="quiet block text-base sm:text-xl">next, in</span>
						<span
							class="figure block text-7xl leading-none font-semibold sm:text-8xl"
							data-testid="next-in">{inRows(next)}</span
						>
						<span class="figure mt-2 block text-3xl leading-tight sm:text-4xl">{w.title}</span>
					</span>
				{/if}
			{/each}
			{#if slow?.kind === 'slow'}
				<span class="block text-lg sm:text-2xl"
					><span class="border-accent text-accent rounded-[5px] border-2 px-2">slowly</span>
					<span class="quiet"
						>{slow.until - run.state.done === 1
							? 'this row'
							: `${slow.until - run.state.done} rows`}</span
					></span
				>
			{/if}
			<span class="quiet block text-sm sm:text-lg">
				{#each coming.slice(due.length ? 0 : 1, due.length ? 2 : 3) as e (e.kind + e.after)}
					<span class="block truncate"
						><span class="figure">{inRows(e)}</span> to: {wordEvent(e, context).title}</span
					>
				{/each}
			</span>
		</span>
	</button>

	<footer class="px-3 pb-3 sm:px-5">
		<p class="mb-1 flex flex-wrap justify-between gap-x-6 text-base sm:text-lg">
			{#each [{ id: 'running', label: 'left running', now: waste ? position.inLeg : position.main, of: '', on: running }, { id: 'zeroed', label: 'zeroed each section', now: position.inLeg, of: ` of ${position.leg.rows}`, on: !running }] as const as c (c.id)}
				<button
					data-control
					class={['cursor-pointer', c.on && 'underline decoration-2 underline-offset-4']}
					aria-pressed={c.on}
					title="Show this reading large"
					onclick={() => workbench.set({ counter: c.id })}
				>
					{c.label}
					<b class="figure" data-testid={c.id}>{c.now}</b>{c.of}
				</button>
			{/each}
			<span class="quiet max-sm:hidden"
				>{plan.machine.counter === 'none'
					? 'this machine counts nothing itself'
					: 'the machine’s counter should read one of these'}</span
			>
		</p>
		<Ribbon
			{piece}
			yarns={plan.yarns}
			gauges={plan.gauges}
			units={workbench.units}
			foldRow={plan.tucked.foldRow}
			knitted={waste && position.leg.start === 0 ? 0 : waste ? piece.mainRows : position.main}
			band={38}
			rulers={false}
			label="Where you are on the tube"
		/>
		<div class="mt-2 flex flex-wrap gap-2">
			<button class="act" data-control onclick={undo} disabled={run.state.past.length === 0}
				>Undo</button
			>
			<button class="act" data-control onclick={() => (dialog = 'jump')}>Jump to a row</button>
			<button class="act" data-control onclick={() => (dialog = 'fault')}
				>Note a fault{run.state.faults.length ? ` (${run.state.faults.length})` : ''}</button
			>
			{#if position.finished}
				<button class="act act-now ml-auto" data-control onclick={takeOff}
					>It is off the machine</button
				>
			{/if}
		</div>
	</footer>
</div>

{#if dialog === 'jump'}
	<JumpDialog
		{sheet}
		{position}
		onclose={() => (dialog = null)}
		onjump={(to) => run.add({ type: 'jump', piece: piece.id, to })}
	/>
{:else if dialog === 'fault'}
	<FaultDialog
		machine={plan.machine}
		row={position.main}
		onclose={() => (dialog = null)}
		onfault={(f) => run.add({ type: 'fault', piece: piece.id, ...f })}
	/>
{/if}
<KeysHelp bind:open={() => dialog === 'keys', (o) => (dialog = o ? 'keys' : null)} />

<style>
	.crank {
		grid-template-rows: auto 1fr auto;
	}
	.crank:has(> p) {
		grid-template-rows: auto auto 1fr auto;
	}
	.tap {
		grid-template-columns: minmax(0, 1.1fr) auto minmax(0, 1fr);
		touch-action: manipulation;
	}
	.count {
		font-size: min(46vh, 25vw);
		line-height: 0.9;
		letter-spacing: -0.02em;
	}
	.marks {
		display: flex;
		gap: 8px;
		height: 14px;
		margin-top: 10px;
	}
	.marks i {
		width: 14px;
		height: 14px;
		border-radius: 50%;
		background: var(--color-accent);
	}
	@media (max-width: 760px) {
		.tap {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: auto 1fr;
			padding-top: 0.75rem;
		}
		.ring-side {
			display: none;
		}
		.count {
			font-size: min(34vh, 50vw);
		}
	}
</style>
