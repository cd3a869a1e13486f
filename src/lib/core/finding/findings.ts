import type { Facts, Rule } from './facts';
import type { Finding } from './finding';
import * as fit from './fit-rules';
import * as gauge from './gauge-rules';
import { graver, toFinding } from './to-finding';
import * as yarn from './yarn-rules';

/** Every rule, one a row; a new judgement is one function and one row here. */
const RULES: readonly Rule[] = [
	fit.cannotKnit,
	fit.tooLong,
	fit.panelTooWide,
	fit.sectionVanishes,
	gauge.freshOnly,
	gauge.noSwatch,
	gauge.freshUsed,
	gauge.discord,
	gauge.oddGauge,
	gauge.oneReading,
	fit.stretchOnHead,
	fit.tubeRound,
	fit.pastPulled,
	fit.height,
	fit.twoFigures,
	fit.hemBoundary,
	fit.brimTooHigh,
	fit.liningLip,
	fit.outerPeeks,
	fit.boundaryOnFold,
	yarn.yarnEnough,
	yarn.tested,
	yarn.thickYarn,
	yarn.weakYarn,
	yarn.gaugesDiffer,
	yarn.lightLining,
	yarn.showsThrough,
	yarn.cotton,
	fit.stripeCut,
	fit.babyCaution,
	fit.shortWaste,
	fit.clog,
	fit.unusualPins,
	fit.manyTails,
	fit.hiddenJoinsRule,
	fit.garlandCaution,
	fit.noCounter
];

/** What a careful maker would say about the plan, the gravest first; `more` are the rules of what garments alone have. */
export function findingsFor(facts: Facts, more: readonly Rule[] = []): Finding[] {
	// Where nothing is cranked there is no gauge or machine to judge: only the yarn.
	const rules = facts.mainRows > 0 || !facts.thing ? RULES : [yarn.yarnEnough];
	const judgements = [...more, ...rules].flatMap((rule) => rule(facts) ?? []);
	return judgements.map((j) => toFinding(j, facts.project.accepted)).sort(graver);
}
