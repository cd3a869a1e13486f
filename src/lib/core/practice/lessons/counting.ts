import { say } from '../../quantity/say';
import { castOn, join, knitOn, MAIN, rows, turn, yarnIn } from '../acts';
import { counted } from '../ends';
import type { Learner, Lesson } from '../lesson';
import { cut, feed, tell, zero } from '../tools';

const WASTE_ROWS = 4;
const TO_KNIT = 6;
/** Rows in a cm of the swatch, off the machine and rested, and what it may err; how much longer it hangs (from memory); g in a row. */
const ROWS_PER_CM = 2.5;
const ERRS = 0.05;
/** What a count found by measuring may be off by, rows. */
const NEAR_ROWS = 1;
const HANGS = 1.2;
const GRAMS_PER_ROW = 0.4;
/** How many were knitted when the count was lost. */
const lostAt = (m: Learner): number => 30 + (m.seed % 5) * 5;
const grams = (x: number): string => `${Math.round(x * 10) / 10} g`;
const hanging = (count: number): number => Math.round(count * HANGS);

/** A ring without a counter is counted by one beside it. */
const onCounter = ({ counter }: Learner) => ({
	counter: counter === 'none' ? ('both' as const) : counter
});

export const lesson: Lesson = {
	id: 'counting',
	name: 'Counting',
	why: 'Pieces that should match do not when one is counted from the waste and the other from nought.',
	watch:
		'The cast-on is no row, waste is not counted; nought at every section, or let it run, but one of the two.',
	pictured: 2,
	tries: [
		{
			id: 'habits',
			name: 'Nought at the main yarn',
			ring: onCounter,
			asks: () =>
				`${WASTE_ROWS} rows of waste are knitted. Change to the main yarn, the counter to nought, knit ${TO_KNIT} rows, and say how many main rows there are.`,
			setup: () => [castOn, rows(WASTE_ROWS)],
			perfect: ({ pins }) => [
				{ says: 'Cut the waste', acts: [{ op: 'yarn-out', cm: 20 }] },
				{ says: 'The main yarn in', acts: [yarnIn(MAIN)] },
				{ says: 'The counter to nought: from here it counts main rows', acts: [{ op: 'zero' }] },
				{ says: `${TO_KNIT} rows`, acts: [turn(TO_KNIT * pins)] },
				{
					says: `${TO_KNIT} main rows: the cast-on is none, the waste is not counted`,
					acts: [{ op: 'tell', rows: TO_KNIT }]
				}
			],
			tools: [cut(20), feed('in-inside', 'Main yarn in'), zero, tell],
			ends: [counted({ waste: WASTE_ROWS })],
			later: knitOn,
			counts: {
				what: 'main rows said',
				good: (hand) => hand.told ?? 0,
				of: () => TO_KNIT
			}
		},
		{
			id: 'running',
			name: 'The counter left running',
			ring: onCounter,
			asks: () =>
				`The other habit: ${WASTE_ROWS} rows of waste stand on the counter, and it is never set to nought. Change to the main yarn, knit ${TO_KNIT} rows, and say how many main rows there are.`,
			setup: () => [castOn, rows(WASTE_ROWS)],
			perfect: ({ pins }) => [
				{ says: 'Cut the waste', acts: [{ op: 'yarn-out', cm: 20 }] },
				{ says: 'The main yarn in; the counter stays as it is', acts: [yarnIn(MAIN)] },
				{ says: `${TO_KNIT} rows`, acts: [turn(TO_KNIT * pins)] },
				{
					says: `It has gone on by ${TO_KNIT}: the difference is the main rows`,
					acts: [{ op: 'tell', rows: TO_KNIT }]
				}
			],
			tools: [cut(20), feed('in-inside', 'Main yarn in'), zero, tell],
			ends: [
				(hand) => (hand.zeroed > 0 ? { code: 'habit-mixed', pin: null } : null),
				counted({ waste: WASTE_ROWS })
			],
			later: knitOn,
			counts: {
				what: 'main rows said',
				good: (hand) => hand.told ?? 0,
				of: () => TO_KNIT
			}
		},
		{
			id: 'lost',
			countLost: true,
			name: 'A count that was lost',
			asks: () =>
				'The count is lost in mid-piece: find it by what can be measured and weighed, and say how many main rows hang there.',
			facts: (m) => {
				const count = lostAt(m);
				const { length } = say(m.units);
				const swatchRows = 10 * ROWS_PER_CM;
				return [
					`Hanging on the machine it measures ${length((count / ROWS_PER_CM) * HANGS)} from the join to the pins; it hangs about a fifth longer than it rests (from memory).`,
					`The swatch, off the machine and rested: ${swatchRows} rows in ${length(10)}, give or take ${Math.round(10 * ERRS * 10) / 10}.`,
					`The ball weighs ${grams(count * GRAMS_PER_ROW)} less than at the join, to half a gram; ten rows of the swatch weigh ${grams(10 * GRAMS_PER_ROW)}.`,
					`From the join with the waste to the last row the columns can be counted, a stitch a row.`
				];
			},
			setup: (m) => [castOn, rows(WASTE_ROWS), join, rows(lostAt(m))],
			perfect: (m) => [
				{
					says: `By weight: ${grams(lostAt(m) * GRAMS_PER_ROW)} at ${grams(GRAMS_PER_ROW)} a row`,
					acts: []
				},
				{ says: 'By length, rested: the same; hanging it would say a fifth more', acts: [] },
				{ says: `${lostAt(m)} rows`, acts: [{ op: 'tell', rows: lostAt(m) }] }
			],
			tools: [tell],
			ends: [counted({ waste: WASTE_ROWS, hangs: hanging, near: NEAR_ROWS })],
			later: knitOn,
			counts: {
				what: 'main rows said',
				good: (hand) => hand.told ?? 0,
				of: (_, m) => lostAt(m)
			}
		}
	]
};
