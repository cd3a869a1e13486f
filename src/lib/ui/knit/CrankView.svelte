<script lang="ts">
	import { goto } from '$app/navigation';
	import { onMount } from 'svelte';
	import { notices } from '$lib/ui/state/notices.svelte';
	import { minutesSinceRest } from '$lib/core/crank/pace';
	import type { SettledBy } from '$lib/core/model/kinds';
	import type { Project, RunEvent } from '$lib/core/model/project';
	import { eventContext } from '$lib/core/words/context';
	import { eventsSince } from '$lib/store/runs';
	import Dialog from '../parts/Dialog.svelte';
	import Lazy from '../parts/Lazy.svelte';
	import LeaveGuard from '../parts/LeaveGuard.svelte';
	import KeysHelp from '../parts/KeysHelp.svelte';
	import type { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';
	import CountDialogs from './CountDialogs.svelte';
	import type { DialogName } from './dialogs';
	import CrankFoot from './CrankFoot.svelte';
	import CrankKeys from './CrankKeys.svelte';
	import CrankNotices from './CrankNotices.svelte';
	import CrankTap from './CrankTap.svelte';
	import DeviceDialog from './DeviceDialog.svelte';
	import { Awake } from './hands-free/awake.svelte';
	import { RowSource } from './hands-free/row-source.svelte';
	import { passAt } from './hands-free/sensor-setup';
	import { play } from './hands-free/sounds';
	import { tellRows } from './hands-free/tell-rows.svelte';
	import { Voice } from './hands-free/voice.svelte';
	import MakePicker from './MakePicker.svelte';

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

	type DialogName =
		'jump' | 'happened' | 'fault' | 'repair' | 'off' | 'hands' | 'device' | 'keys' | 'more';
	let dialog = $state<DialogName | null>(null);
	let paused = $state(false);
	const close = () => (dialog = null);

	const running = $derived(settings.counter === 'running');
	/** What would be lost by leaving now. */
	const unstored = $derived(
		run.pending === 0 ? null : run.pending === 1 ? 'one press' : `${run.pending} presses`
	);
	const open = $derived(crank.state.faults.filter((f) => !crank.state.mended.has(f.id)));
	const piece = $derived(crank.key);

	// What was cranked before this visit, for breaks; and when the last row came, to know a stop of the crank.
	let earlierToday = $state.raw<readonly RunEvent[]>([]);
	let now = $state(Date.now());
	const MOVING_MS = 2500;
	const moving = $derived(crank.state.lastAt !== null && now - crank.state.lastAt < MOVING_MS);
	const spell = $derived(
		minutesSinceRest(
			[...earlierToday.filter((e) => e.projectId !== project.id), ...run.events],
			now
		)
	);

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

	tellRows({
		crank: () => crank,
		run: () => run,
		settings: () => settings,
		context: () => context,
		voice,
		ontell: () => (now = Date.now())
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

	const KEYS: Record<string, () => unknown> = {
		backspace: undo,
		u: undo,
		j: () => (dialog = 'jump'),
		f: () => (dialog = 'fault'),
		r: () => (dialog = 'repair'),
		o: () => (dialog = 'off'),
		h: () => (dialog = 'hands'),
		n: () => (dialog = 'happened'),
		p: pause,
		c: () => workbench.set({ counter: running ? 'zeroed' : 'running' }),
		escape: () => goto(`/project/${project.id}/plan`)
	};
</script>

<CrankKeys oncount={press} does={KEYS} pedal={settings.pedalKey} asleep={dialog !== null} />

{#snippet rareActs()}
	<button class="btn" data-control onclick={() => (dialog = 'happened')}
		>New ball, slot, note</button
	>
	<button class="btn" data-control onclick={() => (dialog = 'jump')}>Jump to a row</button>
	<button class="btn" data-control onclick={() => (dialog = 'off')}>Some rows off?</button>
	<button class="btn" data-control onclick={() => (dialog = 'fault')}
		>Note a fault{crank.state.faults.length ? ` (${crank.state.faults.length})` : ''}</button
	>
	{#if open.length > 0}
		<button class="btn" data-control onclick={() => (dialog = 'repair')}
			>Set right ({open.length})</button
		>
	{/if}
	<button class="btn" data-control onclick={() => (dialog = 'device')}>To another device</button>
{/snippet}

<div class="crank grid h-dvh grid-cols-[minmax(0,1fr)] overflow-hidden">
	<header class="flex items-center gap-2 px-3 pt-2 sm:px-5">
		<a href={`/project/${project.id}/plan`} class="btn btn-sm" data-control>Plan</a>
		<h1 class="truncate text-lg max-sm:sr-only">{project.name}</h1>
		<MakePicker {crank} />
		<span class="ml-auto flex items-center gap-2 text-sm whitespace-nowrap">
			<span
				class="border-base-content/70 inline-block size-4 rounded-[4px] border-[1.5px]"
				style:background={crank.colour}
			></span>
			<span class="max-sm:sr-only">{crank.feeding}</span>
			<button class="btn btn-sm" data-control onclick={() => (dialog = 'hands')}
				>{source.kind
					? source.state === 'unplugged'
						? 'Unplugged'
						: 'Counts itself'
					: 'Hands busy'}</button
			>
			<button
				class="btn btn-sm max-[380px]:hidden"
				data-control
				onclick={() => (dialog = 'keys')}
				aria-label="Keys that work here">?</button
			>
		</span>
	</header>

	<CrankNotices
		{run}
		{crank}
		{context}
		{moving}
		{unstored}
		unplugged={source.state === 'unplugged'}
		minutes={spell}
		{now}
		onsettle={settle}
		onfind={() => (dialog = 'off')}
	/>
	<CrankTap {crank} {context} {suspects} {paused} pending={run.pending} onpress={press} />
	<CrankFoot
		{crank}
		{paused}
		open={open.length}
		onundo={undo}
		onpause={pause}
		ontakeoff={() => void takeOff()}
		{rareActs}
		onmore={() => (dialog = 'more')}
	/>
</div>

<CountDialogs
	{dialog}
	{crank}
	{run}
	onclose={close}
	onsettle={settle}
	onjump={(to) => {
		run.add({ type: 'jump', piece, to });
		source.answered();
	}}
	onoff={() => {
		close();
		void takeOff();
	}}
/>
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
</style>
