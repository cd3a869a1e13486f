import * as z from 'zod';
import { yarnId } from './bench';
import { HEAD_SIZES } from './kinds';

export { HEAD_SIZES };

export const headFor = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('table'), size: z.enum(HEAD_SIZES) }),
	z.object({ kind: z.literal('measured'), cm: z.number().min(20).max(80) })
]);
export type HeadFor = z.infer<typeof headFor>;

/** The one figure the maker sets; the others follow. Flat is off the machine and relaxed, worn is on the head. */
export const hatLength = z.discriminatedUnion('by', [
	z.object({ by: z.literal('fit') }),
	z.object({ by: z.literal('layer'), cm: z.number().min(3).max(80), as: z.enum(['flat', 'worn']) }),
	z.object({ by: z.literal('tube'), cm: z.number().min(6).max(160), as: z.enum(['flat', 'worn']) }),
	z.object({ by: z.literal('rows'), rows: z.int().min(8).max(600) })
]);
export type HatLength = z.infer<typeof hatLength>;

export const colourScheme = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('one'), yarn: yarnId }),
	z.object({
		kind: z.literal('outer-lining'),
		outer: yarnId,
		lining: yarnId,
		liningExtraRows: z.int().min(-20).max(40).describe('rows the lining has more than the outer')
	}),
	z.object({
		kind: z.literal('false-brim'),
		main: yarnId,
		brim: yarnId,
		brimRows: z.int().min(2).max(200).describe('rows of the brim colour; half of them show')
	}),
	z.object({
		kind: z.literal('stripes'),
		yarns: z.array(yarnId).min(2).max(8),
		stripeRows: z.int().min(1).max(100)
	})
]);
export type ColourScheme = z.infer<typeof colourScheme>;

/** What a maker can wish of a lined hat. Lengths in cm, counts in rows. */
export const linedHatWish = z.object({
	recipe: z.literal('lined-hat'),
	head: headFor,
	visibleCm: z
		.number()
		.min(5)
		.max(60)
		.nullable()
		.describe('height seen on the head, worn; null takes the usual share of the head'),
	length: hatLength,
	brim: z.object({
		turnedUp: z.boolean(),
		heightCm: z.number().min(1).max(20).describe('turned up, as worn')
	}),
	scheme: colourScheme,
	closing: z.enum(['gather', 'zip']),
	wasteStart: z.int().min(0).max(20).describe('waste rows before the main yarn; 0 for none'),
	wasteEnd: z.int().min(0).max(20).describe('waste rows after it; 0 takes the loops on a needle'),
	joinTails: z.enum(['tie', 'weave'])
});
export type LinedHatWish = z.infer<typeof linedHatWish>;

/** Every recipe's wish. A new recipe joins the union here. */
export const wish = z.discriminatedUnion('recipe', [linedHatWish]);
export type Wish = z.infer<typeof wish>;
