import Papa from 'papaparse';

/** A cell that starts like a formula is quoted with an apostrophe, so that no spreadsheet runs it. */
export const safeCell = (value: string | number | null): string | number => {
	if (value === null) return '';
	if (typeof value === 'number') return value;
	return /^'*[=+\-@\t\r]/.test(value) ? `'${value}` : value;
};

/** What a cell held before `safeCell`. */
export const bareCell = (cell: string): string => cell.replace(/^'(?='*[=+\-@\t\r])/, '');

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

/** One record, and the line of the file it starts in, from 1. A quoted cell may run over several lines. */
export interface Record {
	readonly line: number;
	readonly cells: readonly string[];
}

export type CsvText =
	| { readonly ok: true; readonly records: readonly Record[] }
	| { readonly ok: false; readonly line: number };

/** The separator of the header: the one it holds most of; a comma where it holds none. */
function delimiterOf(source: string): string {
	const head = source.slice(0, source.search(/[\r\n]|$/)).replace(/"[^"]*"/g, '');
	const held = (d: string) => head.split(d).length;
	return [',', ';', '\t'].reduce((best, d) => (held(d) > held(best) ? d : best));
}

/**
 * Splits CSV into records by RFC 4180; semicolons or tabs are taken too, as spreadsheets write them in some countries. Empty
 * lines are passed over. Refused, with the line, where a quote is never closed or stands wrong.
 */
export function readCsv(text: string): CsvText {
	const source = text.replace(/^\ufeff/, '');
	const records: Record[] = [];
	let bad = null as number | null;
	let line = 1;
	let from = 0;
	Papa.parse<string[]>(source, {
		skipEmptyLines: false,
		delimiter: delimiterOf(source),
		step: ({ data, errors, meta }, parser) => {
			if (errors.some((e) => e.type === 'Quotes')) {
				bad = line;
				parser.abort();
				return;
			}
			if (data.some((cell) => cell.trim() !== ''))
				records.push({ line, cells: data.map(bareCell) });
			line += source.slice(from, meta.cursor).match(/\r\n|\r|\n/g)?.length ?? 0;
			from = meta.cursor;
		}
	});
	return bad === null ? { ok: true, records } : { ok: false, line: bad };
}
