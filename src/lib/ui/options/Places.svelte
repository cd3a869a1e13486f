<script lang="ts">
	import { layoutOf } from '$lib/core/recipe/garments/blanket';
	import { MOST_PANELS } from '$lib/core/recipe/garments/options';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
	import RowTable from '../parts/RowTable.svelte';
	import { doubled } from '../parts/row-table';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { EditorProps } from './editor';

	let { project, editor }: EditorProps = $props();
	const workbench = useWorkbench();
	const options = $derived(wholeGarment(project.options));
	const across = $derived(options.layout.across);
	const places = $derived(layoutOf(options));
	/** Each row of the blanket, with its panels' places in the list of yarns. */
	const rows = $derived(
		Array.from({ length: options.layout.down }, (_, r) =>
			places.slice(r * across, (r + 1) * across)
		)
	);
	const yarnOf = (place: number) =>
		workbench.bench.yarns.find((y) => y.id === options.yarns[place]);
	const letter = (place: number) => String.fromCharCode(65 + place);
	const lay = (next: readonly (readonly number[])[], what: string) =>
		editor.options(what, {
			layout: { ...options.layout, down: next.length, colours: next.flat() }
		});
	/** The next colour at a place of the blanket. */
	const recolour = (row: number, at: number) =>
		lay(
			rows.map((r, i) =>
				i === row ? r.map((p, j) => (j === at ? (p + 1) % options.yarns.length : p)) : r
			),
			'colour of a panel'
		);
</script>

<RowTable
	label="Panels of the blanket"
	heads={['Row', 'Panels: press one for its next colour']}
	{rows}
	nameOf={(_, i) => `row ${i + 1}`}
	least={1}
	most={MOST_PANELS}
	add="Add a row of panels"
	onadd={() => lay([...rows, rows.at(-1) ?? []], 'a row of panels more')}
	ondouble={(i) =>
		lay(
			doubled(rows, i, (r) => r),
			'a row of panels more'
		)}
	onrows={(next, what) =>
		lay(next, what === 'order' ? 'order of the panels' : 'a row of panels less')}
>
	{#snippet row(panels: readonly number[], r: number)}
		<td class="tabular-nums">{r + 1}</td>
		<td>
			<span class="flex gap-0.5">
				{#each panels as place, i (i)}
					<button
						class="border-base-content/60 h-7 w-8 cursor-pointer rounded-[4px] border-[1.5px]"
						style:background={yarnOf(place)?.colour ?? '#9fb0b8'}
						aria-label={`Panel ${r * across + i + 1}: ${letter(place)}`}
						title={`${letter(place)}, ${yarnOf(place)?.name ?? 'no yarn'}`}
						onclick={() => recolour(r, i)}
					></button>
				{/each}
			</span>
		</td>
	{/snippet}
</RowTable>
