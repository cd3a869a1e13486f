import { expect, openDemo, test, stored } from './support';

test('a stand-in is found, taken, and undone', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-keeper/plan');
	await page.getByRole('link', { name: 'Find a stand-in for lantern' }).click();
	await expect(page.getByText('It is the yarn as planned.')).toBeVisible();
	await expect(page.getByRole('button', { name: /^Use / }).first()).toBeVisible();
	await expect(page.getByText('estimated, not measured').first()).toBeVisible();
	await expect(
		page.getByText(/40 rows of it on 48 pins, rested and measured twice/).first()
	).toBeVisible();
	await page.getByRole('button', { name: 'Use kelp, Breakwater', exact: true }).click();
	await expect(page).toHaveURL(/\/plan$/);
	await expect(page.getByRole('link', { name: 'Find a stand-in for kelp' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).last().click();
	await expect(page.getByRole('link', { name: 'Find a stand-in for lantern' })).toBeVisible();
});

test('a yarn typed in from a shop’s label is compared, and is to be bought', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-foghorn/stand-ins');
	await page.getByRole('button', { name: 'Type in a yarn to buy' }).click();
	await page.getByRole('textbox', { name: 'What it is called' }).fill('Chandlery wool');
	await page.getByRole('textbox', { name: 'Length of 100 g' }).fill('190 m');
	await page.getByRole('button', { name: 'Compare it' }).click();
	await expect(page.getByText(/to be bought: \d+ g/).first()).toBeVisible();
	await page
		.getByRole('button', { name: 'Use Chandlery wool, Chandlery wool', exact: true })
		.first()
		.click();
	await expect(page).toHaveURL(/\/plan$/);
	await page.goto('/bench');
	await expect(page.getByRole('button', { name: /Chandlery wool/ }).first()).toBeVisible();
});

test('yarn is held while planned and comes off the stock when made, by weight or by the sum', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/project/project-tideline/plan');
	await expect(page.getByText(/held for Buoy stripes/)).toBeVisible();
	await page.goto('/project/project-buoy/log');
	await page.getByText('by weight before and after').click();
	await page.getByRole('textbox', { name: 'after' }).first().fill('300 g');
	await expect(page.getByText('It weighs more after than before')).toBeVisible();
	await page.getByRole('textbox', { name: 'after' }).first().fill('210 g');
	await expect(page.getByText(/took 30 g/)).toBeVisible();
	await page.getByRole('button', { name: 'Take it off the stock' }).click();
	await expect(page.getByText('30 g of foam weighed before and after')).toBeVisible();
	await stored(page);
	await page.goto('/project/project-tideline/plan');
	await expect(page.getByText('210 g on hand')).toBeVisible();
	await expect(page.getByText(/held for Buoy stripes/)).toBeHidden();
	await page.goto('/project/project-buoy/log');
	await page.getByRole('button', { name: 'Put it back on the stock' }).click();
	await expect(page.getByRole('button', { name: 'Take it off the stock' })).toBeVisible();
	await page.goto('/project/project-buoy/finish');
	await expect(page.getByRole('region', { name: 'Its tag' })).toContainText(
		'75 % wool, 25 % nylon'
	);
});

test('once the answer is there, nothing is asked again until something changes', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/project/project-keeper/stand-ins');
	await expect(page.getByText('It is the yarn as planned.')).toBeVisible();
	const asked = () => page.evaluate(() => performance.getEntriesByName('rank-stand-ins').length);
	/** Until the page has had nothing to do so many times: whatever was to follow has followed. */
	const idle = () =>
		page.evaluate(async () => {
			for (let i = 0; i < 30; i++)
				await new Promise((done) => requestIdleCallback(done, { timeout: 500 }));
		});
	await idle();
	const before = await asked();
	await idle();
	expect(await asked()).toBe(before);
});
