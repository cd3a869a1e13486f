<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { nameMake } from '$lib/core/crank/makes';
	import { yarnNamer } from '../state/ribbon-pins';
	import type { Crank } from './crank.svelte';

	let { crank }: { crank: Crank } = $props();
	const all = $derived(crank.progress.makes);
	const name = $derived(yarnNamer(crank.plan));
	const label = (i: number) => {
		const { make, run } = entryAt(all, i);
		const yarn = make.piece.runs[0]?.yarn;
		const said = yarn === undefined || make.piece.name.includes(name(yarn));
		const colour = said ? '' : `, ${name(yarn)}`;
		const rows = make.piece.sheet.totalRows;
		const state = run.off ? 'off' : run.done > 0 ? `${run.done} of ${rows} rows` : 'to do';
		return `${i + 1}. ${nameMake(make)}${colour}: ${state}`;
	};
</script>

<!-- One piece in the order of making; any of them can be taken up. -->
{#if all.length > 1}
	<label class="min-w-0 flex-1 sm:max-w-md">
		<span class="sr-only">Piece at hand</span>
		<select
			class="select w-full py-0! text-base"
			data-control
			value={crank.key}
			onchange={(e) => (crank.chosen = e.currentTarget.value)}
		>
			{#each all as { make }, i (make.key)}
				<option value={make.key}>{label(i)}</option>
			{/each}
		</select>
	</label>
{/if}
