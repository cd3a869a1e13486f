import { panelPins } from '../bench/machine/panel';
import { clearPins, keptOff } from '../bench/machine/ring';
import { say } from '../quantity/say';
import { pinNumber } from '../model/pin-number';
import type { Act } from '../program/hand';
import { WASTE } from '../program/program';
import type { Hand, Played } from '../simulate/hand/hand';
import type { Learner, Try } from './lesson';

/** Fewer pins than this have no room for what is learned; more are not met. */
export const LEAST_PINS = 16;
export const MOST_PINS = 120;
/** A panel that is practised on: so many stitches. */
export const PANEL_STITCHES = 12;
/** Rows on, after which it is shown what came of it. */
export const LATER_ROWS = 40;
/** The main yarn of what is practised. */
export const MAIN = 0;

export const castOn: Act = { op: 'cast-on', method: 'weave', yarn: WASTE };
export const rows = (count: number): Act => ({ op: 'rows', count });
export const join: Act = { op: 'join', yarn: MAIN };
export const turn = (pins: number, way: 'forward' | 'back' = 'forward'): Act => ({
	op: 'turn',
	pins,
	way,
	pace: 'slow'
});
export const seen: readonly Act[] = [{ op: 'bar', how: 'under' }, { op: 'snug' }];
export const yarnIn = (yarn: number = MAIN, cm = 20): Act => ({
	op: 'yarn-in',
	yarn,
	tail: 'inside',
	cm
});

/** Waste, then so many main rows, on all pins. */
export const tubeOf = (main: number): Act[] => [castOn, rows(4), join, rows(main)];
/** The same, cranked off on waste. */
export const tubeOff = (main: number): Act[] => [
	...tubeOf(main),
	{ op: 'join', yarn: WASTE },
	rows(4),
	{ op: 'cut' },
	{ op: 'take-off', method: 'crank' }
];

/** Where a panel that is practised on stands, from its first pin. */
export const panelFrom = (m: Learner, stitches = PANEL_STITCHES): number =>
	panelPins(m, 'hand', stitches).from;
/** A panel turned by hand, its rows knitted there and back. */
export function panelOf(m: Learner, count: number, stitches = PANEL_STITCHES): Act[] {
	const from = panelFrom(m, stitches);
	return [
		{ op: 'cast-on', method: 'weave', yarn: WASTE, from, to: from + stitches },
		{ op: 'work', as: 'panel', by: 'hand', edge: m.edgeRule },
		...(count > 0 ? [rows(2), join, rows(count)] : [])
	];
}

/** A row of a panel and the yarn seen to at its edge. */
export const panelRow = (pins: number, way: 'forward' | 'back'): Act[] => [
	turn(pins, way),
	...seen
];

/** The ring a try is played on. */
export function ringOf(learner: Learner, t: Pick<Try, 'ring' | 'pins'>): Played {
	const m = learnerFor(learner, t);
	return {
		pins: m.pins,
		panelLost: m.panelLost,
		keepOff: keptOff(m),
		counter: m.counter,
		seed: m.seed,
		...t.ring?.(m)
	};
}
export const pinsOf = (m: Learner, t: Pick<Try, 'pins'>): number => {
	const pins = Math.min(MOST_PINS, Math.max(LEAST_PINS, m.pins));
	return t.pins?.(pins) ?? pins;
};
/** The maker's machine with as many pins as the try takes. */
export const learnerFor = (m: Learner, t: Pick<Try, 'pins'>): Learner => {
	const pins = pinsOf(m, t);
	// As wide from pin to pin as the maker's own.
	const ringCm = (m.ringCm * pins) / m.pins;
	const on = { ...m, pins, ringCm, firstPin: Math.min(m.firstPin, pins) };
	// A trip that leaves no room for a panel is left out: it is the panel that is learned.
	const trips = m.tripPin !== null && m.tripPin <= pins;
	const room = trips && clearPins(on).count >= PANEL_STITCHES;
	return room ? on : { ...on, tripPin: null };
};

/** So many rows on from where things stand, by careful hands: what was wrong before shows. */
export function knitOn(hand: Hand): Act[] {
	const { bed, pins } = hand;
	const ends = bed.ends();
	if (!ends) return [];
	const ready: Act[] = [
		{ op: 'gate', to: 'closed' },
		{ op: 'untwist' },
		...(bed.feeder === null ? [yarnIn()] : []),
		{ op: 'guide', yarn: 'in' }
	];
	if (!hand.isPanel) {
		const row = (): Act[] => [{ op: 'slack' }, { op: 'roll' }, turn(pins)];
		return [
			...ready,
			...(hand.pos > 0 ? [turn(pins - hand.pos)] : []),
			...Array.from({ length: LATER_ROWS }, row).flat()
		];
	}
	const acts: Act[] = [...ready];
	const stitches = ends.high - ends.low + 1;
	let way = hand.going;
	const left = way === 'forward' ? ends.high + 1 - hand.pos : hand.pos - ends.low;
	if (left > 0) acts.push(turn(left, way), ...seen);
	else if (hand.atEdge.bar) acts.push(...seen);
	for (let i = 0; i < LATER_ROWS; i++) {
		way = way === 'forward' ? 'back' : 'forward';
		acts.push(turn(stitches, way), ...seen);
	}
	return acts;
}

/** The number that a pin carries. */
export const numberOf = (m: Learner, pin: number): number =>
	pinNumber(m, ((pin % m.pins) + m.pins) % m.pins);

/** A length of yarn to leave, in the maker's unit. */
export const tailOf = (m: Learner, cm: number): string => say(m.units).tail(cm);

/** Three different pins, or so many, drawn by the seed. */
export function somePins(m: Learner, count: number): number[] {
	const step = Math.max(2, Math.floor(m.pins / (count + 1)));
	const wobble = Math.max(1, step - 1);
	return Array.from(
		{ length: count },
		(_, i) => (1 + i * step + ((m.seed * 7 + i * 5) % wobble)) % m.pins
	);
}
