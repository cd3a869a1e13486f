import type { HandOnly, Misfit } from '../convert/written';
import type { Units } from '../quantity/units';
import { say } from '../quantity/say';

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
