import * as z from 'zod';
import { BORDERS } from '../../../model/kinds';
import { option } from '../../option';
import { flatClosing, waste } from '../../waste';
import { line, yarns } from './several';

/** What a maker can ask of a blanket of tubes lying side by side. */
export const tubeBlanketOptions = z.object({
	recipe: z.literal('tube-blanket'),
	yarns,
	colours: option(
		z.enum(['line', 'by-tube']).describe('every tube by the line, or tubes in turn'),
		{
			label: 'Colours',
			what: 'colours by',
			words: { 'by-tube': 'a tube each', line: { label: 'stripes', says: '{line}' } }
		}
	),
	line: option(line, {
		label: 'Stripes, repeated',
		what: 'stripes…',
		editor: 'line',
		when: (o: { colours: string }) => o.colours === 'line'
	}),
	across: option(z.int().min(1).max(24).describe('tubes side by side'), {
		label: 'Across',
		what: 'tubes…',
		unit: 'tubes'
	}),
	lengthCm: option(z.number().min(10).max(300), {
		label: 'Length',
		what: 'length…',
		unit: 'length'
	}),
	border: option(z.enum(BORDERS).describe('crochet along the closed ends'), {
		label: 'Crochet along the ends',
		what: 'border',
		words: {
			none: { label: 'none', says: 'no border' },
			single: { label: 'one a loop', says: 'a border of one a loop' },
			double: { label: 'two a loop', says: 'a border of two a loop' },
			repeat: { label: 'a repeat', says: 'a border in repeats of {repeatOf}' }
		}
	}),
	repeatOf: option(z.int().min(2).max(24).describe('stitches in a repeat of the border'), {
		label: 'Repeat of',
		what: 'repeat…',
		when: (o: { border: string }) => o.border === 'repeat'
	}),
	closing: flatClosing,
	...waste
});
export type TubeBlanketOptions = z.infer<typeof tubeBlanketOptions>;
