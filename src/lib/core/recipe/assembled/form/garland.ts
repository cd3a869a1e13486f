import { entryAt } from '../../../quantity/sure';
import type { GarlandOptions } from '../options';
import { hang, spanOf, type Catenary } from './catenary';

/** A garland worked out: so many things, so far apart, on a cord over a span. */
export interface Solved {
	readonly number: number;
	/** Along the cord, middle to middle, and as much from either hook to the first. */
	readonly spacingCm: number;
	readonly cord: Catenary;
	/** Whether what was wished can be: else the nearest that can is given. */
	readonly fits: boolean;
}

const MOST_ITEMS = 200;

/** Works one of number, spacing and span out of the other two and the sag: the cord is (number + 1) spacings long. */
export function solveGarland(
	options: Pick<GarlandOptions, 'solve' | 'number' | 'spacingCm' | 'spanCm' | 'sagCm'>
): Solved {
	const { solve, number, spacingCm, spanCm, sagCm } = options;
	if (solve === 'span') {
		const length = (number + 1) * spacingCm;
		const cord = spanOf(length, sagCm);
		// So deep it cannot hang: as deep as a cord of that length can, and still reach across something.
		return cord
			? { number, spacingCm, cord, fits: true }
			: { number, spacingCm, cord: spanOf(length, length * 0.45)!, fits: false };
	}
	const cord = hang(spanCm, sagCm);
	if (solve === 'spacing')
		return { number, spacingCm: cord.lengthCm / (number + 1), cord, fits: true };
	const most = Math.floor(cord.lengthCm / spacingCm + 1e-9) - 1;
	const n = Math.max(1, Math.min(MOST_ITEMS, most));
	// Whole things only: what is left over is shared among the gaps.
	return { number: n, spacingCm: cord.lengthCm / (n + 1), cord, fits: most === n };
}

/** Places along the cord, from the left hook, cm. */
export const placesAlong = ({ number, spacingCm }: Solved): number[] =>
	Array.from({ length: number }, (_, i) => (i + 1) * spacingCm);

/**
 * A small generator of numbers from 0 to 1 by a seed (mulberry32): the same seed gives the same order. Its own, and no
 * package's: garlands that hang half made keep the order they were begun in, whatever a package does.
 */
function numbers(seed: number): () => number {
	let a = seed >>> 0;
	return () => {
		a = (a + 0x6d2b79f5) >>> 0;
		let t = Math.imul(a ^ (a >>> 15), a | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

/** The colour of the nth thing that is left, one colour passed over. */
function nthOf(left: readonly number[], nth: number, without: number | undefined): number {
	let before = 0;
	return left.findIndex((k, c) => c !== without && nth < (before += k));
}

/**
 * A colour for each of `n` things: in turn, or shuffled by a seed so that each comes as often as in turn and none stands
 * beside itself where that can be.
 */
export function colourOrder(
	n: number,
	colours: number,
	order: 'repeat' | 'shuffle',
	seed: number
): number[] {
	const turn = Array.from({ length: n }, (_, i) => i % colours);
	if (order === 'repeat' || colours < 2) return turn;
	const next = numbers(seed);
	const left = Array.from({ length: colours }, (_, c) => turn.filter((x) => x === c).length);
	const out: number[] = [];
	for (let i = 0; i < n; i++) {
		const last = out.at(-1);
		const rest = n - i;
		// A colour that half of the rest are must come now, or it will stand beside itself.
		const pressing = left.findIndex((k, c) => c !== last && 2 * k > rest);
		const open = rest - (last === undefined ? 0 : entryAt(left, last));
		const pick =
			pressing >= 0
				? pressing
				: open > 0
					? nthOf(left, Math.floor(next() * open), last)
					: left.findIndex((k) => k > 0);
		left[pick] = entryAt(left, pick) - 1;
		out.push(pick);
	}
	return out;
}
