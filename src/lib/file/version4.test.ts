import 'fake-indexeddb/auto';
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { allFedAlike } from '../../../tests/support/as-it-stood';
import { oldStore } from '../../../tests/support/old-store';
import { progressOf } from '../core/crank/makes';
import { foldRun } from '../core/crank/run';
import { plan } from '../core/plan';
import { RECIPES, recipeOf } from '../core/recipe';
import { harbour } from '../demo/harbour';
import { TombleDb } from '../store/db';
import { readEverything, writeImport } from '../store/transfer';
import { readAny } from './backup-read';
import type { Everything } from './everything';
import { knownProject } from './known-project';
import { eventsFrom4, projectFrom4, resultFrom4 } from './upgrade';

/** What version 4 wrote, frozen: runs half cranked, a table half done, findings accepted, a file back from a phone. */
const FOLDER = 'tests/fixtures/v4/';
const bytes = (name: string) => new Uint8Array(readFileSync(FOLDER + name));
const opened = (name: string): Everything => {
	const read = readAny(bytes(name));
	if (!read.ok) throw new Error(`${name}: ${read.refusal.path} ${read.refusal.expected}`);
	return read.value;
};

interface AsItWas {
	readonly project: string;
	readonly piece: string;
	readonly done: number;
	readonly next: { readonly kind: string; readonly after: number } | null;
	readonly ticks: readonly string[];
	readonly quiet: readonly string[];
}
const asItWas = JSON.parse(readFileSync(`${FOLDER}expected.json`, 'utf8')) as AsItWas[];

/** What the plan asks of the hands; the rhythm of rolling up and the like may change its ways. */
const ACTS = new Set(['join', 'hands', 'take-off']);

/** Where the maker is in a project, as far as a version must not move it. */
function whereIs(all: Everything, id: string): Omit<AsItWas, 'project'> {
	const project = all.projects.find((p) => p.id === id)!;
	const made = plan(project, allFedAlike(all.bench));
	if (!made.ok) throw new Error(`${id} has no plan`);
	const events = all.events.filter((e) => e.projectId === id);
	const { makes, current } = progressOf(made.pieces, events);
	const { make, run } = makes[current]!;
	const next = make.piece.sheet.events.find((e) => ACTS.has(e.kind) && e.after > run.done);
	const { steps } = foldRun(events);
	return {
		piece: make.key,
		done: run.done,
		next: next ? { kind: next.kind, after: next.after } : null,
		ticks: [...steps].filter((s) => made.steps.some((x) => x.id === s)),
		quiet: made.findings.filter((f) => f.accepted).map((f) => f.code)
	};
}

const { tables } = JSON.parse(readFileSync(`${FOLDER}store.json`, 'utf8')) as {
	tables: Record<string, object[]>;
};
const storeOf4 = (name: string) => oldStore(name, 4, tables);

describe('what version 4 wrote', () => {
	it('every file opens, and every project in it has a plan', () => {
		const names = readdirSync(FOLDER).filter((n) => n.endsWith('.tomble.json'));
		expect(names).toHaveLength(8);
		for (const name of [...names, 'backup.zip']) {
			const { projects, bench } = opened(name);
			for (const p of projects) expect(plan(p, bench).ok, `${name}: ${p.name}`).toBe(true);
		}
	});

	it.each(asItWas)('$project stands where it stood: in a backup', ({ project, ...was }) => {
		expect(whereIs(opened('backup.zip'), project)).toEqual(was);
	});

	it('and in the store', async () => {
		await storeOf4('version-4');
		const db = new TombleDb('version-4');
		const all = await readEverything(db);
		for (const { project, ...was } of asItWas) expect(whereIs(all, project)).toEqual(was);
		expect(all.orders).toHaveLength(1);
		expect(all.results).toHaveLength(3);
		await db.delete();
	});

	it('rows counted on a phone come in once, and once only', async () => {
		await storeOf4('version-4-phone');
		const db = new TombleDb('version-4-phone');
		const rows = async () => {
			const { events } = await readEverything(db);
			return foldRun(
				events.filter((e) => e.projectId === 'project-vest'),
				'back-left'
			).done;
		};
		expect(await rows()).toBe(46);
		await writeImport(db, opened('phone.tomble.json'), false);
		expect(await rows()).toBe(58);
		await writeImport(db, opened('phone.tomble.json'), false);
		expect(await rows()).toBe(58);
		await db.delete();
	});
});

describe('what a record of version 4 becomes', () => {
	const step = (projectId: string, at: string, i: number) => ({
		id: `e${i}`,
		projectId,
		type: 'step',
		step: at,
		done: true
	});
	it('a crocheted edge ticked by its place is ticked by its name, the first and the second armhole apart', () => {
		const events = [
			step('a', 'edge-armhole-18', 1),
			step('a', 'edge-armhole-17', 2),
			step('b', 'edge-armhole-19', 3),
			step('a', 'sew-side-left', 4),
			step('a', 'edge-armhole-18', 5)
		];
		expect(eventsFrom4(events).map((e) => e.step)).toEqual([
			'edge-armhole-2',
			'edge-armhole',
			'edge-armhole',
			'sew-side-left',
			'edge-armhole-2'
		]);
	});
	it('a garment’s ticks are of steps that its plan has', () => {
		const made = plan(
			harbour.projects.find((p) => p.id === 'project-vest')!,
			harbour.bench
		);
		if (!made.ok) throw new Error();
		const edges = made.steps.filter((s) => s.do === 'crochet-edge');
		const was = edges.map((s, i) => step('v', `edge-${s.count.edge}-${16 + i}`, i));
		expect(eventsFrom4(was).map((e) => e.step)).toEqual(edges.map((s) => s.id));
	});
	it('a result says what it shows; what is in its tails is not known yet', () => {
		const shows = (recipe: string) => resultFrom4({ id: 'r', grams: 80 }, { recipe });
		expect(shows('cowl')).toEqual({ id: 'r', grams: 80, shows: 'tube', tailMetres: null });
		expect(shows('sock')).toMatchObject({ shows: 'copies' });
		expect(shows('vest')).toMatchObject({ shows: 'shape' });
	});

	it('what meant nothing to its recipe is said by what came of it, and opens', () => {
		const kept = harbour.projects[0]!;
		const odd = RECIPES.flatMap(({ id }): Record<string, unknown>[] => {
			const wish = recipeOf(id)!.defaults(harbour.bench, harbour.bench.machines[0])!;
			return [
				...(id === 'free-tube' ? [{ ...wish, length: { by: 'fit' } }] : []),
				...('edging' in wish ? [{ ...wish, edging: 'knitted' }] : []),
				...(id === 'headband' ? [{ ...wish, aroundCm: 150 }] : [])
			];
		});
		expect(odd.length).toBeGreaterThan(10);
		for (const wish of odd)
			for (const begun of [false, true]) {
				const project = projectFrom4({ ...kept, wish }, begun) as unknown as typeof kept;
				const read = knownProject.safeParse(project);
				expect(read.error?.issues, String(wish['recipe'])).toBeUndefined();
				expect(plan(read.data!, harbour.bench).ok).toBe(true);
			}
	});
});
