import type { Assembly, Edge } from '../assembly/assembly';
import { SEAM_KINDS } from '../garment/pattern';
import type { MadePiece } from '../garment/make';
import type { GarmentShape } from '../garment/figures';
import { endsOf, joinsOf } from './ends';
import { isPanel, type FinishedPiece, type FinishStep } from './steps';

const sharp = { caution: 'hooks-and-scissors' } as const;

interface Input {
	readonly garment: GarmentShape;
	readonly assembly: Assembly;
	readonly pieces: readonly FinishedPiece[];
	readonly joinTails: 'tie' | 'weave';
}

/** Loops of a piece's first or last row, those of ladders latched up among them. */
const loopsAt = (p: FinishedPiece, made: MadePiece | undefined, edge: Edge): number =>
	edge === 'cast-on'
		? p.stitches.first
		: made && made.ladders.length > 0
			? made.columns
			: (made?.schedule?.remaining ?? p.stitches.last);

const wasteAt = (p: FinishedPiece, edge: Edge): boolean =>
	edge === 'cast-on'
		? p.sheet.legs[0]?.kind === 'waste'
		: p.sheet.legs.length > 1 && p.sheet.legs.at(-1)?.kind === 'waste';

/** First and last rows, so that nothing is blocked, sewn or crocheted into while it can run. */
function closingSteps({ garment, assembly, pieces }: Input): FinishStep[] {
	return assembly.flatMap((s): FinishStep[] => {
		if (s.do !== 'bind' && s.do !== 'gather' && s.do !== 'close-flat') return [];
		const p = pieces.find((x) => x.id === s.piece);
		if (!p) return [];
		const made = garment.made.pieces.find((m) => m.id === p.id);
		const common = { edge: s.edge, waste: wasteAt(p, s.edge), copies: p.count };
		const name = made?.name ?? p.id;
		if (s.do === 'close-flat')
			return [
				{
					id: `close-${s.edge}`,
					do: 'close-flat',
					// Two loops of each row are ladders.
					loops: p.stitches.first - 2,
					how: s.how,
					toe: false,
					joins: p.tails.some((t) => t.id === 'join'),
					...common,
					...sharp
				}
			];
		const at = s.edge === 'cast-on' ? 'hem' : 'top';
		return [
			{
				id: `bind-${at}-${p.id}`.slice(0, 60),
				do: 'bind-edge',
				name,
				loops: loopsAt(p, made, s.edge),
				tailCm: p.tails.find((t) => t.id === s.edge)?.lengthCm ?? 0,
				...common,
				...sharp
			}
		];
	});
}

/** A garment after the machine: ladders, loops closed, blocking, seams in order, edges, ends. */
export function garmentSteps(input: Input): FinishStep[] {
	const { garment, pieces, joinTails } = input;
	const { made, totals, shrug } = garment;
	const steps: FinishStep[] = [];
	const joins = joinsOf(pieces);
	if (joins > 0) steps.push({ id: 'join-tails', do: 'join-tails', how: joinTails, joins });
	for (const p of made.pieces)
		if (p.ladders.length > 0)
			steps.push({
				id: `latch-card-${p.id}`,
				do: 'latch-card',
				piece: p.name,
				gaps: p.ladders.length,
				columns: p.ladders[0]!.columns,
				caution: 'hooks-and-scissors'
			});
	for (const p of made.pieces) {
		const { schedule } = p;
		if (schedule?.rules.shaping !== 'held') continue;
		const loops = [...schedule.left.takes, ...schedule.right.takes].reduce(
			(t, x) => t + x.stitches,
			0
		);
		if (loops > 0)
			steps.push({
				id: `close-held-${p.id}`.slice(0, 60),
				do: 'close-held',
				name: p.name,
				loops,
				copies: p.count
			});
	}
	steps.push(...closingSteps(input));
	const tubes = pieces.reduce((t, p) => t + (isPanel(p) ? 0 : p.count), 0);
	steps.push({ id: 'block', do: 'block', panels: totals.pieces - tubes, tubes });
	if (shrug)
		steps.push({
			id: 'latch-ladders',
			do: 'latch-ladders',
			between: shrug.between,
			...sharp
		});
	const ranked = [...garment.seams].sort(
		(a, b) => SEAM_KINDS.indexOf(a.seam.kind) - SEAM_KINDS.indexOf(b.seam.kind)
	);
	for (const [i, check] of ranked.entries()) {
		if (shrug) break;
		steps.push({
			id: `sew-${check.seam.id}`.slice(0, 60),
			do: 'sew',
			check,
			...(i === 0 ? { caution: 'hooks-and-scissors' as const } : {})
		});
	}
	for (const count of garment.edges)
		steps.push({ id: `edge-${count.edge.id}-${steps.length}`, do: 'crochet-edge', count });
	steps.push(
		{ id: 'weave-in', do: 'weave-in', ends: endsOf(pieces).others, lined: false },
		{ id: 'measure', do: 'measure' }
	);
	return steps;
}
