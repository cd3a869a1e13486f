import type { Assembly } from '../assembly/assembly';
import { placesOf, type RowPlace } from '../assembly/layers';
import type { FinishedHat } from '../assembly/finished';

interface Folded {
	readonly shape: string;
	readonly assembly: Assembly;
	readonly pieces: readonly { readonly mainRows: number }[];
	readonly hat?: Pick<FinishedHat, 'brimCm' | 'layerWorn'>;
}

/** Rows of the first piece that a brim turned up takes, in half rows; 0 where none is. */
export function brimRows({ hat, pieces }: Pick<Folded, 'hat' | 'pieces'>): number {
	if (!hat || hat.brimCm === 0) return 0;
	const layerRows = pieces[0]!.mainRows / 2;
	return Math.round((2 * layerRows * hat.brimCm) / hat.layerWorn.mean) / 2;
}

/** Where every row of a plan's tube ends up; none for what is no tube. */
export const rowPlaces = (plan: Folded): RowPlace[] =>
	plan.shape !== 'hat' && plan.shape !== 'tube'
		? []
		: placesOf(plan.pieces[0]!.mainRows, plan.assembly, brimRows(plan));
