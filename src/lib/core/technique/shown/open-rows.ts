import { n, patch, yarn } from '../drawing/ink';
import { laid, sew, type Stitch } from '../../table/thread';
import { sewnInks, type Lying } from './sewn';
import { played, type TableDemo } from './shown';

/** Places between loops that are shown. */
const BETWEEN = 7;
const PITCH = 19;

/** Two first rows facing one another, their loops open; a place is between two of them, the right leg of one and the left of the next. */
const FACING: Lying = {
	ground: (s) =>
		s.snug > 0
			? [patch('M8 4H160V28H8Z', 'second'), patch('M8 76H160V100H8Z', 'fabric')]
			: [patch('M8 4H160V22H8Z', 'second'), patch('M8 82H160V100H8Z', 'fabric')],
	at: (s, of, at) => ({
		x: 84 + (at - (BETWEEN + 1) / 2) * PITCH,
		y: s.snug > 0 ? (of === 'a' ? 40 : 64) : of === 'a' ? 34 : 70,
		way: 0
	}),
	mark: ({ x, y }, of) => {
		const up = of === 'a' ? -1 : 1;
		const leg = (side: 1 | -1) =>
			`M${n(x + side * 2)} ${n(y + up * 14)}C${n(x + side * 2)} ${n(y - up * 4)} ${n(x + side * 3)} ${n(y - up * 9)} ${n(x + side * 8)} ${n(y - up * 9)}`;
		return yarn(leg(1) + leg(-1), 'rest', 2.8);
	}
};

/** First rows of two pieces joined by a strand that is a row between them. */
export const joinOpen: TableDemo = {
	pictured: 4,
	steps: ({ loops }) => {
		const pass = (of: 'a' | 'b', at: number): Stitch => ({ do: 'pass', of, at });
		const pairs = Array.from({ length: BETWEEN }, (_, i) => [pass('a', i + 1), pass('b', i + 1)]);
		return played(
			laid(BETWEEN, BETWEEN),
			sew,
			[
				[pass('a', 1)],
				[pass('b', 1)],
				[pass('a', 2)],
				[pass('b', 2)],
				pairs.slice(2).flat(),
				[{ do: 'snug' }]
			],
			{
				first: 'Both right sides up, first row towards first row',
				says: (a) => {
					if (a.do !== 'pass') return 'As loose as a row lies; only then the waste comes off both';
					const side = a.of === 'a' ? 'one side' : 'the other';
					if (a.at <= 2) return `In at the middle of loop ${a.at} and out of the next, on ${side}`;
					return a.at === BETWEEN && a.of === 'b' ? `So on in turn, ${loops} loops` : null;
				},
				draw: (s) => sewnInks(s, FACING)
			}
		);
	}
};
