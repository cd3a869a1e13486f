import * as z from 'zod';
import { machineId } from '../../../model/bench';
import { EYES, FILLS, PART_ROLES, TOY_AGES, TOYS } from '../../../model/kinds';
import { option } from '../../option';
import { waste } from '../../waste';
import { FILLED, line, yarns } from './several';

const partId = z.string().min(1).max(30);
/** One swelling of a toy's part, from tie to tie. */
const segment = z.object({
	line,
	length: z.discriminatedUnion('by', [
		z
			.object({ by: z.literal('times'), times: z.number().min(0.3).max(10) })
			.describe('of the length that makes it a ball'),
		z.object({ by: z.literal('cm'), cm: z.number().min(1).max(100) }).describe('of flat tube'),
		z.object({ by: z.literal('rows'), rows: z.int().min(2).max(400) })
	]),
	puff: z.number().min(0).max(0.6).describe('how far stuffing widens it, as a share')
});
export const toyPart = z.object({
	id: partId,
	name: z.string().min(1).max(40),
	role: z.enum(PART_ROLES),
	on: machineId.nullable().describe('the machine it is made on; null for the project’s'),
	cordPins: z
		.int()
		.min(2)
		.max(4)
		.nullable()
		.describe('a cord on so many pins; null for a tube on all'),
	stuffed: z.boolean(),
	count: z.int().min(1).max(12),
	pair: z.boolean().describe('half of them left and half right, mirrored'),
	segments: z.array(segment).min(1).max(12),
	to: z
		.object({
			part: partId,
			along: z.number().min(0).max(1).describe('from that part’s first row to its last'),
			angle: z
				.number()
				.min(-180)
				.max(180)
				.describe('degrees from that part’s axis: 0 on from its last row, 90 to its left')
		})
		.nullable()
		.describe('what it is sewn to; null for the part that all hang from')
});
export type ToyPart = z.infer<typeof toyPart>;

/** Parts are known by their ids: what is sewn to what, and what lies where on the table. */
const eachOnce = (parts: readonly ToyPart[]): boolean =>
	new Set(parts.map((p) => p.id)).size === parts.length;

/** What a maker can ask of a ball, or of a toy of stuffed parts. */
const allToyOptions = z.object({
	recipe: z.enum(TOYS),
	yarns,
	age: option(z.enum(TOY_AGES), {
		label: 'For a child',
		what: 'age',
		words: {
			'under-3': {
				label: 'under three',
				hint: 'Nothing that comes off: no buttons, beads or loose parts'
			},
			'from-3': 'three and over'
		}
	}),
	fill: option(z.enum(FILLS).describe('how firmly it is stuffed'), FILLED),
	eyes: z.object({
		kind: option(z.enum(EYES), {
			label: 'Eyes',
			words: {
				none: { label: 'none', says: 'no eyes' },
				stitched: { label: 'stitched', says: 'stitched eyes' },
				button: { label: 'buttons', says: 'button eyes' },
				bead: { label: 'beads', says: 'bead eyes' }
			}
		}),
		part: partId,
		count: z.int().min(1).max(8)
	}),
	stands: option(z.enum(['upright', 'lying']), {
		label: 'It is seen',
		what: 'how it stands',
		words: {
			upright: { label: 'upright, from the front', says: 'seen upright' },
			lying: { label: 'lying, from the side', says: 'seen lying' }
		}
	}),
	parts: option(
		z.array(toyPart).min(1).max(24).refine(eachOnce, 'each part by a name of its own'),
		{
			label: 'Parts',
			group: 'table',
			editor: 'parts'
		}
	),
	...waste
});
type Toy = z.infer<typeof allToyOptions>;
export type ToyOptions = Omit<Toy, 'stands'> & Partial<Pick<Toy, 'stands'>>;
/** A ball is seen from anywhere. */
export const toyOptions = (id: ToyOptions['recipe']): z.ZodObject =>
	(id === 'ball' ? allToyOptions.omit({ stands: true }) : allToyOptions).extend({
		recipe: z.literal(id)
	});
