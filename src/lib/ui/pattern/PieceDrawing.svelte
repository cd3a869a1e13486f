<script lang="ts">
	import { line } from 'd3-shape';
	import { offByRow } from '$lib/core/shaping/edge-schedule';
	import type { Outline, Point } from '$lib/core/shaping/outline';
	import type { MadePiece } from '$lib/core/recipe/garments/made-piece';
	import type { Density } from '$lib/core/shaping/schedule';

	/** A panel as the pattern has it, dashed, and stitch by stitch as it is knitted here; a row of either is pointed at. */
	interface Props {
		outline: Outline;
		made: readonly MadePiece[];
		density: Density;
		colour: string;
		/** Pixels to the cm. */
		scale: number;
		/** Height of the row that is pointed at, cm from the first. */
		atCm: number;
		name: string;
	}
	let { outline, made, density, colour, scale, atCm, name }: Props = $props();
	const id = $props.id();
	const PAD = 6;
	const xs = $derived([...outline.left, ...outline.right].map((p) => p.x));
	const low = $derived(Math.min(...xs, 0));
	const mineCm = $derived(
		made.reduce((t, m) => t + (m.schedule?.stitches ?? m.stitches) / density.stitchesPerCm, 0)
	);
	const theirCm = $derived(Math.max(...xs) - low);
	const w = $derived(Math.max(theirCm, mineCm));
	const h = $derived(
		Math.max(outline.left.at(-1)?.y ?? 1, ...made.map((m) => m.rows / density.rowsPerCm), 1)
	);
	const px = (cm: number) => cm * scale;
	const X = (cm: number) => PAD + px(cm);
	const Y = (cm: number) => PAD + px(h - cm);
	const ring = (o: Outline): Point[] => [...o.left, ...o.right.toReversed()];
	/** Both drawings share their middle. */
	const theirX = $derived((w - theirCm) / 2 - low);
	const path = $derived(
		line<Point>(
			(p) => X(p.x + theirX),
			(p) => Y(p.y)
		)(ring(outline)) + 'Z'
	);
	interface Stepped {
		readonly d: string;
		readonly from: number;
	}
	/** The border of a panel row by row, in stitches of the maker's gauge. */
	const stepped = $derived.by((): Stepped[] => {
		let from = (w - mineCm) / 2;
		return made.map((m) => {
			const s = m.schedule;
			const stitches = s?.stitches ?? m.stitches;
			const left = s ? offByRow(s.left.takes, m.rows) : [];
			const right = s ? offByRow(s.right.takes, m.rows) : [];
			const st = 1 / density.stitchesPerCm;
			const row = 1 / density.rowsPerCm;
			const up: string[] = [];
			const down: string[] = [];
			for (let r = 0; r < m.rows; r++) {
				const l = X(from + (left[r] ?? 0) * st);
				const x = X(from + (stitches - (right[r] ?? 0)) * st);
				up.push(`${l} ${Y(r * row)}`, `${l} ${Y((r + 1) * row)}`);
				down.push(`${x} ${Y(r * row)}`, `${x} ${Y((r + 1) * row)}`);
			}
			const one = { d: `M${[...up, ...down.toReversed()].join('L')}Z`, from };
			from += stitches * st;
			return one;
		});
	});
	const width = $derived(Math.ceil(px(w) + 2 * PAD));
	const height = $derived(Math.ceil(px(h) + 2 * PAD));
	const cell = $derived({ w: px(1 / density.stitchesPerCm), h: px(1 / density.rowsPerCm) });
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	role="img"
	aria-label={`${name}: dashed as the pattern has it, filled stitch by stitch as it is knitted here`}
	class="text-base-content block max-w-full"
>
	<defs>
		<pattern
			id={`${id}-st`}
			width={cell.w}
			height={cell.h}
			patternUnits="userSpaceOnUse"
			patternTransform={`translate(${X((w - mineCm) / 2)} ${Y(0)})`}
		>
			<rect width={cell.w} height={cell.h} fill={colour} />
			<path
				d={`M${cell.w * 0.15} ${cell.h * 0.1}L${cell.w * 0.5} ${cell.h * 0.9}L${cell.w * 0.85} ${cell.h * 0.1}`}
				fill="none"
				stroke="currentColor"
				stroke-opacity="0.32"
				stroke-width={Math.max(0.6, cell.w * 0.14)}
			/>
		</pattern>
	</defs>
	{#each stepped as s, i (i)}
		<path d={s.d} fill={`url(#${id}-st)`} stroke="currentColor" stroke-width="1" />
	{/each}
	<path d={path} fill="none" stroke="var(--color-base-100)" stroke-width="3.4" />
	<path d={path} fill="none" stroke="currentColor" stroke-width="1.6" stroke-dasharray="5 4" />
	<path d={`M0 ${Y(atCm)}H${width}`} stroke="var(--color-accent)" stroke-width="2" />
</svg>
