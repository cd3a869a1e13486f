import { counted, type Joint, type JointSide } from '../assembly/joint';
import type { SeamKind } from '../assembly/assembly';
import { rowsWord, uncapital, type Say } from '../quantity/say';

const SEAM_NAMES: Record<SeamKind, string> = {
	open: 'First rows, loop to loop',
	panels: 'Between panels',
	'centre-back': 'Centre back',
	'centre-front': 'Centre front',
	shoulder: 'Shoulder',
	armhole: 'Sleeve into armhole',
	side: 'Side',
	sleeve: 'Sleeve seam',
	band: 'Band along the front',
	edge: 'Edge to edge',
	across: 'Row of panels to row',
	ladders: 'Joined by ladders over the sleeves',
	'ladders-under': 'Joined by ladders under the sleeves',
	free: 'Seam'
};
/** What a seam is called, with its hand where there are two; a joint of another kind has no name here. */
export function wordSeam(kind: Joint['kind'], of?: 'left' | 'right', called?: string): string {
	if (called !== undefined) return `${SEAM_NAMES.free}: ${uncapital(called)}`;
	const name = (SEAM_NAMES as Partial<Record<string, string>>)[kind] ?? SEAM_NAMES.free;
	return of ? `${name}, ${of}` : name;
}

/** The stitch a seam is sewn in, by what meets: edges of rows, bound rows of stitches, or one of each. */
export function wordStitch({ kind, a, b }: Joint): string {
	if (kind === 'shoulder') return 'Back stitch just inside both closed edges';
	if (a.stitches === 0 && b.stitches === 0)
		return 'Mattress stitch, an edge stitch of each taken up';
	if (a.rows === 0 && b.rows === 0) return 'Mattress stitch, closed row to closed row';
	const one = (a.stitches === 0 && b.rows === 0) || (b.stitches === 0 && a.rows === 0);
	return one
		? 'Mattress stitch, an edge stitch of the rows taken up and the closed row laid on it'
		: 'Mattress stitch along both edges';
}

/** How a seam is sewn: what meets what, and how the difference is taken up. */
export function wordSeamHow(c: Joint, s: Say): string {
	if (c.verdict === 'missing') return 'One of its edges is not there.';
	if (c.by === 'rows') {
		const n = Math.abs(c.diff);
		const rows = `${c.a.rows} rows with ${c.b.rows}`;
		if (c.kind === 'ladders' || c.kind === 'ladders-under')
			return `${rows}: two rungs from each side in turn.`;
		if (n === 0) return `${rows}, bar for bar, one or two bars at a time.`;
		const every = Math.max(2, Math.round(Math.max(c.a.rows, c.b.rows) / n));
		return `${rows}: take two bars of the ${c.diff > 0 ? 'first' : 'second'} to one of the other about every ${every} rows, ${n} in all.`;
	}
	if (c.by === 'loops') {
		const n = Math.abs(c.diff);
		const stitches = `${c.a.stitches} stitches with ${c.b.stitches}`;
		if (n === 0) return `${stitches}, one to one, firm and not drawn in.`;
		return `${stitches}: ${n === 1 ? 'take one stitch with its neighbour' : `${n} stitches too many on the ${c.diff > 0 ? 'first' : 'second'}`}.`;
	}
	const lengths = `${s.length(c.a.cm)} with ${s.length(c.b.cm)}`;
	const ratio = c.pickUp
		? ` ${c.pickUp.stitches} stitch${c.pickUp.stitches === 1 ? '' : 'es'} for ${rowsWord(c.pickUp.rows)}.`
		: '';
	if (c.verdict === 'meets') return `${lengths}.${ratio}`;
	return `${lengths}: ${c.verdict === 'eases' ? `ease ${s.length(Math.abs(c.diff))} in, spread over the whole seam` : `${s.length(Math.abs(c.diff))} apart`}.${ratio}`;
}

/** How two edges that are not a seam lie together. */
const LIES: { readonly [K in Joint['kind']]?: (j: Joint) => string } = {
	tubes: () => 'row to row',
	bag: () => 'row to row',
	attach: (j) => (j.verdict === 'meets' ? 'stands on it' : 'wider than what it stands on'),
	border: () => 'crochet to loops',
	hang: () => 'too near one another'
};

/** Any joint: what comes together, and how. */
export function wordJoint(j: Joint, s: Say): { readonly title: string; readonly how: string } {
	if (j.kind in SEAM_NAMES)
		return { title: wordSeam(j.kind, j.of, j.called), how: wordSeamHow(j, s) };
	const end = (e: JointSide) =>
		j.by === 'length'
			? s.length(e.cm)
			: `${counted(e, j.by)} ${j.by === 'rows' ? 'rows' : 'loops'}`;
	const lies = LIES[j.kind]?.(j);
	const title = `${j.a.name} to ${j.b.name}`;
	return {
		title: title.charAt(0).toUpperCase() + title.slice(1),
		how: `${end(j.a)} to ${end(j.b)}${lies ? `: ${lies}` : ''}.`
	};
}
