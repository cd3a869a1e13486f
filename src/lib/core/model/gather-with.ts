import * as z from 'zod';
import { yarn } from './bench';

/** What ends are drawn up with, where their own tail is not trusted to hold: that tail doubled, or a strand of another yarn. */
export const gatherWith = z.discriminatedUnion('how', [
	z.object({ how: z.literal('doubled') }),
	z.object({ how: z.literal('yarn'), yarnId: yarn.shape.id })
]);
export type GatherWith = z.infer<typeof gatherWith>;
