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

/** A piece off the machine, as far as its tails go. */
export interface Tailed {
	/** Main rows by yarn. */
	readonly runs: readonly YarnRun[];
	readonly assembly: Assembly;
	/** Once round the pins, cm. */
	readonly ringCm: number;
	/** Share of the pins that the first row takes: below 1 for a panel. */
	readonly share: number;
}

/** Every tail the piece leaves, in main rows. */
export function tailsOf({ runs, assembly, ringCm, share }: Tailed): Tail[] {
	if (share < 1) return panelTails(runs, ringCm * share);
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

/** A panel's finished edge leaves a tail to weave in; the end takes one width to come off (common practice). */
function panelTails(runs: readonly YarnRun[], widthCm: number): Tail[] {
	const first = runs[0];
	const last = runs.at(-1);
	if (!first || !last) return [];
	const usual = [worked(JOIN_TAIL_CM, 'length', 'to weave in')];
	const width = [worked(widthCm, 'length', 'one width along the pins')];
	const long = widthCm > JOIN_TAIL_CM;
	const at = (row: number) => ({ atRow: row, lengthCm: JOIN_TAIL_CM, working: usual });
	const joins = runs.slice(1).flatMap((run, i): Tail[] => [
		{ id: 'join', yarn: runs[i]!.yarn, ...at(run.from) },
		{ id: 'join', yarn: run.yarn, ...at(run.from) }
	]);
	return [
		{ id: 'cast-on', yarn: first.yarn, ...at(0) },
		...joins,
		{
			id: 'cast-off',
			yarn: last.yarn,
			atRow: last.to,
			lengthCm: Math.max(JOIN_TAIL_CM, widthCm),
			working: long ? width : usual
		}
	];
}
