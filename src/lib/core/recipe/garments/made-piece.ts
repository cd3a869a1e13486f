import { entryAt } from '../../quantity/sure';
import { edgeOfSide, panelPins, sideOfEdge } from '../../bench/machine/panel';
import type { Machine } from '../../model/bench';
import type { WiderWay } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { tubeProgram, type Program } from '../../program/program';
import {
	heightOf,
	mirrored,
	outlineProblem,
	type EdgePoint,
	type Side
} from '../../shaping/outline';
import { panelProgram, wasteFor, type Ladder } from '../../shaping/program';
import {
	mirroredSchedule,
	MOST_ROWS,
	scheduleOf,
	sizeOf,
	type Density,
	type PartCounts,
	type PieceSchedule,
	type Scheduled,
	type ShapeRules,
	type ShapeProblem
} from '../../shaping/schedule';
import { isSameGauge, typedSchedule, type TypedSchedule } from '../../shaping/typed';
import { laddered, ladderFor, ladderPins, widestAcross } from '../../shaping/wider';
import { repeated, sectionsOf, type Section } from '../../stripes/sections';
import { readStripes } from '../../stripes/stripe-line';
import { pieceParts } from './parts';
import type { CutContext, CutPiece } from './pattern';

/** A piece in stitches and rows, with what the machine is told. */
export interface MadePiece {
	readonly id: string;
	/** The piece of the drawing that it is, or is a panel of. */
	readonly of: string;
	readonly name: string;
	readonly count: number;
	readonly mirrorOf?: string;
	readonly cut: CutPiece;
	readonly way: WiderWay | 'whole';
	/** Null for a tube, and for what cannot be knitted. */
	readonly schedule: PieceSchedule | null;
	readonly problem: ShapeProblem | null;
	/** Cast on; and columns seen across with ladders latched up. */
	readonly stitches: number;
	readonly columns: number;
	readonly rows: number;
	readonly ladders: readonly Ladder[];
	/** Of a typed piece that is knitted whole: whether it is knitted as it was typed, and how many groups wait a row for the yarn. */
	readonly asTyped: { readonly exact: boolean; readonly waits: number } | null;
	/** Waste rows before the main yarn. */
	readonly waste: number;
	readonly parts: readonly PartCounts[];
	readonly program: Program;
}

export interface MakeContext {
	readonly machine: Machine;
	readonly density: Density;
}

export const cutContext = (
	options: GarmentOptions,
	{ machine, density }: MakeContext
): CutContext => ({
	density,
	pins: machine.pins,
	most: panelPins(machine, options.turn, 0).most
});

/** Rows of each yarn from the cast-on up, by the stripe line; one yarn where the piece has its own. */
export function sectionsFor(
	options: Pick<GarmentOptions, 'stripes' | 'yarns'>,
	piece: Pick<CutPiece, 'yarn'>,
	rows: number
): Section[] {
	if (piece.yarn !== undefined) return [{ yarn: piece.yarn, rows }];
	const read = readStripes(options.stripes, options.yarns.length);
	// Two letters of one yarn are one: there is nothing to join.
	const first = (letter: number) =>
		Math.max(0, options.yarns.indexOf(entryAt(options.yarns, letter)));
	const line = read.ok ? sectionsOf(read.line).map((s) => ({ ...s, yarn: first(s.yarn) })) : [];
	return line.length > 0 ? repeated(line, rows) : [{ yarn: 0, rows }];
}

export function tubePiece(
	options: GarmentOptions,
	cut: CutPiece,
	{ machine, density }: MakeContext
): MadePiece {
	const rows = Math.max(2, Math.round(heightOf(cut.outline) * density.rowsPerCm));
	const base = tubeProgram({
		sections: sectionsFor(options, cut, rows),
		wasteStart: options.wasteStart,
		wasteWith: options.wasteWith,
		wasteEnd: options.wasteEnd
	});
	const long = rows > MOST_ROWS;
	return {
		...named(cut),
		cut,
		way: 'whole',
		schedule: null,
		problem: long ? { code: 'too-long', rows, most: MOST_ROWS } : null,
		stitches: machine.pins,
		columns: machine.pins,
		rows,
		ladders: [],
		asTyped: null,
		waste: options.wasteStart,
		parts: pieceParts(cut, density, machine.pins),
		program: long ? [] : base
	};
}

const named = (cut: CutPiece) => ({
	id: cut.id,
	of: cut.id,
	name: cut.name,
	count: cut.count,
	...(cut.mirrorOf === undefined ? {} : { mirrorOf: cut.mirrorOf })
});

const sameEdge = (a: readonly EdgePoint[], b: readonly EdgePoint[]): boolean =>
	a.length === b.length &&
	a.every(
		(p, i) =>
			Math.abs(p.x - entryAt(b, i).x) < 1e-9 &&
			Math.abs(p.y - entryAt(b, i).y) < 1e-9 &&
			p.part === entryAt(b, i).part
	);

/** The schedule of a mirror image is that of what it mirrors, turned: worked out once for both hands. */
function scheduled(
	cut: CutPiece,
	made: readonly MadePiece[],
	density: Density,
	rules: ShapeRules
): Scheduled {
	const other = made.find((m) => m.id === cut.mirrorOf || m.cut.mirrorOf === cut.id);
	if (
		other?.schedule &&
		other.schedule.rules.yarnAt !== rules.yarnAt &&
		other.ladders.length === 0
	) {
		const image = mirrored(other.cut.outline);
		if (sameEdge(image.left, cut.outline.left) && sameEdge(image.right, cut.outline.right))
			return { ok: true, schedule: mirroredSchedule(other.schedule) };
	}
	return scheduleOf(cut.outline, density, rules);
}

/** A piece that does not fit the ring is no schedule; with ladders its columns come up afterwards, and it fits. */
function scheduleFor(
	cut: CutPiece,
	stitches: number,
	{ ladders, most, density }: { ladders: boolean; most: number; density: Density },
	worked: () => Scheduled
): Scheduled {
	if (ladders || stitches <= most || outlineProblem(cut.outline)) return worked();
	const widestCm = widestAcross(most) / density.stitchesPerCm;
	return { ok: false, problem: { code: 'no-room', stitches, most, widestCm } };
}

const rulesFor = (
	{ shaping, edgeStitches = 1 }: Pick<GarmentOptions, 'shaping' | 'edgeStitches'>,
	{ seam }: CutPiece,
	yarnAt: Side
): ShapeRules => ({ shaping, edgeStitches, seam, yarnAt });

/** A typed piece as it stands, where the gauge is its own; undefined for what has to be worked anew. */
function typedFor(
	{ typed, outline }: CutPiece,
	way: MadePiece['way'],
	density: Density,
	rules: ShapeRules
): TypedSchedule | undefined {
	return typed && way === 'whole' && isSameGauge(typed, density)
		? typedSchedule(typed, outline, rules)
		: undefined;
}

export interface PanelPiece {
	readonly cut: CutPiece;
	readonly way: MadePiece['way'];
	/** What is made already: a mirror image is worked out once for both hands. */
	readonly made?: readonly MadePiece[];
}

export function panelPiece(
	options: GarmentOptions,
	{ cut, way, made = [] }: PanelPiece,
	context: MakeContext
): MadePiece {
	const { machine, density } = context;
	const { most } = cutContext(options, context);
	const yarnAt = cut.yarnAt ?? sideOfEdge('low', machine);
	const full = sizeOf(cut.outline, density, cut.seam);
	// With ladders fewer stitches are cast on; their columns come up afterwards.
	const pins = way === 'ladders' ? ladderFor(full.stitches, most, options.card) : null;
	const rules = rulesFor(options, cut, yarnAt);
	const typed = typedFor(cut, way, density, rules);
	const found = scheduleFor(
		cut,
		typed && cut.typed ? cut.typed.castOn : full.stitches,
		{ ladders: way === 'ladders', most, density },
		() => typed ?? scheduled(cut, made, density, rules)
	);
	const whole = found.ok ? found.schedule : null;
	const schedule = whole && pins !== null ? { ...whole, stitches: pins, remaining: pins } : whole;
	const ladders =
		pins === null
			? []
			: ladderPins(pins, options.card.every).map((p) => ({
					after: p - 1,
					columns: options.card.columns
				}));
	return {
		...named(cut),
		cut,
		way,
		schedule,
		problem: found.ok ? null : found.problem,
		stitches: pins ?? whole?.stitches ?? full.stitches,
		columns:
			pins === null
				? (whole?.stitches ?? full.stitches)
				: laddered(pins, options.card.columns, options.card.every),
		rows: whole?.rows ?? full.rows,
		ladders,
		asTyped:
			cut.typed && way === 'whole'
				? { exact: typed !== undefined, waits: typed?.ok ? typed.waits : 0 }
				: null,
		waste: wasteFor(edgeOfSide(yarnAt, machine), options.wasteStart),
		parts: typed?.ok ? typed.schedule.parts : pieceParts(cut, density, machine.pins),
		program: schedule
			? panelProgram(schedule, {
					machine,
					turn: options.turn,
					wasteStart: options.wasteStart,
					wasteWith: options.wasteWith,
					sections: sectionsFor(options, cut, schedule.rows),
					ladders,
					wasteEnd: options.wasteEnd
				})
			: []
	};
}
