/** A move of a closing: which loop of one row with which of the other, from 1. */
export interface Pair {
	readonly a: number;
	readonly b: number;
}

/** Loops of one row lying front on back: the first faces the last. An odd one over is taken with its neighbour. */
export const foldedPairs = (loops: number): Pair[] =>
	Array.from({ length: Math.floor(loops / 2) }, (_, i) => ({ a: i + 1, b: loops - i }));

/** Two rows of as many loops, first with first. */
export const facingPairs = (loops: number): Pair[] =>
	Array.from({ length: loops }, (_, i) => ({ a: i + 1, b: i + 1 }));

/** How a closing goes: where it starts, how often, and the pairs. */
export interface Sequence {
	/** Loop to start at, from 1: the first is at the marker. */
	readonly start: number;
	readonly times: number;
	/** Empty where loops are taken singly. */
	readonly pairs: readonly Pair[];
	/** The odd loop over, taken with its neighbour; null for none. */
	readonly over: number | null;
}

/** One loop after another. */
export const singly = (loops: number): Sequence => ({
	start: 1,
	times: loops,
	pairs: [],
	over: null
});
/** One row lying front on back. */
export function folded(loops: number): Sequence {
	const pairs = foldedPairs(loops);
	return { start: 1, times: pairs.length, pairs, over: loops % 2 === 1 ? (loops + 1) / 2 : null };
}
/** Two rows, first with first. */
export function facing(loops: number): Sequence {
	const pairs = facingPairs(loops);
	return { start: 1, times: pairs.length, pairs, over: null };
}

/** Where a closing starts, which loop goes with which, and how often; empty for what is no closing of loops. */
export function wordLoops(q: Sequence | null): string {
	if (!q) return '';
	const times = q.times === 1 ? 'once' : `${q.times} times`;
	if (q.pairs.length === 0)
		return `Start at loop ${q.start}, beside the tail, and go on in one direction: ${times}.`;
	const pair = (p: Pair | undefined) => (p ? `${p.a} with ${p.b}` : '');
	const list = q.pairs.slice(0, 3).map(pair);
	const last = q.pairs.length > 3 ? ` … ${pair(q.pairs.at(-1))}` : '';
	const over = q.over === null ? '' : `; loop ${q.over} is over, taken with its neighbour`;
	return `Start at loop ${q.start}, at the marker: ${list.join(', ')}${last}, ${times}${over}.`;
}
