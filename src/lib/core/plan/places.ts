import { stepIn, type Assembly } from '../assembly/assembly';
import { placesOf, type RowPlace } from '../assembly/layers';
import type { Size } from '../assembly/size';

interface Folded {
	readonly assembly: Assembly;
	readonly pieces: readonly { readonly mainRows: number }[];
	readonly sizes: readonly Size[];
}

/** Rows of the first piece that a brim turned up takes, in half rows; 0 where none is. */
export function brimRows({ assembly, pieces: [first], sizes }: Folded): number {
	const brim = stepIn(assembly, 'turn-up');
	const layer = sizes.find((s) => s.id === 'layer-worn')?.figure.value.mean;
	if (!first || !brim || layer === undefined) return 0;
	return Math.round((first.mainRows * Math.min(brim.heightCm, layer / 2)) / layer) / 2;
}

/** Where every row of the first piece ends up, by the folds of the assembly. */
export const rowPlaces = (plan: Folded): RowPlace[] => {
	const [first] = plan.pieces;
	return first ? placesOf(first.mainRows, plan.assembly, brimRows(plan)) : [];
};
