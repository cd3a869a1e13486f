import { entryAt } from '../quantity/sure';
import { median, sampleStandardDeviation } from 'simple-statistics';
import { rowSeconds, PRIOR_RELATIVE_SD } from './time';
import type { RunEvent } from '../model/project';
import { estimate, type Estimate } from '../quantity/estimate';
import type { Leg } from './runsheet';
import { IDLE_MS, inOrder } from './run';

/** A row that took longer was a stop and not a row (from memory). */
const STOP_MS = 30_000;
/** From so many rows on this run speaks for itself. */
const OWN_ROWS = 6;
/** Yarn drawn off the ball, a look at the edge, a knot: so much longer than the rows alone (from memory). */
const STOPS = 1.4;
/** A run goes on as it went so far, to this much (from memory). */
const OWN_RELATIVE_SD = 0.08;
const ONE_RUN_RELATIVE_SD = 0.15;

/** The rows of one run of one piece: when each was done, ms, in order. Undone rows are gone. */
export function rowTimes(
	events: readonly RunEvent[],
	piece: string
): { row: number; at: number }[] {
	const times: { row: number; at: number }[] = [];
	/** What an undo takes back: rows done before each press. */
	const before: number[] = [];
	let done = 0;
	let off = false;
	for (const e of inOrder(events)) {
		if (!('piece' in e) || e.piece !== piece) continue;
		if (e.type === 'row') {
			before.push(done);
			times.push({ row: (done += 1), at: e.at });
		} else if (e.type === 'undo') {
			if (off) off = false;
			else {
				const back = before.pop() ?? done;
				if (back === done - 1 && times.at(-1)?.row === done) times.pop();
				done = back;
			}
		} else if (e.type === 'jump' || e.type === 'settle') {
			before.push(done);
			done = e.to;
			off = false;
		} else if (e.type === 'off') off = true;
		else if (e.type === 'ball' || e.type === 'feed' || e.type === 'note') before.push(done);
	}
	return times;
}

interface Step {
	readonly row: number;
	readonly ms: number;
}
const steps = (times: readonly { row: number; at: number }[]): Step[] =>
	times.slice(1).map((t, i) => ({ row: t.row, ms: Math.max(0, t.at - entryAt(times, i).at) }));

/** Rows a minute in each section while the crank turned; null where too few rows were timed. */
export function paceBySection(
	times: readonly { row: number; at: number }[],
	legs: readonly Leg[]
): { leg: Leg; rowsPerMinute: number | null }[] {
	const cranked = steps(times).filter((s) => s.ms > 0 && s.ms < STOP_MS);
	return legs.map((leg) => {
		const here = cranked.filter((s) => s.row > leg.start && s.row <= leg.start + leg.rows);
		return {
			leg,
			rowsPerMinute: here.length < 3 ? null : 60_000 / median(here.map((s) => s.ms))
		};
	});
}

/** Seconds a row took with the stops between rows, each at most as long as counts as time at the crank. */
function secondsPerRow(times: readonly { row: number; at: number }[]): number | null {
	const all = steps(times);
	if (all.length < OWN_ROWS) return null;
	return all.reduce((t, s) => t + Math.min(IDLE_MS, s.ms), 0) / all.length / 1000;
}

/**
 * Seconds a row takes, stops and all: of this run once it has rows enough, else of earlier runs on the machine, else as most
 * take on a ring so large.
 * @param runs row times of earlier runs on this machine
 */
export function paceOf(
	now: readonly { row: number; at: number }[],
	runs: readonly (readonly { row: number; at: number }[])[],
	pins: number
): Estimate {
	const own = secondsPerRow(now);
	if (own !== null) return estimate(own, own * OWN_RELATIVE_SD, 'learned');
	const earlier = runs.flatMap((r) => secondsPerRow(r) ?? []);
	const usual = STOPS * rowSeconds(pins);
	if (earlier.length === 0) return estimate(usual, usual * PRIOR_RELATIVE_SD, 'estimated');
	const mean = earlier.reduce((a, b) => a + b, 0) / earlier.length;
	const sd = earlier.length > 1 ? sampleStandardDeviation(earlier) : mean * ONE_RUN_RELATIVE_SD;
	return estimate(mean, Math.max(sd, mean * OWN_RELATIVE_SD), 'learned');
}

/** Minutes for the rows that are left. */
export const timeLeft = (rows: number, pace: Estimate): Estimate => ({
	mean: (rows * pace.mean) / 60,
	sd: (rows * pace.sd) / 60,
	basis: pace.basis
});

/** A rest of so long, ms, ends a spell at the crank; after so many minutes of one a break is due (from memory). */
const REST_MS = 5 * 60_000;
export const BREAK_AFTER_MINUTES = 20;

/** Minutes cranked since the last rest, over all the events given, of however many projects. */
export function minutesSinceRest(events: readonly RunEvent[], now: number): number {
	const times = events
		.filter((e) => e.type === 'row' || e.type === 'start')
		.map((e) => e.at)
		.sort((a, b) => b - a);
	let ms = 0;
	let later = now;
	for (const at of times) {
		const gap = later - at;
		if (gap >= REST_MS) break;
		ms += Math.min(IDLE_MS, Math.max(0, gap));
		later = at;
	}
	return ms / 60_000;
}
