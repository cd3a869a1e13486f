import type { AssembledOf } from '../recipe/assembled/form/assembled';
import { foldBag } from '../recipe/assembled/form/bag';
import { closed, spanOf, type Shape, type Sketch } from './shape';

/** A bag folded and sewn, its handle over its two points. */
export function foldedSketch({ bag, bands, handle, handleYarn }: AssembledOf<'folded'>): Sketch {
	const facets = foldBag(bag, 'bag', bands).toSorted((a, b) => a.layer - b.layer);
	const down = (p: { x: number; y: number }) => ({ x: p.x, y: -p.y });
	const side = bag.sideCm;
	const rise = Math.max(1, handle.longCm * 0.5);
	const fabric = facets.map((f): Shape => ({
		d: closed(f.points.map(down)),
		fill: f.yarn ?? 0,
		...(f.layer < 0 ? { shade: 0.2 } : {})
	}));
	const span = spanOf(facets.flatMap((f) => f.points.map(down)));
	const arc = `M${side * 0.1} ${-side * 0.86}C${side * 0.1} ${-(side + rise * 1.3)} ${side * 0.9} ${-(side + rise * 1.3)} ${side * 0.9} ${-side * 0.86}`;
	const outline = facets.filter((f) => f.layer >= 0).flatMap((f) => f.points.map(down));
	return {
		shapes: [
			{ d: arc, strand: { yarn: handleYarn, cm: handle.wideCm } },
			...fabric,
			...(outline.length > 0 ? [{ d: hull(outline), edge: true as const }] : [])
		],
		low: {
			x: Math.min(span.low.x, side * 0.1 - handle.wideCm / 2),
			y: Math.min(span.low.y, -(side + rise + handle.wideCm / 2))
		},
		high: { x: Math.max(span.high.x, side * 0.9 + handle.wideCm / 2), y: span.high.y }
	};
}

/** The least convex line round some points. */
function hull(points: readonly { readonly x: number; readonly y: number }[]): string {
	const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
	const half = (list: typeof sorted) => {
		const out: typeof sorted = [];
		for (const p of list) {
			for (;;) {
				const [a, b] = [out.at(-2), out.at(-1)];
				if (!a || !b || (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x) > 1e-9) break;
				out.pop();
			}
			out.push(p);
		}
		return out.slice(0, -1);
	};
	return closed([...half(sorted), ...half(sorted.toReversed())]);
}
