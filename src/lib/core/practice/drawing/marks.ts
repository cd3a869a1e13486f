import { n, yarn, type Ink, type Tone } from '../../technique/drawing/ink';
import type { Cell, CellKind } from './column';

export const PITCH = 44;
export const STITCH = 20;
const THICK = 5;

export const toneOf = (cell: Cell): Tone => (cell.waste ? 'waste' : 'fabric');

interface Spot {
	readonly x: number;
	readonly y: number;
	/** How far the pin it goes to stands aside. */
	readonly lean: number;
	readonly tone: Tone;
}

/** Its two legs, so far apart. */
function legs({ x, y, lean }: Spot, w: number): string {
	const leg = (side: 1 | -1) =>
		`M${n(x + side * w + lean)} ${n(y)}C${n(x + side * (w - 1) + lean)} ${n(y + 9)} ${n(x + side * 5)} ${n(y + 13)} ${n(x + side)} ${n(y + 19)}`;
	return leg(-1) + leg(1);
}
const arc = ({ x, y }: Spot, w: number, from: number, to: number): string =>
	`M${n(x - w)} ${n(y + from)}C${n(x - w * 0.6)} ${n(y + to)} ${n(x + w * 0.6)} ${n(y + to)} ${n(x + w)} ${n(y + from)}`;
const whole = (s: Spot, w = 12): Ink => yarn(legs(s, w), s.tone, THICK);

const LOOKS: Record<CellKind, (s: Spot) => Ink[]> = {
	knit: (s) => [whole(s)],
	bound: (s) => [whole(s)],
	tight: (s) => [whole(s, 7)],
	loose: (s) => [whole(s, 17)],
	rung: (s) => [yarn(arc(s, 20, 11, 6), s.tone, 4)],
	purl: (s) => [yarn(arc(s, 13, 13, 2), s.tone, THICK + 1)],
	tuck: (s) => [whole(s), yarn(arc(s, 15, 12, -10), s.tone, 4)],
	stacked: (s) => [
		yarn(`M${n(s.x + s.lean)} ${n(s.y - 2)}L${n(s.x)} ${n(s.y + 18)}`, s.tone, THICK)
	],
	twisted: (s) => {
		const cross = (side: 1 | -1) =>
			`M${n(s.x + side * 11)} ${n(s.y)}C${n(s.x - side * 10)} ${n(s.y + 8)} ${n(s.x - side * 5)} ${n(s.y + 14)} ${n(s.x)} ${n(s.y + 19)}`;
		return [yarn(cross(1), s.tone, THICK), yarn(cross(-1), s.tone, THICK)];
	},
	split: (s) => [
		yarn(legs(s, 12), s.tone, 3),
		yarn(
			`M${n(s.x - 7)} ${n(s.y + 1)}C${n(s.x - 3)} ${n(s.y + 10)} ${n(s.x + 9)} ${n(s.y + 2)} ${n(s.x + 13)} ${n(s.y + 16)}`,
			s.tone,
			2
		)
	],
	doubled: (s) => [whole(s), yarn(legs({ ...s, y: s.y + 2 }, 9), 'waste', 2)]
};

/** One stitch of a column, its upper edge at y: as it is, or as what became of it. */
export const stitch = (cell: Cell, x: number, y: number, toX: number = x): Ink[] =>
	LOOKS[cell.kind]({ x, y, lean: (toX - x) * 0.5, tone: toneOf(cell) });

/** A loop from the fabric at `base` over a pin, or open, its bow at `top`. */
export function loopOn(
	x: number,
	{ top, base, homeX = x }: { top: number; base: number; homeX?: number },
	tone: Tone
): Ink {
	const w = 11;
	const side = (s: 1 | -1) => n((homeX + x) / 2 + s * (w + 3));
	const mid = base + (top - base) * 0.45;
	return yarn(
		`M${n(homeX - w)} ${n(base)}C${side(-1)} ${n(mid)} ${n(x - 9)} ${n(top)} ${n(x)} ${n(top)}C${n(x + 9)} ${n(top)} ${side(1)} ${n(mid)} ${n(homeX + w)} ${n(base)}`,
		tone,
		THICK
	);
}
