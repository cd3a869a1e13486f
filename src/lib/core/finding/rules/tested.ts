import { testsOf, verdicts } from '../../bench/yarn/trials';
import { rowsWord } from '../../quantity/say';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'test-failed': {
			readonly yarn: number;
			readonly rows: number;
			readonly faults: number;
			readonly disputed: boolean;
		};
		'test-care': {
			readonly yarn: number;
			readonly rows: number;
			readonly faults: number;
			readonly disputed: boolean;
		};
	}
}

const faultsWord = (n: number): string =>
	n === 0 ? 'no faults' : n === 1 ? 'one fault' : `${n} faults`;

/** The maker's own newest test of a yarn on this machine, where it did not simply run. */
export const tested = rule({
	says: {
		'test-failed': (f, _s, yarn) => ({
			what: `${yarn(f.yarn)} did not run on this machine when you tried it.`,
			why: `${rowsWord(f.rows)} tried, ${faultsWord(f.faults)}${f.disputed ? '; an older test of yours says it runs, so try the slot and hand of that one' : ''}. Choose another yarn, or test it again before you knit.`
		}),
		'test-care': (f, _s, yarn) => ({
			what: `${yarn(f.yarn)} runs on this machine with care.`,
			why: `Your test: ${rowsWord(f.rows)}, ${faultsWord(f.faults)}. Crank slowly and watch each turn.`
		})
	},
	test: ({ yarns, bench, tests, machine }) =>
		yarns.flatMap((y, yarn) => {
			const newest = testsOf(y, tests, bench).find(
				(t) => t.machineId === machine.id && t.strands === y.strands
			);
			if (!newest || newest.verdict === 'runs') return [];
			const known = testsOf(y, tests, bench).filter((t) => t.machineId === machine.id);
			const failed = newest.verdict === 'fails';
			return [
				{
					body: {
						code: failed ? ('test-failed' as const) : ('test-care' as const),
						yarn,
						rows: newest.rows,
						faults: Object.values(newest.faults).reduce((a, b) => a + b, 0),
						disputed: verdicts(known).some((v) => v.strands === y.strands && v.disputed)
					},
					severity: failed ? ('warn' as const) : ('tip' as const),
					where: { at: 'yarn' as const, yarn }
				}
			];
		})
});
