import type { Stage } from '../assembly/stage';
import type { PlanOf } from '../plan/types';
import { entryAt, last } from '../quantity/sure';
import { planStages } from './plan-stages';
import { beside, closed, open, spanOf, type Shape, type Sketch } from './shape';

/** Between two that are alike, cm. */
const GAP_CM = 1.5;

/** The stage as it lies, its bands from the lowest layer up. */
function stageShapes(stage: Stage): Shape[] {
	const layers = [...new Set(stage.bands.map((b) => b.layer))].sort((a, b) => a - b);
	const top = layers.at(-1) ?? 0;
	const band = (i: number): Shape => {
		const b = entryAt(stage.bands, i);
		const [from, to] = [entryAt(stage.rungs, i), entryAt(stage.rungs, i + 1)];
		// In a few steps: what looks alike is one path.
		const deep = Math.max(b.shade, b.layer < 0 && top > b.layer ? 0.3 : 0);
		const shade = Math.round(deep * 12) / 12;
		return {
			d: closed([from.a, from.b, to.b, to.a]),
			fill: b.yarn,
			...(shade > 0 ? { shade } : {})
		};
	};
	const fabric = layers.flatMap((layer) =>
		beside(stage.bands.flatMap((b, i) => (b.layer === layer ? [band(i)] : [])))
	);
	const sides = (['a', 'b'] as const).map((side): Shape => ({
		d: open(stage.rungs.map((r) => r[side])),
		edge: true
	}));
	const ends = [entryAt(stage.rungs, 0), entryAt(stage.rungs, stage.rungs.length - 1)];
	const trims = stage.trims
		.filter((t) => t.kind === 'chain' || t.kind === 'seam')
		.map((t): Shape => ({
			d: open(t.points),
			strand: { yarn: 0, cm: t.kind === 'chain' ? 0.5 : 0.3 }
		}));
	return [
		...fabric,
		...sides,
		...ends.map((r): Shape => ({ d: open([r.a, r.b]), edge: true })),
		...trims
	];
}

const shifted = (stage: Stage, dx: number): Stage => ({
	...stage,
	rungs: stage.rungs.map((r) => ({
		...r,
		a: { x: r.a.x + dx, y: r.a.y },
		b: { x: r.b.x + dx, y: r.b.y }
	})),
	trims: stage.trims.map((t) => ({ ...t, points: t.points.map((p) => ({ x: p.x + dx, y: p.y })) }))
});

/** A tube as it is used, as many as are made alike. */
export function tubeSketch(plan: PlanOf<'tube'>): Sketch {
	const { tube } = plan.finished;
	const stage = last(planStages(plan));
	const points = (s: Stage) => [
		...s.rungs.flatMap((r) => [r.a, r.b]),
		...s.trims.flatMap((t) => t.points)
	];
	const span = spanOf(points(stage));
	const wide = span.high.x - span.low.x + GAP_CM;
	const all = Array.from({ length: tube.copies }, (_, i) => shifted(stage, i * wide));
	return { shapes: all.flatMap(stageShapes), ...spanOf(all.flatMap(points)) };
}
