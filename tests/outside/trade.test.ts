import { beforeAll, describe, expect, it } from 'vitest';
import { density } from '../../src/lib/core/bench/gauge/density';
import { parseReadingSide } from '../../src/lib/core/bench/gauge/notation';
import type { Options } from '../../src/lib/core/model/options';
import { plan, type Plan } from '../../src/lib/core/plan';
import { controlsOf, type ChoiceControl } from '../../src/lib/core/recipe/controls';
import type { LinedHatOptions } from '../../src/lib/core/recipe/hats/options';
import { changedBetween } from '../../src/lib/core/plan/changed';
import { wordFinding } from '../../src/lib/core/finding/says';
import { wordRing } from '../../src/lib/core/words/changed';
import { isKnown, wordStep, wordTip } from '../../src/lib/core/technique/say-step';
import { machineOf } from '../support/bench';
import { estimate } from '../../src/lib/core/quantity/estimate';
import { parseLengthCm } from '../../src/lib/core/quantity/parse';
import { printLength, printValue, printWithSpread } from '../../src/lib/core/quantity/print';
import { sheetOf } from '../../src/lib/core/sheet/sheet';
import { panelPins } from '../../src/lib/core/bench/machine/panel';
import { wordMarker } from '../../src/lib/core/bench/machine/ring';
import { pinNumber, pinNumbered } from '../../src/lib/core/model/pin-number';
import { wordHands } from '../../src/lib/core/words/hands';
import { isTipKnown, tipOf } from '../../src/lib/core/words/tip';
import { isSpare } from '../../src/lib/core/program/program';
import { simulate } from '../../src/lib/core/simulate/simulate';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { stockOf, wordStock } from '../../src/lib/core/quantity/short';
import { say } from '../../src/lib/core/quantity/say';
import { CM_PER_INCH } from '../../src/lib/core/quantity/units';
import { loadRecipes, recipeOf } from '../../src/lib/core/recipe';
import { newProject, type New } from '../../src/lib/ui/state/projects';
import { benchWith, everyStart } from '../support/every';

/** Figures of the trade. Every one of them is common practice, without a source. */

beforeAll(() => loadRecipes());

/** A recipe's plan as a maker begins it on a ring, some of its options set. */
function made(what: New, pins: number, patch: object = {}): Plan {
	const bench = benchWith(pins);
	const project = newProject(bench, what);
	if (!project) throw new Error(what);
	const options = { ...project.options, ...patch } as Options;
	const done = plan({ ...project, options }, bench);
	if (!done.ok) throw new Error(`${what}: ${done.why}`);
	return done;
}
const minutes = (p: Plan): number => p.time.value.mean + (p.byHand?.value.mean ?? 0);
const byHand = (p: Plan, what: string): number => {
	const { working } = p.byHand ?? { working: [] };
	const at = working.findIndex((w) => typeof w !== 'string' && w.label === what);
	const [times, , each] = working.slice(at, at + 3);
	if (typeof times !== 'object' || typeof each !== 'object') return 0;
	return (times.value * each.value) / (each.kind === 'seconds' ? 60 : 1);
};

describe('time', () => {
	const rows = (n: number) => ({ length: { by: 'rows', rows: n } });

	it('65 rows on 22 pins, cranked, taken off and sewn in: under 4 minutes', () => {
		const hat = made('tiny-hat', 22, rows(65));
		const whole = hat.time.value.mean + byHand(hat, 'ends gathered');
		expect(whole).toBeLessThan(4);
		expect(whole).toBeGreaterThan(2.5);
	});
	it.each([110, 124, 140])('a lined hat of %i rows on 48 pins: 15 to 20 minutes', (n) => {
		const whole = minutes(made('lined-hat', 48, rows(n)));
		expect(whole).toBeGreaterThan(14.5);
		expect(whole).toBeLessThan(20);
	});
	it('a scarf of 60 joins takes longer than one of 16', () => {
		const scarf = (stripe: number) =>
			made('scarf', 48, { ...rows(340), stripes: `${stripe} A, ${stripe} B` });
		const [many, few] = [scarf(Math.round(340 / 61)), scarf(20)];
		// A join at the crank, and its two ends tied.
		expect(minutes(many) - minutes(few)).toBeGreaterThan(30);
		expect(byHand(many, 'joins seen to')).toBeGreaterThan(3 * byHand(few, 'joins seen to'));
	});
	it('a row goes by faster on a small ring, beyond its fewer stitches', () => {
		const perRow = (pins: number) => {
			const [more, less] = [200, 100].map((n) => made('free-tube', pins, { ...rows(n) }));
			return (more!.time.value.mean - less!.time.value.mean) / 100;
		};
		expect(perRow(48) / perRow(22)).toBeGreaterThan(48 / 22);
	});
	it('a wider end takes longer to close, and so does a longer seam', () => {
		const closing = (pins: number) => byHand(made('scarf', pins), 'ends closed flat');
		expect(closing(48)).toBeGreaterThan(closing(22));
		const seams = (lengthCm: number) =>
			byHand(made('rectangle', 48, { measures: { height: lengthCm, width: 60 } }), 'seams sewn');
		expect(seams(80)).toBeGreaterThan(seams(40));
	});
});

describe('readings and lengths as makers write them', () => {
	const rows = (typed: string) => {
		const context = { notation: 'per-10cm', side: 'rows', units: 'in', pins: 48 } as const;
		const r = parseReadingSide(typed, context);
		return r.ok ? density(r.value) * CM_PER_INCH : r.problem.code;
	};
	it.each([
		['110 rows in 22 in', 5],
		['110 rows in 22"', 5],
		['8 rows to the inch', 8],
		['8 rows to an inch', 8],
		['8 1/2 rows per inch', 8.5],
		['5 rows / in', 5]
	])('%s', (typed, perInch) => {
		expect(rows(typed)).toBeCloseTo(perInch, 9);
	});
	it('40 in at 5 rows to the inch: 200 rows; 8.5 in at 8: 68', () => {
		expect(40 * Number(rows('5 rows to the inch'))).toBeCloseTo(200, 9);
		expect(8.5 * Number(rows('8 rows to the inch'))).toBeCloseTo(68, 9);
	});
	it.each([
		[7.375, '7 3/8 in', '7.4 in'],
		[0.625, '5/8 in', '0.6 in'],
		[12, '12 in', '12 in'],
		[21.96, '22 in', '22 in'],
		[8.5, '8 1/2 in', '8.5 in']
	])('%f in is printed to the eighth or the tenth', (inches, eighth, tenth) => {
		expect(printLength(inches * CM_PER_INCH, 'in-8')).toBe(eighth);
		expect(printLength(inches * CM_PER_INCH, 'in')).toBe(tenth);
		// A field keeps what was typed, and reads what it shows.
		const back = parseLengthCm(printValue(inches * CM_PER_INCH, 'length', 'in-8'), 'in-8');
		expect(back.ok && back.value).toBeCloseTo(inches * CM_PER_INCH, 1);
	});
	it('an estimate in eighths has its spread in eighths, at least one', () => {
		const at = (mean: number, sd: number) =>
			printWithSpread(estimate(mean * CM_PER_INCH, sd * CM_PER_INCH, 'measured'), 'length', 'in-8');
		expect(at(21.3, 0.6)).toBe('21 1/4 in ± 5/8');
		expect(at(3.01, 0.01)).toBe('3 in ± 1/8');
		expect(at(40.4, 2.2)).toBe('40 in ± 2');
	});
	it('minutes are whole, and none is no minute', () => {
		const at = (mean: number, sd: number) =>
			printWithSpread(estimate(mean, sd, 'estimated'), 'minutes', 'cm');
		expect(at(2.8, 0.8)).toBe('3 min ± 1');
		expect(at(0.2, 0.01)).toBe('1 min ± 1');
		expect(at(0, 0)).toBe('0 min');
	});
	it('tails go up to the next 5 cm, or 2 in', () => {
		expect(say('cm').tail(61)).toBe('65 cm');
		expect(say('cm').tail(60)).toBe('60 cm');
		expect(say('in').tail(61)).toBe('26 in');
		expect(say('in-8').tail(20)).toBe('8 in');
		const tails = made('lined-hat', 48).pieces.flatMap((p) => p.tails.map((x) => x.lengthCm));
		expect(tails.length).toBeGreaterThan(1);
		for (const cm of tails) expect(cm % 5).toBe(0);
	});
});

const figure = (p: Plan, id: string) => p.sizes.find((s) => s.id === id)?.figure.value.mean ?? NaN;
const codes = (p: Plan) => p.findings.map((f) => f.code);
const rowsOf = (p: Plan) => p.pieces[0]?.mainRows ?? 0;
const said = (p: Plan) => p.steps.map((s) => `${wordStep(s, 'cm').title} ${wordStep(s, 'cm').how}`);

describe('heads and hats', () => {
	it.each([40, 48])('not turned, an adult’s layer is 26 to 28.5 cm flat on %i pins', (pins) => {
		const hat = made('lined-hat', pins, { brim: { turnedUp: false, heightCm: 6 } });
		expect(figure(hat, 'tube-flat')).toBeGreaterThanOrEqual(51.5);
		expect(figure(hat, 'tube-flat')).toBeLessThanOrEqual(57.5);
	});
	it.each([40, 48])('turned up 6 cm, its tube is 58 to 60 on %i pins', (pins) => {
		const hat = made('lined-hat', pins, { brim: { turnedUp: true, heightCm: 6 } });
		expect(figure(hat, 'tube-flat')).toBeGreaterThanOrEqual(57.5);
		expect(figure(hat, 'tube-flat')).toBeLessThanOrEqual(60.5);
	});
	it('short and deep speak from these bands, flat, whatever the ring', () => {
		const brim = { turnedUp: false, heightCm: 6 };
		const words = (rows: number) => {
			const p = made('lined-hat', 48, { brim, length: { by: 'rows', rows } });
			const f = p.findings.find((x) => x.code === 'short' || x.code === 'long');
			return f && wordFinding(f, { units: 'cm', yarnName: String }).why;
		};
		expect(words(88)).toMatch(/26 cm to 28\.5 cm, not turned up, on any ring/);
		expect(words(130)).toMatch(/26 cm to 28\.5 cm/);
		expect(words(110)).toBeUndefined();
	});
	it('a false brim is not turned up by default', () => {
		const bench = benchWith(48);
		const project = newProject(bench, 'lined-hat')!;
		const begun = project.options as LinedHatOptions;
		expect(begun.brim.turnedUp).toBe(true);
		const p = plan(project, bench) as Plan;
		const now = { ...p, bench, machine: bench.machines[0]! } as never;
		const all = controlsOf(recipeOf('lined-hat')!.options, begun, now);
		const scheme = all.find((c) => c.key === 'scheme') as ChoiceControl;
		const falseBrim = scheme.choices.find((c) => c.id === 'false-brim')!;
		expect(scheme.patch(falseBrim.value)).toMatchObject({ brim: { turnedUp: false } });
		expect(scheme.patch(scheme.choices.find((c) => c.id === 'stripes')!.value)).not.toHaveProperty(
			'brim.turnedUp',
			false
		);
	});
	it('46 pins in place of 48 say what they change', () => {
		const bench = benchWith(48);
		const second = { ...machineOf(46), ringCm: 96 };
		const both = { ...bench, machines: [...bench.machines, second] };
		const project = newProject(bench, 'lined-hat')!;
		const on = (machineId: string) => plan({ ...project, machineId } as never, both) as Plan;
		const [a, b] = [on(bench.machines[0]!.id), on(second.id)];
		const words = wordRing(changedBetween(a, b), a.machine, b.machine, say('cm'));
		expect(words).toMatch(/^On 46 pins in place of 48 pins: /);
		expect(words).toMatch(/width, flat: [\d.]+ cm, was [\d.]+ cm/);
		expect(words).toContain('closer fit');
		expect(wordRing([], a.machine, a.machine, say('cm'))).toContain('nothing that shows');
	});
	it('a very small hat is 60 rows, or 65', () => {
		expect(rowsOf(made('tiny-hat', 22))).toBe(60);
		expect(rowsOf(made('tiny-hat', 22, { length: { by: 'rows', rows: 65 } }))).toBe(65);
	});
});

describe('tubes by what they are for', () => {
	const box = (longCm: number, wideCm: number, highCm: number) => ({
		holds: { by: 'box', longCm, wideCm, highCm }
	});
	it('a pouch is as deep as what goes in, and as wide: its ring says whether it fits', () => {
		const pouch = made('pouch', 22, box(11, 6, 2));
		expect(figure(pouch, 'length')).toBeCloseTo(11 + 2 + 2, 0);
		expect(codes(pouch)).not.toContain('pouch-narrow');
		expect(codes(made('pouch', 22, box(11, 14, 4)))).toContain('pouch-narrow');
		expect(codes(made('pouch', 48, box(11, 6, 2)))).toContain('pouch-wide');
		const short = { ...box(11, 6, 2), length: { by: 'cm', cm: 10 } };
		expect(codes(made('pouch', 22, short))).toContain('pouch-shallow');
	});
	it('its drawstring goes once round and has ends to tie', () => {
		for (const pins of [22, 48]) {
			const pouch = made('pouch', pins);
			const round = 2 * figure(pouch, 'width');
			expect(figure(pouch, 'chain')).toBeGreaterThan(round + 10);
			expect(figure(pouch, 'chain')).toBeLessThan(round + 16);
		}
		expect(said(made('pouch', 22)).join(' ')).toMatch(/Chain a cord of \d+, about [\d.]+ cm/);
	});
	it('a sock is foot and leg in one tube: 21.5 cm in all is an ankle sock', () => {
		const sock = made('sock', 22, { aroundCm: 14, legCm: 7.5 });
		expect(figure(sock, 'length')).toBeCloseTo(21.5, 0);
		const words = (cuffRounds: 1 | 2) => said(made('sock', 22, { cuffRounds })).join(' ');
		expect(words(1)).toContain('Loosen the first row first');
		expect(words(1)).not.toContain('A second round');
		expect(words(2)).toContain('A second round');
		const yarn = (cuffRounds: 1 | 2) =>
			made('sock', 22, { cuffRounds }).amounts.reduce((t, a) => t + a.metres.value.mean, 0);
		expect(yarn(2)).toBeGreaterThan(yarn(1));
	});
	it('a headband shows 81 and 85 rows side by side', () => {
		const band = made('headband', 48);
		expect(figure(band, 'at-85') - figure(band, 'at-81')).toBeCloseTo(4 / 2, 1);
	});
	it('a cup sleeve is 45 rows or so on 22 pins, and as high as its cup at most', () => {
		const sleeve = made('cup-sleeve', 22);
		expect(Math.abs(rowsOf(sleeve) - 45)).toBeLessThanOrEqual(5);
		expect(codes(made('cup-sleeve', 22, { heightCm: 7 }))).toContain('cup-over');
		expect(codes(made('cup-sleeve', 22, { heightCm: 10 }))).not.toContain('cup-over');
		expect(codes(made('cup-sleeve', 22, { heightCm: 30 }))).toContain('cup-low');
	});
	it('a tube top that the ring cannot serve is offered of panels', () => {
		const top = made('tube-top', 48, { aroundCm: 104 });
		const f = top.findings.find((x) => x.code.startsWith('tube-t'))!;
		expect(f.or?.go).toMatchObject({ page: 'begin', recipe: 'seamed-tube' });
		const { options } = f.or!.go as { options: object };
		const panels = made('seamed-tube', 48, options);
		expect(panels.pieces.reduce((t, p) => t + p.count, 0)).toBeGreaterThan(1);
		expect(codes(panels)).not.toContain('cannot-knit');
		// A first wear is tight, and gives.
		expect(codes(made('tube-top', 48, { aroundCm: 70 }))).not.toContain('tube-tight');
	});
	it('a cord is held by a pin beside its own', () => {
		const cord = made('cord', 22);
		const start = cord.pieces[0]!.program.find((o) => o.op === 'cast-on');
		expect(start).toMatchObject({ holder: expect.any(Number) as number });
		const onto = start as { from: number; to: number; holder: number };
		expect(onto.holder).toBe(onto.to);
	});
	it('a bag has its gap closed and its handle over the corners', () => {
		const bag = said(made('folded-bag', 48)).join(' ');
		expect(bag).toContain('half on either side');
		expect(bag).toContain('a short strand and two stitches close it');
	});
});

/** The same as begun on a bench that was changed. */
function on(what: New, bench: Bench, patch: object = {}): Plan {
	const project = newProject(bench, what);
	if (!project) throw new Error(what);
	const done = plan({ ...project, options: { ...project.options, ...patch } as Options }, bench);
	if (!done.ok) throw new Error(`${what}: ${done.why}`);
	return done;
}
const withYarns = (bench: Bench, patch: Partial<Bench['yarns'][number]>): Bench => ({
	...bench,
	yarns: bench.yarns.map((y) => ({ ...y, ...patch }))
});

describe('yarn that is there', () => {
	it('is judged in the same words everywhere', () => {
		expect(wordStock(stockOf({ mean: 92, sd: 5 }, 80), say('cm'))).toBe('not enough: 12 g short');
		expect(wordStock(stockOf({ mean: 92, sd: 5 }, 95), say('cm'))).toMatch(
			/^may not last: a \d+ %/
		);
		expect(wordStock(stockOf({ mean: 92, sd: 5 }, 150), say('cm'))).toBe('enough');
		const hat = on('lined-hat', withYarns(benchWith(48), { gramsOnHand: 60 }));
		const f = hat.findings.find((x) => x.code === 'yarn-short')!;
		const { why } = wordFinding(f, { units: 'cm', yarnName: String });
		const need = hat.amounts[0]!.grams.value.mean;
		expect(why).toContain(`not enough: ${Math.ceil(need - 60)} g short`);
		const sheet = sheetOf(hat, { title: 'A', kind: 'Hat', units: 'cm', terms: 'us' });
		expect(sheet.yarns[0]!.onHand).toContain(`not enough: ${Math.ceil(need - 60)} g short`);
	});
	it('in several balls has a join where each ends, whole balls first', () => {
		const scarf = on('scarf', withYarns(benchWith(48), { gramsOnHand: 240, ballGrams: 100 }), {
			stripes: '10 A',
			length: { by: 'rows', rows: 300 }
		});
		const [a] = scarf.amounts;
		expect(a!.grams.value.mean).toBeGreaterThan(140);
		const ends = scarf.pieces[0]!.sheet.events.flatMap((e) =>
			e.kind === 'runs-out' && e.ball !== null ? [e.after] : []
		);
		// A whole one of 100 g, and the next of 100 g where it is needed.
		const need = a!.grams.value.mean;
		expect(ends.length).toBe(Math.floor(need / 100));
		expect(Math.abs(ends[0]! - 5 - (100 * 300) / need)).toBeLessThan(10);
		// One ball that lasts needs none.
		const one = on('lined-hat', withYarns(benchWith(48), { gramsOnHand: 310, ballGrams: 100 }));
		expect(one.amounts[0]!.ballEnds).toEqual([]);
	});
	it('of one colour for two is asked for another, and is offered there', () => {
		const bench = benchWith(48);
		const [a, b] = bench.yarns;
		const scheme = { kind: 'outer-lining', outer: a!.id, lining: a!.id, liningExtraRows: 6 };
		const hat = on('lined-hat', bench, { scheme });
		const f = hat.findings.find((x) => x.code === 'one-yarn-twice')!;
		expect(f.fix?.options?.scheme).toMatchObject({ lining: b!.id });
		expect(f.or?.go).toEqual({ page: 'add-yarn' });
		// Two letters of one yarn are one section.
		const scarf = on('scarf', bench, { yarns: [a!.id, a!.id], stripes: '10 A, 10 B' });
		expect(scarf.pieces[0]!.runs).toHaveLength(1);
		expect(codes(on('lined-hat', bench, { scheme: { ...scheme, lining: b!.id } }))).not.toContain(
			'one-yarn-twice'
		);
	});
});

describe('fabric and ring', () => {
	it('ladders in a fuzzy yarn are slow, and said', () => {
		expect(codes(on('shrug', withYarns(benchWith(48), { surface: 'fuzzy' })))).toContain(
			'fuzzy-ladders'
		);
		expect(codes(on('shrug', benchWith(48)))).not.toContain('fuzzy-ladders');
		expect(codes(on('scarf', withYarns(benchWith(48), { surface: 'fuzzy' })))).not.toContain(
			'fuzzy-ladders'
		);
	});
	it('the first rows of a hem in cotton are knitted very loose', () => {
		const cotton = { fibres: [{ fibre: 'cotton' as const, percent: 100 }] };
		expect(codes(on('pouch', withYarns(benchWith(22), cotton)))).toContain('loose-hem');
		expect(codes(on('pouch', benchWith(22)))).not.toContain('loose-hem');
		expect(codes(on('scarf', withYarns(benchWith(22), cotton)))).not.toContain('loose-hem');
	});
	it('a ring that sticks at the counter’s trip is said where a panel crosses it', () => {
		const flags = (handPanels: 'cross' | 'keep-off') =>
			codes(on('bunting', benchWith(48, 0, { tripPin: 24, handPanels }), { turn: 'hand' }));
		expect(flags('cross')).toContain('ring-sticks');
		expect(flags('keep-off')).not.toContain('ring-sticks');
	});
	it('in panel mode a narrow panel loses pins only where it starts at pin 1', () => {
		const bench = benchWith(48);
		const [machine] = bench.machines;
		expect(panelPins(machine!, 'switch', 0).most).toBe(44);
		const run = (from: number, to: number) =>
			simulate(
				[
					{ op: 'cast-on', method: 'e-wrap', yarn: 0, from, to },
					{ op: 'work', as: 'panel', by: 'switch', edge: 'under-bar' },
					{ op: 'rows', count: 4 },
					{ op: 'cut' },
					{ op: 'take-off', method: 'needle' }
				],
				{ pins: 48, panelLost: machine!.panelLost }
			);
		expect(run(10, 30).faults).toEqual([]);
		expect(run(2, 46).faults).toEqual([]);
		expect(run(0, 20).faults.map((f) => f.code)).toContain('past-stop');
		// What the product plans keeps every stitch it is asked for.
		const flag = on('bunting', bench).pieces[0]!;
		const start = flag.program.find((o) => o.op === 'cast-on') as { from: number; to: number };
		expect(start.from).toBe(2);
		expect(flag.stitches.first).toBe(start.to - start.from);
	});
});

/** A group held at an underarm, as it stands at the table. */
const HELD = { id: 'held', do: 'close-held', name: 'Back', loops: 4, copies: 1, tails: [] };

describe('small things that save a piece', () => {
	const tips = (p: Plan) => p.steps.map(wordTip).filter((tip) => tip !== '');
	it('are known after three times, whichever of the steps of that kind it was', () => {
		const { steps } = made('lined-hat', 48);
		const gather = steps.find((s) => s.do === 'gather')!;
		const ticked = (times: number) => (id: string) => (id === gather.id ? times : 0);
		expect(isKnown(gather, steps, ticked(2))).toBe(false);
		expect(isKnown(gather, steps, ticked(3))).toBe(true);
		// Both ends in one hat, and one in another.
		const both = (id: string) => (id === 'gather-cast-on' ? 1 : id === 'gather-cast-off' ? 2 : 0);
		expect(isKnown(gather, steps, both)).toBe(true);
		expect(
			isKnown(
				steps.find((s) => s.do === 'tuck')!,
				steps,
				both
			)
		).toBe(false);
	});
	it('stand in the step they belong to, one short sentence each', () => {
		expect(tips(made('lined-hat', 48)).join(' ')).toContain('look for caught loops');
		expect(tips(made('vest', 48)).join(' ')).toContain('clips at the corners');
		expect(wordTip(HELD as never)).toContain('undone and done again');
		for (const what of ['lined-hat', 'vest', 'garland', 'tube-blanket', 'toy'] as const)
			for (const tip of tips(made(what, 48))) {
				expect(tip).toMatch(/^[A-Z][^.]*\.$/);
				expect(tip.length).toBeLessThan(150);
			}
	});
});

describe('gathering with another yarn, where the yarn is weak', () => {
	const bench = benchWith(48);
	const weak = bench.yarns.find((y) => y.strength === 'weak')!;
	const strong = bench.yarns.find((y) => y.strength !== 'weak')!;
	const begun = newProject(bench, 'lined-hat', { yarnId: weak.id })!;
	const planned = (patch: Partial<Project>): Plan => {
		const p = plan({ ...begun, ...patch }, bench);
		if (!p.ok) throw new Error(p.why);
		return p;
	};
	const codesOf = (p: Plan) => p.findings.map((f) => f.code);
	const metresOf = (p: Plan, id: string) =>
		p.amounts.find((a) => p.yarns[a.yarn]?.id === id)?.metres.value.mean ?? 0;
	const own = planned({});
	const doubled = planned({ gather: { how: 'doubled' } });
	const other = planned({ gather: { how: 'yarn', yarnId: strong.id } });
	const tailsOf = (p: Plan) =>
		p.pieces[0]!.tails.filter((t) => t.id !== 'join').map((t) => t.lengthCm);

	it('is offered by the finding that says so, both ways', () => {
		const finding = own.findings.find((f) => f.code === 'weak-yarn')!;
		expect(finding.fix?.project).toEqual({ gather: { how: 'doubled' } });
		expect(finding.or?.project?.gather).toMatchObject({ how: 'yarn' });
		expect(codesOf(doubled)).not.toContain('weak-yarn');
		expect(codesOf(other)).not.toContain('weak-yarn');
		expect(codesOf(planned({ gather: { how: 'yarn', yarnId: weak.id } }))).toContain('weak-yarn');
	});
	it('doubled: the tails are twice as long, up to the next 5 cm', () => {
		for (const [i, cm] of tailsOf(own).entries())
			expect(Math.abs(tailsOf(doubled)[i]! - 2 * cm)).toBeLessThanOrEqual(5);
		expect(metresOf(doubled, weak.id)).toBeGreaterThan(metresOf(own, weak.id) + 3);
	});
	it('another: it is not judged as if it were knitted, in any recipe', () => {
		const cotton = {
			...strong,
			id: 'c' as never,
			weightClass: 6,
			fibres: [{ fibre: 'cotton', percent: 100 }]
		};
		const wide = { ...bench, yarns: [...bench.yarns, cotton as Bench['yarns'][number]] };
		for (const { what, project } of everyStart((p) => p, [wide])) {
			const of = (gather: Project['gather']) => {
				const p = plan({ ...project, ...(gather && { gather }) }, wide);
				return p.ok ? codesOf(p) : [];
			};
			const own = of(undefined);
			const more = of({ how: 'yarn', yarnId: cotton.id }).filter((c) => !own.includes(c));
			expect(more, what).toEqual([]);
		}
	});
	it('another: as long as the tail was, of its own colour; the tails are woven in, with two ends more at each end', () => {
		expect(other.pieces[0]!.strands.map((x) => x.lengthCm)).toEqual(tailsOf(own));
		expect(tailsOf(other).every((cm) => cm < 30)).toBe(true);
		const metres = tailsOf(own).reduce((t, cm) => t + cm / 100, 0);
		expect(metresOf(other, strong.id)).toBeCloseTo(metres, 6);
		const ends = (p: Plan) => {
			const w = p.steps.find((s) => s.do === 'weave-in');
			return w?.do === 'weave-in' ? w.ends : 0;
		};
		expect(ends(other)).toBe(ends(own) + 4);
		const words = other.steps.map((s) => wordStep(s, 'cm').how).join(' ');
		expect(words).toContain(`of ${strong.colourName} on a blunt needle`);
	});
});

describe('pins by the numbers they carry', () => {
	const numbered = { ...machineOf(48), firstPin: 40 };
	it('count on from that of the first, round the ring; a place is found by its number again', () => {
		expect([0, 8, 9, 47].map((at) => pinNumber(numbered, at))).toEqual([40, 48, 1, 39]);
		for (let at = 0; at < 48; at++) expect(pinNumbered(numbered, pinNumber(numbered, at))).toBe(at);
		expect(wordMarker(numbered)).toBe('pin 40');
	});
	it('edges are named by their pins first, left and right second', () => {
		const work = { do: 'hold', edge: 'low', pins: [0, 1, 2], breaks: null } as const;
		expect(wordHands([work], numbered).how).toMatch(
			/^At pins 40 to 42, the (left|right) edge, on your (left|right): their loops/
		);
	});
});

describe('small saves at the crank', () => {
	const eventsOf = (p: Plan) => p.pieces[0]!.sheet.events;
	const tipsOf = (p: Plan) => eventsOf(p).flatMap((e) => tipOf(e) ?? []);
	it('stand where the hands meet them', () => {
		expect(tipsOf(made('lined-hat', 48)).join(' ')).toMatch(
			/handle is firm.*tape left in the tube/
		);
		expect(tipsOf(made('hem-hat', 48)).join(' ')).toContain('loose knot');
		const works = ['hold', 'take-back', 'extend'] as const;
		const tips = works.map((d) =>
			tipOf({
				kind: 'hands',
				after: 0,
				work: [{ do: d, edge: 'low', pins: [0] } as never],
				broken: null
			})
		);
		expect(tips.join(' ')).toMatch(/Snug the gap.*Held loops shrink.*finger on the card/);
	});
	it('are folded after three times, here or in pieces that came off before', () => {
		const events = eventsOf(made('lined-hat', 48));
		const castOn = events.find((e) => e.kind === 'cast-on')!;
		const off = { events, done: Infinity };
		expect(isTipKnown(castOn, [off, off, { events, done: 0 }], 0)).toBe(false);
		expect(isTipKnown(castOn, [off, off, off], 0)).toBe(true);
		expect(isTipKnown(castOn, [{ events, done: 0 }], 3)).toBe(true);
	});
});

describe('the same yarn in two letters', () => {
	it.each(['outer-lining', 'stripes', 'false-brim'])('is one section of a hat, %s', (kind) => {
		const bench = benchWith(48);
		const id = bench.yarns[0]!.id;
		const scheme = {
			'outer-lining': { kind, outer: id, lining: id, liningExtraRows: 6 },
			stripes: { kind, yarns: [id, id], stripeRows: 5 },
			'false-brim': { kind, main: id, brim: id, brimRows: 30 }
		}[kind];
		const hat = made('lined-hat', 48, { scheme });
		expect(hat.pieces[0]!.runs).toHaveLength(1);
		expect(hat.pieces[0]!.sections.filter((x) => x.yarn === 0)).toHaveLength(1);
		// Waste apart, no yarn is changed.
		const changes = hat.pieces[0]!.sheet.events.filter(
			(e) => e.kind === 'join' && !isSpare(e.from) && !isSpare(e.to)
		);
		expect(changes).toEqual([]);
		expect(hat.findings.map((f) => f.code)).toContain('one-yarn-twice');
	});
});
