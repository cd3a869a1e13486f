import * as z from 'zod';
import type { Assembly } from '../assembly/assembly';
import type { Size } from '../assembly/size';
import type { Gauge } from '../bench/gauge/gauge';
import type { PlannedPiece } from '../crank/piece';
import type { Machine } from '../model/bench';
import type { Bench } from '../model/project';

/** Where an option is asked for: in the sentence of the order slip, or in a table beside the picture. */
export const OPTION_GROUPS = ['slip', 'table'] as const;
export type OptionGroup = (typeof OPTION_GROUPS)[number];

/** What is known when options are asked for: the plan they gave, and the bench. */
export interface Now<F = unknown> {
	readonly bench: Pick<Bench, 'machines' | 'yarns'>;
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	readonly pieces: readonly PlannedPiece[];
	readonly assembly: Assembly;
	readonly finished: F;
	readonly sizes: readonly Size[];
}

/** What a value is called. */
export interface Word {
	readonly label: string;
	/** One sentence more. */
	readonly hint?: string;
	/** A length that is said after it, in the maker's unit. */
	readonly cm?: number;
	/** How it reads in the order slip, where that is not its label: `{key}` is an option beside it or in it, in words. */
	readonly says?: string;
}

type OfOptions<T> = (options: never, now: never) => T;

/**
 * How an option is asked for. Its range, its values and whether it may be left empty are its schema's own and are not said
 * again. What is a function is given the options as they stand and what is known now.
 */
export interface Asked {
	readonly label: string | OfOptions<string>;
	/** That of what it lies in where left out, and `slip` for the outermost. */
	readonly group?: OptionGroup;
	/** How its value reads in the order slip, where that is not its plain words: `{}` is those. */
	readonly says?: string | OfOptions<string>;
	/** How a change of it is called; its label where left out. */
	readonly what?: string;
	/** A `length` in cm, or what it counts. */
	readonly unit?: 'length' | (string & {});
	/** What its values are called, or the ways it can be set. */
	readonly words?: Readonly<Record<string, string | Word>>;
	/** Values side by side, or in a list. */
	readonly as?: 'row' | 'list' | 'again';
	/** Numbers that are usual, to be pressed. */
	readonly choices?: readonly number[];
	/** Named values; one of the maker's own is typed. */
	readonly named?: OfOptions<readonly (Word & { readonly value: number })[]>;
	/** What the field for a value of one's own is called. */
	readonly own?: string;
	/** What it is while left empty: a number, or in words. */
	readonly usual?: OfOptions<number | string>;
	/** Words after a usual number. */
	readonly usualSays?: string;
	/** The one field that tells ways of one name apart, such as a length flat from a length worn. */
	readonly split?: string;
	/** What a way begins with, so that nothing jumps: figures out of range are brought into it. */
	readonly start?: Readonly<Record<string, OfOptions<object>>>;
	/** Options that change with it. */
	readonly also?: (options: never, now: never, value: never) => object;
	/** The size that it sets, by id, or `rows`. */
	readonly sets?: (options: never) => string | null;
	/** Whether it is asked for at all. */
	readonly when?: OfOptions<boolean>;
	/** Drawn by a part of its own, of that name. */
	readonly editor?: string;
}

/** What is known of each option beside its schema. */
export const asked = z.registry<Asked>();

/** An option: a schema of its own, like the one given, and how it is asked for. */
export function option<T extends z.ZodType>(schema: T, how: Asked): T {
	const own = schema.clone(schema.def, { parent: true }) as T;
	asked.add(own as never, how as never);
	return own;
}
