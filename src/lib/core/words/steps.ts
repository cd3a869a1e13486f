import type { FinishStep } from '../finish/steps';
import type { Units } from '../quantity/units';
import type { FlatClosing } from '../model/kinds';
import { EDGE_NAMES, wordSeam, wordSeamHow } from './garment';
import { rowsWord, say } from './say';

export interface StepWords {
	readonly title: string;
	readonly how: string;
}

const EDGE = { 'cast-on': 'first', 'cast-off': 'last' } as const;

/** How two layers' loops are closed, by school. */
const CLOSE: Record<FlatClosing, string> = {
	slip: 'Slip stitch with a hook: a front loop and the back loop facing it, then the next pair, drawing the yarn through all.',
	'three-needle':
		'Three-needle style: front loops on one needle, back loops on another, knit a pair together and pass the one before over it.',
	loop: 'Loop through loop with a hook, no yarn: a front loop through the back loop, the next back loop through that, to the end; fasten the last.'
};

/** How the loops of a row lie front on back. */
const halves = (loops: number): string =>
	loops % 2 === 0
		? `${loops / 2} loops with ${loops / 2}`
		: `${(loops - 1) / 2} loops with ${(loops - 1) / 2} and one over, taken with its neighbour`;

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
				title: step.toe
					? `Close the toe, ${step.loops} loops of the ${EDGE[step.edge]} row${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`
					: `Close the ${EDGE[step.edge]} row flat, ${halves(step.loops)}`,
				how: `${step.toe ? 'Run the tail through all loops and draw them in to two thirds of the width, then whip front to back, flat.' : `Lay the tube flat so that the colour joins are at the back. ${CLOSE[step.how]}`}${step.waste ? ' The waste comes off when it is closed.' : ''}`
			};
		case 'close-crown':
			return {
				title: `Close the crown flat through all four layers, ${halves(step.loops)} on each face`,
				how: `Lay the hat flat, the joins at the middle of the back and all four rows of loops on one line. ${CLOSE[step.how]} The corners stand up by themselves.`
			};
		case 'hem':
			return {
				title: `See that the hem of ${step.rows} rows hangs whole, ${step.high} rows high`,
				how: 'Every loop of its first row must be caught in the row it hangs from: look along the inside and pick up any that was missed with a short strand.'
			};
		case 'inside-out':
			return {
				title: 'Turn it inside out',
				how: 'The rougher purl side is the face now; knots and tails lie between the layers or inside.'
			};
		case 'drawstring':
			return {
				title: `Chain a cord of ${step.chains} and run it through the hem`,
				how: 'In between two stitches beside the colour join and once round the channel; knot both ends together.'
			};
		case 'straps':
			return {
				title: `Chain ${step.chains} as a strap`,
				how: 'From the front of the bound edge to the back: 50 is too short for most, 70 goes over the head. Try it on before the last stitch.'
			};
		case 'thumb':
			return {
				title: `Open the thumb at row ${step.atRow}, ${step.stitches} stitches${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how: `Draw the spare strand out of its ${step.stitches} stitches: ${2 * step.stitches} loops and the two corners are free. Bind them round with a chain, loosely.`
			};
		case 'bind':
			return {
				title: `Bind off the ${step.loops} loops of the ${EDGE[step.edge]} row${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how:
					step.perLoop === 2
						? `Single crochet in every loop and between each two, ${2 * step.loops} in all, so that it stretches over the heel.`
						: 'A chain through every loop, or single crochet with a stitch between loops where it has to stretch: loose enough to pull over.'
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
		case 'block':
			return {
				title: `Block ${step.pieces === 1 ? 'the piece' : `all ${step.pieces} pieces`} flat and let them dry`,
				how: 'Panels curl: damp them, pin each to its measures without stretching, mirror images beside each other, and sew nothing before they are dry.'
			};
		case 'latch-card':
			return {
				title: `Latch up ${step.gaps} ${step.gaps === 1 ? 'gap' : 'gaps'} on ${step.piece}, ${step.columns} columns each`,
				how: 'Each section between two gaps comes off on its own strand; do not stretch it. Tighten the edge stitch, then latch from the bottom upwards, a rung to each row, close to the neighbouring column.'
			};
		case 'latch-ladders':
			return {
				title: `Join both tubes by their ladders, ${step.between[0]} and ${step.between[1]} stitches between`,
				how: 'Over each sleeve take two rungs from each side in turn with a latch hook. Where neck and body stay open latch each edge alone, in two passes, and secure the last rung with spare yarn.'
			};
		case 'sew': {
			const { seam } = step.check;
			return {
				title: `${wordSeam(seam.kind, seam.of)}${seam.times > 1 ? `, ${seam.times} times` : ''}`,
				how: `${seam.kind === 'shoulder' ? 'Loop to loop or in back stitch: ' : 'Mattress stitch, an edge stitch of each taken up: '}${wordSeamHow(step.check, s)}${seam.kind === 'side' ? ' Leave the chains at the underarm loose: they must flex.' : ''}`
			};
		}
		case 'close-held':
			return {
				title: `Chain off the ${step.loops} stitches held on ${step.name}${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how: 'Off their waste yarn one after another, in the order they were threaded, none twisted; loose enough to flex, then the waste is pulled.'
			};
		case 'bind-hem':
			return {
				title: `Bind the ${step.loops} loops of the first row of ${step.name}${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how: 'Through every loop a chain, loose enough to stretch with the fabric; then the waste comes off: find the end that runs through its last row and pull.'
			};
		case 'crochet-edge': {
			const c = step.count;
			const { repeat } = c.edge;
			const parts = [
				...(repeat
					? [
							`${c.stitches / repeat.of} repeats of ${repeat.of} over ${repeat.loops} loops, the nearest that comes out whole`
						]
					: []),
				...(!repeat && c.inStitches > 0 ? [`one in each of ${c.inStitches} stitches`] : []),
				...(c.rows > 0
					? [
							`${c.pickUp.stitches} for every ${rowsWord(c.pickUp.rows)} along ${c.rows}, ${c.inRows} there`
						]
					: [])
			];
			return {
				title: `${EDGE_NAMES[c.edge.id]}: ${c.stitches} single crochet${c.edge.times > 1 ? `, ${c.edge.times} times` : ''}`,
				how: `${parts.join('; ')}. ${s.length(c.cm)} of edge; if it ruffles, fewer; if it draws in, more.`
			};
		}
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
