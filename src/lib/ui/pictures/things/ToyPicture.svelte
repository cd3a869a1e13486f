<script lang="ts">
	import {
		bandsAlong,
		partLength,
		placeParts,
		segmentLength,
		segmentOutline,
		segmentRadius,
		standsAt,
		type MadePart,
		type PlacedPart
	} from '$lib/core/recipe/things/form/toy';
	import type { ThingOf } from '$lib/core/recipe/things/form/thing';
	import type { ThingPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import ScaleBar from './ScaleBar.svelte';
	import type { PartEdit } from './toy-edit';

	interface Props {
		thing: ThingOf<'stuffed'>;
		plan: ThingPlan;
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
		thing,
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
	const gauge = $derived(plan.gauges[0]!);
	let svg = $state<SVGSVGElement>();

	/** Side by side, in as many rows as look well: what they are before they come together. */
	function inRows(parts: readonly MadePart[], flat: boolean): PlacedPart[] {
		const out: PlacedPart[] = [];
		const gap = 2;
		const size = (m: MadePart) => ({
			long: flat ? m.segments.reduce((t, s) => t + s.flatCm, 0) : partLength(m),
			wide: flat ? m.roundCm / 2 : 2 * Math.max(...m.segments.map((s) => segmentRadius(m, s)))
		});
		const all = parts.flatMap((m) => Array.from({ length: m.part.count }, () => m));
		const most = Math.max(...all.map((m) => size(m).long)) * 1.3 + gap;
		let [x, y, tall] = [0, 0, 0];
		for (const m of all) {
			const { long, wide } = size(m);
			if (x > 0 && x + long > most) [x, y, tall] = [0, y - tall - gap, 0];
			out.push({ of: m, at: { x, y: y - wide / 2 }, turn: 0, behind: false, hand: null });
			x += long + gap;
			tall = Math.max(tall, wide);
		}
		return out;
	}
	const flat = $derived(stage === 0);
	const placed = $derived(
		stage === 2 ? placeParts(thing.parts, thing.stands) : inRows(thing.parts, flat)
	);
	const ordered = $derived([...placed.filter((p) => p.behind), ...placed.filter((p) => !p.behind)]);

	interface Drawn {
		readonly d: string;
		readonly bands: readonly { readonly yarn: number; readonly x: number; readonly w: number }[];
		readonly from: number;
		readonly long: number;
		readonly radius: number;
	}
	function drawn(m: MadePart): Drawn[] {
		let from = 0;
		return m.segments.map((s) => {
			const long = flat ? s.flatCm : segmentLength(m, s);
			const radius = flat ? m.roundCm / 4 : segmentRadius(m, s);
			const start = from;
			from += long;
			const outline = flat
				? [
						{ x: start, y: radius },
						{ x: start + long, y: radius },
						{ x: start + long, y: -radius },
						{ x: start, y: -radius }
					]
				: segmentOutline(m, s, start);
			let row = 0;
			const bands = flat
				? s.bands.map((b) => {
						const x = start + (row / s.rows) * long;
						row += b.rows;
						return { yarn: b.yarn, x, w: (b.rows / s.rows) * long };
					})
				: bandsAlong(m, s).map((b) => ({
						yarn: b.yarn,
						x: start + b.from * long,
						w: (b.to - b.from) * long
					}));
			return {
				d: `M${outline.map((p) => `${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('L')}Z`,
				bands,
				from: start,
				long,
				radius
			};
		});
	}
	const corners = $derived(
		placed.flatMap((p) => {
			const parts = drawn(p.of);
			return parts.flatMap((s) =>
				[
					{ x: s.from, y: s.radius },
					{ x: s.from, y: -s.radius },
					{ x: s.from + s.long, y: s.radius },
					{ x: s.from + s.long, y: -s.radius }
				].map((c) => standsAt(p, c))
			);
		})
	);
	const box = $derived({
		left: Math.min(...corners.map((c) => c.x)),
		right: Math.max(...corners.map((c) => c.x)),
		low: Math.min(...corners.map((c) => c.y)),
		high: Math.max(...corners.map((c) => c.y))
	});
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

	const eyes = $derived.by(() => {
		const host = stage === 2 ? placed.find((p) => p.of.part.id === thing.eyes.part) : undefined;
		if (!host || thing.eyes.kind === 'none') return [];
		const head = drawn(host.of).at(-1)!;
		const n = thing.stands === 'upright' ? thing.eyes.count : Math.ceil(thing.eyes.count / 2);
		return Array.from({ length: n }, (_, i) =>
			standsAt(host, {
				x: head.from + head.long * 0.62,
				y: thing.stands === 'upright' ? (i - (n - 1) / 2) * head.radius * 0.7 : head.radius * 0.3
			})
		);
	});

	interface Handle {
		readonly key: string;
		readonly part: PlacedPart;
		readonly segment: number;
		readonly what: 'long' | 'thick';
		readonly at: { x: number; y: number };
		readonly value: number;
		readonly from: number;
	}
	const handles = $derived.by((): Handle[] => {
		const p = placed.find((x) => x.of.part.id === picked);
		if (!onedit || stage === 0 || !p) return [];
		return drawn(p.of).flatMap((s, i): Handle[] => [
			{
				key: `long-${i}`,
				part: p,
				segment: i,
				what: 'long',
				at: standsAt(p, { x: s.from + s.long, y: 0 }),
				value: s.long,
				from: s.from
			},
			...(p.of.part.stuffed
				? [
						{
							key: `thick-${i}`,
							part: p,
							segment: i,
							what: 'thick' as const,
							at: standsAt(p, { x: s.from + s.long / 2, y: s.radius }),
							value: 2 * s.radius,
							from: s.from
						}
					]
				: [])
		]);
	});
	const send = (h: Handle, value: number) =>
		onedit?.(
			h.what === 'long'
				? { part: h.part.of.part.id, segment: h.segment, longCm: Math.max(0.5, value) }
				: { part: h.part.of.part.id, segment: h.segment, thickCm: Math.max(0.5, value) }
		);
	let drag: { h: Handle } | null = null;
	function move(e: PointerEvent) {
		if (!drag || !svg) return;
		const r = svg.getBoundingClientRect();
		const k = width / r.width;
		const at = {
			x: ((e.clientX - r.left) * k - width / 2) / px + (fit.box.left + fit.box.right) / 2,
			y: fit.box.high - ((e.clientY - r.top) * k - 12) / px
		};
		const { part, from, what } = drag.h;
		const dx = at.x - part.at.x;
		const dy = at.y - part.at.y;
		const along = dx * Math.cos(part.turn) + dy * Math.sin(part.turn);
		const across = -dx * Math.sin(part.turn) + dy * Math.cos(part.turn);
		send(drag.h, what === 'long' ? along - from : 2 * Math.abs(across));
	}
	/** Keys come faster than plans: the next one goes on from where the last one led. */
	const GOES_ON_MS = 700;
	let led: { key: string; value: number; at: number } | null = null;
	function key(e: KeyboardEvent, h: Handle) {
		const step = e.shiftKey ? 1 : 0.2;
		const by = ['ArrowRight', 'ArrowUp'].includes(e.key)
			? step
			: ['ArrowLeft', 'ArrowDown'].includes(e.key)
				? -step
				: 0;
		if (by === 0) return;
		e.preventDefault();
		const now = performance.now();
		const goesOn = led?.key === h.key && now - led.at < GOES_ON_MS;
		const value = Math.max(0.5, (goesOn ? led!.value : h.value) + by);
		led = { key: h.key, value, at: now };
		send(h, value);
	}
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
	onpointermove={move}
	onpointerup={() => {
		drag = null;
		held = null;
	}}
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
		{@const parts = drawn(p.of)}
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
			stroke-width={thing.eyes.kind === 'stitched' ? 0 : 1.5}
		/>
		{#if thing.eyes.kind === 'button'}<circle
				cx={X(e.x) - r * 0.3}
				cy={Y(e.y)}
				r={r * 0.16}
				fill="white"
			/><circle cx={X(e.x) + r * 0.3} cy={Y(e.y)} r={r * 0.16} fill="white" />{/if}
	{/each}
	{#each handles as h (h.key)}
		<circle
			cx={X(h.at.x)}
			cy={Y(h.at.y)}
			r="8"
			role="slider"
			tabindex="0"
			aria-label={`${h.part.of.part.name}, swelling ${h.segment + 1}, how ${h.what}`}
			aria-valuenow={Math.round(h.value * 10) / 10}
			aria-valuetext={`${h.value.toFixed(1)} cm`}
			class={[
				'stroke-base-content touch-none',
				h.what === 'long' ? 'fill-accent cursor-ew-resize' : 'fill-base-100 cursor-ns-resize'
			]}
			stroke-width="2"
			onpointerdown={(e) => {
				e.stopPropagation();
				drag = { h };
				held = { box, px: fit.px };
				svg?.setPointerCapture(e.pointerId);
			}}
			onkeydown={(e) => key(e, h)}
		/>
	{/each}
	<ScaleBar x={10} y={height - 6} {px} {units} />
</svg>
