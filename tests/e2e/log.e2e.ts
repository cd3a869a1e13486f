import { expect, openDemo, test, visit } from './support';

test('a log asks what its plan foretells, meets a wild reading, says what it taught, and its note greets the next', async ({
	page
}) => {
	await openDemo(page);
	// A hung-hem hat: nothing of it is a plain tube.
	await visit(page, '/project/project-watchcap/log');
	const length = page.getByRole('textbox', { name: 'Length, flat' });
	await expect(page.getByText(/foretold \d.* cm ±/).first()).toBeVisible();
	await length.fill('10.5');
	await expect(page.getByText(/That would be .* rows .* where you had .*: was it/)).toBeVisible();
	const add = page.getByRole('button', { name: 'Put it in the log' });
	await expect(add).toBeDisabled();
	await page.getByRole('button', { name: 'Keep it, marked odd' }).click();
	await expect(page.getByText('Kept, marked odd: it weighs little.')).toBeVisible();
	await expect(add).toBeEnabled();
	await length.fill('26');
	await page.getByRole('textbox', { name: 'Width, flat' }).fill('19.5');
	await page.getByRole('textbox', { name: 'Note', exact: true }).fill('Two rows less in the hem.');
	await page.getByRole('textbox', { name: 'Of which row, if of one' }).fill('12');
	await page.getByRole('checkbox', { name: /for next time/ }).check();
	const counted = page.getByRole('textbox', { name: 'Main rows really knitted' });
	const knitted = Number(await counted.inputValue()) - 1;
	await counted.fill(String(knitted));
	await add.click();
	await expect(page.getByText(/Logged\. It taught rows of Breakwater on 48 pins/)).toBeVisible();
	await expect(page.getByTestId('taught')).toContainText('stitches of Breakwater on 48 pins');
	await expect(page.getByText('For next time:', { exact: true })).toBeVisible();

	// Another of it is greeted by the note until that is seen to.
	await page.getByRole('button', { name: 'Make another' }).click();
	const last = page.getByRole('region', { name: 'From last time' });
	await expect(last).toContainText(`${knitted} rows; row 12`);
	await expect(last).toContainText('Two rows less in the hem.');
	// What was really knitted is offered beside the count that follows from what was learned.
	await expect(
		page.getByText(new RegExp(`was knitted in ${knitted} rows: this one has \\d+ for \\d`))
	).toBeVisible();
	await page.getByRole('button', { name: `Knit ${knitted} again` }).click();
	await expect(
		page.getByText(`was knitted in ${knitted} rows: this one has as many`)
	).toBeVisible();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(page.getByText(/learned from .*Night watch/)).toBeVisible();
	await last.getByRole('button', { name: /Seen to: Two rows/ }).click();
	await expect(last.getByText('Two rows less in the hem.')).toHaveCount(0);
});

test('things of a kind stand side by side, and what the logs show over time has a table behind it', async ({
	page
}) => {
	await openDemo(page);
	await visit(page, '/project/project-oars-2/log');
	const side = page.getByRole('region', { name: 'Side by side' });
	await expect(side.getByRole('link', { name: 'Oar warmers' })).toBeVisible();
	await expect(side.getByRole('row', { name: /^Rows \d+ \d+/ })).toBeVisible();
	await visit(page, '/bench?machine=machine-22&yarn=sl-shell&show=seen');
	const over = page.getByRole('region', { name: /thing by thing/ });
	await expect(over.getByRole('link')).toHaveCount(6);
	await over.getByText('As a table').click();
	await expect(over.getByRole('row')).toHaveCount(7);
	const download = page.waitForEvent('download');
	await over.getByRole('button', { name: 'Save as CSV' }).click();
	expect((await download).suggestedFilename()).toBe('gauge-of-slipway-on-22-pins.csv');
	const all = page.getByRole('region', { name: /Foretold and measured/ });
	await expect(all.getByRole('link', { name: /marked odd/ })).toHaveCount(1);
	await page.goto('/bench?machine=machine-48&yarn=bw-dusk&show=seen');
	await expect(page.getByRole('img', { name: /Faults by pin:/ })).toBeVisible();
	// A thing taken apart gives its yarn back, and stays in the log.
	await visit(page, '/project/project-first/log');
	await page.getByRole('button', { name: /^It was unravelled/ }).click();
	await expect(page.getByText(/Made, and unravelled[^]*of deep water/)).toBeVisible();
	await page.getByRole('button', { name: /^It was not/ }).click();
	await expect(page.getByText(/Made, and unravelled/)).toHaveCount(0);
	await page.goto('/bench?machine=machine-48&yarn=bw-dusk&show=seen');
	// A point opens the log it comes from.
	await page
		.getByRole('region', { name: /thing by thing/ })
		.getByRole('link')
		.first()
		.click();
	await expect(page).toHaveURL(/project-first\/log/);
});

test('what came out otherwise can be changed after the fact, with its numbers', async ({
	page
}) => {
	await openDemo(page);
	await visit(page, '/project/project-buoy/log');
	await page.getByRole('textbox', { name: 'Tube, flat' }).fill('43.5');
	await page.getByRole('button', { name: /Put it in the log/ }).click();
	const after = page.getByTestId('afterwards');
	await expect(after).toContainText(/Height on the head: [\d.]+ cm where [\d.]+ cm is wanted/);
	await expect(after).toContainText(/Turn its brim up by [\d.]+ cm more/);
	await expect(after).toContainText(/unravel \d+ rows down to row \d+, and close it again/);
	// Faults stand by pin, and by what was knitted when they came.
	await page.goto('/bench?machine=machine-48&yarn=bw-dusk&show=seen');
	const ring = page.getByRole('region', { name: /Faults round the ring/ });
	await ring.getByText('By yarn and feeding', { exact: true }).click();
	await expect(ring.getByRole('row', { name: /deep water, Breakwater slot 2 3/ })).toBeVisible();
	await ring
		.getByRole('combobox', { name: 'Yarn' })
		.selectOption({ label: 'rusted chain, Breakwater' });
	await expect(ring.getByRole('img')).toHaveAccessibleName(/1 at pin 5, 1 at pin 17/);
});
