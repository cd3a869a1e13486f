import Papa from 'papaparse';

/** A cell that starts like a formula is quoted with an apostrophe, so that no spreadsheet runs it. */
export const safeCell = (value: string | number | null): string | number => {
	if (value === null) return '';
	if (typeof value === 'number') return value;
	return /^[=+\-@\t\r]/.test(value) ? `'${value}` : value;
};

/** CSV by RFC 4180: a header row, CRLF between records. */
export function writeCsv(
	columns: readonly string[],
	rows: readonly (string | number | null)[][]
): string {
	return Papa.unparse(
		{ fields: [...columns], data: rows.map((r) => r.map(safeCell)) },
		{ newline: '\r\n' }
	);
}
