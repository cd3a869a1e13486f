import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { A, B, benchOf } from '../../../../../tests/support/bench';
import type { GarmentKindId } from '../../model/kinds';
import { BODY_SIZES, GARMENTS, MEASURES } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { garmentDefaults, wholeGarment } from './start';
import { BODY, BODY_NAMES } from '../../bench/size/body';
import { edgeAt, heightOf, outlineProblem, widthAt, type Outline } from '../../shaping/outline';
import { sizeOf } from '../../shaping/schedule';
import { MOST_PANELS } from '../../shaping/wider';
import { cutOut } from './cut';
import { armEaseOf, askedOf, easeOf, measureFor, measuresOf } from './measures';
import { gridOf, mirrorPiece, type CutPiece } from './pattern';
import type { Joint } from '../../assembly/joint';
import { checkSeams, repairOf } from './seams';
import { partCm } from './sleeve';
import { fitToMachine, panelWidths, splitOutline, splitPiece } from './split';

const bench = benchOf({ yarns: [A, B] });
const density = { stitchesPerCm: 1.6, rowsPerCm: 2.1 };
const context = { density, pins: 48, most: 44 };
const of = (kind: GarmentKindId, patch: Partial<GarmentOptions> = {}): GarmentOptions => ({
	...wholeGarment(garmentDefaults(kind, bench)!),
	...patch
});

describe('measures', () => {
	it('come from the maker before the table, and from the table before what is usual', () => {
		const own = measuresOf(of('cardigan', { measures: { chest: 99 } }));
		expect(own.chest).toEqual({ cm: 99, from: 'own' });
		expect(own.upperArm).toEqual({ cm: BODY['woman-m'].upperArm, from: 'table' });
		expect(own.neck.from).toBe('usual');
		expect(measuresOf(of('jacket')).length.cm).toBeGreaterThan(
			measuresOf(of('cardigan')).length.cm
		);
		expect(measuresOf(of('mitts')).around).toEqual({ cm: 19, from: 'usual' });
	});

	it('that follow from others follow the maker’s', () => {
		const wide = measuresOf(of('vest', { measures: { crossBack: 50 } }));
		expect(wide.neck.cm).toBeCloseTo(20, 9);
		expect(measuresOf(of('vest', { measures: { armhole: 21 } })).neckDrop.cm).toBe(21);
	});

	it('of one piece may depart', () => {
		const options = of('vest', { alone: [{ piece: 'front-left', measure: 'length', cm: 50 }] });
		const all = measuresOf(options);
		expect(measureFor(options, all, 'front-left', 'length')).toBe(50);
		expect(measureFor(options, all, 'front-right', 'length')).toBe(all.length.cm);
	});

	it('ease is for bodies: a garment measured flat has it already', () => {
		expect(easeOf(of('vest', { ease: 10 }))).toBe(10);
		expect(easeOf(of('vest', { ease: 10, from: 'flat' }))).toBe(0);
		expect(armEaseOf(of('vest', { ease: 3 }))).toBe(4);
		expect(armEaseOf(of('vest', { ease: 30 }))).toBe(10);
	});

	it('are asked for only where they tell', () => {
		expect(askedOf(of('sweater', { armhole: 'set-in' }))).not.toContain('wrist');
		expect(askedOf(of('sweater', { armhole: 'drop' }))).toContain('wrist');
		expect(askedOf(of('sweater', { armhole: 'drop' }))).not.toContain('crossBack');
		expect(askedOf(of('cardigan', { edging: 'none' }))).not.toContain('band');
		expect(askedOf(of('vest', { shoulder: 'straight' }))).not.toContain('shoulderDrop');
	});

	it('of the table grow with the size, and all have a name', () => {
		for (const group of ['child', 'woman', 'man'])
			for (const key of ['chest', 'crossBack', 'armhole', 'upperArm', 'length'] as const) {
				const row = BODY_SIZES.filter((s) => s.startsWith(group)).map((s) => BODY[s][key]);
				expect(row).toEqual([...row].sort((a, b) => a - b));
			}
		expect(Object.keys(BODY_NAMES)).toEqual([...BODY_SIZES]);
		// Craft Yarn Council, Standards and Guidelines (from memory): bust of a woman M 36 to 38 in, of a man L 42 to 44 in.
		expect(BODY['woman-m'].chest / 2.54).toBeGreaterThan(36);
		expect(BODY['woman-m'].chest / 2.54).toBeLessThan(38);
		expect(BODY['man-l'].chest / 2.54).toBeGreaterThan(42);
		expect(BODY['man-l'].chest / 2.54).toBeLessThan(44);
	});
});

describe('cutting out', () => {
	it('gives pieces that are pieces, of every kind', () => {
		for (const kind of GARMENTS)
			for (const p of cutOut(of(kind), context).pieces)
				expect([kind, p.id, outlineProblem(p.outline)]).toEqual([kind, p.id, null]);
	});

	it('lays lengths on whole stitches and even rows', () => {
		const grid = gridOf(density);
		fc.assert(
			fc.property(fc.double({ min: 0.5, max: 90, noNaN: true }), (cm) => {
				expect((grid.across(cm) * 1.6) % 1).toBeCloseTo(0, 6);
				expect(Math.abs(grid.across(cm) - cm)).toBeLessThanOrEqual(0.5 / 1.6 + 1e-9);
				expect(Math.round(grid.up(cm) * 2.1) % 2).toBe(0);
				expect(Math.round(grid.up(cm, true) * 2.1) % 2).toBe(1);
			})
		);
	});

	it('a mirrored piece has its handles and its dimensions on the other side', () => {
		const piece = cutOut(of('vest'), context).pieces.find((p) => p.id === 'front-right')!;
		const image = mirrorPiece(piece, 'x', 'X');
		expect(image.mirrorOf).toBe('front-right');
		for (const [i, h] of piece.handles.entries()) {
			const other = image.handles[i]!;
			expect(other.side).not.toBe(h.side);
			const a = piece.outline[h.side][h.index]!;
			const b = image.outline[other.side][other.index]!;
			expect([b.x, b.y]).toEqual([0 - a.x, a.y]);
			if (h.x) expect(other.x!.per).toBe(-h.x.per);
		}
	});

	it('a handle moves its point as it says, for every measure on every body', () => {
		// Independent: the measure is changed and the point looked at, on a fine grid.
		const fine = { density: { stitchesPerCm: 200, rowsPerCm: 200 }, pins: 48, most: 10_000 };
		for (const armhole of ['drop', 'set-in'] as const) {
			const options = of('vest', { armhole });
			const at = (w: GarmentOptions, id: string) =>
				cutOut(w, fine).pieces.find((p) => p.id === id)!;
			for (const id of ['back-left', 'front-right']) {
				const before = at(options, id);
				for (const h of before.handles)
					for (const axis of ['x', 'y'] as const) {
						const moved = h[axis];
						if (!moved) continue;
						const cm = measuresOf(options)[moved.measure].cm + 1;
						const after = at(
							{ ...options, measures: { ...measuresIn(options), [moved.measure]: cm } },
							id
						);
						// A side edge stays at 0 and the middle moves instead: their distance counts.
						const place = (p: CutPiece) => {
							const q = p.outline[h.side][h.index]![axis];
							return axis === 'y' ? q : q - p.outline.right[0]!.x;
						};
						const by = place(after) - place(before);
						expect([id, moved.measure, axis, Math.sign(by)]).toEqual([
							id,
							moved.measure,
							axis,
							Math.sign(1 / moved.per)
						]);
					}
			}
		}
	});
});

/** Every measure set, so that one can be changed alone. */
const measuresIn = (options: GarmentOptions): GarmentOptions['measures'] =>
	Object.fromEntries(MEASURES.map((m) => [m, measuresOf(options)[m].cm]));

describe('panels of what is too wide', () => {
	const edge = (x: number, h: number): Outline['left'] => [
		{ x, y: 0, part: 'side' },
		{ x, y: h }
	];

	it('are as few and as alike as can be, and together what was asked', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 260 }),
				fc.integer({ min: 8, max: 60 }),
				fc.constantFrom(0, 1),
				(net, most, seam) => {
					const widths = panelWidths(net, { left: seam, right: seam }, most);
					const cannot = net + 2 * seam + 2 * (MOST_PANELS - 1) > MOST_PANELS * most;
					expect(widths === null).toBe(cannot);
					if (!widths) return;
					expect(widths.reduce((a, b) => a + b, 0)).toBe(net);
					const cast = widths.map(
						(w, i) => w + (i === 0 ? seam : 1) + (i === widths.length - 1 ? seam : 1)
					);
					expect(Math.max(...cast)).toBeLessThanOrEqual(most);
					if (widths.length > 1) {
						const fewer = widths.length - 1;
						expect(net + 2 * seam + 2 * (fewer - 1)).toBeGreaterThan(fewer * most);
					}
				}
			)
		);
	});

	it('fit the machine, whatever the outline, and their seams are of one length', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 20, max: 120 }),
				fc.integer({ min: 10, max: 80 }),
				fc.integer({ min: 0, max: 40 }),
				(w, h, slope) => {
					const piece: CutPiece = {
						id: 'p',
						name: 'P',
						count: 2,
						outline: {
							left: [
								{ x: 0, y: 0, part: 'side' },
								{ x: 0, y: h / 2, part: 'slope' },
								{ x: Math.min(slope, w - 2), y: h }
							],
							right: edge(w, h)
						},
						seam: { left: 1, right: 1 },
						yarnAt: null,
						tube: false,
						handles: [],
						dimensions: []
					};
					const pattern = { pieces: [piece], seams: [], edges: [] };
					const fitted = fitToMachine(pattern, density, 44).pattern;
					for (const p of fitted.pieces) {
						expect(outlineProblem(p.outline)).toBeNull();
						expect(sizeOf(p.outline, density, p.seam).stitches).toBeLessThanOrEqual(44);
					}
					for (const c of checkSeams(fitted, density, 48)) {
						expect([c.kind, c.verdict]).toEqual(['panels', 'meets']);
						expect(c.times).toBe(2);
					}
				}
			)
		);
	});

	it('cover the piece without a gap', () => {
		const outline: Outline = { left: edge(0, 30), right: edge(50, 30) };
		const parts = splitOutline(outline, [12, 31]);
		expect(parts.map((p) => [edgeAt(p.left, 0), edgeAt(p.right, 0), heightOf(p)])).toEqual([
			[0, 12, 30],
			[12, 31, 30],
			[31, 50, 30]
		]);
		for (let y = 1; y < 30; y += 4)
			expect(parts.reduce((t, p) => t + widthAt(p, y), 0)).toBeCloseTo(50, 9);
	});

	it('a tube is never split, nor what fits', () => {
		const [sleeve] = cutOut(of('shrug'), context).pieces;
		expect(splitPiece(sleeve!, density, 10)).toEqual([sleeve]);
	});
});

describe('repairs', () => {
	const checks = (w: GarmentOptions): Joint[] => {
		const { pattern } = fitToMachine(cutOut(w, context), density, context.most);
		return checkSeams(pattern, density, context.pins);
	};
	const amiss = (w: GarmentOptions) => checks(w).filter((c) => c.verdict === 'off');

	it('put back the departure that is to blame, and no other', () => {
		const options = of('sweater', {
			armhole: 'set-in',
			alone: [
				// Both backs alike: their seams meet each other.
				{ piece: 'front-left', measure: 'neckDrop', cm: 11 },
				{ piece: 'front-right', measure: 'length', cm: 50 }
			]
		});
		const side = checks(options).find((c) => c.id === 'side-right')!;
		expect(side.verdict).toBe('off');
		expect(repairOf(options, side, context)).toEqual({
			do: 'together',
			piece: 'front-right',
			measure: 'length'
		});
	});

	it('move one measure as little as makes the seam meet', () => {
		const options = of('sweater', { sleeves: 'tube', armhole: 'drop', measures: { armhole: 24 } });
		const hole = amiss(options).find((c) => c.kind === 'armhole')!;
		const repair = repairOf(options, hole, context)!;
		if (repair.do !== 'measure') throw new Error('no measure');
		const moved = Math.abs(repair.cm - 24);
		const mended = (cm: number) =>
			checks({ ...options, measures: { armhole: cm } }).find((c) => c.id === hole.id)!.verdict;
		expect(mended(repair.cm)).toBe('meets');
		// Nothing nearer does.
		for (let by = 0.5; by < moved - 1e-9; by += 0.5)
			expect([mended(24 + by), mended(24 - by)]).not.toContain('meets');
	});

	it('are none where nothing helps', () => {
		const options = of('free-garment', {
			seams: [{ a: { piece: 'front', part: 'side' }, b: { piece: 'back', part: 'top' } }]
		});
		const [seam] = checks(options);
		expect(seam!.verdict).toBe('off');
		expect(repairOf(options, seam!, context)).toBeNull();
	});

	it('a seam that names what is not there is missing', () => {
		const options = of('free-garment', {
			seams: [{ a: { piece: 'front', part: 'pocket' }, b: { piece: 'back', part: 'side' } }]
		});
		expect(checks(options)[0]!.verdict).toBe('missing');
	});
});

it('the edge of a cap is as long as its parts', () => {
	const edge = [
		{ x: 0, y: 0, part: 'side' },
		{ x: 0, y: 40, part: 'cap' },
		{ x: 3, y: 40, part: 'cap' },
		{ x: 6, y: 44 }
	];
	expect(partCm(edge, 'cap')).toBe(8);
	expect(partCm(edge, 'side')).toBe(40);
	expect(partCm(edge, 'none')).toBe(0);
});
