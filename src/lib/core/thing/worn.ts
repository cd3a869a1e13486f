import type { FinishedOf } from '../recipe/finished';
import { bandPath, domeProfile, HEAD_HIGH, headPath } from './dome';
import { beside, type Shape, type Sketch } from './shape';

/** A hat on its head. */
export function wornSketch({ hat }: FinishedOf<'worn'>): Sketch {
	const radius = hat.headCm / (2 * Math.PI);
	const profile = domeProfile(Math.max(1, hat.heightWorn.mean), radius + 0.35);
	const at = { cx: 0, crownY: 0, px: 1 };
	const seen = (bands: typeof hat.body, out: number): Shape[] =>
		beside(
			bands.map((b) => ({
				d: bandPath(profile, b.fromCm, b.toCm, { ...at, out }),
				fill: b.yarn
			}))
		);
	const edge = (from: number, to: number, out: number): Shape => ({
		d: bandPath(profile, from, to, { ...at, out }),
		edge: true,
		round: true
	});
	const headHigh = hat.headCm * HEAD_HIGH;
	const topY = profile.spareCm + 0.5;
	return {
		shapes: [
			{ d: headPath({ cx: 0, topY, radiusPx: radius, heightPx: headHigh }), fill: 'skin' },
			...seen(hat.body, 0),
			edge(0, profile.lengthCm, 0),
			...(hat.brimCm > 0 ? [...seen(hat.brim, 0.45), edge(0, hat.brimCm, 0.45)] : [])
		],
		low: { x: -radius - 1.4, y: -0.6 },
		high: { x: radius + 1.4, y: Math.max(profile.heightCm + 1.5, topY + headHigh * 1.14) }
	};
}
