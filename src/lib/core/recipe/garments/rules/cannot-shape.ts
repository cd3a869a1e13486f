import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { ShapeProblem } from '../../../shaping/schedule';
import { wordShapeProblem } from '../../../shaping/words';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'cannot-shape': { readonly name: string; readonly problem: ShapeProblem };
	}
	interface StopCodes {
		'cannot-shape': true;
	}
}

export const cannotShape = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'cannot-shape': (f, s) => ({
			what: `${f.name} cannot be knitted as it is drawn.`,
			why: wordShapeProblem(f.problem, s)
		})
	},
	test: ({ finished }) =>
		finished.made.pieces.flatMap((p): Judgement[] =>
			p.problem
				? [
						{
							body: { code: 'cannot-shape', name: p.name, problem: p.problem },
							severity: 'stop',
							where: { at: 'piece', piece: p.id }
						}
					]
				: []
		)
});
