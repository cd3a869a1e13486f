<script lang="ts">
	import { writeCsv } from '$lib/file/csv/rfc4180';
	import { save, slug } from '../../files/save';

	/** What stands behind a chart: read by keyboard, and taken along as CSV. */
	interface Props {
		/** What the table is called, and its file. */
		name: string;
		/** Where more than one stands behind a chart. */
		title?: string;
		heads: readonly string[];
		rows: readonly (readonly (string | number)[])[];
	}
	let { name, title = 'As a table', heads, rows }: Props = $props();
</script>

<details class="mt-1 text-sm">
	<summary class="cursor-pointer">{title}</summary>
	<div class="max-h-80 overflow-auto">
		<table class="table-sm table w-auto">
			<caption class="sr-only">{name}</caption>
			<thead>
				<tr
					>{#each heads as h (h)}<th class="font-normal">{h}</th>{/each}</tr
				>
			</thead>
			<tbody>
				{#each rows as row, i (i)}
					<tr
						>{#each row as cell, j (j)}<td class="figure">{cell}</td>{/each}</tr
					>
				{/each}
			</tbody>
		</table>
	</div>
	<button
		class="btn btn-sm mt-1"
		onclick={() => {
			const csv = writeCsv(
				heads,
				rows.map((r) => [...r])
			);
			save(`${slug(name)}.csv`, new Blob([csv], { type: 'text/csv' }));
		}}>Save as CSV</button
	>
</details>
