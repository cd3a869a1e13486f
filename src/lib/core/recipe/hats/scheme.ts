import * as z from 'zod';
import { yarnId } from '../../model/bench';
import { option } from '../option';

/** Rows a lining begins longer by, so that the colours meet inside the fold (common practice). */
export const LINING_LONGER_ROWS = 6;

const yarn = (label: string) => option(yarnId, { label, what: 'colours' });
export const colourScheme = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('one'), yarn: yarn('Yarn') }),
	z.object({
		kind: z.literal('outer-lining'),
		outer: yarn('Outer'),
		lining: yarn('Lining'),
		liningExtraRows: option(
			z.int().min(-20).max(40).describe('rows the lining has more than the outer'),
			{ label: 'Lining longer by', what: 'lining…', unit: 'rows' }
		)
	}),
	z.object({
		kind: z.literal('false-brim'),
		main: yarn('Main, a'),
		brim: yarn('Brim, b'),
		brimRows: option(
			z.int().min(2).max(200).describe('rows of the brim colour; half of them show'),
			{ label: 'Brim rows (half show)', what: 'brim rows…', unit: 'rows' }
		)
	}),
	z.object({
		kind: z.literal('stripes'),
		yarns: option(z.array(yarnId).min(2).max(8), {
			label: 'Stripe',
			what: 'colours',
			editor: 'yarns'
		}),
		stripeRows: option(z.int().min(1).max(100), {
			label: 'Rows in a stripe',
			what: 'stripe rows…',
			unit: 'rows'
		})
	})
]);
export type ColourScheme = z.infer<typeof colourScheme>;
