import type { Excess } from '../program/load';
import type { Finding, FindingBody, FindingCode, Fix } from '../finding/finding';
import type { FaultCode } from '../simulate/fabric';
import { wordSeam } from '../technique/seam-words';
import { MEASURE_NAMES } from './garment';
import { rowsWord, say, type Say } from '../quantity/say';
import { wordShapeProblem } from './shape';
import type { Units } from '../quantity/units';

export interface FindingContext {
	readonly units: Units;
	/** Colour name of a yarn index. */
	readonly yarnName: (yarn: number) => string;
}

interface Sentences {
	readonly what: string;
	readonly why: string;
}

type Writer<C extends FindingCode> = (
	f: Extract<FindingBody, { code: C }>,
	s: Say,
	yarn: (index: number) => string
) => Sentences;

const FAULTS = {
	'no-cast-on': 'Rows come before the cast-on.',
	'cast-on-twice': 'The piece is cast on twice.',
	'no-yarn': 'There is no yarn in the feeder.',
	'nothing-on-pins': 'There is nothing on the pins to take off.',
	'live-loops': 'Live loops would come off on fewer than 2 waste rows and run.',
	'left-on-machine': 'The piece is never taken off.',
	'too-large': 'The piece has more stitches than any machine here can be asked for.',
	'past-stop': 'The switch stops the ring before that pin: forced past it, it breaks.',
	'idle-pin': 'A pin without a stitch would grab the yarn as the ring goes round.',
	'empty-pin': 'A loop is to be taken from a pin that holds none.',
	'no-such-pin': 'A pin is meant that is not in work.',
	'too-narrow': 'The panel has too few stitches left for that.',
	'not-a-panel': 'A tube has no edge: this is done on a panel.',
	'wrong-side': 'A group comes off only at the start of a row, on the side where the yarn is.',
	'not-all-lifted': 'A decrease inside the panel needs every stitch beyond it lifted.',
	'nothing-held': 'No stitches are held there to be taken back.',
	'no-such-row': 'The row to be hung is not knitted yet.',
	'nothing-dropped': 'No column is open there to be latched up.',
	'nothing-to-mend': 'Nothing went wrong at that pin.',
	'extension-at-edge': 'An extension needs a stitch in work on either side.',
	'yarn-still-in': 'The empty round comes after the yarn is cut.',
	'near-marker':
		'A panel turned by hand stands on the marker or the counter’s trip, where the ring sticks: move it, or set the machine to cross them.',
	'edge-unguarded': 'Nobody sees to the yarn at the turn, and the edge stitch drops.'
} as const satisfies Record<FaultCode, string>;

const stretchWhy = (
	f: { headCm: number; circumferenceCm: number; stretch: number },
	s: Say
): string =>
	`A head of ${s.length(f.headCm)} in a tube of ${s.length(f.circumferenceCm)} round is ${s.percent(f.stretch)} of stretch`;

const faultsWord = (n: number): string =>
	n === 0 ? 'no faults' : n === 1 ? 'one fault' : `${n} faults`;

const heightWhy = (
	f: { flat: boolean; heightCm: number; wantedCm: number; rows: number },
	s: Say
): string =>
	f.flat
		? `One layer lies ${s.length(f.heightCm)} flat where an adult’s is about ${s.length(f.wantedCm)}; ${f.rows} rows would do it.`
		: `It stands ${s.length(f.heightCm)} on the head where ${s.length(f.wantedCm)} is wanted; ${f.rows} rows would do it.`;

const LOAD_WORDS: Record<Excess['what'], string> = {
	pieces: 'different pieces',
	rows: 'rows',
	loops: 'stitches',
	joins: 'changes of colour'
};
/** What to make less of. */
const LOAD_FITS: Record<Excess['what'], string> = {
	pieces: 'a ring with more pins needs fewer; of the width about',
	rows: 'of the length about',
	loops: 'of its size about',
	joins: 'higher stripes need fewer; of the changes about'
};

const WRITERS: { [C in FindingCode]: Writer<C> } = {
	'machine-missing': () => ({
		what: 'This project’s machine is not on the bench any more.',
		why: 'Choose another machine for it; everything else is kept.'
	}),
	'yarn-missing': () => ({
		what: 'A yarn of this project is not on the bench any more.',
		why: 'Choose another yarn for its place; everything else is kept.'
	}),
	'cannot-knit': (f) => ({ what: 'The machine cannot knit this.', why: FAULTS[f.fault] }),
	'too-long': (f) => ({
		what: `${f.rows} rows ${f.counted ? 'are more than one piece is counted to' : 'is longer than most things made here'}.`,
		why: f.counted
			? `${f.most} rows is the most: make it shorter, or in two pieces.`
			: `Has the length or the gauge a wrong unit? Few pieces are longer than ${f.most} rows.`
	}),
	'too-much': (f) => ({
		what: `${f.is.toLocaleString('en-GB')} ${LOAD_WORDS[f.what]} are more than is worked out here.`,
		why: `${f.most.toLocaleString('en-GB')} is the most, all different pieces together: ${LOAD_FITS[f.what]} ${Math.max(1, Math.floor((100 * f.most) / f.is))} % of it would fit.`
	}),
	'section-vanishes': (f, _s, yarn) => ({
		what: `No row is left for ${yarn(f.yarn)}.`,
		why: `The other section takes all ${f.rows} rows: give it fewer, or make the hat longer.`
	}),
	'no-swatch': (f, s) => ({
		what: f.otherYarn
			? 'The second yarn has no swatch on this machine: the size is a guess.'
			: 'No swatch of this yarn on this machine: the size is a guess.',
		why: `The tube may come out ${s.length(f.sdCm)} longer or shorter than ${s.length(f.tubeCm)}. 40 rows of tube on all pins, rested and measured twice, would bring that to ${s.length(f.sdWithSwatchCm)}.`
	}),
	'fresh-only': (f) => ({
		what: 'The only swatch was measured fresh off the machine, so it is not used.',
		why: `Knitting hangs stretched on the machine and draws in as it rests: ${f.readings === 1 ? 'the reading is' : `all ${f.readings} readings are`} likely too long. Rest it and measure again, or use it all the same.`
	}),
	'fresh-used': () => ({
		what: 'Planned from a reading fresh off the machine, as you chose.',
		why: 'The finished piece will probably be shorter and wider after a rest.'
	}),
	'one-reading': (f, s) => ({
		what: 'One reading decides the size.',
		why: `It gives ± ${s.length(f.sdCm)} on the tube; two more like it would bring that to ± ${s.length(f.sdMoreCm)}.`
	}),
	discord: (f) => ({
		what: f.learned ? 'Your finished pieces disagree.' : 'Your readings disagree.',
		why: `${f.readings} of them scatter ${f.ratio.toFixed(1)} times as much as such readings do, so the spread is wider. Look at the one furthest out.`
	}),
	'odd-gauge': (f) => ({
		what: 'This swatch has an unusual shape for your machine.',
		why: `Rows to stitches is ${f.ratio.toFixed(2)}; your ${f.swatches} swatches on this machine lie about ${f.usual.toFixed(2)}. Were the two readings swapped?`
	}),
	'too-tight': (f, s) => ({
		what: 'The tube will not go over the head.',
		why: `${stretchWhy(f, s)}, more than such fabric gives. Take more pins or a thicker yarn.`
	}),
	tight: (f, s) => ({
		what: 'The hat will be tight.',
		why: `${stretchWhy(f, s)}; about a third is usual.`
	}),
	loose: (f, s) => ({
		what: 'The hat will be loose.',
		why: `${stretchWhy(f, s)}; it wants some to stay on. Take fewer pins or a finer yarn.`
	}),
	short: (f, s) => ({
		what: 'The hat will sit high.',
		why: heightWhy(f, s)
	}),
	long: (f, s) => ({
		what: 'The hat will be deep.',
		why: heightWhy(f, s)
	}),
	'brim-too-high': (f, s) => ({
		what: 'The brim is higher than the hat can turn up.',
		why: `${s.length(f.brimCm)} of brim needs twice that, and one layer is ${s.length(f.layerCm)}.`
	}),
	'lining-lip': (f, s) => ({
		what: 'A lip of lining shows at the edge.',
		why: `The lining is longer than the outer, so the last ${rowsWord(f.rows)} (${s.length(f.cm)}) of the outer face have its colour. A turned-up brim hides it.`
	}),
	'outer-peeks': (f, s) => ({
		what: 'The outer colour shows on the lining at the fold.',
		why: `The outer is longer than the lining: ${rowsWord(f.rows)} (${s.length(f.cm)}) of it turn inside. Give the lining 5 to 10 rows more.`
	}),
	'boundary-on-fold': (f) => ({
		what: 'The colour changes on the fold itself.',
		why: `The outer colour will show at the ${f.turnedUp ? 'brim’s top' : 'lower'} edge. Give the lining 5 to 10 rows more than the outer.`
	}),
	'stripe-cut': (f) => ({
		what: `The last stripe has ${rowsWord(f.rows)} of ${f.wanted}.`,
		why: `${f.wholeRows} rows would end on a whole stripe.`
	}),
	'yarn-short': (f, s, yarn) => ({
		what: `${yarn(f.yarn)} runs out in row ${f.row + 1}.`,
		why: `It needs ${s.of(f.needGrams, 'mass')} and you have ${s.of(f.haveGrams, 'mass')}.`
	}),
	'yarn-close': (f, s, yarn) => ({
		what: `${yarn(f.yarn)} may not last.`,
		why: `It needs ${s.of(f.needGrams, 'mass')} of the ${s.of(f.haveGrams, 'mass')} you have; with the spread that is a ${s.percent(f.chance)} chance of running out.`
	}),
	'yarn-held': (f, s, yarn) => ({
		what: `${yarn(f.yarn)} is wanted elsewhere too.`,
		why: `It needs ${s.of(f.needGrams, 'mass')}; ${s.of(f.heldGrams, 'mass')} are held for ${wordHolders(f.by)}, and ${s.of(f.freeGrams, 'mass')} are free.`
	}),
	'thick-yarn': (f, _s, yarn) => ({
		what: `${yarn(f.yarn)} may jam.`,
		why: `It is class ${f.weightClass}; smooth yarn of class 3 to 4 works best, and class 5 and up mostly jams.`
	}),
	'test-failed': (f, _s, yarn) => ({
		what: `${yarn(f.yarn)} did not run on this machine when you tried it.`,
		why: `${rowsWord(f.rows)} tried, ${faultsWord(f.faults)}${f.disputed ? '; an older test of yours says it runs, so try the slot and hand of that one' : ''}. Choose another yarn, or test it again before you knit.`
	}),
	'test-care': (f, _s, yarn) => ({
		what: `${yarn(f.yarn)} runs on this machine with care.`,
		why: `Your test: ${rowsWord(f.rows)}, ${faultsWord(f.faults)}. Crank slowly and watch each turn.`
	}),
	'past-pulled': (f, s) => ({
		what: `This head stretches the tube further than you pulled the swatch.`,
		why: `It asks ${s.percent(f.stretch)}; the swatch was pulled ${s.percent(f.pulledTo)} wider. Pull it as far as the head asks and measure, or make the tube wider.`
	}),
	'weak-yarn': (f, _s, yarn) => ({
		what: `Do not gather with ${yarn(f.yarn)}.`,
		why: 'It breaks when pulled as a drawstring: gather with a stronger yarn of like colour, or a doubled tail.'
	}),
	cotton: (f, _s, yarn) => ({
		what: `${yarn(f.yarn)} grows when worn.`,
		why: `${f.percent} % cotton does not spring back: measure the swatch after hanging, and plan it close.`
	}),
	'gauges-differ': (f, s, yarn) => ({
		what: `${yarn(f.yarn)} knits ${f.share > 0 ? 'narrower' : 'wider'} than the first yarn.`,
		why: `Its stitches differ by ${s.percent(Math.abs(f.share))}, so the layers differ in width: swatch them on different slots, or choose yarns alike.`
	}),
	'light-lining': () => ({
		what: 'The light lining may shine through the dark outer.',
		why: 'Makers then line with the outer’s own colour, as the false brim does.'
	}),
	clog: (f) => ({
		what: 'The tube will clog the middle.',
		why: `Past 250 to 300 rows (this has ${f.rows}) untwist it, then give it a few turns the other way.`
	}),
	'short-waste': (f) => ({
		what: `${rowsWord(f.rows)} of waste may unravel.`,
		why: 'Two sometimes do, four normally hold.'
	}),
	baby: () => ({
		what: 'A hat for a baby comes off for sleep.',
		why: 'Hats can overheat or cover the face; for gifts ask the hospital for its own list, and let its rules decide.'
	}),
	'panel-too-wide': (f) => ({
		what: `${f.stitches} stitches are more than the panel takes.`,
		why: `Between its edges this machine gives ${f.most} pins that way.`
	}),
	'tube-too-tight': (f, s) => ({
		what: 'It will not go round.',
		why: `${s.length(f.aroundCm)} asks ${s.percent(f.stretch)} of stretch, more than such fabric gives. Make it longer, or take more pins.`
	}),
	'tube-tight': (f, s) => ({
		what: 'It will be tight.',
		why: `${s.length(f.aroundCm)} asks ${s.percent(f.stretch)} of stretch; a third is usual.`
	}),
	'tube-loose': (f, s) => ({
		what: 'It will slide down.',
		why: `${s.length(f.aroundCm)} stretches it by ${s.percent(f.stretch)} only. Take fewer pins or a finer yarn.`
	}),
	'unusual-pins': (f) => ({
		what: `On ${f.pins} pins this comes out ${f.pins < f.least ? 'narrow' : 'wide'}.`,
		why: `It is usual on ${f.least} to ${f.most} pins.`
	}),
	'many-tails': (f) => ({
		what: `${f.joins} joins leave ${2 * f.joins} tails inside.`,
		why: 'Taller stripes leave fewer; tied after 4 to 5 rows they need no weaving in.'
	}),
	'two-figures': (f, s) => ({
		what: `${f.rows} rows and the ${f.what} of ${s.length(f.aroundCm)} disagree.`,
		why: `That ${f.what} asks for ${f.fitRows} rows. Either the rows give, or it is for another size.`
	}),
	'hem-boundary': (f, _s, yarn) => ({
		what:
			f.rows === 0
				? 'A colour changes on the very edge of the hem.'
				: `${yarn(f.yarn)} ${f.rows > 0 ? 'shows' : 'begins'} ${rowsWord(Math.abs(f.rows))} ${f.rows > 0 ? 'above' : 'inside'} the edge of the hem.`,
		why:
			f.rows === 0
				? 'Both colours show there by turns: move the change two rows or more to either side.'
				: 'So near the edge it rolls in and out of sight: move the change further, or onto the row that is hung.'
	}),
	'hidden-joins': (f) => ({
		what: `${f.joins} of the joins lie where nobody sees them.`,
		why: `Those rows in one colour leave ${f.tails - 2} tails fewer inside.`
	}),
	'shows-through': (f, _s, yarn) => ({
		what: `${yarn(f.under)} may shine through ${yarn(f.over)}.`,
		why: `It lies under it for ${rowsWord(f.rows)}: knit the hidden rows in the outer’s own colour.`
	}),
	garland: () => ({
		what: 'Hang it out of children’s reach and away from flames.',
		why: 'A cord can catch a neck and yarn burns; at a fair the organiser’s rules decide.'
	}),
	'cannot-shape': (f, s) => ({
		what: `${f.name} cannot be knitted as it is drawn.`,
		why: wordShapeProblem(f.problem, s)
	}),
	'line-missed': (f) => ({
		what: `${f.name} leaves its line by ${Math.abs(f.stitches).toFixed(1)} stitches at row ${f.row + 1}.`,
		why: `The ${f.side} edge asks for more at once than can be taken there: groups come off only where the yarn is, decreases every 2nd row.`
	}),
	'seam-off': (f, s) => {
		const [a, b] =
			f.by === 'length'
				? [s.length(f.a), s.length(f.b)]
				: f.by === 'rows'
					? [rowsWord(f.a), rowsWord(f.b)]
					: [`${f.a} stitches`, `${f.b} stitches`];
		const apart =
			f.by === 'length'
				? s.length(Math.abs(f.a - f.b))
				: f.by === 'rows'
					? rowsWord(Math.abs(f.a - f.b))
					: `${Math.abs(f.a - f.b)} stitch${Math.abs(f.a - f.b) === 1 ? '' : 'es'}`;
		return {
			what: `${wordSeam(f.kind, f.of)}: ${a} meet ${b}.`,
			why: f.eases
				? `${apart} can be eased in as it is sewn, spread over the whole seam.`
				: `They are ${apart} apart: sewn like that it puckers or pulls.`
		};
	},
	'seam-missing': (f) => ({
		what: `${wordSeam(f.kind)}: one of its edges is not there.`,
		why: 'A seam names a part that no piece has: choose another part for it, or take the seam out.'
	}),
	'armhole-small': (f, s) => ({
		what: `The armhole is ${s.length(f.aroundCm)} round, close for an arm of ${s.length(f.armCm)}.`,
		why: `${s.length(f.leastCm)} lets an arm and a shirt underneath move.`
	}),
	'sleeve-tight': (f, s) => ({
		what: `The sleeve is ${s.length(f.sleeveCm)} round, the arm ${s.length(f.armCm)}.`,
		why: f.tube
			? 'A tube is as wide as the ring makes it: take panels for sleeves, or another machine.'
			: 'A sleeve needs room to bend: make it wider.'
	}),
	'neck-small': (f, s) => ({
		what: `The neck is ${s.length(f.neckCm)} round and a head of ${s.length(f.headCm)} has to go through.`,
		why: 'A knitted neck gives by about a quarter: make it deeper or wider.'
	}),
	'neck-wide': (f, s) => ({
		what: `The neck is ${s.length(f.neckCm)} wide over shoulders of ${s.length(f.shoulderCm)}: it slides off.`,
		why: 'About two fifths of the width across is usual for a neck.'
	}),
	'body-short': (f, s) => ({
		what: `${s.length(f.lengthCm)} is too short for its armholes.`,
		why: `Armhole, shoulder and a little of the body below them take ${s.length(f.leastCm)} at least.`
	}),
	'over-bust': (f, s) => ({
		what: `Over a bust of ${s.length(f.chestCm)} the front rides up by about ${s.length(f.cm)}.`,
		why: `${rowsWord(f.rows)} more on all pieces keep the hem where it is meant. An estimate: measure over the bust to know.`
	}),
	'heavy-shoulders': (f, s) => ({
		what: `${s.of(f.grams, 'mass')} hang on the shoulder seams, ${f.gramsPerCm.toFixed(0)} g on each cm.`,
		why: 'They stretch with wear: sew a chain or a tape into both, firm and not drawn in.'
	}),
	'ladders-uneven': (f) => ({
		what: `Between the ladders lie ${f.a} stitches on one side and ${f.b} on the other.`,
		why: `Half of ${f.pins} pins apart, both faces are equal: a pin off shows all along the shrug.`
	}),
	'stripe-ends': (f) => ({
		what: `${f.joins} of the ${f.all} ends to weave in come from the stripes.`,
		why: 'Broader stripes, or a body of one colour with striped sleeves, leave fewer.'
	}),
	'neck-beyond-span': (f, s) => ({
		what: `A neck of ${s.length(f.neckCm)} leaves nothing of ${s.length(f.spanCm)} for the shoulders.`,
		why: 'Neck and both joined lengths together are as long as the tubes.'
	}),
	'toy-small-parts': (f) => ({
		what: `${f.count === 1 ? `A ${f.eyes}` : `${f.count} ${f.eyes}s`} on a toy for under three`,
		why: 'What comes off can be swallowed. For that age eyes are stitched; toy rules decide if it is sold or given.'
	}),
	'toy-cord': (f, s) => ({
		what: `${f.name} is a cord of ${s.length(f.cm)}, on a toy for under three`,
		why: `A cord longer than ${s.length(f.most)} can go round a neck: make it shorter.`
	}),
	'toy-part-small': (f, s) => ({
		what: `${f.name} is small enough to be swallowed if it comes off`,
		why: `${s.length(f.across)} across and ${s.length(f.long)} long. Sewn round twice it holds; a larger part, or the toy for an older child, is safer.`
	}),
	'toy-rules': (f) => ({
		what: f.under3 ? 'For under-threes: nothing that comes off' : 'Not for under-threes as it is',
		why: 'If it is sold or given, the toy rules of the place decide, and who knows them.'
	}),
	'attach-lost': (f) => ({
		what: `${f.name} is sewn to a part that is not there`,
		why: 'Choose the part it is sewn to: every part hangs from one that stands by itself.'
	}),
	'will-not-close': (f, s) => ({
		what: `${f.name}${f.nth > 1 ? `, swelling ${f.nth},` : ''} is too short to close`,
		why: `${s.length(f.cm)} of tube, and from edge to edge over its thickness it takes ${s.length(f.leastCm)}: it stays a flat disc.`
	}),
	'part-too-wide': (f, s) => ({
		what: `${f.name} opens wider than ${f.host.toLowerCase()} is thick there`,
		why: `${s.length(f.openCm)} across on ${s.length(f.hostCm)}: move it to a thicker place, or make it on fewer pins.`
	}),
	'bag-misses': (f, s) => ({
		what: `The strip is ${rowsWord(Math.abs(f.rows))} too ${f.rows > 0 ? 'long' : 'short'} to fold`,
		why:
			f.rows > 0
				? `It folds at ${f.ideal} rows. ${rowsWord(f.eachRows)}, ${s.length(f.cm)}, stand over at each end: the points are not alike, or they are folded in.`
				: `It folds at ${f.ideal} rows. Each end lacks ${rowsWord(f.eachRows)}: both seams stop ${s.length(f.cm)} short, and the notch gapes at its middle.`
	}),
	'bag-loads': () => ({
		what: 'For light loads',
		why: 'A knitted handle stretches and a seam gives: yarn and a scarf, not bottles.'
	}),
	'cannot-hang': (f, s) => ({
		what: `A cord of ${s.length(f.cordCm)} cannot sag ${s.length(f.sagCm)}`,
		why: 'Hung double it reaches half its length down: less sag, or more cord.'
	}),
	'garland-count': (f, s) => ({
		what: `${f.number} ${f.number === 1 ? 'thing' : 'things'} is as near as ${s.length(f.spacingCm)} apart comes`,
		why: `The cord is ${s.length(f.cordCm)} from hook to hook.`
	}),
	'items-touch': (f, s) => ({
		what: `Neighbours touch, ${f.times} times`,
		why: `Two side by side need ${s.length(f.needCm)} from middle to middle, and have ${s.length(f.spacingCm)}.`
	}),
	'pom-thin': (f) => ({
		what: `${f.wraps} wraps make a thin pom-pom`,
		why: `On this card and with this yarn about ${f.usual} fill it.`
	}),
	'border-off': (f) => ({
		what: `${f.stitches} crochet stitches on ${f.loops} loops`,
		why: f.eases
			? `Repeats of ${f.of} come out whole at ${f.stitches}: take ${Math.abs(f.stitches - f.loops) === 1 ? 'one loop' : `${Math.abs(f.stitches - f.loops)} loops`} ${f.stitches > f.loops ? 'twice' : 'together'} on the way.`
			: `Repeats of ${f.of} are too far from the loops there are: another repeat lies flatter.`
	}),
	'no-swatch-there': (f) => ({
		what: `No swatch on ${f.machine}`,
		why: `${f.parts.join(', ')}: sized by what other machines say of this yarn.`
	}),
	'no-counter': (f) => ({
		what: f.panels ? 'The counter counts tubes only.' : 'This machine counts no rows.',
		why: `Count every ${f.panels ? 'row of a panel' : 'turn'} here at the crank; the weave and cast-on are not rows.`
	})
};

/** Whose the held yarn is: two by name, the rest as others. */
export const wordHolders = (names: readonly string[]): string =>
	names.length === 0
		? 'other projects'
		: `${names.slice(0, 2).join(', ')}${names.length > 2 ? ' and others' : ''}`;

/** One sentence what, one sentence why with the numbers in it. */
export function wordFinding(f: Finding, context: FindingContext): Sentences {
	const writer = WRITERS[f.code] as Writer<FindingCode>;
	return writer(f, say(context.units), context.yarnName);
}

/** What the offered change does, as a verb on a button. */
export function wordFix(fix: Fix, units: Units): string {
	switch (fix.do) {
		case 'rows':
			return `Make it ${fix.rows} rows`;
		case 'stitches':
			return `Cast on ${fix.stitches}`;
		case 'use-fresh':
			return 'Use the fresh readings';
		case 'lining-extra':
			return `Make the lining ${fix.rows} rows longer`;
		case 'turn-up':
			return 'Turn the brim up';
		case 'around':
			return `It is for ${say(units).length(fix.cm)} round`;
		case 'visible':
			return `${say(units).length(fix.cm)} high is what I want`;
		case 'substitute':
			return 'Find more, or a stand-in';
		case 'measure':
			return `${MEASURE_NAMES[fix.measure]} ${say(units).length(fix.cm)}`;
		case 'together':
			return `${MEASURE_NAMES[fix.measure]} like the other pieces`;
		case 'ladder-pins':
			return `Ladders at pins ${fix.pins.join(' and ')}`;
		case 'eyes':
			return 'Stitch the eyes';
		case 'sag':
			return `Sag ${say(units).length(fix.cm)}`;
		case 'garland-number':
			return `Hang ${fix.number} of them`;
		case 'wraps':
			return 'As many wraps as fill it';
		case 'by-yarn':
			return 'As long as the yarn lasts';
		case 'begin-again':
			return 'Back to the usual sizes';
	}
}
