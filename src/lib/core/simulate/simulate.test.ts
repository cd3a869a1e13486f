import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { programRows, tubeProgram, WASTE, type Op } from '../program/program';
import { op } from '../program/schema';
import { ring, sameAsSlowly } from '../../../../tests/support/same-as-slowly';
import { LOOP, stitchesByYarn, yarnRuns } from './fabric';
import { MAX_STITCHES, simulate } from './simulate';

const tube = fc.record({
	sections: fc.array(
		fc.record({ yarn: fc.integer({ min: 0, max: 3 }), rows: fc.integer({ min: 0, max: 9 }) }),
		{ minLength: 1, maxLength: 6 }
	),
	wasteStart: fc.integer({ min: 0, max: 5 }),
	wasteEnd: fc.constantFrom(0, 2, 4)
});

describe('a tube, loop by loop', () => {
	it('is what an independent model knits', () => {
		fc.assert(
			fc.property(tube, fc.integer({ min: 2, max: 30 }), (options, pins) => {
				expect(sameAsSlowly(tubeProgram(options), pins).faults).toEqual([]);
			}),
			{ seed: 6, numRuns: 60 }
		);
	});

	it('conserves loops: made = knitted through + on needle or waste', () => {
		fc.assert(
			fc.property(tube, fc.integer({ min: 2, max: 100 }), (options, pins) => {
				const program = tubeProgram(options);
				const { fabric } = simulate(program, ring(pins));
				const count = new Map<number, number>();
				for (const s of fabric.state) count.set(s, (count.get(s) ?? 0) + 1);
				const made = programRows(program) * pins;
				const off = (count.get(LOOP.onNeedle) ?? 0) + (count.get(LOOP.onWaste) ?? 0);
				expect((count.get(LOOP.knittedThrough) ?? 0) + off).toBe(made);
				expect(off).toBe(made > 0 ? pins : 0);
			}),
			{ seed: 7, numRuns: 100 }
		);
	});

	it('takes at most 16 bytes a stitch', () => {
		const { fabric } = simulate(
			tubeProgram({ sections: [{ yarn: 0, rows: 400 }], wasteStart: 0, wasteEnd: 0 }),
			ring(100)
		);
		const bytes = Object.values(fabric).reduce<number>(
			(t, v) => t + (ArrayBuffer.isView(v) ? v.byteLength : 0),
			0
		);
		expect(bytes / 40_000).toBeLessThanOrEqual(16);
	});

	it('yarn runs and stitch counts read the colours back', () => {
		const options = {
			sections: [
				{ yarn: 0, rows: 65 },
				{ yarn: 1, rows: 70 }
			],
			wasteStart: 5,
			wasteEnd: 0
		};
		const { fabric } = simulate(tubeProgram(options), ring(48));
		expect(yarnRuns(fabric)).toEqual([
			{ from: 0, to: 5, yarn: WASTE },
			{ from: 5, to: 70, yarn: 0 },
			{ from: 70, to: 140, yarn: 1 }
		]);
		expect(stitchesByYarn(fabric).get(1)).toBe(70 * 48);
	});
});

describe('what the machine cannot do', () => {
	const faultsOf = (ops: Op[]) => simulate(ops, ring(10)).faults.map((f) => f.code);

	it.each<[string, Op[], string[]]>([
		['rows before the cast-on', [{ op: 'rows', count: 3 }], ['no-cast-on']],
		[
			'rows with no yarn in the feeder',
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: 3 },
				{ op: 'cut' },
				{ op: 'rows', count: 1 }
			],
			['no-yarn']
		],
		[
			'live loops cranked off without waste',
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: 3 },
				{ op: 'take-off', method: 'crank' }
			],
			['live-loops']
		],
		[
			'one row of waste is too few',
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: 3 },
				{ op: 'join', yarn: WASTE },
				{ op: 'rows', count: 1 },
				{ op: 'take-off', method: 'crank' }
			],
			['live-loops']
		],
		[
			'never taken off',
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: 1 }
			],
			['left-on-machine']
		],
		[
			'cast on twice',
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: 1 },
				{ op: 'take-off', method: 'needle' }
			],
			['cast-on-twice']
		],
		['taking off nothing', [{ op: 'take-off', method: 'needle' }], ['nothing-on-pins']],
		[
			'more than can be held',
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: MAX_STITCHES / 10 + 1 }
			],
			['too-large']
		]
	])('%s', (_, ops, expected) => {
		expect(faultsOf(ops)).toEqual(expected);
	});

	it('keeps what was knitted until the fault, and says the row', () => {
		const { fabric, faults } = simulate(
			[
				{ op: 'cast-on', method: 'weave', yarn: 0 },
				{ op: 'rows', count: 3 },
				{ op: 'cut' },
				{ op: 'rows', count: 5 }
			],
			ring(10)
		);
		expect(fabric.rows).toBe(3);
		expect(faults[0]).toEqual({ code: 'no-yarn', row: 3, pin: 0 });
	});
});

it('a program is plain data that its schema accepts', () => {
	const program = tubeProgram({
		sections: [
			{ yarn: 0, rows: 4 },
			{ yarn: 0, rows: 3 },
			{ yarn: 1, rows: 2 }
		],
		wasteStart: 4,
		wasteEnd: 4
	});
	expect(JSON.parse(JSON.stringify(program))).toEqual(program);
	for (const o of program) expect(op.parse(o)).toEqual(o);
	// Neighbours of one yarn are one section: one join to main, one colour join, one to waste.
	expect(program.filter((o) => o.op === 'join')).toHaveLength(3);
});
