<script lang="ts">
	import { FAULTS, type Machine } from '$lib/core/model/bench';
	import { inRange, parseCount } from '$lib/core/quantity/parse';
	import { good, type Result } from '$lib/core/quantity/problem';
	import Choice from '../parts/Choice.svelte';
	import Dialog from '../parts/Dialog.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import { untrack } from 'svelte';

	type Fault = (typeof FAULTS)[number];
	interface Props {
		machine: Machine;
		row: number;
		onclose: () => void;
		onfault: (f: { row: number; pin: number; fault: Fault }) => void;
	}
	let { machine, row, onclose, onfault }: Props = $props();
	let fault = $state<Fault>('dropped');
	let at = $state(untrack(() => row));
	let pin = $state<number | null>(null);
	const WORDS: Record<Fault, string> = {
		dropped: 'dropped',
		tuck: 'not knitted off',
		split: 'yarn split',
		unseated: 'not seated'
	};
	const count =
		(noun: string, min: number, max: number) =>
		(t: string): Result<number> => {
			if (min === 0 && /^0+$/.test(t.trim())) return good(0);
			const n = parseCount(t, noun);
			return n.ok ? inRange(n.value, { min, max, unit: noun }) : n;
		};
	const parseRow = count('rows', 0, 2000);
	const parsePin = $derived(count('pins', 1, machine.pins));
</script>

<Dialog open title="Note a fault" {onclose}>
	<form
		class="grid gap-4"
		onsubmit={(e) => {
			e.preventDefault();
			if (pin === null) return;
			onfault({ row: at, pin, fault });
			onclose();
		}}
	>
		<Choice
			label="The stitch is"
			value={fault}
			options={FAULTS.map((f) => ({ value: f, label: WORDS[f] }))}
			onvalue={(f) => (fault = f)}
		/>
		<div class="grid grid-cols-2 gap-3">
			<QuantityField
				label={`At pin (1 to ${machine.pins})`}
				text=""
				parse={parsePin}
				inputmode="numeric"
				onvalue={(t) => {
					const r = parsePin(t);
					pin = r.ok ? r.value : null;
				}}
				onempty={() => (pin = null)}
			/>
			<QuantityField
				label="In row"
				text={String(row)}
				parse={parseRow}
				inputmode="numeric"
				onvalue={(t) => {
					const r = parseRow(t);
					if (r.ok) at = r.value;
				}}
			/>
		</div>
		<p class="hint">
			Put a stitch marker through the loose loop before anything else. {at < 4
				? 'In the first rows it is quicker to start again.'
				: ''}
		</p>
		<button class="act act-now justify-self-start" disabled={pin === null}>Note it</button>
	</form>
</Dialog>
