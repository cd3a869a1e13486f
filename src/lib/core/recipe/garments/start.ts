import type { GarmentKindId } from '../../model/kinds';
import type { Bench } from '../../model/project';
import type { Options } from '../../model/options';
import type { FreePiece } from './free-piece';
import { garmentOptions, type GarmentOptions } from './options';

/** A front or back to begin a free garment with. */
const freeStart = (id: string, name: string): FreePiece => ({
	id,
	name,
	count: 1,
	mirrored: false,
	left: [
		{ x: 0, y: 0, part: 'side' },
		{ x: 0, y: 26, part: 'slope' },
		{ x: 6, y: 38 }
	],
	right: [
		{ x: 24, y: 0, part: 'side' },
		{ x: 24, y: 26, part: 'slope' },
		{ x: 18, y: 38 }
	],
	top: 'top'
});

/** What each kind begins with, beside what all begin with. */
const STARTS: Partial<Record<GarmentKindId, Partial<GarmentOptions>>> = {
	'seamed-tube': { wasteStart: 4 },
	shrug: { wasteStart: 4, wasteEnd: 5, edging: 'crochet' },
	vest: { wasteStart: 4, armhole: 'set-in', edging: 'crochet' },
	cardigan: { wasteStart: 4, edging: 'knitted', ease: 10 },
	jacket: { wasteStart: 4, edging: 'knitted', ease: 16, neck: 'round' },
	sweater: { wasteStart: 4, edging: 'crochet', ease: 10, neck: 'round' },
	'free-garment': {
		pieces: [freeStart('front', 'Front'), freeStart('back', 'Back')],
		seams: [
			{ a: { piece: 'front', part: 'side' }, b: { piece: 'back', part: 'side' } },
			{ a: { piece: 'front', part: 'slope' }, b: { piece: 'back', part: 'slope' } }
		]
	}
};

/** What any garment begins with where nothing else is said of it. */
const PLAIN: Omit<GarmentOptions, 'recipe' | 'yarns'> = {
	stripes: '10 A',
	from: 'table',
	size: 'woman-m',
	measures: {},
	alone: [],
	ease: 8,
	neck: 'v',
	shoulder: 'sloped',
	armhole: 'drop',
	sleeves: 'panel',
	shaping: 'fashioned',
	edgeStitches: 1,
	turn: 'switch',
	wide: 'panels',
	card: { mm: 5, by: 'pins', columns: 6, every: 6 },
	layout: { across: 3, down: 4, colours: [0, 1] },
	ladderPins: [],
	edging: 'none',
	pieces: [],
	seams: [],
	wasteStart: 0,
	wasteWith: 'yarn',
	wasteEnd: 0,
	joinTails: 'weave'
};
/** The options of a garment with what means nothing to it filled in. */
export const wholeGarment = (options: Options): GarmentOptions =>
	({ ...PLAIN, ...options }) as GarmentOptions;

/** Options to begin with; undefined where the bench has no yarn. */
export function garmentDefaults(kind: GarmentKindId, bench: Bench): GarmentOptions | undefined {
	const yarn = bench.yarns[0];
	const second = kind === 'blanket' ? bench.yarns[1] : undefined;
	if (!yarn) return undefined;
	const yarns = [yarn.id, ...(second ? [second.id] : [])];
	return garmentOptions(kind).parse({
		...PLAIN,
		...STARTS[kind],
		recipe: kind,
		yarns
	}) as GarmentOptions;
}
