<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { ARM_FALL, flatOf } from '$lib/core/recipe/garments/flat';
	import type { GarmentOptions } from '$lib/core/recipe/garments/options';
	import type { PlanOf } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import type { Point } from '$lib/core/shaping/outline';
	import { BODY } from '$lib/core/bench/size/body';
	import FabricPatterns from '../FabricPatterns.svelte';

	interface Props {
		plan: PlanOf<'flat'>;
		options: GarmentOptions;
		units: Units;
		width?: number;
		height?: number;
	}
	let { plan, options, units, width = 320, height: most = 330 }: Props = $props();
	const id = $props.id();
	const gauge = $derived(entryAt(plan.gauges, 0));
	const flat = $derived(
		flatOf(options, plan.finished.made, {
			stitchesPerCm: gauge.stitchesPerCm.mean,
			rowsPerCm: gauge.rowsPerCm.mean
		})
	);
	const body = $derived(flat.shoulderCm === null ? null : BODY[options.size]);
	/** Tips of a hand's fingers, cm. */
	const FINGERS = [
		[3.3, 16.4],
		[5, 18.2],
		[6.8, 17.8],
		[8.5, 15.8]
	] as const;
	/** A hand is 18 cm long; beside what is small it says how small. */
	const HAND = { w: 11, h: 19 };
	const hand = $derived(
		body === null && flat.high.y - flat.low.y < 70 && flat.high.x - flat.low.x < 90
	);
	// A head and neck stand over the shoulders.
	const top = $derived(
		body ? flat.high.y + body.head / 2.3 + 5 : Math.max(flat.high.y, hand ? HAND.h : 0)
	);
	/** Half the way across from hand to hand. */
	const reach = $derived(
		body ? body.crossBack / 2 + (body.sleeve + body.armhole * 0.75 + 17) * Math.cos(ARM_FALL) : 0
	);
	const leftmost = $derived(Math.min(flat.low.x, -reach));
	const right = $derived(Math.max(flat.high.x + (hand ? HAND.w + 3 : 0), reach));
	/** Hands hang lower than a short vest. */
	const low = $derived(
		body
			? Math.min(
					flat.low.y,
					(flat.shoulderCm ?? 0) - (body.sleeve + body.armhole * 0.75 + 15) * Math.sin(ARM_FALL)
				)
			: flat.low.y
	);
	const px = $derived(
		Math.min((width - 16) / Math.max(1, right - leftmost), (most - 44) / Math.max(1, top - low))
	);
	const height = $derived(Math.ceil((top - low) * px) + 40);
	const X = (x: number) => width / 2 + (x - (right + leftmost) / 2) * px;
	const Y = (y: number) => 8 + (top - y) * px;
	const d = (points: readonly Point[]) =>
		`M${points.map((p) => `${X(p.x).toFixed(1)} ${Y(p.y).toFixed(1)}`).join('L')}Z`;
	const ids = $derived([...new Set(options.yarns)]);
	const yarnOf = (i: number) => Math.max(0, ids.indexOf(entryAt(options.yarns, i)));
	const barCm = $derived(units === 'cm' ? 10 : 10.16);
	/** The body the size is for, from its own measures: head, neck, shoulders, arms, trunk. */
	const figure = $derived.by(() => {
		if (!body || flat.shoulderCm === null) return null;
		const s = flat.shoulderCm;
		const half = body.crossBack / 2;
		const head = body.head / Math.PI / 2;
		const neck = flat.high.y + 1;
		const arm = body.upperArm / Math.PI;
		// Past the wrist the hand.
		const reach = body.sleeve + body.armhole * 0.75 + 13;
		const fall = ARM_FALL;
		const trunk = body.chest / Math.PI / 1.55;
		return { s, half, head, neck, arm, reach, fall, trunk };
	});
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	role="img"
	class="h-auto max-w-full"
	aria-label="The finished thing laid flat, to scale"
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={plan.yarns}
			stitchPx={px / gauge.stitchesPerCm.mean}
			rowPx={px / gauge.rowsPerCm.mean}
		/>
	</defs>
	{#if figure}
		{@const f = figure}
		<g class="fill-base-300 stroke-base-300" stroke-linecap="round" stroke-linejoin="round">
			{#each [-1, 1] as out (out)}
				{@const sx = out * (f.half - f.arm * 0.35)}
				<path
					d={`M${X(sx)} ${Y(f.s - f.arm * 0.3)}L${X(sx + out * f.reach * Math.cos(f.fall))} ${Y(f.s - f.reach * Math.sin(f.fall))}`}
					stroke-width={f.arm * 0.8 * px}
					fill="none"
				/>
			{/each}
			<path
				d={`M${X(-f.half)} ${Y(f.s)}L${X(-f.head * 0.6)} ${Y(f.neck)}H${X(f.head * 0.6)}L${X(f.half)} ${Y(f.s)}L${X(f.trunk * 0.88)} ${Y(f.s * 0.45)}L${X(f.trunk * 1.02)} ${Y(flat.low.y)}H${X(-f.trunk * 1.02)}L${X(-f.trunk * 0.88)} ${Y(f.s * 0.45)}Z`}
				stroke-width="3"
			/>
			<path
				d={`M${X(0)} ${Y(f.neck - 3)}V${Y(f.neck + 5)}`}
				stroke-width={f.head * 1.05 * px}
				stroke-linecap="butt"
			/>
			<ellipse
				cx={X(0)}
				cy={Y(f.neck + 4 + f.head * 1.15)}
				rx={f.head * px}
				ry={f.head * 1.32 * px}
			/>
		</g>
	{/if}
	{#if hand}
		{@const hx = flat.high.x + 3}
		{@const hy = flat.low.y}
		<g class="stroke-base-300" fill="none" stroke-linecap="round" stroke-linejoin="round">
			<path
				d={`M${X(hx + 5.5)} ${Y(hy)}V${Y(hy + 6)}`}
				stroke-width={5.4 * px}
				stroke-linecap="butt"
			/>
			<path d={`M${X(hx + 4.6)} ${Y(hy + 6.5)}H${X(hx + 6.6)}`} stroke-width={6.5 * px} />
			{#each FINGERS as [fx, fy] (fx)}
				<path
					d={`M${X(hx + fx)} ${Y(hy + 8.5)}L${X(hx + fx + (fx - 5.8) * 0.12)} ${Y(hy + fy)}`}
					stroke-width={1.65 * px}
				/>
			{/each}
			<path
				d={`M${X(hx + 2.6)} ${Y(hy + 6)}L${X(hx + 0.4)} ${Y(hy + 10.6)}`}
				stroke-width={1.9 * px}
			/>
		</g>
	{/if}
	{#each flat.parts as part, i (i)}
		<clipPath id={`${id}-part-${i}`}><path d={d(part.points)} /></clipPath>
		<g clip-path={`url(#${id}-part-${i})`}>
			{#each part.bands as b, k (k)}
				<path
					d={d(b.points)}
					fill={`url(#${id}-${yarnOf(b.yarn)})`}
					stroke={plan.yarns[yarnOf(b.yarn)]?.colour}
					stroke-width="0.6"
				/>
			{/each}
			{#if part.under}<path d={d(part.points)} fill="black" fill-opacity="0.32" />{/if}
		</g>
		<path
			d={d(part.points)}
			fill="none"
			class="stroke-base-content/75"
			stroke-width="1.5"
			stroke-linejoin="round"
		/>
	{/each}
	{#each flat.parts as part, i (i)}
		{#if part.gap}
			{@const [a, b] = part.gap}
			<ellipse
				cx={X(a.x)}
				cy={(Y(a.y) + Y(b.y)) / 2}
				rx={0.7 * px}
				ry={Math.abs(Y(a.y) - Y(b.y)) / 2}
				class="fill-base-100 stroke-base-content/75"
				stroke-width="1.5"
			/>
		{/if}
	{/each}
	<g class="fill-base-content stroke-base-content text-[12px]">
		<path d={`M10 ${height - 16}v6h${barCm * px}v-6`} fill="none" stroke-width="1.2" />
		<text stroke="none" x={10 + barCm * px + 6} y={height - 9}
			>{units === 'cm' ? '10 cm' : '4 in'}</text
		>
	</g>
</svg>
