import * as z from 'zod';
import { EDGE_RULES } from '../model/kinds';

const feed = z.int().min(0).max(255);
const pin = z.int().min(0).max(255);
const edge = z.enum(['low', 'high']);
const count = z.int().min(1).max(255);
const row = z.int().min(0).max(100_000);

/** The schema of one operation, for programs that come from outside. What each does: `program.ts`. */
export const op = z.union([
	z.object({
		op: z.literal('cast-on'),
		method: z.enum(['weave', 'e-wrap', 'rag']),
		yarn: feed,
		from: pin.optional(),
		to: pin.optional(),
		holder: pin.optional()
	}),
	z.object({ op: z.literal('work'), as: z.literal('tube') }),
	z.object({
		op: z.literal('work'),
		as: z.literal('panel'),
		by: z.enum(['switch', 'hand']),
		edge: z.enum([...EDGE_RULES, 'unguarded']).optional()
	}),
	z.object({ op: z.literal('join'), yarn: feed }),
	z.object({ op: z.literal('rows'), count: z.int().min(1).max(100_000) }),
	z.object({ op: z.literal('hang-hem'), row }),
	z.object({
		op: z.literal('decrease'),
		edge,
		way: z.enum(['single', 'double']),
		edgeStitches: z.union([z.literal(1), z.literal(2)])
	}),
	z.object({ op: z.literal('decrease-inside'), pin, edge, lifted: z.int().min(0).max(255) }),
	z.object({ op: z.literal('move-in'), edge }),
	z.object({ op: z.enum(['hold', 'take-back', 'cast-off']), edge, count }),
	z.object({ op: z.enum(['drop', 'latch', 'tuck', 'split', 'repair', 'latch-extension']), pin }),
	z.object({ op: z.literal('spare-strand'), from: pin, to: pin }),
	z.object({ op: z.literal('extend'), pin, columns: count }),
	z.object({ op: z.enum(['cut', 'empty-round']) }),
	z.object({ op: z.literal('take-off'), method: z.enum(['needle', 'crank']) })
]);
