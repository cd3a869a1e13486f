<script lang="ts">
	import { inRange, parseCount } from '$lib/core/quantity/parse';
	import { good, type Result } from '$lib/core/quantity/problem';
	import type { Position, RunSheet } from '$lib/core/crank/runsheet';
	import { rowsWord } from '$lib/core/quantity/say';
	import Dialog from '../parts/Dialog.svelte';
	import QuantityField from '../parts/QuantityField.svelte';

	interface Props {
		sheet: RunSheet;
		position: Position;
		onclose: () => void;
		onjump: (to: number) => void;
	}
	let { sheet, position, onclose, onjump }: Props = $props();
	// The maker names main rows, as the running counter reads; waste before them shifts the run's own count.
	const wasteBefore = $derived(sheet.wasteBefore);
	const parse = (t: string): Result<number> => {
		if (/^0+$/.test(t.trim())) return good(0);
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 0, max: sheet.mainRows, unit: 'rows' }) : n;
	};
	let target = $state<number | null>(null);
	const by = $derived(target === null ? 0 : wasteBefore + target - position.done);

	function jump() {
		if (target === null) return;
		onjump(wasteBefore + target);
		onclose();
	}
</script>

<Dialog open title="Jump to a row" {onclose}>
	<form
		onsubmit={(e) => {
			e.preventDefault();
			jump();
		}}
	>
		<QuantityField
			live
			label={`Main rows done (you are at ${position.main} of ${sheet.mainRows})`}
			text=""
			{parse}
			inputmode="numeric"
			onvalue={(t) => {
				const r = parse(t);
				target = r.ok ? r.value : null;
			}}
			onempty={() => (target = null)}
		/>
		<p class="mt-3 mb-4 min-h-6">
			{#if target !== null}
				{by === 0
					? 'That is where you are.'
					: `The count goes ${by > 0 ? 'on' : 'back'} by ${rowsWord(Math.abs(by))}. Undo takes it back.`}
			{/if}
		</p>
		<button class="btn btn-accent" disabled={target === null || by === 0}
			>{target === null ? 'Jump' : `Yes, jump to ${target}`}</button
		>
	</form>
</Dialog>
