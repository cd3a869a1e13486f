import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, openEmpty, test, visit } from './support';

const press = async (page: Page, keys: string) => {
	for (const key of keys.split(' ')) {
		const [name, times = '1'] = key.split('*');
		for (let i = 0; i < Number(times); i++) await page.keyboard.press(name!);
	}
};
const asked = (page: Page) => page.getByRole('status');

test('the weave by keys alone: a pin missed is named and shown, taken back, and done again it is remembered', async ({
	page
}) => {
	await openEmpty(page);
	await visit(page, '/practice');
	await page.getByRole('link', { name: 'Begin: The weave' }).press('Enter');
	await expect(page.getByRole('heading', { name: 'The weave', level: 1 })).toBeVisible();
	// Four laid by hand, then as before: eight turns of before and behind at a time.
	await press(page, '1 2 1 2 o o');
	await expect(asked(page)).toContainText('pin 36');
	await press(page, 'ArrowRight 2 1 2 1 2 1 2 1 2 1 2 3 4 n l');
	const judged = page.getByRole('heading', { name: /of 48 pins hold the weave/ });
	await expect(judged).toBeVisible();
	await expect(page.getByText('First: The weave passes by pin 37.')).toBeVisible();
	await expect(page.getByRole('img', { name: /with pin 37 marked/ })).toBeVisible();
	// All of it back to the start, and all of it right.
	await press(page, 'z*80');
	await expect(page.getByText('Nothing is on the pins.')).toBeVisible();
	await press(page, '1 2 1 2 o o');
	// Going away to look something up loses nothing.
	await visit(page, '/how');
	await visit(page, '/practice/weave?try=even');
	await expect(page.getByRole('button', { name: 'Take back' })).toBeEnabled();
	await press(page, 'h z');
	await expect(asked(page)).toContainText('Taken back');
	await page.getByRole('button', { name: 'Start over' }).click();
	await expect(page.getByText('Nothing is on the pins.')).toBeVisible();
	await press(page, '1 2 1 2 o o o 3 4 n l');
	await expect(page.getByText('Nothing went wrong.')).toBeVisible();
	await expect(page.getByRole('heading', { name: '48 of 48 pins hold the weave' })).toBeVisible();
	await expect(page.getByText('done on this device')).toBeVisible();
	await page.reload();
	await expect(page.getByText('done on this device')).toBeVisible();
	await visit(page, '/practice');
	await expect(page.getByText('1 of 3 done')).toBeVisible();
	await expect(page.getByRole('link', { name: 'Go on: The first row' })).toBeVisible();
});

test('a lesson is shown step by step, tried by touch on a phone, and what cannot be done is said', async ({
	browser
}) => {
	const context = await browser.newContext({
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		isMobile: true,
		reducedMotion: 'reduce'
	});
	const page = await context.newPage();
	await openEmpty(page);
	await visit(page, '/practice/dropped?try=on-machine');
	await page.getByRole('button', { name: 'Show me' }).tap();
	for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Next ›' }).tap();
	await expect(page.getByText('A row over it.')).toBeVisible();
	await page.getByRole('button', { name: 'Try it' }).tap();
	await page.getByRole('button', { name: /Latch the next rung/ }).tap();
	await expect(asked(page)).toContainText('No column has run there.');
	// Where it is, the words say; on the ring it is pointed at.
	const words = await page.getByText(/A column has run at pin/).innerText();
	const pin = Number(/at pin (\d+)/.exec(words)![1]);
	while (
		!(await page.getByRole('heading', { name: `The hand at pin ${pin}`, exact: true }).isVisible())
	)
		await page.locator('svg [role=button]').nth(4).tap();
	for (let i = 0; i < 5; i++)
		await page.getByRole('button', { name: `Latch the next rung, pin ${pin}` }).tap();
	await page.getByRole('button', { name: `Top loop onto its pin, pin ${pin}` }).tap();
	await page.getByRole('button', { name: 'Row: 48 ›' }).tap();
	await page.getByRole('button', { name: 'Done: look at it' }).tap();
	await expect(page.getByRole('heading', { name: '1 of 1 columns whole' })).toBeVisible();
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
	const small = await page.evaluate(() =>
		[...document.querySelectorAll('main button')].flatMap((b) => {
			const { height } = b.getBoundingClientRect();
			return height < 36 ? [`${b.textContent.trim()} ${height}`] : [];
		})
	);
	expect(small).toEqual([]);
	await context.close();
});

test('the crank and the table offer what was never practised, and the page of techniques shows it', async ({
	page
}) => {
	await openDemo(page);
	await visit(page, '/project/project-buoy/finish');
	const offer = page.getByTestId('practice-offer');
	await visit(page, '/project/project-foghorn/knit');
	// The weave was practised at the fair.
	await expect(page.getByText(/Before you crank/)).toBeVisible();
	await expect(offer).toHaveCount(0);
	await visit(page, '/project/project-flags/knit');
	await expect(offer.first()).toBeVisible();
	await offer.first().getByRole('link', { name: 'Practise it first, two minutes' }).click();
	await expect(page).toHaveURL(/\/practice\/[a-z-]+\?try=/);
	await visit(page, '/how');
	const gather = page.locator('#gather');
	// It begins at the step by which it is known.
	await expect(gather.getByRole('status')).toHaveText('2 of 6');
	await gather.getByRole('button', { name: 'Step before, of Gather' }).click();
	await expect(gather.getByRole('status')).toHaveText('1 of 6');
	await gather.getByRole('button', { name: 'Next step, of Gather' }).click();
	await expect(gather.getByText('And through each in turn, none missed.')).toBeVisible();
	const small = await page.evaluate(() =>
		[...document.querySelectorAll('main svg text')].flatMap((t) => {
			const px = parseFloat(getComputedStyle(t).fontSize) * (t as SVGTextElement).getScreenCTM()!.a;
			return px < 11.9 ? [`${t.textContent} ${px}`] : [];
		})
	);
	expect(small).toEqual([]);
});

test('every lesson stands on a phone and a desk, light and dark, with nothing grave for who cannot see it', async ({
	page
}) => {
	test.setTimeout(240_000);
	await openDemo(page);
	const grave: string[] = [];
	await visit(page, '/practice');
	const lessons = await page
		.locator('main ol a')
		.evaluateAll((as) => as.map((a) => a.getAttribute('href')!));
	expect(lessons).toHaveLength(13);
	for (const [i, path] of ['/practice', ...lessons].entries()) {
		await page.setViewportSize(
			i % 4 < 2 ? { width: 360, height: 740 } : { width: 1280, height: 800 }
		);
		await page.emulateMedia({ colorScheme: i % 2 === 0 ? 'dark' : 'light' });
		await visit(page, path);
		// They are one view: what differs is its words and its drawing.
		const looked = i % 3 === 0 ? (await new AxeBuilder({ page }).analyze()).violations : [];
		for (const v of looked)
			if (v.impact === 'serious' || v.impact === 'critical')
				grave.push(`${path}: ${v.id} at ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
		const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
		if (wide > 0) grave.push(`${path}: ${wide} px too wide`);
	}
	expect(grave).toEqual([]);
});
