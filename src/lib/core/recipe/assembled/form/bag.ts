import { area, fold, type Facet, type Point } from './flat-fold';

/** Steps of the fold: the strip, the bottom, one side, the other side, and stood on its bottom. */
export const BAG_STAGES = ['strip', 'bottom', 'left', 'right', 'bag'] as const;
export type BagStage = (typeof BAG_STAGES)[number];

/**
 * A bag folded of a strip w wide and three times as long: three folds, each along the diagonal of a square of the strip. Of
 * its two faces each is a square of side w x sqrt(2) with a notch of 90 degrees down to its middle. Lengths in cm.
 */
export interface FoldedBag {
	readonly widthCm: number;
	readonly lengthCm: number;
	/** Side of the outline, bottom to middle of the notch, and how far its two points stand above the bottom. */
	readonly sideCm: number;
	readonly depthCm: number;
	/** How far the strip is longer than three widths; below 0 where it is shorter. */
	readonly missCm: number;
	/** One face, and the strip that both take. */
	readonly faceCm2: number;
}

export const bagOf = (widthCm: number, lengthCm: number): FoldedBag => ({
	widthCm,
	lengthCm,
	sideCm: widthCm * Math.SQRT2,
	depthCm: widthCm / Math.SQRT2,
	missCm: lengthCm - 3 * widthCm,
	faceCm2: 1.5 * widthCm * widthCm
});

/** A closed end gives: 19 to 20 cm where the tube lay 18 (common practice). */
const CLOSING_GIVES = 19.5 / 18;

/** The handle, closed flat at both ends: its long sides are the two closings, its short sides its rows. cm. */
export const handleOf = (
	flatWidthCm: number,
	rowsCm: number
): { readonly longCm: number; readonly wideCm: number } => ({
	longCm: flatWidthCm * CLOSING_GIVES,
	wideCm: rowsCm
});

/** The strip folded up to a stage. The middle square stays; what the strip has too much or too little shows at its two ends. */
export function foldBag(
	{ widthCm: w, lengthCm }: FoldedBag,
	stage: BagStage,
	bands: readonly { readonly yarn: number; readonly rows: number }[] = [{ yarn: 0, rows: 1 }]
): Facet[] {
	const over = (lengthCm - 3 * w) / 2;
	const rows = bands.reduce((t, b) => t + b.rows, 0);
	let row = 0;
	const strip = bands.map((b): Facet => {
		const [from, to] = [row, row + b.rows].map((r) => -over + (r / rows) * lengthCm) as [
			number,
			number
		];
		row += b.rows;
		return {
			points: [
				{ x: from, y: 0 },
				{ x: to, y: 0 },
				{ x: to, y: w },
				{ x: from, y: w }
			],
			layer: 0,
			face: 'right',
			yarn: b.yarn
		};
	});
	const at = BAG_STAGES.indexOf(stage);
	if (at === 0) return strip;
	// The fold through the middle square is the bottom: the right half of the strip goes behind.
	const bottom = { a: { x: w, y: 0 }, b: { x: 2 * w, y: w } };
	let facets = fold(strip, { ...bottom, over: false });
	if (at >= 2) {
		// The diagonal of the first square: its outer half goes behind as well, under what lies there.
		facets = fold(
			facets,
			{ a: { x: 0, y: w }, b: { x: w, y: 0 }, over: false },
			(f) => f.face === 'right'
		);
	}
	if (at >= 3) {
		// The third square hangs behind; its diagonal brings its outer half to the front.
		facets = fold(
			facets,
			{ a: { x: 2 * w, y: w }, b: { x: w, y: 2 * w }, over: true },
			(f) => f.face === 'wrong' && f.layer === -1
		);
	}
	return at >= 4 ? facets.map((f) => ({ ...f, points: f.points.map((p) => stood(w, p)) })) : facets;
}

/** Turned so that the bottom lies level, its left corner at the origin. */
function stood(w: number, { x, y }: Point): Point {
	const dx = x - w;
	const r = Math.SQRT1_2;
	return { x: (dx + y) * r, y: (y - dx) * r };
}

export const facesArea = (facets: readonly Facet[], face: Facet['face']): number =>
	facets.reduce((t, f) => t + (f.face === face ? area(f.points) : 0), 0);
