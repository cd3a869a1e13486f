import { entryAt } from '../quantity/sure';
import type { RunEvent } from '../model/project';
import { foldRun, nextPlace, pieceOf } from './run';

/**
 * Two devices that counted the same piece without knowing of one another: each has rows that the other lacks. Whether they
 * were the same turns of the crank or more of them nobody can tell from here, so it becomes a question: at least the larger
 * of the two, at most both together. The same on either device, so that it is asked once.
 */
export function sideBySide(mine: readonly RunEvent[], theirs: readonly RunEvent[]): RunEvent[] {
	const known = (list: readonly RunEvent[]) => new Set(list.map((e) => e.id));
	const [here, there] = [known(mine), known(theirs)];
	const onlyMine = mine.filter((e) => !there.has(e.id));
	const onlyTheirs = theirs.filter((e) => !here.has(e.id));
	const both = mine.filter((e) => there.has(e.id));
	const pieces = [...new Set([...onlyMine, ...onlyTheirs].flatMap((e) => pieceOf(e) ?? []))];
	const all = [...mine, ...onlyTheirs];
	return pieces.flatMap((piece): RunEvent[] => {
		const rowsOf = (list: readonly RunEvent[]) =>
			list.filter((e) => e.type === 'row' && e.piece === piece);
		const [a, b] = [rowsOf(onlyMine), rowsOf(onlyTheirs)];
		if (a.length === 0 || b.length === 0) return [];
		const counts = [onlyMine, onlyTheirs].map((own) => foldRun([...both, ...own], piece).done);
		const ids = [entryAt(a, 0).id, entryAt(b, 0).id].sort();
		return [
			{
				id: `two-${ids.join('-')}`.slice(0, 64),
				projectId: entryAt(a, 0).projectId,
				at: Math.max(...a.map((e) => e.at), ...b.map((e) => e.at)),
				n: nextPlace(all),
				type: 'doubt',
				piece,
				why: 'two-devices',
				low: Math.max(...counts),
				high: foldRun(all, piece).done
			}
		];
	});
}
