import type { Bench, Project } from '../core/model/project';
import { plan } from '../core/plan';
import type { Offer } from '../core/gallery/offer';
import type { NoPlan, Plan } from '../core/plan/types';
import type { Prefer } from '../core/recipe/begin';
import type { Thing } from '../core/thing/thing';
import { WorkerLink } from './link';
import type { PlanWorker } from './plan.worker';

/** A frame at 60 Hz, in ms. */
const FRAME_MS = 16;
/** The first plans run on cold code; only a plan slow twice in a row moves to the worker. */
const SLOW_IN_A_ROW = 2;

/** Plans at once while that fits in a frame, and in a worker when it does not. */
export class Planner extends WorkerLink<PlanWorker> {
	#slow = 0;

	constructor(private readonly clock: () => number = () => performance.now()) {
		super(() => new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));
	}

	/** Whether plans are made in the worker: all are, once two in a row were slow. */
	get away(): boolean {
		return this.#slow >= SLOW_IN_A_ROW;
	}

	/** `done` is called when the plan is made, before the clock is read again. */
	now(project: Project, bench: Bench, done?: () => void): Plan | NoPlan {
		const start = this.clock();
		const result = plan(project, bench);
		done?.();
		this.#slow = this.clock() - start > FRAME_MS ? this.#slow + 1 : 0;
		return result;
	}

	/** A plan for the shelf, without counsel, made in the worker. */
	bare(project: Project, bench: Bench): Promise<Plan | NoPlan> {
		return this.ask<Plan | NoPlan>((worker) => worker.bare(project, bench));
	}

	/** The same with the thing that comes of it, drawn there. */
	card(project: Project, bench: Bench): Promise<{ plan: Plan | NoPlan; thing: Thing | null }> {
		return this.ask<{ plan: Plan | NoPlan; thing: Thing | null }>((worker) =>
			worker.card(project, bench)
		);
	}

	/** What a recipe would begin as on a bench; null where it cannot. */
	offer(id: string, bench: Bench, prefer: Prefer = {}): Promise<Offer | null> {
		return this.ask<Offer | null>((worker) => worker.offer(id, bench, prefer));
	}

	later(project: Project, bench: Bench): Promise<Plan | NoPlan> {
		return this.ask<Plan | NoPlan>((worker) => worker.plan(project, bench));
	}
}

/** One planner a page is enough; what it learns about this machine's speed holds for all projects. */
export const planner = new Planner();
