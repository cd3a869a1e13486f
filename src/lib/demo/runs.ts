import type { FaultKind } from '../core/model/kinds';
import type { MeasuredResult, Project, RunEvent } from '../core/model/project';
import { DAY, START } from './fair';

export function run(key: string, day: number, rows: number, off: boolean): RunEvent[] {
	const projectId = `project-${key}` as Project['id'];
	const start = START + day * DAY;
	const base = (n: number, at: number) => ({
		id: `${key}-${String(n).padStart(4, '0')}`,
		projectId,
		at,
		piece: 'tube'
	});
	const events: RunEvent[] = [{ ...base(0, start), type: 'start' }];
	let at = start + 90_000;
	for (let r = 1; r <= rows; r++) {
		at += r < 8 ? 9000 : 5600 + ((r * 7919) % 1700);
		events.push({ ...base(r, at), type: 'row' });
	}
	if (off) events.push({ ...base(rows + 1, at + 60_000), type: 'off' });
	return events;
}

/** A fault noted at the crank, some seconds into a day's run. */
const fault = (
	key: string,
	day: number,
	[row, pin, fault]: [row: number, pin: number, fault: FaultKind]
): RunEvent => ({
	id: `${key}-fault-${row}`,
	projectId: `project-${key}` as Project['id'],
	at: START + day * DAY + row * 6000,
	piece: 'tube',
	type: 'fault',
	row,
	pin,
	fault
});
/** Pin 17 of the large machine again and again: someone should look at it. */
export const faults: RunEvent[] = [
	fault('first', 0, [46, 17, 'tuck']),
	fault('first', 0, [97, 17, 'dropped']),
	fault('buoy', 4, [30, 5, 'split']),
	fault('buoy', 4, [58, 17, 'dropped']),
	fault('keeper', 8, [31, 17, 'dropped'])
];

export const done = (key: string, day: number, steps: string[]): RunEvent[] =>
	steps.map((step, i) => ({
		id: `${key}-step-${i}`,
		projectId: `project-${key}` as Project['id'],
		at: START + day * DAY + 7_200_000 + i * 240_000,
		type: 'step',
		step,
		done: true
	}));

export const results: MeasuredResult[] = [
	{
		id: 'result-first-rest',
		projectId: 'project-first' as Project['id'],
		at: START + DAY,
		when: 'rested',
		tubeCm: 65,
		flatWidthCm: 19.6,
		grams: 86,
		minutes: 19,
		heightWornCm: null,
		rowsKnitted: 124,
		note: 'Deeper than I wanted. Lovely with the brim up twice.'
	}
];
