import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Project, RunEvent } from '../core/model/project';
import type { GarlandOptions, ToyOptions } from '../core/recipe/assembled/options';
import { pieceMachine } from '../core/recipe/uses';
import { harbour } from '../demo/harbour';
import { TombleDb } from './db';
import { earlierRuns, faultPins, ticksElsewhere } from './runs';
import { appendEvents } from './store';

const project = (key: string): Project => harbour.projects.find((p) => p.id === `project-${key}`)!;
const seal = project('seal');
const garland = project('garland');
const BIG = 'machine-48';
const SMALL = 'machine-22';

let db: TombleDb;
let n = 0;
beforeEach(() => (db = new TombleDb(`runs-${n++}`)));
afterEach(() => db.delete());

const fault = (of: Project, piece: string, pin: number, i: number): RunEvent => ({
	id: `${of.id}-${piece}-${i}`,
	projectId: of.id,
	at: 1000 + i,
	n: i,
	type: 'fault',
	piece,
	row: 3,
	pin,
	fault: 'dropped'
});
const row = (of: Project, piece: string, i: number): RunEvent => ({
	id: `${of.id}-${piece}-row-${i}`,
	projectId: of.id,
	at: 1000 + 4000 * i,
	n: i,
	type: 'row',
	piece
});

describe('the machine a piece is made on', () => {
	it('is the one its part names, for every copy of it; else the project’s', () => {
		expect(pieceMachine(seal.options, 'part-muzzle')).toBe(SMALL);
		expect(pieceMachine(seal.options, 'part-flipper.2')).toBe(SMALL);
		expect(pieceMachine(seal.options, 'part-body')).toBeNull();
		expect(pieceMachine(seal.options, 'part-gone')).toBeNull();
	});
	it('is the one a thing on a garland names, by its place in the list', () => {
		const options = garland.options as GarlandOptions;
		expect(options.items[3]!.on).toBe(BIG);
		expect(pieceMachine(options, 'item-4-1')).toBe(BIG);
		expect(pieceMachine(options, 'item-4-2.3')).toBe(BIG);
		expect(pieceMachine(options, 'item-1-1')).toBeNull();
		expect(pieceMachine(options, 'cord')).toBeNull();
	});
	it('is the project’s for what is one piece', () => {
		expect(pieceMachine(project('keeper').options, 'tube')).toBeNull();
	});
});

describe('what is learned at the crank', () => {
	it('of faulty pins is filed under the machine of the piece', async () => {
		await db.projects.bulkPut([seal, garland]);
		await appendEvents(db, [
			fault(seal, 'part-body', 40, 0),
			fault(seal, 'part-muzzle', 7, 1),
			fault(garland, 'item-1-1', 9, 0),
			fault(garland, 'item-4-1', 41, 1)
		]);
		const pins = await faultPins(db);
		expect([...pins.get(BIG)!].sort()).toEqual([40, 41]);
		expect([...pins.get(SMALL)!].sort()).toEqual([7, 9]);
	});
	it('of pace is taken from pieces on that machine alone', async () => {
		await db.projects.bulkPut([seal, garland]);
		await appendEvents(db, [
			...[0, 1, 2].map((i) => row(seal, 'part-body', i)),
			...[3, 4].map((i) => row(seal, 'part-muzzle', i)),
			...[0, 1, 2, 3].map((i) => row(garland, 'item-1-1', i))
		]);
		const rows = async (machine: string, butNot: string) =>
			(await earlierRuns(db, machine, butNot)).map((r) => r.length).sort();
		expect(await rows(BIG, 'another')).toEqual([3]);
		expect(await rows(SMALL, 'another')).toEqual([2, 4]);
		// The project at hand is no earlier run.
		expect(await rows(SMALL, seal.id)).toEqual([4]);
	});
	it('is nothing of a project that is gone', async () => {
		await appendEvents(db, [fault(seal, 'part-body', 3, 0)]);
		expect((await faultPins(db)).size).toBe(0);
	});
});

it('a toy whose part changes machine takes what was learned with it', () => {
	const options = seal.options as ToyOptions;
	const moved: ToyOptions = { ...options, parts: options.parts.map((p) => ({ ...p, on: null })) };
	expect(pieceMachine(moved, 'part-muzzle')).toBeNull();
});

describe('steps ticked in other projects', () => {
	it('are counted by projects, as they stand last, and not this one’s', async () => {
		const tick = (of: Project, step: string, done: boolean, i: number): RunEvent => ({
			id: `${of.id}-${step}-${i}`,
			projectId: of.id,
			at: 1000 + i,
			n: i,
			type: 'step',
			step,
			done
		});
		await appendEvents(db, [
			tick(seal, 'gather', true, 0),
			tick(seal, 'tuck', true, 1),
			tick(seal, 'tuck', false, 2),
			tick(garland, 'gather', true, 3)
		]);
		expect(Object.fromEntries(await ticksElsewhere(db, 'none'))).toEqual({ gather: 2, tuck: 0 });
		expect((await ticksElsewhere(db, seal.id)).get('gather')).toBe(1);
	});
});
