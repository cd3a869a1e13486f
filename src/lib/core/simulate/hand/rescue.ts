import type { HandOpOf } from '../../program/hand';
import { entryAt } from '../../quantity/sure';
import { FACE, LOOP } from '../fabric';
import type { Hand } from './hand';
import { fallOff, rungsOf, runDown } from './run-down';

/** Rows that a column runs on while its loose loop is worked at with nothing through it (from memory). */
const RUNS_ON = 4;

export function fall(hand: Hand, { pin, rows }: HandOpOf<'fall'>): void {
	if (!hand.inside(pin)) return;
	if (hand.bed.ends() && hand.stack(pin).length > 0) {
		fallOff(hand, pin, rows);
		return;
	}
	const loop = hand.bed.ends() ? -1 : hand.endLoop('cast-off', pin);
	if (loop < 0 || hand.ladders.has(pin)) hand.refuse('nothing-on-pin', pin);
	else runDown(hand, pin, [loop], rows);
}

const ladder = (hand: Hand, pin: number) => {
	const there = hand.ladders.get(pin);
	if (!there) hand.refuse('nothing-dropped', pin);
	return there;
};

export function markLoop(hand: Hand, { pin }: { pin: number }): void {
	const there = ladder(hand, pin);
	if (there) there.marked = true;
}

/** The column a few rows further down: the loop below the lowest rung has come loose too. */
function runsOn(hand: Hand, pin: number): void {
	const mishap = hand.bed.mishaps.get(pin);
	if (mishap?.kind !== 'drop') return;
	const rows = mishap.was.length + RUNS_ON;
	const { madeThen } = mishap;
	const before = hand.bed.made;
	runDown(hand, pin, [mishap.loop], rows);
	const after = hand.bed.mishaps.get(pin);
	if (after?.kind === 'drop' && madeThen < before)
		hand.bed.mishaps.set(pin, { ...after, madeThen });
}

/** One rung of a column that ran, latched from the bottom: with nothing through the loose loop it runs on first. */
export function rung(hand: Hand, { pin, face, over }: HandOpOf<'rung'>): void {
	const there = ladder(hand, pin);
	if (!there) return;
	const { bed } = hand;
	if (!bed.ends() && !there.marked && there.latched === 0) {
		hand.slip('not-marked', pin);
		runsOn(hand, pin);
	}
	const now = hand.ladders.get(pin) ?? there;
	now.marked = true;
	const rungs = rungsOf(hand, pin);
	if (rungs.length === 0) {
		hand.refuse('all-latched', pin);
		return;
	}
	const skipped = Math.min(over, rungs.length - 1);
	if (skipped > 0) hand.slip('rung-skipped', pin);
	const loop = entryAt(rungs, skipped);
	now.latched += skipped + 1;
	const mishap = bed.mishaps.get(pin);
	const was = mishap?.kind === 'drop' ? mishap.was.find(([l]) => l === loop)?.[1] : undefined;
	// The top one is loose until it is put on its pin or closed with the others.
	hand.state(loop, was === undefined || was === LOOP.onPin ? LOOP.onNeedle : was);
	if (face === 'purl') {
		hand.slip('purl-rung', pin);
		bed.fabric.face[loop] = entryAt(bed.fabric.face, loop) | FACE.purl;
	}
}

/** The top of a latched column onto its pin; where rows were knitted since, the first of them closes it. */
export function ontoPin(hand: Hand, { pin }: { pin: number }): void {
	const there = ladder(hand, pin);
	const { bed } = hand;
	if (!there) return;
	if (!bed.ends() || bed.inWork[pin] !== 1) {
		hand.refuse('machine-empty', pin);
		return;
	}
	const mishap = bed.mishaps.get(pin);
	if (mishap?.kind !== 'drop' || there.latched === 0) {
		hand.refuse('nothing-dropped', pin);
		return;
	}
	if (rungsOf(hand, pin).length > 0) hand.slip('not-all-latched', pin);
	const rungs = mishap.was.map(([l]) => l).sort((a, b) => a - b);
	const top = entryAt(rungs, there.latched - 1);
	hand.ladders.delete(pin);
	bed.mishaps.delete(pin);
	const since = bed.fabric.pin.subarray(mishap.madeThen, bed.made).indexOf(pin);
	if (since < 0) {
		bed.under[top] = -1;
		hand.state(top, LOOP.onPin);
		bed.put(top, pin);
	} else if (bed.fabric.into[top] === -1) bed.drawThrough(top, mishap.madeThen + since);
}

/** Rungs of one ladder drawn through those of the other: two from each side in turn (common practice). */
const RUNGS = 2;
export function cross(hand: Hand, { pin, rungs }: HandOpOf<'cross'>): void {
	const there = ladder(hand, pin);
	if (!there) return;
	const left = rungsOf(hand, pin);
	if (left.length === 0) {
		hand.refuse('all-latched', pin);
		return;
	}
	if (rungs !== RUNGS && left.length > rungs) hand.slip('rungs-count', pin);
	if (hand.crossed.at(-1)?.pin === pin) hand.slip('same-ladder', pin);
	hand.crossed.push({ pin, rungs: Math.min(rungs, left.length) });
	there.latched += Math.min(rungs, left.length);
	hand.fastened = false;
}

/** A card for floats between two pins, so wide as the columns to be and one more on either side (common practice). */
export function card(hand: Hand, { pin, wide }: HandOpOf<'card'>): void {
	const { bed } = hand;
	if (bed.inWork[pin] !== 1 || bed.inWork[pin + 1] !== 1) hand.refuse('not-the-edge', pin);
	else if (bed.extensions.has(pin)) hand.refuse('cannot', pin);
	else {
		const columns = Math.max(1, wide - 2);
		bed.extensions.set(pin, { columns, starts: [] });
		hand.cardAt = { pin, columns };
	}
}
