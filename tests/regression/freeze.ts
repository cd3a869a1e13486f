import { bookOf, differences, freeze, planned, thaw } from './frozen';
import { digests, freezeDigests, frozenDigests } from './digests';
import { FACETS, type Facet } from './facets';

/**
 * `npx tsx tests/regression/freeze.ts findings steps`: takes what today's code says of these facets as what it shall say, and
 * prints what is different from before. A change that is meant names its facet here, and no other.
 */
const wanted = process.argv.slice(2);
const unknown = wanted.find((w) => !(FACETS as readonly string[]).includes(w));
if (wanted.length === 0 || unknown)
	throw new Error(`${unknown ?? 'nothing'} is no facet: ${FACETS.join(', ')}`);
const plans = planned();
for (const facet of wanted as Facet[]) {
	const book = bookOf(facet, plans);
	let was: unknown = {};
	try {
		was = thaw(facet);
	} catch {
		// The first time there is nothing yet.
	}
	const found = differences(was, book, '', 1e6);
	freeze(facet, book);
	say(`${facet}: ${plans.length} plans, ${found.length} differences`);
	for (const d of found.slice(0, 10)) say(`  ${d.at}: ${str(d.was)} -> ${str(d.is)}`);
}
// Of every recipe with each option changed, only which facets are different.
const { all } = digests();
const before = frozenDigests();
for (const [recipe, by] of Object.entries(all))
	for (const facet of FACETS) {
		const changed = before[recipe]?.[facet] !== by[facet];
		if (changed && !(wanted as Facet[]).includes(facet)) {
			say(`${recipe}: ${facet} is different, and was not asked for`);
			by[facet] = before[recipe]?.[facet] ?? by[facet]!;
		} else if (changed) say(`${recipe}: ${facet} is different`);
	}
freezeDigests(all);
function str(x: unknown): string {
	return String(JSON.stringify(x)).slice(0, 160);
}
function say(line: string): void {
	process.stdout.write(`${line}\n`);
}
