import { entryAt, sure } from '../quantity/sure';
import type { Shaping } from '../model/kinds';
import { LEAST_GROUP } from '../program/program';

/** Stitches taken off an edge before row `row` (from 0) is knitted. */
export interface Take {
	readonly row: number;
	readonly stitches: number;
	/** A group needs the yarn at its edge; single and double decreases do not. */
	readonly how: 'group' | 'single' | 'double';
}

/** What is asked of one edge. */
export interface EdgeAsked {
	/** Stitches that should be off the edge while row i is knitted, one for each row; never falling. */
	readonly off: readonly number[];
	readonly shaping: Shaping;
	/** Whether the yarn is at this edge when an even row begins, or an odd one. */
	readonly yarnAt: 'even' | 'odd';
}

/** What a schedule costs, in the order it is judged by. */
export interface ScheduleCost {
	/** Stitches by which rows lie farther than what is free from the line, summed over the rows. */
	readonly beyond: number;
	/** How often the rhythm changes: stitches at a time, kind or rows between. */
	readonly changes: number;
	/** Squared distance from the line, summed over the rows. */
	readonly squares: number;
}

export interface EdgeSchedule extends ScheduleCost {
	readonly takes: readonly Take[];
	/** The row farthest from the line and by how many stitches (more taken off than wished: above 0). */
	readonly worst: { readonly row: number; readonly stitches: number };
	/**
	 * The row that misses the line by more than the rules must: farther than half a stitch from where it is two rows early or
	 * late, which is how long a group can wait. 0 stitches where none does.
	 */
	readonly missed: { readonly row: number; readonly stitches: number };
}

/** Half a stitch is free; a hair more for the arithmetic. */
export const FREE = 0.5 + 1e-6;
/** Distances are rounded to this, so that scaling gauge and outline alike changes nothing. */
const GRAIN = 1e-6;
const fine = (x: number): number => Math.round(x / GRAIN) * GRAIN;
/** Rows about a row within which the line may be met early or late: a group waits at most one row for the yarn. */
const REACH = [3, 8, Infinity] as const;

type How = Take['how'];

/** How `n` stitches can come off before row `row` of an edge; undefined where they cannot. */
export function waysToTake(
	n: number,
	row: number,
	{ shaping, yarnAt }: Pick<EdgeAsked, 'shaping' | 'yarnAt'>
): How | undefined {
	if (row < 1) return undefined;
	const even = row % 2 === 0;
	if (shaping !== 'held' && n < LEAST_GROUP)
		return even ? (n === 1 ? 'single' : 'double') : undefined;
	return even === (yarnAt === 'even') ? 'group' : undefined;
}

interface Node {
	readonly row: number;
	readonly off: number;
	/** The best way to be here, whatever the rhythm; and by rhythm. */
	any: Path | null;
	readonly by: Map<number, Path>;
}
interface Path extends ScheduleCost {
	readonly from: Path | null;
	readonly take: Take | null;
}

/** Nothing is told apart by less: distances are rounded to a millionth of a stitch. */
const SAME = 1e-5;
/** What lies past a bound; a hair is nothing. */
const over = (below: number, above: number): number => {
	const past = Math.max(below, above);
	return past > SAME ? past : 0;
};
export const cheaper = (a: ScheduleCost, b: ScheduleCost): boolean => {
	if (Math.abs(a.beyond - b.beyond) > SAME) return a.beyond < b.beyond;
	if (a.changes !== b.changes) return a.changes < b.changes;
	return a.squares < b.squares - SAME;
};

const HOWS: readonly How[] = ['single', 'double', 'group'];
const rhythmKey = (gap: number, n: number, how: How): number =>
	(gap * 1024 + n) * HOWS.length + HOWS.indexOf(how);

/**
 * The best schedule of one edge: least `beyond`, then fewest `changes`, then least `squares`; the earliest of equals. Exact
 * over all schedules that the rules allow, that meet the line at most `REACH` rows early or late and end within half a stitch of it: a shortest path over
 * rows and stitches taken off, each state with its best for every rhythm. Stitches; 1 to some hundred rows.
 */
export function scheduleEdge(options: EdgeAsked): EdgeSchedule {
	for (const reach of REACH) {
		const best = search(options, reach);
		if (best) return best;
	}
	// With no bound on the reach, taking nothing off is always a schedule.
	throw new Error('no schedule');
}

/** The fewest and the most stitches that may be off in each row. */
function bands(off: readonly number[], reach: number): { low: number; high: number }[] {
	return off.map((_, row) => {
		// Before the first row nothing can be off.
		const early = row < reach ? 0 : entryAt(off, row - reach);
		const late = entryAt(off, Math.min(off.length - 1, row + reach));
		return {
			low: Math.max(0, Math.ceil(early - FREE)),
			high: Math.max(0, Math.floor(late + FREE))
		};
	});
}

/**
 * What is free in each row: half a stitch to either side of the line; and where the line steps by a whole group, the other
 * side of the step for one row, since a group waits that long for the yarn.
 */
export function freeBands(off: readonly number[]): { low: number; high: number }[] {
	const steps = (row: number): boolean => (off[row] ?? 0) - (off[row - 1] ?? 0) > LEAST_GROUP - 0.5;
	return off.map((line, row) => ({
		low: (row > 0 && steps(row) ? entryAt(off, row - 1) : line) - 0.5,
		high: (row + 1 < off.length && steps(row + 1) ? entryAt(off, row + 1) : line) + 0.5
	}));
}

/** A path to a node, kept if it is the cheapest in its rhythm, or of all. */
function relax(node: Node, key: number, path: Path): void {
	const known = node.by.get(key);
	if (!known || cheaper(path, known)) node.by.set(key, path);
	if (!node.any || cheaper(path, node.any)) node.any = path;
}

/** What staying at so many stitches off has cost since a node was left. */
interface Stay {
	readonly beyond: number;
	readonly squares: number;
}

/** Every number of stitches that may be taken after row `to`, each a path further on. */
function takeOn(
	node: Node,
	to: number,
	{ beyond, squares }: Stay,
	{ options, band, nodes }: Search
): void {
	const from = sure(node.any);
	for (
		let sum = Math.max(node.off + 1, entryAt(band, to).low);
		sum <= entryAt(band, to).high;
		sum++
	) {
		const n = sum - node.off;
		const how = waysToTake(n, to, options);
		if (!how) continue;
		const key = rhythmKey(to - node.row, n, how);
		const kept = node.by.get(key);
		const turned = from.changes + (from.take ? 1 : 0);
		// The same rhythm goes on, or another begins; which is cheaper is not known before.
		const via = kept && cheaper(kept, { ...from, changes: turned }) ? kept : from;
		let next = entryAt(nodes, to).get(sum);
		if (!next)
			entryAt(nodes, to).set(sum, (next = { row: to, off: sum, any: null, by: new Map() }));
		relax(next, key, {
			beyond: via.beyond + beyond,
			changes: kept && via === kept ? kept.changes : turned,
			squares: via.squares + squares,
			from: via,
			take: { row: to, stitches: n, how }
		});
	}
}

interface Search {
	readonly options: EdgeAsked;
	readonly band: readonly { readonly low: number; readonly high: number }[];
	readonly nodes: readonly Map<number, Node>[];
}

function search(options: EdgeAsked, reach: number): EdgeSchedule | null {
	const { off } = options;
	const rows = off.length;
	const band = bands(off, reach);
	const line = off.map(fine);
	const free = freeBands(line);
	const nodes: Map<number, Node>[] = Array.from({ length: rows }, () => new Map());
	const start: Node = { row: 0, off: 0, any: null, by: new Map() };
	start.any = { beyond: 0, changes: 0, squares: 0, from: null, take: null };
	entryAt(nodes, 0).set(0, start);
	let best: Path | null = null;

	for (let row = 0; row < rows; row++)
		for (const node of entryAt(nodes, row).values()) {
			let beyond = 0;
			let squares = 0;
			for (let to = row + 1; to <= rows; to++) {
				const { low, high } = entryAt(band, to - 1);
				if (node.off < low || node.off > high) break;
				const away = Math.abs(node.off - entryAt(line, to - 1));
				const { low: least, high: most } = entryAt(free, to - 1);
				beyond += over(least - node.off, node.off - most);
				squares += away * away;
				if (to < rows) takeOn(node, to, { beyond, squares }, { options, band, nodes });
				else {
					const from = sure(node.any);
					const end: Path = {
						beyond: from.beyond + beyond,
						changes: from.changes,
						squares: from.squares + squares,
						from,
						take: null
					};
					if (!best || cheaper(end, best)) best = end;
				}
			}
		}
	return best && schedule(best, line);
}

function schedule(end: Path, line: readonly number[]): EdgeSchedule {
	const takes: Take[] = [];
	for (let p: Path | null = end; p; p = p.from) if (p.take) takes.push(p.take);
	takes.reverse();
	let worst = { row: 0, stitches: 0 };
	let missed = { row: 0, stitches: 0 };
	let off = 0;
	let next = 0;
	for (let row = 0; row < line.length; row++) {
		while (takes[next]?.row === row) off += entryAt(takes, next++).stitches;
		const away = off - entryAt(line, row);
		if (Math.abs(away) > Math.abs(worst.stitches) + SAME) worst = { row, stitches: away };
		const least = entryAt(line, Math.max(0, row - 2)) - FREE;
		const most = entryAt(line, Math.min(line.length - 1, row + 2)) + FREE;
		const past = off > most ? off - most : Math.min(0, off - least);
		if (Math.abs(past) > Math.abs(missed.stitches) + SAME) missed = { row, stitches: past };
	}
	const { beyond, changes, squares } = end;
	return { takes, beyond, changes, squares, worst, missed };
}

/** A stretch of like takes: `stitches` every `every` rows, `times` times, the first before row `first`. */
export interface Rhythm {
	readonly stitches: number;
	readonly how: How;
	/** Rows from one to the next; of a single take the rows since the one before, or since the start. */
	readonly every: number;
	readonly times: number;
	readonly first: number;
}

/** Takes as a maker says them: like ones with like gaps as one. */
export function rhythmsOf(takes: readonly Take[]): Rhythm[] {
	const found: Rhythm[] = [];
	let before = 0;
	for (const [i, t] of takes.entries()) {
		const gap = t.row - before;
		before = t.row;
		const last = found.at(-1);
		const alike = last?.stitches === t.stitches && last.how === t.how;
		if (alike && last.every === gap) found[found.length - 1] = { ...last, times: last.times + 1 };
		// The way to the first of a stretch is told by its row and need not be as long as the others.
		else if (alike && last.times === 1 && takes[i + 1]?.row === t.row + gap)
			found[found.length - 1] = { ...last, every: gap, times: 2 };
		else found.push({ stitches: t.stitches, how: t.how, every: gap, times: 1, first: t.row });
	}
	return found;
}

/** Stitches off the edge while each row is knitted. */
export function offByRow(takes: readonly Take[], rows: number): number[] {
	const out: number[] = [];
	let off = 0;
	let next = 0;
	for (let row = 0; row < rows; row++) {
		while (takes[next] && entryAt(takes, next).row <= row) off += entryAt(takes, next++).stitches;
		out.push(off);
	}
	return out;
}

/** Takes that are their own line: as they are typed, no row misses anything. */
export const ownLine = (takes: readonly Take[]): EdgeSchedule => ({
	takes,
	beyond: 0,
	changes: 0,
	squares: 0,
	worst: { row: 0, stitches: 0 },
	missed: { row: 0, stitches: 0 }
});
