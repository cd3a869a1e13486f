import type { Act, RowEnd } from '../../program/hand';
import { RAVEL } from '../../program/program';
import { castOn, rows, tubeOff } from '../acts';
import { closed, twice } from '../ends';
import type { Learner, Lesson, Shown } from '../lesson';
import { chain, drawYarn, fasten, hookBeside, hookThrough, pull, thread, wasteOff } from '../tools';

const ROWS = 8;
const hook = (pin: number, draw: 'through' | 'beside'): Act => ({ op: 'hook', pin, draw });
const pass = (end: RowEnd, pin: number): Act => ({
	op: 'thread',
	end,
	pin,
	from: 'inside',
	needle: 'blunt'
});
const off = (end: RowEnd): Shown => ({
	says: end === 'cast-off' ? 'Only now the waste off' : 'And off the first row',
	acts: [{ op: 'waste-off', end }]
});
const fastened: Shown = { says: 'The last loop fastened', acts: [{ op: 'fasten' }] };
/** Front and back loops that face one another, from the fold before the first. */
const facing = (pins: number): number[] => {
	const order: number[] = [];
	for (let i = 0; i < Math.ceil(pins / 2); i++) {
		order.push(i);
		if (pins - 1 - i !== i) order.push(pins - 1 - i);
	}
	return order;
};
const closedOf = {
	what: 'loops closed',
	good: (hand: Parameters<typeof closed>[0]) =>
		new Set([
			...hand.hooked,
			...hand.passesDone.filter((p) => p.end === 'cast-off').map((p) => p.pin)
		]).size,
	of: (hand: Parameters<typeof closed>[0]) => hand.pins
};
const each = (pins: number): number[] => Array.from({ length: pins }, (_, i) => i);

const loopThrough = ({ pins }: Learner): readonly Shown[] => {
	const order = facing(pins);
	return [
		{
			says: 'Half the pins over is the fold: the first loop on the hook',
			acts: [hook(0, 'beside')],
			pin: 0
		},
		{
			says: 'The loop that faces it, the last, drawn through',
			acts: [hook(pins - 1, 'through')],
			pin: pins - 1
		},
		{ says: 'The next of the front through that', acts: [hook(1, 'through')], pin: 1 },
		{
			says: 'Front and back in turn to the other fold',
			acts: order.slice(3).map((p) => hook(p, 'through')),
			pin: order.at(-1) ?? 0
		},
		fastened,
		off('cast-off')
	];
};
/** Pairs that face one another, each closed with a strand through both. */
const inPairs = (pins: number, says: readonly [string, string, string]): readonly Shown[] => {
	const order = facing(pins);
	const rest: Act[] = [];
	for (let i = 2; i < order.length; i += 2) {
		rest.push(...order.slice(i, i + 2).map((p) => hook(p, 'beside')), { op: 'draw-yarn' });
	}
	return [
		{
			says: says[0],
			acts: order.slice(0, 2).map((p) => hook(p, 'beside')),
			pin: 0
		},
		{ says: says[1], acts: [{ op: 'draw-yarn' }], pin: 0 },
		{
			says: says[2],
			acts: rest,
			pin: order.at(-1) ?? 0
		},
		fastened,
		off('cast-off')
	];
};

export const lesson: Lesson = {
	id: 'closings',
	name: 'Closings',
	why: 'A loop missed runs down as soon as the waste is pulled, and a fold one loop off skews the whole end.',
	watch:
		'Find the fold, half the pins over; each loop once, front and back in turn; fasten before the waste comes off.',
	caution: 'hooks-and-scissors',
	pictured: 2,
	tries: [
		{
			id: 'loop-through',
			faces: 'fold',
			name: 'Loop through loop',
			asks: ({ pins }) =>
				`Close the last row flat, ${pins} loops, a front one and the back one facing it in turn; fasten, then the waste off.`,
			pins: (pins) => pins - (pins % 2),
			setup: () => tubeOff(ROWS),
			perfect: loopThrough,
			tools: [hookThrough, fasten, wasteOff('cast-off')],
			ends: [closed],
			later: () => [{ op: 'tug' }],
			counts: closedOf
		},
		{
			id: 'slip-stitch',
			faces: 'fold',
			name: 'Slip stitch, flat',
			asks: ({ pins }) =>
				`Close the last row flat in ${pins / 2} pairs: a front loop, the back loop facing it, yarn through all; fasten, then the waste off.`,
			pins: (pins) => pins - (pins % 2),
			setup: () => tubeOff(ROWS),
			perfect: ({ pins }) =>
				inPairs(pins, [
					'The first loop, and the last that faces it, on the hook',
					'Yarn through both',
					'The next pair, and the yarn through all that is on the hook; so on to the other fold'
				]),
			tools: [hookBeside, drawYarn, fasten, wasteOff('cast-off')],
			ends: [closed],
			later: () => [{ op: 'tug' }],
			counts: closedOf
		},
		{
			id: 'three-needle',
			faces: 'fold',
			name: 'Three-needle style',
			asks: ({ pins }) =>
				`Close the last row flat in ${pins / 2} pairs: front loops on one needle, back loops on another, a pair knitted together and the one before passed over it; fasten, then the waste off.`,
			pins: (pins) => pins - (pins % 2),
			setup: () => tubeOff(ROWS),
			perfect: ({ pins }) =>
				inPairs(pins, [
					'The first loop of the front needle, and the last of the back one',
					'A strand knitted through both',
					'The next pair, and the one before passed over it; so on to the other fold'
				]),
			tools: [hookBeside, drawYarn, fasten, wasteOff('cast-off')],
			ends: [closed],
			later: () => [{ op: 'tug' }],
			counts: closedOf
		},
		{
			id: 'chain-off',
			name: 'Chain off',
			asks: ({ pins }) =>
				`Chain off the last row along its edge, ${pins} loops, each drawn through the one before; fasten, then the waste off.`,
			setup: () => tubeOff(ROWS),
			perfect: ({ pins }) => [
				{ says: 'The first loop on the hook', acts: [{ op: 'chain', pin: 0 }], pin: 0 },
				{ says: 'The next drawn through it, loose', acts: [{ op: 'chain', pin: 1 }], pin: 1 },
				{
					says: 'And so on along the row, none twisted and none passed by',
					acts: each(pins - 2).map((p) => ({ op: 'chain', pin: p + 2 })),
					pin: pins - 1
				},
				fastened,
				off('cast-off')
			],
			tools: [chain, fasten, wasteOff('cast-off')],
			ends: [closed],
			later: () => [{ op: 'tug' }],
			counts: closedOf
		},
		{
			id: 'gather',
			name: 'Gather',
			asks: ({ pins }) =>
				`The tail through every loop of the last row, ${pins} of them, twice round; draw up, fasten, then the waste off.`,
			setup: () => tubeOff(ROWS),
			perfect: ({ pins }) => [
				{
					says: 'The needle through the first loop beside the tail',
					acts: [pass('cast-off', 0)],
					pin: 0
				},
				{
					says: 'And through each in turn, none missed',
					acts: each(pins)
						.slice(1)
						.map((p) => pass('cast-off', p)),
					pin: pins - 1
				},
				{
					says: 'A second time round, beside the yarn and not through it',
					acts: each(pins).map((p) => pass('cast-off', p)),
					pin: 0
				},
				{ says: 'Drawn up', acts: [{ op: 'draw-up', strand: 1 }] },
				{ says: 'And knotted', acts: [{ op: 'fasten' }] },
				off('cast-off')
			],
			tools: [
				thread('cast-off'),
				thread('cast-off', 'inside', 'sharp'),
				pull(1),
				fasten,
				wasteOff('cast-off')
			],
			ends: [closed, twice],
			later: () => [{ op: 'tug' }],
			counts: closedOf
		},
		{
			id: 'zip',
			faces: 'ends',
			name: 'Zip both ends',
			asks: ({ pins }) =>
				`Sew both ends to one another, loop to its like, ${pins} pairs; a second time round; then draw up the two running yarns turn by turn, fasten, and the waste off both.`,
			setup: () => tubeOff(ROWS),
			perfect: ({ pins }) => {
				const round = each(pins).flatMap((p) => [pass('cast-on', p), pass('cast-off', p)]);
				return [
					{
						says: 'The first loop of one end, then the first of the other',
						acts: round.slice(0, 2),
						pin: 0
					},
					{ says: 'Second to second, and so on round', acts: round.slice(2), pin: pins - 1 },
					{ says: 'A second time, beside the running yarn', acts: round, pin: 0 },
					{ says: 'One yarn drawn a little', acts: [{ op: 'draw-up', strand: 1 }] },
					{
						says: 'Then the other, turn by turn',
						acts: [
							{ op: 'draw-up', strand: 2 },
							{ op: 'draw-up', strand: 1 },
							{ op: 'draw-up', strand: 2 }
						]
					},
					{ says: 'Fastened', acts: [{ op: 'fasten' }] },
					off('cast-off'),
					off('cast-on')
				];
			},
			tools: [
				thread('cast-on'),
				thread('cast-off'),
				thread('cast-off', 'inside', 'sharp'),
				pull(1, 'Draw the first yarn'),
				pull(2, 'Draw the second yarn'),
				fasten,
				wasteOff('cast-off'),
				wasteOff('cast-on')
			],
			ends: [closed, twice],
			later: () => [{ op: 'tug' }],
			counts: closedOf
		},
		{
			id: 'ravel',
			faces: 'ends',
			name: 'Waste off by one pull',
			asks: ({ pins }) =>
				`One row of a contrast strand lies between the waste and the first main row: the tail through all ${pins} loops first, then pull it out.`,
			setup: () => [
				castOn,
				rows(3),
				{ op: 'join', yarn: RAVEL },
				rows(1),
				...tubeOff(ROWS).slice(2)
			],
			perfect: ({ pins }) => [
				{
					says: 'The tail through the first loop of the first row',
					acts: [pass('cast-on', 0)],
					pin: 0
				},
				{
					says: 'And through each in turn: now they are held',
					acts: each(pins)
						.slice(1)
						.map((p) => pass('cast-on', p)),
					pin: pins - 1
				},
				{
					says: 'The contrast strand pulled out: the waste falls off',
					acts: [{ op: 'waste-off', end: 'cast-on' }],
					pin: 0
				}
			],
			tools: [thread('cast-on'), thread('cast-on', 'outside'), wasteOff('cast-on')],
			ends: [
				(hand) => (hand.wasteGone.has('cast-on') ? null : { code: 'not-finished', pin: null })
			],
			later: () => [{ op: 'tug' }],
			counts: {
				what: 'loops held',
				good: (hand) => hand.passCount['cast-on'].filter((n) => n > 0).length,
				of: (hand) => hand.pins
			}
		}
	]
};
