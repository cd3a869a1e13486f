import { v4 as uuid } from 'uuid';
import type { Apart } from '../file/backup-format';
import { loadRecipes } from '../core/recipe';
import { readAny, type OpenedFile } from '../file/backup-read';
import { writeBackups, writeOne } from '../file/backup-write';
import { readTable, type TableRead } from '../file/csv/tables';
import type { Everything } from '../file/everything';
import { previewImport, type Preview } from '../file/merge';
import type { Refusal } from '../file/refusal';
import type { Progress } from '../file/unzip';

/** A file that was read, and what it would change here; or why it was not. */
export type Looked =
	| (Extract<OpenedFile, { ok: true }> & { readonly preview: Preview })
	| { readonly ok: false; readonly refusal: Refusal };
/** A table that was read, and what it would change here; or what in it does not read. */
export type LookedTable =
	| (Extract<TableRead, { ok: true }> & { readonly preview: Preview })
	| Extract<TableRead, { ok: false }>;

/** Reading and writing files: for a worker, and for the page where none can be had. */
export const fileWork = {
	async look(bytes: Uint8Array, mine: Everything, progress: Progress): Promise<Looked> {
		// Every project is held to its own recipe's options.
		await loadRecipes();
		const opened = readAny(bytes, progress);
		return opened.ok ? { ...opened, preview: previewImport(mine, opened.value) } : opened;
	},
	/** `now` is the time of tests that do not say when they were, ms since 1970. */
	lookTable(text: string, mine: Everything, now: number): LookedTable {
		const read = readTable(text, { bench: mine.bench, newId: () => uuid(), now });
		return read.ok ? { ...read, preview: previewImport(mine, read.file) } : read;
	},
	backups: (all: Everything, apart: readonly Apart[]): Uint8Array[] => writeBackups(all, apart),
	one: (all: Everything, projectId: string): string => writeOne(all, projectId)
};
export type FileWork = typeof fileWork;
