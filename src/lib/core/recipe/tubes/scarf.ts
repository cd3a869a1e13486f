import { flatEnds, type TubeKind } from './kind';

/** A long tube, ends closed flat; 340 to 450 rows with the yarn there is (common practice). */
export const scarf: TubeKind = {
	id: 'scarf',
	called: 'A scarf',
	asks: 'its ends closed flat by {closing}',
	piece: 'Tube',
	copies: 1,
	around: null,
	fitCm: () => 170,
	fitSource: 'a usual scarf, from memory',
	closes: true,
	stripes: '20 A, 20 B',
	pins: { least: 36, most: 100 },
	assembly: (options) => flatEnds(options)
};
