import { describe, expect, it } from 'vitest';
import { learner } from '../../../../tests/support/learner';
import type { Act } from '../program/hand';
import { LESSONS } from './index';
import type { Learner } from './lesson';
import { sayState } from './say';
import { sayAct } from './say-act';
import { wordWrong } from './words';
import { judge, perfectActs, stateAfter } from './judge';

/** Odd machines too: few pins and many, a trip in the middle, much lost, numbers that begin elsewhere. */
const ODD: readonly Partial<Learner>[] = [
	{ pins: 4 },
	{ pins: 200 },
	{ pins: 22, tripPin: 11 },
	{ pins: 16, tripPin: 8, handPanels: 'keep-off', marker: 'last' },
	{ pins: 24, panelLost: { start: 6, end: 6 }, firstPin: 17 },
	{ pins: 40, handPanels: 'cross', counter: 'none', ringCm: 5 }
];
const RINGS = [16, 22, 44, 46, 47, 48, 100];

describe('a perfect hand', () => {
	for (const lesson of LESSONS)
		for (const t of lesson.tries)
			it(`does ${lesson.id}, ${t.id}, on every ring, by either school, and is told so`, () => {
				for (const pins of RINGS)
					for (const more of [
						{},
						{ edgeRule: 'off-bar', marker: 'last', turns: 'anticlockwise', seed: 11 } as const
					]) {
						const m = learner(pins, more);
						const acts = perfectActs(t, m);
						const { first, good, of } = judge(t, m, acts);
						expect([pins, first, good]).toEqual([pins, null, of]);
						expect(stateAfter(t, m, acts).refused).toEqual([]);
					}
			});

	it('does all of it on odd machines, and in inches', () => {
		for (const odd of ODD)
			for (const lesson of LESSONS)
				for (const t of lesson.tries) {
					const m = learner(44, { ...odd, units: 'in' });
					const { first, good, of } = judge(t, m, perfectActs(t, m));
					expect([odd, lesson.id, t.id, first, good]).toEqual([odd, lesson.id, t.id, null, of]);
				}
	});

	it('is told every length in the maker’s unit', () => {
		const m = learner(44, { units: 'in' });
		for (const lesson of LESSONS)
			for (const t of lesson.tries) {
				const acts: Act[] = [];
				const said = [t.asks(m), ...(t.facts?.(m) ?? []), ...t.tools.map((x) => x.name(m))];
				for (const s of t.perfect(m)) {
					said.push(s.says);
					for (const act of s.acts) {
						acts.push(act);
						said.push(sayAct(act, m));
					}
					said.push(sayState(stateAfter(t, m, acts), m));
				}
				for (const words of said) expect(words).not.toMatch(/\d cm\b|undefined|NaN/);
			}
		expect(wordWrong({ code: 'tail-short', pin: 3 }, m)).toContain('shorter than 6 in');
	});
});
