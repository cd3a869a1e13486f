import { entryAt, last } from '../../../quantity/sure';
import type { ToyPart } from '../options';
import type { Point } from './flat-fold';
import type { Stuffed } from './stuffed';

/** One swelling as made: its rows, its flat length and its stuffed form. */
export interface MadeSegment {
	readonly rows: number;
	readonly flatCm: number;
	readonly puff: number;
	readonly form: Stuffed;
	/** Rows of each yarn, by its place in the list of yarns used. */
	readonly bands: readonly { readonly yarn: number; readonly rows: number }[];
}

/** A part as made. Lengths in cm. */
export interface MadePart {
	readonly part: ToyPart;
	readonly piece: string;
	readonly roundCm: number;
	readonly segments: readonly MadeSegment[];
}

/** A part where it stands on the toy: its axis from its first row at `at`, turned by `turn` radians; x to the right, y up. */
export interface PlacedPart {
	readonly of: MadePart;
	readonly at: Point;
	readonly turn: number;
	/** The far one of a pair, seen from the side. */
	readonly behind: boolean;
	readonly hand: 'left' | 'right' | null;
}

/** A part's own reach along its axis, cm: what is not stuffed lies flat. */
export const segmentLength = (m: MadePart, s: MadeSegment): number =>
	m.part.stuffed ? 2 * s.form.half : s.flatCm;
export const partLength = (m: MadePart): number =>
	m.segments.reduce((t, s) => t + segmentLength(m, s), 0);
/** Half its thickness as drawn. */
export const segmentRadius = (m: MadePart, s: MadeSegment): number =>
	m.part.stuffed ? s.form.radius : m.roundCm / 4;

/** Half the thickness at a place along the axis, 0 to 1 of the whole part. */
export function radiusAt(m: MadePart, along: number): number {
	let at = along * partLength(m);
	for (const s of m.segments) {
		const long = segmentLength(m, s);
		if (at <= long || s === m.segments.at(-1)) {
			if (!m.part.stuffed) return segmentRadius(m, s);
			const t = Math.min(1, Math.max(-1, (at / Math.max(long, 1e-9)) * 2 - 1));
			return segmentRadius(m, s) * Math.sqrt(1 - t * t);
		}
		at -= long;
	}
	return 0;
}

/** Half the thickness of the swelling at a place along the part, where it is thickest. */
export function thicknessAt(m: MadePart, along: number): number {
	let at = along * partLength(m);
	for (const s of m.segments) {
		at -= segmentLength(m, s);
		if (at <= 0) return segmentRadius(m, s);
	}
	return segmentRadius(m, last(m.segments));
}

const rad = (degrees: number): number => (degrees * Math.PI) / 180;

/** A part stands so deep in what it is sewn to, as a share of its own thickness: its end is flattened there. */
const SUNK = 0.25;

/**
 * Where every part stands. A root's axis goes up (upright) or to the right (lying). A pair stands mirrored across the axis
 * of what it is sewn to where the toy is seen from the front, and one behind the other where it is seen from the side.
 */
export function placeParts(parts: readonly MadePart[], stands: 'upright' | 'lying'): PlacedPart[] {
	const placed: PlacedPart[] = [];
	const byId = new Map<string, PlacedPart>();
	const put = (m: MadePart, p: Omit<PlacedPart, 'of'>) => {
		const out = { of: m, ...p };
		placed.push(out);
		if (!byId.has(m.part.id)) byId.set(m.part.id, out);
	};
	let waiting = [...parts];
	let x = 0;
	// Parts hang from parts: a pass for each depth; what hangs from nothing that is there stands by itself.
	for (let pass = 0; waiting.length > 0 && pass <= parts.length; pass++) {
		const later: MadePart[] = [];
		for (const m of waiting) {
			const host = m.part.to ? byId.get(m.part.to.part) : undefined;
			const known = parts.some((p) => p.part.id === m.part.to?.part && p !== m);
			if (m.part.to && !host && known && pass < parts.length) {
				later.push(m);
				continue;
			}
			if (!host || !m.part.to) {
				const turn = stands === 'upright' ? Math.PI / 2 : 0;
				put(m, { at: { x, y: 0 }, turn, behind: false, hand: null });
				x += (stands === 'upright' ? 3 : 1.4) * Math.max(1, partLength(m));
				continue;
			}
			const { along, angle } = m.part.to;
			for (let i = 0; i < m.part.count; i++) {
				const second = m.part.pair && i % 2 === 1;
				const mirrored = second && stands === 'upright';
				// More than a pair, or several alike, stand spread along.
				const groups = m.part.pair ? Math.ceil(m.part.count / 2) : m.part.count;
				const g = m.part.pair ? Math.floor(i / 2) : i;
				const t = groups > 1 ? along + ((1 - 2 * along) * g) / (groups - 1) : along;
				put(m, {
					...on(host, m, {
						along: t,
						angle: mirrored ? -angle : angle,
						aside: second && stands === 'lying'
					}),
					behind: second && stands === 'lying',
					hand: m.part.pair ? (second ? 'right' : 'left') : null
				});
			}
		}
		waiting = later;
	}
	return placed;
}

/** On the surface of its host, at a place along it, pointing away at an angle to its axis. */
function on(
	host: PlacedPart,
	m: MadePart,
	{ along, angle, aside }: { along: number; angle: number; aside: boolean }
): { at: Point; turn: number } {
	const long = partLength(host.of);
	const r = radiusAt(host.of, along);
	const out = Math.sin(rad(angle));
	const own = segmentRadius(m, entryAt(m.segments, 0));
	// Out of an end it starts at the pole; else where its direction leaves the profile.
	const ax = along * long - Math.cos(rad(angle)) * SUNK * own;
	const ay = r * out - out * SUNK * own;
	const c = Math.cos(host.turn);
	const s = Math.sin(host.turn);
	const shift = aside ? own * 0.7 : 0;
	return {
		at: {
			x: host.at.x + (ax + shift) * c - ay * s,
			y: host.at.y + (ax + shift) * s + ay * c
		},
		turn: host.turn + rad(angle)
	};
}

/** The outline of one segment in its part's own axes: x along from `from`, y across. */
export function segmentOutline(m: MadePart, s: MadeSegment, from: number, steps = 24): Point[] {
	const long = segmentLength(m, s);
	const r = segmentRadius(m, s);
	if (!m.part.stuffed) {
		// Flat, with its far end drawn up round.
		const end = Math.min(long * 0.35, r);
		const cap = Array.from({ length: 9 }, (_, i) => {
			const a = Math.PI / 2 - (i * Math.PI) / 8;
			return { x: from + long - end + end * Math.cos(a), y: r * Math.sin(a) };
		});
		return [{ x: from, y: r * 0.85 }, ...cap, { x: from, y: -r * 0.85 }];
	}
	return Array.from({ length: 2 * steps }, (_, i) => {
		const a = (i * Math.PI) / steps;
		return { x: from + long / 2 - (long / 2) * Math.cos(a), y: r * Math.sin(a) };
	});
}

/** A point of a part's own axes where it stands on the toy. */
export const standsAt = ({ at, turn }: Pick<PlacedPart, 'at' | 'turn'>, p: Point): Point => ({
	x: at.x + p.x * Math.cos(turn) - p.y * Math.sin(turn),
	y: at.y + p.x * Math.sin(turn) + p.y * Math.cos(turn)
});

/** Where along the axis each yarn's rows lie, 0 to 1 of the segment: rows are spaced along the meridian. */
export function bandsAlong(
	m: MadePart,
	s: MadeSegment
): { yarn: number; from: number; to: number }[] {
	let row = 0;
	return s.bands.map((b) => {
		const from = axisShare(m, row / s.rows);
		row += b.rows;
		return { yarn: b.yarn, from, to: axisShare(m, row / s.rows) };
	});
}

/** A share of the meridian as a share of the axis: near a pole rows lie across it. */
const axisShare = (m: MadePart, share: number): number =>
	m.part.stuffed ? (1 - Math.cos(Math.PI * Math.min(1, Math.max(0, share)))) / 2 : share;
