<script lang="ts">
	import { untrack } from 'svelte';
	import { wild } from '$lib/core/learn/ask';
	import type { Forecast, MeasuredResult, MeasuredSize } from '$lib/core/model/project';
	import { parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { wordMeant, wordWild } from '$lib/core/words/lessons';
	import QuantityField from '../parts/QuantityField.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import TapePicture from './TapePicture.svelte';

	/** One size that the plan predicts, where the tape lies for it, and what is asked where a reading can hardly be. */
	interface Props {
		size: Forecast['sizes'][number];
		told: Forecast | null;
		when: MeasuredResult['when'];
		measured: MeasuredSize | undefined;
		onproblem: (is: boolean) => void;
		/** Null where the field is empty or cannot be read. */
		onmeasured: (cm: number | null, odd?: boolean) => void;
	}
	let { size, told, when, measured, onproblem, onmeasured }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	/** From so little of what was foretold to so many times as much a reading is taken at all. */
	const REACH = 6;
	const length = $derived((t: string) =>
		lengthBetween(
			units,
			Math.max(0.2, size.cm / REACH),
			Math.max(2, Math.min(2000, size.cm * REACH))
		)(parseLengthCm(t, units))
	);
	const doubt = $derived(
		told && measured && !measured.odd ? wild(told, size.id, measured.cm, when) : null
	);
	let round = $state(0);
</script>

<div class="flex items-start gap-3">
	<span class="pt-5"><TapePicture {size} /></span>
	<div class="grid min-w-0 flex-1 gap-1">
		{#key round}
			<QuantityField
				live
				label={size.label}
				text={untrack(() => (measured ? printValue(measured.cm, 'length', units) : ''))}
				parse={length}
				{onproblem}
				hint={`foretold ${printWithSpread({ mean: size.cm, sd: size.sd, basis: 'estimated' }, 'length', units)}`}
				onvalue={(t) => {
					const r = length(t);
					onmeasured(r.ok ? r.value : null);
				}}
				onempty={() => onmeasured(null)}
			/>
		{/key}
		{#if doubt && measured}
			<div class="border-warning border-l-4 pl-2 text-sm" role="status">
				<p>{wordWild(doubt, units)}</p>
				<p class="mt-1 flex flex-wrap gap-2">
					{#if doubt.meant}
						{@const meant = doubt.meant}
						<button
							type="button"
							class="btn btn-sm"
							onclick={() => {
								onmeasured(meant.cm);
								round += 1;
							}}>{wordMeant(meant, units)}</button
						>
					{/if}
					<button type="button" class="btn btn-sm" onclick={() => onmeasured(measured.cm, true)}
						>Keep it, marked odd</button
					>
				</p>
			</div>
		{:else if measured?.odd}
			<p class="hint">Kept, marked odd: it weighs little.</p>
		{/if}
	</div>
</div>
