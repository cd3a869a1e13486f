import { printLength } from '../quantity/print';
import type { GatherWith } from '../model/gather-with';
import type { Trim } from '../model/trim';
import type { Units } from '../quantity/units';

/** A verb on a button: words and lengths, cm, printed in the maker's unit. */
export type Label = readonly (string | { readonly cm: number })[];

/** A way out of a finding: a change of the options or of the project, or a page to go to. Plain data. */
export interface Fix {
	readonly label: Label;
	/** What is put in the place of the same options. */
	readonly options?: Readonly<Record<string, unknown>>;
	readonly project?: {
		readonly useFresh?: boolean;
		readonly trims?: Trim[];
		readonly gather?: GatherWith;
	};
	/** A page of the project, and what is asked of it. */
	readonly go?:
		| { readonly page: 'stand-ins'; readonly yarn: string }
		/** A new yarn on the bench. */
		| { readonly page: 'add-yarn' }
		/** Another recipe, begun with these of its options. */
		| {
				readonly page: 'begin';
				readonly recipe: string;
				readonly options: Readonly<Record<string, unknown>>;
		  };
}

export const change = (label: Label, options: object): Fix => ({
	label,
	options: options as Record<string, unknown>
});

/** What the offered change does, as a verb on a button. */
export const wordFix = ({ label }: Pick<Fix, 'label'>, units: Units): string =>
	label.map((x) => (typeof x === 'string' ? x : printLength(x.cm, units))).join(' ');
