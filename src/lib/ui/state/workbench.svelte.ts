import { liveQuery, type Subscription } from 'dexie';
import { createContext } from 'svelte';
import { SvelteMap } from 'svelte/reactivity';
import { isPlannedAway } from '$lib/core/model/kinds';
import type { Bench, Project } from '$lib/core/model/project';
import type { Machine, Swatch, Yarn, YarnTest } from '$lib/core/model/bench';
import type { Order } from '$lib/core/model/order';
import type { TombleDb } from '$lib/store/db';
import { DEFAULT_SETTINGS, type Settings } from '$lib/store/settings';
import {
	appendEvents,
	benchOf,
	deleteProject,
	eventsOf,
	readRecords,
	readSettings,
	writeSettings,
	type Records
} from '$lib/store/store';
import { gaugeBook } from '$lib/core/gauge/book';
import { makePlan } from '$lib/core/plan/make';
import type { NoPlan, Plan } from '$lib/core/plan/types';
import { BenchHistory } from './bench-history.svelte';
import { ProjectEditor } from './project-editor.svelte';

const NOTHING: Records = {
	machines: [],
	yarns: [],
	swatches: [],
	tests: [],
	projects: [],
	results: [],
	carried: [],
	orders: []
};

/** What the worker and its works weigh must not hold up the first page: they wait until it stands. */
const FIRST_PAGE_MS = 1000;
let standing: Promise<void> | null = null;
const afterFirstPage = (): Promise<void> =>
	(standing ??= new Promise((resolve) => setTimeout(resolve, FIRST_PAGE_MS)));

/** The maker's store, live: what every view reads and writes through. */
export class Workbench {
	records = $state.raw<Records>(NOTHING);
	settings = $state.raw<Settings>(DEFAULT_SETTINGS);
	/** False until the store has been read once. */
	ready = $state(false);
	failure = $state<string | null>(null);
	readonly bench: Bench = $derived(benchOf(this.records));
	/** The bench sorted for asking gauges of it. */
	readonly book = $derived(gaugeBook(this.bench));
	readonly units = $derived(this.settings.units);
	/** Undo and redo over what lies on the bench. */
	readonly history: BenchHistory;
	/** Of this bench: a new one begins empty. */
	readonly #plans = $derived.by(() => {
		void this.bench;
		// Filled as it is asked; what it holds follows from its key.
		// eslint-disable-next-line svelte/prefer-svelte-reactivity
		return new Map<Project, Plan | NoPlan>();
	});
	/** Plans made away, as they come in: of this bench. */
	readonly #away = $derived.by(() => {
		void this.bench;
		return { plans: new SvelteMap<Project, Plan | NoPlan>(), asked: new WeakSet<Project>() };
	});
	// Never shown itself: each editor is reactive on its own.
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	#editors = new Map<string, ProjectEditor>();
	/** Changes of settings on their way to the disk: what is read meanwhile does not undo them. */
	#unwritten: readonly Partial<Settings>[] = [];

	constructor(readonly db: TombleDb) {
		this.history = new BenchHistory(db);
	}

	/** Follows the store, other tabs included, until the returned function is called. */
	follow(): () => void {
		const fail = (e: unknown) => (this.failure = e instanceof Error ? e.message : String(e));
		const subscriptions: Subscription[] = [
			liveQuery(() => readRecords(this.db)).subscribe({
				next: (records) => {
					this.records = records;
					for (const p of records.projects) this.#editors.get(p.id)?.stored(p);
					this.ready = true;
				},
				error: fail
			}),
			liveQuery(() => readSettings(this.db)).subscribe({
				next: (stored) => (this.settings = Object.assign({}, stored, ...this.#unwritten)),
				error: fail
			})
		];
		return () => subscriptions.forEach((s) => s.unsubscribe());
	}

	/** Holds at once, so that two changes in one breath do not lose the first; resolves when it is on disk. */
	async set(change: Partial<Settings>): Promise<void> {
		this.#unwritten = [...this.#unwritten, change];
		this.settings = { ...this.settings, ...change };
		try {
			await writeSettings(this.db, change);
		} finally {
			this.#unwritten = this.#unwritten.filter((c) => c !== change);
		}
	}

	project(id: string): Project | undefined {
		return this.records.projects.find((p) => p.id === id);
	}

	/**
	 * The plan of a project on the bench as it is now, without counsel where it is made here; worked out once, whoever asks. Null while one that
	 * takes more works is being made in the worker.
	 */
	planOf(project: Project): Plan | NoPlan | null {
		if (isPlannedAway(project.wish.recipe)) return this.#planAway(project);
		const known = this.#plans.get(project);
		if (known) return known;
		const made = makePlan(project, this.bench, {
			book: this.book,
			works: null,
			counsel: null
		});
		this.#plans.set(project, made);
		return made;
	}

	#planAway(project: Project): Plan | NoPlan | null {
		const { plans, asked } = this.#away;
		const made = plans.get(project);
		if (made) return made;
		if (!asked.has(project)) {
			asked.add(project);
			const bench = this.bench;
			void afterFirstPage()
				.then(() => import('$lib/worker/planner'))
				.then(({ planner }) => planner.later(project, bench))
				.then((p) => plans.set(project, p));
		}
		return null;
	}

	/** The one editor of a project: its undo history lasts while the application is open. */
	editor(project: Project): ProjectEditor {
		let editor = this.#editors.get(project.id);
		if (!editor) {
			editor = new ProjectEditor(project, (p) => this.db.projects.put(p));
			this.#editors.set(project.id, editor);
		}
		return editor;
	}

	putOrder(order: Order): Promise<unknown> {
		return this.db.orders.put(order);
	}
	/** Removes an order; what it returns puts it back. */
	async removeOrder(order: Order): Promise<() => Promise<unknown>> {
		await this.db.orders.delete(order.id);
		return () => this.db.orders.put(order);
	}

	async addProject(project: Project): Promise<void> {
		await this.db.projects.add(project);
		await this.set({ currentProject: project.id });
	}

	/** Removes a project with its run and results; what it returns puts all of it back. */
	async removeProject(project: Project): Promise<() => Promise<void>> {
		const events = await eventsOf(this.db, project.id);
		const results = this.records.results.filter((r) => r.projectId === project.id);
		this.#editors.delete(project.id);
		await deleteProject(this.db, project.id);
		if (this.settings.currentProject === project.id) await this.set({ currentProject: null });
		return async () => {
			await this.db.projects.put(project);
			await this.db.results.bulkPut(results);
			await appendEvents(this.db, events);
		};
	}

	// A record that is not there yet is added; what is there is changed. All of it can be undone.
	putMachine = (m: Machine) =>
		this.history.put(
			'machines',
			m,
			this.records.machines.find((x) => x.id === m.id)
		);
	putYarn = (y: Yarn) =>
		this.history.put(
			'yarns',
			y,
			this.records.yarns.find((x) => x.id === y.id)
		);
	putTest = (t: YarnTest) =>
		this.history.put(
			'tests',
			t,
			this.records.tests.find((x) => x.id === t.id)
		);
	putSwatch = (s: Swatch) =>
		this.history.put(
			'swatches',
			s,
			this.records.swatches.find((x) => x.id === s.id)
		);
}

export const [useWorkbench, provideWorkbench] = createContext<Workbench>();
