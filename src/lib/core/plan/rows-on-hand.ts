import { metresPerRow, rowsLeft } from '../bench/gauge/ball';
import { JOIN_TAIL_CM } from '../crank/tails';
import type { PlannedPiece } from '../crank/piece';
import type { YarnId } from '../model/bench';
import type { Plan } from './types';

/**
 * Whole rows of a piece that each letter's yarn on hand lasts for in nine of ten cases, shared among its copies, with the
 * tails of so many stripes and of both ends set aside. What is not of the plan lasts for none.
 * @param letters the yarn of each letter
 * @param stripes how many stripes each letter has
 */
export const rowsOnHand = (
	plan: Pick<Plan, 'yarns' | 'gauges' | 'amounts'>,
	piece: PlannedPiece,
	letters: readonly YarnId[],
	stripes: (letter: number) => number
): number[] =>
	letters.map((id, letter) => {
		const yarn = plan.yarns.find((y) => y.id === id);
		const gauge = plan.gauges[piece.yarns.indexOf(id)];
		if (!yarn || !gauge) return 0;
		const { count, machine } = piece;
		const reserve = (count * (2 * stripes(letter) * JOIN_TAIL_CM + 2 * machine.ringCm)) / 100;
		const perRow = metresPerRow({ pins: piece.stitches.first }, gauge);
		const free = plan.amounts.find((a) => a.yarnId === id)?.freeGrams ?? yarn.gramsOnHand;
		return Math.floor(rowsLeft(free, yarn, perRow, reserve).safeRows / count);
	});
