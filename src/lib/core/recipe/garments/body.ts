import { entryAt, found } from '../../quantity/sure';
import type { Measure } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { heightOf, type EdgePoint, type Outline } from '../../shaping/outline';
import { easeOf, hasBands, measureFor, measuresOf } from './measures';
import { bandSeams, centreSeams, joinedAt, openEdges } from './body-seams';
import {
	gridOf,
	mirrorPiece,
	type CutContext,
	type CutPiece,
	type Dimension,
	type Grid,
	type Handle,
	type Pattern
} from './pattern';
import { sleevePieces } from './sleeve';

/** Share of the underarm that comes off at once; the rest a stitch every other row (from memory). */
const UNDERARM_AT_ONCE = 0.4;
/** Share of a round neck that comes off at once in the middle (from memory). */
const NECK_AT_ONCE = 0.4;
/** The curve of a round neck ends below the shoulder by this share of its drop (from memory). */
const NECK_STRAIGHT = 0.3;
const CURVE_POINTS = 6;

interface Half {
	readonly id: string;
	readonly front: boolean;
}

/** What is the same for all pieces of a body, in cm on the grid. */
interface Sizes {
	readonly width: number;
	readonly under: number;
	readonly underarm: number;
	readonly tip: number;
	readonly height: number;
	readonly neck: number;
	readonly band: number;
	readonly drop: number;
}

/** Measures of one piece on the grid. A front of an open garment is less half the band wide. */
function sizesOf(options: GarmentOptions, half: Half, grid: Grid): Sizes {
	const all = measuresOf(options);
	const cmOf = (m: Measure) => measureFor(options, all, half.id, m);
	const width = grid.across((cmOf('chest') + easeOf(options)) / 4);
	const sloped = options.shoulder === 'sloped';
	const fall = sloped ? grid.up(cmOf('shoulderDrop')) : 0;
	const height = grid.up(cmOf('length'));
	const tip = height - fall;
	const under = Math.max(grid.up(1), tip - grid.up(cmOf('armhole')));
	const open = half.front && hasBands(options);
	return {
		width,
		under,
		underarm:
			options.armhole === 'set-in' ? Math.max(0, grid.across(width - cmOf('crossBack') / 2)) : 0,
		tip,
		height,
		neck: grid.across(cmOf('neck') / 2),
		band: open ? grid.across(cmOf('band') / 2) : 0,
		drop: cmOf('neckDrop')
	};
}

/** The edge at the side: up to the underarm, in, up to the tip of the shoulder, and along it to the neck. x from 0 inward. */
function sideEdge(s: Sizes, grid: Grid, shoulderEnd: number): EdgePoint[] {
	const points: EdgePoint[] = [
		{ x: 0, y: 0, part: 'side' },
		{ x: 0, y: s.under, part: 'armhole' }
	];
	if (s.underarm > 0) {
		const least = Math.min(s.underarm, 3 * grid.stitch);
		const once = Math.max(least, grid.across(s.underarm * UNDERARM_AT_ONCE));
		const rest = Math.round((s.underarm - once) / grid.stitch);
		const from = s.under + grid.row;
		const to = Math.min(s.tip, from + 2 * rest * grid.row);
		points.push(
			{ x: once, y: s.under, part: 'armhole' },
			{ x: once, y: from, part: 'armhole' },
			{ x: s.underarm, y: to, part: 'armhole' }
		);
	}
	points.push(
		{ x: s.underarm, y: s.tip, part: 'shoulder' },
		{ x: shoulderEnd, y: s.height, part: 'shoulder' }
	);
	return points;
}

/** The edge in the middle of a front, x outward from the middle as `width` goes down. */
function neckEdge(options: GarmentOptions, s: Sizes, grid: Grid, width: number): EdgePoint[] {
	const inward = s.neck - s.band;
	const end = width - inward;
	const middle = (y: number): EdgePoint => ({ x: width, y, part: 'neck' });
	if (options.neck === 'v') {
		const start = grid.up(
			Math.min(s.height - 4 * grid.row, Math.max(2 * grid.row, s.height - s.drop))
		);
		// The slope ends below the tip of the shoulder, then straight: few stitches are left there for two edges at once.
		const to = Math.max(start + 2 * grid.row, Math.min(s.tip, s.height) - 4 * grid.row);
		return [
			{ x: width, y: 0, part: 'centre' },
			middle(start),
			{ x: end, y: to, part: 'neck' },
			{ x: end, y: s.height, part: 'neck' }
		];
	}
	const start = grid.up(Math.max(2 * grid.row, s.height - s.drop), true);
	const top = Math.min(s.height - s.drop * NECK_STRAIGHT, s.tip - 2 * grid.row);
	const once = Math.min(inward, Math.max(3 * grid.stitch, grid.across(inward * NECK_AT_ONCE)));
	const [wide, high] = [inward - once, Math.max(grid.row, top - start)];
	const curve = Array.from({ length: CURVE_POINTS }, (_, i): EdgePoint => {
		const angle = ((i + 1) / CURVE_POINTS) * (Math.PI / 2);
		return {
			x: width - once - wide * Math.sin(angle),
			y: start + high * (1 - Math.cos(angle)),
			part: 'neck'
		};
	});
	return [
		{ x: width, y: 0, part: 'centre' },
		middle(start),
		{ x: width - once, y: start, part: 'neck' },
		...curve,
		{ x: end, y: s.height, part: 'neck' }
	];
}

/** What of a half can be drawn by hand: the index counts along its edge. */
function handlesOf(options: GarmentOptions, front: boolean, last: number): Handle[] {
	const sloped = options.shoulder === 'sloped';
	const set = options.armhole === 'set-in';
	// The side edge out or in by a centimetre is four round the body.
	const chest = { measure: 'chest', per: -4 } as const;
	return [
		{ side: 'left', index: 0, x: chest },
		{ side: 'left', index: 1, x: chest, y: { measure: 'armhole', per: -1 } },
		{
			side: 'left',
			index: last - 1,
			...(set ? { x: { measure: 'crossBack', per: -2 } } : {}),
			...(sloped ? { y: { measure: 'shoulderDrop', per: -1 } } : {})
		},
		{
			side: 'left',
			index: last,
			x: { measure: 'neck', per: -2 },
			y: { measure: 'length', per: 1 }
		},
		...(front ? [{ side: 'right', index: 1, y: { measure: 'neckDrop', per: -1 } } as const] : [])
	];
}

/** The dimensions drawn beside a back; a front shows only how deep its neck is. */
function backDimensions(options: GarmentOptions, s: Sizes, width: number, h: number): Dimension[] {
	const mid = s.under * 0.5;
	const shoulderEnd = s.width - s.neck;
	const dimensions: Dimension[] = [
		{ measure: 'length', from: { x: -5, y: 0 }, to: { x: -5, y: h } },
		{ measure: 'armhole', from: { x: -1.8, y: s.under }, to: { x: -1.8, y: s.tip } },
		{ measure: 'chest', from: { x: 0, y: mid }, to: { x: width, y: mid } },
		{ measure: 'neck', from: { x: shoulderEnd, y: h + 1.2 }, to: { x: width, y: h + 1.2 } }
	];
	if (options.armhole === 'set-in')
		dimensions.push({
			measure: 'crossBack',
			from: { x: s.underarm, y: s.tip - 4 },
			to: { x: width, y: s.tip - 4 }
		});
	if (options.shoulder === 'sloped')
		dimensions.push({
			measure: 'shoulderDrop',
			from: { x: s.underarm - 1.2, y: s.tip },
			to: { x: s.underarm - 1.2, y: h }
		});
	return dimensions;
}

/** One half of a back or a front: its side edge at the left, the middle at the right. */
function halfOf(
	options: GarmentOptions,
	half: Half,
	grid: Grid
): Pick<CutPiece, 'outline' | 'handles' | 'dimensions'> {
	const s = sizesOf(options, half, grid);
	const width = s.width - s.band;
	const left = sideEdge(s, grid, s.width - s.neck);
	const right: EdgePoint[] = half.front
		? neckEdge(options, s, grid, width)
		: [
				{ x: width, y: 0, part: 'centre' },
				{ x: width, y: s.height, part: 'centre' }
			];
	const outline: Outline = { left, right, top: half.front ? 'shoulder' : 'neck' };
	const h = heightOf(outline);
	const neckFrom = entryAt(right, 1).y;
	return {
		outline,
		handles: handlesOf(options, half.front, left.length - 1),
		dimensions: half.front
			? [{ measure: 'neckDrop', from: { x: width + 2, y: neckFrom }, to: { x: width + 2, y: h } }]
			: backDimensions(options, s, width, h)
	};
}

/** The four halves. Seen from the right side, a left back has its side edge at the left, a left front at the right. */
function halves(options: GarmentOptions, grid: Grid): CutPiece[] {
	const half = (id: string, front: boolean): CutPiece => ({
		id,
		name: '',
		count: 1,
		...halfOf(options, { id, front }, grid),
		// An edge that nothing is sewn to keeps its stitch.
		seam: { left: 1, right: front && hasBands(options) && options.edging === 'none' ? 0 : 1 },
		yarnAt: 'left',
		tube: false
	});
	return [
		{ ...half('back-left', false), name: 'Left back' },
		{
			...mirrorPiece(half('back-right', false), 'back-right', 'Right back'),
			mirrorOf: 'back-left'
		},
		{
			...mirrorPiece(half('front-left', true), 'front-left', 'Left front'),
			mirrorOf: 'front-right'
		},
		{ ...half('front-right', true), name: 'Right front' }
	];
}

/** A back and a front in halves, left and right, with what sleeves and bands there are. */
export function cutBody(options: GarmentOptions, context: CutContext): Pattern {
	const grid = gridOf(context.density);
	const body = halves(options, grid);
	const sleeve = sleevePieces(options, body, context);
	const pieces = [...body, ...sleeve.pieces];
	const banded = hasBands(options) && options.edging === 'knitted';
	const first = sleeve.pieces[0];
	return {
		pieces: banded ? [...pieces, bandPiece(options, pieces, grid)] : pieces,
		seams: [
			...centreSeams(options),
			...joinedAt('shoulder'),
			...sleeve.armholes,
			...joinedAt('side'),
			...sleeve.seams,
			...(banded ? bandSeams() : [])
		],
		edges: openEdges(options, first ? { piece: first.id, cuff: sleeve.cuff } : null)
	};
}

/** A strip for one front edge, as many rows as the front has there and along its neck; two like it. */
function bandPiece(options: GarmentOptions, pieces: readonly CutPiece[], grid: Grid): CutPiece {
	const width = Math.max(3 * grid.stitch, grid.across(measuresOf(options).band.cm));
	const front = found(pieces, (p) => p.id === 'front-right').outline.right;
	// Along the slope of a neck, not up it.
	const long = front
		.slice(1)
		.reduce((t, p, i) => t + Math.hypot(p.x - entryAt(front, i).x, p.y - entryAt(front, i).y), 0);
	const h = grid.up(
		measureFor(
			options,
			{ ...measuresOf(options), height: { cm: long, from: 'usual' } },
			'band',
			'height'
		)
	);
	return {
		id: 'band',
		name: 'Front band',
		count: 2,
		outline: {
			left: [
				{ x: 0, y: 0, part: 'inner' },
				{ x: 0, y: h }
			],
			right: [
				{ x: width, y: 0, part: 'outer' },
				{ x: width, y: h }
			]
		},
		seam: { left: 1, right: 0 },
		yarnAt: 'left',
		tube: false,
		handles: [{ side: 'right', index: 1, x: { measure: 'band', per: 1 } }],
		dimensions: [{ measure: 'band', from: { x: 0, y: h + 1.2 }, to: { x: width, y: h + 1.2 } }]
	};
}
