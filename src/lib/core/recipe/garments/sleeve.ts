import { entryAt, found } from '../../quantity/sure';
import type { Measure } from '../../model/kinds';
import type { GarmentOptions } from './options';
import type { EdgePoint, Outline } from '../../shaping/outline';
import { armEaseOf, measureFor, measuresOf } from './measures';
import type { Seam } from '../../assembly/joint';
import {
	gridOf,
	type CutContext,
	type CutPiece,
	type Dimension,
	type Grid,
	type Handle
} from './pattern';

/** Share of the sleeve's width left at the top of a cap (from memory). */
const CAP_TOP = 1 / 3;
/** Share of a cap's side that comes off at once at the underarm, at most; as much as the body takes. */
const CAP_AT_ONCE = 0.5;

interface Sleeves {
	readonly pieces: readonly CutPiece[];
	/** Sewn into the armholes before the sides, their own seams after. */
	readonly armholes: readonly Seam[];
	readonly seams: readonly Seam[];
	/** The part that is the cuff. */
	readonly cuff: string;
}

/** Length of the named stretches of an edge, cm. */
export const partCm = (edge: readonly EdgePoint[], part: string): number =>
	edge.slice(1).reduce((t, p, i) => {
		const from = entryAt(edge, i);
		return from.part === part ? t + Math.hypot(p.x - from.x, p.y - from.y) : t;
	}, 0);

const partUp = (edge: readonly EdgePoint[], part: string): number =>
	edge
		.slice(1)
		.reduce((t, p, i) => (entryAt(edge, i).part === part ? t + p.y - entryAt(edge, i).y : t), 0);

/** Sleeves to fit the armholes of a body, two of them: none for a vest. */
export function sleevePieces(
	options: GarmentOptions,
	body: readonly CutPiece[],
	context: CutContext
): Sleeves {
	if (options.recipe === 'vest') return { pieces: [], armholes: [], seams: [], cuff: 'cuff' };
	const all = measuresOf(options);
	const cmOf = (m: Measure) => measureFor(options, all, 'sleeve', m);
	// Round one armhole: a back's and a front's edge.
	const back = found(body, (p) => p.id === 'back-left').outline.left;
	const front = found(body, (p) => p.id === 'front-right').outline.left;
	const hole = partCm(back, 'armhole') + partCm(front, 'armhole');
	const up = partUp(back, 'armhole') + partUp(front, 'armhole');
	const arm = cmOf('upperArm') + armEaseOf(options);
	const tube = options.sleeves === 'tube';
	const cut = tube
		? tubeSleeve(cmOf('sleeve'), context)
		: options.armhole === 'set-in'
			? capSleeve(
					{ length: cmOf('sleeve'), arm, hole, once: partAtOnce(back) },
					gridOf(context.density)
				)
			: // A drop sleeve is as wide at the top as the armhole is round, and narrows to the wrist from there.
				dropSleeve(cmOf('sleeve'), up, cmOf('wrist') + (options.from === 'flat' ? 0 : 3), context);
	const piece: CutPiece = {
		id: 'sleeve',
		name: 'Sleeve',
		count: 2,
		...cut.piece,
		seam: tube ? { left: 0, right: 0 } : { left: 1, right: 1 },
		yarnAt: null,
		tube
	};
	const armholes = (['left', 'right'] as const).map((hand): Seam => ({
		id: `armhole-${hand}`,
		kind: 'armhole',
		a: [
			{ piece: `back-${hand}`, part: 'armhole' },
			{ piece: `front-${hand}`, part: 'armhole' }
		],
		b: cut.into.map((e) => ({ piece: 'sleeve', ...e })),
		times: 1,
		of: hand
	}));
	const seams: Seam[] = tube
		? []
		: [
				{
					id: 'sleeve',
					kind: 'sleeve',
					a: [{ piece: 'sleeve', part: 'side', side: 'left' }],
					b: [{ piece: 'sleeve', part: 'side', side: 'right' }],
					times: 2
				}
			];
	return { pieces: [piece], armholes, seams, cuff: cut.cuff };
}

interface Cut {
	readonly piece: Pick<CutPiece, 'outline' | 'handles' | 'dimensions' | 'topDown'>;
	/** Parts that go into the armhole. */
	readonly into: readonly { part: string; side?: 'left' | 'right' | 'top' | 'bottom' }[];
	readonly cuff: string;
}

const partAtOnce = (edge: readonly EdgePoint[]): number => {
	const i = edge.findIndex((p) => p.part === 'armhole');
	const [a, b] = [edge[i], edge[i + 1]];
	return a && b && Math.abs(b.y - a.y) < 1e-9 ? Math.abs(b.x - a.x) : 0;
};

function tubeSleeve(length: number, { density, pins }: CutContext): Cut {
	const grid = gridOf(density);
	const [w, h] = [pins / density.stitchesPerCm / 2, grid.up(length)];
	return {
		piece: {
			outline: {
				left: [
					{ x: 0, y: 0, part: 'side' },
					{ x: 0, y: h }
				],
				right: [
					{ x: w, y: 0, part: 'side' },
					{ x: w, y: h }
				],
				top: 'into'
			},
			handles: [{ side: 'right', index: 1, y: { measure: 'sleeve', per: 1 } }],
			dimensions: [{ measure: 'sleeve', from: { x: w + 2, y: 0 }, to: { x: w + 2, y: h } }]
		},
		into: [{ part: 'into', side: 'top' }],
		cuff: 'hem'
	};
}

function dropSleeve(length: number, top: number, wrist: number, { density }: CutContext): Cut {
	const grid = gridOf(density);
	const h = grid.up(length);
	const w = grid.across(top);
	const narrowed = Math.max(0, grid.across((w - Math.min(w, wrist)) / 2));
	const edge = (from: number, inward: number): EdgePoint[] => [
		{ x: from, y: 0, part: 'side' },
		{ x: from + inward * narrowed, y: h }
	];
	const outline: Outline = { left: edge(0, 1), right: edge(w, -1), top: 'cuff' };
	const handles: Handle[] = [
		{ side: 'right', index: 1, x: { measure: 'wrist', per: 2 }, y: { measure: 'sleeve', per: 1 } }
	];
	const dimensions: Dimension[] = [
		{ measure: 'sleeve', from: { x: w + 2, y: 0 }, to: { x: w + 2, y: h } },
		{ measure: 'wrist', from: { x: narrowed, y: h + 1.5 }, to: { x: w - narrowed, y: h + 1.5 } }
	];
	return {
		piece: { outline, handles, dimensions, topDown: true },
		into: [{ part: 'hem', side: 'bottom' }],
		cuff: 'cuff'
	};
}

/** In cm: to the cap, round the arm, round the armhole, and what of its underarm comes off at once. */
interface CapSizes {
	readonly length: number;
	readonly arm: number;
	readonly hole: number;
	readonly once: number;
}

/** A straight sleeve with a cap as long round its edge as the armhole is: the cap's height is what is solved for. */
function capSleeve({ length, arm, hole, once }: CapSizes, grid: Grid): Cut {
	const w = grid.across(arm);
	const h = grid.up(length);
	const top = Math.max(3 * grid.stitch, grid.across(w * CAP_TOP));
	const side = (w - top) / 2;
	const group = Math.min(grid.across(side * CAP_AT_ONCE), Math.max(0, once));
	const across = side - group;
	// Up the slope there is this much left of half the armhole.
	const slope = (hole - top) / 2 - group;
	const rise = Math.sqrt(Math.max(0, slope * slope - across * across));
	const least = 2 * (across / grid.stitch) * grid.row * 0.5;
	const cap = grid.up(Math.max(rise, least));
	const edge = (from: number, inward: number): EdgePoint[] => [
		{ x: from, y: 0, part: 'side' },
		{ x: from, y: h, part: 'cap' },
		{ x: from + inward * group, y: h, part: 'cap' },
		{ x: from + inward * group, y: h + grid.row, part: 'cap' },
		{ x: from + inward * side, y: h + cap }
	];
	const outline: Outline = { left: edge(0, 1), right: edge(w, -1), top: 'cap-top' };
	return {
		piece: {
			outline,
			handles: [
				{
					side: 'right',
					index: 1,
					x: { measure: 'upperArm', per: 2 },
					y: { measure: 'sleeve', per: 1 }
				}
			],
			dimensions: [
				{ measure: 'sleeve', from: { x: w + 2, y: 0 }, to: { x: w + 2, y: h } },
				{ measure: 'upperArm', from: { x: 0, y: h * 0.6 }, to: { x: w, y: h * 0.6 } }
			]
		},
		into: [
			{ part: 'cap', side: 'left' },
			{ part: 'cap-top', side: 'top' },
			{ part: 'cap', side: 'right' }
		],
		cuff: 'hem'
	};
}
