import { stepIn, type Edge, type StepOf, type Strand } from '../assembly/assembly';
import type { WorkedPiece } from '../crank/piece';
import type { PieceEnd } from '../crank/piece-tails';
import { isDoubled } from '../crank/tails';
import { capital, type Say } from '../quantity/say';
import { THREAD_LOOP_SECONDS } from './hand';
import { singly } from './sequence';
import {
	idOf,
	isPanel,
	loopsAt,
	ofPiece,
	pieceOf,
	ROW,
	SHARP,
	tailAt,
	technique,
	times,
	tool,
	type WorkStep,
	threaded
} from './technique';
import { wasteOff, wasteOffWorks } from './waste-off';

interface Ends {
	readonly edge: Edge;
	readonly loops: number;
}
/** What goes through the loops, so long, cm: the tail, the tail doubled, or a strand of another yarn, by its name. */
interface Thread {
	readonly cm: number;
	readonly of: 'tail' | 'doubled' | { readonly name: string };
}
/** Drawing an end up and fastening it, s (from memory). */
const DRAW_SECONDS = 15;

declare module './technique' {
	interface WorkKinds {
		'pick-up': Ends & { readonly with: Thread; readonly waste: boolean };
		/** `tucked`: one of two ends that meet; `inner`: the one that lies inside. */
		gather: Ends & { readonly inner: boolean; readonly tucked: boolean };
		'gather-piece': Ends & {
			readonly name: string;
			readonly with: Thread;
			readonly waste: boolean;
			/** Its loops were taken off onto the thread at the crank. */
			readonly loopsOn: boolean;
			readonly copies: number;
		};
		/** A cord's few loops: the yarn drawn through them. */
		'draw-end': Ends & { readonly copies: number };
		'draw-tip': { readonly piece: string; readonly count: number; readonly loops: number };
	}
}

/** A cord is 2 to 4 pins wide (common practice). */
const MOST_CORD_PINS = 4;

/** Worked there and back on a few pins that never narrow, its loops drawn together at the end. */
const isCord = (p: WorkedPiece): boolean =>
	isPanel(p) && p.stitches.first === p.stitches.last && p.stitches.first <= MOST_CORD_PINS;

const wordThread = ({ cm, of: what }: Thread, s: Say): string =>
	what === 'tail'
		? `the tail of ${s.tail(cm)}`
		: what === 'doubled'
			? `the doubled tail of ${s.tail(cm)}`
			: `${s.tail(cm)} of ${what.name}`;

const threadAt = (p: WorkedPiece, { edge, with: how }: StepOf<'gather'>): Thread => {
	const strand = p.strands.find((x) => x.edge === edge);
	if (strand && typeof how === 'object') return { cm: strand.lengthCm, of: { name: how.name } };
	const use = p.tails.find((t) => t.id === edge)?.use;
	return { cm: tailAt(p, edge), of: use && isDoubled(use) ? 'doubled' : 'tail' };
};

/** Whether an end of a tube is drawn up with another yarn: a tip and a cord are few loops, and keep their tail. */
const strandOf = ({ piece, edge, with: how }: StepOf<'gather'>, end: PieceEnd): Strand | null =>
	piece === end.piece && edge === end.edge && end.share >= 1 && typeof how === 'object'
		? how
		: null;

const tip = (p: WorkedPiece, id: string): WorkStep => ({
	id: idOf(id),
	do: 'draw-tip',
	piece: p.id,
	count: p.count,
	loops: p.stitches.last,
	...SHARP
});

/** An end drawn up: the yarn through every loop, and tightened. A tip and a cord have few loops, a tube has all. */
export const gather = technique<'gather'>({
	id: 'gather',
	tails: {
		gather: 'it gathers this end',
		crown: 'it gathers the crown',
		'gather-doubled': 'doubled, it gathers this end',
		'crown-doubled': 'doubled, it gathers the crown',
		tip: 'it draws up the tip',
		'cord-end': 'it is drawn through these loops'
	},
	needs: {
		// Through all twice, the second time drawn up already.
		gather: threaded(1.25),
		crown: threaded(1.25),
		'gather-doubled': threaded(2.5),
		'crown-doubled': threaded(2.5),
		tip: threaded(2),
		'cord-end': threaded(1)
	},
	works: {
		...wasteOffWorks,
		'pick-up': {
			words: ({ loops, edge, with: thread, waste }, s) => ({
				title: `Thread ${typeof thread.of === 'object' ? thread.of.name : 'the tail'} through the ${loops} loops of the ${ROW[edge]} row`,
				how: `Use ${wordThread(thread, s)} on a blunt needle, every loop in turn, none twice and none missed: count ${loops}.${waste ? ' Tie the main yarn’s tail before the waste comes off.' : ''}`
			}),
			drawing: (w) => ({ skill: 'pick-up', drawing: w }),
			loops: ({ loops }) => singly(loops)
		},
		gather: {
			tip: 'Turn it over and look for caught loops as you draw; a small crown holds with a cross of two stitches each way, the last one locked.',
			words: ({ edge, inner, tucked }) => ({
				title: !tucked
					? `Gather the ${ROW[edge]} row`
					: inner
						? 'Gather the inner end'
						: 'Gather the outer end',
				how: `Draw the loops up ${inner ? 'first here, since this end lies inside' : 'until the hole is closed'}, pass the needle through all of them a second time, draw again and knot.`
			}),
			drawing: (w) => ({ skill: 'gather', drawing: w })
		},
		'gather-piece': {
			tip: 'Turn it over and look for caught loops as you draw.',
			words: ({ edge, name, loops, copies, with: thread, waste, loopsOn }, s) => ({
				title: `Gather the ${ROW[edge]} row of ${ofPiece(name, 1)}, ${loops} loops${times(copies)}`,
				how: `${loopsOn ? `They came off onto ${wordThread(thread, s)}.` : `${capital(wordThread(thread, s))} on a blunt needle through every loop in turn, beginning beside the tail: count ${loops}.`} Through all a second time, draw up and knot.${waste ? ' Then the waste comes off.' : ''}`
			}),
			drawing: (w) => ({ skill: 'gather', drawing: w }),
			loops: ({ loops, loopsOn }) => (loopsOn ? null : singly(loops))
		},
		'draw-end': {
			words: ({ loops, edge, copies }) => ({
				title: `Draw the yarn through the ${loops} loops of the ${ROW[edge]} row${times(copies)}`,
				how: 'The tail through all of them at once, drawn close and fastened off inside the cord.'
			}),
			drawing: (w) => ({ skill: 'gather', drawing: w })
		},
		'draw-tip': {
			words: ({ loops, count }) => ({
				title: `Draw up the tip, ${loops} loops, on ${count === 1 ? 'the flag' : `${count} flags`}`,
				how: 'Thread the tail through the loops on the needle, twice, draw them together and fasten off at the back.'
			}),
			drawing: (w) => ({ skill: 'gather', drawing: w })
		}
	},
	steps: (step, table) => {
		const { piece, edge, brief } = step;
		const p = pieceOf(table, piece);
		if (!p) return [];
		const loops = loopsAt(p, edge);
		const thread = threadAt(p, step);
		if (isPanel(p) && p.stitches.first > p.stitches.last)
			return [tip(p, brief ? `gather-${edge}-${p.id}` : `draw-tip-${p.id}`)];
		if (brief)
			return [
				{
					id: idOf(`gather-${edge}-${p.id}`),
					do: 'gather-piece',
					edge,
					loops,
					waste: p.waste[edge],
					loopsOn: edge === 'cast-off' && !p.waste[edge],
					copies: p.count,
					name: p.name,
					with: thread,
					...SHARP
				}
			];
		if (isCord(p)) return [{ id: `gather-${edge}`, do: 'draw-end', edge, loops, copies: p.count }];
		const tuck = stepIn(table.assembly, 'tuck');
		const threaded: WorkStep[] =
			edge === 'cast-on' || p.waste[edge]
				? [
						{
							id: `pick-up-${edge}`,
							do: 'pick-up',
							edge,
							loops,
							with: thread,
							waste: p.waste[edge],
							...SHARP
						},
						...wasteOff(p, edge, true)
					]
				: [];
		const drawn: WorkStep = {
			id: `gather-${edge}`,
			do: 'gather',
			edge,
			inner: tuck?.inner === edge,
			loops,
			tucked: tuck !== undefined
		};
		return [...threaded, drawn];
	},
	tail: ({ piece, edge, with: how }, end, assembly) => {
		if (piece !== end.piece || edge !== end.edge) return null;
		if (end.share < 1) return end.tip ? (edge === 'cast-off' ? 'tip' : null) : 'cord-end';
		// Another yarn draws it up: the tail is woven in.
		if (typeof how === 'object') return null;
		const crown = assembly.some((x) => x.do === 'tuck' || x.do === 'hem');
		if (how === 'doubled') return crown ? 'crown-doubled' : 'gather-doubled';
		return crown ? 'crown' : 'gather';
	},
	strand: (step, end) => strandOf(step, end)?.yarn ?? null,
	yarn: ({ piece, edge }, table) => {
		const p = pieceOf(table, piece);
		return (p?.strands ?? [])
			.filter((x) => x.edge === edge)
			.map((x) => ({ yarn: x.yarn, metres: ((p?.count ?? 1) * x.lengthCm) / 100 }));
	},
	strands: ({ piece, edge }, table) => {
		const p = pieceOf(table, piece);
		return p?.strands.some((x) => x.edge === edge) ? p.count : 0;
	},
	minutes: ({ piece, edge }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return null;
		// Loops that come off on their own tail are threaded at the crank already.
		const threaded = edge === 'cast-on' || p.waste[edge] ? loopsAt(p, edge) : 0;
		return {
			what: isPanel(p) ? 'tips drawn up' : 'ends gathered',
			times: p.count,
			minutes: (DRAW_SECONDS + threaded * THREAD_LOOP_SECONDS) / 60
		};
	},
	tools: () => [tool('needle')],
	does: ({ piece, edge }, hands) => hands.close(piece, edge, 'drawn-up', { through: true })
});
