import { scale, exact } from '../../quantity/estimate';
import {
	fromTheLastEnd,
	outOf,
	type Change,
	type Found,
	type Measured,
	type Remedy
} from '../afterwards';
import type { FinishedOf } from '../finished';
import type { LinedHatOptions } from './options';

/** A hat with its measured sizes in their places; what was not measured follows from what was. */
export function hatAsMeasured(
	finished: FinishedOf<'worn'>,
	measured: Measured
): FinishedOf<'worn'> {
	const { hat } = finished;
	const [tube, layer, width] = [
		measured.get('tube-flat'),
		measured.get('layer-flat'),
		measured.get('flat-width')
	];
	const longer =
		tube !== undefined
			? tube / hat.tubeFlat.mean
			: layer !== undefined
				? layer / hat.layerFlat.mean
				: 1;
	const as = (id: string, cm: number) => exact(measured.get(id) ?? cm);
	const layerWorn = as('layer-worn', hat.layerWorn.mean * longer);
	const grown = layerWorn.mean - hat.layerWorn.mean;
	const circumference = width === undefined ? hat.circumference : exact(2 * width);
	return {
		...finished,
		hat: {
			...hat,
			tubeFlat: scale(hat.tubeFlat, longer),
			layerFlat: as('layer-flat', hat.layerFlat.mean * longer),
			layerWorn,
			heightWorn: as('height-worn', hat.heightWorn.mean + grown),
			circumference,
			stretch: hat.headCm / circumference.mean - 1
		}
	};
}

/** A brim turned up by less than this is none, cm. */
const LEAST_BRIM_CM = 1;

/** A hat that came out deep or short: its brim, or rows of its crown. */
export function afterHat(found: Found<LinedHatOptions, FinishedOf<'worn'>>): Change[] {
	const { finished, findings, rows, rowsPerCm } = found;
	const { brimCm } = finished.hat;
	const f = findings.find((x) => x.code === 'long' || x.code === 'short');
	if (f?.code !== 'long' && f?.code !== 'short') {
		const off = outOf(found, 'tube-flat') ?? outOf(found, 'layer-flat');
		return off ? [{ ...off, ways: crown(off.id === 'layer-flat' ? 2 : 1, off, found) }] : [];
	}
	const off = Math.abs(f.heightCm - f.wantedCm);
	const brim: Remedy[] =
		f.code === 'long'
			? [{ do: 'turn-up', cm: off }]
			: brimCm >= LEAST_BRIM_CM
				? [{ do: 'turn-down', cm: Math.min(brimCm, off) }]
				: [];
	const n = Math.abs(rows - f.rows);
	const piece = found.pieces[0];
	const of = { what: null, rows: n, toRow: f.rows, cm: n / rowsPerCm };
	const rowsWay: Remedy[] =
		n < 1
			? []
			: f.code === 'long'
				? [{ do: 'ravel', ...of }]
				: [{ do: 'knit-on', ...of, loops: piece?.stitches.last ?? 0 }];
	const [id, label] = f.fits
		? ['layer-flat', 'One layer, flat']
		: ['height-worn', 'Height on the head'];
	return [
		{
			id,
			label,
			measured: f.heightCm,
			wanted: f.wantedCm,
			by: f.code,
			ways: [...brim, ...rowsWay]
		}
	];
}
/** Both layers hang by one tube: a layer's cm are so many of it. */
const crown = (
	layers: number,
	{ measured, wanted }: Pick<Change, 'measured' | 'wanted'>,
	found: Pick<Found, 'rows' | 'rowsPerCm' | 'pieces'>
): Remedy[] => fromTheLastEnd({ measured: layers * measured, wanted: layers * wanted }, found);
