import type { EdgePoint } from '../../shaping/outline';
import type { Typed, TypedTake } from '../../shaping/typed';
import type { ReadPattern } from '../pattern/follow';
import type { TheirGauge } from '../written';
import type { GuessedSeam, SeamEnd } from './seams';
import { outlineOf, typedOf, widens, type Strip } from './strip';

/** A panel of a pattern as a record holds it: its outline in cm, its rows as typed, and the words of the pattern from a row on. */
export interface TakenPiece {
	id: string;
	name: string;
	count: number;
	mirrored: boolean;
	left: EdgePoint[];
	right: EdgePoint[];
	top: string;
	typed?: Omit<Typed, 'left' | 'right'> & { left: TypedTake[]; right: TypedTake[] };
	says: { row: number; words: string }[];
}
export interface TakenSeam {
	name: string;
	a: SeamEnd[];
	b: SeamEnd[];
	times?: number;
	open?: true;
}

/** Longer words of a pattern are cut, in letters. */
const MOST_WORDS = 300;
const MOST_SAYS = 300;
const fine = (x: number) => Math.round(x * 1000) / 1000;

/** The words of the pattern at each row where another instruction begins. */
function saysOf(s: Strip, read: ReadPattern, source: string): TakenPiece['says'] {
	const by = new Map<number, string>();
	for (const { row, at } of s.lines) {
		const of = read.instructions[at];
		const words = of ? source.slice(of.from, of.to).replace(/\s+/g, ' ').trim() : '';
		if (words === '') continue;
		// What is worked at the same row stands together.
		const was = by.get(row);
		const all = was === undefined || was.includes(words) ? (was ?? words) : `${was}; ${words}`;
		by.set(row, all.slice(0, MOST_WORDS));
	}
	return [...by]
		.map(([row, words]) => ({ row, words }))
		.sort((a, b) => a.row - b.row)
		.slice(0, MOST_SAYS);
}

/** A panel of a pattern as a piece of a project, drawn by a gauge. */
export function takenPiece(
	s: Strip,
	gauge: TheirGauge,
	from: { readonly read: ReadPattern; readonly source: string }
): TakenPiece {
	const { left, right } = outlineOf(s, gauge);
	const round = (edge: readonly EdgePoint[]) =>
		edge.map((p) => ({ ...p, x: fine(p.x), y: fine(p.y) }));
	const { left: l, right: r, ...typed } = typedOf(s, gauge);
	return {
		id: s.id,
		name: s.name,
		count: s.count,
		mirrored: s.mirrored,
		left: round(left),
		right: round(right),
		top: s.top,
		...(widens(s) ? {} : { typed: { ...typed, left: [...l], right: [...r] } }),
		says: saysOf(s, from.read, from.source)
	};
}

export const takenSeam = ({ name, a, b, times, open }: GuessedSeam): TakenSeam => ({
	name: name.slice(0, 120),
	a: [...a],
	b: [...b],
	...(times > 1 ? { times } : {}),
	...(open ? { open: true as const } : {})
});
