<script lang="ts">
	import type { Snippet } from 'svelte';
	import Ribbon from '../pictures/Ribbon.svelte';
	import { foldRow } from '../state/ribbon-pins';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';

	interface Props {
		crank: Crank;
		paused: boolean;
		/** Faults that are not set right yet. */
		open: number;
		/** What is done now and then; behind one button where there is no room. */
		rareActs: Snippet;
		onundo: () => void;
		onpause: () => void;
		onmore: () => void;
		ontakeoff: () => void;
	}
	let { crank, paused, open, rareActs, onundo, onpause, onmore, ontakeoff }: Props = $props();
	const workbench = useWorkbench();
	const running = $derived(workbench.settings.counter === 'running');
	const position = $derived(crank.position);
</script>

<footer class="px-3 pb-3 sm:px-5">
	<p class="mb-1 flex flex-wrap justify-between gap-x-3 text-sm min-[400px]:text-base sm:text-lg">
		{#each [{ id: 'running', label: 'left running', now: position.leg.kind === 'waste' ? position.inLeg : position.main, of: '', on: running }, { id: 'zeroed', label: 'zeroed each section', now: position.inLeg, of: ` of ${position.leg.rows}`, on: !running }] as const as c (c.id)}
			<button
				data-control
				class={['cursor-pointer', c.on && 'underline decoration-2 underline-offset-4']}
				aria-pressed={c.on}
				title="Show this reading large"
				onclick={() => workbench.set({ counter: c.id })}
			>
				{c.label}
				<b class="figure" data-testid={c.id}>{c.now}</b>{c.of}
			</button>
		{/each}
		<span class="quiet counter-note"
			>{crank.machine.counter === 'none'
				? 'this machine counts nothing itself'
				: crank.panel && crank.machine.counter === 'tube'
					? 'its counter counts tubes only: this panel is counted here'
					: 'the machine’s counter should read one of these'}</span
		>
	</p>
	<div class="ribbon">
		<Ribbon
			piece={crank.piece}
			yarns={crank.plan.yarns}
			gauges={crank.plan.gauges}
			units={workbench.units}
			foldRow={foldRow(crank.plan)}
			knitted={position.main}
			band={38}
			rulers={false}
			label="Where you are on the piece"
		/>
	</div>
	<div class="mt-2 flex flex-wrap gap-2">
		<button class="btn" data-control onclick={onundo} disabled={crank.state.past.length === 0}
			>Undo</button
		>
		<button class="btn" data-control onclick={onpause} aria-pressed={paused}
			>{paused ? 'Go on' : 'Pause'}</button
		>
		<span class="all-acts contents">{@render rareActs()}</span>
		<button class="btn more-acts" data-control onclick={onmore}
			>More{open > 0 ? ` (${open} to set right)` : ''}</button
		>
		{#if position.finished}
			<button class="btn btn-accent ml-auto" data-control onclick={ontakeoff}
				>It is off the machine</button
			>
		{/if}
	</div>
</footer>

<style>
	.more-acts {
		display: none;
	}
	@media (max-width: 760px), (max-height: 560px) {
		.all-acts,
		.counter-note {
			display: none;
		}
		.more-acts {
			display: block;
		}
	}
	@media (max-height: 660px) {
		.ribbon {
			display: none;
		}
	}
</style>
