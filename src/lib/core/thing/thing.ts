import { asItLies } from '../plan/lies';
import type { Options } from '../model/options';
import { comesOut, type AssembledPlan, type Plan } from '../plan/types';
import { entryAt } from '../quantity/sure';
import { wholeGarment } from '../recipe/garments/start';
import { flatSketch } from './flat';
import { foldedSketch } from './folded';
import { beside, box, type Shape, type Sketch, type Thing } from './shape';
import { besideSketch, flagsSketch, hungSketch, pomSketch } from './strung';
import { stuffedSketch } from './stuffed';
import { tubeSketch } from './tube';
import { wornSketch } from './worn';

export type { Shape, Thing } from './shape';

/** A strip of fabric longer than this hangs doubled, cm. */
const LONGEST_CM = 60;
/** Doubled once more it would be a bundle: so far it may hang, cm. */
const LONGEST_DROP_CM = 100;
/** How far its back half shows beside the front one, as a share of its width. */
const SHOWS = 0.62;

/** A long strip over a peg: its halves beside each other, doubled again where that is still long. */
function overPeg(plan: Plan): Sketch {
	const { widthCm, bands } = asItLies(entryAt(plan.pieces, 0));
	const long = bands.reduce((t, b) => t + b.cm, 0);
	const layers = 2 * Math.max(1, Math.ceil(long / (2 * LONGEST_DROP_CM)));
	const drop = long / layers;
	const step = widthCm * SHOWS;
	const folds = Array.from({ length: layers }, (): Shape[] => []);
	let at = 0;
	for (const b of bands) {
		let [from, left] = [at, b.cm];
		while (left > 1e-6) {
			const layer = Math.min(layers - 1, Math.floor(from / drop + 1e-9));
			const room = (layer + 1) * drop - from;
			const here = layer === layers - 1 ? left : Math.min(left, Math.max(1e-3, room));
			const into = from - layer * drop;
			const y = layer % 2 === 0 ? drop - into - here : into;
			folds[layer]?.push({
				d: box(layer * step, y, widthCm, here),
				fill: b.yarn,
				...(layer > 0 ? { shade: 0.14 } : {})
			});
			from += here;
			left -= here;
		}
		at += b.cm;
	}
	// What hangs in front is drawn last.
	const shapes = folds
		.map((f, layer) => [
			...beside(f),
			{ d: box(layer * step, 0, widthCm, drop), edge: true as const }
		])
		.toReversed()
		.flat();
	return {
		shapes,
		low: { x: 0, y: 0 },
		high: { x: step * (layers - 1) + widthCm, y: drop }
	};
}

function sketchOf(plan: Plan, options: Options): Sketch {
	const gauge = plan.gauges[0];
	if (comesOut(plan, 'worn')) return wornSketch(plan.finished);
	if (comesOut(plan, 'tube')) {
		const { tube } = plan.finished;
		const straight = tube.copies === 1 && tube.hangs === 'lying' && tube.closed.castOn !== 'ring';
		return straight && tube.flatLength.mean > LONGEST_CM ? overPeg(plan) : tubeSketch(plan);
	}
	if (comesOut(plan, 'flags')) return flagsSketch(plan.finished);
	if (comesOut(plan, 'flat') && gauge) {
		const lying = flatSketch(plan.finished, wholeGarment(options), gauge);
		const high = lying.high.y - lying.low.y;
		const strip = plan.pieces.length === 1 && high > LONGEST_CM && plan.pieces[0]?.count === 1;
		return strip && high > 3 * (lying.high.x - lying.low.x) ? overPeg(plan) : lying;
	}
	const { finished } = plan as AssembledPlan;
	switch (finished.kind) {
		case 'stuffed':
			return stuffedSketch(finished);
		case 'hung':
			return hungSketch(finished);
		case 'folded':
			return foldedSketch(finished);
		case 'side-by-side':
			return besideSketch(finished);
		case 'wound':
			return pomSketch(finished);
	}
}

/** Room for the outline, cm. */
const PAD_CM = 0.5;

/** The finished thing of a plan, drawn to scale: how it stands on a shelf, hangs from a peg or lies. Lengths in cm. */
export function thingOf(plan: Plan, options: Options): Thing {
	const { shapes, low, high } = sketchOf(plan, options);
	return {
		shapes,
		at: { x: low.x - PAD_CM, y: low.y - PAD_CM },
		widthCm: high.x - low.x + 2 * PAD_CM,
		heightCm: high.y - low.y + 2 * PAD_CM
	};
}
