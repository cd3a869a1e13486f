import { entryAt } from '../../quantity/sure';
import { EMPTY } from '../bed';
import { LOOP } from '../fabric';
import { columnUnder } from '../mend';
import type { Hand } from './hand';

/** Loops come loose, and their column runs down so many rows; all of it where not said. */
export function runDown(hand: Hand, pin: number, loops: readonly number[], rows = Infinity): void {
	const { bed } = hand;
	const { fabric } = bed;
	const [top] = loops;
	if (top === undefined) return;
	const column = columnUnder(fabric, bed.made, loops).sort((a, b) => b - a);
	const before = bed.mishaps.get(pin);
	const known = new Map(before?.kind === 'drop' ? before.was : []);
	// A stack is one row of its column.
	const fallen = column.slice(0, rows === Infinity ? column.length : rows + loops.length - 1);
	// What fell off the pick goes back on a pin once it is latched.
	const stateOf = (l: number) => {
		const state = entryAt(fabric.state, l);
		return state === LOOP.held ? LOOP.onPin : state;
	};
	const was = fallen.map((l) => [l, known.get(l) ?? stateOf(l)] as const);
	for (const l of fallen) hand.state(l, LOOP.dropped);
	bed.mishaps.set(pin, { kind: 'drop', loop: top, was, madeThen: bed.made });
	hand.ladders.set(pin, { latched: 0, marked: false });
}

/** All that hangs on a pin slips off it. */
export function fallOff(hand: Hand, pin: number, rows = Infinity): void {
	const loops = hand.stack(pin);
	hand.bed.top[pin] = EMPTY;
	hand.high[pin] = 0;
	runDown(hand, pin, loops, rows);
}

/** The rungs of a column that ran, from the bottom, those latched left out. */
export function rungsOf(hand: Hand, pin: number): number[] {
	const mishap = hand.bed.mishaps.get(pin);
	if (mishap?.kind !== 'drop') return [];
	return mishap.was
		.map(([loop]) => loop)
		.sort((a, b) => a - b)
		.slice(hand.ladders.get(pin)?.latched ?? 0);
}
