import { feedNow } from '../crank/happened';
import { progressOf } from '../crank/makes';
import type { Fed } from '../model/bench';
import type { Forecast, RunEvent } from '../model/project';
import type { Plan } from '../plan';

/**
 * A forecast with how each pair was really fed: as was planned, or as it was set at the crank since, whichever most of its
 * rows had.
 */
export function asFed(
	told: Forecast,
	{ pieces, yarns }: Pick<Plan, 'pieces' | 'yarns'>,
	events: readonly RunEvent[]
): Forecast {
	const { makes } = progressOf(pieces, events);
	const on = told.on.map((pair) => {
		const rows = new Map<string, { readonly fed: Fed; rows: number }>();
		for (const { make, run } of makes) {
			const { machine, runs, feeds, sheet } = make.piece;
			if (machine.id !== pair.machineId) continue;
			for (const r of runs) {
				if (yarns[r.yarn]?.id !== pair.yarnId) continue;
				for (let row = r.from; row < r.to; row++) {
					const then = run.happened.filter((h) => h.row <= row + sheet.wasteBefore);
					const fed = feedNow(feeds[r.yarn], then);
					if (!fed) continue;
					const { slot, hand } = fed;
					const of = rows.get(`${slot} ${hand}`) ?? { fed: { slot, hand }, rows: 0 };
					of.rows += 1;
					rows.set(`${slot} ${hand}`, of);
				}
			}
		}
		const [most] = [...rows.values()].sort((a, b) => b.rows - a.rows);
		return most ? { ...pair, fed: most.fed } : pair;
	});
	return { ...told, on };
}
