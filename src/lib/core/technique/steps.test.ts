import { describe, expect, it } from 'vitest';
import { A, B, planned, projectOf } from '../../../../tests/support/bench';
import { CAUTIONS } from '../technique/cautions';
import { wordStep } from '../technique/say-step';
import { lengthOf, widthOf } from '../plan/lies';
import { printWithSpread } from '../quantity/print';

const ids = (options: Parameters<typeof projectOf>[0]) =>
	planned(projectOf(options)).steps.map((s) => s.id);

describe('steps in order', () => {
	it('gather each end: the inner end first, waste off before it is drawn, tucked, then the two met', () => {
		expect(ids({})).toEqual([
			'rest',
			'measure-tube',
			'gather-cast-off',
			'pick-up-cast-on',
			'waste-off-cast-on',
			'gather-cast-on',
			'tuck',
			'meet',
			'weave-in',
			'measure'
		]);
	});

	it('measured as a tube before it is tucked: what is planned is what the plan says of its size', () => {
		const p = planned(projectOf());
		const step = p.steps.find((s) => s.do === 'measure-tube')!;
		const { how } = wordStep(step, 'cm');
		const [long, wide] = [lengthOf(p), widthOf(p)].map((e) => printWithSpread(e, 'length', 'cm'));
		expect(how).toContain(`${long!} long and ${wide!} wide`);
		expect(step.from).toBeLessThan(p.assembly.findIndex((s) => s.do === 'tuck'));
	});

	it('zip: tucked first, both ends drawn together', () => {
		const steps = ids({ closing: 'zip' });
		expect(steps.indexOf('tuck')).toBeLessThan(steps.indexOf('zip'));
		expect(steps).not.toContain('meet');
	});

	it('waste at the end is picked up and taken off there too', () => {
		expect(ids({ wasteEnd: 5 })).toContain('waste-off-cast-off');
		expect(ids({ wasteStart: 0 })).not.toContain('waste-off-cast-on');
	});

	it('joins and a turned-up brim have their steps', () => {
		const scheme = { kind: 'false-brim', main: A.id, brim: B.id, brimRows: 20 } as const;
		const steps = planned(projectOf({ scheme, brim: { turnedUp: true, heightCm: 4 } })).steps;
		expect(steps.find((s) => s.do === 'join-tails')).toMatchObject({ joins: 2, how: 'tie' });
		expect(steps.some((s) => s.do === 'turn-up')).toBe(true);
		// The tube's two ends; what is tied at the joins is not woven in again.
		expect(steps.find((s) => s.do === 'weave-in')).toMatchObject({ ends: 2 });
	});

	// Common practice: in the zip one running yarn goes round once, the other twice.
	it('the tail that zips is twice the one that gathers', () => {
		const end = (closing: 'zip' | 'gather') =>
			planned(projectOf({ closing })).pieces[0]!.tails.find((t) => t.id === 'cast-off')!.lengthCm;
		expect(end('zip')).toBeCloseTo(2 * end('gather'), 10);
	});
});

describe('cautions', () => {
	it('stand at the step where they matter', () => {
		const steps = planned(projectOf()).steps;
		expect(steps.find((s) => s.do === 'waste-off')!.caution).toBe('hooks-and-scissors');
		const baby = planned(projectOf({ head: { kind: 'table', size: 'baby' } })).steps;
		expect(baby.at(-1)!.caution).toBe('baby-sleep');
	});

	it('are one plain sentence each', () => {
		for (const text of Object.values(CAUTIONS)) {
			expect(text.endsWith('.')).toBe(true);
			expect(text.match(/\./g)).toHaveLength(1);
		}
	});
});

it('every step has words with its numbers in either unit', () => {
	for (const closing of ['gather', 'zip'] as const) {
		for (const s of planned(
			projectOf({ closing, wasteEnd: 4, brim: { turnedUp: true, heightCm: 5 } })
		).steps) {
			for (const units of ['cm', 'in'] as const) {
				const w = wordStep(s, units);
				expect(`${w.title} ${w.how}`).not.toMatch(/undefined|NaN/);
			}
		}
	}
	const pick = planned(projectOf()).steps.find((s) => s.do === 'pick-up')!;
	expect(wordStep(pick, 'cm').how).toContain('170 cm');
});
