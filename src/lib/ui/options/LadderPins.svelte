<script lang="ts">
	import { pinNumber, pinNumbered } from '$lib/core/model/pin-number';
	import { inRange } from '$lib/core/quantity/parse';
	import { bad, good, type Result } from '$lib/core/quantity/problem';
	import { ladderPinsOf } from '$lib/core/recipe/garments/shrug';
	import QuantityField from '../parts/QuantityField.svelte';
	import type { EditorProps } from './editor';

	let { control, plan, editor }: EditorProps = $props();
	const machine = $derived(plan.machine);
	const pins = $derived(machine.pins);
	const numberOf = (pin: number) => pinNumber(machine, pin - 1);
	const set = $derived(control.value as readonly number[]);
	/** Two different pins of the ring, such as 1 and 25. */
	const parse = $derived((t: string): Result<[number, number]> => {
		const found = [...t.matchAll(/\d+/g)].map((m) => Number(m[0]));
		const [a, b] = found;
		if (a === undefined || b === undefined || found.length !== 2 || a === b)
			return bad({
				code: 'not-understood',
				typed: t,
				wanted: `${numberOf(1)} and ${numberOf(1 + Math.floor(pins / 2))}`
			});
		const range = { min: 1, max: pins, unit: 'pins' };
		for (const n of [a, b]) {
			const ok = inRange(n, range);
			if (!ok.ok) return ok;
		}
		return good([pinNumbered(machine, a) + 1, pinNumbered(machine, b) + 1]);
	});
	const put = (next: readonly number[]) => editor.options(control.what, control.patch(next));
</script>

<div class="w-40">
	<QuantityField
		label={control.label}
		text={ladderPinsOf({ ladderPins: [...set] }, pins)
			.map(numberOf)
			.join(' and ')}
		{parse}
		draft={control.key}
		onvalue={(t) => {
			const r = parse(t);
			if (r.ok) put(r.value);
		}}
		onempty={() => put([])}
	/>
</div>
