import type { Page } from '@playwright/test';
import { expect, lineOf, openDemo, test } from './support';

const on = (page: Page, yarn: string, show: string, machine = 'machine-48') =>
	page.goto(`/bench?machine=${machine}&yarn=${yarn}&show=${show}`);
const panel = (page: Page) => page.getByRole('tabpanel');
/** Words as a pattern, with line breaks of the source between them or not. */
const said = (pattern: string) => new RegExp(pattern.replaceAll(' ', '\\s+'));

test('the stash is sifted, sorted and walked by keys', async ({ page }) => {
	await openDemo(page);
	await page.goto('/bench');
	const list = page.getByRole('region', { name: /Yarns/ }).getByRole('listitem');
	await expect(list).toHaveCount(18);
	await page.keyboard.press('/');
	await page.keyboard.type('twin wool');
	await expect(list).toHaveCount(3);
	await page.getByRole('searchbox').fill('');
	await page.getByRole('combobox', { name: 'Show' }).selectOption('phases');
	await expect(list).toHaveCount(1);
	await page.getByRole('combobox', { name: 'Show' }).selectOption('all');
	await page.getByRole('combobox', { name: 'Sort' }).selectOption('thickness');
	await expect(list.first()).toContainText('smoke');
	await list.first().getByRole('button').first().click();
	await page.keyboard.press('ArrowDown');
	await expect(page.getByRole('heading', { name: /reed on/ })).toBeVisible();
	await page.getByRole('searchbox').fill('no such yarn');
	await page.getByRole('button', { name: 'Show all again' }).click();
	await expect(list).toHaveCount(18);
});

test('a swatch shows its spread, the odd reading, all notations, and what more readings would bring', async ({
	page
}) => {
	await openDemo(page);
	await on(page, 'gd-fog', 'swatch');
	await expect(panel(page)).toContainText(
		said('two more readings like these would bring it to ± \\d')
	);
	for (const text of ['11.16 st', '11.33 st', '2.83', '35.8', '21.5'])
		await expect(panel(page)).toContainText(text);
	// The one being typed moves them at once.
	await page.getByRole('textbox', { name: 'Flat width of the tube' }).fill('25 cm');
	await page.getByRole('textbox', { name: 'Rows over a length' }).fill('40 rows in 23 cm');
	await expect(panel(page)).not.toContainText('11.16 st');
	await page.getByRole('button', { name: 'Add reading' }).click();
	await expect(panel(page)).toContainText(said('Reading c is out of line: \\d+ % fewer stitches'));
	// It is pointed out, not removed.
	await expect(page.getByRole('button', { name: 'Remove this reading' })).toHaveCount(3);
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(page.getByRole('button', { name: 'Remove this reading' })).toHaveCount(2);
	await on(page, 'bw-foam', 'swatch');
	await expect(panel(page)).toContainText(said('From rested to washed it became \\d % shorter'));
	await expect(panel(page)).toContainText(said('Pulled \\d+ % wider it got \\d+ % shorter'));
});

test('yarn in a stitch: the best measure is used, and gives metres in a row and rows in the ball', async ({
	page
}) => {
	await openDemo(page);
	await on(page, 'qc-rope', 'loop');
	await expect(panel(page)).toContainText('estimated from the gauge');
	await page.getByRole('textbox', { name: 'Whole rows unravelled' }).fill('4');
	await page.getByRole('textbox', { name: 'Yarn they gave' }).fill('5.76 m');
	await page.getByRole('button', { name: 'Add', exact: true }).click();
	// 5.76 m in 4 rows of 48: 30 mm a stitch, 1.44 m a row.
	await expect(panel(page)).toContainText('30.0 mm');
	await expect(panel(page)).toContainText('from 4 unravelled rows');
	await expect(panel(page)).toContainText('1.44 m');
	// 100 g of 170 m in 100 g.
	await page.getByRole('textbox', { name: 'Ball on the scale' }).fill('100');
	await expect(panel(page)).toContainText('118 rows');
	await page.getByRole('textbox', { name: 'Yarn they gave' }).fill('lots');
	await expect(panel(page)).toContainText(/write it like/);
});

test('the stand-in scale settles, can be read, and can be unplugged', async ({ page }) => {
	await openDemo(page);
	await on(page, 'bw-dusk', 'loop');
	await page.getByRole('button', { name: 'Weigh it' }).click();
	const scale = page.getByRole('group', { name: 'Kitchen scale' });
	await expect(scale.getByText('settling')).toBeVisible();
	await page.getByRole('slider').fill('40');
	await expect(scale.getByText('steady', { exact: true })).toBeVisible({ timeout: 10_000 });
	await scale.getByRole('checkbox').uncheck();
	await expect(scale.getByText('not plugged in')).toBeVisible();
	await expect(scale.getByRole('button', { name: 'Take this weight' })).toBeDisabled();
	await scale.getByRole('checkbox').check();
	await expect(scale.getByText('steady', { exact: true })).toBeVisible({ timeout: 10_000 });
	await scale.getByRole('button', { name: 'Take this weight' }).click();
	await expect(page.getByRole('textbox', { name: 'Ball on the scale' })).toHaveValue(
		/^(39|40|41) g$/
	);
});

test('a new test of a yarn warns where it contradicts an old one, and both are kept', async ({
	page
}) => {
	await openDemo(page);
	await on(page, 'hw-anchor', 'tests');
	await expect(panel(page)).toContainText('does not run');
	await page.getByRole('button', { name: 'runs well', exact: true }).click();
	await expect(panel(page)).toContainText(
		said('contradicts the test of 4 Nov 2026: it did not run')
	);
	await page.getByRole('button', { name: 'Keep this test' }).click();
	await expect(panel(page)).toContainText('2 tests, and an older one said otherwise');
	await page.getByRole('button', { name: /^Undo$/ }).click();
	await expect(panel(page)).not.toContainText('2 tests');
});

test('strands held together become a yarn of the bench', async ({ page }) => {
	await openDemo(page);
	await on(page, 'sl-shell', 'strands');
	await expect(panel(page)).toContainText('769 tex');
	await page.getByRole('button', { name: /night tide, Twin line \+ reed/ }).click();
	await expect(panel(page)).toContainText('500 tex');
	await expect(panel(page)).toContainText(/class\s*4/);
	await page.getByRole('button', { name: 'Put it on the bench as a yarn' }).click();
	await expect(page.getByRole('heading', { name: 'night tide + reed on 48 pins' })).toBeVisible();
	await page.reload();
	await expect(page.getByRole('heading', { name: 'night tide + reed on 48 pins' })).toBeVisible();
});

test('phases: rows of each colour, the machine that shows most, and where to divide', async ({
	page
}) => {
	await openDemo(page);
	await on(page, 'aw-aurora', 'phases');
	await expect(panel(page)).toContainText('48 pins show most of it, 3 of 5 colours');
	await expect(panel(page)).toContainText('cut at 125 m');
	await page.getByRole('textbox', { name: /Stripes on 48 pins/ }).fill('100');
	await expect(panel(page)).toContainText('less than one stripe');
});

test('a cake is cut into balls of the stash and sections of a scarf, and put back in one step', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/bench');
	const list = page.getByRole('region', { name: /Yarns/ }).getByRole('listitem');
	await page
		.getByRole('button', { name: /winter aurora/ })
		.first()
		.click();
	await page.getByRole('button', { name: 'How far does it go?' }).click();
	await page.getByRole('tab', { name: 'Phases' }).click();
	await panel(page).getByRole('button', { name: 'Cut it into balls' }).click();
	await expect(list).toHaveCount(23);
	await expect(list.filter({ hasText: 'cut from winter aurora' })).toHaveCount(5);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(list).toHaveCount(18);
	await panel(page)
		.getByRole('button', { name: /begin a scarf/ })
		.click();
	await expect(await lineOf(page)).toHaveValue('8 A, 8 B, 8 C, 8 D, 8 E');
});

test('a reading of rows alone, as makers write it, counts for the rows', async ({ page }) => {
	await openDemo(page);
	await on(page, 'bw-foam', 'swatch');
	const kept = panel(page)
		.getByRole('listitem')
		.filter({ has: page.getByLabel('Notation') });
	await expect(kept.first()).toBeVisible();
	const before = await kept.count();
	await panel(page).getByLabel('Rows over a length').fill('110 rows in 22 in');
	await panel(page).getByRole('button', { name: 'Add reading' }).click();
	await expect(kept).toHaveCount(before + 1);
	await expect(kept.last().getByRole('textbox', { name: 'Stitches' })).toHaveValue('');
	await expect(kept.last().getByRole('textbox', { name: 'Rows' })).toHaveValue(/110 rows in/);
});

test('what a yarn makes, and how part balls share stripes', async ({ page }) => {
	await openDemo(page);
	await on(page, 'bw-lantern', 'make');
	await expect(panel(page)).toContainText(/are held for projects/);
	await expect(panel(page)).toContainText('Lined hats that it makes');
	await page.getByRole('textbox', { name: 'Grams for it' }).fill('20');
	await expect(panel(page).getByText(/short/).first()).toBeVisible();
	await page.getByRole('textbox', { name: 'Grams for it' }).fill('90');
	await page.getByRole('button', { name: 'Add a part ball' }).click();
	await expect(panel(page)).toContainText(/rows; about \d+ m left over/);
	await page
		.getByRole('button', { name: /rows [\d.]+ g ± [\d.]+: enough/ })
		.last()
		.click();
	await expect(page).toHaveURL(/\/plan$/);
});

test('the chart rings an odd reading and leads to its swatch', async ({ page }) => {
	await openDemo(page);
	await on(page, 'bw-foam', 'chart');
	const odd = page.getByRole('link', { name: /unlike the others/ });
	await expect(odd).toHaveCount(1);
	await odd.click();
	await expect(page.getByRole('heading', { name: 'deep water on 48 pins' })).toBeVisible();
	await expect(panel(page)).toContainText('published, 1.3 rows to a stitch');
});

test('a pin that faults more than chance is named with its evidence, on its own machine only', async ({
	page
}) => {
	await openDemo(page);
	await on(page, 'bw-foam', 'swatch');
	await expect(page.getByText('Pin 17 faults more than chance')).toBeVisible();
	await expect(page.getByRole('main')).toContainText('4 of the 5 faults noted on this machine');
	await page.getByRole('button', { name: /22 pins, the window/ }).click();
	await expect(page.getByText('Pin 17 faults more than chance')).toBeHidden();
});
