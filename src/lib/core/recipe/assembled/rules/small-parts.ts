import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'toy-small-parts': { readonly eyes: 'button' | 'bead'; readonly count: number };
	}
	interface StopCodes {
		'toy-small-parts': true;
	}
}

/** Buttons and beads come off, and are swallowed: none under three. */
export const smallParts = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'toy-small-parts': (f) => ({
			what: `${f.count === 1 ? `A ${f.eyes}` : `${f.count} ${f.eyes}s`} on a toy for under three.`,
			why: 'What comes off can be swallowed. For that age eyes are stitched; toy rules decide if it is sold or given.'
		})
	},
	test: (facts) => {
		const toy = facts.finished;
		if (toy.age !== 'under-3' || (toy.eyes.kind !== 'button' && toy.eyes.kind !== 'bead'))
			return null;
		return {
			body: { code: 'toy-small-parts', eyes: toy.eyes.kind, count: toy.eyes.count },
			severity: 'stop',
			where: { at: 'size' },
			fix: change(['Stitch the eyes'], { eyes: { ...facts.options.eyes, kind: 'stitched' } })
		};
	}
});
