import type { TailLeft } from '../crank/events';
import type { Say } from '../quantity/say';
import type { Tail } from '../crank/tails';
import { tailWhy } from '../technique';

/** Where a tail hangs. */
const PLACES = {
	'cast-on': 'at the start',
	'cast-off': 'at the end',
	join: 'at each side of a join',
	held: 'at a held group',
	again: 'at the new edge beside it'
} as const satisfies Record<Tail['id'], string>;

/** Like tails of a piece as one, in the order they are first left: where, and how many. */
export function likeTails(tails: readonly Tail[]): (Tail & {
	readonly place: string;
	readonly times: number;
})[] {
	const key = (t: Tail) => `${t.id} ${t.use} ${t.lengthCm.toFixed(2)}`;
	return [...new Map(tails.map((t) => [key(t), t])).values()].map((t) => ({
		...t,
		place: PLACES[t.id],
		times: tails.filter((other) => key(other) === key(t)).length
	}));
}

/** `177 cm: it gathers the crown`, or the length alone for a tail that is tied or woven in. */
export const wordTail = ({ cm, use }: TailLeft, s: Say): string => `${s.tail(cm)}${wordUse(use)}`;

/** `: it gathers the crown`, empty for a tail that is tied, woven in or pulled out again. */
export function wordUse(use: TailLeft['use']): string {
	const why = use === 'pull' ? null : tailWhy(use);
	return why === null ? '' : `: ${why}`;
}
