import { densitiesOf } from '$lib/core/bench/gauge/density';
import { outOfLine } from '$lib/core/bench/gauge/readings';
import type { RatioOf } from '$lib/core/bench/gauge/ratio';
import type { Machine, Yarn } from '$lib/core/model/bench';
import { STATES_BEST_FIRST } from '$lib/core/model/kinds';
import type { Bench } from '$lib/core/model/project';

export interface ChartPoint extends RatioOf {
	readonly id: string;
	readonly machine: Machine;
	readonly yarn: Yarn;
	/** Out of line with the other readings of its own swatch. */
	readonly apart: boolean;
}

/** Every reading of every swatch whose machine and yarn are still on the bench. */
export function chartPoints(bench: Bench): ChartPoint[] {
	const machines = new Map(bench.machines.map((m) => [m.id, m]));
	const yarns = new Map(bench.yarns.map((y) => [y.id, y]));
	return bench.swatches.flatMap((s) => {
		const machine = machines.get(s.machineId);
		const yarn = yarns.get(s.yarnId);
		if (!machine || !yarn) return [];
		const apart = new Set(
			STATES_BEST_FIRST.flatMap((state) => outOfLine(s.readings, state)).map((o) => o.readingId)
		);
		// A point has two sides: what was read of one alone has no place.
		return s.readings.flatMap((r) => {
			const both = densitiesOf(r);
			if (!both) return [];
			const id = `${s.id} ${r.id}`;
			const { state } = r;
			return [{ id, machine, machineId: machine.id, yarn, apart: apart.has(r.id), state, ...both }];
		});
	});
}
