import { entryAt } from '../quantity/sure';
import type { Hand } from '../simulate/hand/hand';
import { learnerFor } from './acts';
import { facingOf } from './drawing/facing';
import type { Near } from './drawing/looked';
import { nearOf } from './drawing/near';
import { stateAfter } from './judge';
import type { Learner, Lesson, Try } from './lesson';

/** A step of a demonstration: the state after it, the pin to look at, and how it is said. */
export interface Frame {
	readonly says: string;
	readonly hand: Hand;
	readonly m: Learner;
	readonly centre: number;
	readonly faces: Try['faces'];
}

/**
 * A step of the demonstration of a try, from 0; the last where there are fewer.
 * @throws {RangeError} where nothing is shown.
 */
export function frameAt(t: Try, learner: Learner, step: number): Frame {
	const m = learnerFor(learner, t);
	const shown = t.perfect(m);
	const at = Math.max(0, Math.min(shown.length - 1, step));
	const { says, pin } = entryAt(shown, at);
	const acts = shown.slice(0, at + 1).flatMap((x) => x.acts);
	const hand = stateAfter(t, learner, acts);
	const off = hand.bed.ends() === undefined && hand.bed.made > 0;
	return {
		says,
		hand,
		m,
		centre: pin ?? hand.pos % hand.pins,
		faces: off ? t.faces : undefined
	};
}
export const stepsOf = (t: Try, learner: Learner): number =>
	t.perfect(learnerFor(learner, t)).length;

/** What of a frame is drawn: so many pins, and rows below them. */
export function frameDrawing(frame: Frame, pins: number, rows: number): Near {
	const seen = { ...frame, pins, rows };
	return frame.faces ? facingOf(seen, frame.faces) : nearOf(seen);
}

/** The frame that stands for a lesson. */
export const frameOf = (lesson: Lesson, learner: Learner): Frame =>
	frameAt(entryAt(lesson.tries, 0), learner, lesson.pictured);
