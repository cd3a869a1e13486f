<script lang="ts">
	import { format } from 'date-fns';
	import { compare, type Lesson } from '$lib/core/learn/lesson';
	import type { MeasuredResult } from '$lib/core/model/project';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { wordAbout, wordDeviation, wordLesson, wordWhen } from '$lib/core/words/lessons';
	import { useWorkbench } from '../state/workbench.svelte';

	let {
		result,
		lesson,
		onremove
	}: { result: MeasuredResult; lesson: Lesson; onremove: () => void } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const rows = $derived(compare(lesson.told, result));
	const sentence = $derived(wordLesson(lesson, result, units));
	const about = $derived(wordAbout(result.about));
	/** Where a value stands on the little scale: the plan's spread is the band in the middle, 4 sd the ends. */
	const at = (d: number) => 50 + Math.max(-4, Math.min(4, d)) * 11.5;
</script>

<li class="rule-line border-t py-3">
	<div class="flex items-baseline gap-3">
		<h3 class="text-base">{wordWhen(result.when)}, {result.rowsKnitted} rows</h3>
		<span class="hint">{format(result.at, 'd MMM yyyy')}</span>
		<button
			class="btn btn-sm no-print ml-auto"
			onclick={onremove}
			aria-label={`Take the look ${wordWhen(result.when)} out of the log`}>×</button
		>
	</div>
	{#if sentence}
		<p class="figure my-1 text-lg leading-snug">
			{sentence.charAt(0).toUpperCase() + sentence.slice(1)}
		</p>
	{/if}
	<table class="mt-1 w-full text-sm">
		<thead class="hint text-left"
			><tr
				><th class="font-normal"><span class="sr-only">What</span></th><th class="font-normal"
					>Planned</th
				><th class="font-normal">Measured</th><th class="font-normal">Against the plan’s spread</th
				></tr
			></thead
		>
		<tbody>
			{#each rows as c (c.what)}
				<tr class="rule-line border-t">
					<td class="py-1.5 pr-2">{c.label}</td>
					<td class="pr-2 whitespace-nowrap"
						>{c.planned
							? printWithSpread({ ...c.planned, basis: 'estimated' }, c.kind, units)
							: '–'}</td
					>
					<td class="figure pr-2 font-semibold whitespace-nowrap"
						>{printValue(c.measured, c.kind, units)}</td
					>
					<td>
						<span class="flex items-center gap-2">
							{#if c.planned}<svg
									viewBox="0 0 100 14"
									class="h-4 w-24 shrink-0"
									aria-hidden="true"
									preserveAspectRatio="none"
								>
									<path
										d="M2 7H98"
										class="stroke-base-content/40"
										stroke-width="1"
										vector-effect="non-scaling-stroke"
									/>
									<rect
										x={at(-1)}
										y="3"
										width={at(1) - at(-1)}
										height="8"
										class="fill-base-content/25"
									/>
									<path
										d={`M${at(c.deviations)} 0V14`}
										class="stroke-base-content"
										stroke-width="3"
										vector-effect="non-scaling-stroke"
									/>
								</svg>{/if}
							<span>{wordDeviation(c)}</span>
						</span>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if result.note}<p class="mt-2 text-sm whitespace-pre-line">
			{#if result.next !== 'no'}<b
					>{result.next === 'open' ? 'For next time: ' : 'Seen to next time: '}</b
				>{/if}{#if about}<span class="quiet">{about}:</span>
			{/if}{result.note}
		</p>{/if}
</li>
