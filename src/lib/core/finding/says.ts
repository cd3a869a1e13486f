import { say } from '../quantity/say';
import type { Units } from '../quantity/units';
import type { FindingBody, FindingCode } from './finding';
import type { Says, Sentences, Writer } from './rule';

const SAYS = new Map<string, Writer<FindingCode>>();

/** Rules that are at hand say their findings: those of a recipe once it is loaded. */
export function learnSays(rules: readonly { readonly says: Says }[]): void {
	for (const { says } of rules)
		for (const [code, writer] of Object.entries(says))
			SAYS.set(code, writer as Writer<FindingCode>);
}

export interface FindingContext {
	readonly units: Units;
	/** Colour name of a yarn index. */
	readonly yarnName: (yarn: number) => string;
}

/** One sentence what, one sentence why with the numbers in it. @throws RangeError where no rule at hand says it */
export function wordFinding(f: FindingBody, { units, yarnName }: FindingContext): Sentences {
	const writer = SAYS.get(f.code);
	if (!writer) throw new RangeError(`no rule says ${f.code}`);
	return writer(f, say(units), yarnName);
}
