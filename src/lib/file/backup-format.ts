import * as z from 'zod';
import { APART_TABLES } from '../core/model/kinds';
import { isPractised, MOST_PRACTISED, type Practised } from '../core/model/practised';
import { VERSION } from './project-file';
import { benchFrom1, benchFrom2, benchFrom7, benchFrom8 } from './upgrade';
import { benchFrom9 } from './upgrade-9';

export const BENCH_FORMAT = 'tomble-bench';
export const benchHead = z.looseObject({
	format: z.literal(BENCH_FORMAT),
	version: z.int().min(1).max(VERSION),
	bench: z.looseObject({})
});
/** Any known version of the bench in a backup, made into the present one; its records are read one by one. */
export function benchOfAnyVersion(head: z.infer<typeof benchHead>): unknown {
	const from2 = head.version === 1 ? benchFrom1(head.bench) : head.bench;
	const from3 = head.version < 3 ? benchFrom2(from2) : from2;
	const from8 = head.version < 8 ? benchFrom7(from3) : from3;
	const from9 = head.version < 9 ? benchFrom8(from8) : from8;
	return head.version < 10 ? benchFrom9(from9) : from9;
}
export const ORDERS_FORMAT = 'tomble-orders';
/** Orders came with version 4. */
export const ordersHead = z.looseObject({
	format: z.literal(ORDERS_FORMAT),
	version: z.int().min(4).max(VERSION),
	orders: z.unknown()
});
export const PATTERNS_FORMAT = 'tomble-patterns';
/** Written patterns came with version 12. */
export const patternsHead = z.looseObject({
	format: z.literal(PATTERNS_FORMAT),
	version: z.int().min(12).max(VERSION),
	patterns: z.unknown()
});
export const PRACTICE_FORMAT = 'tomble-practice';
/** What was practised came with version 13. */
export const practiceFile = z.looseObject({
	format: z.literal(PRACTICE_FORMAT),
	version: z.int().min(13).max(VERSION),
	practised: z.array(z.custom<Practised>(isPractised)).max(MOST_PRACTISED)
});
/** Records that do not read travel apart, as they are. */
export const APART_FORMAT = 'tomble-apart';
export const apartFile = z.object({
	format: z.literal(APART_FORMAT),
	records: z.array(z.object({ table: z.enum(APART_TABLES), raw: z.unknown() }))
});
/** A record that does not read, as it is: it travels in a backup and is put back, to be mended or removed. */
export interface Apart {
	readonly table: (typeof APART_TABLES)[number];
	readonly raw: unknown;
}
