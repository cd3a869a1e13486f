import { colourApart } from './colour';

/** Colours as knitters call them, each by one of its kind (from memory). */
export const COLOUR_NAMES: Readonly<Record<string, string>> = {
	teal: '#2f7f93',
	rust: '#b4532f',
	straw: '#e0c05a',
	moss: '#4d6b3c',
	plum: '#6f3f66',
	cream: '#efe6d0',
	charcoal: '#3b3f45',
	grey: '#8f979c',
	navy: '#1f3a5f',
	red: '#b3262e',
	rose: '#d98a9a',
	sky: '#8fbcd6',
	white: '#f7f7f4',
	black: '#1b1c1e',
	brown: '#6b4a33',
	mustard: '#c9962b',
	orange: '#dd7a2c',
	lilac: '#a892c8',
	mint: '#9ccdb4',
	wine: '#6e1f35',
	green: '#3f8b4f',
	blue: '#2f62a8',
	pink: '#e58fb0',
	yellow: '#f0d23c',
	sand: '#cdb591'
};
/** What a first yarn is offered in: far enough apart to be told from one another. */
export const FIRST_COLOURS = Object.keys(COLOUR_NAMES).slice(0, 12);

/** The name nearest to a colour, #rrggbb. */
export const nameOfColour = (hex: string): string =>
	Object.entries(COLOUR_NAMES).reduce(
		(best, [name, of]) => {
			const off = colourApart(hex, of);
			return off < best.off ? { name, off } : best;
		},
		{ name: 'grey', off: Infinity }
	).name;

/** The colour that a name names, by its last word that is one ("dark teal"); undefined where none is. */
export const colourOfName = (name: string): string | undefined =>
	name
		.toLowerCase()
		.split(/[^a-z]+/)
		.map((word) => (Object.hasOwn(COLOUR_NAMES, word) ? COLOUR_NAMES[word] : undefined))
		.findLast((c) => c !== undefined);
