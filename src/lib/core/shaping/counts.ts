/** A count that cannot happen, with the nearest below and above that can; null where one side has none. */
export interface Impossible {
	readonly ok: false;
	readonly below: number | null;
	readonly above: number | null;
}
export type Possible = { readonly ok: true } | Impossible;

/** From `from` stitches to `to` by `step` at a time: whole steps only. */
export function reachable(from: number, to: number, step: number): Possible {
	const off = from - to;
	if (off >= 0 && off % step === 0) return { ok: true };
	const times = Math.floor(off / step);
	const at = (n: number) => (n >= 0 && from - n * step >= 1 ? from - n * step : null);
	return { ok: false, below: at(times + 1), above: at(times) };
}

/** Rows after which the yarn is back where it started. */
export const returning = (rows: number): Possible =>
	rows > 0 && rows % 2 === 0
		? { ok: true }
		: { ok: false, below: rows > 2 ? rows - 1 : null, above: rows + 1 };

/** Rows of `times` decreases, one every `every`, within so many rows. */
export function fitting(times: number, every: number, rows: number): Possible {
	if (times * every <= rows) return { ok: true };
	const most = Math.floor(rows / every);
	return { ok: false, below: most > 0 ? most : null, above: null };
}

/** Stitches that come out in whole repeats, with so many over. */
export function repeating(stitches: number, repeat: number, over = 0): Possible {
	const past = stitches - over;
	if (past >= repeat && past % repeat === 0) return { ok: true };
	const n = Math.floor(past / repeat);
	return {
		ok: false,
		below: n >= 1 ? n * repeat + over : null,
		above: Math.max(1, n + 1) * repeat + over
	};
}
