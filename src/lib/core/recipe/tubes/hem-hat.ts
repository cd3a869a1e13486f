import { HEADS } from '../../bench/size/tables';
import { HEAD_CM, VISIBLE_SHARE } from '../../bench/size/head';
import { TUBE, type TubeKind } from './kind';

/**
 * A single layer with its brim doubled on the machine: say 40 rows of brim, their first row hung, 25 rows more, gathered
 * (common practice). 65 rows knitted stand 45 rows high.
 */
export const hemHat: TubeKind = {
	id: 'hem-hat',
	called: 'A hat with a hung hem, size {aroundCm}',
	asks: 'its brim {hemRows}, folded in half',
	use: 'hat',
	piece: 'Tube',
	copies: 1,
	around: { what: 'Head', usualCm: HEAD_CM.woman, by: 'width' },
	fitCm: (around, worn) => (VISIBLE_SHARE * around) / worn,
	fitSource: '0.4 of the head in height, as worn (from memory)',
	sizes: HEADS,
	hem: { what: 'Rows of the brim', usualRows: 40 },
	covers: true,
	hangs: 'cast-on-down',
	stripes: '10 A',
	pins: { least: 36, most: 100 },
	assembly: (options) => [
		{ do: 'hem', piece: TUBE, rows: options.hemRows ?? 40 },
		{ do: 'gather', piece: TUBE, edge: 'cast-off' }
	]
};
