import {
	bandsAlong,
	partLength,
	segmentLength,
	segmentOutline,
	segmentRadius,
	standsAt,
	type MadePart,
	type PlacedPart
} from '$lib/core/recipe/assembled/form/toy';

const GAP_CM = 2;

/** Side by side, in as many rows as look well: what they are before they come together. */
export function inRows(parts: readonly MadePart[], flat: boolean): PlacedPart[] {
	const out: PlacedPart[] = [];
	const size = (m: MadePart) => ({
		long: flat ? m.segments.reduce((t, s) => t + s.flatCm, 0) : partLength(m),
		wide: flat ? m.roundCm / 2 : 2 * Math.max(...m.segments.map((s) => segmentRadius(m, s)))
	});
	const all = parts.flatMap((m) => Array.from({ length: m.part.count }, () => m));
	const most = Math.max(...all.map((m) => size(m).long)) * 1.3 + GAP_CM;
	let [x, y, tall] = [0, 0, 0];
	for (const m of all) {
		const { long, wide } = size(m);
		if (x > 0 && x + long > most) [x, y, tall] = [0, y - tall - GAP_CM, 0];
		out.push({ of: m, at: { x, y: y - wide / 2 }, turn: 0, behind: false, hand: null });
		x += long + GAP_CM;
		tall = Math.max(tall, wide);
	}
	return out;
}

/** One swelling as it is drawn, along its part's axis, cm. */
export interface DrawnSwelling {
	readonly d: string;
	readonly bands: readonly { readonly yarn: number; readonly x: number; readonly w: number }[];
	readonly from: number;
	readonly long: number;
	readonly radius: number;
}

export function drawnPart(m: MadePart, flat: boolean): DrawnSwelling[] {
	let from = 0;
	return m.segments.map((s) => {
		const long = flat ? s.flatCm : segmentLength(m, s);
		const radius = flat ? m.roundCm / 4 : segmentRadius(m, s);
		const start = from;
		from += long;
		const outline = flat
			? [
					{ x: start, y: radius },
					{ x: start + long, y: radius },
					{ x: start + long, y: -radius },
					{ x: start, y: -radius }
				]
			: segmentOutline(m, s, start);
		let row = 0;
		const bands = flat
			? s.bands.map((b) => {
					const x = start + (row / s.rows) * long;
					row += b.rows;
					return { yarn: b.yarn, x, w: (b.rows / s.rows) * long };
				})
			: bandsAlong(m, s).map((b) => ({
					yarn: b.yarn,
					x: start + b.from * long,
					w: (b.to - b.from) * long
				}));
		const d = `M${outline.map((p) => `${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('L')}Z`;
		return { d, bands, from: start, long, radius };
	});
}

/** What everything drawn lies within, cm. */
export interface Box {
	readonly left: number;
	readonly right: number;
	readonly low: number;
	readonly high: number;
}
export function boxOf(placed: readonly PlacedPart[], flat: boolean): Box {
	const corners = placed.flatMap((p) =>
		drawnPart(p.of, flat).flatMap((s) =>
			[
				{ x: s.from, y: s.radius },
				{ x: s.from, y: -s.radius },
				{ x: s.from + s.long, y: s.radius },
				{ x: s.from + s.long, y: -s.radius }
			].map((c) => standsAt(p, c))
		)
	);
	return {
		left: Math.min(...corners.map((c) => c.x)),
		right: Math.max(...corners.map((c) => c.x)),
		low: Math.min(...corners.map((c) => c.y)),
		high: Math.max(...corners.map((c) => c.y))
	};
}
