<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { PlannedPiece } from '$lib/core/plan';
	import type { Gauge } from '$lib/core/bench/gauge/gauge';
	import type { Yarn } from '$lib/core/model/bench';
	import type { Units } from '$lib/core/quantity/units';
	import type { YarnRun } from '$lib/core/simulate/fabric';
	import { bisector } from 'd3-array';
	import type { Snippet } from 'svelte';
	import FabricPatterns from './FabricPatterns.svelte';
	import { pieceOutline } from './outline';
	import type { RibbonMark, RibbonPin, RibbonPlaces } from './ribbon';
	import RibbonPins from './RibbonPins.svelte';
	import RibbonRulers from './RibbonRulers.svelte';

	interface Props {
		piece: PlannedPiece;
		yarns: readonly Yarn[];
		gauges: readonly Gauge[];
		units: Units;
		/** Row of the fold, which may be half-way through a row. */
		foldRow: number | null;
		/** Rows hidden by a turned-up brim on either side of the fold, or 0. */
		hiddenRows?: number;
		/** Main rows already knitted; null draws all solid. */
		knitted?: number | null;
		pins?: readonly RibbonPin[];
		marks?: readonly RibbonMark[];
		/** Height of the fabric, px. */
		band?: number;
		rulers?: boolean;
		label?: string;
		/** Other runs than the piece has: how it would be. */
		runs?: readonly YarnRun[] | undefined;
		/** Drawn over the fabric; knows where rows are. */
		overlay?: Snippet<[RibbonPlaces]> | undefined;
	}
	let {
		piece,
		yarns,
		gauges,
		units,
		foldRow,
		hiddenRows = 0,
		knitted = null,
		pins = [],
		marks = [],
		band = 92,
		rulers = true,
		label = 'The whole tube, cast-on at the left',
		runs = undefined,
		overlay = undefined
	}: Props = $props();
	const id = $props.id();

	let width = $state(0);
	const EDGE = $derived(rulers ? 26 : 2);
	const WASTE_PX = 20;
	const top = $derived(rulers ? 40 : 4);
	const height = $derived(top + band + (rulers ? 34 : 4));
	const rowCm = $derived(gauges.map((g) => 1 / g.rowsPerCm.mean));
	const runCm = $derived.by(() => {
		let at = 0;
		return (runs ?? piece.runs).map((r) => {
			const from = at;
			at += (r.to - r.from) * entryAt(rowCm, r.yarn);
			return { ...r, fromCm: from, toCm: at };
		});
	});
	/** The first run that ends at a row or after it. */
	const byRow = bisector((r: YarnRun) => r.to).left;
	const totalCm = $derived(runCm.at(-1)?.toCm ?? 1);
	const left = $derived(EDGE + (piece.wasteRows > 0 ? WASTE_PX : 0));
	const px = $derived(Math.max(0.01, (width - left - EDGE - (rulers ? WASTE_PX : 2)) / totalCm));
	const cmOf = (row: number): number => {
		const run = runCm[byRow(runCm, row)] ?? runCm.at(-1);
		return run ? run.fromCm + (row - run.from) * entryAt(rowCm, run.yarn) : 0;
	};
	const x = (row: number) => left + cmOf(row) * px;
	/** The row at a place of the drawing, px; the nearest whole one. */
	const rowAt = (at: number): number => {
		const cm = (at - left) / px;
		const run = runCm.find((r) => cm <= r.toCm) ?? runCm.at(-1);
		return run ? Math.round(run.from + (cm - run.fromCm) / entryAt(rowCm, run.yarn)) : 0;
	};
	const places = $derived({ x, rowAt, top, band });
	const outline = $derived(pieceOutline(piece, (row) => cmOf(row) * px, { top, height: band }));
	const gauge = $derived(entryAt(gauges, 0));
	/** A panel shows each of its stitches; a tube is a strip of its middle, at scale. */
	const across = $derived(
		piece.rowByRow.stretches.some((s) => s.mode !== 'tube') ? piece.stitches.first : null
	);
	// Labels of pins that would lie on one another are staggered on two lines.
	const placed = $derived.by(() => {
		let last = [-1e9, -1e9];
		return pins.map((p) => {
			const at = x(p.row);
			const half = p.label.length * 3.4;
			const line = at - half > entryAt(last, 0) ? 0 : 1;
			const fits = at - half > entryAt(last, line);
			if (fits) last[line] = at + half;
			return { ...p, at, line, fits };
		});
	});
</script>

<div bind:clientWidth={width} class="w-full min-w-0">
	{#if width > 0}
		<svg
			{width}
			{height}
			viewBox={`0 0 ${width} ${height}`}
			role="img"
			aria-label={`${label}: ${piece.mainRows} rows`}
			class="block"
		>
			<defs>
				<FabricPatterns
					prefix={id}
					{yarns}
					stitchPx={across ? band / across : px / gauge.stitchesPerCm.mean}
					rowPx={px / gauge.rowsPerCm.mean}
					lying
				/>
				<pattern
					id={`${id}-waste`}
					width="6"
					height="6"
					patternUnits="userSpaceOnUse"
					patternTransform="rotate(45)"
				>
					<rect width="6" height="6" class="fill-base-200" />
					<path d="M0 0v6" class="stroke-base-content/35" stroke-width="1.5" />
				</pattern>
			</defs>
			<g transform={`translate(${left} 0)`}>
				{#if piece.wasteRows > 0}
					<rect
						x={-WASTE_PX}
						y={top}
						width={WASTE_PX}
						height={band}
						fill={`url(#${id}-waste)`}
						class="stroke-base-content/40"
					/>
				{/if}
				<clipPath id={`${id}-piece`}><path d={outline} /></clipPath>
				<g clip-path={`url(#${id}-piece)`}>
					{#each runCm as r, i (i)}
						{@const x0 = r.fromCm * px}
						<rect
							x={x0}
							y={top}
							width={(r.toCm - r.fromCm) * px}
							height={band}
							fill={`url(#${id}-${r.yarn})`}
							opacity={knitted === null ? 1 : 0.28}
						/>
					{/each}
					{#if knitted !== null}
						<clipPath id={`${id}-done`}
							><rect x="-1" y={top} width={cmOf(knitted) * px + 1} height={band} /></clipPath
						>
						<g clip-path={`url(#${id}-done)`}>
							{#each runCm as r, i (i)}
								<rect
									x={r.fromCm * px}
									y={top}
									width={(r.toCm - r.fromCm) * px}
									height={band}
									fill={`url(#${id}-${r.yarn})`}
								/>
							{/each}
						</g>
					{/if}
				</g>
				<path
					d={outline}
					fill="none"
					class="stroke-base-content/75"
					stroke-width="1.5"
					stroke-linejoin="round"
				/>
			</g>
			{#if hiddenRows > 0 && foldRow !== null}
				<rect
					x={x(Math.max(0, foldRow - hiddenRows))}
					y={top}
					width={x(foldRow) - x(Math.max(0, foldRow - hiddenRows))}
					height={band}
					fill="#0b1820"
					opacity="0.3"
				/>
			{/if}
			{#if rulers}
				<RibbonRulers
					{places}
					rows={piece.mainRows}
					{totalCm}
					{px}
					{left}
					edge={EDGE}
					{units}
					{foldRow}
					{placed}
				/>
			{/if}
			<RibbonPins {places} {placed} {marks} />
			{@render overlay?.(places)}
			{#if knitted !== null}
				<path
					d={`M${x(knitted)} ${top - 6}V${top + band + 6}`}
					class="stroke-base-content"
					stroke-width="6"
				/>
				<path
					d={`M${x(knitted)} ${top - 6}V${top + band + 6}`}
					class="stroke-accent"
					stroke-width="3"
				/>
			{/if}
		</svg>
	{/if}
</div>
