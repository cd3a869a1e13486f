import { shortOf, type Short } from '$lib/core/crank/happened';
import type { Bench, Project, RunEvent } from '$lib/core/model/project';
import type { NoPlan, Plan } from '$lib/core/plan';
import { planner } from '$lib/worker/planner';

/** Asks before a piece on the machine is planned with fewer rows than are knitted. */
export class AskFewer {
	/** What the change falls short of; null while nothing is asked. */
	short = $state.raw<readonly Short[] | null>(null);
	#answer: ((yes: boolean) => void) | null = null;

	constructor(
		private readonly now: () => {
			readonly plan: Plan | NoPlan | null;
			readonly bench: Bench;
			readonly events: readonly RunEvent[];
		}
	) {}

	/** Whether a change may be made; a promise where the maker is asked, or the plan takes a while. */
	readonly may = (next: Project): boolean | Promise<boolean> => {
		const { plan, bench, events } = this.now();
		if (!plan?.ok || events.length === 0) return true;
		const judge = (then: Plan | NoPlan): boolean | Promise<boolean> => {
			const short = then.ok ? shortOf(plan.pieces, then.pieces, events) : [];
			return short.length === 0 ? true : this.#ask(short);
		};
		return planner.away ? planner.later(next, bench).then(judge) : judge(planner.now(next, bench));
	};

	#ask(short: readonly Short[]): Promise<boolean> {
		this.#answer?.(false);
		this.short = short;
		return new Promise((resolve) => (this.#answer = resolve));
	}

	answer(yes: boolean): void {
		this.short = null;
		this.#answer?.(yes);
		this.#answer = null;
	}
}
