<script lang="ts">
	import type { PlacedPin, RibbonMark, RibbonPlaces } from './ribbon';

	interface Props {
		places: RibbonPlaces;
		placed: readonly PlacedPin[];
		marks: readonly RibbonMark[];
	}
	let { places, placed, marks }: Props = $props();
	const { x, top, band } = $derived(places);
</script>

{#each placed as p, i (i)}
	<g class={p.stop ? 'text-error' : 'text-base-content'}>
		<path
			d={`M${p.at} ${p.line === 1 || !p.fits ? 18 : 6}V${top + band * 0.3}`}
			stroke="currentColor"
			stroke-width="1.5"
		/>
		<circle
			cx={p.at}
			cy={top + band * 0.3}
			r="3.5"
			fill="currentColor"
			stroke="white"
			stroke-width="1"
		/>
		{#if p.fits}
			<text
				x={p.at}
				y={p.line === 0 ? 10 : 22}
				text-anchor="middle"
				class="stroke-base-100 fill-current text-[12px] font-semibold"
				stroke-width="4"
				paint-order="stroke">{p.label}</text
			>
		{/if}
	</g>
{/each}
{#each marks as m, i (i)}
	{@const at = x(m.row) + (i % 3) * 3}
	<g transform={`translate(${at} ${top + band})`}>
		<title>{m.what}</title>
		{#if m.severity === 'stop'}
			<path
				d="M-4 -9h8l5 5v8l-5 5h-8l-5-5v-8z"
				class="fill-error stroke-base-100"
				stroke-width="1.5"
			/>
		{:else}
			<path
				d="M0 -10l10 10-10 10-10-10z"
				class="fill-accent stroke-base-content"
				stroke-width="1.5"
			/>
			<path d="M0 -4.5v5M0 3v2" class="stroke-accent-content" stroke-width="2" />
		{/if}
	</g>
{/each}
