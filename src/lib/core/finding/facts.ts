import type { RowPlace } from '../assembly/layers';
import type { Joint } from '../assembly/joint';
import type { YarnAmount } from '../crank/amount';
import type { PlannedPiece } from '../crank/piece';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine, Swatch, Yarn, YarnTest } from '../model/bench';
import type { Project } from '../model/project';
import type { Estimate } from '../quantity/estimate';
import type { Fault, YarnRun } from '../simulate/fabric';
import type { FindingBody, Fix, Severity, StopCode, Where } from './finding';

/** All that the rules may look at; what is made and what comes of it are a recipe's own, for its own rules. */
export interface Facts<W = unknown, F = unknown> {
	readonly project: Project;
	readonly wish: W;
	readonly finished: F;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly swatches: readonly Swatch[];
	readonly tests: readonly YarnTest[];
	/** Every yarn of the bench, the project's among them. */
	readonly bench: readonly Yarn[];
	/** Of the first piece. */
	readonly runs: readonly YarnRun[];
	readonly mainRows: number;
	readonly faults: readonly Fault[];
	readonly amounts: readonly YarnAmount[];
	readonly joints: readonly Joint[];
	/** Every piece, on its own machine. */
	readonly pieces: readonly PlannedPiece[];
	/** Where every row ends up; worked out when a rule asks. */
	readonly places: () => readonly RowPlace[];
	/** The first piece as it lies, off the machine, cm. */
	readonly flatLength: Estimate;
	/** Whether its length can be as long as the yarn lasts. */
	readonly byYarn: boolean;
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
export type Rule<W = unknown, F = unknown> = (
	facts: Facts<W, F>
) => Judgement | readonly Judgement[] | null;
