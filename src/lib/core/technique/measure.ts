import { flatLength } from '../crank/length';
import { exact, quotient, type Estimate } from '../quantity/estimate';
import { pieceOf, technique } from './technique';

declare module './technique' {
	interface WorkKinds {
		/** What the plan expects of it, cm. */
		'measure-tube': { readonly long: Estimate; readonly wide: Estimate };
		measure: object;
	}
}

/** A tube that is folded into itself is measured before: what its log teaches is how it lies as a tube. */
export const measureTube = technique<'measure-tube'>({
	id: 'measure-tube',
	works: {
		'measure-tube': {
			words: ({ long, wide }, s) => ({
				title: 'Measure it as a tube, before it is closed or folded',
				how: `Lying flat and relaxed, along the middle and across: ${s.spread(long, 'length')} long and ${s.spread(wide, 'length')} wide are planned. Write down what it is.`
			}),
			drawing: ({ long, wide }) => ({
				skill: 'measure',
				drawing: {
					loops: 12,
					tube: { planned: { long, wide }, longCm: long.mean, wideCm: wide.mean }
				}
			})
		}
	},
	steps: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		const across = p?.gauges[p.runs[0]?.yarn ?? 0]?.stitchesPerCm;
		if (!p || across === undefined) return [];
		return [
			{
				id: 'measure-tube',
				do: 'measure-tube',
				long: flatLength(p.runs, p.gauges),
				wide: quotient(exact(p.stitches.first / 2), across)
			}
		];
	},
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		if (l.tucked) hands.fault('measured-late', piece);
		l.measured = true;
	}
});

/** The last step of everything: the next one is planned from it. */
export const measure = technique<'measure'>({
	id: 'measure',
	works: {
		measure: {
			words: () => ({
				title: 'Measure it and write it down',
				how: 'Length and width flat, the weight, the minutes: the next one is planned from them.'
			}),
			drawing: () => ({ skill: 'measure', drawing: { loops: 12 } })
		}
	},
	steps: ({ worn }) => [
		worn === 'baby'
			? { id: 'measure', do: 'measure', caution: 'baby-sleep' }
			: worn === 'foot'
				? { id: 'measure', do: 'measure', caution: 'slippery' }
				: { id: 'measure', do: 'measure' }
	]
});
