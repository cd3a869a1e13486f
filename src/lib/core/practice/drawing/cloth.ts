import { entryAt } from '../../quantity/sure';
import { NO_PIN } from '../../simulate/fabric';
import type { Hand } from '../../simulate/hand/hand';
import { cellOf, type CellKind } from './column';

export interface ClothCell {
	/** Column from the left and row from the top, from 0. */
	readonly x: number;
	readonly y: number;
	readonly kind: CellKind | 'waste';
	/** The way it leans, where the loop drawn through it stands on another pin. */
	readonly lean: -1 | 0 | 1;
}
/** The fabric as it hangs, stitch by stitch: what came of it all. */
export interface Cloth {
	readonly columns: number;
	readonly rows: number;
	readonly cells: readonly ClothCell[];
	/** The pin of each column. */
	readonly pins: readonly number[];
}

/** Rows that are shown at most: the last of them, or the first where all began there. */
export const CLOTH_ROWS = 56;

/** A stretch turned back over a few pins is no row of its own: it lies with the one before. */
function rowsOfLoops(hand: Hand): Int32Array {
	const { fabric, made, row } = hand.bed;
	const rows = new Int32Array(made);
	let y = -1;
	let widest = 1;
	for (let r = 0; r <= row; r++) {
		const from = entryAt(fabric.rowStart, r);
		const to = r < row ? entryAt(fabric.rowStart, r + 1) : made;
		if (to === from) continue;
		widest = Math.max(widest, to - from);
		if (y < 0 || to - from > widest / 3) y += 1;
		rows.fill(y, from, to);
	}
	return rows;
}

/** Columns on either side of a pin that is looked at. */
const BESIDE = 12;

/** The last rows of the fabric, or its first where `from` says so; near a pin, or all of it where none is said. */
export function clothOf(hand: Hand, from: 'top' | 'bottom', near: number | null): Cloth {
	const { fabric, made } = hand.bed;
	const rowOf = rowsOfLoops(hand);
	const rows = made > 0 ? entryAt(rowOf, made - 1) + 1 : 0;
	const shown = Math.min(rows, CLOTH_ROWS);
	const first = from === 'top' ? rows - shown : 0;
	const piece = hand.pieceEnds();
	const ends =
		near === null
			? piece
			: { low: Math.max(piece.low, near - BESIDE), high: Math.min(piece.high, near + BESIDE) };
	const cells: ClothCell[] = [];
	for (let l = 0; l < made; l++) {
		const pin = entryAt(fabric.pin, l);
		const r = entryAt(rowOf, l) - first;
		if (pin === NO_PIN || pin < ends.low || pin > ends.high || r < 0 || r >= shown) continue;
		if (hand.wasteGone.has('cast-off') && l > hand.endLoop('cast-off', pin)) continue;
		if (hand.wasteGone.has('cast-on') && l < hand.endLoop('cast-on', pin)) continue;
		const cell = cellOf(hand, l);
		const plain = cell.kind === 'knit' && cell.waste;
		const lean = cell.leansTo === null ? 0 : cell.leansTo > pin ? 1 : -1;
		cells.push({ x: pin - ends.low, y: shown - 1 - r, kind: plain ? 'waste' : cell.kind, lean });
	}
	const columns = rows > 0 ? ends.high - ends.low + 1 : 0;
	return {
		columns,
		rows: shown,
		cells,
		pins: Array.from({ length: columns }, (_, i) => ends.low + i)
	};
}
