import { describe, expect, it } from 'vitest';
import { plan } from '../../plan';
import {
	benchOf,
	M48,
	A,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import { OffTheRing } from '../../../../../tests/support/off-the-ring';
import { UK, US, writtenPiece } from '../../../../../tests/patterns/writers';
import { seeded } from '../../../../../tests/support/random';
import { doneAtTheTable } from '../../technique';
import type { WidenedWay } from '../../model/written';
import { saidAt } from '../../crank/said';
import { garmentDefaults } from '../../recipe/garments/start';
import { garmentOptions } from '../../recipe/garments/options';
import { edgeAt, heightOf, outlineProblem } from '../../shaping/outline';
import { wordGuess, wordPieceProblem, wordSeam } from '../../words/pieces';
import { readPattern } from '../pattern/read';
import { takenPiece, takenSeam } from './free';
import { piecesOf, type Pieces } from './pieces';
import { leftOf, outlineOf, stitchesOf, type Strip } from './strip';

const GAUGE = { stitchesPerCm: 2, rowsPerCm: 2.8 };
function taken(source: string, ways: Record<string, WidenedWay> = {}, gauge = GAUGE): Pieces {
	const read = readPattern(source);
	return piecesOf(read, {
		source,
		gauge,
		draw: gauge,
		ways: Object.entries(ways).map(([piece, way]) => ({ piece, way }))
	});
}
const strips = (p: Pieces) => p.pieces.flatMap((x) => x.strips);
const only = (source: string): Strip => strips(taken(source))[0]!;
const rowsOf = (takes: Strip['takes']['left']) =>
	takes.map((t) => `${t.row}:${t.stitches}`).join(' ');

const SLIPOVER = `BACK
Cast on 58 sts. Work 6 rows in k1, p1 rib. Work straight until back measures 20 cm from beg, ending with a WS row.
Shape armholes: cast off 4 sts at beg of next 2 rows. Dec 1 st at each end of next and every foll alt row until 42 sts rem.
Work straight until armhole measures 13 cm, ending with a WS row.
Shape shoulders: cast off 5 sts at beg of next 4 rows. Leave rem 22 sts on a holder.
FRONT
Work as given for Back until armhole shaping is done.
Divide for neck: k 21, turn. Leave rem sts on a holder. Dec 1 st at neck edge on every foll alt row until 10 sts rem.
Work straight until front matches back to shoulder. Cast off 5 sts at beg of next and foll alt row.
Rejoin yarn to rem sts. Complete to match first side, reversing shapings.
NECK BAND
Pick up and k 72 sts. Work 5 rows. Cast off.`;
const SLEEVE = `SLEEVES (make 2): CO 26 sts. Inc 1 st each end of every 6th row 6 times. 38 sts. Work 10 rows. Shape cap: bind off 3 sts at beg of next 2 rows. Dec 1 st each end of every other row 8 times. Bind off rem 16 sts.`;

describe('the pieces of a pattern', () => {
	it('groups at the beginning of rows come off at the edge where that row begins, in turn', () => {
		const s = only(
			'Cast on 40 sts. Work 20 rows. Cast off 3 sts at beg of next 4 rows. Work 2 rows.'
		);
		expect(rowsOf(s.takes.right)).toBe('20:3 22:3');
		expect(rowsOf(s.takes.left)).toBe('21:3 23:3');
		expect([s.rows, leftOf(s)]).toEqual([26, 28]);
	});
	it('two edges at the same time are shaped over the same rows', () => {
		const s = only(
			'LEFT FRONT. Cast on 30 sts. Work 40 rows. Cast off 4 sts at armhole edge. Dec 1 st at armhole edge on every row 4 times, at the same time dec 1 st at neck edge on every alt row 6 times. Work 10 rows.'
		);
		// The wearer's left front has its side at the right, seen from the right side.
		expect(rowsOf(s.takes.right)).toBe('40:4 40:1 41:1 42:1 43:1');
		expect(rowsOf(s.takes.left)).toBe('41:1 43:1 45:1 47:1 49:1 51:1');
		expect([s.rows, leftOf(s)]).toEqual([62, 16]);
	});
	it('groups at one edge come off a row there and back apart', () => {
		const s = only(
			'RIGHT FRONT. Cast on 40 sts. Work 20 rows. Cast off 4/3/2 sts at neck edge on alt rows. Work 4 rows.'
		);
		expect(rowsOf(s.takes.right)).toBe('20:4 22:3 24:2');
	});
	it('a length is solved in rows of the pattern’s gauge, with the side it asks for last', () => {
		const rows = (text: string) => only(`Cast on 40 sts. ${text}`).rows;
		expect(rows('Work until piece measures 10 cm from beg.')).toBe(28);
		expect(rows('Work until piece measures 10 cm from beg, ending with a RS row.')).toBe(29);
		expect(
			rows('Work 10 rows. Work until piece measures 10 cm from beg, ending with a WS row.')
		).toBe(28);
		expect(rows('Work 10 rows. Work a further 4 in.')).toBe(10 + 28);
		const blind = piecesOf(readPattern('Cast on 40 sts. Work a further 10 cm.'), {
			source: '',
			gauge: { stitchesPerCm: 2, rowsPerCm: null },
			draw: GAUGE,
			ways: []
		});
		expect(blind.notes.map((n) => n.guess.code)).toEqual(['needs-rows']);
	});
	it('one divided for a neck is two halves, mirrored, each a stitch wider at the middle for its seam', () => {
		const p = taken(SLIPOVER);
		const [back, half, band] = strips(p) as [Strip, Strip, Strip];
		expect([back.castOn, back.rows, leftOf(back), back.top]).toEqual([58, 96, 22, 'neck']);
		expect([half.castOn, half.count, half.mirrored]).toEqual([30, 2, true]);
		// The middle: a stitch of the seam, then single decreases; at the shoulder what is left is closed.
		expect(half.takes.right[0]).toEqual({ row: 65, stitches: 1 });
		expect(stitchesOf(half)[64]).toBe(30 - 4 - 4);
		expect(leftOf(half)).toBe(5);
		expect([band.castOn, band.rows]).toEqual([72, 5]);
		expect(p.notes.every((n) => n.guess.code === 'half-edge')).toBe(true);
	});
	it('what is left over in the middle of a neck is held against what the text says', () => {
		const text = (n: number) =>
			`FRONT. Cast on 40 sts. Work 30 rows. K 15, turn. Work 10 rows. Cast off. Rejoin yarn, cast off centre ${n} sts, k to end. Complete to match first side.`;
		expect(taken(text(10)).notes).toEqual([]);
		expect(taken(text(12)).notes.map((n) => n.guess)).toEqual([
			{ code: 'centre-differs', said: 12, is: 10 }
		]);
	});
	it('a front worked like the back up to a number of rows, and the other front mirrored', () => {
		const p = taken(
			'RIGHT FRONT. Cast on 24 sts. Work 30 rows. Dec 1 st at neck edge on every alt row 5 times. Cast off. LEFT FRONT. Work as given for right front, reversing shapings.'
		);
		const [right, left] = strips(p) as [Strip, Strip];
		expect(rowsOf(right.takes.right)).toBe('31:1 33:1 35:1 37:1 39:1');
		expect(left.takes).toEqual({ left: right.takes.right, right: right.takes.left });
		expect([left.castOn, left.rows]).toEqual([24, 40]);
	});
	it('a front worked as the other, two edges at once and a shoulder among it, is its mirror image', () => {
		const p = taken(
			'LEFT FRONT: cast on 36 sts. Work 60 rows. Cast off 4 sts at armhole edge. Work 1 row. Dec 1 st at armhole edge on next 5 rows, AT THE SAME TIME dec 1 st at neck edge on next and every foll 3rd row until 14 sts rem. Work 4 rows. Cast off 7 sts at beg of next and foll alt row. RIGHT FRONT: work as left front, reversing all shapings. FRONT BANDS: pick up and k 90 sts. Work 8 rows.'
		);
		const [left, right, band] = strips(p) as [Strip, Strip, Strip];
		expect(rowsOf(left.takes.right)).toBe('60:4 61:1 62:1 63:1 64:1 65:1 102:7');
		expect(right.takes).toEqual({ left: left.takes.right, right: left.takes.left });
		expect(right.marks).toEqual({ left: left.marks.right, right: left.marks.left });
		expect([band.of, band.castOn, band.rows]).toEqual(['Front bands', 90, 8]);
	});
	it('a piece that nothing is known of is asked about', () => {
		const p = taken('SLEEVE. Work as given for back. Work 20 rows.');
		expect(p.notes.map((n) => n.guess.code)).toContain('same-missing');
		expect(p.pieces[0]!.problem).toEqual({ code: 'no-cast-on' });
		expect(
			taken('Cast on 20 sts. Dec 3 sts at each end of every row 5 times.').pieces[0]!.problem
		).toEqual({
			code: 'none-left',
			left: -10
		});
		expect(taken('Cast on 40 sts. Work 1300 rows.').pieces[0]!.problem).toMatchObject({
			code: 'too-large'
		});
	});
});

describe('a piece that widens', () => {
	it('and no more is knitted from its other end', () => {
		const [s] = strips(
			taken('Cast on 30 sts. Inc 1 st at each end of every 6th row 10 times. Work 6 rows.')
		);
		expect([s!.turned, s!.castOn, leftOf(s!)]).toEqual([true, 50, 30]);
		expect(outlineProblem(outlineOf(s!, GAUGE))).toBeNull();
	});
	it('and then narrows: every way has the stitches and rows of the text, and only narrows', () => {
		const whole = { widest: 38, start: 26, end: 16, rows: 64 };
		for (const way of ['joined', 'panels', 'eased', 'sideways'] as const) {
			const p = taken(SLEEVE, { Sleeves: way });
			const all = strips(p);
			expect(p.pieces[0]!.widening).toMatchObject({ kind: 'both', widest: whole.widest });
			for (const s of all) {
				expect(
					[...s.takes.left, ...s.takes.right].every((t) => t.stitches > 0),
					way
				).toBe(true);
				expect(outlineProblem(outlineOf(s, GAUGE)), `${way} ${s.id}`).toBeNull();
			}
			const [a, b] = all as [Strip, Strip];
			if (way === 'eased')
				expect([a.castOn, a.rows, leftOf(a)]).toEqual([whole.widest, whole.rows, whole.end]);
			else if (way === 'sideways') {
				const { left, right } = outlineOf(a, GAUGE);
				// Its length is cast on, and it is half as high as the piece is wide.
				expect(edgeAt(right, 0) - edgeAt(left, 0)).toBeCloseTo(whole.rows / GAUGE.rowsPerCm, 0);
				expect(heightOf({ left, right })).toBeCloseTo(whole.widest / 2 / GAUGE.stitchesPerCm, 0);
				expect([a.count, a.mirrored]).toEqual([4, true]);
			} else {
				expect([a.castOn, leftOf(a)]).toEqual([whole.widest, whole.start]);
				expect([b.castOn, leftOf(b)]).toEqual([whole.widest, whole.end]);
				expect(a.rows + b.rows).toBe(whole.rows);
				const widest = p.seams.find((s) => /widest/.test(s.name))!;
				expect(widest.open ?? false).toBe(way === 'joined');
				// In another gauge both still begin with as many.
				const p2 = planOf(SLEEVE, GAUGE, { Sleeves: way }).plan;
				const joined = p2.joints.find((j) => j.called !== undefined && /widest/.test(j.called))!;
				expect(joined.a.stitches).toBe(joined.b.stitches);
			}
		}
	});
});

const OWN = { stitchesPerCm: 1.6, rowsPerCm: 2.1 };
const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(16, 21)])] });
function planOf(source: string, gauge = OWN, ways: Record<string, WidenedWay> = {}) {
	const read = readPattern(source);
	const p = taken(source, ways, gauge);
	const options = garmentOptions('free-garment').parse({
		...garmentDefaults('free-garment', bench),
		wasteStart: 4,
		pieces: strips(p).map((s) => takenPiece(s, gauge, { read, source })),
		seams: p.seams.map(takenSeam)
	});
	const made = plan({ ...projectOf(), machineId: M48.id, options: options as never }, bench);
	if (!made.ok) throw new Error(made.why);
	return { plan: made, pieces: p };
}

describe('a project out of a pattern', () => {
	it.each(['joined', 'panels', 'eased', 'sideways'] as const)(
		'a jersey with its sleeves %s: every seam is there, and all can be done at the table',
		(way) => {
			const small = SLIPOVER.replace(/NECK BAND[\s\S]*/, '').replaceAll('58 sts', '58 sts');
			const { plan: made, pieces } = planOf(`${small}\n${SLEEVE}`, GAUGE, { Sleeves: way });
			expect(pieces.seams.length).toBeGreaterThan(6);
			const codes = made.findings.map((f) => f.code);
			expect(codes).not.toContain('seam-missing');
			expect(doneAtTheTable(made as never).faults, way).toEqual([]);
			expect(made.steps.some((s) => s.do === 'join-open')).toBe(way === 'joined');
		}
	);
	it('in the pattern’s own gauge every row has the stitches of the text', () => {
		const source =
			'Back. Cast on 40 sts. Work 20 rows. Dec 1 st at each end of next and every foll 4th row until 30 sts rem. Work 5 rows. Cast off.';
		const { plan: made, pieces } = planOf(source);
		const [piece] = made.pieces;
		const ring = new OffTheRing(piece!.program, piece!.machine);
		const knitted = Array.from(
			{ length: piece!.mainRows },
			(_, r) => ring.pins(ring.wasteBefore + r).length
		);
		expect(knitted).toEqual(stitchesOf(strips(pieces)[0]!));
	});
	it('each row at the crank knows its line of the pattern, in another gauge by its share', () => {
		const source =
			'Back. Cast on 40 sts. Work 20 rows. Dec 1 st at each end of every 4th row 5 times. Work 10 rows. Cast off.';
		for (const gauge of [OWN, { stitchesPerCm: 2.4, rowsPerCm: 3.15 }]) {
			const [piece] = planOf(source, gauge).plan.pieces;
			const waste = piece!.wasteRows;
			expect(saidAt(piece!, waste)).toContain('Work 20 rows');
			const decrease = piece!.sheet.events.find((e) => e.kind === 'hands')!;
			expect(saidAt(piece!, decrease.after)).toMatch(/Dec 1 st at each end/);
			expect(saidAt(piece!, waste + piece!.mainRows)).toMatch(/Cast off/);
		}
	});
	it('what two writers write down is worked as it says: stitches and rows of 1,000 random pieces', () => {
		for (let seed = 1; seed <= 1000; seed++) {
			const { text, means } = writtenPiece(seeded(seed), seed % 2 ? UK : US);
			const p = taken(text);
			const total = Number(means.find((m) => m.startsWith('total'))!.slice(6));
			const last = means.findLast((m) => m.startsWith('count') || m.startsWith('co'))!;
			const [piece] = p.pieces;
			expect(piece!.rows, text).toBe(total);
			const one = piece!.strips.length === 1 && !piece!.strips[0]!.turned;
			if (one && !piece!.widening)
				expect(leftOf(piece!.strips[0]!), text).toBe(Number(last.split(' ')[1]));
			for (const s of piece!.strips)
				expect(outlineProblem(outlineOf(s, GAUGE)), `${text} ${s.id}`).toBeNull();
		}
	});
	it('two pieces whose sides match go together, and those that do not match do not', () => {
		const names = (other: string) =>
			taken(`Cast on 30 sts. Work 40 rows. Cast off. ${other}`).seams.map((s) => s.name);
		expect(names('Cast on 30 sts. Work 40 rows. Cast off.')).toEqual([
			'Piece to Piece 2, left',
			'Piece to Piece 2, right'
		]);
		expect(names('Cast on 30 sts. Work 41 rows. Cast off.')).toEqual([]);
	});
	it('every guess, problem and seam is said in words', () => {
		const p = taken(`${SLIPOVER}\n${SLEEVE}`);
		const all = [
			...p.notes.map((n) => wordGuess(n.guess)),
			...p.seams.map((s) => wordSeam(s, strips(p))),
			wordPieceProblem({ code: 'none-left', left: -2 }, 'cm'),
			wordPieceProblem({ code: 'too-large', cm: 433, most: 400 }, 'in')
		];
		expect(all.length).toBeGreaterThan(8);
		for (const said of all) expect(said).toMatch(/^\p{Lu}.*\.$/u);
		for (const said of all) expect(said).not.toMatch(/undefined|NaN|null/);
	});
});
