import type { RowEnd } from '../../program/hand';
import type { Hand } from '../../simulate/hand/hand';
import { n, text, yarn, type Ink } from '../../technique/drawing/ink';
import { numberOf } from '../acts';
import { sayState } from '../say';
import { columnOf } from './column';
import { loopOn, PITCH, STITCH, stitch } from './marks';
import { type Looked, type Near, type Place } from './looked';

/** Two edges that are closed on one another: the halves of one row from its fold, or both ends of a tube. */
export type Faces = 'fold' | 'ends';

const FRONT_Y = 150;
const BACK_Y = 76;

const mod = (x: number, pins: number): number => ((x % pins) + pins) % pins;
/** The loop that faces a pin's. */
export const facingPin = (pin: number, pins: number, faces: Faces): number =>
	faces === 'ends' ? pin : mod(-1 - pin, pins);

interface Edge {
	readonly end: RowEnd;
	readonly y: number;
	readonly up: boolean;
}

const isClosed = (hand: Hand, { end }: Edge, pin: number): boolean =>
	(end === 'cast-off' && hand.hooked.includes(pin)) || hand.passedBy(end, pin) > 0;

/** The waste that holds the loops until they are closed: its first row, behind them. */
function wasteInks(places: readonly Place[], edge: Edge): Ink[] {
	const y = edge.up ? edge.y + 17 : edge.y - 17;
	return places.map(({ x }) => yarn(`M${n(x - PITCH / 2)} ${y}H${n(x + PITCH / 2)}`, 'waste', 3));
}

/** The loops of an edge, and the fabric that hangs from it or stands above it. */
function edgeInks(seen: Looked, places: readonly Place[], edge: Edge): Ink[] {
	const { hand } = seen;
	const rows = 2;
	const held = hand.wasteGone.has(edge.end) ? [] : wasteInks(places, edge);
	return held.concat(
		places.flatMap(({ pin, x }) => {
			const loop = hand.endLoop(edge.end, pin);
			if (loop < 0) return [];
			const column = columnOf(hand, pin, 10_000);
			const at = column.findIndex((c) => c.loop === loop);
			const cells =
				edge.end === 'cast-off'
					? column.slice(at + 1, at + 1 + rows)
					: column.slice(Math.max(0, at - rows), at).reverse();
			const ran = column[at]?.kind === 'rung';
			const tone = isClosed(hand, edge, pin) ? 'work' : 'fabric';
			const open = ran
				? stitch({ loop, pin, kind: 'rung', waste: false, leansTo: null }, x, edge.y - 14)
				: [loopOn(x, { top: edge.up ? edge.y + 24 : edge.y - 24, base: edge.y }, tone)];
			return [
				...cells.flatMap((c, k) =>
					stitch(c, x, edge.up ? edge.y - (k + 1) * STITCH : edge.y + k * STITCH)
				),
				...open
			];
		})
	);
}

/** The way of hook or needle so far, between what is seen. */
function wayInks(
	seen: Looked,
	front: readonly Place[],
	back: readonly Place[],
	ends: boolean
): Ink[] {
	const { hand } = seen;
	const placeOf = (end: RowEnd, pin: number): readonly [number, number] | null => {
		const f = end === 'cast-off' ? front.find((p) => p.pin === pin) : undefined;
		if (f) return [f.x, FRONT_Y - 24];
		const b = (ends ? end === 'cast-on' : true) ? back.find((p) => p.pin === pin) : undefined;
		return b ? [b.x, BACK_Y + 24] : null;
	};
	const steps = [
		...hand.hooked.map((pin) => placeOf('cast-off', pin)),
		...hand.passesDone.map((p) => placeOf(p.end, p.pin))
	];
	let d = '';
	let pen = false;
	for (const step of steps) {
		if (!step) {
			pen = false;
			continue;
		}
		d += `${pen ? 'L' : 'M'}${n(step[0])} ${n(step[1])}`;
		pen = true;
	}
	return d === '' ? [] : [yarn(d, 'work', 4)];
}

/** Two edges on the table facing one another, loop by loop, with what closes them. */
export function facingOf(seen: Looked, faces: Faces): Near {
	const { hand, m, pins } = seen;
	const half = Math.floor(pins / 2);
	// Folded at the first pin: the back counts the other way, and is looked at from the front.
	const sides = faces === 'fold' ? Math.ceil(hand.pins / 2) : hand.pins;
	const behind = faces === 'fold' && seen.centre >= sides;
	const centre = behind ? facingPin(seen.centre, hand.pins, faces) : seen.centre;
	const from = Math.max(0, Math.min(sides - pins, centre - half));
	const front = Array.from({ length: Math.min(pins, sides) }, (_, i) => ({
		pin: from + i,
		x: PITCH * (i + 0.75)
	}));
	const back = front.map((p) => ({ ...p, pin: facingPin(p.pin, hand.pins, faces) }));
	const low: Edge = { end: 'cast-off', y: FRONT_Y, up: false };
	const high: Edge = { end: faces === 'ends' ? 'cast-on' : 'cast-off', y: BACK_Y, up: true };
	// The fold lies before the first pin and behind the last of the front.
	const folds = front.flatMap(({ pin, x }) => [
		...(faces === 'fold' && pin === 0 ? [x - PITCH / 2] : []),
		...(faces === 'fold' && pin === sides - 1 ? [x + PITCH / 2] : [])
	]);
	return {
		width: PITCH * (pins + 0.5),
		height: FRONT_Y + 2 * STITCH + 24,
		inks: [
			...edgeInks(seen, back, high),
			...edgeInks(seen, front, low),
			...wayInks(seen, front, back, faces === 'ends'),
			...folds.map((x): Ink => ({ kind: 'line', d: `M${n(x)} 20V${FRONT_Y + 40}`, dashed: true })),
			...front.map(({ pin, x }) => text(x, FRONT_Y + 2 * STITCH + 18, String(numberOf(m, pin)))),
			...back.map(({ pin, x }) => text(x, 16, String(numberOf(m, pin))))
		],
		says: sayState(hand, m),
		places: [...front, ...back.map((p) => ({ ...p, back: true }))]
	};
}
