import type { AssembledOf } from '../recipe/assembled/form/assembled';
import type { FinishedOf } from '../recipe/finished';
import { entryAt } from '../quantity/sure';
import { hungPath, pomPath } from './hung-path';
import { beside, box, closed, disc, open, type Shape, type Sketch } from './shape';

/** As far as a string hangs down from its hook; what is longer hangs doubled, cm. */
const LONGEST_CM = 60;
/** Of what is small, no more are drawn in one pile. */
const MOST_PILED = 15;

/** A garland taken down: hung by its middle from one hook, and doubled again where it is long. */
export function hungSketch({ items, solved, cordYarn }: AssembledOf<'hung'>): Sketch {
	const { lengthCm } = solved.cord;
	const strands = 2 * Math.max(1, Math.ceil(lengthCm / (2 * LONGEST_CM)));
	const drop = lengthCm / strands;
	const widest = Math.max(2, ...items.map((i) => i.widthCm));
	const step = widest * 0.8;
	const shapes: Shape[] = [];
	const x = (strand: number) => (strand - (strands - 1) / 2) * step;
	for (let s = 0; s < strands; s++)
		shapes.push({
			d: open([
				{ x: 0, y: 0 },
				{ x: x(s), y: Math.min(drop, step) },
				{ x: x(s), y: drop }
			]),
			strand: { yarn: cordYarn, cm: 0.5 }
		});
	const each = Math.ceil(items.length / strands);
	let [lowest, highest] = [drop, -1];
	for (const [i, item] of items.entries()) {
		const strand = Math.floor(i / each);
		const down = ((i % each) + 0.5) / each;
		const y = Math.max(step, drop * (strand % 2 === 0 ? down : 1 - down)) - item.heightCm * 0.3;
		lowest = Math.max(lowest, y + item.heightCm);
		highest = Math.min(highest, y);
		shapes.push({
			d: hungPath(item, x(strand), y, 1),
			fill: item.yarn,
			edge: true,
			...(item.kind === 'bauble' || item.kind === 'pumpkin' ? { round: true as const } : {})
		});
	}
	shapes.push({ d: disc(0, 0, 0.7), fill: 'ink' });
	const half = ((strands - 1) / 2) * step + widest / 2;
	return { shapes, low: { x: -half, y: highest }, high: { x: half, y: lowest } };
}

/** Flags in rows, each row as long as a string hangs. */
export function flagsSketch({ flag, order }: FinishedOf<'flags'>): Sketch {
	const [w, h] = [flag.width.mean, flag.height.mean];
	const tip = (w * flag.tip) / flag.stitches;
	const across = Math.max(1, Math.min(order.length, Math.floor(LONGEST_CM / w)));
	const rows = Math.ceil(order.length / across);
	const step = h * 0.55;
	const shapes = Array.from({ length: rows }, (_, r): Shape[] => {
		const here = order.slice(r * across, (r + 1) * across);
		const y = r * step;
		return [
			...here.map((yarn, i): Shape => ({
				d: closed([
					{ x: i * w, y },
					{ x: (i + 1) * w, y },
					{ x: (i + 0.5) * w + tip / 2, y: y + h },
					{ x: (i + 0.5) * w - tip / 2, y: y + h }
				]),
				fill: yarn,
				edge: true
			})),
			{
				d: open([
					{ x: -1, y },
					{ x: here.length * w + 1, y }
				]),
				strand: { yarn: order[0] ?? 0, cm: 0.6 }
			}
		];
	});
	return {
		shapes: shapes.toReversed().flat(),
		low: { x: -1, y: -0.5 },
		high: { x: across * w + 1, y: (rows - 1) * step + h }
	};
}

/** Pom-poms in a pile, as many as there are or as make a pile. */
export function pomSketch({ count, cm, yarns }: AssembledOf<'wound'>): Sketch {
	const shown = Math.min(count, MOST_PILED);
	const across = Math.max(1, Math.ceil((Math.sqrt(8 * shown + 1) - 1) / 2));
	const shapes: Shape[] = [];
	let left = shown;
	let row = 0;
	for (let n = across; left > 0; n = Math.max(1, n - 1), row++)
		for (let i = 0; i < n && left > 0; i++, left--)
			shapes.push({
				d: pomPath((row * 0.5 + i + 0.5) * cm, (-row * 0.8 - 0.5) * cm, cm / 2, 22),
				fill: entryAt(yarns, (shown - left) % yarns.length),
				edge: true,
				round: true
			});
	return {
		shapes,
		low: { x: 0, y: -((row - 1) * 0.8 + 1) * cm },
		high: { x: across * cm, y: 0 }
	};
}

/** Tubes side by side, sewn, with their crochet. */
export function besideSketch({
	tubes,
	tubeCm,
	lengthCm,
	rows,
	border
}: AssembledOf<'side-by-side'>): Sketch {
	const edge = border.stitches > 0 ? 1.2 : 0;
	const wide = tubes.length * tubeCm;
	const shapes = tubes.flatMap((tube, i): Shape[] => {
		let up = 0;
		const bands = tube.bands.map((b): Shape => {
			const high = (b.rows / rows) * lengthCm;
			up += high;
			return { d: box(i * tubeCm, edge + lengthCm - up, tubeCm, high), fill: b.yarn };
		});
		return [...beside(bands), { d: box(i * tubeCm, edge, tubeCm, lengthCm), edge: true }];
	});
	const trims =
		edge > 0
			? [0, edge + lengthCm].map((y): Shape => ({ d: box(0, y, wide, edge), fill: 0, edge: true }))
			: [];
	return {
		shapes: [...shapes, ...trims],
		low: { x: 0, y: 0 },
		high: { x: wide, y: lengthCm + 2 * edge }
	};
}
