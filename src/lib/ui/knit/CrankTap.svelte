<script lang="ts">
	import { printWithSpread } from '$lib/core/quantity/print';
	import type { EventContext } from '$lib/core/words/context';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';
	import NextSide from './NextSide.svelte';
	import RingNow from './RingNow.svelte';

	interface Props {
		crank: Crank;
		context: EventContext;
		/** Pins of this machine that fault more than chance, from 1. */
		suspects: readonly number[];
		paused: boolean;
		/** Presses that are not on the disk yet. */
		pending: number;
		onpress: () => void;
	}
	let { crank, context, suspects, paused, pending, onpress }: Props = $props();
	const workbench = useWorkbench();
	const running = $derived(workbench.settings.counter === 'running');
	const position = $derived(crank.position);
	const waste = $derived(position.leg.kind === 'waste');
	const count = $derived(waste || !running ? position.inLeg : position.main);
	const most = $derived(waste || !running ? position.leg.rows : crank.piece.mainRows);
</script>

<button
	class="tap min-h-0 cursor-pointer overflow-hidden text-left"
	onclick={onpress}
	aria-label={`Count a row; ${count} of ${most} ${waste ? 'waste rows' : 'rows'} done`}
	data-testid="tap"
>
	<span class="now">
		<span
			class={[
				'count-side relative grid content-center justify-items-center',
				crank.due.length > 0 && 'due'
			]}
		>
			<span class="quiet of-what text-center text-base sm:text-xl"
				>{waste ? 'waste rows' : running ? 'rows' : `rows of ${crank.feeding}`}</span
			>
			<span
				class={['figure count text-base-content font-semibold', crank.due.length > 0 && 'less']}
				data-testid="count">{count}</span
			>
			<span class="figure quiet text-2xl sm:text-4xl">of {most}</span>
			<!-- The mark of a press, at once; it goes when the row is on disk and the number has moved. -->
			<span class="marks" aria-hidden="true" data-testid="marks" data-pending={pending}>
				{#each { length: Math.min(12, pending) }, i (i)}<i></i>{/each}
			</span>
			<span class="quiet mt-1 text-center text-base sm:text-lg" data-testid="left">
				{#if position.finished}
					all rows done
				{:else}
					{printWithSpread(crank.left, 'minutes', workbench.units)} left{#if crank.progress.makes.length > 1}<span
							class="of-all"
							>, {printWithSpread(crank.leftOfAll, 'minutes', workbench.units)} for all</span
						>{/if}
				{/if}
			</span>
		</span>
		<span class={['ring-side grid place-items-center px-4', crank.due.length > 0 && 'busy']}
			><RingNow {crank} {suspects} /></span
		>
		<span
			class="next-side grid grid-cols-[minmax(0,1fr)] content-center gap-2 px-4 sm:px-6"
			aria-live="polite"
		>
			{#if paused}
				<span class="figure block text-4xl font-semibold">Paused</span>
				<span class="text-lg">The count is safe. Any count key goes on, without counting.</span>
			{:else}
				<NextSide {crank} {context} />
			{/if}
		</span>
	</span>
</button>

<style>
	/* What there is room for is asked of the tap itself: the ring gives way first, the instruction never. */
	.tap {
		container: tap / size;
		touch-action: manipulation;
	}
	.now {
		display: grid;
		height: 100%;
		grid-template-columns: minmax(0, 1.1fr) auto minmax(0, 1fr);
	}
	.count {
		font-size: min(56cqh, 23cqw);
		line-height: 0.9;
		letter-spacing: -0.02em;
	}
	.marks {
		display: flex;
		gap: 8px;
		height: 14px;
		margin-top: 10px;
	}
	.marks i {
		width: 14px;
		height: 14px;
		border-radius: 50%;
		background: var(--color-accent);
	}
	@container tap (height < 480px) {
		.of-all {
			display: none;
		}
	}
	@container tap (width < 720px) {
		.now {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: auto auto minmax(0, 1fr);
			row-gap: 0.5rem;
		}
		.ring-side {
			order: 1;
		}
		.ring-side.busy {
			display: none;
		}
		.count {
			font-size: min(30cqh, 42cqw);
		}
		.count.less {
			font-size: min(20cqh, 30cqw);
		}
	}
	@container tap (height < 330px) {
		.ring-side {
			display: none;
		}
		.now {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
			grid-template-rows: minmax(0, 1fr);
		}
		.count,
		.count.less {
			font-size: min(44cqh, 18cqw);
		}
		.marks {
			margin-top: 2px;
		}
	}
	@container tap (width < 720px) and (height < 620px) {
		.ring-side {
			display: none;
		}
		.marks {
			margin-top: 2px;
		}
	}
	@container tap (width < 720px) and (330px < height < 560px) {
		/* Something is to be done: the count gives it room, on one line. */
		.count-side.due {
			display: flex;
			align-items: baseline;
			justify-content: center;
			column-gap: 0.6rem;
		}
		.due .of-what,
		.due .of-all {
			display: none;
		}
		.due .figure {
			white-space: nowrap;
		}
		.count.less {
			font-size: min(16cqh, 26cqw);
		}
		.due .marks {
			position: absolute;
			left: 1rem;
			bottom: 0;
		}
	}
	@container tap (width < 420px) and (height < 330px) {
		.now {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: auto minmax(0, 1fr);
		}
	}
</style>
