import { stepIn } from '../assembly/assembly';
import { flatLength } from '../crank/length';
import { pieceOf, technique } from './technique';

declare module './technique' {
	interface WorkKinds {
		tuck: { readonly atRow: number; readonly layerCm: number };
		meet: object;
		'turn-up': { readonly heightCm: number };
	}
}

/** One end pushed inside the other; two gathered ends then meet. */
export const tuck = technique<'tuck'>({
	id: 'tuck',
	works: {
		tuck: {
			words: ({ atRow, layerCm }, s) => ({
				title: 'Push one end inside the other',
				how: `Lead both tails out first. Fold at row ${Number.isInteger(atRow) ? atRow : atRow.toFixed(1)}, half the tube, so that each layer is ${s.length(layerCm)}, flat. Knit side out on both.`
			}),
			drawing: ({ atRow, layerCm }) => ({
				skill: 'tuck',
				drawing: { loops: 12, tube: { foldRow: atRow, longCm: 2 * layerCm } }
			})
		},
		meet: {
			words: () => ({
				title: 'Join the two crowns',
				how: 'Line the two gathered ends up, or the hat twists, and sew them together with a few stitches of one tail.'
			}),
			drawing: () => ({ skill: 'whip', drawing: { loops: 8 } })
		}
	},
	steps: ({ piece, atRow }, table) => {
		const p = pieceOf(table, piece);
		const layerCm = p ? flatLength(p.runs, p.gauges).mean / 2 : 0;
		return [
			{ id: 'tuck', do: 'tuck', atRow, layerCm },
			...(stepIn(table.assembly, 'gather') ? [{ id: 'meet', do: 'meet' } as const] : [])
		];
	},
	// The wider it is, the longer it takes to lie smooth (from memory: a minute or so).
	minutes: ({ piece }, table) => ({
		what: 'tucked and met',
		times: 1,
		minutes: 0.5 + (pieceOf(table, piece)?.stitches.first ?? 0) / 60
	}),
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		// Between the layers nobody reaches them any more, and it is no tube to lay a tape along.
		if (l.joins === 'hanging') hands.fault('joins-hidden', piece);
		if (!l.measured) hands.fault('measured-late', piece);
		l.tucked = true;
	}
});

/** The brim of a lined hat, both layers together. */
export const turnUp = technique<'turn-up'>({
	id: 'turn-up',
	works: {
		'turn-up': {
			words: ({ heightCm }, s) => ({
				title: 'Turn the brim up',
				how: `${s.length(heightCm)} as worn, both layers together.`
			}),
			drawing: ({ heightCm }) => ({
				skill: 'turn-up',
				drawing: { loops: 12, tube: { brimCm: heightCm } }
			})
		}
	},
	steps: ({ heightCm }) => [{ id: 'turn-up', do: 'turn-up', heightCm }]
});
