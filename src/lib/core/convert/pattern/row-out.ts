import type { Act, Shape } from './acts';
import type { State } from './follow';
import { merge, sentenceEnd, take, tokenAt } from './take';

/** Shaping takes the work of one row, and no more, from a row that is written out stitch by stitch. */
const ROW_OUT = /(?:(?:dec|inc) row|next row)(?: \( (?:rs|ws) \)| rs)? :/y;

/** A row that is written out stitch by stitch: decreases at its start, its end or both. */
export function rowOut(s: State, i: number): number | null {
	ROW_OUT.lastIndex = s.at[i] ?? 0;
	if (!ROW_OUT.test(s.text)) return null;
	const end = sentenceEnd(s, i);
	const words = s.tokens.slice(i, end).map((t) => t.is);
	const decs = words.flatMap((w, k) => (w === 'dec1' || w === 'ssk' ? [k] : []));
	const named = words.findIndex((w, k) => w === 'dec' && k > 2 && words[k + 1] !== 'row');
	const lastPart = words.indexOf('last');
	const way = { do: 'shape', way: 'dec', n: 1, first: 1, every: 1, times: 1, to: null } as const;
	if (named > 0 && decs.length === 1) {
		const edge = words.includes('arm') ? 'armhole' : words.includes('neck') ? 'neck' : null;
		if (!edge) return null;
		const comma = words.indexOf(',', named);
		if (comma < 0) return null;
		take(s, [i, i + comma], [{ ...way, edge }]);
		s.meanwhile = true;
		return take(s, [i + comma + 1, end], [{ ...way, edge: 'end' }]);
	}
	if (decs.length === 2) return take(s, [i, end], [{ ...way, edge: 'both' }]);
	if (decs.length === 1 && named < 0) {
		const atEnd = lastPart >= 0 && lastPart < (decs[0] ?? 0);
		return take(s, [i, end], [{ ...way, edge: atEnd ? 'end' : 'start' }]);
	}
	// A group at its start, and the rest of it knitted.
	const off = words.indexOf('off');
	const n = Number(words[off + 1]);
	if (off > 0 && Number.isInteger(n) && n > 0)
		return take(s, [i, end], [{ do: 'groups', n, rows: 1 }]);
	const plain = words.slice(words.indexOf(':') + 1).every((w) => w === 'p' || w === 'k');
	return plain ? take(s, [i, end], [{ do: 'rows', n: 1, from: null }]) : null;
}

const REPEAT =
	/rep (?:last )?(?:(?<rows>\d+) )?row(?: (?<times>\d+) (?:more )?times(?: more)?| until (?<until>\d+) st(?: rem)?)/y;

/** "Rep the last 6 rows 4 times more": the shaping among them again, and the straight rows after it. */
export function repeat(s: State, i: number): number | null {
	REPEAT.lastIndex = s.at[i] ?? 0;
	const m = REPEAT.exec(s.text);
	if (!m) return null;
	const g = m.groups ?? {};
	const rows = Number(g.rows ?? 1);
	const to = tokenAt(s, REPEAT.lastIndex);
	const last = s.acts;
	const tail = last.at(-1);
	const [one, rest] = tail?.do === 'rows' ? [last.at(-2), tail.n] : [tail, 0];
	if (one?.do === 'groups' && rows === one.rows && g.times !== undefined) {
		// Told as one: so many at the beginning of so many rows.
		const k = Number(g.times) * rows;
		return merge(s, [i, to], one, { do: 'groups', n: one.n, rows: one.rows + k });
	}
	if (tail?.do === 'rows' && g.times !== undefined && straight(last) >= rows)
		return take(s, [i, to], [{ do: 'rows', n: rows * Number(g.times), from: null }]);
	if (one?.do !== 'shape' || one.times !== 1) return null;
	const again: Shape = {
		...one,
		first: rows - rest,
		every: rows,
		times: g.times === undefined ? null : Number(g.times),
		to: g.until === undefined ? null : Number(g.until)
	};
	const tailRows: Act[] = rest > 0 ? [{ do: 'rows', n: rest, from: null }] : [];
	return take(s, [i, to], [again, ...tailRows]);
}

/** Straight rows at the end of what was read so far. */
function straight(list: readonly Act[]): number {
	let n = 0;
	for (const act of list.toReversed()) {
		if (act.do !== 'rows') break;
		n += act.n;
	}
	return n;
}
