import type { Seam } from '../../assembly/joint';
import type { GarmentOptions } from './options';
import { hasBands } from './measures';
import type { OpenEdge } from './pattern';

export const HANDS = ['left', 'right'] as const;
type Hand = (typeof HANDS)[number];

const back = (hand: Hand, part: string) => ({ piece: `back-${hand}`, part });
const front = (hand: Hand, part: string) => ({ piece: `front-${hand}`, part });

/** Down the middle of the back, and of a closed front. */
export function centreSeams(options: GarmentOptions): Seam[] {
	const middle = (which: 'back' | 'front'): Seam => ({
		id: `centre-${which}`,
		kind: `centre-${which}`,
		a: [{ piece: `${which}-left`, part: 'centre' }],
		b: [{ piece: `${which}-right`, part: 'centre' }],
		times: 1
	});
	return [middle('back'), ...(hasBands(options) ? [] : [middle('front')])];
}

/** Back to front at the shoulders, or down the sides. */
export const joinedAt = (kind: 'shoulder' | 'side'): Seam[] =>
	HANDS.map((hand) => ({
		id: `${kind}-${hand}`,
		kind,
		a: [back(hand, kind)],
		b: [front(hand, kind)],
		times: 1,
		of: hand
	}));

/** A knitted band along each front edge and its neck. */
export const bandSeams = (): Seam[] =>
	HANDS.map((hand) => ({
		id: `band-${hand}`,
		kind: 'band',
		a: [front(hand, 'centre'), front(hand, 'neck')],
		b: [{ piece: 'band', part: hand === 'left' ? 'outer' : 'inner' }],
		times: 1,
		of: hand
	}));

/** Edges that no seam takes and that are edged: by crochet, or the neck and cuffs beside knitted bands. */
export function openEdges(
	options: GarmentOptions,
	sleeve: { readonly piece: string; readonly cuff: string } | null
): OpenEdge[] {
	if (options.edging === 'none') return [];
	const open = hasBands(options);
	const edges: OpenEdge[] = [];
	if (options.edging === 'crochet') {
		if (open)
			edges.push({ id: 'front', ends: HANDS.map((hand) => front(hand, 'centre')), times: 1 });
		const hems = HANDS.flatMap((hand) => [back(hand, 'hem'), front(hand, 'hem')]);
		edges.push({ id: 'hem', ends: hems, times: 1 });
	}
	const banded = open && options.edging === 'knitted';
	const necks = HANDS.flatMap((hand) => [
		back(hand, 'neck'),
		...(banded ? [] : [front(hand, 'neck')])
	]);
	edges.push({ id: 'neck', ends: necks, times: 1 });
	if (sleeve)
		edges.push({ id: 'cuff', ends: [{ piece: sleeve.piece, part: sleeve.cuff }], times: 2 });
	else
		for (const hand of HANDS)
			edges.push({
				id: 'armhole',
				ends: [back(hand, 'armhole'), front(hand, 'armhole')],
				times: 1
			});
	return edges;
}
