<script lang="ts">
	import { PRIOR_RELATIVE_SD } from '$lib/core/bench/gauge/prior';
	import { afterReadings } from '$lib/core/bench/gauge/spread';
	import { printValue } from '$lib/core/quantity/print';
	import { useWorkbench } from '../state/workbench.svelte';

	/** On a bench where no yarn meets a ring yet: the swatch that everything else follows from, as it is knitted and measured. */
	let { lacks }: { lacks: 'machine' | 'yarn' } = $props();
	const workbench = useWorkbench();
	const id = $props.id();
	/** Not parted from its sign at a line's end. */
	const percent = (share: number) =>
		printValue(share, 'percent', workbench.units).replace(' ', '\u00a0');
	const ROWS = 40;
	/** Rows between the two marks. */
	const MARKED = 20;
	const BOX = { x: 60, y: 52, w: 250, h: 240 };
	const WASTE = 30;
	const mark = (row: number) => BOX.y + BOX.h - (row / ROWS) * BOX.h;
	const [low, high] = [mark((ROWS - MARKED) / 2), mark((ROWS + MARKED) / 2)];
</script>

<section class="grid items-center gap-x-10 gap-y-4 md:grid-cols-[auto_1fr]" aria-labelledby={id}>
	<svg
		width="440"
		height="350"
		viewBox="0 0 440 350"
		class="max-w-full"
		role="img"
		aria-label={`A tube of ${ROWS} rows lying flat: measured between two marks ${MARKED} rows apart, and across`}
	>
		<defs>
			<pattern id={`${id}-knit`} width="11" height="6" patternUnits="userSpaceOnUse">
				<rect width="11" height="6" fill="#2f7f93" />
				<path
					d="M0 0L5.5 5L11 0"
					fill="none"
					stroke="#0b1820"
					stroke-opacity="0.35"
					stroke-width="1.4"
				/>
			</pattern>
		</defs>
		{#each [BOX.y - WASTE, BOX.y + BOX.h] as y (y)}
			<rect
				x={BOX.x}
				{y}
				width={BOX.w}
				height={WASTE}
				class="fill-base-200 stroke-base-content/50"
				stroke-dasharray="4 3"
			/>
			<text x={BOX.x + 8} y={y + 20} class="fill-base-content text-[13px]">waste yarn</text>
		{/each}
		<rect
			x={BOX.x}
			y={BOX.y}
			width={BOX.w}
			height={BOX.h}
			fill={`url(#${id}-knit)`}
			class="stroke-base-content"
			stroke-width="1.5"
		/>
		{#each [low, high] as y (y)}
			<path
				d={`M${BOX.x} ${y}h${BOX.w}`}
				class="stroke-accent"
				stroke-width="3"
				stroke-dasharray="9 5"
			/>
		{/each}
		<g class="stroke-base-content fill-none" stroke-width="1.5">
			<path d={`M${BOX.x + BOX.w + 10} ${low}h12m-6 0V${high}m-6 0h12`} />
			<path
				d={`M${BOX.x} ${(low + high) / 2 + 14}v12m0 -6h${BOX.w}m0 -6v12`}
				class="stroke-base-100"
				stroke-width="3"
			/>
		</g>
		<text x={BOX.x + BOX.w + 26} y={(low + high) / 2} class="fill-base-content text-[14px]"
			>{MARKED} rows:</text
		>
		<text x={BOX.x + BOX.w + 26} y={(low + high) / 2 + 19} class="fill-base-content text-[14px]"
			>how long?</text
		>
		<text
			x={BOX.x + BOX.w / 2}
			y={(low + high) / 2 + 4}
			text-anchor="middle"
			class="fill-base-100 text-[14px]">across, flat: how wide?</text
		>
	</svg>
	<div class="max-w-xl">
		<h2 {id} class="mb-2 text-2xl">The first swatch</h2>
		<p class="mb-3">
			It turns a guess of ±&nbsp;{percent(PRIOR_RELATIVE_SD)} on every length into ±&nbsp;{percent(
				afterReadings(2)
			)}. Everything planned with this yarn on this ring follows from it.
		</p>
		<ol class="mb-4 list-inside list-decimal space-y-1">
			<li>Cast on all pins with waste yarn, crank five rows, change to your yarn.</li>
			<li>
				Crank {ROWS} rows. Draw a thread through after row {(ROWS - MARKED) / 2} and after row {(ROWS +
					MARKED) /
					2}.
			</li>
			<li>Take it off on waste yarn, lay it flat, let it rest a night.</li>
			<li>Measure from thread to thread, and across. Twice is better than once.</li>
		</ol>
		<p class="quiet">
			{lacks === 'machine'
				? 'First add your ring above: its pins set the width of every tube.'
				: 'Now add the yarn: then its swatch has a place here.'}
		</p>
	</div>
</section>
