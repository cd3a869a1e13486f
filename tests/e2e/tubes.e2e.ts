import { choose, count, expect, lineOf, make, openDemo, opened, test, typed } from './support';

test('a scarf from the shelf: colours by a stripe line, errors where they are, undo, and off to the crank', async ({
	page
}) => {
	await openDemo(page);
	await make(page, 'Scarf');
	await expect(page.getByRole('textbox', { name: 'Scarf' })).toBeVisible();
	const line = await lineOf(page);
	await line.fill('40 A, 7 times (5 A 5 B, 30 A');
	await expect(page.getByText('This bracket is never closed')).toBeVisible();
	// What was typed stays, and so does the plan as it was.
	await expect(line).toHaveValue('40 A, 7 times (5 A 5 B, 30 A');
	// Closed, too: with its sentence.
	await page.keyboard.press('Escape');
	await expect(page.getByText(/“40 A, 7 times.*stands as it was.*never closed/)).toBeVisible();
	await lineOf(page);
	await expect(line).toHaveValue('40 A, 7 times (5 A 5 B, 30 A');
	await line.fill('40 A, 7 times (5 A 5 B), 30 C');
	await expect(
		page.getByText('There is no yarn C: A to B are there. Add a colour first.')
	).toBeVisible();
	await (await opened(page, 'Colours')).getByRole('button', { name: 'Add C' }).click();
	await page.keyboard.press('Escape');
	await lineOf(page);
	await line.fill('40 A, 7 times (5 A 5 B), 30 C');
	await expect(page.getByText(/^140 rows; in all \d+ rows, \d+ joins/)).toBeVisible();
	await page.keyboard.press('Escape');
	await choose(page, 'Length is set by', 'the stripe line, once');
	await expect(page.getByRole('img', { name: /The whole tube.*140 rows/ })).toBeVisible();
	await page.getByText('The whole line').click();
	await page.getByRole('button', { name: 'Mirror about the middle' }).click();
	await expect(page.getByRole('img', { name: /The whole tube.*140 rows/ })).toBeVisible();
	await lineOf(page);
	await expect(line).not.toHaveValue('40 A, 7 times (5 A 5 B), 30 C');
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Undo' }).click();
	await lineOf(page);
	await expect(line).toHaveValue('40 A, 7 times (5 A 5 B), 30 C');
	await page.keyboard.press('Escape');
	await page.getByRole('link', { name: 'Knit this' }).click();
	await expect(page.getByRole('checkbox')).toHaveCount(5);
	for (const box of await page.getByRole('checkbox').all()) await box.check();
	await page.getByRole('button', { name: 'It is cast on: start counting' }).click();
	await expect(count(page)).toHaveText('0');
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('1');
});

test('the length of a tube by the yarn on hand, by a row count, and by nonsense', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/project/project-net/plan');
	await choose(page, 'Length is set by', 'the yarn on hand');
	await page.keyboard.press('Escape');
	await expect(page.getByText('that the yarn on hand gives')).toBeAttached();
	await choose(page, 'Length is set by', 'a row count');
	await typed(page, 'Length is set by', 'Rows', '9000');
	await expect(page.getByText(/4 to 600 rows/).first()).toBeVisible();
	// Closed, what was typed is kept with its sentence.
	await page.keyboard.press('Escape');
	await expect(page.getByText(/“9000” stands as it was.*4 to 600 rows/)).toBeVisible();
	const rows = (await opened(page, 'Length is set by')).getByRole('textbox', { name: 'Rows' });
	await expect(rows).toHaveValue('9000');
	await typed(page, 'Length is set by', 'Rows', '96');
	await expect(page.getByText(/“9000”/)).toBeHidden();
	await expect(page.getByRole('img', { name: /The whole tube.*96 rows/ })).toBeVisible();
});
