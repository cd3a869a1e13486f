import * as z from 'zod';
import { option, type Now } from '../../option';
import { flatClosing, waste } from '../../waste';
import { line, yarns } from './several';

/** What a maker can ask of a bag folded from one long tube. */
export const foldedBagOptions = z.object({
	recipe: z.literal('folded-bag'),
	yarns,
	line: option(line, { label: 'Stripes, repeated', what: 'stripes…', editor: 'line' }),
	length: option(
		z.discriminatedUnion('by', [
			z.object({ by: z.literal('fold') }).describe('three times its width, so that it folds'),
			z.object({
				by: z.literal('rows'),
				rows: option(z.int().min(12).max(600), { label: 'Rows', what: 'rows…', unit: 'rows' })
			}),
			z.object({
				by: z.literal('cm'),
				cm: option(z.number().min(6).max(300), {
					label: 'Length',
					what: 'length…',
					unit: 'length'
				})
			})
		]),
		{
			label: 'Strip is as long as',
			what: 'length of the strip',
			words: {
				fold: { label: 'folds: 3 × its width', says: 'three times its width' },
				rows: { label: 'so many rows', says: '{rows} long' },
				cm: { label: 'a length', says: '{cm} long' }
			},
			start: {
				rows: (_: unknown, now: Now) => ({ rows: now.pieces[0]?.mainRows ?? 12 }),
				cm: (_: unknown, now: Now) => ({
					cm: Math.round(now.sizes.find((s) => s.id === 'length')?.figure.value.mean ?? 6)
				})
			}
		}
	),
	handleRows: option(
		z.int().min(4).max(200).describe('of the short tube that joins its two points'),
		{ label: 'Handle', what: 'handle…', unit: 'rows' }
	),
	closing: flatClosing,
	...waste
});
export type FoldedBagOptions = z.infer<typeof foldedBagOptions>;
