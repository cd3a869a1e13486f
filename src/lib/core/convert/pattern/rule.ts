import type { Act, Shape } from './acts';

/** What a rule may look back at. */
export interface Before {
	/** The last shaping, for what leaves its verb out: "then every row until 10 remain". */
	readonly shape: Shape | null;
	/** The last group. */
	readonly group: Extract<Act, { do: 'group' | 'groups' }> | null;
	/** Stitches that are worked since a division; null where there is none. */
	readonly divided: number | null;
	/** What the last act was. */
	readonly last: Act | null;
	/** Rows since the numbering of rows began. */
	readonly done: number;
}

/** What a stretch of words means. Nothing where the words only help, as "k to end". */
export interface Rule {
	readonly name: string;
	/** What it asks goes on during the rows before it. */
	readonly during?: true;
	/** What has to be guessed where it is used. */
	readonly guess?: 'no-verb' | 'bare-cast-on';
	/** What it is made of, without where it ends. */
	readonly source: string;
	/** Held against the tokens, a space between each, from where reading stands. */
	readonly form: RegExp;
	/** Null where it does not apply after all. */
	readonly means: (m: Groups, before: Before) => readonly Act[] | null;
}
export type Groups = Readonly<Record<string, string | undefined>>;
