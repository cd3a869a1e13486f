import { entryAt, last as lastOf } from '../quantity/sure';
import type { YarnAmount } from './amount';
import type { Edge } from '../assembly/assembly';
import type { PieceEdge } from '../assembly/joint';
import type { Piece } from '../assembly/piece';
import type { Gauge } from '../bench/gauge/gauge';
import type { Feed } from '../bench/machine/slot';
import { keptOff } from '../bench/machine/ring';
import type { Machine } from '../model/bench';
import { isSpare, programRows, RAVEL, WASTE } from '../program/program';
import { scale } from '../quantity/estimate';
import { rowByRowOf, type RowByRow } from './row-by-row';
import { runSheet, sectionRows, type RunSheet, type SectionRow } from './runsheet';
import {
	LOOP,
	stitchesByYarn,
	stitchesInRow,
	yarnRuns,
	type Fabric,
	type Fault,
	type YarnRun
} from '../simulate/fabric';
import { simulate } from '../simulate/simulate';
import { shareOf, strandsOfPiece, tailsOfPiece, type TailsInput } from './piece-tails';
import type { GatherStrand, Tail } from './tails';

/** A marker every so many rows where nothing counts them (common practice). */
const MARK_EVERY_ROWS = 20;

/** A piece as the machine knits it: what its work after the machine and its yarn follow from. */
export interface WorkedPiece extends Omit<Piece, 'on' | 'marks' | 'edges'> {
	/** The machine it is made on, and the gauge of each yarn there. */
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	/** The slot and the hand of each yarn there. */
	readonly feeds: readonly Feed[];
	/** Main rows by yarn, from 0, waste apart. */
	readonly runs: readonly YarnRun[];
	readonly mainRows: number;
	readonly wasteRows: number;
	/** Yarn in the waste rows, m. */
	readonly wasteMetres: number;
	/** Stitches of the first and of the last row. */
	readonly stitches: { readonly first: number; readonly last: number };
	/** Stitches made with each yarn, by its place; waste apart. */
	readonly loops: readonly number[];
	/** Whether an end stands on waste. */
	readonly waste: Readonly<Record<Edge, boolean>>;
	/** Its border, stretch by stretch. */
	readonly edges: readonly PieceEdge[];
	/** Row by row: pins in work, which way, what the hands do. */
	readonly rowByRow: RowByRow;
	readonly tails: readonly Tail[];
	/** Strands of another yarn that its ends are drawn up with. */
	readonly strands: readonly GatherStrand[];
}

/** Whether stitches are made with a yarn, by its place: some only gather or sew. */
export const isKnitted = (pieces: readonly Pick<WorkedPiece, 'loops'>[], yarn: number): boolean =>
	pieces.some((p) => (p.loops[yarn] ?? 0) > 0);

/** A piece as the plan has it, with its run sheet. */
export interface PlannedPiece extends WorkedPiece {
	readonly sections: readonly SectionRow[];
	readonly sheet: RunSheet;
}

/** A piece as the machine knits it, before the yarn on hand is weighed against it. */
export interface KnittedPiece {
	readonly piece: WorkedPiece;
	/** Stitches by yarn, waste among them. */
	readonly stitches: ReadonlyMap<number, number>;
	/** Share of the pins its first row takes. */
	readonly share: number;
	readonly faults: readonly Fault[];
	readonly planned: (amounts: readonly YarnAmount[]) => PlannedPiece;
}

/** Where balls end, and where all that is on hand does. */
const endsOfYarn = ({ yarn, runsOutAtRow, ballEnds }: YarnAmount) => [
	...ballEnds
		.filter((row) => row !== runsOutAtRow)
		.map((mainRow, i) => ({ yarn, mainRow, ball: i + 1 })),
	...(runsOutAtRow === null ? [] : [{ yarn, mainRow: runsOutAtRow, ball: null }])
];

interface Input extends TailsInput {
	readonly piece: Piece;
	readonly feeds: readonly Feed[];
	readonly joinTails: 'tie' | 'weave';
}

/** A panel is counted by hand where the machine's counter counts rounds only; long straight stretches are marked as well. */
function marksFor(piece: Piece, machine: Machine, rows: number): readonly number[] {
	const { marks } = piece;
	if (!marks || machine.counter === 'both') return [];
	const every = Array.from(
		{ length: Math.floor(rows / MARK_EVERY_ROWS) },
		(_, i) => (i + 1) * MARK_EVERY_ROWS
	);
	// What is marked for its own sake stands; a round number beside it is left out.
	const round = every.filter(
		(r) => r < rows && marks.every((m) => Math.abs(m - r) > MARK_EVERY_ROWS / 4)
	);
	return [...marks, ...round].sort((a, b) => a - b);
}

/** The border of a piece whose stretches have no names of their own. */
function borderOf(rows: number, first: number, last: number, gauge: Gauge): PieceEdge[] {
	const [across, up] = [gauge.stitchesPerCm.mean, gauge.rowsPerCm.mean];
	const end = (part: Edge, at: 'top' | 'bottom', stitches: number): PieceEdge => ({
		part,
		side: at,
		rows: 0,
		stitches,
		cm: stitches / across
	});
	const along = (at: 'left' | 'right'): PieceEdge => ({
		part: 'side',
		side: at,
		rows,
		stitches: 0,
		cm: rows / up
	});
	return [
		end('cast-on', 'bottom', first),
		end('cast-off', 'top', last),
		along('left'),
		along('right')
	];
}

/** Loops of a row that were chained off or held before anything was knitted on them. */
function goneAfter({ rowStart, state }: Fabric, row: number): number {
	const from = rowStart[row] ?? 0;
	return state
		.subarray(from, rowStart[row + 1])
		.reduce((n, is) => n + Number(is === LOOP.castOff || is === LOOP.held), 0);
}

/** What came off the simulated machine: main rows counted from the first of them. */
function offTheRing({ piece, machine }: Input) {
	const { fabric, faults } = simulate(piece.program, { ...machine, keepOff: keptOff(machine) });
	const allRuns = yarnRuns(fabric);
	const wasteBefore = allRuns.find((r) => !isSpare(r.yarn))?.from ?? 0;
	const runs = allRuns
		.filter((r) => !isSpare(r.yarn))
		.map((r) => ({ ...r, from: r.from - wasteBefore, to: r.to - wasteBefore }));
	const mainRows = runs.at(-1)?.to ?? 0;
	const lastMain = mainRows > 0 ? wasteBefore + mainRows - 1 : fabric.rows - 1;
	const rowByRow = rowByRowOf(piece.program, machine.pins);
	return {
		faults,
		allRuns,
		wasteBefore,
		runs,
		mainRows,
		stitches: stitchesByYarn(fabric),
		first: fabric.rows > 0 ? stitchesInRow(fabric, 0) : 0,
		// Columns latched up beside them end in the last main row, whatever waste stands on it.
		last: fabric.rows > 0 ? stitchesInRow(fabric, lastMain) - goneAfter(fabric, lastMain) : 0,
		rowByRow,
		share: shareOf(rowByRow, machine.pins)
	};
}
/** What is said of a piece: how its edges are shaped, and its pattern's words by counted rows, waste among them. */
const counted = ({ shaped, says }: Piece, waste: number) => ({
	...(shaped && { shaped }),
	...(says && { says: says.map((s) => ({ ...s, row: s.row + waste })) })
});

/** Knits a piece on the simulated machine and reads off it what the run sheet, the sums and the pictures need. */
export function knitPiece(input: Input): KnittedPiece {
	const { piece, machine, gauges, feeds, joinTails } = input;
	const { program } = piece;
	const knitted = offTheRing(input);
	const { faults, allRuns, runs, mainRows, stitches, first, last, rowByRow, share } = knitted;
	const tails = tailsOfPiece(input, knitted);
	const strands = strandsOfPiece(input, knitted);
	const main = gauges[runs[0]?.yarn ?? 0] ?? entryAt(gauges, 0);
	const worked: WorkedPiece = {
		id: piece.id,
		name: piece.name,
		count: piece.count,
		mirrored: piece.mirrored,
		...counted(piece, knitted.wasteBefore),
		program,
		yarns: piece.yarns,
		machine,
		gauges,
		feeds,
		runs,
		mainRows,
		wasteRows: programRows(program) - mainRows,
		wasteMetres: scale(main.loopCm, ((stitches.get(WASTE) ?? 0) + (stitches.get(RAVEL) ?? 0)) / 100)
			.mean,
		stitches: { first, last },
		loops: gauges.map((_, yarn) => stitches.get(yarn) ?? 0),
		waste: {
			'cast-on': isSpare(allRuns[0]?.yarn ?? 0),
			'cast-off': allRuns.length > 1 && isSpare(lastOf(allRuns).yarn)
		},
		edges: piece.edges ?? borderOf(mainRows, first, last, main),
		rowsWorking: piece.rowsWorking,
		sectionsWorking: piece.sectionsWorking,
		rowByRow,
		tails,
		strands
	};
	const off = program.find((o) => o.op === 'take-off');
	const on = program.find((o) => o.op === 'cast-on');
	const planned = (amounts: readonly YarnAmount[]): PlannedPiece => {
		const sheet = runSheet({
			runs: allRuns,
			machine,
			rowsPerCm: main.rowsPerCm.mean,
			joinTails,
			castOn: on?.method ?? 'weave',
			...(on?.holder !== undefined && { holder: on.holder }),
			takeOff: off?.op === 'take-off' ? off.method : 'needle',
			thread: strands.find((x) => x.edge === 'cast-off') ?? null,
			loopsLeft: last,
			feeds,
			tails,
			rowByRow,
			marks: marksFor(piece, machine, mainRows),
			runsOut: amounts.flatMap(endsOfYarn)
		});
		return { ...worked, sections: sectionRows(sheet), sheet };
	};
	return { piece: worked, stitches, share, faults, planned };
}
