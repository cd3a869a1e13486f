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
			if (step.panel)
				return {
					title: 'Block the flags flat and let them dry',
					how: 'A panel curls: damp it, pin it out to its triangle without stretching, and leave it until it is dry.'
				};
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
		case 'close-flat':
			return {
				title: `Close the ${EDGE[step.edge]} row flat, ${step.loops / 2} loops with ${step.loops / 2}`,
				how: `Lay the tube flat so that the colour joins are at the back, and slip stitch or three-needle the two layers together, a front loop with a back loop.${step.waste ? ' The waste comes off when it is closed.' : ''}`
			};
		case 'bind':
			return {
				title: `Bind off the ${step.loops} loops of the ${EDGE[step.edge]} row${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how: 'A chain through every loop, or single crochet with a stitch between loops where it has to stretch: loose enough to pull over.'
			};
		case 'join-ring':
			return {
				title: `Join both ends to a ring${step.twist ? ', with a half turn' : ''}`,
				how: `${step.loops} loops with ${step.loops}, the same colour join meeting the same${step.twist ? '; turn one end over once before you begin' : ''}. Loop through loop or whipped, not drawn in.`
			};
		case 'hook-ends':
			return {
				title: 'Hook the two closed ends into one another and whip them',
				how: 'Fold each end in half round the other, like two hands, and sew through all layers at the back.'
			};
		case 'ties':
			return {
				title: `Chain two loops of ${step.chains} as ties`,
				how: 'One at each end, fastened to the closed edge; they close the gap at the handle.'
			};
		case 'draw-tip':
			return {
				title: `Draw up the tip, ${step.loops} loops, on ${step.count === 1 ? 'the flag' : `${step.count} flags`}`,
				how: 'Thread the tail through the loops on the needle, twice, draw them together and fasten off at the back.'
			};
		case 'string':
			return {
				title: `Thread ${step.flags} flags on the cord by their first rows`,
				how: `Side by side they take ${s.length(step.cm)}; leave a loop at either end to hang it by, and let the colours take turns.`
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
