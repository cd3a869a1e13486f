import { line, n, patch, text, yarn } from '../drawing/ink';
import { laid, sew, type Sewn, type Stitch } from '../../table/thread';
import { MIDDLE, played, type TableDemo } from './shown';
import { sewnInks, type Lying } from './sewn';

/** Stitches of the row that face the hand. */
const FACING = 8;
/** Half of how wide the tube is at that row. */
const half = (s: Sewn): number => (s.snug > 0 ? 8 : 36);

function tube(s: Sewn): string {
	const h = half(s);
	const end = 34;
	return `M8 ${52 - end}C40 ${52 - 44} 66 ${52 - Math.max(h, 20)} 84 ${52 - h}C102 ${52 - Math.max(h, 20)} 128 ${52 - 44} 160 ${52 - end}V${52 + end}C128 ${52 + 44} 102 ${52 + Math.max(h, 20)} 84 ${52 + h}C66 ${52 + Math.max(h, 20)} 40 ${52 + 44} 8 ${52 + end}Z`;
}
const TUFTS = [28, 48, 120, 140];
const WAIST = (row: number): Lying => ({
	ground: (s) => [
		patch(tube(s), 'fabric'),
		...TUFTS.map((x, i) => line(`M${x - 7} ${i % 2 ? 58 : 44}c2-8 12-8 14 0s-12 9-14 0`))
	],
	at: (s, _, place) => ({
		x: MIDDLE.x,
		y: MIDDLE.y - half(s) + ((place - 0.5) * 2 * half(s)) / FACING,
		way: Math.PI / 2
	}),
	mark: ({ x, y }) =>
		yarn(
			`M${n(x - 8)} ${n(y - 3)}C${n(x)} ${n(y - 3)} ${n(x + 3)} ${n(y)} ${n(x + 6)} ${n(y)}`,
			'rest',
			2.4
		),
	thick: 4.6,
	over: (s) => [
		...Array.from({ length: s.wound }, (_, i) => yarn(`M${81 + 5 * i} 42V62`, 'work', 4)),
		...(s.knotted && !s.sunk ? [yarn('M84 62L74 82M84 62L94 82', 'work', 4)] : []),
		...(s.sunk ? [line('M84 62L66 74', true)] : []),
		...(row > 0 ? [text(MIDDLE.x + 34, 100, `row ${row}`)] : [])
	]
});

/** A running thread round a tube at one row, drawn up. */
export const tieOff: TableDemo = {
	pictured: 6,
	steps: ({ loops, row = 0 }) => {
		const under = (at: number): Stitch => ({ do: 'pass', of: 'a', at });
		return played(
			laid(FACING),
			sew,
			[
				[under(1)],
				[under(3)],
				[under(5), under(7)],
				[{ do: 'snug' }],
				[{ do: 'wind' }],
				[{ do: 'wind' }],
				[{ do: 'knot' }],
				[{ do: 'sink' }]
			],
			{
				first: `Stuffed up to ${row > 0 ? `row ${row}` : 'the row'}; a doubled thread on a blunt needle`,
				says: (a, before) => {
					switch (a.do) {
						case 'pass':
							if (a.at === 1) return 'In behind the first stitch of the row and out again';
							return a.at === FACING - 1
								? `so on along the one row, every other of its ${loops} stitches, once round`
								: 'Over the next stitch, behind the one after';
						case 'snug':
							return 'Drawn up over the stuffing';
						case 'wind':
							return before.wound === 0 ? 'Wound round once' : 'A second time round';
						case 'knot':
							return 'Knotted';
						default:
							return 'The ends sunk into the stuffing';
					}
				},
				draw: (s) => sewnInks(s, WAIST(row))
			}
		);
	}
};
