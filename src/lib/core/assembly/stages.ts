import { at as entryAt, last } from '../quantity/sure';
import type { YarnRun } from '../simulate/fabric';
import type { Assembly, AssemblyStep, Edge } from './assembly';
import { foldsOf, lay, type Laid } from './layers';

/** Places in cm. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** Across the tube at one row: from edge to edge of the face one looks at. */
export interface Rung {
	/** Main rows before it; may be half-way through a row. */
	readonly row: number;
	readonly a: Point;
	readonly b: Point;
}

/** The fabric between two rungs, of one yarn. */
export interface Band {
	readonly yarn: number;
	readonly layer: number;
	readonly faceOut: boolean;
	/** How far it lies in shadow, 0 to 1. */
	readonly shade: number;
}

/** Something drawn over the fabric. */
export interface Trim {
	readonly kind: 'seam' | 'bound' | 'chain' | 'slit' | 'gather';
	readonly points: readonly Point[];
}

/** The tube as it lies after one step. Every stage of a plan has the same rungs and bands in the same order. */
export interface Stage {
	/** The assembly step it is after, by its place; -1 for the tube as it comes off the machine. */
	readonly step: number;
	readonly rungs: readonly Rung[];
	/** One fewer than rungs. */
	readonly bands: readonly Band[];
	readonly trims: readonly Trim[];
}

export interface StageInput {
	readonly runs: readonly YarnRun[];
	/** Rows per cm of each yarn index. */
	readonly rowsPerCm: readonly number[];
	/** Width lying flat, cm. */
	readonly widthCm: number;
	readonly assembly: Assembly;
	/** Height of a brim turned up, flat, cm. */
	readonly brimCm: number;
	/** Lying with the cast-on at the left, or hanging with it up or down. */
	readonly hangs: 'lying' | 'cast-on-up' | 'cast-on-down';
}

/** Rungs are no further apart than this share of the tube, and close together where an end is drawn up. */
const STEPS = 48;
const STEPS_AT_AN_END = 14;
/** A ring is seen from a little above: its depth is so much of its width. */
const RING_DEPTH = 0.32;
/** A toe is drawn in to so much of the width before it is whipped, over so many cm. */
const TOE = { width: 2 / 3, overCm: 2.5 };
const CHAIN_CM = 0.45;

interface Wall {
	readonly lengthCm: number;
	readonly cmAt: (row: number) => number;
	readonly rows: readonly number[];
}

function wallOf({ runs, rowsPerCm, widthCm, assembly, brimCm }: StageInput): Wall {
	let at = 0;
	const parts = runs.map((r) => {
		const from = at;
		at += (r.to - r.from) / entryAt(rowsPerCm, r.yarn);
		return { ...r, fromCm: from };
	});
	const lengthCm = at;
	const total = runs.at(-1)?.to ?? 0;
	const cmAt = (row: number) => {
		const part = parts.find((p) => row <= p.to) ?? last(parts);
		return part.fromCm + (row - part.from) / entryAt(rowsPerCm, part.yarn);
	};
	// Rungs at every change of yarn and every fold, else evenly; closer at the ends.
	const end = Math.min(total / 2, ((widthCm * Math.PI) / 4 / Math.max(0.01, lengthCm)) * total);
	const even = (from: number, to: number, most: number) => {
		const n = Math.max(1, Math.min(most, Math.ceil(to - from)));
		return Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n);
	};
	const rowAt = (cm: number) => {
		const part = parts.findLast((p) => cm >= p.fromCm) ?? entryAt(parts, 0);
		return part.from + (cm - part.fromCm) * entryAt(rowsPerCm, part.yarn);
	};
	// A brim is folded where it turns, in both layers.
	const tuck = foldsOf(assembly).find((f) => f.id === 'tuck');
	const folds = foldsOf(assembly, brimCm, cmAt).flatMap((f) =>
		f.id === 'turn-up' && tuck
			? [rowAt(f.line), rowAt(2 * cmAt(tuck.line) - f.line)]
			: [rowAt(f.line)]
	);
	const rows = [
		...even(0, end, STEPS_AT_AN_END),
		...even(end, total - end, STEPS),
		...even(total - end, total, STEPS_AT_AN_END),
		...runs.map((r) => r.from),
		...folds
	]
		.map((r) => Math.round(r * 1000) / 1000)
		.filter((r) => r >= 0 && r <= total)
		.sort((a, b) => a - b);
	return { lengthCm, cmAt, rows: [...new Set(rows)] };
}

interface State {
	readonly folds: AssemblyStep[];
	readonly insideOut: boolean;
	readonly gathered: ReadonlySet<Edge>;
	readonly toe: Edge | null;
	/** Laid round; with a half turn or without. */
	readonly ring: 'plain' | 'twist' | null;
	readonly trims: readonly AssemblyStep[];
}

const START: State = {
	folds: [],
	insideOut: false,
	gathered: new Set(),
	toe: null,
	ring: null,
	trims: []
};

/** What a step does to the state of the tube. */
function after(state: State, s: AssemblyStep): State {
	switch (s.do) {
		case 'tuck':
		case 'hem':
		case 'turn-up':
			return { ...state, folds: [...state.folds, s] };
		case 'inside-out':
			return { ...state, insideOut: !state.insideOut };
		case 'gather':
			return {
				...state,
				gathered: new Set([...state.gathered, s.edge]),
				trims: [...state.trims, s]
			};
		case 'zip':
			return { ...state, gathered: new Set(s.edges), trims: [...state.trims, s] };
		case 'join-ring':
		case 'hook-ends':
			return {
				...state,
				ring: s.do === 'join-ring' && s.twist ? 'twist' : 'plain',
				trims: [...state.trims, s]
			};
		case 'close-flat':
			return { ...state, toe: s.toe ? s.edge : state.toe, trims: [...state.trims, s] };
		default:
			return { ...state, trims: [...state.trims, s] };
	}
}

/** Along a quarter circle of arc `arcCm`, `cm` from its pole: how far from the pole along the axis, and how wide. */
function dome(cm: number, arcCm: number): { along: number; wide: number } {
	const angle = (Math.min(cm, arcCm) / arcCm) * (Math.PI / 2);
	const radius = (2 * arcCm) / Math.PI;
	return { along: radius * (1 - Math.cos(angle)), wide: Math.sin(angle) };
}

/** What is done without the tube looking any different. */
const UNSEEN: readonly AssemblyStep['do'][] = ['rest', 'join-tails', 'weave-in', 'measure'];

/** The stages from the tube off the machine to the finished thing, one for each step that changes how it looks. */
export function stagesOf(input: StageInput): Stage[] {
	const wall = wallOf(input);
	let state = START;
	const stages = [stageOf(input, wall, state, -1)];
	for (const [i, s] of input.assembly.entries()) {
		if (UNSEEN.includes(s.do)) continue;
		state = after(state, s);
		stages.push(stageOf(input, wall, state, i));
	}
	return stages;
}

function stageOf(input: StageInput, wall: Wall, state: State, step: number): Stage {
	const { widthCm, brimCm, runs } = input;
	const { lengthCm, cmAt, rows } = wall;
	const folds = foldsOf(state.folds, brimCm, cmAt);
	const cms = rows.map(cmAt);
	const laid = lay(cms, folds, state.insideOut);
	// An end is drawn up as far as half the tube is wide; a fold before that keeps its width.
	const lines = folds.filter((f) => f.id !== 'turn-up').map((f) => f.line);
	const hem = state.folds.find((s) => s.do === 'hem');
	const hung = hem?.do === 'hem' ? cmAt(hem.rows) : 0;
	const arc = Math.min(
		lengthCm / 2,
		(widthCm * Math.PI) / 4,
		...(hem ? [lengthCm - hung] : lines.map((l) => Math.min(l, lengthCm - l)))
	);
	const shrunk = arc - (2 * arc) / Math.PI;
	const whole = { from: 0, to: lengthCm };
	/** Where along the axis, and how wide as a share, a point of the wall is. */
	const placed = (cm: number, l: Pick<Laid, 'at'>): { u: number; wide: number } => {
		let u = l.at;
		let wide = 1;
		for (const edge of state.gathered) {
			const pole = edge === 'cast-on' ? whole.from : whole.to;
			const off = Math.abs(cm - pole);
			if (off >= arc) continue;
			const d = dome(off, arc);
			const poleAt = entryAt(lay([pole], folds), 0).at;
			const inward = Math.sign(l.at - poleAt) || (poleAt <= lengthCm / 2 ? 1 : -1);
			u = poleAt + inward * (shrunk + d.along);
			wide = Math.min(wide, d.wide);
		}
		if (state.toe) {
			const off = Math.abs(cm - (state.toe === 'cast-on' ? whole.from : whole.to));
			if (off < TOE.overCm) wide = Math.min(wide, TOE.width + ((1 - TOE.width) * off) / TOE.overCm);
		}
		return { u, wide };
	};
	const axis = axisOf(input, lengthCm);
	const ring = ringOf(lengthCm, widthCm, state.ring === 'twist');
	const across = (cm: number, l: Pick<Laid, 'at'>): Pick<Rung, 'a' | 'b'> => {
		if (state.ring) return ring(cm).rung;
		const { u, wide } = placed(cm, l);
		return axis(u, wide);
	};
	const rungs = rows.map((row, i): Rung => ({ row, ...across(entryAt(cms, i), entryAt(laid, i)) }));
	// All at once: what lies over what is known only of the whole.
	const middles = rows.slice(1).map((to, i) => (entryAt(rows, i) + to) / 2);
	const between = lay(middles.map(cmAt), folds, state.insideOut);
	const bands = middles.map((middle, i): Band => {
		const yarn = runs.find((r) => middle >= r.from && middle < r.to)?.yarn ?? 0;
		const { layer, faceOut } = entryAt(between, i);
		if (!state.ring) return { yarn, layer, faceOut, shade: 0 };
		// The far half of a ring shows its inside; the sides turn away from the light.
		const { turn } = ring(cmAt(middle));
		const near = Math.sin(turn) > 0;
		return {
			yarn,
			layer: near ? 1 : 0,
			faceOut,
			shade: near ? 0.34 * Math.cos(turn) ** 2 : 0.45
		};
	});
	const trims = state.trims.flatMap((s) => trimOf(s, { across, cmAt, lengthCm, folds, input }));
	return { step, rungs, bands, trims };
}

/** From a place along the axis and a width to the two ends of a rung. */
function axisOf({ hangs, widthCm }: StageInput, lengthCm: number) {
	return (u: number, wide: number): { a: Point; b: Point } => {
		const [low, high] = [(widthCm * (1 - wide)) / 2, (widthCm * (1 + wide)) / 2];
		if (hangs === 'lying') return { a: { x: u, y: low }, b: { x: u, y: high } };
		const y = hangs === 'cast-on-up' ? u : lengthCm - u;
		return { a: { x: low, y }, b: { x: high, y } };
	};
}

/** A half turn is made over so much of the way round on either side of the seam, radians. */
const TWIST_OVER = 0.7;

/**
 * Laid round to a ring of the tube's own length, seen a little from above. The ends meet at the back; with a half turn at
 * the front, where it is to be seen: there the edges cross.
 */
function ringOf(lengthCm: number, widthCm: number, twist: boolean) {
	const radius = lengthCm / (2 * Math.PI);
	return (cm: number): { turn: number; rung: Pick<Rung, 'a' | 'b'> } => {
		const round = (2 * Math.PI * cm) / lengthCm;
		const turn = round + (twist ? 0.5 : -0.5) * Math.PI;
		const x = lengthCm / 2 - radius * Math.cos(turn);
		const y = radius * RING_DEPTH * Math.sin(turn);
		const off = Math.min(round, 2 * Math.PI - round);
		const tilt = twist && off < TWIST_OVER ? (1 - off / TWIST_OVER) * (Math.PI / 2) : 0;
		const half = (widthCm / 2) * Math.cos(tilt);
		const middle = y + widthCm / 2;
		return { turn, rung: { a: { x, y: middle - half }, b: { x, y: middle + half } } };
	};
}

interface TrimContext {
	readonly across: (cm: number, l: Pick<Laid, 'at'>) => Pick<Rung, 'a' | 'b'>;
	readonly cmAt: (row: number) => number;
	readonly lengthCm: number;
	readonly folds: ReturnType<typeof foldsOf>;
	readonly input: StageInput;
}

const along = (a: Point, b: Point, t: number): Point => ({
	x: a.x + (b.x - a.x) * t,
	y: a.y + (b.y - a.y) * t
});

/** What a step leaves to be seen: seams, bound edges, chains, a slit. */
function trimOf(s: AssemblyStep, c: TrimContext): Trim[] {
	const at = (cm: number) => c.across(cm, entryAt(lay([cm], c.folds), 0));
	const end = (edge: Edge) => at(edge === 'cast-on' ? 0 : c.lengthCm);
	const { a: topA, b: topB } = at(0);
	/** A chain from one point to another, what it is longer than the way bowed out towards `to`. */
	const bowed = (from: Point, to: Point, cm: number, out: Point): Point[] => {
		const span = Math.hypot(to.x - from.x, to.y - from.y);
		const bow = Math.sqrt(Math.max(0, cm * cm - span * span)) * 0.45;
		return Array.from({ length: 17 }, (_, i) => {
			const p = along(from, to, i / 16);
			const far = bow * (1 - (2 * (i / 16) - 1) ** 2);
			return { x: p.x + out.x * far, y: p.y + out.y * far };
		});
	};
	switch (s.do) {
		case 'close-flat':
			return [{ kind: 'seam', points: Object.values(end(s.edge)) }];
		case 'close-crown':
			return [{ kind: 'seam', points: Object.values(end(s.edges[0])) }];
		case 'bind':
			return [{ kind: 'bound', points: Object.values(end(s.edge)) }];
		case 'gather': {
			const { a, b } = end(s.edge);
			return [{ kind: 'gather', points: [along(a, b, 0.5)] }];
		}
		case 'zip': {
			const { a, b } = end(s.edges[0]);
			return [{ kind: 'gather', points: [along(a, b, 0.5)] }];
		}
		case 'join-ring':
		case 'hook-ends': {
			// At the back only what looks out over the front is seen of it.
			const { a, b } = at(0);
			const inside = (c.lengthCm / Math.PI) * RING_DEPTH;
			const shown = s.do === 'join-ring' && s.twist ? b.y : Math.min(b.y, a.y + inside);
			return [{ kind: 'seam', points: [a, { x: b.x, y: shown }] }];
		}
		case 'ties':
			return [0, c.lengthCm].map((cm): Trim => {
				const { a, b } = at(cm);
				const [p, q] = [along(a, b, 0.4), along(a, b, 0.6)];
				return {
					kind: 'chain',
					points: bowed(p, q, s.chains * CHAIN_CM, { x: cm === 0 ? -1 : 1, y: 0 })
				};
			});
		case 'straps':
			return [
				{
					kind: 'chain',
					points: bowed(along(topA, topB, 0.25), along(topA, topB, 0.75), s.chains * CHAIN_CM, {
						x: 0,
						y: -1
					})
				}
			];
		case 'drawstring': {
			const hem = c.folds.find((f) => f.id === 'hem');
			const { a, b } = at(hem ? hem.line * 1.5 : 1);
			const loose = (s.chains * CHAIN_CM - 2 * Math.abs(b.x - a.x)) / 2;
			const knot: Point = { x: b.x + Math.max(1, loose * 0.6), y: b.y + Math.max(1, loose * 0.5) };
			return [
				{ kind: 'chain', points: [a, b, knot] },
				{ kind: 'chain', points: [b, { x: knot.x - 0.8, y: knot.y + 1 }] }
			];
		}
		case 'thumb': {
			const { a, b } = at(c.cmAt(s.atRow));
			const half = s.stitches / Math.max(2, c.input.widthCm) / 4;
			return [
				{
					kind: 'slit',
					points: [along(a, b, Math.max(0.1, 0.5 - half)), along(a, b, Math.min(0.9, 0.5 + half))]
				}
			];
		}
		default:
			return [];
	}
}
