import type { YarnAmount } from '../crank/amount';
import type { Assembly } from '../assembly/assembly';
import type { FinishedHat } from '../assembly/finished';
import type { FinishedTube } from '../assembly/finished-tube';
import type { Flag } from '../assembly/flag';
import type { TuckedTube } from '../assembly/tucked-tube';
import type { Finding } from '../finding/finding';
import type { Joint } from '../assembly/joint';
import type { Tool, WorkStep } from '../technique/technique';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine, Yarn } from '../model/bench';
import type { Estimate } from '../quantity/estimate';
import type { Figure } from '../quantity/working';
import type { HatFigures } from './figures';
import type { FlagFigures } from './flag-figures';
import type { Thing } from '../thing/thing';
import type { GarmentFigures, GarmentShape } from '../garment/figures';
import type { PlannedPiece } from '../crank/piece';
import type { ThingFigures } from './shape';
import type { TubeFigures } from './tube-figures';

interface PlanBase {
	readonly ok: true;
	readonly projectId: string;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	/** In order of making. */
	readonly pieces: readonly PlannedPiece[];
	readonly assembly: Assembly;
	readonly amounts: readonly YarnAmount[];
	readonly time: Figure;
	/** Every two edges that come together, and whether they agree. */
	readonly joints: readonly Joint[];
	/** What to have at hand after the machine. */
	readonly tools: readonly Tool[];
	readonly steps: readonly WorkStep[];
	readonly findings: readonly Finding[];
}

/** A tube tucked into itself and worn. */
export interface HatPlan extends PlanBase {
	readonly shape: 'hat';
	readonly tucked: TuckedTube;
	readonly hat: FinishedHat;
	readonly figures: HatFigures;
}

/** Flags on a cord. */
export interface FlagsPlan extends PlanBase {
	readonly shape: 'flags';
	readonly flag: Flag;
	readonly figures: FlagFigures;
}

/** A tube that is worn or used as it comes off. */
export interface TubePlan extends PlanBase {
	readonly shape: 'tube';
	readonly tube: FinishedTube;
	readonly figures: TubeFigures;
}

/** Panels and tubes that are sewn together. */
export interface GarmentPlan extends PlanBase {
	readonly shape: 'garment';
	readonly garment: GarmentShape;
	readonly first: { readonly width: Estimate; readonly height: Estimate };
	readonly figures: GarmentFigures;
}

/** Several pieces folded, stuffed, wound or hung. */
export interface ThingPlan extends PlanBase {
	readonly shape: 'thing';
	readonly thing: Thing;
	readonly first: { readonly width: Estimate; readonly height: Estimate };
	readonly figures: ThingFigures;
}

/** Everything that follows from a project and a bench. Plain data: no functions, no typed arrays. */
export type Plan = HatPlan | FlagsPlan | TubePlan | GarmentPlan | ThingPlan;

/** A plan that cannot be made, and why. */
export interface NoPlan {
	readonly ok: false;
	readonly projectId: string;
	readonly findings: readonly Finding[];
}

/** Rows really made, to see what size they give; the rest of the wish stands. */
export interface AsKnitted {
	readonly rows: number;
}
