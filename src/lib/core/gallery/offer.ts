import type { GaugeBook } from '../bench/gauge/book';
import type { Bench, Project } from '../model/project';
import { planBare } from '../plan';
import { mainRowsOf } from '../plan/totals';
import { sum, type Estimate } from '../quantity/estimate';
import { stockOf, type Stock } from '../quantity/short';
import { beginning, type Prefer } from '../recipe/begin';
import type { AnyRecipe } from '../recipe';
import { thingOf, type Thing } from '../thing/thing';

/** What could be made, as its plan would begin. */
export interface Offer {
	readonly id: string;
	readonly pins: number;
	readonly machineId: string;
	/** Rows to crank, waste apart, and pieces. */
	readonly rows: number;
	readonly pieces: number;
	/** At the crank and by hand, minutes. */
	readonly minutes: Estimate;
	/** Of all yarns, g. */
	readonly grams: Estimate;
	/** The scarcest of its yarns. */
	readonly stock: Stock['is'];
	readonly colours: readonly string[];
	readonly thing: Thing;
}

const WORST: readonly Stock['is'][] = ['short', 'close', 'enough'];

/** A recipe as it would begin on a bench; null where it cannot be planned there. */
export function offerOf(
	recipe: AnyRecipe,
	bench: Bench,
	book: GaugeBook,
	prefer: Prefer = {}
): Offer | null {
	const begun = beginning(recipe, bench, prefer);
	if (!begun) return null;
	const project: Project = {
		id: `offer-${recipe.id}` as Project['id'],
		name: recipe.id,
		createdAt: 0,
		machineId: begun.machine.id,
		options: begun.options,
		accepted: [],
		useFresh: false,
		holdsYarn: false,
		used: null,
		note: ''
	};
	const plan = planBare(project, bench, book);
	if (!plan.ok) return null;
	const stocks = plan.amounts.map((a) => stockOf(a.grams.value, a.gramsOnHand).is);
	return {
		id: recipe.id,
		pins: begun.machine.pins,
		machineId: begun.machine.id,
		rows: mainRowsOf(plan.pieces),
		pieces: plan.pieces.reduce((t, p) => t + p.count, 0),
		minutes: sum([plan.time.value, ...(plan.byHand ? [plan.byHand.value] : [])]),
		grams: sum(plan.amounts.map((a) => a.grams.value)),
		stock: WORST.find((w) => stocks.includes(w)) ?? 'enough',
		colours: plan.yarns.map((y) => y.colour),
		thing: thingOf(plan, project.options)
	};
}
