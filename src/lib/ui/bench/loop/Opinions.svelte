<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { LoopOpinion } from '$lib/core/bench/gauge/loop';
	import { printEstimate, shownUnit } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import { wordLoopSource } from '$lib/core/words/sources';

	let { opinions, units }: { opinions: readonly LoopOpinion[]; units: Units } = $props();
	const WIDTH = 380;
	const LINE = 38;
	const unit = $derived(shownUnit('loop', units));
	const low = (o: LoopOpinion) => (o.loopCm.mean - o.loopCm.sd) * unit.factor;
	const high = (o: LoopOpinion) => (o.loopCm.mean + o.loopCm.sd) * unit.factor;
	const x = $derived(
		scaleLinear(
			[Math.min(...opinions.map(low)), Math.max(...opinions.map(high))],
			[12, WIDTH - 12]
		).nice()
	);
	const height = $derived(opinions.length * LINE + 22);
</script>

<!-- Every opinion on one scale: where it lies and how wide its spread is. The first is used. -->
<svg
	viewBox={`0 0 ${WIDTH} ${height}`}
	class="w-full max-w-md"
	role="img"
	aria-label={opinions
		.map(
			(o) =>
				`${wordLoopSource(o.source)}: ${printEstimate(o.loopCm, 'loop', units).value} ${unit.unit}`
		)
		.join('; ')}
>
	{#each x.ticks(5) as t (t)}
		<path d={`M${x(t)} 0V${height - 18}`} class="stroke-base-content/15" />
		<text x={x(t)} y={height - 4} text-anchor="middle" class="fill-base-content/75 text-[11px]"
			>{t}{t === x.ticks(5).at(-1) ? ` ${unit.unit}` : ''}</text
		>
	{/each}
	{#each opinions as o, i (o.source.kind)}
		{@const y = i * LINE + 25}
		<text
			x="4"
			y={y - 10}
			class={['text-[12px]', i === 0 ? 'fill-base-content font-bold' : 'fill-base-content/75']}
			>{wordLoopSource(o.source)}</text
		>
		<path
			d={`M${x(low(o))} ${y}H${x(high(o))}`}
			class={i === 0 ? 'stroke-base-content' : 'stroke-base-content/45'}
			stroke-width={i === 0 ? 7 : 4}
			stroke-linecap="round"
		/>
		<circle
			cx={x(o.loopCm.mean * unit.factor)}
			cy={y}
			r={i === 0 ? 6 : 4.5}
			class={i === 0 ? 'fill-accent stroke-base-content' : 'fill-base-100 stroke-base-content/70'}
			stroke-width="1.5"
		/>
	{/each}
</svg>
