import type { HandOpOf, RowEnd } from '../../program/hand';
import { EMPTY } from '../bed';
import { LOOP } from '../fabric';
import type { Hand } from './hand';
import { fallOff, rungsOf, runDown } from './run-down';

const onMachine = (hand: Hand): boolean => hand.bed.ends() !== undefined;
/** Rows that a loop runs at the table before anyone sees it (from memory). */
const RUNS_AT_TABLE = 12;

/** The order in which loops are taken: from the first, each beside the one before. */
function orderSlips(hand: Hand, end: RowEnd, pin: number): void {
	const before = hand.lastPass[end] ?? undefined;
	const low = onMachine(hand) ? hand.pieceEnds().low : null;
	if (before === undefined) {
		if (low !== null && pin !== low) hand.slip('thread-start', pin);
		return;
	}
	if (before === pin) {
		hand.slip('thread-twice', pin);
		return;
	}
	const ends = hand.pieceEnds();
	const next = before === ends.high ? ends.low : before + 1;
	if (hand.passedBy(end, pin) === 0) hand.mended('thread-missed', pin);
	if (pin === next) return;
	for (let p = next; p !== pin && p >= ends.low && p <= ends.high; p++) {
		if (hand.passedBy(end, p) > 0) break;
		if (hand.endLoop(end, p) >= 0) hand.slip('thread-missed', p);
	}
}

/** The needle through a loop at an end, on its pin or off it. */
export function thread(hand: Hand, { end, pin, from, needle }: HandOpOf<'thread'>): void {
	if (!hand.inside(pin)) return;
	if (hand.wasteGone.has(end)) {
		hand.refuse('waste-gone', pin);
		return;
	}
	if (onMachine(hand) && (end === 'cast-on' || hand.bed.feeder !== null)) {
		hand.refuse('still-on-machine', pin);
		return;
	}
	if (hand.endLoop(end, pin) < 0 || (onMachine(hand) && hand.stack(pin).length === 0)) {
		hand.refuse('no-loop-there', pin);
		return;
	}
	orderSlips(hand, end, pin);
	if (from === 'outside') hand.slip('thread-outside', pin);
	const pierced = needle === 'sharp' && hand.passedBy(end, pin) > 0;
	if (pierced) hand.slip('pierced', pin);
	hand.passesDone.push({ end, pin, pierced });
	hand.lastPass[end] = pin;
	hand.passCount[end][pin] = Math.min(255, hand.passedBy(end, pin) + 1);
}

/** A loop off its pin: the next is on the needle by then, and the last pin held it meanwhile. */
export function ease(hand: Hand, { pin }: { pin: number }): void {
	if (!hand.inside(pin)) return;
	const { bed } = hand;
	const loops = hand.stack(pin);
	if (loops.length === 0) {
		hand.refuse('nothing-on-pin', pin);
		return;
	}
	if (bed.feeder !== null) {
		hand.refuse('still-on-machine', pin);
		return;
	}
	const next = (pin + 1) % hand.pins;
	if (hand.passedBy('cast-off', pin) === 0) {
		hand.slip('eased-bare', pin);
		fallOff(hand, pin, RUNS_AT_TABLE);
	} else {
		for (const l of loops) hand.state(l, LOOP.onNeedle);
		if (bed.inWork[next] === 1 && hand.passedBy('cast-off', next) === 0) {
			hand.slip('eased-early', pin);
			if (hand.stack(next).length > 0) fallOff(hand, next, RUNS_AT_TABLE);
		}
	}
	bed.inWork[pin] = 0;
	bed.top[pin] = EMPTY;
	hand.high[pin] = 0;
	if (!bed.ends()) hand.off = true;
}

/** The running yarn drawn up: loops it does not go through stay open. */
export function drawUp(hand: Hand, { strand }: HandOpOf<'draw-up'>): void {
	if (onMachine(hand)) return hand.refuse('still-on-machine');
	if (hand.passesDone.length === 0) return hand.refuse('needle-bare');
	if (hand.drawn.at(-1) === strand && hand.bothEnds()) hand.slip('pulled-twice');
	hand.drawn.push(strand);
	for (const { end, pin } of hand.passesDone) {
		const loop = hand.endLoop(end, pin);
		if (hand.bed.fabric.state[loop] !== LOOP.dropped) hand.state(loop, LOOP.castOff);
	}
}

/** Which loop a flat closing takes next on either side of the fold that the first two make. */
function pairSlips(hand: Hand, pin: number): void {
	const { hooked, pins } = hand;
	const [first, second] = hooked;
	const mod = (p: number) => ((p % pins) + pins) % pins;
	if (first === undefined) return;
	if (second === undefined) {
		if (pin !== mod(first + 1) && pin !== mod(first - 1)) hand.slip('fold-off', pin);
		return;
	}
	// From the fold one side counts up and the other down; each in its turn.
	const up = second === mod(first - 1) ? 1 : -1;
	const last = (start: number, by: number) => {
		let p = start;
		while (hooked.includes(mod(p + by)) && mod(p + by) !== first && mod(p + by) !== second)
			p = mod(p + by);
		return p;
	};
	const [a, b] = [mod(last(first, up) + up), mod(last(second, -up) - up)];
	const [due, other] = hooked.length % 2 === 0 ? [a, b] : [b, a];
	if (pin === due) return;
	if (pin === other) hand.slip('same-side', pin);
	else hand.slip('loop-missed', due);
}

/** A loop of the last row onto the hook: drawn through what is there, or beside it. */
export function hook(hand: Hand, { pin, draw }: HandOpOf<'hook'>): void {
	if (!hand.inside(pin)) return;
	if (onMachine(hand)) return hand.refuse('still-on-machine', pin);
	if (hand.wasteGone.has('cast-off')) return hand.refuse('waste-gone', pin);
	const loop = hand.endLoop('cast-off', pin);
	if (loop < 0) return hand.refuse('no-loop-there', pin);
	if (hand.hooked.includes(pin)) return hand.refuse('closed-already', pin);
	pairSlips(hand, pin);
	hand.mended('loop-missed', pin);
	hand.hooked.push(pin);
	hand.state(loop, LOOP.castOff);
	hand.fastened = false;
	if (draw === 'beside') hand.onHook += 1;
	else hand.onHook = 1;
}

/** A loop drawn through the one before it along the row: none is passed by. */
export function chain(hand: Hand, { pin }: { pin: number }): void {
	if (!hand.inside(pin)) return;
	if (onMachine(hand)) return hand.refuse('still-on-machine', pin);
	if (hand.wasteGone.has('cast-off')) return hand.refuse('waste-gone', pin);
	const loop = hand.endLoop('cast-off', pin);
	if (loop < 0) return hand.refuse('no-loop-there', pin);
	if (hand.hooked.includes(pin)) return hand.refuse('closed-already', pin);
	const before = hand.hooked.at(-1);
	if (before !== undefined) {
		for (let p = (before + 1) % hand.pins; p !== pin; p = (p + 1) % hand.pins) {
			if (hand.hooked.includes(p)) break;
			if (hand.endLoop('cast-off', p) >= 0) hand.slip('loop-missed', p);
		}
	}
	hand.mended('loop-missed', pin);
	hand.hooked.push(pin);
	hand.state(loop, LOOP.castOff);
	hand.onHook = 1;
	hand.fastened = false;
}

/** Yarn through all that is on the hook: a front loop, the back loop facing it, and what the pair before left. */
export function drawYarn(hand: Hand): void {
	if (hand.onHook === 0) return hand.refuse('hook-empty');
	const loops = hand.onHook - (hand.yarnOnHook ? 1 : 0);
	if (loops !== 2) {
		hand.slip('not-a-pair', hand.hooked.at(-1) ?? null);
		for (const pin of loops > 0 ? hand.hooked.slice(-loops) : [])
			hand.look(hand.endLoop('cast-off', pin), 'tight');
	}
	hand.yarnOnHook = true;
	hand.onHook = 1;
	hand.fastened = false;
}

export function fasten(hand: Hand): void {
	const worked = hand.hooked.length + hand.drawn.length + hand.crossed.length;
	if (worked === 0) hand.refuse('hook-empty');
	else hand.fastened = true;
}

/** A chain of loops that nothing holds at its end comes undone, and every loop of it runs. */
function unchain(hand: Hand): void {
	if (hand.fastened || hand.hooked.length === 0) return;
	hand.slip('not-fastened', hand.hooked.at(-1) ?? null);
	for (const pin of hand.hooked.splice(0)) {
		const loop = hand.endLoop('cast-off', pin);
		if (!hand.ladders.has(pin)) runDown(hand, pin, [loop], RUNS_AT_TABLE);
	}
	hand.onHook = 0;
}

/** Waste off an end: loops that nothing else holds run down from the last row, and gape at the first. */
export function wasteOff(hand: Hand, { end }: HandOpOf<'waste-off'>): void {
	if (onMachine(hand)) return hand.refuse('still-on-machine');
	if (hand.wasteGone.has(end)) return hand.refuse('waste-gone');
	hand.wasteGone.add(end);
	const hooked = new Set(end === 'cast-off' ? hand.hooked : []);
	const isClosed = (pin: number) => hooked.has(pin) || hand.passedBy(end, pin) > 0;
	const open: number[] = [];
	for (let pin = 0; pin < hand.pins; pin++) {
		const loop = hand.endLoop(end, pin);
		if (loop < 0 || isClosed(pin) || hand.ladders.has(pin)) continue;
		open.push(pin);
		if (end === 'cast-off') runDown(hand, pin, [loop], RUNS_AT_TABLE);
		else hand.look(loop, 'loose');
	}
	const [first] = open;
	const none = hooked.size === 0 && hand.lastPass[end] === null;
	if (first !== undefined) hand.slip(none ? 'waste-early' : 'loop-missed', first);
	if (end === 'cast-off') unchain(hand);
}

/** Stretched as in wear: a ladder with nothing through its loop runs to the cast-on, a chain not fastened comes undone. */
export function tug(hand: Hand): void {
	if (!onMachine(hand)) unchain(hand);
	if (hand.crossed.length > 0 && !hand.fastened)
		hand.slip('not-fastened', hand.crossed.at(-1)?.pin ?? null);
	for (const [pin, ladder] of [...hand.ladders]) {
		if (ladder.marked || hand.crossed.some((c) => c.pin === pin)) continue;
		const rungs = rungsOf(hand, pin);
		const top = rungs.at(-1);
		if (top !== undefined && rungs.length > 0) {
			const before = rungs.length;
			runDown(hand, pin, [top]);
			if (rungsOf(hand, pin).length > before) hand.slip('ran-down', pin);
		}
	}
}
