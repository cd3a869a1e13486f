import { entryAt } from '../quantity/sure';
/** Where a loop is at the end. The states are disjoint and every loop is in exactly one. */
export const LOOP = {
	onPin: 0,
	/** A loop was drawn through it, alone or as the one of a stack that shows. */
	knittedThrough: 1,
	onNeedle: 2,
	onWaste: 3,
	castOff: 4,
	/** Lay with others on one pin when a loop was drawn through all of them, behind the first of them: a decrease. */
	stacked: 5,
	/** Stayed on its pin while the next loop was made, and was knitted off with it. */
	tucked: 6,
	/** Fell, or ran down with one that fell. */
	dropped: 7,
	/** Off its pin on a strand, to come back or to be closed later. */
	held: 8,
	/** Not a loop yet: yarn round a card, to be latched up. */
	float: 9
} as const;

/** Which side of a loop faces the outside of the tube as it hangs; the second bit says that its yarn was split. */
export const FACE = { knit: 0, purl: 1, split: 2 } as const;

/** The pin of a column latched up from floats: it never had one. */
export const NO_PIN = 255;

/** What came off the machine, loop by loop in the order they were made; 15 bytes a loop. */
export interface Fabric {
	readonly pins: number;
	readonly rows: number;
	/** Where each row begins in the arrays below; one more than there are rows. */
	readonly rowStart: Int32Array;
	/** Index into the piece's yarns, or WASTE. */
	readonly yarn: Uint8Array;
	/** Pin the loop was made on, from 0. */
	readonly pin: Uint8Array;
	readonly face: Uint8Array;
	readonly state: Uint8Array;
	/** Place in the stack when it was knitted off, 0 for what went down first: on the right side that is on top. */
	readonly order: Uint8Array;
	/** Rows it spent held on a strand. */
	readonly heldRows: Uint16Array;
	/** The loop drawn through this one; -1 for none. */
	readonly into: Int32Array;
	/** The loop drawn through it a second time, where it was hung up as a hem; -1 for none. */
	readonly hung: Int32Array;
}

export type FaultCode =
	| 'no-cast-on'
	| 'cast-on-twice'
	| 'no-yarn'
	| 'nothing-on-pins'
	| 'live-loops'
	| 'left-on-machine'
	| 'too-large'
	| 'past-stop'
	| 'idle-pin'
	| 'empty-pin'
	| 'no-such-pin'
	| 'too-narrow'
	| 'not-a-panel'
	| 'wrong-side'
	| 'not-all-lifted'
	| 'nothing-held'
	| 'no-such-row'
	| 'nothing-dropped'
	| 'nothing-to-mend'
	| 'extension-at-edge'
	| 'yarn-still-in'
	| 'near-marker'
	| 'edge-unguarded';

export interface Fault {
	readonly code: FaultCode;
	/** Row counted from 0 in the whole piece, waste included. */
	readonly row: number;
	/** Pin from 0, where one pin is meant. */
	readonly pin: number | null;
}

export interface Simulated {
	readonly fabric: Fabric;
	/** Values, never exceptions: what the machine could not do, where. */
	readonly faults: readonly Fault[];
	/** For a panel: the edge at which the yarn is at the end. */
	readonly yarnAt: 'low' | 'high';
}

/** Runs of rows with one yarn, read off each row's first loop: what ribbon, picture, yarn and run sheet use. */
export interface YarnRun {
	readonly from: number;
	readonly to: number;
	readonly yarn: number;
}

export function yarnRuns(fabric: Fabric): YarnRun[] {
	const runs: YarnRun[] = [];
	let from = 0;
	for (let row = 0; row < fabric.rows; row++) {
		const yarn = yarnOfRow(fabric, row);
		if (row + 1 < fabric.rows && yarnOfRow(fabric, row + 1) === yarn) continue;
		runs.push({ from, to: row + 1, yarn });
		from = row + 1;
	}
	return runs;
}

const yarnOfRow = (fabric: Fabric, row: number): number =>
	entryAt(fabric.yarn, entryAt(fabric.rowStart, row));

/** Stitches made with each yarn: index to count. */
export function stitchesByYarn(fabric: Fabric): Map<number, number> {
	const counts = new Uint32Array(256);
	for (const yarn of fabric.yarn) counts[yarn] = (counts[yarn] ?? 0) + 1;
	const found = new Map<number, number>();
	for (const [yarn, n] of counts.entries()) if (n > 0) found.set(yarn, n);
	return found;
}

/** Loops (floats left out) of one row: its width in stitches. */
export function stitchesInRow(fabric: Fabric, row: number): number {
	let n = 0;
	for (let i = entryAt(fabric.rowStart, row); i < entryAt(fabric.rowStart, row + 1); i++)
		if (fabric.state[i] !== LOOP.float) n += 1;
	return n;
}
