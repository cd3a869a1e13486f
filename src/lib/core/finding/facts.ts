import type { RowPlace } from '../assembly/layers';
import type { Assembly } from '../assembly/assembly';
import type { Joint } from '../assembly/joint';
import type { YarnAmount } from '../crank/amount';
import type { PlannedPiece } from '../crank/piece';
import type { Fabric } from '../bench/gauge/fabric';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine, Swatch, Yarn, YarnTest } from '../model/bench';
import type { Project } from '../model/project';
import type { Estimate } from '../quantity/estimate';
import type { Fault, YarnRun } from '../simulate/fabric';
import type { TableFault } from '../table/hands';
import type { FindingBody, Severity, StopCode, Where } from './finding';
import type { Fix } from './fix';

/** All that the rules may look at; what is made and what comes of it are a recipe's own, for its own rules. */
export interface Facts<W = unknown, F = unknown> {
	readonly project: Project;
	readonly options: W;
	readonly finished: F;
	readonly machine: Machine;
	/** Those that the options name, with their gauges and fabrics. */
	readonly yarns: readonly Yarn[];
	/** What only hands work in beside them: it comes after them in the plan. */
	readonly byHand: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly fabrics: readonly Fabric[];
	readonly swatches: readonly Swatch[];
	readonly tests: readonly YarnTest[];
	/** Every yarn of the bench, the project's among them. */
	readonly bench: readonly Yarn[];
	/** Of the first piece. */
	readonly runs: readonly YarnRun[];
	readonly mainRows: number;
	readonly faults: readonly Fault[];
	/** What the hands cannot do with what comes off the machine. */
	readonly undone: readonly TableFault[];
	readonly amounts: readonly YarnAmount[];
	readonly joints: readonly Joint[];
	readonly assembly: Assembly;
	/** Every piece, on its own machine. */
	readonly pieces: readonly PlannedPiece[];
	/** Where every row ends up; worked out when a rule asks. */
	readonly places: () => readonly RowPlace[];
	/** The first piece as it lies, off the machine, cm. */
	readonly flatLength: Estimate;
	/** The same options with so many main rows; null where the rows follow from other measures. */
	readonly withRows: (rows: number) => W | null;
	/** The same options, as long as the yarn on hand lasts; null where the length is no matter of yarn. */
	readonly byYarn: () => W | null;
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
