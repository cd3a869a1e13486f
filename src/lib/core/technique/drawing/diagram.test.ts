import { describe, expect, it } from 'vitest';
import { harbour } from '../../../demo/harbour';
import { plan } from '../../plan';
import { facingPairs, foldedPairs } from '../sequence';
import { drawingOf, sequenceOf, wordSequence } from '../say-step';
import { SCHOOLS } from './skill-words';
import { findsSkill, skillWords } from './words';
import { shownLoops } from './loops';
import { SKILL_IDS } from './skills';

it.each(SKILL_IDS)('%s has words with what goes wrong, in both crochet languages', (id) => {
	for (const terms of ['us', 'uk'] as const) {
		const w = skillWords(id, terms);
		expect(w.how.length).toBeGreaterThan(0);
		expect(w.wrong.length).toBeGreaterThan(10);
		if (terms === 'uk') expect(JSON.stringify(w)).not.toMatch(/single crochet/i);
		if (w.school) expect(SCHOOLS[w.school]).toBeTruthy();
	}
});

it('shows every loop of a few, and the first and the last of many with a gap', () => {
	expect(shownLoops(5, 0, 100).at.map((l) => l.nth)).toEqual([1, 2, 3, 4, 5]);
	const many = shownLoops(48, 0, 100);
	expect(many.gap).not.toBeNull();
	expect(many.at[0]!.nth).toBe(1);
	expect(many.at.at(-1)!.nth).toBe(48);
});

it('every finishing step of every project of the fair has a technique, and closings say where they start', () => {
	for (const project of harbour.projects) {
		const p = plan(project, harbour.bench);
		if (!p.ok) throw new Error(project.name);
		for (const s of p.steps) {
			const { skill, drawing } = drawingOf(s);
			expect(SKILL_IDS).toContain(skill);
			expect(drawing.loops).toBeGreaterThanOrEqual(0);
			const said = wordSequence(s);
			expect(said).not.toMatch(/NaN|undefined/);
			if (s.do === 'close-flat' && !s.toe) expect(said).toContain(`1 with ${s.loops}`);
		}
	}
});

describe('the pairs of a closing', () => {
	it('take every loop once: front with back, the first facing the last', () => {
		for (const n of [1, 2, 7, 48]) {
			const taken = foldedPairs(n).flatMap((p) => [p.a, p.b]);
			expect(new Set(taken).size).toBe(taken.length);
			expect(taken.length).toBe(n - (n % 2));
			expect(foldedPairs(n).every((p) => p.a + p.b === n + 1)).toBe(true);
		}
		expect(facingPairs(3)).toEqual([
			{ a: 1, b: 1 },
			{ a: 2, b: 2 },
			{ a: 3, b: 3 }
		]);
	});
	it('are said: start, order and times; an odd loop is named', () => {
		const step = {
			id: 'close-cast-off',
			do: 'close-flat',
			edge: 'cast-off',
			loops: 9,
			waste: false,
			how: 'slip',
			toe: false,
			joins: false,
			tailCm: 30,
			copies: 1,
			leave: []
		} as const;
		expect(sequenceOf(step)).toMatchObject({ start: 1, times: 4, over: 5 });
		expect(wordSequence(step)).toBe(
			'Start at loop 1, at the marker: 1 with 9, 2 with 8, 3 with 7 … 4 with 6, 4 times; loop 5 is over, taken with its neighbour.'
		);
	});
});

it('finds a technique by any of its words, and by several', () => {
	const w = skillWords('tie-off', 'us');
	expect(findsSkill(w, 'toy segment')).toBe(true);
	expect(findsSkill(w, '')).toBe(true);
	expect(findsSkill(w, 'toy garland')).toBe(false);
	expect(findsSkill(skillWords('crochet', 'uk'), 'double crochet')).toBe(true);
});
