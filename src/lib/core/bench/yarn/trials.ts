import type { MachineId, Verdict, Yarn, YarnTest } from '../../model/bench';
import { twistKey } from './tex';

/** Tests of this yarn, or another colour of it, newest first. */
export function testsOf(
	yarn: Yarn,
	tests: readonly YarnTest[],
	yarns: readonly Yarn[]
): YarnTest[] {
	if (tests.length === 0) return [];
	const key = twistKey(yarn);
	const same = new Set(yarns.filter((y) => twistKey(y) === key).map((y) => y.id));
	same.add(yarn.id);
	return tests.filter((t) => same.has(t.yarnId)).sort((a, b) => b.at - a.at);
}

export interface MachineVerdict {
	readonly machineId: MachineId;
	readonly strands: number;
	readonly verdict: Verdict;
	readonly tests: number;
	/** True where older tests of the same setup said otherwise. */
	readonly disputed: boolean;
}

/** The newest verdict for each machine and number of strands, with how many tests stand behind it. */
export function verdicts(tests: readonly YarnTest[]): MachineVerdict[] {
	const groups = new Map<string, YarnTest[]>();
	for (const t of tests) {
		const key = `${t.machineId}|${t.strands}`;
		groups.set(key, [...(groups.get(key) ?? []), t]);
	}
	return [...groups.values()].map((group) => {
		const newest = group.reduce((a, b) => (b.at > a.at ? b : a));
		return {
			machineId: newest.machineId,
			strands: newest.strands,
			verdict: newest.verdict,
			tests: group.length,
			disputed: group.some((t) => opposite(t.verdict, newest.verdict))
		};
	});
}

const opposite = (a: Verdict, b: Verdict): boolean =>
	(a === 'runs' && b === 'fails') || (a === 'fails' && b === 'runs');

export interface Contradiction {
	readonly old: YarnTest;
	/** What was set differently, and may be why; empty where nothing was. */
	readonly differs: readonly ('slot' | 'hand')[];
}

/** Older tests of the same yarn, machine and strands that say the opposite of this one, newest first. */
export function contradictions(
	test: YarnTest,
	yarn: Yarn,
	tests: readonly YarnTest[],
	yarns: readonly Yarn[]
): Contradiction[] {
	return testsOf(yarn, tests, yarns)
		.filter(
			(t) =>
				t.id !== test.id &&
				t.machineId === test.machineId &&
				t.strands === test.strands &&
				opposite(t.verdict, test.verdict)
		)
		.map((old) => ({
			old,
			differs: (['slot', 'hand'] as const).filter((k) => old[k] !== test[k])
		}));
}
