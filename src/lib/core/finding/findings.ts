import type { Facts } from './facts';
import type { Finding } from './finding';
import type { Rule } from './rule';
import { cannotBeDone } from './rules/cannot-be-done';
import { cannotKnit } from './rules/cannot-knit';
import { clog } from './rules/clog';
import { cotton } from './rules/cotton';
import { discord } from './rules/discord';
import { fabric } from './rules/fabric';
import { freshOnly } from './rules/fresh-only';
import { freshUsed } from './rules/fresh-used';
import { fuzzyLadders } from './rules/fuzzy-ladders';
import { gaugesDiffer } from './rules/gauges-differ';
import { looseHem } from './rules/loose-hem';
import { noCounter } from './rules/no-counter';
import { noSwatch } from './rules/no-swatch';
import { oddGauge } from './rules/odd-gauge';
import { oneReading } from './rules/one-reading';
import { refusals } from './rules/refusals';
import { ringSticks } from './rules/ring-sticks';
import { tested } from './rules/tested';
import { thickYarn } from './rules/thick-yarn';
import { weakYarn } from './rules/weak-yarn';
import { yarnEnough } from './rules/yarn-enough';
import { yarnHeld } from './rules/yarn-held';
import { learnSays } from './says';
import { graver, toFinding } from './to-finding';

/** Every rule that holds for whatever is made: a new judgement is its file and a row here. */
export const RULES: Rule[] = [
	cannotKnit,
	cannotBeDone,
	freshOnly,
	noSwatch,
	freshUsed,
	discord,
	oddGauge,
	oneReading,
	yarnEnough,
	tested,
	thickYarn,
	weakYarn,
	gaugesDiffer,
	cotton,
	fabric,
	fuzzyLadders,
	looseHem,
	ringSticks,
	clog,
	noCounter
];
/** Where nothing is cranked there is no gauge or machine to judge: only the yarn. */
const OF_YARN: readonly Rule[] = [yarnEnough];
learnSays([...RULES, refusals, yarnHeld]);

/** What a careful maker would say about the plan, the gravest first; `own` are the rules of what is made alone. */
export function findingsFor<W, F>(facts: Facts<W, F>, own: readonly Rule<W, F>[] = []): Finding[] {
	const rules = facts.pieces.length > 0 ? RULES : OF_YARN;
	const judgements = [...own, ...(rules as readonly Rule<W, F>[])].flatMap(
		(r) => r.test(facts) ?? []
	);
	return judgements.map((j) => toFinding(j, facts.project.accepted)).sort(graver);
}
