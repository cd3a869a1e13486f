import type { Act, HandOp, HandOpOf } from '../program/hand';
import { isSpare } from '../program/program';
import { capital } from '../quantity/say';
import { numberOf, tailOf } from './acts';
import type { Learner } from './lesson';

const times = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
type Saying = {
	readonly [O in HandOp['op']]: (
		a: HandOpOf<O>,
		pin: (p: number) => string,
		tail: (cm: number) => string
	) => string;
};
const SAYS: Saying = {
	lay: (a, pin) => `Yarn ${a.side} ${pin(a.pin)}`,
	wrap: (a, pin) => `Yarn round ${pin(a.pin)}, ${a.loop}`,
	'rag-loop': (a, pin) => `A loop of the rag on ${pin(a.pin)}`,
	'yarn-in': (a, _, tail) =>
		`${isSpare(a.yarn) ? 'Waste' : 'Main'} yarn in, tail of ${tail(a.cm)} ${a.tail}`,
	'yarn-out': (a, _, tail) => `Yarn cut, a tail of ${tail(a.cm)}`,
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
		const says = SAYS[act.op] as (
			a: HandOp,
			pin: (p: number) => string,
			tail: (cm: number) => string
		) => string;
		const said = says(act, pin, (cm) => tailOf(m, cm));
		return capital(said);
	}
	if (act.op === 'repair') return `Freed at ${pin(act.pin)}`;
	if (act.op === 'cast-on') return 'Woven anew';
	if (act.op === 'latch-extension') return 'Floats latched into columns';
	if (act.op === 'take-off') return 'Cranked off';
	return 'Done';
}
