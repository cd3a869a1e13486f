import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { PomPomOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'pom-thin': { readonly wraps: number; readonly usual: number };
	}
}

/** Wraps under this share of what fills a pom-pom leave it thin (from memory). */
const THIN = 0.7;

export const pomThin = rule<PomPomOptions, FinishedOf<'wound'>>({
	says: {
		'pom-thin': (f) => ({
			what: `${f.wraps} wraps make a thin pom-pom.`,
			why: `On this card and with this yarn about ${f.usual} fill it.`
		})
	},
	test: (facts) => {
		const pom = facts.finished;
		if (pom.wraps >= THIN * pom.usual) return null;
		return {
			body: { code: 'pom-thin', wraps: pom.wraps, usual: pom.usual },
			severity: 'tip',
			where: { at: 'size' },
			fix: change(['As many wraps as fill it'], { wraps: null })
		};
	}
});
