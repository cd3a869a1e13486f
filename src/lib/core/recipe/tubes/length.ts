import { widthStrain, wornFactor } from '../../assembly/wear';
import type { Gauge } from '../../bench/gauge/gauge';
import type { PlainTubeOptions } from './options';
import { TUBE_KINDS } from './kinds';

/** Rows of its hem, hung double; 0 for none. */
export const hemOf = (options: Pick<PlainTubeOptions, 'recipe' | 'hemRows'>): number => {
	const { hem } = TUBE_KINDS[options.recipe];
	return hem ? (options.hemRows ?? hem.usualRows) : 0;
};

/** Pins it is knitted on: all of the machine's, or the few of a cord. */
export const pinsOf = (
	options: Pick<PlainTubeOptions, 'recipe' | 'pins'>,
	machine: { readonly pins: number }
): number => (TUBE_KINDS[options.recipe].cord ? (options.pins ?? 3) : machine.pins);

/** What it goes round, and how; null where that is nothing. What goes into a pouch lies in it as a box. */
export function aroundOf(
	options: PlainTubeOptions
): { readonly cm: number; readonly by: 'length' | 'along' | 'width' } | null {
	const { around } = TUBE_KINDS[options.recipe];
	const { holds } = options;
	if (holds?.by === 'box') return { cm: 2 * (holds.wideCm + holds.highCm), by: 'width' };
	return around && { cm: options.aroundCm ?? around.usualCm, by: around.by };
}

/** Length, flat and finished, cm, that fits what it goes round; the usual of its kind where it goes round nothing. */
export function fitCmOf(
	options: PlainTubeOptions,
	machine: { readonly pins: number },
	{ wear, stitchesPerCm }: Gauge
): number {
	const kind = TUBE_KINDS[options.recipe];
	const around = options.aroundCm ?? kind.around?.usualCm ?? 0;
	const roundCm = pinsOf(options, machine) / stitchesPerCm.mean;
	const worn =
		kind.around?.by === 'width'
			? wornFactor(widthStrain(roundCm, around), wear.shortening.mean)
			: 1;
	return kind.fitCm(around, worn, options);
}
