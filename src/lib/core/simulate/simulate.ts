import { programRows, WASTE, type Program } from '../program/program';
import { FACE, LOOP, type Fabric, type Fault, type Simulated } from './fabric';

/** More stitches than any piece has; a program beyond it is refused as a fault. */
export const MAX_STITCHES = 8_000_000;
/** Waste rows that keep live loops from running once they are cranked off (common practice: 2 at the least). */
const SAFE_WASTE_ROWS = 2;

function emptyFabric(pins: number, rows: number): Fabric {
	const n = pins * rows;
	return {
		pins,
		rows,
		yarn: new Uint8Array(n),
		pin: new Uint8Array(n),
		face: new Uint8Array(n),
		state: new Uint8Array(n),
		through: new Int32Array(n)
	};
}

/** Knits one row: each pin's loop is drawn through, and the new loop takes its place on the pin. */
function knitRow(fabric: Fabric, row: number, yarn: number, held: Int32Array): void {
	const { pins } = fabric;
	const base = row * pins;
	for (let p = 0; p < pins; p++) {
		const i = base + p;
		const below = held[p]!;
		fabric.yarn[i] = yarn;
		fabric.pin[i] = p;
		fabric.face[i] = FACE.knit;
		fabric.through[i] = below;
		fabric.state[i] = LOOP.onPin;
		if (below >= 0) fabric.state[below] = LOOP.knittedThrough;
		held[p] = i;
	}
}

/**
 * Runs a program in tube mode on a ring of `pins` pins (1 to 255), row by row. Pure; linear in stitches.
 * What the machine cannot do comes back as faults with row and pin, and the fabric holds what was knitted till then.
 */
export function simulate(program: Program, pins: number): Simulated {
	const faults: Fault[] = [];
	const rows = programRows(program);
	const fault = (code: Fault['code'], row: number, pin: number | null = null) =>
		faults.push({ code, row, pin });
	if (rows * pins > MAX_STITCHES) {
		fault('too-large', 0);
		return { fabric: emptyFabric(pins, 0), faults };
	}
	const fabric = emptyFabric(pins, rows);
	/** Per pin: the loop it holds; -1 the cast-on wrap; -2 nothing. */
	const held = new Int32Array(pins).fill(-2);
	let feeder: number | null = null;
	let row = 0;
	let wasteRows = 0;
	let castOn = false;
	let off = false;

	for (const step of program) {
		switch (step.op) {
			case 'cast-on':
				if (castOn) fault('cast-on-twice', row);
				castOn = true;
				feeder = step.yarn;
				held.fill(-1);
				break;
			case 'join':
				feeder = step.yarn;
				break;
			case 'cut':
				feeder = null;
				break;
			case 'rows':
				if (!castOn || feeder === null || off) {
					fault(!castOn ? 'no-cast-on' : off ? 'nothing-on-pins' : 'no-yarn', row, 0);
					return { fabric: truncated(fabric, row), faults };
				}
				for (let r = 0; r < step.count; r++) knitRow(fabric, row++, feeder, held);
				wasteRows = feeder === WASTE ? wasteRows + step.count : 0;
				break;
			case 'take-off':
				if (!castOn || row === 0) fault('nothing-on-pins', row);
				else takeOff(fabric, held, step.method);
				if (step.method === 'crank' && wasteRows < SAFE_WASTE_ROWS) fault('live-loops', row);
				off = true;
				break;
		}
	}
	if (castOn && !off) fault('left-on-machine', row);
	return { fabric, faults };
}

function takeOff(fabric: Fabric, held: Int32Array, method: 'needle' | 'crank'): void {
	const state = method === 'needle' ? LOOP.onNeedle : LOOP.onWaste;
	for (const loop of held) if (loop >= 0) fabric.state[loop] = state;
	held.fill(-2);
}

function truncated(fabric: Fabric, rows: number): Fabric {
	const n = rows * fabric.pins;
	return {
		pins: fabric.pins,
		rows,
		yarn: fabric.yarn.slice(0, n),
		pin: fabric.pin.slice(0, n),
		face: fabric.face.slice(0, n),
		state: fabric.state.slice(0, n),
		through: fabric.through.slice(0, n)
	};
}
