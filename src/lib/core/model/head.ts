import * as z from 'zod';
import { HEAD_SIZES } from './kinds';

/** A head by name, or as measured, cm round. */
export const headFor = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('table'), size: z.enum(HEAD_SIZES) }),
	z.object({ kind: z.literal('measured'), cm: z.number().min(20).max(80) })
]);
export type HeadFor = z.infer<typeof headFor>;
