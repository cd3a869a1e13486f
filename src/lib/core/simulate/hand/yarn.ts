import type { HandOpOf } from '../../program/hand';
import { isSpare, WASTE } from '../../program/program';
import { entryAt } from '../../quantity/sure';
import { EMPTY, WRAP } from '../bed';
import { LOOP } from '../fabric';
import { LAID, type Hand } from './hand';

/** The least tail that stays where it is put and can be woven in, cm; rows after which it can be tied (common practice). */
export const LEAST_TAIL_CM = 15;
export const TIE_AFTER_ROWS = 4;
/** Yarn pulled off the ball at a time, in rounds (from memory). */
const ROUNDS_PULLED = 3;

/** The cast-on's yarn at a pin; what lay beyond it has come off. */
function layAt(hand: Hand, pin: number, how: keyof typeof LAID): void {
	if (!hand.inside(pin)) return;
	const { bed } = hand;
	if (bed.made > 0 || bed.row > 0) {
		hand.refuse('knitted-already', pin);
		return;
	}
	if (bed.feeder === null) {
		bed.feeder = WASTE;
		hand.aside = true;
	}
	for (let p = pin + 1; p < hand.pins; p++) {
		if (hand.laid[p] === LAID.none) continue;
		hand.laid[p] = LAID.none;
		bed.outOfWork(p);
	}
	hand.laid[pin] = LAID[how];
	bed.inWork[pin] = 1;
	bed.top[pin] = WRAP;
}
export const lay = (hand: Hand, { pin, side }: HandOpOf<'lay'>): void => layAt(hand, pin, side);
export const wrap = (hand: Hand, { pin, loop }: HandOpOf<'wrap'>): void => layAt(hand, pin, loop);

/** A loop of the rag onto a pin; more loops than pins hang free. */
export function ragLoop(hand: Hand, { pin }: HandOpOf<'rag-loop'>): void {
	if (!hand.inside(pin)) return;
	const { bed } = hand;
	if (bed.made > 0) {
		hand.refuse('knitted-already', pin);
		return;
	}
	bed.feeder ??= WASTE;
	if (bed.inWork[pin] === 1) hand.slip('rag-twice', pin);
	const before = bed.inWork.lastIndexOf(1);
	for (let p = before + 1; p < pin; p++) hand.slip('rag-missed', p);
	hand.mended('rag-missed', pin);
	bed.inWork[pin] = 1;
	bed.top[pin] = WRAP;
}

/** Where a row begins: at the marker of a tube, at an edge of a panel. */
function betweenRows(hand: Hand): boolean {
	const { bed } = hand;
	const ends = bed.ends();
	if (!hand.isPanel || !ends) return hand.pos === 0;
	return hand.pos <= ends.low || hand.pos > ends.high;
}

export function yarnIn(hand: Hand, { yarn, tail, cm }: HandOpOf<'yarn-in'>): void {
	const { bed } = hand;
	const pin = hand.pos % hand.pins;
	if (bed.feeder !== null && bed.made > 0) {
		hand.slip('two-yarns', pin);
		hand.second = true;
	}
	if (!betweenRows(hand) && bed.made > 0) hand.slip('join-off-pin', pin);
	if (tail === 'outside') hand.slip('tail-outside', pin);
	if (cm < LEAST_TAIL_CM) hand.slip('tail-short', pin);
	bed.feeder = yarn;
	hand.aside = false;
	hand.fresh = 0;
	hand.tails.push({ yarn, pin, side: tail, cm, row: bed.row, is: 'new' });
}

export function yarnOut(hand: Hand, { cm }: HandOpOf<'yarn-out'>): void {
	const { bed } = hand;
	if (bed.feeder === null) {
		hand.refuse('cannot');
		return;
	}
	const pin = (hand.pos + hand.pins - 1) % hand.pins;
	if (cm < LEAST_TAIL_CM) hand.slip('tail-short', pin);
	hand.tails.push({ yarn: bed.feeder, pin, side: 'inside', cm, row: bed.row, is: 'old' });
	bed.feeder = null;
	hand.second = false;
}

export function guide(hand: Hand, { yarn }: HandOpOf<'guide'>): void {
	if (hand.bed.feeder === null) hand.refuse('cannot');
	else hand.aside = yarn === 'aside';
}

/** The two tails of a join: tied before the rows hold them, the first loops are drawn tight. */
export function tie(hand: Hand): void {
	const { bed } = hand;
	const joined = hand.tails.filter((t) => t.is === 'new').at(-1);
	if (!joined || hand.tied === joined.row) {
		hand.refuse('no-tails');
		return;
	}
	hand.tied = joined.row;
	if (bed.row - joined.row >= TIE_AFTER_ROWS) return;
	hand.slip('tied-early', joined.pin);
	const from = entryAt(bed.fabric.rowStart, joined.row);
	for (const l of [from, from + 1]) if (l < bed.made) hand.look(l, 'tight');
}

export const slack = (hand: Hand): void => {
	if (hand.slack !== null) hand.slack = ROUNDS_PULLED * hand.pins;
};
export const roll = (hand: Hand): void => {
	hand.unrolled = 0;
};
export const untwist = (hand: Hand): void => {
	hand.untwisted = 0;
};

export const zero = (hand: Hand): void => {
	hand.counter = 0;
	hand.zeroed += 1;
};

/** Rows of main yarn so far: what a right count says. */
export const mainRowsOf = (hand: Hand): number => {
	const { fabric, row } = hand.bed;
	let rows = 0;
	for (let r = 0; r < row; r++)
		if (!isSpare(entryAt(fabric.yarn, entryAt(fabric.rowStart, r)))) rows += 1;
	return rows;
};

/** Everything off the pins, to begin again; the yarn is wound back. */
export function clear(hand: Hand): void {
	const { bed } = hand;
	bed.inWork.fill(0);
	bed.top.fill(EMPTY);
	hand.high.fill(0);
	hand.laid.fill(LAID.none);
	hand.bare.fill(0);
	bed.mishaps.clear();
	hand.ladders.clear();
	hand.emptied.clear();
	hand.pick.length = 0;
	hand.hung.clear();
	for (let l = 0; l < bed.made; l++) hand.state(l, LOOP.dropped);
	hand.settle();
	hand.cleared = true;
}
