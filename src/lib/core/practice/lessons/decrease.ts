import type { Edge } from '../../program/program';
import type { Act } from '../../program/hand';
import { play } from '../../simulate/hand/play';
import { knitOn, numberOf, PANEL_STITCHES, panelFrom, panelOf, ringOf } from '../acts';
import { asLeftBy } from '../ends';
import type { Learner, Lesson, Shown, Try } from '../lesson';
import { guide, idle, lift, set, snug, underBar } from '../tools';

interface Way {
	readonly edge: Edge;
	readonly way: 'single' | 'double';
	readonly edgeStitches: 1 | 2;
}
const READY = 6;

/** Pins from the edge inward. */
function pinsOf(m: Learner, { edge, way, edgeStitches }: Way): number[] {
	const from = panelFrom(m);
	const many = edgeStitches + (way === 'single' ? 1 : 2) + 1;
	return Array.from({ length: many }, (_, i) =>
		edge === 'low' ? from + i : from + PANEL_STITCHES - 1 - i
	);
}

function perfect(m: Learner, w: Way): Shown[] {
	const pins = pinsOf(m, w);
	const down = w.way === 'single' ? 1 : 2;
	const onto = pins[pins.length - 1] ?? 0;
	const middle = pins.slice(w.edgeStitches, w.edgeStitches + down);
	const edge = pins.slice(0, w.edgeStitches);
	const moved = [...edge].reverse().map((pin, i): Act => {
		const to = pins[w.edgeStitches - 1 - i + down] ?? pin;
		return { op: 'set', from: pin, pin: to };
	});
	return [
		{
			says: 'The yarn out of its guide before any stitch is lifted',
			acts: [{ op: 'guide', yarn: 'aside' }],
			pin: onto
		},
		{
			says: `${pins.length} stitches from the edge onto the pick`,
			acts: pins.map((pin) => ({ op: 'lift', pin })),
			pin: onto
		},
		{
			says:
				down === 1
					? 'The middle one down first: on the right side it will be on top'
					: 'Those beside the innermost down first, on its pin',
			acts: middle.map((from) => ({ op: 'set', from, pin: onto })),
			pin: onto
		},
		{
			says: 'The one nearest the panel back on top of it',
			acts: [{ op: 'set', from: onto, pin: onto }],
			pin: onto
		},
		{
			says:
				w.edgeStitches === 1 ? 'The edge stitch beside them' : 'The two edge stitches beside them',
			acts: moved,
			pin: onto
		},
		{
			says: down === 1 ? 'The outermost pin out of work' : 'The two outermost pins out of work',
			acts: pins.slice(0, down).map((pin) => ({ op: 'idle', pin })),
			pin: pins[0] ?? 0
		},
		{ says: 'The yarn into its guide again', acts: [{ op: 'guide', yarn: 'in' }], pin: onto }
	];
}

/** What a decrease leaves, done by the program. */
const left = (m: Learner, w: Way): Act[] => [...panelOf(m, READY), { op: 'decrease', ...w }];

const WORDS = { single: 'single', double: 'double' } as const;
const fashioned = (id: string, name: string, w: Way): Try => ({
	id,
	name,
	asks: (m) => {
		const [first] = pinsOf(m, w);
		return `A fashioned decrease, ${WORDS[w.way]}, ${w.edgeStitches === 1 ? 'one edge stitch' : 'two edge stitches'} kept, at the edge of pin ${numberOf(m, first ?? 0)}; then say that it is done.`;
	},
	setup: (m) => panelOf(m, READY),
	perfect: (m) => perfect(m, w),
	tools: [guide, lift, set, idle, underBar, snug],
	finish: (hand) => (hand.aside && hand.pick.length === 0 ? [{ op: 'guide', yarn: 'in' }] : []),
	ends: [asLeftBy((m) => left(m, w))],
	later: knitOn,
	counts: {
		what: 'stitches where they belong',
		good: (hand, m) => {
			const right = play(left(m, w), ringOf(m, {}));
			const same = (pin: number) => hand.stack(pin).join() === right.stack(pin).join();
			return pinsOf(m, w).filter(same).length;
		},
		of: (_, m) => pinsOf(m, w).length
	}
});
export const lesson: Lesson = {
	id: 'decrease',
	name: 'Decreases',
	why: 'The loop put down first is the one that shows: stacked the wrong way, one edge leans against the other.',
	watch:
		'Yarn out of the guide, middle one first, nearest back on top, edge stitch beside them, outermost pin out.',
	caution: 'hooks-and-scissors',
	pictured: 3,
	tries: [
		fashioned('single-low', 'Single, at the first pin', {
			edge: 'low',
			way: 'single',
			edgeStitches: 1
		}),
		fashioned('single-high', 'Single, at the last pin', {
			edge: 'high',
			way: 'single',
			edgeStitches: 1
		}),
		fashioned('double', 'Double', { edge: 'low', way: 'double', edgeStitches: 1 }),
		fashioned('two-kept', 'Two edge stitches kept', { edge: 'low', way: 'single', edgeStitches: 2 })
	]
};
