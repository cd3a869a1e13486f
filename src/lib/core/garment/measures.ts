import type { GarmentKindId, Measure } from '../model/kinds';
import type { GarmentWish } from '../model/wish';
import { BODY } from '../size/body';

/** Where a measure comes from: set by the maker, the table, or what is usual for the others. */
export type MeasureFrom = 'own' | 'table' | 'usual';
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
	shrug: ['span', 'neckOpen'],
	vest: [...BODY_MEASURES, 'upperArm', 'head'],
	cardigan: [...BODY_MEASURES, 'band', ...SLEEVE_MEASURES],
	jacket: [...BODY_MEASURES, 'band', ...SLEEVE_MEASURES],
	sweater: [...BODY_MEASURES, ...SLEEVE_MEASURES, 'head'],
	'free-garment': []
};

/** The measures that tell in a wish as it is: a sleeve that is set in has no wrist of its own, a tube no width. */
export const askedOf = (wish: GarmentWish): Measure[] =>
	MEASURES_OF[wish.recipe].filter((m) => {
		if (m === 'crossBack') return wish.armhole === 'set-in';
		if (m === 'shoulderDrop') return wish.shoulder === 'sloped';
		if (m === 'wrist') return wish.armhole === 'drop' && wish.sleeves === 'panel';
		return m !== 'band' || wish.edging !== 'none';
	});

/** Usual sizes of what has no body, cm (from memory). */
const PLAIN: Partial<Record<GarmentKindId, Partial<Record<Measure, number>>>> = {
	rectangle: { width: 24, height: 30 },
	strap: { width: 5, height: 70 },
	blanket: { width: 20, height: 20 },
	'seamed-tube': { around: 36, height: 18 },
	mitts: { around: 19, height: 16, thumbFrom: 7, thumbGap: 4 },
	// 40 in from below one elbow to below the other, 12 in of it the neck (common practice).
	shrug: { span: 101.6, neckOpen: 30.5 }
};

/** Share of the cross back that the neck takes, the shoulders the rest (from memory). */
const NECK_SHARE = 0.4;
/** Fall of a shoulder over the cross back (from memory). */
const SLOPE_SHARE = 0.09;
/** A round neck falls half its width and a little; a V to the armhole (from memory). */
const ROUND_DROP = 0.55;
const BAND_CM = 3;
/** A jacket is longer by this share, its band wider (from memory). */
const JACKET_LONGER = 1.1;
const JACKET_BAND_CM = 4;
/** Round the upper arm the sleeve is wider than the arm by at least this, cm (from memory). */
export const ARM_EASE_CM = 4;

/** Every measure of a wish before ease: what the maker set, else the table's, else what is usual for it. */
export function measuresOf(wish: GarmentWish): Record<Measure, MeasureOf> {
	const body = BODY[wish.size];
	const plain = PLAIN[wish.recipe] ?? {};
	const jacket = wish.recipe === 'jacket';
	const set = wish.measures;
	const cross = set.crossBack ?? body.crossBack;
	const armhole = set.armhole ?? body.armhole;
	const neck = set.neck ?? cross * NECK_SHARE;
	const usual: Record<Measure, number> = {
		width: 24,
		height: 30,
		around: 36,
		thumbFrom: 7,
		thumbGap: 4,
		span: 101.6,
		neckOpen: 30.5,
		chest: body.chest,
		length: body.length * (jacket ? JACKET_LONGER : 1),
		armhole: body.armhole,
		crossBack: body.crossBack,
		neck,
		neckDrop: wish.neck === 'v' ? armhole : Math.max(4, neck * ROUND_DROP),
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
		const tabled = inTable.has(m) && !(m in plain) && !(jacket && m === 'length');
		return [m, { cm: usual[m], from: tabled ? 'table' : 'usual' }];
	});
	return Object.fromEntries(entries) as Record<Measure, MeasureOf>;
}

/** A measure of one piece, with its own departure where it has one. */
export const measureFor = (
	wish: GarmentWish,
	all: Record<Measure, MeasureOf>,
	piece: string,
	measure: Measure
): number =>
	wish.alone.find((a) => a.piece === piece && a.measure === measure)?.cm ?? all[measure].cm;

/** Ease is added to a body, and is in a garment measured flat already. */
export const easeOf = (wish: GarmentWish): number => (wish.from === 'flat' ? 0 : wish.ease);
/** Ease round an arm goes with that round the body, a third of it, never less than a sleeve needs (from memory). */
export const armEaseOf = (wish: GarmentWish): number =>
	wish.from === 'flat' ? 0 : Math.max(ARM_EASE_CM, wish.ease / 3);
