import { uncapital } from '../quantity/say';
import { EDGES, type Assembly, type Edge } from '../assembly/assembly';
import { pinNumber } from '../model/pin-number';
import type { WorkedPiece } from '../crank/piece';
import type { FlatClosing } from '../model/kinds';
import type { SkillId } from './drawing/skills';
import { facing, folded, singly } from './sequence';
import {
	hasJoins,
	idOf,
	loopsAt,
	ofPiece,
	onPieces,
	pieceOf,
	ROW,
	SHARP,
	tailAt,
	technique,
	threadMetres,
	tool,
	type Tool,
	chained,
	threaded,
	type HandTime
} from './technique';
import { gaugeOf, JOIN_LOOP_SECONDS, lastYarn } from './hand';
import { wasteOff, wasteOffWorks } from './waste-off';

declare module './technique' {
	interface WorkKinds {
		zip: { readonly loops: number; readonly tailCm: number };
		'close-crown': {
			readonly loops: number;
			readonly how: FlatClosing;
			/** Whether colours join somewhere. */
			readonly joins: boolean;
		};
		'close-flat': {
			readonly edge: Edge;
			readonly loops: number;
			readonly waste: boolean;
			readonly how: FlatClosing;
			/** A toe: drawn in before it is closed. */
			readonly toe: boolean;
			readonly joins: boolean;
			readonly tailCm: number;
			readonly copies: number;
			/** Numbers of the pins whose loops are left out. */
			readonly leave: readonly number[];
			/** The piece, where there are several. */
			readonly name?: string;
		};
		'join-ring': { readonly loops: number; readonly twist: boolean; readonly joins: boolean };
		'hook-ends': object;
	}
}

/** How two layers' loops are closed, by school. */
const HOW: Record<FlatClosing, string> = {
	slip: 'Slip stitch with a hook, a front loop and the back loop facing it, then the next pair, drawing the yarn through all.',
	'three-needle':
		'Three-needle style, front loops on one needle, back loops on another, knit a pair together and pass the one before over it.',
	loop: 'Loop through loop with a hook, no yarn: a front loop through the back loop, the next back loop through that, to the end; fasten the last.'
};
const SKILL: Record<FlatClosing, SkillId> = {
	slip: 'slip-stitch',
	'three-needle': 'three-needle',
	loop: 'loop-through'
};
const toolsFor = (how: FlatClosing): Tool[] =>
	how === 'three-needle' ? [tool('needles')] : [tool('hook')];

/** How the loops of a row lie front on back. */
const halves = (loops: number): string =>
	loops % 2 === 0
		? `${loops / 2} loops with ${loops / 2}`
		: `${(loops - 1) / 2} loops with ${(loops - 1) / 2} and one over, taken with its neighbour`;

/** Columns that fall the whole length, pins from 1: their loops are left out where an end is closed, and then dropped. */
const laddersOf = (assembly: Assembly, piece: string): readonly number[] => {
	const drop = assembly.find((s) => s.do === 'drop-ladders' && s.piece === piece);
	return drop?.do === 'drop-ladders' ? drop.pins : [];
};

/** Both ends sewn loop by loop and drawn up together. */
export const zip = technique<'zip'>({
	id: 'zip',
	tails: { zip: 'it zips both ends together' },
	needs: {
		// One running yarn goes round once, the other twice.
		zip: ({ edge, wideCm }) => threaded(edge === 'cast-off' ? 2 : 1)({ edge, wideCm })
	},
	works: {
		...wasteOffWorks,
		zip: {
			words: ({ loops, tailCm }, s) => ({
				title: `Zip both ends together, ${loops} loops with ${loops}`,
				how: `With the tail of ${s.tail(tailCm)}: sew loop by loop, one end’s first loop to the other end’s first loop. One running yarn goes round once, the other twice. Draw up turn by turn; the blunt needle must not pierce the running yarn.`
			}),
			drawing: (w) => ({ skill: 'zip', drawing: w }),
			loops: ({ loops }) => facing(loops)
		}
	},
	steps: ({ piece, edges }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		return [
			{ id: 'zip', do: 'zip', loops: p.stitches.first, tailCm: tailAt(p, 'cast-off'), ...SHARP },
			...edges.flatMap((edge) => wasteOff(p, edge, true))
		];
	},
	tail: ({ piece }, end) => (piece === end.piece ? 'zip' : null),
	minutes: ({ piece }, table) => byLoops('zipped together', pieceOf(table, piece), 2),
	tools: () => [tool('needle')],
	does: ({ piece, edges }, hands) => {
		for (const edge of edges) hands.close(piece, edge, 'joined');
	}
});

/** A minute to lay it and find the ends, and so many times a loop joined for each loop of an end. */
function byLoops(
	what: string,
	p: WorkedPiece | undefined,
	joined: number,
	loops = p?.stitches.first ?? 0
): HandTime | null {
	if (!p) return null;
	return { what, times: p.count, minutes: 1 + (joined * loops * JOIN_LOOP_SECONDS) / 60 };
}

/** The crown of a tucked tube closed flat through all four layers. */
export const closeCrown = technique<'close-crown'>({
	id: 'close-crown',
	tails: { 'close-crown': 'it closes the crown' },
	needs: { 'close-crown': chained(0.5) },
	works: {
		...wasteOffWorks,
		'close-crown': {
			words: ({ loops, how, joins }) => ({
				title: `Close the crown flat through all four layers, ${halves(loops)} on each face`,
				how: `Lay the hat flat, ${joins ? 'the joins at the middle of the back and ' : ''}all four rows of loops on one line. ${HOW[how]} The corners stand up by themselves.`
			}),
			drawing: (w) => ({ skill: SKILL[w.how], drawing: w }),
			loops: ({ loops }) => folded(loops)
		}
	},
	steps: ({ piece, edges, how }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const loops = p.stitches.first;
		return [
			{ id: 'close-crown', do: 'close-crown', loops, how, joins: hasJoins(p), ...SHARP },
			...edges.flatMap((edge) => wasteOff(p, edge))
		];
	},
	tail: ({ piece, how }, end) =>
		piece === end.piece && end.edge === 'cast-off' && how !== 'loop' ? 'close-crown' : null,
	minutes: ({ piece }, table) => byLoops('crown closed', pieceOf(table, piece), 1.5),
	tools: ({ how }) => toolsFor(how),
	does: ({ piece, edges }, hands) => {
		for (const edge of edges) hands.close(piece, edge, 'closed');
	}
});

/** An end closed flat, front to back. */
export const closeFlat = technique<'close-flat'>({
	id: 'close-flat',
	tails: { close: 'it closes this end flat', toe: 'it closes the toe' },
	needs: { close: chained(0.5), toe: threaded(2) },
	works: {
		...wasteOffWorks,
		'close-flat': {
			words: ({ edge, loops, toe, copies, name, joins, tailCm, how, waste, leave }, s) => ({
				title: toe
					? `Close the toe, ${loops} loops of the ${ROW[edge]} row${onPieces(copies)}`
					: `Close the ${ROW[edge]} row${name ? ` of ${ofPiece(name, copies)}` : ''} flat${name ? '' : onPieces(copies)}, ${halves(loops)}`,
				how: `${toe ? `Run the tail of ${s.tail(tailCm)} through all loops and draw them in to two thirds of the width, then whip front to back, flat.` : `Lay the tube flat${joins ? ' so that the colour joins are at the back' : ''}.${leave.length > 0 ? ` Leave out the loops of pins ${leave.join(' and ')}, a marker through each: they become ladders, and lie at the two folds.` : ''} ${how === 'loop' ? '' : `With the tail of ${s.tail(tailCm)}: `}${how === 'loop' ? HOW[how] : uncapital(HOW[how])}`}${waste ? ' The waste comes off when it is closed.' : ''}`
			}),
			drawing: (w) =>
				w.toe
					? { skill: 'whip', drawing: { loops: w.loops, pairs: Math.floor(w.loops / 2) } }
					: { skill: SKILL[w.how], drawing: w },
			loops: ({ loops, toe }) => (toe ? singly(loops) : folded(loops))
		}
	},
	steps: ({ piece, edge, how, toe = false, brief: named = false }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const ladders = laddersOf(table.assembly, piece);
		return [
			{
				id: named ? idOf(`close-flat-${edge}-${p.id}`) : `close-${edge}`,
				do: 'close-flat',
				edge,
				loops: loopsAt(p, edge) - ladders.length,
				// They run from the last row: only there are their loops still whole.
				leave: edge === 'cast-off' ? ladders.map((pin) => pinNumber(p.machine, pin - 1)) : [],
				waste: p.waste[edge],
				how,
				toe,
				tailCm: tailAt(p, edge),
				copies: p.count,
				joins: hasJoins(p),
				...(named ? { name: p.name } : {}),
				...SHARP
			},
			...(named ? [] : wasteOff(p, edge))
		];
	},
	tail: ({ piece, edge, how, toe }, end) => {
		if (piece !== end.piece || edge !== end.edge) return null;
		return toe ? 'toe' : how === 'loop' ? null : 'close';
	},
	minutes: ({ piece, edge, toe }, table) => {
		const p = pieceOf(table, piece);
		// Front to back: half as many times as there are loops; a toe is drawn in besides.
		return p ? byLoops('ends closed flat', p, toe ? 0.8 : 0.5, loopsAt(p, edge)) : null;
	},
	tools: ({ how, toe }) => (toe ? [tool('needle')] : toolsFor(how)),
	does: ({ piece, edge }, hands) => hands.close(piece, edge, 'closed')
});

/** Both ends joined to a ring. */
export const joinRing = technique<'join-ring'>({
	id: 'join-ring',
	tails: { 'join-ring': 'it joins the ring' },
	needs: { 'join-ring': threaded(3) },
	works: {
		...wasteOffWorks,
		'join-ring': {
			words: ({ loops, twist, joins }) => ({
				title: `Join both ends to a ring${twist ? ', with a half turn' : ''}`,
				how: `${loops} loops with ${loops}${joins ? ', the same colour join meeting the same' : ''}${twist ? '; turn one end over once before you begin' : ''}. Loop through loop or whipped, not drawn in.`
			}),
			drawing: ({ loops }) => ({ skill: 'whip', drawing: { loops, pairs: loops } }),
			loops: ({ loops }) => facing(loops)
		}
	},
	steps: ({ piece, twist }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const loops = p.stitches.first;
		return [
			{ id: 'join-ring', do: 'join-ring', loops, twist, joins: hasJoins(p), ...SHARP },
			...EDGES.flatMap((edge) => wasteOff(p, edge))
		];
	},
	tail: ({ piece }, end) => (piece === end.piece && end.edge === 'cast-off' ? 'join-ring' : null),
	minutes: ({ piece }, table) => byLoops('ring joined', pieceOf(table, piece), 1.5),
	tools: () => [tool('hook'), tool('needle')],
	does: ({ piece }, hands) => {
		for (const edge of EDGES) hands.close(piece, edge, 'joined');
	}
});

/** Two closed ends hooked into one another. */
export const hookEnds = technique<'hook-ends'>({
	id: 'hook-ends',
	works: {
		'hook-ends': {
			words: () => ({
				title: 'Hook the two closed ends into one another and whip them',
				how: 'Fold each end in half round the other, like two hands, and sew through all layers at the back.'
			}),
			drawing: () => ({ skill: 'whip', drawing: { loops: 8 } })
		}
	},
	steps: () => [{ id: 'hook-ends', do: 'hook-ends' }],
	yarn: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const wide = p.stitches.first / 2 / (gaugeOf(p)?.stitchesPerCm.mean ?? 1);
		return [{ yarn: lastYarn(p), metres: p.count * threadMetres(wide, 2) }];
	},
	minutes: ({ piece }, table) => byLoops('ends hooked together', pieceOf(table, piece), 1),
	tools: () => [tool('needle')],
	strands: ({ piece }, laid) => pieceOf(laid, piece)?.count ?? 0,
	does: ({ piece }, hands) => hands.atRest(piece)
});
