import { strToU8 } from 'fflate';
import * as z from 'zod';
import { machine, swatch, yarn, yarnTest } from '../core/model/bench';
import { options } from '../core/model/any-options';
import { schemaOf } from '../core/model/options';
import { RECIPES } from '../core/recipe';
import { parseJson } from './bounded';
import { readList, type Unread } from './lists';
import { refuse, type Refusal } from './refusal';
import {
	benchFrom1,
	benchFrom2,
	benchFrom7,
	benchFrom8,
	eventsFrom2,
	eventsFrom4,
	projectFrom1,
	projectFrom2,
	projectFrom4,
	projectFrom5,
	projectFrom7,
	resultFrom4,
	resultsFrom7
} from './upgrade';
import { resultsFrom9, benchFrom9 } from './upgrade-9';
import { MOST_EVENTS } from '../core/model/kinds';
import {
	bench as benchSchema,
	evidence,
	project,
	result,
	runEvent,
	type Bench
} from '../core/model/project';
import { firstIssue } from './issue';
import { knownProject } from './known-project';

/** The one current version of the project file; see docs/file-format.md. */
export const FORMAT = 'tomble-project';
export const VERSION = 13;

/** A project with a snapshot of all it uses, so that it means the same elsewhere. */
export const projectFile = z.object({
	format: z.literal(FORMAT),
	version: z.literal(VERSION),
	project,
	bench: benchSchema,
	events: z.array(runEvent).max(MOST_EVENTS),
	results: z.array(result).max(500)
});
export type ProjectFile = z.infer<typeof projectFile>;

export type { Opened, Refusal } from './refusal';

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
	3: (file) => ({ ...file, version: 4 }),
	4: (file) => {
		const { project: of, events, results } = file;
		if (typeof of !== 'object' || of === null) return { ...file, version: 5 };
		const begun = [events, results].some((x) => Array.isArray(x) && x.length > 0);
		const { wish } = of as { wish?: unknown };
		return {
			...file,
			version: 5,
			project: projectFrom4(of as Record<string, unknown>, begun),
			events:
				Array.isArray(events) && events.every((e) => typeof e === 'object' && e !== null)
					? eventsFrom4(events as Record<string, unknown>[])
					: events,
			results: Array.isArray(results)
				? (results as unknown[]).map((r) =>
						typeof r === 'object' && r !== null
							? resultFrom4(r as Record<string, unknown>, wish)
							: r
					)
				: results
		};
	},
	5: (file) => ({
		...file,
		version: 6,
		project:
			typeof file.project === 'object' && file.project !== null
				? projectFrom5(file.project as Record<string, unknown>)
				: file.project
	}),
	// What really happens at the crank, typed pieces and measures of a shrug were added, and nothing changed in what there was: the
	// number keeps an older Tomble, which would not know them, from opening them.
	6: (file) => ({ ...file, version: 7 }),
	7: (file) => ({
		...file,
		version: 8,
		bench: benchFrom7(file.bench),
		project:
			typeof file.project === 'object' && file.project !== null
				? projectFrom7(file.project as Record<string, unknown>)
				: file.project,
		results: resultsFrom7(file.results)
	}),
	8: (file) => ({ ...file, version: 9, bench: benchFrom8(file.bench) }),
	9: (file) => ({
		...file,
		version: 10,
		bench: benchFrom9(file.bench),
		results: resultsFrom9(file.results, file.project)
	}),
	// How yarn was fed, time by kind of work, what a note speaks of and what a thing was made after were added: see 6.
	10: (file) => ({ ...file, version: 11 }),
	// Written patterns, with the pieces taken from them, were added: see 6.
	11: (file) => ({ ...file, version: 12 }),
	// What was practised was added, in a file of its own in a backup: see 6.
	12: (file) => ({ ...file, version: 13 })
};

/** A project file, and what of it does not read where that is allowed. */
export type OpenedProject =
	| { readonly ok: true; readonly value: ProjectFile; readonly unread: readonly Unread[] }
	| { readonly ok: false; readonly refusal: Refusal };

interface How {
	/** Within a backup: its bench stands elsewhere, and one bad event is one bad event. */
	readonly inBackup?: boolean;
}

const FORMAT_HEAD = z.looseObject({ format: z.literal(FORMAT), version: z.int().min(1) });

/** Lists of a bench, each with the most it holds. */
const BENCH_LISTS = {
	machines: { schema: machine, most: 200, key: 'id' },
	yarns: { schema: yarn, most: 5000, key: 'id' },
	swatches: { schema: swatch, most: 5000, key: 'id' },
	tests: { schema: yarnTest, most: 5000, key: 'id' },
	evidence: { schema: evidence, most: 5000, key: 'resultId' }
} as const;

/** A bench of the present version, record by record. */
export function readBench(
	raw: unknown,
	path: string,
	first: boolean
): { bench: Bench; unread: Unread[] } {
	const from = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<string, unknown>;
	const unread: Unread[] = [];
	const list = <T>(name: keyof typeof BENCH_LISTS): T[] => {
		const { schema, most, key } = BENCH_LISTS[name];
		const read = readList(
			first && unread.length > 0 ? [] : from[name],
			{
				schema: schema as unknown as z.ZodType<T>,
				path: `${path}.${name}`,
				most,
				key: key as keyof T & string
			},
			first
		);
		unread.push(...read.unread);
		return read.items;
	};
	return {
		bench: {
			machines: list('machines'),
			yarns: list('yarns'),
			swatches: list('swatches'),
			tests: list('tests'),
			evidence: list('evidence')
		},
		unread
	};
}

const NO_BENCH: Bench = { machines: [], yarns: [], swatches: [], tests: [], evidence: [] };

/** Validates an already parsed body as a project file of any known version, record by record. */
export function openProject(body: unknown, { inBackup = false }: How = {}): OpenedProject {
	const head = FORMAT_HEAD.safeParse(body);
	if (!head.success) return refuse('foreign', 'format', `"${FORMAT}" and a version`);
	if (head.data.version > VERSION)
		return refuse('newer', 'version', `${VERSION} or lower; a newer Tomble wrote this file`);
	let file: Record<string, unknown> = head.data;
	for (let v = head.data.version; v < VERSION; v++) file = MIGRATIONS[v]!(file);
	const own = knownProject.safeParse(file.project);
	if (!own.success) {
		const { path, expected } = firstIssue(own.error);
		return refuse('damaged', path ? `project.${path}` : 'project', expected);
	}
	const unread: Unread[] = [];
	const wrong = () => (inBackup ? undefined : unread[0]);
	const bench = inBackup ? null : readBench(file.bench, 'bench', true);
	unread.push(...(bench?.unread ?? []));
	// A file speaks of its own project, and of no other.
	const itsOwn = ({ projectId }: { readonly projectId: string }) =>
		projectId === own.data.id
			? null
			: { path: 'projectId', expected: `the file’s own project, ${own.data.id}` };
	const events = wrong()
		? null
		: readList(
				file.events,
				{ schema: runEvent, path: 'events', most: MOST_EVENTS, key: 'id', holds: itsOwn },
				!inBackup
			);
	unread.push(...(events?.unread ?? []));
	const results = wrong()
		? null
		: readList(
				file.results,
				{ schema: result, path: 'results', most: 500, key: 'id', holds: itsOwn },
				!inBackup
			);
	unread.push(...(results?.unread ?? []));
	const first = wrong();
	if (first) return refuse('damaged', first.path, first.expected);
	return {
		ok: true,
		value: {
			format: FORMAT,
			version: VERSION,
			project: own.data,
			bench: bench?.bench ?? NO_BENCH,
			events: events?.items ?? [],
			results: results?.items ?? []
		},
		unread
	};
}

/** Reads the bytes of a project file; refused whole, with the reason and the path in it. */
export function readProjectBytes(bytes: Uint8Array, how: How = {}): OpenedProject {
	if (bytes.length > MAX_FILE_BYTES)
		return refuse('too-large', '', `at most ${MAX_FILE_BYTES} bytes`);
	const parsed = parseJson(bytes);
	return parsed.ok ? openProject(parsed.value, how) : parsed;
}

/** Reads the text of a project file; refused whole, with the reason and the path in it. */
export function readProject(text: string): OpenedProject {
	if (text.trim() === '') return refuse('empty', '', 'a project file');
	return readProjectBytes(strToU8(text));
}

export const writeProject = (file: ProjectFile): string => `${JSON.stringify(file, null, '\t')}\n`;

/** The JSON Schema (2020-12) of the current version, as kept in docs; every recipe has to be loaded. */
export const projectFileSchema = () =>
	z.toJSONSchema(projectFile, {
		target: 'draft-2020-12',
		io: 'input',
		// What a file may hold of each recipe, written out.
		override: ({ zodSchema, jsonSchema }) => {
			if (zodSchema !== (options as unknown)) return;
			for (const key of Object.keys(jsonSchema)) Reflect.deleteProperty(jsonSchema, key);
			const known = RECIPES.flatMap(({ id }) => schemaOf(id) ?? []).map((schema) => {
				const one = z.toJSONSchema(schema, { io: 'input' });
				Reflect.deleteProperty(one, '$schema');
				return one;
			});
			Object.assign(jsonSchema, { oneOf: known });
		}
	});
