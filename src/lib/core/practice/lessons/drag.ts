import type { Act } from '../../program/hand';
import { knitOn, tubeOf, turn } from '../acts';
import { knitted } from '../ends';
import type { Lesson } from '../lesson';
import { gate, pushDown, roll, slack, untwist } from '../tools';

const ROLL_ROWS = 8;
/** Waste and the rows that are there when it is tried. */
const BEFORE = 14;
const CLOG_ROWS = 260;

export const lesson: Lesson = {
	id: 'drag',
	name: 'Roll, slack, clog',
	why: 'Whatever drags at the crank tightens the stitches or pushes them up, and both show rows later.',
	watch:
		'Yarn lies loose before every few rows, the fabric is rolled up every 5 to 10, and a heavy crank is never forced.',
	caution: 'pinch',
	pictured: 2,
	tries: [
		{
			id: 'twelve-rows',
			name: 'Twelve rows',
			asks: () =>
				'Knit twelve rows. Yarn lies loose for two rows at first, a pull gives three more; the fabric touches the table after eight.',
			ring: ({ pins }) => ({ slack: 2 * pins, rollRows: ROLL_ROWS }),
			setup: () => tubeOf(BEFORE - 4),
			perfect: ({ pins }) => {
				const three = (says: string) => ({
					says,
					acts: [{ op: 'slack' }, turn(3 * pins)] satisfies Act[]
				});
				return [
					three('Pull yarn off the ball by hand, then three rows'),
					three('Again, and three more'),
					{ says: 'Roll the fabric up before it touches the table', acts: [{ op: 'roll' }] },
					three('Yarn off the ball, three rows'),
					three('And the last three')
				];
			},
			tools: [slack, roll, pushDown, gate],
			ends: [knitted(() => BEFORE + 12)],
			later: knitOn,
			counts: {
				what: 'rows without a loop too tight or pushed up',
				good: (hand) =>
					new Set(
						Array.from({ length: Math.max(0, hand.bed.row - BEFORE) }, (_, i) => i + BEFORE).filter(
							(r) => !hand.slips.some((s) => s.row === r)
						)
					).size,
				of: () => 12
			}
		},
		{
			id: 'clog',
			name: 'The middle clogs',
			asks: () =>
				`${CLOG_ROWS - 2} rows hang there and the crank grows heavy within two: find out what drags, mend it, and knit four rows in all.`,
			ring: () => ({ clogRows: CLOG_ROWS }),
			setup: () => tubeOf(CLOG_ROWS - 2 - 4),
			perfect: ({ pins }) => [
				{ says: 'Two rows: now it is heavy. Stop', acts: [turn(2 * pins)] },
				{ says: 'Untwist the middle, and a few turns the other way', acts: [{ op: 'untwist' }] },
				{ says: 'Roll the fabric up again', acts: [{ op: 'roll' }] },
				{ says: 'It goes lightly: two more rows', acts: [turn(2 * pins)] }
			],
			tools: [untwist, roll, slack, gate],
			ends: [knitted(() => CLOG_ROWS + 2)],
			later: knitOn,
			counts: {
				what: 'rows knitted',
				good: (hand) => Math.max(0, hand.bed.row - (CLOG_ROWS - 2)),
				of: () => 4
			}
		}
	]
};
