import * as z from 'zod';
import { name, note, when } from './bench';
import { projectId } from './project';

export const orderId = z.string().min(1).max(64).brand<'OrderId'>();
export type OrderId = z.infer<typeof orderId>;

/** What a stall is to have: so many of several projects, the most wanted first. */
export const order = z.object({
	id: orderId,
	name,
	createdAt: when,
	lines: z
		.array(
			z.object({
				projectId,
				count: z.int().min(1).max(200),
				made: z.int().min(0).max(200).describe('of them, made and taken off the stock already')
			})
		)
		.max(40)
		.describe('the most wanted first'),
	note: note.default('')
});
export type Order = z.infer<typeof order>;
