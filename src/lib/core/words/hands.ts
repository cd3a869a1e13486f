import { capital, uncapital } from '../quantity/say';
import { entryAt, last as lastOf } from '../quantity/sure';
import type { Edge } from '../program/program';
import type { EdgeRule } from '../model/kinds';
import { makersSide, sideOfEdge, type Sides } from '../bench/machine/panel';
import type { Machine } from '../model/bench';
import { wordMarker } from '../bench/machine/ring';
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

/** Pins as the maker numbers them, from 1: `pins 3 to 1`. */
const pinsWord = (pins: readonly number[]): string =>
	pins.length === 1
		? `pin ${entryAt(pins, 0) + 1}`
		: `pins ${entryAt(pins, 0) + 1} to ${lastOf(pins) + 1}`;

export const EDGE_RULE: Record<EdgeRule, string> = {
	'under-bar': 'slip the yarn under the bar outside the edge pin and pull it snug',
	'off-bar': 'lift the yarn off the bar outside the edge pin and draw the slack out by hand'
};

/** One line for each loop that moves in a decrease, in the order of the hands. */
export function decreaseMoves(work: Extract<HandWork, { do: 'decrease' }>): string[] {
	const { pins, edgeStitches, way } = work;
	const down = way === 'single' ? 1 : 2;
	const onto = entryAt(pins, edgeStitches + down) + 1;
	const going = pins.slice(edgeStitches, edgeStitches + down);
	const edge = pins.slice(0, edgeStitches);
	return [
		`Yarn out of the guide; lift ${pinsWord(pins)} as they rise.`,
		`${going.map((p) => p + 1).join(', then ')} down on pin ${onto} first, its own loop back on top.`,
		...edge.map(
			(_, i) =>
				`${i === 0 ? 'The edge stitch of' : 'Then that of'} pin ${entryAt(edge, edgeStitches - 1 - i) + 1} to pin ${entryAt(pins, edgeStitches + down - 1 - i) + 1}.`
		),
		`${capital(pinsWord(pins.slice(0, down)))} out of work.`
	];
}

/** The same in one breath, where there is no room for more: what goes where, which pin is left empty. */
export function decreaseShort(work: Extract<HandWork, { do: 'decrease' }>, machine: Sides): string {
	const { pins, edgeStitches, way } = work;
	const down = way === 'single' ? 1 : 2;
	const pin = (i: number) => entryAt(pins, i) + 1;
	const going = pins.slice(edgeStitches, edgeStitches + down).map((p) => p + 1);
	const edge = Array.from({ length: edgeStitches }, (_, i) => edgeStitches - 1 - i).map(
		(i) => `${pin(i)} to ${pin(i + down)}`
	);
	const out = pins.slice(0, down).map((p) => p + 1);
	return `${capital(wordEdge(work.edge, machine))}: ${going.join(', then ')} down on ${pin(edgeStitches + down)}, its own loop on top; ${edge.join(', ')}; ${out.join(' and ')} out of work.`;
}

const stitches = (n: number): string => (n === 1 ? '1 stitch' : `${n} stitches`);

function title(w: HandWork): string {
	switch (w.do) {
		case 'decrease':
			return w.way === 'single' ? 'Decrease one' : 'Decrease two';
		case 'move-in':
			return 'Edge stitch in by one';
		case 'decrease-inside':
			return `Decrease at pin ${w.pin + 1}`;
		case 'hold':
			return `Hold ${stitches(w.pins.length)}`;
		case 'take-back':
			return `Take ${stitches(w.pins.length)} back`;
		case 'cast-off':
			return `Cast off ${w.pins.length}`;
		case 'drop':
			return `Drop pin ${w.pin + 1} for a ladder`;
		case 'latch':
			return `Latch up pin ${w.pin + 1}`;
		case 'repair':
			return `Mend pin ${w.pin + 1}`;
		case 'extend':
			return `Card after pin ${w.pin + 1}`;
		case 'latch-extension':
			return `Latch up after pin ${w.pin + 1}`;
		case 'spare-strand':
			return `Spare strand over ${w.pins.length}`;
		case 'hang-hem':
			return w.row === 0 ? 'Hang the first row' : `Hang row ${w.row + 1}`;
	}
}

function how(w: HandWork): string {
	switch (w.do) {
		case 'decrease':
			return decreaseMoves(w).join(' ');
		case 'move-in':
			return `The loop of pin ${entryAt(w.pins, 0) + 1} onto pin ${entryAt(w.pins, 1) + 1}; pin ${entryAt(w.pins, 0) + 1} out of work.`;
		case 'decrease-inside':
			return `Lift ${pinsWord(w.pins)}, put the loop onto its neighbour and the rest back one pin inward.`;
		case 'hold':
			return `${capital(pinsWord(w.pins))} onto waste yarn, threaded all in one direction${w.breaks === null ? '; the yarn passes on to the new edge' : ''}.`;
		case 'take-back':
			return `The held loops back on ${pinsWord(w.pins)}, the one nearest the panel first.`;
		case 'cast-off':
			return `Chain over ${pinsWord(w.pins)}, where the yarn is.`;
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
			return `With a short strand of another colour knit ${pinsWord(w.pins)} by hand, one loop through each, and put the new loops back on their pins: drawn out later, it opens the gap.`;
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
	return `Yarn at the ${wordEdge(row.yarnAt, machine)}, pin ${inWork[row.yarnAt] + 1}. This row goes to pin ${row[other] + 1}.`;
}

/** What is done at an edge names it, once. */
function atEdge(w: HandWork, machine: Machine): string {
	const said = how(w);
	if (!('edge' in w)) return said;
	const edge = wordEdge(w.edge, machine);
	return `${capital(edge)}: ${uncapital(said)}`;
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
		title: both ? `${title(first)} at both edges` : work.map(title).join(', '),
		how: work.map((w) => atEdge(w, machine)).join(' ')
	};
}
