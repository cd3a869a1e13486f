import { metresPerRow, nineOfTen } from '../bench/gauge/ball';
import type { YarnId } from '../model/bench';
import type { Section } from '../stripes/sections';
import { metresPerGram } from '../bench/yarn/tex';
import type { DesignContext } from './recipe';

/** A tail at either end and at each join, with some to spare, set aside before the yarn is shared out, m. */
const TAILS_METRES = 3;

interface Lasting {
	/** Yarns by the index that sections name. */
	readonly yarns: readonly YarnId[];
	/** The sections of a piece of so many rows. */
	readonly sections: (rows: number) => readonly Section[];
	readonly pins: number;
	readonly copies: number;
	readonly least: number;
	readonly most: number;
}

/**
 * The most rows for which every yarn on hand lasts, nine times in ten; the least there may be where even those do not.
 * More rows must never need less of any yarn.
 */
export function rowsThatLast(what: Lasting, context: DesignContext): number {
	const enough = (rows: number): boolean => {
		const sections = what.sections(rows);
		return what.yarns.every((id, yarn) => {
			const knitted = sections.reduce((t, s) => t + (s.yarn === yarn ? s.rows : 0), 0);
			if (knitted === 0) return true;
			const ball = context.yarn(id);
			const perRow = metresPerRow({ pins: what.pins }, context.gauge(id));
			const metres = nineOfTen(perRow) * knitted * what.copies + TAILS_METRES;
			return metres <= ball.gramsOnHand * metresPerGram(ball);
		});
	};
	let { least: low, most: high } = what;
	while (low < high) {
		const mid = Math.ceil((low + high) / 2);
		if (enough(mid)) low = mid;
		else high = mid - 1;
	}
	return low;
}
