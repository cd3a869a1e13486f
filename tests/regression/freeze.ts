import { bookOf, differences, freeze, planned, thaw } from './frozen';
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
function str(x: unknown): string {
	return String(JSON.stringify(x)).slice(0, 160);
}
function say(line: string): void {
	process.stdout.write(`${line}\n`);
}
