import type { AssemblyStep, Edge } from '../../assembly/assembly';
import type { FlatClosing, TubeEnd } from '../../model/kinds';
import { TUBE, type TubeKind } from './kind';

const end = (how: TubeEnd, edge: Edge, closing: FlatClosing): AssemblyStep =>
	how === 'flat'
		? { do: 'close-flat', piece: TUBE, edge, how: closing }
		: how === 'gather'
			? { do: 'gather', piece: TUBE, edge }
			: { do: 'bind', piece: TUBE, edge };

/** A tube for whatever the maker has in mind: sections as written, each end closed as wished. */
export const freeTube: TubeKind = {
	id: 'free-tube',
	called: 'A tube',
	asks: 'its first end {ends.castOn}, its last {ends.castOff}',
	piece: 'Tube',
	copies: 1,
	around: null,
	fitCm: () => 40,
	fitSource: 'a length to begin with',
	ownEnds: true,
	closes: true,
	stripes: '40 A, 30 B, 40 A',
	pins: { least: 4, most: 200 },
	assembly: ({ ends = { castOn: 'bind', castOff: 'bind' }, closing = 'slip' }) => [
		end(ends.castOff, 'cast-off', closing),
		end(ends.castOn, 'cast-on', closing)
	]
};
