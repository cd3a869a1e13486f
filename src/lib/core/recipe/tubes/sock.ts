import { FEET } from '../../bench/size/tables';
import { TUBE, type TubeKind } from './kind';

/** Leg as long as the foot: a plain tube has no heel, it bends at one (from memory). */
const LEG_OF_FOOT = 1;

/**
 * Leg and foot in one length: 8.5 in at 8 rows to the inch are 68 rows on 22 pins; the toe part-gathered, then whipped flat;
 * the cuff crocheted in and between each loop, twice as many stitches as pins, so that it stretches (common practice).
 */
export const sock: TubeKind = {
	id: 'sock',
	called: 'A pair of tube socks, size {aroundCm}',
	asks: 'the leg {legCm}, the cuff {cuffRounds}',
	use: 'garment',
	piece: 'Sock',
	copies: 2,
	around: { what: 'Foot, heel to toe', usualCm: 23.8, by: 'along' },
	fitCm: (around, _worn, { legCm }) => around + (legCm ?? LEG_OF_FOOT * around),
	fitSource: ({ legCm }) =>
		typeof legCm === 'number'
			? 'foot and leg, in one tube'
			: 'a leg as long as the foot (from memory)',
	leg: true,
	sizes: FEET,
	hangs: 'cast-on-up',
	worn: 'foot',
	stripes: '12 A, 4 B',
	pins: { least: 18, most: 48 },
	assembly: ({ cuffRounds = 1 }) => [
		{ do: 'close-flat', piece: TUBE, edge: 'cast-off', how: 'slip', toe: true },
		{ do: 'bind', piece: TUBE, edge: 'cast-on', perLoop: 2, rounds: cuffRounds }
	]
};
