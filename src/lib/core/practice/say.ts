import type { Act, HandOp, HandOpOf } from '../program/hand';
import { isSpare } from '../program/program';
import { entryAt } from '../quantity/sure';
import { LAID, type Hand } from '../simulate/hand/hand';
import { rungsOf } from '../simulate/hand/run-down';
import { numberOf } from './acts';
import type { Learner } from './lesson';

const sentence = (parts: readonly string[]): string => parts.filter((p) => p !== '').join(' ');

/** `3, 7 and 12`; of many, the first eight and how many more. */
function pinsSaid(pins: readonly number[], m: Learner): string {
	const numbers = pins.slice(0, 8).map((p) => String(numberOf(m, p)));
	const more = pins.length - numbers.length;
	if (more > 0) return `${numbers.join(', ')} and ${more} more`;
	const [last, ...rest] = numbers.reverse();
	return rest.length === 0 ? (last ?? '') : `${rest.reverse().join(', ')} and ${last ?? ''}`;
}
const pinsWord = (pins: readonly number[], m: Learner): string =>
	`${pins.length === 1 ? 'pin' : 'pins'} ${pinsSaid(pins, m)}`;
const where = (hand: Hand, fits: (pin: number) => boolean): number[] =>
	Array.from({ length: hand.pins }, (_, p) => p).filter(fits);

function yarnSaid(hand: Hand): string {
	const { bed } = hand;
	if (bed.feeder === null) return 'No yarn in the feeder.';
	const yarn = isSpare(bed.feeder) ? 'Waste yarn' : 'Main yarn';
	return hand.aside ? `${yarn}, out of its guide.` : `${yarn} in its guide.`;
}

/** The machine as it stands, in words: all that the picture shows. */
export function sayState(hand: Hand, m: Learner): string {
	const { bed } = hand;
	const high = where(hand, (p) => hand.high[p] === 1);
	const laid = where(hand, (p) => hand.laid[p] !== LAID.none);
	const bare = where(hand, (p) => bed.inWork[p] === 1 && entryAt(bed.top, p) < 0 && bed.made > 0);
	const runs = [...hand.ladders.keys()];
	const ends = bed.ends();
	const weaving = laid.length > 0 && bed.made === 0;
	return sentence([
		ends || weaving
			? `Pin ${numberOf(m, hand.pos)} comes to the feeder next.`
			: bed.made === 0
				? 'Nothing is on the pins.'
				: 'Off the machine.',
		hand.rows === 0 ? '' : `${hand.rows} ${hand.rows === 1 ? 'row' : 'rows'} knitted.`,
		ends || weaving ? yarnSaid(hand) : '',
		hand.gateOpen ? 'The gate is open.' : '',
		weaving ? `Yarn laid at ${laid.length} pins, the last ${numberOf(m, laid.at(-1) ?? 0)}.` : '',
		high.length > 0
			? `Not down: the ${high.length === 1 ? 'loop' : 'loops'} of ${pinsWord(high, m)}.`
			: '',
		bare.length > 0 ? `Bare: ${pinsWord(bare, m)}.` : '',
		runs.length > 0
			? `${runs.length === 1 ? 'A column has' : 'Columns have'} run at ${pinsWord(runs, m)}, rungs left: ${runs.map((p) => rungsOf(hand, p).length).join(', ')}.`
			: '',
		hand.pick.length > 0
			? `On the pick: the ${hand.pick.length === 1 ? 'stitch' : 'stitches'} of ${pinsWord(
					hand.pick.map((x) => x.from),
					m
				)}.`
			: '',
		hand.hooked.length > 0 ? `${hand.hooked.length} loops closed, ${hand.onHook} on the hook.` : '',
		hand.passesDone.length > 0 ? `The needle went through ${hand.passesDone.length} loops.` : '',
		hand.slack === 0 ? 'The yarn from the ball is taut.' : '',
		hand.unrolled >= (hand.ring.rollRows ?? Infinity) ? 'The fabric stands on the table.' : '',
		hand.ring.counter !== 'none' && ends ? `The counter shows ${hand.counter}.` : ''
	]);
}

/** One pin in words. */
export function sayPin(hand: Hand, pin: number, m: Learner): string {
	const { bed } = hand;
	const name = `Pin ${numberOf(m, pin)}`;
	const loops = hand.stack(pin).length;
	const rungs = rungsOf(hand, pin).length;
	const side = hand.laid[pin];
	if (rungs > 0) return `${name}: its column has run, ${rungs} rungs to latch.`;
	if (!bed.ends()) {
		const closed = hand.hooked.includes(pin) || hand.passedBy('cast-off', pin) > 0;
		return `${name}: ${hand.endLoop('cast-off', pin) < 0 ? 'no loop' : closed ? 'its loop held' : 'its loop open'}.`;
	}
	if (bed.made === 0 && side !== LAID.none)
		return `${name}: yarn ${side === LAID.before ? 'before' : 'behind'} it.`;
	if (bed.inWork[pin] === 0) return `${name}: out of work.`;
	if (loops === 0) return `${name}: ${entryAt(bed.top, pin) === -1 ? 'the cast-on' : 'bare'}.`;
	return `${name}: ${loops === 1 ? 'a loop' : `${loops} loops`}${hand.high[pin] === 1 ? ', not down' : ''}.`;
}

const times = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
type Saying = {
	readonly [O in HandOp['op']]: (a: HandOpOf<O>, pin: (p: number) => string) => string;
};
const SAYS: Saying = {
	lay: (a, pin) => `Yarn ${a.side} ${pin(a.pin)}`,
	'rag-loop': (a, pin) => `A loop of the rag on ${pin(a.pin)}`,
	'yarn-in': (a) => `${isSpare(a.yarn) ? 'Waste' : 'Main'} yarn in, tail of ${a.cm} cm ${a.tail}`,
	'yarn-out': (a) => `Yarn cut, a tail of ${a.cm} cm`,
	guide: (a) => (a.yarn === 'in' ? 'Yarn into its guide' : 'Yarn out of its guide'),
	gate: (a) => `Gate ${a.to}`,
	turn: (a) => `${times(a.pins, 'pin')} ${a.way}, ${a.pace}`,
	slack: () => 'Yarn pulled off the ball',
	roll: () => 'Fabric rolled up',
	untwist: () => 'Middle untwisted',
	tie: () => 'Tails tied',
	'push-down': (a, pin) => `Loop of ${pin(a.pin)} pushed down`,
	rise: (a, pin) => `Loop of ${pin(a.pin)} stands high`,
	bar: (a) => (a.how === 'under' ? 'Yarn slipped under the bar' : 'Yarn lifted off the bar'),
	snug: () => 'Drawn snug',
	lift: (a, pin) => `${pin(a.pin)} lifted onto the pick`,
	idle: (a, pin) => `${pin(a.pin)} out of work`,
	set: (a, pin) => `The loop of ${pin(a.from)} set down on ${pin(a.pin)}`,
	'onto-strand': (a, pin) =>
		`${pin(a.pin)} onto the strand, ${a.way === 'from-edge' ? 'from the edge' : 'towards the edge'}`,
	hang: (a, pin) => `The loop below ${pin(a.from)} hung on ${pin(a.pin)}`,
	fall: (a, pin) => `${pin(a.pin)} runs down ${times(a.rows, 'row')}`,
	'mark-loop': (a, pin) => `A marker through the loop of ${pin(a.pin)}`,
	'onto-pin': (a, pin) => `The top loop back on ${pin(a.pin)}`,
	rung: (a, pin) =>
		`A rung of ${pin(a.pin)} latched${a.face === 'purl' ? ' from the purl side' : ''}${a.over > 0 ? `, ${a.over} passed by` : ''}`,
	clear: () => 'All taken off',
	cross: (a, pin) => `${times(a.rungs, 'rung')} of ${pin(a.pin)} drawn through`,
	card: (a, pin) => `A card ${a.wide} pins wide after ${pin(a.pin)}`,
	thread: (a, pin) =>
		`Needle through ${pin(a.pin)} of the ${a.end === 'cast-on' ? 'first' : 'last'} row, from ${a.from}`,
	ease: (a, pin) => `The loop off ${pin(a.pin)}`,
	'draw-up': (a) => `Yarn ${a.strand} drawn up`,
	hook: (a, pin) =>
		a.draw === 'through'
			? `The loop of ${pin(a.pin)} drawn through`
			: `The loop of ${pin(a.pin)} on the hook`,
	chain: (a, pin) => `The loop of ${pin(a.pin)} through the one before it`,
	'draw-yarn': () => 'Yarn through all on the hook',
	fasten: () => 'Fastened',
	'waste-off': (a) => `Waste off the ${a.end === 'cast-on' ? 'first' : 'last'} row`,
	tug: () => 'Stretched as in wear',
	zero: () => 'Counter to nought',
	tell: (a) => `${times(a.rows, 'row')} said`
};
const isByHand = (act: Act): act is HandOp => act.op in SAYS;

/** What was done, in a few words. */
export function sayAct(act: Act, m: Learner): string {
	const pin = (p: number) => `pin ${numberOf(m, p)}`;
	if (isByHand(act)) {
		const said = (SAYS[act.op] as (a: HandOp, pin: (p: number) => string) => string)(act, pin);
		return said.charAt(0).toUpperCase() + said.slice(1);
	}
	if (act.op === 'repair') return `Freed at ${pin(act.pin)}`;
	if (act.op === 'cast-on') return 'Woven anew';
	if (act.op === 'latch-extension') return 'Floats latched into columns';
	if (act.op === 'take-off') return 'Cranked off';
	return 'Done';
}
