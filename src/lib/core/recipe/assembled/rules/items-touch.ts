import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { GarlandOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'items-touch': { readonly times: number; readonly needCm: number; readonly spacingCm: number };
	}
}

export const itemsTouch = rule<GarlandOptions, FinishedOf<'hung'>>({
	says: {
		'items-touch': (f, s) => ({
			what: `Neighbours touch, ${f.times} times.`,
			why: `Two side by side need ${s.length(f.needCm)} from middle to middle, and have ${s.length(f.spacingCm)}.`
		})
	},
	test: (facts) => {
		const garland = facts.finished;
		const off = facts.joints.filter((j) => j.kind === 'hang');
		if (off.length === 0) return null;
		const needCm = Math.max(...off.map((j) => j.a.cm));
		const fitting = Math.max(1, Math.floor(garland.solved.cord.lengthCm / needCm) - 1);
		return {
			body: { code: 'items-touch', times: off.length, needCm, spacingCm: garland.solved.spacingCm },
			severity: 'warn',
			where: { at: 'size' },
			fix: change([`Hang ${fitting} of them`], {
				number: fitting,
				...(facts.options.solve === 'number' ? { solve: 'spacing' } : {})
			})
		};
	}
});
