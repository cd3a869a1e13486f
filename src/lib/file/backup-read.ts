import { order } from '../core/model/order';
import { writtenPattern } from '../core/model/written';
import type { Bench } from '../core/model/project';
import {
	apartFile,
	benchHead,
	benchOfAnyVersion,
	ordersHead,
	patternsHead,
	practiceFile,
	type Apart
} from './backup-format';
import { parseJson } from './bounded';
import type { Everything } from './everything';
import { readList, type Unread } from './lists';
import {
	MAX_FILE_BYTES,
	readBench,
	readProjectBytes,
	VERSION,
	type ProjectFile
} from './project-file';
import { refuse, type Refusal } from './refusal';
import { unpack, type Progress } from './unzip';

const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** What a file holds: all that reads, what does not and where, and the records that travel apart. */
export type OpenedFile =
	| {
			readonly ok: true;
			readonly value: Everything;
			readonly unread: readonly Unread[];
			readonly apart: readonly Apart[];
	  }
	| { readonly ok: false; readonly refusal: Refusal };

interface Found {
	bench: Bench | null;
	readonly projects: ProjectFile[];
	orders: Everything['orders'];
	patterns: Everything['patterns'];
	practised: Everything['practised'];
	readonly apart: Apart[];
	readonly unread: Unread[];
	refused: Refusal | null;
}

const newer = (parsed: unknown): boolean => {
	const version = (parsed as { version?: unknown } | null)?.version;
	return typeof version === 'number' && version > VERSION;
};

const KNOWN = new Set([
	'bench.json',
	'orders.json',
	'patterns.json',
	'practice.json',
	'apart.json'
]);
/** One file of a backup. What does not read is named; only a backup of a newer version is refused. */
function readEntry(found: Found, path: string, content: Uint8Array, withBench: boolean): void {
	const missed = (r: Refusal) =>
		found.unread.push({
			path: r.path ? `${path}: ${r.path}` : path,
			expected: r.expected,
			name: path.replace(/^projects\/\d+-|\.json$/g, '')
		});
	const within = (list: readonly Unread[]) =>
		found.unread.push(...list.map((u) => ({ ...u, path: `${path}: ${u.path}` })));
	if (path.startsWith('projects/')) {
		const opened = readProjectBytes(content, { inBackup: !withBench });
		if (opened.ok) {
			found.projects.push(opened.value);
			within(opened.unread);
		} else missed(opened.refusal);
		return;
	}
	if (!KNOWN.has(path)) return;
	const parsed = parseJson(content);
	if (!parsed.ok) return void missed(parsed.refusal);
	if (newer(parsed.value)) {
		const expected = `${VERSION} or lower; a newer Tomble wrote this file`;
		found.refused ??= refuse('newer', `${path}: version`, expected).refusal;
	} else if (path === 'bench.json') {
		const head = benchHead.safeParse(parsed.value);
		if (!head.success) return void missed(refuse('damaged', '', 'the bench of a backup').refusal);
		const read = readBench(benchOfAnyVersion(head.data), 'bench', false);
		found.bench = read.bench;
		within(read.unread);
	} else if (path === 'orders.json') {
		const head = ordersHead.safeParse(parsed.value);
		if (!head.success) return void missed(refuse('damaged', '', 'the orders of a backup').refusal);
		const list = { schema: order, path: 'orders', most: Infinity, key: 'id' } as const;
		const read = readList(head.data.orders, list, false);
		found.orders = read.items;
		within(read.unread);
	} else if (path === 'patterns.json') {
		const head = patternsHead.safeParse(parsed.value);
		if (!head.success)
			return void missed(refuse('damaged', '', 'the written patterns of a backup').refusal);
		const list = { schema: writtenPattern, path: 'patterns', most: Infinity, key: 'id' } as const;
		const read = readList(head.data.patterns, list, false);
		found.patterns = read.items;
		within(read.unread);
	} else if (path === 'practice.json') {
		const read = practiceFile.safeParse(parsed.value);
		if (read.success) found.practised = read.data.practised;
		else missed(refuse('damaged', '', 'what was practised').refusal);
	} else {
		const read = apartFile.safeParse(parsed.value);
		if (read.success) found.apart.push(...read.data.records);
		else missed(refuse('damaged', '', 'records that travel apart').refusal);
	}
}

/** What reads of a backup is taken, and the rest is named: it is refused only where it is no backup. */
function readBackup(bytes: Uint8Array, progress: Progress, withBench = false): OpenedFile {
	const found: Found = {
		bench: null,
		projects: [],
		orders: [],
		patterns: [],
		practised: [],
		apart: [],
		unread: [],
		refused: null
	};
	const wrong = unpack(
		bytes,
		(path, content) => readEntry(found, path, content, withBench),
		progress
	);
	const refused = wrong ?? found.refused;
	if (refused) return { ok: false, refusal: refused };
	if (!found.bench && !withBench) {
		// Each project carries the machines and yarns that it uses: those are taken in place of a bench that does not read.
		if (found.projects.length > 0) return readBackup(bytes, progress, true);
		const damaged = found.unread.find((u) => u.path.startsWith('bench.json'));
		return damaged
			? refuse('damaged', damaged.path, damaged.expected)
			: refuse('foreign', 'bench.json', 'a Tomble backup with its bench');
	}
	const bench = found.bench ?? benchesOf(found.projects);
	return { ok: true, ...onceEach({ ...found, bench }), apart: found.apart };
}

/** The benches of some project files, made one. */
function benchesOf(files: readonly ProjectFile[]): Bench {
	const listed = <T extends object>(list: (b: Bench) => readonly T[], key: keyof T): T[] => [
		...new Map(files.flatMap((f) => list(f.bench)).map((x) => [x[key], x])).values()
	];
	return {
		machines: listed((b) => b.machines, 'id'),
		yarns: listed((b) => b.yarns, 'id'),
		swatches: listed((b) => b.swatches, 'id'),
		tests: listed((b) => b.tests, 'id'),
		evidence: listed((b) => b.evidence, 'resultId')
	};
}

/** One project, and one event, of an id: what stands in two files of a backup is named and left out the second time. */
function onceEach({
	bench,
	projects: files,
	orders,
	patterns,
	practised,
	unread
}: {
	readonly bench: Bench;
	readonly projects: readonly ProjectFile[];
	readonly orders: Everything['orders'];
	readonly patterns: Everything['patterns'];
	readonly practised: Everything['practised'];
	readonly unread: readonly Unread[];
}): { value: Everything; unread: Unread[] } {
	const named = [...unread];
	const once = <T extends { readonly id: string }>(list: readonly T[], what: string): T[] => {
		const seen = new Set<string>();
		return list.filter((x) => {
			if (!seen.has(x.id)) return seen.add(x.id);
			const expected = `an id of its own: “${x.id}” is used twice`;
			named.push({ path: what, expected, name: x.id });
			return false;
		});
	};
	const projects = once(
		files.map((f) => f.project),
		'projects'
	);
	const value = {
		bench,
		projects,
		events: once(
			files.flatMap((f) => f.events),
			'events'
		),
		results: once(
			files.flatMap((f) => f.results),
			'results'
		),
		orders,
		patterns,
		practised
	};
	return { value, unread: named };
}

/** Reads a project file or a backup, whichever it is. A project file is taken whole or not at all. */
export function readAny(bytes: Uint8Array, progress: Progress = () => undefined): OpenedFile {
	if (bytes.length === 0) return refuse('empty', '', 'a project file or a backup');
	if (bytes.length > MAX_FILE_BYTES)
		return refuse('too-large', '', `at most ${MAX_FILE_BYTES} bytes`);
	if (isZip(bytes)) return readBackup(bytes, progress);
	const opened = readProjectBytes(bytes);
	if (!opened.ok) return opened;
	const { project, bench, events, results } = opened.value;
	return {
		ok: true,
		value: { bench, projects: [project], events, results, orders: [], patterns: [], practised: [] },
		unread: [],
		apart: []
	};
}
