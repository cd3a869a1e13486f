/** Where a loop is at the end. The states are disjoint and every loop is in exactly one. */
export const LOOP = {
	onPin: 0,
	knittedThrough: 1,
	onNeedle: 2,
	onWaste: 3,
	castOff: 4,
	unravelled: 5
} as const;

/** Which side of a loop faces the outside of the tube as it hangs. */
export const FACE = { knit: 0, purl: 1 } as const;

/**
 * What came off the machine, loop by loop, row by row from the cast-on.
 * Loop i is in row floor(i / pins), counted from 0; 8 bytes a stitch.
 */
export interface Fabric {
	readonly pins: number;
	readonly rows: number;
	/** Index into the piece's yarns, or WASTE. */
	readonly yarn: Uint8Array;
	/** Pin the loop was made on, from 0. */
	readonly pin: Uint8Array;
	readonly face: Uint8Array;
	readonly state: Uint8Array;
	/** The loop this one was drawn through; -1 for the first row. */
	readonly through: Int32Array;
}

export interface Fault {
	readonly code:
		| 'no-cast-on'
		| 'cast-on-twice'
		| 'no-yarn'
		| 'nothing-on-pins'
		| 'live-loops'
		| 'left-on-machine'
		| 'too-large';
	/** Row counted from 0 in the whole piece, waste included. */
	readonly row: number;
	/** Pin from 0, where one pin is meant. */
	readonly pin: number | null;
}

export interface Simulated {
	readonly fabric: Fabric;
	/** Values, never exceptions: what the machine could not do, where. */
	readonly faults: readonly Fault[];
}

/** Runs of rows with one yarn, read off the fabric's first pin: what ribbon, picture, yarn and run sheet use. */
export interface YarnRun {
	readonly from: number;
	readonly to: number;
	readonly yarn: number;
}

export function yarnRuns(fabric: Fabric): YarnRun[] {
	const runs: YarnRun[] = [];
	for (let row = 0; row < fabric.rows; row++) {
		const yarn = fabric.yarn[row * fabric.pins]!;
		const last = runs.at(-1);
		if (last && last.yarn === yarn) runs[runs.length - 1] = { ...last, to: row + 1 };
		else runs.push({ from: row, to: row + 1, yarn });
	}
	return runs;
}

/** Stitches made with each yarn: index to count. */
export function stitchesByYarn(fabric: Fabric): Map<number, number> {
	const counts = new Uint32Array(256);
	for (const yarn of fabric.yarn) counts[yarn]!++;
	const found = new Map<number, number>();
	for (const [yarn, n] of counts.entries()) if (n > 0) found.set(yarn, n);
	return found;
}
