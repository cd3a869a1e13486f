import type { WorkedPiece } from '../crank/piece';
import { CHAIN_CM } from '../quantity/chain';

/** What hands take, from memory: seconds for one small move, and yarn in stitches made by hook. */

/** A centimetre of mattress stitch or whipping, s. */
export const SEW_SECONDS = 12;
/** A rung latched up, s. */
export const LATCH_SECONDS = 2;
/** A crochet stitch, or a chain through a loop, s. */
export const HOOK_SECONDS = 3;
/** One loop sewn to its like, or drawn through others; one loop threaded (from memory). */
export const JOIN_LOOP_SECONDS = 6;
export const THREAD_LOOP_SECONDS = 0.7;

/** Yarn in a single crochet, in knitted stitches of the same yarn. */
export const CROCHET_LOOPS = 2.5;
/** Yarn in a chain through a loop, in knitted stitches. */
export const CHAIN_LOOPS = 1.5;
/** A chain takes so many times its length of yarn. */
export const CHAIN_TIMES = 3.5;

/** Yarn in so many stitches made by hook, each as much as so many knitted ones, m. */
export const hookedMetres = (stitches: number, loops: number, loopCm: number): number =>
	(stitches * loops * loopCm) / 100;
/** Yarn in a chain of so many, m. */
export const chainMetres = (chains: number): number => (chains * CHAIN_CM * CHAIN_TIMES) / 100;

/** The gauge of the yarn a piece begins with. */
export const gaugeOf = (p: Pick<WorkedPiece, 'gauges' | 'runs'> | undefined) =>
	p?.gauges[p.runs[0]?.yarn ?? 0];
/** Yarn in one stitch of a piece's first yarn, cm. */
export const loopCm = (p: Pick<WorkedPiece, 'gauges' | 'runs'> | undefined): number =>
	gaugeOf(p)?.loopCm.mean ?? 0;
/** The yarn a piece begins with, by its place. */
export const firstYarn = (p: Pick<WorkedPiece, 'runs'> | undefined): number =>
	p?.runs[0]?.yarn ?? 0;
export const lastYarn = (p: Pick<WorkedPiece, 'runs'> | undefined): number =>
	p?.runs.at(-1)?.yarn ?? 0;
