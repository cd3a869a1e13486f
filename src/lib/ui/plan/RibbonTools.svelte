<script lang="ts">
	import { leastMost, stripesIn } from '$lib/core/stripes/edit';
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Yarn } from '$lib/core/model/bench';
	import { rowsWord } from '$lib/core/quantity/say';
	import type { RibbonEdit } from './ribbon-edit.svelte';

	interface Props {
		edit: RibbonEdit;
		/** Yarns of the letters. */
		yarns: readonly (Yarn | undefined)[];
		/** Whole rows that each letter's yarn on hand lasts for. */
		rowsOnHand: readonly number[];
	}
	let { edit, yarns, rowsOnHand }: Props = $props();
	const letter = (i: number) => String.fromCharCode(65 + i);
	const sections = $derived(edit.sections);
	const here = $derived(edit.at === null ? undefined : sections[edit.at]);
	const many = $derived(sections.length > 1);
	const letters = $derived([...new Set(sections.map((s) => s.yarn))].sort((a, b) => a - b));
	let stripe = $state(5);
	let least = $state(2);
	let most = $state(8);
	let seed = $state(1);
	const total = $derived(sections.reduce((t, s) => t + s.rows, 0));
	const select = (by: number) => {
		const n = sections.length;
		edit.at = edit.at === null ? (by > 0 ? 0 : n - 1) : (edit.at + by + n) % n;
	};
</script>

<div
	class="no-print flex flex-wrap items-center gap-x-3 gap-y-1 text-sm"
	data-testid="ribbon-tools"
>
	<span class="flex items-center gap-1" role="group" aria-label="The section in hand">
		<button class="btn btn-sm" onclick={() => select(-1)} aria-label="The section before">‹</button>
		<span class="figure min-w-44 text-center" role="status">
			{#if here && edit.at !== null}
				<span
					class="border-base-content/70 mr-1 inline-block size-3 rounded-[3px] border"
					style:background={yarns[here.yarn]?.colour}
				></span>{letter(here.yarn)}, {rowsWord(here.rows)}, {edit.start(edit.at)} to {edit.start(
					edit.at
				) + here.rows}
			{:else}
				press a section, or drag a boundary
			{/if}
		</span>
		<button class="btn btn-sm" onclick={() => select(1)} aria-label="The section after">›</button>
	</span>
	{#if here && edit.at !== null}
		<span class="flex flex-wrap items-center gap-1">
			{#if yarns.length > 1}
				{#each yarns as y, i (i)}
					<button
						class="btn btn-sm"
						aria-pressed={here.yarn === i}
						aria-label={`Make it ${letter(i)}, ${y?.colourName ?? ''}`}
						onclick={() => edit.recolour(i)}
						><span
							class="border-base-content/70 inline-block size-3 rounded-[3px] border"
							style:background={y?.colour}
						></span>{letter(i)}</button
					>
				{/each}
			{/if}
			<button
				class="btn btn-sm"
				disabled={here.rows < 2 || yarns.length < 2}
				title="Its second half in the next colour"
				onclick={() => edit.split((here.yarn + 1) % yarns.length)}>Split</button
			>
			<button
				class="btn btn-sm"
				disabled={!many}
				title="Into the colour beside it"
				onclick={() => edit.merge()}>Merge</button
			>
			<button class="btn btn-sm" disabled={edit.at === 0} onclick={() => edit.shift(-1)}
				>Earlier</button
			>
			<button
				class="btn btn-sm"
				disabled={edit.at === sections.length - 1}
				onclick={() => edit.shift(1)}>Later</button
			>
			<button
				class="btn btn-sm"
				disabled={edit.at === sections.length - 1}
				title="It and the next once more, the total kept"
				onclick={() => edit.repeat()}>Repeat</button
			>
			<button
				class="btn btn-sm"
				disabled={edit.at === sections.length - 1}
				title="It and the next as growing stripes from one colour to the other"
				onclick={() => edit.fade()}>Fade to next</button
			>
			<button class="btn btn-sm" onclick={() => (edit.at = null)}>Let go</button>
		</span>
	{/if}
	<details class="ml-auto">
		<summary class="btn btn-sm">The whole line</summary>
		<div class="mt-1 flex flex-wrap items-end gap-x-4 gap-y-2">
			<span class="flex gap-1">
				<button class="btn btn-sm" disabled={!many} onclick={() => edit.evenOut()}>Even out</button>
				<button
					class="btn btn-sm"
					disabled={!many}
					onclick={() => edit.mirror()}
					title="The first half and the same backwards">Mirror about the middle</button
				>
				{#if letters.length >= 2}
					<button
						class="btn btn-sm"
						onclick={() => edit.swap(entryAt(letters, 0), entryAt(letters, 1))}
						>Swap {letter(entryAt(letters, 0))} and {letter(entryAt(letters, 1))}</button
					>
				{/if}
			</span>
			<label class="flex items-center gap-1">
				<input
					class="input w-16"
					type="number"
					min="1"
					max="200"
					aria-label="Rows of a whole stripe"
					bind:value={stripe}
				/>
				rows
				<button
					class="btn btn-sm"
					disabled={!(stripe >= 1 && stripe <= 200)}
					title={stripe >= 1 && stripe <= 200
						? `Whole at both ends: ${stripesIn(stripe, total)} of them, ${stripesIn(stripe, total) * stripe} rows`
						: 'A whole stripe has 1 to 200 rows'}
					onclick={() => edit.whole(stripe)}>Whole stripes</button
				>
			</label>
			<span class="flex items-center gap-1">
				<input
					class="input w-14"
					type="number"
					min="1"
					max="100"
					aria-label="Fewest rows of a random stripe"
					bind:value={least}
				/>
				to
				<input
					class="input w-14"
					type="number"
					min="1"
					max="200"
					aria-label="Most rows of a random stripe"
					bind:value={most}
				/>
				rows, seed
				<input
					class="input w-16"
					type="number"
					min="0"
					max="65535"
					aria-label="Seed of the random stripes"
					bind:value={seed}
				/>
				<button
					class="btn btn-sm"
					disabled={!(least >= 1 && most >= leastMost(least) && letters.length >= 2)}
					title={most >= leastMost(least)
						? 'The same seed gives the same stripes'
						: `The most must be ${leastMost(least)} or more, so that every total can be made`}
					onclick={() => {
						edit.random(seed, { least, most });
						seed = (seed + 1) % 65536;
					}}>Random</button
				>
			</span>
			<button
				class="btn btn-sm"
				title={letters
					.map((l) => `${letter(l)} lasts for ${rowsWord(rowsOnHand[l] ?? 0)}`)
					.join(', ')}
				disabled={letters.every((l) => (rowsOnHand[l] ?? 0) === 0)}
				onclick={() => edit.useUp(rowsOnHand)}>Use up the balls</button
			>
		</div>
	</details>
</div>
