import type { Bench, MeasuredResult, Project } from '$lib/core/model/project';
import type { TombleDb } from '$lib/store/db';
import { planner } from '$lib/worker/planner';

interface Kept {
	readonly results: readonly MeasuredResult[];
	readonly projects: readonly Project[];
}

/** Results that were weighed before their tails were kept with them: worked out once, away from the page. */
export async function settleTails(db: TombleDb, kept: Kept, bench: Bench): Promise<void> {
	// As it was planned then: nothing of it was learned yet.
	const plain = { ...bench, tests: [], evidence: [] };
	for (const r of kept.results) {
		const project = kept.projects.find((p) => p.id === r.projectId);
		if (r.tailMetres !== null || r.grams === null || !project) continue;
		const tailMetres = await planner.ask((worker) => worker.tails(project, plain));
		if (tailMetres !== null) await db.results.update(r.id, { tailMetres });
	}
}
