import fc from 'fast-check';
import { schemeArb } from '../../../../tests/support/arbitrary';
import { planned, projectOf } from '../../../../tests/support/bench';
import { rowPlaces } from '../plan/places';
import { describe, expect, it } from 'vitest';
import type { Assembly } from './assembly';
import { foldsOf, hiddenJoins, placesOf, showsThrough } from './layers';

const T = 'tube';
const tuck = (atRow: number, inner: 'cast-on' | 'cast-off' = 'cast-off') =>
	({ do: 'tuck', piece: T, atRow, inner }) as const;
const hem = (rows: number) => ({ do: 'hem', piece: T, rows }) as const;
const turnUp = { do: 'turn-up', piece: T, heightCm: 5 } as const;
const insideOut = { do: 'inside-out', piece: T } as const;

/**
 * The brute-force model: a strip of paper cut into half rows, each cell a pile from the innermost to the outermost. To fold
 * is to take the piles past the line one by one, turn each over, and lay it on or under the pile it comes to lie on.
 */
function foldPaper(rows: number, assembly: Assembly, brimRows: number) {
	const piles = new Map<number, { half: number; faceOut: boolean }[]>();
	for (let c = 0; c < 2 * rows; c++) piles.set(c, [{ half: c, faceOut: true }]);
	const fold = (line: number, above: boolean, outside: boolean) => {
		for (const c of [...piles.keys()].filter((k) => (above ? k >= 2 * line : k < 2 * line))) {
			const turned = piles
				.get(c)!
				.map((x) => ({ ...x, faceOut: !x.faceOut }))
				.reverse();
			piles.delete(c);
			const to = 4 * line - 1 - c;
			const there = piles.get(to) ?? [];
			piles.set(to, outside ? [...there, ...turned] : [...turned, ...there]);
		}
	};
	for (const s of assembly) {
		if (s.do === 'hem') fold(s.rows / 2, false, false);
		if (s.do === 'tuck') {
			fold(s.atRow, s.inner === 'cast-off', false);
			if (assembly.includes(turnUp) && brimRows > 0)
				if (s.inner === 'cast-off') fold(s.atRow - brimRows, true, true);
				else fold(s.atRow + brimRows, false, true);
		}
		if (s.do === 'inside-out')
			for (const [c, pile] of piles)
				piles.set(c, pile.map((x) => ({ ...x, faceOut: !x.faceOut })).reverse());
	}
	return piles;
}

const assemblyArb = fc
	.record({
		rows: fc.integer({ min: 8, max: 160 }),
		kind: fc.constantFrom('tuck', 'tuck-on', 'hem', 'plain'),
		brim: fc.integer({ min: 0, max: 30 }),
		out: fc.boolean()
	})
	.map(({ rows, kind, brim, out }) => ({
		rows,
		brim: Math.min(brim, Math.floor(rows / 4)),
		assembly: [
			...(kind === 'tuck' ? [tuck(rows / 2), turnUp] : []),
			...(kind === 'tuck-on' ? [tuck(rows / 2, 'cast-on'), turnUp] : []),
			...(kind === 'hem' ? [hem(Math.min(rows - 2, 2 + brim))] : []),
			...(out ? [insideOut] : [])
		] satisfies Assembly
	}));

describe('where every row ends up', () => {
	it('is where a folded strip of paper has it: seen or hidden, which side out, in which order', () => {
		fc.assert(
			fc.property(assemblyArb, ({ rows, assembly, brim }) => {
				const piles = foldPaper(rows, assembly, brim);
				const places = placesOf(rows, assembly, brim);
				const lines = foldsOf(assembly, brim).flatMap((f) => {
					const mirrored = foldsOf(assembly, brim)[0]!.line * 2 - f.line;
					return [f.line, mirrored];
				});
				const cut = (row: number) => lines.some((l) => row < l && l < row + 1);
				for (const p of places) {
					// A row that is folded through its middle has a half on either side.
					if (cut(p.row)) continue;
					const halves = [2 * p.row, 2 * p.row + 1].map((half) => {
						const pile = [...piles.values()].find((x) => x.some((h) => h.half === half))!;
						const at = pile.findIndex((h) => h.half === half);
						return { seen: at === pile.length - 1, faceOut: pile[at]!.faceOut, pile, at };
					});
					expect(p.seen).toBe(halves.some((h) => h.seen));
					expect(halves.every((h) => h.faceOut === p.faceOut)).toBe(true);
					// The order of the pile is the order of the layers.
					for (const { pile, at } of halves)
						for (const [i, other] of pile.entries()) {
							const q = places[Math.floor(other.half / 2)]!;
							if (q.row !== p.row && !cut(q.row))
								expect(Math.sign(q.layer - p.layer)).toBe(Math.sign(i - at));
						}
				}
			}),
			{ seed: 4, numRuns: 300 }
		);
	});

	// Common practice: outer 65, lining 70, fold at 67.5, the boundary 2.5 rows before it on the outer face.
	it('65 + 70 rows: rows 65 to 67 of the lining’s colour are seen, unless the brim is turned up', () => {
		const places = placesOf(135, [tuck(67.5)]);
		const part = (row: number) => places[row]!.part;
		expect([part(0), part(66), part(68), part(134)]).toEqual([
			'outside',
			'outside',
			'lining',
			'lining'
		]);
		expect(places.filter((p) => p.seen).map((p) => p.row)).toEqual(
			Array.from({ length: 68 }, (_, i) => i)
		);
		const up = placesOf(135, [tuck(67.5), turnUp], 10);
		// Covered: twice the brim's rows before the fold, and the fold row; seen: the lining's on the brim.
		expect(up.slice(48, 67).every((p) => !p.seen)).toBe(true);
		expect(up.slice(68, 77).every((p) => p.seen && p.part === 'brim' && p.faceOut)).toBe(true);
		expect(up[46]!.seen).toBe(true);
	});

	// Common practice: 40 rows of hem and 25 more stand 45 rows high.
	it('a hem of 40 rows and 25 more is 45 rows high, its first 20 rows hidden', () => {
		const places = placesOf(65, [hem(40)]);
		const at = places.map((p) => p.at);
		expect(Math.max(...at) - Math.min(...at) + 1).toBe(45);
		expect(places.filter((p) => !p.seen).map((p) => p.row)).toEqual(
			Array.from({ length: 20 }, (_, i) => i)
		);
		expect(places[0]).toMatchObject({ part: 'hem', faceOut: false });
		// The first row comes to lie beside row 39, under the row it hangs in.
		expect(places[0]!.at).toBe(places[39]!.at);
	});

	it('inside out, the purl side is seen and the hem’s inner half comes out', () => {
		const places = placesOf(30, [hem(10), insideOut]);
		expect(places[20]).toMatchObject({ seen: true, faceOut: false });
		expect(places[2]).toMatchObject({ seen: true, faceOut: true });
		expect(places[7]!.seen).toBe(false);
	});
});

it('the hat as it is drawn on a head shows of each yarn the rows that the fold leaves to be seen', () => {
	fc.assert(
		fc.property(
			schemeArb,
			fc.integer({ min: 40, max: 200 }),
			fc.boolean(),
			(scheme, rows, turnedUp) => {
				const p = planned(
					projectOf({ scheme, length: { by: 'rows', rows }, brim: { turnedUp, heightCm: 4 } })
				);
				const { runs, mainRows } = p.pieces[0]!;
				const yarnAt = (row: number) => runs.find((r) => row >= r.from && row < r.to)!.yarn;
				const seen = new Map<number, number>();
				for (const place of rowPlaces(p).filter((x) => x.seen))
					seen.set(yarnAt(place.row), (seen.get(yarnAt(place.row)) ?? 0) + 1);
				for (const [yarn, gauge] of p.gauges.entries()) {
					const drawn = [...p.finished.hat.body, ...p.finished.hat.brim]
						.filter((b) => b.yarn === yarn)
						.reduce((t, b) => t + b.toCm - b.fromCm, 0);
					const drawnRows = (drawn * gauge.rowsPerCm.mean) / p.finished.hat.wornFactor;
					// The brim stands on half rows here, and on no whole ones there; a row folded through is seen by half.
					expect(Math.abs(drawnRows - (seen.get(yarn) ?? 0))).toBeLessThanOrEqual(2.5);
				}
				expect(mainRows).toBe(rows);
			}
		),
		{ seed: 9, numRuns: 200 }
	);
});

describe('what follows from it', () => {
	const runs = [{ from: 0 }, { from: 30 }, { from: 80 }, { from: 100 }];
	it('joins that nobody sees', () => {
		expect(hiddenJoins(runs, placesOf(120, [tuck(60)]))).toEqual([80, 100]);
		expect(hiddenJoins(runs, placesOf(120, []))).toEqual([]);
	});
	it('what lies under what is seen', () => {
		const yarnAt = (row: number) => (row < 65 ? 0 : 1);
		const [pair] = showsThrough(yarnAt, placesOf(135, [tuck(67.5)]));
		expect(pair).toEqual({ over: 0, under: 1, rows: 65 });
		expect(showsThrough(() => 0, placesOf(135, [tuck(67.5)]))).toEqual([]);
		// Of several pairs the one with the most rows first.
		const three = (row: number) => (row < 20 ? 2 : row < 65 ? 0 : 1);
		const pairs = showsThrough(three, placesOf(135, [tuck(67.5)]));
		expect(pairs.map((p) => [p.over, p.under])).toEqual([
			[0, 1],
			[2, 1]
		]);
		expect(pairs[0]!.rows).toBeGreaterThan(pairs[1]!.rows);
	});
	it('no fold where nothing is folded', () => {
		expect(foldsOf([turnUp], 10)).toEqual([]);
		expect(foldsOf([tuck(60), turnUp], 0)).toHaveLength(1);
	});
});
