import * as rules from '../finding/garment-rules';
import type { Rule } from '../finding/facts';
import type { Joint } from '../assembly/joint';
import { endsOf } from '../technique/ends';
import type { Made } from '../garment/make';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine, Yarn } from '../model/bench';
import type { GarmentWish } from '../model/wish';
import { exact, quotient } from '../quantity/estimate';
import { designGarment } from '../recipe/garment-design';
import { garmentFigures, garmentShape } from '../garment/figures';
import type { PlannedPiece } from '../crank/piece';
import type { Shape } from './shape';

interface Input {
	readonly wish: GarmentWish;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly pieces: readonly PlannedPiece[];
	readonly made: Made;
	readonly joints: readonly Joint[];
}

function shape({ machine, yarns, gauges, pieces, made, joints, wish }: Input): Shape {
	const ends = endsOf(pieces);
	// Tied at the crank, they are not woven in.
	const joins = wish.joinTails === 'weave' ? ends.joins : 0;
	const garment = garmentShape({
		wish,
		made,
		machine,
		yarns,
		gauges,
		seams: joints,
		ends: { all: ends.others + joins, joins }
	});
	const first = made.pieces[0];
	const gauge = gauges[0]!;
	return {
		shape: 'garment',
		garment,
		first: {
			width: quotient(exact(first?.columns ?? 0), gauge.stitchesPerCm),
			height: quotient(exact(first?.rows ?? 0), gauge.rowsPerCm)
		},
		figures: garmentFigures(wish, garment, gauge)
	};
}

/** In the order they are said, the gravest sorted first afterwards. */
const RULES: readonly Rule[] = [
	rules.cannotShape,
	rules.bodyShort,
	rules.seams,
	rules.armholeSmall,
	rules.sleeveTight,
	rules.neckSmall,
	rules.neckWide,
	rules.neckBeyondSpan,
	rules.laddersUneven,
	rules.overBust,
	rules.heavyShoulders,
	rules.lineMissed,
	rules.stripeEnds
];

/** All that garments are planned with, apart, so that a page that plans none need not carry it. */
export const garmentWorks = { design: designGarment, shape, rules: RULES };
export type GarmentWorks = typeof garmentWorks;
