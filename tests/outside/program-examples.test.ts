import { readFileSync } from 'node:fs';
import * as z from 'zod';
import { describe, expect, it } from 'vitest';
import type { Op, Program } from '../../src/lib/core/program/program';
import { op } from '../../src/lib/core/program/schema';
import { LOOP, stitchesInRow } from '../../src/lib/core/simulate/fabric';
import { simulate } from '../../src/lib/core/simulate/simulate';
import { knitSlowly } from '../support/slow-machine';

/** The examples of docs/program.md are what the machine does. */

const example = z.strictObject({
	keepOff: z.array(z.int().min(0)).default([]),
	pins: z.int(),
	program: z.array(op),
	gives: z.strictObject({
		widths: z.array(z.int()),
		faults: z.array(z.string()),
		yarnAt: z.enum(['low', 'high']).optional(),
		states: z.partialRecord(z.enum(Object.keys(LOOP) as (keyof typeof LOOP)[]), z.int()).optional()
	})
});
const text = readFileSync('docs/program.md', 'utf8');
const examples = [...text.matchAll(/```json\n([\s\S]*?)```/g)].map((m) =>
	example.parse(JSON.parse(m[1]!))
);

describe('docs/program.md', () => {
	it.each(examples.map((e, i) => [i + 1, e] as const))(
		'example %i',
		(_, { pins, keepOff, program, gives }) => {
			const { fabric, faults, yarnAt } = simulate(program as Program, {
				pins,
				panelLost: { start: 2, end: 2 },
				keepOff
			});
			const widths = Array.from({ length: fabric.rows }, (_, r) => stitchesInRow(fabric, r));
			expect(widths).toEqual(gives.widths);
			expect(faults.map((f) => `${f.code} ${f.row} ${f.pin ?? '-'}`)).toEqual(gives.faults);
			if (gives.yarnAt) expect(yarnAt).toBe(gives.yarnAt);
			if (gives.states) {
				const counts = Object.entries(LOOP)
					.map(([name, s]) => [name, fabric.state.filter((x) => x === s).length] as const)
					.filter(([, n]) => n > 0);
				expect(Object.fromEntries(counts)).toEqual(gives.states);
			}
			expect(knitSlowly(program as Program, pins, undefined, keepOff).made).toHaveLength(
				fabric.yarn.length
			);
		}
	);

	it('has an example of every operation', () => {
		const shown = new Set(examples.flatMap((e) => e.program.map((o) => o.op)));
		const all: Record<Op['op'], true> = {
			'cast-on': true,
			work: true,
			join: true,
			rows: true,
			'hang-hem': true,
			'spare-strand': true,
			decrease: true,
			'decrease-inside': true,
			'move-in': true,
			hold: true,
			'take-back': true,
			'cast-off': true,
			drop: true,
			latch: true,
			tuck: true,
			split: true,
			repair: true,
			extend: true,
			'latch-extension': true,
			cut: true,
			'empty-round': true,
			'take-off': true
		};
		expect(Object.keys(all).filter((o) => !shown.has(o as Op['op']))).toEqual([]);
	});
});
