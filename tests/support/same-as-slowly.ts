import { expect } from 'vitest';
import type { Program } from '../../src/lib/core/program/program';
import { FACE, LOOP } from '../../src/lib/core/simulate/fabric';
import { simulate } from '../../src/lib/core/simulate/simulate';
import { knitSlowly } from './slow-machine';

/** A ring that loses two pins at either end in panel mode. */
export const ring = (pins: number, keepOff: readonly number[] = []) => ({
	pins,
	panelLost: { start: 2, end: 2 },
	keepOff
});
const NAMES: Record<string, number> = {
	on: LOOP.onPin,
	through: LOOP.knittedThrough,
	needle: LOOP.onNeedle,
	waste: LOOP.onWaste,
	castOff: LOOP.castOff,
	stacked: LOOP.stacked,
	tucked: LOOP.tucked,
	dropped: LOOP.dropped,
	held: LOOP.held,
	float: LOOP.float
};

/** Holds the simulation against the slow machine, loop by loop. */
export function sameAsSlowly(program: Program, pins: number, keepOff: readonly number[] = []) {
	const { fabric, faults, yarnAt } = simulate(program, ring(pins, keepOff));
	const model = knitSlowly(program, pins, undefined, keepOff);
	expect(fabric.rows).toBe(model.rows);
	expect([...fabric.yarn]).toEqual(model.made.map((l) => l.yarn));
	expect([...fabric.pin]).toEqual(model.made.map((l) => l.pin));
	expect([...fabric.state]).toEqual(model.made.map((l) => NAMES[l.state]));
	expect([...fabric.into]).toEqual(model.made.map((l) => l.into?.index ?? -1));
	expect([...fabric.hung]).toEqual(model.made.map((l) => l.hung?.index ?? -1));
	expect([...fabric.order]).toEqual(model.made.map((l) => l.order));
	expect([...fabric.heldRows]).toEqual(model.made.map((l) => l.heldRows));
	expect([...fabric.face]).toEqual(model.made.map((l) => (l.split ? FACE.split : FACE.knit)));
	expect(yarnAt).toBe(model.side);
	return { fabric, faults, model };
}
