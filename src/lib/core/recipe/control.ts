import type { OptionGroup, Word } from './option';

/** One of several values. */
export interface Choice extends Word {
	readonly id: string;
	readonly value: unknown;
}

export interface Common {
	/** Where it lies within the options, joined by points. */
	readonly key: string;
	readonly group: OptionGroup;
	readonly label: string;
	/** How a change of it is called. */
	readonly what: string;
	/** How it reads in the order slip: `{}` is its value in plain words; null for just those. */
	readonly says: string | null;
	/** The size that it sets, by id, or `rows`; null for none. */
	readonly sets: string | null;
	/** The options that change when it is set so; null takes it out where it may be left empty. */
	readonly patch: (value: unknown) => Record<string, unknown>;
}
/** A whole number of something, or a length in cm. */
export interface NumberControl extends Common {
	readonly kind: 'number';
	readonly unit: string;
	readonly min: number;
	readonly max: number;
	readonly value: number | null;
	/** May be left empty: what it is then. */
	readonly usual: { readonly value: number | string; readonly says: string } | null;
	/** Values by name; none for what is only typed. */
	readonly named: readonly Choice[];
	/** The name of the field for a value of one's own. */
	readonly own: string;
}
/** One of several values, or ways to set it. */
export interface ChoiceControl extends Common {
	readonly kind: 'choice';
	readonly as: 'row' | 'list';
	readonly chosen: string;
	readonly choices: readonly Choice[];
}
/** A yarn of the bench. */
export interface YarnControl extends Common {
	readonly kind: 'yarn';
	readonly value: string;
}
/** The next of many, by a press. */
export interface AgainControl extends Common {
	readonly kind: 'again';
	readonly next: number;
}
/** Drawn by a part of its own. */
export interface EditorControl extends Common {
	readonly kind: 'editor';
	readonly editor: string;
	readonly value: unknown;
	/** The fewest and the most of a list. */
	readonly least: number;
	readonly most: number;
}
export type Control = NumberControl | ChoiceControl | YarnControl | AgainControl | EditorControl;
