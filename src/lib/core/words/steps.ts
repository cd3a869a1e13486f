import { sequenceOf } from '../finish/sequence';
import type { FinishStep } from '../finish/steps';
import type { Units } from '../quantity/units';
import type { CrochetTerms, FlatClosing } from '../model/kinds';
import { EDGE_NAMES, wordSeam, wordSeamHow, wordStitch } from './garment';
import { rowsWord, say } from './say';

export interface StepWords {
	readonly title: string;
	readonly how: string;
}

const EDGE = { 'cast-on': 'first', 'cast-off': 'last' } as const;

/** `the strip`, or `4 baubles` as `bauble, 4 times`. */
const of = (name: string, copies: number): string =>
	copies > 1 ? `${name.toLowerCase()}, ${copies} times,` : `the ${name.toLowerCase()}`;
const times = (copies: number): string => (copies > 1 ? `, ${copies} times` : '');

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

/** The first thing at the table: pulled long, or pinned out. */
function wordRest(as: 'tube' | 'flag' | 'cord' | 'piece', count: number): StepWords {
	const one = count === 1;
	const them = one ? 'it' : 'them';
	const all = one ? `the ${as}` : count === 2 ? `both ${as}s` : `all ${count} ${as}s`;
	switch (as) {
		case 'flag':
			return {
				title: `Block ${all} flat and let ${them} dry`,
				how: `A panel curls: damp ${them}, pin ${one ? 'it out to its triangle' : 'each out to its triangle'} without stretching, and leave ${them} until dry.`
			};
		case 'cord':
			return {
				title: `Pull ${all} long, then let ${them} rest`,
				how: `A sharp pull lengthways closes the yarn that runs across the back and evens the stitches out.`
			};
		default:
			return {
				title: `Stretch ${all} lengthways, then let ${them} rest`,
				how: `Pull ${one ? 'it' : 'each'} long once or twice so that the stitches even out, and leave ${them} lying before you measure${one ? '' : ', what belongs together side by side'}.`
			};
	}
}

/** What is blocked: `all 4 pieces`, `both tubes`, `the piece`. */
function blocked(panels: number, tubes: number): string {
	const what = panels === 0 ? 'tubes' : tubes === 0 ? 'panels' : 'pieces';
	const n = panels + tubes;
	return n === 1 ? `the ${what.slice(0, -1)}` : n === 2 ? `both ${what}` : `all ${n} ${what}`;
}

/** A finishing step in the maker's words: what to do, then how. */
export function wordStep(step: FinishStep, units: Units, terms: CrochetTerms = 'us'): StepWords {
	const s = say(units, terms);
	switch (step.do) {
		case 'rest':
			return wordRest(step.as, step.count);
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
				how: `Use the tail of ${s.tail(step.tailCm)} on a blunt needle, every loop in turn, none twice and none missed: count ${step.loops}.${step.waste ? ' Tie the main yarn’s tail before the waste comes off.' : ''}`
			};
		case 'waste-off':
			return {
				title: `Take the waste yarn off the ${EDGE[step.edge]} row`,
				how: 'Find the end that runs through the last waste row and pull. If it sticks, cut the waste, never the main yarn.'
			};
		case 'gather':
			return {
				title: !step.tucked
					? `Gather the ${EDGE[step.edge]} row`
					: step.inner
						? 'Gather the inner end'
						: 'Gather the outer end',
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
				how: `With the tail of ${s.tail(step.tailCm)}: sew loop by loop, one end’s first loop to the other end’s first loop. One running yarn goes round once, the other twice. Draw up turn by turn; the blunt needle must not pierce the running yarn.`
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
					: `Close the ${EDGE[step.edge]} row${step.name ? ` of ${of(step.name, step.copies)}` : ''} flat, ${halves(step.loops)}`,
				how: `${step.toe ? 'Run the tail through all loops and draw them in to two thirds of the width, then whip front to back, flat.' : `Lay the tube flat${step.joins ? ' so that the colour joins are at the back' : ''}. ${step.tailCm && step.how !== 'loop' ? `With the tail of ${s.tail(step.tailCm)}. ` : ''}${CLOSE[step.how]}`}${step.waste ? ' The waste comes off when it is closed.' : ''}`
			};
		case 'close-crown':
			return {
				title: `Close the crown flat through all four layers, ${halves(step.loops)} on each face`,
				how: `Lay the hat flat, ${step.joins ? 'the joins at the middle of the back and ' : ''}all four rows of loops on one line. ${CLOSE[step.how]} The corners stand up by themselves.`
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
				how: `In between two stitches${step.joins ? ' beside the colour join' : ''} and once round the channel; knot both ends together.`
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
				title: `Bind off the ${step.loops} loops of the ${EDGE[step.edge]} row${step.name ? ` of ${step.name.toLowerCase()}` : ''}${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how:
					step.perLoop === 2
						? `${s.crochet.Single} in every loop and between each two, ${2 * step.loops} in all, so that it stretches over the heel.`
						: `A chain through every loop, or ${s.crochet.single} with a stitch between loops where it has to stretch: loose enough to pull over.`
			};
		case 'join-ring':
			return {
				title: `Join both ends to a ring${step.twist ? ', with a half turn' : ''}`,
				how: `${step.loops} loops with ${step.loops}${step.joins ? ', the same colour join meeting the same' : ''}${step.twist ? '; turn one end over once before you begin' : ''}. Loop through loop or whipped, not drawn in.`
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
				title: `Block ${blocked(step.panels, step.tubes)} flat and let ${step.panels + step.tubes === 1 ? 'it' : 'them'} dry`,
				how: [
					...(step.panels > 0
						? [
								`${step.panels === 1 ? 'A panel curls: damp it, pin it' : 'Panels curl: damp them, pin each'} to its measures without stretching${step.panels > 1 ? ', mirror images beside each other' : ''}.`
							]
						: []),
					...(step.tubes > 0
						? [
								`${step.tubes === 1 ? 'A tube does not curl: damp it and pat it' : 'Tubes do not curl: damp them and pat each'} to its length and width, not stretched.`
							]
						: []),
					'Nothing is sewn before it is dry.'
				].join(' ')
			};
		case 'draw-end':
			return {
				title: `Draw the yarn through the ${step.loops} loops of the ${EDGE[step.edge]} row${times(step.copies)}`,
				how: 'The tail through all of them at once, drawn close and fastened off inside the cord.'
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
				how: `${wordStitch(step.check)}: ${wordSeamHow(step.check, s)} A strand of ${s.tail(1.5 * step.check.a.cm + 30)} sews one.${seam.kind === 'side' ? ' Leave the chains at the underarm loose: they must flex.' : ''}`
			};
		}
		case 'close-held':
			return {
				title: `Chain off the ${step.loops} stitches held on ${step.name}${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how: 'Off their waste yarn one after another, in the order they were threaded, none twisted; loose enough to flex, then the waste is pulled.'
			};
		case 'bind-edge':
			return {
				title: `${step.loops > 2 ? 'Bind' : 'Draw up'} the ${step.loops === 1 ? 'last loop' : `${step.loops} loops`} of the ${EDGE[step.edge]} row of ${step.name}${step.copies > 1 ? `, on ${step.copies} pieces` : ''}`,
				how: `${
					step.loops > 2
						? `With the tail of ${s.tail(step.tailCm)} a chain through every loop, loose enough to stretch with the fabric`
						: 'The tail through and fastened off'
				}${step.waste ? '; then the waste comes off: find the end that runs through its last row and pull.' : ', before anything is blocked or sewn.'}`
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
				title: `${EDGE_NAMES[c.edge.id]}: ${c.stitches} ${s.crochet.single}${c.edge.times > 1 ? `, ${c.edge.times} times` : ''}`,
				how: `${parts.join('; ')}. ${s.length(c.cm)} of edge; if it ruffles, fewer; if it draws in, more.`
			};
		}
		case 'gather-piece':
			return {
				title: `Gather the ${EDGE[step.edge]} row of ${of(step.name, 1)}, ${step.loops} loops${times(step.copies)}`,
				how: `The tail of ${s.tail(step.tailCm)} on a blunt needle through every loop in turn, beginning beside the tail: count ${step.loops}. Through all a second time, draw up and knot.${step.waste ? ' Then the waste comes off.' : ''}`
			};
		case 'fold-bag':
			return {
				title: 'Fold the strip to a bag, three folds on three diagonals',
				how: `Lay it flat, cast-on at the left. Fold the middle third along its diagonal from bottom left to top right: the right part goes behind. Fold the first third along its diagonal, the outer half behind; bring the outer half of the last third to the front.${step.missRows === 0 ? '' : step.missRows > 0 ? ` ${rowsWord(step.missRows / 2)} stand over at each end: fold them in.` : ` Each end lacks ${rowsWord(-step.missRows / 2)}: the notch stays open that much at its middle.`}`
			};
		case 'sew-bag':
			return {
				title: `Sew the two seams, ${rowsWord(step.a)} to ${rowsWord(step.b)} each`,
				how: `A strand of ${s.tail(step.strandCm)} for each. One on the front and one on the back, from a bottom corner up to the middle of the notch: the strip’s edge folds back on itself there. A row of one side, a row of the other.${step.verdict === 'meets' ? '' : step.verdict === 'eases' ? ' Ease the odd rows in.' : ' They do not agree: see the plan.'}`
			};
		case 'handle':
			return {
				title: `Sew the handle over both points by its short sides, ${rowsWord(step.rows)} each`,
				how: `Its closings are its long sides, ${s.length(step.longCm)}; each short side of ${s.length(step.wideCm)} goes over a point of the bag, half on either side, whipped twice. Where the first stitches leave a gap, a short strand and two stitches close it.`
			};
		case 'side-by-side':
			return {
				title: `Sew the tubes side by side, ${rowsWord(step.rows)} to ${step.rows}${times(step.times)}`,
				how: `Mattress stitch along the folds with a strand of ${s.tail(step.strandCm)}, a bar of each at a time${step.joins ? ', colour joins all to the back' : ''}; pin the middles together first so that neither side creeps.`
			};
		case 'border':
			return {
				title: `Crochet along both closed ends, ${step.stitches} ${s.crochet.single} each`,
				how:
					step.kind === 'repeat'
						? `${step.stitches / step.of} repeats of ${step.of} over ${step.loops} loops, the nearest that comes out whole.`
						: step.kind === 'double'
							? `One in every loop and one between each two: 2 × ${step.loops}.`
							: `One in each of the ${step.loops} loops.`
			};
		case 'stuff':
			return {
				title: `Stuff ${of(step.name, 1)}${step.nth > 0 ? `, swelling ${step.nth} from its first row` : ''}, about ${s.of(step.grams, 'mass')}${times(step.copies)}`,
				how: `${step.cm3 > 0 ? `It holds ${s.of(step.cm3, 'volume')}. ` : ''}Small tufts, the far end first, pressed to the sides and not into a lump; stop before the stitches gape.`
			};
		case 'tie-off':
			return {
				title: `Tie ${of(step.name, 1)} off at row ${step.atRow}${times(step.copies)}`,
				how: `A doubled thread in and out through every other of the ${step.loops} stitches of row ${step.atRow}, once round; draw it up over the stuffing, wind it round twice and knot.`
			};
		case 'attach':
			return {
				title: `Sew ${step.pair ? `the left and the right ${step.name.toLowerCase()}` : of(step.name, 1)} to ${of(step.host, 1)} at row ${step.row}${step.copies > (step.pair ? 2 : 1) ? `, ${step.copies} in all` : ''}`,
				how: `${step.flat ? `Flat, its ${step.loops} loops along ${s.length(step.openCm)}` : `Round its open end, ${step.loops} loops on a ring ${s.length(step.openCm)} across`}, a loop and a stitch in turn${step.twice ? '; then round once more with doubled yarn, since nothing may come off' : ''}.${step.pair ? ' Left is the toy’s own left: pin both before sewing one.' : ''}`
			};
		case 'eyes':
			return {
				title: `${step.kind === 'stitched' ? 'Stitch' : 'Sew on'} ${step.count === 1 ? 'the eye' : `${step.count} eyes`}`,
				how:
					step.kind === 'stitched'
						? 'Dark yarn, a few straight stitches over one another each; begin and end inside, through the stuffing.'
						: `${step.kind === 'button' ? 'Buttons' : 'Beads'} with strong thread through to the far side and back four times; only for a child past three.`
			};
		case 'wind':
			return {
				title: `Wind ${step.count === 1 ? 'the pom-pom' : `${step.count} pom-poms`}, ${step.wraps} wraps round a card ${s.length(step.cardCm)} long`,
				how: 'Side by side and then over one another, not tight; print the card in true size from the plan.'
			};
		case 'tie-cut':
			return {
				title: 'Tie it in the middle, cut both ends, trim and shake',
				how: `A doubled strand round all wraps, as tight as it will go, knotted twice; cut the loops; trim to ${s.length(step.cm)} across, shake it, warm it in steam at a distance and trim again.`
			};
		case 'fix-pom':
			return {
				title: 'Fix it so that it comes off for washing',
				how: 'The tie’s ends through what it goes on, in a bow, round a button or a toggle inside.'
			};
		case 'hang':
			return {
				title: `Tie ${step.number} things on, ${s.length(step.spacingCm)} from middle to middle`,
				how: `Mark the cord first: a loop of ${s.length(step.loopCm)} at each end, then every ${s.length(step.spacingCm)}. Hung ${s.length(step.spanCm)} apart its middle hangs ${s.length(step.sagCm)} low.`
			};
		case 'weave-in':
			return {
				title: `Weave in ${step.ends} ends`,
				how: `${s.length(2.5)} to ${s.length(4)} on their own colour${step.lined ? ', knots inside the lining' : ', knots on the wrong side'}.`
			};
		case 'measure':
			return {
				title: 'Measure it and write it down',
				how: 'Length and width flat, the weight, the minutes: the next one is planned from them.'
			};
	}
}

/** Where a closing starts, which loop goes with which, and how often; empty for what is no closing of loops. */
export function wordSequence(step: FinishStep): string {
	const q = sequenceOf(step);
	if (!q) return '';
	const times = q.times === 1 ? 'once' : `${q.times} times`;
	if (q.pairs.length === 0)
		return `Start at loop ${q.start}, beside the tail, and go round in one direction: ${times}.`;
	const pair = (p: { a: number; b: number } | undefined) => (p ? `${p.a} with ${p.b}` : '');
	const [first, second, third] = q.pairs;
	const list = [first, second, third].filter((p) => p !== undefined).map(pair);
	const last = q.pairs.length > 3 ? ` … ${pair(q.pairs.at(-1))}` : '';
	const over = q.over === null ? '' : `; loop ${q.over} is over, taken with its neighbour`;
	return `Start at loop ${q.start}, at the marker: ${list.join(', ')}${last}, ${times}${over}.`;
}
