import { keptOff } from '../../src/lib/core/bench/machine/ring';
import type { Machine } from '../../src/lib/core/model/bench';
import { isSpare, type Program } from '../../src/lib/core/program/program';
import { LOOP, NO_PIN, type Fabric } from '../../src/lib/core/simulate/fabric';
import { simulate } from '../../src/lib/core/simulate/simulate';

/** A piece as it came off the simulated machine, asked row by row: what sentences about it are held to. Pins from 1. */
export class OffTheRing {
	readonly fabric: Fabric;

	constructor(
		program: Program,
		readonly machine: Machine
	) {
		this.fabric = simulate(program, { ...machine, keepOff: keptOff(machine) }).fabric;
	}

	get rows(): number {
		return this.fabric.rows;
	}
	/** Loops of a row, in the order they were made. */
	loops(row: number): number[] {
		const { rowStart } = this.fabric;
		const from = rowStart[row]!;
		return Array.from({ length: rowStart[row + 1]! - from }, (_, i) => from + i);
	}
	/** Pins of a row, in the order the yarn took them. */
	pins(row: number): number[] {
		return this.loops(row).flatMap((l) => {
			const pin = this.fabric.pin[l]!;
			return pin === NO_PIN ? [] : [pin + 1];
		});
	}
	yarn(row: number): number {
		return this.fabric.yarn[this.loops(row)[0]!]!;
	}
	/** Rows before the main yarn, and after it. */
	get wasteBefore(): number {
		let n = 0;
		while (n < this.rows && isSpare(this.yarn(n))) n++;
		return n;
	}
	get wasteAfter(): number {
		let n = 0;
		while (n < this.rows && isSpare(this.yarn(this.rows - 1 - n))) n++;
		return n;
	}
	/** Loops of a row in a state, by their pins. */
	inState(row: number, state: keyof typeof LOOP): number[] {
		return this.loops(row).flatMap((l) =>
			this.fabric.state[l] === LOOP[state] ? [this.fabric.pin[l]! + 1] : []
		);
	}
	/** To which pin the loop on each pin of a row went before the next. */
	moved(row: number): Map<number, number> {
		const at = (l: number) => this.fabric.pin[l]! + 1;
		return new Map(
			this.loops(row).flatMap((l) => {
				const into = this.fabric.into[l]!;
				return into < 0 || this.fabric.pin[l] === NO_PIN ? [] : [[at(l), at(into)] as const];
			})
		);
	}
	/** Columns laid after each pin in a row, by pin. */
	floats(row: number): Map<number, number> {
		const out = new Map<number, number>();
		const list = this.loops(row);
		list.forEach((l, i) => {
			if (this.fabric.pin[l] !== NO_PIN) return;
			// The pin whose gap it is in: the lower of the two beside it.
			const before = list.slice(0, i).findLast((x) => this.fabric.pin[x] !== NO_PIN);
			const after = list.slice(i + 1).find((x) => this.fabric.pin[x] !== NO_PIN);
			const beside = [before, after].flatMap((x) => (x === undefined ? [] : this.fabric.pin[x]!));
			const pin = Math.min(...beside) + 1;
			out.set(pin, (out.get(pin) ?? 0) + 1);
		});
		return out;
	}
	/** The edge of a row at which a pin lies, as the maker and the fabric name it. */
	edge(row: number, pin: number): string {
		const pins = this.pins(row);
		// One stitch is both edges.
		if (pins.length === 1) return 'edge of one';
		const low = pin - Math.min(...pins) < Math.max(...pins) - pin;
		// With the edge's pin at the feeder the panel lies to the right of its lowest pin where the ring turns clockwise.
		const maker = low === (this.machine.turns === 'clockwise') ? 'left' : 'right';
		const other = maker === 'left' ? 'right' : 'left';
		// Named from the right side: swapped where that hangs away from the maker.
		return `edge ${this.machine.rightSide === 'away' ? other : maker}/${maker}`;
	}
}
