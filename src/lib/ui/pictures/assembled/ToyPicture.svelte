<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { placeParts, type PlacedPart } from '$lib/core/recipe/assembled/form/toy';
	import { eyesOf } from '$lib/core/thing/stuffed';
	import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
	import type { AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import ScaleBar from './ScaleBar.svelte';
	import { boxOf, drawnPart, inRows } from './toy-drawing';
	import type { PartEdit } from './toy-edit';
	import ToyGrips from './ToyGrips.svelte';

	interface Props {
		finished: AssembledOf<'stuffed'>;
		plan: AssembledPlan;
		/** 0 flat tubes, 1 stuffed, 2 put together. */
		stage: number;
		units: Units;
		width: number;
		height: number;
		picked?: string;
		onpick?: (part: string) => void;
		onedit?: (edit: PartEdit) => void;
	}
	let {
		finished,
		plan,
		stage,
		units,
		width,
		height: most,
		picked = '',
		onpick,
		onedit
	}: Props = $props();
	const id = $props.id();
	const gauge = $derived(entryAt(plan.gauges, 0));
	let svg = $state<SVGSVGElement>();

	const flat = $derived(stage === 0);
	const placed = $derived(
		stage === 2 ? placeParts(finished.parts, finished.stands) : inRows(finished.parts, flat)
	);
	const ordered = $derived([...placed.filter((p) => p.behind), ...placed.filter((p) => !p.behind)]);

	const box = $derived(boxOf(placed, flat));
	// Held still while a hand draws, or what is taken hold of would run away under it.
	let held = $state.raw<{ box: typeof box; px: number } | null>(null);
	const fit = $derived(
		held ?? {
			box,
			px: Math.min(
				(width - 30) / Math.max(1, box.right - box.left),
				(most - 50) / Math.max(1, box.high - box.low)
			)
		}
	);
	const px = $derived(fit.px);
	const height = $derived(Math.ceil((fit.box.high - fit.box.low) * fit.px) + 50);
	const X = (x: number) => width / 2 + (x - (fit.box.left + fit.box.right) / 2) * px;
	const Y = (y: number) => 12 + (fit.box.high - y) * px;
	const matrix = (p: PlacedPart) =>
		`translate(${X(p.at.x).toFixed(2)} ${Y(p.at.y).toFixed(2)}) rotate(${((-p.turn * 180) / Math.PI).toFixed(2)}) scale(${px.toFixed(4)} ${(-px).toFixed(4)})`;

	const eyes = $derived(stage === 2 ? eyesOf(placed, finished).map((e) => e.at) : []);

	const inHand = $derived(
		onedit && !flat ? placed.find((x) => x.of.part.id === picked) : undefined
	);
	const scale = () => (svg ? width / svg.getBoundingClientRect().width : 1);
</script>

<svg
	bind:this={svg}
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	class="h-auto max-w-full touch-none"
	role="group"
	aria-label={[
		'Its tubes laid flat, to scale',
		'Its parts stuffed, to scale',
		'The finished toy, to scale'
	][stage]}
>
	<defs>
		{#each plan.yarns as y, i (i)}
			<pattern
				id={`${id}-knit-${i}`}
				width={1 / gauge.rowsPerCm.mean}
				height={1 / gauge.stitchesPerCm.mean}
				patternUnits="userSpaceOnUse"
			>
				<rect width="1" height="1" fill={y.colour} />
				<path
					d={`M0 0L${0.9 / gauge.rowsPerCm.mean} ${0.5 / gauge.stitchesPerCm.mean}L0 ${1 / gauge.stitchesPerCm.mean}`}
					fill="none"
					stroke="black"
					stroke-opacity="0.22"
					stroke-width={0.16 / gauge.stitchesPerCm.mean}
				/>
			</pattern>
		{/each}
		<radialGradient id={`${id}-round`} cx="0.5" cy="0.62" r="0.62">
			<stop offset="0" stop-color="white" stop-opacity="0.28" />
			<stop offset="0.55" stop-color="white" stop-opacity="0" />
			<stop offset="1" stop-color="black" stop-opacity="0.36" />
		</radialGradient>
	</defs>
	{#each ordered as p, i (i)}
		{@const parts = drawnPart(p.of, flat)}
		<g
			transform={matrix(p)}
			class={onpick && 'cursor-pointer'}
			role={onpick ? 'button' : undefined}
			tabindex="-1"
			aria-label={onpick ? `Take up ${p.of.part.name}` : undefined}
			onpointerdown={() => onpick?.(p.of.part.id)}
		>
			{#each parts as s, k (k)}
				<clipPath id={`${id}-c${i}-${k}`}><path d={s.d} /></clipPath>
				<g clip-path={`url(#${id}-c${i}-${k})`}>
					{#each s.bands as b, n (n)}
						<rect
							x={b.x - 0.01}
							y={-s.radius}
							width={b.w + 0.02}
							height={2 * s.radius}
							fill={px / gauge.rowsPerCm.mean > 2.4
								? `url(#${id}-knit-${b.yarn})`
								: plan.yarns[b.yarn]?.colour}
						/>
					{/each}
				</g>
				{#if !flat && p.of.part.stuffed}<path d={s.d} fill={`url(#${id}-round)`} />{/if}
				{#if p.behind}<path d={s.d} fill="black" fill-opacity="0.28" />{/if}
				<path
					d={s.d}
					fill="none"
					class={p.of.part.id === picked && onedit
						? 'stroke-base-content'
						: 'stroke-base-content/70'}
					stroke-width={p.of.part.id === picked && onedit ? 2.2 : 1.4}
					vector-effect="non-scaling-stroke"
					stroke-linejoin="round"
				/>
				{#if k > 0}<path
						d={`M${s.from} ${-s.radius * 0.18}V${s.radius * 0.18}`}
						class="stroke-base-content"
						stroke-width="3"
						vector-effect="non-scaling-stroke"
					/>{/if}
			{/each}
		</g>
	{/each}
	{#each eyes as e, i (i)}
		{@const r = Math.max(3, 0.62 * px)}
		<circle
			cx={X(e.x)}
			cy={Y(e.y)}
			{r}
			fill="#16222b"
			stroke="white"
			stroke-width={finished.eyes.kind === 'stitched' ? 0 : 1.5}
		/>
		{#if finished.eyes.kind === 'button'}<circle
				cx={X(e.x) - r * 0.3}
				cy={Y(e.y)}
				r={r * 0.16}
				fill="white"
			/><circle cx={X(e.x) + r * 0.3} cy={Y(e.y)} r={r * 0.16} fill="white" />{/if}
	{/each}
	{#if inHand && onedit}
		<ToyGrips
			part={inHand}
			{px}
			x={X}
			y={Y}
			{scale}
			{units}
			{onedit}
			onhold={(hold) => (held = hold ? { box, px: fit.px } : null)}
		/>
	{/if}
	<ScaleBar x={10} y={height - 6} {px} {units} />
</svg>
