import { line, n, patch, yarn, type Ink } from '../drawing/ink';
import { laid, sew, type Sewn, type Stitch } from '../../table/thread';
import { sewnInks, type Lying } from './sewn';
import { played, type TableDemo } from './shown';

const CLOTH = patch('M8 8H160V98H8Z', 'fabric');
const pass = (of: 'a' | 'b', at = 1): Stitch => ({ do: 'pass', of, at });
/** Through to the far side and back. */
const THROUGH = [pass('a'), pass('b')];
const TIMES = 4;

/** A button's two holes, and a strand for each time through them. */
function buttonInks(s: Sewn): Ink[] {
	const on = s.pins.length > 1;
	const strands = s.passes.filter((p) => p.of === 'b').length;
	return [
		CLOTH,
		...(on ? [] : s.pins.map(() => line('M78 46L90 58M90 46L78 58'))),
		...(on
			? [
					patch('M58 52a26 26 0 1 0 52 0a26 26 0 1 0 -52 0Z', 'second'),
					line('M72 52a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M90 52a3 3 0 1 0 6 0a3 3 0 1 0 -6 0'),
					...Array.from({ length: strands }, (_, i) =>
						yarn(`M75 ${n(47 + i * 3.2)}H93`, 'work', 2.2)
					)
				]
			: []),
		...Array.from({ length: s.wound }, (_, i) =>
			yarn(`M${60 - 3 * i} 66C70 ${84 + 4 * i} 98 ${84 + 4 * i} ${108 + 3 * i} 66`, 'work', 2.2)
		),
		...(s.knotted ? [line('M84 82L70 94M84 82L98 94', true)] : [])
	];
}

/** With strong thread, through and back. */
export const sewOn: TableDemo = {
	pictured: 4,
	steps: ({ things = 1 }) =>
		played(
			laid(1, 1),
			sew,
			[
				[{ do: 'pin', at: 'left' }],
				[{ do: 'pin', at: 'right' }],
				THROUGH,
				Array.from({ length: TIMES - 1 }, () => THROUGH).flat(),
				[{ do: 'snug' }, { do: 'wind' }, { do: 'wind' }],
				[{ do: 'knot' }]
			],
			{
				first: 'The right side up, strong thread on a sharp needle',
				says: (a, s) => {
					switch (a.do) {
						case 'pin':
							return s.pins.length === 0
								? `Mark the ${things > 1 ? `${things} places` : 'place'} first`
								: 'It lies on its mark';
						case 'pass': {
							const times = s.passes.length / 2;
							if (a.of === 'b' || (times > 0 && times < TIMES - 1)) return null;
							return times === 0
								? 'Through to the far side and back'
								: `So on, ${TIMES} times in all`;
						}
						case 'wind':
							return s.wound === 0 ? 'Wound round the shank' : null;
						case 'knot':
							return 'Knotted inside, where nobody feels it';
						default:
							return null;
					}
				},
				draw: buttonInks
			}
		)
};

const EYE: Lying = {
	ground: () => [CLOTH],
	at: (_, of, at) => ({ x: of === 'a' ? 70 : 92, y: 40 + 6 * at, way: 0 }),
	mark: ({ x, y }) => line(`M${n(x)} ${n(y - 1)}v2`),
	thick: 4
};
/** A few straight stitches over one another. */
export const stitchEyes: TableDemo = {
	pictured: 3,
	steps: ({ things = 1 }) => {
		const straight = (at: number): Stitch[] => [pass('a', at), pass('b', at)];
		return played(
			laid(3, 3),
			sew,
			[straight(1), straight(2), straight(3), [{ do: 'knot' }, { do: 'sink' }]],
			{
				first: `Dark yarn, from the inside out through the stuffing${things > 1 ? `, for each of ${things} eyes` : ''}`,
				says: (a) => {
					if (a.do === 'pass')
						return a.of === 'b'
							? null
							: a.at === 1
								? 'A straight stitch, lying on the fabric'
								: a.at === 2
									? 'A second close beside it'
									: 'And over both, until it is round';
					return a.do === 'knot' ? 'Back inside, and knotted' : 'The end sunk into the stuffing';
				},
				draw: (s) => sewnInks(s, EYE)
			}
		);
	}
};

const ALONG = 8;
const PATCH: Lying = {
	ground: (s) => [
		CLOTH,
		patch('M40 30H128V98H40Z', 'second'),
		...s.pins.map((at) => {
			const x = at === 'left' ? 48 : 120;
			return line(`M${x} 40v34M${x - 3} 38a3 3 0 1 0 6 0a3 3 0 1 0 -6 0`);
		})
	],
	at: (_, __, at) => ({ x: 38 + 10 * at, y: 30, way: Math.PI / 2 }),
	mark: ({ x, y }) => line(`M${n(x)} ${n(y + 5)}v2`),
	thick: 2.4
};
/** Small stitches over an edge. */
export const patchOn: TableDemo = {
	pictured: 3,
	steps: ({ things = 1 }) => {
		const over = (at: number) => pass('a', at);
		return played(
			laid(ALONG),
			sew,
			[
				[
					{ do: 'pin', at: 'left' },
					{ do: 'pin', at: 'right' }
				],
				[over(1)],
				[2, 3, 4].map(over),
				[5, 6, 7, 8].map(over),
				[{ do: 'knot' }]
			],
			{
				first: `The fabric flat and not stretched${things > 1 ? `; ${things} are to be sewn on` : ''}`,
				says: (a, s) => {
					switch (a.do) {
						case 'pin':
							return s.pins.length === 0 ? 'Pinned where it is to lie' : null;
						case 'pass':
							if (a.at === 1) return 'Over the edge and into the fabric beside it';
							if (a.at === 2) return 'Small stitches, all in one direction';
							return a.at === ALONG ? 'So on all round, twice at the corners' : null;
						default:
							return 'Knotted on the inside';
					}
				},
				draw: (x) => sewnInks(x, PATCH)
			}
		);
	}
};
