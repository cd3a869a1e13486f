import { HEAD_CM } from '../../bench/size/head';
import { HEADS } from '../../bench/size/tables';
import { flatEnds, TUBE, type TubeKind } from './kind';

/** 81 or 85 rows is a matter of fit: makers compare. 80 to 85 rows on a large machine, ends closed flat and hooked into one another (common practice): three quarters of a woman's head. */
const OF_HEAD = 0.75;

export const headband: TubeKind = {
	id: 'headband',
	called: 'A headband, size {aroundCm}',
	asks: 'its ends closed flat by {closing}',
	piece: 'Tube',
	copies: 1,
	around: { what: 'Head', usualCm: HEAD_CM.woman, by: 'length' },
	fitCm: (around) => OF_HEAD * around,
	fitSource: 'three quarters of the head, so that it holds (common practice)',
	sizes: HEADS,
	counts: [81, 85],
	closes: true,
	stripes: '10 A',
	pins: { least: 20, most: 60 },
	assembly: (options) => [...flatEnds(options), { do: 'hook-ends', piece: TUBE }]
};
