<script lang="ts">
	import { cardWideCm } from '$lib/core/technique/pom-pom';
	import { printValue } from '$lib/core/quantity/print';
	import { useWorkbench } from '../../state/workbench.svelte';

	let { cardCm, wraps }: { cardCm: number; wraps: number } = $props();
	const workbench = useWorkbench();
	const PX_PER_CM = 96 / 2.54;
	const wide = $derived(cardWideCm(cardCm));
	const long = (cm: number) => printValue(cm, 'length', workbench.units);
	const label = $derived(`Pom-pom card of ${long(cardCm)} by ${long(wide)} in true size`);
</script>

<section aria-labelledby="pom-card-title">
	<h2 id="pom-card-title" class="mb-1 text-base">Card to cut out, in true size</h2>
	<p class="hint mb-2">
		{wraps} wraps the long way round. Printed at 100 % it is {long(cardCm)} long; check it with the bar.
	</p>
	<svg
		width={wide * PX_PER_CM + 4}
		height={cardCm * PX_PER_CM + 30}
		role="img"
		aria-label={label}
		class="max-w-none"
	>
		<rect
			x="2"
			y="2"
			width={wide * PX_PER_CM}
			height={cardCm * PX_PER_CM}
			class="fill-base-100 stroke-base-content"
			stroke-width="1"
		/>
		<path
			d={`M${2 + (wide * PX_PER_CM) / 2} ${2 + (cardCm * PX_PER_CM) / 2 - 1.2 * PX_PER_CM}v${2.4 * PX_PER_CM}`}
			class="stroke-base-content"
			stroke-width="3"
		/>
		<text
			x={2 + (wide * PX_PER_CM) / 2 + 8}
			y={2 + (cardCm * PX_PER_CM) / 2 + 4}
			class="fill-base-content text-[12px]">slit to tie through</text
		>
		<path
			d={`M2 ${cardCm * PX_PER_CM + 22}v-7v7h${Math.min(5, wide) * PX_PER_CM}v-7`}
			class="stroke-base-content"
			fill="none"
		/>
		<text x={8} y={cardCm * PX_PER_CM + 18} class="fill-base-content text-[12px]"
			>{long(Math.min(5, wide))}</text
		>
	</svg>
</section>
