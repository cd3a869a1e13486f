import * as z from 'zod';
import { yarnId } from '../../model/bench';
import type { Flag } from '../../assembly/flag';
import { option, type Now as NowOf } from '../option';
import { edgeStitches } from '../edge-stitches';
import { TURN_WORDS } from '../turns';

type Now = NowOf<{ readonly flag: Flag }>;

/** What a maker can ask of a string of flags: triangles of panel, decreased at both edges. */
export const buntingOptions = z.object({
	recipe: z.literal('bunting'),
	yarns: option(z.array(yarnId).min(1).max(8).describe('they take turns along the string'), {
		label: 'Colour',
		what: 'colours',
		editor: 'yarns'
	}),
	flags: option(z.int().min(1).max(60), { label: 'Flags', what: 'flags…', unit: 'flags' }),
	width: option(
		z.discriminatedUnion('by', [
			z.object({
				by: z.literal('stitches'),
				stitches: option(z.int().min(5).max(190), {
					label: 'Top edge',
					what: 'width…',
					unit: 'stitches'
				})
			}),
			z.object({
				by: z.literal('size'),
				cm: option(z.number().min(3).max(120), {
					label: 'Top edge',
					what: 'width…',
					unit: 'length'
				})
			})
		]),
		{
			label: 'Width is set by',
			what: 'what sets the width',
			words: {
				stitches: { label: 'stitches', says: '{stitches}' },
				size: { label: 'a length', says: '{cm}' }
			},
			start: {
				stitches: (_: unknown, now: Now) => ({ stitches: now.finished.flag.stitches }),
				size: (_: unknown, now: Now) => ({ cm: Math.round(now.finished.flag.width.mean * 2) / 2 })
			}
		}
	),
	everyRows: option(
		z.union([z.literal(2), z.literal(4), z.literal(6)]).describe('a decrease at each edge'),
		{ label: 'Decrease every', what: 'slope', unit: 'rows' }
	),
	way: option(z.enum(['single', 'double']), {
		label: 'At each edge',
		what: 'decrease',
		words: { single: 'one', double: 'two' }
	}),
	edgeStitches: edgeStitches(() => true),
	tip: option(z.int().min(3).max(8).describe('stitches left, drawn up at the tip'), {
		label: 'Left at the tip',
		what: 'tip…',
		unit: 'stitches'
	}),
	turn: option(
		z.enum(['switch', 'hand']).describe('in panel mode, or in tube mode and turned back by hand'),
		{ label: 'Turned', what: 'how it is turned', words: TURN_WORDS }
	)
});
export type BuntingOptions = z.infer<typeof buntingOptions>;
