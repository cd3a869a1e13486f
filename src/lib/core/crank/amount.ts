import type { Gauge } from '../bench/gauge/gauge';
import type { Yarn } from '../model/bench';
import { estimate, scale, weakest, type Estimate } from '../quantity/estimate';
import { figure, own, worked, type Figure } from '../quantity/working';
import type { YarnRun } from '../simulate/fabric';
import { metresPerGram } from '../bench/yarn/tex';
import { JOIN_TAIL_CM, type Tail } from './tails';

export interface YarnAmount {
	/** Index in the piece's yarns. */
	readonly yarn: number;
	readonly yarnId: Yarn['id'];
	readonly stitches: number;
	readonly metres: Figure;
	readonly grams: Figure;
	readonly balls: Figure;
	readonly gramsOnHand: number;
	/** Of these, what no other planned project holds, g; all of them where nobody has asked. */
	readonly freeGrams: number;
	/** Names of the projects that hold the rest. */
	readonly heldFor: readonly string[];
	/** Main row (from 0) during which what is on hand runs out; null where it lasts. */
	readonly runsOutAtRow: number | null;
	/** Main rows (from 0) during which one ball of several ends, where the next follows; empty where one lasts. */
	readonly ballEnds: readonly number[];
}

export interface YarnUse {
	readonly yarn: number;
	readonly of: Yarn;
	/** Stitches by the gauge of the machine they are knitted on. */
	readonly stitchesOn: readonly { readonly gauge: Gauge; readonly stitches: number }[];
	/** Wraps, ties, sewing and the like, m. */
	readonly handMetres: number;
	readonly runs: readonly YarnRun[];
	readonly tails: readonly Tail[];
	readonly pins: number;
	/** Yarn in the weave of the cast-on, m. */
	readonly castOnMetres: number;
}

/** The main row at which `metres` are used up, or null. */
function runOut(use: YarnUse, metres: number): number | null {
	const perRow = (use.pins * (use.stitchesOn[0]?.gauge.loopCm.mean ?? 0)) / 100;
	// What is worked in by hand afterwards has to be left over.
	let left = metres - use.castOnMetres - use.handMetres;
	for (const run of use.runs.filter((r) => r.yarn === use.yarn)) {
		for (const t of use.tails)
			if (t.atRow >= run.from && t.atRow < run.to) left -= t.lengthCm / 100;
		const rows = run.to - run.from;
		if (left < rows * perRow) return run.from + Math.max(0, Math.floor(left / perRow));
		left -= rows * perRow;
		for (const t of use.tails) if (t.atRow === run.to) left -= t.lengthCm / 100;
		if (left < 0) return run.to;
	}
	return null;
}

/** A rest smaller than this is no ball, g. */
const LEAST_BALL_GRAMS = 5;

/** Grams of the balls there are, whole ones first and the one begun last: so there are fewest joins. */
export function ballsOf({
	gramsOnHand,
	ballGrams
}: Pick<Yarn, 'gramsOnHand' | 'ballGrams'>): number[] {
	const whole = Math.floor(gramsOnHand / ballGrams);
	const begun = gramsOnHand - whole * ballGrams;
	return [
		...Array.from({ length: whole }, () => ballGrams),
		...(begun >= LEAST_BALL_GRAMS ? [begun] : [])
	];
}

/** Where each ball but the last ends, in main rows. */
function ballEndsOf(use: YarnUse, perGram: number): number[] {
	let metres = 0;
	const ends: number[] = [];
	for (const grams of ballsOf(use.of).slice(0, -1)) {
		// Each new ball leaves an end of its own, as the old one did.
		metres += grams * perGram - (2 * JOIN_TAIL_CM) / 100;
		const row = runOut(use, metres);
		if (row === null) break;
		ends.push(row);
	}
	return ends;
}

/** What hands wind, sew and chain differs so much from one to the next (from memory). */
const HAND_RELATIVE_SD = 0.15;

/** Metres, grams and balls of one yarn: stitches x loop length, its tails, and what is worked by hand. */
export function yarnAmount(use: YarnUse): YarnAmount {
	const { stitchesOn, of, handMetres } = use;
	const perGram = metresPerGram(of);
	const ballEnds = of.heldTogether.length > 0 ? [] : ballEndsOf(use, perGram);
	const tailMetres =
		(use.tails.reduce((t, tail) => t + tail.lengthCm, 0) + 2 * ballEnds.length * JOIN_TAIL_CM) /
			100 +
		use.castOnMetres;
	const knitted = stitchesOn.map((s) => scale(s.gauge.loopCm, s.stitches / 100));
	// One yarn's loops err together, whatever machine they are knitted on.
	const metres: Estimate = estimate(
		knitted.reduce((t, e) => t + e.mean, tailMetres + handMetres),
		knitted.reduce((t, e) => t + e.sd, handMetres * HAND_RELATIVE_SD),
		knitted.length > 0 ? weakest(...knitted.map((e) => e.basis)) : 'estimated'
	);
	const grams = scale(metres, 1 / perGram);
	const metresPerBall = worked(metres.mean, 'yarn', 'yarn');
	return {
		yarn: use.yarn,
		yarnId: of.id,
		stitches: stitchesOn.reduce((t, s) => t + s.stitches, 0),
		metres: figure('Length', 'yarn', metres, [
			...stitchesOn.flatMap(({ gauge, stitches }) => [
				worked(stitches, 'stitches', 'stitches'),
				'×',
				{
					...worked(gauge.loopCm.mean, 'loop', 'yarn in one'),
					own: gauge.loopCm.basis !== 'estimated'
				},
				'+'
			]),
			...(stitchesOn.length > 0 ? [worked(tailMetres, 'yarn', 'tails')] : []),
			...(stitchesOn.length > 0 && handMetres > 0 ? ['+'] : []),
			...(handMetres > 0 ? [worked(handMetres, 'yarn', 'by hand')] : [])
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
		freeGrams: of.gramsOnHand,
		heldFor: [],
		runsOutAtRow: runOut(use, of.gramsOnHand * perGram),
		ballEnds
	};
}
