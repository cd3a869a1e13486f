import type { TableFault, TableFaultCode } from '../../table/hands';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'cannot-be-done': { readonly fault: TableFaultCode; readonly piece: string | null };
	}
}

const FAULTS = {
	'no-such-piece': 'A piece is meant that is not made.',
	'no-such-edge': 'An edge is meant that it does not have.',
	'row-not-live': 'A row is to be closed that has no live loops.',
	'row-live':
		'An edge is worked into while its loops are live: they run when it is blocked or sewn.',
	'row-left-live': 'When all is done a row of loops is still live, and runs.',
	'tail-gone': 'A tail is worked with that was used before.',
	'tail-short': 'A tail is shorter than what is to be sewn or drawn up with it.',
	'end-left': 'When all is done an end of yarn still hangs.',
	'held-not-there': 'Stitches are to be closed that nothing holds.',
	'held-left': 'Stitches held while it was shaped are still on their thread.',
	'floats-left': 'Floats of its extensions are never latched up.',
	'ladders-not-there': 'Tubes are to be joined by ladders that nobody has dropped.',
	'ladders-left': 'Dropped columns are never latched up or joined.',
	'strand-left': 'The spare strand of its slit is never drawn out.',
	'no-way-in': 'Both ends are closed, and its inside has to be reached.',
	'not-blocked': 'It is sewn before it is blocked: panels curl, and rows are not seen.',
	'blocked-late': 'It is blocked after it is sewn: seams that agreed no longer do.',
	'sewn-twice': 'One of its edges is sewn more often than there are such edges.',
	'joins-hidden': 'Its joins lie between two layers before their tails are seen to.',
	'nothing-wound': 'A pom-pom is tied that was not wound.',
	'not-stuffed': 'It is tied off before it is stuffed.',
	'measured-late': 'It is folded before it was measured as it came off the machine.'
} as const satisfies Record<TableFaultCode, string>;

/** Of each piece the first: what comes after it may only follow from it. */
const first = (faults: readonly TableFault[]): TableFault[] =>
	faults.filter((f, i) => faults.findIndex((x) => x.piece === f.piece) === i);

/** What the hands cannot do in the order it is asked, or what is left undone: seams that a maker names can come to that. */
export const cannotBeDone = rule({
	says: {
		'cannot-be-done': (f) => ({
			what: `This cannot be put together as it stands${f.piece ? `: ${f.piece.toLowerCase()}` : ''}.`,
			why: FAULTS[f.fault]
		})
	},
	test: ({ undone, pieces }) =>
		first(undone).map((f) => {
			const piece = pieces.find((p) => p.id === f.piece);
			return {
				body: { code: 'cannot-be-done', fault: f.code, piece: piece?.name ?? f.piece },
				severity: 'warn' as const,
				where: { at: 'piece' as const, piece: f.piece ?? '' }
			};
		})
});
