import { change, type Fix } from '../finding/fix';

/** The same thing in so many rows; it goes nowhere where the rows follow from other measures. */
export const toRows = (rows: number, withRows: (rows: number) => object | null): Fix =>
	change([`Make it ${rows} rows`], withRows(rows) ?? {});
