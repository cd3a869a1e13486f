import { entryAt } from '../quantity/sure';
import { isSpare, type Op } from '../program/program';
import { EMPTY, WRAP, type Bed } from './bed';
import { castOff, decrease, decreaseInside, hold, moveIn, takeBack } from './edges';
import { LOOP } from './fabric';
import { drop, extend, hangRow, latch, latchExtension, repair } from './mend';
import { knitRows } from './rows';

/** Waste rows that keep live loops from running once they are cranked off (common practice: 2 at the least). */
const SAFE_WASTE_ROWS = 2;

/** What is seen of a program while it runs, beside what hangs on the pins. */
export interface Progress {
	castOn: boolean;
	off: boolean;
	wasteRows: number;
	emptyRounds: number;
}

export const begun = (): Progress => ({ castOn: false, off: false, wasteRows: 0, emptyRounds: 0 });

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
export function perform(bed: Bed, progress: Progress, step: Op): boolean {
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
