import { pulsesInPass, type SensorSignal } from '../core/crank/pulses';

/** What goes wrong with a sensor, as chances for each pulse, and how unevenly the maker cranks. */
export interface Troubles {
	/** Relative spread of the time between two pulses. */
	readonly jitter: number;
	readonly bounce: number;
	readonly missed: number;
	readonly doubled: number;
	/** Chance after each row that the maker stops, and for how long at most, ms. */
	readonly stop: number;
	readonly stopMs: number;
	/** Chance in each row that the cable comes off for a while. */
	readonly unplug: number;
	/** Chance in each row of turning back a little and going on. */
	readonly easeBack: number;
}

export const NO_TROUBLE: Troubles = {
	jitter: 0.03,
	bounce: 0,
	missed: 0,
	doubled: 0,
	stop: 0,
	stopMs: 0,
	unplug: 0,
	easeBack: 0
};
/** A cheap sensor on a machine that shakes (from memory). */
export const USUAL_TROUBLE: Troubles = {
	jitter: 0.1,
	bounce: 0.2,
	missed: 0.01,
	doubled: 0.01,
	stop: 0.05,
	stopMs: 6000,
	unplug: 0,
	easeBack: 0.02
};

export interface SimulatedCrank {
	readonly pins: number;
	readonly perTurn: number;
	readonly rows: number;
	readonly turnsPerMinute: number;
	readonly troubles: Troubles;
	/** From 0 to 1. */
	readonly random: () => number;
	/** For a panel: its edges at each row, pins from 0, both included; left out for a tube. */
	readonly panel?: (row: number) => { readonly low: number; readonly high: number };
}

/** What really happened, beside what the sensor said: for tests to hold the count against. */
export type SimulatedStep =
	| { readonly kind: 'signal'; readonly signal: SensorSignal }
	/** So many rows are really done now. */
	| { readonly kind: 'truth'; readonly at: number; readonly rows: number };

/** A normal deviate from two even ones. */
const normal = (random: () => number): number =>
	Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/**
 * A stand-in for a sensor with magnets at the ring, one of them told from the others: the ring is turned at an uneven pace
 * with stops, and pulses bounce, go missing, come twice, or stop with the cable. Chance is given from outside, so that a
 * test sees the same each time. Times in ms from 0.
 */
export function* crankSensor(c: SimulatedCrank): Generator<SimulatedStep> {
	const { random, troubles: t, perTurn } = c;
	const slotMs = 60_000 / c.turnsPerMinute / perTurn;
	let now = 0;
	let plugged = true;
	const wait = () => {
		now += slotMs * Math.max(0.5, 1 + t.jitter * normal(random));
	};
	function* pulse(mark: boolean, back: boolean): Generator<SimulatedStep> {
		if (!plugged || random() < t.missed) return;
		const at = now;
		yield { kind: 'signal', signal: { kind: 'pulse', at, mark, back } };
		if (random() < t.bounce)
			yield { kind: 'signal', signal: { kind: 'pulse', at: at + 2 + 7 * random(), mark, back } };
		if (random() < t.doubled)
			yield {
				kind: 'signal',
				signal: { kind: 'pulse', at: at + slotMs * (0.2 + 0.2 * random()), mark, back }
			};
	}
	for (let row = 0; row < c.rows; row++) {
		const edges = c.panel?.(row);
		const steps = edges ? pulsesInPass(edges.low, edges.high, c.pins, perTurn) : perTurn;
		const back = edges !== undefined && row % 2 === 1;
		const unplugAt = random() < t.unplug ? Math.floor(random() * steps) : -1;
		const easeAt = random() < t.easeBack ? Math.floor(random() * (steps - 1)) : -1;
		for (let i = 0; i < steps; i++) {
			wait();
			if (i === unplugAt) {
				plugged = !plugged;
				yield { kind: 'signal', signal: { kind: plugged ? 'plugged' : 'unplugged', at: now } };
				now += 1;
			}
			// The marker passes the feeder as the turn is complete.
			const mark = edges === undefined && i === steps - 1;
			if (mark) yield { kind: 'truth', at: now, rows: row + 1 };
			yield* pulse(mark, back);
			if (i === easeAt && i < steps / 2 - 1 && !mark) {
				wait();
				yield* pulse(false, !back);
				wait();
				yield* pulse(false, back);
			}
		}
		if (edges) {
			// On to the edge, and the turn there.
			now += slotMs * (1 + random());
			yield { kind: 'truth', at: now, rows: row + 1 };
		}
		if (random() < t.stop) now += 1500 + t.stopMs * random();
	}
	if (!plugged) yield { kind: 'signal', signal: { kind: 'plugged', at: now + 1 } };
}
