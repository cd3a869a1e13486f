import type { YarnAmount } from '../crank/amount';
import { cutContext, sectionsFor, type Made, type MadePiece } from './make';
import { askedOf, measuresOf, type MeasureOf } from './measures';
import { hasBands } from './body';
import { MOST_CUT, repairOf, type Repair } from './seams';
import type { Joint } from '../assembly/joint';
import { partCm } from './sleeve';
import { betweenLadders, ladderPinsOf } from './simple';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine, Yarn } from '../model/bench';
import type { Measure } from '../model/kinds';
import type { GarmentWish } from '../model/wish';
import { estimate, exact, quotient, scale, type Estimate } from '../quantity/estimate';
import { figure, own, worked, type Figure, type Term } from '../quantity/working';
import { stitchesByRow } from '../shaping/schedule';
import { cardFor, type Card } from '../shaping/wider';

/** What a garment is, beyond its pieces on the machine. */
export interface GarmentShape {
	readonly made: Made;
	readonly measures: Readonly<Record<Measure, MeasureOf>>;
	readonly asked: readonly Measure[];
	/** By the seam's id, where it does not meet and something mends it. */
	readonly repairs: Readonly<Record<string, Repair>>;
	/** Round the body as finished, round one armhole, and round the neck; cm; null for what has none. */
	readonly body: BodyFigures | null;
	/** Between the two ladders of a shrug's tubes, and what is joined over each shoulder, cm. */
	readonly shrug: {
		readonly between: readonly [number, number];
		readonly overCm: number;
	} | null;
	readonly card: Card | null;
	readonly totals: Totals;
	/** Yarn of one of each piece, by its place in the list of yarns used; tails apart. */
	readonly pieceYarn: readonly PieceYarn[];
}

export interface PieceYarn {
	readonly piece: string;
	readonly yarn: number;
	readonly metres: Estimate;
	readonly grams: Estimate;
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

export interface Totals {
	readonly pieces: number;
	readonly stitches: number;
	readonly seams: number;
	readonly seamCm: number;
	readonly ends: number;
	/** Ends that stripes leave; in one colour they are not there. */
	readonly joinEnds: number;
}

export interface GarmentFigures {
	readonly size: readonly Figure[];
	readonly stitches: Figure;
	readonly seams: Figure;
	readonly ends: Figure;
}

interface Input {
	readonly wish: GarmentWish;
	readonly made: Made;
	readonly machine: Machine;
	readonly yarns: readonly Pick<Yarn, 'metresPer100g'>[];
	readonly gauges: readonly Gauge[];
	readonly seams: readonly Joint[];
	/** Ends of yarn of all pieces, and those that joins leave. */
	readonly ends: { readonly all: number; readonly joins: number };
}

const sum = (list: readonly number[]): number => list.reduce((t, x) => t + x, 0);

function bodyFigures(
	wish: GarmentWish,
	made: Made,
	measures: Record<Measure, MeasureOf>
): BodyFigures | null {
	const drawn = (id: string) => made.drawn.pieces.find((p) => p.id === id);
	const [back, front] = [drawn('back-left'), drawn('front-right')];
	if (!back || !front) return null;
	const width = (p: {
		outline: { left: readonly { x: number }[]; right: readonly { x: number }[] };
	}) => p.outline.right[0]!.x - p.outline.left[0]!.x;
	const band = hasBands(wish) && wish.edging !== 'none' ? measures.band.cm : 0;
	const sleeve = drawn('sleeve');
	const backNeck = back.outline.right.at(-1)!.x - back.outline.left.at(-1)!.x;
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

/** Copies of a piece on the machine, in stitches. */
const knitted = (p: MadePiece): number => {
	const off = p.schedule
		? sum(
				[...p.schedule.left.takes, ...p.schedule.right.takes].map(
					(t) => t.stitches * (p.rows - t.row)
				)
			)
		: 0;
	const columns = p.columns - p.stitches;
	return p.count * ((p.stitches + columns) * p.rows - off);
};

/** Yarn in the stitches of one of a piece, by yarn. */
function yarnOfPiece(
	wish: GarmentWish,
	piece: MadePiece,
	yarns: Input['yarns'],
	gauges: readonly Gauge[]
): PieceYarn[] {
	const ids = [...new Set(wish.yarns)];
	const on = piece.schedule ? stitchesByRow(piece.schedule) : null;
	const extra = piece.columns - piece.stitches;
	const loops = new Map<number, number>();
	let row = 0;
	for (const s of sectionsFor(wish, piece.cut, piece.rows)) {
		const yarn = ids.indexOf(wish.yarns[s.yarn]!);
		let n = 0;
		for (let i = 0; i < s.rows; i++, row++) n += (on ? (on[row] ?? 0) : piece.stitches) + extra;
		loops.set(yarn, (loops.get(yarn) ?? 0) + n);
	}
	return [...loops].map(([yarn, n]) => {
		const metres = scale(gauges[yarn]!.loopCm, n / 100);
		const grams = scale(metres, 100 / yarns[yarn]!.metresPer100g);
		return { piece: piece.id, yarn, metres, grams };
	});
}

export function garmentShape({
	wish,
	made,
	machine,
	yarns,
	gauges,
	seams,
	ends
}: Input): GarmentShape {
	const gauge = gauges[0]!;
	const density = { stitchesPerCm: gauge.stitchesPerCm.mean, rowsPerCm: gauge.rowsPerCm.mean };
	const measures = measuresOf(wish);
	const context = cutContext(wish, { machine, density });
	const repairs: Record<string, Repair> = {};
	// What ails both hands alike is mended alike, unless it is one piece that departs.
	const alike = new Map<string, Repair | null>();
	const tries = { left: MOST_CUT };
	for (const check of seams) {
		if (check.verdict !== 'off') continue;
		const ail = `${check.kind} ${check.by} ${check.diff.toFixed(3)}`;
		const known = alike.get(ail);
		const repair = known === undefined ? repairOf(wish, check, context, tries) : known;
		if (repair?.do !== 'together') alike.set(ail, repair);
		if (repair) repairs[check.id] = repair;
	}
	const shrug = wish.recipe === 'shrug' ? made.drawn.pieces[0] : undefined;
	const laddered = made.pieces.some((p) => p.ladders.length > 0);
	const span = measures.span.cm;
	return {
		made,
		measures,
		asked: askedOf(wish),
		repairs,
		body: bodyFigures(wish, made, measures),
		shrug: shrug
			? {
					between: betweenLadders(ladderPinsOf(wish, machine.pins), machine.pins),
					overCm: (span - Math.min(span, measures.neckOpen.cm)) / 2
				}
			: null,
		card: laddered
			? cardFor(
					wish.card.columns,
					wish.card.by === 'loops' && gauge.loopCm.basis !== 'estimated'
						? { pitchCm: machine.ringCm / machine.pins, loopCm: gauge.loopCm.mean }
						: { pitchCm: machine.ringCm / machine.pins },
					wish.card.mm / 10
				)
			: null,
		pieceYarn: made.pieces.flatMap((p) => yarnOfPiece(wish, p, yarns, gauges)),
		totals: {
			pieces: sum(made.pieces.map((p) => p.count)),
			stitches: sum(made.pieces.map(knitted)),
			seams: sum(seams.map((c) => c.times)),
			seamCm: sum(seams.map((c) => c.times * Math.max(c.a.cm, c.b.cm))),
			ends: ends.all,
			joinEnds: ends.joins
		}
	};
}

/** A length of so many stitches or rows with the spread of the gauge behind it. */
const spread = (cm: number, per: Estimate): Estimate =>
	estimate(cm, Math.abs(cm) * (per.sd / per.mean), per.basis);

/** Sizes of the finished thing with the line of arithmetic behind each. */
export function garmentFigures(
	wish: GarmentWish,
	shape: GarmentShape,
	gauge: Gauge
): GarmentFigures {
	const { body, measures, totals, made } = shape;
	const [across, up] = [gauge.stitchesPerCm, gauge.rowsPerCm];
	const term = (of: Estimate, kind: 'row-density' | 'stitch-density'): Term => ({
		value: of.mean,
		kind,
		label: of.basis === 'estimated' ? 'guessed gauge' : 'your gauge',
		own: of.basis !== 'estimated'
	});
	const rowsOf = (label: string, rows: number): Figure =>
		figure(label, 'length', quotient(exact(rows), up), [
			worked(rows, 'rows', 'rows'),
			'÷',
			term(up, 'row-density')
		]);
	const across_ = (label: string, columns: number): Figure =>
		figure(label, 'length', quotient(exact(columns), across), [
			worked(columns, 'stitches', 'across, seams done'),
			'÷',
			term(across, 'stitch-density')
		]);
	const measure = (m: Measure): Term => {
		const { cm, from } = measures[m];
		return from === 'own'
			? own(cm, 'length', 'set by you')
			: worked(cm, 'length', from === 'table' ? 'from the table' : 'the usual');
	};
	const size: Figure[] = [];
	const first = made.pieces[0];
	if (body) {
		size.push(
			figure('Round the body, finished', 'length', spread(body.chestCm, across), [
				worked(
					Math.round((body.chestCm - body.bandCm) * across.mean),
					'stitches',
					'round, seams done'
				),
				'÷',
				term(across, 'stitch-density'),
				...(body.bandCm > 0 ? ['+', worked(body.bandCm, 'length', 'band')] : [])
			]),
			rowsOf(
				'Length, hem to neck',
				Math.max(...made.pieces.filter((p) => p.of === 'back-left').map((p) => p.rows))
			),
			figure('Round one armhole', 'length', spread(body.armholeCm, up), [
				worked(body.armholeCm, 'length', 'back and front')
			])
		);
		if (body.sleeveCm !== null)
			size.push(across_('Round the sleeve, widest', Math.round(body.sleeveCm * across.mean)));
	} else if (wish.recipe === 'blanket') {
		const { layout } = wish;
		const net = first ? first.columns - first.cut.seam.left - first.cut.seam.right : 0;
		size.push(
			figure('Width', 'length', scale(quotient(exact(net), across), layout.across), [
				own(layout.across, 'plain', 'panels'),
				'×',
				worked(net, 'stitches', 'each, seams done'),
				'÷',
				term(across, 'stitch-density')
			]),
			figure('Height', 'length', scale(quotient(exact(first?.rows ?? 0), up), layout.down), [
				own(layout.down, 'plain', 'panels'),
				'×',
				worked(first?.rows ?? 0, 'rows', 'each'),
				'÷',
				term(up, 'row-density')
			])
		);
	} else if (shape.shrug) {
		size.push(
			rowsOf('Elbow to elbow', first?.rows ?? 0),
			figure('Joined over each shoulder', 'length', spread(shape.shrug.overCm, up), [
				'(',
				measure('span'),
				'−',
				measure('neckOpen'),
				') ÷',
				worked(2, 'plain', 'shoulders')
			]),
			across_('Width of one tube, flat', Math.max(...shape.shrug.between))
		);
	} else if (first) {
		const panels = made.pieces.filter((p) => p.of === first.of);
		const sideways = first.way === 'sideways';
		const net = sum(panels.map((p) => p.columns - p.cut.seam.left - p.cut.seam.right));
		size.push(
			sideways ? rowsOf('Width', first.rows) : across_('Width', net),
			sideways ? across_('Height', net) : rowsOf('Height', Math.max(...panels.map((p) => p.rows)))
		);
	}
	return {
		size,
		stitches: figure(
			'Stitches in all',
			'stitches',
			exact(totals.stitches),
			made.pieces.flatMap((p, i) => [
				...(i > 0 ? ['+'] : []),
				worked(knitted(p), 'stitches', p.count > 1 ? `${p.name}, ${p.count}` : p.name)
			])
		),
		seams: figure('Seams to sew', 'length', spread(totals.seamCm, up), [
			worked(totals.seams, 'plain', totals.seams === 1 ? 'seam' : 'seams'),
			'×',
			worked(totals.seamCm / Math.max(1, totals.seams), 'length', 'each, on average')
		]),
		ends: figure('Ends to weave in', 'ends', exact(totals.ends), [
			worked(2 * totals.pieces, 'ends', 'two of each piece'),
			...(totals.joinEnds > 0 ? ['+', worked(totals.joinEnds, 'ends', 'where colours join')] : [])
		])
	};
}

/** Weight of the body over its two shoulder seams, g per cm; null for what has none. */
export const shoulderLoad = (
	shape: GarmentShape,
	amounts: readonly YarnAmount[]
): number | null => {
	const { body } = shape;
	if (!body || body.shoulderCm <= 0) return null;
	return sum(amounts.map((a) => a.grams.value.mean)) / (2 * body.shoulderCm);
};
