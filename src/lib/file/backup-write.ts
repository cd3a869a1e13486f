import { entryAt, last } from '../core/quantity/sure';
import { strToU8, zipSync } from 'fflate';
import {
	APART_FORMAT,
	BENCH_FORMAT,
	ORDERS_FORMAT,
	PATTERNS_FORMAT,
	PRACTICE_FORMAT,
	type Apart
} from './backup-format';
import { readAny } from './backup-read';
import { writeCsv } from './csv/rfc4180';
import { writeTable } from './csv/tables';
import type { Everything } from './everything';
import { readProject, VERSION, writeProject } from './project-file';
import { snapshot } from './snapshot';
import { MAX_ENTRIES, MAX_UNPACKED } from './unzip';

function tables(all: Everything): Record<string, string> {
	const { machines } = all.bench;
	return {
		'tables/machines.csv': writeCsv(
			['name', 'pins', 'marker', 'counter', 'once round (cm)', 'clearance (cm)'],
			machines.map((m) => [m.name, m.pins, m.marker, m.counter, m.ringCm, m.clearanceCm])
		),
		'tables/yarns.csv': writeTable('yarns', all.bench),
		'tables/swatches.csv': writeTable('swatches', all.bench),
		'tables/tests.csv': writeTable('tests', all.bench),
		'tables/results.csv': writeCsv(
			['project', 'when', 'rows', 'sizes (cm)', 'weight (g)', 'time (min)', 'note'],
			all.results.map((r) => [
				all.projects.find((p) => p.id === r.projectId)?.name ?? '',
				r.when,
				r.rowsKnitted,
				r.sizes.map((m) => `${m.id} ${m.cm}${m.odd ? ' (odd)' : ''}`).join('; '),
				r.grams,
				r.minutes,
				r.note
			])
		)
	};
}

const slug = (name: string): string =>
	name
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-|-$/g, '') || 'project';

/** Room that is left in a part for its bench, its tables and its orders, bytes. */
const PROJECTS_IN_PART = MAX_UNPACKED / 3;
const json = (value: unknown): string => `${JSON.stringify(value, null, '\t')}\n`;

/** The project files, in as many parts as it takes for each to be opened again. */
function projectParts(all: Everything): Record<string, Uint8Array>[] {
	const parts: Record<string, Uint8Array>[] = [{}];
	let size = 0;
	let files = 0;
	for (const [i, p] of all.projects.entries()) {
		const bytes = strToU8(writeProject(snapshot(all, p)));
		if (files > 0 && (size + bytes.length > PROJECTS_IN_PART || files >= MAX_ENTRIES - 10)) {
			parts.push({});
			size = 0;
			files = 0;
		}
		last(parts)[`projects/${String(i + 1).padStart(3, '0')}-${slug(p.name)}.json`] = bytes;
		size += bytes.length;
		files += 1;
	}
	return parts;
}

/** A backup that would not open again, and what of it would not: it is not handed over. */
export class BackupUnsound extends Error {
	override readonly name = 'BackupUnsound';
}

/**
 * Zips of project files, the bench, CSV tables for reading elsewhere, and what does not read, apart. One zip, but for a store
 * that no single one could hold. Each is read back before it is handed over.
 * @throws {BackupUnsound} where a zip does not open to what went into it.
 */
export function writeBackups(all: Everything, apart: readonly Apart[] = []): Uint8Array[] {
	const shared = {
		'bench.json': json({ format: BENCH_FORMAT, version: VERSION, bench: all.bench })
	};
	const first = {
		'orders.json': json({ format: ORDERS_FORMAT, version: VERSION, orders: all.orders }),
		'patterns.json': json({ format: PATTERNS_FORMAT, version: VERSION, patterns: all.patterns }),
		...(all.practised.length > 0
			? {
					'practice.json': json({
						format: PRACTICE_FORMAT,
						version: VERSION,
						practised: all.practised
					})
				}
			: {}),
		...(apart.length > 0 ? { 'apart.json': json({ format: APART_FORMAT, records: apart }) } : {}),
		...tables(all)
	};
	const packed = (texts: Record<string, string>) =>
		Object.fromEntries(Object.entries(texts).map(([path, text]) => [path, strToU8(text)]));
	const zips = projectParts(all).map((projects, i) =>
		zipSync({ ...packed({ ...shared, ...(i === 0 ? first : {}) }), ...projects })
	);
	const read = {
		projects: 0,
		events: 0,
		results: 0,
		orders: 0,
		patterns: 0,
		practised: 0,
		apart: 0
	};
	for (const zip of zips) {
		const opened = readAny(zip);
		if (!opened.ok) throw new BackupUnsound(opened.refusal.expected);
		const bad = opened.unread[0];
		if (bad) throw new BackupUnsound(`${bad.path}: ${bad.expected}`);
		read.projects += opened.value.projects.length;
		read.events += opened.value.events.length;
		read.results += opened.value.results.length;
		read.orders += opened.value.orders.length;
		read.patterns += opened.value.patterns.length;
		read.practised += opened.value.practised.length;
		read.apart += opened.apart.length;
	}
	const wrote = {
		projects: all.projects.length,
		events: all.events.length,
		results: all.results.length,
		orders: all.orders.length,
		patterns: all.patterns.length,
		practised: all.practised.length,
		apart: apart.length
	};
	const lost = (Object.keys(wrote) as (keyof typeof wrote)[]).find((k) => read[k] !== wrote[k]);
	if (lost) throw new BackupUnsound(`${wrote[lost]} ${lost}; ${read[lost]} read back`);
	return zips;
}

/** A backup in one zip. */
export const writeBackup = (all: Everything, apart: readonly Apart[] = []): Uint8Array =>
	entryAt(writeBackups(all, apart), 0);

/**
 * One project with what it uses, as text that opens again.
 * @throws {BackupUnsound} where it does not: a run of more events than a file takes.
 */
export function writeOne(all: Everything, projectId: string): string {
	const found = all.projects.find((p) => p.id === projectId);
	if (!found) throw new BackupUnsound('the project is not in the store any more');
	const text = writeProject(snapshot(all, found));
	const opened = readProject(text);
	if (!opened.ok) throw new BackupUnsound(`${opened.refusal.path}: ${opened.refusal.expected}`);
	return text;
}
