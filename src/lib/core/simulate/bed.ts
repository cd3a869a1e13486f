import { FACE, LOOP, NO_PIN, type Fabric, type Fault, type FaultCode } from './fabric';

/** On a pin: nothing; the bare wrap of the cast-on, or a loop of the rag. Otherwise the index of the top loop. */
export const EMPTY = -2;
export const WRAP = -1;

/** Loops held on a strand beside an edge, the one that goes back first last. */
interface Held {
	readonly pin: number;
	readonly loop: number;
	readonly sinceRow: number;
}

/** What went wrong at a pin, with what it takes to mend it. */
export type Mishap =
	| { readonly kind: 'split'; readonly loop: number }
	/** `loops` stayed on the pin while `over` was made. */
	| { readonly kind: 'tuck'; readonly loops: readonly number[]; readonly over: number }
	/** The loop that fell, what its column was before, and how many loops there were then. */
	| {
			readonly kind: 'drop';
			readonly loop: number;
			readonly was: readonly (readonly [loop: number, state: number])[];
			readonly madeThen: number;
	  };

/** The machine while it knits: what hangs on its pins, where the yarn is, and the fabric made so far. */
export class Bed {
	/** Top loop on each pin. */
	readonly top: Int32Array;
	/** Pins in work: a pin out of work takes no yarn. */
	readonly inWork: Uint8Array;
	/** The loop beneath another on the same pin; -1 for none. Per loop. */
	readonly under: Int32Array;
	/** Pins whose loop is not knitted off in the next row, and where the yarn is split in it. */
	readonly tucks = new Set<number>();
	readonly splits = new Set<number>();
	/** Floats after a pin: how many columns, and where in the fabric each row's begin. */
	readonly extensions = new Map<number, { readonly columns: number; readonly starts: number[] }>();
	readonly held: Record<'low' | 'high', Held[]> = { low: [], high: [] };
	/** The last mishap at each pin, to be mended. */
	readonly mishaps = new Map<number, Mishap>();
	readonly faults: Fault[] = [];
	feeder: number | null = null;
	panel: 'switch' | 'hand' | null = null;
	/** Nobody sees to the yarn at the turns; and whether the next row of a panel begins with a turn. */
	unguarded = false;
	turns = false;
	/** The edge of a panel at which the yarn is now. */
	yarnAt: 'low' | 'high' = 'low';
	row = 0;
	made = 0;

	constructor(
		readonly fabric: Fabric,
		readonly lost: { readonly start: number; readonly end: number },
		readonly keepOff: readonly number[] = []
	) {
		this.top = new Int32Array(fabric.pins).fill(EMPTY);
		this.inWork = new Uint8Array(fabric.pins);
		this.under = new Int32Array(fabric.into.length);
	}

	fault(code: FaultCode, pin: number | null = null): void {
		this.faults.push({ code, row: this.row, pin });
	}

	/** Lowest and highest pin in work; undefined where none is. */
	ends(): { low: number; high: number } | undefined {
		const low = this.inWork.indexOf(1);
		return low < 0 ? undefined : { low, high: this.inWork.lastIndexOf(1) };
	}

	/** Pins from an edge inward, `n` of them; undefined with a fault where there are not so many, or one is empty. */
	fromEdge(edge: 'low' | 'high', n: number): number[] | undefined {
		const ends = this.ends();
		if (!ends || ends.high - ends.low + 1 < n) {
			this.fault('too-narrow', ends ? ends[edge] : null);
			return undefined;
		}
		const inward = edge === 'low' ? 1 : -1;
		const pins = Array.from({ length: n }, (_, i) => ends[edge] + inward * i);
		const empty = pins.find((p) => this.top[p]! < 0);
		if (empty === undefined) return pins;
		this.fault('empty-pin', empty);
		return undefined;
	}

	/** Takes all that lies on a pin off it; the top loop is returned. */
	lift(pin: number): number {
		const loop = this.top[pin]!;
		this.top[pin] = EMPTY;
		return loop;
	}

	/** Puts a lifted loop, with all beneath it, on top of what a pin holds. */
	put(loop: number, pin: number): void {
		const beneath = this.top[pin]!;
		if (loop >= 0) {
			let bottom = loop;
			while (this.under[bottom]! >= 0) bottom = this.under[bottom]!;
			this.under[bottom] = beneath >= 0 ? beneath : -1;
		}
		this.top[pin] = loop;
	}

	outOfWork(pin: number): void {
		this.inWork[pin] = 0;
		this.top[pin] = EMPTY;
	}

	/** A new loop on a pin: drawn through everything that hangs there. */
	knit(pin: number): void {
		const { fabric } = this;
		const loop = this.made++;
		fabric.yarn[loop] = this.feeder!;
		fabric.pin[loop] = pin;
		fabric.state[loop] = LOOP.onPin;
		fabric.into[loop] = -1;
		fabric.hung[loop] = -1;
		this.under[loop] = -1;
		if (this.splits.size > 0 && this.splits.delete(pin)) {
			fabric.face[loop] = FACE.knit | FACE.split;
			this.mishaps.set(pin, { kind: 'split', loop });
		}
		const below = this.top[pin]!;
		if (this.tucks.size > 0 && below >= 0 && this.tucks.delete(pin)) {
			// The old loop stays on its pin, and the new one lies over it.
			this.under[loop] = below;
			const loops: number[] = [];
			for (let l = below; l >= 0; l = this.under[l]!) loops.push(l);
			for (const l of loops) fabric.state[l] = LOOP.tucked;
			this.mishaps.set(pin, { kind: 'tuck', loops, over: loop });
		} else if (below >= 0) this.drawThrough(below, loop);
		this.top[pin] = loop;
	}

	/** Draws `loop` through a stack: on the right side what was put down first shows, and the others lie behind it. */
	drawThrough(top: number, loop: number): void {
		const { fabric, under } = this;
		if (under[top]! < 0) {
			fabric.into[top] = loop;
			fabric.state[top] = LOOP.knittedThrough;
			return;
		}
		let depth = 0;
		for (let l = under[top]!; l >= 0; l = under[l]!) depth += 1;
		let shown = -1;
		for (let l = top; l >= 0; l = under[l]!) {
			fabric.order[l] = depth--;
			// A hem's loop was knitted through before; now it is a second time.
			if (fabric.into[l]! >= 0) {
				fabric.hung[l] = loop;
				continue;
			}
			fabric.into[l] = loop;
			if (fabric.state[l] === LOOP.tucked) continue;
			if (shown >= 0) fabric.state[shown] = LOOP.stacked;
			fabric.state[l] = LOOP.knittedThrough;
			shown = l;
		}
	}

	/** Floats round a card after a pin: not loops until they are latched. */
	floats(extension: { readonly columns: number; readonly starts: number[] }): void {
		const { fabric } = this;
		extension.starts.push(this.made);
		for (let c = 0; c < extension.columns; c++) {
			const loop = this.made++;
			fabric.yarn[loop] = this.feeder!;
			fabric.pin[loop] = NO_PIN;
			fabric.state[loop] = LOOP.float;
			fabric.into[loop] = -1;
			fabric.hung[loop] = -1;
		}
	}

	endRow(): void {
		this.row += 1;
		this.fabric.rowStart[this.row] = this.made;
	}
}
