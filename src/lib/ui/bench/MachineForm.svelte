<script lang="ts">
	import { pinNumber, pinNumbered } from '$lib/core/model/pin-number';
	import type { Machine } from '$lib/core/model/bench';
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { bad, good, type Result } from '$lib/core/quantity/problem';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import TextField from '../parts/TextField.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import { lengthBetween } from '../state/ranges';

	interface Props {
		machine: Machine;
		onchange: (m: Machine) => unknown;
		onremove: () => void;
		ondone: () => void;
	}
	let { machine, onchange, onremove, ondone }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const put = (patch: Partial<Machine>) => onchange({ ...machine, ...patch });

	const pins = (t: string): Result<number> => {
		const n = parseCount(t, 'pins');
		return n.ok ? inRange(n.value, { min: 4, max: 200, unit: 'pins' }) : n;
	};
	const pin = (t: string): Result<number> => {
		const n = parseCount(t, 'pins');
		return n.ok ? inRange(n.value, { min: 1, max: machine.pins, unit: 'pins' }) : n;
	};
	const value = (r: Result<number>, otherwise: number) => (r.ok ? r.value : otherwise);
	const markerColour = (t: string): Result<string> =>
		t.trim().length <= 24
			? good(t.trim())
			: bad({ code: 'out-of-range', value: t.trim().length, min: 1, max: 24, unit: 'letters' });
	const ring = $derived(lengthBetween(units, 5, 400));
	const clearance = $derived(lengthBetween(units, 2, 200));
	const lost = [0, 1, 2, 3, 4].map((n) => ({ value: n, label: String(n) }));
</script>

<div class="grid gap-4 sm:grid-cols-2">
	<QuantityField
		label="Pins"
		text={String(machine.pins)}
		parse={pins}
		inputmode="numeric"
		onvalue={(t) => {
			const n = value(pins(t), machine.pins);
			// A number that no pin carries any more begins at 1 again.
			put({ pins: n, firstPin: machine.firstPin > n ? 1 : machine.firstPin });
		}}
	/>
	<Choice
		label="The marker pin is the"
		value={machine.marker}
		options={[
			{ value: 'first', label: 'first of a row' },
			{ value: 'last', label: 'last of a row' }
		]}
		onvalue={(marker) => put({ marker })}
	/>
	<Choice
		label="Its row counter counts"
		value={machine.counter}
		options={[
			{ value: 'none', label: 'nothing' },
			{ value: 'tube', label: 'tubes only' },
			{ value: 'both', label: 'tubes and panels' }
		]}
		onvalue={(counter) => put({ counter })}
	/>
	<QuantityField
		label="Once round the pins"
		text={printValue(machine.ringCm, 'length', units)}
		parse={(t) => ring(parseLengthCm(t, units))}
		onvalue={(t) => put({ ringCm: value(parseLengthCm(t, units), machine.ringCm) })}
		hint="A tape or a strand laid round; tails are cut by it."
	/>
	<QuantityField
		label="From the pins down to the table"
		text={printValue(machine.clearanceCm, 'length', units)}
		parse={(t) => clearance(parseLengthCm(t, units))}
		onvalue={(t) => put({ clearanceCm: value(parseLengthCm(t, units), machine.clearanceCm) })}
		hint="Says at which row to roll the tube up."
	/>
</div>
<details class="mt-4">
	<summary class="cursor-pointer font-semibold"
		>More about this ring: its turns, its panels, the numbers on its pins</summary
	>
	<div class="mt-2 grid gap-4 sm:grid-cols-2">
		<TextField
			label="What you call it"
			value={machine.name}
			example="48 pins"
			onvalue={(name) => put({ name })}
		/>
		<QuantityField
			label="The marker is told by"
			text={machine.markerColour}
			placeholder="its colour, such as white"
			parse={markerColour}
			onvalue={(t) => put({ markerColour: t.trim() })}
			onempty={() => put({ markerColour: '' })}
		/>
		<QuantityField
			label="The first pin of a row is number"
			text={String(machine.firstPin)}
			parse={pin}
			inputmode="numeric"
			onvalue={(t) => put({ firstPin: value(pin(t), machine.firstPin) })}
			hint="As it stands on the ring; the others count on from it, round."
		/>
		<Choice
			label="The right side of the fabric hangs"
			value={machine.rightSide}
			options={[
				{ value: 'away', label: 'away from you', hint: 'left and right of a piece seem swapped' },
				{ value: 'toward', label: 'toward you' }
			]}
			onvalue={(rightSide) => put({ rightSide })}
		/>
		<Choice
			label="Tension slots"
			value={machine.slots}
			options={lost}
			onvalue={(slots) => put({ slots })}
		/>
		<Choice
			label="Seen from above the ring turns"
			value={machine.turns}
			options={[
				{ value: 'clockwise', label: 'clockwise' },
				{ value: 'anticlockwise', label: 'anticlockwise' }
			]}
			onvalue={(turns) => put({ turns })}
		/>
		<Choice
			label="At a panel’s turns the yarn goes"
			value={machine.edgeRule}
			options={[
				{ value: 'under-bar', label: 'under the edge bar', hint: 'and is pulled snug' },
				{ value: 'off-bar', label: 'off the edge bar', hint: 'and the slack is drawn out by hand' }
			]}
			onvalue={(edgeRule) => put({ edgeRule })}
		/>
		<Choice
			label="Panels turned by hand"
			value={machine.handPanels}
			options={[
				{
					value: 'keep-off',
					label: 'keep off the marker',
					hint: 'and off the counter’s trip, where the ring sticks'
				},
				{ value: 'cross', label: 'cross it' }
			]}
			onvalue={(handPanels) => put({ handPanels })}
		/>
		<QuantityField
			label="The counter is tripped at pin"
			text={machine.tripPin === null ? '' : String(pinNumber(machine, machine.tripPin - 1))}
			placeholder="none"
			parse={pin}
			inputmode="numeric"
			onvalue={(t) => {
				const r = pin(t);
				if (r.ok) put({ tripPin: pinNumbered(machine, r.value) + 1 });
			}}
			onempty={() => put({ tripPin: null })}
			hint="Panels turned by hand keep off it too."
		/>
		<div class="flex flex-wrap gap-4">
			<Choice
				label="Panel mode loses at the start"
				value={machine.panelLost.start}
				options={lost}
				onvalue={(start) => put({ panelLost: { ...machine.panelLost, start } })}
			/>
			<Choice
				label="and at the end, pins"
				value={machine.panelLost.end}
				options={lost}
				onvalue={(end) => put({ panelLost: { ...machine.panelLost, end } })}
			/>
		</div>
	</div>
</details>
<div class="mt-5 flex justify-between">
	<button class="btn" onclick={onremove}>Take it off the bench</button>
	<button class="btn btn-neutral" onclick={ondone}>Done</button>
</div>
