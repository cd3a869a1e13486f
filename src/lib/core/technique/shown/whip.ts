import { n, needle, patch, text, yarn, type Ink } from '../drawing/ink';
import { shownLoops } from '../drawing/loops';
import { laid, sew, type Sewn, type Stitch } from '../../table/thread';
import { LEFT, played, RIGHT, type TableDemo } from './shown';

const HOLE_Y = 62;
const TOP_Y = 42;
/** Loops that are drawn where nobody knows how many there are: the first, and the last of more. */
const SOME = 7;

/** Two edges on one another, and the thread over both, through a loop of each at a time. */
function inks(s: Sewn): Ink[] {
	const shown = shownLoops(s.places.a, LEFT, RIGHT);
	const lean = shown.pitch * 0.45;
	const seen = shown.at.map((l) => ({ ...l, sewn: s.passes.some((p) => p.at === l.nth) }));
	const low = s.snug > 0 ? 4 : 0;
	const strand = (x: number) =>
		`M${n(x)} ${HOLE_Y}C${n(x + 2)} ${HOLE_Y - 14} ${n(x + lean - 4)} ${TOP_Y - 8 + low} ${n(x + lean)} ${TOP_Y + 2 + low}`;
	const to = seen.findLast((l) => l.sewn);
	return [
		patch(`M${LEFT} ${TOP_Y}H${RIGHT}V64H${LEFT}Z`, 'second'),
		patch(`M${LEFT} ${TOP_Y + 8 - low}H${RIGHT}V98H${LEFT}Z`, 'fabric'),
		...seen.map(({ x }) =>
			yarn(
				`M${n(x - 4)} ${HOLE_Y + 8}V${HOLE_Y}C${n(x - 4)} ${HOLE_Y - 5} ${n(x + 4)} ${HOLE_Y - 5} ${n(x + 4)} ${HOLE_Y}V${HOLE_Y + 8}`,
				'rest',
				2.6
			)
		),
		...seen.filter((l) => l.sewn).map(({ x }) => yarn(strand(x), 'work', 3.6)),
		...(shown.gap ? [text(shown.gap.x, HOLE_Y + 6, '…')] : []),
		...(to && !s.cut ? [needle(to.x + lean + 16, TOP_Y - 16, -0.9)] : [])
	];
}

/** Over both edges and through. */
export const whip: TableDemo = {
	pictured: 4,
	steps: ({ pairs }) => {
		const many = Math.max(1, pairs ?? SOME);
		const shown = shownLoops(many, LEFT, RIGHT).at.map((l) => l.nth);
		const pass = (at: number): Stitch => ({ do: 'pass', of: 'a', at });
		// One by one to the gap; what is between is as those before it.
		const first = shown.slice(0, 4);
		return played(
			laid(many),
			sew,
			[
				...first.map((at) => [pass(at)]),
				Array.from({ length: many - first.length }, (_, i) => pass(first.length + i + 1)),
				[{ do: 'snug' }]
			].filter((b) => b.length > 0) as Stitch[][],
			{
				first: 'Two edges on one another, loop behind loop',
				says: (a) => {
					if (a.do !== 'pass') return 'Drawn up only so far that the yarn lies on the edge';
					if (a.at === 1) return 'Through the first loop of both, from behind to the front';
					if (a.at <= first.length)
						return `Over the edge, and from behind through loop ${a.at} of both`;
					return a.at === many
						? `So on in one direction, to ${pairs === undefined ? 'the end' : `loop ${many} of both`}`
						: null;
				},
				draw: inks
			}
		);
	}
};
