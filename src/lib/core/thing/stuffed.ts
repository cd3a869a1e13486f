import type { AssembledOf } from '../recipe/assembled/form/assembled';
import {
	bandsAlong,
	placeParts,
	segmentLength,
	segmentOutline,
	segmentRadius,
	standsAt,
	type PlacedPart
} from '../recipe/assembled/form/toy';
import type { Point } from '../shaping/outline';
import { entryAt } from '../quantity/sure';
import { beside, closed, disc, spanOf, type Shape, type Sketch } from './shape';

/** What of a polygon lies between two places along its axis. */
function between(points: readonly Point[], from: number, to: number): Point[] {
	const clip = (list: readonly Point[], keep: (x: number) => number): Point[] =>
		list.flatMap((p, i) => {
			const q = entryAt(list, (i + 1) % list.length);
			const [a, b] = [keep(p.x), keep(q.x)];
			const cross =
				a >= 0 !== b >= 0
					? [{ x: p.x + ((q.x - p.x) * a) / (a - b), y: p.y + ((q.y - p.y) * a) / (a - b) }]
					: [];
			return [...(a >= 0 ? [p] : []), ...cross];
		});
	return clip(
		clip(points, (x) => x - from),
		(x) => to - x
	);
}

/** One part where it is sewn on, swelling by swelling. */
function partShapes(p: PlacedPart): { shapes: Shape[]; points: Point[] } {
	const m = p.of;
	const place = (q: Point): Point => {
		const at = standsAt(p, q);
		return { x: at.x, y: -at.y };
	};
	let from = 0;
	const points: Point[] = [];
	const shapes = m.segments.flatMap((s): Shape[] => {
		const long = segmentLength(m, s);
		const outline = segmentOutline(m, s, from);
		const whole = outline.map(place);
		points.push(...whole);
		const bands = bandsAlong(m, s).flatMap((b): Shape[] => {
			const cut = between(outline, from + b.from * long, from + b.to * long);
			return cut.length < 3
				? []
				: [
						{
							d: closed(cut.map(place)),
							fill: b.yarn,
							...(p.behind ? { shade: 0.28 } : {})
						}
					];
		});
		from += long;
		return [
			...beside(bands),
			{ d: closed(whole), edge: true, ...(m.part.stuffed ? { round: true as const } : {}) }
		];
	});
	return { shapes, points };
}

/** Where the eyes of a thing stand, cm, y up, and how thick it is there: on the last swelling of the part that has them. */
export function eyesOf(
	placed: readonly PlacedPart[],
	{ stands, eyes }: Pick<AssembledOf<'stuffed'>, 'stands' | 'eyes'>
): { readonly at: Point; readonly radiusCm: number }[] {
	const host = placed.find((p) => p.of.part.id === eyes.part);
	const last = host?.of.segments.at(-1);
	if (!host || !last || eyes.kind === 'none') return [];
	const before = host.of.segments.slice(0, -1);
	const start = before.reduce((t, s) => t + segmentLength(host.of, s), 0);
	const radiusCm = segmentRadius(host.of, last);
	const upright = stands === 'upright';
	const seen = upright ? eyes.count : Math.ceil(eyes.count / 2);
	return Array.from({ length: seen }, (_, i) => ({
		radiusCm,
		at: standsAt(host, {
			x: start + segmentLength(host.of, last) * 0.62,
			y: upright ? (i - (seen - 1) / 2) * radiusCm * 0.7 : radiusCm * 0.3
		})
	}));
}

/** A stuffed thing as it stands or lies, with its eyes. */
export function stuffedSketch({ parts, stands, eyes }: AssembledOf<'stuffed'>): Sketch {
	const placed = placeParts(parts, stands);
	const drawn = [...placed.filter((p) => p.behind), ...placed.filter((p) => !p.behind)].map(
		partShapes
	);
	const looks = eyesOf(placed, { stands, eyes }).map((e): Shape => ({
		d: disc(e.at.x, -e.at.y, Math.max(0.5, e.radiusCm * 0.1)),
		fill: 'ink'
	}));
	return {
		shapes: [...drawn.flatMap((d) => d.shapes), ...looks],
		...spanOf(drawn.flatMap((d) => d.points))
	};
}
