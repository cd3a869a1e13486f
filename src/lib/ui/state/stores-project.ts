import type { Project } from '$lib/core/model/project';
import type { TombleDb } from '$lib/store/db';
import { mergeProject } from '$lib/store/store';
import type { Change, Keeper } from './keeper.svelte';
import type { SaveProject } from './project-editor.svelte';

/** Stores what an editor makes of a project: what another tab made of it meanwhile is kept where the two do not meet. */
export const storesProject =
	(db: TombleDb, keeper: Keeper): SaveProject =>
	(base, next, stored, yarns) => {
		let kept = next;
		const changes: Change[] = [
			{ table: 'projects', id: next.id, record: next },
			...yarns.map((y): Change => ({ table: 'yarns', id: y.after.id, record: y.after }))
		];
		void keeper.write(next.name, changes, {
			run: async () => {
				const sound = await import('$lib/store/sound').catch(() => null);
				const reads = (p: Project) => sound?.unsoundness('projects', p) == null;
				kept = await mergeProject(db, { base: base(), next, yarns, reads });
			},
			stored: () => stored(kept)
		});
	};
