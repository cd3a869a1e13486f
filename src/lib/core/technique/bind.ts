import type { Edge } from '../assembly/assembly';
import type { WorkedPiece } from '../crank/piece';
import { singly } from './sequence';
import {
	idOf,
	loopsAt,
	onPieces,
	pieceOf,
	ROW,
	SHARP,
	tailAt,
	technique,
	tool,
	type WorkStep,
	chained
} from './technique';
import {
	CHAIN_LOOPS,
	CROCHET_LOOPS,
	firstYarn,
	HOOK_SECONDS,
	hookedMetres,
	lastYarn,
	loopCm
} from './hand';
import { wasteOff, wasteOffWorks } from './waste-off';

interface Row {
	readonly edge: Edge;
	readonly loops: number;
	readonly copies: number;
}
declare module './technique' {
	interface WorkKinds {
		/** Crochet stitches to a loop; the piece's name where there are several. */
		bind: Row & {
			readonly perLoop: 1 | 2;
			readonly rounds: 1 | 2;
			readonly tailCm: number;
			readonly name?: string;
		};
		/** The loops of a piece's first or last row closed, before it is blocked or sewn. */
		'bind-edge': Row & {
			readonly name: string;
			readonly tailCm: number;
			readonly waste: boolean;
		};
		thumb: { readonly atRow: number; readonly stitches: number; readonly copies: number };
	}
}

/** An open end of a tube bound so that it stretches. */
export const bind = technique<'bind'>({
	id: 'bind',
	tails: { bind: 'it binds these loops off' },
	needs: { bind: chained() },
	works: {
		...wasteOffWorks,
		bind: {
			words: ({ loops, edge, name, copies, perLoop, rounds, tailCm }, s) => ({
				title: `Bind off the ${loops} loops of the ${ROW[edge]} row${name ? ` of ${name.toLowerCase()}` : ''}${onPieces(copies)}`,
				how:
					perLoop === 2
						? `Loosen the ${ROW[edge]} row first: draw a little yarn along it. ${s.crochet.Single} in every loop and between each two, ${2 * loops} in all, so that it stretches over the heel.${rounds === 2 ? ' A second round, a stitch in each.' : ''}`
						: `With the tail of ${s.tail(tailCm)} a chain through every loop, or ${s.crochet.single} with a stitch between loops where it has to stretch: loose enough to pull over.`
			}),
			drawing: (w) => ({ skill: w.perLoop === 2 ? 'crochet' : 'chain-off', drawing: w }),
			loops: ({ loops }) => singly(loops)
		}
	},
	steps: ({ piece, edge, perLoop = 1, rounds = 1, brief: named = false }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const step: WorkStep = {
			id: named ? idOf(`bind-${edge}-${p.id}`) : `bind-${edge}`,
			do: 'bind',
			edge,
			loops: loopsAt(p, edge),
			copies: p.count,
			perLoop,
			rounds,
			tailCm: tailAt(p, edge),
			...(named ? { name: p.name } : {}),
			...SHARP
		};
		return [step, ...(named ? [] : wasteOff(p, edge))];
	},
	tail: ({ piece, edge }, end) => (piece === end.piece && edge === end.edge ? 'bind' : null),
	// A chain through every loop comes off the tail; two crochet stitches a loop take yarn of their own.
	yarn: ({ piece, edge, perLoop = 1, rounds = 1 }, table) => {
		const p = pieceOf(table, piece);
		if (!p || perLoop === 1) return [];
		const all = hookedMetres(rounds * perLoop * loopsAt(p, edge), CROCHET_LOOPS, loopCm(p));
		const beyond = Math.max(0, all - tailAt(p, edge) / 100);
		return [{ yarn: edge === 'cast-on' ? firstYarn(p) : lastYarn(p), metres: p.count * beyond }];
	},
	minutes: ({ piece, edge, perLoop = 1, rounds = 1 }, table) => {
		const p = pieceOf(table, piece);
		return p
			? {
					what: 'ends bound',
					times: p.count,
					minutes: 1 + (rounds * perLoop * loopsAt(p, edge) * HOOK_SECONDS) / 60
				}
			: null;
	},
	tools: () => [tool('hook')],
	strands: ({ piece, perLoop = 1 }, laid) => (perLoop > 1 ? (pieceOf(laid, piece)?.count ?? 0) : 0),
	does: ({ piece, edge }, hands) => hands.close(piece, edge, 'bound')
});

/** Fewer loops than this are drawn together with the yarn: nobody chains over two. */
const DRAWN_UP = 2;

/** First and last rows of panels, so that nothing is blocked, sewn or crocheted into while it can run. */
export const closeRow = technique<'close-row'>({
	id: 'close-row',
	works: {
		'bind-edge': {
			words: ({ loops, edge, name, copies, tailCm, waste }, s) => ({
				title: `${loops > DRAWN_UP ? 'Bind' : 'Draw up'} the ${loops === 1 ? 'last loop' : `${loops} loops`} of the ${ROW[edge]} row of ${name}${onPieces(copies)}`,
				how: `${
					loops > DRAWN_UP
						? `With the tail of ${s.tail(tailCm)} a chain through every loop, loose enough to stretch with the fabric`
						: 'The tail through and fastened off'
				}${waste ? '; then the waste comes off: find the end that runs through its last row and pull.' : ', before anything is blocked or sewn.'}`
			}),
			drawing: (w) => ({ skill: 'chain-off', drawing: w }),
			loops: ({ loops }) => singly(loops)
		}
	},
	steps: ({ piece, edge }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		return [
			{
				id: idOf(`bind-${edge === 'cast-on' ? 'hem' : 'top'}-${p.id}`),
				do: 'bind-edge',
				edge,
				name: p.name,
				loops: loopsAt(p, edge),
				tailCm: tailAt(p, edge),
				waste: p.waste[edge],
				copies: p.count,
				...SHARP
			}
		];
	},
	tail: ({ piece, edge }, end) => {
		if (piece !== end.piece || edge !== end.edge) return null;
		if (end.loops > DRAWN_UP) return 'bind';
		return end.tip ? (edge === 'cast-off' ? 'tip' : null) : 'cord-end';
	},
	minutes: ({ piece, edge }, table) => {
		const p = pieceOf(table, piece);
		return p
			? { what: 'rows closed', times: p.count, minutes: 1 + (loopsAt(p, edge) * HOOK_SECONDS) / 60 }
			: null;
	},
	tools: () => [tool('hook')],
	does: ({ piece, edge }, hands) => hands.close(piece, edge, 'bound')
});

/** Stitches over which the spare strand lies: fewer than were asked where the ring has no more. */
function slitOf({ program }: WorkedPiece): number {
	const strand = program.find((o) => o.op === 'spare-strand');
	return strand ? strand.to - strand.from : 0;
}

/** A slit opened along a spare strand, its loops bound round. */
export const thumb = technique<'thumb'>({
	id: 'thumb',
	works: {
		thumb: {
			words: ({ atRow, stitches, copies }) => ({
				title: `Open the thumb at row ${atRow}, ${stitches} stitches${onPieces(copies)}`,
				how: `Draw the spare strand out of its ${stitches} stitches: ${2 * stitches} loops and the two corners are free. Bind them round with a chain, loosely.`
			}),
			drawing: ({ stitches }) => ({ skill: 'chain-off', drawing: { loops: 2 * stitches } })
		}
	},
	steps: ({ piece, atRow }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [{ id: 'thumb', do: 'thumb', atRow, stitches: slitOf(p), copies: p.count, ...SHARP }]
			: [];
	},
	yarn: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		const stitches = p ? slitOf(p) : 0;
		return p
			? [
					{
						yarn: lastYarn(p),
						metres: p.count * hookedMetres(2 * stitches + 2, CHAIN_LOOPS, loopCm(p))
					}
				]
			: [];
	},
	minutes: ({ piece }, table) => ({
		what: 'thumbs opened',
		times: pieceOf(table, piece)?.count ?? 1,
		minutes: 5
	}),
	tools: () => [tool('hook')],
	strands: ({ piece }, laid) => pieceOf(laid, piece)?.count ?? 0,
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		if (!l.strand) hands.fault('row-not-live', piece, 'thumb');
		l.strand = false;
	}
});
