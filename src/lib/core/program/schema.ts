import * as z from 'zod';

const feed = z.int().min(0).max(255);

/** The schema of one operation, for programs that come from outside. What each does: `program.ts`. */
export const op = z.discriminatedUnion('op', [
	z.object({ op: z.literal('cast-on'), method: z.literal('weave'), yarn: feed }),
	z.object({ op: z.literal('join'), yarn: feed }),
	z.object({ op: z.literal('rows'), count: z.int().min(1).max(100_000) }),
	z.object({ op: z.literal('cut') }),
	z.object({ op: z.literal('take-off'), method: z.enum(['needle', 'crank']) })
]);
