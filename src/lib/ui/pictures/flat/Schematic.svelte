<script lang="ts">
	import { entryAt, last } from '$lib/core/quantity/sure';
	import type { EdgeRef } from '$lib/core/assembly/assembly';
	import { sectionsFor } from '$lib/core/recipe/garments/made-piece';
	import type { Measure } from '$lib/core/model/kinds';
	import type { GarmentOptions } from '$lib/core/recipe/garments/options';
	import type { PlanOf } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import { ring } from '$lib/core/recipe/garments/flat';
	import type { Point } from '$lib/core/shaping/outline';
	import FabricPatterns from '../FabricPatterns.svelte';
	import Dimensions from './Dimensions.svelte';
	import FreeGrips from './FreeGrips.svelte';
	import { placePieces, type Placed } from './layout';
	import MeasureGrips from './MeasureGrips.svelte';
	import type { FlatView } from './view';

	interface Props {
		plan: PlanOf<'flat'>;
		options: GarmentOptions;
		units: Units;
		/** A seam's edges to point at. */
		lit: readonly EdgeRef[];
		/** The piece whose chart is shown. */
		chosen: string;
		onchoose: (piece: string) => void;
		/** A point was moved: a measure is to be so long, for this piece. */
		onmeasure: (measure: Measure, cm: number, piece: string) => void;
		/** A point of a free piece was moved, cm. */
		onpoint: (piece: string, side: 'left' | 'right', index: number, to: Point) => void;
		/** A measure's name was pressed. */
		onask: (measure: Measure) => void;
	}
	let { plan, options, units, lit, chosen, onchoose, onmeasure, onpoint, onask }: Props = $props();
	const id = $props.id();
	let room = $state(0);
	const TOP = 40;
	const LABEL_PX = 52;
	const BOTTOM = 44;
	const MOST_PX = 236;

	const made = $derived(plan.finished.made);
	const layout = $derived(placePieces(made));
	/** Room for dimension lines at either end, px. */
	const PAD = { left: 62, right: 46 };
	/** Each piece has room for its name and its counts: on a small page the drawing is moved sideways. */
	const PIECE_PX = 104;
	const width = $derived(Math.max(room, PAD.left + PAD.right + PIECE_PX * layout.placed.length));
	const inner = $derived(Math.max(80, width - PAD.left - PAD.right));
	const px = $derived(Math.min(inner / layout.width, MOST_PX / layout.height, 14));
	const left = $derived(PAD.left + (inner - layout.width * px) / 2);
	const height = $derived(Math.ceil(layout.height * px) + TOP + BOTTOM);
	const gauge = $derived(entryAt(plan.gauges, 0));
	const X = (p: Placed, x: number) => left + (p.x + x) * px;
	const Y = (p: Placed, y: number) => TOP + (layout.height - (p.flip ? p.height - y : y)) * px;
	const path = (p: Placed, points: readonly Point[]) =>
		`M${points.map((q) => `${X(p, q.x).toFixed(1)} ${Y(p, q.y).toFixed(1)}`).join('L')}`;
	const bands = (p: Placed) => {
		const rows = Math.max(1, Math.round(p.height * gauge.rowsPerCm.mean));
		let at = 0;
		return sectionsFor(options, p.piece, rows).map((s) => {
			const from = (at / rows) * p.height;
			at += s.rows;
			const to = (at / rows) * p.height;
			return { yarn: yarnOf(s.yarn), from, to };
		});
	};
	const ids = $derived([...new Set(options.yarns)]);
	const yarnOf = (i: number) => Math.max(0, ids.indexOf(entryAt(options.yarns, i)));
	const countsOf = (piece: string) => made.pieces.filter((m) => m.of === piece);

	/** The edges of a piece that a seam speaks of, as lines. */
	function edgesOf(p: Placed, end: EdgeRef): Point[][] {
		const found: Point[][] = [];
		for (const side of ['left', 'right'] as const) {
			if (end.side !== undefined && end.side !== side) continue;
			const edge = p.piece.outline[side];
			for (let i = 0; i + 1 < edge.length; i++)
				if (entryAt(edge, i).part === end.part)
					found.push([entryAt(edge, i), entryAt(edge, i + 1)]);
		}
		const o = p.piece.outline;
		if (end.part === (o.top ?? 'top') && end.side !== 'left' && end.side !== 'right')
			found.push([last(o.left), last(o.right)]);
		if (end.part === 'hem') found.push([entryAt(o.left, 0), entryAt(o.right, 0)]);
		return found;
	}
	/** The same on the drawing, as paths. */
	const linesOf = (ends: readonly EdgeRef[]): string[] =>
		ends.flatMap((end) =>
			layout.placed
				.filter((p) => p.piece.id === whole(end.piece))
				.flatMap((p) => edgesOf(p, end).map((line) => path(p, line)))
		);
	const whole = (piece: string) => made.pieces.find((m) => m.id === piece)?.of ?? piece;
	const off = $derived(plan.joints.filter((c) => c.verdict === 'off' || c.verdict === 'missing'));

	const nowOf = (measure: Measure, piece: string) =>
		options.alone.find((a) => a.piece === piece && a.measure === measure)?.cm ??
		plan.finished.measures[measure].cm;
	const view = $derived<FlatView>({ px, x: X, y: Y });
	/** The maker's own outlines have no measures: every point of them can be moved. */
	const own = $derived(layout.placed.every((p) => p.piece.handles.length === 0));
</script>

<div bind:clientWidth={room} class="overflow-x-auto">
	{#if room > 0}
		<svg
			{width}
			{height}
			viewBox={`0 0 ${width} ${height}`}
			role="group"
			aria-label="The pieces, to scale"
			class="block touch-pan-x touch-pan-y select-none"
		>
			<defs>
				<FabricPatterns
					prefix={id}
					yarns={plan.yarns}
					stitchPx={px / gauge.stitchesPerCm.mean}
					rowPx={px / gauge.rowsPerCm.mean}
				/>
			</defs>
			{#each layout.placed as p (p.piece.id)}
				{@const points = ring(p.piece.outline)}
				{@const counts = countsOf(p.piece.id)}
				{@const wrong = counts.some((m) => m.problem)}
				<clipPath id={`${id}-${p.piece.id}`}><path d={`${path(p, points)}Z`} /></clipPath>
				<g clip-path={`url(#${id}-${p.piece.id})`}>
					{#each bands(p) as b, i (i)}
						<rect
							x={X(p, entryAt(points, 0).x - 60)}
							width={p.width * px + 120 * px}
							y={Math.min(Y(p, b.from), Y(p, b.to))}
							height={Math.abs(Y(p, b.to) - Y(p, b.from)) + 0.5}
							fill={`url(#${id}-${b.yarn})`}
						/>
					{/each}
				</g>
				<path
					role="button"
					tabindex="0"
					aria-pressed={chosen === p.piece.id}
					aria-label={`${p.piece.name}: show its stitch chart`}
					d={`${path(p, points)}Z`}
					fill="transparent"
					class={['cursor-pointer', wrong ? 'stroke-error' : 'stroke-base-content']}
					stroke-width={chosen === p.piece.id ? 2.6 : 1.4}
					stroke-linejoin="round"
					onclick={() => onchoose(p.piece.id)}
					onkeydown={(e) => (e.key === 'Enter' || e.key === ' ') && onchoose(p.piece.id)}
				/>
				{#each counts as m (m.id)}
					{#each m.ladders as l, i (l.after)}
						{@const per = (p.width * px) / m.columns}
						<rect
							x={X(p, entryAt(points, 0).x) + (l.after + 1 + i * l.columns) * per}
							y={Y(p, p.height)}
							width={l.columns * per}
							height={p.height * px}
							class="pointer-events-none"
							fill="white"
							fill-opacity="0.22"
						/>
					{/each}
				{/each}
				{#each counts.slice(1) as m (m.id)}
					{@const x = entryAt(m.cut.outline.left, 0).x}
					<path
						d={`M${X(p, x)} ${Y(p, 0)}V${Y(p, p.height)}`}
						class="stroke-base-100"
						stroke-width="3.5"
					/>
					<path
						d={`M${X(p, x)} ${Y(p, 0)}V${Y(p, p.height)}`}
						class="stroke-base-content"
						stroke-width="1.4"
						stroke-dasharray="5 3"
					/>
				{/each}
				{@const cx = X(
					p,
					(Math.min(...points.map((q) => q.x)) + Math.max(...points.map((q) => q.x))) / 2
				)}
				{@const right = cx + LABEL_PX > width}
				{@const tx = right ? width : cx}
				{@const base = TOP + layout.height * px}
				<text
					x={tx}
					y={base + 17}
					text-anchor={right ? 'end' : 'middle'}
					class="fill-base-content pointer-events-none text-[12.5px]"
					><tspan class="figure font-semibold">{p.piece.name}</tspan>{p.piece.count > 1
						? ` × ${p.piece.count}`
						: ''}</text
				>
				<text
					x={tx}
					y={base + 33}
					text-anchor={right ? 'end' : 'middle'}
					class="fill-base-content pointer-events-none text-[12.5px]"
					>{counts
						.map((m) =>
							m.columns === m.stitches ? m.stitches : `${m.stitches}, then ${m.columns}`
						)
						.join(' + ')} st, {Math.max(...counts.map((m) => m.rows))} rows</text
				>
			{/each}

			{#each off as c (c.id)}
				{#each linesOf(c.edges) as d, i (i)}
					<path
						{d}
						fill="none"
						class="stroke-error pointer-events-none"
						stroke-width="4"
						stroke-dasharray="7 4"
					/>
				{/each}
			{/each}
			{#each linesOf(lit) as d, i (i)}
				<g fill="none" class="pointer-events-none" stroke-linecap="round">
					<path {d} class="stroke-base-content" stroke-width="8" />
					<path {d} class="stroke-accent" stroke-width="5" />
				</g>
			{/each}

			<Dimensions placed={layout.placed} {view} {units} now={nowOf} {onask} />
			<MeasureGrips placed={layout.placed} {view} {units} now={nowOf} {onmeasure} />
			{#if own}<FreeGrips placed={layout.placed} {view} {units} {onpoint} />{/if}
		</svg>
	{/if}
</div>

<style>
	:global(.grip-point:hover),
	:global(.grip-point:focus-visible) {
		fill: var(--color-accent);
	}
</style>
