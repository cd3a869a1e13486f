import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	benchOf,
	M48,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import { OffTheRing } from '../../../../../tests/support/off-the-ring';
import { readPattern } from '../../convert/pattern/read';
import { takenPiece } from '../../convert/pieces/free';
import { piecesOf } from '../../convert/pieces/pieces';
import { plan, type Plan } from '../../plan';
import { wordFinding } from '../../finding/says';
import type { FreePiece } from './free-piece';
import { garmentDefaults } from './start';

const OWN = { stitchesPerCm: 1.6, rowsPerCm: 2.1 };
const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(16, 21)])] });

function pieceOf(text: string, gauge = OWN, more: Partial<FreePiece> = {}): FreePiece {
	const read = readPattern(text);
	const { pieces } = piecesOf(read, { source: text, gauge, draw: gauge, ways: [] });
	const [strip] = pieces.flatMap((p) => p.strips);
	if (!strip) throw new Error(JSON.stringify(pieces));
	const piece = takenPiece(strip, gauge, { read, source: text });
	return { ...piece, id: 'own', name: 'Own', ...more };
}
function planOf(piece: FreePiece, options: object = {}): Plan {
	const p = plan(
		{
			...projectOf(),
			machineId: M48.id,
			options: {
				...garmentDefaults('free-garment', bench)!,
				pieces: [piece],
				seams: [],
				...options
			} as never
		},
		bench
	);
	if (!p.ok) throw new Error(p.why);
	return p;
}
/** Stitches off each edge, row by row, as they came off the machine. */
function knitted(p: Plan['pieces'][number]) {
	const ring = new OffTheRing(p.program, p.machine);
	const at = (r: number) => ring.pins(ring.wasteBefore + r);
	const rows = Array.from({ length: p.mainRows }, (_, r) => at(r));
	const [low, high] = [Math.min(...rows[0]!), Math.max(...rows[0]!)];
	const offLow = rows.map((pins) => Math.min(...pins) - low);
	const offHigh = rows.map((pins) => high - Math.max(...pins));
	// From the right side of the fabric the lowest pin is its right edge where the ring turns clockwise.
	return { stitches: rows[0]!.length, left: offHigh, right: offLow, rows: rows.length };
}
const codes = (p: Plan) => p.findings.map((f) => f.code);

describe('a pattern typed at the maker’s own gauge', () => {
	it('is knitted as typed: 44 stitches are 44, six singles are six singles, odd rows stay odd', () => {
		const p = planOf(
			pieceOf('44 stitches, 20 rows, 1 at each end every 2nd row 6 times, 32 stitches, 5 rows')
		);
		const made = knitted(p.pieces[0]!);
		expect([made.stitches, made.rows]).toEqual([44, 37]);
		const singles = p.pieces[0]!.program.filter((o) => o.op === 'decrease');
		expect(singles).toHaveLength(12);
		expect(singles.every((o) => o.way === 'single')).toBe(true);
		expect(p.pieces[0]!.stitches.last).toBe(32);
		const odd = p.findings.find((f) => f.code === 'odd-rows')!;
		expect(wordFinding(odd, { units: 'cm', yarnName: () => '' }).why).toMatch(
			/ends at its right edge/
		);
		expect(codes(p)).not.toContain('worked-anew');
	});

	it('row for row, whatever is typed: 300 patterns', () => {
		const steps = fc.array(
			fc.record({
				n: fc.constantFrom(1, 2),
				where: fc.constantFrom('each end', 'left edge', 'right edge'),
				every: fc.integer({ min: 1, max: 6 }),
				times: fc.integer({ min: 1, max: 4 }),
				rows: fc.integer({ min: 1, max: 9 })
			}),
			{ maxLength: 3 }
		);
		let sound = 0;
		fc.assert(
			fc.property(steps, fc.integer({ min: 34, max: 44 }), (list, castOn) => {
				const off: Record<'left' | 'right', number[]> = { left: [], right: [] };
				const at = { left: 0, right: 0 };
				const knit = (rows: number) => {
					for (let r = 0; r < rows; r++)
						for (const side of ['left', 'right'] as const) off[side].push(at[side]);
				};
				knit(3);
				const said = [`${castOn} stitches`, '3 rows'];
				for (const s of list) {
					said.push(
						`${s.n} at ${s.where} every ${s.every}th row ${s.times} times`,
						`${s.rows} rows`
					);
					for (let i = 0; i < s.times; i++) {
						knit(s.every - 1);
						for (const side of ['left', 'right'] as const)
							if (s.where === 'each end' || s.where.startsWith(side)) at[side] += s.n;
						knit(1);
					}
					knit(s.rows);
				}
				if (castOn - at.left - at.right < 8) return;
				const made = knitted(planOf(pieceOf(said.join(', '))).pieces[0]!);
				expect(made, said.join(', ')).toEqual({
					stitches: castOn,
					left: off.left,
					right: off.right,
					rows: off.left.length
				});
				sound += 1;
			}),
			{ numRuns: 300 }
		);
		expect(sound).toBeGreaterThan(150);
	});

	it('takes the words of a plan’s own edges', () => {
		const edge =
			'chain 4 off after row 10, then decrease 1 every 2nd row 5 times, first after row 12';
		const p = planOf(pieceOf(`40 stitches, 30 rows; left edge: ${edge}; right edge: straight`));
		expect(p.pieces[0]!.shaped).toEqual({ left: edge, right: 'straight' });
	});

	it('left and right of one text differ by the mirror and nothing else', () => {
		const text =
			'40 stitches, 21 rows, cast off 4 at left edge, 1 at left edge every 2nd row 5 times, 9 rows';
		const [one, other] = planOf(pieceOf(text, OWN, { count: 2, mirrored: true })).pieces;
		const [a, b] = [knitted(one!), knitted(other!)];
		expect(b).toEqual({ ...a, left: a.right, right: a.left });
		expect(one!.mainRows).toBe(other!.mainRows);
	});

	it('says where a group has to wait for the yarn, and waits for as few as can be', () => {
		const at = (text: string) => planOf(pieceOf(text));
		// At both edges one of the two meets the yarn, and the other the row after.
		expect(codes(at('40 stitches, 20 rows, cast off 4 at each end, 20 rows'))).toContain(
			'groups-wait'
		);
		for (const rows of [20, 21])
			expect(
				codes(at(`40 stitches, ${rows} rows, cast off 4 at left edge, 20 rows`))
			).not.toContain('groups-wait');
	});

	it('a group that waits past the last row has a row more to come off at', () => {
		const [p] = planOf(pieceOf('40 stitches, 20 rows, cast off 4 at each end')).pieces;
		expect([p!.stitches.first, p!.stitches.last]).toEqual([40, 32]);
		expect([p!.mainRows, knitted(p!).rows]).toEqual([21, 21]);
	});

	it('wider than any ring it is cut into panels, as broad as its pattern has it', () => {
		const p = planOf(pieceOf('500 stitches, 60 rows'));
		expect(p.pieces.length).toBeGreaterThan(9);
		expect(codes(p)).not.toContain('worked-anew');
		expect(codes(p)).not.toContain('damaged');
	});
});

describe('in another gauge', () => {
	it('it is worked anew, and says so with both counts', () => {
		const p = planOf(pieceOf('66 stitches, 61 rows', { stitchesPerCm: 2.4, rowsPerCm: 3.15 }));
		const found = p.findings.find((f) => f.code === 'worked-anew')!;
		expect(found).toMatchObject({
			typed: { stitches: 66, rows: 61 },
			made: { stitches: 44, rows: 40 }
		});
		expect(p.pieces[0]!.stitches.first).toBe(44);
		expect(wordFinding(found, { units: 'cm', yarnName: () => '' }).why).toBe(
			'Its 66 stitches and 61 rows become 44 stitches and 40 rows, and its shaping is spread over them.'
		);
	});
});
