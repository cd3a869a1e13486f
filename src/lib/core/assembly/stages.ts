import { entryAt } from '../quantity/sure';
import type { AssemblyStep, Edge } from './assembly';
import { foldsOf, lay, type Laid } from './layers';
import type { Band, Rung, Stage, StageInput } from './stage';
import { trimsOf } from './stage-trims';
import { axisOf, ringOf, wallOf, type Wall } from './stage-wall';

/** A toe is drawn in to so much of the width before it is whipped, over so many cm. */
const TOE = { width: 2 / 3, overCm: 2.5 };

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
const UNSEEN: readonly AssemblyStep['do'][] = [
	'rest',
	'join-tails',
	'measure-tube',
	'weave-in',
	'measure'
];

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

type Across = (cm: number, l: Pick<Laid, 'at'>) => Pick<Rung, 'a' | 'b'>;
type Folds = ReturnType<typeof foldsOf>;

/** How far an end is drawn up, cm: as far as half the tube is wide; a fold before that keeps its width. */
function drawnUp({ widthCm }: StageInput, wall: Wall, state: State, folds: Folds): number {
	const lines = folds.filter((f) => f.id !== 'turn-up').map((f) => f.line);
	const hem = state.folds.find((s) => s.do === 'hem');
	const hung = hem?.do === 'hem' ? wall.cmAt(hem.rows) : 0;
	return Math.min(
		wall.lengthCm / 2,
		(widthCm * Math.PI) / 4,
		...(hem ? [wall.lengthCm - hung] : lines.map((l) => Math.min(l, wall.lengthCm - l)))
	);
}

/** Where along the axis, and how wide as a share, a point of the wall is. */
function placing(wall: Wall, state: State, folds: Folds, arc: number) {
	const { lengthCm } = wall;
	const shrunk = arc - (2 * arc) / Math.PI;
	const poleOf = (edge: Edge) => (edge === 'cast-on' ? 0 : lengthCm);
	return (cm: number, l: Pick<Laid, 'at'>): { u: number; wide: number } => {
		let u = l.at;
		let wide = 1;
		for (const edge of state.gathered) {
			const pole = poleOf(edge);
			const off = Math.abs(cm - pole);
			if (off >= arc) continue;
			const d = dome(off, arc);
			const poleAt = entryAt(lay([pole], folds), 0).at;
			const inward = Math.sign(l.at - poleAt) || (poleAt <= lengthCm / 2 ? 1 : -1);
			u = poleAt + inward * (shrunk + d.along);
			wide = Math.min(wide, d.wide);
		}
		if (state.toe) {
			const off = Math.abs(cm - poleOf(state.toe));
			if (off < TOE.overCm) wide = Math.min(wide, TOE.width + ((1 - TOE.width) * off) / TOE.overCm);
		}
		return { u, wide };
	};
}

function stageOf(input: StageInput, wall: Wall, state: State, step: number): Stage {
	const { widthCm, brimCm, runs } = input;
	const { lengthCm, cmAt, rows } = wall;
	const folds = foldsOf(state.folds, brimCm, cmAt);
	const cms = rows.map(cmAt);
	const laid = lay(cms, folds, state.insideOut);
	const placed = placing(wall, state, folds, drawnUp(input, wall, state, folds));
	const axis = axisOf(input, lengthCm);
	const ring = ringOf(lengthCm, widthCm, state.ring === 'twist');
	const across: Across = (cm, l) => {
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
	const trims = state.trims.flatMap((s) => trimsOf(s, { across, cmAt, lengthCm, folds, input }));
	return { step, rungs, bands, trims };
}
