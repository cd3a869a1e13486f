import * as z from 'zod';
import { FLAT_CLOSINGS, WASTE_WITH } from '../model/kinds';
import { CLOSING_WORDS } from './closings';
import { option, type Now } from './option';

/** Waste yarn at either end and the tails at joins, by the maker's school: one part asks for all of it. */
export const waste = {
	wasteStart: option(
		z.int().min(0).max(20).describe('waste rows before the main yarn; 0 for none'),
		{
			label: 'Waste yarn and tails',
			editor: 'waste',
			says: (o: { wasteStart: number; wasteEnd: number }) =>
				o.wasteStart + o.wasteEnd === 0
					? 'none'
					: `${o.wasteStart} ${o.wasteStart === 1 ? 'row' : 'rows'} first${o.wasteEnd > 0 ? `, ${o.wasteEnd} last` : ''}`,
			when: (_: unknown, now: Now) => now.pieces.length > 0
		}
	),
	wasteWith: z
		.enum(WASTE_WITH)
		.describe('waste rows alone; hung from a rag; or the last of them a contrast row to pull'),
	wasteEnd: z.int().min(0).max(20).describe('waste rows after it; 0 takes the loops on a needle'),
	joinTails: z.enum(['tie', 'weave'])
};

/** How ends are closed flat, where any is. */
export const flatClosing = option(z.enum(FLAT_CLOSINGS).describe('of ends closed flat'), {
	label: 'Ends closed flat by',
	what: 'closing',
	words: Object.fromEntries(
		FLAT_CLOSINGS.map((c) => [
			c,
			{
				label: CLOSING_WORDS[c].label.replace(', flat', ''),
				hint: CLOSING_WORDS[c].goodFor,
				says: CLOSING_WORDS[c].says
			}
		])
	),
	when: (_: unknown, { assembly }: Now) => assembly.some((s) => s.do === 'close-flat' && !s.toe)
});
