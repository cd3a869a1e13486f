import { isSpare } from '../../program/program';
import { entryAt } from '../../quantity/sure';
import { FACE, LOOP } from '../../simulate/fabric';
import { rungsOf } from '../../simulate/hand/run-down';
import type { Hand, LoopLook } from '../../simulate/hand/hand';

/** How a place in a column looks. */
export type CellKind = 'knit' | 'purl' | 'rung' | 'tuck' | 'stacked' | 'split' | 'bound' | LoopLook;

export interface Cell {
	readonly loop: number;
	/** Pin it was made on. */
	readonly pin: number;
	readonly kind: CellKind;
	readonly waste: boolean;
	/** The pin that the loop drawn through it stands on, where that is another; null where it is its own, or none. */
	readonly leansTo: number | null;
}

/** Rungs drawn through those of another ladder: the lowest of theirs. */
function isCrossed(hand: Hand, loop: number): boolean {
	const pin = entryAt(hand.bed.fabric.pin, loop);
	if (!hand.crossed.some((c) => c.pin === pin)) return false;
	return !rungsOf(hand, pin).includes(loop);
}

function kindOf(hand: Hand, loop: number): CellKind {
	const { fabric } = hand.bed;
	const state = entryAt(fabric.state, loop);
	if (state === LOOP.dropped) return isCrossed(hand, loop) ? 'bound' : 'rung';
	const look = hand.looks.get(loop);
	if (look) return look;
	if (state === LOOP.tucked) return 'tuck';
	if (state === LOOP.stacked) return 'stacked';
	if (state === LOOP.castOff) return 'bound';
	const face = entryAt(fabric.face, loop);
	if ((face & FACE.split) !== 0) return 'split';
	return (face & FACE.purl) !== 0 ? 'purl' : 'knit';
}

export function cellOf(hand: Hand, loop: number): Cell {
	const { fabric } = hand.bed;
	const pin = entryAt(fabric.pin, loop);
	const into = entryAt(fabric.into, loop);
	const above = into >= 0 ? entryAt(fabric.pin, into) : pin;
	return {
		loop,
		pin,
		kind: kindOf(hand, loop),
		waste: isSpare(entryAt(fabric.yarn, loop)),
		leansTo: above !== pin && above < hand.pins ? above : null
	};
}

/** Loops still to be seen of what a pin made, the last first; those of waste that is off are gone. */
export function columnOf(hand: Hand, pin: number, most: number): Cell[] {
	const { fabric, made } = hand.bed;
	const lifted = new Set([...hand.stack(pin), ...hand.pick.map((x) => x.loop)]);
	const cells: Cell[] = [];
	const [first, last] = [hand.endLoop('cast-on', pin), hand.endLoop('cast-off', pin)];
	for (let l = made - 1; l >= 0 && cells.length < most; l--) {
		if (entryAt(fabric.pin, l) !== pin || lifted.has(l)) continue;
		if (hand.wasteGone.has('cast-off') && l > last) continue;
		if (hand.wasteGone.has('cast-on') && l < first) continue;
		cells.push(cellOf(hand, l));
	}
	return cells;
}
