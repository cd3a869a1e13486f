import { entryAt } from '../quantity/sure';
import type { Machine } from '../model/bench';
import { isSpare, programRows, type Op, type Program } from '../program/program';
import { Bed, EMPTY, WRAP } from './bed';
import { castOff, decrease, decreaseInside, hold, moveIn, takeBack } from './edges';
import { LOOP, type Fabric, type Simulated } from './fabric';
import { drop, extend, hangRow, latch, latchExtension, repair } from './mend';
import { knitRows } from './rows';

/** More stitches than any piece has; a program beyond it is refused as a fault. */
export const MAX_STITCHES = 8_000_000;
/** Waste rows that keep live loops from running once they are cranked off (common practice: 2 at the least). */
const SAFE_WASTE_ROWS = 2;

/** What the simulation needs to know of a machine. */
export interface Ring extends Pick<Machine, 'pins' | 'panelLost'> {
	/** Pins, from 0, that a panel turned by hand must not use: where the ring sticks at marker and counter trip. */
	readonly keepOff?: readonly number[];
}

function emptyFabric(pins: number, rows: number, loops: number): Fabric {
	return {
		pins,
		rows,
		rowStart: new Int32Array(rows + 1),
		yarn: new Uint8Array(loops),
		pin: new Uint8Array(loops),
		face: new Uint8Array(loops),
		state: new Uint8Array(loops),
		order: new Uint8Array(loops),
		heldRows: new Uint16Array(loops),
		into: new Int32Array(loops),
		hung: new Int32Array(loops)
	};
}

/** The fabric cut to what was really made. */
function cutTo(fabric: Fabric, rows: number, loops: number): Fabric {
	if (rows === fabric.rows && loops === fabric.yarn.length) return fabric;
	return {
		pins: fabric.pins,
		rows,
		rowStart: fabric.rowStart.slice(0, rows + 1),
		yarn: fabric.yarn.slice(0, loops),
		pin: fabric.pin.slice(0, loops),
		face: fabric.face.slice(0, loops),
		state: fabric.state.slice(0, loops),
		order: fabric.order.slice(0, loops),
		heldRows: fabric.heldRows.slice(0, loops),
		into: fabric.into.slice(0, loops),
		hung: fabric.hung.slice(0, loops)
	};
}

/** What is seen of a program while it runs, beside what hangs on the pins. */
interface Progress {
	castOn: boolean;
	off: boolean;
	wasteRows: number;
	emptyRounds: number;
}

/**
 * Runs a program on a ring of 1 to 254 pins, row by row. Pure; linear in stitches. What the machine cannot do comes back as
 * faults with row and pin. A row that cannot be knitted ends it, and the fabric holds what was knitted till then; any other
 * fault leaves that operation undone and goes on.
 */
export function simulate(program: Program, ring: Ring): Simulated {
	const { pins } = ring;
	const rows = programRows(program);
	const floats = program.reduce((t, o) => t + (o.op === 'extend' ? o.columns : 0), 0);
	const loops = rows * (pins + floats);
	if (loops > MAX_STITCHES) {
		const faults = [{ code: 'too-large', row: 0, pin: null }] as const;
		return { fabric: emptyFabric(pins, 0, 0), faults, yarnAt: 'low' };
	}
	const bed = new Bed(emptyFabric(pins, rows, loops), ring.panelLost, ring.keepOff ?? []);
	const progress: Progress = { castOn: false, off: false, wasteRows: 0, emptyRounds: 0 };
	for (const step of program) if (!perform(bed, progress, step)) break;
	const ended = bed.row === rows;
	if (ended && progress.castOn && bed.made > 0 && !progress.off && bed.ends())
		bed.fault('left-on-machine');
	return {
		fabric: cutTo(bed.fabric, bed.row, bed.made),
		faults: bed.faults,
		yarnAt: bed.yarnAt
	};
}

const allInWork = (bed: Bed, from: number, to: number): boolean => {
	for (let pin = from; pin < to; pin++) if (bed.inWork[pin] !== 1) return false;
	return true;
};

/** Operations that only do their work, whatever went before. */
const WORK: { readonly [O in Worked]: (bed: Bed, step: Extract<Op, { op: O }>) => void } = {
	work: (bed, step) => {
		bed.panel = step.as === 'panel' ? step.by : null;
		bed.unguarded = step.as === 'panel' && step.edge === 'unguarded';
		bed.turns = false;
	},
	join: (bed, step) => {
		bed.feeder = step.yarn;
	},
	cut: (bed) => {
		bed.feeder = null;
	},
	decrease,
	'decrease-inside': decreaseInside,
	'move-in': (bed, step) => moveIn(bed, step.edge),
	hold: (bed, step) => hold(bed, step.edge, step.count),
	'take-back': (bed, step) => takeBack(bed, step.edge, step.count),
	'cast-off': (bed, step) => castOff(bed, step.edge, step.count),
	drop: (bed, step) => drop(bed, step.pin),
	latch: (bed, step) => latch(bed, step.pin),
	tuck: (bed, step) => mark(bed, bed.tucks, step.pin),
	split: (bed, step) => mark(bed, bed.splits, step.pin),
	'spare-strand': (bed, step) => {
		const all = step.from < step.to && allInWork(bed, step.from, step.to);
		if (!all) bed.fault('no-such-pin', step.from);
	},
	repair: (bed, step) => repair(bed, step.pin),
	extend: (bed, step) => extend(bed, step.pin, step.columns),
	'latch-extension': (bed, step) => latchExtension(bed, step.pin)
};
type Worked = Exclude<Op['op'], 'cast-on' | 'rows' | 'hang-hem' | 'empty-round' | 'take-off'>;

/** The next row of this pin is made so. */
function mark(bed: Bed, pins: Set<number>, pin: number): void {
	if (bed.inWork[pin] !== 1) bed.fault('no-such-pin', pin);
	else pins.add(pin);
}

/** One operation; false where nothing after it makes sense. */
function perform(bed: Bed, progress: Progress, step: Op): boolean {
	switch (step.op) {
		case 'cast-on':
			castOn(bed, progress, step);
			return true;
		case 'rows':
			if (!knitRows(bed, step.count)) return false;
			progress.wasteRows =
				bed.feeder !== null && isSpare(bed.feeder) ? progress.wasteRows + step.count : 0;
			return true;
		case 'hang-hem':
			return hangRow(bed, step.row) && knitRows(bed, 1);
		case 'empty-round':
			emptyRound(bed, progress);
			return true;
		case 'take-off':
			takeOff(bed, progress, step.method);
			return true;
		default:
			(WORK[step.op] as (bed: Bed, step: Op) => void)(bed, step);
			return true;
	}
}

function castOn(bed: Bed, progress: Progress, step: Extract<Op, { op: 'cast-on' }>): void {
	if (progress.castOn) bed.fault('cast-on-twice');
	progress.castOn = true;
	bed.feeder = step.yarn;
	const from = step.from ?? 0;
	const to = step.to ?? bed.fabric.pins;
	if (from >= to || to > bed.fabric.pins) return bed.fault('no-such-pin', Math.max(0, to - 1));
	const { holder } = step;
	if (holder !== undefined && (holder >= bed.fabric.pins || (holder >= from && holder < to)))
		bed.fault('no-such-pin', holder);
	bed.inWork.fill(0).fill(1, from, to);
	bed.top.fill(EMPTY).fill(WRAP, from, to);
}

/** A second round without yarn lets every loop slip off. */
function emptyRound(bed: Bed, progress: Progress): void {
	if (bed.feeder !== null) return bed.fault('yarn-still-in');
	progress.emptyRounds += 1;
	if (progress.emptyRounds < 2) return;
	bed.fault('live-loops');
	for (const loop of bed.top)
		for (let l = loop; l >= 0; l = entryAt(bed.under, l)) bed.fabric.state[l] = LOOP.dropped;
	bed.top.fill(EMPTY);
	bed.inWork.fill(0);
	progress.off = true;
}

function takeOff(bed: Bed, progress: Progress, method: 'needle' | 'crank'): void {
	if (!bed.ends() || bed.row === 0) bed.fault('nothing-on-pins');
	if (method === 'crank' && progress.wasteRows < SAFE_WASTE_ROWS) bed.fault('live-loops');
	const state = method === 'needle' ? LOOP.onNeedle : LOOP.onWaste;
	for (const loop of bed.top)
		for (let l = loop; l >= 0; l = entryAt(bed.under, l))
			if (entryAt(bed.fabric.into, l) < 0) bed.fabric.state[l] = state;
	bed.top.fill(EMPTY);
	bed.inWork.fill(0);
	progress.off = true;
}
