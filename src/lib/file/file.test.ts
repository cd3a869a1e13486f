import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { projectArb } from '../../../tests/support/arbitrary';
import { harbour } from '../demo/harbour';
import {
	bench as benchSchema,
	project as projectSchema,
	result,
	runEvent
} from '../core/model/project';
import { plan } from '../core/plan';
import { yarnsOf } from '../core/recipe/uses';
import { order as orderSchema } from '../core/model/order';
import { readAny } from './backup-read';
import { writeBackup, writeOne } from './backup-write';
import { writtenPattern } from '../core/model/written';
import { snapshot } from './snapshot';
import type { Everything } from './everything';
import { writeCsv } from './csv/rfc4180';
import { benchFrom7, benchFrom8 } from './upgrade';
import { problem, readLimited, MAX_BODY_BYTES } from './http';
import { previewImport } from './merge';
import { dequal } from 'dequal/lite';
import {
	openProject,
	projectFileSchema,
	readProject,
	VERSION,
	writeProject,
	type ProjectFile
} from './project-file';

const uses = (p: (typeof harbour.projects)[number]) => new Set<string>(yarnsOf(p.options));
const fileOf = (i = 0): ProjectFile => snapshot(harbour, harbour.projects[i]!);

describe('a project file', () => {
	it('import of an export is the identity', () => {
		fc.assert(
			fc.property(projectArb, ({ project, bench }) => {
				const file: ProjectFile = {
					format: 'tomble-project',
					version: VERSION,
					project,
					bench,
					events: [],
					results: []
				};
				const read = readProject(writeProject(file));
				expect(read).toEqual({ ok: true, value: file, unread: [] });
			}),
			{ seed: 17, numRuns: 60 }
		);
	});

	it('means the same elsewhere: the snapshot alone gives the same plan', () => {
		for (const p of harbour.projects) {
			const all = { ...harbour.bench, yarns: harbour.bench.yarns.filter((y) => uses(p).has(y.id)) };
			const mine = plan(p, { ...all, swatches: all.swatches.filter((s) => uses(p).has(s.yarnId)) });
			expect(plan(p, snapshot(harbour, p).bench)).toEqual(mine);
		}
	});

	const refused = (text: string) => {
		const r = readProject(text);
		return r.ok ? 'taken' : r.refusal;
	};
	const broken = (change: (f: Record<string, unknown>) => void) => {
		const f = JSON.parse(writeProject(fileOf())) as Record<string, unknown>;
		change(f);
		return JSON.stringify(f);
	};

	it.each<[string, string, object]>([
		['an empty file', '  ', { code: 'empty' }],
		['text that is no JSON', '{ half', { code: 'not-json' }],
		[
			'JSON of something else',
			'{"format":"other","version":1}',
			{ code: 'foreign', path: 'format' }
		],
		['a list', '[1,2]', { code: 'foreign' }],
		['a newer version', broken((f) => (f.version = 99)), { code: 'newer', path: 'version' }],
		['a version that never was', broken((f) => (f.version = 0)), { code: 'foreign' }]
	])('%s is refused whole', (_, text, expected) => {
		expect(refused(text)).toMatchObject(expected);
	});

	it('a damaged one is refused with the path in it', () => {
		const text = broken((f) => {
			(f.project as { options: { head: unknown } }).options.head = { kind: 'measured', cm: -3 };
		});
		expect(refused(text)).toMatchObject({ code: 'damaged', path: 'project.options.head.cm' });
		const cut = broken((f) => delete (f.bench as Record<string, unknown>).yarns);
		expect(refused(cut)).toMatchObject({ path: 'bench.yarns' });
		// A gauge no yarn has, such as 400 stitches in 10 cm, does not come in by a file either.
		const absurd = broken((f) => {
			(f.bench as typeof harbour.bench).swatches[0]!.readings[0]!.stitches = {
				count: 400,
				overCm: 10
			};
		});
		expect(refused(absurd)).toMatchObject({
			code: 'damaged',
			path: 'bench.swatches[0].readings[0].stitches',
			expected: 'a gauge from 2 to 80 in 10 cm'
		});
	});

	it('never throws, whatever it is given', () => {
		fc.assert(
			fc.property(fc.json(), (text) => {
				expect(openProject(JSON.parse(text)).ok).toBe(false);
			}),
			{ seed: 18 }
		);
	});

	it('has a JSON Schema of the current version', () => {
		const schema = projectFileSchema() as { $schema: string; required: string[] };
		expect(schema.$schema).toContain('2020-12');
		expect(schema.required).toContain('bench');
	});
});

describe('a backup of everything', () => {
	const bytes = writeBackup(harbour);

	it('comes back as it was', () => {
		const read = readAny(bytes);
		expect(read.ok).toBe(true);
		if (!read.ok) return;
		const sorted = (a: Everything) => ({
			...a,
			events: [...a.events].sort((x, y) => x.id.localeCompare(y.id))
		});
		expect(sorted(read.value)).toEqual(sorted(harbour));
	});

	it.each<[string, Uint8Array, string]>([
		['nothing', new Uint8Array(), 'empty'],
		['a broken zip', bytes.slice(0, 200), 'damaged'],
		['a zip of something else', zipSync({ 'a.json': strToU8('{}') }), 'foreign'],
		['a zip whose bench is no JSON', zipSync({ 'bench.json': strToU8('{') }), 'damaged']
	])('%s is refused whole', (_, content, code) => {
		const r = readAny(content);
		expect(r.ok ? 'taken' : r.refusal.code).toBe(code);
	});
});

describe('preview', () => {
	const empty: Everything = {
		bench: { machines: [], yarns: [], swatches: [], tests: [], evidence: [] },
		orders: [],
		patterns: [],
		practised: [],
		projects: [],
		events: [],
		results: []
	};
	const effects = (mine: Everything, file: Everything) =>
		previewImport(mine, file).changes.map((c) => c.effect);

	it('says new, same or different, and counts events by id', () => {
		expect(new Set(effects(empty, harbour))).toEqual(new Set(['new']));
		expect(new Set(effects(harbour, harbour))).toEqual(new Set(['same']));
		expect(previewImport(harbour, harbour).newEvents).toBe(0);
		const changed = {
			...harbour,
			projects: harbour.projects.map((p, i) => (i === 0 ? { ...p, name: 'Other' } : p))
		};
		expect(effects(harbour, changed).filter((e) => e === 'differs')).toHaveLength(1);
	});

	it('compares data, whatever the order of keys', () => {
		expect(dequal({ a: 1, b: [2] }, { b: [2], a: 1 })).toBe(true);
		expect(dequal({ a: 1 }, { a: 1, b: undefined })).toBe(false);
		expect(dequal([1], { 0: 1 })).toBe(false);
	});
});

describe('CSV by RFC 4180', () => {
	// Reference: the parser of papaparse, a registry library.
	it('reads back with quotes, commas and line breaks inside', () => {
		fc.assert(
			fc.property(fc.array(fc.tuple(fc.string(), fc.string()), { minLength: 1 }), (rows) => {
				const plain = rows.map((r) => r.map((c) => `x${c.replaceAll('\r', '')}`));
				const back = Papa.parse<string[]>(writeCsv(['a', 'b'], plain)).data;
				expect(back).toEqual([['a', 'b'], ...plain]);
			}),
			{ seed: 19 }
		);
	});

	it.each(['=1+1', '+1', '-1', '@x', '\tx'])('never starts a cell with %j', (text) => {
		expect(writeCsv(['a'], [[text]]).split('\r\n')[1]).toMatch(/^"?'/);
	});

	it('ends records with CRLF', () => {
		expect(writeCsv(['a'], [[1], [null]])).toBe('a\r\n1\r\n');
	});
});

describe('server bodies', () => {
	const send = (body: string) => new Request('http://x', { method: 'POST', body });
	it('are read up to the limit and no further', async () => {
		expect(await readLimited(send('hello'))).toBe('hello');
		expect(await readLimited(send('x'.repeat(MAX_BODY_BYTES + 1)))).toBeNull();
		expect(await readLimited(new Request('http://x'))).toBe('');
	});
	// RFC 9457: problem details.
	it('a bad one gets problem details', async () => {
		const r = problem(422, 'damaged', 'why', { path: 'a.b' });
		expect(r.headers.get('content-type')).toBe('application/problem+json');
		expect(await r.json()).toEqual({
			type: 'urn:tomble:problem:damaged',
			title: 'damaged',
			status: 422,
			detail: 'why',
			path: 'a.b'
		});
	});
});

describe('the lantern fair', () => {
	it('has two machines, a bench full of swatches and tests, projects at different stages and an order, all valid', () => {
		expect(harbour.bench.machines).toHaveLength(2);
		expect(harbour.bench.swatches).toHaveLength(15);
		expect(harbour.projects).toHaveLength(24);
		expect(benchSchema.safeParse(harbour.bench).error).toBeUndefined();
		for (const p of harbour.projects) expect(projectSchema.safeParse(p).error).toBeUndefined();
		for (const e of harbour.events) expect(runEvent.safeParse(e).error).toBeUndefined();
		for (const o of harbour.orders) {
			expect(orderSchema.safeParse(o).error).toBeUndefined();
			for (const l of o.lines)
				expect(harbour.projects.some((p) => p.id === l.projectId)).toBe(true);
		}
		for (const p of harbour.patterns) expect(writtenPattern.safeParse(p).error).toBeUndefined();
		for (const r of harbour.results) expect(result.safeParse(r).error).toBeUndefined();
		expect(new Set(harbour.events.map((e) => e.id)).size).toBe(harbour.events.length);
	});
	it('goes out and comes in with its written patterns, and a project keeps the one it was taken from', () => {
		const [pattern] = harbour.patterns;
		const [first, ...rest] = harbour.projects;
		const all = { ...harbour, projects: [{ ...first!, pattern: pattern! }, ...rest] };
		const opened = readAny(writeBackup(all));
		expect(opened.ok && opened.value.patterns).toEqual(harbour.patterns);
		const one = readAny(strToU8(writeOne(all, first!.id)));
		expect(one.ok && one.value.projects[0]!.pattern).toEqual(pattern);
	});
	it('every project plans', () => {
		for (const p of harbour.projects) expect(plan(p, harbour.bench).ok).toBe(true);
	});
});

describe('a backup with something bad in it', () => {
	it('opens without the project that does not read, and names it', () => {
		const opened = readAny(
			zipSync({
				'bench.json': strToU8(
					JSON.stringify({ format: 'tomble-bench', version: 1, bench: harbour.bench })
				),
				'projects/001-net-bag.json': strToU8('{}')
			})
		);
		expect(opened).toMatchObject({
			ok: true,
			unread: [{ name: 'net-bag', path: 'projects/001-net-bag.json: format' }]
		});
	});

	it('whose bench does not read opens with what its projects carry along', () => {
		const zip = { ...unzipSync(writeBackup(harbour)), 'bench.json': strToU8('{') };
		const opened = readAny(zipSync(zip));
		if (!opened.ok) throw new Error(opened.refusal.code);
		expect(opened.unread).toMatchObject([{ path: 'bench.json' }]);
		expect(opened.value.projects).toHaveLength(harbour.projects.length);
		for (const p of opened.value.projects) expect(plan(p, opened.value.bench).ok).toBe(true);
	});

	it('of a newer version is refused as such', () => {
		const bench = { format: 'tomble-bench', version: VERSION + 1, bench: harbour.bench };
		const opened = readAny(zipSync({ 'bench.json': strToU8(JSON.stringify(bench)) }));
		expect(opened.ok ? '' : opened.refusal.code).toBe('newer');
	});

	it('opens without the written pattern that does not read; the others are as they were', () => {
		const good = harbour.patterns[0]!;
		const bad = { ...good, id: 'bad', corrections: [{ words: '', nth: -1, says: 3 }] };
		const patterns = { format: 'tomble-patterns', version: VERSION, patterns: [bad, good] };
		const opened = readAny(
			zipSync({
				...unzipSync(writeBackup(harbour)),
				'patterns.json': strToU8(JSON.stringify(patterns))
			})
		);
		expect(opened.ok && opened.value.patterns).toEqual([good]);
		expect(opened.ok && opened.unread).toMatchObject([
			{ path: 'patterns.json: patterns[0].corrections[0].words', name: bad.name }
		]);
	});

	it('opens without the order that does not read, and says where it fails', () => {
		const good = harbour.orders[0]!;
		const bad = { ...good, id: 'bad', lines: [{ projectId: 'x', count: 0, made: 0 }] };
		const orders = { format: 'tomble-orders', version: VERSION, orders: [bad, good] };
		const opened = readAny(
			zipSync({
				...unzipSync(writeBackup(harbour)),
				'orders.json': strToU8(JSON.stringify(orders))
			})
		);
		expect(opened.ok && opened.value.orders).toEqual([good]);
		expect(opened.ok && opened.unread).toMatchObject([
			{ path: 'orders.json: orders[0].lines[0].count', name: bad.name }
		]);
	});
});

describe('files of earlier versions', () => {
	const old = (name: string) => readFileSync(`tests/fixtures/${name}`);

	it('a project file opens, with what version 1 did not know at its usual', () => {
		const opened = readProject(old('project-v1.json').toString());
		if (!opened.ok) throw new Error(opened.refusal.path);
		const { project, bench } = opened.value;
		expect(opened.value.version).toBe(VERSION);
		// It was measured, so it is made and holds no yarn back.
		expect(project).toMatchObject({ name: 'Harbour master', holdsYarn: false, used: null });
		expect(bench.yarns[0]).toMatchObject({ surface: 'smooth', stretch: 'stretchy', phases: [] });
		expect(bench.swatches[0]!.loops).toEqual([]);
		expect(bench.tests).toEqual([]);
		expect(plan(project, bench).ok).toBe(true);
	});

	it('a backup opens, bench and projects', () => {
		const opened = readAny(new Uint8Array(old('backup-v1.zip')));
		if (!opened.ok) throw new Error(opened.refusal.path);
		const { bench, projects } = opened.value;
		const yarn = (id: string) => bench.yarns.find((y) => y.id === id);
		expect(yarn('gd-fog')).toMatchObject({ surface: 'fuzzy', strength: 'weak' });
		expect(yarn('qc-rope')).toMatchObject({ stretch: 'little' });
		expect(projects.map((p) => p.holdsYarn)).toEqual([false, true]);
	});

	it('one of version 2 opens too, its machine as most turn', () => {
		const opened = readProject(old('project-v2.json').toString());
		if (!opened.ok) throw new Error(opened.refusal.path);
		const { project, bench, events, version } = opened.value;
		expect(version).toBe(VERSION);
		expect(bench.machines[0]).toMatchObject({
			turns: 'clockwise',
			tripPin: null,
			handPanels: 'keep-off',
			edgeRule: 'under-bar'
		});
		expect(events.filter((e) => e.type === 'row')).toHaveLength(51);
		expect(plan(project, bench).ok).toBe(true);
		const backup = readAny(new Uint8Array(old('backup-v2.zip')));
		if (!backup.ok) throw new Error(backup.refusal.path);
		expect(backup.value.bench.machines.map((m) => m.turns)).toEqual(['clockwise', 'clockwise']);
		expect(backup.value.projects).toHaveLength(2);
	});

	it('one of version 3 opens too, with all it held', () => {
		const text = old('project-v3.json').toString();
		const opened = readProject(text);
		if (!opened.ok) throw new Error(opened.refusal.path);
		const { version, ...kept } = opened.value;
		expect(version).toBe(VERSION);
		const { options: wish, ...project } = kept.project;
		const was = JSON.parse(text) as Record<string, unknown>;
		const bench = benchFrom8(benchFrom7(was.bench));
		expect({ ...kept, version: 3, project: { ...project, wish } }).toEqual({ ...was, bench });
		expect(plan(kept.project, kept.bench).ok).toBe(true);
		const backup = readAny(new Uint8Array(old('backup-v3.zip')));
		if (!backup.ok) throw new Error(backup.refusal.path);
		expect(backup.value.projects).toHaveLength(13);
		// There were no orders yet.
		expect(backup.value.orders).toEqual([]);
	});

	it('a damaged one is refused with its path, not by a broken migration', () => {
		const file = JSON.parse(old('project-v1.json').toString()) as Record<string, unknown>;
		for (const broken of [{ bench: 7 }, { bench: { yarns: 'x' } }, { project: null }]) {
			const opened = openProject({ ...file, ...broken });
			expect(opened.ok ? '' : opened.refusal.code).toBe('damaged');
		}
	});
});

describe('what was expected is said in words', () => {
	it.each<[string, unknown, string]>([
		['project.name', 7, 'project.name: text'],
		['project.createdAt', 'soon', 'project.createdAt: a number'],
		['bench.yarns', {}, 'bench.yarns: a list'],
		['project.options.closing', 'glue', 'project.options.closing: one of “gather”'],
		['project.options.recipe', 'sail', 'project.options.recipe: one of “lined-hat”'],
		['project.name', 'x'.repeat(900), 'project.name: at most'],
		['bench.machines.0.pins', 4.5, 'bench.machines[0].pins: a whole number']
	])('%s', (path, value, said) => {
		const file = structuredClone(fileOf()) as unknown as Record<string, unknown>;
		const keys = path.split('.');
		const host = keys
			.slice(0, -1)
			.reduce<Record<string, unknown>>((v, k) => v[k] as Record<string, unknown>, file);
		host[keys.at(-1)!] = value;
		const opened = openProject(file);
		const words = opened.ok ? 'taken' : `${opened.refusal.path}: ${opened.refusal.expected}`;
		expect(words.slice(0, said.length)).toBe(said);
		expect(words).not.toMatch(/Invalid|Too |expected/);
	});
});
