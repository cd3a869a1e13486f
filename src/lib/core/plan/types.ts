import type { Assembly } from '../assembly/assembly';
import type { Joint } from '../assembly/joint';
import type { Size } from '../assembly/size';
import type { Fabric } from '../bench/gauge/fabric';
import type { Gauge } from '../bench/gauge/gauge';
import type { YarnAmount } from '../crank/amount';
import type { PlannedPiece } from '../crank/piece';
import type { Finding } from '../finding/finding';
import type { Machine, Yarn } from '../model/bench';
import type { Figure } from '../quantity/working';
import type { Finished, FinishedOf } from '../recipe/finished';
import type { Assembled } from '../recipe/assembled/form/assembled';
import type { Tool, TableStep } from '../technique/technique';

/** Everything that follows from a project and a bench, the same for all. Plain data: no functions, no typed arrays. */
export interface Plan<F extends Finished = Finished> {
	readonly ok: true;
	readonly projectId: string;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	/** How the fabric of each yarn suits its use. */
	readonly fabrics: readonly Fabric[];
	/** In order of making. */
	readonly pieces: readonly PlannedPiece[];
	readonly assembly: Assembly;
	/** What comes of it, for the picture. */
	readonly finished: F;
	/** What can be measured, the most telling first. */
	readonly sizes: readonly Size[];
	/** Every two edges that come together, and whether they agree. */
	readonly joints: readonly Joint[];
	readonly amounts: readonly YarnAmount[];
	readonly time: Figure;
	readonly byHand: Figure | null;
	/** Of all stuffing; null where there is none. */
	readonly fill: Figure | null;
	/** What to have at hand after the machine. */
	readonly tools: readonly Tool[];
	readonly steps: readonly TableStep[];
	readonly findings: readonly Finding[];
}
export type PlanOf<K extends Finished['kind']> = Plan<FinishedOf<K>>;

/** Folded, side by side, stuffed, hung or wound. */
export type AssembledPlan = Plan<Assembled>;

/** Whether what comes of a plan is of a kind. */
export const comesOut = <K extends Finished['kind']>(plan: Plan, kind: K): plan is PlanOf<K> =>
	plan.finished.kind === kind;

/** A plan that cannot be made, and why. */
export interface NoPlan {
	readonly ok: false;
	/** Its recipe is not loaded yet, or there is none such; something of it is gone from the bench; it is too much to work out. */
	readonly why: 'not-loaded' | 'unknown' | 'gone' | 'too-much' | 'damaged' | 'failed';
	readonly projectId: string;
	readonly findings: readonly Finding[];
}

/** Rows really made, to see what size they give; the rest of the options stands. */
export interface AsKnitted {
	readonly rows: number;
	/** Sizes that were measured, by their ids, cm: it is judged by them. */
	readonly measured?: ReadonlyMap<string, number>;
}
