import type { FinishStep } from '../finish/steps';
import type { Units } from '../quantity/units';
import { say } from './say';

export interface StepWords {
	readonly title: string;
	readonly how: string;
}

const EDGE = { 'cast-on': 'first', 'cast-off': 'last' } as const;

/** A finishing step in the maker's words: what to do, then how. */
export function wordStep(step: FinishStep, units: Units): StepWords {
	const s = say(units);
	switch (step.do) {
		case 'rest':
			return {
				title: 'Stretch the tube lengthways, then let it rest',
				how: 'Pull it long once or twice so that the stitches even out, and leave it lying before you measure.'
			};
		case 'join-tails':
			return {
				title: step.how === 'tie' ? 'Check the knots at the joins' : 'Even out the joins',
				how:
					step.how === 'tie'
						? `Tighten the stitches beside ${step.joins === 1 ? 'the join' : `each of the ${step.joins} joins`} to match, then see that the two tails are tied snug, not tight.`
						: `Tighten the stitches beside ${step.joins === 1 ? 'the join' : `each of the ${step.joins} joins`} to match and weave each tail in on its own colour.`
			};
		case 'pick-up':
			return {
				title: `Thread the tail through the ${step.loops} loops of the ${EDGE[step.edge]} row`,
				how: `Use the tail of ${s.length(Math.round(step.tailCm))} on a blunt needle, every loop in turn, none twice and none missed: count ${step.loops}.${step.waste ? ' Tie the main yarn’s tail before the waste comes off.' : ''}`
			};
		case 'waste-off':
			return {
				title: `Take the waste yarn off the ${EDGE[step.edge]} row`,
				how: 'Find the end that runs through the last waste row and pull. If it sticks, cut the waste, never the main yarn.'
			};
		case 'gather':
			return {
				title: step.inner ? 'Gather the inner end' : 'Gather the outer end',
				how: `Draw the loops up ${step.inner ? 'first here, since this end lies inside' : 'until the hole is closed'}, pass the needle through all of them a second time, draw again and knot.`
			};
		case 'tuck':
			return {
				title: 'Push one end inside the other',
				how: `Fold at row ${Number.isInteger(step.atRow) ? step.atRow : step.atRow.toFixed(1)}, half the tube, so that each layer is ${s.length(step.layerCm)}, flat. Knit side out on both.`
			};
		case 'meet':
			return {
				title: 'Join the two crowns',
				how: 'Line the two gathered ends up, or the hat twists, and sew them together with a few stitches of one tail.'
			};
		case 'zip':
			return {
				title: `Zip both ends together, ${step.loops} loops with ${step.loops}`,
				how: `With the tail of ${s.length(Math.round(step.tailCm))}: sew loop by loop, one end’s first loop to the other end’s first loop. One running yarn goes round once, the other twice. Draw up turn by turn; the blunt needle must not pierce the running yarn.`
			};
		case 'turn-up':
			return {
				title: 'Turn the brim up',
				how: `${s.length(step.heightCm)} as worn, both layers together.`
			};
		case 'weave-in':
			return {
				title: `Weave in ${step.ends} ends`,
				how: `${s.length(2.5)} to ${s.length(4)} on their own colour, knots inside the lining.`
			};
		case 'measure':
			return {
				title: 'Measure it and write it down',
				how: 'Length and width flat, the weight, the minutes: the next one is planned from them.'
			};
	}
}
