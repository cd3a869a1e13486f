import type { GarmentOptions } from '../recipe/garments/options';
import { flatOf } from '../recipe/garments/flat';
import type { FinishedOf } from '../recipe/finished';
import type { Gauge } from '../bench/gauge/gauge';
import type { Point } from '../shaping/outline';
import { entryAt } from '../quantity/sure';
import { beside, closed, spanOf, type Shape, type Sketch } from './shape';

/** Panels sewn together, lying flat. */
export function flatSketch(
	{ made }: FinishedOf<'flat'>,
	options: GarmentOptions,
	gauge: Gauge
): Sketch {
	const flat = flatOf(options, made, {
		stitchesPerCm: gauge.stitchesPerCm.mean,
		rowsPerCm: gauge.rowsPerCm.mean
	});
	const ids = [...new Set(options.yarns)];
	const yarnOf = (i: number) => Math.max(0, ids.indexOf(entryAt(options.yarns, i)));
	const down = (points: readonly Point[]) => points.map((p) => ({ x: p.x, y: -p.y }));
	const shapes = flat.parts.flatMap((part): Shape[] => [
		...beside(
			part.bands.map((b): Shape => ({
				d: closed(down(b.points)),
				fill: yarnOf(b.yarn),
				...(part.under ? { shade: 0.32 } : {})
			}))
		),
		{ d: closed(down(part.points)), edge: true }
	]);
	return { shapes, ...spanOf(flat.parts.flatMap((p) => down(p.points))) };
}
