import type { Gauge } from '../gauge/gauge';
import type { Yarn } from '../model/bench';
import { scale, shift, type Estimate } from '../quantity/estimate';
import { figure, own, worked, type Figure } from '../quantity/working';
import type { YarnRun } from '../simulate/fabric';
import { metresPerGram } from '../yarn/tex';
import type { Tail } from './tails';

export interface YarnAmount {
	/** Index in the piece's yarns. */
	readonly yarn: number;
	readonly yarnId: Yarn['id'];
	readonly stitches: number;
	readonly metres: Figure;
	readonly grams: Figure;
	readonly balls: Figure;
	readonly gramsOnHand: number;
	/** Main row (from 0) during which what is on hand runs out; null where it lasts. */
	readonly runsOutAtRow: number | null;
}

export interface YarnUse {
	readonly yarn: number;
	readonly of: Yarn;
	readonly gauge: Gauge;
	readonly stitches: number;
	readonly runs: readonly YarnRun[];
	readonly tails: readonly Tail[];
	readonly pins: number;
	/** Yarn in the weave of the cast-on, m. */
	readonly castOnMetres: number;
}

/** The main row at which `metres` are used up, or null. */
function runOut(use: YarnUse, metres: number): number | null {
	const perRow = (use.pins * use.gauge.loopCm.mean) / 100;
	let left = metres - use.castOnMetres;
	for (const run of use.runs.filter((r) => r.yarn === use.yarn)) {
		for (const t of use.tails) if (t.atRow === run.from) left -= t.lengthCm / 100;
		const rows = run.to - run.from;
		if (left < rows * perRow) return run.from + Math.max(0, Math.floor(left / perRow));
		left -= rows * perRow;
		for (const t of use.tails) if (t.atRow === run.to) left -= t.lengthCm / 100;
		if (left < 0) return run.to;
	}
	return null;
}

/** Metres, grams and balls of one yarn: stitches x loop length, and its tails. */
export function yarnAmount(use: YarnUse): YarnAmount {
	const { gauge, of } = use;
	const tailMetres = use.tails.reduce((t, tail) => t + tail.lengthCm, 0) / 100 + use.castOnMetres;
	const metres: Estimate = shift(scale(gauge.loopCm, use.stitches / 100), tailMetres);
	const perGram = metresPerGram(of);
	const grams = scale(metres, 1 / perGram);
	const metresPerBall = worked(metres.mean, 'yarn', 'yarn');
	return {
		yarn: use.yarn,
		yarnId: of.id,
		stitches: use.stitches,
		metres: figure('Length', 'yarn', metres, [
			worked(use.stitches, 'stitches', 'stitches'),
			'×',
			{
				...worked(gauge.loopCm.mean, 'loop', 'yarn in one'),
				own: gauge.loopCm.basis !== 'estimated'
			},
			'+',
			worked(tailMetres, 'yarn', 'tails')
		]),
		grams: figure('Weight', 'mass', grams, [
			metresPerBall,
			'÷',
			own(
				of.metresPer100g / of.strands,
				'yarn-per-mass',
				of.strands > 1 ? `${of.strands} strands` : 'on the label'
			)
		]),
		balls: figure('Balls', 'balls', scale(grams, 1 / of.ballGrams), [
			worked(grams.mean, 'mass', 'weight'),
			'÷',
			own(of.ballGrams, 'mass', 'a ball')
		]),
		gramsOnHand: of.gramsOnHand,
		runsOutAtRow: runOut(use, of.gramsOnHand * perGram)
	};
}
