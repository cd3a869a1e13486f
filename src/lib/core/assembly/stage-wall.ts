import { entryAt, last } from '../quantity/sure';
import { foldsOf } from './layers';
import { RING_DEPTH, type Point, type Rung, type StageInput } from './stage';

/** Rungs are no further apart than this share of the tube, and close together where an end is drawn up. */
const STEPS = 48;
const STEPS_AT_AN_END = 14;

/** The wall of the tube: how long it is, and the rows where it is drawn across. */
export interface Wall {
	readonly lengthCm: number;
	readonly cmAt: (row: number) => number;
	readonly rows: readonly number[];
}

export function wallOf({ runs, rowsPerCm, widthCm, assembly, brimCm }: StageInput): Wall {
	let at = 0;
	const parts = runs.map((r) => {
		const from = at;
		at += (r.to - r.from) / entryAt(rowsPerCm, r.yarn);
		return { ...r, fromCm: from };
	});
	const lengthCm = at;
	const total = runs.at(-1)?.to ?? 0;
	const cmAt = (row: number) => {
		const part = parts.find((p) => row <= p.to) ?? last(parts);
		return part.fromCm + (row - part.from) / entryAt(rowsPerCm, part.yarn);
	};
	// Rungs at every change of yarn and every fold, else evenly; closer at the ends.
	const end = Math.min(total / 2, ((widthCm * Math.PI) / 4 / Math.max(0.01, lengthCm)) * total);
	const even = (from: number, to: number, most: number) => {
		const n = Math.max(1, Math.min(most, Math.ceil(to - from)));
		return Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n);
	};
	const rowAt = (cm: number) => {
		const part = parts.findLast((p) => cm >= p.fromCm) ?? entryAt(parts, 0);
		return part.from + (cm - part.fromCm) * entryAt(rowsPerCm, part.yarn);
	};
	// A brim is folded where it turns, in both layers.
	const tuck = foldsOf(assembly).find((f) => f.id === 'tuck');
	const folds = foldsOf(assembly, brimCm, cmAt).flatMap((f) =>
		f.id === 'turn-up' && tuck
			? [rowAt(f.line), rowAt(2 * cmAt(tuck.line) - f.line)]
			: [rowAt(f.line)]
	);
	const rows = [
		...even(0, end, STEPS_AT_AN_END),
		...even(end, total - end, STEPS),
		...even(total - end, total, STEPS_AT_AN_END),
		...runs.map((r) => r.from),
		...folds
	]
		.map((r) => Math.round(r * 1000) / 1000)
		.filter((r) => r >= 0 && r <= total)
		.sort((a, b) => a - b);
	return { lengthCm, cmAt, rows: [...new Set(rows)] };
}

/** From a place along the axis and a width to the two ends of a rung. */
export function axisOf({ hangs, widthCm }: StageInput, lengthCm: number) {
	return (u: number, wide: number): { a: Point; b: Point } => {
		const [low, high] = [(widthCm * (1 - wide)) / 2, (widthCm * (1 + wide)) / 2];
		if (hangs === 'lying') return { a: { x: u, y: low }, b: { x: u, y: high } };
		const y = hangs === 'cast-on-up' ? u : lengthCm - u;
		return { a: { x: low, y }, b: { x: high, y } };
	};
}

/** A half turn is made over so much of the way round on either side of the seam, radians. */
const TWIST_OVER = 0.7;

/**
 * Laid round to a ring of the tube's own length, seen a little from above. The ends meet at the back; with a half turn at
 * the front, where it is to be seen: there the edges cross.
 */
export function ringOf(lengthCm: number, widthCm: number, twist: boolean) {
	const radius = lengthCm / (2 * Math.PI);
	return (cm: number): { turn: number; rung: Pick<Rung, 'a' | 'b'> } => {
		const round = (2 * Math.PI * cm) / lengthCm;
		const turn = round + (twist ? 0.5 : -0.5) * Math.PI;
		const x = lengthCm / 2 - radius * Math.cos(turn);
		const y = radius * RING_DEPTH * Math.sin(turn);
		const off = Math.min(round, 2 * Math.PI - round);
		const tilt = twist && off < TWIST_OVER ? (1 - off / TWIST_OVER) * (Math.PI / 2) : 0;
		const half = (widthCm / 2) * Math.cos(tilt);
		const middle = y + widthCm / 2;
		return { turn, rung: { a: { x, y: middle - half }, b: { x, y: middle + half } } };
	};
}
