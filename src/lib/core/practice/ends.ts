import type { Act } from '../program/hand';
import { isSpare } from '../program/program';
import { entryAt } from '../quantity/sure';
import { LOOP } from '../simulate/fabric';
import type { Hand } from '../simulate/hand/hand';
import { play, wasteOnTop } from '../simulate/hand/play';
import { rungsOf } from '../simulate/hand/run-down';
import { mainRowsOf } from '../simulate/hand/yarn';
import { ringOf } from './acts';
import type { EndCode } from './end-code';
import type { Check, Learner, Wrong } from './lesson';

const wrong = (code: EndCode, pin: number | null = null): Wrong => ({ code, pin });

/** The loops of a pin by the pin and row they were made in, top first. */
const stackOf = (hand: Hand, pin: number): string[] =>
	hand.stack(pin).map((l) => `${entryAt(hand.bed.fabric.pin, l)}`);

/** What hangs on the pins, against what these acts leave there: the first pin that differs says how. */
export const asLeftBy =
	(acts: (m: Learner) => readonly Act[]): Check =>
	(hand, m) => {
		const right = play(acts(m), ringOf(m, {}));
		for (let pin = 0; pin < hand.pins; pin++) {
			const [is, should] = [stackOf(hand, pin), stackOf(right, pin)];
			if (hand.bed.inWork[pin] === 1 && right.bed.inWork[pin] === 0)
				return wrong(is.length > 0 ? 'not-moved' : 'pin-not-out', pin);
			if (is.join() === should.join()) continue;
			const same = [...is].sort().join() === [...should].sort().join();
			return wrong(same ? 'wrong-on-top' : 'not-moved', pin);
		}
		return null;
	};

/** So many rows knitted, at the least. */
export const knitted =
	(rows: (m: Learner) => number): Check =>
	(hand, m) =>
		hand.rows < rows(m) ? wrong('not-finished', hand.pos % hand.pins) : null;

export const tied: Check = (hand) => {
	const joined = hand.tails.filter((t) => t.is === 'new').at(-1);
	if (!joined) return wrong('not-finished', hand.pos);
	return hand.tied === joined.row ? null : wrong('not-tied', joined.pin);
};

/** So many held beside the edge where the yarn was, and a tail long enough to chain them off. */
export const heldGroup =
	(count: number, leastCm: number): Check =>
	(hand) => {
		const held = [...hand.bed.held.low, ...hand.bed.held.high];
		if (held.length !== count) return wrong('held-count', held.at(-1)?.pin ?? null);
		const broken = hand.tails.find((t) => t.is === 'old');
		return broken && broken.cm >= leastCm ? null : wrong('held-tail-short', broken?.pin ?? null);
	};

/** The first main row begins at the other edge than the piece it mirrors. */
export const mirrored: Check = (hand) => {
	const { fabric, made, row } = hand.bed;
	for (let r = 0; r < hand.rows; r++) {
		const first = entryAt(fabric.rowStart, r);
		if (isSpare(entryAt(fabric.yarn, first))) continue;
		const last = (r < row ? entryAt(fabric.rowStart, r + 1) : made) - 1;
		const back = entryAt(fabric.pin, first) > entryAt(fabric.pin, last);
		return back ? null : wrong('not-mirrored', entryAt(fabric.pin, first));
	}
	return wrong('not-finished', hand.pos % hand.pins);
};

export const begunAgain: Check = (hand) => {
	if (!hand.cleared) return wrong('not-cleared', [...hand.ladders.keys()][0] ?? null);
	return hand.bed.ends() ? null : wrong('not-finished');
};

/** A loop hung on every pin. */
export const hungAll: Check = (hand) =>
	hand.hungLoops.size < hand.pins ? wrong('not-finished', hand.pos) : null;

/** No column runs, and nothing that went wrong at a pin is left. */
export const mendedAll: Check = (hand) => {
	for (const [pin, mishap] of hand.bed.mishaps) {
		if (mishap.kind !== 'drop') return wrong('not-mended', pin);
		if (rungsOf(hand, pin).length > 0) return wrong('rungs-left', pin);
		if (hand.bed.ends()) return wrong('not-mended', pin);
	}
	const low = hand.bed.ends();
	const bare = low ? hand.bed.top.findIndex((t, p) => t < 0 && hand.bed.inWork[p] === 1) : -1;
	return bare >= 0 ? wrong('not-mended', bare) : null;
};

/** A tail at least so long was cut at the end. */
export const cutTail =
	(leastCm: (m: Learner) => number): Check =>
	(hand, m) => {
		const tail = hand.tails.filter((t) => t.is === 'old').at(-1);
		return tail && tail.cm >= leastCm(m) ? null : wrong('tail-too-short', tail?.pin ?? null);
	};

/** Nothing hangs on the pins. */
export const allOff: Check = (hand) => {
	const pin = hand.bed.top.findIndex((t) => t >= 0);
	return pin < 0 ? null : wrong('loop-left', pin);
};

/** It came off on at least four rows of waste. */
export const wasteHolds: Check = (hand) => {
	if (hand.bed.ends()) return wrong('not-finished');
	return wasteOnTop(hand) >= 4 ? null : wrong('waste-few');
};

/** Every loop of the last row closed, by hook or thread. */
export const closed: Check = (hand) => {
	const done = new Set([
		...hand.hooked,
		...hand.passesDone.filter((p) => p.end === 'cast-off').map((p) => p.pin)
	]);
	for (let pin = 0; pin < hand.pins; pin++)
		if (hand.endLoop('cast-off', pin) >= 0 && !done.has(pin)) return wrong('loop-left', pin);
	if (!hand.fastened) return wrong('not-finished');
	return hand.wasteGone.has('cast-off') ? null : wrong('not-finished');
};

/** The needle went through every loop of an end twice. */
export const twice: Check = (hand) => {
	for (let pin = 0; pin < hand.pins; pin++) {
		if (hand.passedBy('cast-off', pin) < 2 && hand.endLoop('cast-off', pin) >= 0)
			return wrong('one-pass', pin);
	}
	return null;
};

/** Two ladders, half the pins apart. */
export const halvesApart: Check = (hand) => {
	const [a, b] = [...hand.ladders.keys()].sort((x, y) => x - y);
	if (a === undefined || b === undefined) return wrong('not-finished');
	return b - a === Math.floor(hand.pins / 2) || b - a === Math.ceil(hand.pins / 2)
		? null
		: wrong('ladder-place', b);
};
export const crossedAll: Check = (hand) => {
	for (const pin of hand.ladders.keys())
		if (rungsOf(hand, pin).length > 0) return wrong('rungs-left', pin);
	return hand.fastened ? null : wrong('not-finished');
};

/** Six clear pins at each edge, a card of columns and two, and its floats latched. */
const CLEAR_PINS = 6;
export const cardStands =
	(columns: number): Check =>
	(hand, m) => {
		const { fabric, made } = hand.bed;
		const floats = fabric.state.subarray(0, made).some((s) => s === LOOP.float);
		const [gap] = hand.bed.extensions.keys();
		const pins = fabric.pin.subarray(0, made).filter((p) => p < m.pins);
		if (pins.length === 0) return wrong('not-finished');
		const ends = { low: Math.min(...pins), high: Math.max(...pins) };
		if (gap === undefined && !hand.cardAt) return wrong('not-finished');
		const at = hand.cardAt;
		if (at && (at.pin - ends.low + 1 < CLEAR_PINS || ends.high - at.pin < CLEAR_PINS))
			return wrong('card-near-edge', at.pin);
		if (at && at.columns !== columns) return wrong('card-wide', at.pin);
		return floats || gap !== undefined ? wrong('floats-left', at?.pin ?? null) : null;
	};

/** What was said for the count, and if it is off, by which habit. */
export const counted =
	(given: { waste: number; hangs?: (rows: number) => number; near?: number }): Check =>
	(hand) => {
		const rows = mainRowsOf(hand);
		const { told } = hand;
		if (told === null) return wrong('not-told');
		if (Math.abs(told - rows) <= (given.near ?? 0)) return null;
		if (told === rows + given.waste) return wrong('waste-counted');
		if (told === rows + 1) return wrong('cast-on-counted');
		if (told === rows - 1) return wrong('one-short');
		return wrong(told === given.hangs?.(rows) ? 'measured-hanging' : 'count-off');
	};
