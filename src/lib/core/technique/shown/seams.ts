import { sewnInks, type Lying, type Spot } from './sewn';
import { line, n, patch, yarn, type Ink } from '../drawing/ink';
import { laid, sew, snugTo, type Border, type Sewn, type Stitch } from '../../table/thread';
import { MIDDLE, played, type TableDemo } from './shown';

const pass = (of: Border, at: number): Stitch => ({ do: 'pass', of, at });
const SNUG: Stitch = { do: 'snug' };

const BARS = 5;
const rowY = (of: Border, at: number) => 102 - 16 * at - (of === 'b' ? 7 : 0);
/** Half the gap between two edges beside a row: closed where they lie snug, opening above. */
function halfGap(s: Sewn, at: number): number {
	const above = at - Math.max(snugTo(s, 'a'), snugTo(s, 'b'));
	return s.snug === 0 ? 12 : above <= 0 ? 2 : Math.min(12, 2 + 5 * above);
}
const SIDES = { a: -1, b: 1 } as const;
const SIDE_BY_SIDE: Lying = {
	ground: (s) =>
		(['a', 'b'] as const).map((of) => {
			const edge = Array.from({ length: BARS + 2 }, (_, i) => {
				const y = i > BARS ? 4 : i === 0 ? 100 : rowY(of, i);
				return `L${n(MIDDLE.x + SIDES[of] * halfGap(s, i))} ${n(y)}`;
			}).join('');
			const out = MIDDLE.x + SIDES[of] * 76;
			return patch(`M${n(out)} 4L${n(out)} 100${edge}Z`, of === 'a' ? 'fabric' : 'second');
		}),
	at: (s, of, at) => ({
		x: MIDDLE.x + SIDES[of] * (halfGap(s, at) + 8),
		y: rowY(of, at),
		way: -Math.PI / 2
	}),
	mark: ({ x, y }) => yarn(`M${n(x - 10)} ${n(y)}H${n(x + 10)}`, 'rest', 3.4)
};

const EDGE = { a: 'left', b: 'right' } as const;
/** Bars between two edge columns, taken in turn. */
export const mattress: TableDemo = {
	pictured: 4,
	steps: () =>
		played(
			laid(BARS, BARS),
			sew,
			[
				[pass('a', 1)],
				[pass('b', 1)],
				[pass('a', 2)],
				[pass('b', 2)],
				[SNUG],
				[pass('a', 3), pass('b', 3)],
				[pass('a', 4), pass('b', 4)],
				[SNUG],
				[pass('a', 5), pass('b', 5), SNUG]
			],
			{
				first: 'Two edges side by side, right sides up, row beside row',
				says: (a) =>
					a.do === 'pass'
						? `Under bar ${a.at} of the ${EDGE[a.of]} edge${a.at === 1 ? ', beside the edge stitch' : ''}`
						: 'Drawn together, snug and not puckered: the edge stitches turn in',
				draw: (s) => sewnInks(s, SIDE_BY_SIDE)
			}
		)
};

const BUMPS = 10;
const bump = ({ x, y }: Spot): Ink =>
	yarn(
		`M${n(x - 6)} ${n(y + 5)}C${n(x - 4)} ${n(y - 8)} ${n(x + 4)} ${n(y - 8)} ${n(x + 6)} ${n(y + 5)}`,
		'rest',
		3
	);
/** The wrong side: bumps of one row, and of the next. */
const BACK: Lying = {
	ground: () => [
		patch('M8 8H160V98H8Z', 'fabric'),
		...[24, 84].flatMap((y) =>
			Array.from({ length: BUMPS }, (_, i) => bump({ x: 21 + 14 * i, y, way: 0 }))
		)
	],
	at: (_, of, at) => ({ x: 7 + 14 * at, y: of === 'a' ? 64 : 44, way: of === 'a' ? 0 : Math.PI }),
	mark: bump,
	over: (s) => (s.cut ? [line('M34 28L26 36M26 28L34 36')] : [])
};
/** An end led along its own colour and back. */
export const weaveIn: TableDemo = {
	pictured: 4,
	steps: (_, s) =>
		played(
			laid(BUMPS, BUMPS),
			sew,
			[
				[pass('a', 1)],
				[pass('a', 3)],
				[pass('a', 5), pass('a', 7)],
				[pass('a', 9)],
				[pass('b', 8)],
				[pass('b', 6), pass('b', 4)],
				[{ do: 'cut' }]
			],
			{
				first: 'The wrong side up, the end on a blunt needle, along stitches of its own colour',
				says: (a, before) => {
					if (a.do !== 'pass') return `Cut, a stub of ${s.length(0.5)} left inside`;
					const from = before.passes.at(-1);
					if (!from) return 'Under the first stitch';
					if (from.of !== a.of) return 'Turned, and back along the row beside it, under one';
					return 'Over the next stitch and under the one after';
				},
				draw: (x) => sewnInks(x, BACK)
			}
		)
};

const ROUND = 6;
const FOOT: Lying = {
	ground: (s) => [
		patch('M4 100C20 58 148 58 164 100Z', 'fabric'),
		patch('M54 72C40 26 62 4 84 4S128 26 114 72C104 84 64 84 54 72Z', 'second'),
		...s.pins.map((at) => {
			const x = at === 'left' ? 54 : 114;
			return line(`M${x} 64V86M${x - 3} 62a3 3 0 1 0 6 0a3 3 0 1 0 -6 0`);
		})
	],
	at: (s, of, at) => {
		const angle = Math.PI * (1 - (at - (of === 'a' ? 0.75 : 0.25)) / s.places.a);
		const deep = of === 'a' ? 4 : snugTo(s, 'b') >= at ? 11 : 17;
		return {
			x: 84 + 29 * Math.cos(angle),
			y: 72 + deep * Math.sin(angle),
			way: 0.5 * Math.cos(angle)
		};
	},
	mark: ({ x, y }, of) =>
		yarn(`M${n(x)} ${n(y - 4)}V${n(y + 4)}`, of === 'a' ? 'rest' : 'second', 2.6)
};
/** A part on a body, a loop and a stitch in turn. */
export const attach: TableDemo = {
	pictured: 5,
	steps: ({ loops, twice = false }) => {
		const round = Math.max(2, Math.min(ROUND, loops));
		const turn = (at: number): Stitch[] => [pass('a', at), pass('b', at)];
		const turns = Array.from({ length: round }, (_, i) => turn(i + 1));
		const all = loops > round ? `, to the last of ${loops} loops` : '';
		return played(
			laid(round, round),
			sew,
			[
				[
					{ do: 'pin', at: 'left' },
					{ do: 'pin', at: 'right' }
				],
				...turns.slice(0, -1),
				[...turns.slice(-1).flat(), SNUG],
				...(twice ? [[...turns.flat()]] : []),
				[{ do: 'knot' }, { do: 'sink' }]
			],
			{
				first: 'The open end of the part set on the body',
				says: (a, s) => {
					switch (a.do) {
						case 'pin':
							return `Pinned at its ${a.at}, before it is sewn`;
						case 'pass':
							if (s.snug > 0)
								return s.passes.length === s.snug
									? 'Round once more with doubled yarn: nothing may come off'
									: null;
							return a.of === 'a'
								? `Through loop ${a.at} of the part`
								: a.at === round
									? `so on round${all}, each with a whole stitch of the body`
									: 'Under the whole stitch of the body beside it';
						case 'snug':
							return 'Drawn up so that no gap is left';
						default:
							return a.do === 'knot' ? 'Knotted' : 'The end sunk into the stuffing';
					}
				},
				draw: (s) => sewnInks(s, FOOT)
			}
		);
	}
};
