import * as z from 'zod';
import type { HEAD_SIZES } from './kinds';

/** Round a head as measured, cm. */
export const headCmRange = z.number().min(20).max(80);
/** A head by name, or as measured, cm round. */
export type HeadFor =
	| { readonly kind: 'table'; readonly size: (typeof HEAD_SIZES)[number] }
	| { readonly kind: 'measured'; readonly cm: number };
