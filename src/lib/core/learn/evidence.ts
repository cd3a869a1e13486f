import type { Evidence, MeasuredResult, Project } from '../model/project';
import type { Machine, Yarn } from '../model/bench';
import { metresPerGram } from '../bench/yarn/tex';

const STATE = { 'at-once': 'fresh', rested: 'rested', washed: 'washed', 'on-head': null } as const;

export interface Finished {
	readonly project: Project;
	readonly results: readonly MeasuredResult[];
	readonly machine: Machine;
	/** The project's main yarn. */
	readonly yarn: Yarn;
	/** True where every row was knitted with yarns of that one kind, so that the weight speaks of it. */
	readonly oneYarn: boolean;
}

/**
 * What a finished piece teaches about its machine and yarn: one evidence a look, on-head looks apart
 * (a stretched measure says nothing about the relaxed gauge).
 */
export function evidenceFrom(finished: Finished): Evidence[] {
	const { project, results, machine, yarn } = finished;
	return results.flatMap((r) => {
		const state = STATE[r.when];
		if (state === null) return [];
		const stitches = r.rowsKnitted * machine.pins;
		// What is in its tails weighs and makes no stitches: unknown, the weight says nothing.
		const metres =
			r.grams === null || r.tailMetres === null
				? null
				: r.grams * metresPerGram(yarn) - r.tailMetres;
		const loopCm =
			metres !== null && metres > 0 && finished.oneYarn ? (metres * 100) / stitches : null;
		if (r.tubeCm === null && r.flatWidthCm === null && loopCm === null && r.minutes === null)
			return [];
		return [
			{
				resultId: r.id,
				projectId: project.id,
				projectName: project.name,
				machineId: machine.id,
				yarnId: yarn.id,
				strands: yarn.strands,
				state,
				pins: machine.pins,
				rows: r.rowsKnitted,
				tubeCm: r.tubeCm,
				flatWidthCm: r.flatWidthCm,
				loopCm,
				minutes: r.minutes,
				usualMinutes: r.usualMinutes && r.usualMinutes > 0 ? r.usualMinutes : null
			}
		];
	});
}
