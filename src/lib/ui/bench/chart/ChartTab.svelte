<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { extent, median } from 'd3-array';
	import {
		line,
		symbol,
		symbolCircle,
		symbolDiamond,
		symbolSquare,
		symbolTriangle,
		symbolCross,
		symbolStar
	} from 'd3-shape';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { shownUnit } from '$lib/core/quantity/print';
	import Choice from '../../parts/Choice.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { STATE_WORDS } from '../words';
	import { oddRatio, PUBLISHED_RATIO, usualRatio } from '$lib/core/bench/gauge/ratio';
	import { chartPoints } from './points';

	interface Props {
		machine: Machine;
		yarn: Yarn;
		onchoose: (machineId: string, yarnId: string) => void;
	}
	let { machine, yarn, onchoose }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	let only = $state<'all' | 'this'>('all');

	const machines = $derived([...workbench.bench.machines].sort((a, b) => a.pins - b.pins));
	const points = $derived(
		chartPoints(workbench.bench).filter((p) => only === 'all' || p.machine.id === machine.id)
	);
	const mine = $derived(
		usualRatio(chartPoints(workbench.bench).filter((p) => p.machine.id === machine.id))
	);
	const unitX = $derived(shownUnit('stitch-density', units));
	const unitY = $derived(shownUnit('row-density', units));

	const WIDTH = 760;
	const HEIGHT = 430;
	const pad = { left: 48, right: 14, top: 10, bottom: 40 };
	const grow = (
		range: [number, number] | [undefined, undefined],
		usual: [number, number]
	): [number, number] => {
		const [a, b] = range[0] === undefined ? usual : range;
		const by = Math.max((b - a) * 0.15, b * 0.05);
		return [Math.max(0, a - by), b + by];
	};
	const x = $derived(
		scaleLinear(
			grow(
				extent(points, (p) => p.stitchesPerCm * unitX.factor),
				[10, 14]
			),
			[pad.left, WIDTH - pad.right]
		)
	);
	const y = $derived(
		scaleLinear(
			grow(
				extent(points, (p) => p.rowsPerCm * unitY.factor),
				[14, 22]
			),
			[HEIGHT - pad.bottom, pad.top]
		)
	);
	const SYMBOLS = [
		symbolCircle,
		symbolDiamond,
		symbolSquare,
		symbolTriangle,
		symbolCross,
		symbolStar
	];
	const shapeOf = (machineId: string) =>
		symbol(SYMBOLS[machines.findIndex((m) => m.id === machineId) % SYMBOLS.length], 110)() ?? '';
	/** Where a straight line through nothing leaves the picture. */
	const through = (ratio: number) => {
		const [x0, x1] = x.domain() as [number, number];
		const [y0, y1] = y.domain() as [number, number];
		const k = (ratio * unitY.factor) / unitX.factor;
		const from = Math.max(x0, y0 / k);
		const to = Math.min(x1, y1 / k);
		return to > from
			? {
					path:
						line()([
							[x(from), y(from * k)],
							[x(to), y(to * k)]
						]) ?? '',
					x: x(to),
					y: y(to * k)
				}
			: null;
	};
	const published = $derived(through(PUBLISHED_RATIO));
	const own = $derived(mine && through(mine));
	const middle = $derived(median(points, (p) => p.rowsPerCm / p.stitchesPerCm));
	const dash = { fresh: '2 3', pulled: '6 3', rested: undefined, washed: undefined };
</script>

<div class="mb-2 flex flex-wrap items-end gap-x-6 gap-y-2">
	<Choice
		label="Swatches of"
		value={only}
		options={[
			{ value: 'all', label: 'all machines' },
			{ value: 'this', label: `${machine.pins} pins` }
		]}
		onvalue={(v) => (only = v)}
	/>
	<ul class="flex flex-wrap gap-x-4 text-sm">
		{#each machines as m (m.id)}
			<li class="flex items-center gap-1.5">
				<svg viewBox="-9 -9 18 18" class="size-4" aria-hidden="true"
					><path d={shapeOf(m.id)} class="fill-none stroke-base-content" stroke-width="1.6" /></svg
				>
				<span class="figure">{m.pins}</span> pins
			</li>
		{/each}
		<li class="hint self-center">thin: rested, thick: washed, dotted: fresh, dashed: pulled</li>
	</ul>
</div>
{#if points.length === 0}
	<p class="quiet">
		No readings yet. Each one will lie here, and an odd one will be seen at a glance.
	</p>
{:else}
	<svg
		viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
		class="w-full"
		role="group"
		aria-label="Rows against stitches of all readings"
	>
		{#each x.ticks(8) as t (t)}
			<path d={`M${x(t)} ${pad.top}V${HEIGHT - pad.bottom}`} class="stroke-base-content/12" />
			<text x={x(t)} y={HEIGHT - pad.bottom + 16} text-anchor="middle" class="axis">{t}</text>
		{/each}
		{#each y.ticks(7) as t (t)}
			<path d={`M${pad.left} ${y(t)}H${WIDTH - pad.right}`} class="stroke-base-content/12" />
			<text x={pad.left - 7} y={y(t) + 4} text-anchor="end" class="axis">{t}</text>
		{/each}
		<text x={(WIDTH + pad.left) / 2} y={HEIGHT - 4} text-anchor="middle" class="axis"
			>{unitX.unit.replace('st', 'stitches')}</text
		>
		<text
			transform={`translate(13 ${(HEIGHT - pad.bottom) / 2}) rotate(-90)`}
			text-anchor="middle"
			class="axis">{unitY.unit}</text
		>
		{#if published}
			<path
				d={published.path}
				fill="none"
				class="stroke-base-content/70"
				stroke-width="1.6"
				stroke-dasharray="7 4"
			/>
			<text
				x={published.x - 4}
				y={Math.max(24, published.y - 8)}
				text-anchor="end"
				class="axis halo">published, 1.3 rows to a stitch</text
			>
		{/if}
		{#if own && mine}
			<path d={own.path} fill="none" class="stroke-base-content" stroke-width="1.6" />
			<text x={own.x - 4} y={Math.max(24, own.y - 8)} text-anchor="end" class="axis halo"
				>yours on {machine.pins} pins, {mine.toFixed(2)}</text
			>
		{/if}
		{#each points as p (p.id)}
			{@const odd = p.apart || oddRatio(p, points)}
			{@const here = p.machine.id === machine.id && p.yarn.id === yarn.id}
			<a
				href={`/bench?machine=${p.machine.id}&yarn=${p.yarn.id}`}
				onclick={(e) => {
					e.preventDefault();
					onchoose(p.machine.id, p.yarn.id);
				}}
				aria-label={`${p.yarn.colourName}, ${p.yarn.name} on ${p.machine.pins} pins, ${STATE_WORDS[p.state]}: ${(p.stitchesPerCm * unitX.factor).toFixed(1)} ${unitX.unit}, ${(p.rowsPerCm * unitY.factor).toFixed(1)} ${unitY.unit}${odd ? '; unlike the others' : ''}`}
			>
				<title
					>{p.yarn.colourName}, {p.yarn.name} on {p.machine.pins} pins, {STATE_WORDS[
						p.state
					]}</title
				>
				<g
					transform={`translate(${x(p.stitchesPerCm * unitX.factor)} ${y(p.rowsPerCm * unitY.factor)})`}
				>
					{#if here}<circle
							r="12"
							class="stroke-base-content fill-accent"
							stroke-width="1.5"
						/>{/if}
					{#if odd}<circle r="14" fill="none" class="stroke-error" stroke-width="2.2" />{/if}
					<path
						d={shapeOf(p.machine.id)}
						fill={p.yarn.colour}
						class="stroke-base-content"
						stroke-width={p.state === 'washed' ? 2.4 : 1.2}
						stroke-dasharray={dash[p.state]}
					/>
					{#if odd}<text x="17" y="4" class="halo fill-error text-[12px] font-bold"
							>{p.yarn.colourName}?</text
						>{/if}
				</g>
			</a>
		{/each}
	</svg>
	<p class="hint">
		{points.length} readings{middle ? `, in the middle ${middle.toFixed(2)} rows to a stitch` : ''}.
		Ringed: unlike the other readings of its swatch, or in a ratio unlike your others on that
		machine; look at it twice. The published 1.3 is for orientation only.
	</p>
{/if}

<style>
	.axis {
		font-size: 12px;
		fill: color-mix(in oklch, var(--color-base-content) 74%, var(--color-base-100));
	}
	.halo {
		paint-order: stroke;
		stroke: var(--color-base-100);
		stroke-width: 4px;
	}
</style>
