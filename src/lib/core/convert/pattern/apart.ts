import type { Correction } from '../../model/written';
import { readSchedule } from '../own-words';
import { placesOf, tokensCorrected, type Place } from './correct';
import type { Instruction } from './follow';
import { gaugeIn, type FoundGauge } from './gauge';
import type { Token } from './tokens';

/** The length that most lists have, the longer of two; 1 where there are none. */
export function usual(lengths: readonly number[]): number {
	const often = (n: number) => lengths.filter((x) => x === n).length;
	return lengths.reduce((best, n) => {
		const more = often(n) - often(best);
		return more > 0 || (more === 0 && n > best) ? n : best;
	}, lengths[0] ?? 1);
}
type Span = Pick<Instruction, 'from' | 'to'>;
const OWN_EDGE = /(?<=^|[;\n.]\s*)(left|right|both)(?: edges?)?:\s*([^;\n]*)/gi;
/** Edges in the words of a plan: "left edge: decrease 1 every 2nd row 5 times, first after row 50". */
function ownEdges(source: string): Instruction[] {
	return [...source.matchAll(OWN_EDGE)].flatMap((m): Instruction[] => {
		const takes = readSchedule(m[2] ?? '');
		const edge = (['left', 'right'] as const).find((e) => e === m[1]?.toLowerCase()) ?? 'both';
		const at = { from: m.index, to: m.index + m[0].trimEnd().length };
		const acts = takes ? [{ do: 'edge', edge, takes } as const] : [];
		return takes ? [{ ...at, as: 'taken', acts, meanwhile: false, why: null }] : [];
	});
}
/** A text ready to be read: its tokens, with what stands apart from them. */
export interface Prepared {
	readonly tokens: readonly Token[];
	readonly corrected: readonly Place[];
	readonly gauge: FoundGauge | null;
	readonly edges: readonly Instruction[];
}
/** The tokens of a text with what the maker says of it, and without its gauge and the edges in a plan's words. */
export function prepared(
	source: string,
	size: number,
	corrections: readonly Correction[]
): Prepared {
	const corrected = placesOf(source, corrections);
	const stands = gaugeIn(source);
	const over = (a: Span) => corrected.some((p) => p.from < a.to && a.from < p.to);
	const gauge = stands && !over(stands) ? stands : null;
	const edges = ownEdges(source).filter((e) => !over(e));
	const apart = [...(gauge ? [gauge] : []), ...edges].map(({ from, to }): Place => ({
		from,
		to,
		says: null
	}));
	const places = [...corrected, ...apart].sort((a, b) => a.from - b.from);
	return { tokens: tokensCorrected(source, size, places), corrected, gauge, edges };
}

/** What stands in the text beside what is knitted: its gauge, and what the maker said is only words. */
export function besides(
	read: readonly Instruction[],
	{ gauge, corrected: places, edges }: Prepared
): Instruction[] {
	const plain = { acts: [], meanwhile: false, why: null } as const;
	const said = read.map((x) =>
		places.some((p) => p.says !== null && p.from <= x.from && x.to <= p.to)
			? { ...x, corrected: true as const }
			: x
	);
	const words = places.flatMap(({ from, to, says }): Instruction[] =>
		says === '' ? [{ from, to, as: 'words', ...plain, corrected: true }] : []
	);
	const found: Instruction[] = gauge
		? [{ from: gauge.from, to: gauge.to, as: 'taken', ...plain, gauge }]
		: [];
	// What was read of a stretch stays in its order.
	return [...said, ...words, ...found, ...edges].sort((a, b) => a.from - b.from);
}
