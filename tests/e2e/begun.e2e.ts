import { nameOf } from '../../src/lib/core/recipe';
import { LONG, expect, make, openDemo, test, visit } from './support';

/** What hides behind the list, by the view it is planned in; the long form walks through all of them. */
const GROUPS = [
	['cowl', 'scarf', 'headband', 'warmers', 'cup-sleeve', 'free-tube', 'sock', 'tube-top', 'pouch'],
	['jacket', 'rectangle', 'strap', 'blanket', 'seamed-tube', 'mitts', 'shrug', 'cord'],
	['toy', 'folded-bag', 'ball', 'garland', 'pom-pom', 'tube-blanket']
] as const;

for (const group of GROUPS) {
	const kinds = LONG ? group : group.slice(0, 1);
	test(
		`begun from the shelf, planned, cranked, finished, logged, without a hole in its words: ${kinds.join(', ')}`,
		{ tag: '@long' },
		async ({ page }) => {
			test.setTimeout(40_000 + 40_000 * kinds.length);
			await openDemo(page);
			const begun: string[] = [];
			for (const kind of kinds) {
				await make(page, nameOf(kind));
				const address = new URL(page.url()).pathname;
				begun.push(address.replace(/plan$/, ''));
				for (const view of ['plan', 'knit', 'finish', 'log', 'stand-ins']) {
					await visit(page, address.replace(/plan$/, view));
					const words = await page.locator('main').innerText();
					expect(words.length, `${kind}, ${view}`).toBeGreaterThan(80);
					expect(words, `${kind}, ${view}`).not.toMatch(/undefined|NaN|null/);
				}
			}
			await visit(page, '/');
			for (const address of begun)
				await expect(page.locator(`a[href^="${address}"]`).first()).toBeVisible();
		}
	);
}
