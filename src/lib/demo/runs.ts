import type { Fed, Yarn } from '../core/model/bench';
import type { FaultKind } from '../core/model/kinds';
import type { MeasuredResult, Project, RunEvent } from '../core/model/project';
import { DAY, START } from './fair';

type Bare = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'n'> : never) : never;

/** Gives each project's events their places, in the order they stand. */
export function placed(events: readonly Bare[]): RunEvent[] {
	const next = new Map<string, number>();
	return events.map((e) => {
		const n = next.get(e.projectId) ?? 0;
		next.set(e.projectId, n + 1);
		return { ...e, n } as RunEvent;
	});
}

/** A run of `rows` turns, a few seconds each, with the events around it. */
export function run(
	key: string,
	day: number,
	rows: number,
	{ off, piece = 'tube' }: { off: boolean; piece?: string }
): Bare[] {
	const projectId = `project-${key}` as Project['id'];
	const start = START + day * DAY;
	const base = (n: number, at: number) => ({
		id: piece === 'tube' ? `${key}-${String(n).padStart(4, '0')}` : `${key}-${piece}-${n}`,
		projectId,
		at,
		piece
	});
	const events: Bare[] = [{ ...base(0, start), type: 'start' }];
	let at = start + 90_000;
	for (let r = 1; r <= rows; r++) {
		at += r < 8 ? 9000 : 5600 + ((r * 7919) % 1700);
		events.push({ ...base(r, at), type: 'row' });
	}
	if (off) events.push({ ...base(rows + 1, at + 60_000), type: 'off' });
	return events;
}

const at = (key: string, day: number, row: number, later = 0) => ({
	projectId: `project-${key}` as Project['id'],
	at: START + day * DAY + row * 6000 + later,
	piece: 'tube'
});
/** A fault noted at the crank, some seconds into a day's run. */
const fault = (
	key: string,
	day: number,
	[row, pin, fault]: [row: number, pin: number, fault: FaultKind],
	fedWith?: { readonly yarnId: Yarn['id']; readonly fed: Fed }
): Bare => ({
	...at(key, day, row),
	id: `${key}-fault-${row}`,
	type: 'fault',
	row,
	pin,
	fault,
	...fedWith
});
const mended = (key: string, day: number, row: number): Bare => ({
	...at(key, day, row, 45_000),
	id: `${key}-mend-${row}`,
	type: 'mend',
	fault: `${key}-fault-${row}`
});

const DEEP = { yarnId: 'bw-deep' as Yarn['id'], fed: { slot: 2, hand: 'none' } } as const;
const RUST = { yarnId: 'bw-rust' as Yarn['id'], fed: { slot: 2, hand: 'light' } } as const;

/** Pin 17 of the large machine again and again: someone should look at it. */
export const faults: Bare[] = [
	fault('first', 0, [46, 17, 'tuck'], DEEP),
	mended('first', 0, 46),
	fault('first', 0, [97, 17, 'dropped'], DEEP),
	mended('first', 0, 97),
	fault('buoy', 4, [30, 5, 'split'], RUST),
	mended('buoy', 4, 30),
	fault('buoy', 4, [58, 17, 'dropped'], RUST),
	mended('buoy', 4, 58),
	fault('keeper', 8, [31, 17, 'dropped'], DEEP)
];

export const done = (key: string, day: number, steps: string[]): Bare[] =>
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
		sizes: [
			{ id: 'tube-flat', cm: 65, odd: false },
			{ id: 'flat-width', cm: 19.6, odd: false }
		],
		grams: 86,
		minutes: 19,
		rowsKnitted: 124,
		forecast: null,
		shows: 'tube',
		tailMetres: 3.43,
		usualMinutes: 12.5,
		note: 'Deeper than I wanted. Lovely with the brim up twice.',
		next: 'no'
	}
];
