import { liveQuery } from 'dexie';
import { createContext } from 'svelte';
import type { Bench, MeasuredResult, Project, RunEvent } from '$lib/core/model/project';
import type { Machine, Swatch, Yarn, YarnTest } from '$lib/core/model/bench';
import type { Order } from '$lib/core/model/order';
import type { WrittenPattern } from '$lib/core/model/written';
import type { TombleDb } from '$lib/store/db';
import { troubleOf, type StoreTrouble } from '$lib/store/failure';
import type { Unsound } from '$lib/store/sound';
import { DEFAULT_SETTINGS, type Settings } from '$lib/store/settings';
import {
	appendEvents,
	benchOf,
	deleteProject,
	eventsOf,
	writeSettings,
	type Records
} from '$lib/store/store';
import { ShelfPlans, type Look } from './shelf-plans.svelte';
import type { NoPlan, Plan } from '$lib/core/plan/types';
import { nameChange, nameOfTurn, type BenchRecords, type BenchTable } from './bench-changes';
import { History, inThisTab, turned, type Change as Turn } from './history.svelte';
import { Keeper, type Change } from './keeper.svelte';
import { unsoundIn } from './checked';
import { laidOver, NOTHING } from './laid-over';
import { ProjectEditor } from './project-editor.svelte';
import { storesProject } from './stores-project';
import { keepForGood } from './storage';
import { followStore } from './follow-store';
import { setWasHere, wasHere } from './was-here';

const NO_BENCH: Bench = { machines: [], yarns: [], swatches: [], tests: [], evidence: [] };

/** Typing in one record of the bench is one step until a pause as long as this, ms. */
const SAME_STEP_MS = 1500;
/** Records are checked against the schemas of the file format once the page stands and nothing changes, ms. */
const CHECK_MS = 1200;

/** The maker's store, live: what every view reads and writes through. */
export class Workbench {
	/** As on the disk. */
	#stored = $state.raw<Records>(NOTHING);
	/** Records that do not read; they stand apart, and everything else lives. */
	unsound = $state.raw<readonly Unsound[]>([]);
	settings = $state.raw<Settings>(DEFAULT_SETTINGS);
	/** False until the store has been read once, or will not be. */
	ready = $state(false);
	/** The store is empty, and was not when it was last seen. */
	gone = $state(false);
	/** The example is being put in. */
	filling = $state(false);
	/** Why the store does not open or answer. */
	trouble = $state.raw<StoreTrouble | null>(null);
	/** Writes, with what is not on the disk yet. */
	readonly keeper: Keeper;
	readonly records: Records = $derived.by(() => laidOver(this.#stored, this.keeper, this.unsound));
	readonly bench: Bench = $derived.by(() => {
		try {
			return benchOf(this.records);
		} catch {
			// One of them does not read: which, the check says in a moment.
			queueMicrotask(() => void this.check());
			return NO_BENCH;
		}
	});
	readonly units = $derived(this.settings.units);
	/** Undo and redo over what lies on the bench. */
	readonly history: History;
	/** Plans as the shelf draws them. */
	readonly #shelf: ShelfPlans;
	// Never shown itself: each editor is reactive on its own.
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	#editors = new Map<string, ProjectEditor>();
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	readonly #orders = new Map<string, History>();
	/** Changes of settings on their way to the disk: what is read meanwhile does not undo them. */
	#unwritten: readonly Partial<Settings>[] = [];

	constructor(readonly db: TombleDb) {
		this.keeper = new Keeper(db);
		this.#shelf = new ShelfPlans(db, () => void this.check());
		this.history = new History((what, turns) => this.#turn(what, turns), {
			pauseMs: SAME_STEP_MS,
			kept: inThisTab('bench')
		});
	}

	/** Marks that there is something here; at the first look tells where it is gone. */
	#marked({ machines, yarns, projects }: Records): void {
		const some = machines.length + yarns.length + projects.length > 0;
		if (some) {
			this.gone = false;
			setWasHere(true);
		} else if (!this.ready) this.gone = wasHere();
		// Emptied by the maker's own hand, this is how it is meant to be.
		else if (!this.gone) setWasHere(false);
	}
	/** The maker knows that it is gone. */
	beginAnew(): void {
		this.gone = false;
		setWasHere(false);
	}

	/** Stores what a step turns records into; of each only what the step changed. */
	#turn(what: string, turns: readonly Turn[]): Promise<boolean> {
		const changes = turns.map((t): Change => {
			const list: readonly { readonly id: string }[] = this.records[t.table];
			return {
				table: t.table,
				id: t.id,
				record: turned(
					t,
					list.find((r) => r.id === t.id)
				)
			};
		});
		return this.keeper.write(nameOfTurn(turns) ?? what, changes);
	}

	/** Follows the store, other tabs included, until the returned function is called. */
	follow(): () => void {
		let check: ReturnType<typeof setTimeout> | undefined;
		const stop = followStore(this.db, {
			opened: () => {
				this.trouble = this.db.isNewer ? 'newer' : null;
				void this.#shelf.open();
			},
			records: (records) => {
				this.#stored = records;
				clearTimeout(check);
				check = setTimeout(() => void this.check('where it changed'), CHECK_MS);
				this.#marked(records);
				this.keeper.seen();
				for (const p of records.projects) this.#editors.get(p.id)?.stored(p);
				this.ready = true;
			},
			settings: (stored) => (this.settings = Object.assign({}, stored, ...this.#unwritten)),
			slow: () => (this.trouble ??= 'slow'),
			stopped: (trouble) => (this.trouble = trouble),
			failed: (e) => {
				this.trouble = troubleOf(e);
				// The page lives on what it has: nothing, or what was read before.
				this.ready = true;
			}
		});
		return () => {
			clearTimeout(check);
			stop();
		};
	}

	/** Calls `next` with what a query finds, now and whenever the store changes, until the returned function is called. */
	live<T>(query: () => Promise<T>, next: (found: T) => void): () => void {
		const subscription = liveQuery(query).subscribe({
			next,
			error: (e: unknown) => (this.trouble ??= troubleOf(e))
		});
		return () => subscription.unsubscribe();
	}

	/** A project's run, followed as it is counted, in this tab or another. */
	liveEvents(id: string, next: (events: readonly RunEvent[]) => void): () => void {
		return this.live(() => eventsOf(this.db, id), next);
	}

	/** Sets records apart that do not read. */
	async check(look: 'at all' | 'where it changed' = 'at all'): Promise<void> {
		void this.#shelf.forget(this.#stored.projects);
		if (this.#stored.results.length > 0)
			void import('./settle')
				.then(({ settleResults }) => settleResults(this.db, this.#stored, this.bench))
				// It is tried again the next time.
				.catch(() => undefined);
		const unsound = await unsoundIn(() => this.#stored, look);
		// Nothing new is no reason for the page to work all of it out again.
		if (unsound && unsound.length + this.unsound.length > 0) this.unsound = unsound;
	}

	/** Holds at once, so that two changes in one breath do not lose the first; resolves when it was tried to be stored. */
	async set(change: Partial<Settings>): Promise<void> {
		this.#unwritten = [...this.#unwritten, change];
		this.settings = { ...this.settings, ...change };
		await this.keeper.write('your settings', [], {
			run: () => writeSettings(this.db, change),
			stored: () => (this.#unwritten = this.#unwritten.filter((c) => c !== change))
		});
	}

	project(id: string): Project | undefined {
		return this.records.projects.find((p) => p.id === id);
	}

	/** A project as it stands on the rack; null while it was never drawn. */
	lookOf(project: Project): Look | null {
		return this.#shelf.look(project, this.bench);
	}
	/** The plan of a project as the shelf draws it; null while the first one is being made. */
	planOf(project: Project): Plan | NoPlan | null {
		return this.#shelf.of(project, this.bench);
	}

	/** The one editor of a project: its undo history lasts until this tab is closed. */
	editor(project: Project): ProjectEditor {
		let editor = this.#editors.get(project.id);
		if (!editor) {
			editor = new ProjectEditor(
				project,
				storesProject(this.db, this.keeper),
				inThisTab(`project ${project.id}`)
			);
			this.#editors.set(project.id, editor);
		}
		return editor;
	}

	putOrder(order: Order): Promise<boolean> {
		return this.keeper.write(order.name, [{ table: 'orders', id: order.id, record: order }]);
	}
	/** Undo and redo of one order. */
	orderHistory(id: Order['id']): History {
		let history = this.#orders.get(id);
		if (!history) {
			history = new History((what, turns) => this.#turn(what, turns), {
				kept: inThisTab(`order ${id}`)
			});
			this.#orders.set(id, history);
		}
		return history;
	}
	/** Removes an order; what it returns puts it back. */
	async removeOrder(order: Order): Promise<() => Promise<unknown>> {
		await this.keeper.write(order.name, [{ table: 'orders', id: order.id, record: undefined }]);
		return () => this.putOrder(order);
	}

	async addResult(result: MeasuredResult, of: Project): Promise<boolean> {
		return this.keeper.write(`the log of ${of.name}`, [
			{ table: 'results', id: result.id, record: result }
		]);
	}
	async removeResult(result: MeasuredResult, of: Project): Promise<boolean> {
		return this.keeper.write(`the log of ${of.name}`, [
			{ table: 'results', id: result.id, record: undefined }
		]);
	}

	async addProject(project: Project): Promise<void> {
		await this.keeper.write(project.name, [{ table: 'projects', id: project.id, record: project }]);
		await this.set({ currentProject: project.id });
		void keepForGood();
	}

	/** Removes a project with its run and results; what it returns puts all of it back. */
	async removeProject(project: Project): Promise<() => Promise<void>> {
		const events = await eventsOf(this.db, project.id);
		const results = this.records.results.filter((r) => r.projectId === project.id);
		this.#editors.delete(project.id);
		const gone = { table: 'projects', id: project.id, record: undefined } as const;
		await this.keeper.write(project.name, [gone], {
			run: () => deleteProject(this.db, project.id)
		});
		if (this.settings.currentProject === project.id) await this.set({ currentProject: null });
		return async () => {
			await this.keeper.write(project.name, [{ ...gone, record: project }], {
				run: async () => {
					await this.db.projects.put(project);
					await this.db.results.bulkPut(results);
					await appendEvents(this.db, events);
				}
			});
		};
	}

	/** A record of the bench that is not there yet is added; what is there is changed. It can be undone. */
	put<T extends BenchTable>(table: T, after: BenchRecords[T]): Promise<unknown> {
		const list = this.records[table] as readonly BenchRecords[T][];
		const before = list.find((x) => x.id === after.id);
		const change = { table, id: after.id, before, after };
		return Promise.resolve(this.history.change(nameChange(table, before, after), [change]));
	}
	/** Takes a record off the bench; it can be undone. */
	remove<T extends BenchTable>(table: T, before: BenchRecords[T]): Promise<unknown> {
		const change = { table, id: before.id, before, after: undefined };
		return Promise.resolve(this.history.change(nameChange(table, before, undefined), [change]));
	}
	putMachine = (m: Machine) => this.put('machines', m);
	putYarn = (y: Yarn) => this.put('yarns', y);
	putTest = (t: YarnTest) => this.put('tests', t);
	putSwatch = (s: Swatch) => this.put('swatches', s);
	putPattern = (p: WrittenPattern) => this.put('patterns', p);
}

export const [useWorkbench, provideWorkbench] = createContext<Workbench>();
