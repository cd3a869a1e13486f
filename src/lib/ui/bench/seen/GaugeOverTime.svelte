<script lang="ts">
	import { extent } from 'd3-array';
	import { scaleLinear } from 'd3-scale';
	import { area, line } from 'd3-shape';
	import { format } from 'date-fns';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { gaugeOverTime } from '$lib/core/learn/seen';
	import { shownUnit } from '$lib/core/quantity/print';
	import Choice from '../../parts/Choice.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import DataTable from './DataTable.svelte';

	/** Gauge of one machine with one yarn, thing by thing, with the band that was known at each. */
	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	let side = $state<'rows' | 'stitches'>('rows');
	const things = $derived(
		gaugeOverTime({ machine, yarn }, side, workbench.bench, workbench.records.results)
	);
	const unit = $derived(
		shownUnit(side === 'rows' ? 'row-density' : 'stitch-density', workbench.units)
	);
	/** As wide as there is room, px: letters keep their size. */
	let wide = $state(760);
	const width = $derived(Math.max(260, wide));
	const HEIGHT = 280;
	const pad = { left: 52, right: 20, top: 14, bottom: 34 };
	const room = (xs: readonly number[]): [number, number] => {
		const [a = 1, b = 1] = extent(xs);
		const by = Math.max((b - a) * 0.12, b * 0.03);
		return [a - by, b + by];
	};
	// One after another: how far apart in time they were made is said by their dates.
	const x = $derived(
		scaleLinear(things.length > 1 ? [0, things.length - 1] : [-1, 1], [
			pad.left + 30,
			width - pad.right - 30
		])
	);
	const y = $derived(
		scaleLinear(
			room(
				things.flatMap((t) => [
					t.density * unit.factor,
					(t.known.mean - 2 * t.known.sd) * unit.factor,
					(t.known.mean + 2 * t.known.sd) * unit.factor
				])
			),
			[HEIGHT - pad.bottom, pad.top]
		)
	);
	const band = $derived(
		area<(typeof things)[number]>()
			.x((_, i) => x(i))
			.y0((t) => y((t.known.mean - 1.645 * t.known.sd) * unit.factor))
			.y1((t) => y((t.known.mean + 1.645 * t.known.sd) * unit.factor))([...things]) ?? ''
	);
	const middle = $derived(
		line<(typeof things)[number]>()
			.x((_, i) => x(i))
			.y((t) => y(t.known.mean * unit.factor))([...things]) ?? ''
	);
	const said = (n: number) => (n * unit.factor).toFixed(1);
	const every = $derived(Math.ceil(things.length / Math.max(2, Math.floor(width / 90))));
</script>

<section aria-labelledby="over-time">
	<div class="mb-1 flex flex-wrap items-end gap-x-6 gap-y-1">
		<h3 id="over-time" class="text-lg">{yarn.name} on {machine.pins} pins, thing by thing</h3>
		<Choice
			label="Of"
			value={side}
			options={[
				{ value: 'rows', label: 'rows' },
				{ value: 'stitches', label: 'stitches' }
			]}
			onvalue={(v) => (side = v)}
		/>
	</div>
	{#if things.length === 0}
		<p class="quiet">
			Nothing of this yarn on this ring was measured yet. Every finished thing whose size is put
			into its log becomes a point here, and the band shows how well the next one is known.
		</p>
	{:else}
		<div bind:clientWidth={wide}>
			<svg
				viewBox={`0 0 ${width} ${HEIGHT}`}
				class="w-full"
				role="group"
				aria-label={`${side} to the length, thing by thing`}
			>
				{#each y.ticks(5) as t (t)}
					<path d={`M${pad.left} ${y(t)}H${width - pad.right}`} class="stroke-base-content/12" />
					<text x={pad.left - 7} y={y(t) + 4} text-anchor="end" class="axis">{t}</text>
				{/each}
				<text
					transform={`translate(13 ${HEIGHT / 2}) rotate(-90)`}
					text-anchor="middle"
					class="axis">{unit.unit}</text
				>
				{#if things.length > 1}
					<path d={band} class="fill-base-content/15" />
					<path d={middle} fill="none" class="stroke-base-content" stroke-width="1.6" />
				{/if}
				{#each things as t, i (t.resultId)}
					<a
						href={`/project/${t.projectId}/log`}
						aria-label={`${t.name}, ${format(t.at, 'd MMM yyyy')}: ${said(t.density)} ${unit.unit}; known then ${said(t.known.mean)}, give or take ${said(t.known.sd)}`}
					>
						<title>{t.name}</title>
						{#if things.length === 1}<path
								d={`M${x(i)} ${y((t.known.mean - 1.645 * t.known.sd) * unit.factor)}V${y((t.known.mean + 1.645 * t.known.sd) * unit.factor)}`}
								class="stroke-base-content/30"
								stroke-width="14"
							/>{/if}
						<circle
							cx={x(i)}
							cy={y(t.density * unit.factor)}
							r="6"
							class={t.odd ? 'fill-base-100 stroke-error' : 'fill-accent stroke-base-content'}
							stroke-width="1.8"
						/>
					</a>
					{#if i % every === 0}<text x={x(i)} y={HEIGHT - 10} text-anchor="middle" class="axis"
							>{format(t.at, 'd MMM')}</text
						>{/if}
				{/each}
			</svg>
		</div>
		<p class="hint">
			Points: what each thing alone says{things.some((t) => t.odd)
				? '; an open red one is marked odd'
				: ''}. Band: where nine in ten of the next were expected, with what was known then.
		</p>
		<DataTable
			name={`Gauge of ${yarn.name} on ${machine.pins} pins`}
			heads={['Thing', 'Date', `Alone, ${unit.unit}`, `Known then, ${unit.unit}`, 'Give or take']}
			rows={things.map((t) => [
				t.name,
				format(t.at, 'yyyy-MM-dd'),
				said(t.density),
				said(t.known.mean),
				said(t.known.sd)
			])}
		/>
	{/if}
</section>
