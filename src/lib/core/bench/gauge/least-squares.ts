import { LuDecomposition, Matrix } from 'ml-matrix';
import { entryAt } from '../../quantity/sure';

/** Least squares with lines that err together, some of which may be wild. */

/**
 * A reading further off than this many of its sds pulls no more than one at that distance. Source: Huber, "Robust estimation
 * of a location parameter", Annals of Mathematical Statistics 35 (1964) 73-101 (memory).
 */
const BOUND = 2;
const TURNS = 12;
/** Beliefs that change by less than this have settled. */
const SETTLED = 1e-4;
/** The usual scatter of pieces counts as so many measured sizes when a maker's own is worked out (from memory). */
const PRIOR_SIZES = 8;
/** A line of the sum: what the unknowns come to, by their places. */
export interface Line {
	readonly at: readonly (readonly [number, number])[];
	readonly value: number;
}
/** Lines that err together, with the covariance they have. */
export interface Block<T = unknown> {
	readonly lines: readonly Line[];
	readonly cov: Matrix;
	/** What each line is of. */
	readonly of: readonly T[];
	/** How much each is believed: 1 in full. */
	belief: number[];
}

/** Sums of squares to be made least, kept as the normal equations. */
class Least {
	readonly left: Matrix;
	readonly right: Matrix;
	constructor(size: number) {
		this.left = new Matrix(size, size);
		this.right = new Matrix(size, 1);
	}
	add(a: Line, b: Line, weight: number): void {
		for (const [i, x] of a.at) {
			for (const [j, y] of b.at) this.left.set(i, j, this.left.get(i, j) + weight * x * y);
			this.right.set(i, 0, this.right.get(i, 0) + weight * x * b.value);
		}
	}
}

/** The covariance of a block at the belief its lines have. */
function believed({ cov, belief }: Block, scale: number): Matrix {
	const c = cov.clone();
	for (let i = 0; i < c.rows; i++)
		for (let j = 0; j < c.columns; j++)
			c.set(i, j, (scale * cov.get(i, j)) / Math.sqrt(entryAt(belief, i) * entryAt(belief, j)));
	return c;
}
const inverse = (m: Matrix): Matrix => new LuDecomposition(m).solve(Matrix.eye(m.rows));

/** How far a line is from what the unknowns make of it. */
export const offOf = ({ at, value }: Line, x: Matrix): number =>
	value - at.reduce((t, [i, c]) => t + c * x.get(i, 0), 0);

/** What is known of some unknowns beforehand. */
export interface Prior {
	readonly line: Line;
	readonly variance: number;
}

/** The unknowns that make the sum of squares least, and the factors their covariance comes from. `scale` is of the variance of every block. */
export function solve(
	priors: readonly Prior[],
	blocks: readonly Block[],
	size: number,
	scale: number
) {
	const sum = new Least(size);
	for (const { line, variance } of priors) sum.add(line, line, 1 / variance);
	for (const block of blocks) {
		const weights = inverse(believed(block, scale));
		for (const [i, a] of block.lines.entries())
			for (const [j, b] of block.lines.entries()) sum.add(a, b, weights.get(i, j));
	}
	const factors = new LuDecomposition(sum.left);
	return { x: factors.solve(sum.right), factors };
}

/** How a maker's things scatter beside the usual, as a factor of the variance. */
export function scatterOf(blocks: readonly Block[], x: Matrix): number {
	let [squares, n] = [PRIOR_SIZES, 0];
	for (const block of blocks) {
		const off = new Matrix([block.lines.map((l) => offOf(l, x))]);
		squares += off
			.mmul(inverse(believed(block, 1)))
			.mmul(off.transpose())
			.get(0, 0);
		n += block.lines.length;
	}
	// As many as there are unknowns are used up in finding them.
	return Math.min(6, Math.max(0.4, squares / (PRIOR_SIZES + Math.max(0, n - x.rows))));
}

/** The unknowns, once every line has the belief that it deserves: it is kept in the blocks. */
export function weigh(priors: readonly Prior[], blocks: readonly Block[], size: number): Matrix {
	let { x } = solve(priors, blocks, size, 1);
	for (let turn = 0; turn < TURNS; turn++) {
		let changed = 0;
		for (const b of blocks)
			b.belief = b.lines.map((l, i) => {
				const off = Math.abs(offOf(l, x)) / Math.sqrt(b.cov.get(i, i));
				const now = off <= BOUND ? 1 : BOUND / off;
				changed = Math.max(changed, Math.abs(now - entryAt(b.belief, i)));
				return now;
			});
		if (changed < SETTLED) break;
		({ x } = solve(priors, blocks, size, 1));
	}
	return x;
}
