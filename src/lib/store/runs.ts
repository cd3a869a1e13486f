import { rowTimes } from '../core/crank/pace';
import { pieceOf, type Fault } from '../core/crank/run';
import type { Project, RunEvent } from '../core/model/project';
import { pieceMachine } from '../core/recipe/uses';
import type { TombleDb } from './db';
import { eventsOf } from './store';

/** All faults noted, by the machine their piece is made on. */
export async function notedFaults(db: TombleDb): Promise<ReadonlyMap<string, Fault[]>> {
	const projects = new Map<string, Project>((await db.projects.toArray()).map((p) => [p.id, p]));
	const byMachine = new Map<string, Fault[]>();
	await db.events.each((e) => {
		const project = projects.get(e.projectId);
		const machine = e.type === 'fault' && project ? machineOf(project, e.piece) : undefined;
		if (e.type === 'fault' && machine !== undefined)
			byMachine.set(machine, [...(byMachine.get(machine) ?? []), e]);
	});
	return byMachine;
}

/** Their pins, from 1. */
export const faultPins = async (db: TombleDb): Promise<ReadonlyMap<string, number[]>> =>
	new Map([...(await notedFaults(db))].map(([machine, list]) => [machine, list.map((f) => f.pin)]));

/** The machine a piece of a project is made on. */
const machineOf = (project: Project, piece: string): string =>
	pieceMachine(project.options, piece) ?? project.machineId;

/** Events of the last while, of all projects: for breaks. */
export const eventsSince = async (db: TombleDb, since: number): Promise<RunEvent[]> =>
	(await db.events.filter((e) => e.at >= since).toArray()).map(
		({ seq: _seq, ...event }) => event as RunEvent
	);

/** Row times of every piece of the other projects on a machine: what its pace is learned from. */
export async function earlierRuns(
	db: TombleDb,
	machineId: string,
	butNot: string
): Promise<{ row: number; at: number }[][]> {
	const projects = await db.projects.filter((p) => p.id !== butNot).toArray();
	const runs = await Promise.all(
		projects.map(async (p) => {
			const events = await eventsOf(db, p.id);
			const pieces = new Set(events.flatMap((e) => pieceOf(e) ?? []));
			const here = [...pieces].filter((piece) => machineOf(p, piece) === machineId);
			return here.map((piece) => rowTimes(events, piece));
		})
	);
	return runs.flat();
}

/** How many pieces of the other projects are off their machine. */
export async function offElsewhere(db: TombleDb, butNot: string): Promise<number> {
	const off = new Set<string>();
	await db.events.each((e) => {
		if (e.type === 'off' && e.projectId !== butNot) off.add(`${e.projectId} ${e.piece}`);
	});
	return off.size;
}

/** How many of the other projects have a step at the table ticked, by the step's id. */
export async function ticksElsewhere(
	db: TombleDb,
	butNot: string
): Promise<ReadonlyMap<string, number>> {
	const ticked = new Map<string, Set<string>>();
	await db.events.each((e) => {
		if (e.type !== 'step' || e.projectId === butNot) return;
		const by = ticked.get(e.step) ?? new Set();
		if (e.done) by.add(e.projectId);
		else by.delete(e.projectId);
		ticked.set(e.step, by);
	});
	return new Map([...ticked].map(([step, by]) => [step, by.size]));
}
