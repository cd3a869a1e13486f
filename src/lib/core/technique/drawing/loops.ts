import { last } from '../../quantity/sure';
import { n, text, yarn, type Ink, type Tone } from './ink';

/** So many loops are drawn one by one; of more, the first and the last with a gap between. */
const MOST_SHOWN = 8;

/** Loops of an edge as they are drawn: where each stands and its number, from 1. */
export interface ShownLoops {
	readonly at: readonly { readonly x: number; readonly nth: number }[];
	readonly pitch: number;
	/** Between which a gap stands for the rest; null where all are shown. */
	readonly gap: { readonly x: number } | null;
}

export function shownLoops(loops: number, left: number, right: number): ShownLoops {
	if (loops <= MOST_SHOWN) {
		const pitch = (right - left) / Math.max(1, loops);
		return {
			at: Array.from({ length: loops }, (_, i) => ({ x: left + (i + 0.5) * pitch, nth: i + 1 })),
			pitch: Math.min(pitch, 22),
			gap: null
		};
	}
	const places = MOST_SHOWN + 1;
	const pitch = (right - left) / places;
	const first = 5;
	const at = Array.from({ length: places }, (_, i) => ({ x: left + (i + 0.5) * pitch, i }))
		.filter(({ i }) => i !== first)
		.map(({ x, i }) => ({ x, nth: i < first ? i + 1 : loops - (places - 1 - i) }));
	return { at, pitch, gap: { x: left + (first + 0.5) * pitch } };
}

/** A row of loops: how tall they are, and whether they stand on `y` or hang from it. */
export interface Row {
	readonly y: number;
	readonly tall: number;
	readonly hangs?: boolean;
}

/** One leg of a loop. */
function leg(x: number, pitch: number, { y, tall, hangs = false }: Row, side: -1 | 1): string {
	const h = hangs ? tall : -tall;
	const w = pitch * 0.36;
	return `M${n(x + side * w * 0.8)} ${n(y)}C${n(x + side * w * 1.15)} ${n(y + h * 0.62)} ${n(x + side * w * 0.8)} ${n(y + h)} ${n(x)} ${n(y + h)}`;
}

/** The far half of each loop, and the near half, so that a strand can be laid between. */
export function loopHalves(
	shown: ShownLoops,
	row: Row,
	tone: Tone
): { readonly far: Ink[]; readonly near: Ink[] } {
	const half = (side: -1 | 1): Ink[] =>
		shown.at.map(({ x }) => yarn(leg(x, shown.pitch, row, side), tone, 4));
	return { far: half(1), near: half(-1) };
}

/** The gap's dots, and the number of the first and of the last loop. */
export const loopNumbers = (shown: ShownLoops, y: number, loops: number): Ink[] => [
	...(shown.gap ? [text(shown.gap.x, y - 8, '…')] : []),
	...(shown.at[0] ? [text(shown.at[0].x, y, '1')] : []),
	...(loops > 1 && shown.at.at(-1) ? [text(last(shown.at).x, y, String(loops))] : [])
];
