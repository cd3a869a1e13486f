import { expect, openDemo, openEmpty, test, visit } from './support';
import type { Page } from '@playwright/test';

const SLIPOVER = '/pattern/pattern-slipover?machine=machine-48&yarn=bw-kelp';
const read = (page: Page) => page.getByRole('region', { name: 'As it was read' });
/** A pattern of one's own, its text pasted. */
async function pasted(page: Page, text: string): Promise<void> {
	await page.goto('/bench?yarn=bw-foam&show=written');
	await page.getByRole('button', { name: 'Paste a pattern' }).click();
	await page.getByRole('textbox', { name: 'Its words, as they stand' }).fill(text);
}

test('a pasted pattern is read whole, and what needs the maker is said for one of its sizes', async ({
	page
}) => {
	await openDemo(page);
	await pasted(
		page,
		'BACK. Cast on 46 (50) sts. Work 6 rows in moss st. Dec 1 st at each end of next and every foll alt row until 31 (40) sts rem. Cast off.'
	);
	await page.getByRole('button', { name: 'See how it was read' }).click();
	const shaping = read(page).getByRole('button', { name: /Dec 1 st/ });
	await expect(shaping).toHaveAccessibleName(/needs you/);
	await shaping.press('Enter');
	const became = page.getByRole('region', { name: 'What it became' });
	await expect(became).toContainText('31 stitches cannot be reached by this step: 32 or 30 can');
	await page.getByText('2', { exact: true }).click();
	await expect(shaping).toHaveAccessibleName(/: taken$/);
	await expect(became).toContainText('first in the next row, then every 2nd row, 5 times in all');
	await read(page)
		.getByRole('button', { name: /Work 6 rows/ })
		.click();
	await expect(became).toContainText('Not done by cranking, though its rows count. Purl texture:');
});

test('what was not read is said by the maker, undone and done again, and is there after a reload', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(SLIPOVER);
	await expect(page.getByText('It does not say how many are cast on')).toBeVisible();
	await page.getByRole('button', { name: 'Show what needs you' }).press('Enter');
	const became = page.getByRole('region', { name: 'What it became' });
	const means = became.getByRole('textbox', { name: 'It means, in a pattern’s words' });
	await means.fill('hop twice');
	await expect(became.getByRole('button', { name: 'Read it so' })).toBeDisabled();
	await means.fill('cast on 16 sts');
	await expect(became).toContainText('Cast on 16 stitches.');
	await means.press('Enter');
	await expect(page.getByText('It does not say how many are cast on')).toHaveCount(0);
	await expect(
		read(page).getByRole('button', { name: /square of 16 for the lantern: taken, as you said it/ })
	).toBeVisible();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(page.getByText('It does not say how many are cast on')).toBeVisible();
	await page.getByRole('button', { name: /^Redo/ }).click();
	await expect(page.getByText('It does not say how many are cast on')).toHaveCount(0);
	await page.reload();
	await expect(
		read(page).getByRole('button', { name: /square of 16 for the lantern: taken, as you said it/ })
	).toBeVisible();
	// Of a row of the text, the row here and the stitches of both.
	const row = page.getByRole('slider', { name: 'Row of the text' }).first();
	await row.press('End');
	await expect(row).toHaveAttribute('aria-valuetext', /row 106 of the text, .* row 72 here/);
	// On another ring and in another yarn it is knitted otherwise.
	await page.getByRole('combobox', { name: 'Knitted on' }).selectOption('22 pins, the window');
	await expect(page.getByText(/as it is knitted here, in kelp on 22 pins/)).toBeVisible();
	await page.getByRole('combobox', { name: 'In', exact: true }).selectOption('foam, Breakwater');
	await expect(page.getByText(/as it is knitted here, in foam on 22 pins/)).toBeVisible();
});

test('a pattern becomes a project: its seams, its lines at the crank, its text with the plan and in a backup', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(SLIPOVER);
	const middle = page.getByRole('checkbox', { name: /Front, down its middle/ });
	await expect(middle).toBeChecked();
	await page.getByRole('checkbox', { name: /Neck band, round the neck/ }).uncheck();
	await expect(page.getByText('One stretch still needs you; without Pocket.')).toBeVisible();
	await page.getByRole('button', { name: 'Make these pieces a project' }).click();
	await expect(page).toHaveURL(/\/plan$/);
	await expect(page.getByRole('main')).toContainText('Front half');
	await expect(page.getByRole('main')).toContainText('Seam: front, down its middle');
	await page.getByText('From the pattern Lantern watch slipover').click();
	await expect(page.getByTestId('from-pattern')).toContainText('Divide for neck: k 21 (23: 25)');
	await expect(page.getByTestId('from-pattern')).toContainText('The pocket takes a small lamp.');
	const knit = page.url().replace(/plan$/, 'knit');
	await page.goto(knit);
	await page.getByRole('button', { name: 'All five are so' }).click();
	await page.getByRole('button', { name: 'It is cast on: start counting' }).click();
	await expect(page.getByTestId('pattern-line').first()).toContainText('The pattern: “');
	// Gone from the bench it is still with the project.
	await page.goto(SLIPOVER);
	await page.getByRole('button', { name: 'Take it off the bench' }).click();
	await expect(page).toHaveURL(/\/bench/);
	await page.goto(knit.replace(/knit$/, 'plan'));
	await page.getByText('From the pattern Lantern watch slipover').click();
	await page.getByRole('button', { name: 'Put it on the bench again' }).click();
	await expect(read(page)).toContainText('LANTERN WATCH SLIPOVER');
});

test('a pattern’s counts become whole counts here, misfits and hand work named; its gauge may be typed', async ({
	page
}) => {
	await openDemo(page);
	await pasted(page, 'Cast on 88, 22 rows in rib 2x2');
	await page.getByRole('textbox', { name: 'Stitches', exact: true }).fill('22 st / 10 cm');
	await page.getByRole('textbox', { name: 'Rows', exact: true }).fill('30');
	await page.getByText('Its counts, one by one').click();
	const main = page.getByRole('main');
	await expect(main).toContainText('at most 44 stitches');
	await expect(main).toContainText('ribbing');
	await page.getByRole('combobox', { name: '88 stitches must be' }).selectOption('even');
	await expect(page.getByRole('row', { name: /Cast on 88/ })).toContainText(/(48|50)\s+from 4\d/);
	// What was typed is still there after a reload.
	await page.reload();
	await expect(read(page)).toContainText('Cast on 88');
	await expect(page.getByRole('textbox', { name: 'Rows', exact: true })).toHaveValue('30');
});

test('a text file is opened, what is no text is not; several are kept, and one that widens offers its ways', async ({
	page
}) => {
	await openDemo(page);
	await visit(page, '/bench?yarn=bw-foam&show=written');
	const file = page.locator('input[type=file]');
	await file.setInputFiles({
		name: 'odd.bin',
		mimeType: 'text/plain',
		buffer: Buffer.from([0, 1, 2, 3])
	});
	await expect(page.getByText('odd.bin is no text')).toBeVisible();
	await file.setInputFiles({
		name: 'net loft sleeve.txt',
		mimeType: 'text/plain',
		buffer: Buffer.from(
			'Tension: 20 sts and 28 rows = 10 cm.\r\nSLEEVES (make 2). Cast on 26 sts. Inc 1 st each end of every 6th row 6 times. Work 10 rows. Shape cap: cast off 3 sts at beg of next 2 rows. Dec 1 st each end of every other row 8 times. Cast off.'
		)
	});
	await expect(page.getByRole('textbox', { name: 'Written pattern' })).toHaveValue(
		'net loft sleeve'
	);
	await expect(page.getByText('joined loop to loop: no ridge')).toBeVisible();
	await page.getByText('sideways', { exact: true }).click();
	await expect(page.getByText('stripes do too, with a seam down its middle')).toBeVisible();
	await expect(page.getByText('Sleeves, half, sideways').first()).toBeVisible();
	await page.getByRole('link', { name: 'All patterns' }).click();
	await expect(
		page.getByRole('list', { name: 'Written patterns' }).getByRole('listitem')
	).toHaveCount(2);
});

test('without a machine or a yarn a pattern says what it needs', async ({ page }) => {
	await openEmpty(page);
	await visit(page, '/pattern/none');
	await expect(page.getByRole('heading', { name: 'No such pattern' })).toBeVisible();
});
