import { describe, expect, it } from 'vitest';
import { edgeAt, heightOf, widthAt } from '../shaping/outline';
import { scheduleOf } from '../shaping/schedule';
import { wordMisread } from '../words/written';
import { readShaping } from './shaping';

const theirs = { stitchesPerCm: 2.2, rowsPerCm: 3 };

describe('a pattern’s shaping, typed', () => {
	it('becomes an outline by the pattern’s own gauge', () => {
		const read = readShaping(
			'88 stitches, 60 rows, then 1 at each end every 4th row 8 times, 72 stitches, 10 rows, cast off',
			theirs
		);
		expect(read.misreads).toEqual([]);
		expect(read.counts).toEqual({ castOn: 88, left: 72, rows: 60 + 32 + 10 });
		const o = read.outline!;
		expect(widthAt(o, 0)).toBeCloseTo(40, 9);
		expect(heightOf(o)).toBeCloseTo(34, 9);
		expect(edgeAt(o.left, 34)).toBeCloseTo(8 / 2.2, 9);
		expect(edgeAt(o.left, 20)).toBe(0);
	});

	it('takes groups, other rows and single edges', () => {
		const read = readShaping(
			'Cast on 60 sts; knit 40 rows; cast off 5 at the beginning of the next 2 rows; decrease 1 at neck edge every other row 6 times; bind off the rest',
			theirs
		);
		expect(read.misreads).toEqual([]);
		expect(read.counts).toEqual({ castOn: 60, left: 44, rows: 54 });
		expect(edgeAt(read.outline!.left, 18)).toBeCloseTo(5 / 2.2, 9);
	});

	it('is worked anew in the maker’s gauge', () => {
		const read = readShaping('66 stitches, 30 rows, 1 at both ends every 2nd row 10 times', theirs);
		const mine = scheduleOf(
			read.outline!,
			{ stitchesPerCm: 1.4, rowsPerCm: 1.9 },
			{ shaping: 'fashioned', edgeStitches: 1, seam: { left: 1, right: 1 }, yarnAt: 'left' }
		);
		if (!mine.ok) throw new Error(mine.problem.code);
		// 30 cm and 16.7 cm by their gauge; 42 stitches and 32 rows by the maker's, 4.5 cm off each edge.
		expect(mine.schedule.stitches).toBe(42 + 2);
		expect(mine.schedule.rows).toBe(32);
		const off = mine.schedule.left.takes.reduce((t, x) => t + x.stitches, 0);
		expect(Math.abs(off - 10 * (1.4 / 2.2))).toBeLessThanOrEqual(1);
	});

	it('turns round what widens', () => {
		const read = readShaping(
			'30 stitches, increase 1 at each end every 6th row 10 times, 6 rows',
			theirs
		);
		expect(read.turned).toBe(true);
		expect(widthAt(read.outline!, 0)).toBeCloseTo(50 / 2.2, 9);
		expect(widthAt(read.outline!, heightOf(read.outline!))).toBeCloseTo(30 / 2.2, 9);
	});

	it('says which counts cannot be, with the nearest two that can', () => {
		const read = readShaping(
			'44 stitches, 3 at each end every 2nd row 5 times, 10 stitches left',
			theirs
		);
		expect(read.misreads).toEqual([
			{ code: 'sum', words: '10 stitches left', said: 10, is: 14, below: 8, above: 14 }
		]);
	});

	it('says what it cannot read and what the machine does not do', () => {
		const read = readShaping('40 stitches, hop twice, cable every 8th row, 20 rows', theirs);
		expect(read.misreads.map((m) => m.code)).toEqual(['unread', 'unread']);
		expect(read.hand).toEqual(['cables']);
		expect(readShaping('nothing at all', theirs).misreads).toEqual([{ code: 'no-start' }]);
		expect(
			readShaping('10 stitches, 3 at each end every 2nd row 5 times', theirs).misreads[0]
		).toMatchObject({
			code: 'used-up',
			left: -20
		});
	});
});

describe('an edge in a plan’s own words', () => {
	it('that goes on past the last row is said with both rows, and left straight', () => {
		const read = readShaping(
			'40 stitches, 20 rows; left edge: decrease 1 every 4th row 6 times, first after row 4; right edge: straight',
			theirs
		);
		expect(read.misreads.map(wordMisread)).toEqual([
			'The left edge is shaped as far as row 24, and there are 20 rows: say more rows, or let it end sooner. It is left straight.'
		]);
		expect(read.counts).toEqual({ castOn: 40, left: 40, rows: 20 });
	});
});

describe('what a record of a piece can hold', () => {
	it('a piece too long is read, said with the bound, and not drawn; one just within it is', () => {
		const long = readShaping('40 stitches, 1300 rows, cast off', theirs);
		expect(long.outline).toBeNull();
		expect(long.misreads.map(wordMisread)).toEqual([
			'By its own gauge this piece is 433 cm long or wide; 400 cm at most: check its rows and its gauge.'
		]);
		expect(readShaping('40 stitches, 1200 rows, cast off', theirs).outline).not.toBeNull();
	});

	it('an edge of more turns than a record holds is said with the bound', () => {
		const steps = Array.from({ length: 40 }, () => '4 rows, cast off 1 at each side').join(', ');
		const read = readShaping(`200 stitches, ${steps}, 4 rows`, { stitchesPerCm: 2, rowsPerCm: 3 });
		expect(read.outline).toBeNull();
		expect(read.misreads[0]).toMatchObject({ code: 'too-many-points', most: 60 });
	});
});
