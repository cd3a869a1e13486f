import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Swatch, Yarn } from '../model/bench';
import { estimate, type Estimate } from '../quantity/estimate';
import { effectiveTex, texFrom, twistKey } from '../yarn/tex';
import { settledMeans } from './readings';
import { READING_RELATIVE_SD } from './spread';

/**
 * Where nothing was measured: stitches and rows per cm of a 500 tex yarn (medium, 200 m / 100 g) on these machines,
 * scaled by the square root of tex since loops grow with the yarn's diameter (Peirce 1947, from memory).
 * Stitches: the middle of the medium class by hand (18 in 4 in) times 0.73, a common machine factor (common practice).
 * Rows: 2 per cm, as in 110 rows to 55 cm of tube (common practice).
 */
export const PRIOR = { tex: 500, stitchesPerCm: (18 / 10.16) * 0.73, rowsPerCm: 2 };

/** A machine and yarn with nothing measured: a flagged 15 % (one sd). */
export const PRIOR_RELATIVE_SD = 0.15;

/**
 * Where those 15 % come from, as shares of the variance (from memory): the maker's own hand, the machine, the yarn,
 * and the two together. They add up to 1, so that a bench without readings keeps the 15 %.
 */
const SHARES = { maker: 0.16, machine: 0.22, yarn: 0.46, together: 0.16 };
const VARIANCE = PRIOR_RELATIVE_SD ** 2;

/** More swatches than this make the prediction no better; the newest are taken. */
const MOST_SWATCHES = 240;

export interface Predicted {
	readonly stitchesPerCm: Estimate;
	readonly rowsPerCm: Estimate;
	/** Swatches on this machine, and swatches of this yarn on other machines, that it leans on. */
	readonly onMachine: number;
	readonly ofYarn: number;
}
export type Predict = (machineId: string, yarn: Yarn) => Predicted;

interface Observed {
	readonly machineId: string;
	readonly twist: string;
	/** Natural log of measured over prior density. */
	readonly stitches: number;
	readonly rows: number;
	readonly variance: number;
}

const thickness = (tex: number) => Math.sqrt(PRIOR.tex / tex);

function observe(swatches: readonly Swatch[], yarns: ReadonlyMap<string, Yarn>): Observed[] {
	return swatches.slice(-MOST_SWATCHES).flatMap((s) => {
		const yarn = yarns.get(s.yarnId);
		const means = settledMeans(s.readings);
		if (!yarn || !means) return [];
		const scale = thickness(texFrom(yarn.metresPer100g) * s.strands);
		return [
			{
				machineId: s.machineId,
				twist: twistKey(yarn),
				stitches: Math.log(means.stitchesPerCm / (PRIOR.stitchesPerCm * scale)),
				rows: Math.log(means.rowsPerCm / (PRIOR.rowsPerCm * scale)),
				variance: READING_RELATIVE_SD ** 2 / means.n
			}
		];
	});
}

function shared(a: { machineId: string; twist: string }, b: { machineId: string; twist: string }) {
	const machine = a.machineId === b.machineId;
	const yarn = a.twist === b.twist;
	return (
		VARIANCE *
		(SHARES.maker +
			(machine ? SHARES.machine : 0) +
			(yarn ? SHARES.yarn : 0) +
			(machine && yarn ? SHARES.together : 0))
	);
}

/**
 * Predicts the gauge of a yarn on a machine from its tex and from all the maker has measured: the best linear
 * unbiased prediction with the variances above, in logarithms, by Cholesky factor.
 * Henderson, "Best linear unbiased estimation and prediction under a selection model", Biometrics 31 (1975) 423-447;
 * the form of Rasmussen and Williams, "Gaussian Processes for Machine Learning" (2006), eq. 2.25, 2.26 (both from memory).
 * Densities per cm, relaxed; always of basis `estimated`; with nothing measured the prior and its 15 %.
 */
export function predictor(swatches: readonly Swatch[], yarns: ReadonlyMap<string, Yarn>): Predict {
	const seen = observe(swatches, yarns);
	const n = seen.length;
	const known = new Set(seen.map((o) => o.twist));
	const factor =
		n > 0
			? new CholeskyDecomposition(
					new Matrix(
						seen.map((a, i) => seen.map((b, j) => shared(a, b) + (i === j ? a.variance : 0)))
					)
				)
			: undefined;
	const departures = factor?.solve(new Matrix(seen.map((o) => [o.stitches, o.rows])));

	interface Leaning {
		stitches: number;
		rows: number;
		sd: number;
		onMachine: number;
		ofYarn: number;
	}
	const lean = (machineId: string, twist: string): Leaning => {
		const onMachine = seen.filter((o) => o.machineId === machineId).length;
		const ofYarn = seen.filter((o) => o.twist === twist && o.machineId !== machineId).length;
		if (!factor || !departures)
			return { stitches: 0, rows: 0, sd: PRIOR_RELATIVE_SD, onMachine, ofYarn };
		const k = seen.map((o) => shared(o, { machineId, twist }));
		const explained = factor.solve(Matrix.columnVector(k));
		const dot = (column: (i: number) => number) => k.reduce((t, v, i) => t + v * column(i), 0);
		return {
			stitches: dot((i) => departures.get(i, 0)),
			rows: dot((i) => departures.get(i, 1)),
			sd: Math.sqrt(Math.max(0, VARIANCE - dot((i) => explained.get(i, 0)))),
			onMachine,
			ofYarn
		};
	};
	// All yarns never measured lean alike, so a whole stash costs one solution a machine.
	const cache = new Map<string, Leaning>();
	return (machineId, yarn) => {
		const own = twistKey(yarn);
		const twist = known.has(own) ? own : '';
		const key = `${machineId}|${twist}`;
		let leaning = cache.get(key);
		if (!leaning) cache.set(key, (leaning = lean(machineId, twist)));
		const scale = thickness(effectiveTex(yarn));
		const of = (prior: number, log: number) => {
			const mean = prior * scale * Math.exp(log);
			return estimate(mean, mean * leaning.sd, 'estimated');
		};
		return {
			stitchesPerCm: of(PRIOR.stitchesPerCm, leaning.stitches),
			rowsPerCm: of(PRIOR.rowsPerCm, leaning.rows),
			onMachine: leaning.onMachine,
			ofYarn: leaning.ofYarn
		};
	};
}
