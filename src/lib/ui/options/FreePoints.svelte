<script lang="ts">
	import { MOST_EDGE_POINTS, MOST_PIECE_CM } from '$lib/core/quantity/bounds';
	import type { FreePiece } from '$lib/core/recipe/garments/free-piece';
	import { parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import QuantityField from '../parts/QuantityField.svelte';
	import TextField from '../parts/TextField.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	let { piece, onchange }: { piece: FreePiece; onchange: (patch: Partial<FreePiece>) => void } =
		$props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const SIDES = ['left', 'right'] as const;
	type Side = (typeof SIDES)[number];
	const range = $derived(lengthBetween(units, 0, MOST_PIECE_CM));
	/** Nought is a place like any other here. */
	const parse = $derived((t: string): Result<number> =>
		/^\s*0(\s|$|cm|in)/i.test(t) ? { ok: true, value: 0 } : range(parseLengthCm(t, units))
	);
	const put = (side: Side, points: FreePiece['left']) => onchange({ [side]: points });
	function move(side: Side, i: number, axis: 'x' | 'y', text: string) {
		const r = parse(text);
		if (!r.ok) return;
		const edge = piece[side];
		const moved = edge.map((p, k) => (k === i ? { ...p, [axis]: r.value } : p));
		if (axis !== 'y' || i !== edge.length - 1) return put(side, moved);
		// Both edges end at one height.
		const other = side === 'left' ? 'right' : 'left';
		const ends = piece[other].map((p, k) =>
			k === piece[other].length - 1 ? { ...p, y: r.value } : p
		);
		onchange({ [side]: moved, [other]: ends });
	}
	function add(side: Side, i: number) {
		const [a, b] = [piece[side][i]!, piece[side][i + 1]!];
		const half = { ...a, x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
		put(side, piece[side].toSpliced(i + 1, 0, half));
	}
	const name = (side: Side, i: number, part: string) =>
		put(
			side,
			piece[side].map((p, k) => {
				if (k !== i) return p;
				const { x, y } = p;
				return part === '' ? { x, y } : { x, y, part: part.slice(0, 40) };
			})
		);
</script>

<div class="grid gap-x-6 gap-y-2 border-l-2 pl-3 rule-line">
	{#each SIDES as side (side)}
		<div>
			<p class="hint mb-1">{side === 'left' ? 'Left' : 'Right'} edge, from the cast-on up</p>
			{#each piece[side] as p, i (i)}
				<div class="mb-1 flex flex-wrap items-end gap-1.5">
					<div class="w-20">
						<QuantityField
							label="across"
							hideLabel={i > 0}
							text={printValue(p.x, 'length', units)}
							{parse}
							onvalue={(t) => move(side, i, 'x', t)}
						/>
					</div>
					<div class="w-20">
						{#if i === 0}<p class="hint mb-0.5">up</p>
							<p class="py-1.5 text-sm">0, the cast-on</p>
						{:else}<QuantityField
								label="up"
								hideLabel
								text={printValue(p.y, 'length', units)}
								{parse}
								onvalue={(t) => move(side, i, 'y', t)}
							/>{/if}
					</div>
					{#if i < piece[side].length - 1}
						<div class="w-28">
							<TextField
								label="is called"
								hideLabel={i > 0}
								value={p.part ?? ''}
								example="side"
								onvalue={(part) => name(side, i, part)}
							/>
						</div>
						<button
							class="btn btn-sm mb-1"
							disabled={piece[side].length >= MOST_EDGE_POINTS}
							onclick={() => add(side, i)}>Point above</button
						>
					{/if}
					{#if i > 0 && i < piece[side].length - 1}
						<button
							class="btn btn-sm mb-1"
							onclick={() =>
								put(
									side,
									piece[side].filter((_, k) => k !== i)
								)}>Out</button
						>
					{/if}
				</div>
			{/each}
		</div>
	{/each}
</div>
