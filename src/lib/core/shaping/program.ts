import { entryAt } from '../quantity/sure';
import { panelPins, edgeOfSide } from '../bench/machine/panel';
import type { Machine } from '../model/bench';
import type { PanelTurn, WasteWith } from '../model/kinds';
import {
	LEAST_GROUP,
	WASTE,
	wasteBefore,
	type Edge,
	type Op,
	type Program
} from '../program/program';
import type { Take } from './edge-schedule';
import type { Side } from './outline';
import type { PieceSchedule } from './schedule';

/** Extra columns after stitch `after` (from 0, from the low pin), every row, latched up at the end. */
export interface Ladder {
	readonly after: number;
	readonly columns: number;
}

export interface PanelMaking {
	readonly machine: Machine;
	readonly turn: PanelTurn;
	/** Waste rows before the main yarn. One more, or one fewer, starts the main yarn at the other edge. */
	readonly wasteStart: number;
	/** Plain waste rows where not said. */
	readonly wasteWith?: WasteWith;
	/** Rows of one yarn each, from the cast-on; the last goes on to the end. */
	readonly sections: readonly { readonly yarn: number; readonly rows: number }[];
	readonly ladders?: readonly Ladder[];
	/** Loops of the last row: on a needle, or cranked off on so many waste rows. */
	readonly wasteEnd: number;
	/** Stitches dropped into ladders for the whole length, from 0 from the low pin. */
	readonly drops?: readonly number[];
}

/** The edge at which the main yarn begins, after so many waste rows: row 0 of all goes from the low pin up. */
export const startEdge = (wasteRows: number): Edge => (wasteRows % 2 === 0 ? 'low' : 'high');

/** Waste rows that make the main yarn start at an edge: as many as wished, or one more. */
export const wasteFor = (edge: Edge, wished: number): number =>
	startEdge(wished) === edge ? wished : wished + 1;

/** Fewer are passed by the yarn on its way to the new edge. */
const isBroken = (take: Take, shaping: PieceSchedule['rules']['shaping']): boolean =>
	shaping === 'held' && take.how === 'group' && take.stitches >= LEAST_GROUP;

/** The yarn that comes in before a row, where it changes. */
function joinsIn(sections: PanelMaking['sections'], rows: number): Map<number, number> {
	const joins = new Map<number, number>();
	let row = 0;
	let fed = sections[0]?.yarn;
	for (const section of sections) {
		if (row > 0 && section.yarn !== fed && row < rows) joins.set(row, section.yarn);
		fed = section.yarn;
		row += section.rows;
	}
	return joins;
}

function takeOps(take: Take, edge: Edge, { shaping, edgeStitches }: PieceSchedule['rules']): Op[] {
	if (take.how === 'group')
		return [{ op: shaping === 'held' ? 'hold' : 'cast-off', edge, count: take.stitches }];
	if (shaping === 'stacked')
		return Array.from({ length: take.stitches }, (): Op => ({ op: 'move-in', edge }));
	return [{ op: 'decrease', edge, way: take.how, edgeStitches }];
}

/** What the machine is told to knit a scheduled piece. Takes of one row: the group, where the yarn is, first. */
export function panelProgram(s: PieceSchedule, making: PanelMaking): Program {
	const { machine, turn, sections, ladders = [], drops = [] } = making;
	const { from } = panelPins(machine, turn, s.stitches);
	const to = Math.min(machine.pins, from + s.stitches);
	const waste = wasteFor(edgeOfSide(s.rules.yarnAt, machine), making.wasteStart);
	const first = entryAt(sections, 0).yarn;
	const ops: Op[] = [
		{
			op: 'cast-on',
			method: waste === 0 ? 'e-wrap' : making.wasteWith === 'rag' ? 'rag' : 'weave',
			yarn: waste > 0 ? WASTE : first,
			from,
			to
		},
		{ op: 'work', as: 'panel', by: turn, edge: machine.edgeRule }
	];
	const { wasteWith } = making;
	if (waste > 0)
		ops.push(...wasteBefore({ wasteStart: waste, ...(wasteWith ? { wasteWith } : {}) }), {
			op: 'join',
			yarn: first
		});
	for (const l of ladders) ops.push({ op: 'extend', pin: from + l.after, columns: l.columns });

	const at = new Map<number, { take: Take; edge: Edge }[]>();
	const note = (side: Side) => {
		for (const take of s[side].takes) {
			const here = at.get(take.row) ?? [];
			here.push({ take, edge: edgeOfSide(side, machine) });
			at.set(take.row, here);
		}
	};
	note('left');
	note('right');
	const joins = joinsIn(sections, s.rows);
	let fed = first;
	let knitted = 0;
	for (const r of [...new Set([...at.keys(), ...joins.keys()])].sort((a, b) => a - b)) {
		if (r > knitted) ops.push({ op: 'rows', count: r - knitted });
		knitted = r;
		const takes = [...(at.get(r) ?? [])].sort(
			(a, b) => Number(b.take.how === 'group') - Number(a.take.how === 'group')
		);
		let broken = false;
		for (const { take, edge } of takes) {
			ops.push(...takeOps(take, edge, s.rules));
			broken ||= isBroken(take, s.rules.shaping);
		}
		// Beside a held group the yarn is broken, and threaded anew at the new edge.
		fed = joins.get(r) ?? fed;
		if (broken || joins.has(r)) ops.push({ op: 'join', yarn: fed });
	}
	if (s.rows > knitted) ops.push({ op: 'rows', count: s.rows - knitted });
	for (const after of drops) ops.push({ op: 'drop', pin: from + after });
	for (const l of ladders) ops.push({ op: 'latch-extension', pin: from + l.after });
	if (making.wasteEnd > 0)
		ops.push({ op: 'join', yarn: WASTE }, { op: 'rows', count: making.wasteEnd });
	ops.push({ op: 'cut' }, { op: 'take-off', method: making.wasteEnd > 0 ? 'crank' : 'needle' });
	return ops;
}
