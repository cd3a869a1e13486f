import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { count, expect, openDemo, test } from './support';

const KNIT = '/project/project-keeper/knit';
const FLAGS = '/project/project-flags/knit';

async function openKeeper(page: Page) {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
}
/** Starts the stand-in sensor at full speed, with or without troubles, and closes the dialog. */
async function startSensor(page: Page, trouble: 'good' | 'cheap' | 'bad') {
	await page.keyboard.press('h');
	const dialog = page.getByRole('dialog');
	await dialog.getByText('200', { exact: true }).click();
	await dialog.getByText(trouble, { exact: true }).click();
	await dialog.getByRole('button', { name: 'Stand-in row sensor' }).click();
	await expect(dialog.getByTestId('source')).toContainText('Row sensor: counting');
	await dialog.getByRole('button', { name: 'Close' }).click();
}
/** What the stand-in has really turned, read from its own words. */
async function truth(page: Page): Promise<number> {
	await page.keyboard.press('h');
	const words = await page.getByTestId('source').innerText();
	await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
	return Number(/really turned: (\d+)/.exec(words)![1]);
}

test('a good sensor counts the run to its end, and stops there', async ({ page }) => {
	await openKeeper(page);
	await startSensor(page, 'good');
	await expect(count(page)).toHaveText('112', { timeout: 60_000 });
	await expect(page.getByRole('button', { name: 'It is off the machine' })).toBeVisible();
	await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a bad sensor ends at the right count or at a question, and never asks in motion', async ({
	page
}) => {
	test.setTimeout(150_000);
	await openKeeper(page);
	await startSensor(page, 'bad');
	const question = page.getByText('How many rows are done?');
	const ended = async () => {
		await page.keyboard.press('h');
		const words = await page.getByTestId('source').innerText();
		await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
		return words.includes('has ended');
	};
	await expect.poll(ended, { timeout: 120_000, intervals: [2000] }).toBe(true);
	const turned = await truth(page);
	expect(turned).toBe(66);
	// Once it has stood still it has either counted all of them or asks.
	await expect
		.poll(async () => (await count(page).innerText()) === '112' || (await question.isVisible()))
		.toBe(true);
	if (await question.isVisible()) {
		await page.getByRole('alert').getByRole('button').first().click();
		await expect(question).toBeHidden();
	}
});

test('the counter’s click is heard and counted', async ({ page }) => {
	await openKeeper(page);
	await page.keyboard.press('h');
	const dialog = page.getByRole('dialog');
	await dialog.getByText('60', { exact: true }).click();
	await dialog.getByRole('button', { name: 'Stand-in click' }).click();
	await expect(dialog.getByTestId('source')).toContainText('Listening: counting');
	await dialog.getByRole('button', { name: 'Close' }).click();
	// Twenty clicks, one a second.
	await expect(count(page)).toHaveText('66', { timeout: 45_000 });
	// Then it is quiet: the next row is the maker's own.
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('67');
});

test('two tabs on one run: one leads, the other follows, says so, and can take over', async ({
	page,
	context
}) => {
	await openKeeper(page);
	const second = await context.newPage();
	await second.goto(KNIT);
	await expect(second.getByText('Another tab counts this run')).toBeVisible();
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('47');
	await expect(count(second)).toHaveText('47');
	// Presses in both at once count in the one that leads only.
	for (let i = 0; i < 6; i++)
		await Promise.all([page.keyboard.press('Space'), second.keyboard.press('Space')]);
	await expect(count(page)).toHaveText('53');
	await expect(count(second)).toHaveText('53');
	await second.getByRole('button', { name: 'Count here instead' }).click();
	await second.keyboard.press('Space');
	await expect(count(second)).toHaveText('54');
	await expect(page.getByText('Another tab counts this run')).toBeVisible();
	await page.keyboard.press('Space');
	// It counted nothing: the next row is the next one.
	await second.keyboard.press('Space');
	await expect(count(second)).toHaveText('55');
	// The one that leads is closed: the other may count again.
	await second.close({ runBeforeUnload: true });
	await expect(page.getByText('Another tab counts this run')).toBeHidden({ timeout: 15_000 });
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('56');
});

test('a run goes to another device as a file, and its log comes back once', async ({
	page,
	browser,
	baseURL
}) => {
	await openKeeper(page);
	await page.getByRole('button', { name: 'To another device' }).click();
	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save the run' }).click();
	const file = { name: 'run.tomble.json', mimeType: 'application/json' };
	const going = readFileSync((await (await saved).path())!);

	const other = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
	const phone = await other.newPage();
	await phone.goto('/keep');
	await phone
		.locator('input[type=file]')
		.first()
		.setInputFiles({ ...file, buffer: going });
	await phone.getByRole('button', { name: 'Take it in' }).click();
	await expect(phone.getByRole('button', { name: 'Take it in' })).toBeHidden();
	await phone.goto(KNIT);
	await expect(count(phone)).toHaveText('46');
	for (let i = 0; i < 9; i++) await phone.getByTestId('tap').click();
	await expect(count(phone)).toHaveText('55');
	await phone.goto('/keep');
	const back = phone.waitForEvent('download');
	await phone.getByRole('button', { name: 'Save this project' }).click();
	const coming = readFileSync((await (await back).path())!);
	await other.close();

	const open = page.getByRole('dialog').locator('input[type=file]');
	await open.setInputFiles({ ...file, buffer: coming });
	await expect(page.getByText(/9 new events; the count goes from 51 to 60 rows/)).toBeVisible();
	await page.getByRole('button', { name: 'Bring them in' }).click();
	await expect(count(page)).toHaveText('55');
	await page.getByRole('button', { name: 'To another device' }).click();
	await open.setInputFiles({ ...file, buffer: coming });
	await expect(page.getByText('nothing that is not here already')).toBeVisible();
	await open.setInputFiles({ ...file, buffer: Buffer.from('{"format":"other"}') });
	await expect(page.getByRole('dialog').getByRole('alert')).toContainText('no Tomble file');
});

test('a panel: its piece, its row, the side of the yarn, and the decrease in its order', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(FLAGS);
	await expect(count(page)).toHaveText('13');
	await expect(page.getByRole('combobox', { name: 'Piece at hand' })).toContainText(
		'Flag in rusted chain 2 of 3'
	);
	await expect(page.getByText('Row 14, even.')).toBeVisible();
	await expect(page.getByText(/Yarn at pin 21, the left edge, on your right/)).toBeVisible();
	await page.keyboard.press('Space');
	await expect(page.getByText('Decrease one at both edges').first()).toBeVisible();
	await expect(
		page.getByRole('img', {
			name: 'Pins 9, 10, 11: 1. the loop of 10 to 11; 3. the loop of 9 to 10'
		})
	).toBeVisible();
	await expect(page.getByText('Row 15, odd.')).toBeVisible();
	await page.keyboard.press('Space');
	await expect(page.getByText(/This row goes to pin 10/)).toBeVisible();
});

test('the pieces come in their order, each with its own count', async ({ page }) => {
	test.setTimeout(120_000);
	await openDemo(page);
	await page.goto(FLAGS);
	await expect(count(page)).toHaveText('13');
	for (let i = 13; i < 24; i++) {
		await page.keyboard.press('Space');
		await expect(count(page)).toHaveText(String(i + 1));
	}
	await page.getByRole('button', { name: 'It is off the machine' }).click();
	await expect(page.getByRole('heading', { name: /flag in rusted chain 3 of 3/ })).toBeVisible();
	for (const box of await page.getByRole('checkbox').all()) await box.check();
	await page.getByRole('button', { name: 'It is cast on: start counting' }).click();
	await expect(count(page)).toHaveText('0');
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('1');
	await page.getByRole('combobox', { name: 'Piece at hand' }).selectOption({ index: 0 });
	await expect(count(page)).toHaveText('24');
});

test('a fault is noted with two taps, mended by its steps, and leaves the list', async ({
	page
}) => {
	await openKeeper(page);
	await page.keyboard.press('f');
	const ring = page.getByRole('img', { name: 'The pins from above: tap the one' });
	const box = (await ring.boundingBox())!;
	// A quarter round from the feeder, which is at the bottom: pin 13 of 48.
	await page.mouse.click(box.x + box.width * 0.93, box.y + box.height / 2);
	await expect(page.getByRole('textbox', { name: /At pin/ })).toHaveValue('13');
	await page.getByRole('button', { name: 'yarn split' }).click();
	await expect(page.getByRole('button', { name: 'Note a fault (2)' })).toBeVisible();
	await page.keyboard.press('r');
	const dialog = page.getByRole('dialog');
	await expect(dialog.getByText('Pin 13, row 46: yarn split')).toBeVisible();
	await expect(dialog.getByText(/gather all the strands/)).toBeVisible();
	await dialog.getByRole('button', { name: 'It is mended' }).first().click();
	await expect(dialog.getByText('Pin 13')).toBeHidden();
	await dialog.getByRole('button', { name: 'Close' }).click();
	await expect(page.getByRole('button', { name: 'Set right (1)' })).toBeVisible();
});

test('some rows off: measured, counted since the join, weighed', async ({ page }) => {
	await openKeeper(page);
	await page.keyboard.press('o');
	const dialog = page.getByRole('dialog');
	await dialog.getByRole('textbox').fill('40 cm');
	await expect(dialog.getByText(/rows ± /)).toBeVisible();
	await expect(dialog.getByText(/times the spread/)).toBeVisible();
	await dialog.getByText('Weigh the ball').click();
	await dialog.getByRole('textbox').first().fill('100 g');
	await dialog.getByRole('textbox').last().fill('68 g');
	await expect(dialog.getByText(/rows ± /)).toBeVisible();
	await dialog.getByText('Count since the last join').click();
	await dialog.getByRole('textbox').fill('nonsense');
	await expect(dialog.getByText(/not understood/)).toBeVisible();
	await dialog.getByRole('textbox').fill('44');
	await expect(dialog.getByText('Your count of 46 is 2 more.')).toBeVisible();
	await dialog.getByRole('button', { name: 'Set the count to 44' }).click();
	await expect(count(page)).toHaveText('44');
	await page.keyboard.press('u');
	await expect(count(page)).toHaveText('46');
});

test('paused, the next key goes on without counting', async ({ page }) => {
	await openKeeper(page);
	await page.keyboard.press('p');
	await expect(page.getByText('Paused', { exact: true })).toBeVisible();
	await page.keyboard.press('Space');
	await expect(page.getByText('Paused', { exact: true })).toBeHidden();
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('47');
});

// About one time in five the browser stands still as a voice is chosen, here and in trees of before; why is not known yet.
test.describe('aloud', () => {
	test.describe.configure({ retries: 2 });
	test('speaks with a voice of this device only, and not at all without one', async ({ page }) => {
		test.setTimeout(40_000);
		await page.addInitScript(() => {
			const said: string[] = [];
			const voice = (name: string, localService: boolean) =>
				({
					name,
					localService,
					lang: 'en-GB',
					default: !localService,
					voiceURI: name
				}) as SpeechSynthesisVoice;
			Object.assign(window, { said });
			speechSynthesis.getVoices = () => [voice('Far away', false), voice('In here', true)];
			speechSynthesis.speak = (u: SpeechSynthesisUtterance) => {
				said.push(u.text);
			};
			Object.defineProperty(SpeechSynthesisUtterance.prototype, 'voice', {
				set() {},
				get: () => null
			});
		});
		await openKeeper(page);
		await page.keyboard.press('h');
		const dialog = page.getByRole('dialog');
		await expect(dialog.getByText(/own voice, In here/)).toBeVisible();
		await dialog.getByRole('checkbox', { name: 'Say aloud what comes' }).check();
		await dialog.getByRole('button', { name: 'Close' }).click();
		for (const row of [47, 48, 49, 50, 51, 52, 53]) {
			await page.keyboard.press('Space');
			await expect(count(page)).toHaveText(String(row));
		}
		// The sample first; then what the plan has in these rows.
		await expect
			.poll(() => page.evaluate(() => (window as unknown as { said: string[] }).said))
			.toEqual([
				'Two more, then change.',
				'Two more, then change to lantern.',
				'One more, then change to lantern.',
				'Now change to lantern.'
			]);
	});
});

test('the stand-in sensor refuses what it cannot be asked, in words', async ({ request }) => {
	for (const query of ['', 'pins=900', 'pins=48&edges=2-3', 'pins=48&trouble=awful']) {
		const r = await request.get(`/api/simulated/row-sensor?${query}`);
		expect(r.status()).toBe(400);
		expect(r.headers()['content-type']).toBe('application/problem+json');
	}
	const ok = await request.get(
		'/api/simulated/row-sensor?pins=48&rows=2&turnsPerMinute=240&trouble=none&seed=3&perTurn=4'
	);
	expect(ok.headers()['content-type']).toBe('text/event-stream');
	const text = await ok.text();
	expect(text.match(/"mark":true/g)).toHaveLength(2);
	expect(text).toContain('event: end');
});
