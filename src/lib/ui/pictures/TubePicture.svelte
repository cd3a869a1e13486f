<script lang="ts">
	import type { TubePlan } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from './FabricPatterns.svelte';

	interface Props {
		plan: TubePlan;
		twist: boolean;
		units: Units;
		/** Width of the drawing, px. */
		width?: number;
	}
	let { plan, twist, units, width = 420 }: Props = $props();
	const id = $props.id();
	const tube = $derived(plan.tube);
	const gauge = $derived(plan.gauges[0]!);
	const ring = $derived(tube.closed.castOn === 'ring' || tube.round?.by === 'length');
	const length = $derived(tube.flatLength.mean);
	const flat = $derived(plan.figures.width.value.mean);

	// Lying: to scale along the drawing. Round: a ring seen a little from above, its length the way round.
	const radiusCm = $derived(length / (2 * Math.PI));
	const px = $derived(
		ring
			? Math.min((width - 40) / (2 * radiusCm), 260 / (flat + 0.7 * radiusCm))
			: Math.min((width - 24) / length, 200 / flat / Math.max(1, tube.copies * 0.62))
	);
	const w = $derived(length * px);
	const h = $derived(flat * px);
	const runs = $derived.by(() => {
		let at = 0;
		return plan.pieces[0]!.runs.map((r) => {
			const from = at;
			at += ((r.to - r.from) / plan.gauges[r.yarn]!.rowsPerCm.mean) * px;
			return { yarn: r.yarn, from, to: at };
		});
	});
	const gap = 10;
	const height = $derived(ring ? h + radiusCm * px * 0.7 + 40 : tube.copies * (h + gap) + 34);
	/** The front half of the ring as narrow strips, each where its part of the way round is seen. */
	const strips = $derived.by(() => {
		if (!ring) return [];
		const r = radiusCm * px;
		const n = 72;
		const of = (share: number) =>
			runs.find((x) => share * w < x.to)?.yarn ?? runs.at(-1)?.yarn ?? 0;
		return Array.from({ length: n }, (_, i) => {
			const [a, b] = [(i / n) * 2 * Math.PI, ((i + 1) / n) * 2 * Math.PI];
			const at = (t: number) => ({ x: width / 2 - r * Math.cos(t), y: r * 0.32 * Math.sin(t) });
			return {
				a: at(a),
				b: at(b),
				yarn: of(i / n),
				front: (a + b) / 2 < Math.PI,
				bend: Math.abs(Math.cos((a + b) / 2))
			};
		});
	});
	const topY = $derived(12 + radiusCm * px * 0.33);
	const d = (s: (typeof strips)[number]) =>
		`M${s.a.x} ${topY + s.a.y}L${s.b.x} ${topY + s.b.y}V${topY + s.b.y + h}L${s.a.x} ${topY + s.a.y + h}Z`;
	const barCm = $derived(units === 'cm' ? 10 : 10.16);
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	class="h-auto max-w-full"
	role="img"
	aria-label={`${tube.copies > 1 ? `${tube.copies} tubes, each ` : ''}${printValue(length, 'length', units)} long, ${printValue(flat, 'length', units)} wide lying flat${ring ? ', as a ring' : ''}`}
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={plan.yarns}
			stitchPx={px / gauge.stitchesPerCm.mean}
			rowPx={px / gauge.rowsPerCm.mean}
			lying
		/>
	</defs>
	{#if ring}
		{#each strips.filter((s) => !s.front) as s, i (i)}
			<path d={d(s)} fill={plan.yarns[s.yarn]?.colour} />
			<path d={d(s)} fill="#0b1820" opacity="0.45" />
		{/each}
		{#each strips.filter((s) => s.front) as s, i (i)}
			<path
				d={d(s)}
				fill={plan.yarns[s.yarn]?.colour}
				stroke={plan.yarns[s.yarn]?.colour}
				stroke-width="0.6"
			/>
			<path d={d(s)} fill="#0b1820" opacity={0.34 * s.bend ** 2} />
		{/each}
		{#if twist}
			<text
				x={width / 2}
				y={topY + radiusCm * px * 0.32 + h / 2}
				text-anchor="middle"
				class="text-[13px] font-semibold"
				fill="white"
				stroke="#0b1820"
				stroke-width="3"
				paint-order="stroke">half a turn where the ends meet</text
			>
		{/if}
	{:else}
		{#each { length: tube.copies }, copy (copy)}
			<g transform={`translate(12 ${6 + copy * (h + gap)})`}>
				{#each runs as r, i (i)}
					<rect x={r.from} width={r.to - r.from} height={h} fill={`url(#${id}-${r.yarn})`} />
				{/each}
				<rect width={w} height={h} fill="none" class="stroke-base-content/75" stroke-width="1.5" />
				<!-- An end closed flat is a seam, a gathered one a pucker, a bound one a row of loops. -->
				{#each [{ x: 0, end: tube.closed.castOn }, { x: w, end: tube.closed.castOff }] as e (e.x)}
					{#if e.end === 'flat'}
						<path d={`M${e.x} 0V${h}`} class="stroke-base-content" stroke-width="4" />
					{:else if e.end === 'gather'}
						<circle cx={e.x} cy={h / 2} r="5" class="fill-base-content" />
					{:else}
						<path
							d={`M${e.x} 1V${h - 1}`}
							class="stroke-base-content"
							stroke-width="3"
							stroke-dasharray="1 5"
							stroke-linecap="round"
						/>
					{/if}
				{/each}
			</g>
		{/each}
	{/if}
	<g class="fill-base-content stroke-base-content text-[12px]">
		<path d={`M12 ${height - 16}v6h${barCm * px}v-6`} fill="none" stroke-width="1.2" />
		<text stroke="none" x="17" y={height - 15}>{units === 'cm' ? '10 cm' : '4 in'}</text>
	</g>
</svg>
