import type { FinishedHat } from '../assemble/finished';
import type { TuckedTube } from '../assemble/tucked-tube';
import type { YarnAmount } from '../amounts/yarn';
import type { Gauge } from '../gauge/gauge';
import type { Machine, Swatch, Yarn, YarnTest } from '../model/bench';
import type { Project } from '../model/project';
import type { Fault, YarnRun } from '../simulate/fabric';
import type { FindingBody, Fix, Severity, Where } from './finding';

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
	readonly amounts: readonly YarnAmount[];
	/** Height the maker wants on the head, cm, before any rounding; null where rows or lengths were set. */
	readonly usualHeightCm: number;
}

export interface Judgement {
	readonly body: FindingBody;
	readonly severity: Severity;
	readonly where: Where;
	readonly fix?: Fix;
}

/** A rule reads the facts and speaks, or is silent. */
export type Rule = (facts: Facts) => Judgement | readonly Judgement[] | null;
