import type { EdgeRef, SeamKind } from './assembly';
import { fitOf, type Fit, type HeldBy } from './tolerance';

/** A stretch of a piece's border in whole stitches and rows, and its length in cm. */
export interface PieceEdge {
	readonly part: string;
	readonly side: 'left' | 'right' | 'top' | 'bottom';
	readonly rows: number;
	readonly stitches: number;
	readonly cm: number;
}

/** One side of a joint, all its parts together. */
export interface JointSide {
	/** What a maker calls it; empty where the seam says it. */
	readonly name: string;
	readonly rows: number;
	readonly stitches: number;
	readonly cm: number;
}

/** Two edges that come together, and whether they agree. */
export interface Joint {
	readonly id: string;
	readonly kind: SeamKind | 'tubes' | 'bag' | 'attach' | 'border' | 'hang' | 'other';
	/** What it is left or right of, where there are two. */
	readonly of?: 'left' | 'right';
	/** Where it lies, in the maker's words. */
	readonly called?: string;
	/** Like joints, made so many times. */
	readonly times: number;
	/** The edges of either side; empty for what is no edge of a piece. */
	readonly edges: readonly EdgeRef[];
	readonly by: HeldBy;
	readonly a: JointSide;
	readonly b: JointSide;
	/** a less b, as it is held: rows, loops, or cm. */
	readonly diff: number;
	readonly verdict: Fit | 'missing';
	/** Stitches to pick up for so many rows, where stitches meet rows. */
	readonly pickUp: { readonly stitches: number; readonly rows: number } | null;
}

/** What a side counts, as it is held against the other: rows, loops or cm. */
export const counted = (side: JointSide, by: HeldBy): number =>
	by === 'rows' ? side.rows : by === 'length' ? side.cm : side.stitches;

export const side = (name: string, has: Partial<Omit<JointSide, 'name'>>): JointSide => ({
	name,
	rows: 0,
	stitches: 0,
	cm: 0,
	...has
});

interface Held extends Pick<Joint, 'id' | 'kind' | 'times' | 'by' | 'a' | 'b'> {
	readonly edges?: readonly EdgeRef[];
	/** The first may be smaller than the second, never larger: it stands on it. */
	readonly within?: boolean;
}

/** A joint of two sides that are counted alike. */
export function jointOf({ within, edges = [], ...j }: Held): Joint {
	const [a, b] = [counted(j.a, j.by), counted(j.b, j.by)];
	const verdict = within ? (a <= b ? 'meets' : 'off') : fitOf(j.by, a, b);
	return { ...j, edges, diff: a - b, verdict, pickUp: null };
}

/** Stitches and rows to the centimetre. */
interface Density {
	readonly stitchesPerCm: number;
	readonly rowsPerCm: number;
}

/** What is known of the pieces' borders when seams are held against one another. */
export interface Edges {
	readonly of: (piece: string) => readonly PieceEdge[];
	readonly density: Density;
	/** Rows of a piece really knitted, where they are known. */
	readonly knitted?: ReadonlyMap<string, number> | undefined;
}

/** No hand counts more than this for a pick-up ratio. */
const MOST_PICK_UP = 8;

/** Stitches for rows as a small ratio: 3 for 4. */
export function pickUpRatio(stitches: number, rows: number): { stitches: number; rows: number } {
	let best = { stitches: 1, rows: 1 };
	const off = (r: { stitches: number; rows: number }) =>
		Math.abs(Math.log((r.stitches * rows) / (r.rows * stitches)));
	for (let n = 1; n <= MOST_PICK_UP; n++)
		for (let m = 1; m <= MOST_PICK_UP; m++) {
			const now = { stitches: n, rows: m };
			// A simpler ratio stands unless another is clearly nearer.
			if (off(now) < off(best) - 0.02) best = now;
		}
	return best;
}

/** Every stretch of a border that a reference names. */
export const edgesOf = ({ of }: Pick<Edges, 'of'>, end: EdgeRef): PieceEdge[] =>
	of(end.piece).filter(
		(p) => p.part === end.part && (end.side === undefined || end.side === p.side)
	);

const sideRows = (edges: readonly PieceEdge[]): number =>
	Math.max(
		0,
		...(['left', 'right'] as const).map((at) =>
			edges.reduce((t, p) => t + (p.side === at ? p.rows : 0), 0)
		)
	);

/** The counts of one end of a seam, rows as they were really knitted. Null where no piece has such a part. */
function endOf(end: EdgeRef, edges: Edges): JointSide | null {
	const { density } = edges;
	const parts = edgesOf(edges, end);
	const part = parts.find((p) => p.side !== 'top' && p.side !== 'bottom') ?? parts[0];
	if (!part) return null;
	const really = edges.knitted?.get(end.piece);
	const planned = really === undefined ? 0 : sideRows(edges.of(end.piece));
	// Where rows are missing or over nobody knows: every stretch has its share.
	const rows =
		really === undefined || planned === 0 ? part.rows : Math.round((part.rows * really) / planned);
	const cm =
		part.stitches === 0
			? rows / density.rowsPerCm
			: part.rows === 0
				? part.stitches / density.stitchesPerCm
				: part.cm * (part.rows === rows ? 1 : rows / part.rows);
	return { name: '', rows, stitches: part.stitches, cm };
}

/** Two edges that are sewn together, as a step of the assembly names them. */
export interface Seam {
	readonly id: string;
	readonly kind: SeamKind;
	readonly a: readonly EdgeRef[];
	readonly b: readonly EdgeRef[];
	readonly times: number;
	readonly of?: 'left' | 'right';
	readonly called?: string;
}

/** Seams by what they are: shoulders go stitch by stitch, though their slope takes rows. */
const BY_LOOPS: readonly SeamKind[] = ['shoulder'];

function heldBy(kind: SeamKind, a: JointSide, b: JointSide): HeldBy {
	if (BY_LOOPS.includes(kind) || (a.rows === 0 && b.rows === 0)) return 'loops';
	return a.stitches === 0 && b.stitches === 0 ? 'rows' : 'length';
}

/** Where rows meet stitches, and nothing else: so many of the one for so many of the other. */
function pickUpOf(a: JointSide, b: JointSide): Joint['pickUp'] {
	const pure = (x: JointSide, y: JointSide) => x.stitches === 0 && y.rows === 0;
	if (pure(a, b)) return pickUpRatio(b.stitches, a.rows);
	return pure(b, a) ? pickUpRatio(a.stitches, b.rows) : null;
}

/** A seam's two sides held against one another: as planned, or with the rows really knitted. */
export function seamOf({ id, kind, times, of, called, a, b }: Seam, edges: Edges): Joint {
	const ends = [a, b].map((refs) => refs.map((e) => endOf(e, edges)));
	const total = (list: readonly (JointSide | null)[]): JointSide =>
		list.reduce<JointSide>(
			(t, s) =>
				side('', {
					rows: t.rows + (s?.rows ?? 0),
					stitches: t.stitches + (s?.stitches ?? 0),
					cm: t.cm + (s?.cm ?? 0)
				}),
			side('', {})
		);
	const sides = { a: total(ends[0] ?? []), b: total(ends[1] ?? []) };
	const named = { ...(of ? { of } : {}), ...(called === undefined ? {} : { called }) };
	const base = { id, kind, times, ...named, edges: [...a, ...b], ...sides };
	if (ends.some((list) => list.length === 0 || list.includes(null)))
		return {
			...base,
			by: 'length',
			diff: sides.a.cm - sides.b.cm,
			verdict: 'missing',
			pickUp: null
		};
	const by = heldBy(kind, sides.a, sides.b);
	return {
		...base,
		by,
		diff: counted(sides.a, by) - counted(sides.b, by),
		verdict: fitOf(by, counted(sides.a, by), counted(sides.b, by)),
		pickUp: by === 'length' ? pickUpOf(sides.a, sides.b) : null
	};
}
