<script lang="ts">
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import QuantityField from './QuantityField.svelte';

	interface Props {
		label: string;
		value: number;
		min: number;
		max: number;
		/** A length in cm, or whole things called so. */
		of: 'length' | (string & {});
		onvalue: (value: number) => void;
		hint?: string;
		/** As in QuantityField. */
		live?: boolean;
	}
	let { label, value, min, max, of, onvalue, hint, live = false }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	/** Nothing at all, with or without a unit: a quantity elsewhere has to be above it. */
	const NOTHING = /^\s*0+([.,]0*)?\s*\p{L}*\s*$/u;
	const parse = $derived((t: string): Result<number> => {
		if (min === 0 && NOTHING.test(t)) return { ok: true, value: 0 };
		if (of === 'length') return lengthBetween(units, min, max)(parseLengthCm(t, units));
		const n = parseCount(t, of);
		return n.ok ? inRange(n.value, { min, max, unit: of }) : n;
	});
	const text = $derived(
		of === 'length' ? printValue(value, 'length', units) : of === '' ? `${value}` : `${value} ${of}`
	);
</script>

<QuantityField
	{label}
	{text}
	{parse}
	{live}
	{...hint ? { hint } : {}}
	onvalue={(t) => {
		const r = parse(t);
		if (r.ok) onvalue(r.value);
	}}
/>
