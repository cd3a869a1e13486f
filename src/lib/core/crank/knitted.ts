import type { RunEvent } from '../model/project';
import type { PlannedPiece } from './piece';
import { positionAt } from './runsheet';
import { progressOf } from './makes';

/**
 * Main rows of the pieces that are off the machine, by piece: what was really knitted. Of several copies the one that is
 * farthest from its plan.
 */
export function knittedRows(
	pieces: readonly PlannedPiece[],
	events: readonly RunEvent[]
): Map<string, number> {
	const found = new Map<string, number>();
	if (events.length === 0) return found;
	for (const { make, run } of progressOf(pieces, events).makes) {
		if (!run.off) continue;
		const rows = positionAt(make.piece.sheet, run.done)?.main ?? 0;
		const known = found.get(make.piece.id);
		const off = (n: number) => Math.abs(n - make.piece.mainRows);
		if (known === undefined || off(rows) > off(known)) found.set(make.piece.id, rows);
	}
	return found;
}
