<script lang="ts">
	import { offNow } from '$lib/core/crank/happened';
	import { HANDS, type Hand } from '$lib/core/model/kinds';
	import { say } from '$lib/core/quantity/say';
	import { HAND_WORDS } from '$lib/core/words/feed';
	import { wordOffNow } from '$lib/core/words/happened';
	import { untrack } from 'svelte';
	import Choice from '../parts/Choice.svelte';
	import Dialog from '../parts/Dialog.svelte';
	import type { NewEvent } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';

	/** What no plan knows of: a new ball, another slot or hand, a note, a piece that leaves the machine now. */
	interface Props {
		crank: Crank;
		onadd: (e: NewEvent) => void;
		onoff: () => void;
		onclose: () => void;
	}
	let { crank, onadd, onoff, onclose }: Props = $props();
	const workbench = useWorkbench();
	const { piece, row } = $derived({ piece: crank.key, row: crank.pressed });
	const machine = $derived(crank.machine);
	const off = $derived(wordOffNow(offNow(crank.piece, crank.pressed), say(workbench.units)));
	let slot = $state(untrack(() => String(crank.feed?.slot ?? 0)));
	let hand = $state<Hand>(untrack(() => crank.feed?.hand ?? 'none'));
	let text = $state('');
	const fedAnew = $derived(Number(slot) !== crank.feed?.slot || hand !== crank.feed.hand);

	function add(e: NewEvent) {
		onadd(e);
		onclose();
	}
</script>

<Dialog open title="What happened, after row {crank.position.main}" {onclose}>
	<div class="grid gap-4">
		<section class="grid gap-1">
			<button
				class="btn btn-accent justify-self-start"
				onclick={() => add({ type: 'ball', piece, row })}>A new ball here</button
			>
			<p class="hint">The next row goes on with it; its end is tied to the old one 2 rows on.</p>
		</section>
		<section class="rule-line grid gap-2 border-t pt-3" aria-labelledby="feed-title">
			<h3 id="feed-title" class="font-semibold">Another slot or hand from here</h3>
			{#if machine.slots > 0}
				<Choice
					label="Slot"
					value={slot}
					options={Array.from({ length: machine.slots }, (_, i) => ({
						value: String(i + 1),
						label: String(i + 1)
					}))}
					onvalue={(v) => (slot = v)}
				/>
			{/if}
			<Choice
				label="Tension through the fingers"
				value={hand}
				options={HANDS.map((h) => ({ value: h, label: HAND_WORDS[h] }))}
				onvalue={(v) => (hand = v as Hand)}
			/>
			<button
				class="btn justify-self-start"
				disabled={!fedAnew}
				onclick={() => add({ type: 'feed', piece, row, slot: Number(slot), hand })}
				>Feed it so from here</button
			>
		</section>
		<form
			class="rule-line grid gap-2 border-t pt-3"
			onsubmit={(e) => {
				e.preventDefault();
				if (text.trim() !== '') add({ type: 'note', piece, row, text: text.trim() });
			}}
		>
			<label class="grid gap-1">
				<span class="font-semibold">A note at this row</span>
				<textarea
					class="textarea w-full"
					rows="2"
					maxlength="500"
					bind:value={text}
					placeholder="What you saw or did, for next time"></textarea>
			</label>
			<button class="btn justify-self-start" disabled={text.trim() === ''}>Write it down</button>
		</form>
		<section class="rule-line grid gap-1 border-t pt-3">
			<p>{off}</p>
			<button class="btn justify-self-start" onclick={onoff}>It is off the machine now</button>
			<p class="hint">Undo takes each of these back, as it does a row.</p>
		</section>
	</div>
</Dialog>
