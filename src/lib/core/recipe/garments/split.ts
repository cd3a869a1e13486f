import { entryAt, got, last as lastOf } from '../../quantity/sure';
import {
	edgeAt,
	heightOf,
	outlineProblem,
	type EdgePoint,
	type Outline
} from '../../shaping/outline';
import type { Density } from '../../shaping/schedule';
import { SEAM_STITCHES, splitPanels } from '../../shaping/wider';
import type { EdgeRef } from '../../assembly/assembly';
import type { Seam } from '../../assembly/joint';
import type { CutPiece, Pattern } from './pattern';

/** Where an edge, climbing inward, comes past x; the top where it never does. */
function crosses(edge: readonly EdgePoint[], x: number, inward: 1 | -1): number {
	for (let i = 1; i < edge.length; i++) {
		const [a, b] = [entryAt(edge, i - 1), entryAt(edge, i)];
		if (inward * (b.x - x) <= 1e-9) continue;
		const part = (x - a.x) / (b.x - a.x);
		return inward * (a.x - x) > 1e-9 ? a.y : a.y + Math.max(0, part) * (b.y - a.y);
	}
	return lastOf(edge).y;
}

/** The part of an edge up to height `y`; a step along it too. */
function upTo(edge: readonly EdgePoint[], y: number): readonly EdgePoint[] {
	const kept = edge.filter((p) => p.y <= y + 1e-9);
	const last = lastOf(kept);
	if (last.y >= y - 1e-9) return kept;
	return [
		...kept,
		{ x: edgeAt(edge, y), y, ...(last.part === undefined ? {} : { part: last.part }) }
	];
}

/** An edge that is the line at x until the piece's own edge comes past it. */
function cutEdge(
	own: readonly EdgePoint[],
	x: number,
	{ inward, top, up }: { inward: 1 | -1; top: number; up: (y: number) => number }
): EdgePoint[] {
	const comes = crosses(own, x, inward);
	const from = Math.min(top, up(comes));
	const partAt = (y: number) =>
		own.findLast((p, i) => i < own.length - 1 && p.y <= y + 1e-9 && inward * (p.x - x) <= 1e-9)
			?.part;
	const named = (part: string | undefined) => (part === undefined ? {} : { part });
	// Between where it came past and the next even row, or along a step, it is already farther in: what lies there is stepped
	// over at once, each stretch under its own name.
	const stepped = own
		.filter((p) => p.y >= comes - 1e-9 && p.y <= from + 1e-9 && inward * (p.x - x) > 1e-9)
		.map((p) => ({ ...p, y: from }));
	const above = own.filter((p) => p.y > from + 1e-9);
	const at = edgeAt(own, from);
	const past = inward * (at - x) > 1e-9;
	const before = stepped.at(-1) ?? { x, part: partAt(comes) };
	return [
		{ x, y: 0, part: 'cut' },
		{ x, y: from, ...(past || above.length > 0 ? named(partAt(comes)) : {}) },
		...stepped,
		...(past && above.length > 0 && Math.abs(at - before.x) > 1e-9
			? [{ x: at, y: from, ...named(before.part) }]
			: []),
		...above
	];
}

/** The same edge, nowhere past a line. */
const within = (edge: readonly EdgePoint[], keep: (x: number) => number): EdgePoint[] =>
	edge.map((p) => ({ ...p, x: keep(p.x) }));

/**
 * An outline cut by upright lines into pieces from the left. Where a panel ends because an edge has come past its line, it
 * ends at the height `up` makes of that: a whole number of rows, the same on both sides of the line.
 */
export function splitOutline(
	o: Outline,
	at: readonly number[],
	up: (y: number) => number = (y) => y
): Outline[] {
	const bounds = [-Infinity, ...at, Infinity];
	const h = heightOf(o);
	return bounds.slice(1).map((to, i): Outline => {
		const from = entryAt(bounds, i);
		// Where the left edge has come past the right line, or the right edge past the left one, nothing is left.
		const top = Math.min(
			h,
			to === Infinity ? h : up(crosses(o.left, to, 1)),
			from === -Infinity ? h : up(crosses(o.right, from, -1))
		);
		const left = from === -Infinity ? o.left : cutEdge(o.left, from, { inward: 1, top: h, up });
		const right = to === Infinity ? o.right : cutEdge(o.right, to, { inward: -1, top: h, up });
		return {
			left: within(upTo(left, top), (x) => Math.min(x, to)),
			right: within(upTo(right, top), (x) => Math.max(x, from)),
			...(o.top === undefined ? {} : { top: o.top })
		};
	});
}

/** Net widths in stitches of the panels that a piece too wide becomes, so that their cast-ons are alike; null where it cannot. */
export function panelWidths(net: number, seam: CutPiece['seam'], most: number): number[] | null {
	const cast = splitPanels(net + seam.left + seam.right, most);
	return (
		cast &&
		cast.map(
			(stitches, i) =>
				stitches -
				(i === 0 ? seam.left : SEAM_STITCHES) -
				(i === cast.length - 1 ? seam.right : SEAM_STITCHES)
		)
	);
}

/** A piece cut into panels that fit the machine, from its left edge; itself where it fits. */
export function splitPiece(piece: CutPiece, density: Density, most: number): CutPiece[] {
	const { outline, seam } = piece;
	const net = Math.max(
		1,
		Math.round((edgeAt(outline.right, 0) - edgeAt(outline.left, 0)) * density.stitchesPerCm)
	);
	// What is no outline cannot be cut up: what is wrong with it is said of the whole.
	if (piece.tube || net + seam.left + seam.right <= most || outlineProblem(outline)) return [piece];
	const widths = panelWidths(net, seam, most);
	// What no number of panels comes to stays whole, and is said to be too wide.
	if (!widths) return [piece];
	let x = edgeAt(outline.left, 0);
	const lines = widths.slice(0, -1).map((w) => (x += w / density.stitchesPerCm));
	// Up to an even row, never past the top.
	const h = heightOf(outline);
	const up = (y: number): number =>
		Math.min(h, (2 * Math.ceil((y * density.rowsPerCm) / 2 - 1e-6)) / density.rowsPerCm);
	return splitOutline(outline, lines, up).map((part, i) => ({
		...piece,
		id: `${piece.id}-${i + 1}`,
		name: `${piece.name}, panel ${i + 1} of ${widths.length}`,
		...(piece.mirrorOf === undefined ? {} : { mirrorOf: `${piece.mirrorOf}-${widths.length - i}` }),
		outline: part,
		seam: {
			left: i === 0 ? seam.left : SEAM_STITCHES,
			right: i === widths.length - 1 ? seam.right : SEAM_STITCHES
		}
	}));
}

const hasPart = (p: CutPiece, { part, side }: EdgeRef): boolean =>
	(['left', 'right'] as const).some(
		(s) =>
			(side === undefined || side === s) && p.outline[s].slice(0, -1).some((x) => x.part === part)
	) ||
	(part === (p.outline.top ?? 'top') && (side === undefined || side === 'top')) ||
	(part === 'hem' && (side === undefined || side === 'bottom'));

/** A pattern whose pieces all fit the machine, with the seams between their panels; seams speak of the panels now. */
export function fitToMachine(
	pattern: Pattern,
	density: Density,
	most: number
): { readonly pattern: Pattern; readonly of: ReadonlyMap<string, string> } {
	const splitFrom = new Map<string, string>();
	const panels = new Map<string, CutPiece[]>();
	for (const piece of pattern.pieces) {
		const split = splitPiece(piece, density, most);
		panels.set(piece.id, split);
		for (const p of split) splitFrom.set(p.id, piece.id);
	}
	const ends = (list: readonly EdgeRef[]): EdgeRef[] =>
		list.flatMap((end) => {
			const split = panels.get(end.piece) ?? [];
			if (split.length <= 1) return [end];
			return split.filter((p) => hasPart(p, end)).map((p) => ({ ...end, piece: p.id }));
		});
	const between = pattern.pieces.flatMap((piece): Seam[] => {
		const split = got(panels, piece.id);
		return split.slice(1).map((p, i) => ({
			id: `panels-${p.id}`,
			kind: 'panels',
			a: [{ piece: entryAt(split, i).id, part: 'cut', side: 'right' }],
			b: [{ piece: p.id, part: 'cut', side: 'left' }],
			times: piece.count
		}));
	});
	return {
		of: splitFrom,
		pattern: {
			pieces: pattern.pieces.flatMap((p) => got(panels, p.id)),
			seams: [...between, ...pattern.seams.map((s) => ({ ...s, a: ends(s.a), b: ends(s.b) }))],
			edges: pattern.edges.map((e) => ({ ...e, ends: ends(e.ends) }))
		}
	};
}
