import type { WorkedPiece } from './piece';

/** The words of the written pattern that are worked after so many counted rows; null where it was taken from none. */
export const saidAt = ({ says }: Pick<WorkedPiece, 'says'>, done: number): string | null =>
	says?.findLast((s) => s.row <= done)?.words ?? null;
