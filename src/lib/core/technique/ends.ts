import type { Tail } from '../crank/tails';

interface Tailed {
	readonly count: number;
	readonly tails: readonly Pick<Tail, 'id' | 'strands'>[];
}

/** Places where one yarn gives way to another, over all copies. */
export const joinsOf = (pieces: readonly Tailed[]): number =>
	pieces.reduce((t, p) => t + (p.count * p.tails.filter((x) => x.id === 'join').length) / 2, 0);

/** Ends of yarn, each strand one: those at joins, and those where pieces begin and end. */
export function endsOf(pieces: readonly Tailed[]): {
	readonly joins: number;
	readonly others: number;
} {
	const count = (atJoin: boolean) =>
		pieces.reduce(
			(t, p) =>
				t +
				p.count * p.tails.reduce((n, x) => n + ((x.id === 'join') === atJoin ? x.strands : 0), 0),
			0
		);
	return { joins: count(true), others: count(false) };
}
