import { entryAt } from '../quantity/sure';
import { scale, type Estimate } from '../quantity/estimate';
import type { FaceBand, TuckedTube } from './tucked-tube';
import { asWorn, widthStrain, wornFactor } from './wear';

/** A stretch of one yarn on the finished thing, in worn cm from the lower edge of the hat upward. */
export interface SeenBand {
	readonly yarn: number;
	readonly fromCm: number;
	readonly toCm: number;
}

/** A hat from a tucked tube, as it sits on the head. All lengths in cm; strains and stretch as shares. */
export interface FinishedHat {
	readonly headCm: number;
	readonly circumference: Estimate;
	readonly stretch: number;
	readonly wornFactor: number;
	readonly tubeFlat: Estimate;
	readonly layerFlat: Estimate;
	readonly layerWorn: Estimate;
	/** Height on the head from the lower edge to the crown; with the brim turned up, less the brim. */
	readonly heightWorn: Estimate;
	/** Height of the turned-up brim as worn; 0 where it is not turned. */
	readonly brimCm: number;
	/** What is seen of the outer face, above the brim. */
	readonly body: readonly SeenBand[];
	/** What is seen on the turned-up brim: the lining, its fold uppermost. */
	readonly brim: readonly SeenBand[];
	/** Height of a stripe of the other colour at the lower edge or brim's edge that shows unasked; 0 for none. */
	readonly peekCm: number;
}

export interface FinishInput {
	readonly tucked: TuckedTube;
	/** Rows per cm of each yarn index. */
	readonly rowsPerCm: readonly number[];
	readonly tubeFlat: Estimate;
	readonly circumference: Estimate;
	readonly shortening: Estimate;
	readonly headCm: number;
	/** 0 where the brim is not turned up. */
	readonly brimCm: number;
}

interface LaidBand extends SeenBand {
	readonly from: number;
}

function lay(face: readonly FaceBand[], rowsPerCm: readonly number[], factor: number): LaidBand[] {
	let at = 0;
	return face.map((b) => {
		const fromCm = at;
		at += ((b.to - b.from) / entryAt(rowsPerCm, b.yarn)) * factor;
		return { yarn: b.yarn, from: b.from, fromCm, toCm: at };
	});
}

const clip = (band: SeenBand, lo: number, hi: number): SeenBand[] => {
	const fromCm = Math.max(lo, band.fromCm);
	const toCm = Math.min(hi, band.toCm);
	return toCm > fromCm ? [{ yarn: band.yarn, fromCm, toCm }] : [];
};

/** Lays the folded tube out on the head. A brim turned up by b hides 2b of the outer face behind itself. */
export function finishHat(input: FinishInput): FinishedHat {
	const { tucked, rowsPerCm, tubeFlat, circumference, shortening, headCm } = input;
	const layerFlat = scale(tubeFlat, 0.5);
	const layerWorn = asWorn(layerFlat, { circumference, bodyCm: headCm, shortening });
	const stretch = headCm / circumference.mean - 1;
	const factor = wornFactor(widthStrain(circumference.mean, headCm), shortening.mean);
	const brimCm = Math.min(input.brimCm, layerWorn.mean / 2);
	const outer = lay(tucked.outer, rowsPerCm, factor);
	const lining = lay(tucked.lining, rowsPerCm, factor);
	const top = outer.at(-1)?.toCm ?? 0;
	const body = outer
		.flatMap((b) => clip(b, 2 * brimCm, top))
		.map((b) => ({ ...b, fromCm: b.fromCm - brimCm, toCm: b.toCm - brimCm }));
	const brim = lining
		.flatMap((b) => clip(b, 0, brimCm))
		.map((b) => ({ yarn: b.yarn, fromCm: brimCm - b.toCm, toCm: brimCm - b.fromCm }));
	const lip = brimCm > 0 ? tucked.liningLip : tucked.outerLip;
	const peekCm = lip ? ((lip.to - lip.from) / entryAt(rowsPerCm, lip.yarn)) * factor : 0;
	return {
		headCm,
		circumference,
		stretch,
		wornFactor: factor,
		tubeFlat,
		layerFlat,
		layerWorn,
		heightWorn: { ...layerWorn, mean: layerWorn.mean - brimCm },
		brimCm,
		body,
		brim,
		peekCm
	};
}
