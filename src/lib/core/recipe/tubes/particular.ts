import * as z from 'zod';
import { option } from '../option';

/** What only single kinds of tube are asked: what goes into a pouch, a sock's leg and cuff, the cup of a sleeve. */

/** What a pouch is for, cm: it is as wide and as deep as that. */
const BOX = { longCm: 11, wideCm: 7, highCm: 3 };
export const holds = option(
	z.discriminatedUnion('by', [
		z.object({ by: z.literal('any') }).describe('nothing in particular'),
		z.object({
			by: z.literal('box'),
			longCm: option(z.number().min(2).max(100), {
				label: 'Long',
				what: 'length…',
				unit: 'length'
			}),
			wideCm: option(z.number().min(1).max(80), { label: 'Wide', what: 'width…', unit: 'length' }),
			highCm: option(z.number().min(0.5).max(80), {
				label: 'High',
				what: 'height…',
				unit: 'length'
			})
		})
	]),
	{
		label: 'What goes in',
		what: 'what goes in',
		words: {
			any: 'nothing in particular',
			box: { label: 'what is so large', says: '{longCm} × {wideCm} × {highCm}' }
		},
		start: { box: () => BOX }
	}
);
export const legCm = () =>
	z.number().min(3).max(80).nullable().describe('leg of a sock; null as long as the foot');
export const cuffRounds = option(
	z.union([z.literal(1), z.literal(2)]).describe('rounds of crochet at the cuff of a sock'),
	{
		label: 'Rounds of the cuff',
		what: 'cuff',
		choices: [1, 2],
		words: { 1: { label: 'one', says: 'one round' }, 2: { label: 'two', says: 'two rounds' } }
	}
);
export const heightCm = option(
	z.number().min(3).max(40).nullable().describe('height of the cup a sleeve is for; null for any'),
	{
		label: 'Height of the cup',
		what: 'cup…',
		unit: 'length',
		says: '{} high',
		usual: () => 'any',
		usualSays: ''
	}
);
