import { describe, expect, it } from 'vitest';
import { learner } from '../../../../tests/support/learner';
import type { Act } from '../program/hand';
import { WASTE } from '../program/program';
import { panelFrom, PANEL_STITCHES, somePins } from './acts';
import { LESSONS } from './index';
import { judge, perfectActs } from './judge';
import type { Lesson, Try, Wrong } from './lesson';
import { wordLater, wordWrong } from './words';

const m = learner(44);
const from = panelFrom(m);
const high = from + PANEL_STITCHES - 1;
const loose = somePins(m, 3);
const [fallen = 1] = somePins(m, 1);
type Edit = (acts: Act[]) => Act[];
type Mistake = readonly [what: string, edit: Edit, code: Wrong['code'], pin?: number | null];

const is =
	(op: Act['op'], more: object = {}) =>
	(a: Act): boolean =>
		a.op === op && Object.entries(more).every(([k, v]) => (a as Record<string, unknown>)[k] === v);
const without =
	(fits: (a: Act) => boolean, nth = 0): Edit =>
	(acts) => {
		const at = acts.flatMap((a, i) => (fits(a) ? [i] : []))[nth]!;
		return acts.filter((_, i) => i !== at);
	};
const none =
	(fits: (a: Act) => boolean): Edit =>
	(acts) =>
		acts.filter((a) => !fits(a));
const change =
	(fits: (a: Act) => boolean, more: object, nth = 0): Edit =>
	(acts) => {
		const at = acts.flatMap((a, i) => (fits(a) ? [i] : []))[nth]!;
		return acts.map((a, i) => (i === at ? ({ ...a, ...more } as Act) : a));
	};
const before =
	(fits: (a: Act) => boolean, ...more: Act[]): Edit =>
	(acts) => {
		const at = acts.findIndex(fits);
		return [...acts.slice(0, at), ...more, ...acts.slice(at)];
	};
const swap =
	(fits: (a: Act) => boolean, i: number, j: number): Edit =>
	(acts) => {
		const at = acts.flatMap((a, k) => (fits(a) ? [k] : []));
		const out = [...acts];
		[out[at[i]!], out[at[j]!]] = [acts[at[j]!]!, acts[at[i]!]!];
		return out;
	};
const all =
	(fits: (a: Act) => boolean, more: object): Edit =>
	(acts) =>
		acts.map((a) => (fits(a) ? ({ ...a, ...more } as Act) : a));
const fast: Edit = all(is('turn'), { pace: 'fast' });
const openGate: Act = { op: 'gate', to: 'open' };

const MISTAKES: Record<string, readonly Mistake[]> = {
	'weave/even': [
		['a pin passed by', without(is('lay', { pin: 7 })), 'weave-missed', 7],
		['the same side twice', change(is('lay', { pin: 5 }), { side: 'before' }), 'weave-same', 5],
		['begun at the second pin', without(is('lay', { pin: 0 })), 'weave-start', 1],
		['stopped short of the marker', without(is('lay', { pin: 43 })), 'weave-short', 43],
		['the gate left open', none(is('gate')), 'gate-open', 0],
		['the yarn not in its guide', none(is('guide')), 'no-yarn', 0],
		['the first row fast', fast, 'not-taken']
	],
	'weave/e-wrap': [
		['a pin not wrapped', without(is('wrap', { pin: 9 })), 'wrap-missed', 9],
		['not crossed', change(is('wrap', { pin: 4 }), { loop: 'open' }), 'wrap-open', 4]
	],
	'first-row/seat': [
		['one of three not found', without(is('push-down'), 1), 'not-seated', loose[1]!],
		['none looked for', none(is('push-down')), 'not-seated', loose[0]!],
		['fast', fast, 'not-taken'],
		[
			'turned back',
			before(
				is('turn'),
				{ op: 'turn', pins: 3, way: 'forward', pace: 'slow' },
				{ op: 'turn', pins: 2, way: 'back', pace: 'slow' }
			),
			'turned-back',
			2
		],
		['lifted and forgotten', change(is('push-down'), { op: 'lift' }), 'yarn-in-guide', loose[0]!],
		['the gate opened', before(is('turn'), openGate), 'gate-open', 0],
		['the second row left out', (acts) => acts.slice(0, 3), 'not-seated', loose[2]!]
	],
	'join/waste-to-main': [
		['the tail outside', change(is('yarn-in'), { tail: 'outside' }), 'tail-outside', 0],
		['a short tail', change(is('yarn-in'), { cm: 5 }), 'tail-short', 0],
		['the old one cut short', change(is('yarn-out'), { cm: 5 }), 'tail-short', 43],
		['not cut', none(is('yarn-out')), 'two-yarns', 0],
		[
			'in mid-row',
			before(is('yarn-out'), { op: 'turn', pins: 5, way: 'forward', pace: 'slow' }),
			'join-off-pin',
			5
		],
		['no new yarn in', none(is('yarn-in')), 'no-yarn', 0],
		[
			'tied at once',
			swap((a) => is('turn', { pins: 132 })(a) || is('tie')(a), 0, 1),
			'tied-early',
			0
		],
		['never tied', none(is('tie')), 'not-tied', 0],
		['the row after it fast', fast, 'not-taken']
	],
	'drag/twelve-rows': [
		['no yarn pulled off', none(is('slack')), 'tight', 0],
		['a pull forgotten', without(is('slack'), 2), 'tight', 0],
		['never rolled up', none(is('roll')), 'pushed-up'],
		['the gate opened', before(is('turn'), openGate), 'gate-open', 0],
		[
			'turned back in mid-row',
			before(
				is('turn'),
				{ op: 'turn', pins: 4, way: 'forward', pace: 'slow' },
				{ op: 'turn', pins: 4, way: 'back', pace: 'slow' }
			),
			'turned-back',
			3
		],
		['too few rows', (acts) => acts.slice(0, -1), 'not-finished', 0]
	],
	'drag/clog': [['turned on against it', none(is('untwist')), 'clogged', null]],
	'panel-turns/twelve-edges': [
		['the bar forgotten', without(is('bar'), 2), 'edge-dropped', high],
		['at the other edge', without(is('bar'), 3), 'edge-dropped', from],
		['not drawn snug', without(is('snug'), 4), 'edge-loose', high],
		[
			'turned back a pin short',
			(acts) => change(is('turn'), { pins: 11 })(acts),
			'turned-short',
			high
		],
		['a pin too far', change(is('turn'), { pins: 13 }), 'idle-caught', high + 1],
		['fast', fast, 'not-taken'],
		['an edge too few', (acts) => acts.slice(0, -3), 'not-finished']
	],
	'panel-turns/by-switch': [
		['turned on past the stop', change(is('turn'), { pins: 41 }), 'past-stop', 42],
		['an edge forgotten', without(is('bar'), 1), 'edge-dropped', 2]
	],
	'panel-turns/caught': [
		['turned back as it is', none((a) => a.op !== 'turn'), 'edge-dropped', high],
		['slack left in', without(is('snug')), 'edge-loose', high]
	],
	'decrease/single-low': [
		['stacked the wrong way', swap(is('set'), 0, 1), 'wrong-on-top', from + 2],
		['the edge stitch not moved up', change(is('set'), { pin: from }, 2), 'idle-with-loop', from],
		['the yarn in its guide', none(is('guide')), 'yarn-in-guide', from],
		['the outermost pin left in', none(is('idle')), 'pin-not-out', from],
		[
			'one forgotten on the pick',
			(acts) => [
				...without(is('set'), 2)(acts),
				{ op: 'turn', pins: 12, way: 'forward', pace: 'slow' }
			],
			'left-on-pick',
			from
		],
		['at the other edge', () => perfectActs(LESSONS[5]!.tries[1]!, m), 'not-moved', from],
		['onto the wrong pin', change(is('set'), { pin: from + 3 }), 'not-moved', from + 2],
		[
			'the pin pushed back with its stitch',
			(acts) => [acts[0]!, { op: 'idle', pin: from }],
			'idle-with-loop',
			from
		]
	],
	'decrease/double': [
		['only a single one', () => perfectActs(LESSONS[5]!.tries[0]!, m), 'not-moved', from + 1],
		['the two in each other’s order', swap(is('set'), 0, 1), 'wrong-on-top', from + 3]
	],
	'held/hold': [
		[
			'one threaded the other way',
			change(is('onto-strand'), { way: 'to-edge' }, 2),
			'held-twisted',
			from + 2
		],
		['one too few', without(is('onto-strand'), 3), 'held-count', from + 2],
		['a short tail', change(is('yarn-out'), { cm: 15 }), 'held-tail-short'],
		[
			'at the far edge',
			(acts) =>
				acts.map((a) => (a.op === 'onto-strand' ? { ...a, pin: high - (a.pin - from) } : a)),
			'hold-wrong-edge',
			high
		],
		['the yarn not in again', none(is('yarn-in')), 'no-yarn', from + 4],
		['not cut', none(is('yarn-out')), 'two-yarns']
	],
	'held/mirror': [
		[
			'as much waste as the first',
			(acts) => [
				...acts.slice(0, 12),
				...acts.slice(15, 17),
				{ op: 'turn', pins: 12, way: 'forward', pace: 'slow' }
			],
			'not-mirrored',
			from
		],
		['an edge not seen to', without(is('bar')), 'edge-dropped', high]
	],
	'hem/hang': [
		['a loop missed', without(is('hang', { pin: 9 })), 'hang-missed', 9],
		['one pin off', change(is('hang', { pin: 4 }), { from: 5 }), 'hang-off', 4],
		['two on one pin', change(is('hang', { pin: 6 }), { pin: 5 }), 'hang-off', 5],
		['a loop of the waste', change(is('hang', { pin: 8 }), { row: 3 }), 'hang-waste', 8],
		['the first never hung', without(is('hang', { pin: 0 })), 'hang-missed', 0],
		['nothing hung', none(is('hang')), 'not-finished'],
		['the round not knitted', (acts) => [...acts.slice(0, 5)], 'hang-missed', 0]
	],
	'hem/rag': [
		['a pin without a loop', without(is('rag-loop', { pin: 6 })), 'rag-missed', 6],
		['two on one', before(is('rag-loop', { pin: 3 }), { op: 'rag-loop', pin: 2 }), 'rag-twice', 2]
	],
	'dropped/again': [
		[
			'latched in the first rows',
			(acts) => [{ op: 'rung', pin: fallen, face: 'knit', over: 0 }, acts[2]!],
			'not-cleared',
			fallen
		]
	],
	'dropped/on-machine': [
		['a rung passed by', change(is('rung'), { over: 1 }), 'rung-skipped', fallen],
		['from the purl side', change(is('rung'), { face: 'purl' }, 2), 'purl-rung', fallen],
		['onto the pin too early', without(is('rung')), 'not-all-latched', fallen],
		['not put on its pin', none(is('onto-pin')), 'not-mended', fallen],
		['left as it is', none(is('rung')), 'rungs-left', fallen]
	],
	'dropped/off-machine': [
		['nothing through the loop', none(is('mark-loop')), 'not-marked', fallen],
		['left half-way', without(is('rung')), 'rungs-left', fallen]
	],
	'dropped/tuck': [['knitted on over it', none(is('repair')), 'not-mended', fallen]],
	'dropped/split': [['knitted on over it', none(is('repair')), 'not-mended', fallen]],
	'taking-off/needle': [
		[
			'begun at the third loop',
			(acts) => acts.filter((a) => !('pin' in a) || a.pin > 1),
			'thread-start',
			2
		],
		['from outside', change(is('thread', { pin: 4 }), { from: 'outside' }), 'thread-outside', 4],
		['one missed', without(is('thread', { pin: 7 })), 'eased-early', 6],
		[
			'off its pin too early',
			swap((a) => ('pin' in a && is('thread', { pin: 9 })(a)) || is('ease', { pin: 8 })(a), 0, 1),
			'eased-early',
			8
		],
		['a tail too short', change(is('yarn-out'), { cm: 40 }), 'tail-too-short'],
		['round too far', change(is('turn'), { pins: 47 }), 'too-far', 0],
		['one left on', (acts) => acts.slice(0, -1), 'loop-left', 43],
		[
			'off with nothing through it',
			(acts) => [...acts.slice(0, 2), { op: 'ease', pin: 0 }],
			'eased-bare',
			0
		]
	],
	'taking-off/too-far': [['lifted off bare', () => [{ op: 'ease', pin: 0 }], 'eased-bare', 0]],
	'taking-off/crank-off': [
		['two rows of waste', change(is('turn'), { pins: 88 }), 'waste-few'],
		['no waste at all', (acts) => [acts[0]!, acts[4]!], 'waste-few']
	],
	'taking-off/panel-off': [
		['an edge of the waste forgotten', without(is('bar')), 'edge-dropped', high],
		['two rows of waste', (acts) => [...acts.slice(0, 8), ...acts.slice(-2)], 'waste-few']
	],
	'taking-off/panel': [
		['a tail shorter than it is wide', change(is('yarn-out'), { cm: 15 }), 'tail-too-short']
	],
	'closings/loop-through': [
		['the fold one off', change(is('hook'), { pin: 42 }, 1), 'fold-off', 42],
		['a loop missed', without(is('hook', { pin: 5 })), 'same-side', 38],
		['not fastened', none(is('fasten')), 'not-fastened'],
		[
			'the waste off first',
			(acts) => [{ op: 'waste-off', end: 'cast-off' }, ...acts],
			'waste-early',
			0
		],
		['stopped before the end', (acts) => [...acts.slice(0, 30), ...acts.slice(-2)], 'loop-missed'],
		['the waste left on', none(is('waste-off')), 'not-finished']
	],
	'closings/slip-stitch': [
		['yarn through one alone', without(is('hook', { pin: 41 })), 'not-a-pair', 2],
		['a pair left out', without(is('draw-yarn')), 'not-a-pair']
	],
	'closings/gather': [
		['a loop missed', (acts) => none(is('thread', { pin: 12 }))(acts), 'thread-missed', 12],
		['once only', (acts) => [...acts.slice(0, 44), ...acts.slice(88)], 'one-pass', 0],
		['through the yarn', change(is('thread', { pin: 6 }), { needle: 'sharp' }, 1), 'pierced', 6],
		[
			'twice through one',
			before(is('thread', { pin: 4 }), {
				op: 'thread',
				end: 'cast-off',
				pin: 3,
				from: 'inside',
				needle: 'blunt'
			}),
			'thread-twice',
			3
		]
	],
	'closings/chain-off': [
		['a loop passed by', without(is('chain', { pin: 8 })), 'loop-missed', 8],
		['not fastened', none(is('fasten')), 'not-fastened', 43]
	],
	'closings/three-needle': [['a pair of one', without(is('hook', { pin: 40 })), 'not-a-pair', 3]],
	'closings/ravel': [
		['pulled before anything holds', (acts) => acts.slice(-1), 'waste-early', 0],
		['a loop missed', without(is('thread', { pin: 6 })), 'thread-missed', 6]
	],
	'closings/zip': [
		['one yarn twice in turn', change(is('draw-up'), { strand: 1 }, 1), 'pulled-twice']
	],
	'ladders/two-and-two': [
		[
			'one pin off',
			(acts) => acts.map((a) => ('pin' in a && a.pin === 22 ? { ...a, pin: 23 } : a)) as Act[],
			'ladder-place',
			23
		],
		['one rung alone', change(is('cross'), { rungs: 1 }), 'rungs-count', 0],
		['three at once', change(is('cross'), { rungs: 3 }, 1), 'rungs-count', 22],
		['one side twice', swap(is('cross'), 1, 2), 'same-ladder', 0],
		['the last not secured', none(is('fasten')), 'not-finished'],
		['rungs left', without(is('cross'), 7), 'rungs-left', 22]
	],
	'ladders/extension': [
		[
			'too near the edge',
			(acts) =>
				acts.map((a) =>
					a.op === 'card' || a.op === 'latch-extension' ? { ...a, pin: from + 2 } : a
				),
			'card-near-edge',
			from + 2
		],
		['a card too narrow', change(is('card'), { wide: 6 }), 'card-wide', from + 5],
		['not latched', none(is('latch-extension')), 'floats-left', from + 5]
	],
	'counting/habits': [
		['the waste counted', change(is('tell'), { rows: 10 }), 'waste-counted'],
		['the cast-on counted', change(is('tell'), { rows: 7 }), 'cast-on-counted'],
		['one forgotten', change(is('tell'), { rows: 5 }), 'one-short'],
		['something else', change(is('tell'), { rows: 20 }), 'count-off'],
		['nothing said', none(is('tell')), 'not-told'],
		['still the waste', change(is('yarn-in'), { yarn: WASTE }), 'count-off']
	],
	'counting/running': [
		['set to nought all the same', before(is('turn'), { op: 'zero' }), 'habit-mixed'],
		['read off the counter', change(is('tell'), { rows: 10 }), 'waste-counted']
	],
	'counting/lost': [['as it hangs', change(is('tell'), { rows: 60 }), 'measured-hanging']]
};

const tryOf = (id: string): { lesson: Lesson; t: Try } => {
	const [lessonId, tryId] = id.split('/');
	const lesson = LESSONS.find((l) => l.id === lessonId)!;
	return { lesson, t: lesson.tries.find((x) => x.id === tryId)! };
};

describe('a typical mistake', () => {
	for (const [id, mistakes] of Object.entries(MISTAKES)) {
		const { t } = tryOf(id);
		for (const [what, edit, code, pin] of mistakes)
			it(`in ${id}, ${what}, is named${typeof pin === 'number' ? ' at its pin' : ''}`, () => {
				const { first } = judge(t, m, edit(perfectActs(t, m)));
				expect(first?.code).toBe(code);
				if (pin !== undefined) expect(first?.pin).toBe(pin);
			});
	}

	it('is tried six times or more in every lesson, by different names', () => {
		for (const lesson of LESSONS) {
			const codes = Object.entries(MISTAKES)
				.filter(([id]) => id.startsWith(`${lesson.id}/`))
				.flatMap(([, ms]) => ms.map(([, , code]) => code));
			expect([lesson.id, new Set(codes).size >= 6 || codes.length >= 6]).toEqual([lesson.id, true]);
		}
	});

	it('leaves another fabric than a perfect hand, forty rows on, wherever it is one of the fabric', () => {
		// What is only looked at, counted or told shows in no loop.
		const unseen = new Set([
			'not-finished',
			'not-tied',
			'tied-early',
			'tail-outside',
			'tail-short',
			'held-tail-short',
			'tail-too-short',
			'one-pass',
			'pierced',
			'pulled-twice',
			'thread-outside',
			'thread-twice',
			'rag-twice',
			'too-far',
			'thread-start',
			'not-marked',
			'past-stop',
			'habit-mixed'
		]);
		const looks = (id: string, acts: Act[]) => {
			const { later } = judge(tryOf(id).t, m, acts);
			const { bed } = later;
			const { fabric, made, row } = bed;
			return JSON.stringify([
				made,
				row,
				[...fabric.state.subarray(0, made)],
				[...fabric.face.subarray(0, made)],
				[...fabric.into.subarray(0, made)],
				[...fabric.hung.subarray(0, made)],
				[...later.looks],
				[...later.crossed],
				[...later.ladders].map(([p, l]) => [p, l.latched]),
				later.told,
				[...fabric.yarn.subarray(0, made)]
			]);
		};
		for (const [id, mistakes] of Object.entries(MISTAKES)) {
			const perfect = perfectActs(tryOf(id).t, m);
			const right = looks(id, perfect);
			for (const [what, edit, code] of mistakes)
				if (!unseen.has(code))
					expect([id, what, looks(id, edit(perfect)) === right]).toEqual([id, what, false]);
		}
	});

	it('is said with its pin, and what comes of it', () => {
		for (const mistakes of Object.values(MISTAKES))
			for (const [, , code, pin] of mistakes) {
				const said = wordWrong({ code, pin: pin ?? null }, m);
				expect(said).toMatch(/^[A-Z].*\.$/);
				expect(said).not.toMatch(/[{}]|undefined| {2}/);
				if (typeof pin === 'number') expect(said).toContain(`pin ${pin + 1}`);
				expect(wordLater({ code, pin: null }).length).toBeGreaterThan(12);
			}
	});
});
