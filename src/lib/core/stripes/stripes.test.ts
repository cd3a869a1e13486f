import type * as z from 'zod';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_LINE_LETTERS, MOST_STRIPE_LETTERS } from '../quantity/bounds';
import { recipeOf } from '../recipe';
import { seeded } from '../../../../tests/support/random';
import { wordStripeProblem } from '../words/stripes';
import {
	lineOf,
	merge,
	mirror,
	moveBoundary,
	randomStripes,
	reorder,
	split,
	swapColours,
	wholeStripes
} from './edit';
import { evenOut } from './even';
import { joinsOf, useUp, wider } from './joins';
import { fadeSections, sectionsOf, type Section } from './sections';
import { readStripes, rowsOf, writeStripes, type StripePart } from './stripe-line';

const rowsIn = (sections: readonly Section[]) => sections.map((s) => s.rows);
const read = (text: string, yarns = 3) => {
	const r = readStripes(text, yarns);
	if (!r.ok) throw new Error(`${r.problem.code} at ${r.problem.from}`);
	return r.line;
};
const said = (sections: readonly Section[]) =>
	sections.map((s) => `${s.rows} ${String.fromCharCode(65 + s.yarn)}`).join(' ');
const total = (s: readonly Section[]) => s.reduce((t, x) => t + x.rows, 0);

describe('docs/stripe-line.md', () => {
	const text = readFileSync('docs/stripe-line.md', 'utf8');
	const examples = [...text.matchAll(/^ {4}(\S.*)\n {4}= (.*)$/gm)].map(
		(m) => [m[1]!, m[2]!] as const
	);
	it('has its examples', () => expect(examples.length).toBeGreaterThanOrEqual(7));
	it.each(examples)('%s', (line, sections) => {
		expect(said(sectionsOf(read(line)))).toBe(sections);
	});
});

const part: fc.Arbitrary<StripePart> = fc.letrec<{ part: StripePart }>((tie) => ({
	part: fc.oneof(
		{ depthSize: 'small', withCrossShrink: true },
		fc.record({
			kind: fc.constant('rows' as const),
			rows: fc.integer({ min: 1, max: 12 }),
			yarn: fc.nat(2)
		}),
		fc
			.tuple(fc.integer({ min: 1, max: 20 }), fc.nat(2), fc.integer({ min: 1, max: 2 }))
			.map(([rows, from, by]): StripePart => ({ kind: 'fade', rows, from, to: (from + by) % 3 })),
		fc.record({
			kind: fc.constant('times' as const),
			times: fc.integer({ min: 1, max: 3 }),
			parts: fc.array(tie('part'), { minLength: 1, maxLength: 3 })
		}),
		fc.record({
			kind: fc.constant('and-back' as const),
			parts: fc.array(tie('part'), { minLength: 1, maxLength: 3 })
		})
	)
})).part;
const depth = (parts: readonly StripePart[]): number =>
	Math.max(0, ...parts.map((p) => ('parts' in p ? 1 + depth(p.parts) : 0)));
const line = fc
	.array(part, { minLength: 1, maxLength: 5 })
	.filter((parts) => depth(parts) <= 7 && rowsOf(parts) <= 20_000);
const sections: fc.Arbitrary<Section[]> = line.map(sectionsOf);

describe('a stripe line', () => {
	it('reads back as what was written', () => {
		fc.assert(
			fc.property(line, (parts) => {
				expect(read(writeStripes(parts))).toEqual(parts);
			}),
			{ seed: 41, numRuns: 500 }
		);
	});

	it('has the rows it says, in sections that differ from their neighbours', () => {
		fc.assert(
			fc.property(line, (parts) => {
				const s = sectionsOf(parts);
				expect(total(s)).toBe(rowsOf(parts));
				expect(s.every((x, i) => x.rows > 0 && x.yarn !== s[i + 1]?.yarn)).toBe(true);
			}),
			{ seed: 42 }
		);
	});

	it('is written from sections so that it stands for just these', () => {
		fc.assert(
			fc.property(sections, (s) => {
				expect(sectionsOf(lineOf(s))).toEqual(s);
			}),
			{ seed: 43, numRuns: 500 }
		);
		expect(writeStripes(lineOf(sectionsOf(read('40 A 7 times (5 B 5 C)'))))).toBe(
			'40 A, 7 times (5 B, 5 C)'
		);
	});

	it('never throws, whatever is typed, and says where and what would be right', () => {
		fc.assert(
			fc.property(
				fc.string({ maxLength: 60, unit: fc.constantFrom(...'0129 ABcx(),.×fade back and times') }),
				(text) => {
					const r = readStripes(text, 2);
					if (r.ok) return;
					const { problem } = r;
					expect(problem.from).toBeGreaterThanOrEqual(0);
					expect(problem.to).toBeGreaterThanOrEqual(problem.from);
					expect(problem.to).toBeLessThanOrEqual(text.length);
					expect(wordStripeProblem(problem, 2)).toMatch(/[.:].*|such as/);
				}
			),
			{ seed: 44, numRuns: 2000 }
		);
	});

	it.each([
		['', 'empty', 0, 0],
		['40 A, 30', 'no-colour', 6, 8],
		// Up to what stands in the colour’s place, where it is no word of the line.
		['40 A, 30 &', 'no-colour', 6, 10],
		['40 A, 30, 5 B', 'no-colour', 6, 8],
		['40 A, B', 'no-count', 6, 7],
		['40 A, 0 B', 'no-rows', 6, 7],
		['40 A, 3 D', 'no-such-yarn', 8, 9],
		['3 times (5 A 5 B', 'not-closed', 8, 9],
		['5 A) 5 B', 'not-opened', 3, 4],
		['3 times 5 A', 'no-group', 0, 7],
		['3 times ()', 'empty-group', 8, 10],
		['40 A & 30 B', 'unknown', 5, 6],
		['30000 A', 'too-many', 0, 5],
		['20 fade A to A', 'same-colour', 3, 7],
		['1('.repeat(12) + '1A' + ')'.repeat(12), 'too-deep', 17, 18]
	] as const)('%s: %s', (text, code, from, to) => {
		const r = readStripes(text, 3);
		expect(r.ok ? null : r.problem).toMatchObject({ code, from, to });
	});
});

describe('the letters of a line', () => {
	it('are bounded as a record is, and the sentence says by how many', () => {
		const within = '5 A, '.repeat(MOST_STRIPE_LETTERS / 5);
		expect(readStripes(within, 1).ok).toBe(true);
		const read = readStripes(`${within}5 A`, 1);
		const problem = read.ok ? null : read.problem;
		expect(problem).toMatchObject({ code: 'too-long', from: 20_000, to: 20_003 });
		expect(wordStripeProblem(problem!, 1)).toContain('20,000 letters at most');
		expect(readStripes('5 A, '.repeat(500), 1, MOST_LINE_LETTERS).ok).toBe(false);
		const { stripes } = recipeOf('scarf')!.options.shape as unknown as Record<string, z.ZodType>;
		expect(stripes!.safeParse(within).success).toBe(true);
		expect(stripes!.safeParse(`${within}5 A`).success).toBe(false);
	});
});

describe('a fade', () => {
	it('adds up, begins with the first colour, and the second only ever gains', () => {
		for (let rows = 1; rows <= 200; rows++) {
			const s = fadeSections(rows, 0, 1);
			expect(total(s)).toBe(rows);
			const share = s
				.filter((x) => x.yarn === 1)
				.map((x, i) => x.rows / (x.rows + (s.filter((y) => y.yarn === 0)[i]?.rows ?? 0)));
			expect(share.every((x, i) => i === 0 || x >= share[i - 1]! - 0.12)).toBe(true);
		}
	});
});

describe('edits on the ribbon', () => {
	it('keep the total: moving a boundary, splitting, merging, reordering, swapping, mirroring', () => {
		fc.assert(
			fc.property(sections, fc.nat(30), fc.nat(30), fc.nat(2), (s, i, row, yarn) => {
				const rows = total(s);
				for (const edited of [
					moveBoundary(s, i % s.length, row),
					split(s, row, yarn),
					merge(s, i % s.length),
					reorder(s, i % s.length, row % s.length),
					swapColours(s, yarn, (yarn + 1) % 3),
					mirror(s)
				]) {
					expect(total(edited)).toBe(rows);
					expect(edited.every((x) => x.rows > 0)).toBe(true);
				}
			}),
			{ seed: 45, numRuns: 500 }
		);
	});

	it('a mirrored one reads the same from both ends', () => {
		fc.assert(
			fc.property(sections, (s) => {
				const m = mirror(s);
				expect(m.toReversed()).toEqual(m);
			}),
			{ seed: 46 }
		);
	});

	it('evened out to any total has it, each section still there', () => {
		fc.assert(
			fc.property(sections, fc.integer({ min: 1, max: 600 }), (s, rows) => {
				const e = evenOut(s, rows);
				expect(total(e)).toBe(Math.max(rows, s.length));
				expect(e.map((x) => x.yarn)).toEqual(s.map((x) => x.yarn));
				expect(e.every((x) => x.rows >= 1)).toBe(true);
			}),
			{ seed: 47 }
		);
		expect(
			said(
				evenOut(
					[
						{ yarn: 0, rows: 40 },
						{ yarn: 1, rows: 20 }
					],
					90
				)
			)
		).toBe('60 A 30 B');
	});

	it('equal stripes are spread as evenly as can be: any k of them differ by at most one row (Bjorklund)', () => {
		const equal = (n: number) => Array.from({ length: n }, (_, i) => ({ yarn: i % 2, rows: 5 }));
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 24 }),
				fc.integer({ min: 1, max: 300 }),
				fc.integer({ min: 1, max: 24 }),
				(n, rows, k) => {
					const e = rowsIn(evenOut(equal(n), rows));
					const windows = Array.from({ length: Math.max(0, n - k + 1) }, (_, i) =>
						e.slice(i, i + k).reduce((a, b) => a + b, 0)
					);
					if (windows.length > 0)
						expect(Math.max(...windows) - Math.min(...windows)).toBeLessThanOrEqual(1);
				}
			),
			{ seed: 50, numRuns: 400 }
		);
		// 3 rows over among 8 stripes: x..x..x. up to where it begins.
		const over = rowsIn(evenOut(equal(8), 19)).map((r) => r - 2);
		expect(over.filter((r) => r === 1)).toHaveLength(3);
	});

	it('whole stripes end whole at both ends', () => {
		expect(said(wholeStripes([0, 1], 5, 43))).toBe('5 A 5 B 5 A 5 B 5 A 5 B 5 A 5 B 5 A');
	});

	it('random ones keep their rules, and come again from the same seed', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 9999 }),
				fc.integer({ min: 8, max: 400 }),
				(seed, rows) => {
					const rules = { yarns: [0, 1, 2], least: 2, most: 6, rows };
					const s = randomStripes(rules, seeded(seed));
					expect(s).toEqual(randomStripes(rules, seeded(seed)));
					expect(total(s)).toBe(rows);
					expect(s.every((x) => x.rows >= 2 && x.rows <= 6)).toBe(true);
				}
			),
			{ seed: 48, numRuns: 300 }
		);
	});

	it('counts joins, the tails they leave and where', () => {
		const j = joinsOf(sectionsOf(read('4 times (5 A 5 B)')));
		expect(j).toMatchObject({ joins: 7, tails: 14, at: [5, 10, 15, 20, 25, 30, 35] });
		expect(joinsOf([{ yarn: 0, rows: 9 }])).toEqual({ joins: 0, tails: 0, at: [], ways: [] });
	});

	it('fewer tails: hidden ones in one colour, narrow ones carried, stripes twice as wide', () => {
		const way = (text: string, hidden = 0) => joinsOf(sectionsOf(read(text)), hidden).ways;
		// Eight stripes of 5 become four of 10: 7 joins become 3, 8 tails fewer.
		expect(way('4 times (5 A 5 B)')).toEqual([{ way: 'wider', saves: 8 }]);
		expect(rowsIn(wider(sectionsOf(read('4 times (5 A 5 B)'))))).toEqual([10, 10, 10, 10]);
		// Two rows of B between rows of A: A is carried over B three times, B not over 8 rows of A.
		expect(way('8 A, 3 times (2 B 8 A)')).toContainEqual({ way: 'carry', over: 3, saves: 6 });
		// Five joins inside become one.
		expect(way('4 times (5 A 5 B)', 5)).toContainEqual({ way: 'hidden', joins: 5, saves: 8 });
		expect(way('40 A, 40 B')).toEqual([]);
		// Three joins are the fewest of which some can be spared that way.
		expect(way('20 A, 20 B, 20 A, 20 B')).toEqual([{ way: 'wider', saves: 4 }]);
		expect(way('20 A, 20 B, 20 A')).toEqual([]);
		// The most saved first.
		const saved = way('3 times (2 A 2 B)', 5).map((w) => w.saves);
		expect(saved).toEqual(saved.toSorted((a, b) => b - a));
		expect(saved.length).toBeGreaterThan(2);
	});

	it('part balls run out at the end of a row, their stripes in the shares they had', () => {
		const line = sectionsOf(read('2 times (10 A 5 B)'));
		// A lasts for 33 rows, B for 11.
		expect(rowsIn(useUp(line, [33, 11]))).toEqual([17, 6, 16, 5]);
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 20 }),
				fc.tuple(fc.nat({ max: 200 }), fc.nat({ max: 200 }), fc.nat({ max: 200 })),
				(counts, balls) => {
					const sections = counts.map((rows, i) => ({ yarn: (i * i) % 3, rows }));
					const out = useUp(sections, balls);
					for (const yarn of new Set(sections.map((x) => x.yarn)))
						expect(total(out.filter((x) => x.yarn === yarn))).toBe(balls[yarn]);
					expect(out.every((x) => Number.isInteger(x.rows) && x.rows >= 1)).toBe(true);
				}
			),
			{ seed: 49, numRuns: 300 }
		);
	});
});
