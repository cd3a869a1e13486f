import type { Machine, Swatch, Yarn, YarnTest } from '$lib/core/model/bench';
import type { Bench } from '$lib/core/model/project';
import { sameData } from '$lib/file/same-data';
import type { Change as Written } from './keeper.svelte';

interface Kept {
	machines: Machine;
	yarns: Yarn;
	swatches: Swatch;
	tests: YarnTest;
}
export type BenchTable = keyof Kept;

/** One record before and after a change; undefined where it was not there. */
interface Change<T extends BenchTable = BenchTable> {
	readonly table: T;
	readonly id: string;
	readonly before: Kept[T] | undefined;
	readonly after: Kept[T] | undefined;
}

const WORDS: { readonly [T in BenchTable]: string } = {
	machines: 'machine',
	yarns: 'yarn',
	swatches: 'swatch',
	tests: 'yarn test'
};
const MOST_STEPS = 100;
/** Typing in one field of one record is one step: changes of it that follow within this, ms. */
const SAME_STEP_MS = 1500;

/** Writes what lies on the bench, with undo and redo over all of it. A step may hold several records. */
export class BenchHistory {
	#past = $state.raw<readonly (readonly Change[])[]>([]);
	#future = $state.raw<readonly (readonly Change[])[]>([]);
	#lastAt = 0;
	readonly undoWhat = $derived(name(this.#past.at(-1)));
	readonly redoWhat = $derived(name(this.#future.at(-1)));

	constructor(
		private readonly write: (what: string, changes: readonly Written[]) => Promise<unknown>,
		private readonly now: () => number = Date.now
	) {}

	put<T extends BenchTable>(table: T, after: Kept[T], before: Kept[T] | undefined) {
		return this.change([{ table, id: after.id, before, after } as Change]);
	}

	remove<T extends BenchTable>(table: T, before: Kept[T]) {
		return this.change([{ table, id: before.id, before, after: undefined } as Change]);
	}

	/** Several records as one step: all written or none. */
	async change(step: readonly Change[]): Promise<void> {
		if (step.length === 0) return;
		const last = this.#past.at(-1);
		const at = this.now();
		const goesOn =
			last?.length === 1 &&
			step.length === 1 &&
			last[0]!.id === step[0]!.id &&
			step[0]!.after !== undefined &&
			last[0]!.after !== undefined &&
			at - this.#lastAt < SAME_STEP_MS;
		this.#lastAt = at;
		this.#past = goesOn
			? [...this.#past.slice(0, -1), [{ ...step[0]!, before: last[0]!.before } as Change]]
			: [...this.#past, step].slice(-MOST_STEPS);
		this.#future = [];
		await this.#write(step, 'after');
	}

	async undo(): Promise<void> {
		const step = this.#past.at(-1);
		if (!step) return;
		this.#past = this.#past.slice(0, -1);
		this.#future = [...this.#future, step];
		await this.#write(step, 'before');
	}

	async redo(): Promise<void> {
		const step = this.#future.at(-1);
		if (!step) return;
		this.#future = this.#future.slice(0, -1);
		this.#past = [...this.#past, step];
		await this.#write(step, 'after');
	}

	async #write(step: readonly Change[], side: 'before' | 'after'): Promise<void> {
		await this.write(
			nameOf(step),
			step.map((c) => ({ table: c.table, id: c.id, record: c[side] }))
		);
	}
}

/** What a step is of: the record's own name, or how many there are. */
function nameOf(step: readonly Change[]): string {
	const [first] = step;
	if (!first || step.length > 1) return `${step.length} records of the bench`;
	const record = first.after ?? first.before;
	return record && 'name' in record ? record.name : `a ${WORDS[first.table]}`;
}

function name(step: readonly Change[] | undefined): string | undefined {
	const first = step?.[0];
	if (!first) return undefined;
	if (step.length > 1) return `${step.length} records changed`;
	const what = WORDS[first.table];
	if (!first.before) return `${what} added`;
	return first.after ? `${what} changed` : `${what} removed`;
}

/** What opening a table would change, as one step; records that are there already only where `replace` says so. */
export function tableChanges(mine: Bench, file: Bench, replace: boolean): Change[] {
	return (['yarns', 'swatches', 'tests'] as const).flatMap((table) =>
		file[table].flatMap((after): Change[] => {
			const before = mine[table].find((x) => x.id === after.id);
			if (before && (!replace || sameData(before, after))) return [];
			return [{ table, id: after.id, before, after } as Change];
		})
	);
}
