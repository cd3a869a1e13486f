<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Diagram, Ink, Tone } from '$lib/core/technique/drawing/ink';

	interface Props {
		diagram: Diagram;
		/** Colours of the fabric and of a second one; grey where the drawing belongs to no project. */
		outer?: string;
		inner?: string;
		width?: number;
		/** Named where it stands alone; hidden where the words beside it say the same. */
		named?: boolean;
		/** Whether it grows with the room there is. */
		fluid?: boolean;
		/** What can be pointed at, over it. */
		over?: Snippet;
	}
	let {
		diagram,
		outer = 'var(--tone-fabric)',
		inner = 'var(--tone-second)',
		width = 168,
		named = false,
		fluid = false,
		over
	}: Props = $props();
	const fill = $derived.by(
		() =>
			({
				work: 'var(--color-accent)',
				rest: 'var(--tone-rest)',
				fabric: outer,
				second: inner,
				waste: '#9fb0b8'
			}) satisfies Record<Tone, string>
	);
	let shown = $state(0);
	/** Letters are 12 px at least, however small the drawing is shown. */
	const letters = $derived(Math.max(13, (12.2 * diagram.width) / (fluid ? shown || width : width)));
	const key = (ink: Ink, i: number) => `${ink.kind}-${i}`;
</script>

<!-- One hand for all: yarn as a tube with an outline, the working yarn in the accent, the rest in grey. -->
<div class={fluid ? 'w-full' : 'contents'} bind:clientWidth={shown}>
	<svg
		width={fluid ? undefined : width}
		height={fluid ? undefined : (width * diagram.height) / diagram.width}
		viewBox={`0 0 ${diagram.width} ${diagram.height}`}
		class={['diagram h-auto max-w-full shrink-0', fluid ? 'block w-full' : 'overflow-visible']}
		role={named ? 'img' : undefined}
		aria-label={named ? diagram.says : undefined}
		aria-hidden={named ? undefined : 'true'}
	>
		{#each diagram.inks as ink, i (key(ink, i))}
			{#if ink.kind === 'patch'}
				<path
					d={ink.d}
					fill={fill[ink.tone]}
					class="stroke-base-content/60"
					stroke-width="1.4"
					stroke-linejoin="round"
				/>
			{:else if ink.kind === 'yarn'}
				<path
					d={ink.d}
					fill="none"
					class="stroke-base-content"
					stroke-width={ink.width + 2.2}
					stroke-linecap="round"
					stroke-linejoin="round"
				/>
				<path
					d={ink.d}
					fill="none"
					stroke={fill[ink.tone]}
					stroke-width={ink.width}
					stroke-linecap="round"
					stroke-linejoin="round"
				/>
			{:else if ink.kind === 'tool'}
				<path
					d={ink.d}
					class="fill-base-content stroke-base-100"
					stroke-width="1"
					stroke-linejoin="round"
				/>
			{:else if ink.kind === 'line'}
				<!-- A rim, so that it is seen on yarn of any colour. -->
				<path
					d={ink.d}
					fill="none"
					class="stroke-base-100"
					stroke-width="4.4"
					stroke-linecap="round"
					opacity="0.75"
				/>
				<path
					d={ink.d}
					fill="none"
					class="stroke-base-content"
					stroke-width="1.8"
					stroke-linecap="round"
					stroke-dasharray={ink.dashed ? '5 4' : undefined}
				/>
			{:else}
				<text
					x={ink.x}
					y={ink.y}
					text-anchor={ink.at ?? 'middle'}
					class="figure fill-base-content stroke-base-100 font-semibold"
					style:font-size={`${letters}px`}
					stroke-width="3"
					paint-order="stroke">{ink.text}</text
				>
			{/if}
		{/each}
		{@render over?.()}
	</svg>
</div>

<style>
	.diagram {
		--tone-rest: color-mix(in oklab, var(--color-base-content) 38%, var(--color-base-100));
		--tone-fabric: color-mix(in oklab, var(--color-base-content) 24%, var(--color-base-100));
		--tone-second: color-mix(in oklab, var(--color-base-content) 13%, var(--color-base-100));
	}
</style>
