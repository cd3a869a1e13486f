import { CLOSE, chanceShort, stockOf, wordStock } from '../../quantity/short';
import type { Judgement } from '../facts';
import { change } from '../fix';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'yarn-short': {
			readonly yarn: number;
			readonly needGrams: number;
			readonly haveGrams: number;
			readonly chance: number;
			readonly row: number;
		};
		'yarn-close': {
			readonly yarn: number;
			readonly needGrams: number;
			readonly haveGrams: number;
			readonly chance: number;
		};
	}
}

export const yarnEnough = rule({
	says: {
		'yarn-short': (f, s, yarn) => ({
			what: `${yarn(f.yarn)} runs out in row ${f.row + 1}.`,
			why: `It needs ${s.of(f.needGrams, 'mass')} and you have ${s.of(f.haveGrams, 'mass')}, ${wordStock(stockOf({ mean: f.needGrams, sd: 0 }, f.haveGrams), s)}.`
		}),
		'yarn-close': (f, s, yarn) => ({
			what: `${yarn(f.yarn)} may not last.`,
			why: `It needs ${s.of(f.needGrams, 'mass')} of the ${s.of(f.haveGrams, 'mass')} you have; with the spread that is a ${s.percent(f.chance)} chance of running out.`
		})
	},
	test: ({ amounts, byYarn }) =>
		amounts.flatMap((a): readonly Judgement[] => {
			const { mean, sd } = a.grams.value;
			const chance = chanceShort(mean, sd, a.gramsOnHand);
			const lasting = byYarn() as object | null;
			const numbers = { yarn: a.yarn, needGrams: mean, haveGrams: a.gramsOnHand, chance };
			if (a.runsOutAtRow !== null)
				return [
					{
						body: { code: 'yarn-short', ...numbers, row: a.runsOutAtRow },
						severity: 'warn' as const,
						where: { at: 'row' as const, row: a.runsOutAtRow },
						// Length and yarn both given: the length gives, or there is more yarn to be had.
						...(lasting ? { fix: change(['As long as the yarn lasts'], lasting) } : {}),
						or: {
							label: ['Find more, or a stand-in'],
							go: { page: 'stand-ins' as const, yarn: a.yarnId }
						}
					}
				];
			if (chance > CLOSE)
				return [
					{
						body: { code: 'yarn-close', ...numbers },
						severity: 'warn' as const,
						where: { at: 'yarn' as const, yarn: a.yarn }
					}
				];
			return [];
		})
});
