import type { Assembly } from '../assembly/assembly';
import type { Piece } from '../assembly/piece';
import type { Made } from '../garment/make';
import type { Gauge } from '../bench/gauge/gauge';
import type { Bench } from '../model/project';
import type { Machine, MachineId, Yarn, YarnId } from '../model/bench';
import type { Wish } from '../model/wish';
import type { Excess } from '../program/load';
import type { Thing } from '../thing/thing';

export interface Design {
	/** In order of making. */
	readonly pieces: readonly Piece[];
	readonly assembly: Assembly;
	/** Too much to be worked out: it has no pieces then. */
	readonly excess?: Excess;
	/** Of a garment: its pieces as drawn and as made, and its seams. */
	readonly made?: Made;
	/** Of what is put together from several pieces: its geometry and its joints. */
	readonly thing?: Thing;
}

/** A machine and what is known of its gauge. */
export interface OnMachine {
	readonly machine: Machine;
	readonly gauge: (yarn: YarnId) => Gauge;
}

/** The project's machine, the gauge of its yarns there, and the other machines that parts are made on. */
export interface DesignContext extends OnMachine {
	/** Another machine of the bench; null is the project's. */
	readonly on: (machine: MachineId | null) => OnMachine;
	/** The yarn itself, with what is on hand. */
	readonly yarn: (yarn: YarnId) => Yarn;
}

/** A plain tube on all pins, or what keeps it from being one. */
export type Teaches = 'tube' | 'shape' | 'hem' | 'cord' | 'copies';

/** A thing that can be made; its parameters are its schema in `model/wish.ts`. Defaults for a bench, and the design. No sums, wording or drawing. */
export interface Recipe<W extends Wish = Wish> {
	readonly id: W['recipe'];
	readonly name: string;
	/** What its results say of the gauge: a tube all its pins and rows, other shapes nothing yet, and why not. */
	readonly teaches: Teaches | ((wish: W) => Teaches);
	/** Undefined where the bench has no yarn to start with. */
	readonly defaults: (bench: Bench) => W | undefined;
	/** Yarns the wish names, main one first, each once. */
	readonly yarns: (wish: W) => YarnId[];
	/** Machines the wish names beside the project's. */
	readonly machines?: (wish: W) => MachineId[];
	/** The same wish with one yarn in the place of another, wherever it stands. */
	readonly withYarn: (wish: W, from: YarnId, to: YarnId) => W;
	readonly design: (wish: W, context: DesignContext) => Design;
	/** The same wish with its length fixed to a number of main rows. */
	readonly withRows: (wish: W, rows: number) => W;
}

/** A recipe whose defaults and design are kept apart from it: what every page needs of it is little. */
export type LightRecipe<W extends Wish = Wish> = Omit<Recipe<W>, 'defaults' | 'design'>;
export type AnyRecipe<W extends Wish = Wish> = LightRecipe<W> &
	Partial<Pick<Recipe<W>, 'defaults' | 'design'>>;
