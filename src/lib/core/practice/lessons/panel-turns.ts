import { WASTE } from '../../program/program';
import {
	join,
	rows,
	knitOn,
	PANEL_STITCHES,
	panelFrom,
	panelOf,
	panelRow,
	seen,
	turn
} from '../acts';
import { knitted } from '../ends';
import type { Learner, Lesson, Shown } from '../lesson';
import { offBar, pushDown, snug, underBar } from '../tools';

const EDGES = 12;
/** Stitches of a panel as wide as the switch lets it be. */
const stitches = (m: Learner): number => m.pins - m.panelLost.start - m.panelLost.end;
const rowsOf = (count: number): Shown[] =>
	Array.from({ length: count }, (_, i) => {
		const way = i % 2 === 0 ? 'forward' : 'back';
		return {
			says:
				i === 0
					? 'Just past the last pin in work, and stop: the yarn to the bar, and snug'
					: `${way === 'back' ? 'Back' : 'And there'} again, to the other edge: bar, snug`,
			acts: panelRow(PANEL_STITCHES, way)
		};
	});
const atEdge = (m: Learner, i: number) => panelFrom(m) + (i % 2 === 0 ? PANEL_STITCHES - 1 : 0);

export const lesson: Lesson = {
	id: 'panel-turns',
	name: 'Panel turns',
	why: 'The edge stitch falls at every turn that the yarn is not seen to, and a seam has nothing to take up there.',
	watch:
		'At each edge: stop, bar, snug, and tension again at the start of the row; idle pins clear of the yarn.',
	caution: 'pinch',
	pictured: 0,
	tries: [
		{
			id: 'twelve-edges',
			name: 'Twelve edges',
			asks: () =>
				`${PANEL_STITCHES} stitches there and back, twelve rows: at each edge stop just past the last pin, see to the yarn, draw it snug, and turn back.`,
			setup: (m) => panelOf(m, 2),
			perfect: (m) => rowsOf(EDGES).map((s, i) => ({ ...s, pin: atEdge(m, i) })),
			tools: [underBar, offBar, snug, pushDown],
			finish: (hand) => [turn(1, hand.going === 'forward' ? 'back' : 'forward')],
			ends: [knitted(() => 4 + EDGES)],
			later: knitOn,
			counts: {
				what: 'edges whole',
				good: (hand) =>
					Math.max(0, Math.min(EDGES, hand.rows - 4)) -
					hand.slips.filter((s) => s.code === 'edge-dropped' || s.code === 'edge-loose').length,
				of: () => EDGES
			}
		},
		{
			id: 'caught',
			name: 'Caught under the bar',
			asks: () =>
				'The yarn at the edge is caught under a bar with no stitch beyond it: lift it off, draw the slack out, and knit a row.',
			setup: (m) => [...panelOf(m, 2), turn(PANEL_STITCHES)],
			perfect: (m) => [
				{
					says: 'Lift the yarn off the bar',
					acts: [{ op: 'bar', how: 'off' }],
					pin: atEdge(m, 0)
				},
				{ says: 'Draw the slack out by hand', acts: [{ op: 'snug' }], pin: atEdge(m, 0) },
				{
					says: 'And a row back, the other edge seen to',
					acts: [turn(PANEL_STITCHES, 'back'), { op: 'bar', how: 'off' }, { op: 'snug' }],
					pin: panelFrom(m)
				}
			],
			tools: [offBar, snug],
			finish: (hand) => (hand.atEdge.bar ? seen : []),
			ends: [knitted(() => 5)],
			later: knitOn,
			counts: {
				what: 'edges whole',
				good: (hand) => (hand.slips.some((s) => s.code.startsWith('edge')) ? 0 : 1),
				of: () => 1
			}
		},
		{
			id: 'by-switch',
			name: 'By the switch, to the stop',
			asks: (m) =>
				`The switch stands at panel: the ring stops near the marker, and ${stitches(m)} stitches is all there are. Four rows, to the stop and never past it, each edge seen to.`,
			setup: (m) => [
				{
					op: 'cast-on',
					method: 'weave',
					yarn: WASTE,
					from: m.panelLost.start,
					to: m.pins - m.panelLost.end
				},
				{ op: 'work', as: 'panel', by: 'switch', edge: m.edgeRule },
				rows(2),
				join,
				rows(2)
			],
			perfect: (m) =>
				[0, 1, 2, 3].map((i) => ({
					says:
						i === 0
							? 'Slowly to where the ring stops: it is not forced. Bar, snug'
							: i % 2 === 1
								? 'Back to the other stop: bar, snug'
								: 'And there again: bar, snug',
					acts: panelRow(stitches(m), i % 2 === 0 ? 'forward' : 'back'),
					pin: i % 2 === 0 ? m.pins - m.panelLost.end - 1 : m.panelLost.start
				})),
			tools: [underBar, offBar, snug, pushDown],
			ends: [knitted(() => 8)],
			later: knitOn,
			counts: {
				what: 'edges whole, the stop unforced',
				good: (hand) =>
					Math.max(0, hand.rows - 4) -
					hand.slips.filter((s) => s.code.startsWith('edge') || s.code === 'past-stop').length,
				of: () => 4
			}
		}
	]
};
