import type { Page } from '@playwright/test';
import { expect, openDemo, openEmpty, settled, test, visit } from './support';

/** What demo projects are called in the store. */
const PROJECTS = [
	'keeper',
	'foghorn',
	'buoy',
	'first',
	'flags',
	'net',
	'tideband',
	'gulls',
	'watchcap',
	'cardigan',
	'vest',
	'cloth',
	'seal',
	'bag',
	'garland'
] as const;

test('a newcomer has a two-colour hat’s rows and its first counted row in at most 8 presses', async ({
	page
}) => {
	await openEmpty(page);
	await page.evaluate(() => {
		const seen = { presses: 0, keys: 0 };
		Object.assign(window, { seen });
		addEventListener('click', (e) => e.isTrusted && e.detail > 0 && seen.presses++, true);
		addEventListener('keydown', () => seen.keys++, true);
	});
	await page.getByRole('button', { name: /^Lined hat/ }).click();
	await page.getByRole('button', { name: '46 pins', exact: true }).click();
	await page.getByRole('button', { name: 'straw' }).click();
	await expect(page.getByRole('img', { name: 'Lined hat, as it would be' })).toBeVisible();
	await expect(page.getByText(/\d+ rows/).first()).toBeVisible();
	await page.getByRole('button', { name: 'Plan it' }).click();
	await expect(page.getByRole('region', { name: 'What is to be made' })).toContainText(
		'in teal with a lining of straw, 6 rows longer'
	);
	await expect(page.locator('summary', { hasText: /^\s*Rows/ })).toContainText(/\d+\s*rows/);
	// Its band is honest, and the one swatch that would settle it is said.
	await expect(page.getByText(/may come out .* longer or shorter than/)).toContainText(
		/40 rows of tube on all pins, rested and measured twice/
	);
	await page.getByRole('link', { name: 'Knit this' }).click();
	await page.getByRole('button', { name: 'All five are so' }).click();
	await page.getByRole('button', { name: 'It is cast on: start counting' }).click();
	await page.getByTestId('count').click();
	await expect(page.getByTestId('count')).toHaveText('1');
	const seen = await page.evaluate(() => (window as unknown as { seen: object }).seen);
	expect(seen).toEqual({ presses: expect.any(Number), keys: 0 });
	expect((seen as { presses: number }).presses).toBeLessThanOrEqual(8);
});

test('the fair is a rack of its own: entered and left, it never mixes with the maker’s', async ({
	page
}) => {
	await openEmpty(page);
	await page.getByRole('button', { name: /^Scarf/ }).click();
	await page.getByRole('button', { name: 'Plan it' }).click();
	await expect(page.getByRole('textbox', { name: 'Scarf' })).toBeVisible();
	await visit(page, '/');
	await expect(page.getByRole('link', { name: /Scarf/ })).toBeVisible();
	await page.evaluate(() => localStorage.setItem('tomble-rack', 'fair'));
	await page.reload();
	await expect(page.getByRole('link', { name: /Scarf/ })).toHaveCount(0);
	await page.getByRole('button', { name: 'Look around a stall at the lantern fair' }).click();
	await expect(page.getByRole('link', { name: /Foghorn/ })).toBeVisible();
	await expect(page.getByRole('link', { name: /^Scarf/ })).toHaveCount(0);
	await page.getByRole('button', { name: 'Leave the fair' }).click();
	await expect(page.getByRole('link', { name: /Scarf/ })).toBeVisible();
	await expect(page.getByRole('link', { name: /Foghorn/ })).toHaveCount(0);
	await visit(page, '/bench');
	await expect(page.getByRole('region', { name: /Yarns/ }).getByRole('listitem')).toHaveCount(1);
});

test('what can be made is drawn from the maker’s own, sifted by yarn, time and name, and chosen it is planned', async ({
	page
}) => {
	await openDemo(page);
	await visit(page, '/make');
	const cards = page.getByRole('main').getByRole('listitem');
	await expect(page.getByText('being worked out…')).toHaveCount(0, { timeout: 40_000 });
	const all = await cards.count();
	expect(all).toBe(33);
	await expect(page.getByText(/Not with this machine and yarn/)).toHaveCount(0);
	await page.getByRole('combobox', { name: 'Time' }).selectOption('60');
	const inAnHour = await cards.count();
	expect(inAnHour).toBeGreaterThan(5);
	expect(inAnHour).toBeLessThan(all);
	await page.getByRole('combobox', { name: 'Time' }).selectOption('0');
	await page.getByRole('combobox', { name: 'With' }).selectOption({ index: 3 });
	await expect.poll(() => cards.count()).toBeLessThan(all);
	await page.getByRole('searchbox', { name: 'Find by name' }).fill('band');
	await expect(cards).toHaveCount(1);
	await page.getByRole('button', { name: /^Headband/ }).click();
	await expect(page).toHaveURL(/plan$/);
	await expect(page.getByRole('region', { name: 'What is to be made' })).toBeVisible();
});

test('rows, size, yarn, time and the next act of every plan lie on the first screen', async ({
	page
}) => {
	await openDemo(page);
	for (const key of PROJECTS) {
		await visit(page, `/project/project-${key}/plan`);
		for (const label of [/^\s*Rows/, /^\s*Yarn\s/, /^\s*Time at the crank/]) {
			const box = await page.locator('summary', { hasText: label }).first().boundingBox();
			expect(box && box.y + box.height, `${key}, ${label}`).toBeLessThanOrEqual(800);
		}
		const act = await page.getByRole('link', { name: 'Knit this' }).boundingBox();
		expect(act && act.y + act.height, key).toBeLessThanOrEqual(800);
		const picture = await page.locator('main .picture').first().boundingBox();
		expect(picture!.y, `${key}, its picture`).toBeLessThan(560);
	}
});

/** Words that lie on one another or are cut off, smaller than 12 px, and controls too small to be met: each with its place. */
async function faultsOf(page: Page): Promise<string[]> {
	return page.evaluate(() => {
		const found: string[] = [];
		const shown = (e: Element) =>
			e.checkVisibility({
				opacityProperty: true,
				visibilityProperty: true,
				contentVisibilityAuto: true
			}) &&
			!e.closest('.sr-only, [aria-hidden="true"]:not(svg), details:not([open]) > :not(summary)');
		const nameOf = (e: Element) => e.textContent.trim().replace(/\s+/g, ' ').slice(0, 40);
		const texts = [...document.querySelectorAll('main svg text')]
			.filter((t) => shown(t) && nameOf(t))
			.map((t) => ({ t, box: t.getBoundingClientRect() }))
			.filter(({ box }) => box.width > 0);
		for (const [i, a] of texts.entries()) {
			const svg = a.t.closest('svg')!;
			const scale =
				(svg.getBoundingClientRect().width || 1) /
				(svg.viewBox.baseVal.width || svg.clientWidth || 1);
			const size = parseFloat(getComputedStyle(a.t).fontSize) * Math.min(1, scale || 1);
			if (size < 11.9) found.push(`${size.toFixed(1)} px: ${nameOf(a.t)}`);
			for (const b of texts.slice(i + 1)) {
				if (b.t.closest('svg') !== svg) continue;
				const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
				const high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
				if (wide > 2 && high > 4) found.push(`${nameOf(a.t)} lies on ${nameOf(b.t)}`);
			}
		}
		for (const e of document.querySelectorAll('main *, header *')) {
			if (!(e instanceof HTMLElement) || !shown(e)) continue;
			const own = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent!.trim() !== '');
			const style = getComputedStyle(e);
			if (own && parseFloat(style.fontSize) < 11.9) found.push(`${style.fontSize}: ${nameOf(e)}`);
			if (
				own &&
				style.overflowX === 'hidden' &&
				e.clientWidth > 1 &&
				e.scrollWidth > e.clientWidth + 1 &&
				style.textOverflow !== 'ellipsis'
			)
				found.push(`cut off: ${nameOf(e)} (${e.className})`);
			if (e.matches('button, a[href], select, input:not(.sr-only), summary, [role=button]')) {
				const box = e.getBoundingClientRect();
				const inline = style.display === 'inline';
				if (box.width > 0 && !inline && (box.height < 23.5 || box.width < 15))
					if (!e.closest('p, li.text-sm, .hint'))
						found.push(
							`only ${box.width.toFixed(0)} x ${box.height.toFixed(0)}: ${nameOf(e) || e.getAttribute('aria-label')}`
						);
			}
		}
		// Lines of words on one another, wherever in the page they stand; what floats over it by intent is left out.
		const lines: { e: HTMLElement; box: DOMRect }[] = [];
		const words = document.createTreeWalker(document.querySelector('main')!, NodeFilter.SHOW_TEXT);
		while (words.nextNode()) {
			const e = words.currentNode.parentElement;
			if (!(e instanceof HTMLElement) || !words.currentNode.textContent!.trim() || !shown(e))
				continue;
			let floats = false;
			for (let a: HTMLElement | null = e; a && !floats; a = a.parentElement) {
				const { position, overflowX, overflowY } = getComputedStyle(a);
				floats = /fixed|sticky/.test(position) || /auto|scroll/.test(overflowX + overflowY);
			}
			if (floats) continue;
			const range = document.createRange();
			range.selectNodeContents(words.currentNode);
			for (const box of range.getClientRects())
				// Letters stand in the middle of their line's box.
				if (box.width > 2 && box.height > 4)
					lines.push({
						e,
						box: new DOMRect(box.x, box.y + 0.28 * box.height, box.width, 0.46 * box.height)
					});
		}
		lines.sort((a, b) => a.box.top - b.box.top);
		for (const [i, a] of lines.entries())
			for (let j = i + 1; j < lines.length && lines[j]!.box.top < a.box.bottom; j++) {
				const b = lines[j]!;
				if (a.e === b.e) continue;
				const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
				const high = Math.min(a.box.bottom, b.box.bottom) - b.box.top;
				if (wide > 2 && high > 1) found.push(`${nameOf(a.e)} lies on ${nameOf(b.e)}`);
			}
		return found;
	});
}

const MAIN = [
	['shelf', '/'],
	['what can I make', '/make'],
	['a first thing', '/start?what=lined-hat'],
	['bench', '/bench'],
	['plan', '/project/project-keeper/plan'],
	['plan of a garment', '/project/project-cardigan/plan'],
	['plan of a toy', '/project/project-seal/plan'],
	['plan of a garland', '/project/project-garland/plan'],
	['plan of flags', '/project/project-flags/plan'],
	['plan of a bag', '/project/project-bag/plan'],
	['knit', '/project/project-keeper/knit'],
	['finish', '/project/project-buoy/finish'],
	['log', '/project/project-oars-2/log'],
	['over time', '/bench?machine=machine-48&yarn=bw-dusk&show=seen'],
	['order', '/order/order-fair'],
	['files', '/keep']
] as const;

test('no words lie on one another or are cut, none is too small to read or to press, at any width', async ({
	page
}) => {
	test.setTimeout(300_000);
	await openDemo(page);
	const all: string[] = [];
	for (const [name, path] of MAIN) {
		await visit(page, path);
		await settled(page);
		// 640 is 1280 at 200 %.
		for (const width of [360, 390, 640, 768, 1024, 1280, 1920]) {
			await page.setViewportSize({ width, height: 800 });
			// What comes into sight is laid out a frame later.
			await page.evaluate(async () => {
				for (let i = 0; i < 4; i++) await new Promise(requestAnimationFrame);
			});
			for (const fault of await faultsOf(page)) all.push(`${name} at ${width}: ${fault}`);
		}
		await page.emulateMedia({ colorScheme: 'dark' });
		for (const fault of await faultsOf(page)) all.push(`${name} in the dark: ${fault}`);
		await page.emulateMedia({ colorScheme: 'light' });
	}
	expect([...new Set(all)]).toEqual([]);
});
