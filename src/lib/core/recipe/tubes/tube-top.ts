import { GIVING_STRETCH } from '../../bench/size/stretch';
import { BODIES } from '../../bench/size/tables';
import { TUBE, type TubeKind } from './kind';

/**
 * A tube round the body, both edges crocheted, a chain as strap: about 105 rows; a chain of 50 is too short for most, 70
 * goes over the head (common practice).
 */
export const tubeTop: TubeKind = {
	id: 'tube-top',
	called: 'A tube top, size {aroundCm}',
	asks: 'with {chains} in its strap',
	use: 'garment',
	piece: 'Tube',
	copies: 1,
	around: { what: 'Body under the arms', usualCm: 67.5, by: 'width' },
	fitCm: (around, worn) => (0.55 * around) / worn,
	fitSource: '0.55 of the body in height, as worn (from memory)',
	sizes: BODIES,
	chains: { what: 'Chains in the strap', called: 'Strap', usual: 70 },
	hangs: 'cast-on-up',
	stripes: '15 A, 5 B',
	stretch: GIVING_STRETCH,
	pins: { least: 44, most: 200 },
	assembly: (_, { chains }) => [
		{ do: 'bind', piece: TUBE, edge: 'cast-off' },
		{ do: 'bind', piece: TUBE, edge: 'cast-on' },
		{ do: 'straps', piece: TUBE, chains }
	]
};
