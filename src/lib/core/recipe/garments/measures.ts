import type { GarmentKindId, Measure } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { BODY } from '../../bench/size/body';
import { SHRUG_MEASURES, shrugMeasures, USUAL_SHRUG } from './shrug-sums';

/** Where a measure comes from: set by the maker, the table, what is usual for the others, or a sum with them. */
export type MeasureFrom = 'own' | 'table' | 'usual' | 'sum';
export interface MeasureOf {
	readonly cm: number;
	readonly from: MeasureFrom;
}

const BODY_MEASURES: readonly Measure[] = [
	'chest',
	'length',
	'armhole',
	'crossBack',
	'neck',
	'neckDrop',
	'shoulderDrop'
];
const SLEEVE_MEASURES: readonly Measure[] = ['upperArm', 'wrist', 'sleeve'];

/** Which measures each kind is made by, in the order they are asked. */
export const MEASURES_OF: Record<GarmentKindId, readonly Measure[]> = {
	rectangle: ['width', 'height'],
	strap: ['width', 'height'],
	blanket: ['width', 'height'],
	'seamed-tube': ['around', 'height'],
	mitts: ['around', 'height', 'thumbFrom', 'thumbGap'],
	shrug: [...SHRUG_MEASURES],
	vest: [...BODY_MEASURES, 'upperArm', 'head'],
	cardigan: [...BODY_MEASURES, 'band', ...SLEEVE_MEASURES],
	jacket: [...BODY_MEASURES, 'band', ...SLEEVE_MEASURES],
	sweater: [...BODY_MEASURES, ...SLEEVE_MEASURES, 'head'],
	'free-garment': []
};

/** The measures that tell in its options as it is: a sleeve that is set in has no wrist of its own, a tube no width. */
export const askedOf = (options: GarmentOptions): Measure[] =>
	MEASURES_OF[options.recipe].filter((m) => {
		if (m === 'crossBack') return options.armhole === 'set-in';
		if (m === 'shoulderDrop') return options.shoulder === 'sloped';
		if (m === 'wrist') return options.armhole === 'drop' && options.sleeves === 'panel';
		return m !== 'band' || options.edging !== 'none';
	});

/** Usual sizes of what has no body, cm (from memory). */
const PLAIN: Partial<Record<GarmentKindId, Partial<Record<Measure, number>>>> = {
	rectangle: { width: 24, height: 30 },
	strap: { width: 5, height: 70 },
	blanket: { width: 20, height: 20 },
	'seamed-tube': { around: 36, height: 18 },
	mitts: { around: 19, height: 16, thumbFrom: 7, thumbGap: 4 },
	shrug: USUAL_SHRUG
};

/** Share of the cross back that the neck takes, the shoulders the rest (from memory). */
const NECK_SHARE = 0.4;
/** Fall of a shoulder over the cross back (from memory). */
const SLOPE_SHARE = 0.09;
/** A round neck falls half its width and a little; a V to the armhole (from memory). */
const ROUND_DROP = 0.55;
/** Share of a round neck's half width that comes off at once, and of its drop that runs straight up: as `body.ts` cuts it. */
const AT_ONCE = 0.4;
const STRAIGHT = 0.3;
/** A knitted neck stretches by so much over a head (from memory). */
export const NECK_STRETCH = 1.25;
/** Edges come out on whole stitches and rows: so much more is asked, cm. */
const ROUNDING_CM = 1;
/** Round an armhole there is at least this much more than round the arm; a shirt goes under it, cm (from memory). */
export const ARMHOLE_EASE_CM = 6;
const half = (cm: number): number => Math.ceil(2 * cm) / 2;

/** Along one half of a round neck's front edge, cm: in, a quarter of an ellipse, and up (Ramanujan's first formula). */
function roundEdge(halfCm: number, dropCm: number): number {
	const [a, b] = [halfCm * (1 - AT_ONCE), dropCm * (1 - STRAIGHT)];
	const whole = Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
	return halfCm * AT_ONCE + whole / 4 + dropCm * STRAIGHT;
}

/** A round neck's drop: the usual, or as deep as lets the head through where one has to go through; no deeper than the armhole. */
function roundDrop(options: GarmentOptions, neck: number, headCm: number, armhole: number): number {
	const usual = Math.max(4, neck * ROUND_DROP);
	if (!MEASURES_OF[options.recipe].includes('head') || options.from === 'flat') return usual;
	const edge = (headCm / NECK_STRETCH + ROUNDING_CM - neck) / 2;
	let drop = usual;
	while (drop < armhole && roundEdge(neck / 2, drop) < edge) drop += 0.5;
	return drop;
}
const BAND_CM = 3;
/** A jacket is longer by this share, its band wider (from memory). */
const JACKET_LONGER = 1.1;
const JACKET_BAND_CM = 4;
/** Round the upper arm the sleeve is wider than the arm by at least this, cm (from memory). */
export const ARM_EASE_CM = 4;

/** Every measure of its options before ease: what the maker set, else the table's, else what is usual for it. */
export function measuresOf(options: GarmentOptions): Record<Measure, MeasureOf> {
	const body = BODY[options.size];
	const plain = PLAIN[options.recipe] ?? {};
	const jacket = options.recipe === 'jacket';
	const set = options.measures;
	const cross = set.crossBack ?? body.crossBack;
	// Round an armhole there is room for the arm and a shirt, whatever the table says of its depth.
	const deep = Math.max(body.armhole, half((body.upperArm + ARMHOLE_EASE_CM) / 2));
	const armhole = set.armhole ?? (options.from === 'flat' ? body.armhole : deep);
	const neck = set.neck ?? cross * NECK_SHARE;
	const usual: Record<Measure, number> = {
		width: 24,
		height: 30,
		around: 36,
		thumbFrom: 7,
		thumbGap: 4,
		...USUAL_SHRUG,
		chest: body.chest,
		length: body.length * (jacket ? JACKET_LONGER : 1),
		armhole,
		crossBack: body.crossBack,
		neck,
		neckDrop:
			options.neck === 'v' ? armhole : roundDrop(options, neck, set.head ?? body.head, armhole),
		shoulderDrop: cross * SLOPE_SHARE,
		band: jacket ? JACKET_BAND_CM : BAND_CM,
		upperArm: body.upperArm,
		wrist: body.wrist,
		sleeve: body.sleeve,
		head: body.head,
		...plain
	};
	const inTable = new Set<Measure>([
		'chest',
		'armhole',
		'crossBack',
		'upperArm',
		'wrist',
		'sleeve',
		'length',
		'head'
	]);
	const entries = (Object.keys(usual) as Measure[]).map((m): [Measure, MeasureOf] => {
		const own = set[m];
		if (own !== undefined) return [m, { cm: own, from: 'own' }];
		const tabled =
			inTable.has(m) &&
			!(m in plain) &&
			!(jacket && m === 'length') &&
			!(m === 'armhole' && usual.armhole !== body.armhole);
		return [m, { cm: usual[m], from: tabled ? 'table' : 'usual' }];
	});
	const found = Object.fromEntries(entries) as Record<Measure, MeasureOf>;
	return options.recipe === 'shrug' ? { ...found, ...shrugMeasures(set) } : found;
}

/** A measure of one piece, with its own departure where it has one. */
export const measureFor = (
	options: GarmentOptions,
	all: Record<Measure, MeasureOf>,
	piece: string,
	measure: Measure
): number =>
	options.alone.find((a) => a.piece === piece && a.measure === measure)?.cm ?? all[measure].cm;

/** Ease is added to a body, and is in a garment measured flat already. */
export const easeOf = (options: GarmentOptions): number =>
	options.from === 'flat' ? 0 : options.ease;
/** Ease round an arm goes with that round the body, a third of it, never less than a sleeve needs (from memory). */
export const armEaseOf = (options: GarmentOptions): number =>
	options.from === 'flat' ? 0 : Math.max(ARM_EASE_CM, options.ease / 3);

/** Whether its front is open, with bands or edges along it. */
export const hasBands = (options: Pick<GarmentOptions, 'recipe'>): boolean =>
	options.recipe === 'cardigan' || options.recipe === 'jacket';
