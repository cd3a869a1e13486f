import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../../../tests/support/random';
import {
	crankSensor,
	NO_TROUBLE,
	USUAL_TROUBLE,
	type SimulatedCrank,
	type Troubles
} from '../../device/simulated-row-sensor';
import { PulseCounter, pulsesInPass, type Counted } from './pulses';

interface Outcome {
	readonly truth: number;
	readonly count: number;
	/** The question open at the end, in rows; null where there is none. */
	readonly open: { low: number; high: number } | null;
	readonly asked: number;
}

/** Cranks a simulated machine to its end and lets it stand; what was asked is left unanswered. */
function crank(c: SimulatedCrank): Outcome {
	const pass = (row: number) => {
		const e = c.panel?.(row);
		return e ? pulsesInPass(e.low, e.high, c.pins, c.perTurn) : null;
	};
	const counter = new PulseCounter({ perTurn: c.perTurn, perPass: pass(0) });
	let truth = 0;
	let count = 0;
	let asked = 0;
	let open: Outcome['open'] = null;
	let last = 0;
	const hear = (heard: Counted[]) => {
		for (const h of heard) {
			if (h.kind === 'rows') {
				count += h.rows;
				if (open) open = { low: open.low + h.rows, high: open.high + h.rows };
			} else if (h.kind === 'ask') {
				open = { low: count - h.fewer, high: count + h.more };
				asked += 1;
			} else if (h.kind === 'settled' && open) open = null;
		}
	};
	for (const step of crankSensor(c)) {
		if (step.kind === 'truth') {
			truth = step.rows;
			continue;
		}
		// The clock runs on between two signals: the counter may find that the crank has stopped.
		for (let t = last; t < step.signal.at; t += 250) hear(counter.tick(t));
		last = step.signal.at;
		const before = count;
		hear(counter.take(step.signal));
		if (count !== before) counter.setPass(pass(count));
	}
	hear(counter.tick(last + 60_000));
	return { truth, count, open, asked };
}

const tube = (seed: number, troubles: Partial<Troubles> = {}, more: Partial<SimulatedCrank> = {}) =>
	crank({
		pins: 48,
		perTurn: 8,
		rows: 60,
		turnsPerMinute: 45,
		troubles: { ...NO_TROUBLE, ...troubles },
		random: seeded(seed),
		...more
	});
const right = ({ truth, count, open }: Outcome) =>
	count === truth || (open !== null && open.low <= truth && truth <= open.high);

describe('rows from pulses, in a tube', () => {
	it('counts every turn of a good sensor and asks nothing', () => {
		for (const perTurn of [1, 4, 8, 12])
			expect(tube(3, {}, { perTurn })).toEqual({ truth: 60, count: 60, open: null, asked: 0 });
	});

	it('a contact that bounces counts once', () => {
		expect(tube(5, { bounce: 1 })).toMatchObject({ count: 60, asked: 0 });
	});

	it('one pulse missed or doubled in a turn is no matter where there are several', () => {
		expect(tube(7, { missed: 0.01 })).toMatchObject({ count: 60 });
		expect(tube(8, { doubled: 0.01 })).toMatchObject({ count: 60 });
	});

	it('turned back a little and on again is the same row', () => {
		expect(tube(9, { easeBack: 0.5 })).toMatchObject({ count: 60, asked: 0 });
	});

	it('ends at the right count or at a question, whatever goes wrong', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 1_000_000 }),
				fc.integer({ min: 20, max: 90 }),
				fc.constantFrom(8, 12),
				(seed, turnsPerMinute, perTurn) => {
					const o = tube(seed, USUAL_TROUBLE, { turnsPerMinute, perTurn });
					expect(right(o), JSON.stringify(o)).toBe(true);
				}
			),
			{ seed: 4, numRuns: 400 }
		);
	});

	it('does so with the cable coming off, and says that it did', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
				const o = tube(seed, { ...USUAL_TROUBLE, unplug: 0.05 });
				expect(right(o), JSON.stringify(o)).toBe(true);
			}),
			{ seed: 5, numRuns: 200 }
		);
		expect(tube(11, { unplug: 1, stop: 0 }).open).not.toBeNull();
	});

	it('with one pulse a turn a missed or doubled one is asked about, but for a few at the very ends', () => {
		const troubles = { missed: 0.02, doubled: 0.02, jitter: 0.06 };
		const runs = Array.from({ length: 400 }, (_, i) =>
			tube(i + 1, troubles, { perTurn: 1, rows: 40 })
		);
		// The last pulse may be the one that is missed: nothing comes after it to tell.
		const silent = runs.filter((o) => !right(o) && o.truth - o.count !== 1);
		const wrong = runs.filter((o) => o.count !== o.truth);
		expect(wrong.length).toBeGreaterThan(40);
		expect(silent.length).toBeLessThanOrEqual(8);
		expect(runs.reduce((t, o) => t + o.asked, 0)).toBeGreaterThan(200);
	});

	it('never asks while the crank turns', () => {
		const counter = new PulseCounter({ perTurn: 1, perPass: null });
		let at = 0;
		for (let i = 0; i < 8; i++)
			counter.take({ kind: 'pulse', at: (at += 1300), mark: true, back: false });
		// One is missed: the next comes after two turns.
		counter.take({ kind: 'pulse', at: (at += 2600), mark: true, back: false });
		for (let i = 0; i < 5; i++) {
			expect(counter.tick(at + 900)).toEqual([]);
			counter.take({ kind: 'pulse', at: (at += 1300), mark: true, back: false });
		}
		expect(counter.tick(at + 5000)).toEqual([{ kind: 'ask', fewer: 1, more: 0, why: 'too-early' }]);
		expect(counter.tick(at + 6000)).toEqual([]);
		counter.answered();
		counter.take({ kind: 'pulse', at: (at += 9000), mark: true, back: false });
		expect(counter.tick(at + 9000)).toEqual([]);
	});

	it('a question that the next turn answers is taken back', () => {
		const counter = new PulseCounter({ perTurn: 4, perPass: null });
		let at = 0;
		const turn = () =>
			[false, false, false, true].flatMap((mark) =>
				counter.take({ kind: 'pulse', at: (at += 300), mark, back: false })
			);
		turn();
		turn();
		for (let i = 0; i < 3; i++)
			counter.take({ kind: 'pulse', at: (at += 300), mark: false, back: false });
		expect(counter.tick(at + 5000)).toMatchObject([{ kind: 'ask', fewer: 0, more: 1 }]);
		const mark = { kind: 'pulse', at: (at += 9000), mark: true, back: false } as const;
		expect(counter.take(mark).map((c) => c.kind)).toEqual(['rows', 'settled']);
	});
});

describe('rows from pulses, in a panel', () => {
	const panel = (seed: number, troubles: Partial<Troubles>, narrowing: boolean) =>
		tube(seed, troubles, {
			perTurn: 12,
			rows: 36,
			panel: (row) => ({
				low: 2 + (narrowing ? Math.floor(row / 2) : 0),
				high: 45 - (narrowing ? Math.floor(row / 2) : 0)
			})
		});

	it('counts a row each way, the panel narrowing or not', () => {
		expect(panel(1, {}, false)).toEqual({ truth: 36, count: 36, open: null, asked: 0 });
		expect(panel(2, {}, true)).toMatchObject({ truth: 36, count: 36 });
	});

	it('ends at the right count or at a question with troubles', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 1_000_000 }), fc.boolean(), (seed, narrowing) => {
				const o = panel(seed, { ...USUAL_TROUBLE, stop: 0 }, narrowing);
				// The last row is seen to be over only where its pulses were all seen, or the ring turns back.
				expect(right(o) || o.truth - o.count === 1, JSON.stringify(o)).toBe(true);
			}),
			{ seed: 6, numRuns: 200 }
		);
	});

	it('knows how many magnets a row passes', () => {
		expect(pulsesInPass(0, 47, 48, 12)).toBe(12);
		expect(pulsesInPass(2, 45, 48, 12)).toBe(11);
		expect(pulsesInPass(21, 23, 48, 12)).toBe(0);
	});
});
