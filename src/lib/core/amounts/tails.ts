import type { Assembly } from '../assemble/assembly';
import type { YarnRun } from '../simulate/fabric';
import { own, worked, type Working } from '../quantity/working';

/** A tail to go through all loops: 1.5 to 2 times round the machine; the middle is planned (common practice). */
const ROUNDS_TO_GATHER = 1.75;
/** A tail at a join: 6 to 10 in (common practice). */
export const JOIN_TAIL_CM = 20;

export interface Tail {
	readonly id: 'cast-on' | 'cast-off' | 'join';
	readonly yarn: number;
	readonly lengthCm: number;
	/** Main row (from 0) before which the tail is left. */
	readonly atRow: number;
	readonly working: Working;
}

/** Every tail the piece leaves, in main rows. `runs` are the main rows by yarn. */
export function tailsOf(runs: readonly YarnRun[], assembly: Assembly, ringCm: number): Tail[] {
	const zip = assembly.some((s) => s.do === 'zip');
	const rounds = (label: string, n: number): Pick<Tail, 'lengthCm' | 'working'> => ({
		lengthCm: n * ROUNDS_TO_GATHER * ringCm,
		working: [
			own(ringCm, 'length', 'round your machine'),
			'×',
			worked(ROUNDS_TO_GATHER, 'plain', '1.5 to 2 rounds'),
			...(n > 1 ? ['×', worked(n, 'plain', label)] : [])
		]
	});
	const tails: Tail[] = [];
	for (const [i, run] of runs.entries()) {
		const last = runs.length - 1;
		if (i === 0) tails.push({ id: 'cast-on', yarn: run.yarn, atRow: 0, ...rounds('', 1) });
		if (i < last) {
			const working = [worked(JOIN_TAIL_CM, 'length', 'usual tail at a join')];
			const at = { atRow: run.to, lengthCm: JOIN_TAIL_CM, working };
			tails.push({ id: 'join', yarn: run.yarn, ...at });
			tails.push({ id: 'join', yarn: runs[i + 1]!.yarn, ...at });
		}
		if (i === last)
			tails.push({
				id: 'cast-off',
				yarn: run.yarn,
				atRow: run.to,
				...rounds('times through', zip ? 2 : 1)
			});
	}
	return tails;
}
