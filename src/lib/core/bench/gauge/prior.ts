import { LuDecomposition, Matrix } from 'ml-matrix';
import type { Swatch, Yarn } from '../../model/bench';
import { estimate, type Estimate } from '../../quantity/estimate';
import { effectiveTex, texFrom, twistKey } from '../yarn/tex';
import { settledMeans } from './readings';
import { READING_RELATIVE_SD } from './spread';

/** Covariances and precisions are never singular; the package's own `inverse` brings its other decompositions along. */
const inverted = (m: Matrix): Matrix => new LuDecomposition(m).solve(Matrix.eye(m.rows));

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
 * the yarn in so many strands, and that on this machine. They add up to 1, so that a bench without readings keeps the 15 %.
 */
const SHARES = { maker: 0.16, machine: 0.22, yarn: 0.23, strands: 0.23, together: 0.16 };
const VARIANCE = PRIOR_RELATIVE_SD ** 2;

export interface Predicted {
	readonly stitchesPerCm: Estimate;
	readonly rowsPerCm: Estimate;
	/** Swatches on this machine, and swatches of this yarn on other machines or in other strands, that it leans on. */
	readonly onMachine: number;
	readonly ofYarn: number;
}
export type Predict = (machineId: string, yarn: Yarn) => Predicted;

interface Observed {
	readonly machineId: string;
	readonly twist: string;
	readonly strands: number;
	/** Natural log of measured over prior density. */
	readonly stitches: number;
	readonly rows: number;
	readonly variance: number;
}

const thickness = (tex: number) => Math.sqrt(PRIOR.tex / tex);

function observe(swatches: readonly Swatch[], yarns: ReadonlyMap<string, Yarn>): Observed[] {
	return swatches.flatMap((s) => {
		const yarn = yarns.get(s.yarnId);
		const means = settledMeans(s.readings);
		if (!yarn || !means) return [];
		const scale = thickness(texFrom(yarn.metresPer100g) * s.strands);
		return [
			{
				machineId: s.machineId,
				twist: twistKey(yarn),
				strands: s.strands,
				stitches: Math.log(means.stitchesPerCm / (PRIOR.stitchesPerCm * scale)),
				rows: Math.log(means.rowsPerCm / (PRIOR.rowsPerCm * scale)),
				variance: READING_RELATIVE_SD ** 2 / means.n
			}
		];
	});
}

interface Where {
	readonly machineId: string;
	readonly strands: number;
}

/** What two knittings of one yarn vary by together: least on other machines and in other strands, all of it in one place. */
const shared = (a: Where, b: Where): number =>
	VARIANCE *
	(SHARES.yarn +
		(a.strands === b.strands ? SHARES.strands : 0) +
		(a.strands === b.strands && a.machineId === b.machineId ? SHARES.together : 0));
/** All a yarn has of its own on one machine. */
const OWN = VARIANCE * (SHARES.yarn + SHARES.strands + SHARES.together);

/** Swatches of one yarn: they vary together, and apart from all others but for the maker and the machines. */
interface Group {
	readonly seen: readonly Observed[];
	/** Which effects each swatch shares: the maker's, and its machine's. */
	readonly effects: Matrix;
	readonly inverse: Matrix;
	readonly departures: Matrix;
}

function groupsOf(seen: readonly Observed[], machines: readonly string[]): Map<string, Group> {
	const byTwist = new Map<string, Observed[]>();
	for (const o of seen) byTwist.set(o.twist, [...(byTwist.get(o.twist) ?? []), o]);
	return new Map(
		[...byTwist].map(([twist, group]) => [
			twist,
			{
				seen: group,
				effects: new Matrix(
					group.map((o) => [1, ...machines.map((m) => (m === o.machineId ? 1 : 0))])
				),
				inverse: inverted(
					new Matrix(
						group.map((a, i) => group.map((b, j) => shared(a, b) + (i === j ? a.variance : 0)))
					)
				),
				departures: new Matrix(group.map((o) => [o.stitches, o.rows]))
			}
		])
	);
}

/** The maker's and the machines' effects: their mean for stitches and rows, and their covariance. */
function effectsOf(groups: Iterable<Group>, machines: readonly string[]) {
	const precision = Matrix.diag([
		1 / (VARIANCE * SHARES.maker),
		...machines.map(() => 1 / (VARIANCE * SHARES.machine))
	]);
	const weighed = Matrix.zeros(machines.length + 1, 2);
	for (const g of groups) {
		const t = g.effects.transpose().mmul(g.inverse);
		precision.add(t.mmul(g.effects));
		weighed.add(t.mmul(g.departures));
	}
	const covariance = inverted(precision);
	return { covariance, mean: covariance.mmul(weighed) };
}

/**
 * Predicts the gauge of a yarn on a machine from its tex and from all the maker has measured: the best linear unbiased
 * prediction with the variances above, in logarithms. The yarns' effects are solved within each yarn and the maker's and
 * machines' over all, so that it costs no more than a pass over the swatches.
 * Henderson, "Best linear unbiased estimation and prediction under a selection model", Biometrics 31 (1975) 423-447
 * (from memory). Densities per cm, relaxed; always of basis `estimated`; with nothing measured the prior and its 15 %.
 */
export function predictor(swatches: readonly Swatch[], yarns: ReadonlyMap<string, Yarn>): Predict {
	const seen = observe(swatches, yarns);
	const machines = [...new Set(seen.map((o) => o.machineId))];
	const groups = groupsOf(seen, machines);
	const { covariance, mean } = effectsOf(groups.values(), machines);
	const onMachine = new Map(
		machines.map((m) => [m, seen.filter((o) => o.machineId === m).length] as const)
	);

	const lean = (here: Where, twist: string) => {
		const { machineId, strands } = here;
		const at = machines.indexOf(machineId);
		const u = Matrix.columnVector([1, ...machines.map((_, i) => (i === at ? 1 : 0))]);
		// A machine nobody knitted a swatch on has only its prior.
		let variance = OWN + (at < 0 ? VARIANCE * SHARES.machine : 0);
		const log = u.transpose().mmul(mean);
		const group = groups.get(twist);
		if (group) {
			const c = Matrix.columnVector(group.seen.map((o) => shared(o, here)));
			const weights = c.transpose().mmul(group.inverse);
			log.add(weights.mmul(Matrix.sub(group.departures, group.effects.mmul(mean))));
			u.sub(weights.mmul(group.effects).transpose());
			variance -= weights.mmul(c).get(0, 0);
		}
		variance += u.transpose().mmul(covariance).mmul(u).get(0, 0);
		return {
			stitches: log.get(0, 0),
			rows: log.get(0, 1),
			sd: Math.sqrt(Math.max(0, variance)),
			ofYarn:
				group?.seen.filter((o) => o.machineId !== machineId || o.strands !== strands).length ?? 0
		};
	};
	// All yarns never measured lean alike, so a whole stash costs one solution a machine.
	const cache = new Map<string, ReturnType<typeof lean>>();
	return (machineId, yarn) => {
		const own = twistKey(yarn);
		const twist = groups.has(own) ? own : '';
		const key = `${machineId}|${twist}|${twist ? yarn.strands : 0}`;
		let leaning = cache.get(key);
		if (!leaning) cache.set(key, (leaning = lean({ machineId, strands: yarn.strands }, twist)));
		const { stitches, rows, sd, ofYarn } = leaning;
		const scale = thickness(effectiveTex(yarn));
		const leaned = (prior: number, log: number) => {
			const mean = prior * scale * Math.exp(log);
			return estimate(mean, mean * sd, 'estimated');
		};
		return {
			stitchesPerCm: leaned(PRIOR.stitchesPerCm, stitches),
			rowsPerCm: leaned(PRIOR.rowsPerCm, rows),
			onMachine: onMachine.get(machineId) ?? 0,
			ofYarn
		};
	};
}
