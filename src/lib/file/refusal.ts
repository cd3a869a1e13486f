/** Why a file is refused, and where in it. */
export interface Refusal {
	readonly code: 'not-json' | 'foreign' | 'newer' | 'damaged' | 'too-large' | 'empty';
	/** Path in the file, like `project.options.head`, where one is known. */
	readonly path: string;
	/** What was expected there. */
	readonly expected: string;
}

export type Opened<T> = { ok: true; value: T } | { ok: false; refusal: Refusal };

export const refuse = (code: Refusal['code'], path: string, expected: string) =>
	({ ok: false, refusal: { code, path, expected } }) as const;
