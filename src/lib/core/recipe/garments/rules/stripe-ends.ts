import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import { endsOf } from '../../../technique/ends';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'stripe-ends': { readonly joins: number; readonly all: number };
	}
}

/** Ends that stripes leave are named from so many on. */
const MANY_ENDS = 12;

export const stripeEnds = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'stripe-ends': (f) => ({
			what: `${f.joins} of the ${f.all} ends to weave in come from the stripes.`,
			why: 'Broader stripes, or a body of one colour with striped sleeves, leave fewer.'
		})
	},
	test: ({ options, pieces }) => {
		const { joins, others } = endsOf(pieces);
		// Tied at the crank, they are not woven in.
		if (options.joinTails === 'tie' || joins < MANY_ENDS) return null;
		return {
			body: { code: 'stripe-ends', joins, all: others + joins },
			severity: 'tip',
			where: { at: 'size' }
		};
	}
});
