import { say } from '../../quantity/say';
import type { Act } from '../../program/hand';
import { WASTE } from '../../program/program';
import {
	knitOn,
	PANEL_STITCHES,
	panelFrom,
	panelOf,
	panelRow,
	tubeOf,
	turn,
	tailOf
} from '../acts';
import { allOff, cutTail, wasteHolds } from '../ends';
import type { Learner, Lesson, Shown } from '../lesson';
import { cut, cutBy, ease, feed, program, snug, thread, underBar } from '../tools';

const needle = (pin: number): Act => ({
	op: 'thread',
	end: 'cast-off',
	pin,
	from: 'inside',
	needle: 'blunt'
});
const off = (pin: number): Act => ({ op: 'ease', pin });
/** Once and three quarters round; and what sews a panel's end, as wide as it is and a quarter. */
const longCm = (m: Learner): number => Math.max(20, Math.round(1.75 * m.ringCm));
const widthCm = (m: Learner): number => (PANEL_STITCHES * m.ringCm) / m.pins;
const sewCm = (m: Learner): number => Math.max(40, Math.ceil(1.25 * widthCm(m)));
const cutLong = cutBy('cut-long', longCm);
const cutSew = cutBy('cut-sew', sewCm);

/** Each loop onto the needle, the one before off its pin only then. */
function takenOff(from: number, to: number): Shown[] {
	const next = (pin: number): Act[] => [needle(pin), off(pin - 1)];
	return [
		{ says: 'The needle through the first loop, from inside', acts: [needle(from)], pin: from },
		{
			says: 'Through the next, and only now the first off its pin',
			acts: next(from + 1),
			pin: from + 1
		},
		{
			says: 'And the next: a finger on it where the yarn is slippery',
			acts: next(from + 2),
			pin: from + 2
		},
		{
			says: 'So on, the last pin still holding its loop while the next is threaded',
			acts: Array.from({ length: to - from - 3 }, (_, i) => next(from + 3 + i)).flat(),
			pin: to - 1
		},
		{ says: 'The last loop off', acts: [off(to - 1)], pin: to - 1 }
	];
}
const onNeedle = (of: (m: Learner) => number) => ({
	what: 'loops taken off whole',
	good: (hand: Parameters<typeof knitOn>[0]) =>
		new Set(hand.passesDone.map((p) => p.pin)).size -
		hand.slips.filter((s) => s.code === 'eased-early' || s.code === 'eased-bare').length,
	of: (_: unknown, m: Learner) => of(m)
});
const worn = (): Act[] => [{ op: 'draw-up', strand: 1 }, { op: 'fasten' }, { op: 'tug' }];

export const lesson: Lesson = {
	id: 'taking-off',
	name: 'Taking off',
	why: 'Loops fall while they are taken off more than at any other time, and each runs down a column.',
	watch:
		'From the marker, from inside out, the next loop on the needle before the last leaves its pin.',
	caution: 'hooks-and-scissors',
	pictured: 4,
	tries: [
		{
			id: 'needle',
			name: 'Onto a needle',
			asks: (m) =>
				`Cut a tail that goes once and a half to twice round (${say(m.units).length(m.ringCm)} round), turn an empty round that stops short of the start, and take all ${m.pins} loops off.`,
			setup: () => tubeOf(10),
			perfect: (m) => [
				{
					says: `Cut with a tail of ${tailOf(m, longCm(m))}`,
					acts: [{ op: 'yarn-out', cm: longCm(m) }]
				},
				{
					says: 'An empty round, stopped two pins short of the start: the loops rise',
					acts: [turn(m.pins - 2)]
				},
				...takenOff(0, m.pins)
			],
			tools: [cutLong, cut(40), thread('cast-off'), thread('cast-off', 'outside'), ease],
			fine: ['no-yarn'],
			ends: [allOff, cutTail((m) => 1.5 * m.ringCm)],
			later: worn,
			counts: onNeedle((m) => m.pins)
		},
		{
			id: 'too-far',
			name: 'Turned too far',
			asks: (m) =>
				`The empty round went on past the start, and the first loops are back in their hooks: none is lost. Take all ${m.pins} off.`,
			setup: (m) => [...tubeOf(10), { op: 'yarn-out', cm: longCm(m) }, turn(m.pins + 4)],
			perfect: (m) => takenOff(0, m.pins),
			tools: [thread('cast-off'), thread('cast-off', 'outside'), ease],
			fine: ['no-yarn'],
			ends: [allOff],
			later: worn,
			counts: onNeedle((m) => m.pins)
		},
		{
			id: 'crank-off',
			name: 'Cranked off on waste',
			asks: () =>
				'Change to waste yarn, knit the rows that hold the loops, cut it, and crank the tube off.',
			setup: () => tubeOf(10),
			perfect: (m) => [
				{
					says: 'Cut the main yarn, its tail as long as it has to sew',
					acts: [{ op: 'yarn-out', cm: longCm(m) }]
				},
				{ says: 'Waste yarn in', acts: [{ op: 'yarn-in', yarn: WASTE, tail: 'inside', cm: 20 }] },
				{ says: 'Four rows of waste: two sometimes unravel', acts: [turn(4 * m.pins)] },
				{ says: 'Cut the waste yarn', acts: [{ op: 'yarn-out', cm: 20 }] },
				{ says: 'And round until all is off', acts: [{ op: 'take-off', method: 'crank' }] }
			],
			tools: [
				cutLong,
				cut(20),
				feed('waste-in', 'Waste yarn in', { yarn: WASTE }),
				program('crank-off', 'Crank it off', { op: 'take-off', method: 'crank' })
			],
			ends: [wasteHolds],
			later: () => [{ op: 'tug' }],
			counts: {
				what: 'rows of waste that hold it',
				good: (hand) => Math.max(0, hand.bed.row - 14),
				of: () => 4
			}
		},
		{
			id: 'panel',
			name: 'A panel',
			asks: () =>
				`A panel of ${PANEL_STITCHES} has no round: cut a tail as long as it is wide or more, turn on to where the loops come up, and take them off from the first pin.`,
			setup: (m) => [...panelOf(m, 6)],
			perfect: (m) => [
				{
					says: `Cut with a tail of ${tailOf(m, sewCm(m))}, which sews as well`,
					acts: [{ op: 'yarn-out', cm: sewCm(m) }]
				},
				{
					says: 'On over the panel with no yarn: the loops come up',
					acts: [turn(PANEL_STITCHES, 'forward')]
				},
				...takenOff(panelFrom(m), panelFrom(m) + PANEL_STITCHES)
			],
			tools: [cutSew, cut(15), thread('cast-off'), thread('cast-off', 'outside'), ease],
			fine: ['no-yarn', 'edge-dropped', 'edge-loose'],
			ends: [allOff, cutTail(widthCm)],
			later: worn,
			counts: onNeedle(() => PANEL_STITCHES)
		},
		{
			id: 'panel-off',
			name: 'A panel cranked off on waste',
			asks: () =>
				'Change the panel to waste yarn, knit four rows there and back with their edges seen to, cut it, and crank it off.',
			setup: (m) => panelOf(m, 6),
			perfect: (m) => [
				{
					says: `Cut the main yarn, a tail of ${tailOf(m, sewCm(m))}`,
					acts: [{ op: 'yarn-out', cm: sewCm(m) }]
				},
				{
					says: 'Waste yarn in at the edge where it ended',
					acts: [{ op: 'yarn-in', yarn: WASTE, tail: 'inside', cm: 20 }]
				},
				...[0, 1, 2, 3].map((i) => ({
					says:
						i === 0 ? 'Forward to its end: bar, snug' : i % 2 === 1 ? 'And back' : 'Forward again',
					acts: panelRow(PANEL_STITCHES, i % 2 === 0 ? 'forward' : 'back'),
					pin: panelFrom(m) + (i % 2 === 0 ? PANEL_STITCHES - 1 : 0)
				})),
				{ says: 'Cut the waste yarn', acts: [{ op: 'yarn-out', cm: 20 }] },
				{ says: 'And on until all is off', acts: [{ op: 'take-off', method: 'crank' }] }
			],
			tools: [
				cutSew,
				cut(20),
				feed('waste-in', 'Waste yarn in', { yarn: WASTE }),
				underBar,
				snug,
				program('crank-off', 'Crank it off', { op: 'take-off', method: 'crank' })
			],
			ends: [wasteHolds],
			later: () => [{ op: 'tug' }],
			counts: {
				what: 'rows of waste that hold it',
				good: (hand) => Math.max(0, hand.rows - 8),
				of: () => 4
			}
		}
	]
};
