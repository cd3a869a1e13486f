import { isSpare } from '../program/program';
import { entryAt } from '../quantity/sure';
import { FACE } from '../simulate/fabric';
import { LAID, type Hand } from '../simulate/hand/hand';
import { rungsOf } from '../simulate/hand/run-down';
import { numberOf, tailOf } from './acts';
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

const many = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;

/** What the hand saw to at an edge, what it holds beside it, hung, stood up or left hanging. */
function edgeSaid(hand: Hand, m: Learner): string[] {
	const { bed, atEdge } = hand;
	const held = bed.held.low.length + bed.held.high.length;
	const joined = hand.tails.filter((t) => t.is === 'new').at(-1);
	const old = hand.tails.at(-1);
	const card = [...bed.extensions.keys()][0];
	return [
		hand.isPanel && atEdge.bar
			? `The yarn is seen to at the edge${atEdge.snug ? ', and snug' : ', its slack still there'}.`
			: hand.isPanel && atEdge.snug
				? 'The yarn is drawn snug.'
				: '',
		held > 0 ? `${many(held, 'stitch', 'stitches')} held on a strand.` : '',
		hand.hung.size > 0 ? `${many(hand.hung.size, 'loop', 'loops')} hung beside those there.` : '',
		card === undefined ? '' : `A card stands after pin ${numberOf(m, card)}.`,
		joined
			? `Its tail of ${tailOf(m, joined.cm)} hangs ${joined.side} at pin ${numberOf(m, joined.pin)}, ${hand.tied === joined.row ? 'tied' : 'not tied'}.`
			: old
				? `A tail of ${tailOf(m, old.cm)} hangs at pin ${numberOf(m, old.pin)}.`
				: ''
	];
}

/** What is done at the table, and said. */
function tableSaid(hand: Hand): string[] {
	const marked = [...hand.ladders.values()].filter((l) => l.marked && l.latched === 0).length;
	return [
		marked > 0 ? 'A marker holds the loose loop.' : '',
		hand.yarnOnHook ? 'A loop of yarn is on the hook.' : '',
		hand.drawn.length > 0 ? `Drawn up, ${many(hand.drawn.length, 'pull', 'pulls')}.` : '',
		hand.crossed.length > 0
			? `${many(hand.crossed.length, 'turn', 'turns')} of rungs drawn through.`
			: '',
		hand.fastened ? 'Fastened.' : '',
		hand.wasteGone.size > 0
			? `The waste is off the ${[...hand.wasteGone].map((e) => (e === 'cast-on' ? 'first' : 'last')).join(' and the ')} row.`
			: '',
		hand.told === null ? '' : `You said ${many(hand.told, 'row', 'rows')}.`
	];
}

/** What drags at the crank. */
function draggingSaid(hand: Hand): string[] {
	const { slack, ring, pins } = hand;
	return [
		slack === null
			? ''
			: slack === 0
				? 'The yarn from the ball is taut.'
				: `Yarn lies loose for about ${many(Math.ceil(slack / pins), 'row', 'rows')}.`,
		ring.rollRows === undefined
			? ''
			: hand.unrolled >= ring.rollRows
				? 'The fabric stands on the table.'
				: `Rolled up ${many(hand.unrolled, 'row', 'rows')} ago.`,
		hand.untwisted >= (ring.clogRows ?? Infinity) ? 'The crank is heavy: something blocks it.' : ''
	];
}

/** The machine as it stands, in words: all that the picture shows; its count where that is not what is looked for. */
export function sayState(hand: Hand, m: Learner, counts = true): string {
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
		hand.rows === 0 || !counts ? '' : `${hand.rows} ${hand.rows === 1 ? 'row' : 'rows'} knitted.`,
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
		...edgeSaid(hand, m),
		hand.hooked.length > 0 ? `${hand.hooked.length} loops closed, ${hand.onHook} on the hook.` : '',
		hand.passesDone.length > 0 ? `The needle went through ${hand.passesDone.length} loops.` : '',
		...tableSaid(hand),
		...draggingSaid(hand),
		hand.ring.counter !== 'none' && ends && counts ? `The counter shows ${hand.counter}.` : ''
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
		return `${name}: yarn ${side === LAID.before ? 'before it' : side === LAID.behind ? 'behind it' : side === LAID.crossed ? 'wrapped round it, crossed' : 'round it, not crossed'}.`;
	if (bed.inWork[pin] === 0) return `${name}: out of work.`;
	if (loops === 0) return `${name}: ${entryAt(bed.top, pin) === -1 ? 'the cast-on' : 'bare'}.`;
	const split = hand.stack(pin).some((l) => (entryAt(bed.fabric.face, l) & FACE.split) !== 0);
	return `${name}: ${many(loops, 'loop', 'loops')}${hand.high[pin] === 1 ? ', not down' : ''}${split ? ', its yarn split' : ''}.`;
}
