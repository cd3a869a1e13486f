import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { M48 } from '../../../../tests/support/bench';
import { exact, type Estimate } from '../quantity/estimate';
import { wordHandOnly, wordMisfit } from '../words/written';
import { countsOf } from './pattern/counts';
import { readPattern } from './pattern/read';
import { convert, factors, handOnly, usualKeep, type ConvertInput } from './written';

const theirs = { stitchesPerCm: 2.2, rowsPerCm: 3.5 };
// 25 cm to 40 and 12 cm to 20.
const mine = { stitchesPerCm: exact(1.6), rowsPerCm: exact(20 / 12) };
const input: ConvertInput = { theirs, mine, machine: M48, mode: 'panel' };
const stitches = (count: number) => ({ words: '', side: 'stitches' as const, count });
const rows = (count: number) => ({ words: '', side: 'rows' as const, count });

describe('a written pattern’s numbers', () => {
	// Common practice: 22 stitches and 35 rows in 10 cm against 25 cm to 40 and 12 cm to 20.
	it('of rows alone, or stitches alone, gives the counts of that side and none of the other', () => {
		const some = { ...input, theirs: { stitchesPerCm: null, rowsPerCm: theirs.rowsPerCm } };
		expect(convert(rows(60), 'any', some)).toEqual(convert(rows(60), 'any', input));
		expect(convert(stitches(88), 'any', some)).toBeNull();
		expect(factors(some.theirs, mine).stitches).toBeNull();
	});

	it('the factors are 0.73 and 0.48', () => {
		const f = factors(theirs, mine) as { stitches: Estimate; rows: Estimate };
		expect(f.stitches.mean).toBeCloseTo(0.73, 2);
		expect(f.rows.mean).toBeCloseTo(0.48, 2);
	});

	it('counts are those of what was read: lengths, ordinals, gauges and needles are none', () => {
		const read = (t: string) => countsOf(readPattern(t), t).map((c) => `${c.count} ${c.side}`);
		expect(read('cast on 88, 22 rows')).toEqual(['88 stitches', '22 rows']);
		expect(
			read('CO 60. Knit 60 rounds. Decrease 1 st at each end of every 4th row 8 times. 44 sts.')
		).toEqual(['60 stitches', '60 rows', '44 stitches']);
		expect(read('CO 96 sts; work 5 cm; then 3.5 in more')).toEqual(['96 stitches']);
		expect(read('gauge 22 st in 10 cm on 4 mm needles')).toEqual([]);
		expect(read('repeat 4 times, 100 g of yarn')).toEqual([]);
		expect(read('')).toEqual([]);
	});

	it('every count comes out whole, even, odd or a multiple where asked, and as near as that allows', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 4, max: 400 }),
				fc.constantFrom('any' as const, 'even' as const, 'odd' as const),
				(count, keep) => {
					const c = convert(stitches(count), keep, input)!;
					expect(Number.isInteger(c.whole)).toBe(true);
					if (keep !== 'any') expect(c.whole % 2).toBe(keep === 'even' ? 0 : 1);
					expect(Math.abs(c.whole - c.exact.mean)).toBeLessThanOrEqual(
						keep === 'any' ? 0.5 : 1 + 1e-9
					);
				}
			),
			{ seed: 29 }
		);
		expect(convert(stitches(88), { multipleOf: 5 }, input)!.whole).toBe(65);
	});

	it('the pattern’s own gauge gives its own counts back', () => {
		const same = { stitchesPerCm: exact(2.2), rowsPerCm: exact(3.5) };
		for (const count of [1, 22, 88])
			expect(convert(rows(count), 'any', { ...input, mine: same })!.whole).toBe(count);
	});

	it('what does not fit is named', () => {
		const codes = (c: ReturnType<typeof convert>) => c?.misfits.map((m) => m.code);
		// 88 x 0.727 = 64 stitches on a panel of at most 44.
		const wide = convert(stitches(88), 'any', input)!;
		expect(wide.misfits[0]).toEqual({ code: 'wider-than-panel', most: 44, over: 20 });
		expect(wordMisfit(wide.misfits[0]!, 'cm')).toMatch(/at most 44 stitches, 20 fewer/);
		const tube = convert(stitches(88), 'any', { ...input, mode: 'tube' })!;
		expect(tube.misfits[0]).toMatchObject({
			code: 'tube-is-fixed',
			pins: 48,
			theirCm: 40,
			tubeCm: 30
		});
		expect(wordMisfit(tube.misfits[0]!, 'cm')).toMatch(/30 cm round; the pattern’s is 40 cm/);
		expect(codes(convert(stitches(1), 'any', input)!)).toContain('too-few');
		expect(codes(convert(rows(5), 'any', input)!)).toContain('rounded-far');
		expect(codes(convert(rows(60), 'any', input)!)).toEqual([]);
	});

	it('what the machine does not do by cranking is named, with what makers do instead', () => {
		expect(handOnly('Work k2p2 rib for 5 cm, then cable panel; turn the heel')).toEqual([
			'ribbing',
			'cables',
			'turned heels'
		]);
		expect(handOnly('knit 40 rows')).toEqual([]);
		expect(wordHandOnly('lace')).toMatch(/^lace: leave it plain/);
	});

	it('stitches and the rows of a panel stay even or odd as the pattern has them', () => {
		const text = 'cast on 88, 21 rows';
		const [stitches, rows] = countsOf(readPattern(text), text);
		expect(usualKeep(stitches!, 'panel')).toBe('even');
		expect(usualKeep(rows!, 'panel')).toBe('odd');
		expect(usualKeep(stitches!, 'tube')).toBe('even');
		expect(usualKeep(rows!, 'tube')).toBe('any');
	});
});
