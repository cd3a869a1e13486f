<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Machine } from '$lib/core/model/bench';
	import { pinNumber } from '$lib/core/model/pin-number';
	import { makersSide } from '$lib/core/bench/machine/panel';
	import type { HandWork } from '$lib/core/crank/row-by-row';

	interface Props {
		work: Extract<HandWork, { do: 'decrease' }>;
		machine: Pick<Machine, 'turns' | 'pins' | 'firstPin'>;
		colour: string;
		/** Width of the drawing, px. */
		width?: number;
	}
	let { work, machine, colour, width = 190 }: Props = $props();
	const no = (at: number) => pinNumber(machine, at);
	const n = $derived(work.pins.length);
	const step = 44;
	const H = 104;
	const down = $derived(work.way === 'single' ? 1 : 2);
	// As the maker sees them on the near side: the edge of the panel to their left or to their right.
	const left = $derived(makersSide(work.edge, machine) === 'left');
	/** Towards the panel. */
	const side = $derived(left ? 1 : -1);
	const x = (i: number) => 24 + (left ? i : n - 1 - i) * step;
	interface Move {
		readonly from: number;
		readonly to: number;
		readonly order: number;
	}
	const target = $derived(work.edgeStitches + down);
	const moves = $derived<Move[]>([
		...Array.from({ length: down }, (_, i): Move => ({
			from: work.edgeStitches + i,
			to: target,
			order: i + 1
		})),
		...Array.from({ length: work.edgeStitches }, (_, i): Move => ({
			from: work.edgeStitches - 1 - i,
			to: target - 1 - i,
			order: down + 2 + i
		}))
	]);
	const loop = (at: number, y: number) =>
		`M${at - 9} ${y + 20}C${at - 11} ${y - 8} ${at + 11} ${y - 8} ${at + 9} ${y + 20}`;
	const arc = (m: Move) => {
		const [a, b] = [x(m.from), x(m.to)];
		const top = 20 - 6 * Math.abs(m.from - m.to);
		return `M${a} 44C${a} ${top} ${b} ${top} ${b + (b > a ? -3 : 3)} 36`;
	};
</script>

<svg
	viewBox={`${left ? 0 : -14} 0 ${62 + (n - 1) * step} ${H}`}
	{width}
	class="h-auto max-w-full"
	role="img"
	aria-label={`Pins ${work.pins.map(no).join(', ')}: ${moves.map((m) => `${m.order}. the loop of ${no(entryAt(work.pins, m.from))} to ${no(entryAt(work.pins, m.to))}`).join('; ')}`}
>
	<defs>
		<marker
			id="tip"
			viewBox="0 0 8 8"
			refX="5"
			refY="4"
			markerWidth="5"
			markerHeight="5"
			orient="auto"><path d="M0 0L8 4L0 8z" class="fill-accent" /></marker
		>
	</defs>
	{#each work.pins as pin, i (pin)}
		{@const out = i < down}
		<path d={loop(x(i), 50)} fill="none" class="stroke-base-content" stroke-width="7" />
		<path d={loop(x(i), 50)} fill="none" stroke={colour} stroke-width="4.4" />
		<circle
			cx={x(i)}
			cy="72"
			r="5"
			class={['stroke-base-content', out ? 'fill-base-300' : 'fill-base-100']}
			stroke-width="1.8"
		/>
		{#if out}<path
				d={`M${x(i) - 8} 64l16 16m0-16l-16 16`}
				class="stroke-error"
				stroke-width="2"
				opacity="0.9"
			/>{/if}
		<text x={x(i)} y="97" text-anchor="middle" class="fill-current text-[13px] font-semibold"
			>{no(pin)}</text
		>
	{/each}
	{#each moves as m (m.order)}
		<path d={arc(m)} fill="none" class="stroke-accent" stroke-width="2.6" marker-end="url(#tip)" />
		{@const mid = (x(m.from) + x(m.to)) / 2}
		<circle cx={mid} cy={24 - 4 * Math.abs(m.from - m.to)} r="8.5" class="fill-accent" />
		<text
			x={mid}
			y={28.5 - 4 * Math.abs(m.from - m.to)}
			text-anchor="middle"
			class="fill-accent-content text-[12px] font-bold">{m.order}</text
		>
	{/each}
	<!-- The loop nearest the panel goes back on top. -->
	<circle cx={x(target) + side * 21} cy="46" r="8.5" class="fill-accent" />
	<text
		x={x(target) + side * 21}
		y="50.5"
		text-anchor="middle"
		class="fill-accent-content text-[12px] font-bold">{down + 1}</text
	>
	<path
		d={`M${x(target) + side * 21} 57v12m-4-5l4 5 4-5`}
		class="stroke-accent"
		fill="none"
		stroke-width="2.2"
	/>
</svg>
