import { CUPS } from '../../bench/size/tables';
import { flatEnds, TUBE, type TubeKind } from './kind';

/** 45 rows on 22 pins, ends closed flat, chain loops of 20 as ties (common practice). Its length lies round the cup. */
const OF_CUP = 0.85;

export const cupSleeve: TubeKind = {
	id: 'cup-sleeve',
	called: 'A cup sleeve for {aroundCm+heightCm}',
	asks: 'each tie {chains}',
	piece: 'Tube',
	copies: 1,
	around: { what: 'Cup', usualCm: 26, by: 'length' },
	fitCm: (around) => OF_CUP * around,
	fitSource: '0.85 of the cup: the ties close the gap at the handle (from memory)',
	closes: true,
	stripes: '15 A',
	pins: { least: 12, most: 30 },
	sizes: CUPS,
	chains: { what: 'Chains in a tie', called: 'A tie', usual: 20 },
	high: true,
	assembly: (options, { chains }) => [...flatEnds(options), { do: 'ties', piece: TUBE, chains }]
};
