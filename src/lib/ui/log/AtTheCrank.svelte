<script lang="ts">
	import { pinNumber } from '$lib/core/model/pin-number';
	import { entryAt } from '$lib/core/quantity/sure';
	import { nameMake, type Progress } from '$lib/core/crank/makes';
	import { paceBySection, rowTimes } from '$lib/core/crank/pace';
	import { foldRun } from '$lib/core/crank/run';
	import type { SettledBy } from '$lib/core/model/kinds';
	import type { RunEvent } from '$lib/core/model/project';
	import type { Plan, PlannedPiece } from '$lib/core/plan';
	import { isSpare } from '$lib/core/program/program';
	import { wordHappened } from '$lib/core/words/happened';
	import { FAULT_WORDS } from '$lib/core/words/repair';
	import { rowsWord } from '$lib/core/quantity/say';

	interface Props {
		plan: Plan;
		progress: Progress<PlannedPiece>;
		events: readonly RunEvent[];
	}
	let { plan, progress, events }: Props = $props();
	const several = $derived(progress.makes.length > 1);
	const sections = $derived(
		progress.makes
			.filter(({ run }) => run.done > 0)
			.flatMap(({ make }) =>
				paceBySection(rowTimes(events, make.key), make.piece.sheet.legs).flatMap(
					({ leg, rowsPerMinute }, i) =>
						rowsPerMinute === null
							? []
							: [
									{
										key: `${make.key}-${i}`,
										name: `${several ? `${nameMake(make)}: ` : ''}${isSpare(leg.yarn) ? 'waste' : entryAt(plan.yarns, leg.yarn).colourName}`,
										colour: isSpare(leg.yarn) ? null : entryAt(plan.yarns, leg.yarn).colour,
										rows: leg.rows,
										rowsPerMinute
									}
								]
				)
			)
	);
	const fastest = $derived(Math.max(1, ...sections.map((s) => s.rowsPerMinute)));
	const BY: Record<SettledBy, string> = {
		kept: 'left as counted',
		counter: 'by the machine’s counter',
		measured: 'by measuring',
		counted: 'by counting since the join',
		weighed: 'by weighing',
		sensor: 'by the sensor’s next turn'
	};
	/** Faults and what was done about the count, in the order they came. */
	const story = $derived.by(() => {
		const { mended } = foldRun(events);
		return events.flatMap((e) => {
			if (e.type === 'fault') {
				const own = progress.makes.find(({ make }) => make.key === e.piece);
				const pin = own ? pinNumber(own.make.piece.machine, e.pin - 1) : e.pin;
				return [
					{
						id: e.id,
						text: `Row ${e.row}, pin ${pin}: ${FAULT_WORDS[e.fault]}${mended.has(e.id) ? ', mended' : ''}`
					}
				];
			}
			if (e.type === 'ball' || e.type === 'feed' || e.type === 'note') {
				const own = progress.makes.find(({ make }) => make.key === e.piece);
				if (!own?.run.happened.some((h) => h.id === e.id)) return [];
				const { sheet, machine } = own.make.piece;
				const text = wordHappened(e, sheet.wasteBefore, machine);
				return [{ id: e.id, text: several ? `${nameMake(own.make)}. ${text}` : text }];
			}
			if (e.type === 'settle')
				return [{ id: e.id, text: `Count set at ${rowsWord(e.to)}, waste included, ${BY[e.by]}` }];
			if (e.type === 'doubt')
				return [{ id: e.id, text: `Asked: ${e.low} to ${e.high} rows, waste included` }];
			return [];
		});
	});
	const bySensor = $derived(events.filter((e) => e.type === 'row' && e.by).length);
</script>

<section aria-labelledby="crank-title">
	<h2 id="crank-title" class="mb-1 text-xl">At the crank</h2>
	{#if sections.length === 0}
		<p class="quiet">
			No rows timed yet. Counted here, each section shows how fast it went, and the next plan’s time
			is learned from it.
		</p>
	{:else}
		<p class="hint">Rows a minute while the crank turned, stops left out</p>
		<ul class="mb-2">
			{#each sections as s (s.key)}
				<li class="grid grid-cols-[minmax(7rem,auto)_1fr_auto] items-center gap-2 py-0.5 text-sm">
					<span class="truncate">{s.name}</span>
					<span class="block h-3">
						<span
							class="border-base-content/60 block h-3 rounded-[3px] border"
							style:width={`${(100 * s.rowsPerMinute) / fastest}%`}
							style:background={s.colour ??
								'repeating-linear-gradient(45deg, currentColor 0 1px, transparent 1px 5px)'}
						></span>
					</span>
					<span class="figure w-20 text-right"
						>{s.rowsPerMinute.toFixed(1)}<span class="ml-1 text-xs">a min</span></span
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if bySensor > 0}<p class="text-sm">{rowsWord(bySensor)} counted by sensor or sound.</p>{/if}
	{#if story.length > 0}
		<ul class="max-h-48 list-disc overflow-y-auto pl-5 text-sm">
			{#each story as s (s.id)}<li>{s.text}</li>{/each}
		</ul>
	{/if}
</section>
