import { TUBE, type TubeKind } from './kind';

/** A hung hem of about 10 rows as the channel, then the body; the base closed flat, a cord, purl side out (common practice). */
export const pouch: TubeKind = {
	id: 'pouch',
	use: 'pouch',
	piece: 'Tube',
	copies: 1,
	around: null,
	fitCm: () => 14,
	fitSource: 'a pouch for a lantern’s candles, from memory',
	hem: { what: 'Rows of the channel', usualRows: 10 },
	purlOut: true,
	closes: true,
	chains: { what: 'Chains in the cord', usual: 60 },
	hangs: 'cast-on-up',
	stripes: '10 A',
	pins: { least: 16, most: 60 },
	assembly: (options) => [
		{ do: 'hem', piece: TUBE, rows: options.hemRows ?? 10 },
		{ do: 'close-flat', piece: TUBE, edge: 'cast-off', how: options.closing ?? 'slip' },
		...(options.purlOut ? [{ do: 'inside-out' as const, piece: TUBE }] : []),
		{ do: 'drawstring', piece: TUBE, chains: options.chains ?? 60 }
	]
};
