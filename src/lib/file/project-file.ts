import * as z from 'zod';
import { benchFrom1, benchFrom2, eventsFrom2, projectFrom1, projectFrom2 } from './upgrade';
import { bench, project, result, runEvent } from '../core/model/project';

/** The one current version of the project file; see docs/file-format.md. */
export const FORMAT = 'tomble-project';
export const VERSION = 4;

/** A project with a snapshot of all it uses, so that it means the same elsewhere. */
export const projectFile = z.object({
	format: z.literal(FORMAT),
	version: z.literal(VERSION),
	project,
	bench,
	events: z.array(runEvent).max(20_000),
	results: z.array(result).max(500)
});
export type ProjectFile = z.infer<typeof projectFile>;

/** Why a file is refused, and where in it. */
export interface Refusal {
	readonly code: 'not-json' | 'foreign' | 'newer' | 'damaged' | 'too-large' | 'empty';
	/** Path in the file, like `project.wish.head`, where one is known. */
	readonly path: string;
	/** What was expected there. */
	readonly expected: string;
}

export type Opened<T> = { ok: true; value: T } | { ok: false; refusal: Refusal };

/** Larger files than this are refused unread, in bytes. */
export const MAX_FILE_BYTES = 20_000_000;

type Migration = (file: Record<string, unknown>) => Record<string, unknown>;

/** From version n to n + 1, by n. Every earlier version stays here, tested. */
const MIGRATIONS: Record<number, Migration> = {
	1: (file) => ({
		...file,
		version: 2,
		bench: benchFrom1(file.bench),
		project:
			typeof file.project === 'object' && file.project !== null
				? projectFrom1(
						file.project as Record<string, unknown>,
						Array.isArray(file.results) && file.results.length > 0
					)
				: file.project
	}),
	2: (file) => ({
		...file,
		version: 3,
		bench: benchFrom2(file.bench),
		project:
			typeof file.project === 'object' && file.project !== null
				? projectFrom2(file.project as Record<string, unknown>)
				: file.project,
		events:
			Array.isArray(file.events) && file.events.every((e) => typeof e === 'object' && e !== null)
				? eventsFrom2(file.events as Record<string, unknown>[])
				: file.events
	}),
	// What there was stays as it was: recipes were added.
	3: (file) => ({ ...file, version: 4 })
};

export const refuse = (code: Refusal['code'], path: string, expected: string) =>
	({ ok: false, refusal: { code, path, expected } }) as const;

/** First problem of a failed validation, as a path and what was expected there. */
export function firstIssue(error: z.ZodError): { path: string; expected: string } {
	const issue = error.issues[0];
	const path = (issue?.path ?? [])
		.map((p) => (typeof p === 'number' ? `[${p}]` : `.${String(p)}`))
		.join('')
		.replace(/^\./, '');
	return { path, expected: issue?.message ?? 'a valid file' };
}

/** Validates an already parsed body as a project file of any known version. */
export function openProject(body: unknown): Opened<ProjectFile> {
	const head = z
		.looseObject({ format: z.literal(FORMAT), version: z.int().min(1) })
		.safeParse(body);
	if (!head.success) return refuse('foreign', 'format', `"${FORMAT}" and a version`);
	if (head.data.version > VERSION)
		return refuse('newer', 'version', `${VERSION} or lower; a newer Tomble wrote this file`);
	let file: Record<string, unknown> = head.data;
	for (let v = head.data.version; v < VERSION; v++) file = MIGRATIONS[v]!(file);
	const parsed = projectFile.safeParse(file);
	if (!parsed.success) {
		const { path, expected } = firstIssue(parsed.error);
		return refuse('damaged', path, expected);
	}
	return { ok: true, value: parsed.data };
}

/** Reads the text of a project file; refused whole, with the reason and the path in it. */
export function readProject(text: string): Opened<ProjectFile> {
	if (text.trim() === '') return refuse('empty', '', 'a project file');
	if (text.length > MAX_FILE_BYTES)
		return refuse('too-large', '', `at most ${MAX_FILE_BYTES} bytes`);
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch {
		return refuse('not-json', '', 'JSON text');
	}
	return openProject(body);
}

export const writeProject = (file: ProjectFile): string => `${JSON.stringify(file, null, '\t')}\n`;

/** The JSON Schema (2020-12) of the current version, as kept in docs. */
export const projectFileSchema = () =>
	z.toJSONSchema(projectFile, { target: 'draft-2020-12', io: 'input' });
