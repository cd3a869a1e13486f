import { SEW_SECONDS, gaugeOf } from './hand';
import { jointOf, side, type Joint } from '../assembly/joint';
import { rowsWord } from '../quantity/say';
import { pieceOf, SHARP, strandFor, technique, threadMetres, tool } from './technique';
import type { WorkedPiece } from '../crank/piece';

declare module './technique' {
	interface WorkKinds {
		'fold-bag': { readonly missRows: number };
		'sew-bag': {
			readonly a: number;
			readonly b: number;
			readonly strandCm: number;
			readonly verdict: Joint['verdict'];
		};
		handle: { readonly rows: number; readonly longCm: number; readonly wideCm: number };
	}
}

/** Across a tube lying flat, cm. */
const wideCm = (p: WorkedPiece): number =>
	p.stitches.first / 2 / (gaugeOf(p)?.stitchesPerCm.mean ?? 1);
const yarnOf = (p: WorkedPiece | undefined): number => p?.runs[0]?.yarn ?? 0;

/** A strip folded to a bag on three diagonals. */
export const foldBag = technique<'fold-bag'>({
	id: 'fold-bag',
	works: {
		'fold-bag': {
			words: ({ missRows }) => ({
				title: 'Fold the strip to a bag, three folds on three diagonals',
				how: `Lay it flat, cast-on at the left. Fold the middle third along its diagonal from bottom left to top right: the right part goes behind. Fold the first third along its diagonal, the outer half behind; bring the outer half of the last third to the front.${missRows === 0 ? '' : missRows > 0 ? ` ${rowsWord(missRows / 2)} stand over at each end: fold them in.` : ` Each end lacks ${rowsWord(-missRows / 2)}: the notch stays open that much at its middle.`}`
			}),
			drawing: () => ({ skill: 'fold-bag', drawing: { loops: 0 } })
		}
	},
	steps: ({ missRows }) => [{ id: 'fold-bag', do: 'fold-bag', missRows }],
	minutes: () => ({ what: 'folded', times: 1, minutes: 4 }),
	tools: () => [tool('clips')]
});

/** The two seams that hold it. */
export const sewBag = technique<'sew-bag'>({
	id: 'sew-bag',
	works: {
		'sew-bag': {
			words: ({ a, b, strandCm, verdict }, s) => ({
				title: `Sew the two seams, ${rowsWord(a)} to ${rowsWord(b)} each`,
				how: `A strand of ${s.tail(strandCm)} for each. One on the front and one on the back, from a bottom corner up to the middle of the notch: the strip’s edge folds back on itself there. A row of one side, a row of the other.${verdict === 'meets' ? '' : verdict === 'eases' ? ' Ease the odd rows in.' : ' They do not agree: see the plan.'}`
			}),
			drawing: () => ({ skill: 'mattress', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, middle, end }, table) => {
		const p = pieceOf(table, piece);
		const verdict = table.joints.find((j) => j.id === 'bag-side')?.verdict ?? 'meets';
		const strandCm = p ? strandFor(wideCm(p)) : 0;
		return [{ id: 'sew-bag', do: 'sew-bag', a: middle, b: end, strandCm, verdict, ...SHARP }];
	},
	joints: ({ piece, middle, end }) => [
		jointOf({
			id: 'bag-side',
			kind: 'bag',
			times: 2,
			by: 'rows',
			a: side('middle third', { rows: middle }),
			b: side('end third', { rows: end }),
			edges: [{ piece, part: 'side' }]
		})
	],
	yarn: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		// Sewn with the yarn of the handle, which is the first.
		return p ? [{ yarn: 0, metres: 2 * threadMetres(wideCm(p), 2) }] : [];
	},
	minutes: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		return p ? { what: 'seams sewn', times: 2, minutes: 1 + (wideCm(p) * SEW_SECONDS) / 60 } : null;
	},
	tools: () => [tool('needle')],
	strands: () => 2,
	does: ({ piece }, hands) => hands.atRest(piece)
});

/** A short tube sewn over both points. */
export const handle = technique<'handle'>({
	id: 'handle',
	works: {
		handle: {
			words: ({ rows, longCm, wideCm: wide }, s) => ({
				title: `Sew the handle over both points by its short sides, ${rowsWord(rows)} each`,
				how: `Its closings are its long sides, ${s.length(longCm)}; each short side of ${s.length(wide)} goes over a point of the bag, half on either side, whipped twice. Where the first stitches leave a gap, a short strand and two stitches close it.`
			}),
			drawing: ({ rows }) => ({ skill: 'whip', drawing: { loops: rows } })
		}
	},
	steps: ({ piece, longCm, wideCm: wide }, table) => [
		{
			id: 'handle',
			do: 'handle',
			rows: pieceOf(table, piece)?.mainRows ?? 0,
			longCm,
			wideCm: wide,
			caution: 'light-loads'
		}
	],
	yarn: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		return p ? [{ yarn: yarnOf(p), metres: 2 * threadMetres(wideCm(p), 1) }] : [];
	},
	minutes: () => ({ what: 'handle ends sewn on', times: 2, minutes: 4 }),
	tools: () => [tool('needle')],
	strands: () => 1,
	does: ({ piece, to }, hands) => {
		for (const id of [piece, to]) hands.atRest(id);
	}
});
