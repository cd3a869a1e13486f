import type { Project } from '$lib/core/model/project';
import type { Options } from '$lib/core/model/options';
import type { Yarn } from '$lib/core/model/bench';
import { dequal } from 'dequal/lite';
import { merge3 } from '$lib/store/merge3';
import { History, turned, type Change, type Kept } from './history.svelte';

/** A yarn that changes with a project: both are stored, and undone, or neither. */
export interface YarnChange {
	readonly before: Yarn;
	readonly after: Yarn;
}

/**
 * Stores a change of a project and the yarns that change with it. What it was before is asked for when it is written: by
 * then an earlier change may have been stored, or not. `stored` is told what the store holds afterwards, the edits of another
 * tab among it; not before that is so.
 */
export type SaveProject = (
	base: () => Project,
	next: Project,
	stored: (kept: Project) => void,
	yarns: readonly YarnChange[]
) => void;

/** Edits one project with undo and redo over the whole of it; every change is stored at once. */
export class ProjectEditor {
	project = $state.raw() as Project;
	/** What this tab last knew to be in the store, as its own newest change had it: what differs from it is still to be stored. */
	#base: Project;
	/** The newest that is not on the disk yet: until it is, nothing read stands over it. */
	#unstored: Project | null = null;
	readonly #history: History;

	constructor(
		project: Project,
		private readonly save: SaveProject,
		/** Where its history is kept while the page is left; nowhere where left out. */
		kept?: Kept
	) {
		this.project = project;
		this.#base = project;
		this.#history = new History((_what, turns) => this.#turn(turns), kept ? { kept } : {});
	}

	get undoWhat(): string | undefined {
		return this.#history.undoWhat;
	}
	get redoWhat(): string | undefined {
		return this.#history.redoWhat;
	}

	/** What the store holds now: another tab may have changed it. What is not stored yet stands, field by field. */
	stored(project: Project): void {
		if (this.#unstored) return;
		const merged = merge3(this.#base, this.project, project);
		this.#base = project;
		if (!dequal(merged, this.project)) this.project = merged;
	}

	/**
	 * Asked before a change of what is knitted; null where nobody has to be. What it answers at once is done at once, and what
	 * it answers later then, on the project as it is by that time.
	 */
	guard: ((next: Project) => boolean | Promise<boolean>) | null = null;

	/** `what` names the change; where that ends in …, a run of such changes is undone as one. */
	change(what: string, patch: Partial<Project>, yarns: readonly YarnChange[] = []): void {
		const before = this.project;
		const after = { ...before, ...patch };
		if (dequal(after, before)) return;
		this.#asked(after, (later) =>
			this.#make(what, later ? merge3(before, after, this.project) : after, yarns)
		);
	}

	/** Makes a change where it may be made: at once, or when that was answered. */
	#asked(next: Project, make: (later: boolean) => void): void {
		const planned =
			next.options !== this.project.options || next.machineId !== this.project.machineId;
		const may = planned ? (this.guard?.(next) ?? true) : true;
		if (may === true) make(false);
		else if (may)
			void may.then((yes) => {
				if (yes) make(true);
			});
	}

	#make(what: string, after: Project, yarns: readonly YarnChange[]): void {
		const before = this.project;
		this.#history.change(what, [
			{ table: 'projects', id: before.id, before, after },
			...yarns.map((y): Change => ({ table: 'yarns', id: y.after.id, ...y }))
		]);
	}

	/** Some of its recipe's options. */
	options(what: string, patch: object): void {
		this.change(what, { options: { ...this.project.options, ...patch } as Options });
	}

	undo(): void {
		this.#asked(this.#turnedBy(this.#history.back), () => this.#history.undo());
	}
	redo(): void {
		this.#asked(this.#turnedBy(this.#history.ahead), () => this.#history.redo());
	}

	#turnedBy(turns: readonly Change[]): Project {
		const own = turns.find((t) => t.table === 'projects');
		return (own && turned(own, this.project)) ?? this.project;
	}

	/** Only what a step changed goes back: what another tab changed meanwhile stands. */
	#turn(turns: readonly Change[]): void {
		const yarns = turns.flatMap(({ table, before, after }): YarnChange[] =>
			table === 'yarns' && before && after ? [{ before: before as Yarn, after: after as Yarn }] : []
		);
		this.#put(this.#turnedBy(turns), yarns);
	}

	#put(project: Project, yarns: readonly YarnChange[]): void {
		this.project = project;
		this.#unstored = project;
		const stored = (kept: Project) => {
			// Something newer is on its way: it stands, and begins from this, not from what another tab made of it.
			this.#base = project;
			if (this.#unstored !== project) return;
			this.#base = kept;
			this.#unstored = null;
			if (!dequal(kept, this.project)) this.project = kept;
		};
		this.save(() => this.#base, project, stored, yarns);
	}
}
