import { describe, expect, it } from 'vitest';
import { A, B, benchOf, planned, projectOf, yarnOf } from '../../../../tests/support/bench';
import type { YarnId } from '../model/bench';
import type { Project } from '../model/project';
import { holdTogether } from '../bench/yarn/held-together';
import { tagOf } from './tag';
import { wordFinding } from '../finding/says';
import { wordTag } from '../words/tag';
import { estimate } from '../quantity/estimate';
import {
	freeBook,
	heldBy,
	leftBySum,
	needs,
	putBack,
	takeOff,
	usedBySum,
	usedByWeight
} from './stock';
import { withHeld } from './with-held';

const bench = benchOf();
const p = (id: string, patch: Partial<ReturnType<typeof projectOf>> = {}) =>
	projectOf({}, { id: id as Project['id'], name: id, ...patch });
const grams = planned(projectOf()).amounts[0]!.grams.value.mean;

describe('what is left', () => {
	it('a planned project holds back what its plan needs; a made one, or one that holds none, nothing', () => {
		const held = heldBy(
			[p('one'), p('two', { holdsYarn: false }), p('three', { used: [] })],
			bench
		);
		expect(held.map((h) => h.projectId)).toEqual(['one']);
		expect(held[0]!.grams).toBeCloseTo(grams, 8);
	});

	it('what is free for a project leaves its own share out', () => {
		const held = heldBy([p('one'), p('two')], bench);
		expect(freeBook(bench.yarns, held, 'one')(A)).toBeCloseTo(500 - grams, 8);
		expect(freeBook(bench.yarns, held)(A)).toBeCloseTo(500 - 2 * grams, 8);
		expect(freeBook([{ ...A, gramsOnHand: 10 }], held)(A)).toBe(0);
	});

	it('enough by the stock and not beside the others is said once, and can be accepted', () => {
		const short = benchOf({ yarns: [{ ...A, gramsOnHand: 1.5 * grams }, B] });
		const [one, two] = [p('one'), p('two')];
		const held = heldBy([one, two], short);
		const alone = planned(one, short);
		expect(alone.findings.some((f) => /yarn-/.test(f.code))).toBe(false);
		const beside = withHeld(alone, one, short, held);
		expect(beside.amounts[0]).toMatchObject({ heldFor: ['two'] });
		const wanted = needs(two, short)[0]!.grams;
		expect(wanted).toBeGreaterThan(0.99 * grams);
		expect(beside.amounts[0]!.freeGrams).toBeCloseTo(1.5 * grams - wanted, 8);
		const said = beside.findings.filter((f) => f.code === 'yarn-held');
		expect(said).toHaveLength(1);
		const words = wordFinding(said[0]!, { units: 'cm', yarnName: () => 'Foam' });
		expect(words.why).toContain('are held for two, and');
		const quiet = { ...one, accepted: [said[0]!.key] };
		expect(withHeld(alone, quiet, short, held).findings[0]!.accepted).toBe(true);
		// Nothing is held, it is off the stock, or it is short anyway: nothing more is said.
		const silent = (project: ReturnType<typeof p>, bench = short, by = held) =>
			withHeld(planned(project, bench), project, bench, by).findings.map((f) => f.code);
		expect(silent(one, short, heldBy([one], short))).not.toContain('yarn-held');
		expect(silent({ ...one, used: [] })).not.toContain('yarn-held');
		const empty = benchOf({ yarns: [{ ...A, gramsOnHand: grams / 2 }, B] });
		expect(silent(one, empty)).toContain('yarn-short');
		expect(silent(one, empty)).not.toContain('yarn-held');
	});

	it('yarns held together are held, free and taken off by their parts', () => {
		const thin = yarnOf('thin', { metresPer100g: 400, gramsOnHand: 100 });
		const two = holdTogether('two' as YarnId, [
			{ yarn: thin, strands: 1 },
			{ yarn: B, strands: 1 }
		]);
		const with2 = benchOf({ yarns: [thin, B, two] });
		const project = projectOf({ scheme: { kind: 'one', yarn: two.id } });
		const [a, b] = needs(project, with2);
		expect([a!.yarnId, b!.yarnId]).toEqual([thin.id, B.id]);
		expect(b!.grams / a!.grams).toBeCloseTo(2, 8);
		expect(planned(project, with2).amounts[0]!.gramsOnHand).toBeCloseTo(300, 8);
		const held = heldBy([project], with2);
		expect(freeBook(with2.yarns, held)(two)).toBeCloseTo((100 - a!.grams) * 3, 6);
		const after = takeOff([{ yarnId: two.id, grams: 30, how: 'sum' }], with2.yarns);
		expect(after.map((y) => [y.id, y.gramsOnHand])).toEqual([
			['thin', 90],
			['b', 480]
		]);
	});

	it('taken off and put back is as before; nothing goes below 0', () => {
		const used = [{ yarnId: A.id, grams: 96, how: 'weighed' as const }];
		const less = takeOff(used, bench.yarns);
		expect(less.map((y) => y.gramsOnHand)).toEqual([404]);
		expect(putBack(used, [less[0]!, B])[0]!.gramsOnHand).toBe(500);
		expect(takeOff([{ ...used[0]!, grams: 900 }], bench.yarns)[0]!.gramsOnHand).toBe(0);
	});

	it('weighed before and after', () => {
		expect(usedByWeight(A.id, 200, 104)).toEqual({ yarnId: A.id, grams: 96, how: 'weighed' });
		expect(usedByWeight(A.id, 100, 104)).toBeNull();
		// What the plan's sum says, where nothing was weighed; no ball holds less than nothing.
		const planned = estimate(96.04, 4, 'measured');
		expect(usedBySum(A.id, planned)).toEqual({ yarnId: A.id, grams: 96, how: 'sum' });
		expect([leftBySum(200, planned), leftBySum(90, planned)]).toEqual([104, 0]);
	});
});

describe('the tag', () => {
	const wool = yarnOf('w', { wash: 'machine-30', dry: 'line' });
	const mix = yarnOf('m', {
		fibres: [
			{ fibre: 'acrylic', percent: 50 },
			{ fibre: 'wool', percent: 50 }
		],
		wash: 'hand',
		dry: 'flat'
	});

	it('fibre by weight, in whole per cents that make 100; the most delicate care', () => {
		const tag = tagOf([
			{ yarn: wool, grams: 60 },
			{ yarn: mix, grams: 35 }
		])!;
		expect(tag.fibres.reduce((t, f) => t + f.percent, 0)).toBe(100);
		expect(tag.fibres[0]).toEqual({ fibre: 'wool', percent: 82 });
		expect(wordTag('Pier hat', 'Man, 56 cm', tag)).toEqual([
			'Pier hat',
			'Man, 56 cm',
			'82 % wool, 18 % acrylic',
			'Wash by hand, cool, dry flat'
		]);
	});

	it('care that was never noted is not made up', () => {
		const tag = tagOf([{ yarn: A, grams: 10 }])!;
		expect(tag).toMatchObject({ wash: 'unknown', unknown: ['Breakwater, a'] });
		expect(wordTag('x', 'y', tag)[3]).toMatch(/not noted/);
		expect(tagOf([{ yarn: A, grams: 0 }])).toBeUndefined();
	});
});
