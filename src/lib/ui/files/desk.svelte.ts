import * as Comlink from 'comlink';
import type { Apart } from '$lib/file/backup-format';
import type { Everything } from '$lib/file/everything';
import { MAX_TABLE_BYTES } from '$lib/file/csv/tables';
import { MAX_FILE_BYTES } from '$lib/file/project-file';
import { troubleOf, STORE_WORDS } from '$lib/store/failure';
import type { FileWork, Looked, LookedTable } from '$lib/worker/file-work';
import { fileLink } from '$lib/worker/file-link';
import { WorkerFailed } from '$lib/worker/link';

const MB = 1_000_000;

const tooLarge = (most: number, what: string): Looked & { ok: false } => ({
	ok: false,
	refusal: { code: 'too-large', path: '', expected: `at most ${most / MB} MB for ${what}` }
});

/** Reads and writes files away from the page, so that it goes on meanwhile; in the page where no worker can be had. */
export class FileDesk {
	/** How much of a file has been read, 0 to 1; null where none is being read. */
	share = $state<number | null>(null);
	readonly #link = fileLink();

	/** What is in a file and what it would change; null where reading was ended from here. */
	async look(file: File, mine: Everything): Promise<Looked | null> {
		if (file.size > MAX_FILE_BYTES) return tooLarge(MAX_FILE_BYTES, 'a file');
		const bytes = new Uint8Array(await file.arrayBuffer());
		const progress = (share: number) => (this.share = share);
		this.share = 0;
		try {
			return await this.#do(
				(w) => w.look(bytes, mine, Comlink.proxy(progress)),
				(w) => w.look(bytes, mine, progress)
			);
		} catch (e) {
			if (e instanceof WorkerFailed && e.end === 'ended') return null;
			throw e;
		} finally {
			this.share = null;
		}
	}

	async lookTable(file: File, mine: Everything): Promise<LookedTable | (Looked & { ok: false })> {
		if (file.size > MAX_TABLE_BYTES) return tooLarge(MAX_TABLE_BYTES, 'a table');
		const text = await file.text();
		return this.#do(
			(w) => w.lookTable(text, mine, Date.now()),
			(w) => w.lookTable(text, mine, Date.now())
		);
	}

	backups(all: Everything, apart: readonly Apart[]): Promise<Uint8Array[]> {
		return this.#do(
			(w) => w.backups(all, apart),
			(w) => w.backups(all, apart)
		);
	}

	one(all: Everything, projectId: string): Promise<string> {
		return this.#do(
			(w) => w.one(all, projectId),
			(w) => w.one(all, projectId)
		);
	}

	/** Ends what is being read; nothing was changed by it. */
	readonly end = (): void => this.#link.end();

	async #do<R>(
		away: (w: Comlink.Remote<FileWork>) => Promise<R>,
		here: (w: FileWork) => R | Promise<R>
	): Promise<R> {
		try {
			return await this.#link.ask(away);
		} catch (e) {
			if (!(e instanceof WorkerFailed && e.end === 'unstarted')) throw e;
			const { fileWork } = await import('$lib/worker/file-work');
			return await here(fileWork);
		}
	}
}

/** Why reading or writing a file did not work, in a sentence. */
export function wordFileFailure(e: unknown): string {
	if (e instanceof WorkerFailed)
		return e.end === 'slow' ? 'It took too long.' : 'The part of Tomble that reads files stopped.';
	if (e instanceof DOMException && e.name === 'NotReadableError')
		return 'It could not be read: it was moved or changed meanwhile.';
	const trouble = troubleOf(e);
	if (trouble !== 'unknown') return `${STORE_WORDS[trouble].why} ${STORE_WORDS[trouble].todo}`;
	return `${e instanceof Error ? e.message : String(e)}.`;
}
