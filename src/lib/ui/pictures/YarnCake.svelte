<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import { partsOf } from '$lib/core/bench/yarn/parts';

	interface Props {
		yarn: Yarn;
		/** Grams left; the cake grows with them. */
		grams?: number;
		/** Finds the yarns held together in it, so that each strand has its own colour. */
		lookup?: (id: YarnId) => Yarn | undefined;
		size?: number;
	}
	let { yarn, grams = yarn.gramsOnHand, lookup, size = 56 }: Props = $props();
	// A cake's volume goes with its weight: height and width grow with the cube root, at most two balls' worth.
	const share = $derived(Math.min(1, Math.cbrt(Math.max(0.02, grams / (2 * yarn.ballGrams)))));
	const w = $derived(size * 0.92 * share);
	const h = $derived(size * 0.62 * share);
	const x = $derived((size - w) / 2);
	const y = $derived(size - h - size * 0.1 - 2);
	const ry = $derived(w * 0.15);
	const id = $props.id();

	const parts = $derived(lookup ? partsOf(yarn, lookup) : []);
	const strands = $derived(parts.length > 1 ? parts.map((p) => p.yarn.colour) : [yarn.colour]);
	const strandCount = $derived(
		yarn.heldTogether.length > 0
			? yarn.heldTogether.reduce((t, p) => t + p.strands, 0)
			: yarn.strands
	);
	// The first phase is outermost; from the side one sees them wound above one another.
	const total = $derived(yarn.phases.reduce((t, p) => t + p.metres, 0));
	const bands = $derived.by(() => {
		let at = 0;
		return yarn.phases.map((p) => {
			const from = at / total;
			at += p.metres;
			return { colour: p.colour, from, to: at / total };
		});
	});
	const top = $derived(bands.at(0)?.colour ?? yarn.colour);
</script>

<svg width={size} height={size} viewBox={`0 0 ${size} ${size}`} aria-hidden="true" class="shrink-0">
	<clipPath id={`${id}-c`}>
		<path
			d={`M${x} ${y + ry}A${w / 2} ${ry} 0 0 1 ${x + w} ${y + ry}V${y + h}A${w / 2} ${ry} 0 0 1 ${x} ${y + h}Z`}
		/>
	</clipPath>
	<g clip-path={`url(#${id}-c)`}>
		<rect {x} y={y - ry} width={w} height={h + 3 * ry} fill={yarn.colour} />
		{#each bands as b, i (i)}
			{@const from = y + ry + b.from * (h - ry)}
			<path
				d={`M${x} ${from}A${w / 2} ${ry} 0 0 0 ${x + w} ${from}V${y + h + 3 * ry}H${x}Z`}
				fill={b.colour}
			/>
		{/each}
		{#each { length: 11 }, i (i)}
			{@const colour = entryAt(strands, i % strands.length)}
			<path
				d={`M${x - w * 0.1 + (i * w) / 10} ${y}q${w * 0.12} ${h * 0.5} ${-w * 0.04} ${h + 2 * ry}`}
				fill="none"
				style:stroke={strands.length > 1
					? colour
					: bands.length > 0
						? i % 2
							? 'black'
							: 'white'
						: `color-mix(in oklab, ${colour} 70%, ${i % 2 ? 'black' : 'white'})`}
				stroke-width={strands.length > 1 ? w * 0.07 : strandCount > 1 ? 2.2 : 1.3}
				stroke-opacity={bands.length > 0 ? 0.22 : strands.length > 1 ? 1 : 0.75}
			/>
		{/each}
	</g>
	<ellipse
		cx={size / 2}
		cy={y + ry}
		rx={w / 2}
		{ry}
		style:fill={`color-mix(in oklab, ${top} 86%, white)`}
		class="stroke-base-content/60"
		stroke-width="1"
	/>
	{#each bands.slice(1) as b, i (i)}
		<ellipse
			cx={size / 2}
			cy={y + ry}
			rx={(w / 2) * (1 - 0.82 * b.from)}
			ry={ry * (1 - 0.82 * b.from)}
			fill={b.colour}
		/>
	{/each}
	{#if strands.length > 1}
		<ellipse
			cx={size / 2}
			cy={y + ry}
			rx={w * 0.32}
			ry={ry * 0.64}
			fill="none"
			style:stroke={strands[1]}
			stroke-width={w * 0.09}
		/>
	{/if}
	<ellipse cx={size / 2} cy={y + ry} rx={w * 0.13} ry={ry * 0.45} class="fill-base-content/70" />
	<path
		d={`M${x} ${y + ry}V${y + h}A${w / 2} ${ry} 0 0 0 ${x + w} ${y + h}V${y + ry}`}
		fill="none"
		class="stroke-base-content/60"
		stroke-width="1.2"
	/>
</svg>
