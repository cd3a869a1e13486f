import type { Misread } from '../convert/shaping';
import type { HandOnly, Misfit } from '../convert/written';
import type { Units } from '../quantity/units';
import { rowsWord, say } from '../quantity/say';

/** Why a count does not fit this machine, and what makers do. */
export function wordMisfit(m: Misfit, units: Units): string {
	const s = say(units);
	switch (m.code) {
		case 'wider-than-panel':
			return `A panel here has at most ${m.most} stitches, ${m.over} fewer: two panels and a seam, or the work turned sideways.`;
		case 'tube-is-fixed':
			return `A tube here always has ${m.pins} stitches, ${s.length(m.tubeCm)} round; the pattern’s is ${s.length(m.theirCm)}. Only a panel can take another count.`;
		case 'too-few':
			return `Fewer than ${m.least} stitches cannot be knitted: crochet it, or make it a cord.`;
		case 'rounded-far':
			return `Made whole it is ${s.percent(Math.abs(m.share))} ${m.share > 0 ? 'larger' : 'smaller'} than in the pattern.`;
	}
}

const INSTEAD: Record<HandOnly, string> = {
	ribbing:
		'drop every other stitch of the finished edge and latch it up again from the other side, or crochet the edge',
	cables: 'cross the stitches by hand, lifted on a needle, or leave them plain',
	'purl texture': 'turn the tube inside out for an all-purl face, or re-latch columns',
	lace: 'leave it plain, or drop a ladder where a hole column is wanted',
	'stranded colour': 'stripes, or embroider the figure over the stitches afterwards',
	'turned heels': 'a plain tube without a heel; it shapes itself on the foot',
	'middle decreases': 'two panels and a seam, with the decreases at their edges',
	yokes: 'panels with their own shoulders, seamed'
};

/** What the machine does not do by cranking, and what makers do instead. */
export const wordHandOnly = (what: HandOnly): string => `${what}: ${INSTEAD[what]}.`;

/** What could not be taken from a pattern’s shaping, and what would be right. */
export function wordMisread(m: Misread): string {
	switch (m.code) {
		case 'no-start':
			return 'Begin with the cast-on: “88 stitches”.';
		case 'unread':
			return `“${m.words}” is not understood and left out. What is: “60 rows”, “1 at each end every 4th row 8 times”, “cast off 5 at the beginning of the next 2 rows”, “72 stitches”.`;
		case 'sum': {
			const near = [m.below, m.above].filter((n) => n !== null && n !== m.said);
			return `“${m.words}”: by its own shaping ${m.is} are left, not ${m.said}.${near.length > 0 ? ` ${near.join(' or ')} can be.` : ''}`;
		}
		case 'used-up':
			return `“${m.words}” takes more stitches than there are: ${m.left} would be left.`;
		case 'past-end':
			return `The ${m.side} edge is shaped as far as row ${m.row}, and there are ${rowsWord(m.rows)}: say more rows, or let it end sooner. It is left straight.`;
		case 'too-large':
			return `By its own gauge this piece is ${Math.round(m.cm)} cm long or wide; ${m.most} cm at most: check its rows and its gauge.`;
		case 'too-many-points':
			return `Its edge turns ${m.points} times; ${m.most} at most: say a run of the same shaping once, with how many times.`;
	}
}
