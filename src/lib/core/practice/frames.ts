import { learnerFor } from './acts';
import { stateAfter } from './judge';
import type { Learner, Lesson, Try } from './lesson';
import type { Hand } from '../simulate/hand/hand';

/** A step of a demonstration: the state after it, the pin to look at, and how it is said. */
export interface Frame {
	readonly says: string;
	readonly hand: Hand;
	readonly m: Learner;
	readonly centre: number;
	readonly faces: Try['faces'];
}

/** The demonstration of a try, frame by frame. */
export function framesOf(t: Try, learner: Learner): Frame[] {
	const m = learnerFor(learner, t);
	const shown = t.perfect(m);
	return shown.map((s, i) => {
		const hand = stateAfter(
			t,
			learner,
			shown.slice(0, i + 1).flatMap((x) => x.acts)
		);
		const off = hand.bed.ends() === undefined && hand.bed.made > 0;
		return {
			says: s.says,
			hand,
			m,
			centre: s.pin ?? hand.pos % hand.pins,
			faces: off ? t.faces : undefined
		};
	});
}

/** The frame that stands for a lesson. */
export function frameOf(lesson: Lesson, learner: Learner): Frame {
	const [t] = lesson.tries;
	if (!t) throw new RangeError(`nothing to try in ${lesson.id}`);
	const frames = framesOf(t, learner);
	const frame = frames[lesson.pictured];
	if (!frame) throw new RangeError(`nothing is shown in ${lesson.id}`);
	return frame;
}
