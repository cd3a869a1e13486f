import type { Practised } from '../model/practised';
import { found } from '../quantity/sure';
import { isPlayed, type PlayedSkill, type SkillId } from '../technique/drawing/skills';
import { LESSONS } from './index';
import { frameAt, type Frame } from './frames';
import type { Learner, Lesson, Try } from './lesson';

/** The try that plays a technique, and the step, from 0, by which it is known. */
const PLAYS: Record<PlayedSkill, { readonly what: Practised; readonly step: number }> = {
	'pick-up': { what: 'taking-off/needle', step: 4 },
	gather: { what: 'closings/gather', step: 1 },
	zip: { what: 'closings/zip', step: 1 },
	'loop-through': { what: 'closings/loop-through', step: 3 },
	'slip-stitch': { what: 'closings/slip-stitch', step: 2 },
	'three-needle': { what: 'closings/three-needle', step: 2 },
	'chain-off': { what: 'closings/chain-off', step: 2 },
	latch: { what: 'ladders/two-and-two', step: 2 },
	hem: { what: 'hem/hang', step: 2 },
	'waste-off': { what: 'closings/loop-through', step: 5 },
	ravel: { what: 'closings/ravel', step: 2 }
};
/** Lesson and try of what is asked for by a technique; null for one that is no work of loops. */
export const practiceOfSkill = (skill: SkillId): Practised | null =>
	isPlayed(skill) ? PLAYS[skill].what : null;

/** @throws {RangeError} where there is none of that name */
export function tryNamed(what: Practised): { readonly lesson: Lesson; readonly t: Try } {
	const [lessonId, tryId] = what.split('/');
	const lesson = found(LESSONS, (l) => l.id === lessonId);
	return { lesson, t: found(lesson.tries, (t) => t.id === tryId) };
}

/** The frame that stands for a technique, played on a ring of about so many loops. */
export function frameOfSkill(skill: PlayedSkill, learner: Learner, loops: number): Frame {
	const { what, step } = PLAYS[skill];
	return frameAt(tryNamed(what).t, { ...learner, pins: loops }, step);
}
