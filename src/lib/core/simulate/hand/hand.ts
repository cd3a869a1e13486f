import { isSpare } from '../../program/program';
import type { RowEnd } from '../../program/hand';
import { entryAt } from '../../quantity/sure';
import type { Bed } from '../bed';
import { LOOP } from '../fabric';
import type { Ring } from '../simulate';
import type { Refusal, RefusalCode, Slip, SlipCode } from './slip';

/** A machine under the hand: beside its ring, what the yarn, the table and chance do. */
export interface Played extends Ring {
	/** In which ways of working its counter counts. */
	readonly counter?: 'none' | 'tube' | 'both';
	/** Chance comes from here alone. */
	readonly seed?: number;
	/** Yarn that lies loose at first, in pins; never short where not said. */
	readonly slack?: number;
	/** Rows until the fabric touches the table, and until its middle clogs. */
	readonly rollRows?: number;
	readonly clogRows?: number;
}

/** How a loop looks that is not as it should be. */
export type LoopLook = 'tight' | 'loose' | 'twisted' | 'doubled';

/** Where a tail at a change of yarn hangs. */
export interface JoinTail {
	readonly yarn: number;
	readonly pin: number;
	readonly side: 'inside' | 'outside';
	readonly cm: number;
	readonly row: number;
	readonly is: 'old' | 'new';
}

/** One pass of the needle through a loop. */
export interface Pass {
	readonly end: RowEnd;
	readonly pin: number;
	readonly pierced: boolean;
}

/** On a pin of the cast-on: nothing yet, yarn before or behind it, or wrapped round it. */
export const LAID = { none: 0, before: 1, behind: 2, crossed: 3, open: 4 } as const;

/** The machine and the hand at it, pin by pin: the state that is drawn, said and judged. */
export class Hand {
	/** The pin that passes the feeder next where the crank goes forward; the last of a row stands before it. */
	pos = 0;
	going: 'forward' | 'back' = 'forward';
	/** Pins passed in this row, rows of yarn that were begun, and passes since the start that chance is drawn by. */
	passed = 0;
	passes = 0;
	/** Pins passed since the yarn was new: a cast-on, a join, a hem. */
	fresh = 0;
	gateOpen = false;
	aside = false;
	/** The old yarn, not cut, is drawn along with the new one. */
	second = false;
	slack: number | null;
	unrolled = 0;
	untwisted = 0;
	/** Loops that are not down on their pins; those that will not be after the next row. */
	readonly high: Uint8Array;
	readonly willRise = new Set<number>();
	/** Pins in work that were lifted bare. */
	readonly emptied = new Set<number>();
	/** How often a pin passed with no yarn in the feeder. */
	readonly bare: Uint8Array;
	readonly laid: Uint8Array;
	readonly pick: { from: number; loop: number }[] = [];
	readonly hung = new Map<number, number>();
	readonly hungLoops = new Set<number>();
	atEdge = { bar: false, snug: false };
	readonly tails: JoinTail[] = [];
	tied: number | null = null;
	heldWay: 'from-edge' | 'to-edge' | null = null;
	/** Columns that run: how many rungs are latched, and whether the loose loop has a marker through it. */
	readonly ladders = new Map<number, { latched: number; marked: boolean }>();
	readonly passesDone: Pass[] = [];
	readonly passCount: Record<RowEnd, Uint8Array>;
	readonly lastPass: Record<RowEnd, number | null> = { 'cast-on': null, 'cast-off': null };
	readonly drawn: (1 | 2)[] = [];
	/** Loops in the order they came onto the hook, and how many of them it holds. */
	readonly hooked: number[] = [];
	onHook = 0;
	fastened = false;
	readonly wasteGone = new Set<RowEnd>();
	/** Rungs drawn through the other ladder's, turn by turn. */
	readonly crossed: { readonly pin: number; readonly rungs: number }[] = [];
	counter = 0;
	zeroed = 0;
	told: number | null = null;
	readonly looks = new Map<number, LoopLook>();
	readonly slips: Slip[] = [];
	readonly refused: Refusal[] = [];
	/** A loop of yarn on the hook, left by the pair before. */
	yarnOnHook = false;
	/** Where a card stood, and the columns it is wide for. */
	cardAt: { readonly pin: number; readonly columns: number } | null = null;
	act = -1;
	off = false;
	/** All was taken off to begin again. */
	cleared = false;

	constructor(
		readonly bed: Bed,
		readonly ring: Played
	) {
		const { pins } = bed.fabric;
		this.high = new Uint8Array(pins);
		this.bare = new Uint8Array(pins);
		this.laid = new Uint8Array(pins);
		this.slack = ring.slack ?? null;
		this.passCount = { 'cast-on': new Uint8Array(pins), 'cast-off': new Uint8Array(pins) };
	}

	get pins(): number {
		return this.bed.fabric.pins;
	}
	/** Whether it is worked there and back. */
	get isPanel(): boolean {
		return this.bed.panel !== null;
	}

	slip(code: SlipCode, pin: number | null = null): void {
		this.slips.push({ code, pin, row: this.bed.row, act: this.act });
	}
	refuse(code: RefusalCode, pin: number | null = null): void {
		this.refused.push({ code, pin, act: this.act });
	}
	/** What went wrong at a pin and was put right again is forgotten. */
	mended(code: SlipCode, pin: number): void {
		const i = this.slips.findIndex((s) => s.code === code && s.pin === pin);
		if (i >= 0) this.slips.splice(i, 1);
	}

	inside(pin: number): boolean {
		if (Number.isInteger(pin) && pin >= 0 && pin < this.pins) return true;
		this.refuse('no-such-pin', pin);
		return false;
	}

	/** From 0 to under 1, alike for the same acts. */
	chance(pin: number): number {
		let x = Math.imul(this.ring.seed ?? 1, 0x9e3779b1) ^ Math.imul(pin + 1, 0x85ebca6b);
		x ^= Math.imul(this.passes + 1, 0xc2b2ae35);
		x = Math.imul(x ^ (x >>> 15), 0x2c1b3c6d);
		x = Math.imul(x ^ (x >>> 12), 0x297a2d39);
		return ((x ^ (x >>> 15)) >>> 0) / 2 ** 32;
	}

	/** The loops on a pin, the top one first; none for the bare wrap. */
	stack(pin: number): number[] {
		const loops: number[] = [];
		for (let l = entryAt(this.bed.top, pin); l >= 0; l = entryAt(this.bed.under, l)) loops.push(l);
		return loops;
	}

	/** The first or last loop of main yarn that a pin made; -1 for none. */
	endLoop(end: RowEnd, pin: number): number {
		return entryAt(this.#ends()[end], pin);
	}
	/** Found once for what is made: loops are only added. */
	#found: (Record<RowEnd, Int32Array> & { made: number; low: number; high: number }) | null = null;
	#ends() {
		const { fabric, made } = this.bed;
		if (this.#found?.made === made) return this.#found;
		const found = {
			made,
			low: 0,
			high: this.pins - 1,
			'cast-on': new Int32Array(this.pins).fill(-1),
			'cast-off': new Int32Array(this.pins).fill(-1)
		};
		let [low, high] = [this.pins, -1];
		for (let l = 0; l < made; l++) {
			const pin = entryAt(fabric.pin, l);
			if (pin >= this.pins) continue;
			[low, high] = [Math.min(low, pin), Math.max(high, pin)];
			if (isSpare(entryAt(fabric.yarn, l)) || fabric.state[l] === LOOP.float) continue;
			if (found['cast-on'][pin] === -1) found['cast-on'][pin] = l;
			found['cast-off'][pin] = l;
		}
		if (high >= 0) [found.low, found.high] = [low, high];
		this.#found = found;
		return found;
	}
	/** The lowest and highest pin that loops are taken from: all of a tube. */
	pieceEnds(): { readonly low: number; readonly high: number } {
		return this.#ends();
	}
	/** Rows that are whole; one at whose edge the ring stands is. */
	get rows(): number {
		const { bed } = this;
		const ends = bed.ends();
		const more = bed.made > entryAt(bed.fabric.rowStart, bed.row);
		const there =
			ends !== undefined &&
			(this.going === 'forward' ? this.pos > ends.high : this.pos <= ends.low);
		return bed.row + (this.isPanel && more && there ? 1 : 0);
	}
	/** How often the needle went through a loop. */
	passedBy(end: RowEnd, pin: number): number {
		return entryAt(this.passCount[end], pin);
	}
	/** Whether a thread runs through both ends of the piece. */
	bothEnds(): boolean {
		return this.lastPass['cast-on'] !== null && this.lastPass['cast-off'] !== null;
	}

	state(loop: number, state: number): void {
		this.bed.fabric.state[loop] = state;
	}
	look(loop: number, look: LoopLook): void {
		if (loop >= 0) this.looks.set(loop, look);
	}

	/** What a row starts from: after whole rows of a program too. */
	settle(): void {
		const { bed } = this;
		const ends = bed.ends();
		this.passed = 0;
		if (!this.isPanel || !ends) {
			this.pos = 0;
			this.going = 'forward';
			return;
		}
		// Whole rows of a program: their edges were seen to.
		this.atEdge = { bar: true, snug: true };
		const high = bed.yarnAt === 'high';
		this.pos = high ? ends.high + 1 : ends.low;
		this.going = bed.turns ? (high ? 'forward' : 'back') : high ? 'back' : 'forward';
	}
}
