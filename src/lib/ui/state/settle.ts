import type { Bench, MeasuredResult, Project } from '$lib/core/model/project';
import type { TombleDb } from '$lib/store/db';

interface Kept {
	readonly results: readonly MeasuredResult[];
	readonly projects: readonly Project[];
}

/** Whether a result was weighed or timed before what its plan knows was kept with it. */
const unsettled = (r: MeasuredResult): boolean =>
	(r.tailMetres === null && r.grams !== null) || (r.usualMinutes === null && r.minutes !== null);

/** What the plans of such results know of them: worked out once, away from the page. */
export async function settleResults(db: TombleDb, kept: Kept, bench: Bench): Promise<void> {
	// As it was planned then: nothing of it was learned yet.
	const plain = { ...bench, tests: [], evidence: [] };
	for (const r of kept.results) {
		const project = kept.projects.find((p) => p.id === r.projectId);
		if (!project || !unsettled(r)) continue;
		// Only where there is something to settle: it brings all of planning with it.
		const { planner } = await import('$lib/worker/planner');
		const known = await planner.ask((worker) => worker.asLogged(project, plain, r.rowsKnitted));
		if (known)
			await db.results.update(r.id, {
				usualMinutes: known.usualMinutes,
				tailMetres: r.tailMetres ?? known.tailMetres
			});
	}
}
