import * as z from 'zod';
import { option } from './option';

/** Whole stitches that run up an edge beside fashioned decreases; one where nothing says it. */
export const edgeStitches = (when: (options: never) => boolean) =>
	option(
		z
			.union([z.literal(1), z.literal(2)])
			.optional()
			.describe('whole stitches kept at the edge of a fashioned decrease; 1 where left out'),
		{
			label: 'Edge stitches',
			what: 'edge stitches',
			words: {
				1: { label: 'one', hint: 'A seam takes it up' },
				2: { label: 'two', hint: 'One shows beside the seam: a drawn line up the edge' }
			},
			usual: () => 1,
			when
		}
	);
