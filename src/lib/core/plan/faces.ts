import { tuckTube } from '../assembly/tucked-tube';
import type { Plan } from './types';

/** The yarn seen at the crown of either face of a tube tucked into itself, by its place in the plan; the first for all else. */
export function crownYarns({ pieces, assembly }: Pick<Plan, 'pieces' | 'assembly'>): {
	readonly outer: number;
	readonly lining: number;
} {
	const [piece] = pieces;
	const tucked = piece && tuckTube(piece.runs, assembly, piece.id);
	return {
		outer: tucked?.outer.at(-1)?.yarn ?? 0,
		lining: tucked?.lining.at(-1)?.yarn ?? tucked?.outer.at(-1)?.yarn ?? 0
	};
}
