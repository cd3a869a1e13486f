<script lang="ts">
	import { parseGrams } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { good, type Result } from '$lib/core/quantity/problem';
	import QuantityField from '../parts/QuantityField.svelte';
	import { between } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import ScalePanel from './ScalePanel.svelte';

	interface Props {
		label: string;
		grams: number;
		ongrams: (grams: number) => void;
		max?: number;
		hint?: string;
		/** As in QuantityField: true in a form that keeps nothing by itself. */
		live?: boolean;
	}
	let { label, grams, ongrams, max = 100_000, hint, live = false }: Props = $props();
	const workbench = useWorkbench();
	let weighing = $state(false);

	// Nothing at all is a weight too.
	const parse = (t: string): Result<number> =>
		/^0+([.,]0*)?\s*(g|oz)?$/.test(t.trim())
			? good(0)
			: between('mass', workbench.units, 0, max)(parseGrams(t));
	const value = (t: string) => {
		const r = parse(t);
		return r.ok ? r.value : grams;
	};
</script>

<!-- Grams, typed or read off the scale. -->
<div class="min-w-0">
	<div class="flex items-start gap-2">
		<div class="w-36">
			<QuantityField
				{live}
				{label}
				{hint}
				text={printValue(grams, 'mass', workbench.units)}
				{parse}
				onvalue={(t) => ongrams(value(t))}
			/>
		</div>
		<button
			type="button"
			class="btn btn-sm mt-[1.55rem]"
			aria-expanded={weighing}
			onclick={() => (weighing = !weighing)}>{weighing ? 'Put the scale away' : 'Weigh it'}</button
		>
	</div>
	{#if weighing}
		<div class="mt-2">
			<ScalePanel
				onPan={grams}
				ontake={(g) => {
					ongrams(g);
					weighing = false;
				}}
			/>
		</div>
	{/if}
</div>
