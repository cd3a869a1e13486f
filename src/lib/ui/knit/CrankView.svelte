<script lang="ts">
	import { goto } from '$app/navigation';
	import { onMount, untrack } from 'svelte';
	import { notices } from '$lib/ui/state/notices.svelte';
	import { BREAK_AFTER_MINUTES, minutesSinceRest } from '$lib/core/crank/pace';
	import type { SettledBy } from '$lib/core/model/kinds';
	import type { Project, RunEvent } from '$lib/core/model/project';
	import { eventContext } from '$lib/core/words/events';
	import { isEventRow, isWarnRow, spokenAt } from '$lib/core/words/spoken';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { eventsSince } from '$lib/store/runs';
	import { MOST_EVENTS } from '$lib/core/model/kinds';
	import Dialog from '../parts/Dialog.svelte';
	import Lazy from '../parts/Lazy.svelte';
	import LeaveGuard from '../parts/LeaveGuard.svelte';
	import NotStored from '../parts/NotStored.svelte';
	import KeysHelp from '../parts/KeysHelp.svelte';
	import Ribbon from '../pictures/Ribbon.svelte';
	import { foldRow } from '../state/ribbon-pins';
	import type { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';
	import DeviceDialog from './DeviceDialog.svelte';
	import DoubtBar from './DoubtBar.svelte';
	import FaultDialog from './FaultDialog.svelte';
	import { Awake } from './hands-free/awake.svelte';
	import { RowSource } from './hands-free/row-source.svelte';
	import { passAt } from './hands-free/sensor-setup';
	import { play } from './hands-free/sounds';
	import { Voice } from './hands-free/voice.svelte';
	import JumpDialog from './JumpDialog.svelte';
	import MakePicker from './MakePicker.svelte';
	import MiscountDialog from './MiscountDialog.svelte';
	import NextSide from './NextSide.svelte';
	import RepairDialog from './RepairDialog.svelte';
	import RingNow from './RingNow.svelte';

	interface Props {
		project: Project;
		crank: Crank;
		run: Run;
		/** Pins of this machine that fault more than chance, from 1. */
		suspects: readonly number[];
	}
	let { project, crank, run, suspects }: Props = $props();
	const workbench = useWorkbench();
	const settings = $derived(workbench.settings);
	const context = $derived(eventContext(crank.plan, crank.machine, workbench.units));

	type DialogName = 'jump' | 'fault' | 'repair' | 'off' | 'hands' | 'device' | 'keys' | 'more';
	let dialog = $state<DialogName | null>(null);
	let paused = $state(false);
	const close = () => (dialog = null);

	const position = $derived(crank.position);
	const running = $derived(settings.counter === 'running');
	const waste = $derived(position.leg.kind === 'waste');
	const count = $derived(waste || !running ? position.inLeg : position.main);
	const of = $derived(waste || !running ? position.leg.rows : crank.piece.mainRows);
	/** What would be lost by leaving now. */
	const unstored = $derived(
		run.pending === 0 ? null : run.pending === 1 ? 'one press' : `${run.pending} presses`
	);
	const open = $derived(crank.state.faults.filter((f) => !crank.state.mended.has(f.id)));
	const piece = $derived(crank.key);

	// What was cranked before this visit, for breaks; and when the last row came, to know a stop of the crank.
	let earlierToday = $state.raw<readonly RunEvent[]>([]);
	let now = $state(Date.now());
	let snoozedUntil = $state(0);
	const MOVING_MS = 2500;
	const moving = $derived(crank.state.lastAt !== null && now - crank.state.lastAt < MOVING_MS);
	const spell = $derived(
		minutesSinceRest(
			[...earlierToday.filter((e) => e.projectId !== project.id), ...run.events],
			now
		)
	);
	const breakDue = $derived(spell >= BREAK_AFTER_MINUTES && now > snoozedUntil);

	const voice = new Voice();
	const awake = new Awake();
	const source = new RowSource({
		rows: (rows, by) => {
			const room = crank.sheet.totalRows - crank.pressed;
			for (let i = 0; i < Math.min(rows, room); i++) run.add({ type: 'row', piece, by });
		},
		ask: ({ fewer, more, why }) => {
			const done = crank.pressed;
			const high = Math.min(crank.sheet.totalRows, done + more);
			const low = Math.max(0, done - fewer);
			if (low < high) {
				run.add({ type: 'doubt', piece, why, low, high });
				if (settings.warnSound) play('question');
			} else source.answered();
		},
		settled: () => {
			if (crank.state.doubt) run.add({ type: 'settle', piece, to: crank.pressed, by: 'sensor' });
		}
	});
	onMount(() => {
		const stopVoice = voice.find();
		eventsSince(workbench.db, Date.now() - 4 * 3_600_000).then(
			(e) => (earlierToday = e),
			() => undefined
		);
		const timer = setInterval(() => (now = Date.now()), 1000);
		return () => {
			clearInterval(timer);
			stopVoice();
			source.stop();
		};
	});
	$effect(() => (settings.awake ? awake.hold() : undefined));
	$effect(() => source.setPass(passAt(crank)));
	// Another piece, another tab that leads: what counted for this one does not count on.
	$effect(() => {
		if (piece && run.leads) return () => source.stop();
	});

	/** Sounds and words for the row that was just done; only where this tab counts. */
	let told = untrack(() => crank.state.done);
	$effect(() => {
		const { done } = crank.state;
		untrack(() => {
			now = Date.now();
			if (done <= told || !run.leads) {
				told = done;
				return;
			}
			told = done;
			if (isEventRow(crank.sheet, done)) {
				if (settings.eventSound) play('event');
			} else if (isWarnRow(crank.sheet, done)) {
				if (settings.warnSound) play('warn');
			} else if (settings.rowSound) play('row');
			const words = settings.voice ? spokenAt(crank.sheet, done, context) : null;
			if (words) voice.say(words);
		});
	});
	$effect(() => {
		if (run.refused > 0) void notices.warn('Not counted here: another tab counts this run.');
	});

	function press() {
		if (paused) {
			paused = false;
			return;
		}
		if (!run.leads) {
			void notices.say('This tab follows. Count in the other one, or take over here.');
			return;
		}
		if (crank.pressed >= crank.sheet.totalRows) {
			void notices.say('The plan ends here. To knit on, give it more rows in the plan.');
			return;
		}
		run.add({ type: 'row', piece });
	}
	function undo() {
		if (run.leads && (crank.state.past.length > 0 || crank.state.off))
			run.add({ type: 'undo', piece });
	}
	function pause() {
		paused = !paused;
		if (paused) run.add({ type: 'pause', piece });
	}
	function settle(to: number, by: SettledBy) {
		run.add({ type: 'settle', piece, to, by });
		source.answered();
	}
	async function takeOff() {
		const last = crank.progress.makes.filter((m) => !m.run.off).length === 1;
		const name = crank.piece.name.toLowerCase();
		run.add({ type: 'off', piece });
		source.stop();
		if (last) await goto(`/project/${project.id}/finish`);
		else {
			crank.chosen = null;
			void notices.say(`The ${name} is off. On to the next.`);
		}
	}

	const COUNT_KEYS = new Set([' ', 'Enter', 'PageDown', 'ArrowRight', 'ArrowDown']);
	const KEYS: Record<string, () => unknown> = {
		backspace: undo,
		u: undo,
		j: () => (dialog = 'jump'),
		f: () => (dialog = 'fault'),
		r: () => (dialog = 'repair'),
		o: () => (dialog = 'off'),
		h: () => (dialog = 'hands'),
		p: pause,
		c: () => workbench.set({ counter: running ? 'zeroed' : 'running' }),
		escape: () => goto(`/project/${project.id}/plan`)
	};
	/** What lies over the crank as a key goes down: the key is its own, and what closes by it closes nothing else. */
	let covered = false;
	const oncapture = () =>
		(covered = document.querySelector('[role="dialog"], [role="listbox"]') !== null);
	function onkeydown(e: KeyboardEvent) {
		if (dialog || covered || e.defaultPrevented || e.ctrlKey || e.metaKey || e.altKey) return;
		const onControl = e.target instanceof HTMLElement && e.target.matches('[data-control]');
		const activates = e.key === ' ' || e.key === 'Enter' || e.key.startsWith('Arrow');
		if ((COUNT_KEYS.has(e.key) || e.key === settings.pedalKey) && !(onControl && activates)) {
			e.preventDefault();
			// A key held down is one row, not many.
			if (!e.repeat) press();
			return;
		}
		const does = KEYS[e.key.toLowerCase()];
		if (e.repeat || !does || (onControl && e.target instanceof HTMLSelectElement)) return;
		e.preventDefault();
		void does();
	}
</script>

<svelte:window onkeydowncapture={oncapture} {onkeydown} />

{#snippet rareActs()}
	<button class="act" data-control onclick={() => (dialog = 'jump')}>Jump to a row</button>
	<button class="act" data-control onclick={() => (dialog = 'off')}>Some rows off?</button>
	<button class="act" data-control onclick={() => (dialog = 'fault')}
		>Note a fault{crank.state.faults.length ? ` (${crank.state.faults.length})` : ''}</button
	>
	{#if open.length > 0}
		<button class="act" data-control onclick={() => (dialog = 'repair')}
			>Set right ({open.length})</button
		>
	{/if}
	<button class="act" data-control onclick={() => (dialog = 'device')}>To another device</button>
{/snippet}

<div class="crank grid h-dvh overflow-hidden">
	<header class="flex items-center gap-2 px-3 pt-2 sm:px-5">
		<a href={`/project/${project.id}/plan`} class="act act-small" data-control>Plan</a>
		<h1 class="truncate text-lg max-sm:sr-only">{project.name}</h1>
		<MakePicker {crank} />
		<span class="ml-auto flex items-center gap-2 text-sm whitespace-nowrap">
			<span
				class="border-base-content/70 inline-block size-4 rounded-[4px] border-[1.5px]"
				style:background={crank.colour}
			></span>
			<span class="max-sm:sr-only">{crank.feeding}</span>
			<button class="act act-small" data-control onclick={() => (dialog = 'hands')}
				>{source.kind
					? source.state === 'unplugged'
						? 'Unplugged'
						: 'Counts itself'
					: 'Hands busy'}</button
			>
			<button
				class="act act-small"
				data-control
				onclick={() => (dialog = 'keys')}
				aria-label="Keys that work here">?</button
			>
		</span>
	</header>

	<div class="grid gap-1">
		{#if run.trouble}
			<NotStored trouble={run.trouble} what={unstored ?? 'the run'} onagain={() => run.retry()} />
		{/if}
		{#if run.full}
			<p class="border-error mx-3 rounded-[5px] border px-3 py-1.5 sm:mx-5" role="alert">
				This run has {MOST_EVENTS.toLocaleString('en-GB')} events, the most that a file takes: no more
				are counted. Go on with another project.
			</p>
		{/if}
		{#if !run.leads}
			<p class="border-warning mx-3 rounded-[5px] border px-3 py-1.5 sm:mx-5" role="status">
				Another tab counts this run; this one follows it row by row.
				<button class="act act-small" data-control onclick={() => run.takeOver()}
					>Count here instead</button
				>
			</p>
		{/if}
		{#if source.state === 'unplugged'}
			<p class="border-warning mx-3 rounded-[5px] border px-3 py-1.5 sm:mx-5" role="alert">
				The row sensor is unplugged: turns are not seen. Stop and plug it in, or count by key.
			</p>
		{/if}
		{#if crank.state.doubt && run.leads}
			<DoubtBar
				{crank}
				doubt={crank.state.doubt}
				{moving}
				onsettle={(to) => settle(to, to === crank.state.done ? 'kept' : 'counter')}
				onfind={() => (dialog = 'off')}
			/>
		{/if}
		{#if breakDue && !moving}
			<p class="border-warning mx-3 rounded-[5px] border px-3 py-1.5 text-sm sm:mx-5" role="status">
				{Math.round(spell)} minutes at the crank: rest hands and shoulders for five. {CAUTIONS.strain}
				<button
					class="act act-small"
					data-control
					onclick={() => (snoozedUntil = Date.now() + 10 * 60_000)}>Later</button
				>
			</p>
		{/if}
	</div>

	<button
		class="tap min-h-0 cursor-pointer overflow-hidden text-left"
		onclick={press}
		aria-label={`Count a row; ${count} of ${of} ${waste ? 'waste rows' : 'rows'} done`}
		data-testid="tap"
	>
		<span class="now">
			<span class="count-side relative grid content-center justify-items-center">
				<span class="quiet text-center text-base sm:text-xl"
					>{waste ? 'waste rows' : running ? 'rows' : `rows of ${crank.feeding}`}</span
				>
				<span
					class={['figure count text-base-content font-semibold', crank.due.length > 0 && 'less']}
					data-testid="count">{count}</span
				>
				<span class="figure quiet text-2xl sm:text-4xl">of {of}</span>
				<!-- The mark of a press, at once; it goes when the row is on disk and the number has moved. -->
				<span class="marks" aria-hidden="true" data-testid="marks" data-pending={run.pending}>
					{#each { length: Math.min(12, run.pending) }, i (i)}<i></i>{/each}
				</span>
				<span class="quiet mt-1 text-center text-base sm:text-lg" data-testid="left">
					{#if position.finished}
						all rows done
					{:else}
						{printWithSpread(crank.left, 'minutes', workbench.units)} left{#if crank.progress.makes.length > 1}<span
								class="of-all"
								>, {printWithSpread(crank.leftOfAll, 'minutes', workbench.units)} for all</span
							>{/if}
					{/if}
				</span>
			</span>
			<span class={['ring-side grid place-items-center px-4', crank.due.length > 0 && 'busy']}
				><RingNow {crank} {suspects} /></span
			>
			<span class="next-side grid content-center gap-2 px-4 sm:px-6" aria-live="polite">
				{#if paused}
					<span class="figure block text-4xl font-semibold">Paused</span>
					<span class="text-lg">The count is safe. Any count key goes on, without counting.</span>
				{:else}
					<NextSide {crank} {context} />
				{/if}
			</span>
		</span>
	</button>

	<footer class="px-3 pb-3 sm:px-5">
		<p class="mb-1 flex flex-wrap justify-between gap-x-3 text-sm min-[400px]:text-base sm:text-lg">
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
			<span class="quiet counter-note"
				>{crank.machine.counter === 'none'
					? 'this machine counts nothing itself'
					: crank.panel && crank.machine.counter === 'tube'
						? 'its counter counts tubes only: this panel is counted here'
						: 'the machine’s counter should read one of these'}</span
			>
		</p>
		<div class="ribbon">
			<Ribbon
				piece={crank.piece}
				yarns={crank.plan.yarns}
				gauges={crank.plan.gauges}
				units={workbench.units}
				foldRow={foldRow(crank.plan)}
				knitted={position.main}
				band={38}
				rulers={false}
				label="Where you are on the piece"
			/>
		</div>
		<div class="mt-2 flex flex-wrap gap-2">
			<button class="act" data-control onclick={undo} disabled={crank.state.past.length === 0}
				>Undo</button
			>
			<button class="act" data-control onclick={pause} aria-pressed={paused}
				>{paused ? 'Go on' : 'Pause'}</button
			>
			<span class="all-acts contents">{@render rareActs()}</span>
			<button class="act more-acts" data-control onclick={() => (dialog = 'more')}
				>More{open.length > 0 ? ` (${open.length} to set right)` : ''}</button
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
		sheet={crank.sheet}
		{position}
		onclose={close}
		onjump={(to) => {
			run.add({ type: 'jump', piece, to });
			source.answered();
		}}
	/>
{:else if dialog === 'fault'}
	<FaultDialog
		machine={crank.machine}
		row={position.main}
		inWork={crank.panel && crank.row ? { low: crank.row.low + 1, high: crank.row.high + 1 } : null}
		onclose={close}
		onfault={(f) => run.add({ type: 'fault', piece, ...f })}
	/>
{:else if dialog === 'repair'}
	<RepairDialog
		faults={open}
		onclose={close}
		onmended={(f) => run.add({ type: 'mend', piece, fault: f.id })}
	/>
{:else if dialog === 'off'}
	<MiscountDialog {crank} onsettle={settle} onclose={close} />
{/if}
{#if dialog === 'more'}
	<Dialog open title="At the crank" onclose={close}>
		<div class="grid gap-2">{@render rareActs()}</div>
	</Dialog>
{/if}
{#if dialog === 'hands'}
	<Lazy
		load={() => import('./hands-free/HandsFree.svelte')}
		props={{ crank, source, voice, awake, onclose: close }}
		onfail={close}
	/>
{:else if dialog === 'device'}
	<DeviceDialog {project} onclose={close} />
{/if}
<LeaveGuard
	what={run.trouble && unstored ? `${unstored} ${run.pending === 1 ? 'is' : 'are'}` : null}
	onagain={() => run.retry()}
/>
<KeysHelp bind:open={() => dialog === 'keys', (o) => (dialog = o ? 'keys' : null)} />

<style>
	.crank {
		/* Never wider than the screen: a device is turned in the hand while counting. */
		grid-template-columns: minmax(0, 1fr);
		grid-template-rows: auto auto minmax(0, 1fr) auto;
	}
	/* What there is room for is asked of the tap itself: the ring gives way first, the instruction never. */
	.tap {
		container: tap / size;
		touch-action: manipulation;
	}
	.now {
		display: grid;
		height: 100%;
		grid-template-columns: minmax(0, 1.1fr) auto minmax(0, 1fr);
	}
	.count {
		font-size: min(56cqh, 23cqw);
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
	.more-acts {
		display: none;
	}
	@container tap (height < 480px) {
		.of-all {
			display: none;
		}
	}
	@container tap (width < 720px) {
		.now {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: auto auto minmax(0, 1fr);
			row-gap: 0.5rem;
		}
		.ring-side {
			order: 1;
		}
		.ring-side.busy {
			display: none;
		}
		.count {
			font-size: min(30cqh, 42cqw);
		}
		.count.less {
			font-size: min(20cqh, 30cqw);
		}
	}
	@container tap (height < 330px) {
		.ring-side {
			display: none;
		}
		.now {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
			grid-template-rows: minmax(0, 1fr);
		}
		.count,
		.count.less {
			font-size: min(44cqh, 18cqw);
		}
		.marks {
			margin-top: 2px;
		}
	}
	@container tap (width < 720px) and (height < 540px) {
		.ring-side {
			display: none;
		}
	}
	@container tap (width < 420px) and (height < 330px) {
		.now {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: auto minmax(0, 1fr);
		}
	}
	@media (max-width: 760px), (max-height: 560px) {
		.all-acts,
		.counter-note {
			display: none;
		}
		.more-acts {
			display: block;
		}
	}
	@media (max-height: 480px) {
		.ribbon {
			display: none;
		}
	}
</style>
