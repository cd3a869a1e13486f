import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'past-pulled': { readonly stretch: number; readonly pulledTo: number };
	}
}

/** A pulled reading shows how far this fabric went in wear; past that by more than its own spread nobody has seen it. */
export const pastPulled = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'past-pulled': (f, s) => ({
			what: `This head stretches the tube further than you pulled the swatch.`,
			why: `It asks ${s.percent(f.stretch)}; the swatch was pulled ${s.percent(f.pulledTo)} wider. Pull it as far as the head asks and measure, or make the tube wider.`
		})
	},
	test: ({ finished: { hat }, gauges }) => {
		const pulled = gauges[0]?.wear.pulledTo;
		if (!pulled || hat.stretch <= pulled.mean + pulled.sd) return null;
		return {
			body: { code: 'past-pulled', stretch: hat.stretch, pulledTo: pulled.mean },
			severity: 'warn',
			where: { at: 'size' }
		};
	}
});
