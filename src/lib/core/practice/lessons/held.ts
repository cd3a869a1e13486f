import {
	knitOn,
	PANEL_STITCHES,
	panelFrom,
	panelOf,
	panelRow,
	seen,
	turn,
	yarnIn,
	tailOf
} from '../acts';
import { heldGroup, knitted, mirrored } from '../ends';
import type { Lesson } from '../lesson';
import { cut, feed, snug, strand, underBar } from '../tools';

const GROUP = 4;
const READY = 6;
/** To chain off a group of four, and to hold, cm. */
const LONG_CM = 40;
const LEAST_CM = 30;
const WASTE_ROWS = 5;

export const lesson: Lesson = {
	id: 'held',
	name: 'Held groups, mirror pieces',
	why: 'Stitches threaded both ways twist, a tail too short cannot close them, and a piece begun at the wrong edge is no mirror.',
	watch:
		'Held where the yarn is, all in one direction, the yarn broken with a tail to chain them off; one more row of waste for the mirror.',
	caution: 'hooks-and-scissors',
	pictured: 3,
	tries: [
		{
			id: 'hold',
			name: 'Hold a group',
			asks: () =>
				`Hold the ${GROUP} stitches at the edge where the yarn is: break it with a tail to chain them off, thread them one way, re-thread at the new edge, and knit a row.`,
			setup: (m) => panelOf(m, READY),
			perfect: (m) => [
				{
					says: `Cut with a tail of ${tailOf(m, LONG_CM)}: it chains the group off later`,
					acts: [{ op: 'yarn-out', cm: LONG_CM }],
					pin: panelFrom(m)
				},
				...Array.from({ length: GROUP }, (_, i) => ({
					says:
						i === 0
							? 'The edge stitch onto the strand, from the edge'
							: 'The next, in the same direction',
					acts: [{ op: 'onto-strand', pin: panelFrom(m) + i, way: 'from-edge' } as const],
					pin: panelFrom(m) + i
				})),
				{ says: 'The yarn in again at the new edge', acts: [yarnIn()], pin: panelFrom(m) + GROUP },
				{
					says: 'And a row',
					acts: panelRow(PANEL_STITCHES - GROUP, 'forward'),
					pin: panelFrom(m) + GROUP
				}
			],
			tools: [
				cut(LONG_CM),
				cut(15),
				strand('from-edge'),
				strand('to-edge'),
				feed('in-inside', 'Yarn in at the new edge'),
				underBar,
				snug
			],
			finish: () => seen,
			ends: [heldGroup(GROUP, LEAST_CM), knitted(() => 2 + READY + 1)],
			later: knitOn,
			counts: {
				what: 'stitches held straight',
				good: (hand) =>
					hand.bed.held.low.length +
					hand.bed.held.high.length -
					[...hand.looks.values()].filter((l) => l === 'twisted').length,
				of: () => GROUP
			}
		},
		{
			id: 'mirror',
			name: 'A mirror piece by one row of waste',
			asks: () =>
				'The first piece had four rows of waste, so its main yarn began at the first pin. Knit the waste of its mirror, change to the main yarn, and knit a row.',
			setup: (m) => panelOf(m, 0),
			perfect: (m) => [
				...Array.from({ length: WASTE_ROWS }, (_, i) => ({
					says: i === WASTE_ROWS - 1 ? 'One more than the first piece had' : `Waste, row ${i + 1}`,
					acts: panelRow(PANEL_STITCHES, i % 2 === 0 ? 'forward' : 'back'),
					pin: panelFrom(m) + (i % 2 === 0 ? PANEL_STITCHES - 1 : 0)
				})),
				{ says: 'Cut the waste', acts: [{ op: 'yarn-out', cm: 20 }] },
				{ says: 'The main yarn in at the other edge', acts: [yarnIn()] },
				{ says: 'Its first row goes back', acts: [turn(PANEL_STITCHES, 'back'), ...seen] }
			],
			tools: [underBar, snug, cut(20), feed('in-inside', 'Main yarn in')],
			ends: [mirrored],
			later: knitOn,
			counts: {
				what: 'rows of waste',
				good: (hand) =>
					hand.bed.fabric.yarn
						.subarray(0, hand.bed.made)
						.reduce((t, y) => t + (y === 255 ? 1 : 0), 0) / PANEL_STITCHES,
				of: () => WASTE_ROWS
			}
		}
	]
};
