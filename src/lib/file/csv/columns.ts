import {
	parseGrams,
	parseLengthCm,
	parseYarnMetres,
	readNumber,
	tidy
} from '../../core/quantity/parse';
import type { Problem, Result } from '../../core/quantity/problem';
import type { Record } from './rfc4180';

export type Cell = string | number | null;

/** One column of a table: its header is `name (unit)`. */
export interface Column {
	readonly name: string;
	/** The unit written; others of the same kind are read. */
	readonly unit?: 'g' | 'm' | 'cm';
	/** True where the table cannot be read without it. */
	readonly needed?: boolean;
}
export const header = (c: Column): string => (c.unit ? `${c.name} (${c.unit})` : c.name);

/** What is wrong with a table, and where. Sentences are in `ui/files/words.ts`. */
export interface Trouble {
	readonly line: number;
	/** From 1; null where it is the whole line. */
	readonly column: number | null;
	readonly header: string;
	readonly what:
		| Problem
		| { code: 'quote' }
		| { code: 'no-table'; wanted: readonly string[] }
		| { code: 'too-many-cells'; cells: number; wanted: number }
		| { code: 'too-many-lines'; most: number }
		| { code: 'no-such'; kind: 'machine' | 'yarn'; typed: string; known: readonly string[] }
		| { code: 'choice'; typed: string; options: readonly string[] }
		| { code: 'twice'; first: number }
		| { code: 'invalid'; expected: string };
}

interface Place {
	readonly at: number;
	readonly header: string;
	readonly unit: string | null;
}

/** `weight (g)` as its name and its unit; read from its end, so that it takes no longer for being long. */
function headOf(cell: string): { name: string; unit: string | undefined } {
	const text = cell.trim().toLowerCase();
	const open = text.endsWith(')') ? text.lastIndexOf('(') : -1;
	return open < 0
		? { name: text, unit: undefined }
		: { name: text.slice(0, open).trim(), unit: text.slice(open + 1, -1).trim() };
}

/** Where each column stands in a file's header, by name; columns of other names are passed over. */
export function placesOf(head: Record, columns: readonly Column[]): Map<string, Place> {
	const places = new Map<string, Place>();
	head.cells.forEach((cell, at) => {
		const { name, unit } = headOf(cell);
		const column = columns.find((c) => c.name === name);
		if (column && !places.has(column.name))
			places.set(column.name, {
				at,
				header: cell.trim(),
				unit: unit || column.unit || null
			});
	});
	return places;
}

/** Reads the cells of one record; what cannot be read is told to `troubles` with its line and column. */
export class Cells {
	readonly line: number;
	/** True once something in this line could not be read. */
	refused = false;

	constructor(
		private readonly record: Record,
		private readonly places: ReadonlyMap<string, Place>,
		private readonly troubles: Trouble[]
	) {
		this.line = record.line;
	}

	/** What is in a cell; empty where the column is missing. */
	raw(name: string): string {
		const place = this.places.get(name);
		return place ? (this.record.cells[place.at] ?? '').trim() : '';
	}

	refuse(name: string, what: Trouble['what']): undefined {
		const place = this.places.get(name);
		this.refused = true;
		this.troubles.push({
			line: this.line,
			column: place ? place.at + 1 : null,
			header: place?.header ?? name,
			what
		});
	}

	text(name: string, max: number, wanted?: string): string | undefined {
		const value = this.raw(name);
		if (value === '')
			return wanted === undefined ? undefined : this.refuse(name, { code: 'empty', wanted });
		if (value.length > max)
			return this.refuse(name, {
				code: 'out-of-range',
				value: value.length,
				min: 1,
				max,
				unit: 'letters'
			});
		return value;
	}

	/** A number in the column's unit, made metric; undefined where the cell is empty or cannot be read. */
	number(name: string, min: number, max: number, wanted?: string): number | undefined {
		const value = this.raw(name);
		if (value === '')
			return wanted === undefined ? undefined : this.refuse(name, { code: 'empty', wanted });
		const unit = this.places.get(name)?.unit ?? null;
		const read = unit === null ? plainNumber(value) : withUnit(value, unit);
		if (!read.ok) return this.refuse(name, read.problem);
		if (read.value < min || read.value > max)
			return this.refuse(name, {
				code: 'out-of-range',
				value: read.value,
				min,
				max,
				unit: unit === null ? '' : metricOf(unit)
			});
		return read.value;
	}

	whole(name: string, min: number, max: number, wanted?: string): number | undefined {
		const n = this.number(name, min, max, wanted);
		if (n === undefined || Number.isInteger(n)) return n;
		return this.refuse(name, { code: 'not-whole', value: n, wanted: String(Math.round(n)) });
	}

	choice<T extends string>(name: string, options: readonly T[]): T | undefined {
		const typed = this.raw(name);
		if (typed === '') return undefined;
		const found = options.find((o) => o === typed.toLowerCase());
		return found ?? this.refuse(name, { code: 'choice', typed, options });
	}
}

const METRIC: { readonly [unit: string]: 'g' | 'm' | 'cm' } = {
	g: 'g',
	kg: 'g',
	oz: 'g',
	m: 'm',
	yd: 'm',
	cm: 'cm',
	mm: 'cm',
	in: 'cm'
};
const metricOf = (unit: string): string => METRIC[unit] ?? unit;
const isZero = (text: string): boolean => /^0+([.,]0*)?\s*[a-z]*$/i.test(text);

const plainNumber = (text: string): Result<number> => {
	const value = readNumber(tidy(text));
	return value === undefined
		? { ok: false, problem: { code: 'not-understood', typed: text, wanted: '12' } }
		: { ok: true, value };
};

/** A bare number takes the header's unit; one with its own unit keeps it. */
function withUnit(text: string, unit: string): Result<number> {
	// The parsers refuse 0, since nothing knitted measures it; a stock may well be empty.
	if (isZero(text)) return { ok: true, value: 0 };
	const typed = /[a-z"]\s*$/i.test(text) ? text : `${text} ${unit}`;
	const metric = metricOf(unit);
	if (metric === 'g') return parseGrams(typed);
	return metric === 'm' ? parseYarnMetres(typed, 'cm') : parseLengthCm(typed, 'cm');
}
