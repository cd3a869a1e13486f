type Rec = Record<string, unknown>;

/** Ways that a gauge was given in. */
const IN_11 = ['per-10cm', 'per-4in', 'per-1in', 'cm-to-40', 'tube'];

/** What lay on the bench of a written pattern up to version 11, as the first of the patterns that are kept; null where nothing did. */
export function patternFrom11(typed: unknown, now: number): Rec | null {
	if (typeof typed !== 'object' || typed === null) return null;
	const { text, notation, stitches, rows, mode, keep } = typed as Rec;
	if (typeof text !== 'string' || text.trim() === '') return null;
	const words = (v: unknown) => (typeof v === 'string' ? v.slice(0, 80) : '');
	return {
		id: 'pattern-first',
		name: 'A written pattern',
		createdAt: now,
		text,
		note: '',
		size: 0,
		notation: IN_11.find((n) => n === notation) ?? 'per-10cm',
		stitches: words(stitches),
		rows: words(rows),
		mode: mode === 'tube' ? 'tube' : 'panel',
		keep: Array.isArray(keep) ? keep.map((k) => words(k).slice(0, 8)) : [],
		corrections: [],
		ways: [],
		apart: []
	};
}
