import AxeBuilder from '@axe-core/playwright';
import { expect, openDemo, test } from './support';

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
	['bench, written pattern', '/bench?yarn=bw-kelp&show=written'],
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
	['how it is done', '/how'],
	['files', '/keep']
] as const;

for (const scheme of ['light', 'dark'] as const) {
	test(`no serious accessibility findings on any main view, ${scheme}`, async ({ page }) => {
		test.setTimeout(420_000);
		await page.emulateMedia({ colorScheme: scheme });
		await openDemo(page);
		for (const [name, path] of VIEWS) {
			await page.goto(path);
			await expect(page.locator('h1').first()).toBeAttached();
			await page.waitForTimeout(/garment|cloth|thing|order/.test(name) ? 1200 : 250);
			const axe = new AxeBuilder({ page });
			// What differs in the dark is colour alone.
			if (scheme === 'dark') axe.withRules(['color-contrast']);
			const { violations } = await axe.analyze();
			const serious = violations
				.filter((v) => v.impact === 'serious' || v.impact === 'critical')
				.map((v) => `${name}: ${v.id} at ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
			expect(serious).toEqual([]);
		}
	});
}

test('nothing is cut off sideways at any main view, on the desk and on a phone', async ({
	page
}) => {
	test.setTimeout(240_000);
	await openDemo(page);
	for (const width of [1280, 390]) {
		await page.setViewportSize({ width, height: 800 });
		for (const [name, path] of VIEWS) {
			await page.goto(path);
			await expect(page.locator('h1').first()).toBeAttached();
			await page.waitForTimeout(/garment|cloth|thing|order/.test(name) ? 1200 : 150);
			const wide = await page.evaluate(() => document.documentElement.scrollWidth);
			expect(wide, `${name} at ${width}`).toBeLessThanOrEqual(width);
		}
	}
});

test('one unit setting shows inches throughout, and stores nothing else', async ({ page }) => {
	await openDemo(page);
	await page.getByRole('button', { name: /Lengths in centimetres/ }).click();
	for (const [name, path] of VIEWS.slice(0, 11)) {
		await page.goto(path);
		await expect(page.locator('h1').first()).toBeAttached();
		await page.waitForTimeout(250);
		// The names of the notations keep their centimetres; every length is in inches.
		const text = (await page.locator('main').innerText()).replaceAll('in 10 cm', '');
		expect(text, name).not.toMatch(/\d cm\b(?! to)/);
	}
	await page.goto('/project/project-keeper/plan');
	await expect(page.getByRole('textbox', { name: 'Brim height, as worn' })).toHaveValue('1.97 in');
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
	await page.getByRole('button', { name: 'as device' }).click();
	await page.getByRole('button', { name: 'light', exact: true }).click();
	await expect.poll(theme).toBe('night');
	await page.reload();
	await expect.poll(theme).toBe('night');
});
