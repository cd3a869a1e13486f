<script lang="ts">
	import { max } from 'd3-array';
	import { scaleLinear } from 'd3-scale';
	import { format } from 'date-fns';
	import { foretoldAndMeasured } from '$lib/core/learn/seen';
	import { shownUnit } from '$lib/core/quantity/print';
	import { useWorkbench } from '../../state/workbench.svelte';
	import DataTable from './DataTable.svelte';

	/** Of everything made: what was foretold against what the tape said. */
	const workbench = useWorkbench();
	const sizes = $derived(
		foretoldAndMeasured(workbench.records.projects, workbench.records.results)
	);
	const unit = $derived(shownUnit('length', workbench.units));
	/** As wide as there is room, px: letters keep their size. */
	let wide = $state(760);
	const width = $derived(Math.max(260, wide));
	const HEIGHT = 360;
	const pad = { left: 56, right: 16, top: 12, bottom: 40 };
	const most = $derived(
		1.08 * (max(sizes, (s) => Math.max(s.foretold, s.measured)) ?? 1) * unit.factor
	);
	const x = $derived(scaleLinear([0, most], [pad.left, width - pad.right]));
	const y = $derived(scaleLinear([0, most], [HEIGHT - pad.bottom, pad.top]));
	const said = (cm: number) => (cm * unit.factor).toFixed(1);
	const far = (s: (typeof sizes)[number]) => Math.abs(s.measured - s.foretold) > 2 * s.sd;
</script>

<section aria-labelledby="planned-measured">
	<h3 id="planned-measured" class="mb-1 text-lg">Foretold and measured, everything made</h3>
	{#if sizes.length === 0}
		<p class="quiet">
			Nothing foretold was measured yet. Every size that is put into a log stands here beside what
			its plan said of it.
		</p>
	{:else}
		<div bind:clientWidth={wide}>
			<svg
				viewBox={`0 0 ${width} ${HEIGHT}`}
				class="w-full"
				role="group"
				aria-label="Measured sizes over foretold ones"
			>
				{#each x.ticks(Math.max(3, Math.floor(width / 100))) as t (t)}
					<path d={`M${x(t)} ${pad.top}V${HEIGHT - pad.bottom}`} class="stroke-base-content/12" />
					<text x={x(t)} y={HEIGHT - pad.bottom + 16} text-anchor="middle" class="axis">{t}</text>
				{/each}
				{#each y.ticks(6) as t (t)}
					<path d={`M${pad.left} ${y(t)}H${width - pad.right}`} class="stroke-base-content/12" />
					<text x={pad.left - 7} y={y(t) + 4} text-anchor="end" class="axis">{t}</text>
				{/each}
				<text x={width / 2} y={HEIGHT - 5} text-anchor="middle" class="axis"
					>foretold, {unit.unit}</text
				>
				<text
					transform={`translate(14 ${HEIGHT / 2}) rotate(-90)`}
					text-anchor="middle"
					class="axis">measured, {unit.unit}</text
				>
				<path
					d={`M${x(0)} ${y(0)}L${x(most)} ${y(most)}`}
					class="stroke-base-content/60"
					stroke-dasharray="6 4"
				/>
				{#each sizes as s (s.key)}
					<a
						href={`/project/${s.projectId}/log`}
						aria-label={`${s.name}, ${s.label}: foretold ${said(s.foretold)} ${unit.unit}, measured ${said(s.measured)}${s.odd ? ', marked odd' : ''}`}
					>
						<title>{s.name}, {s.label}</title>
						<path
							d={`M${x((s.foretold - s.sd) * unit.factor)} ${y(s.measured * unit.factor)}H${x((s.foretold + s.sd) * unit.factor)}`}
							class="stroke-base-content/60"
							stroke-width="1.5"
						/>
						<circle
							cx={x(s.foretold * unit.factor)}
							cy={y(s.measured * unit.factor)}
							r="5.5"
							class={far(s) || s.odd
								? 'fill-base-100 stroke-error'
								: 'fill-accent stroke-base-content'}
							stroke-width="1.8"
						/>
					</a>
				{/each}
			</svg>
		</div>
		<p class="hint">
			On the dashed line a size came out as foretold. Strokes: the plan’s own spread; open and red:
			twice as far off, or marked odd.
		</p>
		<DataTable
			name="Foretold and measured"
			heads={[
				'Thing',
				'Size',
				'Date',
				`Foretold, ${unit.unit}`,
				'Give or take',
				`Measured, ${unit.unit}`
			]}
			rows={sizes.map((s) => [
				s.name,
				s.label,
				format(s.at, 'yyyy-MM-dd'),
				said(s.foretold),
				said(s.sd),
				`${said(s.measured)}${s.odd ? ' (odd)' : ''}`
			])}
		/>
	{/if}
</section>
