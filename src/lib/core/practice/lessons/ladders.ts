import type { Act } from '../../program/hand';
import { knitOn, PANEL_STITCHES, panelFrom, panelOf, panelRow, tubeOff } from '../acts';
import { cardStands, crossedAll, halvesApart } from '../ends';
import type { Lesson } from '../lesson';
import { card, cross, drop, fasten, latchCard, snug, underBar } from '../tools';

const ROWS = 8;
const COLUMNS = 6;
/** Columns to be, and one more on either side. */
const WIDE = COLUMNS + 2;
const fall = (pin: number): Act => ({ op: 'fall', pin, rows: ROWS });
const turns = (pins: number): Act[] =>
	Array.from({ length: ROWS / 2 }, () => [0, Math.floor(pins / 2)])
		.flat()
		.map((pin) => ({ op: 'cross', pin, rungs: 2 }));

export const lesson: Lesson = {
	id: 'ladders',
	name: 'Ladders and extensions',
	why: 'One pin off the middle and the two faces are unlike; a rung passed by is a hole that does not close.',
	watch:
		'Ladders half the pins apart, two rungs from each side in turn, the last secured; six clear pins beside an extension.',
	caution: 'hooks-and-scissors',
	pictured: 2,
	tries: [
		{
			id: 'two-and-two',
			name: 'Drop and latch two and two',
			asks: ({ pins }) =>
				`Let the first stitch and the one half-way round, ${pins} pins, run; then latch the ladders together, two rungs from each in turn, and secure the last.`,
			pins: (pins) => pins - (pins % 2),
			setup: () => tubeOff(ROWS),
			perfect: ({ pins }) => [
				{ says: 'The first stitch runs to the cast-on', acts: [fall(0)], pin: 0 },
				{
					says: `And the one half-way round, with ${pins / 2 - 1} between on either side`,
					acts: [fall(pins / 2)],
					pin: pins / 2
				},
				{ says: 'Two rungs of one side', acts: turns(pins).slice(0, 1), pin: 0 },
				{
					says: 'Two of the other drawn through them',
					acts: turns(pins).slice(1, 2),
					pin: pins / 2
				},
				{ says: 'In turn to the last', acts: turns(pins).slice(2), pin: 0 },
				{ says: 'The last secured with a spare strand', acts: [{ op: 'fasten' }], pin: 0 }
			],
			tools: [
				drop(ROWS),
				cross(2, 'Two rungs through'),
				cross(1, 'One rung through'),
				cross(3, 'Three rungs through'),
				fasten
			],
			ends: [halvesApart, crossedAll],
			later: () => [{ op: 'tug' }],
			counts: {
				what: 'turns of two rungs',
				good: (hand) =>
					hand.crossed.length -
					hand.slips.filter((s) => s.code === 'rungs-count' || s.code === 'same-ladder').length,
				of: () => ROWS
			}
		},
		{
			id: 'extension',
			name: 'An extension card',
			asks: () =>
				`Twelve stitches are to become ${PANEL_STITCHES + COLUMNS}: stand a card in the gap with six pins clear on both sides, knit four rows with floats round it, and latch them.`,
			setup: (m) => panelOf(m, 2),
			perfect: (m) => {
				const gap = panelFrom(m) + PANEL_STITCHES / 2 - 1;
				return [
					{
						says: `A card ${WIDE} pins wide: ${COLUMNS} columns and two`,
						acts: [{ op: 'card', pin: gap, wide: WIDE }],
						pin: gap
					},
					...[0, 1, 2, 3].map((i) => ({
						says: i === 0 ? 'A row: a float lies round the card' : 'Another, edges seen to',
						acts: panelRow(PANEL_STITCHES, i % 2 === 0 ? 'forward' : 'back'),
						pin: gap
					})),
					{
						says: 'The floats latched into columns, from the bottom',
						acts: [{ op: 'latch-extension', pin: gap } as const],
						pin: gap
					}
				];
			},
			tools: [
				card(WIDE, `A card ${WIDE} pins wide`),
				card(COLUMNS, `A card ${COLUMNS} pins wide`),
				underBar,
				snug,
				latchCard
			],
			ends: [cardStands(COLUMNS)],
			later: knitOn,
			counts: {
				what: 'columns latched',
				good: (hand) => (hand.cardAt && hand.bed.extensions.size === 0 ? hand.cardAt.columns : 0),
				of: () => COLUMNS
			}
		}
	]
};
