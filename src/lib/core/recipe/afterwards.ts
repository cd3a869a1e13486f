import type { Joint } from '../assembly/joint';
import type { PlannedPiece } from '../crank/piece';
import type { Finding } from '../finding/finding';
import type { Finished } from './finished';

/** What the tape said of sizes, by their ids, cm. */
export type Measured = ReadonlyMap<string, number>;

/** Rows at the end of a piece that was knitted last: so many, up or down to a row. `what` is the piece; null where there is one. */
interface AtLastEnd {
	readonly what: string | null;
	readonly rows: number;
	readonly toRow: number;
	readonly cm: number;
}
/** Rows along an edge of so many loops, at so many places. */
interface AlongEdge {
	readonly at: Edge;
	readonly times: number;
	readonly loops: number;
	readonly rows: number;
	readonly cm: number;
}
interface AtSeam {
	readonly seam: Sewn;
	readonly times: number;
	readonly cm: number;
}

/** What can be done to a thing that is finished, in whole rows and loops and what they come to, cm. */
export type Remedy =
	| { readonly do: 'turn-up'; readonly cm: number }
	| { readonly do: 'turn-down'; readonly cm: number }
	/** The end knitted last is opened, rows come out of it, and it is closed again. */
	| ({ readonly do: 'ravel' } & AtLastEnd)
	/** Its loops go back on their pins for more rows. */
	| ({ readonly do: 'knit-on'; readonly loops: number } & AtLastEnd)
	/** From the first row nothing unravels: a row further in is drawn out, and what was below it falls off. */
	| ({ readonly do: 'snip' } & AlongEdge)
	| ({ readonly do: 'band' } & AlongEdge)
	| ({ readonly do: 'unpick'; readonly rows: number } & AtSeam)
	| ({ readonly do: 'close-more'; readonly by: 'rows' | 'loops'; readonly n: number } & AtSeam)
	| ({ readonly do: 'open-some'; readonly loops: number } & AtSeam)
	| ({ readonly do: 'sew-again'; readonly loops: number } & AtSeam)
	/** A strip let into a seam. */
	| ({ readonly do: 'strip'; readonly loops: number; readonly rows: number } & AtSeam);
export type Edge = 'cuff' | 'hem' | 'end';
export type Sewn = 'side' | 'sleeve' | 'shoulder' | 'under-arm';

/** A size that came out otherwise than it should be, and each way to change it. */
export interface Change {
	/** The size by its id and name. */
	readonly id: string;
	readonly label: string;
	readonly measured: number;
	readonly wanted: number;
	/** A judgement of the finished thing wants it so, or the plan foretold it. */
	readonly by: Finding['code'] | 'plan';
	readonly ways: readonly Remedy[];
}

/** What is known of a finished thing that was measured. */
export interface Found<W = unknown, F extends Finished = Finished> {
	readonly options: W;
	/** What came of it, its measured sizes in their places. */
	readonly finished: F;
	/** Its findings, judged on what was measured. */
	readonly findings: readonly Finding[];
	readonly measured: Measured;
	/** What was foretold of its sizes, cm. */
	readonly told: readonly {
		readonly id: string;
		readonly label: string;
		readonly cm: number;
		readonly sd: number;
	}[];
	/** As it came out, to the cm. */
	readonly rowsPerCm: number;
	readonly stitchesPerCm: number;
	/** Main rows of its first piece, really knitted. */
	readonly rows: number;
	readonly pieces: readonly PlannedPiece[];
	readonly joints: readonly Joint[];
}

/** A size this far out of its band, and by so much of itself, is worth a change: sds, share, cm. */
const OUT = { sds: 1.645, share: 0.03, cm: 1 };

/** A size that was measured, where it is out of what was foretold of it. */
export function outOf({ told, measured }: Pick<Found, 'told' | 'measured'>, id: string) {
	const size = told.find((s) => s.id === id);
	const cm = measured.get(id);
	if (!size || cm === undefined) return null;
	const off = Math.abs(cm - size.cm);
	if (off < OUT.cm || off < OUT.share * size.cm || off < OUT.sds * size.sd) return null;
	return { id, label: size.label, measured: cm, wanted: size.cm, by: 'plan' as const };
}

/** So many whole rows or loops as a length takes, one at least. */
export const whole = (cm: number, perCm: number): number =>
	Math.max(1, Math.round(Math.abs(cm) * perCm));

/** A straight piece longer or shorter from the end that was knitted last. */
export function fromTheLastEnd(
	{ measured, wanted }: Pick<Change, 'measured' | 'wanted'>,
	{ rows, rowsPerCm, pieces }: Pick<Found, 'rows' | 'rowsPerCm' | 'pieces'>,
	what: string | null = null
): Remedy[] {
	const n = Math.min(rows - 1, whole(measured - wanted, rowsPerCm));
	if (n < 1) return [];
	const of = { what, rows: n, cm: n / rowsPerCm };
	return measured > wanted
		? [{ do: 'ravel', ...of, toRow: rows - n }]
		: [{ do: 'knit-on', ...of, toRow: rows + n, loops: pieces[0]?.stitches.last ?? 0 }];
}
