import { expect, test as base, type Locator, type Page } from '@playwright/test';

/** Every test fails on an error in the page's console and on any request that leaves the machine. */
export const test = base.extend<{ watched: undefined }>({
	watched: [
		async ({ page }, use) => {
			const wrong: string[] = [];
			page.on('pageerror', (e) => wrong.push(`page: ${e.message}`));
			page.on('console', (m) => m.type() === 'error' && wrong.push(`console: ${m.text()}`));
			page.on('request', (r) => {
				const { hostname, protocol } = new URL(r.url());
				if (protocol.startsWith('http') && hostname !== 'localhost')
					wrong.push(`request: ${r.url()}`);
			});
			await use(undefined);
			expect(wrong.filter((w) => !/ERR_INTERNET_DISCONNECTED|status of 4\d\d/.test(w))).toEqual([]);
		},
		{ auto: true }
	]
});
export { expect };

/** An empty store, as at the very first visit. */
export async function openEmpty(page: Page): Promise<void> {
	await page.goto('/');
	await expect(
		page.getByRole('heading', { name: 'Plan it, crank it, write it down' })
	).toBeVisible();
}

/** The lantern fair's data, put in through the interface. */
export async function openDemo(page: Page): Promise<void> {
	await openEmpty(page);
	await page.getByRole('button', { name: 'Look around a stall at the lantern fair' }).click();
	await expect(page.getByRole('link', { name: /Foghorn/ })).toBeVisible();
}

/** Goes to a view as a link does, without starting the application anew, and waits until it has worked out what it shows. */
export async function visit(page: Page, path: string): Promise<void> {
	await page.evaluate((href) => {
		const link = Object.assign(document.createElement('a'), { href });
		document.body.append(link);
		link.click();
		link.remove();
	}, path);
	await expect(page).toHaveURL(path);
	await settled(page);
}

/** A view has its heading, and nothing on it is still being worked out. */
export async function settled(page: Page): Promise<void> {
	await expect(page.locator('h1').first()).toBeAttached();
	await expect(page.getByText('Working it out…')).toHaveCount(0);
}

/** The long form of a test is run by `npm run test:long`. */
export const LONG = process.env.LONG === '1';

/** Moves on with the Tab key until `target` has the focus. */
export async function tabTo(page: Page, target: Locator, back = false): Promise<void> {
	await expect(target).toBeVisible();
	for (let i = 0; i < 120; i++) {
		if (await target.evaluate((e) => e === document.activeElement)) return;
		await page.keyboard.press(back ? 'Shift+Tab' : 'Tab');
	}
	throw new Error('the Tab key does not reach it');
}

/** Types over what a field holds, with keys alone. */
export async function typeInto(page: Page, field: Locator, text: string): Promise<void> {
	await tabTo(page, field);
	await page.keyboard.press('Control+A');
	await page.keyboard.type(text);
}

/** Types a value into a field of a plan and finishes it, as a maker does: it is taken when it is finished. */
export async function enter(field: Locator, text: string): Promise<void> {
	await field.fill(text);
	await field.press('Enter');
}

/** Waits until all is on the disk: what is shown stands on the page a moment before. */
export async function stored(page: Page): Promise<void> {
	await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
}

export const count = (page: Page): Locator => page.getByTestId('count');

/** Begins something from the gallery, by its name there. */
export async function make(page: Page, name: string): Promise<void> {
	await visit(page, '/make');
	await page
		.getByRole('button', { name: new RegExp(`^${name} `) })
		.first()
		.click();
	await expect(page).toHaveURL(/\/plan$/);
	await settled(page);
}

/** A phrase of the order slip, by what it is. */
export const phrase = (page: Page, label: string): Locator =>
	page
		.getByRole('region', { name: 'What is to be made' })
		.getByRole('button', { name: new RegExp(`^${label}: `) });

/** A phrase, opened where it is not open yet; what is seldom changed is unfolded for it. */
export async function opened(page: Page, label: string): Promise<Locator> {
	const inside = page.getByRole('dialog', { name: label, exact: true });
	if (await inside.isVisible()) return inside;
	const slip = page.getByRole('region', { name: 'What is to be made' });
	await expect(slip).toBeVisible();
	const folded = slip.getByRole('button', { name: /^and \d+ more/ });
	if ((await phrase(page, label).count()) === 0 && (await folded.count()) > 0) await folded.click();
	await phrase(page, label).click();
	await expect(inside).toBeVisible();
	return inside;
}

/** Presses a choice within a phrase. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
	const inside = await opened(page, label);
	await inside.getByText(option, { exact: true }).click();
}

/** Types a figure within a phrase and finishes it. */
export async function typed(page: Page, label: string, field: string, text: string): Promise<void> {
	const inside = await opened(page, label);
	await enter(inside.getByRole('textbox', { name: field, exact: true }), text);
	// It closes, unless what was typed cannot be.
	await expect
		.poll(
			async () =>
				!(await inside.isVisible()) || (await inside.locator('[aria-invalid="true"]').count()) > 0
		)
		.toBe(true);
}

/** The stripe line of a plan, as its phrase opens to it. */
export const lineOf = async (page: Page): Promise<Locator> =>
	(await opened(page, 'Stripe line')).getByRole('textbox', { name: /Stripe line/ });
