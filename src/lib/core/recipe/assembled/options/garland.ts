import * as z from 'zod';
import { machineId } from '../../../model/bench';
import { CORDS, FILLS, ITEMS, SOLVES, type Solve } from '../../../model/kinds';
import { edgeStitches } from '../../edge-stitches';
import { option, type Now as NowOf } from '../../option';
import { waste } from '../../waste';
import { FILLED, yarns } from './several';

/** What was worked out of number, spacing and span. */
interface Solved {
	readonly solved: {
		readonly number: number;
		readonly spacingCm: number;
		readonly cord: { readonly spanCm: number };
	};
}
type Now = NowOf<Solved>;

export const garlandItem = z.object({
	kind: z.enum(ITEMS),
	on: machineId.nullable(),
	size: z
		.int()
		.min(3)
		.max(600)
		.nullable()
		.describe(
			'rows of a bauble, pumpkin or tube, stitches of a flag, wraps of a pom-pom; null for the usual'
		)
});
export type GarlandItem = z.infer<typeof garlandItem>;

const unless =
	(solved: Solve) =>
	({ solve }: { solve: Solve }): boolean =>
		solve !== solved;

/** What a maker can ask of things on a cord. */
export const garlandOptions = z.object({
	recipe: z.literal('garland'),
	yarns,
	items: option(z.array(garlandItem).min(1).max(8).describe('they take turns along the cord'), {
		label: 'Things',
		what: 'things on it',
		group: 'table',
		editor: 'items'
	}),
	solve: option(z.enum(SOLVES), {
		label: 'Work out',
		what: 'what is worked out',
		words: {
			number: {
				label: 'the number',
				says: 'as many things as go {spacingCm} apart over {spanCm}'
			},
			spacing: { label: 'the spacing', says: '{number} things over {spanCm}' },
			span: { label: 'the span', says: '{number} things {spacingCm} apart' }
		},
		// What was worked out stands as it came out, and is the maker's from now on.
		also: (_: unknown, { finished: { solved } }: Now) => ({
			number: solved.number,
			spacingCm: Math.round(solved.spacingCm * 10) / 10,
			spanCm: Math.round(solved.cord.spanCm)
		})
	}),
	number: option(z.int().min(1).max(200), {
		label: 'How many',
		what: 'how many…',
		when: unless('number')
	}),
	spacingCm: option(z.number().min(1).max(100).describe('along the cord, from middle to middle'), {
		label: 'Middle to middle',
		what: 'spacing…',
		unit: 'length',
		when: unless('spacing')
	}),
	spanCm: option(z.number().min(20).max(2000).describe('from hook to hook'), {
		label: 'Hook to hook',
		what: 'span…',
		unit: 'length',
		when: unless('span')
	}),
	sagCm: option(z.number().min(0).max(600).describe('how far its middle hangs below the hooks'), {
		label: 'Sag',
		what: 'sag…',
		unit: 'length'
	}),
	loopCm: option(z.number().min(0).max(60).describe('of cord in the loop at each end'), {
		label: 'Loop at each end',
		what: 'loops…',
		unit: 'length'
	}),
	cord: option(z.enum(CORDS), {
		label: 'Cord',
		words: {
			knitted: { label: 'knitted', says: 'a knitted cord' },
			chain: { label: 'a chain', says: 'a crocheted chain' },
			own: { label: 'of my own', says: 'a cord of my own' }
		}
	}),
	order: option(z.enum(['repeat', 'shuffle']).describe('of the colours'), {
		label: 'Order of colours',
		words: { repeat: 'in turn', shuffle: 'shuffled' }
	}),
	seed: option(z.int().min(0).max(9999).describe('of the shuffling'), {
		label: 'Shuffle again',
		what: 'another shuffle',
		as: 'again',
		when: ({ order }: { order: string }) => order === 'shuffle'
	}),
	cardCm: option(z.number().min(2).max(30).describe('of pom-poms'), {
		label: 'Card, long',
		what: 'card…',
		unit: 'length',
		when: ({ items }: { items: readonly GarlandItem[] }) => items.some((x) => x.kind === 'pom-pom')
	}),
	fill: option(z.enum(FILLS).describe('how firmly it is stuffed'), {
		...FILLED,
		when: ({ items }: { items: readonly GarlandItem[] }) =>
			items.some((x) => x.kind === 'bauble' || x.kind === 'pumpkin')
	}),
	edgeStitches: edgeStitches(({ items }: { items: readonly GarlandItem[] }) =>
		items.some((x) => x.kind === 'flag')
	),
	...waste
});
export type GarlandOptions = z.infer<typeof garlandOptions>;
