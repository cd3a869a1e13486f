import { merge3 } from '$lib/store/merge3';
import type { RecordTable } from './keeper.svelte';

/** One record before and after a change; undefined where it was not there. */
export interface Change<R extends object = object> {
	readonly table: RecordTable;
	readonly id: string;
	readonly before: R | undefined;
	readonly after: R | undefined;
}
interface Step {
	readonly what: string;
	readonly changes: readonly Change[];
	readonly at: number;
}

/** Where steps are kept while the page is left or loaded anew; what does not fit there is forgotten, the oldest first. */
export interface Kept {
	read(): string | null;
	write(text: string): void;
}

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null;
const isRecord = (x: unknown): boolean => x === undefined || isObject(x);
/** Whether what was kept is a step: the first page has no schema library. What a step puts back is checked where it is stored. */
const isStep = (x: unknown): x is Step =>
	isObject(x) &&
	typeof x['what'] === 'string' &&
	typeof x['at'] === 'number' &&
	Array.isArray(x['changes']) &&
	x['changes'].every(
		(c: unknown) =>
			isObject(c) &&
			typeof c['table'] === 'string' &&
			typeof c['id'] === 'string' &&
			isRecord(c['before']) &&
			isRecord(c['after'])
	);
const isSteps = (x: unknown): x is readonly Step[] => Array.isArray(x) && x.every(isStep);

const MOST_STEPS = 200;

interface How {
	/** Changes of one name that follow within this are one step, ms; however long it is where not said. */
	readonly pauseMs?: number;
	readonly kept?: Kept;
	readonly now?: () => number;
}

/**
 * The named changes of some records, to be undone and redone: a project's with the yarns that change along, an order's, or
 * those of all that lies on the bench. A name that ends in … goes on: such changes of the same records are one step.
 */
export class History {
	#past = $state.raw<readonly Step[]>([]);
	#future = $state.raw<readonly Step[]>([]);
	readonly #pauseMs: number;
	readonly #kept: Kept | undefined;
	readonly #now: () => number;
	readonly undoWhat = $derived(this.#past.at(-1)?.what.replace('…', ''));
	readonly redoWhat = $derived(this.#future.at(-1)?.what.replace('…', ''));

	/** `apply` stores what a step turns its records into; each is told what it turns them from. */
	constructor(
		private readonly apply: (what: string, turns: readonly Change[]) => unknown,
		{ pauseMs = Infinity, kept: store, now = Date.now }: How = {}
	) {
		this.#pauseMs = pauseMs;
		this.#kept = store;
		this.#now = now;
		this.#read();
	}

	/** Stores a change and remembers it: all of its records or none. */
	change(what: string, changes: readonly Change[]): unknown {
		if (changes.length === 0) return undefined;
		const last = this.#past.at(-1);
		const at = this.#now();
		const next = { what, changes, at };
		this.#past = (
			last && this.#goesOn(last, next)
				? [...this.#past.slice(0, -1), { ...next, changes: joined(last.changes, changes) }]
				: [...this.#past, next]
		).slice(-MOST_STEPS);
		this.#future = [];
		this.#write();
		return this.apply(what.replace('…', ''), changes);
	}

	/** What undo would turn records into; none where there is nothing to undo. */
	get back(): readonly Change[] {
		return (this.#past.at(-1)?.changes ?? []).map((c) => ({
			...c,
			before: c.after,
			after: c.before
		}));
	}
	/** What redo would turn records into. */
	get ahead(): readonly Change[] {
		return this.#future.at(-1)?.changes ?? [];
	}

	undo(): unknown {
		const step = this.#past.at(-1);
		if (!step) return undefined;
		const { back } = this;
		this.#past = this.#past.slice(0, -1);
		this.#future = [...this.#future, step];
		this.#write();
		return this.apply(`undo ${step.what.replace('…', '')}`, back);
	}

	redo(): unknown {
		const step = this.#future.at(-1);
		if (!step) return undefined;
		this.#future = this.#future.slice(0, -1);
		// What is typed now is another step.
		this.#past = [...this.#past, closed(step)];
		this.#write();
		return this.apply(step.what.replace('…', ''), step.changes);
	}

	#goesOn(last: Step, next: Step): boolean {
		return (
			next.what.endsWith('…') &&
			last.what === next.what &&
			next.at - last.at < this.#pauseMs &&
			last.changes.length === next.changes.length &&
			last.changes.every((c, i) => c.id === next.changes[i]?.id)
		);
	}

	#read(): void {
		try {
			const found: unknown = JSON.parse(this.#kept?.read() ?? 'null');
			if (!isObject(found) || !isSteps(found['past']) || !isSteps(found['future'])) return;
			// What was typed before does not go on now.
			this.#past = found['past'].map(closed);
			this.#future = found['future'];
		} catch {
			// Nothing was kept, or not by this version.
		}
	}
	#write(): void {
		if (!this.#kept) return;
		for (let keep = this.#past.length; keep >= 0; keep = keep === 0 ? -1 : Math.floor(keep / 2)) {
			const past = this.#past.slice(this.#past.length - keep);
			try {
				this.#kept.write(JSON.stringify({ past, future: this.#future }));
				return;
			} catch {
				// There is no room for so many: the newer half is tried.
			}
		}
	}
}

/** A step that nothing goes on with. */
const closed = (s: Step): Step => ({ ...s, what: s.what.replace('…', '') });

/** Two changes of the same records as one. */
const joined = (first: readonly Change[], then: readonly Change[]): Change[] =>
	then.map((c, i) => ({ ...c, before: first[i]?.before }));

/** A record as a step turns it, given as it stands: what another tab changed of it meanwhile stays. */
export const turned = <T extends object>(
	{ before, after }: Pick<Change, 'before' | 'after'>,
	now: T | undefined
): T | undefined =>
	before && after && now ? merge3(before as T, after as T, now) : (after as T | undefined);

/** Steps are of records as this version has them: those of an earlier one are let go. */
const RECORDS = 9;

/** Steps of one kind of record, kept by this tab until it is closed. */
export const inThisTab = (scope: string): Kept => {
	const key = `history ${RECORDS} ${scope}`;
	return {
		read: () => sessionStorage.getItem(key),
		write: (text) => sessionStorage.setItem(key, text)
	};
};
