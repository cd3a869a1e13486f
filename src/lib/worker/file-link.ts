import type { FileWork } from './file-work';
import { WorkerLink } from './link';

/** Reading may take long on a slow phone; the maker can always end it sooner. ms. */
const MOST_MS = 120_000;

/** A worker that reads and writes files. */
export const fileLink = (): WorkerLink<FileWork> =>
	new WorkerLink(
		() => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module' }),
		MOST_MS
	);
