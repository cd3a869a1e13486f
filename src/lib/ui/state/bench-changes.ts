import type { Machine, Swatch, Yarn, YarnTest } from '$lib/core/model/bench';
import type { WrittenPattern } from '$lib/core/model/written';
import type { Bench } from '$lib/core/model/project';
import { dequal } from 'dequal/lite';
import type { Change } from './history.svelte';

export interface BenchRecords {
	machines: Machine;
	yarns: Yarn;
	swatches: Swatch;
	tests: YarnTest;
	patterns: WrittenPattern;
}
export type BenchTable = keyof BenchRecords;

const WORDS: { readonly [T in BenchTable]: string } = {
	machines: 'machine',
	yarns: 'yarn',
	swatches: 'swatch',
	tests: 'yarn test',
	patterns: 'pattern'
};

/** What a change of one record of the bench is called; typing goes on as one. */
export function nameChange<T extends BenchTable>(
	table: T,
	before: BenchRecords[T] | undefined,
	after: BenchRecords[T] | undefined
): string {
	const what = WORDS[table];
	if (!before) return `${what} added`;
	return after ? `${what} changed…` : `${what} removed`;
}

/** A record of the bench in the maker's words, where it has no name. */
export const wordRecord = (table: string): string | undefined =>
	table in WORDS ? `a ${WORDS[table as BenchTable]}` : undefined;

/** What opening a table would change, as one step; records that are there already only where `replace` says so. */
export function tableChanges(mine: Bench, file: Bench, replace: boolean): Change[] {
	return (['yarns', 'swatches', 'tests'] as const).flatMap((table) =>
		file[table].flatMap((after): Change[] => {
			const before = mine[table].find((x) => x.id === after.id);
			if (before && (!replace || dequal(before, after))) return [];
			return [{ table, id: after.id, before, after }];
		})
	);
}

/** What one record is called. */
export function nameOfTurn([turn, ...more]: readonly Change[]): string | undefined {
	const record = turn?.after ?? turn?.before;
	if (!turn || more.length > 0) return undefined;
	return record && 'name' in record ? String(record.name) : wordRecord(turn.table);
}
