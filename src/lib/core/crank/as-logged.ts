import type { MeasuredResult } from '../model/project';
import type { PlannedPiece } from './piece';
import { tailMetres } from './tails';
import { usualMinutes } from './time';

/** What a plan knows of a result and the maker did not measure: yarn in its tails, m, and the minutes that most take. */
export const asLogged = (
	pieces: readonly PlannedPiece[],
	rowsKnitted: number
): Pick<MeasuredResult, 'tailMetres' | 'usualMinutes'> => ({
	tailMetres: tailMetres(pieces),
	usualMinutes: usualMinutes(pieces, rowsKnitted)
});
