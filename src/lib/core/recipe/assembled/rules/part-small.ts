import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { partLength, segmentRadius } from '../form/toy';
import { piece } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'toy-part-small': { readonly name: string; readonly across: number; readonly long: number };
	}
}

/** What fits in a cylinder so wide and deep can be swallowed (toy rules for under three; from memory). */
const SMALL_PART_CM = { across: 3.17, long: 5.71 };

/** A part that fits the cylinder: if it comes off it can be swallowed. */
export const partSmall = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'toy-part-small': (f, s) => ({
			what: `${f.name} is small enough to be swallowed if it comes off.`,
			why: `${s.length(f.across)} across and ${s.length(f.long)} long. Sewn round twice it holds; a larger part, or the toy for an older child, is safer.`
		})
	},
	test: (facts) => {
		const toy = facts.finished;
		if (toy.age !== 'under-3') return null;
		return toy.parts.flatMap((m): Judgement[] => {
			const across = Math.max(...m.segments.map((s) => 2 * segmentRadius(m, s)));
			const long = partLength(m);
			const small = across < SMALL_PART_CM.across && long < SMALL_PART_CM.long;
			return m.part.to && small
				? [
						{
							body: { code: 'toy-part-small', name: m.part.name, across, long },
							severity: 'warn',
							where: piece(m.piece)
						}
					]
				: [];
		});
	}
});
