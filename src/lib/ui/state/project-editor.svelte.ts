import type { Project } from '$lib/core/model/project';
import type {
	BuntingWish,
	GarmentWish,
	LinedHatWish,
	PlainTubeWish,
	ThingWish,
	Wish
} from '$lib/core/model/wish';

interface Step {
	readonly what: string;
	readonly project: Project;
}

/** Some fields of any one of several wishes. */
type PartOf<W> = W extends unknown ? Partial<W> : never;

const MOST_STEPS = 200;

/** Edits one project with undo and redo over the whole of it; every change is stored at once. */
export class ProjectEditor {
	project = $state.raw() as Project;
	#past = $state.raw<readonly Step[]>([]);
	#future = $state.raw<readonly Step[]>([]);
	#saving = 0;
	readonly undoWhat = $derived(this.#past.at(-1)?.what);
	readonly redoWhat = $derived(this.#future.at(-1)?.what);

	constructor(
		project: Project,
		private readonly save: (p: Project) => Promise<unknown>
	) {
		this.project = project;
	}

	/** What the store holds now: another tab may have changed it. Own unsaved changes win. */
	stored(project: Project): void {
		if (this.#saving === 0 && JSON.stringify(project) !== JSON.stringify(this.project)) {
			this.project = project;
		}
	}

	/** `what` names the change; a run of changes with the same name is undone as one. */
	change(what: string, patch: Partial<Project>): void {
		const next = { ...this.project, ...patch };
		if (JSON.stringify(next) === JSON.stringify(this.project)) return;
		const goesOn = this.#past.at(-1)?.what === what && what.endsWith('…');
		if (!goesOn) this.#past = [...this.#past, { what, project: this.project }].slice(-MOST_STEPS);
		this.#future = [];
		this.#put(next);
	}

	wish(
		what: string,
		patch:
			| Partial<LinedHatWish>
			| Partial<BuntingWish>
			| Partial<PlainTubeWish>
			| Partial<GarmentWish>
			| PartOf<ThingWish>
	): void {
		this.change(what, { wish: { ...this.project.wish, ...patch } as Wish });
	}

	undo(): void {
		const step = this.#past.at(-1);
		if (!step) return;
		this.#past = this.#past.slice(0, -1);
		this.#future = [...this.#future, { what: step.what, project: this.project }];
		this.#put(step.project);
	}

	redo(): void {
		const step = this.#future.at(-1);
		if (!step) return;
		this.#future = this.#future.slice(0, -1);
		this.#past = [...this.#past, { what: step.what, project: this.project }];
		this.#put(step.project);
	}

	#put(project: Project): void {
		this.project = project;
		this.#saving += 1;
		void this.save(project).finally(() => (this.#saving -= 1));
	}
}
