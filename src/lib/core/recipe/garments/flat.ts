import { entryAt, found, last } from '../../quantity/sure';
import type { GarmentOptions } from './options';
import { edgeAt, heightOf, mirrored, type Outline, type Point } from '../../shaping/outline';
import type { Density } from '../../shaping/schedule';
import { sectionsFor } from './made-piece';
import type { MadeGarment } from './make';
import type { CutPiece } from './pattern';
import { layoutOf } from './blanket';

/** A colour of a piece, as a polygon in cm; y up. */
export interface Band {
	readonly yarn: number;
	readonly points: readonly Point[];
}
/** A piece where it lies in the finished thing, in cm; what is under others first. */
export interface FlatPart {
	readonly piece: string;
	readonly points: readonly Point[];
	readonly bands: readonly Band[];
	/** Seen from its wrong side, behind the others. */
	readonly under: boolean;
	/** A stretch of its edge that is left open. */
	readonly gap?: readonly [Point, Point];
}

/** The finished thing lying flat, in true proportion. */
export interface Flat {
	readonly parts: readonly FlatPart[];
	readonly low: Point;
	readonly high: Point;
	/** Stands on a body with its shoulders at this height and its middle at x = 0; null for what is held beside a hand. */
	readonly shoulderCm: number | null;
}

/** Arms of a garment laid flat hang a little, degrees below the level. */
export const ARM_FALL = (64 * Math.PI) / 180;
const SPLIT_CM = 0.6;
const GAP_CM = 2;
const GAPE_CM = 4;

/** An outline once round, from the cast-on's left end up and down again. */
export const ring = (o: Outline): Point[] => [...o.left, ...o.right.toReversed()];

const moved = (o: Outline, dx: number, dy = 0): Outline => ({
	...o,
	left: o.left.map((p) => ({ ...p, x: p.x + dx, y: p.y + dy })),
	right: o.right.map((p) => ({ ...p, x: p.x + dx, y: p.y + dy }))
});

interface Stripe {
	readonly yarn: number;
	readonly from: number;
	readonly to: number;
}
/** Colours by share of the height, from the cast-on up. */
function stripesOf(options: GarmentOptions, piece: Pick<CutPiece, 'yarn'>, rows: number): Stripe[] {
	let at = 0;
	return sectionsFor(options, piece, rows).map((s) => {
		const from = at / rows;
		at += s.rows;
		return { yarn: s.yarn, from, to: at / rows };
	});
}

/** The part of an outline between two heights. */
function slice(o: Outline, from: number, to: number, dy: number): Point[] {
	const side = (edge: Outline['left']): Point[] => [
		{ x: edgeAt(edge, from), y: from + dy },
		...edge
			.filter((p) => p.y > from + 1e-6 && p.y < to - 1e-6)
			.map((p) => ({ x: p.x, y: p.y + dy })),
		{ x: edgeAt(edge, to - 1e-5), y: to + dy }
	];
	return [...side(o.left), ...side(o.right).toReversed()];
}

function laid(
	options: GarmentOptions,
	piece: CutPiece,
	at: { dx: number; dy?: number; under?: boolean },
	density: Density
): FlatPart {
	const o = moved(piece.outline, at.dx);
	const h = heightOf(o);
	const rows = Math.max(1, Math.round(h * density.rowsPerCm));
	const dy = at.dy ?? 0;
	return {
		piece: piece.id,
		points: ring(moved(o, 0, dy)),
		bands: stripesOf(options, piece, rows).map((s) => ({
			yarn: s.yarn,
			points: slice(o, s.from * h, s.to * h, dy)
		})),
		under: at.under ?? false
	};
}

const between = (a: Point, b: Point, t: number): Point => ({
	x: a.x + (b.x - a.x) * t,
	y: a.y + (b.y - a.y) * t
});

/** A sleeve folded along its top, from shoulder tip and underarm outward. `out` is 1 to the right, -1 to the left. */
function arm(
	options: GarmentOptions,
	piece: CutPiece,
	at: { tip: Point; under: Point; out: 1 | -1 },
	density: Density
): FlatPart {
	const o = piece.outline;
	const h = heightOf(o);
	const cuff = piece.topDown
		? last(o.right).x - last(o.left).x
		: entryAt(o.right, 0).x - entryAt(o.left, 0).x;
	const half = piece.tube ? cuff : cuff / 2;
	const along = { x: at.out * Math.cos(ARM_FALL), y: -Math.sin(ARM_FALL) };
	const across = { x: -at.out * Math.sin(ARM_FALL), y: -Math.cos(ARM_FALL) };
	const end: Point = { x: at.tip.x + along.x * h, y: at.tip.y + along.y * h };
	const low: Point = { x: end.x + across.x * half, y: end.y + across.y * half };
	const rows = Math.max(1, Math.round(h * density.rowsPerCm));
	// From the shoulder to the cuff; knitted that way or the other.
	const share = (t: number) => (piece.topDown ? t : 1 - t);
	const bands = stripesOf(options, piece, rows).map((s) => {
		const [a, b] = [share(s.from), share(s.to)];
		return {
			yarn: s.yarn,
			points: [
				between(at.tip, end, a),
				between(at.tip, end, b),
				between(at.under, low, b),
				between(at.under, low, a)
			]
		};
	});
	return { piece: piece.id, points: [at.tip, end, low, at.under], bands, under: false };
}

/** A piece that every body has. */
const part = (made: MadeGarment, id: string) => found(made.drawn.pieces, (p) => p.id === id);

/** Both sleeves in their armholes, under the body, which lies over their edge. */
function sleevesFlat(options: GarmentOptions, made: MadeGarment, density: Density): FlatPart[] {
	const pieceOf = (id: string) => made.drawn.pieces.find((p) => p.id === id);
	const sleeve = pieceOf('sleeve');
	const back = part(made, 'back-left').outline;
	const tip = back.left.find((p) => p.part === 'shoulder');
	const under = back.left.find((p) => p.part === 'armhole');
	if (!sleeve || !tip || !under) return [];
	const wide = entryAt(back.right, 0).x - entryAt(back.left, 0).x;
	return ([-1, 1] as const).map((out) => {
		const place = (p: Point): Point => ({ x: out * (wide - p.x), y: p.y });
		return arm(
			options,
			sleeve,
			{ tip: place(tip), under: place({ ...under, x: tip.x }), out },
			density
		);
	});
}

function bodyFlat(options: GarmentOptions, made: MadeGarment, density: Density): FlatPart[] {
	const pieceOf = (id: string) => made.drawn.pieces.find((p) => p.id === id);
	const [backL, backR, frontL, frontR] = [
		part(made, 'back-left'),
		part(made, 'back-right'),
		part(made, 'front-left'),
		part(made, 'front-right')
	];
	const band = pieceOf('band');
	const open = options.recipe === 'cardigan' || options.recipe === 'jacket';
	const strip = band ? entryAt(band.outline.right, 0).x : 0;
	const split = open ? (band ? strip / 2 : SPLIT_CM) : 0;
	const wide = (p: CutPiece) => entryAt(p.outline.right, 0).x - entryAt(p.outline.left, 0).x;
	const parts = [
		laid(options, backL, { dx: -wide(backL), under: true }, density),
		laid(options, backR, { dx: wide(backR), under: true }, density),
		laid(options, frontR, { dx: -wide(frontR) - split }, density),
		laid(options, frontL, { dx: wide(frontL) + split }, density)
	];
	if (band) {
		const h = heightOf(frontR.outline);
		const start = entryAt(frontR.outline.right, 1).y;
		const neck = frontR.outline.right
			.map((p) => ({ x: p.x - wide(frontR) - split, y: p.y }))
			.slice(1);
		for (const out of [1, -1] as const) {
			const edge = [{ x: -split, y: 0 }, { x: -split, y: start }, ...neck].map((p) => ({
				x: -out * p.x,
				y: p.y
			}));
			const inner = edge.map((p) => ({ x: p.x - out * strip, y: Math.min(p.y, h) }));
			const points = [...edge, ...inner.toReversed()];
			parts.push({ piece: 'band', points, bands: [{ yarn: 0, points }], under: false });
		}
	}
	return [...sleevesFlat(options, made, density), ...parts];
}

/** Panels side by side and one above the other, as they are sewn. */
function blanketFlat(options: GarmentOptions, made: MadeGarment, density: Density): FlatPart[] {
	const { across, down } = options.layout;
	return layoutOf(options).map((yarn, i) => {
		const piece = found(made.drawn.pieces, (p) => p.yarn === yarn);
		const w = entryAt(piece.outline.right, 0).x;
		const h = heightOf(piece.outline);
		return laid(
			options,
			piece,
			{ dx: ((i % across) - across / 2) * w, dy: (down - 1 - Math.floor(i / across)) * h },
			density
		);
	});
}

/** Both tubes lying across, one above the other, joined at the ends; the opening between them gapes. */
function shrugFlat(options: GarmentOptions, made: MadeGarment, density: Density): FlatPart[] {
	const piece = entryAt(made.drawn.pieces, 0);
	const { right } = piece.outline;
	const w = entryAt(right, 0).x;
	// The other tube lies turned: neck to neck.
	const other = moved(mirrored(piece.outline), w);
	const [from, to] = [entryAt(right, 1).y, entryAt(right, 2).y];
	const gape = Math.min(GAPE_CM, w / 4);
	const bow = (edge: typeof right, out: number): typeof right => [
		...edge.slice(0, 2),
		{ x: entryAt(edge, 1).x + out * gape, y: (from + to) / 2, part: 'neck' },
		...edge.slice(2)
	];
	const halves = [
		{ ...piece, outline: { ...piece.outline, right: bow(right, -1) } },
		{ ...piece, outline: { ...other, left: bow(other.left, 1) } }
	];
	// Rows run from side to side.
	const across = (p: Point): Point => ({ x: p.y, y: p.x });
	return halves
		.map((half, i) => laid(options, half, { dx: i * w }, density))
		.map((part) => ({
			...part,
			points: part.points.map(across),
			bands: part.bands.map((b) => ({ ...b, points: b.points.map(across) }))
		}));
}

/** Folded flat: half as wide. */
const halved = (piece: CutPiece): CutPiece => {
	const half = (edge: Outline['left']) => edge.map((p) => ({ ...p, x: p.x / 2 }));
	return {
		...piece,
		outline: { ...piece.outline, left: half(piece.outline.left), right: half(piece.outline.right) }
	};
};

/** The finished thing laid flat from its pieces. */
export function flatOf(options: GarmentOptions, made: MadeGarment, density: Density): Flat {
	const body = made.drawn.pieces.some((p) => p.id === 'back-left');
	let parts: FlatPart[];
	if (body) parts = bodyFlat(options, made, density);
	else if (options.recipe === 'blanket') parts = blanketFlat(options, made, density);
	else if (options.recipe === 'shrug') parts = shrugFlat(options, made, density);
	else {
		const folded = options.recipe === 'seamed-tube' || options.recipe === 'mitts';
		let x = 0;
		parts = made.drawn.pieces.flatMap((p) => {
			const piece = folded ? halved(p) : p;
			const left = Math.min(...ring(piece.outline).map((q) => q.x));
			const right = Math.max(...ring(piece.outline).map((q) => q.x));
			return Array.from({ length: p.count }, () => {
				const lying = laid(options, piece, { dx: x - left }, density);
				const thumb = piece.outline.right.findIndex((q) => q.part === 'thumb');
				const at = (i: number): Point => ({
					x: x + right - left,
					y: entryAt(piece.outline.right, i).y
				});
				const part: FlatPart = thumb < 0 ? lying : { ...lying, gap: [at(thumb), at(thumb + 1)] };
				x += right - left + GAP_CM;
				return part;
			});
		});
	}
	const all = parts.flatMap((p) => p.points);
	const low = { x: Math.min(...all.map((p) => p.x)), y: Math.min(...all.map((p) => p.y)) };
	const high = { x: Math.max(...all.map((p) => p.x)), y: Math.max(...all.map((p) => p.y)) };
	const tip = body
		? found(made.drawn.pieces, (p) => p.id === 'back-left').outline.left.find(
				(p) => p.part === 'shoulder'
			)
		: undefined;
	return { parts, low, high, shoulderCm: tip?.y ?? null };
}
