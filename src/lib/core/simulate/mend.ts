import { entryAt } from '../quantity/sure';
import { EMPTY, type Bed } from './bed';
import { FACE, LOOP, type Fabric } from './fabric';

/** All loops from which a column hangs: the fallen one and everything drawn through it from below, to the cast-on. */
export function columnUnder(fabric: Fabric, made: number, fallen: readonly number[]): number[] {
	const inColumn = new Set(fallen);
	// A loop is made after those it is drawn through, so one pass downward finds them all.
	for (let l = made - 1; l >= 0; l--) if (inColumn.has(entryAt(fabric.into, l))) inColumn.add(l);
	return [...inColumn];
}

const known = (bed: Bed, pin: number): boolean => {
	const there = pin >= 0 && pin < bed.fabric.pins && bed.inWork[pin] === 1;
	if (!there) bed.fault('no-such-pin', pin);
	return there;
};

/** A stitch falls off its pin; with nothing to stop it its column runs down to the cast-on. */
export function drop(bed: Bed, pin: number): void {
	if (!known(bed, pin)) return;
	const loop = entryAt(bed.top, pin);
	if (loop < 0) return bed.fault('empty-pin', pin);
	const { fabric } = bed;
	const fallen: number[] = [];
	for (let l = loop; l >= 0; l = entryAt(bed.under, l)) fallen.push(l);
	const column = columnUnder(fabric, bed.made, fallen);
	const was = column.map((l) => [l, entryAt(fabric.state, l)] as const);
	for (const l of column) fabric.state[l] = LOOP.dropped;
	bed.top[pin] = EMPTY;
	bed.mishaps.set(pin, { kind: 'drop', loop, was, madeThen: bed.made });
}

/**
 * Latches a dropped column up again, loop through loop, and puts it back on its pin. Where rows were knitted since, they began
 * anew on the empty pin, and the first of them closes the column.
 */
export function latch(bed: Bed, pin: number): void {
	if (!known(bed, pin)) return;
	const mishap = bed.mishaps.get(pin);
	if (mishap?.kind !== 'drop') return bed.fault('nothing-dropped', pin);
	bed.mishaps.delete(pin);
	const { fabric } = bed;
	for (const [loop, state] of mishap.was) fabric.state[loop] = state;
	const since = fabric.pin.subarray(mishap.madeThen, bed.made).indexOf(pin);
	if (since < 0) bed.top[pin] = mishap.loop;
	else bed.drawThrough(mishap.loop, mishap.madeThen + since);
}

/** Mends the last mishap at a pin: a drop is latched up, a tucked loop knitted off, a split one made whole. */
export function repair(bed: Bed, pin: number): void {
	const mishap = bed.mishaps.get(pin);
	if (!mishap) return bed.fault('nothing-to-mend', pin);
	if (mishap.kind === 'drop') return latch(bed, pin);
	bed.mishaps.delete(pin);
	const { fabric, under } = bed;
	if (mishap.kind === 'split') {
		fabric.face[mishap.loop] = entryAt(fabric.face, mishap.loop) & ~FACE.split;
		return;
	}
	// What lay under the loop made over it is drawn through by that loop, as it should have been.
	under[mishap.over] = -1;
	const [top] = mishap.loops;
	for (const l of mishap.loops) {
		fabric.into[l] = -1;
		fabric.state[l] = LOOP.onPin;
	}
	bed.drawThrough(top!, mishap.over);
}

/** The loops of an earlier row hung on their pins; false where one is missing. */
export function hangRow(bed: Bed, row: number): boolean {
	const { fabric } = bed;
	if (row < 0 || row >= bed.row) {
		bed.fault('no-such-row');
		return false;
	}
	const byPin = new Map<number, number>();
	for (let l = entryAt(fabric.rowStart, row); l < entryAt(fabric.rowStart, row + 1); l++)
		byPin.set(entryAt(fabric.pin, l), l);
	for (let pin = 0; pin < fabric.pins; pin++) {
		if (bed.inWork[pin] === 0) continue;
		const loop = byPin.get(pin);
		if (loop === undefined || fabric.state[loop] !== LOOP.knittedThrough) {
			bed.fault('empty-pin', pin);
			return false;
		}
		bed.under[loop] = -1;
		bed.put(loop, pin);
	}
	return true;
}

/** Begins floats round a card after a pin; never at an edge, where there is nothing to draw them to. */
export function extend(bed: Bed, pin: number, columns: number): void {
	if (bed.inWork[pin] !== 1 || bed.inWork[pin + 1] !== 1)
		return bed.fault('extension-at-edge', pin);
	bed.extensions.set(pin, { columns, starts: [] });
}

/** Latches the floats after a pin into columns, bottom upwards; the last loops are on a strand of their own. */
export function latchExtension(bed: Bed, pin: number): void {
	const extension = bed.extensions.get(pin);
	if (!extension) return bed.fault('nothing-dropped', pin);
	bed.extensions.delete(pin);
	const { fabric } = bed;
	const { columns, starts } = extension;
	starts.forEach((start, row) => {
		const above = starts[row + 1];
		for (let c = 0; c < columns; c++) {
			fabric.state[start + c] = above === undefined ? LOOP.onNeedle : LOOP.knittedThrough;
			fabric.into[start + c] = above === undefined ? -1 : above + c;
		}
	});
}
