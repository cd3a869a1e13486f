import { capital, uncapital } from '../quantity/say';
import { entryAt, last as lastOf } from '../quantity/sure';
import type { Edge } from '../program/program';
import type { EdgeRule } from '../model/kinds';
import { makersSide, sideOfEdge, type Sides } from '../bench/machine/panel';
import type { Machine } from '../model/bench';
import { wordMarker } from '../bench/machine/ring';
import { pinNumber, type Numbered } from '../model/pin-number';
import type { HandWork, RowAtHand } from '../crank/row-by-row';
import type { EventWords } from './yarn';

/** Both names of an edge: on the fabric, and at the maker's hand. Both are always said. */
export const edgeSides = (
	edge: Edge,
	machine: Sides
): { readonly fabric: 'left' | 'right'; readonly maker: 'left' | 'right' } => ({
	fabric: sideOfEdge(edge, machine),
	maker: makersSide(edge, machine)
});

export const wordEdge = (edge: Edge, machine: Sides): string => {
	const { fabric, maker } = edgeSides(edge, machine);
	return `${fabric} edge, on your ${maker}`;
};

/** Pins by the numbers they carry: `pins 3 to 1`. */
const pinsWord = (pins: readonly number[], m: Numbered): string =>
	pins.length === 1
		? `pin ${pinNumber(m, entryAt(pins, 0))}`
		: `pins ${pinNumber(m, entryAt(pins, 0))} to ${pinNumber(m, lastOf(pins))}`;

export const EDGE_RULE: Record<EdgeRule, string> = {
	'under-bar': 'slip the yarn under the bar outside the edge pin and pull it snug',
	'off-bar': 'lift the yarn off the bar outside the edge pin and draw the slack out by hand'
};

/** One line for each loop that moves in a decrease, in the order of the hands. */
export function decreaseMoves(
	{ pins, edgeStitches, way }: Extract<HandWork, { do: 'decrease' }>,
	m: Numbered
): string[] {
	const down = way === 'single' ? 1 : 2;
	const pin = (i: number) => pinNumber(m, entryAt(pins, i));
	const going = Array.from({ length: down }, (_, i) => pin(edgeStitches + i));
	const edge = Array.from({ length: edgeStitches }, (_, i) => edgeStitches - 1 - i);
	return [
		`Yarn out of the guide; lift ${pinsWord(pins, m)} as they rise.`,
		`${going.join(', then ')} down on pin ${pin(edgeStitches + down)} first, its own loop back on top.`,
		...edge.map(
			(i, nth) =>
				`${nth === 0 ? 'The edge stitch of' : 'Then that of'} pin ${pin(i)} to pin ${pin(i + down)}.`
		),
		`${capital(pinsWord(pins.slice(0, down), m))} out of work.`
	];
}

/** The same in one breath, where there is no room for more: what goes where, which pin is left empty, at which edge. */
export function decreaseShort(
	{ pins, edgeStitches, way, edge: at }: Extract<HandWork, { do: 'decrease' }>,
	m: Sides & Numbered
): string {
	const down = way === 'single' ? 1 : 2;
	const pin = (i: number) => pinNumber(m, entryAt(pins, i));
	const going = Array.from({ length: down }, (_, i) => pin(edgeStitches + i));
	const edge = Array.from({ length: edgeStitches }, (_, i) => edgeStitches - 1 - i).map(
		(i) => `${pin(i)} to ${pin(i + down)}`
	);
	const out = Array.from({ length: down }, (_, i) => pin(i));
	return `${going.join(', then ')} down on ${pin(edgeStitches + down)}, its own loop on top; ${edge.join(', ')}; ${out.join(' and ')} out of work (${wordEdge(at, m)}).`;
}

const stitches = (n: number): string => (n === 1 ? '1 stitch' : `${n} stitches`);

function title(w: HandWork, m: Numbered): string {
	switch (w.do) {
		case 'decrease':
			return w.way === 'single' ? 'Decrease one' : 'Decrease two';
		case 'move-in':
			return 'Edge stitch in by one';
		case 'decrease-inside':
			return `Decrease at pin ${pinNumber(m, w.pin)}`;
		case 'hold':
			return `Hold ${stitches(w.pins.length)}`;
		case 'take-back':
			return `Take ${stitches(w.pins.length)} back`;
		case 'cast-off':
			return `Cast off ${w.pins.length}`;
		case 'drop':
			return `Drop pin ${pinNumber(m, w.pin)} for a ladder`;
		case 'latch':
			return `Latch up pin ${pinNumber(m, w.pin)}`;
		case 'repair':
			return `Mend pin ${pinNumber(m, w.pin)}`;
		case 'extend':
			return `Card after pin ${pinNumber(m, w.pin)}`;
		case 'latch-extension':
			return `Latch up after pin ${pinNumber(m, w.pin)}`;
		case 'spare-strand':
			return `Spare strand over ${w.pins.length}`;
		case 'hang-hem':
			return w.row === 0 ? 'Hang the first row' : `Hang row ${w.row + 1}`;
	}
}

function how(w: HandWork, m: Numbered): string {
	switch (w.do) {
		case 'decrease':
			return decreaseMoves(w, m).join(' ');
		case 'move-in':
			return `The loop of ${pinsWord(w.pins.slice(0, 1), m)} onto ${pinsWord(w.pins.slice(1, 2), m)}; ${pinsWord(w.pins.slice(0, 1), m)} out of work.`;
		case 'decrease-inside':
			return `Lift ${pinsWord(w.pins, m)}, put the loop onto its neighbour and the rest back one pin inward.`;
		case 'hold':
			return `Their loops onto waste yarn, threaded all in one direction${w.breaks === null ? '; the yarn passes on to the new edge' : ''}.`;
		case 'take-back':
			return `The held loops back on them, the one nearest the panel first.`;
		case 'cast-off':
			return 'Chain over them, where the yarn is.';
		case 'drop':
			return 'Let the stitch fall and run down; the ladder is latched up afterwards.';
		case 'latch':
			return 'With a latch hook from the bottom upwards, then the loop back on its pin.';
		case 'repair':
			return 'Put a stitch marker through the loose loop first, then set it right.';
		case 'extend':
			return `Stand the card on the pin and wrap the yarn round it in every row: ${w.columns} columns to latch up later. Six clear pins at each edge.`;
		case 'latch-extension':
			return 'Tighten the edge stitch, then latch bottom upwards, close to the neighbouring column.';
		case 'spare-strand':
			return `With a short strand of another colour knit ${pinsWord(w.pins, m)} by hand, one loop through each, and put the new loops back on their pins: drawn out later, it opens the gap.`;
		case 'hang-hem':
			return `${w.row === 0 ? 'The first row of the main yarn, above the waste. ' : ''}Loop by loop as the ring turns, from the second loop on: ${w.pins.length} loops beside those on the pins. That round is a row. Keep clear of waste loops and the tail.`;
	}
}

/** Where the yarn is before the next row, and where that row goes; pins in work before the hands have done theirs, from 0. */
export function wordWhere(
	row: RowAtHand | undefined,
	inWork: { readonly low: number; readonly high: number } | undefined,
	machine: Machine
): string {
	if (!row || !inWork) return 'All rows are done.';
	if (row.mode === 'tube')
		return `The marker, ${wordMarker(machine)}, passes the feeder once a row.`;
	const other = row.yarnAt === 'low' ? 'high' : 'low';
	return `Yarn at pin ${pinNumber(machine, inWork[row.yarnAt])}, the ${wordEdge(row.yarnAt, machine)}. This row goes to pin ${pinNumber(machine, row[other])}.`;
}

/** What is done at an edge names it, once: by its pins first. */
function atEdge(w: HandWork, machine: Machine): string {
	const said = how(w, machine);
	if (!('edge' in w)) return said;
	return `At ${pinsWord(w.pins, machine)}, the ${wordEdge(w.edge, machine)}: ${uncapital(said)}`;
}

/** What is done at the pins between two rows: a short title, then each move in order. */
export function wordHands(work: readonly HandWork[], machine: Machine): EventWords {
	const first = entryAt(work, 0);
	const second = work[1];
	const both =
		work.length === 2 &&
		second?.do === first.do &&
		'edge' in first &&
		'edge' in second &&
		first.edge !== second.edge;
	return {
		title: both
			? `${title(first, machine)} at both edges`
			: work.map((w) => title(w, machine)).join(', '),
		how: work.map((w) => atEdge(w, machine)).join(' ')
	};
}
