import type { FabricUse } from '../../model/kinds';
import type { FabricVerdict, Swatch, Yarn } from '../../model/bench';
import { estimate, type Estimate } from '../../quantity/estimate';
import { effectiveTex } from '../yarn/tex';

/**
 * Cover factor: the root of the yarn's tex over the length of a loop, cm. The tighter the loops for the yarn, the higher.
 * Munden, "The geometry and dimensional properties of plain-knit fabrics", J. Textile Institute 50 (1959) T448-T471 (from
 * memory). By Peirce (1947, from memory) loops touch where a loop is 16.66 yarn diameters long: about 10 at the bulk density
 * taken here.
 */
export function coverFactor(loopCm: Estimate, tex: number): Estimate {
	const mean = Math.sqrt(tex) / loopCm.mean;
	return estimate(mean, mean * (loopCm.sd / loopCm.mean), loopCm.basis);
}

/** Between what cover a fabric is right. */
export interface CoverBand {
	readonly least: number;
	readonly most: number;
}

/** Cover that suits each use (from memory): a bag and a toy are close, what is worn round a neck may be open. */
export const COVER_FOR: Readonly<Record<FabricUse, CoverBand>> = {
	hat: { least: 6.5, most: 10.5 },
	garment: { least: 6, most: 10 },
	wrap: { least: 5.2, most: 10 },
	pouch: { least: 6.5, most: 10.5 },
	bag: { least: 7, most: 12 },
	toy: { least: 7.5, most: 12 }
};

/** How a fabric suits its use, and what says so. */
export interface Fabric {
	readonly use: FabricUse;
	readonly verdict: FabricVerdict;
	/** Whether it is so beyond one standard deviation of the cover, or the maker says it. */
	readonly sure: boolean;
	readonly cover: Estimate;
	readonly band: CoverBand;
	/** The maker's word on this very yarn and machine, their words on others there, or the usual band. */
	readonly by: 'own' | 'own-others' | 'usual';
}

interface Judged {
	readonly machineId: string;
	readonly yarn: Yarn;
	readonly loopCm: Estimate;
	readonly use: FabricUse;
	readonly swatches: readonly Swatch[];
	/** Cover of another swatch of the bench, by its own loop length; null where nothing is known of it. */
	readonly coverOf: (s: Swatch) => number | null;
}

/** The band as the maker's verdicts on that machine have it: what was right is within, what was open or stiff is without. */
function bandBy(
	usual: CoverBand,
	said: readonly { cover: number; fabric: FabricVerdict }[]
): CoverBand {
	const of = (fabric: FabricVerdict) => said.flatMap((s) => (s.fabric === fabric ? [s.cover] : []));
	const [open, right, stiff] = [of('open'), of('right'), of('stiff')];
	const least = Math.min(Math.max(usual.least, ...open), ...right);
	const most = Math.max(Math.min(usual.most, ...stiff), ...right);
	return { least, most: Math.max(least, most) };
}

/**
 * Too open, right or too stiff for its use: by the maker's own word on this yarn on this machine, else by its cover against
 * what suits the use, moved by their words on other yarns there.
 */
export function fabricFor({ machineId, yarn, loopCm, use, swatches, coverOf }: Judged): Fabric {
	const cover = coverFactor(loopCm, effectiveTex(yarn));
	const here = swatches.filter((s) => s.machineId === machineId);
	const own = here.find((s) => s.yarnId === yarn.id && s.strands === yarn.strands)?.fabric ?? null;
	const said = here.flatMap((s) => {
		const known = s.fabric === null ? null : coverOf(s);
		return known === null || s.fabric === null ? [] : [{ cover: known, fabric: s.fabric }];
	});
	const band = bandBy(COVER_FOR[use], said);
	if (own) return { use, verdict: own, sure: true, cover, band, by: 'own' };
	const verdict = cover.mean < band.least ? 'open' : cover.mean > band.most ? 'stiff' : 'right';
	const off = Math.min(Math.abs(cover.mean - band.least), Math.abs(cover.mean - band.most));
	return {
		use,
		verdict,
		sure: off > cover.sd,
		cover,
		band,
		by: said.length > 0 ? 'own-others' : 'usual'
	};
}
