import * as Comlink from 'comlink';
import type { Order } from '../core/model/order';
import type { Bench, Project } from '../core/model/project';
import { linesOf, planOrder } from '../core/order/order';
import { plan } from '../core/plan';
import { heldBy, leftOf } from '../core/order/stock';
import { longestTubes, makeWith } from '../core/substitute/make-with';
import { substitutesFor } from '../core/substitute/rank';

/** An order with the plans of its projects, and what others hold, made here: what comes back is figures alone. */
function stallOrder(order: Order, projects: readonly Project[], bench: Bench) {
	const { lines, lost } = linesOf(order, projects, (p) => {
		const made = plan(p, bench);
		return made.ok ? made : null;
	});
	const others = projects.filter((p) => !order.lines.some((l) => l.projectId === p.id));
	return {
		lost,
		lines: lines.map((l) => ({ projectId: l.project.id, wanted: l.wanted })),
		plan: planOrder(lines, leftOf(bench.yarns, heldBy(others, bench)))
	};
}
export type StallOrder = ReturnType<typeof stallOrder>;

/** Core behind a worker: for what takes longer than a frame. */
const api = { plan, stallOrder, heldBy, longestTubes, makeWith, substitutesFor };
export type PlanWorker = typeof api;
Comlink.expose(api);
