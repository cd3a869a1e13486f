import { workingClass } from '../../bench/yarn/held-together';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'thick-yarn': { readonly yarn: number; readonly weightClass: number };
	}
}

/** Smooth class 3 to 4 works best; 5 and up mostly jams (common practice). */
const JAMS_FROM_CLASS = 5;

export const thickYarn = rule({
	says: {
		'thick-yarn': (f, _s, yarn) => ({
			what: `${yarn(f.yarn)} may jam.`,
			why: `It is class ${f.weightClass}; smooth yarn of class 3 to 4 works best, and class 5 and up mostly jams.`
		})
	},
	test: ({ yarns }) =>
		yarns.flatMap((y, yarn) => {
			const weightClass = workingClass(y);
			return weightClass >= JAMS_FROM_CLASS
				? [
						{
							body: { code: 'thick-yarn' as const, yarn, weightClass },
							severity: 'warn' as const,
							where: { at: 'yarn' as const, yarn }
						}
					]
				: [];
		})
});
