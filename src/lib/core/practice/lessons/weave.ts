import type { Act } from '../../program/hand';
import { knitOn, turn } from '../acts';
import type { Learner, Lesson, Shown, Try } from '../lesson';
import { LAID } from '../../simulate/hand/hand';
import { before, behind, gate, guide, wrap } from '../tools';

const lay = (pin: number): Act => ({ op: 'lay', pin, side: pin % 2 === 0 ? 'before' : 'behind' });
const round = (pin: number): Act => ({ op: 'wrap', pin, loop: 'crossed' });
const perfect = ({ pins, marker }: Learner): readonly Shown[] => [
	{ says: 'Yarn before the first pin of the row', acts: [lay(0)], pin: 0 },
	{ says: 'Behind the next', acts: [lay(1)], pin: 1 },
	{ says: 'Before the one after it, and so on', acts: [lay(2), lay(3)], pin: 3 },
	{
		says:
			marker === 'last'
				? 'Round to the marker, the last pin'
				: 'Round to the marker: up to the pin before it',
		acts: Array.from({ length: pins - 4 }, (_, i) => lay(i + 4)),
		pin: pins - 1
	},
	{ says: 'The yarn into its guide', acts: [{ op: 'guide', yarn: 'in' }], pin: 0 },
	{ says: 'The gate closed', acts: [{ op: 'gate', to: 'closed' }], pin: 0 },
	{ says: 'One slow row: every pin takes its loop', acts: [turn(pins)], pin: 0 }
];
const woven = (id: string, name: string, odd: 0 | 1): Try => ({
	id,
	name,
	pins: (pins) => (pins % 2 === odd ? pins : pins - 1),
	asks: ({ pins }) =>
		`Weave round ${pins} pins: before one, behind the next; then yarn into the guide, gate closed, and a slow row.`,
	setup: () => [{ op: 'gate', to: 'open' }],
	perfect,
	tools: [before, behind, guide, gate],
	finish: (hand, { pins }) => (hand.bed.made === 0 ? [turn(pins)] : []),
	later: knitOn,
	counts: {
		what: 'pins hold the weave',
		good: (hand) => {
			const { laid, pins } = hand;
			let good = 0;
			for (let p = 0; p < pins; p++)
				if (laid[p] !== 0 && (p === 0 || laid[p] !== laid[p - 1])) good += 1;
			return good;
		},
		of: (hand) => hand.pins
	}
});

export const lesson: Lesson = {
	id: 'weave',
	name: 'The weave',
	why: 'A pin missed in the weave leaves a hole at the cast-on that opens with every row.',
	watch:
		'Two pins side by side never have the yarn on the same side; only where the round closes on an odd ring.',
	caution: 'pinch',
	pictured: 3,
	tries: [
		woven('even', 'An even ring', 0),
		woven('odd', 'An odd ring', 1),
		{
			id: 'e-wrap',
			name: 'E-wrap, for a finished edge',
			asks: ({ pins }) =>
				`For an edge that is finished as it is: wrap each of ${pins} pins once, the loop crossed, snug and not tight; then yarn into the guide, gate closed, and a slow row.`,
			setup: () => [{ op: 'gate', to: 'open' }],
			perfect: ({ pins }) => [
				{ says: 'Once round the first pin, crossed where it leaves', acts: [round(0)], pin: 0 },
				{ says: 'The next the same way', acts: [round(1), round(2)], pin: 2 },
				{
					says: 'And every one, round to the marker',
					acts: Array.from({ length: pins - 3 }, (_, i) => round(i + 3)),
					pin: pins - 1
				},
				{ says: 'The yarn into its guide', acts: [{ op: 'guide', yarn: 'in' }], pin: 0 },
				{ says: 'The gate closed', acts: [{ op: 'gate', to: 'closed' }], pin: 0 },
				{ says: 'One slow row', acts: [turn(pins)], pin: 0 }
			],
			tools: [wrap('crossed'), wrap('open'), guide, gate],
			finish: (hand, { pins }) => (hand.bed.made === 0 ? [turn(pins)] : []),
			later: knitOn,
			counts: {
				what: 'pins wrapped and crossed',
				good: (hand) => hand.laid.filter((x) => x === LAID.crossed).length,
				of: (hand) => hand.pins
			}
		}
	]
};
