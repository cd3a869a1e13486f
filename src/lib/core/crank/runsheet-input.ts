import type { Feed } from '../bench/machine/slot';
import type { Machine } from '../model/bench';
import type { YarnRun } from '../simulate/fabric';
import type { CastOn } from './events';
import type { RowByRow } from './row-by-row';
import type { GatherStrand, Tail } from './tails';

/** What a run sheet is made from. */
export interface RunSheetInput {
	/** Runs of the whole fabric, waste included. */
	readonly runs: readonly YarnRun[];
	readonly machine: Machine;
	readonly rowsPerCm: number;
	readonly joinTails: 'tie' | 'weave';
	readonly castOn: CastOn;
	readonly holder?: number;
	readonly takeOff: 'needle' | 'crank';
	/** What the last loops are threaded with, where not with their own tail. */
	readonly thread: GatherStrand | null;
	/** Loops on the pins at the end. */
	readonly loopsLeft: number;
	/** How each yarn is fed on this machine. */
	readonly feeds: readonly Feed[];
	readonly tails: readonly Tail[];
	readonly rowByRow: RowByRow;
	/** Main rows after which an edge is marked. */
	readonly marks?: readonly number[];
	/** Main rows at which a yarn runs out. */
	readonly runsOut: readonly { yarn: number; mainRow: number; ball: number | null }[];
}
