import { CROCHET_LOOPS, firstYarn, HOOK_SECONDS, hookedMetres, loopCm } from './hand';
import type { OpenEdgeId } from '../assembly/assembly';
import { edgesOf, pickUpRatio } from '../assembly/joint';
import { repeatsWord, rowsWord, capital } from '../quantity/say';
import { nearestMultiple } from '../quantity/whole';
import { edgesAt } from './sew';
import { technique, tool, type Table } from './technique';
import type { StepOf } from '../assembly/assembly';

/** An open edge in single crochet: so many stitches, each with how it is worked. */
export interface EdgeCount {
	readonly edge: OpenEdgeId | 'thumb';
	readonly times: number;
	/** A repeat of so many over so many loops; null where one follows the edge. */
	readonly repeat: { readonly of: number; readonly loops: number; readonly rounds: number } | null;
	/** Single crochet in all; one in each stitch, and in rows by the ratio. */
	readonly stitches: number;
	readonly inStitches: number;
	readonly inRows: number;
	readonly rows: number;
	readonly pickUp: { readonly stitches: number; readonly rows: number };
	readonly cm: number;
}
declare module './technique' {
	interface WorkKinds {
		'crochet-edge': { readonly count: EdgeCount };
	}
}

export const EDGE_NAMES: Record<OpenEdgeId | 'thumb', string> = {
	neck: 'Neck',
	hem: 'Hem',
	front: 'Front edges',
	cuff: 'Cuff',
	armhole: 'Armhole',
	thumb: 'Thumb',
	round: 'All round'
};

/** How many stitches go round an open edge: one in each loop, and so many for so many rows. */
export function edgeCount(
	{ id, called, ends, times, repeat = undefined }: StepOf<'crochet-edge'>,
	table: Pick<Table, 'pieces'>
): EdgeCount {
	const edge = called ?? id;
	const edges = edgesAt(table);
	const { stitchesPerCm, rowsPerCm } = edges.density;
	const pickUp = pickUpRatio(stitchesPerCm, rowsPerCm);
	if (repeat) {
		const stitches = nearestMultiple(repeat.loops, repeat.of);
		const cm = repeat.loops / stitchesPerCm;
		return {
			edge,
			times,
			repeat,
			stitches,
			inStitches: stitches,
			inRows: 0,
			rows: 0,
			pickUp,
			cm
		};
	}
	const parts = ends.flatMap((end) => edgesOf(edges, end));
	const sum = (of: (p: (typeof parts)[number]) => number) => parts.reduce((t, p) => t + of(p), 0);
	const inStitches = sum((p) => p.stitches);
	const rows = sum((p) => p.rows);
	// On a slope each stitch taken off stands for its own row or two: rows are picked up less those.
	const inRows = Math.round((rows * pickUp.stitches) / pickUp.rows);
	return {
		edge,
		times,
		repeat: null,
		stitches: inStitches + inRows,
		inStitches,
		inRows,
		rows,
		pickUp,
		cm: sum((p) => p.cm)
	};
}

/** Stitches made in all: those of a plain round, and of as many rounds of pattern as follow. */
const worked = ({ stitches, repeat }: EdgeCount): number => stitches * (1 + (repeat?.rounds ?? 0));

/** A round of single crochet along open edges. */
export const crochetEdge = technique<'crochet-edge'>({
	id: 'crochet-edge',
	works: {
		'crochet-edge': {
			words: ({ count: c }, s) => {
				const parts = [
					...(c.repeat
						? [
								`A plain round into the spaces between the columns, ${c.repeat.loops} of them round both closed ends: ${c.stitches} is the nearest that comes out whole. Then ${c.repeat.rounds} rounds of the pattern, ${repeatsWord(c.stitches / c.repeat.of)} of ${c.repeat.of}`
							]
						: []),
					...(!c.repeat && c.inStitches > 0 ? [`one in each of ${c.inStitches} stitches`] : []),
					...(c.rows > 0
						? [
								`${c.pickUp.stitches} for every ${rowsWord(c.pickUp.rows)} along ${c.rows}, ${c.inRows} there`
							]
						: [])
				];
				return {
					title: `${EDGE_NAMES[c.edge]}: ${c.stitches} ${s.crochet.single}${c.times > 1 ? `, ${c.times} times` : ''}`,
					how: `${capital(parts.join('; '))}. ${s.length(c.cm)} of edge; if it ruffles, fewer; if it draws in, more.`
				};
			},
			drawing: ({ count: { stitches, repeat, rows } }) => ({
				skill: 'crochet',
				drawing: { loops: stitches, ...(repeat || rows > 0 ? { stitches } : { perLoop: 1 }) }
			})
		}
	},
	steps: (step, table) => {
		// Two armholes are two edges.
		const alike = table.assembly.filter((s) => s.do === 'crochet-edge' && s.id === step.id);
		const nth = alike.indexOf(step);
		const id = `edge-${step.id}${nth > 0 ? `-${nth + 1}` : ''}`;
		return [{ id, do: 'crochet-edge', count: edgeCount(step, table) }];
	},
	yarn: (step, table) => {
		const stitches = worked(edgeCount(step, table));
		const [p] = table.pieces;
		return [
			{
				yarn: firstYarn(p),
				metres: step.times * hookedMetres(stitches, CROCHET_LOOPS, loopCm(p))
			}
		];
	},
	minutes: (step, table) => ({
		what: 'edges crocheted',
		times: step.times,
		minutes: 1 + (worked(edgeCount(step, table)) * HOOK_SECONDS) / 60
	}),
	tools: () => [tool('hook')],
	strands: ({ times }) => times,
	does: (step, hands) => {
		for (const ref of step.ends) hands.still(ref);
	}
});
