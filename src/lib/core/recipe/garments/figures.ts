import { entryAt, last } from '../../quantity/sure';
import type { YarnAmount } from '../../crank/amount';
import type { MadeGarment } from './make';
import { askedOf, hasBands, measuresOf, type MeasureOf } from './measures';
import { partCm } from './sleeve';
import { betweenLadders, ladderPinsOf } from './shrug';
import { size, type Size } from '../../assembly/size';
import type { Gauge } from '../../bench/gauge/gauge';
import type { Machine } from '../../model/bench';
import type { Measure } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { estimate, exact, quotient, scale, type Estimate } from '../../quantity/estimate';
import { figure, own, worked, type Figure, type Term } from '../../quantity/working';
import { cardFor, type Card } from '../../shaping/wider';

/** What comes of panels, beyond its pieces on the machine. */
export interface Panels {
	readonly made: MadeGarment;
	readonly measures: Readonly<Record<Measure, MeasureOf>>;
	readonly asked: readonly Measure[];
	/** Round the body as finished, round one armhole, and round the neck; cm; null for what has none. */
	readonly body: BodyFigures | null;
	/** Between the two ladders of a shrug's tubes, and what is joined over each shoulder and under each arm, cm. */
	readonly shrug: {
		readonly between: readonly [number, number];
		readonly overCm: number;
		readonly underCm: number;
	} | null;
	readonly card: Card | null;
}

export interface BodyFigures {
	/** Front bands and all; of it the bands. */
	readonly chestCm: number;
	readonly bandCm: number;
	readonly armholeCm: number;
	/** Round the sleeve where it is widest; null for none. */
	readonly sleeveCm: number | null;
	readonly armCm: number;
	readonly neckCm: number;
	readonly neckWidthCm: number;
	/** One shoulder seam. */
	readonly shoulderCm: number;
}

interface Input {
	readonly options: GarmentOptions;
	readonly made: MadeGarment;
	readonly machine: Machine;
	readonly gauge: Gauge;
}

const sum = (list: readonly number[]): number => list.reduce((t, x) => t + x, 0);

function bodyFigures(
	options: GarmentOptions,
	made: MadeGarment,
	measures: Record<Measure, MeasureOf>
): BodyFigures | null {
	const drawn = (id: string) => made.drawn.pieces.find((p) => p.id === id);
	const [back, front] = [drawn('back-left'), drawn('front-right')];
	if (!back || !front) return null;
	const width = (p: {
		outline: { left: readonly { x: number }[]; right: readonly { x: number }[] };
	}) => entryAt(p.outline.right, 0).x - entryAt(p.outline.left, 0).x;
	const band = hasBands(options) && options.edging !== 'none' ? measures.band.cm : 0;
	const sleeve = drawn('sleeve');
	const backNeck = last(back.outline.right).x - last(back.outline.left).x;
	const shoulder = made.pieces
		.filter((p) => p.of === 'back-left')
		.flatMap((p) => p.parts)
		.filter((p) => p.part === 'shoulder');
	return {
		chestCm: 2 * width(back) + 2 * width(front) + band,
		bandCm: band,
		armholeCm: partCm(back.outline.left, 'armhole') + partCm(front.outline.left, 'armhole'),
		sleeveCm: sleeve ? (sleeve.tube ? 2 : 1) * width(sleeve) : null,
		armCm: measures.upperArm.cm,
		neckCm: 2 * backNeck + 2 * partCm(front.outline.right, 'neck'),
		neckWidthCm: 2 * backNeck,
		shoulderCm: sum(shoulder.map((p) => p.cm))
	};
}

export function panelsOf({ options, made, machine, gauge }: Input): Panels {
	const measures = measuresOf(options);
	const shrug = options.recipe === 'shrug' ? made.drawn.pieces[0] : undefined;
	const laddered = made.pieces.some((p) => p.ladders.length > 0);
	const span = measures.span.cm;
	return {
		made,
		measures,
		asked: askedOf(options),
		body: bodyFigures(options, made, measures),
		shrug: shrug
			? {
					between: betweenLadders(ladderPinsOf(options, machine.pins), machine.pins),
					overCm: (span - Math.min(span, measures.neckOpen.cm)) / 2,
					underCm: (span - Math.min(span, measures.bodyOpen.cm)) / 2
				}
			: null,
		card: laddered
			? cardFor(
					options.card.columns,
					options.card.by === 'loops' && gauge.loopCm.basis !== 'estimated'
						? { pitchCm: machine.ringCm / machine.pins, loopCm: gauge.loopCm.mean }
						: { pitchCm: machine.ringCm / machine.pins },
					options.card.mm / 10
				)
			: null
	};
}

/** A length of so many stitches or rows with the spread of the gauge behind it. */
const spread = (cm: number, per: Estimate): Estimate =>
	estimate(cm, Math.abs(cm) * (per.sd / per.mean), per.basis);

const FROM = { table: 'from the table', usual: 'the usual', sum: 'what the others leave' } as const;

/** How the sizes of one plan are put into figures: each with the line of arithmetic behind it. */
function figuresBy({ measures }: Panels, gauge: Gauge) {
	const [across, up] = [gauge.stitchesPerCm, gauge.rowsPerCm];
	const term = (density: Estimate, kind: 'row-density' | 'stitch-density'): Term => ({
		value: density.mean,
		kind,
		label: density.basis === 'estimated' ? 'guessed gauge' : 'your gauge',
		own: density.basis !== 'estimated'
	});
	const perStitch = term(across, 'stitch-density');
	const perRow = term(up, 'row-density');
	return {
		across,
		up,
		perStitch,
		perRow,
		rows: (label: string, rows: number): Figure =>
			figure(label, 'length', quotient(exact(rows), up), [
				worked(rows, 'rows', 'rows'),
				'÷',
				perRow
			]),
		columns: (label: string, columns: number): Figure =>
			figure(label, 'length', quotient(exact(columns), across), [
				worked(columns, 'stitches', 'across, seams done'),
				'÷',
				perStitch
			]),
		measure: (m: Measure): Term => {
			const { cm, from } = measures[m];
			return from === 'own' ? own(cm, 'length', 'set by you') : worked(cm, 'length', FROM[from]);
		}
	};
}
type By = ReturnType<typeof figuresBy>;

/** Columns of a piece that are left to be seen. */
const netOf = (p: MadeGarment['pieces'][number]): number =>
	p.columns - p.cut.seam.left - p.cut.seam.right;

/** Sizes of a body that are known by a name of their own: what is changed most often once it is sewn. */
function namedSizes(body: BodyFigures, { drawn }: MadeGarment, by: By): Size[] {
	const { across, up } = by;
	const sleeve = drawn.pieces.find((p) => p.id === 'sleeve');
	const under = sleeve && partCm(sleeve.outline.left, 'side');
	const one = (id: string, label: string, { cm, per, of }: Along): Size[] =>
		cm > 0 ? [size(id, figure(label, 'length', spread(cm, per), [worked(cm, 'length', of)]))] : [];
	const { neckWidthCm, shoulderCm } = body;
	return [
		...one('neck', 'Neck, across the back', {
			cm: neckWidthCm,
			per: across,
			of: 'between the shoulder seams'
		}),
		...one('shoulder', 'One shoulder seam', {
			cm: shoulderCm,
			per: across,
			of: 'neck to armhole'
		}),
		...one('sleeve-long', 'Sleeve, underarm to cuff', {
			cm: under ?? 0,
			per: up,
			of: 'along its seam'
		})
	];
}
interface Along {
	readonly cm: number;
	readonly per: Estimate;
	readonly of: string;
}

function bodySizes(body: BodyFigures, { pieces }: MadeGarment, by: By): Figure[] {
	const { across, up, perStitch } = by;
	const round = Math.round((body.chestCm - body.bandCm) * across.mean);
	const back = pieces.filter((p) => p.of === 'back-left').map((p) => p.rows);
	return [
		figure('Round the body, finished', 'length', spread(body.chestCm, across), [
			worked(round, 'stitches', 'round, seams done'),
			'÷',
			perStitch,
			...(body.bandCm > 0 ? ['+', worked(body.bandCm, 'length', 'band')] : [])
		]),
		by.rows('Length, hem to neck', Math.max(...back)),
		figure('Round one armhole', 'length', spread(body.armholeCm, up), [
			worked(body.armholeCm, 'length', 'back and front')
		]),
		...(body.sleeveCm === null
			? []
			: [by.columns('Round the sleeve, widest', Math.round(body.sleeveCm * across.mean))])
	];
}

function blanketSizes({ layout }: GarmentOptions, { pieces }: MadeGarment, by: By): Figure[] {
	const first = pieces[0];
	const [net, rows] = first ? [netOf(first), first.rows] : [0, 0];
	return [
		figure('Width', 'length', scale(quotient(exact(net), by.across), layout.across), [
			own(layout.across, 'plain', 'panels'),
			'×',
			worked(net, 'stitches', 'each, seams done'),
			'÷',
			by.perStitch
		]),
		figure('Height', 'length', scale(quotient(exact(rows), by.up), layout.down), [
			own(layout.down, 'plain', 'panels'),
			'×',
			worked(rows, 'rows', 'each'),
			'÷',
			by.perRow
		])
	];
}

const shrugSizes = (
	shrug: NonNullable<Panels['shrug']>,
	{ pieces }: MadeGarment,
	by: By
): Figure[] => [
	by.rows('Elbow to elbow', pieces[0]?.rows ?? 0),
	figure('Joined over each shoulder', 'length', spread(shrug.overCm, by.up), [
		'(',
		by.measure('span'),
		'−',
		by.measure('neckOpen'),
		') ÷',
		worked(2, 'plain', 'shoulders')
	]),
	by.columns('Width of one tube, flat', Math.max(...shrug.between)),
	figure('Joined under each arm', 'length', spread(shrug.underCm, by.up), [
		'(',
		by.measure('span'),
		'−',
		by.measure('bodyOpen'),
		') ÷',
		worked(2, 'plain', 'arms')
	])
];

/** One straight piece, or the panels it is sewn of. */
function flatSizes({ pieces }: MadeGarment, by: By): Figure[] {
	const first = pieces[0];
	if (!first) return [];
	const panels = pieces.filter((p) => p.of === first.of);
	const net = sum(panels.map(netOf));
	return first.way === 'sideways'
		? [by.rows('Width', first.rows), by.columns('Height', net)]
		: [by.columns('Width', net), by.rows('Height', Math.max(...panels.map((p) => p.rows)))];
}

/** Sizes of the finished thing with the line of arithmetic behind each. */
export function panelSizes(options: GarmentOptions, shape: Panels, gauge: Gauge): Size[] {
	const { body, shrug, made } = shape;
	const by = figuresBy(shape, gauge);
	const found = body
		? bodySizes(body, made, by)
		: options.recipe === 'blanket'
			? blanketSizes(options, made, by)
			: shrug
				? shrugSizes(shrug, made, by)
				: flatSizes(made, by);
	return [
		...found.map((f, i) => size(`size-${i + 1}`, f)),
		...(body ? namedSizes(body, made, by) : [])
	];
}

/** Weight of the body over its two shoulder seams, g per cm; null for what has none. */
export const shoulderLoad = (shape: Panels, amounts: readonly YarnAmount[]): number | null => {
	const { body } = shape;
	if (!body || body.shoulderCm <= 0) return null;
	return sum(amounts.map((a) => a.grams.value.mean)) / (2 * body.shoulderCm);
};
