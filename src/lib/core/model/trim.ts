import * as z from 'zod';
import { MOST_CHAINS } from '../quantity/bounds';
import { SEWN_ON, TRIM_KINDS, type SewnOn } from './kinds';

const count = z.int().min(1).max(60);
/** Something added to a finished thing, whatever it is. */
export const trim = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('pom-pom'), count, cardCm: z.number().min(2).max(30) }),
	z.object({ kind: z.literal('drawstring'), chains: z.int().min(5).max(MOST_CHAINS) }),
	...SEWN_ON.map((kind) => z.object({ kind: z.literal(kind), count }))
]);
/** What is added to one thing: each kind once. */
export const trims = z
	.array(trim)
	.max(TRIM_KINDS.length)
	.refine((list) => new Set(list.map((t) => t.kind)).size === list.length, {
		error: 'each kind once, with its number'
	});
export type Trim =
	| { readonly kind: 'pom-pom'; readonly count: number; readonly cardCm: number }
	| { readonly kind: 'drawstring'; readonly chains: number }
	| { readonly kind: SewnOn; readonly count: number };
