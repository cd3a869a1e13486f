import type { WiderWay } from '../model/kinds';
import type { Density } from './schedule';

/** Columns in every gap so many pins apart, with as many clear pins at either edge (common practice). */
export const LADDER_EVERY = 6;
export const LADDER_COLUMNS = 6;
/** A float between pins needs room for two columns more than it becomes (common practice). */
const CARD_EXTRA = 2;

/** Pins, counted from 1, after which an extension goes: a whole group of pins on both sides, so none at an edge. */
export function ladderPins(pins: number, every = LADDER_EVERY): number[] {
	const extensions = Math.max(0, Math.floor(pins / every) - 1);
	return Array.from({ length: extensions }, (_, i) => (i + 1) * every);
}

/** Columns across with every extension latched up. */
export const laddered = (pins: number, columns = LADDER_COLUMNS, every = LADDER_EVERY): number =>
	pins + columns * ladderPins(pins, every).length;

/** Once round a card, cm: both faces, and its thickness (common practice: 7.5 by 0.5 wraps 15.5). */
export const cardWrap = (widthCm: number, thicknessCm: number): number => 2 * widthCm + thicknessCm;

export interface Card {
	readonly widthCm: number;
	readonly thicknessCm: number;
	/** Yarn once round it, cm. */
	readonly wrapCm: number;
}

/**
 * The card that gives a float for so many columns: as long as (columns + 2) pins along the ring, or as so many loops of the
 * yarn as it was measured. Round a card of a thickness goes twice the width and the thickness.
 */
export function cardFor(
	columns: number,
	{ pitchCm, loopCm }: { pitchCm: number; loopCm?: number },
	thicknessCm: number
): Card {
	const wrapCm = loopCm === undefined ? (columns + CARD_EXTRA) * pitchCm : columns * loopCm;
	const widthCm = Math.max(0.5, (wrapCm - thicknessCm) / 2);
	return { widthCm, thicknessCm, wrapCm };
}

/** One way to come to a width beyond the machine's panel. */
export interface Wider {
	readonly way: WiderWay;
	readonly panels: number;
	/** Stitches cast on for each panel, in order; edge stitches that seams take up are among them. */
	readonly stitches: readonly number[];
	/** Columns seen across, all seams done. */
	readonly across: number;
	/** Widest that this way comes to, cm. */
	readonly cm: number;
	readonly rows: number;
	readonly seams: number;
	/** Length of seams to sew, cm, and rows or columns latched up by hand. */
	readonly seamCm: number;
	readonly latched: number;
	/** Stitches that are knitted or latched: yarn and time go by them. */
	readonly loops: number;
	/** How far it is from the width asked for, cm. */
	readonly missCm: number;
}

/** Edge stitches that a mattress seam takes up, one of each panel (common practice). */
export const SEAM_STITCHES = 1;
const evenRows = (x: number): number => Math.max(2, 2 * Math.round(x / 2));

/** More panels than these to one piece are not planned: nobody sews them. */
export const MOST_PANELS = 40;
/** A panel between two others gives its edge stitches to their seams: with fewer pins nothing of it is left. */
export const LEAST_PANEL = 2 * SEAM_STITCHES + 1;

/**
 * Panels side by side, each seam taking up an edge stitch of both: as few as there can be, as alike as can be. `across` is
 * what they come to with their outer edge stitches; `most` what the machine gives one. Null where it takes more than
 * `MOST_PANELS`, or the machine has no room for a panel.
 */
export function splitPanels(across: number, most: number): number[] | null {
	const between = 2 * SEAM_STITCHES;
	const panels =
		across <= most
			? 1
			: most < LEAST_PANEL
				? Infinity
				: Math.ceil((across - between) / (most - between));
	if (panels > MOST_PANELS || most < 1) return null;
	const cast = across + between * (panels - 1);
	const base = Math.floor(cast / panels);
	return Array.from({ length: panels }, (_, i) => base + (i < cast % panels ? 1 : 0));
}

/** The most stitches across that panels of a machine come to, their outer edge stitches among them. */
export const widestAcross = (most: number): number =>
	most < LEAST_PANEL ? most : MOST_PANELS * (most - 2 * SEAM_STITCHES) + 2 * SEAM_STITCHES;

/** How extensions are made: columns in a gap, and pins from gap to gap and to either edge. */
export interface Gaps {
	readonly columns: number;
	readonly every: number;
}
const USUAL_GAPS: Gaps = { columns: LADDER_COLUMNS, every: LADDER_EVERY };

/** The pins for extensions that come nearest to so many columns; the fewer of two. */
export function ladderFor(
	across: number,
	most: number,
	{ columns, every }: Gaps = USUAL_GAPS
): number {
	const off = (pins: number) => Math.abs(laddered(pins, columns, every) - across);
	let best = 1;
	for (let pins = 1; pins <= most; pins++) if (off(pins) < off(best)) best = pins;
	return best;
}

interface Asked {
	readonly size: { readonly widthCm: number; readonly heightCm: number };
	readonly density: Density;
	/** The most pins of a panel. */
	readonly most: number;
	readonly gaps: Gaps;
	/** Stitches across the width, and rows up the height. */
	readonly across: number;
	readonly rows: number;
}

const NO_HANDWORK = { seams: 0, seamCm: 0, latched: 0 } as const;

function inPanels({ size, density, most, across, rows }: Asked): Wider[] {
	const stitches = splitPanels(across, most);
	if (!stitches) return [];
	const seams = stitches.length - 1;
	const all = stitches.reduce((a, b) => a + b, 0);
	const seen = all - 2 * SEAM_STITCHES * seams;
	const cm = seen / density.stitchesPerCm;
	return [
		{
			way: 'panels',
			panels: stitches.length,
			stitches,
			across: seen,
			cm,
			rows,
			seams,
			seamCm: seams * size.heightCm,
			latched: 0,
			loops: rows * all,
			missCm: cm - size.widthCm
		}
	];
}

function byLadders({ size, density, most, gaps, across, rows }: Asked): Wider[] {
	const pins = ladderFor(across, most, gaps);
	const wide = laddered(pins, gaps.columns, gaps.every);
	const cm = wide / density.stitchesPerCm;
	const missCm = cm - size.widthCm;
	if (across <= most || Math.abs(missCm) > REACH_CM) return [];
	return [
		{
			...NO_HANDWORK,
			way: 'ladders',
			panels: 1,
			stitches: [pins],
			across: wide,
			cm,
			rows,
			latched: rows * (wide - pins),
			loops: rows * wide,
			missCm
		}
	];
}

function turnedSideways({ size, density, most }: Asked): Wider[] {
	const turned = Math.max(1, Math.round(size.heightCm * density.stitchesPerCm));
	if (turned > most) return [];
	const long = evenRows(size.widthCm * density.rowsPerCm);
	const cm = long / density.rowsPerCm;
	return [
		{
			...NO_HANDWORK,
			way: 'sideways',
			panels: 1,
			stitches: [turned],
			across: turned,
			cm,
			rows: long,
			loops: long * turned,
			missCm: cm - size.widthCm
		}
	];
}

/**
 * The ways to a rectangle wider than the machine, in the order: panels, extension ladders, turned sideways. A way that
 * cannot come within `REACH_CM` of the width is left out. Sizes in cm; `most` pins for a panel.
 */
export function waysWider(
	size: Asked['size'],
	density: Density,
	most: number,
	gaps: Gaps = USUAL_GAPS
): Wider[] {
	const across = Math.max(1, Math.round(size.widthCm * density.stitchesPerCm));
	const rows = evenRows(size.heightCm * density.rowsPerCm);
	const asked: Asked = { size, density, most, gaps, across, rows };
	return [...inPanels(asked), ...byLadders(asked), ...turnedSideways(asked)];
}

/** A way farther off than this, cm, is not offered. */
const REACH_CM = 4;
