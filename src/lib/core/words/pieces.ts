import type { GuessedSeam, SeamEnd } from '../convert/pieces/seams';
import type { PieceProblem } from '../convert/pieces/pieces';
import type { Strip } from '../convert/pieces/strip';
import type { Guess } from '../convert/pieces/walk';
import type { WidenedWay } from '../model/written';
import { rowsWord, say } from '../quantity/say';
import type { Units } from '../quantity/units';

const stitches = (n: number): string => (n === 1 ? 'one stitch' : `${n} stitches`);

/** What was guessed of a stretch, or what the maker has to say. */
export function wordGuess(g: Guess): string {
	switch (g.code) {
		case 'past-end':
			return `The ${g.side} edge is shaped as far as row ${g.row}, and there are ${rowsWord(g.rows)}: say more rows, or let it end sooner. It is left straight.`;
		case 'both-armholes':
			return 'The piece has two armholes: taken at both.';
		case 'half-odd':
			return `${g.n} stitches do not halve: its halves have a stitch fewer between them.`;
		case 'half-edge':
			return g.edge === 'neck'
				? 'It does not say at which edge: taken at the neck.'
				: 'It does not say at which edge: taken at the side, away from the neck.';
		case 'evenly':
			return `Nothing is added or taken in the middle of a row on a ring: ${stitches(g.castOn)} are cast on from the start.`;
		case 'evenly-edges':
			return `Nothing is added or taken in the middle of a row on a ring: ${stitches(g.n)} at the edges, half at each.`;
		case 'no-armhole':
			return 'No armhole was begun before it: measured from the beginning.';
		case 'already-longer':
			return `The piece is ${rowsWord(g.rows)} longer than that already: no row is added.`;
		case 'same-missing':
			return `No piece called ${g.piece} stands before this one: say what is worked here.`;
		case 'needs-rows':
			return 'A length needs the pattern’s rows to the centimetre: type its gauge, or say it in rows.';
		case 'centre-differs':
			return `The pattern takes ${stitches(g.said)} in the middle, and its halves leave ${g.is} between them.`;
	}
}

/** Why a piece is not drawn yet. */
export function wordPieceProblem(p: PieceProblem, units: Units): string {
	switch (p.code) {
		case 'no-cast-on':
			return 'It does not say how many are cast on: “cast on 48 sts”.';
		case 'no-rows':
			return 'It has no rows yet: “work 40 rows”, or a length.';
		case 'none-left':
			return 'More stitches come off than it has: see what needs you in its text.';
		case 'too-large':
			return `By its gauge it is ${say(units).length(p.cm)} long or wide; ${say(units).length(p.most)} at most: check its rows and its gauge.`;
		case 'too-many-points':
			return `Its edge turns too often; ${p.most} times at most.`;
	}
}

/** The ways of a piece that widens and then narrows: what it is called, what it is, and how it looks. */
export const WIDENED_WORDS: Readonly<
	Record<WidenedWay, { readonly label: string; readonly what: string }>
> = {
	joined: {
		label: 'each way, joined',
		what: 'Two panels begun on waste at the widest row, one down and one up, joined loop to loop: no ridge, and its loops lie half a stitch aside at the join.'
	},
	panels: {
		label: 'two panels, sewn',
		what: 'Two panels, each closed at its wide end and sewn across: a firm line round the widest row.'
	},
	eased: {
		label: 'straight, eased',
		what: 'As wide from its first row as it gets: the extra width at the narrow end is gathered into its band or seam.'
	},
	sideways: {
		label: 'sideways',
		what: 'Two halves from the middle line out, turned on their side: rows run along its length, so stripes do too, with a seam down its middle.'
	}
};

const WAVERS =
	'It goes in and out more than once: it is knitted as wide as it gets, and eased in its seams.';
const TURNED = 'It widens, so it is knitted from its other end.';
export const wordWidening = (kind: 'turned' | 'both' | 'wavers'): string =>
	kind === 'turned'
		? TURNED
		: kind === 'wavers'
			? WAVERS
			: 'It widens and then narrows, and a panel on a ring only narrows. Knit it';

/** Ends of a guessed seam in the maker's words. */
export function wordSeam({ a, b, times, open }: GuessedSeam, strips: readonly Strip[]): string {
	const end = ({ piece, part, side }: SeamEnd): string => {
		const s = strips.find((x) => x.id === piece.replace(/-mirror$/, ''));
		const image = piece.endsWith('-mirror') ? ', mirrored' : '';
		const where =
			part === 'hem'
				? 'first row'
				: side === 'top'
					? `last row`
					: side === 'left' || side === 'right'
						? `${side} ${part}`
						: part;
		return `${s?.name ?? piece}${image}, ${where}`;
	};
	const list = (ends: readonly SeamEnd[]) => ends.map(end).join(' and ');
	return `${list(a)} to ${list(b)}${open ? ', loop to loop' : ''}${times > 1 ? `; ${times} times` : ''}.`;
}
