import { beforeAll, describe, expect, it } from 'vitest';
import { density } from '../../src/lib/core/bench/gauge/density';
import { parseReadingSide } from '../../src/lib/core/bench/gauge/notation';
import type { Options } from '../../src/lib/core/model/options';
import { plan, type Plan } from '../../src/lib/core/plan';
import { estimate } from '../../src/lib/core/quantity/estimate';
import { parseLengthCm } from '../../src/lib/core/quantity/parse';
import { printLength, printValue, printWithSpread } from '../../src/lib/core/quantity/print';
import { say } from '../../src/lib/core/quantity/say';
import { CM_PER_INCH } from '../../src/lib/core/quantity/units';
import { loadRecipes } from '../../src/lib/core/recipe';
import { newProject, type New } from '../../src/lib/ui/state/projects';
import { benchWith } from '../support/every';

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
