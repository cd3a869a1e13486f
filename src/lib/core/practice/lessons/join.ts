import { castOn, knitOn, MAIN, rows, turn, yarnIn, tailOf } from '../acts';
import { knitted, tied } from '../ends';
import type { Lesson } from '../lesson';
import { cut, feed, tie } from '../tools';

export const lesson: Lesson = {
	id: 'join',
	name: 'Waste to main',
	why: 'A change of yarn away from the marker shows as a step, and a tail that is not tied lets the first stitches go.',
	watch:
		'Old yarn left of the pin the ring stopped at, new one right of the next, tails inside; tie after four rows.',
	caution: 'hooks-and-scissors',
	pictured: 1,
	tries: [
		{
			id: 'waste-to-main',
			name: 'From waste to the main yarn',
			asks: () =>
				'Four rows of waste are knitted and the ring stands at the marker: change to the main yarn, knit four rows, and tie the tails.',
			setup: () => [castOn, rows(4)],
			perfect: (m) => [
				{
					says: `Cut the waste yarn, a tail of ${tailOf(m, 20)}, to the left of the last pin`,
					acts: [{ op: 'yarn-out', cm: 20 }]
				},
				{ says: 'The main yarn in at the next pin, its tail inside', acts: [yarnIn()] },
				{ says: 'The first row after a join slowly', acts: [turn(m.pins)] },
				{ says: 'Three more rows', acts: [turn(3 * m.pins)] },
				{ says: 'Now the tails are tied, snug and not tight', acts: [{ op: 'tie' }] }
			],
			tools: [
				cut(20),
				cut(5),
				feed('in-inside', 'Main yarn in, tail inside'),
				feed('in-outside', 'Main yarn in, tail outside', { tail: 'outside' }),
				feed('in-short', (m) => `Main yarn in, tail of ${tailOf(m, 5)}`, { cm: 5, yarn: MAIN }),
				tie
			],
			ends: [tied, knitted(() => 8)],
			later: knitOn,
			counts: {
				what: 'rows of main yarn',
				good: (hand) => Math.max(0, hand.bed.row - 4),
				of: () => 4
			}
		}
	]
};
