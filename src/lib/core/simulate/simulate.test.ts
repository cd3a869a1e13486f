import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { programRows, tubeProgram, WASTE, type Op, type Program } from '../program/program';
import { op } from '../program/schema';
import { LOOP, stitchesByYarn, yarnRuns } from './fabric';
import { MAX_STITCHES, simulate } from './simulate';

/** An independent model: a machine of plain objects that knits one stitch at a time, slowly. */
function slowly(program: Program, pins: number) {
	interface Loop {
		index: number;
		yarn: number;
		pin: number;
		state: string;
		through: Loop | null;
	}
	const made: Loop[] = [];
	const on: (Loop | 'wrap' | null)[] = Array(pins).fill(null);
	let yarn = -1;
	for (const o of program) {
		if (o.op === 'cast-on') {
			yarn = o.yarn;
			on.fill('wrap');
		} else if (o.op === 'join') yarn = o.yarn;
		else if (o.op === 'rows') {
			for (let i = 0; i < o.count * pins; i++) {
				const pin = i % pins;
				const below = on[pin]!;
				const loop: Loop = {
					index: made.length,
					yarn,
					pin,
					state: 'on',
					through: below === 'wrap' ? null : below
				};
				if (below !== 'wrap') below.state = 'through';
				on[pin] = loop;
				made.push(loop);
			}
		} else if (o.op === 'take-off') {
			for (const l of on) if (l && l !== 'wrap') l.state = o.method;
		}
	}
	return made;
}

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
			fc.property(tube, fc.integer({ min: 2, max: 30 }), (wish, pins) => {
				const program = tubeProgram(wish);
				const { fabric, faults } = simulate(program, pins);
				const model = slowly(program, pins);
				expect(faults).toEqual([]);
				expect(fabric.yarn.length).toBe(model.length);
				const names = { through: LOOP.knittedThrough, needle: LOOP.onNeedle, crank: LOOP.onWaste };
				expect([...fabric.yarn]).toEqual(model.map((l) => l.yarn));
				expect([...fabric.pin]).toEqual(model.map((l) => l.pin));
				expect([...fabric.state]).toEqual(model.map((l) => names[l.state as keyof typeof names]));
				expect([...fabric.through]).toEqual(model.map((l) => l.through?.index ?? -1));
			}),
			{ seed: 6, numRuns: 60 }
		);
	});

	it('conserves loops: made = knitted through + on needle or waste', () => {
		fc.assert(
			fc.property(tube, fc.integer({ min: 2, max: 100 }), (wish, pins) => {
				const program = tubeProgram(wish);
				const { fabric } = simulate(program, pins);
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

	it('yarn runs and stitch counts read the colours back', () => {
		const wish = {
			sections: [
				{ yarn: 0, rows: 65 },
				{ yarn: 1, rows: 70 }
			],
			wasteStart: 5,
			wasteEnd: 0
		};
		const { fabric } = simulate(tubeProgram(wish), 48);
		expect(yarnRuns(fabric)).toEqual([
			{ from: 0, to: 5, yarn: WASTE },
			{ from: 5, to: 70, yarn: 0 },
			{ from: 70, to: 140, yarn: 1 }
		]);
		expect(stitchesByYarn(fabric).get(1)).toBe(70 * 48);
	});
});

describe('what the machine cannot do', () => {
	const faultsOf = (ops: Op[]) => simulate(ops, 10).faults.map((f) => f.code);

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
			10
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
