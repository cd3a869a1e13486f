import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	cheaper,
	offByRow,
	rhythmsOf,
	scheduleEdge,
	waysToTake,
	type EdgeAsked,
	type ScheduleCost,
	type Take
} from './edge-schedule';

/** The cost of a list of takes as it is stated, written without the search: beyond, then changes, then squares. */
function costOf(takes: readonly Take[], off: readonly number[]): ScheduleCost {
	let [beyond, squares] = [0, 0];
	offByRow(takes, off.length).forEach((n, r) => {
		const step = (a: number | undefined, b: number | undefined) => b! - a! > 2.5;
		const low = r > 0 && step(off[r - 1], off[r]) ? off[r - 1]! : off[r]!;
		const high = r + 1 < off.length && step(off[r], off[r + 1]) ? off[r + 1]! : off[r]!;
		const past = Math.max(low - 0.5 - n, n - high - 0.5);
		if (past > 1e-5) beyond += past;
		squares += (n - off[r]!) ** 2;
	});
	// Runs of takes alike in stitches, kind and rows since the one before.
	const same = (a: Take, i: number, b: Take, j: number) =>
		a.stitches === b.stitches &&
		a.how === b.how &&
		a.row - (takes[i - 1]?.row ?? 0) === b.row - (takes[j - 1]?.row ?? 0);
	let changes = 0;
	for (let i = 1; i < takes.length; i++)
		if (!same(takes[i]!, i, takes[i - 1]!, i - 1)) changes += 1;
	return { beyond, changes, squares };
}

/** Every schedule there is of a small edge that meets its line at most so many rows early or late, one by one. */
function cheapestWithin(options: EdgeAsked, most: number, reach: number): ScheduleCost | null {
	let best: ScheduleCost | null = null;
	const line = options.off;
	const meets = (row: number, off: number) =>
		off >= (row < reach ? 0 : line[row - reach]! - 0.5 - 1e-6) &&
		off <= line[Math.min(line.length - 1, row + reach)]! + 0.5 + 1e-6;
	const walk = (row: number, off: number, takes: Take[]) => {
		if (row > 0 && !meets(row - 1, off)) return;
		if (row === options.off.length) {
			const cost = costOf(takes, options.off);
			if (!best || cheaper(cost, best)) best = cost;
			return;
		}
		walk(row + 1, off, takes);
		for (let n = 1; off + n <= most; n++) {
			const how = waysToTake(n, row, options);
			if (how) walk(row + 1, off + n, [...takes, { row, stitches: n, how }]);
		}
	};
	walk(0, 0, []);
	return best;
}
/** Of those that stay nearest, by the bounds that the search states. */
const cheapestOfAll = (options: EdgeAsked, most: number): ScheduleCost =>
	(cheapestWithin(options, most, 3) ??
		cheapestWithin(options, most, 8) ??
		cheapestWithin(options, most, Infinity))!;

/** An edge that never runs back, in quarter stitches. */
const edges = (rows: number, step: number) =>
	fc.array(fc.integer({ min: 0, max: step }), { minLength: rows, maxLength: rows }).map((steps) => {
		let off = 0;
		return steps.map((s, i) => (i === 0 ? 0 : (off += s / 4)));
	});

/** Bjorklund's rhythm of n beats in m places, by the textbook's pairing of remainders. */
function bjorklund(n: number, m: number): number[] {
	let heads: number[][] = Array.from({ length: n }, () => [1]);
	let tails: number[][] = Array.from({ length: m - n }, () => [0]);
	while (tails.length > 1) {
		const pairs = Math.min(heads.length, tails.length);
		const joined = Array.from({ length: pairs }, (_, i) => [...heads[i]!, ...tails[i]!]);
		const rest = heads.length > tails.length ? heads.slice(pairs) : tails.slice(pairs);
		[heads, tails] = [joined, rest];
	}
	return [...heads, ...tails].flat();
}

describe('the best schedule of an edge', () => {
	it('costs what the cheapest of all schedules costs, over small edges', () => {
		fc.assert(
			fc.property(
				fc.oneof(edges(9, 4), edges(7, 12)),
				fc.constantFrom('fashioned' as const, 'held' as const, 'stacked' as const),
				fc.constantFrom('even' as const, 'odd' as const),
				(off, shaping, yarnAt) => {
					const options = { off, shaping, yarnAt };
					const found = scheduleEdge(options);
					// An edge never takes off more than stand off its line at the end.
					const best = cheapestOfAll(options, Math.floor(off.at(-1)! + 0.5 + 1e-6));
					// Distances are rounded to a millionth of a stitch.
					expect(found.beyond).toBeCloseTo(best.beyond, 4);
					expect(found.changes).toBe(best.changes);
					expect(found.squares).toBeCloseTo(best.squares, 3);
				}
			),
			{
				numRuns: 400,
				// A group too early to be met, though as cheap: out of reach.
				examples: [[[0, 2, 2, 2, 2, 3, 3], 'fashioned', 'odd']]
			}
		);
	});

	it('states its own cost truly', () => {
		fc.assert(
			fc.property(edges(40, 5), fc.constantFrom('even' as const, 'odd' as const), (off, yarnAt) => {
				const found = scheduleEdge({ off, shaping: 'fashioned', yarnAt });
				const cost = costOf(found.takes, off);
				expect(found.beyond).toBeCloseTo(cost.beyond, 4);
				expect(found.changes).toBe(cost.changes);
				expect(found.squares).toBeCloseTo(cost.squares, 3);
			})
		);
	});

	it('takes only what the rules allow', () => {
		fc.assert(
			fc.property(
				edges(50, 9),
				fc.constantFrom('fashioned' as const, 'held' as const, 'stacked' as const),
				fc.constantFrom('even' as const, 'odd' as const),
				(off, shaping, yarnAt) => {
					for (const t of scheduleEdge({ off, shaping, yarnAt }).takes)
						expect(waysToTake(t.stitches, t.row, { shaping, yarnAt })).toBe(t.how);
				}
			)
		);
	});

	it('keeps within half a stitch of a slope of up to one stitch every other row', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 60 }), (n, more) => {
				const rows = 2 * n + more;
				const off = Array.from({ length: rows }, (_, r) => ((r + 0.5) * n) / rows);
				const found = scheduleEdge({ off, shaping: 'fashioned', yarnAt: 'even' });
				expect(found.takes.reduce((t, x) => t + x.stitches, 0)).toBeGreaterThanOrEqual(n - 1);
				expect(Math.abs(found.worst.stitches)).toBeLessThanOrEqual(1);
			})
		);
	});

	it('spreads as evenly as Bjorklund’s rhythm where the rhythm must change', () => {
		// n decreases over m places, a place every 2nd row: gaps differ by one place, and as many of each as Bjorklund has
		// (the Euclidean rhythm; independent algorithm above).
		for (const [n, m] of [
			[5, 13],
			[7, 16],
			[8, 21],
			[3, 8]
		] as const) {
			const slope = Array.from({ length: 2 * m }, (_, r) => ((r + 0.5) * n) / (2 * m));
			const found = scheduleEdge({ off: slope, shaping: 'fashioned', yarnAt: 'even' });
			const gaps = found.takes.slice(1).map((t, i) => (t.row - found.takes[i]!.row) / 2);
			const rhythm = bjorklund(n, m);
			const beats = rhythm.flatMap((x, i) => (x ? [i] : []));
			const wanted = new Set(beats.slice(1).map((b, i) => b - beats[i]!));
			for (const gap of gaps) expect([...wanted]).toContain(gap);
			// A place is never farther than a row from where the line asks for it.
			expect(Math.abs(found.worst.stitches)).toBeLessThanOrEqual(0.5 + n / (2 * m));
		}
	});

	it('takes a step off at once on the side of the yarn, a row later on the other', () => {
		const off = Array.from({ length: 20 }, (_, r) => (r < 10 ? 0 : 5));
		const options = { off, shaping: 'fashioned' } as const;
		expect(scheduleEdge({ ...options, yarnAt: 'even' }).takes).toEqual([
			{ row: 10, stitches: 5, how: 'group' }
		]);
		const other = scheduleEdge({ ...options, yarnAt: 'odd' });
		expect(other.takes).toHaveLength(1);
		expect(Math.abs(other.takes[0]!.row - 10)).toBe(1);
		expect(Math.abs(other.worst.stitches)).toBe(5);
	});
});

describe('rhythms', () => {
	it('are told as a maker says them', () => {
		const rows = [4, 8, 12, 16, 20, 22, 24, 26];
		const takes = rows.map((row): Take => ({ row, stitches: 1, how: 'single' }));
		expect(rhythmsOf(takes)).toEqual([
			{ stitches: 1, how: 'single', every: 4, times: 5, first: 4 },
			{ stitches: 1, how: 'single', every: 2, times: 3, first: 22 }
		]);
	});
});
