import type { RunSheetEvent } from '../crank/events';

/** Small things that save a piece, where the hands meet them (common practice). */
const TIPS = {
	'cast-on': 'See that the handle is firm and the clamp holds before a long run.',
	'slow loose':
		'A loose knot of other yarn through a loop of the row to be hung marks it until then.',
	roll: 'Look inside first: a tape left in the tube is soon knitted over.',
	'hands hold': 'Snug the gap beside the held group in the next row: it would stay open.',
	'hands take-back': 'Held loops shrink: pull on the waste yarn, and they are loose again.',
	'hands cast-off': 'A chain can be undone and done again: too tight, it draws the edge in.',
	'hands extend': 'A finger on the card keeps it upright while the ring turns.'
} as const;
type TipKind = keyof typeof TIPS;

/** What every piece has, whatever it is: known by every piece that came off before. */
const EVERY_PIECE: readonly TipKind[] = ['cast-on', 'roll'];

function kindOf(e: RunSheetEvent): TipKind | null {
	const kind =
		e.kind === 'slow'
			? `slow ${e.why}`
			: e.kind === 'hands'
				? `hands ${e.work[0]?.do ?? ''}`
				: e.kind;
	return kind in TIPS ? (kind as TipKind) : null;
}

/** The tip of an event; null where none is known. */
export function tipOf(e: RunSheetEvent): string | null {
	const kind = kindOf(e);
	return kind && TIPS[kind];
}

/** After so many times a tip is known, and folded. */
const KNOWN_AFTER = 3;

/** A piece as far as it is: what its sheet has, and how many rows of it are done. */
interface Passed {
	readonly events: readonly RunSheetEvent[];
	readonly done: number;
}

/** Whether the maker has done what a tip is about often enough: in this project, and in pieces that came off elsewhere. */
export function isTipKnown(
	e: RunSheetEvent,
	pieces: readonly Passed[],
	offElsewhere: number
): boolean {
	const kind = kindOf(e);
	if (!kind) return false;
	const here = pieces.reduce(
		(t, p) => t + p.events.filter((x) => kindOf(x) === kind && x.after < p.done).length,
		0
	);
	return here + (EVERY_PIECE.includes(kind) ? offElsewhere : 0) >= KNOWN_AFTER;
}
