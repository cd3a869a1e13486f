import { enter, expect, openDemo, opened, phrase, test, typed, visit } from './support';

test('a swatch field says what is wrong and what would be right, and keeps what was typed', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/bench?machine=machine-48&yarn=bw-dusk');
	const stitches = page.getByRole('textbox', { name: 'Stitches', exact: true }).last();
	for (const [typed, says] of [
		['400', /from 2 to 80 stitches in 10 cm/],
		['0', /above 0/],
		['-3', /above 0/],
		['cats', /write it like/],
		['12 furlong', /write it like/]
	] as const) {
		await stitches.fill(typed);
		await expect(page.getByText(says).first()).toBeVisible();
		await expect(stitches).toHaveValue(typed);
		await expect(stitches).toHaveAttribute('aria-invalid', 'true');
	}
	await page.getByRole('button', { name: 'Add reading' }).click();
	await expect(page.getByText(/Nothing typed yet/)).toBeVisible();
	expect(await page.locator('main').innerText()).not.toContain('NaN');
});

test('every notation is read as people type it', async ({ page }) => {
	await openDemo(page);
	await page.goto('/bench');
	await page.getByRole('button', { name: /dusk/ }).click();
	await expect(page.getByText(/from another colour of this yarn|learned from/)).toBeVisible();
	const stitches = page
		.getByRole('textbox', { name: /^(Stitches|40 stitches measure|Flat width of the tube)$/ })
		.last();
	const rows = page
		.getByRole('textbox', { name: /^(Rows|20 rows measure|Rows over a length)$/ })
		.last();
	const add = async (notation: string, s: string, r: string, n: number) => {
		await page.getByText(notation, { exact: true }).last().click();
		await stitches.fill(s);
		await rows.fill(r);
		await rows.press('Enter');
		await expect(page.getByRole('button', { name: 'Remove this reading' })).toHaveCount(n);
	};
	await add('in 10 cm', '12', '19.5', 1);
	await add('in 4 in', '12 1/4', '20', 2);
	await add('in 1 in', '3', '5', 3);
	await add('cm to 40 and 20', '33.4', '10.2 cm', 4);
	await add('whole tube', '7 3/4"', '40 rows in 8 in', 5);
	await expect(page.getByText(/5 readings/).first()).toBeVisible();
});

test('a fresh-off reading is flagged and does not drive a plan without consent', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/bench');
	await page.getByRole('button', { name: /sea glass/ }).click();
	await expect(page.getByRole('heading', { name: /sea glass on 48 pins/ })).toBeVisible();
	await page.getByText('fresh off', { exact: true }).last().click();
	await page.getByRole('textbox', { name: 'Stitches' }).last().fill('13');
	await page.getByRole('textbox', { name: 'Rows' }).last().fill('16');
	await page.getByRole('button', { name: 'Add reading' }).click();
	await expect(page.getByText(/only with your consent/)).toBeVisible();
	await page.getByRole('button', { name: 'Start a hat with these' }).click();
	await expect(page.getByText('measured fresh off the machine, so it is not used')).toBeVisible();
	await expect(page.getByText(/± 1\d|± [6-9]\b/).first()).toBeVisible();
	await page.getByRole('button', { name: 'Use the fresh readings' }).click();
	await expect(
		page.getByText('Planned from a reading fresh off the machine, as you chose.')
	).toBeVisible();
});

test('plan fields refuse the impossible in words and lose nothing', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-keeper/plan');
	const brim = (await opened(page, 'Brim')).getByRole('textbox');
	await enter(brim, '90 cm');
	await expect(page.getByText(/from 1 to 20 cm/).first()).toBeVisible();
	await enter(brim, '');
	await brim.blur();
	await expect(page.getByText(/Nothing typed yet: for example/).first()).toBeVisible();
	await typed(page, 'Brim', 'Brim height, as worn', '6 in');
	await expect(phrase(page, 'Brim')).toContainText('15.2 cm');
	expect(await page.locator('main').innerText()).not.toContain('NaN');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(phrase(page, 'Brim')).toContainText('5 cm');
});

test('a ring taken off the bench: another is chosen in its place', async ({ page }) => {
	await openDemo(page);
	await visit(page, '/bench?machine=machine-48');
	await page.getByRole('button', { name: 'Change 48 pins, the stall' }).click();
	await page.getByRole('button', { name: 'Take it off the bench' }).click();
	await visit(page, '/project/project-keeper/plan');
	await expect(page.getByText('This plan waits for a part that left the bench')).toBeVisible();
	await page.getByText('22 pins, the window', { exact: true }).click();
	await expect(phrase(page, 'On')).toHaveText('22 pins');
});

test('a machine or yarn taken off the bench leaves the project standing', async ({ page }) => {
	await openDemo(page);
	await page.goto('/bench');
	await page
		.getByRole('button', { name: /lantern/ })
		.first()
		.click();
	await page.getByRole('button', { name: 'Change Breakwater, lantern' }).click();
	await page.getByRole('button', { name: 'Take it off the bench' }).click();
	await page.goto('/project/project-keeper/plan');
	await expect(
		page.getByText('A yarn of this project is not on the bench any more.')
	).toBeVisible();
	await page
		.getByRole('combobox', { name: 'In place of the one that is gone' })
		.selectOption({ label: 'rusted chain, Breakwater' });
	await expect(page.getByRole('img', { name: /The finished hat/ })).toBeVisible();
	await page.goto('/project/nowhere/plan');
	await expect(page.getByText('This project is not in this browser')).toBeVisible();
});
