import type { TailLeft } from '../crank/runsheet';
import type { Say } from './say';

/** What a tail does later, as the reason for its length. */
const USE: Record<TailLeft['use'], string | null> = {
	'weave-in': null,
	pull: null,
	gather: 'it gathers this end',
	crown: 'it gathers the crown',
	zip: 'it zips both ends together',
	close: 'it closes this end flat',
	'close-crown': 'it closes the crown',
	toe: 'it closes the toe',
	bind: 'it binds these loops off',
	'join-ring': 'it joins the ring',
	tip: 'it draws up the tip',
	'cord-end': 'it is drawn through these loops',
	'sew-on': 'it sews this piece on'
};

/** `177 cm: it gathers the crown`, or the length alone for a tail that is tied or woven in. */
export const wordTail = ({ cm, use }: TailLeft, s: Say): string => `${s.tail(cm)}${wordUse(use)}`;

/** `: it gathers the crown`, empty for a tail that is tied or woven in. */
export const wordUse = (use: TailLeft['use']): string => (USE[use] === null ? '' : `: ${USE[use]}`);
