import type { HandOpOf } from '../../program/hand';
import { entryAt } from '../../quantity/sure';
import { EMPTY } from '../bed';
import { LAID, type Hand } from './hand';
import { fallOff, runDown } from './run-down';

type Turn = HandOpOf<'turn'>;

/** How often a pin passed fast does not take its loop while the yarn is new, and one pushed up does not seat (from memory). */
const MISSES_FAST = 1 / 12;
const PUSHED_UP = 1 / 9;

/** The yarn before and behind: what of the weave does not hold is known when it is first knitted. */
function firstRow(hand: Hand): void {
	const { bed, laid, pins } = hand;
	const first = laid.findIndex((s) => s !== LAID.none);
	if (bed.made > 0 || first < 0) return;
	const wrapped = entryAt(laid, first) >= LAID.crossed;
	if (first > 0) hand.slip('weave-start', first);
	const last = laid.findLastIndex((s) => s !== LAID.none);
	for (let pin = first; pin <= last; pin++) {
		if (laid[pin] === LAID.none) {
			hand.slip(wrapped ? 'wrap-missed' : 'weave-missed', pin);
		} else if (laid[pin] === LAID.open) {
			hand.slip('wrap-open', pin);
			bed.top[pin] = EMPTY;
		} else if (laid[pin] !== LAID.crossed && pin > first && laid[pin] === laid[pin - 1]) {
			hand.slip('weave-same', pin);
			bed.top[pin] = EMPTY;
		}
	}
	if (last < pins - 1) hand.slip('weave-short', last + 1);
}

/** A pin with no yarn before it: its loop rises, goes back into its hook the second time, and falls the third. */
function passBare(hand: Hand, pin: number): void {
	if (entryAt(hand.bed.top, pin) === EMPTY) return;
	const times = Math.min(3, entryAt(hand.bare, pin) + 1);
	hand.bare[pin] = times;
	if (times === 1) hand.high[pin] = 1;
	else if (times === 2) {
		// Turned too far: it goes back into its hook.
		hand.slip('too-far', pin);
		hand.high[pin] = 0;
	} else {
		hand.slip('fell', pin);
		fallOff(hand, pin);
	}
}

/** An idle pin grabs the yarn: it holds a loop of it from now on. */
function grab(hand: Hand, pin: number): void {
	const { bed } = hand;
	bed.inWork[pin] = 1;
	bed.top[pin] = EMPTY;
	if (hand.isPanel || bed.made > hand.pins) hand.slip('idle-caught', pin);
	bed.knit(pin);
	hand.look(entryAt(bed.top, pin), 'loose');
}

/** What the loop that a pin takes does: it goes down, or stays high. */
function take(hand: Hand, pin: number): void {
	const { bed } = hand;
	const top = entryAt(bed.top, pin);
	if (hand.high[pin] === 1 && top >= 0) {
		hand.slip('not-seated', pin);
		bed.tucks.add(pin);
	}
	if (top === EMPTY && hand.hung.size === 0 && hand.emptied.delete(pin))
		hand.slip('empty-pin', pin);
	if (hand.hung.size > 0 && top >= 0 && !hand.hung.has(pin)) hand.slip('hang-missed', pin);
	bed.knit(pin);
	hand.high[pin] = 0;
	hand.bare[pin] = 0;
	const loop = entryAt(bed.top, pin);
	// A loop with nothing below it is held by nothing, and gapes.
	if (top === EMPTY) hand.look(loop, 'loose');
	else if (hand.second) hand.look(loop, 'doubled');
	if (hand.willRise.delete(pin)) hand.high[pin] = 1;
	if (hand.slack !== null && hand.slack-- <= 0) {
		hand.slip('tight', pin);
		hand.look(loop, 'tight');
		hand.slack = 0;
	}
	const limit = hand.ring.rollRows ?? Infinity;
	if (hand.unrolled >= limit && hand.chance(pin) < PUSHED_UP) {
		hand.slip('pushed-up', pin);
		hand.high[pin] = 1;
	}
}

function pass(hand: Hand, pin: number, { pace, way }: Turn): void {
	const { bed } = hand;
	hand.passes += 1;
	hand.passed += 1;
	if (bed.feeder === null || hand.aside) {
		passBare(hand, pin);
		return;
	}
	if (bed.inWork[pin] === 0) {
		grab(hand, pin);
		return;
	}
	const unsure = hand.isPanel || hand.fresh < hand.pins;
	hand.fresh += 1;
	if (pace === 'fast' && unsure && hand.chance(pin) < MISSES_FAST) {
		hand.slip('not-taken', pin);
		return;
	}
	// A float round a card stands in the gap above its pin, whichever way the yarn goes.
	const card = bed.extensions.get(pin);
	if (card && way === 'back') bed.floats(card);
	take(hand, pin);
	if (card && way === 'forward') bed.floats(card);
}

/** Whether the machine's counter counts as it is worked now. */
export const countsRows = ({ ring, isPanel }: Hand): boolean =>
	ring.counter === 'both' || (ring.counter === 'tube' && !isPanel);

/** The row that was knitted is whole: it is one more, and the counter may have counted it. */
function endRow(hand: Hand, whole: boolean): void {
	const { bed } = hand;
	hand.passed = 0;
	if (hand.hung.size > 0) {
		hand.hung.clear();
		hand.fresh = 0;
	}
	if (bed.made === entryAt(bed.fabric.rowStart, bed.row)) return;
	bed.endRow();
	if (!whole) return;
	hand.unrolled += 1;
	hand.untwisted += 1;
	if (countsRows(hand)) hand.counter += 1;
}

/** The pin at an edge of a panel that a row ends at, going that way. */
const edgeOf = (ends: { low: number; high: number }, way: 'forward' | 'back') =>
	way === 'forward' ? ends.high : ends.low;

/** Going the other way: at the edge of a panel the yarn has been seen to, or the edge stitch goes. */
function turnRound(hand: Hand, way: 'forward' | 'back'): void {
	const { bed } = hand;
	const knitted = hand.passed > 0 && bed.made > entryAt(bed.fabric.rowStart, bed.row);
	const seenTo = hand.atEdge;
	hand.atEdge = { bar: false, snug: false };
	const ends = bed.ends();
	if (hand.isPanel && ends && (knitted || bed.turns)) {
		const edge = edgeOf(ends, hand.going);
		const short = hand.going === 'forward' ? hand.pos <= edge : hand.pos > edge;
		if (short) hand.slip('turned-short', hand.going === 'forward' ? hand.pos : hand.pos - 1);
		else if (!seenTo.bar) {
			hand.slip('edge-dropped', edge);
			fallOff(hand, edge);
		} else if (!seenTo.snug) {
			hand.slip('edge-loose', edge);
			hand.look(entryAt(bed.top, edge), 'loose');
		}
		bed.turns = true;
	} else if (!hand.isPanel && knitted && bed.feeder !== null) {
		hand.slip('turned-back', way === 'back' ? hand.pos - 1 : hand.pos);
	}
	if (hand.passed > 0) endRow(hand, hand.isPanel);
	hand.going = way;
}

/** Why the ring does not go on from here: forced, it would break. */
function stopped(hand: Hand, way: 'forward' | 'back'): boolean {
	const { bed, pos, pins } = hand;
	const { start, end } = bed.lost;
	if (hand.gateOpen) hand.slip('gate-open', pos % pins);
	else if (hand.untwisted >= (hand.ring.clogRows ?? Infinity)) hand.slip('clogged', null);
	else if (bed.panel === 'switch' && way === 'forward' && pos >= pins - end)
		hand.slip('past-stop', pos % pins);
	else if (bed.panel === 'switch' && way === 'back' && pos <= start)
		hand.slip('past-stop', Math.max(0, pos - 1));
	else return false;
	return true;
}

/** What is on the pick when the ring moves is lost. */
function dropPick(hand: Hand): void {
	for (const { from, loop } of hand.pick.splice(0)) {
		hand.slip('left-on-pick', from);
		const loops: number[] = [];
		for (let l = loop; l >= 0; l = entryAt(hand.bed.under, l)) loops.push(l);
		if (loop >= 0) runDown(hand, from, loops);
	}
}

/** So many pins past the feeder, one at a time; as far as it goes. */
export function turn(hand: Hand, step: Turn): void {
	const { bed, pins } = hand;
	if (!bed.ends() && hand.laid.every((s) => s === LAID.none)) {
		hand.refuse('machine-empty');
		return;
	}
	if (bed.feeder !== null && !hand.aside) firstRow(hand);
	if (hand.pick.length > 0) dropPick(hand);
	if (step.way !== hand.going) turnRound(hand, step.way);
	// What was seen to at an edge holds for the turn there, and no longer.
	hand.atEdge = { bar: false, snug: false };
	const from = step.way === 'forward' ? hand.pos : Math.max(0, hand.pos - 1);
	for (let i = 0; i < step.pins; i++) {
		if (stopped(hand, step.way)) break;
		if (step.way === 'forward') {
			pass(hand, hand.pos % pins, step);
			hand.pos += 1;
			if (!hand.isPanel && hand.pos >= pins) {
				hand.pos = 0;
				endRow(hand, true);
			} else if (hand.isPanel && hand.pos > pins) hand.pos = 1;
		} else {
			if (hand.pos === 0) hand.pos = pins;
			pass(hand, hand.pos - 1, step);
			hand.pos -= 1;
		}
	}
	const ends = bed.ends();
	if (hand.isPanel && ends)
		bed.yarnAt = hand.pos > ends.high ? 'high' : hand.pos <= ends.low ? 'low' : bed.yarnAt;
	if ((bed.feeder === null || hand.aside) && !hand.off) hand.slip('no-yarn', from % pins);
}
