import type { Assembly, Edge } from '../assembly/assembly';
import { finishHat, type FinishedHat } from '../assembly/finished';
import type { Flag } from '../assembly/flag';
import { tuckTube, type TuckedTube } from '../assembly/tucked-tube';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine } from '../model/bench';
import type {
	BuntingWish,
	GarmentWish,
	LinedHatWish,
	PlainTubeWish,
	ThingWish,
	Wish
} from '../model/wish';
import type { Thing } from '../thing/thing';
import { hemOf, pinsOf, TUBE_KINDS } from '../recipe/plain-tube';
import { finishTube, type FinishedTube } from '../assembly/finished-tube';
import { tubeFigures, type TubeFigures } from './tube-figures';
import type { Figure } from '../quantity/working';
import { estimate, exact, quotient, type Estimate } from '../quantity/estimate';
import { panelPins } from '../bench/machine/panel';
import { flagCounts, mostStitches } from '../recipe/bunting';
import { headCm } from '../bench/size/head';
import { hatFigures, type HatFigures } from './figures';
import { flagFigures, type FlagFigures } from './flag-figures';
import type { GarmentFigures, GarmentShape } from '../garment/figures';
import { flatLength } from '../crank/length';
import type { PlannedPiece } from '../crank/piece';

/** Sizes, stuffing and handwork of a thing of several pieces. */
export interface ThingFigures {
	readonly size: readonly Figure[];
	/** Of all stuffing; null where there is none. */
	readonly fill: Figure | null;
	/** After the machine: drawing up, stuffing, sewing, winding. */
	readonly byHand: Figure;
}

/** What the assembly makes of the pieces, in centimetres. */
export type Shape =
	| {
			readonly shape: 'hat';
			readonly tucked: TuckedTube;
			readonly hat: FinishedHat;
			readonly figures: HatFigures;
	  }
	| { readonly shape: 'flags'; readonly flag: Flag; readonly figures: FlagFigures }
	| { readonly shape: 'tube'; readonly tube: FinishedTube; readonly figures: TubeFigures }
	| {
			readonly shape: 'garment';
			readonly garment: GarmentShape;
			/** The first piece, edge to edge and from its cast-on up, flat. */
			readonly first: { readonly width: Estimate; readonly height: Estimate };
			readonly figures: GarmentFigures;
	  }
	| {
			readonly shape: 'thing';
			readonly thing: Thing;
			/** Of its first piece as it lies; of the finished thing where it has none. */
			readonly first: { readonly width: Estimate; readonly height: Estimate };
			readonly figures: ThingFigures;
	  };

interface Input {
	readonly wish: Exclude<Wish, GarmentWish | ThingWish>;
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	readonly assembly: Assembly;
	readonly pieces: readonly PlannedPiece[];
}

/** What the assembly makes of the pieces, in centimetres. */
export function shapeOf(input: Input): Shape {
	const { wish } = input;
	if (wish.recipe === 'bunting') return flagsOf(input, wish);
	return 'scheme' in wish ? hatOf(input, wish) : tubeOf(input, wish);
}

function hatOf({ machine, gauges, assembly, pieces }: Input, wish: LinedHatWish): Shape {
	const piece = pieces[0]!;
	const main = gauges[0]!;
	const head = headCm(wish.head);
	const tucked = tuckTube(piece.runs, assembly, piece.id)!;
	const brim = assembly.find((s) => s.do === 'turn-up');
	const hat = finishHat({
		tucked,
		rowsPerCm: gauges.map((g) => g.rowsPerCm.mean),
		tubeFlat: flatLength(piece.runs, gauges),
		circumference: quotient(exact(machine.pins), main.stitchesPerCm),
		shortening: main.wear.shortening,
		headCm: head,
		brimCm: brim?.do === 'turn-up' ? brim.heightCm : 0
	});
	const figures = hatFigures({ hat, machine, gauges, mainRows: piece.mainRows, head });
	return { shape: 'hat', tucked, hat, figures };
}

function tubeOf({ machine, gauges, assembly, pieces }: Input, wish: PlainTubeWish): Shape {
	const piece = pieces[0]!;
	const { around } = TUBE_KINDS[wish.recipe];
	const pins = pinsOf(wish, machine);
	const end = (edge: Edge) => {
		for (const s of assembly) {
			if (s.do === 'join-ring') return 'ring';
			if (s.do === 'close-flat' && s.edge === edge) return 'flat';
			if (s.do === 'gather' && s.edge === edge) return 'gather';
		}
		return 'open';
	};
	const tube = finishTube({
		flatLength: flatLength(piece.runs, gauges, hemOf(wish)),
		pins,
		stitchesPerCm: gauges[0]!.stitchesPerCm,
		// What it lies along stretches nothing.
		around:
			around && around.by !== 'along'
				? { cm: wish.aroundCm ?? around.usualCm, by: around.by }
				: null,
		copies: piece.count,
		hangs: TUBE_KINDS[wish.recipe].hangs ?? 'lying',
		closed: { castOn: end('cast-on'), castOff: end('cast-off') }
	});
	const figures = tubeFigures({
		tube,
		gauge: gauges[0]!,
		rows: piece.mainRows,
		hemRows: hemOf(wish),
		pins,
		cord: TUBE_KINDS[wish.recipe].cord !== undefined
	});
	return { shape: 'tube', tube, figures };
}

function flagsOf({ machine, gauges, pieces }: Input, wish: BuntingWish): Shape {
	const piece = pieces[0]!;
	const gauge = gauges[0]!;
	// By the wish and not by the fabric: a flag wider than the machine is never knitted, and is still so wide.
	const { stitches } = flagCounts(wish, gauge.stitchesPerCm.mean);
	const { most } = panelPins(machine, wish.turn, stitches);
	const width = quotient(exact(stitches), gauge.stitchesPerCm);
	const flags = pieces.reduce((t, p) => t + p.count, 0);
	const flag: Flag = {
		stitches,
		mostStitches: mostStitches(wish, most),
		tip: wish.tip,
		flags,
		width,
		height: flatLength(piece.runs, gauges),
		// Every flag has the same gauge, so their widths err together.
		string: estimate(width.mean * flags, width.sd * flags, width.basis)
	};
	return { shape: 'flags', flag, figures: flagFigures(flag, gauge, piece.mainRows) };
}
