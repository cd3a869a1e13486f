import type { Facts, Rule } from './facts';
import type { Finding } from './finding';
import * as fit from './fit-rules';
import * as gauge from './gauge-rules';
import { graver, toFinding } from './to-finding';
import * as yarn from './yarn-rules';

/** Every rule that holds for whatever is made, one a row; a new judgement is one function and one row here. */
const RULES: readonly Rule[] = [
	fit.cannotKnit,
	gauge.freshOnly,
	gauge.noSwatch,
	gauge.freshUsed,
	gauge.discord,
	gauge.oddGauge,
	gauge.oneReading,
	yarn.yarnEnough,
	yarn.tested,
	yarn.thickYarn,
	yarn.weakYarn,
	yarn.gaugesDiffer,
	yarn.cotton,
	fit.clog,
	fit.noCounter
];

/** What a careful maker would say about the plan, the gravest first; `own` are the rules of what is made alone. */
export function findingsFor<W, F>(facts: Facts<W, F>, own: readonly Rule<W, F>[] = []): Finding[] {
	// Where nothing is cranked there is no gauge or machine to judge: only the yarn.
	const rules = facts.pieces.length > 0 ? RULES : [yarn.yarnEnough];
	const judgements = [...own, ...rules].flatMap((rule) => rule(facts) ?? []);
	return judgements.map((j) => toFinding(j, facts.project.accepted)).sort(graver);
}
