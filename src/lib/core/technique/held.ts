import type { WorkedPiece } from '../crank/piece';
import type { Say } from '../quantity/say';
import { CHAIN_LOOPS, gaugeOf, HOOK_SECONDS, hookedMetres, lastYarn, loopCm } from './hand';
import { singly } from './sequence';
import { chained, idOf, onPieces, pieceOf, technique, tool } from './technique';

/** A group held on waste, and the tail that hangs beside it. */
interface Group {
	readonly loops: number;
	readonly cm: number;
}
declare module './technique' {
	interface WorkKinds {
		'close-held': {
			readonly name: string;
			readonly loops: number;
			readonly copies: number;
			/** Those beside which a tail of its own hangs. */
			readonly tails: readonly Group[];
		};
	}
}

/** Groups beside which the yarn was broken, with the tail that hangs there. */
const brokenAt = (p: WorkedPiece): Group[] => {
	const tails = p.tails.filter((t) => t.use === 'chain-off');
	return p.rowByRow.works
		.flatMap(({ work }) => work)
		.flatMap((w) => (w.do === 'hold' && w.breaks !== null ? [w.pins.length] : []))
		.map((loops, i) => ({ loops, cm: tails[i]?.lengthCm ?? 0 }));
};
const withOwnTail = (p: WorkedPiece): number => brokenAt(p).reduce((t, b) => t + b.loops, 0);

/** `, each group of 4 with its tail of 40 cm`, and the rest with a strand of its own. */
function withTails(tails: readonly Group[], loops: number, s: Say): string {
	if (tails.length === 0) return '';
	const groups = [...new Map(tails.map((t) => [t.loops, t])).values()]
		.map((t) => `${t.loops} with the tail of ${s.tail(t.cm)} beside them`)
		.join(', ');
	const rest = loops - tails.reduce((t, g) => t + g.loops, 0);
	return `: ${groups}${rest > 0 ? `, the other ${rest} with a strand of their own` : ''}`;
}

/** Groups that were held while the piece was shaped. */
export const closeHeld = technique<'close-held'>({
	id: 'close-held',
	tails: { 'chain-off': 'it chains off the held group' },
	needs: { 'chain-off': chained() },
	works: {
		'close-held': {
			words: ({ loops, name, copies, tails }, s) => ({
				title: `Chain off the ${loops} stitches held on ${name}${onPieces(copies)}`,
				how: `Off their waste yarn one after another, in the order they were threaded, none twisted${withTails(tails, loops, s)}. Loose at an underarm, which has to give; firm and not drawn in along a shoulder. Then the waste is pulled.`
			}),
			tip: 'Snug the gap beside the group first; a chain that draws in can be undone and done again.',
			drawing: ({ loops }) => ({ skill: 'chain-off', drawing: { loops } }),
			loops: ({ loops }) => singly(loops)
		}
	},
	steps: ({ piece, loops }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [
					{
						id: idOf(`close-held-${p.id}`),
						do: 'close-held',
						name: p.name,
						loops,
						copies: p.count,
						tails: brokenAt(p).map((b) => ({ loops: b.loops, cm: b.cm }))
					}
				]
			: [];
	},
	// What is held beside no tail of its own is chained off with a strand.
	yarn: ({ piece, loops }, table) => {
		const p = pieceOf(table, piece);
		const bare = p ? loops - withOwnTail(p) : 0;
		return p && bare > 0
			? [{ yarn: lastYarn(p), metres: p.count * hookedMetres(bare, CHAIN_LOOPS, loopCm(p)) }]
			: [];
	},
	minutes: ({ piece, loops }, table) => ({
		what: 'held stitches chained off',
		times: pieceOf(table, piece)?.count ?? 1,
		minutes: 1 + (loops * HOOK_SECONDS) / 60
	}),
	tools: () => [tool('hook')],
	strands: ({ piece, loops }, laid) => {
		const p = pieceOf(laid, piece);
		return p && loops > withOwnTail(p) ? p.count : 0;
	},
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		if (!l.held) hands.fault('held-not-there', piece);
		l.held = false;
		if (l.broken === null) return;
		if (l.broken !== 'hanging') hands.fault('tail-gone', piece, 'held');
		const across = gaugeOf(l.piece)?.stitchesPerCm.mean ?? 1;
		const need = chained();
		for (const { loops, cm } of brokenAt(l.piece))
			if (cm < need({ edge: 'cast-off', wideCm: loops / across }) - 1e-6)
				hands.fault('tail-short', piece, 'held');
		l.broken = 'used';
	}
});
