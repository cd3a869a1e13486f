import type { Practised } from '../model/practised';
import { found } from '../quantity/sure';
import { isPlayed, type PlayedSkill, type SkillId } from '../technique/drawing/skills';
import { LESSONS } from './index';
import type { Lesson, Try } from './lesson';

/** The try that plays a technique, and the step, from 0, by which it is known. */
export const PLAYS: Record<
	PlayedSkill,
	{
		readonly what: Practised;
		readonly step: number;
		/** It is a part of what the try does, and not all of it. */
		readonly part?: true;
	}
> = {
	'pick-up': { what: 'taking-off/needle', step: 4 },
	gather: { what: 'closings/gather', step: 1 },
	zip: { what: 'closings/zip', step: 1 },
	'loop-through': { what: 'closings/loop-through', step: 3 },
	'slip-stitch': { what: 'closings/slip-stitch', step: 2 },
	'three-needle': { what: 'closings/three-needle', step: 2 },
	'chain-off': { what: 'closings/chain-off', step: 2 },
	latch: { what: 'ladders/two-and-two', step: 2 },
	hem: { what: 'hem/hang', step: 2 },
	'waste-off': { what: 'closings/loop-through', step: 5, part: true },
	ravel: { what: 'closings/ravel', step: 2 },
	knot: { what: 'join/waste-to-main', step: 4, part: true },
	'latch-card': { what: 'ladders/extension', step: 2, part: true }
};
/** Lesson and try of what is asked for by a technique; null for one that is no work of loops. */
export const practiceOfSkill = (skill: SkillId): Practised | null =>
	isPlayed(skill) ? PLAYS[skill].what : null;

/** Tries that are shown whole as a technique. */
export const SHOWN_AS_TECHNIQUES: ReadonlySet<Practised> = new Set(
	Object.values(PLAYS).flatMap(({ what, part }) => (part ? [] : [what]))
);

/** @throws {RangeError} where there is none of that name */
export function tryNamed(what: Practised): { readonly lesson: Lesson; readonly t: Try } {
	const [lessonId, tryId] = what.split('/');
	const lesson = found(LESSONS, (l) => l.id === lessonId);
	return { lesson, t: found(lesson.tries, (t) => t.id === tryId) };
}
