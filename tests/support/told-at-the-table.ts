import type {
	AssemblyStep,
	Edge,
	EdgeRef,
	StepKind,
	StepOf
} from '../../src/lib/core/assembly/assembly';
import type { Tail } from '../../src/lib/core/crank/tails';
import type { Plan, PlannedPiece } from '../../src/lib/core/plan';
import { doneAtTheTable, handEndsOf } from '../../src/lib/core/technique';
import type { TableStep, WorkKind, WorkStep } from '../../src/lib/core/technique/technique';
import { OffTheRing } from './off-the-ring';
import { printEstimate } from '../../src/lib/core/quantity/print';
import type { Token } from './tokens';

type Of<K extends WorkKind> = (
	work: WorkStep<K>,
	told: ToldAtTheTable,
	step: AssemblyStep
) => Token[];
type Truths = { readonly [K in WorkKind]?: Of<K> };

/** Lengths as sentences round them: to a tenth, and tails up to the next five. */
const cm = (x: number): Token => `cm ${x.toFixed(1).replace(/\.0$/, '')}`;
/** As many figures as its spread leaves it. */
const about = (e: { readonly mean: number; readonly sd: number }): Token => {
	const { value } = printEstimate({ ...e, basis: 'measured' }, 'length', 'cm');
	return `cm ${value.replace(/\.0$/, '')}`;
};
const up = (x: number): Token => `cm ${5 * Math.ceil(x / 5 - 1e-6)}`;
const several = (n: number, as: string): Token[] => (n > 1 ? [`${as} ${n}`] : []);
/** A ratio is said in whole numbers up to this. */
const MOST_PICK_UP = 8;
/** So many loops are drawn up, and not bound (from memory). */
const MOST_DRAWN_UP = 2;
/** How loops lie front on back: half with half, and one over where they are odd. */
const halves = (n: number): Token[] => [`loop ${Math.floor(n / 2)}`, `number ${Math.floor(n / 2)}`];

/** What a plan's table has, asked of fabric, assembly and bench: what sentences at the table are held to. */
export class ToldAtTheTable {
	readonly #rings = new Map<string, OffTheRing>();
	/** Kinds of work that nobody asserts. */
	readonly unasserted = new Set<string>();

	constructor(readonly plan: Plan) {}

	/** What a step should state; null where no truth is known of its kind. */
	of(work: TableStep): Token[] | null {
		const truth = TRUTHS[work.do] as Of<WorkKind> | undefined;
		if (truth) return truth(work as never, this, this.plan.assembly[work.from]!);
		this.unasserted.add(work.do);
		return null;
	}

	piece(id: string): PlannedPiece {
		return this.plan.pieces.find((p) => p.id === id)!;
	}
	/** The piece a work step is about. */
	about(step: AssemblyStep): PlannedPiece {
		return this.piece((step as StepOf<'gather'>).piece);
	}
	ring(id: string): OffTheRing {
		const p = this.piece(id);
		const known = this.#rings.get(id) ?? new OffTheRing(p.program, p.machine);
		this.#rings.set(id, known);
		return known;
	}
	/** Loops of a piece's first or last main row, as they came off the ring. */
	loops(id: string, edge: Edge): number {
		const ring = this.ring(id);
		const row = edge === 'cast-on' ? ring.wasteBefore : ring.rows - 1 - ring.wasteAfter;
		// Columns latched up from floats begin on no waste.
		return edge === 'cast-on' && ring.wasteBefore > 0
			? ring.pins(row).length
			: ring.loops(row).length -
					ring.inState(row, 'castOff').length * Number(edge === 'cast-off') -
					ring.inState(row, 'held').length * Number(edge === 'cast-off');
	}
	rows(id: string): number {
		const ring = this.ring(id);
		return ring.rows - ring.wasteBefore - ring.wasteAfter;
	}
	tail(id: string, which: Tail['id']): Token {
		return up(this.piece(id).tails.find((t) => t.id === which)!.lengthCm);
	}
	/** What draws an end up: the tail, and a strand of another yarn as long as the tail would be at its longest. */
	thread({ piece, edge }: StepOf<'gather'>): Token[] {
		const strand = this.piece(piece).strands.find((x) => x.edge === edge);
		if (!strand) return [this.tail(piece, edge)];
		return [up(strand.lengthCm), `yarn ${this.nameOf(strand.yarn)}`];
	}
	nameOf(yarn: number): string {
		return this.plan.yarns[yarn]!.colourName;
	}
	/** The number that a pin carries, counted round from that of the first. */
	no(id: string, pin: number): number {
		const { firstPin, pins } = this.piece(id).machine;
		let number = firstPin;
		for (let at = 1; at < pin; at++) number = number === pins ? 1 : number + 1;
		return number;
	}
	perCm(id: string): { readonly across: number; readonly along: number } {
		const p = this.piece(id);
		const gauge = p.gauges[p.runs[0]?.yarn ?? 0]!;
		return { across: gauge.stitchesPerCm.mean, along: gauge.rowsPerCm.mean };
	}
	/** The gauge that edges are drawn by: that of the yarn named first. */
	drawn(): { readonly across: number; readonly along: number } {
		const gauge = this.plan.pieces[0]!.gauges[0]!;
		return { across: gauge.stitchesPerCm.mean, along: gauge.rowsPerCm.mean };
	}
	copies(): number {
		return this.plan.pieces.reduce((t, p) => t + p.count, 0);
	}
	/** Both sides of an edge, as its pieces have it. */
	side(refs: readonly EdgeRef[]) {
		// Of each that is named one stretch; rows lie as the gauge has them, stitches too, and a slope as it was drawn.
		const { across, along } = this.drawn();
		const parts = refs.flatMap((r) => {
			const named = this.piece(r.piece).edges.filter(
				(e) => e.part === r.part && (r.side === undefined || e.side === r.side)
			);
			return named.find((e) => e.side === 'left' || e.side === 'right') ?? named[0] ?? [];
		});
		const sum = (of: (p: (typeof parts)[number]) => number) => parts.reduce((t, p) => t + of(p), 0);
		const cm = sum((p) =>
			p.stitches === 0 ? p.rows / along : p.rows === 0 ? p.stitches / across : p.cm
		);
		return { rows: sum((p) => p.rows), stitches: sum((p) => p.stitches), cm };
	}
	/** All stretches of an open edge, along the line as it is drawn. */
	open(refs: readonly EdgeRef[]) {
		const parts = refs.flatMap((r) =>
			this.piece(r.piece).edges.filter(
				(e) => e.part === r.part && (r.side === undefined || e.side === r.side)
			)
		);
		const sum = (of: (p: (typeof parts)[number]) => number) => parts.reduce((t, p) => t + of(p), 0);
		return { rows: sum((p) => p.rows), stitches: sum((p) => p.stitches), cm: sum((p) => p.cm) };
	}
	/** Ends that the table wove in, as it counted them itself. */
	woven(): number {
		const joinTails = this.plan.steps.some((s) => s.do === 'join-tails' && s.how === 'weave')
			? ('weave' as const)
			: ('tie' as const);
		const laid = { assembly: this.plan.assembly, pieces: this.plan.pieces, joinTails };
		return doneAtTheTable({ ...laid, joints: this.plan.joints, handEnds: handEndsOf(laid) }).woven;
	}
	joins(): number {
		return this.plan.pieces.reduce((t, p) => {
			const ring = this.ring(p.id);
			let joins = 0;
			for (let r = ring.wasteBefore + 1; r < ring.rows - ring.wasteAfter; r++)
				if (ring.yarn(r) !== ring.yarn(r - 1)) joins++;
			return t + joins * p.count;
		}, 0);
	}
}

const as = <K extends StepKind>(step: AssemblyStep): StepOf<K> => step as never;
const ladders = (t: ToldAtTheTable, piece: string): readonly number[] => {
	const drop = t.plan.assembly.find((s) => s.do === 'drop-ladders' && s.piece === piece);
	return drop?.do === 'drop-ladders' ? drop.pins : [];
};
const shrugSide = (t: ToldAtTheTable, step: AssemblyStep, joined: string, open: string) => {
	const { piece } = as<'latch-ladders'>(step);
	const of = (part: string) => t.piece(piece).edges.find((e) => e.part === part)!;
	const [a, b] = [of(joined).rows, of(open).rows];
	// As the rows lie: the clips are set by either.
	const { along: up } = t.perCm(piece);
	const { rowsPerCm } = t.piece(piece).gauges[0]!;
	const lies = (rows: number): Token =>
		about({ mean: rows / up, sd: (rows / up) * (rowsPerCm.sd / rowsPerCm.mean) });
	return { joined: a, open: b, joinedCm: lies(a), openCm: lies(b) };
};
const SAID_NOTHING = [
	'fix-pom',
	'gather',
	'hook-ends',
	'inside-out',
	'measure',
	'meet',
	'waste-off'
] as const;

const TRUTHS: Truths = {
	...Object.fromEntries(SAID_NOTHING.map((k) => [k, () => []])),
	attach: (_, t, step) => {
		const s = as<'attach'>(step);
		const copies = t.piece(s.piece).count;
		return [
			`row ${s.row}`,
			...(copies > (s.pair ? 2 : 1) ? [`number ${copies}`] : []),
			`loop ${t.loops(s.piece, 'cast-on')}`,
			cm(s.openCm)
		];
	},
	bind: (_, t, step) => {
		const s = as<'bind'>(step);
		const n = t.loops(s.piece, s.edge);
		const each = s.perLoop === 2 ? [`number ${2 * n}`] : [];
		const tail = s.perLoop === 2 ? [] : [t.tail(s.piece, s.edge)];
		return [`loop ${n}`, ...several(t.piece(s.piece).count, 'piece'), ...each, ...tail];
	},
	'bind-edge': (_, t, step) => {
		const s = as<'bind'>(step);
		const n = t.loops(s.piece, s.edge);
		const on = several(t.piece(s.piece).count, 'piece');
		// A few are drawn up by the tail, whatever it is long; one alone is the last loop.
		const few = n <= MOST_DRAWN_UP;
		return [...several(n, 'loop'), ...on, ...(few ? [] : [t.tail(s.piece, s.edge)])];
	},
	block: (_, t) => several(t.copies() > 2 ? t.copies() : 1, 'all'),
	border: (_, t, step) => {
		const s = as<'border'>(step);
		// Closed flat, front to back: half the loops of each tube lie along it.
		const n = s.pieces.reduce(
			(k, id) => k + Math.floor(t.loops(id, 'cast-on') / 2) * t.piece(id).count,
			0
		);
		const stitches =
			s.kind === 'double'
				? 2 * n
				: s.kind === 'repeat'
					? Math.max(1, Math.round(n / s.of)) * s.of
					: n;
		const how =
			s.kind === 'double'
				? ['number 2', `number ${n}`]
				: s.kind === 'repeat'
					? [`number ${stitches / s.of}`, `number ${s.of}`, `loop ${n}`]
					: [`loop ${n}`];
		return [`number ${stitches}`, ...how];
	},
	'clip-stations': (_, t, step) =>
		[shrugSide(t, step, 'sleeve', 'neck'), shrugSide(t, step, 'underside', 'body')].flatMap((x) =>
			x.joined === 0 || x.open === 0 ? [] : [x.joinedCm, `row ${x.joined}`, x.openCm]
		),
	'close-crown': (_, t, step) => halves(t.loops(as<'close-crown'>(step).piece, 'cast-on')),
	'close-flat': (w, t, step) => {
		const s = as<'close-flat'>(step);
		const { count } = t.piece(s.piece);
		const drop = ladders(t, s.piece);
		const n = t.loops(s.piece, s.edge) - drop.length;
		const on = several(count, w.name && !s.toe ? 'time' : 'piece');
		if (s.toe) return [`loop ${n}`, ...on, t.tail(s.piece, s.edge)];
		const left = s.edge === 'cast-off' ? drop.map((p) => `number ${t.no(s.piece, p)}`) : [];
		return [...on, ...halves(n), ...left, ...(s.how === 'loop' ? [] : [t.tail(s.piece, s.edge)])];
	},
	'close-held': (_, t, step) => {
		const { piece } = as<'close-held'>(step);
		const ring = t.ring(piece);
		const groups: number[] = [];
		let all = 0;
		for (let r = 0; r < ring.rows; r++) {
			const held = ring.inState(r, 'held').length;
			all += held;
			if (held >= 3) groups.push(held);
		}
		const tails = t.piece(piece).tails.filter((x) => x.use === 'chain-off');
		const said = [...new Set(groups)].flatMap((n) => [
			`number ${n}`,
			up(tails[groups.lastIndexOf(n)]!.lengthCm)
		]);
		const rest = all - groups.reduce((a, b) => a + b, 0);
		return [
			`stitch ${all}`,
			...several(t.piece(piece).count, 'piece'),
			...said,
			...(groups.length > 0 && rest > 0 ? [`number ${rest}`] : [])
		];
	},
	'crochet-edge': ({ count: c }, t, step) => {
		const s = as<'crochet-edge'>(step);
		const { across, along } = t.drawn();
		const times = several(s.times, 'time');
		if (s.repeat) {
			const n = Math.max(1, Math.round(s.repeat.loops / s.repeat.of)) * s.repeat.of;
			return [
				`number ${n}`,
				...times,
				`number ${s.repeat.loops}`,
				`number ${n}`,
				`number ${s.repeat.rounds}`,
				`number ${n / s.repeat.of}`,
				`number ${s.repeat.of}`,
				cm(s.repeat.loops / across)
			];
		}
		const edge = t.open(s.ends);
		// The ratio is the gauge's, within the small whole numbers it is said in.
		const atBound = Math.max(c.pickUp.stitches, c.pickUp.rows) === MOST_PICK_UP;
		if (!atBound && Math.abs(Math.log((c.pickUp.stitches / c.pickUp.rows / across) * along)) > 0.15)
			return ['a ratio unlike the gauge'];
		const inRows = Math.round((edge.rows * c.pickUp.stitches) / c.pickUp.rows);
		return [
			`number ${edge.stitches + inRows}`,
			...times,
			...(edge.stitches > 0 ? [`stitch ${edge.stitches}`] : []),
			...(edge.rows > 0
				? [
						`number ${c.pickUp.stitches}`,
						`row ${c.pickUp.rows}`,
						`number ${edge.rows}`,
						`number ${inRows}`
					]
				: []),
			cm(edge.cm)
		];
	},
	'draw-end': (_, t, step) => {
		const s = as<'gather'>(step);
		return [`loop ${t.loops(s.piece, s.edge)}`, ...several(t.piece(s.piece).count, 'time')];
	},
	'draw-tip': (_, t, step) => {
		const s = as<'gather'>(step);
		return [`loop ${t.loops(s.piece, s.edge)}`, ...several(t.about(step).count, 'number')];
	},
	drawstring: (_, t, step) => {
		const s = as<'drawstring'>(step);
		// A chain is 0.45 cm, from memory.
		return [`number ${s.chains}`, cm(s.chains * 0.45), ...several(t.piece(s.piece).count, 'time')];
	},
	'drop-ladders': (_, t, step) => {
		const s = as<'drop-ladders'>(step);
		return [
			...s.pins.map((p) => `number ${t.no(s.piece, p)}`),
			...several(t.piece(s.piece).count, 'piece'),
			`row ${t.rows(s.piece)}`
		];
	},
	eyes: (_, __, step) => several(as<'eyes'>(step).count, 'number'),
	'fold-bag': (_, __, step) => {
		const { missRows } = as<'fold-bag'>(step);
		return missRows === 0 ? [] : [`row ${Math.abs(missRows) / 2}`];
	},
	'gather-piece': (_, t, step) => {
		const s = as<'gather'>(step);
		const n = t.loops(s.piece, s.edge);
		// What came off onto its thread is counted there.
		const off = s.edge === 'cast-off' && t.ring(s.piece).wasteAfter === 0;
		return [
			`loop ${n}`,
			...several(t.piece(s.piece).count, 'time'),
			...t.thread(s),
			...(off ? [] : [`number ${n}`])
		];
	},
	handle: (_, t, step) => {
		const s = as<'handle'>(step);
		const rows = t.rows(s.piece);
		return [`row ${rows}`, cm(s.longCm), cm(s.wideCm)];
	},
	hang: (_, __, step) => {
		const s = as<'hang'>(step);
		return [
			`number ${s.pieces.length}`,
			cm(s.spacingCm),
			cm(s.cordCm),
			// A chain is so long (from memory).
			...(s.chain ? [`number ${Math.round(s.cordCm / 0.45)}`] : []),
			cm(s.loopCm),
			cm(s.spacingCm),
			cm(s.spanCm),
			cm(s.sagCm)
		];
	},
	hem: (_, t, step) => {
		const { piece } = as<'hem'>(step);
		// The row in which loops of the first one were knitted a second time.
		const ring = t.ring(piece);
		const first = ring.loops(ring.wasteBefore)[0]!;
		const hung = ring.fabric.hung[first]!;
		let row = 0;
		while (ring.fabric.rowStart[row + 1]! <= hung) row++;
		const rows = row - ring.wasteBefore;
		return [`row ${rows}`, `row ${rows / 2}`];
	},
	'join-ring': (_, t, step) => {
		const n = t.loops(as<'join-ring'>(step).piece, 'cast-on');
		return [`loop ${n}`, `number ${n}`];
	},
	'join-tails': (_, t) => several(t.joins(), 'number'),
	'latch-card': (_, __, step) => {
		const s = as<'latch-card'>(step);
		return [`number ${s.gaps}`, `column ${s.columns}`];
	},
	'latch-ladders': (_, t, step) => {
		const { piece } = as<'latch-ladders'>(step);
		const pins = ladders(t, piece);
		const between = Math.max(...pins) - Math.min(...pins) - 1;
		return [
			`number ${between}`,
			`stitch ${t.piece(piece).machine.pins - 2 - between}`,
			`number ${shrugSide(t, step, 'sleeve', 'neck').joined}`,
			`number ${shrugSide(t, step, 'underside', 'body').joined}`
		];
	},
	'latch-open': (_, t, step) => [
		`number ${shrugSide(t, step, 'sleeve', 'neck').open}`,
		`number ${shrugSide(t, step, 'underside', 'body').open}`
	],
	'pick-up': (_, t, step) => {
		const s = as<'gather'>(step);
		const n = t.loops(s.piece, s.edge);
		const named = typeof s.with === 'object' ? [`yarn ${t.nameOf(s.with.yarn)}`] : [];
		return [...named, `loop ${n}`, ...t.thread(s), `number ${n}`];
	},
	rest: (work, t, step) => {
		const { as: how } = as<'rest'>(step);
		// Panels beside tubes and cords are pinned out by a step of their own.
		const flat = (p: PlannedPiece) =>
			p.program.some((o) => o.op === 'work' && o.as === 'panel') &&
			!p.program.some((o) => o.op === 'cast-on' && o.holder !== undefined);
		const flags = work.as === 'flag' && how !== 'flag';
		const among = t.plan.pieces.filter(
			(p) => how === 'flag' || how === 'cord' || flat(p) === flags
		);
		const n = among.reduce((k, p) => k + p.count, 0);
		return several(n > 2 ? n : 1, 'all');
	},
	sew: ({ check: c }, t, step) => {
		const s = as<'sew'>(step);
		const [a, b] = [t.side(s.a), t.side(s.b)];
		const strand = up(1.5 * a.cm + 30);
		const times = several(s.times, 'time');
		const pair = (one: string, x: number, y: number) => [`${one} ${x}`, `number ${y}`];
		if (c.verdict === 'missing') return times;
		if (c.by === 'rows') {
			const diff = Math.abs(a.rows - b.rows);
			const every = diff === 0 ? 0 : Math.max(2, Math.round(Math.max(a.rows, b.rows) / diff));
			const eased = diff === 0 ? [] : [`row ${every}`, `number ${diff}`];
			return [...times, ...pair('row', a.rows, b.rows), ...eased, strand];
		}
		if (c.by === 'loops') {
			const diff = Math.abs(a.stitches - b.stitches);
			const many = diff > 1 ? [`stitch ${diff}`] : [];
			return [...times, ...pair('stitch', a.stitches, b.stitches), ...many, strand];
		}
		const diff = Math.abs(a.cm - b.cm);
		const ratio = c.pickUp ? [`stitch ${c.pickUp.stitches}`, `row ${c.pickUp.rows}`] : [];
		const apart = c.verdict === 'meets' ? [] : [cm(diff)];
		return [...times, cm(a.cm), cm(b.cm), ...apart, ...ratio, strand];
	},
	'sew-bag': (_, t, step) => {
		const s = as<'sew-bag'>(step);
		const wide = t.loops(s.piece, 'cast-on') / 2 / t.perCm(s.piece).across;
		return [`row ${s.middle}`, `row ${s.end}`, up(1.5 * wide + 30)];
	},
	'sew-on': (_, __, step) => several(as<'sew-on'>(step).count, 'number'),
	'side-by-side': (_, t, step) => {
		const s = as<'side-by-side'>(step);
		const rows = t.rows(s.pieces[0]!);
		const strand = up((1.5 * rows) / t.perCm(s.pieces[0]!).along + 30);
		return [`row ${rows}`, `number ${rows}`, ...several(s.times, 'time'), strand];
	},
	// How far a strap is usual is said beside its own (common practice).
	straps: (_, __, step) => [`number ${as<'straps'>(step).chains}`, 'number 50', 'number 70'],
	string: (_, t, step) => {
		const ids = as<'string'>(step).pieces;
		const flags = ids.reduce((n, id) => n + t.piece(id).count, 0);
		const wide = (id: string) => t.loops(id, 'cast-on') / t.perCm(id).across;
		return [`number ${flags}`, cm(ids.reduce((x, id) => x + t.piece(id).count * wide(id), 0))];
	},
	stuff: (_, t, step) => {
		const s = as<'stuff'>(step);
		return [
			...(s.nth > 0 ? [`number ${s.nth}`] : []),
			`g ${Math.round(s.grams)}`,
			...several(t.piece(s.piece).count, 'time'),
			...(s.cm3 > 0 ? [`cm³ ${Math.round(s.cm3)}`] : [])
		];
	},
	thumb: (_, t, step) => {
		const s = as<'thumb'>(step);
		const strand = t.piece(s.piece).program.find((o) => o.op === 'spare-strand')!;
		const n = strand.to - strand.from;
		return [
			`row ${s.atRow}`,
			`stitch ${n}`,
			...several(t.piece(s.piece).count, 'piece'),
			`stitch ${n}`,
			`loop ${2 * n}`
		];
	},
	'tie-cut': (_, __, step) => {
		const s = as<'tie-cut'>(step);
		return [...several(s.count, 'number'), up(s.tieCm), cm(s.cm)];
	},
	'tie-off': (_, t, step) => {
		const s = as<'tie-off'>(step);
		const ring = t.ring(s.piece);
		return [
			`row ${s.atRow}`,
			...several(t.piece(s.piece).count, 'time'),
			`stitch ${ring.loops(ring.wasteBefore + s.atRow - 1).length}`,
			`row ${s.atRow}`
		];
	},
	ties: (_, __, step) => [`number ${as<'ties'>(step).chains}`],
	tuck: (_, t, step) => {
		const s = as<'tuck'>(step);
		const rows = t.rows(s.piece);
		// Half the tube to either side of the fold.
		if (Math.abs(s.atRow - rows / 2) > 0.5) return ['a fold that is not half the tube'];
		const p = t.piece(s.piece);
		const long = p.runs.reduce((x, r) => x + (r.to - r.from) / p.gauges[r.yarn]!.rowsPerCm.mean, 0);
		const row = Number.isInteger(s.atRow) ? String(s.atRow) : s.atRow.toFixed(1);
		return [`row ${row}`, cm(long / 2)];
	},
	'turn-up': (_, __, step) => [cm(as<'turn-up'>(step).heightCm)],
	// A usual length to weave in (common practice: 2.5 to 4 cm).
	'weave-in': (_, t) => [`end ${t.woven()}`, 'cm 2.5', 'cm 4'],
	wind: (_, __, step) => {
		const s = as<'wind'>(step);
		return [...several(s.count, 'number'), `number ${s.wraps}`, cm(s.cardCm)];
	},
	zip: (_, t, step) => {
		const { piece } = as<'zip'>(step);
		const n = t.loops(piece, 'cast-on');
		return [`loop ${n}`, `number ${n}`, t.tail(piece, 'cast-off')];
	},
	'measure-tube': (_, t, step) => {
		const p = t.about(step);
		const long = p.runs.reduce((x, r) => x + (r.to - r.from) / p.gauges[r.yarn]!.rowsPerCm.mean, 0);
		const wide = t.loops(p.id, 'cast-on') / 2 / t.perCm(p.id).across;
		return [cm(long), cm(wide)];
	}
};
