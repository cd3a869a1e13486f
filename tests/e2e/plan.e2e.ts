import { choose, expect, make, openDemo, opened, test, typed, visit } from './support';

const KEEPER = '/project/project-keeper/plan';

test('plans that take longer than a frame are made in a worker, and still follow every change', async ({
	page
}) => {
	// A clock that moves 20 ms whenever it is read: every plan seems slow.
	await page.addInitScript(() => {
		let t = 0;
		performance.now = () => (t += 20);
	});
	await openDemo(page);
	await page.goto(KEEPER);
	const rows = page.locator('summary', { hasText: /^\s*Rows/ });
	await typed(page, 'Brim', 'Brim height, as worn', '6 cm');
	await typed(page, 'Brim', 'Brim height, as worn', '7 cm');
	await expect.poll(() => page.workers().length).toBe(1);
	const before = await rows.innerText();
	await typed(page, 'Brim', 'Brim height, as worn', '3 cm');
	await expect(rows).not.toHaveText(before);
	await expect(page.getByRole('img', { name: /The finished hat/ })).toBeVisible();
});

test('each colour scheme draws its ribbon, its hat and its rows in both counter habits', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(KEEPER);
	const table = page.getByRole('table');
	const runningOf = async () =>
		(await table.locator('tbody tr td:last-child').allInnerTexts())
			.filter((t) => /^\d+$/.test(t))
			.map(Number);
	for (const [scheme, sections] of [
		['One', 1],
		['False brim a b a', 3],
		['Outer and lining', 2]
	] as const) {
		await choose(page, 'Colours', scheme);
		await expect.poll(async () => (await runningOf()).length).toBe(sections);
		const running = await runningOf();
		expect(running).toEqual(running.toSorted((a, b) => a - b));
		await expect(
			page.getByRole('img', { name: new RegExp(`The whole tube.*: ${running.at(-1)} rows`) })
		).toBeVisible();
	}
	await choose(page, 'Colours', 'Stripes');
	await page.getByRole('button', { name: 'Add a colour' }).click();
	await typed(page, 'Colours', 'Rows in a stripe', '9');
	await expect(table.locator('tbody tr')).not.toHaveCount(3);
});

test('a lip of lining is found, drawn and mended by one press', async ({ page }) => {
	await openDemo(page);
	await page.goto(KEEPER);
	await choose(page, 'Brim', 'not turned');
	const lip = page.getByRole('listitem').filter({ hasText: 'A lip of lining shows at the edge.' });
	await expect(lip).toBeVisible();
	await page.getByRole('button', { name: 'Turn the brim up' }).click();
	await expect(lip).toBeHidden();
	await typed(page, 'Colours', 'Lining longer by', '0');
	const onFold = page.getByRole('listitem').filter({ hasText: 'The colour changes on the fold' });
	await expect(onFold).toBeVisible();
	await page.getByRole('button', { name: 'Make the lining 6 rows longer' }).click();
	await expect(onFold).toBeHidden();
});

test('the schools of waste, joins and closing change the run and the steps', async ({ page }) => {
	await openDemo(page);
	await page.goto(KEEPER);
	const waste = await opened(page, 'Waste yarn and tails');
	await waste.getByRole('group', { name: 'Waste at the end' }).getByText('5 rows').click();
	await expect(page.getByText('Waste yarn, crank off')).toBeVisible();
	await page.keyboard.press('Escape');
	const crown = await opened(page, 'Crown closed by');
	await crown.getByText('zip both').click();
	await expect(crown).toBeHidden();
	// As a maker goes there: what was chosen need not be on the disk yet.
	await visit(page, '/project/project-keeper/finish');
	await expect(page.getByText('Zip both ends together, 48 loops with 48')).toBeVisible();
});

test('a project taken off the shelf can be put back with its run', async ({ page }) => {
	await openDemo(page);
	await page.goto(KEEPER);
	await page.getByRole('button', { name: 'Take this project off the shelf' }).click();
	await expect(page.getByRole('link', { name: /Lamp keeper/ })).toBeHidden();
	await page.getByRole('button', { name: 'Put it back' }).click();
	const back = page
		.getByRole('listitem')
		.filter({ has: page.getByRole('link', { name: /Lamp keeper/ }) });
	await expect(back).toContainText(/46\s*of 112/);
});

test('another ring says what it changes', async ({ page }) => {
	await openDemo(page);
	await page.goto(KEEPER);
	await choose(page, 'On', '22 pins, the window');
	await expect(
		page.getByText(/On 22 pins, the window in place of 48 pins, the stall: /)
	).toContainText(/width, flat: [\d.]+ cm, was [\d.]+ cm/);
});

test('a tube top that no ring serves is begun of panels instead', async ({ page }) => {
	await openDemo(page);
	await make(page, 'Tube top');
	await expect(page.getByRole('textbox', { name: 'Tube top' })).toBeVisible();
	await (await opened(page, 'For')).getByText(/104 cm/).click();
	await page.getByRole('button', { name: /Sew it of panels, [\d.]+ cm round/ }).click();
	await expect(page.getByRole('textbox', { name: 'Tube from a panel' })).toBeVisible();
});
