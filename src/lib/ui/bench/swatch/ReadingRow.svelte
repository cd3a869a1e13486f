<script lang="ts">
	import { parseReadingSide, printReadingSide } from '$lib/core/bench/gauge/notation';
	import { type Side } from '$lib/core/bench/gauge/density';
	import type { OutOfLine } from '$lib/core/bench/gauge/readings';
	import type { Machine, Notation, Reading, ReadingState } from '$lib/core/model/bench';
	import QuantityField from '../../parts/QuantityField.svelte';
	import Select from '../../parts/Select.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { NOTATION_OPTIONS, STATE_OPTIONS } from '../words';

	interface Props {
		reading: Reading;
		letter: string;
		/** In what it differs from the others, if it does. */
		apart: readonly OutOfLine[];
		machine: Machine;
		onchange: (r: Reading) => unknown;
		onremove: () => unknown;
	}
	let { reading, letter, apart, machine, onchange, onremove }: Props = $props();
	const workbench = useWorkbench();
	const context = (side: Side) => ({
		notation: reading.notation,
		side,
		units: workbench.units,
		pins: machine.pins,
		tubeRows: reading.rows?.count
	});
	const OTHER = { stitches: 'rows', rows: 'stitches' } as const;
	/** One side may be left empty where the other was taken. */
	const emptied = (side: Side) =>
		reading[OTHER[side]] !== null
			? { onempty: () => void onchange({ ...reading, [side]: null }) }
			: {};
	const set = (side: Side, typed: string) => {
		const r = parseReadingSide(typed, context(side));
		if (r.ok) onchange({ ...reading, [side]: r.value });
	};
</script>

<li class="reading grid grid-cols-[1.4rem_1fr_1fr_8.2rem_5.6rem_auto] items-start gap-1 py-0.5">
	<span
		class={['figure mt-1.5 text-center', apart.length > 0 && 'text-error font-bold']}
		title={apart.length > 0 ? 'Out of line with the others' : undefined}
		>{letter}{apart.length > 0 ? '?' : ''}</span
	>
	<QuantityField
		label="Stitches"
		hideLabel
		text={printReadingSide(reading.stitches, context('stitches'))}
		parse={(t) => parseReadingSide(t, context('stitches'))}
		{...emptied('stitches')}
		onvalue={(t) => set('stitches', t)}
	/>
	<QuantityField
		label="Rows"
		hideLabel
		text={printReadingSide(reading.rows, context('rows'))}
		parse={(t) => parseReadingSide(t, context('rows'))}
		{...emptied('rows')}
		onvalue={(t) => set('rows', t)}
	/>
	<Select
		label="Notation"
		hideLabel
		value={reading.notation}
		options={NOTATION_OPTIONS}
		onvalue={(v) => onchange({ ...reading, notation: v as Notation })}
	/>
	<Select
		label="State"
		hideLabel
		value={reading.state}
		options={STATE_OPTIONS}
		onvalue={(v) => onchange({ ...reading, state: v as ReadingState })}
	/>
	<button class="btn btn-sm mt-1" onclick={onremove} aria-label="Remove this reading">×</button>
	{#if reading.state === 'fresh'}
		<p class="text-warning col-span-full -mt-0.5 text-sm">
			Fresh off the machine it hangs stretched: a plan uses this only with your consent.
		</p>
	{/if}
</li>

<style>
	.reading :global(:is(.input, .select)) {
		font-size: 0.875rem;
		padding-inline: 0.45rem;
	}
	.reading :global(.select) {
		padding-right: 1.5rem;
	}
	/* On a phone in two lines: what was measured, and below it how. */
	@media (max-width: 639px) {
		.reading {
			grid-template-columns: 1.4rem 1fr 1fr auto;
		}
		.reading > :global(:nth-child(4)) {
			grid-area: 2 / 2;
		}
		.reading > :global(:nth-child(5)) {
			grid-area: 2 / 3;
		}
		.reading > :global(:nth-child(6)) {
			grid-area: 1 / 4;
		}
	}
</style>
