import { tailsOf, type Tail } from '../amounts/tails';
import type { YarnAmount } from '../amounts/yarn';
import type { Assembly } from '../assembly/assembly';
import type { Gauge } from '../bench/gauge/gauge';
import { keptOff } from '../bench/machine/ring';
import type { Machine, YarnId } from '../model/bench';
import { isSpare, programRows, RAVEL, WASTE, type Program } from '../program/program';
import { scale } from '../quantity/estimate';
import type { Working } from '../quantity/working';
import type { Piece } from '../recipe/recipe';
import { rowByRowOf, type RowByRow } from './row-by-row';
import { runSheet, sectionRows, type RunSheet, type SectionRow } from './runsheet';
import {
	stitchesByYarn,
	stitchesInRow,
	yarnRuns,
	type Fault,
	type YarnRun
} from '../simulate/fabric';
import { simulate } from '../simulate/simulate';

/** A marker every so many rows where nothing counts them (common practice). */
const MARK_EVERY_ROWS = 20;

export interface PlannedPiece {
	readonly id: string;
	readonly name: string;
	readonly count: number;
	readonly mirrored: boolean;
	readonly program: Program;
	readonly yarns: readonly YarnId[];
	/** The machine it is made on, and the gauge of each yarn there. */
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	/** Main rows by yarn, from 0, waste apart. */
	readonly runs: readonly YarnRun[];
	readonly mainRows: number;
	readonly wasteRows: number;
	/** Yarn in the waste rows, m. */
	readonly wasteMetres: number;
	/** Stitches of the first and of the last row. */
	readonly stitches: { readonly first: number; readonly last: number };
	readonly rowsWorking: Working;
	readonly sectionsWorking: Working;
	readonly sections: readonly SectionRow[];
	readonly sheet: RunSheet;
	/** Row by row: pins in work, which way, what the hands do. */
	readonly rowByRow: RowByRow;
	readonly tails: readonly Tail[];
}

/** A piece as the machine knits it, before the yarn on hand is weighed against it. */
export interface KnittedPiece {
	readonly piece: Piece;
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	readonly runs: readonly YarnRun[];
	readonly wasteStart: boolean;
	readonly stitches: ReadonlyMap<number, number>;
	readonly tails: readonly Tail[];
	/** Share of the pins its first row takes. */
	readonly share: number;
	readonly faults: readonly Fault[];
	readonly planned: (amounts: readonly YarnAmount[]) => PlannedPiece;
}

interface Input {
	readonly piece: Piece;
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	readonly assembly: Assembly;
	readonly joinTails: 'tie' | 'weave';
	/** Held together, of a yarn of the plan. */
	readonly strandsOf: (yarn: number) => number;
}

/** A panel is counted by hand where the machine's counter counts rounds only; long straight stretches are marked as well. */
function marksFor(piece: Piece, machine: Machine, rows: number): readonly number[] {
	if (!piece.marks || machine.counter === 'both') return [];
	const every = Array.from(
		{ length: Math.floor(rows / MARK_EVERY_ROWS) },
		(_, i) => (i + 1) * MARK_EVERY_ROWS
	);
	// What is marked for its own sake stands; a round number beside it is left out.
	const round = every.filter(
		(r) => r < rows && piece.marks!.every((m) => Math.abs(m - r) > MARK_EVERY_ROWS / 4)
	);
	return [...piece.marks, ...round].sort((a, b) => a - b);
}

/** Knits a piece on the simulated machine and reads off it what the run sheet, the sums and the pictures need. */
export function planPiece({
	piece,
	machine,
	gauges,
	assembly,
	joinTails,
	strandsOf
}: Input): KnittedPiece {
	const { program } = piece;
	const keepOff = keptOff(machine);
	const { fabric, faults } = simulate(program, { ...machine, keepOff });
	const allRuns = yarnRuns(fabric);
	const wasteBefore = allRuns.find((r) => !isSpare(r.yarn))?.from ?? 0;
	const runs = allRuns
		.filter((r) => !isSpare(r.yarn))
		.map((r) => ({ ...r, from: r.from - wasteBefore, to: r.to - wasteBefore }));
	const mainRows = runs.at(-1)?.to ?? 0;
	const stitches = stitchesByYarn(fabric);
	const first = fabric.rows > 0 ? stitchesInRow(fabric, 0) : 0;
	const last = fabric.rows > 0 ? stitchesInRow(fabric, fabric.rows - 1) : 0;
	const rowByRow = rowByRowOf(program, machine.pins);
	const start = rowByRow.stretches[0];
	const share = start && start.mode !== 'tube' ? (start.high - start.low + 1) / machine.pins : 1;
	const tails = tailsOf({
		piece: piece.id,
		runs,
		assembly,
		ringCm: machine.ringCm,
		share,
		tip: first > last,
		strandsOf
	});
	const main = gauges[runs[0]?.yarn ?? 0] ?? gauges[0]!;
	const off = program.find((o) => o.op === 'take-off');

	const planned = (amounts: readonly YarnAmount[]): PlannedPiece => {
		const sheet = runSheet({
			runs: allRuns,
			machine,
			rowsPerCm: main.rowsPerCm.mean,
			joinTails,
			castOn: program.find((o) => o.op === 'cast-on')?.method ?? 'weave',
			takeOff: off?.op === 'take-off' ? off.method : 'needle',
			tails,
			rowByRow,
			marks: marksFor(piece, machine, mainRows),
			runsOut: amounts.flatMap((a) =>
				a.runsOutAtRow === null ? [] : [{ yarn: a.yarn, mainRow: a.runsOutAtRow }]
			)
		});
		return {
			id: piece.id,
			name: piece.name,
			count: piece.count,
			mirrored: piece.mirrored,
			program,
			yarns: piece.yarns,
			machine,
			gauges,
			runs,
			mainRows,
			wasteRows: programRows(program) - mainRows,
			wasteMetres: scale(
				main.loopCm,
				((stitches.get(WASTE) ?? 0) + (stitches.get(RAVEL) ?? 0)) / 100
			).mean,
			stitches: { first, last },
			rowsWorking: piece.rowsWorking,
			sectionsWorking: piece.sectionsWorking,
			sections: sectionRows(sheet),
			sheet,
			rowByRow,
			tails
		};
	};
	return {
		piece,
		machine,
		gauges,
		runs,
		wasteStart: wasteBefore > 0,
		stitches,
		tails,
		share,
		faults,
		planned
	};
}
