import type { Bed } from './bed';
import { FACE, LOOP } from './fabric';
import { drop } from './mend';

/** A plain row of tube: every pin in work, one loop each, nothing stacked, tucked, split or extended. */
function plainRow(bed: Bed): void {
	const { fabric, top } = bed;
	const { pins, yarn, pin, face, state, into, hung } = fabric;
	const feeder = bed.feeder!;
	let i = bed.made;
	for (let p = 0; p < pins; p++, i++) {
		yarn[i] = feeder;
		pin[i] = p;
		face[i] = FACE.knit;
		state[i] = LOOP.onPin;
		into[i] = -1;
		hung[i] = -1;
		bed.under[i] = -1;
		const below = top[p]!;
		if (below >= 0) {
			into[below] = i;
			state[below] = LOOP.knittedThrough;
		}
		top[p] = i;
	}
	bed.made = i;
	bed.endRow();
}

const isPlain = (bed: Bed): boolean => {
	if (bed.panel !== null || bed.tucks.size + bed.splits.size + bed.extensions.size > 0)
		return false;
	for (let p = 0; p < bed.top.length; p++) {
		const loop = bed.top[p]!;
		if (bed.inWork[p] === 0 || (loop >= 0 && bed.under[loop]! >= 0)) return false;
	}
	return true;
};

/** At a turn that nobody guards the yarn does not catch the edge stitch, and it falls. */
function loseEdge(bed: Bed): void {
	const pin = bed.ends()![bed.yarnAt];
	if (bed.top[pin]! < 0) return;
	bed.fault('edge-unguarded', pin);
	drop(bed, pin);
}

/** Every pin in work in turn, there or back. */
function knitAlong(bed: Bed, back: boolean): void {
	const { pins } = bed.fabric;
	for (let n = 0; n < pins; n++) {
		const p = back ? pins - 1 - n : n;
		if (bed.inWork[p] === 1) bed.knit(p);
	}
}

/** One row by hand and eye: round the ring, or there and back between the edges. */
function anyRow(bed: Bed): void {
	const { pins } = bed.fabric;
	const back = bed.panel !== null && bed.yarnAt === 'high';
	if (bed.unguarded && bed.turns) loseEdge(bed);
	// Most rows are without: nothing is asked at each pin then.
	if (bed.extensions.size === 0) knitAlong(bed, back);
	else
		for (let n = 0; n < pins; n++) {
			const p = back ? pins - 1 - n : n;
			// The gap is the one above the pin, whichever way the yarn goes.
			const gap = back ? bed.extensions.get(p) : undefined;
			if (gap !== undefined) bed.floats(gap);
			if (bed.inWork[p] === 1) bed.knit(p);
			const ahead = back ? undefined : bed.extensions.get(p);
			if (ahead !== undefined) bed.floats(ahead);
		}
	bed.turns = bed.panel !== null;
	if (bed.turns) bed.yarnAt = back ? 'low' : 'high';
	bed.endRow();
}

/** Whether rows can be knitted as things are; a fault says why not. */
export function canKnit(bed: Bed): boolean {
	const ends = bed.ends();
	if (!ends) bed.fault(bed.row === 0 && bed.made === 0 ? 'no-cast-on' : 'nothing-on-pins', 0);
	else if (bed.feeder === null) bed.fault('no-yarn', ends.low);
	else if (bed.panel === null && bed.inWork.includes(0))
		bed.fault('idle-pin', bed.inWork.indexOf(0));
	else if (bed.panel === 'switch' && ends.low < bed.lost.start) bed.fault('past-stop', ends.low);
	else if (bed.panel === 'hand' && bed.keepOff.some((p) => bed.inWork[p] === 1))
		bed.fault(
			'near-marker',
			bed.keepOff.find((p) => bed.inWork[p] === 1)!
		);
	else if (bed.panel === 'switch' && ends.high >= bed.fabric.pins - bed.lost.end)
		bed.fault('past-stop', ends.high);
	else return true;
	return false;
}

/** Whole rows; false where the machine cannot. */
export function knitRows(bed: Bed, count: number): boolean {
	if (!canKnit(bed)) return false;
	for (let r = 0; r < count; r++) {
		if (isPlain(bed)) {
			// Nothing that makes a row other than plain can come up before the next operation.
			for (; r < count; r++) plainRow(bed);
			return true;
		}
		anyRow(bed);
	}
	return true;
}
