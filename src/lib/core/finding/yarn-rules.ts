import { CLOSE, chanceShort } from '../quantity/short';
import { workingClass } from '../bench/yarn/held-together';
import { testsOf, verdicts } from '../bench/yarn/trials';
import type { Judgement, Rule } from './facts';

export const yarnEnough: Rule = ({ amounts, byYarn }) =>
	amounts.flatMap((a): readonly Judgement[] => {
		const { mean, sd } = a.grams.value;
		const chance = chanceShort(mean, sd, a.gramsOnHand);
		const numbers = { yarn: a.yarn, needGrams: mean, haveGrams: a.gramsOnHand, chance };
		if (a.runsOutAtRow !== null)
			return [
				{
					body: { code: 'yarn-short', ...numbers, row: a.runsOutAtRow },
					severity: 'warn' as const,
					where: { at: 'row' as const, row: a.runsOutAtRow },
					// Length and yarn both given: the length gives, or there is more yarn to be had.
					...(byYarn ? { fix: { do: 'by-yarn' as const } } : {}),
					or: { do: 'substitute' as const, yarnId: a.yarnId }
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
	});

/** Smooth class 3 to 4 works best; 5 and up mostly jams (common practice). */
const JAMS_FROM_CLASS = 5;

export const thickYarn: Rule = ({ yarns }) =>
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
	});

/** The maker's own newest test of a yarn on this machine, where it did not simply run. */
export const tested: Rule = ({ yarns, bench, tests, machine }) =>
	yarns.flatMap((y, yarn) => {
		const newest = testsOf(y, tests, bench).find(
			(t) => t.machineId === machine.id && t.strands === y.strands
		);
		if (!newest || newest.verdict === 'runs') return [];
		const of = testsOf(y, tests, bench).filter((t) => t.machineId === machine.id);
		const failed = newest.verdict === 'fails';
		return [
			{
				body: {
					code: failed ? ('test-failed' as const) : ('test-care' as const),
					yarn,
					rows: newest.rows,
					faults: Object.values(newest.faults).reduce((a, b) => a + b, 0),
					disputed: verdicts(of).some((v) => v.strands === y.strands && v.disputed)
				},
				severity: failed ? ('warn' as const) : ('tip' as const),
				where: { at: 'yarn' as const, yarn }
			}
		];
	});

export const weakYarn: Rule = ({ yarns, runs }) => {
	const ends = [runs.at(0)?.yarn, runs.at(-1)?.yarn];
	const yarn = yarns.findIndex((y, i) => y.strength === 'weak' && ends.includes(i));
	return yarn < 0
		? null
		: { body: { code: 'weak-yarn', yarn }, severity: 'warn', where: { at: 'yarn', yarn } };
};

const MOSTLY = 60;

export const cotton: Rule = ({ yarns }) =>
	yarns.flatMap((y, yarn) => {
		const percent = y.fibres.find((f) => f.fibre === 'cotton')?.percent ?? 0;
		return percent >= MOSTLY
			? [
					{
						body: { code: 'cotton' as const, yarn, percent },
						severity: 'tip' as const,
						where: { at: 'yarn' as const, yarn }
					}
				]
			: [];
	});

const DIFFER = 0.1;

export const gaugesDiffer: Rule = ({ gauges }) => {
	const main = gauges[0];
	return gauges.flatMap((g, yarn) => {
		if (!main || yarn === 0) return [];
		const share = g.stitchesPerCm.mean / main.stitchesPerCm.mean - 1;
		return Math.abs(share) > DIFFER
			? [
					{
						body: { code: 'gauges-differ' as const, yarn, share },
						severity: 'warn' as const,
						where: { at: 'yarn' as const, yarn }
					}
				]
			: [];
	});
};

/** A lining this much lighter than a dark outer shines through (from memory). */
export const SHINES = 0.35;

/** Relative luminance of #rrggbb, 0 to 1 (WCAG 2.2). */
export function luminance(hex: string): number {
	const channel = (at: number) => {
		const c = parseInt(hex.slice(at, at + 2), 16) / 255;
		return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
	};
	return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}
