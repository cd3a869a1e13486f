import type { Project } from '$lib/core/model/project';
import type { Wish } from '$lib/core/model/wish';
import type { Yarn } from '$lib/core/model/bench';
import { sameData } from '$lib/file/same-data';
import { merge3 } from '$lib/store/merge3';

/** A yarn that changes with a project: both are stored, and undone, or neither. */
export interface YarnChange {
	readonly before: Yarn;
	readonly after: Yarn;
}

interface Step {
	readonly what: string;
	readonly before: Project;
	readonly after: Project;
	readonly yarns: readonly YarnChange[];
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

const MOST_STEPS = 200;

/** Edits one project with undo and redo over the whole of it; every change is stored at once. */
export class ProjectEditor {
	project = $state.raw() as Project;
	#past = $state.raw<readonly Step[]>([]);
	#future = $state.raw<readonly Step[]>([]);
	/** What this tab last knew to be in the store, as its own newest change had it: what differs from it is still to be stored. */
	#base: Project;
	/** The newest that is not on the disk yet: until it is, nothing read stands over it. */
	#unstored: Project | null = null;
	readonly undoWhat = $derived(this.#past.at(-1)?.what);
	readonly redoWhat = $derived(this.#future.at(-1)?.what);

	constructor(
		project: Project,
		private readonly save: SaveProject
	) {
		this.project = project;
		this.#base = project;
	}

	/** What the store holds now: another tab may have changed it. What is not stored yet stands, field by field. */
	stored(project: Project): void {
		if (this.#unstored) return;
		const merged = merge3(this.#base, this.project, project);
		this.#base = project;
		if (!sameData(merged, this.project)) this.project = merged;
	}

	/** `what` names the change; a run of changes with the same name is undone as one. */
	change(what: string, patch: Partial<Project>, yarns: readonly YarnChange[] = []): void {
		const before = this.project;
		const after = { ...before, ...patch };
		if (sameData(after, before)) return;
		const last = this.#past.at(-1);
		const goesOn = last?.what === what && what.endsWith('…');
		this.#past = goesOn
			? [...this.#past.slice(0, -1), { ...last, after }]
			: [...this.#past, { what, before, after, yarns }].slice(-MOST_STEPS);
		this.#future = [];
		this.#put(after, yarns);
	}

	/** Some of its recipe's options. */
	wish(what: string, patch: object): void {
		this.change(what, { wish: { ...this.project.wish, ...patch } as Wish });
	}

	undo(): void {
		const step = this.#past.at(-1);
		if (!step) return;
		this.#past = this.#past.slice(0, -1);
		this.#future = [...this.#future, step];
		// Only what the step changed goes back: what another tab changed meanwhile stands.
		const back = step.yarns.map(({ before, after }) => ({ before: after, after: before }));
		this.#put(merge3(step.after, step.before, this.project), back);
	}

	redo(): void {
		const step = this.#future.at(-1);
		if (!step) return;
		this.#future = this.#future.slice(0, -1);
		this.#past = [...this.#past, step];
		this.#put(merge3(step.before, step.after, this.project), step.yarns);
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
			if (!sameData(kept, this.project)) this.project = kept;
		};
		this.save(() => this.#base, project, stored, yarns);
	}
}
