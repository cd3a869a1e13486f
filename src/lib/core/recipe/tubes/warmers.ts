import { LIMBS } from '../../bench/size/tables';
import { thumbOf, TUBE, type TubeKind } from './kind';

/** Two open tubes for wrists or legs, both ends bound so that they stretch. The width goes round the limb. */
export const warmers: TubeKind = {
	id: 'warmers',
	called: 'A pair of warmers, size {aroundCm}',
	asks: 'with {thumbCm}',
	piece: 'Warmer',
	copies: 2,
	around: { what: 'Wrist or calf, the widest', usualCm: 22, by: 'width' },
	fitCm: (around) => around,
	fitSource: 'about as long as the limb is round, from memory',
	sizes: LIMBS,
	thumb: true,
	hangs: 'cast-on-down',
	stripes: '8 A, 4 B',
	pins: { least: 16, most: 44 },
	assembly: (options, made) => {
		const thumb = thumbOf(options, made);
		return [
			{ do: 'bind', piece: TUBE, edge: 'cast-off' },
			{ do: 'bind', piece: TUBE, edge: 'cast-on' },
			...(thumb ? [{ do: 'thumb' as const, piece: TUBE, ...thumb }] : [])
		];
	}
};
