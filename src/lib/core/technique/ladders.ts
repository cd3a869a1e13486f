import { LATCH_SECONDS } from './hand';
import { stepIn } from '../assembly/assembly';
import { pieceOf, SHARP, technique, tool } from './technique';

declare module './technique' {
	interface WorkKinds {
		'latch-card': { readonly piece: string; readonly gaps: number; readonly columns: number };
		'latch-ladders': { readonly between: readonly [number, number] };
	}
}

/** Floats of extensions latched up to columns. */
export const latchCard = technique<'latch-card'>({
	id: 'latch-card',
	works: {
		'latch-card': {
			words: ({ piece, gaps, columns }) => ({
				title: `Latch up ${gaps} ${gaps === 1 ? 'gap' : 'gaps'} on ${piece}, ${columns} columns each`,
				how: 'Each section between two gaps comes off on its own strand; do not stretch it. Tighten the edge stitch, then latch from the bottom upwards, a rung to each row, close to the neighbouring column.'
			}),
			drawing: () => ({ skill: 'latch', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, gaps, columns }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [{ id: `latch-card-${p.id}`, do: 'latch-card', piece: p.name, gaps, columns, ...SHARP }]
			: [];
	},
	minutes: ({ piece, gaps, columns }, table) => {
		const p = pieceOf(table, piece);
		return p
			? {
					what: 'columns latched up',
					times: p.count * gaps * columns,
					minutes: (p.mainRows * LATCH_SECONDS) / 60
				}
			: null;
	},
	tools: () => [tool('latch-hook')],
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (l) l.floats = false;
	}
});

/** Tubes joined over the shoulders by the ladders dropped in them. */
export const latchLadders = technique<'latch-ladders'>({
	id: 'latch-ladders',
	works: {
		'latch-ladders': {
			words: ({ between }) => ({
				title: `Join both tubes by their ladders, ${between[0]} and ${between[1]} stitches between`,
				how: 'Over each sleeve take two rungs from each side in turn with a latch hook. Where neck and body stay open latch each edge alone, in two passes, and secure the last rung with spare yarn.'
			}),
			drawing: () => ({ skill: 'latch', drawing: { loops: 12 } })
		}
	},
	steps: ({ between }) => [{ id: 'latch-ladders', do: 'latch-ladders', between, ...SHARP }],
	// Both ladders of both tubes, a rung to each row.
	minutes: (_, { pieces: [p] }) => ({
		what: 'ladders latched',
		times: 4,
		minutes: ((p?.mainRows ?? 0) * LATCH_SECONDS) / 60
	}),
	tools: () => [tool('latch-hook')],
	does: (_, hands) => {
		for (const l of hands.pieces) l.ladders = false;
	}
});

/** Whether tubes are joined by ladders: their seams are latched and not sewn. */
export const byLadders = (assembly: Parameters<typeof stepIn>[0]): boolean =>
	stepIn(assembly, 'latch-ladders') !== undefined;
