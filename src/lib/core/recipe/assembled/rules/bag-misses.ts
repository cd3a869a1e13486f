import { entryAt } from '../../../quantity/sure';
import { rule } from '../../../finding/rule';
import type { FoldedBagOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';
import { toRows } from '../../fixes';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'bag-misses': {
			readonly rows: number;
			readonly ideal: number;
			readonly eachRows: number;
			readonly cm: number;
		};
	}
}

export const bagMisses = rule<FoldedBagOptions, FinishedOf<'folded'>>({
	says: {
		'bag-misses': (f, s) => ({
			what: `The strip is ${rowsWord(Math.abs(f.rows))} too ${f.rows > 0 ? 'long' : 'short'} to fold.`,
			why:
				f.rows > 0
					? `It folds at ${f.ideal} rows. ${rowsWord(f.eachRows)}, ${s.length(f.cm)}, stand over at each end: the points are not alike, or they are folded in.`
					: `It folds at ${f.ideal} rows. Each end lacks ${rowsWord(f.eachRows)}: both seams stop ${s.length(f.cm)} short, and the notch gapes at its middle.`
		})
	},
	test: (facts) => {
		const bag = facts.finished;
		if (bag.rows === bag.idealRows) return null;
		const off = bag.rows - bag.idealRows;
		const gauge = entryAt(facts.gauges, 0);
		const each = Math.abs(off) / 2;
		return {
			body: {
				code: 'bag-misses',
				rows: off,
				ideal: bag.idealRows,
				eachRows: each,
				cm: each / gauge.rowsPerCm.mean
			},
			severity: facts.joints.some((j) => j.verdict === 'off') ? 'warn' : 'tip',
			where: { at: 'size' },
			fix: toRows(bag.idealRows, facts.withRows)
		};
	}
});
