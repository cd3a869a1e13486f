import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import * as z from 'zod';
import { order } from '../core/model/order';
import { bench, type Project } from '../core/model/project';
import { recipeFor } from '../core/recipe/registry';
import { writeCsv } from './csv/rfc4180';
import { writeTable } from './csv/tables';
import type { Everything } from './everything';
import { benchFrom1, benchFrom2 } from './upgrade';

import {
	firstIssue,
	MAX_FILE_BYTES,
	readProject,
	refuse,
	VERSION,
	writeProject,
	type Opened,
	type ProjectFile
} from './project-file';

const BENCH_FORMAT = 'tomble-bench';
const benchFile = z.object({ format: z.literal(BENCH_FORMAT), version: z.literal(VERSION), bench });
/** Any known version of the bench in a backup, made into the present one. */
const benchOfAnyVersion = z.preprocess((file) => {
	const old = z.looseObject({ version: z.int().min(1).max(3) }).safeParse(file);
	if (!old.success) return file;
	const { version, bench } = old.data;
	const from2 = version === 1 ? benchFrom1(bench) : bench;
	return { ...old.data, version: VERSION, bench: version < 3 ? benchFrom2(from2) : bench };
}, benchFile);
const ORDERS_FORMAT = 'tomble-orders';
/** Orders came with version 4. */
const ordersFile = z.object({
	format: z.literal(ORDERS_FORMAT),
	version: z.literal(VERSION),
	orders: z.array(order).max(2000)
});
const MAX_UNPACKED = 100_000_000;
const MAX_ENTRIES = 20_000;

/** One project with the part of the bench that it uses. */
export function snapshot(
	all: Everything,
	project: Project,
	named: ReadonlySet<string>
): ProjectFile {
	// A yarn held together is nothing without its parts.
	const parts = all.bench.yarns
		.filter((y) => named.has(y.id))
		.flatMap((y) => y.heldTogether.map((h) => h.yarnId));
	const uses = new Set<string>([...named, ...parts]);
	const on = new Set<string>([
		project.machineId,
		...(recipeFor(project.wish).machines?.(project.wish) ?? [])
	]);
	return {
		format: 'tomble-project',
		version: VERSION,
		project,
		bench: {
			machines: all.bench.machines.filter((m) => on.has(m.id)),
			yarns: all.bench.yarns.filter((y) => uses.has(y.id)),
			swatches: all.bench.swatches.filter((s) => on.has(s.machineId) && uses.has(s.yarnId)),
			tests: all.bench.tests.filter((t) => on.has(t.machineId) && uses.has(t.yarnId)),
			evidence: all.bench.evidence.filter((e) => on.has(e.machineId) && uses.has(e.yarnId))
		},
		events: all.events.filter((e) => e.projectId === project.id),
		results: all.results.filter((r) => r.projectId === project.id)
	};
}

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
			[
				'project',
				'when',
				'rows',
				'tube (cm)',
				'flat width (cm)',
				'weight (g)',
				'time (min)',
				'note'
			],
			all.results.map((r) => [
				all.projects.find((p) => p.id === r.projectId)?.name ?? '',
				r.when,
				r.rowsKnitted,
				r.tubeCm,
				r.flatWidthCm,
				r.grams,
				r.minutes,
				r.note
			])
		)
	};
}

/** A zip of project files, the bench, and CSV tables for reading elsewhere. */
export function writeBackup(
	all: Everything,
	usesOf: (p: Project) => ReadonlySet<string>
): Uint8Array {
	const files: Record<string, string> = {
		'bench.json': `${JSON.stringify({ format: BENCH_FORMAT, version: VERSION, bench: all.bench }, null, '\t')}\n`,
		'orders.json': `${JSON.stringify({ format: ORDERS_FORMAT, version: VERSION, orders: all.orders }, null, '\t')}\n`,
		...tables(all)
	};
	for (const [i, p] of all.projects.entries()) {
		const slug =
			p.name
				.toLowerCase()
				.replace(/[^a-z0-9]+/g, '-')
				.replace(/^-|-$/g, '') || 'project';
		files[`projects/${String(i + 1).padStart(3, '0')}-${slug}.json`] = writeProject(
			snapshot(all, p, usesOf(p))
		);
	}
	return zipSync(Object.fromEntries(Object.entries(files).map(([k, v]) => [k, strToU8(v)])));
}

const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b;

function unpack(bytes: Uint8Array): Opened<Record<string, Uint8Array>> {
	let total = 0;
	let entries = 0;
	let large = false;
	try {
		const files = unzipSync(bytes, {
			filter: (f) => {
				if (!f.name.endsWith('.json')) return false;
				total += f.originalSize;
				entries += 1;
				large ||= total > MAX_UNPACKED || entries > MAX_ENTRIES;
				return !large;
			}
		});
		return large
			? refuse('too-large', '', `at most ${MAX_UNPACKED} bytes unpacked`)
			: { ok: true, value: files };
	} catch {
		return refuse('damaged', '', 'a complete zip file');
	}
}

/** The orders of a backup; a backup of before there were orders has none. */
function ordersIn(bytes: Uint8Array | undefined): Opened<Everything['orders']> {
	if (!bytes) return { ok: true, value: [] };
	let body: unknown;
	try {
		body = JSON.parse(strFromU8(bytes));
	} catch {
		return refuse('not-json', 'orders.json', 'JSON text');
	}
	const parsed = ordersFile.safeParse(body);
	if (parsed.success) return { ok: true, value: parsed.data.orders };
	const { path, expected } = firstIssue(parsed.error);
	return refuse('damaged', `orders.json: ${path}`, expected);
}

function readBackup(bytes: Uint8Array): Opened<Everything> {
	const files = unpack(bytes);
	if (!files.ok) return files;
	const benchBytes = files.value['bench.json'];
	if (!benchBytes) return refuse('foreign', 'bench.json', 'a Tomble backup with its bench');
	let body: unknown;
	try {
		body = JSON.parse(strFromU8(benchBytes));
	} catch {
		return refuse('not-json', 'bench.json', 'JSON text');
	}
	const parsed = benchOfAnyVersion.safeParse(body);
	if (!parsed.success) {
		const { path, expected } = firstIssue(parsed.error);
		return refuse('damaged', `bench.json: ${path}`, expected);
	}
	const ordersRead = ordersIn(files.value['orders.json']);
	if (!ordersRead.ok) return ordersRead;
	const projects: ProjectFile[] = [];
	for (const [path, content] of Object.entries(files.value)) {
		if (!path.startsWith('projects/')) continue;
		const opened = readProject(strFromU8(content));
		if (!opened.ok)
			return refuse(
				opened.refusal.code,
				`${path}: ${opened.refusal.path}`,
				opened.refusal.expected
			);
		projects.push(opened.value);
	}
	return {
		ok: true,
		value: {
			bench: parsed.data.bench,
			projects: projects.map((p) => p.project),
			events: projects.flatMap((p) => p.events),
			results: projects.flatMap((p) => p.results),
			orders: ordersRead.value
		}
	};
}

/** Reads a project file or a backup, whichever it is. All or nothing. */
export function readAny(bytes: Uint8Array): Opened<Everything> {
	if (bytes.length === 0) return refuse('empty', '', 'a project file or a backup');
	if (bytes.length > MAX_FILE_BYTES)
		return refuse('too-large', '', `at most ${MAX_FILE_BYTES} bytes`);
	if (isZip(bytes)) return readBackup(bytes);
	const opened = readProject(strFromU8(bytes));
	if (!opened.ok) return opened;
	const { project, bench, events, results } = opened.value;
	return { ok: true, value: { bench, projects: [project], events, results, orders: [] } };
}
