import * as z from 'zod';

export const SEWN_ON = ['button', 'patch', 'tag'] as const;
export type SewnOn = (typeof SEWN_ON)[number];

const count = z.int().min(1).max(60);
/** Something added to a finished thing, whatever it is. */
export const trim = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('pom-pom'), count, cardCm: z.number().min(2).max(30) }),
	z.object({ kind: z.literal('drawstring'), chains: z.int().min(5).max(300) }),
	...SEWN_ON.map((kind) => z.object({ kind: z.literal(kind), count }))
]);
export type Trim =
	| { readonly kind: 'pom-pom'; readonly count: number; readonly cardCm: number }
	| { readonly kind: 'drawstring'; readonly chains: number }
	| { readonly kind: SewnOn; readonly count: number };
export type TrimKind = Trim['kind'];
export const TRIM_KINDS = [
	'pom-pom',
	'drawstring',
	...SEWN_ON
] as const satisfies readonly TrimKind[];
