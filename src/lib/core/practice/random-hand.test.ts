import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { learner } from '../../../../tests/support/learner';
import type { Act } from '../program/hand';
import { LOOP } from '../simulate/fabric';
import type { Hand } from '../simulate/hand/hand';
import { play } from '../simulate/hand/play';
import { ringOf } from './acts';
import { LESSONS } from './index';
import { judge, stateAfter } from './judge';
import { sayPin, sayState } from './say';

const PINS = 24;
const m = learner(PINS);
const pin = fc.integer({ min: -1, max: PINS });
const end = fc.constantFrom('cast-on' as const, 'cast-off' as const);
const word = <T extends string>(...all: T[]) => fc.constantFrom(...all);
/** Anything at all that a hand can do. */
const anything: fc.Arbitrary<Act> = fc.oneof(
	fc.record({ op: fc.constant('wrap' as const), pin, loop: word('crossed', 'open') }),
	fc.record({ op: fc.constant('chain' as const), pin }),
	fc.record({ op: fc.constant('lay' as const), pin, side: word('before', 'behind') }),
	fc.record({
		op: fc.constant('yarn-in' as const),
		yarn: fc.constantFrom(0, 1, 255),
		tail: word('inside', 'outside'),
		cm: fc.integer({ min: 1, max: 60 })
	}),
	fc.record({ op: fc.constant('yarn-out' as const), cm: fc.integer({ min: 1, max: 60 }) }),
	fc.record({ op: fc.constant('guide' as const), yarn: word('in', 'aside') }),
	fc.record({ op: fc.constant('gate' as const), to: word('open', 'closed', 'closed') }),
	{
		weight: 8,
		arbitrary: fc.record({
			op: fc.constant('turn' as const),
			pins: fc.integer({ min: 0, max: 30 }),
			way: word('forward', 'forward', 'back'),
			pace: word('slow', 'fast')
		})
	},
	fc.record({
		op: word(
			'slack',
			'roll',
			'untwist',
			'tie',
			'snug',
			'draw-yarn',
			'fasten',
			'tug',
			'zero',
			'clear'
		) as fc.Arbitrary<'slack'>
	}),
	{
		weight: 4,
		arbitrary: fc.record({
			op: word(
				'push-down',
				'rise',
				'lift',
				'idle',
				'rag-loop',
				'mark-loop',
				'onto-pin',
				'ease'
			) as fc.Arbitrary<'lift'>,
			pin
		})
	},
	fc.record({ op: fc.constant('bar' as const), how: word('under', 'off') }),
	{ weight: 3, arbitrary: fc.record({ op: fc.constant('set' as const), from: pin, pin }) },
	fc.record({ op: fc.constant('onto-strand' as const), pin, way: word('from-edge', 'to-edge') }),
	fc.record({
		op: fc.constant('hang' as const),
		row: fc.integer({ min: -1, max: 12 }),
		from: pin,
		pin
	}),
	fc.record({ op: fc.constant('fall' as const), pin, rows: fc.integer({ min: 1, max: 9 }) }),
	fc.record({
		op: fc.constant('rung' as const),
		pin,
		face: word('knit', 'purl'),
		over: fc.integer({ min: 0, max: 2 })
	}),
	fc.record({ op: fc.constant('cross' as const), pin, rungs: fc.integer({ min: 1, max: 3 }) }),
	fc.record({ op: fc.constant('card' as const), pin, wide: fc.integer({ min: 1, max: 9 }) }),
	fc.record({
		op: fc.constant('thread' as const),
		end,
		pin,
		from: word('inside', 'outside'),
		needle: word('blunt', 'sharp')
	}),
	fc.record({
		op: fc.constant('draw-up' as const),
		strand: fc.constantFrom(1 as const, 2 as const)
	}),
	fc.record({ op: fc.constant('hook' as const), pin, draw: word('through', 'beside') }),
	fc.record({ op: fc.constant('waste-off' as const), end }),
	fc.record({ op: fc.constant('tell' as const), rows: fc.integer({ min: 0, max: 99 }) }),
	fc.constantFrom<Act[]>(
		{ op: 'repair', pin: 3 },
		{ op: 'latch-extension', pin: 5 },
		{ op: 'cast-on', method: 'weave', yarn: 255 },
		{ op: 'work', as: 'tube' },
		{ op: 'work', as: 'panel', by: 'hand' },
		{ op: 'rows', count: 1 },
		{ op: 'drop', pin: 4 },
		{ op: 'join', yarn: 1 },
		{ op: 'take-off', method: 'crank' }
	)
);
const STARTS: readonly Act[][] = [
	[],
	[
		{ op: 'cast-on', method: 'weave', yarn: 0 },
		{ op: 'rows', count: 3 }
	],
	[
		{ op: 'cast-on', method: 'weave', yarn: 0, from: 6, to: 18 },
		{ op: 'work', as: 'panel', by: 'hand' },
		{ op: 'rows', count: 4 }
	],
	[
		{ op: 'cast-on', method: 'weave', yarn: 255 },
		{ op: 'rows', count: 3 },
		{ op: 'join', yarn: 0 },
		{ op: 'rows', count: 5 },
		{ op: 'join', yarn: 255 },
		{ op: 'rows', count: 3 },
		{ op: 'cut' },
		{ op: 'take-off', method: 'crank' }
	]
];

/** Whether a machine can be so: every loop in one state, on one pin or pick at most, drawn only through later ones. */
function impossible(hand: Hand): string | null {
	const { bed } = hand;
	const { fabric, made } = bed;
	const on = new Set<number>();
	const lies = (loop: number): boolean => on.size < on.add(loop).size;
	for (let p = 0; p < hand.pins; p++) {
		const top = bed.top[p]!;
		if (top < -2 || top >= made) return `pin ${p} holds ${top}`;
		if (bed.inWork[p] === 0 && top !== -2) return `idle pin ${p} holds ${top}`;
		if (hand.high[p] === 1 && top < 0) return `nothing stands high on ${p}`;
		for (const l of hand.stack(p)) {
			if (!lies(l)) return `loop ${l} lies twice`;
			const state = fabric.state[l]!;
			if (!hand.hungLoops.has(l) && state !== LOOP.onPin && state !== LOOP.tucked)
				return `loop ${l} on pin ${p} is ${state}`;
		}
	}
	for (const { loop } of hand.pick)
		for (let l = loop; l >= 0; l = bed.under[l]!) if (!lies(l)) return `loop ${l} lies twice`;
	for (let l = 0; l < made; l++) {
		const into = fabric.into[l]!;
		if (fabric.state[l]! > LOOP.float || !(into === -1 || (into > l && into < made)))
			return `loop ${l} goes into ${into}`;
	}
	if (fabric.rowStart[bed.row]! > made || hand.pos < 0 || hand.pos > hand.pins)
		return `row ${bed.row}, pin ${hand.pos}`;
	return hand.slack !== null && hand.slack < 0 ? 'less than no yarn' : null;
}
const possible = (hand: Hand): void => expect(impossible(hand)).toBe(null);
const look = (hand: Hand): string =>
	JSON.stringify([
		[...hand.bed.top],
		[...hand.bed.inWork],
		hand.pos,
		hand.bed.row,
		hand.bed.made,
		[...hand.bed.fabric.state],
		hand.slips
	]);

describe('a random hand', () => {
	it('of 2,000 acts never leaves what a machine cannot be in, never throws, and goes back to the start', () => {
		for (const [i, start] of STARTS.entries()) {
			const [acts] = fc.sample(fc.array(anything, { minLength: 2000, maxLength: 2000 }), {
				seed: 20 + i,
				numRuns: 1
			});
			const ring = ringOf(m, {});
			const looks: string[] = [];
			for (let n = 0; n <= acts!.length; n += 200) {
				const hand = play([...start, ...acts!.slice(0, n)], ring);
				possible(hand);
				looks.push(look(hand));
			}
			// Taking acts back, one stretch after another, is playing fewer of them.
			for (let n = looks.length - 1; n >= 0; n--)
				expect(look(play([...start, ...acts!.slice(0, n * 200)], ring)) === looks[n]).toBe(true);
		}
	}, 120_000);

	it('of few acts, from anywhere, step by step', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...STARTS),
				fc.array(anything, { maxLength: 30 }),
				(start, acts) => {
					for (let n = 0; n <= acts.length; n++) {
						const hand = play([...start, ...acts.slice(0, n)], ringOf(m, {}));
						possible(hand);
					}
				}
			),
			{ seed: 21, numRuns: 150 }
		);
	}, 120_000);

	it('with the tools of every lesson is judged, said and undone without a throw', () => {
		for (const lesson of LESSONS)
			for (const t of lesson.tries)
				fc.assert(
					fc.property(
						fc.array(fc.tuple(fc.nat(), fc.integer({ min: 0, max: PINS - 2 })), { maxLength: 25 }),
						(moves) => {
							const acts: Act[] = [];
							for (const [n, at] of moves) {
								const hand = stateAfter(t, m, acts);
								const tool = t.tools[n % (t.tools.length + 1)];
								const here = at % hand.pins;
								acts.push(
									tool
										? tool.act({ hand, m, pin: here, chosen: null }, at)
										: { op: 'turn', pins: at, way: n % 5 === 0 ? 'back' : 'forward', pace: 'slow' }
								);
								expect(sayState(hand, m)).not.toMatch(/undefined|NaN/);
								expect(sayPin(hand, here, m)).not.toMatch(/undefined|NaN/);
							}
							const { done, later, good, of } = judge(t, m, acts);
							possible(done);
							possible(later);
							expect(good).toBeLessThanOrEqual(of);
						}
					),
					{ seed: 22, numRuns: 4 }
				);
	}, 120_000);
});
