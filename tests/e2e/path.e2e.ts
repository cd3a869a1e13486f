import { count, expect, openEmpty, phrase, stored, tabTo, test, typeInto } from './support';

test('the whole path with the keyboard alone, with own figures', async ({ page }) => {
	test.setTimeout(180_000);
	const button = (name: string | RegExp) => page.getByRole('button', { name });
	const field = (name: string | RegExp) => page.getByRole('textbox', { name });
	const press = async (name: string | RegExp) => {
		await tabTo(page, button(name));
		await page.keyboard.press('Enter');
	};

	// Bench: a machine, a yarn, a swatch.
	await openEmpty(page);
	await tabTo(page, page.getByRole('link', { name: 'Set up your bench' }));
	await page.keyboard.press('Enter');
	await press('Add a machine of 46 pins');
	await typeInto(page, field('Once round the pins'), '38 in');
	await press('Done');
	await press('Add a yarn');
	await typeInto(page, field('Yarn'), 'Skerry');
	await typeInto(page, field('Colour name'), 'slate');
	await typeInto(page, field('Length of 100 g (one strand)'), '105 m / 50 g');
	await typeInto(page, field('On hand'), '7 oz');
	await press('Done');
	await expect(page.getByText('A guess, ± 15 %')).toBeVisible();
	await typeInto(page, field('Stitches'), '12 st / 10 cm');
	await page.keyboard.press('Tab');
	await page.keyboard.type('10 cm to 20');
	// Mean and spread appear before the reading is added.
	await expect(page.getByText('20.0 rows / 10 cm ± 0.6')).toBeVisible();
	await page.keyboard.press('Enter');
	await expect(page.getByText('What a plan uses:')).toBeVisible();
	await press('Start a hat with these');

	// Plan.
	await expect(page).toHaveURL(/\/plan$/);
	await typeInto(page, page.getByRole('textbox', { name: 'Lined hat' }), 'Pier hat');
	// A phrase opens by a key, the arrows go through it, Esc closes it where it was.
	await tabTo(page, phrase(page, 'For'));
	await page.keyboard.press('Enter');
	await expect(page.getByRole('radio', { name: /^woman/ })).toBeFocused();
	await page.keyboard.press('ArrowDown');
	await expect(page.getByRole('img', { name: /head of 57.5 cm/ })).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(phrase(page, 'For')).toBeFocused();
	const rows = page.locator('summary', { hasText: /^\s*Rows/ });
	const fitted = await rows.innerText();
	await tabTo(page, phrase(page, 'Length is set by'));
	await page.keyboard.press('Space');
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowDown');
	await expect(page.getByRole('radio', { name: 'the whole tube, flat' })).toBeChecked();
	await typeInto(page, field('the whole tube, flat'), '56 cm');
	await page.keyboard.press('Enter');
	await expect(field('the whole tube, flat')).toBeHidden();
	await expect(rows).toContainText('112');
	// Undo and redo over the whole project.
	await tabTo(page, button('Undo'), true);
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	expect(await rows.innerText()).toBe(fitted);
	await page.keyboard.press('Control+Shift+Z');
	await page.keyboard.press('Control+Shift+Z');
	await expect(rows).toContainText('112');
	// A number opens to its arithmetic.
	await tabTo(page, rows);
	await page.keyboard.press('Enter');
	await expect(page.getByText('nearest even')).toBeVisible();
	// A finding accepted once stays quiet.
	await expect(page.getByText('One reading decides the size.')).toBeVisible();
	const finding = page.getByRole('listitem').filter({ hasText: 'One reading decides the size.' });
	await tabTo(page, finding.getByRole('button', { name: 'Accept' }));
	await page.keyboard.press('Enter');
	await expect(finding).toBeHidden();
	await stored(page);
	await page.reload();
	await expect(page.getByText('1 accepted')).toBeVisible();

	// Knit: the check, the weave, the count.
	await page.keyboard.press('k');
	await expect(page.getByRole('heading', { name: 'Before you crank: Pier hat' })).toBeVisible();
	for (const box of await page.getByRole('checkbox').all()) {
		await tabTo(page, box);
		await page.keyboard.press('Space');
	}
	await press('Next pin');
	await expect(page.getByText('Pin 2: behind')).toBeVisible();
	await press('It is cast on: start counting');
	await expect(count(page)).toHaveText('0');
	for (let i = 0; i < 5; i++) await page.keyboard.press('Space');
	await expect(page.getByText('Change to slate')).toBeVisible();
	await page.keyboard.press('Space');
	await expect(page.getByTestId('running')).toHaveText('1');
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('running')).toHaveText('2');
	await page.keyboard.press('Backspace');
	await expect(page.getByTestId('running')).toHaveText('1');
	await page.keyboard.press('j');
	await page.getByRole('dialog').waitFor();
	await typeInto(page, page.getByRole('dialog').getByRole('textbox'), '111');
	await expect(page.getByText('The count goes on by 110 rows')).toBeVisible();
	await page.keyboard.press('Enter');
	await expect(count(page)).toHaveText('111');
	await page.keyboard.press('Enter');
	await expect(page.getByText('Cut and take off')).toBeVisible();
	await press('It is off the machine');

	// Finish: every step ticked off, with its caution.
	await expect(page).toHaveURL(/\/finish$/);
	await expect(page.getByText('Take care:').first()).toBeVisible();
	const steps = page.getByRole('checkbox');
	await expect(steps.first()).toBeVisible();
	const n = await steps.count();
	for (let i = 0; i < n; i++) {
		await tabTo(page, steps.nth(i));
		await page.keyboard.press('Space');
	}
	await expect(page.getByText(`${n} of ${n} steps`)).toBeVisible();
	await tabTo(page, page.getByRole('link', { name: 'Measure and log it' }));
	await page.keyboard.press('Enter');

	// Log: what was learned, and the next one made from it.
	await typeInto(page, field('Tube, flat'), '59 cm');
	await typeInto(page, field('Width, flat'), '19 cm');
	await typeInto(page, field('Weight'), '88 g');
	await press('Put it in the log');
	await expect(
		page.getByText(/Measured 59 cm from 112 rows: next time 110 for 56.4 cm/)
	).toBeVisible();
	await press('Make another');
	await expect(page.getByRole('textbox', { name: 'Lined hat' })).toHaveValue('Pier hat 2');
	await expect(page.getByText(/learned from Pier hat/)).toBeVisible();
	await expect(rows).toContainText('110');
	await tabTo(page, page.getByRole('link', { name: /Tomble/ }), true);
	await page.keyboard.press('Enter');
	await expect(page.getByText('59 cm from 112 rows')).toBeVisible();
});
