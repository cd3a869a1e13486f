<script lang="ts">
	import type { Outline } from '$lib/core/shaping/outline';
	import { stitchesByRow } from '$lib/core/shaping/schedule';
	import { stitchesOf, type Strip } from '$lib/core/convert/pieces/strip';
	import type { MadePiece } from '$lib/core/recipe/garments/made-piece';
	import { printValue } from '$lib/core/quantity/print';
	import PieceDrawing from './PieceDrawing.svelte';
	import type { Reading } from './reading.svelte';

	/** One panel with a row pointed at: the row of the text beside the row of the machine, and what the text says there. */
	interface Props {
		strip: Strip;
		outline: Outline;
		/** As it is knitted: panels side by side where it is too wide. */
		made: readonly MadePiece[];
		reading: Reading;
		scale: number;
	}
	let { strip, outline, made, reading, scale }: Props = $props();
	const id = $props.id();
	const first = $derived(made[0]);
	const rows = $derived(first?.rows ?? strip.rows);
	/** The row that is pointed at, by the text, from 1. */
	let at = $state(1);
	const here = $derived(Math.min(Math.max(1, at), strip.rows));
	const mine = $derived(
		first?.asTyped?.exact
			? here
			: Math.max(1, Math.min(rows, Math.round((here * rows) / strip.rows)))
	);
	const theirs = $derived(stitchesOf(strip)[here - 1] ?? strip.castOn);
	const stitches = $derived(
		made.map((m) => (m.schedule ? (stitchesByRow(m.schedule)[mine - 1] ?? 0) : m.stitches))
	);
	const says = $derived.by(() => {
		const line = strip.lines.findLast((l) => l.row <= here - 1);
		const of = line && reading.read.instructions[line.at];
		return of ? reading.pattern.text.slice(of.from, of.to).replace(/\s+/g, ' ').trim() : '';
	});
	const units = $derived(reading.on.units);
	const wide = $derived(made.reduce((t, m) => t + m.stitches, 0));
</script>

<figure class="piece min-w-0">
	<figcaption class="mb-1 text-sm">
		{#if strip.name !== strip.of}<span class="font-semibold">{strip.name}</span><br />{/if}
		<span class="figure">{strip.castOn}</span> st ×
		<span class="figure">{strip.rows}</span> rows&#32;<span class="quiet">becomes</span>&#32;<span
			class="figure font-semibold">{wide}</span
		>
		st ×
		<span class="figure font-semibold">{rows}</span> rows{made.length > 1
			? ` in ${made.length} panels`
			: ''}{strip.count > 1 ? `, ${strip.count} times` : ''}{strip.mirrored
			? ', half mirrored'
			: ''}
	</figcaption>
	<PieceDrawing
		{outline}
		{made}
		density={reading.density}
		colour={reading.on.yarn.colour}
		{scale}
		atCm={mine / reading.density.rowsPerCm}
		name={strip.name}
	/>
	<label class="hint mt-1 block" for={id}
		>Row of the text{strip.turned ? ', from its other end' : ''}</label
	>
	<input
		{id}
		type="range"
		class="range range-xs w-full"
		min="1"
		max={strip.rows}
		value={here}
		oninput={(e) => (at = Number(e.currentTarget.value))}
		aria-valuetext={`row ${here} of the text, ${theirs} stitches; row ${mine} here, ${stitches.join(' and ')} stitches`}
	/>
	<p class="text-sm">
		<span class="figure">{here}</span> of the text, <span class="figure">{theirs}</span> st
		<span class="quiet">is</span>
		<span class="figure font-semibold">{mine}</span> here,
		<span class="figure font-semibold">{stitches.join(' + ')}</span> st<span class="quiet"
			>, {printValue(mine / reading.density.rowsPerCm, 'length', units)} up</span
		>
	</p>
	{#if says}<p class="quiet text-sm">“{says}”</p>{/if}
</figure>

<style>
	.piece {
		width: min(100%, 17rem);
	}
</style>
