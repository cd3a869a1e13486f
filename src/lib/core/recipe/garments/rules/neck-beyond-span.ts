import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { half, setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'neck-beyond-span': { readonly neckCm: number; readonly spanCm: number };
	}
}

export const neckBeyondSpan = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'neck-beyond-span': (f, s) => ({
			what: `A neck of ${s.length(f.neckCm)} leaves nothing of ${s.length(f.spanCm)} for the shoulders.`,
			why: 'Neck and both joined lengths together are as long as the tubes.'
		})
	},
	test: ({ finished, options }) => {
		if (!finished.shrug) return null;
		const { span, neckOpen } = finished.measures;
		return neckOpen.cm <= span.cm - 10
			? null
			: {
					body: { code: 'neck-beyond-span', neckCm: neckOpen.cm, spanCm: span.cm },
					severity: 'warn',
					where: { at: 'size' },
					fix: setMeasure(options, 'neckOpen', half(Math.max(0.5, span.cm * 0.3)))
				};
	}
});
