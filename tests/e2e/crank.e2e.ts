import { choose, count, expect, openDemo, test, typed } from './support';

const KNIT = '/project/project-keeper/knit';

test('counting by key, by tap and by click; undo; both readings', async ({ page }) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('47');
	await page.getByTestId('tap').click();
	await expect(count(page)).toHaveText('48');
	await page.keyboard.press('u');
	await expect(count(page)).toHaveText('47');
	await expect(page.getByTestId('next-in')).toHaveText('6');
	for (let i = 0; i < 6; i++) await page.keyboard.press('Enter');
	// At the join both habits part ways: one runs on, the other starts anew.
	await expect(page.getByText('Change to lantern')).toBeVisible();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByTestId('running')).toHaveText('54');
	await expect(page.getByTestId('zeroed')).toHaveText('1');
	await page.keyboard.press('c');
	await expect(count(page)).toHaveText('1');
});

test('a key held down is one row', async ({ page }) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	await page.keyboard.down('Space');
	for (let i = 0; i < 8; i++) await page.keyboard.down('Space');
	await page.keyboard.up('Space');
	await expect(count(page)).toHaveText('47');
	// The next row is the next one: none was waiting behind it.
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('48');
});

test('a jump asks first, and a wrong row is refused in words', async ({ page }) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('j');
	const dialog = page.getByRole('dialog');
	await dialog.getByRole('textbox').fill('400');
	await expect(dialog.getByText(/from 0 to \d+ rows/)).toBeVisible();
	await expect(dialog.getByRole('button', { name: 'Jump' })).toBeDisabled();
	await dialog.getByRole('textbox').fill('12');
	await expect(dialog.getByText('goes back by 34 rows')).toBeVisible();
	await expect(count(page)).toHaveText('46');
	await dialog.getByRole('button', { name: 'Yes, jump to 12' }).click();
	await expect(count(page)).toHaveText('12');
	await page.keyboard.press('Backspace');
	await expect(count(page)).toHaveText('46');
});

test('a fault is noted at its row and pin, and shown in the log', async ({ page }) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('f');
	const dialog = page.getByRole('dialog');
	await dialog.getByRole('textbox', { name: /At pin/ }).fill('99');
	await expect(dialog.getByText('1 to 48 pins')).toBeVisible();
	await dialog.getByRole('textbox', { name: /At pin/ }).fill('9');
	await dialog.getByRole('button', { name: 'dropped' }).click();
	await expect(page.getByRole('button', { name: 'Note a fault (2)' })).toBeVisible();
	await page.goto('/project/project-keeper/log');
	await expect(page.getByText('2 faults noted')).toBeVisible();
});

test('what happens between two rows counts none, is undone like one, and stands in the log; fewer rows than are knitted ask first', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('n');
	const dialog = page.getByRole('dialog');
	await expect(dialog.getByText(/^46 rows of 112 are knitted/)).toBeVisible();
	await dialog.getByRole('button', { name: 'A new ball here' }).click();
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('n');
	await dialog.getByRole('textbox').fill('thin for a row');
	await dialog.getByRole('button', { name: 'Write it down' }).click();
	for (let i = 0; i < 2; i++) await page.keyboard.press('Space');
	await expect(page.getByText('2 rows after the new ball')).toBeVisible();
	// Rows, then the note: each as it came.
	for (let i = 0; i < 3; i++) await page.keyboard.press('u');
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('n');
	await dialog.getByText('crossed over a finger').click();
	await dialog.getByRole('button', { name: 'Feed it so from here' }).click();
	await expect(page.getByTestId('fed')).toContainText('crossed over a finger');
	await page.goto('/project/project-keeper/log');
	await expect(page.getByText('After row 46: a new ball.')).toBeVisible();
	await expect(
		page.getByText(/After row 46: fed through slot \d of \d, crossed over a finger/)
	).toBeVisible();
	await expect(page.getByText('thin for a row')).toHaveCount(0);

	await page.goto('/project/project-keeper/plan');
	await expect(page.getByTestId('on-machine')).toContainText('46 rows of 112 are knitted');
	await choose(page, 'Length is set by', 'a row count');
	const rows = (text: string) => typed(page, 'Length is set by', 'A row count', text);
	await rows('40');
	await expect(
		dialog.getByText('46 rows are on the machine, and the change plans 40')
	).toBeVisible();
	await dialog.getByRole('button', { name: 'Leave the plan as it was' }).click();
	await expect(page.getByTestId('on-machine')).toContainText('46 rows of 112 are knitted');
	await rows('90');
	await expect(page.getByTestId('on-machine')).toContainText('46 rows of 90 are knitted');
	await rows('44');
	await dialog.getByRole('button', { name: 'Plan fewer rows all the same' }).click();
	await expect(page.getByTestId('on-machine')).toContainText(
		'46 rows are knitted, 2 rows more than are planned'
	);
});

test('reloading and leaving in the middle of fast counting loses no row shown', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	for (let i = 0; i < 25; i++) await page.keyboard.press('Space');
	// On a slow disk the first of them may still be on their way.
	await expect(count(page)).not.toHaveText('46');
	const shown = Number(await count(page).innerText());
	await page.reload();
	await expect
		.poll(async () => Number(await count(page).innerText()), { timeout: 15_000 })
		.toBeGreaterThanOrEqual(shown);
});

test('a tap after a reload or a return counts at once, exactly once, whatever an old lead says', async ({
	page
}) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('47');
	const press = async (to: number) => {
		await expect(count(page)).toHaveText(String(to - 1));
		await page.keyboard.press('Space');
		// Well within the six seconds that a lease lasts.
		await expect(count(page)).toHaveText(String(to), { timeout: 5000 });
		await expect(page.getByText('Not counted here')).toBeHidden();
	};
	await page.reload();
	await press(48);
	await page.getByRole('link', { name: 'Plan' }).click();
	await expect(page).toHaveURL(/plan$/);
	await page.goBack();
	await press(49);
	// A tab that crashed holds the lead, by a clock that was hours ahead.
	await page.evaluate(async () => {
		const open = indexedDB.open('tomble-fair');
		await new Promise((done) => (open.onsuccess = done));
		const at = open.result.transaction('leads', 'readwrite');
		at.objectStore('leads').put({
			projectId: 'project-keeper',
			tab: 'crashed',
			until: Date.now() + 7_200_000
		});
		await new Promise((done) => (at.oncomplete = done));
		open.result.close();
	});
	await press(50);
});

test('Esc closes a dialog and nothing else', async ({ page }) => {
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	for (const key of ['j', 'f', 'o', 'h', '?']) {
		await page.keyboard.press(key);
		await expect(page.getByRole('dialog')).toBeVisible();
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toBeHidden();
		await expect(page).toHaveURL(/knit$/);
	}
	await page.keyboard.press('Escape');
	await expect(page).toHaveURL(/plan$/);
});

test('20 presses a second lose none', async ({ page }) => {
	await openDemo(page);
	await page.goto('/project/project-tideline/knit');
	await expect(page.getByRole('checkbox')).toHaveCount(5);
	for (const box of await page.getByRole('checkbox').all()) await box.check();
	await page.getByRole('button', { name: 'It is cast on: start counting' }).click();
	await expect(count(page)).toHaveText('0');
	for (let i = 0; i < 60; i++) {
		await page.keyboard.press('Space', { delay: 50 });
	}
	// 5 of waste, then 55 main rows.
	await expect(page.getByTestId('running')).toHaveText('55');
});

test('the instruction is on screen at 200 % zoom, in landscape and on a small phone: the ring gives way', async ({
	page
}) => {
	await openDemo(page);
	// A join with its tails, the row before it, and a panel's decrease at both edges.
	const places = [
		{ path: KNIT, to: '53', says: /Change to lantern/ },
		{ path: KNIT, to: '52', says: /Change to lantern/ },
		{ path: '/project/project-flags/knit', to: '14', says: /Decrease one at both edges/ }
	];
	for (const { path, to, says } of places) {
		await page.setViewportSize({ width: 1280, height: 800 });
		await page.goto(path);
		await expect(count(page)).toBeVisible();
		await page.keyboard.press('j');
		await page.getByRole('dialog').getByRole('textbox').fill(to);
		await page
			.getByRole('dialog')
			.getByRole('button', { name: /^(Jump|Yes)/ })
			.click();
		for (const [width, height] of [
			[640, 400],
			[844, 390],
			[360, 640],
			[390, 844]
		] as const) {
			await page.setViewportSize({ width, height });
			const side = page.locator('.next-side');
			await expect(side.getByText(says).first()).toBeVisible();
			const cut = await side.evaluate((e) => {
				const room = e.closest('.tap')!.getBoundingClientRect();
				return [...e.querySelectorAll('*')]
					.filter((x) => x.getClientRects().length > 0)
					.map((x) => x.getBoundingClientRect())
					.filter(
						(r) =>
							r.top < room.top - 1 ||
							r.bottom > room.bottom + 1 ||
							r.left < -1 ||
							r.right > innerWidth + 1
					).length;
			});
			expect(cut, `${path} at row ${to}, ${width} x ${height}`).toBe(0);
		}
	}
});

test('on a phone the crank view fits, with count and next event whole', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page);
	await page.goto(KNIT);
	await expect(count(page)).toHaveText('46');
	const size = await count(page).evaluate((e) => ({
		font: parseFloat(getComputedStyle(e).fontSize),
		right: e.getBoundingClientRect().right
	}));
	// A digit of 120 px on a phone is about 2 cm high: read from a metre away.
	expect(size.font).toBeGreaterThan(120);
	expect(size.right).toBeLessThanOrEqual(390);
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
	await page
		.getByTestId('tap')
		.tap()
		.catch(() => page.getByTestId('tap').click());
	await expect(count(page)).toHaveText('47');
});
