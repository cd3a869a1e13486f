<script lang="ts">
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import QuantityField from './QuantityField.svelte';

	interface Props {
		label: string;
		/** Null where it is left empty, which `onempty` allows. */
		value: number | null;
		min: number;
		max: number;
		/** A length in cm, or whole things called so. */
		of: 'length' | (string & {});
		onvalue: (value: number) => void;
		onempty?: () => void;
		placeholder?: string;
		hint?: string;
		/** As in QuantityField. */
		live?: boolean;
		draft?: string;
		hideLabel?: boolean;
	}
	let {
		label,
		value,
		min,
		max,
		of,
		onvalue,
		onempty,
		placeholder,
		hint,
		live = false,
		draft,
		hideLabel = false
	}: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	/** Nothing at all, with or without a unit: a quantity elsewhere has to be above it. */
	const NOTHING = /^\s*0+([.,]0*)?\s*\p{L}*\s*$/u;
	/** Less than nothing, where that has a meaning. */
	const MINUS = /^\s*[-−–]\s*/u;
	const plain = (t: string): Result<number> =>
		of === 'length' ? parseLengthCm(t, units) : parseCount(t, of);
	const parse = $derived((t: string): Result<number> => {
		if (min <= 0 && max >= 0 && NOTHING.test(t)) return { ok: true, value: 0 };
		const minus = min < 0 && MINUS.test(t);
		const read = plain(minus ? t.replace(MINUS, '') : t);
		const signed: Result<number> = read.ok && minus ? { ok: true, value: -read.value } : read;
		if (of === 'length') return lengthBetween(units, min, max)(signed);
		return signed.ok ? inRange(signed.value, { min, max, unit: of }) : signed;
	});
	const text = $derived(
		value === null
			? ''
			: of === 'length'
				? printValue(value, 'length', units)
				: of === ''
					? `${value}`
					: `${value} ${of}`
	);
</script>

<QuantityField
	{label}
	{text}
	{parse}
	{live}
	{hideLabel}
	{...draft === undefined ? {} : { draft }}
	{...hint ? { hint } : {}}
	{...placeholder === undefined ? {} : { placeholder }}
	{...onempty ? { onempty } : {}}
	onvalue={(t) => {
		const r = parse(t);
		if (r.ok) onvalue(r.value);
	}}
/>
