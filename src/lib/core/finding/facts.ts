import type { FinishedHat } from '../assembly/finished';
import type { RowPlace } from '../assembly/layers';
import type { TuckedTube } from '../assembly/tucked-tube';
import type { YarnAmount } from '../crank/amount';
import type { Joint } from '../assembly/joint';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine, Swatch, Yarn, YarnTest } from '../model/bench';
import type { Project } from '../model/project';
import type { FinishedTube } from '../assembly/finished-tube';
import type { GarmentWish, LinedHatWish, PlainTubeWish, ThingWish } from '../model/wish';
import type { Thing } from '../thing/thing';
import type { PlannedPiece } from '../crank/piece';
import type { GarmentShape } from '../garment/figures';
import type { Estimate } from '../quantity/estimate';
import type { Fault, YarnRun } from '../simulate/fabric';
import type { FindingBody, Fix, Severity, StopCode, Where } from './finding';

/** All that the rules may look at. */
export interface Facts {
	readonly project: Project;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly swatches: readonly Swatch[];
	readonly tests: readonly YarnTest[];
	/** Every yarn of the bench, the project's among them. */
	readonly bench: readonly Yarn[];
	readonly runs: readonly YarnRun[];
	readonly mainRows: number;
	readonly faults: readonly Fault[];
	readonly tucked: TuckedTube | undefined;
	readonly hat: FinishedHat | undefined;
	/** The wish, where it is for a hat. */
	readonly hatWish: LinedHatWish | undefined;
	/** Of a flag: stitches cast on, and the most that would fit with its tip and way. */
	readonly flag: { readonly stitches: number; readonly mostStitches: number } | undefined;
	readonly amounts: readonly YarnAmount[];
	/** Of a garment: the wish, and its pieces and seams. */
	readonly garment: { readonly wish: GarmentWish; readonly shape: GarmentShape } | undefined;
	/** Of several pieces put together. */
	readonly thing: { readonly wish: ThingWish; readonly thing: Thing } | undefined;
	readonly joints: readonly Joint[];
	/** Every piece, on its own machine. */
	readonly pieces: readonly PlannedPiece[];
	/** The wish, where it is for a plain tube; and what that goes round. */
	readonly tubeWish: PlainTubeWish | undefined;
	readonly round: FinishedTube['round'];
	/** Where every row ends up; worked out when a rule asks. */
	readonly places: () => readonly RowPlace[];
	/** The piece as it lies, off the machine, cm. */
	readonly flatLength: Estimate;
	/** Height the maker wants on the head, cm, before any rounding; undefined for what is worn on none. */
	readonly usualHeightCm: number | undefined;
}

export type Judgement = {
	readonly where: Where;
	readonly fix?: Fix;
	/** The other way out. */
	readonly or?: Fix;
} & (
	| {
			readonly severity: 'stop';
			readonly body: Extract<FindingBody, { code: StopCode }>;
	  }
	| { readonly severity: Exclude<Severity, 'stop'>; readonly body: FindingBody }
);

/** A rule reads the facts and speaks, or is silent. */
export type Rule = (facts: Facts) => Judgement | readonly Judgement[] | null;
