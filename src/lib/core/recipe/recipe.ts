import type * as z from 'zod';
import type { Assembly } from '../assembly/assembly';
import type { Piece } from '../assembly/piece';
import type { Size } from '../assembly/size';
import type { Gauge } from '../bench/gauge/gauge';
import type { Rule } from '../finding/rule';
import type { Bench } from '../model/project';
import type { FabricUse, Machine, MachineId, Yarn, YarnId } from '../model/bench';
import type { Options } from '../model/options';
import type { Excess } from '../program/load';
import type { Change, Found, Measured } from './afterwards';
import type { Finished } from './finished';
import type { Phrase } from './slip';

/** What a recipe makes of its options on a bench: pieces, how they come together, and what comes of it. */
export interface Design<F extends Finished = Finished> {
	/** In order of making. */
	readonly pieces: readonly Piece[];
	readonly assembly: Assembly;
	readonly finished: F;
	/** What can be measured, the most telling first. */
	readonly sizes: readonly Size[];
}

/** Too much to be worked out: it is refused before a piece is knitted. */
export interface TooMuch {
	readonly excess: Excess;
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

/** Machines a thing is usual on, by pins. */
export interface UsualPins {
	readonly least: number;
	readonly most: number;
}

/** A thing that can be made: what it begins with, and its design. No sums, wording or drawing. */
export interface Recipe<W extends Options = Options, F extends Finished = Finished> {
	readonly id: W['recipe'];
	readonly pins?: UsualPins;
	/** What its fabric is for; left out where it may be open. */
	readonly use?: FabricUse;
	/** Its own options, with only what means something to it: ranges, and in their metadata how they are asked for. */
	readonly options: z.ZodObject;
	/** Its order slip: how its options read as one sentence. */
	readonly phrase: Phrase<W>;
	/** Its options with what its family's functions take and it has no use for. */
	readonly whole?: (options: W) => W;
	/** The machine it is begun on: nearest its usual pins, the one with most pins, or the last on the bench. */
	readonly begins: 'nearest' | 'most-pins' | 'last';
	/** Its own waste yarn, whatever is usual with the maker: a hem's first row has to be found again. */
	readonly ownWaste?: boolean;
	/** What it begins with, on a machine; undefined where the bench has no yarn to start with. */
	readonly defaults: (bench: Bench, machine?: Machine) => W | undefined;
	readonly design: (options: W, context: DesignContext) => Design<F> | TooMuch;
	/** The same options with its length fixed to a number of main rows; left out where its rows follow from its measures. */
	readonly withRows?: (options: W, rows: number) => W;
	/** The same options in these yarns; left out where it begins in as many as there are. */
	readonly inYarns?: (options: W, yarns: readonly YarnId[]) => W;
	/** The same options, as long as the yarn on hand lasts; left out where its length is no matter of yarn. */
	readonly byYarn?: (options: W) => W;
	/** Whom or what it is made for, as its tag says it; left out where its sizes say it. */
	readonly madeFor?: (options: W) => { readonly label: string; readonly cm?: number } | null;
	/** A row count was set for the length it promised: that length in its place. Left out where no row count is set. */
	readonly asLength?: (options: W, finished: F) => W;
	/** What came of it with its measured sizes in their places, so that its judgements are of those; left out where none has one. */
	readonly asMeasured?: (finished: F, measured: Measured) => F;
	/** What can be done to one that is finished; left out where that is nothing. */
	readonly afterwards?: (found: Found<W, F>) => readonly Change[];
	/** Judgements that only it can make. */
	readonly rules: readonly Rule<W, F>[];
}
