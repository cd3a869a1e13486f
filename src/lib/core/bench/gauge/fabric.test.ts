import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	machineOf,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../../tests/support/bench';
import { plan, type Plan } from '../../plan';
import { loadRecipes } from '../../recipe';
import { exact } from '../../quantity/estimate';
import type { Bench } from '../../model/project';
import { newProject } from '../../../ui/state/projects';
import { wordFabric } from '../../words/fabric';
import { BULK_DENSITY, yarnDiameterCm } from '../yarn/loop';
import { coverFactor, COVER_FOR } from './fabric';

await loadRecipes();
const planned = (bench: Bench, patch = {}): Plan => {
	const made = plan(projectOf({ length: { by: 'rows', rows: 120 } }, patch), bench);
	if (!made.ok) throw new Error(made.why);
	return made;
};
const found = (p: Plan) => p.findings.find((f) => f.code.startsWith('fabric-'));

describe('cover', () => {
	it('is the root of tex over the loop length, with its spread (Munden, from memory)', () => {
		const c = coverFactor({ mean: 2.5, sd: 0.25, basis: 'measured' }, 400);
		expect(c.mean).toBeCloseTo(8, 9);
		expect(c.sd).toBeCloseTo(0.8, 9);
	});
	it('is about 10 where loops touch: a loop 16.66 diameters long (Peirce 1947, from memory)', () => {
		for (const tex of [100, 500, 900]) {
			const touching = 16.66 * yarnDiameterCm(tex, null, 1);
			const c = coverFactor(exact(touching), tex).mean;
			expect(c).toBeGreaterThan(9.5);
			expect(c).toBeLessThan(10.5);
		}
		expect(BULK_DENSITY).toBe(0.35);
		// Past that no band reaches far: a fabric closer than its loops is stiff for anything.
		for (const { least, most } of Object.values(COVER_FOR)) {
			expect(least).toBeLessThan(9.5);
			expect(most).toBeGreaterThanOrEqual(10);
			expect(most).toBeLessThanOrEqual(12);
		}
	});
});

describe('a fabric', () => {
	const at = (stitches: number, rows: number, patch = {}) =>
		benchOf({ swatches: [swatchOf(M48, A, [readingOf(stitches, rows)], patch)] });

	it('is right, too open or too stiff for its use by its loops', () => {
		expect(planned(at(12, 20)).fabrics[0]!.verdict).toBe('right');
		expect(found(planned(at(12, 20)))).toBeUndefined();
		expect(found(planned(at(8, 13)))).toMatchObject({ code: 'fabric-open', yarn: 0, use: 'hat' });
		expect(found(planned(at(19, 30)))).toMatchObject({ code: 'fabric-stiff' });
	});
	it('of a toy has to be closer than that of a scarf', () => {
		const bench = at(11, 18);
		const verdict = (what: 'toy' | 'scarf') => {
			const made = plan(newProject(bench, what)!, bench);
			return made.ok && made.fabrics[0]!.verdict;
		};
		expect(verdict('toy')).toBe('open');
		expect(verdict('scarf')).toBe('right');
	});
	it('is what the maker says it is, on that machine', () => {
		const open = planned(at(12, 20, { fabric: 'open' }));
		expect(found(open)).toMatchObject({ code: 'fabric-open', by: 'own', severity: 'warn' });
		expect(planned(at(8, 13, { fabric: 'right' })).fabrics[0]).toMatchObject({
			verdict: 'right',
			by: 'own'
		});
	});
	it('of another yarn goes by the maker’s words on those beside it', () => {
		const other = yarnOf('c', { metresPer100g: 180, name: 'Slipway' });
		const bench = (fabric: 'right' | 'open' | null): Bench => ({
			...at(8, 13),
			yarns: [A, B, other],
			swatches: [
				swatchOf(M48, A, [readingOf(8, 13)]),
				swatchOf(M48, other, [readingOf(7, 11.5)], { fabric })
			]
		});
		expect(planned(bench(null)).fabrics[0]).toMatchObject({ verdict: 'open', by: 'usual' });
		// One more open than this is right by the maker's word: then so is this.
		expect(planned(bench('right')).fabrics[0]).toMatchObject({
			verdict: 'right',
			by: 'own-others'
		});
		expect(planned(bench('open')).fabrics[0]!.verdict).toBe('open');
		// Words on another machine say nothing here.
		const elsewhere = bench('right');
		const away = elsewhere.swatches.map((s) =>
			s.yarnId === other.id ? { ...s, machineId: machineOf(22).id } : s
		);
		const machines = [M48, machineOf(22)];
		expect(planned({ ...elsewhere, machines, swatches: away }).fabrics[0]!.verdict).toBe('open');
	});
	it('says what slot would mend it, and no sentence without its figures', () => {
		const p = planned(at(8, 13));
		const f = p.fabrics[0]!;
		expect(wordFabric(f)).toContain(f.cover.mean.toFixed(1));
		expect(wordFabric(f)).toContain('too open for a hat');
		expect(found(p)).toMatchObject({ slot: 2, slots: 3 });
	});
});
