import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	benchOf,
	M48,
	machineOf,
	A,
	B,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import {
	ARMHOLES,
	BODY_SIZES,
	EDGINGS,
	GARMENTS,
	NECKS,
	PANEL_TURNS,
	SHAPINGS,
	SHOULDERS,
	SLEEVES,
	WIDER_WAYS
} from '../../model/kinds';
import { options as anyOptions } from '../../model/any-options';
import type { GarmentOptions } from './options';
import { comesOut, plan, type PlanOf } from '../../plan';
import { garmentDefaults, wholeGarment } from './start';
import { BODY } from '../../bench/size/body';
import { heightOf, widthAt } from '../../shaping/outline';
import { cutOut } from './cut';
import { makePieces } from './make';
import { pickUpRatio } from '../../assembly/joint';
import { seamsAsKnitted } from '../../technique/sew';
import { checkSeams } from './seams';
import { betweenLadders, cutShrug, ladderPinsOf } from './shrug';
import { wordStep } from '../../technique/say-step';
import { shrugMeasures } from './shrug-sums';
import { fitToMachine, splitOutline } from './split';

const bench = benchOf({
	yarns: [A, B],
	swatches: [swatchOf(M48, A, [readingOf(16, 21)]), swatchOf(M48, B, [readingOf(16, 21)])]
});
const density = { stitchesPerCm: 1.6, rowsPerCm: 2.1 };
const context = { density, pins: 48, most: 44 };

const garmentOf = (
	kind: (typeof GARMENTS)[number],
	patch: Partial<GarmentOptions> = {}
): GarmentOptions => ({ ...wholeGarment(garmentDefaults(kind, bench)!), ...patch });

function planOf(options: GarmentOptions, on = bench): PlanOf<'flat'> {
	const p = plan({ ...projectOf(), options }, on);
	if (!p.ok || !comesOut(p, 'flat')) throw new Error('no garment');
	return p;
}
const edgesOf = (p: PlanOf<'flat'>) =>
	p.steps.flatMap((s) => (s.do === 'crochet-edge' ? [s.count] : []));
const codes = (p: PlanOf<'flat'>) => p.findings.map((f) => f.code);

const optionSets: fc.Arbitrary<GarmentOptions> = fc
	.record({
		recipe: fc.constantFrom(...GARMENTS),
		size: fc.constantFrom(...BODY_SIZES),
		ease: fc.integer({ min: -5, max: 30 }),
		neck: fc.constantFrom(...NECKS),
		shoulder: fc.constantFrom(...SHOULDERS),
		armhole: fc.constantFrom(...ARMHOLES),
		sleeves: fc.constantFrom(...SLEEVES),
		shaping: fc.constantFrom(...SHAPINGS),
		edgeStitches: fc.constantFrom(1 as const, 2 as const),
		turn: fc.constantFrom(...PANEL_TURNS),
		wide: fc.constantFrom(...WIDER_WAYS),
		edging: fc.constantFrom(...EDGINGS),
		from: fc.constantFrom('table' as const, 'body' as const, 'flat' as const),
		wasteStart: fc.integer({ min: 0, max: 8 }),
		wasteEnd: fc.constantFrom(0, 5),
		width: fc.double({ min: 3, max: 90, noNaN: true }),
		neckDrop: fc.double({ min: 3, max: 40, noNaN: true })
	})
	.map(({ width, neckDrop, recipe, edging, ...rest }) => ({
		...garmentOf(recipe),
		...rest,
		// Only what opens in front has bands to knit.
		edging:
			edging === 'knitted' && recipe !== 'cardigan' && recipe !== 'jacket' ? 'crochet' : edging,
		measures: { width, neckDrop }
	}));

describe('for anything a maker can set', () => {
	it('every piece is knitted by the simulated machine, or a finding says stop and why', () => {
		fc.assert(
			fc.property(optionSets, fc.constantFrom(22, 40, 48), (options, pins) => {
				const machine = machineOf(pins, { handPanels: 'cross' });
				const on = benchOf({
					machines: [machine],
					swatches: [swatchOf(machine, A, [readingOf(16, 21)])]
				});
				const p = plan({ ...projectOf(), machineId: machine.id, options }, on);
				if (!p.ok || !comesOut(p, 'flat')) throw new Error('no garment');
				expect(JSON.stringify(p)).not.toMatch(/null,"sd"|NaN/);
				const stopped = p.findings.filter((f) => f.severity === 'stop').map((f) => f.code);
				for (const [i, made] of p.finished.made.pieces.entries()) {
					if (made.problem) {
						expect(stopped).toContain('cannot-shape');
						continue;
					}
					if (stopped.length > 0) continue;
					expect(p.pieces[i]!.mainRows).toBe(made.rows);
					// Floats round a card are columns already.
					expect([made.stitches, made.columns]).toContain(p.pieces[i]!.stitches.first);
					expect(made.stitches).toBeLessThanOrEqual(pins);
					if (!made.cut.tube) expect(made.rows % 2).toBe(0);
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('pieces made from one set of measures meet at every seam', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('vest', 'cardigan', 'jacket', 'sweater'),
				fc.constantFrom(...BODY_SIZES),
				fc.constantFrom(...NECKS),
				fc.constantFrom(...SHOULDERS),
				fc.constantFrom(...ARMHOLES),
				fc.double({ min: 1.2, max: 3, noNaN: true }),
				fc.double({ min: 1.6, max: 4, noNaN: true }),
				fc.integer({ min: 14, max: 60 }),
				(kind, size, neck, shoulder, armhole, stitchesPerCm, rowsPerCm, most) => {
					const options = garmentOf(kind as 'vest', { size, neck, shoulder, armhole });
					const at = { ...context, density: { stitchesPerCm, rowsPerCm } };
					// On any machine: what is too wide for it is in panels.
					const { pattern } = fitToMachine(cutOut(options, at), at.density, most);
					for (const c of checkSeams(pattern, at.density, 48)) {
						if (c.by === 'length') expect(c.verdict).not.toBe('missing');
						else expect([c.id, c.verdict]).toEqual([c.id, 'meets']);
					}
				}
			)
		);
	});

	it('its options is in the file’s schema, and planning twice is planning once', () => {
		for (const kind of GARMENTS) {
			const options = garmentOf(kind);
			// What means nothing to it is left out of a file.
			expect(options).toMatchObject(anyOptions.parse(options));
			expect(planOf(options)).toEqual(planOf(options));
		}
	});
});

describe('a cardigan', () => {
	const p = planOf(garmentOf('cardigan', { size: 'woman-s', armhole: 'set-in' }));
	const made = (id: string) => p.finished.made.pieces.find((m) => m.id === id)!;

	it('has mirror images that start at the other side by one row of waste', () => {
		expect(Math.abs(made('back-left').waste - made('back-right').waste)).toBe(1);
		expect(made('front-left').schedule!.left.takes).toEqual(
			made('front-right').schedule!.right.takes
		);
		expect(made('front-left').mirrorOf).toBe('front-right');
		expect(p.pieces.find((x) => x.id === 'front-left')!.mirrored).toBe(true);
	});

	it('shapes underarm and neck on opposite edges', () => {
		const { left, right } = made('front-right').schedule!;
		expect(left.takes[0]!.how).toBe('group');
		expect(right.takes.length).toBeGreaterThan(3);
		const under = made('front-right').parts.find((x) => x.part === 'side')!.rows;
		expect(left.takes[0]!.row).toBe(under);
	});

	it('sums agree: half back is underarm, shoulder and half the back neck', () => {
		const parts = made('back-left').parts;
		const of = (part: string) =>
			parts.filter((x) => x.part === part).reduce((t, x) => t + x.stitches, 0);
		expect(of('armhole') + of('shoulder') + of('neck')).toBe(of('hem'));
		expect(of('hem')).toBe(made('back-left').stitches - 2);
	});

	it('follows the published table: round the body is the chest and the ease, within what whole stitches allow', () => {
		// Craft Yarn Council, Standards and Guidelines, sizes (from memory).
		for (const size of ['woman-s', 'man-m', 'child-8'] as const) {
			const sized = planOf(garmentOf('sweater', { size, armhole: 'set-in' }));
			expect(Math.abs(sized.finished.body!.chestCm - BODY[size].chest - 10)).toBeLessThan(4 / 1.6);
			const shoulder = sized.finished.body!;
			expect(
				Math.abs(2 * shoulder.shoulderCm + shoulder.neckWidthCm - BODY[size].crossBack)
			).toBeLessThan(3);
		}
	});

	it('a front that departs is found, and put back by one press', () => {
		const options = garmentOf('cardigan', {
			size: 'woman-s',
			alone: [{ piece: 'front-left', measure: 'length', cm: 53 }]
		});
		const bad = planOf(options);
		const found = bad.findings.find((f) => f.code === 'seam-off' && f.kind === 'side')!;
		expect(found).toMatchObject({ severity: 'warn', by: 'rows', where: { seam: 'side-left' } });
		expect(found.fix).toMatchObject({
			label: ['Length like the other pieces'],
			options: { alone: [] }
		});
		expect(codes(planOf({ ...options, alone: [] }))).not.toContain('seam-off');
	});

	it('two fronts that depart alike meet each other: one measure for all mends both sides at once', () => {
		const options = garmentOf('vest', {
			size: 'woman-s',
			alone: (['front-left', 'front-right'] as const).map((piece) => ({
				piece,
				measure: 'length' as const,
				cm: 51
			}))
		});
		const sides = (w: GarmentOptions) =>
			planOf(w).findings.filter((f) => f.code === 'seam-off' && f.kind === 'side');
		const fixes = sides(options).map((f) => f.fix);
		expect(fixes).toHaveLength(2);
		expect(fixes[0]).toEqual(fixes[1]);
		const [fix] = fixes;
		if (!fix?.options) throw new Error('no measure');
		expect(sides({ ...options, ...fix.options })).toEqual([]);
	});

	it('a front knitted with two rows less is found from the log, and eased', () => {
		const rows = made('front-left').rows;
		const checks = seamsAsKnitted(p, new Map([['front-left', rows - 2]]));
		const side = checks.find((c) => c.id === 'side-left')!;
		expect(side.verdict).toBe('eases');
		expect(Math.abs(side.diff)).toBeGreaterThanOrEqual(1);
		expect(checks.find((c) => c.id === 'side-right')!.verdict).toBe('meets');
		const far = seamsAsKnitted(p, new Map([['front-left', rows - 12]]));
		expect(far.find((c) => c.id === 'side-left')!.verdict).toBe('off');
	});

	it('a tube for a sleeve that is far from its armhole is found, and the armhole that fits it offered', () => {
		const tube = planOf(
			garmentOf('sweater', { size: 'woman-m', sleeves: 'tube', measures: { armhole: 23 } })
		);
		const found = tube.findings.find((f) => f.code === 'seam-off' && f.kind === 'armhole')!;
		expect(found.fix?.label[0]).toBe('Armhole depth');
		const mended = planOf(
			garmentOf('sweater', {
				size: 'woman-m',
				sleeves: 'tube',
				...found.fix!.options
			})
		);
		expect(mended.joints.filter((c) => c.kind === 'armhole').map((c) => c.verdict)).toEqual([
			'meets',
			'meets'
		]);
	});

	it('a cap is as long round its edge as the armhole, within what is eased', () => {
		for (const size of BODY_SIZES) {
			const cap = planOf(garmentOf('sweater', { size, armhole: 'set-in' }));
			for (const c of cap.joints.filter((s) => s.kind === 'armhole'))
				expect([size, c.verdict]).not.toEqual([size, 'off']);
		}
	});
});

describe('fit of a garment', () => {
	const vest = (measures: GarmentOptions['measures'], patch: Partial<GarmentOptions> = {}) =>
		planOf(garmentOf('vest', { measures, ...patch }));

	it('an armhole too small for arm and shirt is found, and the depth that does offered', () => {
		const found = vest({ armhole: 11 }).findings.find((f) => f.code === 'armhole-small')!;
		expect(codes(vest({}, found.fix!.options))).not.toContain('armhole-small');
	});

	it('a neck that no head goes through is said, with the drop that lets it', () => {
		const found = vest({ neck: 10, neckDrop: 5 }, { neck: 'round' }).findings.find(
			(f) => f.code === 'neck-small'
		)!;
		expect(found.severity).toBe('warn');
		expect(codes(vest({}, { ...found.fix!.options, neck: 'round' }))).not.toContain('neck-small');
	});

	it('a neck that slides off, a body too short for its armholes, and a bust that lifts the hem are said', () => {
		expect(codes(vest({ neck: 30 }))).toContain('neck-wide');
		expect(codes(vest({ length: 20 }))).toContain('body-short');
		expect(codes(vest({}, { size: 'woman-1x' }))).toContain('over-bust');
		expect(codes(vest({ length: 60 }, { size: 'woman-1x' }))).not.toContain('over-bust');
		expect(codes(vest({}, { size: 'man-m' }))).not.toContain('over-bust');
	});

	it('much weight on short shoulders is said', () => {
		const heavy = benchOf({
			yarns: [{ ...A, metresPer100g: 40 }],
			swatches: [swatchOf(M48, A, [readingOf(16, 21)])]
		});
		const p = planOf(garmentOf('jacket', { yarns: [A.id] }), heavy);
		expect(codes(p)).toContain('heavy-shoulders');
	});
});

describe('a two-tube shrug', () => {
	it('is 200 rows for 40 in at 5 rows to the inch; 42 in joined with a 12 in neck leave 15 in over each shoulder', () => {
		// Common practice, both.
		const at = { ...context, density: { stitchesPerCm: 1.5, rowsPerCm: 5 / 2.54 } };
		const made = makePieces(garmentOf('shrug'), { machine: M48, density: at.density });
		expect(made.pieces[0]!.rows).toBe(200);
		const options = garmentOf('shrug', { measures: { span: 42 * 2.54, neckOpen: 12 * 2.54 } });
		expect(planOf(options).finished.shrug!.overCm).toBeCloseTo(15 * 2.54, 9);
		expect(cutShrug(options, at).pieces[0]!.count).toBe(2);
	});

	it('has two sums: any of neck, sleeve top, body opening and underside is set, and the rest worked out', () => {
		// 42 = 12 + 2 × 15 in (common practice).
		const inches = (o: object): Record<string, number> =>
			Object.fromEntries(Object.entries(o).map(([k, v]) => [k, Number(v) * 2.54]));
		for (const set of [
			{ span: 42, neckOpen: 12 },
			{ span: 42, sleeveTop: 15 },
			{ neckOpen: 12, sleeveTop: 15 },
			{ bodyOpen: 22, underside: 10, neckOpen: 12 },
			{ bodyOpen: 22, underside: 10, sleeveTop: 15 }
		]) {
			const m = shrugMeasures(inches(set));
			expect([m.span.cm, m.neckOpen.cm, m.sleeveTop.cm]).toEqual(
				[42, 12, 15].map((x) => expect.closeTo(x * 2.54, 9))
			);
			// An underside is shorter than the top of its sleeve.
			expect(m.underside.cm).toBeCloseTo(10 * 2.54, 9);
			expect(m.bodyOpen.cm + 2 * m.underside.cm).toBeCloseTo(m.span.cm, 9);
		}
		const off = planOf(
			garmentOf('shrug', { measures: inches({ span: 42, neckOpen: 12, sleeveTop: 18 }) })
		);
		const found = off.findings.find((f) => f.code === 'sums-differ')!;
		expect(found).toMatchObject({ opening: 'neckOpen', sumCm: expect.closeTo(48 * 2.54, 6) });
		expect(found.fix).toMatchObject({ options: { measures: inches({ span: 42, neckOpen: 12 }) } });
		expect(planOf(garmentOf('shrug')).findings.map((f) => f.code)).not.toContain('sums-differ');
	});

	it('is closed at one end, laddered, closed at the other, and joined between its stations', () => {
		const p = planOf(garmentOf('shrug'));
		const order = [
			'measure-tube',
			'close-cast-off',
			'drop-ladders',
			'close-cast-on',
			'clip-stations',
			'latch-ladders',
			'latch-open',
			'edge-cuff'
		];
		const ids = p.steps.map((s) => s.id);
		expect(order.map((id) => ids.indexOf(id))).toEqual(
			order.map((id) => ids.indexOf(id)).toSorted((a, b) => a - b)
		);
		expect(ids).toEqual(expect.arrayContaining(order));
		const clips = p.steps.find((s) => s.do === 'clip-stations')!;
		// Both sums in whole rows, as they are knitted.
		const { top, under } = clips;
		expect([2 * top.joined + top.open, 2 * under.joined + under.open]).toEqual([
			p.pieces[0]!.mainRows,
			p.pieces[0]!.mainRows
		]);
		expect(under.joined).toBeLessThan(top.joined);
		const closed = p.steps.flatMap((s) =>
			s.do === 'close-flat' ? [[s.edge, s.loops, s.leave]] : []
		);
		expect(closed).toEqual([
			['cast-off', 46, [1, 25]],
			['cast-on', 46, []]
		]);
	});

	it('is slow to ladder in a fuzzy yarn, and says so', () => {
		const fuzzy = { ...A, surface: 'fuzzy' as const };
		const on = benchOf({ yarns: [fuzzy] });
		const of = (b: typeof on) => {
			const p = plan({ ...projectOf(), options: garmentOf('shrug') }, b);
			if (!p.ok) throw new Error(p.why);
			const drop = p.steps.find((s) => s.do === 'drop-ladders')!;
			return { how: wordStep(drop, 'cm').how, minutes: p.byHand!.value.mean };
		};
		expect(of(on).how).toMatch(/fuzzy/);
		expect(of(benchOf({})).how).not.toMatch(/fuzzy/);
		expect(of(on).minutes).toBeGreaterThan(of(benchOf({})).minutes);
	});

	it('has its ladders half the pins apart: 1 and 24 of 46, 22 between; a pin off gives 21 and 23 and is said', () => {
		expect(ladderPinsOf({ ladderPins: [] }, 46)).toEqual([1, 24]);
		expect(betweenLadders([1, 24], 46)).toEqual([22, 22]);
		expect(betweenLadders([1, 23], 46)).toEqual([21, 23]);
		const M46 = machineOf(46);
		const on = benchOf({ machines: [M46], swatches: [swatchOf(M46, A, [readingOf(16, 21)])] });
		const shrug = (ladderPins: number[]) =>
			plan({ ...projectOf(), machineId: M46.id, options: garmentOf('shrug', { ladderPins }) }, on);
		const off = shrug([1, 23]).findings.find((f) => f.code === 'ladders-uneven')!;
		expect(off).toMatchObject({ a: 21, b: 23, fix: { options: { ladderPins: [1, 24] } } });
		expect(shrug([]).findings.map((f) => f.code)).not.toContain('ladders-uneven');
	});
});

describe('what is wider than the machine', () => {
	it('comes apart into panels that together are the piece', () => {
		const outline = {
			left: [
				{ x: 0, y: 0, part: 'side' },
				{ x: 0, y: 20, part: 'slope' },
				{ x: 30, y: 40 }
			],
			right: [
				{ x: 60, y: 0, part: 'side' },
				{ x: 60, y: 40 }
			]
		};
		const parts = splitOutline(outline, [20, 40]);
		expect(parts).toHaveLength(3);
		for (let y = 0.5; y < 40; y += 1)
			expect(
				parts.reduce((t, o) => t + (y <= heightOf(o) ? Math.max(0, widthAt(o, y)) : 0), 0)
			).toBeCloseTo(widthAt(outline, y), 4);
		expect(heightOf(parts[0]!)).toBeCloseTo(20 + 20 * (20 / 30), 6);
	});

	it('turned sideways its seam and its edge are counted where they lie then', () => {
		const tube = planOf(
			garmentOf('seamed-tube', { measures: { around: 60, height: 20 }, wide: 'sideways' })
		);
		// Twenty cm of stitches, first row to last.
		expect(tube.joints).toMatchObject([
			{ by: 'loops', verdict: 'meets', a: { stitches: 32 }, b: { stitches: 32 } }
		]);
		const cloth = (wide: GarmentOptions['wide']) =>
			edgesOf(
				planOf(
					garmentOf('rectangle', { measures: { width: 60, height: 20 }, edging: 'crochet', wide })
				)
			)[0]!;
		expect(cloth('sideways').cm).toBeCloseTo(160, -1);
		expect(Math.abs(cloth('sideways').cm - cloth('panels').cm)).toBeLessThan(4);
		expect(cloth('sideways').inStitches).toBe(64);
	});

	it('is offered in three ways, and the chosen one is made', () => {
		const of = (wide: GarmentOptions['wide']) =>
			planOf(garmentOf('rectangle', { measures: { width: 50, height: 20 }, wide }));
		expect(of('panels').finished.made.wider.map((w) => w.way)).toEqual([
			'panels',
			'ladders',
			'sideways'
		]);
		expect(of('panels').pieces.map((p) => p.stitches.first)).toEqual([41, 41]);
		// 44 pins take six extensions and give 80 columns (common practice).
		expect(of('ladders').finished.made.pieces[0]).toMatchObject({ stitches: 44, columns: 80 });
		expect(of('ladders').finished.card!.wrapCm).toBeCloseTo((8 * 96) / 48, 9);
		expect(of('sideways').finished.made.pieces[0]).toMatchObject({ stitches: 32, rows: 106 });
	});
});

describe('a free garment', () => {
	it('with a stretch on both edges has a seam at either side, and finds the one that is off', () => {
		const options = garmentOf('free-garment');
		const longer = {
			...options.pieces[0]!,
			right: [
				{ x: 24, y: 0, part: 'side' },
				{ x: 24, y: 30, part: 'slope' },
				{ x: 18, y: 38 }
			]
		};
		const p = planOf({ ...options, pieces: [longer, options.pieces[1]!] });
		const side = (of: string) => p.joints.find((c) => c.id === `free-1-${of}`)!;
		expect([side('left').verdict, side('right').verdict]).toEqual(['meets', 'off']);
	});
});

describe('waste yarn under a panel', () => {
	it('is by the maker’s school: a rag, or a contrast row on top', () => {
		const of = (wasteWith: GarmentOptions['wasteWith']) =>
			planOf(garmentOf('vest', { wasteWith })).pieces[0]!.program;
		expect(of('rag')[0]).toMatchObject({ op: 'cast-on', method: 'rag' });
		expect(of('ravel')).toContainEqual({ op: 'join', yarn: 254 });
		expect(of('yarn')).not.toContainEqual({ op: 'join', yarn: 254 });
	});
});

describe('blanket and ratios', () => {
	it('counts like seams together and lays colours out', () => {
		const p = planOf(garmentOf('blanket', { layout: { across: 3, down: 2, colours: [0, 1] } }));
		expect(p.pieces.map((x) => x.count)).toEqual([3, 3]);
		expect(p.joints.reduce((t, j) => t + j.times, 0)).toBe(2 * 2 + 3);
		expect(p.joints.every((c) => c.verdict === 'meets')).toBe(true);
	});

	it('picks up 3 for 4 where rows are a third closer than stitches', () => {
		expect(pickUpRatio(3, 4)).toEqual({ stitches: 3, rows: 4 });
		expect(pickUpRatio(16, 21)).toEqual({ stitches: 3, rows: 4 });
		expect(pickUpRatio(10, 10)).toEqual({ stitches: 1, rows: 1 });
	});
});
