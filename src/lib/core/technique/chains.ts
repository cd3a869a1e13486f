import { chainMetres, lastYarn } from './hand';
import { hasJoins, pieceOf, technique, tool } from './technique';

declare module './technique' {
	interface WorkKinds {
		drawstring: { readonly chains: number; readonly joins: boolean };
		straps: { readonly chains: number };
		ties: { readonly chains: number };
	}
}
const drawn = () => ({ skill: 'drawstring' as const, drawing: { loops: 12 } });

/** A chained cord through a channel. */
export const drawstring = technique<'drawstring'>({
	id: 'drawstring',
	works: {
		drawstring: {
			words: ({ chains, joins }) => ({
				title: `Chain a cord of ${chains} and run it through the hem`,
				how: `In between two stitches${joins ? ' beside the colour join' : ''} and once round the channel; knot both ends together.`
			}),
			drawing: drawn
		}
	},
	steps: ({ piece, chains }, table) => {
		const p = pieceOf(table, piece);
		const joins = p !== undefined && hasJoins(p);
		return [{ id: 'drawstring', do: 'drawstring', chains, joins, caution: 'cords' }];
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
	tools: () => [tool('hook')]
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
			drawing: drawn
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
	tools: () => [tool('hook')]
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
			drawing: drawn
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
	tools: () => [tool('hook')]
});
