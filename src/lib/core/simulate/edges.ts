import { entryAt, last } from '../quantity/sure';
import type { Edge } from '../program/program';
import type { Bed } from './bed';
import { LOOP } from './fabric';

/** What is done at the edges of a panel only; a tube has none. */
const isPanel = (bed: Bed): boolean => {
	if (bed.panel === null) bed.fault('not-a-panel');
	return bed.panel !== null;
};

/**
 * Fashioned decrease. Of the stitches from the edge inward: the edge stitches, then those that go down (one, or two for a
 * double), then the one nearest the panel, which goes back on top of them.
 */
export function decrease(
	bed: Bed,
	{ edge, way, edgeStitches }: { edge: Edge; way: 'single' | 'double'; edgeStitches: 1 | 2 }
): void {
	if (!isPanel(bed)) return;
	const down = way === 'single' ? 1 : 2;
	const pins = bed.fromEdge(edge, edgeStitches + down + 1);
	if (!pins) return;
	const loops = pins.map((p) => bed.lift(p));
	const nearest = last(pins);
	for (let i = edgeStitches; i < edgeStitches + down; i++) bed.put(entryAt(loops, i), nearest);
	bed.put(last(loops), nearest);
	// The edge stitches move in beside them; the outermost pins are left.
	for (let i = edgeStitches - 1; i >= 0; i--) bed.put(entryAt(loops, i), entryAt(pins, i + down));
	for (const p of pins.slice(0, down)) bed.outOfWork(p);
}

/** The edge stitch onto its neighbour. */
export function moveIn(bed: Bed, edge: Edge): void {
	if (!isPanel(bed)) return;
	const pins = bed.fromEdge(edge, 2);
	if (!pins) return;
	bed.put(bed.lift(entryAt(pins, 0)), entryAt(pins, 1));
	bed.outOfWork(entryAt(pins, 0));
}

/** A decrease away from the edge: possible only by lifting all that lies beyond it. */
export function decreaseInside(
	bed: Bed,
	{ pin, edge, lifted }: { pin: number; edge: Edge; lifted: number }
): void {
	const ends = bed.ends();
	if (!isPanel(bed)) return;
	if (!ends) return bed.fault('nothing-on-pins');
	const beyond = edge === 'low' ? pin - ends.low : ends.high - pin;
	const inward = edge === 'low' ? 1 : -1;
	const onto = pin + inward;
	if (beyond < 0 || onto < ends.low || onto > ends.high) return bed.fault('no-such-pin', pin);
	if (lifted !== beyond) return bed.fault('not-all-lifted', pin);
	if (entryAt(bed.top, pin) < 0 || entryAt(bed.top, onto) < 0)
		return bed.fault('empty-pin', entryAt(bed.top, pin) < 0 ? pin : onto);
	bed.put(bed.lift(pin), onto);
	for (let i = 1; i <= beyond; i++) bed.put(bed.lift(pin - inward * i), pin - inward * (i - 1));
	bed.outOfWork(ends[edge]);
}

/** Groups come off only at the start of a row, which is where the yarn is. */
function group(bed: Bed, edge: Edge, count: number): number[] | undefined {
	if (!isPanel(bed)) return undefined;
	if (bed.yarnAt !== edge) {
		bed.fault('wrong-side', bed.ends()?.[edge] ?? null);
		return undefined;
	}
	return bed.fromEdge(edge, count);
}

export function hold(bed: Bed, edge: Edge, count: number): void {
	for (const pin of group(bed, edge, count) ?? []) {
		const loop = bed.lift(pin);
		for (let l = loop; l >= 0; l = entryAt(bed.under, l)) bed.fabric.state[l] = LOOP.held;
		bed.held[edge].push({ pin, loop, sinceRow: bed.row });
		bed.inWork[pin] = 0;
	}
}

/** Held loops go back onto the pins they came from, the last held first. */
export function takeBack(bed: Bed, edge: Edge, count: number): void {
	for (let i = 0; i < count; i++) {
		const back = bed.held[edge].pop();
		if (!back) return bed.fault('nothing-held');
		for (let l = back.loop; l >= 0; l = entryAt(bed.under, l)) {
			bed.fabric.state[l] = LOOP.onPin;
			bed.fabric.heldRows[l] = bed.row - back.sinceRow;
		}
		bed.top[back.pin] = back.loop;
		bed.inWork[back.pin] = 1;
	}
}

export function castOff(bed: Bed, edge: Edge, count: number): void {
	for (const pin of group(bed, edge, count) ?? []) {
		const loop = bed.lift(pin);
		for (let l = loop; l >= 0; l = entryAt(bed.under, l)) bed.fabric.state[l] = LOOP.castOff;
		bed.inWork[pin] = 0;
	}
}
