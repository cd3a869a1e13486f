import { CROCHET_LOOPS, gaugeOf, HOOK_SECONDS, hookedMetres, loopCm, SEW_SECONDS } from './hand';
import type { Border } from '../model/kinds';
import { jointOf, side } from '../assembly/joint';
import { repeatsWord, rowsWord } from '../quantity/say';
import { joinsOf } from './ends';
import {
	pieceOf,
	SHARP,
	strandFor,
	technique,
	threadMetres,
	times as timesWord,
	tool
} from './technique';

declare module './technique' {
	interface WorkKinds {
		'side-by-side': {
			readonly times: number;
			readonly rows: number;
			readonly strandCm: number;
			readonly joins: boolean;
		};
		border: {
			readonly kind: Exclude<Border, 'none'>;
			readonly loops: number;
			readonly stitches: number;
			readonly of: number;
		};
	}
}

const longCm = (p: Parameters<typeof pieceOf>[0]['pieces'][number]): number =>
	p.mainRows / (gaugeOf(p)?.rowsPerCm.mean ?? 1);

/** Tubes sewn side by side along their folds. */
export const sideBySide = technique<'side-by-side'>({
	id: 'side-by-side',
	works: {
		'side-by-side': {
			tip: 'Wind long tails up out of the way, and put clips at both ends.',
			words: ({ rows, times, strandCm, joins }, s) => ({
				title: `Sew the tubes side by side, ${rowsWord(rows)} to ${rows}${timesWord(times)}`,
				how: `Mattress stitch along the folds with a strand of ${s.tail(strandCm)}, a bar of each at a time${joins ? ', colour joins all to the back' : ''}; pin the middles together first so that neither side creeps.`
			}),
			drawing: () => ({ skill: 'mattress', drawing: { loops: 12 } })
		}
	},
	steps: ({ pieces: [first], times }, table) => {
		const p = pieceOf(table, first ?? '');
		if (!p || times === 0) return [];
		return [
			{
				id: 'side-by-side',
				do: 'side-by-side',
				times,
				rows: p.mainRows,
				strandCm: strandFor(longCm(p)),
				joins: joinsOf(table.pieces) > 0,
				...SHARP
			}
		];
	},
	joints: ({ pieces: [first], times }, table) => {
		const p = pieceOf(table, first ?? '');
		if (!p || times === 0) return [];
		const along = p.edges.find((e) => e.side === 'left' || e.side === 'right');
		const has = along ?? { rows: p.mainRows };
		return [
			jointOf({
				id: 'tubes',
				kind: 'tubes',
				times,
				by: 'rows',
				a: side('a tube', has),
				b: side('the tube beside it', has),
				edges: [{ piece: p.id, part: 'side' }]
			})
		];
	},
	yarn: ({ pieces: [first], times }, table) => {
		const p = pieceOf(table, first ?? '');
		return p ? [{ yarn: 0, metres: times * threadMetres(longCm(p), 1.5) }] : [];
	},
	minutes: ({ pieces: [first], times }, table) => {
		const p = pieceOf(table, first ?? '');
		return p && times > 0
			? { what: 'seams sewn', times, minutes: 1 + (longCm(p) * SEW_SECONDS) / 60 }
			: null;
	},
	tools: () => [tool('needle'), tool('clips')],
	strands: ({ times }) => times,
	does: ({ pieces }, hands) => {
		for (const id of pieces) hands.atRest(id);
	}
});

/** Crochet along the closed ends of tubes side by side. */
export const border = technique<'border'>({
	id: 'border',
	works: {
		border: {
			words: ({ stitches, kind, of, loops }, s) => ({
				title: `Crochet along both closed ends, ${stitches} ${s.crochet.single} each`,
				how:
					kind === 'repeat'
						? `${repeatsWord(stitches / of)} of ${of} over ${loops} loops, the nearest that comes out whole.`
						: kind === 'double'
							? `One in every loop and one between each two: 2 × ${loops}.`
							: `One in each of the ${loops} loops.`
			}),
			drawing: ({ stitches, kind, loops }) => ({
				skill: 'crochet',
				drawing:
					kind === 'repeat' ? { loops, stitches } : { loops, perLoop: kind === 'double' ? 2 : 1 }
			})
		}
	},
	steps: ({ kind, loops, stitches, of }) => [
		{ id: 'border', do: 'border', kind, loops, stitches, of, ...SHARP }
	],
	joints: ({ pieces, kind, loops, stitches }) => [
		jointOf({
			id: 'border',
			kind: 'border',
			times: 2,
			by: 'crochet',
			a: side('closed ends', { stitches: kind === 'double' ? 2 * loops : loops }),
			b: side('crochet', { stitches }),
			edges: pieces.map((piece) => ({ piece, part: 'cast-off' }))
		})
	],
	yarn: ({ stitches }, { pieces }) => {
		const metres = 2 * hookedMetres(stitches, CROCHET_LOOPS, loopCm(pieces[0]));
		return [{ yarn: 0, metres }];
	},
	minutes: ({ stitches }) => ({
		what: 'edges crocheted',
		times: 2,
		minutes: 1 + (stitches * HOOK_SECONDS) / 60
	}),
	tools: () => [tool('hook')],
	strands: () => 2,
	does: ({ pieces }, hands) => {
		// A closed edge can still carry crochet.
		for (const id of pieces) hands.atRest(id);
	}
});
