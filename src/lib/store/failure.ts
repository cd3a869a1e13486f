/** Why the browser's store does not take or give what is asked of it. */
export type StoreTrouble =
	'full' | 'missing' | 'blocked' | 'newer' | 'older' | 'slow' | 'refused' | 'unsound' | 'unknown';

interface Named {
	readonly name?: string;
	readonly message?: string;
	readonly inner?: Named;
}

const BY_NAME: Record<string, StoreTrouble> = {
	QuotaExceededError: 'full',
	MissingAPIError: 'missing',
	VersionError: 'newer',
	DatabaseClosedError: 'refused',
	InvalidStateError: 'refused',
	SecurityError: 'missing',
	UnsoundError: 'unsound'
};

/** A record that the file format would not take: it is not stored, so that a backup of it always opens. */
export class UnsoundError extends Error {
	override readonly name = 'UnsoundError';
}

/** What an error of the store comes from; errors wrap one another, the innermost known name tells. */
export function troubleOf(error: unknown): StoreTrouble {
	let found: StoreTrouble = 'unknown';
	for (let e = error as Named | undefined; e; e = e.inner) {
		const known = BY_NAME[e.name ?? ''] ?? (/quota/i.test(e.message ?? '') ? 'full' : undefined);
		if (known) found = known;
	}
	return found;
}

/** What is the matter, and what to do: one sentence each. */
export const STORE_WORDS: Record<StoreTrouble, { readonly why: string; readonly todo: string }> = {
	full: {
		why: 'The browser’s storage is full.',
		todo: 'Free some space on this device, then try again.'
	},
	missing: {
		why: 'This browser lets Tomble store nothing here, as in a private window.',
		todo: 'What you do stands on this page only: save it as a file before you leave, or use another window.'
	},
	blocked: {
		why: 'An older Tomble is open in another tab and holds the store.',
		todo: 'Close that tab; this one goes on by itself.'
	},
	newer: {
		why: 'A newer Tomble has used this store.',
		todo: 'Reload the page to get the newer one.'
	},
	older: {
		why: 'A newer Tomble was opened in another tab, so this one stores nothing any more.',
		todo: 'Reload this page.'
	},
	slow: {
		why: 'The browser’s storage has not answered yet.',
		todo: 'Close other tabs of Tomble; if it stays so, reload.'
	},
	refused: {
		why: 'The browser’s storage was closed or refused.',
		todo: 'Try again; if it stays so, reload the page.'
	},
	unsound: {
		why: 'It holds something that no file could carry.',
		todo: 'Undo the last change, or change it within the bounds that the field names.'
	},
	unknown: {
		why: 'The browser’s storage did not take it.',
		todo: 'Try again; if it stays so, reload the page.'
	}
};
