import type { Worded } from './skill-words';
import type { SkillId } from './skills';

/** Closing ends, finishing edges, sewing and making fast (common practice). */
export const EDGE_WORDS = {
	'pick-up': {
		name: 'Thread the tail through the loops',
		goodFor: 'Every end that is gathered: it holds the loops before the waste comes off.',
		how: [
			'Begin at the loop beside the tail and go on in one direction.',
			'Every loop in turn, none twice and none missed; count them.',
			'Leave the needle on until the ends are drawn up.'
		],
		wrong: 'A loop missed runs down as a ladder when the waste is pulled: count before you pull.',
		also: 'needle take off loops'
	},
	gather: {
		name: 'Gather',
		goodFor: 'Each end alone: easy to undo, two small crowns to line up.',
		how: [
			'Draw the inner end first; the outer end lies over it.',
			'Pass the needle through all loops a second time, which makes it stronger.',
			'Draw until the hole is closed, and knot.'
		],
		wrong:
			'Ends that do not line up twist the hat; a weak yarn snaps: gather with a doubled or a stronger one.',
		school: 'crown',
		also: 'draw up crown close'
	},
	zip: {
		name: 'Zip both ends',
		goodFor: 'Both ends sewn to one another and drawn up together: one firm crown.',
		how: [
			'First loop of one end to first loop of the other, then second to second.',
			'One running yarn goes round once, the other twice.',
			'Draw up turn by turn, a little at each.'
		],
		wrong: 'The needle pierces the running yarn and it sticks: a blunt one, and look at each pass.',
		school: 'crown'
	},
	'slip-stitch': ({ slip }) => ({
		name: slip.charAt(0).toUpperCase() + slip.slice(1),
		goodFor: 'With a hook, flat: quick, a little firm; corners stand.',
		how: [
			'Fold so that the first and the last loop lie at one end.',
			'A front loop and the back loop facing it on the hook; draw the yarn through all.',
			'Then the next pair, to the fold at the other end; fasten the last.'
		],
		wrong: 'One side runs ahead of the other: the last pair does not face itself. Mark the middle.',
		school: 'flat',
		also: 'close flat hook'
	}),
	'three-needle': {
		name: 'Three-needle style',
		goodFor: 'On needles, flat: the neatest ridge, three needles to hold.',
		how: [
			'Front loops on one needle, back loops on another, points the same way.',
			'Knit a front and a back loop together with a third needle; then the next pair.',
			'Pass the first over the second, and so on.'
		],
		wrong: 'Drawn too tight the end narrows: knit loosely, or take a thicker third needle.',
		school: 'flat'
	},
	'loop-through': {
		name: 'Loop through loop',
		goodFor: 'With a hook and no yarn, flat: thin and stretchy.',
		how: [
			'A front loop on the hook, the back loop facing it drawn through.',
			'The next front loop through that one, and so on, in turn.',
			'Fasten the last with a strand of its own.'
		],
		wrong: 'If the last loop slips, all of it runs: fasten it before anything else.',
		school: 'flat'
	},
	crochet: ({ single, Single }) => ({
		name: `${Single} along an edge`,
		goodFor: 'An edge that neither runs nor curls; two in a loop where it has to stretch.',
		how: [
			'Hook through the loop, catch the yarn, back through: two on the hook.',
			'Catch the yarn, through both.',
			'One for each loop; between loops as well where the count says double.'
		],
		wrong: 'It ruffles with too many, draws in with too few: count every ten loops.',
		school: 'edge',
		also: `${single} border sc dc`
	}),
	'chain-off': {
		name: 'Chain off',
		goodFor: 'Live loops at a hem or held at an underarm: quick and flexible.',
		how: [
			'Each loop drawn through the one before it, none twisted.',
			'Loose: the chain must stretch as far as the fabric.',
			'The tail through the last loop.'
		],
		wrong: 'Too tight it bites, and the arm or the head does not go through.',
		school: 'edge',
		also: 'cast off bind off'
	},
	mattress: {
		name: 'Mattress stitch',
		goodFor: 'Row to row from the right side: the seam all but vanishes.',
		how: [
			'Edges side by side, right sides up.',
			'Under one bar beside the edge stitch, then one of the other side: one at a time, or two for speed.',
			'Draw together every few rows, snug and not puckered.'
		],
		wrong: 'One side ends before the other: a bar was skipped. Pin the middles first.',
		school: 'seam'
	},
	whip: {
		name: 'Whip',
		goodFor: 'Edges that need no finish, a toe, a handle: quick, and it shows.',
		how: ['Over both edges and through, always from the same side.', 'A loop of each at a time.'],
		wrong: 'Drawn tight it ridges; leave the yarn lying on the edge.',
		school: 'seam',
		also: 'overcast sew'
	},
	latch: {
		name: 'Latch up ladders',
		goodFor: 'Columns out of dropped stitches or wrapped floats; joining two tubes by theirs.',
		how: [
			'Secure the edge stitch; begin at the bottom.',
			'A rung caught in the hook and drawn through the loop below it; then the next.',
			'Two rungs from each side in turn where two ladders are joined.'
		],
		wrong: 'A rung skipped shows as a loose bar behind: go back down to it.',
		also: 'ladder hook column'
	},
	'latch-card': {
		name: 'Latch up an extension',
		goodFor: 'Columns out of floats that were wrapped round a card.',
		how: [
			'Each section between two gaps off on its own strand; do not stretch it.',
			'Tighten the edge stitch; from the bottom upwards, a rung to each row.'
		],
		wrong:
			'A float too short for its columns draws them in: the card is two pins wider than they are.',
		also: 'card floats columns'
	},
	'join-open': {
		name: 'Join two first rows loop to loop',
		goodFor:
			'A piece that widens and narrows again, in two halves: the strand is a row between them.',
		how: [
			'Both right sides up, the waste between them.',
			'In at the middle of a loop and out of the next, on one side and then on the other.',
			'As loose as a row lies; then the waste off both.'
		],
		wrong: 'Drawn tight it shows as a line: even it out, a little at each loop.',
		school: 'seam',
		also: 'graft live loops'
	},
	'waste-off': {
		name: 'Take the waste off',
		goodFor: 'Plain waste rows at either end.',
		how: [
			'Tie the main yarn’s tail first.',
			'Find the end that runs through the last waste row, and pull.',
			'The strand saved is just long enough for next time.'
		],
		wrong: 'It sticks at the cast-on: cut the waste there, never the main yarn.',
		school: 'waste'
	},
	ravel: {
		name: 'Pull the contrast row',
		goodFor: 'One pull frees the whole end; one more yarn to thread.',
		how: ['Tie the main yarn’s tail.', 'Pull the contrast strand straight out along its row.'],
		wrong: 'A fuzzy strand catches: use a smooth, strong one.',
		school: 'waste',
		also: 'ravel cord'
	},
	'weave-in': {
		name: 'Weave ends in',
		goodFor: 'No knot to feel; it holds by friction.',
		how: [
			'Over and under along its own colour, 2.5 to 4 cm.',
			'Turn and go back a little way; cut.'
		],
		wrong: 'On another colour it shines through; in a smooth yarn a short end works loose.',
		school: 'joins'
	},
	knot: {
		name: 'Tie the tails',
		goodFor: 'Quick and sure, inside a lining where nobody feels it.',
		how: [
			'After 4 to 5 rows, snug and not tight.',
			'Tighten the stitches beside it first, so that they match.'
		],
		wrong: 'Tied tight it puckers; tied before the stitches are even, they stay uneven.',
		school: 'joins',
		also: 'join tie'
	}
} satisfies Partial<Record<SkillId, Worded>>;
