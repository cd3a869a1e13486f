import type { Rule } from './facts';

/** Longer than anyone makes at one go (from memory). */
const MOST_ROWS = 600;
/** A count at the crank goes no further. */
export const MOST_COUNTED = 1900;

export const cannotKnit: Rule = ({ faults }) =>
	faults.map((f) => ({
		body: { code: 'cannot-knit', fault: f.code },
		severity: 'stop' as const,
		where: { at: 'row' as const, row: f.row }
	}));

/** More rows than are made at one go, or than can be counted: of a thing that is one piece. */
export const tooLong: Rule = ({ mainRows }) =>
	mainRows <= MOST_ROWS
		? null
		: mainRows > MOST_COUNTED
			? {
					body: { code: 'too-long', rows: mainRows, most: MOST_COUNTED, counted: true },
					severity: 'stop',
					where: { at: 'size' }
				}
			: {
					body: { code: 'too-long', rows: mainRows, most: MOST_ROWS, counted: false },
					severity: 'warn',
					where: { at: 'size' }
				};

const CLOG_ROWS = 250;
export const clog: Rule = ({ mainRows, machine }) =>
	mainRows > CLOG_ROWS && machine.pins >= 40
		? {
				body: { code: 'clog', rows: mainRows },
				severity: 'tip',
				where: { at: 'row', row: CLOG_ROWS }
			}
		: null;

export const noCounter: Rule = ({ machine, pieces }) => {
	const panels = pieces.some(
		(p) => p.machine.counter === 'tube' && p.rowByRow.stretches.some((x) => x.mode !== 'tube')
	);
	return machine.counter === 'none' || panels
		? {
				body: { code: 'no-counter', panels: machine.counter !== 'none' },
				severity: 'tip',
				where: { at: 'bench' }
			}
		: null;
};
