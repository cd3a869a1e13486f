<script lang="ts">
	import { standsAt, type PlacedPart } from '$lib/core/recipe/assembled/form/toy';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import { grip, type Grip } from '../../parts/grip';
	import { drawnPart } from './toy-drawing';
	import { MOST_PART_CM, type PartEdit } from './toy-edit';

	/** Points of the part in hand that make its swellings longer or thicker. */
	interface Props {
		part: PlacedPart;
		px: number;
		x: (cm: number) => number;
		y: (cm: number) => number;
		/** Px of the drawing to the px of the page. */
		scale: () => number;
		units: Units;
		onedit: (edit: PartEdit) => void;
		/** The drawing stands still while a hand draws. */
		onhold: (hold: boolean) => void;
	}
	let { part, px, x, y, scale, units, onedit, onhold }: Props = $props();
	const LEAST_CM = 0.5;
	const STEP_CM = 0.2;

	interface Point {
		readonly key: string;
		readonly segment: number;
		readonly what: 'long' | 'thick';
		readonly at: { readonly x: number; readonly y: number };
		readonly value: number;
	}
	const points = $derived(
		drawnPart(part.of, false).flatMap((s, segment): Point[] => [
			{
				key: `long-${segment}`,
				segment,
				what: 'long',
				at: standsAt(part, { x: s.from + s.long, y: 0 }),
				value: s.long
			},
			...(part.of.part.stuffed
				? [
						{
							key: `thick-${segment}`,
							segment,
							what: 'thick' as const,
							at: standsAt(part, { x: s.from + s.long / 2, y: s.radius }),
							value: 2 * s.radius
						}
					]
				: [])
		])
	);
	/** Keys come faster than plans: the next one goes on from where the last one led. */
	const GOES_ON_MS = 700;
	let led: { key: string; value: number; at: number } | null = null;
	let from = 0;

	const send = ({ what, segment }: Point, cm: number) => {
		const value = Math.min(MOST_PART_CM, Math.max(LEAST_CM, cm));
		const which = { part: part.of.part.id, segment };
		onedit(what === 'long' ? { ...which, longCm: value } : { ...which, thickCm: value });
	};
	const gripOf = (p: Point): Grip => ({
		label: `${part.of.part.name}, swelling ${p.segment + 1}, how ${p.what}`,
		now: Math.round(p.value * 10) / 10,
		least: LEAST_CM,
		most: MOST_PART_CM,
		text: printValue(Math.round(p.value * 10) / 10, 'length', units),
		take: () => {
			from = p.value;
			onhold(true);
		},
		move: (by) => {
			const [dx, dy] = [(by.x * scale()) / px, (-by.y * scale()) / px];
			const along = dx * Math.cos(part.turn) + dy * Math.sin(part.turn);
			const across = -dx * Math.sin(part.turn) + dy * Math.cos(part.turn);
			send(p, from + (p.what === 'long' ? along : 2 * across));
		},
		drop: () => onhold(false),
		cancel: () => {
			send(p, from);
			onhold(false);
		},
		step: (by, large) => {
			const now = performance.now();
			const start = led?.key === p.key && now - led.at < GOES_ON_MS ? led.value : p.value;
			const value = start + (by.x + by.y) * STEP_CM * (large ? 5 : 1);
			led = { key: p.key, value, at: now };
			send(p, value);
		}
	});
</script>

{#each points as p (p.key)}
	<circle
		use:grip={gripOf(p)}
		cx={x(p.at.x)}
		cy={y(p.at.y)}
		r="8"
		class={[
			'stroke-base-content',
			p.what === 'long' ? 'fill-accent cursor-ew-resize' : 'fill-base-100 cursor-ns-resize'
		]}
		stroke-width="2"
	/>
{/each}
