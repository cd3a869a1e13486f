import { ownLine } from './edge-schedule';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHAPINGS } from '../model/kinds';
import { scheduleEdge, type Take } from './edge-schedule';
import { wordSchedule } from './words';

/** Reads a schedule word for word, as someone would who has nothing but the sentence. */
function readLiterally(sentence: string): { row: number; stitches: number }[] {
	if (sentence === 'straight') return [];
	let stitches = 0;
	return sentence.split(', then ').flatMap((stretch) => {
		const what = stretch.match(/^(?:chain|decrease|hold|edge stitch(?:es)? in by) (\d+)/);
		if (what) stitches = Number(what[1]);
		const once = stretch.match(/after row (\d+)$/);
		const often = stretch.match(/every (\d+)(?:st|nd|rd|th) row (once|twice|(\d+) times), first/);
		if (!once || stitches === 0) throw new Error(`cannot be read: ${stretch}`);
		const first = Number(once[1]);
		if (!often) return [{ row: first, stitches }];
		const times = often[3] ? Number(often[3]) : often[2] === 'twice' ? 2 : 1;
		return Array.from({ length: times }, (_, i) => ({
			row: first + i * Number(often[1]),
			stitches
		}));
	});
}

/** Edges that fall as outlines do: straight, in slopes and in steps. */
const edgeArb = fc
	.record({
		rows: fc.integer({ min: 4, max: 110 }),
		steps: fc.array(
			fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.integer({ min: 0, max: 9 })),
			{
				maxLength: 3
			}
		),
		slope: fc.double({ min: 0, max: 0.7, noNaN: true }),
		from: fc.double({ min: 0, max: 1, noNaN: true }),
		shaping: fc.constantFrom(...SHAPINGS),
		yarnAt: fc.constantFrom('even' as const, 'odd' as const)
	})
	.map(({ rows, steps, slope, from, shaping, yarnAt }) => ({
		off: Array.from({ length: rows }, (_, row) => {
			const ramp = Math.max(0, row - from * rows) * slope;
			return steps.reduce((t, [at, n]) => t + (row >= at * rows && row > 0 ? n : 0), ramp);
		}),
		shaping,
		yarnAt
	}));

describe('a shaping sentence', () => {
	it('read literally is the schedule, for 2,000 random edges', () => {
		let stretches = 0;
		fc.assert(
			fc.property(edgeArb, (options) => {
				const edge = scheduleEdge(options);
				const sentence = wordSchedule(edge, options.shaping);
				stretches += sentence.split(', then ').length;
				const bare = ({ row, stitches }: Take) => ({ row, stitches });
				expect(readLiterally(sentence)).toEqual(edge.takes.map(bare));
			}),
			{ seed: 13, numRuns: 2000 }
		);
		// The edges are not all straight.
		expect(stretches).toBeGreaterThan(4500);
	});

	it('says where every stretch begins', () => {
		const takes = [4, 6, 8, 13, 17, 21].map((row): Take => ({ row, stitches: 1, how: 'single' }));
		expect(wordSchedule({ takes } as never, 'fashioned')).toBe(
			'decrease 1 every 2nd row 3 times, first after row 4, then every 4th row 3 times, first after row 13'
		);
	});
});

it('ordinals end as they are spoken', () => {
	const said = (every: number) =>
		wordSchedule(
			ownLine([1, 2, 3].map((i) => ({ row: i * every, stitches: 1, how: 'single' as const }))),
			'fashioned'
		).match(/every (\S+) row/)![1];
	expect([2, 3, 4, 10, 11, 12, 13, 14, 20, 21, 22, 23, 24, 101, 111, 113, 114].map(said)).toEqual(
		'2nd 3rd 4th 10th 11th 12th 13th 14th 20th 21st 22nd 23rd 24th 101st 111th 113th 114th'.split(
			' '
		)
	);
});
