import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, phrase, stored, test, visit } from './support';

const VIEWS = [
	['shelf', '/'],
	['bench', '/bench'],
	['plan', '/project/project-keeper/plan'],
	['stand-ins', '/project/project-keeper/stand-ins'],
	['bench, yarn in it', '/bench?yarn=bw-foam&show=loop'],
	['bench, phases', '/bench?yarn=aw-aurora&show=phases'],
	['bench, tests', '/bench?yarn=gd-fog&show=tests'],
	['bench, strands', '/bench?yarn=ht-warm&show=strands'],
	['bench, make with it', '/bench?yarn=bw-kelp&show=make'],
	['bench, written patterns', '/bench?yarn=bw-kelp&show=written'],
	['a written pattern', '/pattern/pattern-slipover?yarn=bw-kelp'],
	['bench, all swatches', '/bench?yarn=bw-kelp&show=chart'],
	['before the crank', '/project/project-foghorn/knit'],
	['crank', '/project/project-keeper/knit'],
	['crank of a panel', '/project/project-flags/knit'],
	['plan of flags', '/project/project-flags/plan'],
	['plan of a garment', '/project/project-cardigan/plan'],
	['plan of a wide cloth', '/project/project-cloth/plan'],
	['finish of a garment', '/project/project-vest/finish'],
	['finish', '/project/project-buoy/finish'],
	['log', '/project/project-first/log'],
	['plan of a thing, a bag', '/project/project-bag/plan'],
	['plan of a thing, a toy', '/project/project-seal/plan'],
	['plan of a thing, a garland', '/project/project-garland/plan'],
	['finish of a thing', '/project/project-seal/finish'],
	['order', '/order/order-fair'],
	['what can be made', '/make'],
	['a first thing', '/start?what=lined-hat'],
	['the parts of the house', '/parts'],
	['how it is done', '/how'],
	['files', '/keep']
] as const;

/** Dark or light, once the colours have stopped changing. */
async function scheme(page: Page, colorScheme: 'dark' | 'light') {
	await page.emulateMedia({ colorScheme });
	await expect(page.locator('html')).toHaveAttribute(
		'data-theme',
		colorScheme === 'dark' ? 'night' : 'fog'
	);
	await expect
		.poll(() =>
			page.evaluate(() => document.getAnimations().filter((a) => a instanceof CSSTransition).length)
		)
		.toBe(0);
}

const HALF = Math.ceil(VIEWS.length / 2);

for (const [half, views] of [VIEWS.slice(0, HALF), VIEWS.slice(HALF)].entries()) {
	test(`no serious accessibility findings, light and dark, and nothing cut off sideways, ${half + 1} of 2`, async ({
		page
	}) => {
		test.setTimeout(300_000);
		await openDemo(page);
		const grave: string[] = [];
		const look = async (name: string, axe: AxeBuilder) => {
			for (const v of (await axe.analyze()).violations)
				if (v.impact === 'serious' || v.impact === 'critical')
					grave.push(`${name}: ${v.id} at ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
		};
		for (const [name, path] of views) {
			await visit(page, path);
			// Techniques stand beside one another alike: of each row the first is looked at.
			const axe = () => new AxeBuilder({ page }).exclude('article ~ article');
			await look(name, axe());
			// What differs in the dark is colour alone.
			await scheme(page, 'dark');
			await look(`${name}, dark`, axe().withRules(['color-contrast']));
			await scheme(page, 'light');
			for (const width of [390, 1280]) {
				await page.setViewportSize({ width, height: 800 });
				// Pictures follow their frame's new width a moment later.
				await expect
					.poll(() => page.evaluate(() => document.documentElement.scrollWidth), {
						message: `${name} at ${width}`
					})
					.toBeLessThanOrEqual(width);
			}
		}
		expect(grave).toEqual([]);
	});
}

test('one unit setting shows inches throughout, and stores nothing else', async ({ page }) => {
	await openDemo(page);
	await page.getByRole('button', { name: /Lengths in centimetres/ }).click();
	for (const [name, path] of VIEWS.slice(0, 11)) {
		await visit(page, path);
		// The names of the notations keep their centimetres; every length is in inches.
		// Nor is the text of a pattern, which stays as it was pasted, one of ours.
		const pasted = await page.getByRole('region', { name: 'As it was read' }).allInnerTexts();
		const text = pasted
			.reduce((all, own) => all.replace(own, ''), await page.locator('main').innerText())
			.replace(/“[^”]*”/g, '')
			.replaceAll('in 10 cm', '');
		expect(text, name).not.toMatch(/\d cm\b(?! to)/);
	}
	await page.goto('/project/project-keeper/plan');
	await expect(phrase(page, 'Brim')).toContainText('1.97 in');
});

test('the plan prints without its controls', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-keeper/plan');
	await expect(page.getByRole('heading', { name: 'Yarn', exact: true })).toBeVisible();
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
	await expect(page.getByRole('navigation')).toBeHidden();
	await expect(page.getByText('Counter zeroed')).toBeVisible();
	await expect(page.locator('p', { hasText: /^Lamp keeper$/ })).toBeVisible();
});

test('dark and light are chosen once and kept', async ({ page }) => {
	await openDemo(page);
	const theme = () => page.evaluate(() => document.documentElement.dataset.theme);
	expect(await theme()).toBe('fog');
	await page.getByRole('button', { name: 'Colours: as the device has them' }).click();
	await page.getByRole('button', { name: 'Colours: light' }).click();
	await expect.poll(theme).toBe('night');
	await stored(page);
	await page.reload();
	await expect.poll(theme).toBe('night');
});
