// The sets and maps here live for one call and are shown nowhere.
/* eslint-disable svelte/prefer-svelte-reactivity */
import type { TombleDb } from '$lib/store/db';
import { troubleOf, UnsoundError, type StoreTrouble } from '$lib/store/failure';

/** A table of records that are known by an id. */
export type RecordTable =
	'machines' | 'yarns' | 'swatches' | 'tests' | 'projects' | 'results' | 'orders' | 'patterns';

/** One record as it is to be; undefined where it is to be gone. */
export interface Change {
	readonly table: RecordTable;
	readonly id: string;
	readonly record: object | undefined;
}

interface Write {
	/** Whose it is, in the maker's words: `Pier hat`, `your settings`. */
	readonly what: string;
	readonly changes: readonly Change[];
	readonly run: () => Promise<unknown>;
	readonly settle: (stored: boolean) => void;
	/** Once it is on the disk, however often that was tried. */
	readonly stored: () => void;
	trouble: StoreTrouble | null;
	/** On the disk; it stands over what is read until that shows it too. */
	done: boolean;
}

interface How {
	/** How it is written; each record put or deleted, all or none, where not said. */
	readonly run?: () => Promise<unknown>;
	/** Called once it is on the disk, however often that was tried. */
	readonly stored?: () => void;
}

/**
 * Every write of records goes through here. What is written stands on the page at once, and goes on standing when the store
 * does not take it: nothing typed is lost, the maker is told, and it can be tried again.
 */
export class Keeper {
	#writes = $state.raw<readonly Write[]>([]);
	#busy = false;
	/** What could not be stored, by name, and why the first of it could not. */
	readonly failed = $derived.by(() => {
		const failed = this.#writes.filter((w) => w.trouble !== null);
		const trouble = failed[0]?.trouble ?? null;
		return trouble && { trouble, what: [...new Set(failed.map((w) => w.what))] };
	});
	/** Whether something is not on the disk yet. */
	readonly open = $derived(this.#writes.some((w) => !w.done));

	constructor(private readonly db: TombleDb) {}

	/** Resolves, after the first try, to whether it is on the disk; what is not stays here and can be tried again. */
	write(what: string, changes: readonly Change[], more: How = {}): Promise<boolean> {
		const { run = () => this.#put(changes), stored = () => undefined } = more;
		return new Promise((settle) => {
			const write: Write = { what, changes, run, settle, stored, trouble: null, done: false };
			this.#writes = [...this.#superseded(write), write];
			void this.#work();
		});
	}

	/** What failed for the very same records is not tried beside what came after it. */
	#superseded(by: Write): readonly Write[] {
		const keys = keysOf(by).join('|');
		return this.#writes.filter(
			(w) => w.trouble === null || w.changes.length === 0 || keysOf(w).join('|') !== keys
		);
	}

	/** Tries again all that could not be stored. */
	async retry(): Promise<boolean> {
		await this.#work();
		return this.failed === null;
	}

	/** A list as it is on the disk, with what is on its way laid over it. */
	over<T extends { readonly id: string }>(table: RecordTable, stored: readonly T[]): readonly T[] {
		const mine = new Map<string, object | undefined>();
		for (const w of this.#writes)
			for (const c of w.changes) if (c.table === table) mine.set(c.id, c.record);
		if (mine.size === 0) return stored;
		const kept = stored.flatMap((r): T[] => {
			if (!mine.has(r.id)) return [r];
			const record = mine.get(r.id) as T | undefined;
			mine.delete(r.id);
			return record ? [record] : [];
		});
		return [...kept, ...[...mine.values()].flatMap((r) => (r ? [r as T] : []))];
	}

	/** What was read shows what was written before it: that need not be laid over it any more. */
	seen(): void {
		if (this.#writes.some((w) => w.done)) this.#writes = this.#writes.filter((w) => !w.done);
	}

	async #put(changes: readonly Change[]): Promise<void> {
		const tables = [...new Set(changes.map((c) => c.table))];
		await this.db.transaction(
			'rw',
			tables.map((t) => this.db.table(t)),
			async () => {
				for (const { table, id, record } of changes)
					if (record) await this.db.table(table).put(record);
					else await this.db.table(table).delete(id);
			}
		);
	}

	/** In order; what touches the same record as something that failed waits for it. */
	async #work(): Promise<void> {
		if (this.#busy) return;
		this.#busy = true;
		try {
			const tried = new Set<Write>();
			for (;;) {
				const held = new Set(
					this.#writes.filter((w) => w.trouble !== null && tried.has(w)).flatMap(keysOf)
				);
				const next = this.#writes.find(
					(w) => !w.done && !tried.has(w) && !keysOf(w).some((k) => held.has(k))
				);
				if (!next) break;
				tried.add(next);
				try {
					await allSound(next.changes);
					await next.run();
					next.trouble = null;
					next.done = true;
					next.stored();
				} catch (e) {
					next.trouble = troubleOf(e);
				}
				next.settle(next.done);
				this.#writes = [...this.#writes];
			}
			// Those with nothing to lay over are done with.
			this.#writes = this.#writes.filter((w) => !w.done || w.changes.length > 0);
		} finally {
			this.#busy = false;
		}
	}
}

/** A record that no file could carry is not stored. The schemas are fetched with the first write, not with the first page. */
async function allSound(changes: readonly Change[]): Promise<void> {
	const put = changes.filter((c) => c.record);
	const sound = put.length > 0 ? await import('$lib/store/sound').catch(() => null) : null;
	for (const { table, record } of sound ? put : []) {
		const bad = record && sound?.unsoundness(table, record);
		if (bad) throw new UnsoundError(`${bad.path}: ${bad.expected}`);
	}
}

const keysOf = (w: Write): string[] => w.changes.map((c) => `${c.table} ${c.id}`);
