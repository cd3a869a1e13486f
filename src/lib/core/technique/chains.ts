import { CHAIN_CM } from '../quantity/chain';
import { chainMetres, lastYarn } from './hand';
import { hasJoins, pieceOf, technique, times, tool } from './technique';

declare module './technique' {
	interface WorkKinds {
		drawstring: {
			readonly chains: number;
			readonly joins: boolean;
			/** Whether a hem is its channel; else it runs in and out below a bound edge. */
			readonly hem: boolean;
			readonly copies: number;
		};
		straps: { readonly chains: number };
		ties: { readonly chains: number };
	}
}
const drawn =
	(threaded: boolean) =>
	({ chains }: { readonly chains: number }) => ({
		skill: 'drawstring' as const,
		drawing: { loops: 12, chains, threaded }
	});

/** A chained cord through a channel, or through the fabric below an edge. */
export const drawstring = technique<'drawstring'>({
	id: 'drawstring',
	works: {
		drawstring: {
			words: ({ chains, joins, hem, copies }, s) => ({
				title: `Chain a cord of ${chains}, about ${s.length(chains * CHAIN_CM)}, and run it ${hem ? 'through the hem' : 'in and out below the bound edge'}${times(copies)}`,
				how: `In between two stitches${joins ? ' beside the colour join' : ''} and once round${hem ? ' the channel' : ', over two columns and under two, a row or two below the edge'}; knot both ends together.`
			}),
			drawing: drawn(true)
		}
	},
	steps: ({ piece, chains }, table) => {
		const p = pieceOf(table, piece);
		const joins = p !== undefined && hasJoins(p);
		const hem = table.assembly.some((s) => s.do === 'hem' && s.piece === piece);
		const copies = p?.count ?? 1;
		return [{ id: 'drawstring', do: 'drawstring', chains, joins, hem, copies, caution: 'cords' }];
	},
	yarn: ({ piece, chains }, table) => {
		const p = pieceOf(table, piece);
		return p ? [{ yarn: lastYarn(p), metres: p.count * chainMetres(chains) }] : [];
	},
	minutes: ({ piece }, table) => ({
		what: 'cord chained and run in',
		times: pieceOf(table, piece)?.count ?? 1,
		minutes: 6
	}),
	tools: () => [tool('hook')],
	// Its own ends are knotted: they hang on purpose.
	does: ({ piece }, hands) => hands.atRest(piece)
});

/** A chain over the shoulders. */
export const straps = technique<'straps'>({
	id: 'straps',
	works: {
		straps: {
			words: ({ chains }) => ({
				title: `Chain ${chains} as a strap`,
				how: 'From the front of the bound edge to the back: 50 is too short for most, 70 goes over the head. Try it on before the last stitch.'
			}),
			drawing: drawn(false)
		}
	},
	steps: ({ chains }) => [{ id: 'straps', do: 'straps', chains, caution: 'cords' }],
	yarn: ({ piece, chains }, table) => {
		const p = pieceOf(table, piece);
		return p ? [{ yarn: lastYarn(p), metres: p.count * chainMetres(chains) }] : [];
	},
	minutes: ({ piece }, table) => ({
		what: 'strap chained',
		times: pieceOf(table, piece)?.count ?? 1,
		minutes: 5
	}),
	tools: () => [tool('hook')],
	strands: ({ piece }, laid) => pieceOf(laid, piece)?.count ?? 0,
	does: ({ piece }, hands) => hands.atRest(piece)
});

/** Chained loops at both ends. */
export const ties = technique<'ties'>({
	id: 'ties',
	works: {
		ties: {
			words: ({ chains }) => ({
				title: `Chain two loops of ${chains} as ties`,
				how: 'One at each end, fastened to the closed edge; they close the gap at the handle.'
			}),
			drawing: drawn(false)
		}
	},
	steps: ({ chains }) => [{ id: 'ties', do: 'ties', chains, caution: 'cords' }],
	yarn: ({ piece, chains }, table) => {
		const p = pieceOf(table, piece);
		return p ? [{ yarn: lastYarn(p), metres: 2 * p.count * chainMetres(chains) }] : [];
	},
	minutes: ({ piece }, table) => ({
		what: 'ties chained',
		times: 2 * (pieceOf(table, piece)?.count ?? 1),
		minutes: 3
	}),
	tools: () => [tool('hook')],
	strands: ({ piece }, laid) => 2 * (pieceOf(laid, piece)?.count ?? 0),
	does: ({ piece }, hands) => hands.atRest(piece)
});
