<script lang="ts">
	import { SimulatedClicks } from '$lib/device/simulated-clicks';
	import { Microphone } from '$lib/device/microphone';
	import Caution from '../../parts/Caution.svelte';
	import Choice from '../../parts/Choice.svelte';
	import Dialog from '../../parts/Dialog.svelte';
	import { notices } from '../../state/notices.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import type { Crank } from '../crank.svelte';
	import type { Awake } from './awake.svelte';
	import { INSECURE } from './insecure';
	import type { RowSource } from './row-source.svelte';
	import { sensorFor, type Trouble } from './sensor-setup';
	import { play, type Cue } from './sounds';
	import type { Voice } from './voice.svelte';

	interface Props {
		crank: Crank;
		source: RowSource;
		voice: Voice;
		awake: Awake;
		onclose: () => void;
	}
	let { crank, source, voice, awake, onclose }: Props = $props();
	const workbench = useWorkbench();
	const settings = $derived(workbench.settings);
	const insecure = !window.isSecureContext;
	let trouble = $state<Trouble>('usual');
	let turns = $state(45);

	/** Keys that mean something else at the crank, or to the browser. */
	const TAKEN = /^(Tab|Escape|Shift|Control|Alt|Meta|Backspace|[ujfropchUJFROPCH?])$/;
	let learning = $state(false);
	function learn(e: KeyboardEvent) {
		if (!learning || e.key === 'Tab') return;
		e.preventDefault();
		e.stopPropagation();
		learning = false;
		if (TAKEN.test(e.key))
			return void notices.say(`${e.key} does something else here: set the pedal to another key.`);
		void workbench.set({ pedalKey: e.key });
	}

	type Flag = 'rowSound' | 'warnSound' | 'eventSound';
	const SOUNDS: { flag: Flag; cue: Cue; label: string }[] = [
		{ flag: 'rowSound', cue: 'row', label: 'each row: one tick' },
		{ flag: 'warnSound', cue: 'warn', label: 'something comes in two rows: two taps' },
		{ flag: 'eventSound', cue: 'event', label: 'something to do now: three notes up' }
	];
	const STATE = {
		off: 'off',
		starting: 'starting…',
		on: 'counting',
		unplugged: 'unplugged: turns are not seen',
		ended: 'its cranking has ended',
		failed: 'cannot'
	} as const;

	const simulatedClicks = () =>
		new SimulatedClicks(
			{
				turns: 20,
				turnsPerMinute: turns,
				pins: crank.machine.pins,
				signalToNoiseDb: 10,
				clatter: 0.5,
				random: Math.random
			},
			(ms, tick) => {
				const timer = setInterval(tick, ms);
				return () => clearInterval(timer);
			}
		);
	const setup = $derived(sensorFor(crank, { trouble, turnsPerMinute: turns }));
</script>

<Dialog open title="Hands busy" wide {onclose}>
	<div class="grid gap-5 sm:grid-cols-2">
		<section class="grid content-start gap-2">
			<h3 class="text-lg">Count without looking</h3>
			<p class="text-sm">
				Space, Enter, Page down or a tap anywhere counts a row. A pedal that types something else:
			</p>
			<p class="flex flex-wrap items-center gap-2">
				<button
					class="btn btn-sm"
					aria-pressed={learning}
					onclick={() => (learning = !learning)}
					onkeydown={learn}>{learning ? 'Press the pedal now' : 'Show it your pedal'}</button
				>
				{#if settings.pedalKey}
					<span class="figure">{settings.pedalKey}</span> counts too
					<button class="btn btn-sm" onclick={() => workbench.set({ pedalKey: null })}
						>Forget it</button
					>
				{/if}
			</p>
			<label class="flex items-center gap-2">
				<input
					type="checkbox"
					class="checkbox checkbox-sm"
					checked={settings.voice}
					disabled={!voice.local}
					onchange={(e) => {
						void workbench.set({ voice: e.currentTarget.checked });
						if (e.currentTarget.checked) voice.say('Two more, then change.');
					}}
				/>
				Say aloud what comes
			</label>
			<p class="hint -mt-1">
				{voice.local
					? `By this device’s own voice, ${voice.local.name}. Nothing leaves it, and nothing listens to you.`
					: 'This browser has no voice of its own on this device, so nothing is said.'}
			</p>
			<fieldset class="grid gap-1">
				<legend class="hint">Sounds</legend>
				{#each SOUNDS as s (s.flag)}
					<span class="flex items-center gap-2">
						<label class="flex flex-1 items-center gap-2">
							<input
								type="checkbox"
								class="checkbox checkbox-sm"
								checked={settings[s.flag]}
								onchange={(e) => workbench.set({ [s.flag]: e.currentTarget.checked })}
							/>
							{s.label}
						</label>
						<button
							class="btn btn-sm"
							onclick={() => play(s.cue)}
							aria-label={`Hear it: ${s.label}`}>Hear it</button
						>
					</span>
				{/each}
			</fieldset>
			<label class="flex items-center gap-2">
				<input
					type="checkbox"
					class="checkbox checkbox-sm"
					checked={settings.awake}
					onchange={(e) => workbench.set({ awake: e.currentTarget.checked })}
				/>
				Keep the screen on
			</label>
			<p class="hint -mt-1">
				{settings.awake
					? awake.state === 'on'
						? 'It stays on while this page is in view.'
						: awake.state === 'cannot'
							? 'This browser cannot: set the screen’s own time-out longer.'
							: 'It stays on once the page is in view.'
					: 'It goes dark when the device likes.'}
			</p>
			{#if insecure}<p class="border-warning border-l-4 pl-3 text-sm">{INSECURE}</p>{/if}
		</section>
		<section class="grid content-start gap-3">
			<h3 class="text-lg">Let it count by itself</h3>
			<p class="text-sm">
				A sensor at the ring, or an ear for the click of your machine’s counter. What it is not sure
				of it asks when the crank stops.
			</p>
			<p role="status" class="figure" data-testid="source">
				{#if source.kind}
					{source.kind === 'sensor' ? 'Row sensor' : 'Listening'}: {STATE[source.state]}{source.why
						? `. ${source.why}`
						: ''}{source.truth !== null ? `; really turned: ${source.truth}` : ''}
				{:else}
					Nothing counts but you.
				{/if}
			</p>
			<div class="flex flex-wrap gap-2">
				{#if source.kind}
					<button class="btn btn-neutral" onclick={() => source.stop()}>Stop it</button>
				{/if}
				{#if !source.kind || source.state === 'failed' || source.state === 'ended'}
					<button class="btn" disabled={setup.blind} onclick={() => source.startSensor(setup)}
						>Stand-in row sensor</button
					>
					{#if !crank.panel}
						<button
							class="btn"
							onclick={() => source.startListening('microphone', new Microphone())}
							>Listen for the click</button
						>
						<button
							class="btn"
							onclick={() => source.startListening('simulated-clicks', simulatedClicks())}
							>Stand-in click</button
						>
					{/if}
				{/if}
			</div>
			{#if setup.blind}
				<p class="hint">
					The panel is too narrow for the sensor: its magnets do not pass. Count by key.
				</p>
			{/if}
			<Choice
				label="The stand-in’s cable and magnets"
				value={trouble}
				options={[
					{ value: 'none', label: 'good' },
					{
						value: 'usual',
						label: 'cheap',
						hint: 'bounces, misses and doubles a pulse in a hundred'
					},
					{ value: 'bad', label: 'bad', hint: 'one in twenty-five, and the cable comes off' }
				]}
				onvalue={(t) => (trouble = t)}
			/>
			<Choice
				label="The stand-in cranks, turns a minute"
				value={turns}
				options={[30, 45, 60, 200].map((n) => ({ value: n, label: String(n) }))}
				onvalue={(n) => (turns = n)}
			/>
			<p class="hint">The sound is heard in this browser only: it is neither kept nor sent.</p>
			<Caution
				text="A motor or a drill at the crank: slowest speed, stop before you touch a pin, hair and cords away."
			/>
		</section>
	</div>
</Dialog>
