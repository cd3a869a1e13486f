<script lang="ts">
	import { clothOf, type ClothCell } from '$lib/core/practice/drawing/cloth';
	import { numberOf } from '$lib/core/practice/acts';
	import type { Learner } from '$lib/core/practice/lesson';
	import type { Hand } from '$lib/core/simulate/hand/hand';

	interface Props {
		hand: Hand;
		m: Learner;
		colour: string;
		/** The pin to look at, from 0; null for none. */
		pin?: number | null;
		from?: 'top' | 'bottom';
	}
	let { hand, m, colour, pin = null, from = 'top' }: Props = $props();
	const W = 10;
	const H = 8;
	const cloth = $derived(clothOf(hand, from, pin));
	const at = $derived(pin === null ? -1 : cloth.pins.indexOf(pin));
	const box = (c: ClothCell, narrow = 0) =>
		`M${c.x * W + narrow} ${c.y * H}h${W - 2 * narrow}v${H}h${2 * narrow - W}z`;
	const vee = (c: ClothCell) =>
		`M${c.x * W + 1} ${c.y * H + 1}l${W / 2 - 1} ${H - 2}l${W / 2 - 1} ${2 - H}`;
	const across = (c: ClothCell, y: number) => `M${c.x * W} ${c.y * H + y}h${W}`;
	const paths = $derived.by(() => {
		const p = { ground: '', waste: '', lines: '', rungs: '', marks: '' };
		for (const c of cloth.cells) {
			if (c.kind === 'rung') {
				p.rungs += across(c, H / 2);
				continue;
			}
			if (c.kind === 'waste') p.waste += box(c);
			else p.ground += box(c, c.kind === 'tight' ? 2 : c.kind === 'loose' ? 3 : 0);
			if (c.kind === 'purl') p.marks += across(c, H / 2);
			else if (c.kind === 'twisted')
				p.marks += `M${c.x * W + 1} ${c.y * H + 1}l${W - 2} ${H - 2}m0 ${2 - H}l${2 - W} ${H - 2}`;
			else if (
				c.kind === 'stacked' ||
				c.kind === 'tuck' ||
				c.kind === 'doubled' ||
				c.kind === 'split'
			)
				p.marks += vee(c);
			else p.lines += vee(c);
			if (c.lean !== 0) p.marks += `M${c.x * W + W / 2} ${c.y * H + H}l${c.lean * W * 0.9} ${-H}`;
			if (c.kind === 'bound') p.marks += across(c, 1);
		}
		return p;
	});
</script>

<svg
	class="block h-auto w-full"
	viewBox={`-4 -20 ${Math.max(1, cloth.columns) * W + 8} ${Math.max(4, cloth.rows) * H + 26}`}
	preserveAspectRatio="xMidYMin meet"
	style:max-height="340px"
	role="img"
	aria-label={`The fabric, ${cloth.columns} stitches and ${cloth.rows} rows${pin === null ? '' : `, with pin ${numberOf(m, pin)} marked`}`}
>
	<path d={paths.waste} fill="#9fb0b8" />
	<path d={paths.ground} fill={colour} />
	<path
		d={paths.lines}
		fill="none"
		class="stroke-base-content"
		stroke-opacity="0.4"
		stroke-width="0.9"
	/>
	<path d={paths.rungs} fill="none" stroke={colour} stroke-width="3.4" />
	<path
		d={paths.rungs}
		fill="none"
		class="stroke-base-content"
		stroke-opacity="0.5"
		stroke-width="0.8"
	/>
	<path d={paths.marks} fill="none" class="stroke-base-content" stroke-width="2.4" />
	{#if at >= 0}
		<rect
			x={at * W - 2}
			y="-2"
			width={W + 4}
			height={cloth.rows * H + 4}
			rx="3"
			fill="none"
			class="stroke-base-content"
			stroke-width="2"
			stroke-dasharray="4 3"
		/>
		<path d={`M${at * W + W / 2} -3l-4 -7h8z`} class="fill-base-content" />
	{/if}
</svg>
