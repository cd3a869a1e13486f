import type { SlipCode } from '../simulate/hand/slip';

/** What went wrong, `{at}` being where; and what comes of it forty rows on, or in wear. */
export interface Said {
	readonly what: string;
	readonly later: string;
}

/** What the machine made of a slip of the hand (common practice). */
export const SLIP_WORDS: Record<SlipCode, Said> = {
	'weave-start': {
		what: 'The weave begins{at}, not at the first pin of the row',
		later:
			'the pins before it have nothing to hold their first loop, and a gap opens beside the start'
	},
	'weave-missed': {
		what: 'The weave passes by the pin{at}',
		later: 'its column begins with a loop that nothing holds: a hole at the cast-on'
	},
	'weave-same': {
		what: 'The yarn lies on the same side{at} as at the pin before it',
		later: 'it is not locked there: the loop gapes at the cast-on'
	},
	'weave-short': {
		what: 'The weave stops short: the first pin without yarn is{at}',
		later: 'the pins to the marker begin with loose loops, and a gap stands there'
	},
	'wrap-missed': {
		what: 'The yarn was not wrapped round the pin{at}',
		later: 'the edge has a gap there, and its column begins with a loose loop'
	},
	'wrap-open': {
		what: 'The wrap{at} was not crossed',
		later: 'it opens as soon as it is knitted: the edge gapes there'
	},
	'rag-missed': {
		what: 'No loop of the rag hangs{at}',
		later: 'its column begins with a loose loop, and the waste has a hole there'
	},
	'rag-twice': {
		what: 'Two loops of the rag hang{at}',
		later: 'nothing worse than a thick place, but a pin further on may have none'
	},
	'gate-open': {
		what: 'The gate was open when the crank was turned{at}',
		later: 'nothing is knitted, and forced on it would break the gate'
	},
	'past-stop': {
		what: 'The ring was turned on past its stop{at}',
		later: 'nothing more is knitted, and forced on it would break the stop'
	},
	clogged: {
		what: 'The middle was clogged and the crank was turned on',
		later: 'it does not turn: forced, it would break, and stitches pile up below the pins'
	},
	'no-yarn': {
		what: 'There was no yarn in the guide when the ring went on{at}',
		later: 'the loops have risen and hold by nothing: another round and they fall'
	},
	fell: {
		what: 'The ring went round a third time without yarn, and the loop{at} fell',
		later: 'its column has run down'
	},
	'too-far': {
		what: 'The empty round went on past its start: the loop{at} went back into its hook',
		later: 'none is lost, but each has to be lifted out with the needle'
	},
	'two-yarns': {
		what: 'The old yarn was not cut when the new one went in{at}',
		later: 'both are drawn along, and the old one is caught in every stitch'
	},
	'join-off-pin': {
		what: 'The yarn was changed in mid-row,{at}, not where the row begins',
		later: 'the colours meet in a step, and stripes above do not line up with it'
	},
	'tail-outside': {
		what: 'The tail{at} hangs outside',
		later: 'it is knitted in on the right side, and has to be fished through to be tied'
	},
	'tail-short': {
		what: 'The tail{at} is shorter than {least}',
		later: 'it works itself out: there is nothing to tie, and the first stitches loosen'
	},
	'tied-early': {
		what: 'The tails were tied before four rows held them{at}',
		later: 'the first stitches are drawn tight, and the place puckers'
	},
	'not-taken': {
		what: 'Turned fast, the pin{at} did not take its loop',
		later: 'its stitch is drawn out over two rows, with a float behind it'
	},
	'not-seated': {
		what: 'The loop{at} was not down when the next row came',
		later: 'it was not knitted off and lies tucked under the next: a thick stitch that shows'
	},
	'turned-back': {
		what: 'The ring was turned back{at} in the middle of a round',
		later: 'those pins have a stitch more than their neighbours, and the fabric bulges'
	},
	tight: {
		what: 'The crank pulled the yarn off the ball{at}',
		later: 'the stitches from there on are tight, and the fabric narrows'
	},
	'pushed-up': {
		what: 'The fabric stood on the table and pushed the loop up{at}',
		later: 'what is not down on its pin tucks in the next row'
	},
	'turned-short': {
		what: 'The ring was turned back before the edge: the first pin not knitted was{at}',
		later: 'the edge is a row shorter there, and a step runs along it'
	},
	'idle-caught': {
		what: 'The ring went too far past the edge, and the idle pin{at} grabbed the yarn',
		later: 'the panel has a stitch more from there on, and the edge steps out'
	},
	'edge-dropped': {
		what: 'The yarn was not seen to at the turn, and the edge stitch{at} fell',
		later: 'the edge has a ladder down to the cast-on, with nothing for a seam'
	},
	'edge-loose': {
		what: 'The yarn was not drawn snug at the turn{at}',
		later: 'a long loop stands at the edge in that row'
	},
	'yarn-in-guide': {
		what: 'The stitch{at} was lifted with the yarn still in the guide',
		later: 'the yarn pulled at it: it is tight, and its neighbours with it'
	},
	'left-on-pick': {
		what: 'The ring was turned while the stitch of the pin{at} was on the pick',
		later: 'it fell, and its column ran down'
	},
	'empty-pin': {
		what: 'The pin{at} was left bare in the middle of the work',
		later: 'it takes yarn with nothing below it: a hole'
	},
	'idle-with-loop': {
		what: 'The pin{at} was pushed out of work with its stitch on it',
		later: 'the stitch fell, and its column ran down'
	},
	'hold-wrong-edge': {
		what: 'The stitch{at} was held at the edge where the yarn is not',
		later: 'the yarn stands at the other edge, and the row begins with a long strand across'
	},
	'held-twisted': {
		what: 'The stitch{at} was threaded the other way',
		later: 'it is twisted: closed off it makes a hard crossed place at the underarm'
	},
	'hang-missed': {
		what: 'No loop was hung on the pin{at}',
		later: 'the hem gapes there, and its loop stands open on the inside'
	},
	'hang-off': {
		what: 'The loop hung on the pin{at} came from another',
		later: 'the hem is drawn aside, and twists round the tube'
	},
	'hang-twice': {
		what: 'Two loops were hung on the pin{at}',
		later: 'a knot of three loops is knitted there, and another pin has none'
	},
	'hang-waste': {
		what: 'The loop hung on the pin{at} is of the waste',
		later: 'waste is knitted into the hem, and cannot be pulled out'
	},
	'not-marked': {
		what: 'The loose loop{at} was worked at with nothing through it',
		later: 'it ran on meanwhile: the ladder is longer than it was'
	},
	'rung-skipped': {
		what: 'A rung was passed by in the column{at}',
		later: 'a bar lies across behind it, and the column is a row short and drawn in'
	},
	'purl-rung': {
		what: 'A rung{at} was latched from the purl side',
		later: 'a purl bump stands in the column on the right side'
	},
	'not-all-latched': {
		what: 'The loop went onto its pin{at} before the last rung was latched',
		later: 'the rungs left lie across as bars, and the column is drawn in'
	},
	'thread-start': {
		what: 'The needle began at the pin{at}, not at the first',
		later: 'loops stand on either side of the gap, and the tail crosses it'
	},
	'thread-outside': {
		what: 'The needle went from outside through the loop{at}',
		later: 'the loop is twisted, and drawn up it sticks'
	},
	'thread-missed': {
		what: 'The needle passed by the loop{at}',
		later: 'drawn up, it is held by nothing, and its column runs'
	},
	'thread-twice': {
		what: 'The needle went twice through the loop{at}',
		later: 'the yarn is caught round it and does not draw up past it'
	},
	pierced: {
		what: 'The needle went through the running yarn{at}',
		later: 'drawn up it sticks there, and the hole does not close'
	},
	'eased-early': {
		what: 'The loop{at} left its pin before the next was on the needle',
		later: 'the next one was pulled off with it and ran down'
	},
	'eased-bare': {
		what: 'The loop{at} was taken off its pin with nothing through it',
		later: 'it ran down a column of rows'
	},
	'fold-off': {
		what: 'The first two loops do not face one another: the fold is not{at}',
		later: 'one side has loops over at the far end, and the closing runs askew'
	},
	'same-side': {
		what: 'Two loops of one side follow one another{at}',
		later: 'the sides are shifted against each other from there on'
	},
	'loop-missed': {
		what: 'The loop{at} is held by nothing',
		later: 'its column runs as soon as the waste is off'
	},
	'not-a-pair': {
		what: 'Yarn was drawn through something else than a pair{at}',
		later: 'one side runs ahead, and the last loops do not face each other'
	},
	'waste-early': {
		what: 'The waste came off before anything held the loops, from the pin{at} on',
		later: 'every column runs'
	},
	'not-fastened': {
		what: 'The last loop{at} was not fastened',
		later: 'all that was drawn through it comes undone'
	},
	'pulled-twice': {
		what: 'The same running yarn was drawn twice in turn',
		later: 'one end puckers and the other stays open; pulled on, the yarn snaps'
	},
	'rungs-count': {
		what: 'It was not two rungs that were taken{at}',
		later: 'the ladders run out at different rows, and rungs are left over'
	},
	'same-ladder': {
		what: 'Rungs of one ladder followed one another{at}',
		later: 'the other side hangs loose there: a hole beside the join'
	},
	'ran-down': {
		what: 'The open column{at} ran down in wear',
		later: 'it is a ladder to the cast-on'
	}
};
