<script lang="ts">
	import type { EdgeRef } from '$lib/core/assembly/assembly';
	import type { Dimension, Handle } from '$lib/core/recipe/garments/pattern';
	import { sectionsFor } from '$lib/core/recipe/garments/make';
	import type { Measure } from '$lib/core/model/kinds';
	import type { GarmentWish } from '$lib/core/recipe/garments/options';
	import type { PlanOf } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import { ring } from '$lib/core/recipe/garments/flat';
	import type { Point } from '$lib/core/shaping/outline';
	import { MEASURE_NAMES, wordOnDrawing } from '$lib/core/recipe/garments/words';
	import FabricPatterns from '../FabricPatterns.svelte';
	import { placePieces, type Placed } from './layout';

	interface Props {
		plan: PlanOf<'flat'>;
		wish: GarmentWish;
		units: Units;
		/** A seam's edges to point at. */
		lit: readonly EdgeRef[];
		/** The piece whose chart is shown. */
		chosen: string;
		onchoose: (piece: string) => void;
		/** A point was moved: a measure is to be so long, for this piece. */
		onmeasure: (measure: Measure, cm: number, piece: string) => void;
		/** A point of a free piece was moved, cm. */
		onpoint: (piece: string, side: 'left' | 'right', index: number, x: number, y: number) => void;
		/** A measure's name was pressed. */
		onask: (measure: Measure) => void;
	}
	let { plan, wish, units, lit, chosen, onchoose, onmeasure, onpoint, onask }: Props = $props();
	const id = $props.id();
	let width = $state(0);
	const TOP = 40;
	/** Lines shorter than their label have it at their upper end. */
	const LETTER_PX = 6.2;
	const LABEL_PX = 52;
	const BOTTOM = 44;
	const MOST_PX = 300;

	const made = $derived(plan.finished.made);
	const layout = $derived(placePieces(made));
	/** Room for dimension lines at either end, px. */
	const PAD = { left: 62, right: 46 };
	const room = $derived(Math.max(80, width - PAD.left - PAD.right));
	const px = $derived(Math.min(room / layout.width, MOST_PX / layout.height, 14));
	const left = $derived(PAD.left + (room - layout.width * px) / 2);
	const height = $derived(Math.ceil(layout.height * px) + TOP + BOTTOM);
	const gauge = $derived(plan.gauges[0]!);
	const X = (p: Placed, x: number) => left + (p.x + x) * px;
	const Y = (p: Placed, y: number) => TOP + (layout.height - (p.flip ? p.height - y : y)) * px;
	const path = (p: Placed, points: readonly Point[]) =>
		`M${points.map((q) => `${X(p, q.x).toFixed(1)} ${Y(p, q.y).toFixed(1)}`).join('L')}`;
	const bands = (p: Placed) => {
		const rows = Math.max(1, Math.round(p.height * gauge.rowsPerCm.mean));
		let at = 0;
		return sectionsFor(wish, p.piece, rows).map((s) => {
			const from = (at / rows) * p.height;
			at += s.rows;
			const to = (at / rows) * p.height;
			return { yarn: yarnOf(s.yarn), from, to };
		});
	};
	const ids = $derived([...new Set(wish.yarns)]);
	const yarnOf = (i: number) => Math.max(0, ids.indexOf(wish.yarns[i]!));
	const countsOf = (piece: string) => made.pieces.filter((m) => m.of === piece);

	/** The edges of a piece that a seam speaks of, as lines. */
	function edgesOf(p: Placed, end: EdgeRef): Point[][] {
		const found: Point[][] = [];
		for (const side of ['left', 'right'] as const) {
			if (end.side !== undefined && end.side !== side) continue;
			const edge = p.piece.outline[side];
			for (let i = 0; i + 1 < edge.length; i++)
				if (edge[i]!.part === end.part) found.push([edge[i]!, edge[i + 1]!]);
		}
		const o = p.piece.outline;
		if (end.part === (o.top ?? 'top') && end.side !== 'left' && end.side !== 'right')
			found.push([o.left.at(-1)!, o.right.at(-1)!]);
		if (end.part === 'hem') found.push([o.left[0]!, o.right[0]!]);
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

	const STEP = 0.5;
	const ARROWS: Partial<Record<string, [number, number]>> = {
		ArrowLeft: [-STEP, 0],
		ArrowRight: [STEP, 0],
		ArrowUp: [0, STEP],
		ArrowDown: [0, -STEP]
	};
	const snap = (cm: number) => Math.round(cm / STEP) * STEP;
	let drag: {
		p: Placed;
		handle: Handle;
		x: number;
		y: number;
		start: Partial<Record<Measure, number>>;
	} | null = $state(null);
	const nowOf = (measure: Measure, piece: string) =>
		wish.alone.find((a) => a.piece === piece && a.measure === measure)?.cm ??
		plan.finished.measures[measure].cm;
	function grab(e: PointerEvent, p: Placed, handle: Handle) {
		(e.currentTarget as Element).setPointerCapture(e.pointerId);
		const start: Partial<Record<Measure, number>> = {};
		for (const axis of [handle.x, handle.y])
			if (axis) start[axis.measure] = nowOf(axis.measure, p.piece.id);
		drag = { p, handle, x: e.clientX, y: e.clientY, start };
	}
	function pull(e: PointerEvent) {
		if (!drag) return;
		const dx = (e.clientX - drag.x) / px;
		const dy = ((drag.p.flip ? 1 : -1) * (e.clientY - drag.y)) / px;
		apply(drag.p, drag.handle, dx, dy, drag.start);
	}
	function apply(
		p: Placed,
		h: Handle,
		dx: number,
		dy: number,
		start: Partial<Record<Measure, number>>
	) {
		for (const [axis, d] of [
			[h.x, dx],
			[h.y, dy]
		] as const) {
			if (!axis) continue;
			const cm = snap(start[axis.measure]! + d * axis.per);
			if (cm !== nowOf(axis.measure, p.piece.id) && cm >= 0.5)
				onmeasure(axis.measure, cm, p.piece.id);
		}
	}
	function nudge(e: KeyboardEvent, p: Placed, h: Handle) {
		const d = ARROWS[e.key];
		if (!d) return;
		e.preventDefault();
		const sign = p.flip ? -1 : 1;
		const start: Partial<Record<Measure, number>> = {};
		for (const axis of [h.x, h.y]) if (axis) start[axis.measure] = nowOf(axis.measure, p.piece.id);
		// A press is at least one step of the measure, however much it moves the point.
		const step = (axis: Handle['x'], n: number) =>
			axis && n !== 0 ? n / Math.min(1, Math.abs(axis.per)) / Math.max(1, Math.abs(axis.per)) : 0;
		apply(p, h, step(h.x, d[0]), step(h.y, sign * d[1]), start);
	}
	/** Where a dimension's line runs: outside the piece it keeps its distance in px, however small the drawing. */
	function lineOf(p: Placed, d: Dimension): [number, number, number, number] {
		const xs = ring(p.piece.outline).map((q) => q.x);
		const [least, most] = [Math.min(...xs), Math.max(...xs)];
		const x = (at: number): number =>
			at > most
				? X(p, most) + 20
				: at < least
					? X(p, least) - (at < least - FAR_CM ? 42 : 14)
					: X(p, at);
		const y = (at: number): number => (at > p.height ? Y(p, p.height) - 11 : Y(p, at));
		const shallow = d.measure === 'shoulderDrop';
		return [
			shallow ? X(p, d.from.x) : x(d.from.x),
			y(d.from.y),
			shallow ? X(p, d.to.x) : x(d.to.x),
			y(d.to.y)
		];
	}
	const FAR_CM = 3;
	const free = $derived(wish.recipe === 'free-garment');
	let held: {
		p: Placed;
		side: 'left' | 'right';
		index: number;
		x: number;
		y: number;
		from: Point;
	} | null = $state(null);
	function pullPoint(e: PointerEvent) {
		if (!held) return;
		const x = snap(held.from.x + (e.clientX - held.x) / px);
		const y = snap(held.from.y - (e.clientY - held.y) / px);
		onpoint(held.p.piece.id, held.side, held.index, x, Math.max(0, y));
	}
	function nudgePoint(
		e: KeyboardEvent,
		p: Placed,
		side: 'left' | 'right',
		index: number,
		at: Point
	) {
		const d = ARROWS[e.key];
		if (!d) return;
		e.preventDefault();
		onpoint(p.piece.id, side, index, at.x + d[0], Math.max(0, at.y + d[1]));
	}
	const handleName = (p: Placed, h: Handle) =>
		`${p.piece.name}: ${[h.x, h.y].flatMap((a) => (a ? [MEASURE_NAMES[a.measure]] : [])).join(' and ')}`;
</script>

<div bind:clientWidth={width}>
	{#if width > 0}
		<svg
			{width}
			{height}
			viewBox={`0 0 ${width} ${height}`}
			role="group"
			aria-label="The pieces, to scale"
			class="block touch-pan-y select-none"
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
							x={X(p, points[0]!.x - 60)}
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
							x={X(p, points[0]!.x) + (l.after + 1 + i * l.columns) * per}
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
					{@const x = m.cut.outline.left[0]!.x}
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

			{#each layout.placed as p (p.piece.id)}
				{#each p.piece.mirrorOf ? [] : p.piece.dimensions as d (d.measure)}
					{@const [x1, y1, x2, y2] = lineOf(p, d)}
					{@const upright = Math.abs(x1 - x2) < 1}
					{@const label = `${wordOnDrawing(d.measure)} ${printValue(nowOf(d.measure, p.piece.id), 'length', units)}`}
					{@const short =
						upright && Math.abs(y1 - y2) < LETTER_PX * label.length * (d.from.x < 0 ? 0.6 : 1)}
					<path
						d={upright
							? `M${x1 - 4} ${y1}h8M${x1} ${y1}V${y2}M${x1 - 4} ${y2}h8`
							: `M${x1} ${y1 - 4}v8M${x1} ${y1}H${x2}M${x2} ${y2 - 4}v8`}
						fill="none"
						class="stroke-base-content pointer-events-none"
						stroke-width="1.1"
					/>
					<text
						role="button"
						tabindex="-1"
						transform={upright && !short
							? `translate(${x1} ${(y1 + y2) / 2}) rotate(-90)`
							: short
								? `translate(${x1} ${Math.min(y1, y2)})`
								: `translate(${(x1 + x2) / 2} ${y1})`}
						dy={upright && !short ? -4 : -6}
						text-anchor="middle"
						class="dim fill-base-content cursor-pointer text-[12px]"
						onclick={() => onask(d.measure)}
						onkeydown={(e) => e.key === 'Enter' && onask(d.measure)}>{label}</text
					>
				{/each}
			{/each}
			{#each layout.placed as p (p.piece.id)}
				{#each p.piece.handles as h, i (i)}
					{@const at = p.piece.outline[h.side][h.index]}
					{#if at}
						<circle
							role="slider"
							tabindex="0"
							aria-label={handleName(p, h)}
							aria-valuenow={nowOf((h.y ?? h.x)!.measure, p.piece.id)}
							cx={X(p, at.x)}
							cy={Y(p, at.y)}
							r="6"
							class={[
								'fill-base-100 stroke-base-content',
								h.x && h.y ? 'cursor-move' : h.y ? 'cursor-ns-resize' : 'cursor-ew-resize'
							]}
							stroke-width="2"
							onpointerdown={(e) => grab(e, p, h)}
							onpointermove={pull}
							onpointerup={() => (drag = null)}
							onpointercancel={() => (drag = null)}
							onkeydown={(e) => nudge(e, p, h)}><title>{handleName(p, h)}</title></circle
						>
					{/if}
				{/each}
			{/each}
			{#if free}
				{#each layout.placed.filter((p) => !p.piece.mirrorOf) as p (p.piece.id)}
					{#each ['left', 'right'] as const as side (side)}
						{#each p.piece.outline[side] as at, index (index)}
							<circle
								role="slider"
								tabindex="0"
								aria-label={`${p.piece.name}: point ${index + 1} of its ${side} edge`}
								aria-valuenow={at.x}
								aria-valuetext={`${printValue(at.x, 'length', units)} across, ${printValue(at.y, 'length', units)} up`}
								cx={X(p, at.x)}
								cy={Y(p, at.y)}
								r="6"
								class="fill-base-100 stroke-base-content cursor-move"
								stroke-width="2"
								onpointerdown={(e) => {
									e.currentTarget.setPointerCapture(e.pointerId);
									held = { p, side, index, x: e.clientX, y: e.clientY, from: at };
								}}
								onpointermove={pullPoint}
								onpointerup={() => (held = null)}
								onpointercancel={() => (held = null)}
								onkeydown={(e) => nudgePoint(e, p, side, index, at)}
								><title
									>{printValue(at.x, 'length', units)} across, {printValue(at.y, 'length', units)} up</title
								></circle
							>
						{/each}
					{/each}
				{/each}
			{/if}
		</svg>
	{/if}
</div>

<style>
	.dim {
		paint-order: stroke;
		stroke: var(--color-base-100);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
	.dim:hover {
		text-decoration: underline;
	}
	circle:hover,
	circle:focus-visible {
		fill: var(--color-accent);
	}
	circle {
		touch-action: none;
	}
</style>
