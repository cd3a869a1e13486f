import { TUBE, type TubeKind } from './kind';

/** A tube closed to a ring, end to end. It lies round the shoulders by its length. */
export const cowl: TubeKind = {
	id: 'cowl',
	called: 'A cowl {aroundCm} round',
	asks: 'closed to a ring, {twist}',
	piece: 'Tube',
	copies: 1,
	around: { what: 'Round, as it is to lie', usualCm: 62, by: 'length' },
	fitCm: (around) => around,
	fitSource: 'as long as what it lies round',
	twists: true,
	stripes: '10 A, 10 B',
	pins: { least: 36, most: 100 },
	assembly: (options) => [{ do: 'join-ring', piece: TUBE, twist: options.twist ?? false }]
};
