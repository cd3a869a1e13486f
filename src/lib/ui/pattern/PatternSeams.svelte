<script lang="ts">
	import { wordSeam } from '$lib/core/words/pieces';
	import type { WrittenPattern } from '$lib/core/model/written';
	import { MOST_PIECES, type Reading } from './reading.svelte';

	/** What is probably sewn to what, to be confirmed; and the project out of it. */
	interface Props {
		reading: Reading;
		onchange: (patch: Partial<WrittenPattern>) => void;
		onmake: () => void;
	}
	let { reading, onchange, onmake }: Props = $props();
	const { pattern, taken, strips } = $derived(reading);
	const capital = (t: string) => t.charAt(0).toUpperCase() + t.slice(1);
	const asking = $derived(reading.stretches.filter((s) => s.as === 'needs-you').length);
	const undrawn = $derived(taken.pieces.filter((p) => p.problem !== null));
	const flip = (name: string, on: boolean) =>
		onchange({
			apart: on ? pattern.apart.filter((n) => n !== name) : [...pattern.apart, name]
		});
</script>

{#if taken.seams.length > 0}
	<p class="hint mb-1">
		Guessed from the names of the pieces and the edges that match: take out what is not so.
	</p>
	<ul class="grid gap-1">
		{#each taken.seams as s (s.name)}
			<li>
				<label class="flex items-start gap-2 text-sm">
					<input
						type="checkbox"
						class="checkbox checkbox-sm mt-0.5"
						checked={!pattern.apart.includes(s.name)}
						onchange={(e) => flip(s.name, e.currentTarget.checked)}
					/>
					<span
						><span class="font-semibold">{capital(s.name)}.</span>
						<span class="quiet">{wordSeam(s, strips)}</span></span
					>
				</label>
			</li>
		{/each}
	</ul>
{:else if strips.length > 0}
	<p class="quiet text-sm">
		No two edges go together by their names. Seams can be added in the project’s pieces.
	</p>
{/if}
<div class="mt-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
	<button
		class="btn btn-accent"
		disabled={strips.length === 0 || strips.length > MOST_PIECES}
		onclick={onmake}>Make these pieces a project</button
	>
	<p class="text-sm" role="status">
		{#if strips.length > MOST_PIECES}<span class="text-error"
				>{strips.length} panels; a project takes {MOST_PIECES}: make the others another pattern.</span
			>
		{:else if asking > 0}<span class="text-warning"
				>{asking === 1
					? 'One stretch still needs you'
					: `${asking} stretches still need you`}{undrawn.length > 0
					? `; without ${undrawn.map((p) => p.name).join(' and ')}`
					: ''}.</span
			>
		{:else if undrawn.length > 0}<span class="text-warning"
				>Without {undrawn.map((p) => p.name).join(' and ')}.</span
			>{/if}
	</p>
</div>
