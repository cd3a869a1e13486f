import type { Machine } from '../model/bench';
import { programRows, type Program } from '../program/program';
import { Bed } from './bed';
import type { Fabric, Simulated } from './fabric';
import { begun, perform } from './perform';

/** More stitches than any piece has; a program beyond it is refused as a fault. */
export const MAX_STITCHES = 8_000_000;

/** What the simulation needs to know of a machine. */
export interface Ring extends Pick<Machine, 'pins' | 'panelLost'> {
	/** Pins, from 0, that a panel turned by hand must not use: where the ring sticks at marker and counter trip. */
	readonly keepOff?: readonly number[];
}

export function emptyFabric(pins: number, rows: number, loops: number): Fabric {
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
	const progress = begun();
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
