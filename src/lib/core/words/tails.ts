import type { TailLeft } from '../crank/runsheet';
import type { Say } from '../quantity/say';
import { tailWhy } from '../technique';

/** `177 cm: it gathers the crown`, or the length alone for a tail that is tied or woven in. */
export const wordTail = ({ cm, use }: TailLeft, s: Say): string => `${s.tail(cm)}${wordUse(use)}`;

/** `: it gathers the crown`, empty for a tail that is tied, woven in or pulled out again. */
export function wordUse(use: TailLeft['use']): string {
	const why = use === 'pull' ? null : tailWhy(use);
	return why === null ? '' : `: ${why}`;
}
