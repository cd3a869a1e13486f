import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { GarlandOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'cannot-hang': { readonly sagCm: number; readonly cordCm: number };
		'garland-count': {
			readonly number: number;
			readonly spacingCm: number;
			readonly cordCm: number;
		};
	}
}

export const cannotHang = rule<GarlandOptions, FinishedOf<'hung'>>({
	says: {
		'cannot-hang': (f, s) => ({
			what: `A cord of ${s.length(f.cordCm)} cannot sag ${s.length(f.sagCm)}.`,
			why: 'Hung double it reaches half its length down: less sag, or more cord.'
		}),
		'garland-count': (f, s) => ({
			what: `${f.number} ${f.number === 1 ? 'thing' : 'things'} is as near as ${s.length(f.spacingCm)} apart comes.`,
			why: `The cord is ${s.length(f.cordCm)} from hook to hook.`
		})
	},
	test: (facts) => {
		const garland = facts.finished;
		if (garland.solved.fits) return null;
		const { sagCm, solve, spacingCm } = facts.options;
		const { cord, number } = garland.solved;
		return solve === 'span'
			? {
					body: { code: 'cannot-hang', sagCm, cordCm: cord.lengthCm },
					severity: 'warn',
					where: { at: 'size' },
					fix: change(['Sag', { cm: Math.floor(cord.lengthCm * 0.3) }], {
						sagCm: Math.floor(cord.lengthCm * 0.3)
					})
				}
			: {
					body: {
						code: 'garland-count',
						number,
						spacingCm,
						cordCm: cord.lengthCm
					},
					severity: 'warn',
					where: { at: 'size' }
				};
	}
});
