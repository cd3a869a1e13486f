import { SEAM_KINDS } from '../garment/pattern';
import type { GarmentShape } from '../plan/garment';
import type { FinishedPiece, FinishStep } from './steps';

/** A garment after the machine: ladders, blocking, seams in order, edges, ends. */
export function garmentSteps(
	garment: GarmentShape,
	pieces: readonly FinishedPiece[]
): FinishStep[] {
	const { made, totals, shrug } = garment;
	const steps: FinishStep[] = [];
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
	steps.push({ id: 'block', do: 'block', pieces: totals.pieces });
	if (shrug) {
		const tube = pieces[0]!;
		for (const edge of ['cast-on', 'cast-off'] as const) {
			const waste = edge === 'cast-on' ? tube.sheet.legs[0] : tube.sheet.legs.at(-1);
			steps.push({
				id: `close-${edge}`,
				do: 'close-flat',
				edge,
				// Two loops of each row are ladders.
				loops: tube.stitches.first - 2,
				waste: waste?.kind === 'waste',
				how: 'slip',
				toe: false,
				copies: tube.count,
				caution: 'hooks-and-scissors'
			});
		}
		steps.push({
			id: 'latch-ladders',
			do: 'latch-ladders',
			between: shrug.between,
			caution: 'hooks-and-scissors'
		});
	}
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
	// Where the cast-on stands on waste yarn its loops are live.
	for (const p of pieces) {
		if (shrug || p.sheet.legs[0]?.kind !== 'waste') continue;
		const of = made.pieces.find((m) => m.id === p.id);
		steps.push({
			id: `bind-hem-${p.id}`.slice(0, 60),
			do: 'bind-hem',
			name: of?.name ?? p.id,
			loops: p.stitches.first,
			copies: p.count
		});
	}
	for (const count of garment.edges)
		steps.push({ id: `edge-${count.edge.id}-${steps.length}`, do: 'crochet-edge', count });
	steps.push(
		{ id: 'weave-in', do: 'weave-in', ends: totals.ends },
		{ id: 'measure', do: 'measure' }
	);
	return steps;
}
