import type { CountOver, Reading } from '../../model/bench';

export type Side = 'stitches' | 'rows';

/** Stitches or rows to the centimetre. */
export const density = (c: CountOver): number => c.count / c.overCm;

/** A reading's stitches or rows to the centimetre; null where it was taken of the other alone. */
export const densityOf = (r: Pick<Reading, Side>, side: Side): number | null => {
	const c = r[side];
	return c && density(c);
};

/** Both densities of a reading; null where one was not taken. */
export function densitiesOf(
	r: Pick<Reading, Side>
): { readonly stitchesPerCm: number; readonly rowsPerCm: number } | null {
	return r.stitches && r.rows
		? { stitchesPerCm: density(r.stitches), rowsPerCm: density(r.rows) }
		: null;
}
