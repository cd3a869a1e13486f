import * as z from 'zod';
import { measuredSize } from '$lib/core/model/project';

/** What is typed into the log's form and not yet added, kept by this browser until it is. */
const draft = z.object({
	when: z.enum(['at-once', 'rested', 'washed', 'on-head']),
	sizes: z.array(measuredSize).max(40),
	grams: z.number().nullable(),
	took: z.number().nullable(),
	knitted: z.number(),
	note: z.string().max(2000),
	next: z.boolean(),
	piece: z.string().max(80).nullable().default(null),
	row: z.number().nullable().default(null)
});
export type Draft = z.infer<typeof draft>;

const key = (projectId: string) => `tomble-log-draft-${projectId}`;

export function readDraft(projectId: string): Draft | null {
	try {
		const kept = draft.safeParse(JSON.parse(localStorage.getItem(key(projectId)) ?? 'null'));
		return kept.success ? kept.data : null;
	} catch {
		return null;
	}
}

/** Null forgets it. Where the browser keeps nothing, it stands in the form alone. */
export function keepDraft(projectId: string, typed: Draft | null): void {
	try {
		if (typed) localStorage.setItem(key(projectId), JSON.stringify(typed));
		else localStorage.removeItem(key(projectId));
	} catch {
		// The form still holds it.
	}
}
