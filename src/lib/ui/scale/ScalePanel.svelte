<script lang="ts">
	import { onMount } from 'svelte';
	import type { ScaleReading } from '$lib/device/scale';
	import { printValue } from '$lib/core/quantity/print';
	import { useWorkbench } from '../state/workbench.svelte';
	import { benchScale } from './bench-scale';

	interface Props {
		/** What the maker would put on it now, g: the stand-in has it lying there. */
		onPan: number;
		ontake: (grams: number) => void;
	}
	let { onPan, ontake }: Props = $props();
	const workbench = useWorkbench();
	const id = $props.id();

	let reading = $state.raw<ScaleReading>({ state: 'settling', grams: 0 });
	let pan = $state(0);
	let plugged = $state(benchScale.plugged);
	onMount(() => {
		pan = Math.round(onPan);
		benchScale.place(pan);
		return benchScale.listen((r) => (reading = r));
	});
	const WORDS = { unplugged: 'not plugged in', settling: 'settling…', steady: 'steady' } as const;
</script>

<div class="bg-base-200 rounded-[5px] p-3" role="group" aria-label="Kitchen scale">
	<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
		<p class="figure w-28 text-right text-3xl leading-none font-semibold" data-testid="scale">
			{reading.state === 'unplugged' ? '– –' : printValue(reading.grams, 'mass', workbench.units)}
		</p>
		<p
			class={['w-28 text-sm', reading.state === 'unplugged' && 'text-error font-semibold']}
			role="status"
		>
			{WORDS[reading.state]}
		</p>
		<button
			class="btn btn-sm"
			disabled={reading.state === 'unplugged'}
			onclick={() => benchScale.tare()}>Bowl off (tare)</button
		>
		<button
			class="btn btn-sm btn-neutral"
			disabled={reading.state !== 'steady' || reading.grams < 0}
			onclick={() => reading.state === 'steady' && ontake(reading.grams)}>Take this weight</button
		>
	</div>
	<div class="rule-line mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-t pt-2 text-sm">
		<span class="hint">{benchScale.name}: lay on it</span>
		<input
			id={`${id}-pan`}
			type="range"
			class="range range-xs w-40"
			min="0"
			max="600"
			step="1"
			value={pan}
			aria-label="What lies on the stand-in scale, in grams"
			oninput={(e) => {
				pan = Number(e.currentTarget.value);
				benchScale.place(pan);
			}}
		/>
		<span class="figure w-14">{pan} g</span>
		<label class="flex items-center gap-1.5"
			><input
				type="checkbox"
				class="checkbox checkbox-sm"
				checked={plugged}
				onchange={(e) => {
					plugged = e.currentTarget.checked;
					benchScale.plug(plugged);
				}}
			/> plugged in</label
		>
	</div>
</div>
