<script lang="ts">
	import type { CoverBand } from '$lib/core/bench/gauge/fabric';
	import type { Estimate } from '$lib/core/quantity/estimate';

	/** Where a fabric lies between too open and too stiff: its cover with its spread, the band that suits its use. */
	interface Props {
		cover: Estimate;
		band: CoverBand;
		says: string;
	}
	let { cover, band, says }: Props = $props();
	const FROM = 4;
	const TO = 14;
	const at = (x: number) => (100 * (Math.min(TO, Math.max(FROM, x)) - FROM)) / (TO - FROM);
</script>

<div role="img" aria-label={says}>
	<div class="bg-base-300 relative h-2 w-full rounded-sm">
		<span
			class="bg-success/50 absolute inset-y-0 rounded-sm"
			style:left={`${at(band.least)}%`}
			style:right={`${100 - at(band.most)}%`}
		></span>
		<span
			class="bg-base-content/60 absolute top-1/2 h-px"
			style:left={`${at(cover.mean - cover.sd)}%`}
			style:right={`${100 - at(cover.mean + cover.sd)}%`}
		></span>
		<span
			class="bg-base-content absolute -inset-y-0.5 w-0.5 -translate-x-1/2"
			style:left={`${at(cover.mean)}%`}
		></span>
	</div>
	<div class="hint flex justify-between" aria-hidden="true">
		<span>open</span><span>stiff</span>
	</div>
</div>
