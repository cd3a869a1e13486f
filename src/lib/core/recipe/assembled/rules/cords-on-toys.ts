import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { partLength } from '../form/toy';
import { piece } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'toy-cord': { readonly name: string; readonly cm: number; readonly most: number };
	}
	interface StopCodes {
		'toy-cord': true;
	}
}

/** A cord on a toy for the smallest is no longer than this (toy rules; from memory). */
const TOY_CORD_CM = 22;

export const cordsOnToys = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'toy-cord': (f, s) => ({
			what: `${f.name} is a cord of ${s.length(f.cm)}, on a toy for under three.`,
			why: `A cord longer than ${s.length(f.most)} can go round a neck: make it shorter.`
		})
	},
	test: (facts) => {
		const toy = facts.finished;
		if (toy.age !== 'under-3') return null;
		return toy.parts.flatMap((m): Judgement[] => {
			const cm = partLength(m);
			return m.part.cordPins !== null && cm > TOY_CORD_CM
				? [
						{
							body: { code: 'toy-cord', name: m.part.name, cm, most: TOY_CORD_CM },
							severity: 'stop',
							where: piece(m.piece)
						}
					]
				: [];
		});
	}
});
