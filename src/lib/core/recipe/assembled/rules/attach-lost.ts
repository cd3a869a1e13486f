import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { piece } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'attach-lost': { readonly name: string };
	}
}

/** Sewn to nothing that is there, or round in a ring. */
export const attachLost = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'attach-lost': (f) => ({
			what: `${f.name} is sewn to a part that is not there.`,
			why: 'Choose the part it is sewn to: every part hangs from one that stands by itself.'
		})
	},
	test: (facts) => {
		const toy = facts.finished;
		const rooted = (id: string, seen: readonly string[]): boolean => {
			const m = toy.parts.find((p) => p.part.id === id);
			if (!m || seen.includes(id)) return false;
			return m.part.to === null || rooted(m.part.to.part, [...seen, id]);
		};
		return toy.parts.flatMap((m): Judgement[] =>
			rooted(m.part.id, [])
				? []
				: [
						{
							body: { code: 'attach-lost', name: m.part.name },
							severity: 'warn',
							where: piece(m.piece)
						}
					]
		);
	}
});
