import type { Forecast, MeasuredResult } from '../model/project';
import { erring, STATE_OF } from './erring';

type Told = Forecast['sizes'][number];

/** How a size moves with rows and with stitches of all it is knitted on. */
export function movesOf({ by }: Told): { readonly rows: number; readonly stitches: number } {
	return {
		rows: by.reduce((t, b) => t + b.rows, 0),
		stitches: by.reduce((t, b) => t + b.stitches, 0)
	};
}

/** Whether a size can be measured of a thing as it is: worn sizes on the head or body, all others lying, stuffed or hung. */
export const canMeasure = (size: Told, when: MeasuredResult['when']): boolean =>
	(size.lies === 'worn') === (when === 'on-head');

/**
 * The sizes of a forecast that can be measured, the two first that teach most together: the one that says most of one density
 * for what the tape may err, then the one that says most of what the first leaves open.
 */
export function askedOf(told: Forecast, when: MeasuredResult['when']): readonly Told[] {
	const can = told.sizes.filter((s) => canMeasure(s, when));
	const says = (s: Told) => {
		const { rows, stitches } = movesOf(s);
		const err = erring(s.cm, s.own, false);
		return [rows / err, stitches / err] as const;
	};
	const first = best(can, (s) => Math.hypot(...says(s)));
	if (!first) return can;
	const [a, b] = says(first);
	const second = best(
		can.filter((s) => s !== first),
		(s) => Math.abs(a * says(s)[1] - b * says(s)[0])
	);
	const chosen = [first, ...(second ? [second] : [])];
	return [...chosen, ...can.filter((s) => !chosen.includes(s))];
}
function best<T>(list: readonly T[], worth: (x: T) => number): T | undefined {
	return list.reduce<T | undefined>(
		(a, b) => (a !== undefined && worth(a) >= worth(b) ? a : b),
		undefined
	);
}

/** How a reading is likelier to be meant. */
export type Meant = 'one-layer' | 'both-layers' | 'inches' | 'centimetres';
const MEANT: readonly { readonly as: Meant; readonly times: number }[] = [
	{ as: 'one-layer', times: 2 },
	{ as: 'both-layers', times: 1 / 2 },
	{ as: 'inches', times: 2.54 },
	{ as: 'centimetres', times: 1 / 2.54 }
];
/** A reading so many of its sds, and at least so far, from what was foretold is asked about. */
const WILD = { sds: 4, log: 0.12 };
/** As near to the forecast as this (log) another way of reading it has to come. */
const NEAR = 0.12;
/** What a state may change in a size (one sd, as in the lessons). */
const CHANGED = 0.04;

/** A reading that can hardly be. */
export interface Wild {
	/** The density that decides the size, as it was taken and as this reading would have it, to the cm. */
	readonly side: 'rows' | 'stitches';
	readonly was: number;
	readonly would: number;
	/** What it would be, read otherwise; null where no usual slip explains it. */
	readonly meant: { readonly as: Meant; readonly cm: number } | null;
}

/** Whether a reading is so far from what was foretold that it is asked about before it is kept; null where it is not. */
export function wild(
	told: Forecast,
	id: string,
	cm: number,
	when: MeasuredResult['when']
): Wild | null {
	const size = told.sizes.find((s) => s.id === id);
	if (!size || !(cm > 0)) return null;
	const off = Math.log(cm / size.cm);
	const state = STATE_OF[when] === 'rested' ? 0 : CHANGED;
	const sd = Math.hypot(size.sd / size.cm, erring(size.cm, size.own, false), state);
	if (Math.abs(off) < WILD.log || Math.abs(off) < WILD.sds * sd) return null;
	const moves = movesOf(size);
	const side = Math.abs(moves.rows) >= Math.abs(moves.stitches) ? 'rows' : 'stitches';
	const pair = told.on[size.by[0]?.on ?? 0];
	const was = (side === 'rows' ? pair?.rowsPerCm : pair?.stitchesPerCm) ?? 1;
	const move = moves[side] || -1;
	const likely = best(
		MEANT.filter((m) => Math.abs(off + Math.log(m.times)) < NEAR),
		(m) => -Math.abs(off + Math.log(m.times))
	);
	return {
		side,
		was,
		would: was * Math.exp(off / move),
		meant: likely ? { as: likely.as, cm: cm * likely.times } : null
	};
}
