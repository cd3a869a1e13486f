import { rule } from '../../../finding/rule';
import type { TubeBlanketOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'border-off': {
			readonly loops: number;
			readonly stitches: number;
			readonly of: number;
			readonly eases: boolean;
		};
	}
}

export const borderOff = rule<TubeBlanketOptions, FinishedOf<'side-by-side'>>({
	says: {
		'border-off': (f) => ({
			what: `${f.stitches} crochet stitches on ${f.loops} loops.`,
			why: f.eases
				? `Repeats of ${f.of} come out whole at ${f.stitches}: take ${Math.abs(f.stitches - f.loops) === 1 ? 'one loop' : `${Math.abs(f.stitches - f.loops)} loops`} ${f.stitches > f.loops ? 'twice' : 'together'} on the way.`
				: `Repeats of ${f.of} are too far from the loops there are: another repeat lies flatter.`
		})
	},
	test: (facts) => {
		const blanket = facts.finished;
		const border = facts.joints.find((j) => j.kind === 'border');
		if (!border || border.verdict === 'meets') return null;
		return {
			body: {
				code: 'border-off',
				loops: border.a.stitches,
				stitches: border.b.stitches,
				of: blanket.border.of,
				eases: border.verdict === 'eases'
			},
			severity: border.verdict === 'eases' ? 'tip' : 'warn',
			where: { at: 'size' }
		};
	}
});
