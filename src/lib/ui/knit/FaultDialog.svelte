<script lang="ts">
	import { FAULTS, type Machine } from '$lib/core/model/bench';
	import { markerPin } from '$lib/core/bench/machine/ring';
	import { pinNumber, pinNumbered } from '$lib/core/model/pin-number';
	import { inRange, parseCount } from '$lib/core/quantity/parse';
	import { good, type Result } from '$lib/core/quantity/problem';
	import { FAULT_WORDS, repairOf } from '$lib/core/words/repair';
	import Dialog from '../parts/Dialog.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Ring from '../pictures/Ring.svelte';
	import { untrack } from 'svelte';

	type Fault = (typeof FAULTS)[number];
	interface Props {
		machine: Machine;
		row: number;
		/** Pins in work, from 1, where it is a panel. */
		inWork?: { readonly low: number; readonly high: number } | null;
		onclose: () => void;
		onfault: (f: { row: number; pin: number; fault: Fault }) => void;
	}
	let { machine, row, inWork = null, onclose, onfault }: Props = $props();
	let at = $state(untrack(() => row));
	let pin = $state<number | null>(null);
	const count =
		(noun: string, min: number, max: number) =>
		(t: string): Result<number> => {
			if (min === 0 && /^0+$/.test(t.trim())) return good(0);
			const n = parseCount(t, noun);
			return n.ok ? inRange(n.value, { min, max, unit: noun }) : n;
		};
	const parseRow = count('rows', 0, 2000);
	const parsePin = $derived(count('pins', 1, machine.pins));
	const again = $derived(repairOf('dropped', at).startAgain);

	/** The second tap: what is wrong there. */
	function note(fault: Fault) {
		if (pin === null) return;
		onfault({ row: at, pin, fault });
		onclose();
	}
</script>

<Dialog open title="Note a fault" wide {onclose}>
	<div class="grid gap-3 sm:grid-cols-[auto_1fr]">
		<div class="justify-self-center">
			<Ring
				pins={machine.pins}
				marker={markerPin(machine)}
				firstPin={machine.firstPin}
				turns={machine.turns}
				size={280}
				{inWork}
				loaded={false}
				numbers
				chosen={pin}
				onpin={(p) => (pin = p)}
				label="The pins from above: tap the one"
			/>
			<p class="hint text-center">First tap: the pin. Second: what is wrong.</p>
		</div>
		<div class="grid content-start gap-3">
			<div class="grid grid-cols-2 gap-3">
				<QuantityField
					live
					label={`At pin, 1 to ${machine.pins}`}
					text={pin === null ? '' : String(pinNumber(machine, pin - 1))}
					parse={parsePin}
					inputmode="numeric"
					onvalue={(t) => {
						const r = parsePin(t);
						pin = r.ok ? pinNumbered(machine, r.value) + 1 : null;
					}}
					onempty={() => (pin = null)}
				/>
				<QuantityField
					live
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
			<div class="grid gap-2" role="group" aria-label="The stitch is">
				<p class="hint">The stitch is</p>
				{#each FAULTS as f (f)}
					<button class="btn min-h-11 justify-start" disabled={pin === null} onclick={() => note(f)}
						>{FAULT_WORDS[f]}</button
					>
				{/each}
			</div>
			<p class="hint">
				Put a stitch marker through the loose loop before anything else.
				{#if again}<b>{again}</b>{/if}
			</p>
		</div>
	</div>
</Dialog>
