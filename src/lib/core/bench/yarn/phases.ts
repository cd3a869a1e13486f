import { entryAt } from '../../quantity/sure';
import type { Phase, Yarn } from '../../model/bench';
import { quotient, exact, type Estimate } from '../../quantity/estimate';

export interface PhaseRows {
	readonly phase: Phase;
	/** Rows one phase covers: phase length / (pins x loop length). */
	readonly rows: Estimate;
}

/** Rows that each phase of a long-phase yarn covers, given the metres in a row. */
export const phaseRows = (yarn: Yarn, perRow: Estimate): PhaseRows[] =>
	yarn.phases.map((phase) => ({
		phase,
		// Strands held together come off as many balls at once: the phase is as long in each.
		rows: quotient(exact(phase.metres), perRow)
	}));

/** Consecutive rows of one phase. Rows from 0, half-open; `phase` an index in the yarn's phases. */
export interface PhaseRun {
	readonly phase: number;
	readonly from: number;
	readonly to: number;
}

/**
 * How the phases fall over `rows` rows of tube from the start of the first phase, each row taking its colour from where it
 * begins. Empty for a yarn without phases.
 */
export function phaseRuns(yarn: Yarn, metresInRow: number, rows: number): PhaseRun[] {
	const { phases } = yarn;
	if (phases.length === 0) return [];
	const runs: PhaseRun[] = [];
	let phase = 0;
	let end = entryAt(phases, 0).metres;
	for (let row = 0; row < rows; row++) {
		const at = row * metresInRow;
		while (at >= end - 1e-9) {
			phase = (phase + 1) % phases.length;
			end += entryAt(phases, phase).metres;
		}
		const last = runs.at(-1);
		if (last && last.phase === phase && last.to === row)
			runs[runs.length - 1] = { ...last, to: row + 1 };
		else runs.push({ phase, from: row, to: row + 1 });
	}
	return runs;
}

/** Colours of the yarn that show at all. */
export const phasesShown = (runs: readonly PhaseRun[]): number =>
	new Set(runs.map((r) => r.phase)).size;

/** Where to cut a cake so that each colour comes in pieces of `rows` rows, joined in turn. */
export interface Cut {
	/** Metres from the start of the cake. */
	readonly atMetres: number;
	readonly phase: number;
	/** Whole pieces of the wished rows that this phase gives. */
	readonly pieces: number;
}

/** Pieces of `rows` rows each that every phase gives, and where each phase ends, m from the start of the cake. */
export function divideCake(yarn: Yarn, metresInRow: number, rows: number): Cut[] {
	let at = 0;
	return yarn.phases.map((p, phase) => {
		at += p.metres;
		return { atMetres: at, phase, pieces: Math.floor(p.metres / (rows * metresInRow) + 1e-9) };
	});
}
