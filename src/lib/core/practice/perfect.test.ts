import { describe, expect, it } from 'vitest';
import { learner } from '../../../../tests/support/learner';
import { LESSONS } from './index';
import { judge, perfectActs, stateAfter } from './judge';

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
});
