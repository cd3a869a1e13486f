import { choose, expect, lineOf, make, openDemo, opened, phrase, test, typed } from './support';

const PLAN = '/project/project-net/plan';

test('sections are edited on the ribbon by pointer and by keys, in step with the stripe line', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(PLAN);
	await choose(page, 'Length is set by', 'the stripe line, once');
	await (await lineOf(page)).fill('30 A, 20 B, 10 A');
	await page.keyboard.press('Escape');
	// As its phrase says it.
	const line = phrase(page, 'Stripe line');
	const first = page.getByRole('slider', { name: 'Boundary between section 1 and 2' });
	await expect(first).toHaveAttribute('aria-valuenow', '30');
	// By keys: a row, then five; the two steps are undone as one.
	await first.focus();
	await page.keyboard.press('ArrowRight');
	await expect(line).toHaveText('striped 31 A, 19 B, 10 A');
	await page.keyboard.press('Shift+ArrowRight');
	await expect(line).toHaveText('striped 36 A, 14 B, 10 A');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(line).toHaveText('striped 30 A, 20 B, 10 A');
	// By pointer: the plan follows when it is let go, and the total stays.
	const box = (await first.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + 30);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + 120, box.y + 30, { steps: 6 });
	await expect(line).toHaveText('striped 30 A, 20 B, 10 A');
	await page.mouse.up();
	await expect(line).not.toHaveText('striped 30 A, 20 B, 10 A');
	await expect(page.getByRole('img', { name: /60 rows/ }).first()).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(line).toHaveText('striped 30 A, 20 B, 10 A');

	// The section in hand.
	await page.getByRole('button', { name: 'The section after' }).click();
	await page.getByRole('button', { name: 'The section after' }).click();
	await expect(page.getByTestId('ribbon-tools')).toContainText('B, 20 rows, 30 to 50');
	await page.getByRole('button', { name: 'Split' }).click();
	await expect(line).toHaveText('striped 30 A, 10 B, 20 A');
	await page.getByRole('button', { name: 'Earlier' }).click();
	await expect(line).toHaveText('striped 10 B, 50 A');
	await page.getByRole('button', { name: 'Fade to next' }).click();
	await expect(line).not.toHaveText('striped 10 B, 50 A');
	await page.getByText('The whole line').click();
	await page.getByRole('button', { name: 'Even out' }).click();
	await page.getByRole('button', { name: 'Swap A and B' }).click();
	await page.getByRole('spinbutton', { name: 'Seed of the random stripes' }).fill('4');
	await page.getByRole('button', { name: 'Random', exact: true }).click();
	const valueOf = async () => {
		const value = await (await lineOf(page)).inputValue();
		await page.keyboard.press('Escape');
		return value;
	};
	const random = await valueOf();
	await page.getByRole('button', { name: 'Random', exact: true }).click();
	await expect.poll(valueOf).not.toBe(random);
	await page.getByRole('spinbutton', { name: 'Seed of the random stripes' }).fill('4');
	await page.getByRole('button', { name: 'Random', exact: true }).click();
	await expect.poll(valueOf).toBe(random);
	await expect(page.getByRole('img', { name: /60 rows/ }).first()).toBeVisible();
	await page.getByRole('button', { name: 'Use up the balls' }).click();
	await expect(page.getByRole('img', { name: /: 60 rows/ })).toBeHidden();
});

test('a slider goes from the tube to the finished hat by the steps of the list', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/project/project-gulls/finish');
	const slider = page.getByRole('slider', { name: 'From the machine to the finished thing' });
	await expect(slider).toHaveAttribute('aria-valuetext', 'The tube as it comes off the machine');
	await slider.focus();
	await page.keyboard.press('End');
	await expect(slider).toHaveAttribute('aria-valuetext', /Close the crown flat/);
	// Ticking the steps off takes the picture along.
	for (const box of await page.locator('ol input[type=checkbox]').all()) await box.check();
	await expect(page.locator('figcaption')).toContainText('Finished');
});

test('two figures that disagree: either of the two ways out settles it', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-tideband/plan');
	await choose(page, 'Length is set by', 'a row count');
	await typed(page, 'Length is set by', 'Rows', '140');
	await expect(page.getByText(/140 rows and the head of .* disagree/)).toBeVisible();
	await page.getByRole('button', { name: /It is for .* round/ }).click();
	await expect(page.getByText(/disagree/)).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).click();
	await page.getByRole('button', { name: /^Make it \d+ rows/ }).click();
	await expect(page.getByText(/disagree/)).toBeHidden();
});

test('a school of waste is chosen for a project and made the usual', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-watchcap/knit');
	await expect(page.getByText('waste yarn').first()).toBeVisible();
	await page.goto(PLAN);
	await (await opened(page, 'Waste yarn and tails')).getByText('a rag and 4 rows').click();
	await page.getByRole('button', { name: 'Make this my usual' }).click();
	await expect(page.getByRole('button', { name: 'This is my usual' })).toBeVisible();
	await make(page, 'Corner-top hat');
	const waste = await opened(page, 'Waste yarn and tails');
	await expect(waste.getByRole('radio', { name: 'a rag and 4 rows' })).toBeChecked();
});
