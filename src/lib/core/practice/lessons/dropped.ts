import type { Act } from '../../program/hand';
import { castOn, knitOn, rows, somePins, tubeOf, tubeOff, turn } from '../acts';
import { begunAgain, knitted, mendedAll } from '../ends';
import type { Learner, Lesson, Shown, Try } from '../lesson';
import {
	clear,
	free,
	lift,
	mark,
	ontoPin,
	program,
	pushDown,
	rung,
	rungOver,
	rungPurl
} from '../tools';

const RUNGS = 5;
const at = (m: Learner): number => somePins(m, 1)[0] ?? 1;
const fall = (m: Learner): Act => ({ op: 'fall', pin: at(m), rows: RUNGS });
const latch = (pin: number): Act => ({ op: 'rung', pin, face: 'knit', over: 0 });
const latched = (pin: number): Shown[] => [
	{
		says: 'The hook through the loose loop from the knit side, and the lowest rung through it',
		acts: [latch(pin)],
		pin
	},
	{ says: 'The next rung, and none passed by', acts: [latch(pin), latch(pin)], pin },
	{ says: 'Up to the last', acts: Array.from({ length: RUNGS - 3 }, () => latch(pin)), pin }
];
const whole = (what: string) => ({
	what,
	good: (hand: Parameters<typeof mendedAll>[0], m: Learner) =>
		mendedAll(hand, m) === null ? 1 : 0,
	of: () => 1
});

/** A loop that the machine did not make as it should: found, and mended with the pick. */
const mishap = (
	op: 'tuck' | 'split',
	name: string,
	words: { readonly asks: string; sees: string; mends: string; counted: string }
): Try => ({
	id: op,
	name,
	asks: () => words.asks,
	setup: (m) => [...tubeOf(8), { op, pin: at(m) }, rows(1)],
	perfect: (m) => [
		{ says: words.sees, acts: [], pin: at(m) },
		{ says: words.mends, acts: [{ op: 'repair', pin: at(m) }], pin: at(m) },
		{ says: 'And a row over it', acts: [turn(m.pins)], pin: at(m) }
	],
	tools: [free, lift, pushDown],
	ends: [mendedAll],
	later: knitOn,
	counts: whole(words.counted)
});

export const lesson: Lesson = {
	id: 'dropped',
	name: 'A dropped stitch',
	why: 'A dropped stitch runs down to the cast-on while one looks for it; secured at once it is mended in a minute.',
	watch:
		'In the first rows begin again; later latch from the knit side, every rung; off the machine a marker through the loop before anything else.',
	caution: 'hooks-and-scissors',
	pictured: 0,
	tries: [
		{
			id: 'again',
			name: 'In the first rows',
			asks: () =>
				'Two rows are knitted and a stitch has fallen: the quickest way is to begin again. Take all off, weave anew, and knit a row.',
			setup: (m) => [castOn, rows(2), { op: 'drop', pin: at(m) }],
			perfect: (m) => [
				{
					says: 'All off the pins: two rows are quickly knitted again',
					acts: [{ op: 'clear' }],
					pin: at(m)
				},
				{ says: 'Woven anew', acts: [castOn], pin: 0 },
				{ says: 'And a slow row', acts: [turn(m.pins)], pin: 0 }
			],
			tools: [clear, program('weave-anew', 'Weave anew', castOn), rung, ontoPin],
			ends: [begunAgain, knitted(() => 3)],
			later: knitOn,
			counts: whole('rings begun clean')
		},
		{
			id: 'on-machine',
			name: 'Later, on the machine',
			asks: (m) =>
				`The stitch of one pin has run down ${RUNGS} rows: latch every rung from the knit side, put the loop on its pin, and knit ${m.pins} pins on.`,
			setup: (m) => [...tubeOf(12), fall(m)],
			perfect: (m) => [
				...latched(at(m)),
				{ says: 'The top loop onto its pin', acts: [{ op: 'onto-pin', pin: at(m) }], pin: at(m) },
				{ says: 'A row over it', acts: [turn(m.pins)], pin: at(m) }
			],
			tools: [rung, rungOver, rungPurl, ontoPin],
			ends: [mendedAll],
			later: knitOn,
			counts: whole('columns whole')
		},
		{
			id: 'off-machine',
			name: 'Off the machine',
			asks: () =>
				`The tube lies on the table and one column has run down ${RUNGS} rows: secure its loop, then latch it up.`,
			setup: (m) => [...tubeOff(14), { op: 'fall', pin: at(m), rows: RUNGS }],
			perfect: (m) => [
				{
					says: 'A marker through the loose loop, before anything else',
					acts: [{ op: 'mark-loop', pin: at(m) }],
					pin: at(m)
				},
				...latched(at(m))
			],
			tools: [mark, rung, rungOver, rungPurl],
			ends: [mendedAll],
			later: () => [{ op: 'tug' }],
			counts: whole('columns whole')
		},
		mishap('tuck', 'A tuck', {
			asks: 'One loop was not knitted off: it lies under the one made over it. Find it, free it, and knit a row.',
			sees: 'Two loops on one pin: the lower one was not knitted off',
			mends: 'Free it over the one made since, as the machine would have',
			counted: 'tucks freed'
		}),
		mishap('split', 'A split stitch', {
			asks: 'The yarn of one stitch is split: part of it was not caught. Find it, make it whole, and knit a row.',
			sees: 'Part of the yarn passes in front of the hook',
			mends: 'Back one loop, and all of the yarn through',
			counted: 'stitches made whole'
		})
	]
};
