<script lang="ts">
	import QuantityField from './QuantityField.svelte';
	import { bad, good } from '$lib/core/quantity/problem';

	interface Props {
		label: string;
		value: string;
		onvalue: (value: string) => void;
		max?: number;
		example: string;
		hideLabel?: boolean;
		/** As in QuantityField. */
		live?: boolean;
	}
	let { label, value, onvalue, max = 80, example, hideLabel, live = false }: Props = $props();

	const parse = (typed: string) => {
		const text = typed.trim();
		if (text === '') return bad({ code: 'empty', wanted: example });
		if (text.length > max)
			return bad({ code: 'out-of-range', value: text.length, min: 1, max, unit: 'letters' });
		return good(text);
	};
</script>

<QuantityField {label} text={value} {parse} onvalue={(t) => onvalue(t.trim())} {hideLabel} {live} />
