import { drawstringChains } from '../../quantity/chain';
import { TUBE, type TubeKind } from './kind';

/** Over what goes in, for the mouth to be drawn up, cm (from memory). */
const CLOSING_CM = 2;

/** A hung hem of about 10 rows as the channel, then the body; the base closed flat, a cord, purl side out (common practice). */
export const pouch: TubeKind = {
	id: 'pouch',
	called: 'A drawstring pouch for {holds}',
	asks: 'its channel {hemRows}, its cord {chains}, {purlOut}',
	use: 'pouch',
	piece: 'Tube',
	copies: 1,
	around: null,
	fitCm: (_around, _worn, { holds }) =>
		holds?.by === 'box' ? holds.longCm + holds.highCm + CLOSING_CM : 14,
	fitSource: ({ holds }) =>
		holds?.by === 'box'
			? 'what goes in, its height, and room to close'
			: 'a pouch for a lantern’s candles, from memory',
	holds: true,
	hem: { what: 'Rows of the channel', usualRows: 10 },
	purlOut: true,
	closes: true,
	chains: { what: 'Chains in the cord', called: 'Drawstring', usual: drawstringChains },
	hangs: 'cast-on-up',
	stripes: '10 A',
	pins: { least: 16, most: 60 },
	assembly: (options, made) => [
		{ do: 'hem', piece: TUBE, rows: options.hemRows ?? 10 },
		{ do: 'close-flat', piece: TUBE, edge: 'cast-off', how: options.closing ?? 'slip' },
		...(options.purlOut ? [{ do: 'inside-out' as const, piece: TUBE }] : []),
		{ do: 'drawstring', piece: TUBE, chains: made.chains }
	]
};
