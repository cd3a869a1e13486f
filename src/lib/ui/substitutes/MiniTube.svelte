<script lang="ts">
	interface Props {
		lengthCm: number;
		sdCm: number;
		widthCm: number;
		plannedLengthCm: number;
		plannedWidthCm: number;
		colour: string;
		longest: number;
	}
	let { lengthCm, sdCm, widthCm, plannedLengthCm, plannedWidthCm, colour, longest }: Props =
		$props();
	const WIDTH = 150;
	const px = $derived((WIDTH - 4) / longest);
	const height = $derived(Math.max(widthCm, plannedWidthCm) * px + 4);
	const mid = $derived(height / 2);
</script>

<!-- The tube it would be, at one scale with all the others; the pale end is its doubt. -->
<svg width={WIDTH} {height} viewBox={`0 0 ${WIDTH} ${height}`} aria-hidden="true" class="shrink-0">
	<rect
		x="2"
		y={mid - (widthCm * px) / 2}
		width={lengthCm * px}
		height={widthCm * px}
		fill={colour}
		class="stroke-base-content/60"
		stroke-width="1"
	/>
	<rect
		x={2 + (lengthCm - sdCm) * px}
		y={mid - (widthCm * px) / 2}
		width={2 * sdCm * px}
		height={widthCm * px}
		class="fill-base-100/60"
	/>
	<rect
		x="2"
		y={mid - (plannedWidthCm * px) / 2}
		width={plannedLengthCm * px}
		height={plannedWidthCm * px}
		fill="none"
		class="stroke-base-content"
		stroke-width="1.3"
		stroke-dasharray="4 3"
	/>
</svg>
