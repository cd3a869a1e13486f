<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { FinishedOf } from '$lib/core/recipe/finished';
	import type { GaugeBook } from '$lib/core/bench/gauge/book';
	import type { Gauge } from '$lib/core/bench/gauge/gauge';
	import { figureWithMore, stateChanges, type OutOfLine } from '$lib/core/bench/gauge/readings';
	import type { Machine, Reading, Yarn } from '$lib/core/model/bench';
	import type { Bench } from '$lib/core/model/project';
	import { plan } from '$lib/core/plan';
	import { printEstimate, printValue, printWithSpread } from '$lib/core/quantity/print';
	import { newHat } from '../../state/projects';
	import { atHand } from '../../state/recipes.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { STATE_WORDS } from '../words';
	import { letterOf } from './swatch';

	interface Props {
		machine: Machine;
		yarn: Yarn;
		bench: Bench;
		book: GaugeBook;
		gauge: Gauge;
		readings: readonly Reading[];
		apart: readonly OutOfLine[];
	}
	let { machine, yarn, bench, book, gauge, readings, apart }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const percent = (share: number) => printValue(Math.abs(share), 'percent', units);

	// What the spread means: a hat for a woman, as it would be planned from the bench as it is.
	const hat = $derived.by(() => {
		if (!atHand('lined-hat')) return null;
		const project = newHat(bench, {
			machineId: machine.id,
			yarnId: yarn.id,
			usual: workbench.settings.waste
		});
		const made = project && plan<FinishedOf<'worn'>>(project, bench, undefined, book);
		return made?.ok ? made : null;
	});
	const source = $derived(gauge.rowSource);
	const behind = $derived(
		source.kind === 'swatch'
			? source.readings
			: source.kind === 'learned'
				? source.pieces + source.readings
				: 0
	);
	const more = $derived(source.kind === 'learned' ? 1 : 2);
	const moreWords = $derived(
		source.kind === 'learned'
			? 'one more finished piece like these'
			: behind > 0
				? 'two more readings like these'
				: 'two readings of a swatch'
	);
	const then = $derived(
		hat && figureWithMore(hat.finished.hat.tubeFlat, gauge.rowsPerCm, behind, more)
	);
	const changes = $derived(stateChanges(readings));
	const grew = (share: number, more: string, less: string) =>
		Math.abs(share) < 0.005
			? `as ${more.replace(/er$/, '')} as before`
			: `${percent(share)} ${share > 0 ? more : less}`;
	const letter = (id: string) => letterOf(readings.findIndex((r) => r.id === id));
</script>

<ul class="mt-2 grid gap-1 text-sm">
	{#if hat && then}
		<li>
			A hat for a woman, {entryAt(hat.pieces, 0).mainRows} rows: tube
			<b class="figure">{printWithSpread(hat.finished.hat.tubeFlat, 'length', units)}</b>; {moreWords}
			would bring it to ± {printEstimate(then, 'length', units).spread}.
		</li>
	{/if}
	{#each apart as a (a.readingId + a.side)}
		<li class="text-error font-semibold">
			Reading {letter(a.readingId)} is out of line: {percent(a.share)}
			{a.share > 0 ? 'more' : 'fewer'}
			{a.side} than the others. Measure it again, or leave it; it counts until you remove it.
		</li>
	{/each}
	{#each changes.filter((c) => c.length ?? c.width) as c (c.from + c.to)}
		<li>
			From {STATE_WORDS[c.from]} to {STATE_WORDS[c.to]} it became {[
				c.length && grew(c.length.mean, 'longer', 'shorter'),
				c.width && grew(c.width.mean, 'wider', 'narrower')
			]
				.filter((words) => words !== null)
				.join(' and ')} (± {percent((c.length ?? c.width)?.sd ?? 0)}).
		</li>
	{/each}
	{#if gauge.wear.pulledTo}
		<li>
			Pulled {percent(gauge.wear.pulledTo.mean)} wider it got {percent(
				gauge.wear.shortening.mean * gauge.wear.pulledTo.mean
			)} shorter: plans take {percent(gauge.wear.shortening.mean * 0.1)} off the length for every 10 %
			of stretch.
		</li>
	{:else if readings.length > 0}
		<li class="quiet">
			No pulled reading: plans take the usual 3 % off the length for every 10 % of stretch. Pull it
			as wide as on a head and measure width and height.
		</li>
	{/if}
</ul>
