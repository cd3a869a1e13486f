import type { Browser, Page } from '@playwright/test';

/** A page at a rack of its own, empty: the server was started with the fair's, which is left first. */
export async function ownRack(browser: Browser, base: string): Promise<Page> {
	const page = await (await browser.newContext()).newPage();
	await page.goto(base);
	await page.getByRole('button', { name: 'Leave the fair' }).click();
	await page.getByRole('heading', { name: 'Plan it, crank it, write it down' }).waitFor();
	return page;
}
