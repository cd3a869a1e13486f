import { TUBE, type TubeKind } from './kind';

/** A cord or a narrow strap: 2 to 4 pins in tube mode, back and forth, no waste yarn (common practice). */
export const cord: TubeKind = {
	id: 'cord',
	called: 'A cord {pins} wide',
	piece: 'Cord',
	copies: 1,
	around: null,
	fitCm: () => 60,
	fitSource: 'a length to begin with',
	cord: { usualPins: 3 },
	stripes: '10 A',
	pins: { least: 16, most: 200 },
	assembly: () => [
		{ do: 'gather', piece: TUBE, edge: 'cast-off' },
		{ do: 'gather', piece: TUBE, edge: 'cast-on' }
	]
};
