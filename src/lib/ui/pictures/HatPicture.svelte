<script lang="ts">
	import type { FinishedHat, SeenBand } from '$lib/core/assembly/finished';
	import type { Yarn } from '$lib/core/model/bench';
	import type { Gauge } from '$lib/core/bench/gauge/gauge';
	import { printEstimate, printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from './FabricPatterns.svelte';
	import { bandPath, domeProfile, HEAD_HIGH, headPath } from '$lib/core/thing/dome';

	interface Props {
		hat: FinishedHat;
		yarns: readonly Yarn[];
		gauge: Gauge;
		boundaryOnFold: boolean;
		units: Units;
		/** Height of the drawing, px. */
		height?: number;
	}
	let { hat, yarns, gauge, boundaryOnFold, units, height = 360 }: Props = $props();
	const id = $props.id();

	// The frame holds head and hat at one scale: cm to px is fixed by the larger of the two.
	const radius = $derived(hat.headCm / (2 * Math.PI));
	const profile = $derived(domeProfile(Math.max(1, hat.heightWorn.mean), radius + 0.35));
	const headHeight = $derived(hat.headCm * HEAD_HIGH);
	const frameCm = $derived(Math.max(profile.spareCm + headHeight + 5, profile.heightCm + 4));
	const px = $derived(height / (frameCm + 3));
	// Room on the right for the height and its words, whatever the scale.
	const width = $derived(px * (2 * radius + 5) + 96);
	const cx = $derived(px * (radius + 2.5));
	const crownY = $derived(px * 1.6);

	const stretch = $derived(1 + Math.max(0, hat.stretch));
	const stitchPx = $derived(((px * stretch) / gauge.stitchesPerCm.mean) * 0.72);
	const rowPx = $derived((px * hat.wornFactor) / gauge.rowsPerCm.mean);
	const paths = (bands: readonly SeenBand[], out: number) =>
		bands.map((b) => ({ ...b, d: bandPath(profile, b.fromCm, b.toCm, { cx, crownY, px, out }) }));
	const body = $derived(paths(hat.body, 0));
	const brim = $derived(paths(hat.brim, 0.45));
	const barCm = $derived(units === 'cm' ? 10 : 10.16);
	const title = $derived(
		`The finished hat on a head of ${printValue(hat.headCm, 'length', units)}, ${printValue(hat.heightWorn.mean, 'length', units)} high`
	);
</script>

<svg {width} {height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={title}>
	<defs>
		<FabricPatterns prefix={id} {yarns} {stitchPx} {rowPx} />
		<linearGradient id={`${id}-round`} x1="0" x2="1" y1="0" y2="0">
			<stop offset="0" stop-color="#0b1820" stop-opacity="0.42" />
			<stop offset="0.22" stop-color="#0b1820" stop-opacity="0.06" />
			<stop offset="0.42" stop-color="#ffffff" stop-opacity="0.1" />
			<stop offset="0.7" stop-color="#0b1820" stop-opacity="0.08" />
			<stop offset="1" stop-color="#0b1820" stop-opacity="0.46" />
		</linearGradient>
	</defs>
	<!-- The head, for scale. -->
	<path
		d={headPath({
			cx,
			topY: crownY + (profile.spareCm + 0.5) * px,
			radiusPx: radius * px,
			heightPx: headHeight * px
		})}
		class="fill-base-200 stroke-base-content/45"
		stroke-width="1.5"
	/>
	{#each body as b, i (i)}
		<path d={b.d} fill={`url(#${id}-${b.yarn})`} />
	{/each}
	{#each body as b, i (i)}
		<path d={b.d} fill={`url(#${id}-round)`} />
	{/each}
	<path
		d={bandPath(profile, 0, profile.lengthCm, { cx, crownY, px, out: 0 })}
		fill="none"
		class="stroke-base-content/70"
		stroke-width="1.5"
	/>
	<!-- Gathered crown. -->
	{#each [-0.5, -0.22, 0.08, 0.34, 0.58] as a (a)}
		<path
			d={`M${cx} ${crownY + 2}Q${cx + a * px * 1.6} ${crownY + px * 0.5} ${cx + a * px * 4.2} ${crownY + px * 1.5}`}
			stroke="#0b1820"
			stroke-opacity="0.35"
			fill="none"
			stroke-width="1.5"
		/>
	{/each}
	{#if hat.brimCm > 0}
		{#each brim as b, i (i)}
			<path d={b.d} fill={`url(#${id}-${b.yarn})`} />
			<path d={b.d} fill={`url(#${id}-round)`} />
		{/each}
		{#if boundaryOnFold && hat.body[0]}
			<path
				d={bandPath(profile, hat.brimCm - 0.35, hat.brimCm, { cx, crownY, px, out: 0.5 })}
				fill={yarns[hat.body[0].yarn]?.colour}
			/>
		{/if}
		<path
			d={bandPath(profile, 0, hat.brimCm, { cx, crownY, px, out: 0.45 })}
			fill="none"
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
	{/if}
	<!-- Height on the head. -->
	<g class="stroke-base-content fill-base-content text-[12px]">
		<path
			d={`M${cx + (radius + 2.2) * px} ${crownY}h${px * 0.8}m${-px * 0.4} 0V${crownY + profile.heightCm * px}m${-px * 0.4} 0h${px * 0.8}`}
			fill="none"
			stroke-width="1.2"
		/>
		<text stroke="none" x={cx + (radius + 3.2) * px} y={crownY + (profile.heightCm * px) / 2 - 4}
			>{(({ value, unit }) => `${value} ${unit}`)(
				printEstimate(hat.heightWorn, 'length', units)
			)}</text
		>
		<text
			stroke="none"
			x={cx + (radius + 3.2) * px}
			y={crownY + (profile.heightCm * px) / 2 + 11}
			class="text-[12px]">over the curve</text
		>
		<path d={`M${px} ${height - 14}v6h${barCm * px}v-6`} fill="none" stroke-width="1.2" />
		<text stroke="none" x={px + 5} y={height - 13}>{units === 'cm' ? '10 cm' : '4 in'}</text>
	</g>
</svg>
