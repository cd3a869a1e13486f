import type { Act } from '../../program/hand';
import { knitOn, tubeOf, turn } from '../acts';
import { hungAll, knitted } from '../ends';
import type { Lesson } from '../lesson';
import { hang, pushDown, rag } from '../tools';

const WASTE_ROWS = 4;
const HEM_ROWS = 8;
const hung = (pin: number): Act => ({ op: 'hang', row: WASTE_ROWS, from: pin, pin });

export const lesson: Lesson = {
	id: 'hem',
	name: 'Hang a hem, hang a rag',
	why: 'One loop missed gapes in the brim, one pin off twists the whole hem.',
	watch:
		'Begin at the second loop, each onto the pin it came from, clear of the waste and the tail; the round that hangs it slowly, and so the next.',
	caution: 'hooks-and-scissors',
	pictured: 1,
	tries: [
		{
			id: 'hang',
			name: 'Hang a hem',
			asks: ({ pins }) =>
				`Hang the loops of the first main row on their pins, all ${pins}, beginning at the second; then knit the round through both, slowly.`,
			setup: () => tubeOf(HEM_ROWS),
			perfect: ({ pins }) => [
				{
					says: 'The second loop of the first main row, straight up onto its pin',
					acts: [hung(1)],
					pin: 1
				},
				{ says: 'The next onto the next', acts: [hung(2), hung(3)], pin: 3 },
				{
					says: 'And so on round: it tightens towards the end',
					acts: Array.from({ length: pins - 4 }, (_, i) => hung(i + 4)),
					pin: pins - 1
				},
				{ says: 'The first loop last', acts: [hung(0)], pin: 0 },
				{ says: 'The round through both, slowly: it is a row', acts: [turn(pins)], pin: 0 }
			],
			tools: [
				hang('hang', 'Hang the loop below', WASTE_ROWS, 0),
				hang('hang-off', 'Hang the loop beside it', WASTE_ROWS, 1),
				hang('hang-waste', 'Hang the waste loop below', WASTE_ROWS - 1, 0),
				pushDown
			],
			finish: (hand) => (hand.hung.size > 0 ? [turn(hand.pins - hand.pos)] : []),
			ends: [knitted(() => WASTE_ROWS + HEM_ROWS + 1), hungAll],
			later: knitOn,
			counts: {
				what: 'loops hung',
				good: (hand) =>
					hand.hungLoops.size -
					hand.slips.filter((s) => s.code.startsWith('hang-') && s.code !== 'hang-missed').length,
				of: (hand) => hand.pins
			}
		},
		{
			id: 'rag',
			name: 'Hang a rag',
			asks: ({ pins }) =>
				`A loop of the rag onto every pin, ${pins} in all, none twice; then four slow rows of waste. What is left of the rag hangs free.`,
			setup: () => [],
			perfect: ({ pins }) => [
				{
					says: 'A loop of the rag onto the first pin',
					acts: [{ op: 'rag-loop', pin: 0 }],
					pin: 0
				},
				{
					says: 'And one onto each, round to the marker',
					acts: Array.from(
						{ length: pins - 1 },
						(_, i) => ({ op: 'rag-loop', pin: i + 1 }) as const
					),
					pin: pins - 1
				},
				{ says: 'Four rows of waste, slowly', acts: [turn(4 * pins)], pin: 0 }
			],
			tools: [rag, pushDown],
			finish: (hand) => (hand.bed.row === 0 ? [turn(4 * hand.pins)] : []),
			ends: [
				(hand) => {
					return hand.bed.row < 4 ? { code: 'not-finished', pin: hand.pos % hand.pins } : null;
				}
			],
			later: knitOn,
			counts: {
				what: 'pins with a loop',
				good: (hand) => hand.bed.inWork.reduce((t, w) => t + w, 0),
				of: (hand) => hand.pins
			}
		}
	]
};
