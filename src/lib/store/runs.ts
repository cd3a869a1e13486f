import { rowTimes } from '../core/count/pace';
import { pieceOf } from '../core/count/run';
import type { RunEvent } from '../core/model/project';
import type { TombleDb } from './db';
import { eventsOf } from './store';

/** Pins of all faults noted, from 1, by the machine of their project. */
export async function faultPins(db: TombleDb): Promise<ReadonlyMap<string, number[]>> {
	const machineOf = new Map<string, string>(
		(await db.projects.toArray()).map((p) => [p.id, p.machineId])
	);
	const byMachine = new Map<string, number[]>();
	await db.events.each((e) => {
		const machine = e.type === 'fault' ? machineOf.get(e.projectId) : undefined;
		if (e.type === 'fault' && machine !== undefined)
			byMachine.set(machine, [...(byMachine.get(machine) ?? []), e.pin]);
	});
	return byMachine;
}

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
	const projects = await db.projects
		.filter((p) => p.machineId === machineId && p.id !== butNot)
		.toArray();
	const runs = await Promise.all(
		projects.map(async (p) => {
			const events = await eventsOf(db, p.id);
			const pieces = new Set(events.flatMap((e) => pieceOf(e) ?? []));
			return [...pieces].map((piece) => rowTimes(events, piece));
		})
	);
	return runs.flat();
}
