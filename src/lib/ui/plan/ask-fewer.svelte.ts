import { gaugeBook } from '$lib/core/bench/gauge/book';
import { shortOf, type Short } from '$lib/core/crank/happened';
import type { Bench, Project, RunEvent } from '$lib/core/model/project';
import { planBare, type NoPlan, type Plan } from '$lib/core/plan';

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

	/** Whether a change may be made; a promise only where the maker is asked: nothing is lost by leaving at once. */
	readonly may = (next: Project): boolean | Promise<boolean> => {
		const { plan, bench, events } = this.now();
		if (!plan?.ok || !events.some((e) => e.type === 'row' || e.type === 'jump')) return true;
		const then = planBare(next, bench, gaugeBook(bench));
		const short = then.ok ? shortOf(plan.pieces, then.pieces, events) : [];
		return short.length === 0 || this.#ask(short);
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
