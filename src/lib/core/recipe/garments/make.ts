import { at } from '../../quantity/sure';
import { edgeOfSide, panelPins, sideOfEdge } from '../../bench/machine/panel';
import type { Machine } from '../../model/bench';
import type { WiderWay } from '../../model/kinds';
import type { GarmentWish } from './options';
import { tubeProgram, type Program } from '../../program/program';
import {
	edgeAt,
	heightOf,
	mirrored,
	outlineProblem,
	SIDES,
	type EdgePoint,
	type Outline
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
import {
	laddered,
	ladderFor,
	ladderPins,
	waysWider,
	widestAcross,
	type Wider
} from '../../shaping/wider';
import { readStripes, repeated, sectionsOf, type Section } from '../../stripes/stripe-line';
import { excessOf, loadOf, type Excess } from '../../program/load';
import { cutOut } from './cut';
import { pieceParts } from './parts';
import type { EdgeRef } from '../../assembly/assembly';
import type { CutContext, CutPiece, Pattern } from './pattern';
import { fitToMachine } from './split';

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
	/** Waste rows before the main yarn. */
	readonly waste: number;
	readonly parts: readonly PartCounts[];
	readonly program: Program;
}

export interface Made {
	/** As drawn: whole pieces. */
	readonly drawn: Pattern;
	/** As knitted: pieces that fit the machine. */
	readonly pattern: Pattern;
	readonly pieces: readonly MadePiece[];
	/** For one straight piece: the ways to its width, where it is wider than the machine. */
	readonly wider: readonly Wider[];
	readonly most: number;
	/** Too much to be worked out: then there are no pieces. */
	readonly excess: Excess | null;
}

export interface MakeContext {
	readonly machine: Machine;
	readonly density: Density;
}

export const cutContext = (wish: GarmentWish, { machine, density }: MakeContext): CutContext => ({
	density,
	pins: machine.pins,
	most: panelPins(machine, wish.turn, 0).most
});

const isStraight = (o: Outline): boolean =>
	SIDES.every((s) => o[s].every((p) => Math.abs(p.x - at(o[s], 0).x) < 1e-9));

/** Kinds that are one straight piece: extension ladders and turning are open to them. */
const STRAIGHT_KINDS: readonly GarmentWish['recipe'][] = ['rectangle', 'strap', 'seamed-tube'];

/** Where a side of a straight piece lies once it is turned. */
const TURNED: Record<NonNullable<EdgeRef['side']>, Pick<EdgeRef, 'part' | 'side'>> = {
	left: { part: 'hem', side: 'bottom' },
	right: { part: 'side', side: 'top' },
	top: { part: 'top', side: 'right' },
	bottom: { part: 'hem', side: 'left' }
};
const turnedEnd = (end: EdgeRef): EdgeRef => ({
	...end,
	...TURNED[end.side ?? (end.part === 'hem' ? 'bottom' : 'top')]
});

/** A straight piece turned: its width is knitted as rows. */
function turned(o: Outline): Outline {
	const [w, h] = [edgeAt(o.right, 0) - edgeAt(o.left, 0), heightOf(o)];
	return {
		left: [
			{ x: 0, y: 0, part: 'hem' },
			{ x: 0, y: w }
		],
		right: [
			{ x: h, y: 0, part: 'top' },
			{ x: h, y: w }
		],
		top: 'side'
	};
}

/** A pattern of straight pieces, turned: its seams and edges speak of the same places. */
const turnedPattern = (p: Pattern): Pattern => ({
	// What was sewn at the sides is sewn at the first and last rows now, and takes no edge stitch.
	pieces: p.pieces.map((x) => ({ ...x, outline: turned(x.outline), seam: { left: 0, right: 0 } })),
	seams: p.seams.map((s) => ({ ...s, a: s.a.map(turnedEnd), b: s.b.map(turnedEnd) })),
	edges: p.edges.map((e) => ({ ...e, ends: e.ends.map(turnedEnd) }))
});

/** Rows of each yarn from the cast-on up, by the stripe line; one yarn where the piece has its own. */
export function sectionsFor(
	wish: Pick<GarmentWish, 'stripes' | 'yarns'>,
	piece: Pick<CutPiece, 'yarn'>,
	rows: number
): Section[] {
	if (piece.yarn !== undefined) return [{ yarn: piece.yarn, rows }];
	const read = readStripes(wish.stripes, wish.yarns.length);
	const line = read.ok ? sectionsOf(read.line) : [];
	return line.length > 0 ? repeated(line, rows) : [{ yarn: 0, rows }];
}

function tubePiece(wish: GarmentWish, cut: CutPiece, { machine, density }: MakeContext): MadePiece {
	const rows = Math.max(2, Math.round(heightOf(cut.outline) * density.rowsPerCm));
	const base = tubeProgram({
		sections: sectionsFor(wish, cut, rows),
		wasteStart: wish.wasteStart,
		wasteWith: wish.wasteWith,
		wasteEnd: wish.wasteEnd
	});
	// The stitches that become ladders fall when all rows are knitted.
	const cutAt = base.findIndex((o) => o.op === 'cut');
	const drops = (cut.drops ?? [])
		.filter((p) => p <= machine.pins)
		.map((p) => ({ op: 'drop', pin: p - 1 }) as const);
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
		waste: wish.wasteStart,
		parts: pieceParts(cut, density, machine.pins),
		program: long ? [] : [...base.slice(0, cutAt), ...drops, ...base.slice(cutAt)]
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
			Math.abs(p.x - at(b, i).x) < 1e-9 &&
			Math.abs(p.y - at(b, i).y) < 1e-9 &&
			p.part === at(b, i).part
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

function panelPiece(
	wish: GarmentWish,
	cut: CutPiece,
	way: MadePiece['way'],
	context: MakeContext,
	made: readonly MadePiece[] = []
): MadePiece {
	const { machine, density } = context;
	const yarnAt = cut.yarnAt ?? sideOfEdge('low', machine.turns);
	const rules = { shaping: wish.shaping, seam: cut.seam, yarnAt };
	const full = sizeOf(cut.outline, density, cut.seam);
	// With ladders fewer stitches are cast on; their columns come up afterwards.
	const pins =
		way === 'ladders' ? ladderFor(full.stitches, cutContext(wish, context).most, wish.card) : null;
	const { most } = cutContext(wish, context);
	const found: Scheduled =
		way !== 'ladders' && full.stitches > most && !outlineProblem(cut.outline)
			? {
					ok: false,
					problem: {
						code: 'no-room',
						stitches: full.stitches,
						most,
						widestCm: widestAcross(most) / density.stitchesPerCm
					}
				}
			: scheduled(cut, made, density, rules);
	const schedule =
		found.ok && pins !== null
			? { ...found.schedule, stitches: pins, remaining: pins }
			: found.ok
				? found.schedule
				: null;
	const ladders =
		pins === null
			? []
			: ladderPins(pins, wish.card.every).map((p) => ({
					after: p - 1,
					columns: wish.card.columns
				}));
	const waste = wasteFor(edgeOfSide(yarnAt, machine.turns), wish.wasteStart);
	return {
		...named(cut),
		cut,
		way,
		schedule,
		problem: found.ok ? null : found.problem,
		stitches: pins ?? full.stitches,
		columns: pins === null ? full.stitches : laddered(pins, wish.card.columns, wish.card.every),
		rows: full.rows,
		ladders,
		waste,
		parts: pieceParts(cut, density, machine.pins),
		program: schedule
			? panelProgram(schedule, {
					machine,
					turn: wish.turn,
					wasteStart: wish.wasteStart,
					wasteWith: wish.wasteWith,
					sections: sectionsFor(wish, cut, schedule.rows),
					ladders,
					wasteEnd: wish.wasteEnd
				})
			: []
	};
}

/** Whether a pattern is too much to be worked out, from its outlines and its stripe line alone. */
function excessFor(wish: GarmentWish, pattern: Pattern, density: Density): Excess | null {
	return excessOf(
		loadOf(
			pattern.pieces.map((p) => {
				const { stitches, rows } = sizeOf(p.outline, density, p.seam);
				// What is too long is said of its piece, and not laid out.
				const laid = Math.min(rows, MOST_ROWS);
				return { rows: laid, stitches, joins: sectionsFor(wish, p, laid).length - 1 };
			})
		)
	);
}

/** All pieces of a wish, each fitted to the machine by the way chosen where it is too wide. */
export function makePieces(wish: GarmentWish, context: MakeContext): Made {
	const { density } = context;
	const cutting = cutContext(wish, context);
	const drawn = cutOut(wish, cutting);
	const { most } = cutting;
	const one = drawn.pieces[0];
	const straight =
		STRAIGHT_KINDS.includes(wish.recipe) && one !== undefined && isStraight(one.outline);
	const tooWide = (p: CutPiece) => !p.tube && sizeOf(p.outline, density, p.seam).stitches > most;
	const wider =
		straight && tooWide(one)
			? waysWider(
					{
						widthCm: edgeAt(one.outline.right, 0) - edgeAt(one.outline.left, 0),
						heightCm: heightOf(one.outline)
					},
					density,
					most,
					wish.card
				)
			: [];
	const chosen = wider.find((w) => w.way === wish.wide)?.way ?? 'panels';
	if (wider.length > 0 && chosen !== 'panels') {
		const pattern = chosen === 'sideways' ? turnedPattern(drawn) : drawn;
		const excess = excessFor(wish, pattern, density);
		const pieces = excess ? [] : pattern.pieces.map((p) => panelPiece(wish, p, chosen, context));
		return { drawn, pattern, pieces, wider, most, excess };
	}
	const fitted = fitToMachine(drawn, density, most);
	const excess = excessFor(wish, fitted.pattern, density);
	const pieces: MadePiece[] = [];
	for (const p of excess ? [] : fitted.pattern.pieces) {
		if (p.tube) pieces.push(tubePiece(wish, p, context));
		else {
			const of = fitted.of.get(p.id) ?? p.id;
			const way = of === p.id ? 'whole' : 'panels';
			pieces.push({ ...panelPiece(wish, p, way, context, pieces), of });
		}
	}
	return { drawn, pattern: fitted.pattern, pieces, wider, most, excess };
}
