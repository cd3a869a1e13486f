import type { Assembly, Edge } from '../assembly/assembly';
import type { WorkedPiece } from './piece';
import { isDoubled } from './tails';

/** An end of a tube drawn up, and with what: so long, cm, of one of the plan's yarns. */
export interface DrawnUp {
	readonly piece: string;
	readonly edge: Edge;
	readonly copies: number;
	readonly yarn: number;
	readonly cm: number;
	readonly with: 'tail' | 'doubled' | 'strand';
}

/** Every end of a tube that is drawn up; tips and cords are few loops, and are left out. */
export function drawnUp({
	assembly,
	pieces
}: {
	readonly assembly: Assembly;
	readonly pieces: readonly WorkedPiece[];
}): DrawnUp[] {
	return assembly.flatMap((s): DrawnUp[] => {
		const p = s.do === 'gather' ? pieces.find((x) => x.id === s.piece) : undefined;
		if (s.do !== 'gather' || !p) return [];
		const at = { piece: p.id, edge: s.edge, copies: p.count };
		const strand = p.strands.find((x) => x.edge === s.edge);
		if (strand) return [{ ...at, yarn: strand.yarn, cm: strand.lengthCm, with: 'strand' }];
		const tail = p.tails.find((t) => t.id === s.edge);
		if (!tail || ['tip', 'cord-end', 'weave-in'].includes(tail.use)) return [];
		const doubled = isDoubled(tail.use) ? 'doubled' : 'tail';
		return [{ ...at, yarn: tail.yarn, cm: tail.lengthCm, with: doubled }];
	});
}
