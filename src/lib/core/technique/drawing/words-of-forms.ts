import type { Worded } from './skill-words';
import type { SkillId } from './skills';

/** Folding, filling, putting together, and what every tube is given (common practice). */
export const FORM_WORDS = {
	tuck: {
		name: 'Tuck one end inside the other',
		goodFor: 'A lined hat out of one tube.',
		how: ['Down to the fold, half the rows.', 'Knit side out on both layers, no twist between.'],
		wrong: 'A layer longer than the other peeks out at the brim: fold by the row, not by eye.'
	},
	'turn-up': {
		name: 'Turn the brim up',
		goodFor: 'A warm double edge; it hides a lip of lining.',
		how: ['Both layers together, the same height all round.'],
		wrong: 'Turned on the body it is higher behind: turn it lying flat.'
	},
	hem: {
		name: 'Hang a hem',
		goodFor: 'A brim or channel of two layers, made on the machine.',
		how: [
			'Begin at the second loop, which is easier to find.',
			'Loop by loop onto the pins as the ring turns; that round is a row.',
			'It tightens towards the end; keep clear of waste loops and the tail.'
		],
		wrong: 'A loop left out is a hole along the inside: catch it with a short strand.'
	},
	'tie-off': {
		name: 'Tie off with a running thread',
		goodFor: 'Heads, bodies and segments out of one tube.',
		how: [
			'A doubled thread in and out through every other stitch of one row.',
			'Draw it up over the stuffing, wind it round twice, knot.',
			'Sink the ends into the stuffing.'
		],
		wrong: 'Off its row the neck is crooked: follow one row round, or mark it with a pin.',
		also: 'segment neck toy'
	},
	stuff: {
		name: 'Stuff',
		goodFor: 'A shape that keeps.',
		how: [
			'Small tufts, the far end first.',
			'Press to the sides and fill the middle last.',
			'Stop before the stitches gape.'
		],
		wrong: 'One large wad makes a lump; too firm, and stuffing shows between stitches.',
		also: 'fill filling toy'
	},
	attach: {
		name: 'Sew a part on',
		goodFor: 'Ears, limbs and tails.',
		how: [
			'Pin left and right before sewing either.',
			'A loop of the part and a stitch of the body, in turn, all round.',
			'For the smallest children once more round with doubled yarn.'
		],
		wrong: 'Sewn at the tip of a stitch only, it comes off: take the whole stitch.',
		also: 'ear limb tail toy'
	},
	'fold-bag': {
		name: 'Fold a strip to a bag',
		goodFor: 'A bag out of one tube, no shaping, two seams.',
		how: [
			'The strip flat, three squares long.',
			'Fold on the diagonal of the middle square, then on those of the two outer ones.',
			'Sew where the edge folds back on itself, once in front and once behind.'
		],
		wrong: 'A strip that is not three widths long leaves points that are not alike.'
	},
	wind: {
		name: 'Wind a pom-pom',
		goodFor: 'A full, round tuft.',
		how: ['Wraps side by side, then over one another.', 'Not tight, or the card bends.'],
		wrong: 'Too few wraps and the tie shows.',
		also: 'pompom card wraps'
	},
	'tie-cut': {
		name: 'Tie, cut and trim',
		goodFor: 'A pom-pom that does not shed.',
		how: [
			'A doubled strand round the middle, as tight as it will go, knotted twice.',
			'Cut both ends; trim round; shake; warm at a distance; trim again.'
		],
		wrong: 'A loose tie sheds strands: pull it tighter before you cut.',
		also: 'pompom'
	},
	'fix-pom': {
		name: 'Fix a pom-pom',
		goodFor: 'It comes off before the thing is washed.',
		how: [
			'The tie’s ends through what it goes on.',
			'In a bow, round a button or a toggle inside.'
		],
		wrong: 'Tied to the fabric alone it draws a hole: let a button take the pull.',
		also: 'pompom'
	},
	string: {
		name: 'Thread flags on a cord',
		goodFor: 'Strings of flags: side by side, each by its first row.',
		how: ['The cord through the loops of the first row.', 'A loop at either end to hang it by.'],
		wrong: 'Threaded too near the edge they slide: go through every other stitch.',
		also: 'bunting garland'
	},
	'sew-on': {
		name: 'Sew a button or a bead on',
		goodFor: 'What is to stay on, with strong thread.',
		how: [
			'Mark the places first.',
			'Through to the far side and back four times, round the shank, knotted inside.'
		],
		wrong: 'Sewn through one strand of yarn only it pulls a hole: take a whole stitch.',
		also: 'eyes toy'
	},
	'stitch-eyes': {
		name: 'Stitch eyes',
		goodFor: 'A face with nothing on it that could come off.',
		how: [
			'Dark yarn, in from the inside, through the stuffing.',
			'A few straight stitches over one another; back inside.'
		],
		wrong: 'Drawn tight the face puckers: let the yarn lie on the fabric.',
		also: 'eyes toy face'
	},
	patch: {
		name: 'Sew a patch or a tag on',
		goodFor: 'Fabric on fabric, flat.',
		how: [
			'Pinned where it lies flat and not stretched.',
			'Small stitches over its edge, twice at the corners.'
		],
		wrong: 'On stretched fabric it puckers when that lets go.',
		also: 'label'
	},
	hang: {
		name: 'Tie things on a cord',
		goodFor: 'Garlands and strings of flags.',
		how: ['Mark the cord at equal distances before tying anything.', 'A loop at each end.'],
		wrong: 'Measured along the sag instead of along the cord, the gaps come out uneven.',
		also: 'garland bunting string'
	},
	block: {
		name: 'Block flat',
		goodFor: 'Panels, which curl; before any seam.',
		how: ['Damp, pin to the measures without stretching, leave until dry.'],
		wrong: 'Sewn before it is dry, seams that agreed no longer do.'
	},
	drawstring: {
		name: 'Chain a cord',
		goodFor: 'Drawstrings, straps and ties.',
		how: ['A loop through a loop, as many as the plan says.', 'In and out through the channel.'],
		wrong: 'A weak yarn snaps when it is drawn: double it.',
		also: 'chain strap tie'
	},
	'inside-out': {
		name: 'Turn inside out',
		goodFor: 'The rougher purl side as the face.',
		how: ['Before the last end is closed.'],
		wrong: 'Closed first, there is no way to turn it.'
	},
	stretch: {
		name: 'Stretch and rest',
		goodFor: 'Every tube, before it is measured or sewn.',
		how: ['Pull it long once or twice, and leave it lying.'],
		wrong: 'Measured fresh off the machine it is longer than it will stay.'
	},
	measure: {
		name: 'Measure and write down',
		goodFor: 'The next one, planned from this one.',
		how: ['Flat, relaxed, along the middle; then the weight.'],
		wrong: 'A tape along a fold reads short.'
	}
} satisfies Partial<Record<SkillId, Worded>>;
