import type { HandOpOf } from '../../program/hand';
import { isSpare } from '../../program/program';
import { entryAt } from '../../quantity/sure';
import { EMPTY } from '../bed';
import { LOOP } from '../fabric';
import type { Hand } from './hand';
import { fallOff } from './run-down';

/** A pick holds no more loops at once (from memory: tools of three or four prongs). */
const MOST_ON_PICK = 4;

export function pushDown(hand: Hand, { pin }: { pin: number }): void {
	if (!hand.inside(pin)) return;
	if (entryAt(hand.bed.top, pin) < 0) hand.refuse('nothing-on-pin', pin);
	else hand.high[pin] = 0;
}

/** Everything that hangs on a pin onto the pick: with the yarn still in the guide it is drawn tight. */
export function lift(hand: Hand, { pin }: { pin: number }): void {
	if (!hand.inside(pin)) return;
	const { bed } = hand;
	const loops = hand.stack(pin);
	const [top] = loops;
	if (top === undefined) {
		hand.refuse('nothing-on-pin', pin);
		return;
	}
	if (hand.pick.length >= MOST_ON_PICK) {
		hand.refuse('pick-full', pin);
		return;
	}
	if (bed.feeder !== null && !hand.aside) {
		hand.slip('yarn-in-guide', pin);
		hand.look(top, 'tight');
	}
	for (const l of loops) hand.state(l, LOOP.held);
	hand.pick.push({ from: pin, loop: bed.lift(pin) });
	hand.hung.delete(pin);
	hand.high[pin] = 0;
	hand.emptied.add(pin);
}

/** What was lifted from a pin goes down on one, over what hangs there. */
export function set(hand: Hand, { from, pin }: HandOpOf<'set'>): void {
	if (!hand.inside(pin)) return;
	const i = hand.pick.findIndex((x) => x.from === from);
	const lifted = hand.pick[i];
	if (!lifted) {
		hand.refuse('nothing-lifted', from);
		return;
	}
	hand.pick.splice(i, 1);
	const { bed } = hand;
	// The wrap of a cast-on holds nothing that is put over it.
	if (entryAt(bed.top, pin) === -1) bed.top[pin] = EMPTY;
	bed.put(lifted.loop, pin);
	for (const l of hand.stack(pin)) hand.state(l, LOOP.onPin);
	bed.inWork[pin] = 1;
	bed.mishaps.delete(pin);
	hand.emptied.delete(pin);
}

/** A pin out of work: what hangs on it falls. */
export function idle(hand: Hand, { pin }: { pin: number }): void {
	if (!hand.inside(pin)) return;
	if (entryAt(hand.bed.top, pin) >= 0) {
		hand.slip('idle-with-loop', pin);
		fallOff(hand, pin);
	}
	hand.bed.outOfWork(pin);
	hand.emptied.delete(pin);
	// At the edge where the ring stands, the next pin in work is the one that comes.
	const ends = hand.bed.ends();
	if (!hand.isPanel || !ends) return;
	if (hand.pos === pin && pin < ends.low) hand.pos = ends.low;
	else if (hand.pos === pin + 1 && pin > ends.high) hand.pos = ends.high + 1;
}

/** An edge stitch onto the strand beside the panel: all of them threaded in one direction, or they twist. */
export function ontoStrand(hand: Hand, { pin, way }: HandOpOf<'onto-strand'>): void {
	if (!hand.inside(pin)) return;
	const { bed } = hand;
	const ends = bed.ends();
	const edge = pin === ends?.low ? 'low' : pin === ends?.high ? 'high' : null;
	if (!hand.isPanel || !ends || edge === null || ends.low === ends.high) {
		hand.refuse('not-the-edge', pin);
		return;
	}
	const loops = hand.stack(pin);
	const [top] = loops;
	if (top === undefined) {
		hand.refuse('nothing-on-pin', pin);
		return;
	}
	if (bed.yarnAt !== edge) hand.slip('hold-wrong-edge', pin);
	hand.heldWay ??= way;
	if (way !== hand.heldWay) {
		hand.slip('held-twisted', pin);
		hand.look(top, 'twisted');
	}
	for (const l of loops) hand.state(l, LOOP.held);
	bed.held[edge].push({ pin, loop: top, sinceRow: bed.row });
	bed.outOfWork(pin);
	// What passes the feeder next is the new edge.
	const left = bed.ends();
	if (left && edge === bed.yarnAt) hand.pos = edge === 'low' ? left.low : left.high + 1;
}

/** The loop that the pin `from` made in a row, hung on a pin beside what hangs there. */
export function hangOne(hand: Hand, { row, from, pin }: HandOpOf<'hang'>): void {
	if (!hand.inside(pin) || !hand.inside(from)) return;
	const { bed } = hand;
	const { fabric } = bed;
	if (row < 0 || row >= bed.row || bed.inWork[pin] === 0 || entryAt(bed.top, pin) < 0) {
		hand.refuse('no-loop-there', pin);
		return;
	}
	let loop = -1;
	for (let l = entryAt(fabric.rowStart, row); l < entryAt(fabric.rowStart, row + 1); l++)
		if (entryAt(fabric.pin, l) === from) loop = l;
	if (loop < 0 || fabric.state[loop] !== LOOP.knittedThrough) {
		hand.refuse('no-loop-there', pin);
		return;
	}
	if (hand.hungLoops.has(loop)) {
		hand.refuse('hung-already', from);
		return;
	}
	if (isSpare(entryAt(fabric.yarn, loop))) hand.slip('hang-waste', pin);
	else if (from !== pin) hand.slip('hang-off', pin);
	if (hand.hung.has(pin)) hand.slip('hang-twice', pin);
	hand.hungLoops.add(loop);
	hand.hung.set(pin, loop);
	bed.under[loop] = -1;
	bed.put(loop, pin);
}
