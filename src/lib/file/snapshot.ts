import type { Project } from '../core/model/project';
import { machinesOf, yarnsOfProject } from '../core/recipe/uses';
import type { Everything } from './everything';
import { VERSION, type ProjectFile } from './project-file';

/** One project with the part of the bench that it uses. */
export function snapshot(all: Everything, project: Project): ProjectFile {
	const named = new Set<string>(yarnsOfProject(project));
	// A yarn held together is nothing without its parts.
	const parts = all.bench.yarns
		.filter((y) => named.has(y.id))
		.flatMap((y) => y.heldTogether.map((h) => h.yarnId));
	const uses = new Set<string>([...named, ...parts]);
	const on = new Set<string>([project.machineId, ...machinesOf(project.options)]);
	return {
		format: 'tomble-project',
		version: VERSION,
		project,
		bench: {
			machines: all.bench.machines.filter((m) => on.has(m.id)),
			yarns: all.bench.yarns.filter((y) => uses.has(y.id)),
			swatches: all.bench.swatches.filter((s) => on.has(s.machineId) && uses.has(s.yarnId)),
			tests: all.bench.tests.filter((t) => on.has(t.machineId) && uses.has(t.yarnId)),
			evidence: all.bench.evidence.filter((e) =>
				e.on.some((x) => on.has(x.machineId) && uses.has(x.yarnId))
			)
		},
		events: all.events.filter((e) => e.projectId === project.id),
		results: all.results.filter((r) => r.projectId === project.id)
	};
}
