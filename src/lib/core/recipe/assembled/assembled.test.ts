import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { plan } from '../../plan';
import type { AssembledPlan } from '../../plan';
import { THINGS, type ThingKindId } from '../../model/kinds';
import type { Project } from '../../model/project';
import { options as anyOptions } from '../../model/any-options';
import type { AssembledOptions, ToyOptions, GarlandOptions } from './options';
import { harbour } from '../../../demo/harbour';
import { wordFinding } from '../../finding/says';
import { wordFix } from '../../finding/fix';
import { wordStep } from '../../technique/say-step';
import { programRows } from '../../program/program';
import { simulate } from '../../simulate/simulate';
import { thingDefaults } from '../../../../../tests/support/start';
import { TOY_PRESETS, toyFrom } from './toy';

const { bench } = harbour;
const big = bench.machines.find((m) => m.pins === 48)!;
const small = bench.machines.find((m) => m.pins === 22)!;

const projectOf = (options: AssembledOptions, machineId = big.id): Project => ({
	id: 'p' as Project['id'],
	name: 'P',
	createdAt: 0,
	machineId,
	options,
	accepted: [],
	useFresh: false,
	holdsYarn: true,
	used: null,
	note: ''
});
const planOf = (options: AssembledOptions, machineId = big.id): AssembledPlan => {
	const p = plan<AssembledPlan['finished']>(projectOf(options, machineId), bench);
	if (!p.ok) throw new Error(JSON.stringify(p));
	return p;
};
const start = <K extends ThingKindId>(id: K) =>
	thingDefaults(id, bench)! as Extract<AssembledOptions, { recipe: K }>;
const codes = (p: AssembledPlan) => p.findings.map((f) => f.code);

/** What must hold of every plan of several pieces. */
function sound(p: AssembledPlan): void {
	for (const piece of p.pieces) {
		const { faults } = simulate(piece.program, piece.machine);
		expect(faults).toEqual([]);
		expect(piece.mainRows + piece.wasteRows).toBe(programRows(piece.program));
		expect(piece.runs.reduce((t, r) => t + r.to - r.from, 0)).toBe(piece.mainRows);
	}
	expect(new Set(p.pieces.map((x) => x.id)).size).toBe(p.pieces.length);
	expect(new Set(p.steps.map((s) => s.id)).size).toBe(p.steps.length);
	for (const units of ['cm', 'in'] as const) {
		for (const s of p.steps) {
			const { title, how } = wordStep(s, units, 'uk');
			expect(`${title} ${how}`).not.toMatch(/NaN|undefined|Infinity|null/);
			expect(`${title} ${how}`).not.toContain('single crochet');
			expect(s.id.length).toBeLessThanOrEqual(60);
		}
		for (const f of p.findings) {
			const w = wordFinding(f, { units, yarnName: () => 'yarn' });
			expect(`${w.what} ${w.why} ${f.fix ? wordFix(f.fix, units) : ''}`).not.toMatch(
				/NaN|undefined|Infinity/
			);
		}
	}
	for (const f of [...p.sizes.map((s) => s.figure), p.byHand!, p.time]) {
		expect(Number.isFinite(f.value.mean)).toBe(true);
		expect(f.working.length).toBeGreaterThan(0);
	}
	for (const a of p.amounts) {
		expect(a.metres.value.mean).toBeGreaterThan(0);
		expect(Number.isFinite(a.grams.value.mean)).toBe(true);
	}
	expect(structuredClone(p)).toEqual(p);
}

describe.each(THINGS)('%s', (id) => {
	it('begins with a plan that the machine can run, in words without holes', () => {
		const options = start(id);
		expect(anyOptions.parse(options)).toEqual(options);
		const p = planOf(options);
		sound(p);
		expect(p.findings.filter((f) => f.severity === 'stop')).toEqual([]);
		expect(plan(projectOf(options), bench)).toEqual(p);
	});
});

describe('every options in range', () => {
	const yarns = fc.shuffledSubarray(
		bench.yarns.slice(0, 6).map((y) => y.id),
		{ minLength: 1 }
	);
	const on = fc.constantFrom(null, small.id, big.id);
	const ends = fc.record({
		wasteStart: fc.integer({ min: 0, max: 12 }),
		wasteWith: fc.constantFrom('yarn', 'rag', 'ravel'),
		wasteEnd: fc.constantFrom(0, 4, 8),
		joinTails: fc.constantFrom('tie', 'weave')
	});
	const line = fc.constantFrom('10 A', '3 A, 2 B', '5 B', '(2 A, 1 B) and back', 'nonsense');
	const closing = fc.constantFrom('slip', 'three-needle', 'loop');
	const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
	const part = (id: string) =>
		fc.record({
			id: fc.constant(id),
			name: fc.constant(`Part ${id}`),
			role: fc.constantFrom('body', 'ear', 'limb'),
			on,
			cordPins: fc.constantFrom(null, null, null, 2, 4),
			stuffed: fc.boolean(),
			count: fc.integer({ min: 1, max: 5 }),
			pair: fc.boolean(),
			segments: fc.array(
				fc.record({
					line,
					length: fc.oneof(
						fc.record({ by: fc.constant('times'), times: cm(0.3, 4) }),
						fc.record({ by: fc.constant('cm'), cm: cm(1, 60) }),
						fc.record({ by: fc.constant('rows'), rows: fc.integer({ min: 2, max: 200 }) })
					),
					puff: cm(0, 0.6)
				}),
				{ minLength: 1, maxLength: 5 }
			),
			to: fc.option(
				fc.record({
					part: fc.constantFrom('a', 'b', 'gone'),
					along: cm(0, 1),
					angle: cm(-180, 180)
				})
			)
		});
	const optionSets: Record<string, fc.Arbitrary<unknown>> = {
		bag: fc.record({
			recipe: fc.constant('folded-bag'),
			line,
			length: fc.oneof(
				fc.constant({ by: 'fold' }),
				fc.record({ by: fc.constant('rows'), rows: fc.integer({ min: 12, max: 600 }) }),
				fc.record({ by: fc.constant('cm'), cm: cm(6, 300) })
			),
			handleRows: fc.integer({ min: 4, max: 200 }),
			closing
		}),
		blanket: fc.record({
			recipe: fc.constant('tube-blanket'),
			line,
			colours: fc.constantFrom('line', 'by-tube'),
			across: fc.integer({ min: 1, max: 24 }),
			lengthCm: cm(10, 300),
			border: fc.constantFrom('none', 'single', 'double', 'repeat'),
			repeatOf: fc.integer({ min: 2, max: 24 }),
			closing
		}),
		toy: fc.record({
			recipe: fc.constantFrom('ball', 'toy'),
			age: fc.constantFrom('under-3', 'from-3'),
			fill: fc.constantFrom('light', 'usual', 'firm'),
			stands: fc.constantFrom('upright', 'lying'),
			parts: fc
				.tuple(part('a'), part('b'), part('c'))
				.map((p) => [{ ...p[0], to: null }, p[1], p[2]]),
			eyes: fc.record({
				kind: fc.constantFrom('none', 'stitched', 'button', 'bead'),
				part: fc.constant('a'),
				count: fc.integer({ min: 1, max: 4 })
			})
		}),
		garland: fc.record({
			recipe: fc.constant('garland'),
			items: fc.array(
				fc.record({
					kind: fc.constantFrom('bauble', 'pumpkin', 'flag', 'pom-pom', 'tube'),
					on,
					size: fc.constantFrom(null, null, 14)
				}),
				{ minLength: 1, maxLength: 4 }
			),
			order: fc.constantFrom('repeat', 'shuffle'),
			edgeStitches: fc.constantFrom(1, 2),
			seed: fc.nat(9999),
			solve: fc.constantFrom('number', 'spacing', 'span'),
			number: fc.integer({ min: 1, max: 80 }),
			spacingCm: cm(1, 100),
			spanCm: cm(20, 2000),
			sagCm: cm(0, 600),
			loopCm: cm(0, 60),
			cord: fc.constantFrom('knitted', 'chain', 'own'),
			cardCm: cm(2, 30),
			fill: fc.constantFrom('light', 'usual', 'firm')
		}),
		poms: fc.record({
			recipe: fc.constant('pom-pom'),
			count: fc.integer({ min: 1, max: 500 }),
			cardCm: cm(2, 30),
			wraps: fc.option(fc.integer({ min: 10, max: 600 })),
			tieCm: cm(15, 100)
		})
	};
	it.each(Object.keys(optionSets))(
		'of a %s gives a plan that runs, or a stop with its reason',
		(kind) => {
			fc.assert(
				fc.property(optionSets[kind]!, yarns, ends, on, (body, ids, waste, machine) => {
					const options = anyOptions.parse({
						...(body as object),
						yarns: ids,
						...waste
					}) as AssembledOptions;
					sound(planOf(options, machine ?? big.id));
				}),
				{ seed: 70, numRuns: 50 }
			);
		}
	);
});

describe('the folded bag', () => {
	it('is three times as long as wide, in thirds of whole rows', () => {
		const p = planOf(start('folded-bag'));
		if (p.finished.kind !== 'folded') throw new Error();
		expect(p.finished.rows % 3).toBe(0);
		expect(p.finished.bag.lengthCm / p.finished.bag.widthCm).toBeCloseTo(3, 1);
		expect(p.sizes[0]!.figure.value.mean).toBeCloseTo(p.finished.bag.widthCm * Math.SQRT2, 6);
		expect(codes(p)).not.toContain('bag-misses');
	});
	it('says by how many rows it misses, and one press mends it', () => {
		const options = start('folded-bag');
		const fold = planOf(options);
		const rows = fold.pieces[0]!.mainRows + 20;
		const p = planOf({ ...options, length: { by: 'rows', rows } });
		const f = p.findings.find((x) => x.code === 'bag-misses')!;
		expect(f).toMatchObject({
			rows: 20,
			eachRows: 10,
			fix: { options: { length: { by: 'rows', rows: rows - 20 } } }
		});
		expect(f.severity).toBe('warn');
		const seam = p.steps.find((s) => s.do === 'sew-bag')!;
		expect(seam).toMatchObject({ a: fold.pieces[0]!.mainRows / 3, verdict: 'off' });
	});
});

describe('a toy', () => {
	it.each(TOY_PRESETS.map((t) => [t.id, t] as const))(
		'%s is a set of parameters and sound',
		(_, preset) => {
			const options = toyFrom(preset, bench)!;
			expect(options).toMatchObject(anyOptions.parse(options));
			const p = planOf(options);
			sound(p);
			expect(p.findings.filter((f) => f.severity !== 'tip').map((f) => f.code)).toEqual([]);
		}
	);
	const seal = toyFrom(
		TOY_PRESETS.find((t) => t.id === 'seal')!,
		bench
	)!;
	it('for under three with a button is a stop, and stitched eyes settle it', () => {
		const p = planOf({ ...seal, age: 'under-3', eyes: { ...seal.eyes, kind: 'button' } });
		const f = p.findings.find((x) => x.code === 'toy-small-parts')!;
		expect(f.severity).toBe('stop');
		expect(f.fix?.options).toMatchObject({ eyes: { kind: 'stitched' } });
		const older = planOf({ ...seal, age: 'from-3', eyes: { ...seal.eyes, kind: 'button' } });
		expect(codes(older)).not.toContain('toy-small-parts');
	});
	it('for under three is sewn on twice: more yarn, and the step says so', () => {
		const young = planOf({ ...seal, age: 'under-3' });
		const older = planOf({ ...seal, age: 'from-3' });
		const metres = (p: AssembledPlan) => p.amounts.reduce((t, a) => t + a.metres.value.mean, 0);
		expect(metres(young)).toBeGreaterThan(metres(older) + 1);
		const how = (p: AssembledPlan) =>
			wordStep(
				p.steps.find((s) => s.do === 'attach')!,
				'cm'
			).how;
		expect(how(young)).toContain('once more');
		expect(how(older)).not.toContain('once more');
	});
	it('a ball of plain tube is as long as half its stuffed circumference and a little more', () => {
		const p = planOf(start('ball'));
		if (p.finished.kind !== 'stuffed') throw new Error();
		const { segments, roundCm } = p.finished.parts[0]!;
		const e = segments[0]!.puff;
		const rowCm = segments[0]!.flatCm / segments[0]!.rows;
		expect(
			Math.abs(segments[0]!.flatCm - (roundCm * (1 + e)) / (2 * (1 - 0.3 * e)))
		).toBeLessThanOrEqual(rowCm / 2);
		expect(segments[0]!.form.half / segments[0]!.form.radius).toBeCloseTo(1, 1);
		expect(p.fill!.value.mean).toBeCloseTo(p.finished.cm3 * 0.03, 6);
	});
	it('a part on a machine without a swatch is said to be guessed', () => {
		const p = plan(projectOf(seal), { ...bench, swatches: [] });
		expect(p.findings.find((f) => f.code === 'no-swatch-there')).toMatchObject({
			machine: small.name,
			parts: ['Muzzle', 'Flipper', 'Tail fin']
		});
		expect(codes(planOf(seal))).not.toContain('no-swatch-there');
	});
	it('of more rows than can be counted is a stop', () => {
		const long = Array.from({ length: 6 }, () => ({
			line: '10 A',
			length: { by: 'rows' as const, rows: 400 },
			puff: 0
		}));
		const p = planOf({ ...seal, parts: [{ ...seal.parts[0]!, segments: long }] });
		expect(p.findings.find((f) => f.code === 'too-long')).toMatchObject({
			severity: 'stop',
			rows: 2400
		});
	});
	it('begins on a bench of one machine and one yarn as well', () => {
		const lone = { ...bench, machines: [big], yarns: bench.yarns.slice(0, 1) };
		for (const id of THINGS) {
			const p = plan(projectOf(thingDefaults(id, lone)!), lone);
			expect(p.ok && p.findings.filter((f) => f.severity === 'stop')).toEqual([]);
			expect(thingDefaults(id, { ...lone, yarns: [] })).toBeUndefined();
		}
	});
	it('a part sewn to nothing is a stop, whatever ring it hangs in', () => {
		const lost: ToyOptions = {
			...seal,
			parts: seal.parts.map((p) => (p.to ? { ...p, to: { ...p.to, part: 'muzzle' } } : p))
		};
		expect(codes(planOf(lost))).toContain('attach-lost');
	});
	it('knits each part on its own machine, and times and weighs it by that machine', () => {
		const p = planOf(seal);
		expect(p.pieces.find((x) => x.id === 'part-muzzle')!.machine.id).toBe(small.id);
		expect(p.pieces.find((x) => x.id === 'part-body')!.machine.id).toBe(big.id);
		// By hand: stitches of each piece by the loop of its own machine.
		const a = p.amounts[0]!;
		const knitted = p.pieces.reduce((t, x) => {
			const rows = x.runs.reduce((n, r) => n + (r.yarn === a.yarn ? r.to - r.from : 0), 0);
			return t + (x.count * rows * x.machine.pins * x.gauges[a.yarn]!.loopCm.mean) / 100;
		}, 0);
		expect(a.metres.value.mean).toBeGreaterThan(knitted);
		expect(a.metres.value.mean).toBeLessThan(knitted * 1.9);
	});
});

describe('a garland', () => {
	const options: GarlandOptions = {
		...start('garland'),
		items: [
			{ kind: 'bauble', on: small.id, size: null },
			{ kind: 'flag', on: null, size: 15 },
			{ kind: 'pom-pom', on: null, size: null }
		],
		number: 12
	};
	it('makes each kind and colour in one batch, machine by machine, and counts agree', () => {
		const p = planOf(options);
		if (p.finished.kind !== 'hung') throw new Error();
		const hung = p.finished.items;
		expect(hung).toHaveLength(12);
		for (const piece of p.pieces)
			expect(piece.count).toBe(hung.filter((x) => x.piece === piece.id).length);
		const machines = p.pieces.map((x) => x.machine.id);
		// One change of machine at most for each machine.
		expect(machines.filter((m, i) => i > 0 && m !== machines[i - 1]).length).toBeLessThan(
			new Set(machines).size
		);
		expect(hung.filter((x) => x.kind === 'pom-pom')).toHaveLength(4);
		expect(p.steps.some((s) => s.do === 'wind' && s.count === 4 && s.wraps > 0)).toBe(true);
	});
	it('finds neighbours that touch, and hangs as many as do not', () => {
		const p = planOf({ ...options, spanCm: 100, number: 30 });
		const f = p.findings.find((x) => x.code === 'items-touch')!;
		expect(wordFix(f.fix!, 'cm')).toMatch(/^Hang \d+ of them$/);
		const number = Number(f.fix?.options?.number);
		expect(codes(planOf({ ...options, spanCm: 100, number }))).not.toContain('items-touch');
	});
	it('says to hang it away from flames and out of reach', () => {
		const p = planOf(options);
		expect(codes(p)).toContain('garland');
		expect(p.steps.find((s) => s.do === 'hang')!.caution).toBe('garland');
	});
});

describe('a blanket of tubes', () => {
	const options = start('tube-blanket');
	it('crochets by the loops there are: one, two, or the nearest repeat (common practice)', () => {
		const border = (patch: Partial<typeof options>) => {
			const { finished } = planOf({ ...options, across: 1, ...patch });
			return finished.kind === 'side-by-side' ? finished.border.stitches : 0;
		};
		// 48 pins lie as 24 loops of a closed end.
		expect(border({ border: 'single' })).toBe(24);
		expect(border({ border: 'double' })).toBe(48);
		expect(border({ border: 'repeat', repeatOf: 5 })).toBe(25);
		expect(border({ border: 'none' })).toBe(0);
	});
	it('makes tubes of one colour as one piece in several copies', () => {
		const p = planOf({ ...options, across: 7 });
		expect(p.pieces.map((x) => x.count)).toEqual([3, 2, 2]);
		expect(p.steps.find((s) => s.do === 'side-by-side')).toMatchObject({ times: 6 });
	});
});

it('pom-poms need no machine, and their yarn is wrapped and tied', () => {
	const options = { ...start('pom-pom'), count: 3, cardCm: 10.16, wraps: 60 };
	const p = planOf(options);
	expect(p.pieces).toEqual([]);
	expect(p.time.value.mean).toBe(0);
	// 12.2 m each on a card of 4 in (common practice), and a tie of 34 cm.
	expect(p.amounts[0]!.metres.value.mean).toBeCloseTo(3 * (12.192 + 0.34), 2);
});

it('a machine that is gone from the bench is said, and nothing is planned with another', () => {
	const options = start('toy');
	const p = plan(projectOf(options), { ...bench, machines: [big] });
	expect(p.ok).toBe(false);
	expect(p.findings[0]!.code).toBe('machine-missing');
});
