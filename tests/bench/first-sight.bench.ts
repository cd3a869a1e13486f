import { type Browser, type Page } from '@playwright/test';
import '../support/recipes';
import { writeBackup } from '../../src/lib/file/backup-write';
import { beginning } from '../../src/lib/core/recipe/begin';
import { recipeOf, RECIPES } from '../../src/lib/core/recipe';
import type { Project } from '../../src/lib/core/model/project';
import { projectOf } from '../support/bench';
import { bigBench } from '../support/stash';
import { quantile, report } from './figures';
import { ownRack } from './own-rack';
import { served } from './served';

let browser: Browser;
let BASE: string;

/** Two hundred projects of every kind there is, planned, on two rings. */
function manyThings(): ReturnType<typeof writeBackup> {
	const bench = bigBench(12);
	const projects = Array.from({ length: 200 }, (_, i): Project => {
		const recipe = recipeOf(RECIPES[i % RECIPES.length]!.id)!;
		const begun = beginning(recipe, bench, { yarnId: bench.yarns[i % 12]!.id })!;
		return {
			...projectOf(),
			id: `thing-${i}` as Project['id'],
			name: `Thing ${i}`,
			options: begun.options,
			machineId: begun.machine.id
		};
	});
	return writeBackup({
		bench,
		projects,
		events: [],
		results: [],
		orders: [],
		patterns: [],
		practised: []
	});
}

async function throttled(page: Page, rate: number) {
	const cdp = await page.context().newCDPSession(page);
	await cdp.send('Emulation.setCPUThrottlingRate', { rate });
}

/** A rack of 200 things, all drawn before: to its first picture at 4x, and the frames of a scroll to its end. */
async function rack(): Promise<void> {
	const page = await ownRack(browser, BASE);
	await page.goto(`${BASE}/keep`);
	await page.locator('input[type=file]').setInputFiles({
		name: 'rack.zip',
		mimeType: 'application/zip',
		buffer: Buffer.from(manyThings())
	});
	await page.getByRole('button', { name: 'Take it in' }).click();
	await page.getByText(/Taken in/).waitFor({ timeout: 60_000 });
	await page.goto(BASE);
	await page.getByText('being worked out').first().waitFor();
	await page.waitForFunction(
		() => !document.querySelector('main')!.innerText.includes('being worked out'),
		null,
		{ timeout: 120_000 }
	);
	await page.waitForTimeout(2000);
	await page.goto(BASE);
	await page.waitForFunction(() => document.querySelectorAll('main li').length >= 200);
	await page.waitForTimeout(1000);
	const frames = await page.evaluate(async () => {
		const taken: number[] = [];
		const end = document.documentElement.scrollHeight;
		let last = performance.now();
		for (let y = 0; y < end; y += 40) {
			scrollTo(0, y);
			await new Promise((r) => requestAnimationFrame(() => r(null)));
			const now = performance.now();
			taken.push(now - last);
			last = now;
		}
		return taken.slice(2);
	});
	report('scroll a rack of 200 things, frame, 95th percentile', quantile(frames, 0.95), 'ms', {
		most: 20
	});
	await throttled(page, 4);
	const times: number[] = [];
	for (let i = 0; i < 3; i++) {
		await page.goto('about:blank');
		await page.goto(BASE, { waitUntil: 'commit' });
		await page.waitForFunction(() => document.querySelector('main li svg') !== null, null, {
			polling: 'raf'
		});
		times.push(await page.evaluate(() => performance.now()));
	}
	report('rack of 200 things usable at 4x CPU throttling', quantile(times, 0.5) / 1000, 's', {
		most: 1.5
	});
	await page.context().close();
}

/** The gallery, from the address to the first card that can be pressed. */
async function gallery(): Promise<void> {
	const page = await (await browser.newContext()).newPage();
	await page.goto(BASE);
	await page.getByRole('link', { name: /Foghorn/ }).waitFor();
	await throttled(page, 4);
	const times: number[] = [];
	for (let i = 0; i < 3; i++) {
		await page.goto('about:blank');
		await page.goto(`${BASE}/make`, { waitUntil: 'commit' });
		await page.waitForFunction(() => document.querySelector('main li button') !== null, null, {
			polling: 'raf'
		});
		times.push(await page.evaluate(() => performance.now()));
	}
	report('gallery usable at 4x CPU throttling', quantile(times, 0.5) / 1000, 's', { most: 1.5 });
	await page.context().close();
}

/** A phrase pressed, to its list in the page; a value chosen, to the frame that shows the plan changed. */
async function phrase(): Promise<void> {
	const page = await (await browser.newContext()).newPage();
	// The runner names functions that it sends over.
	await page.addInitScript('globalThis.__name = (f) => f');
	await page.goto(BASE);
	await page.getByRole('link', { name: /Foghorn/ }).waitFor();
	await page.goto(`${BASE}/project/project-keeper/plan`);
	await page.getByRole('button', { name: /^For: / }).waitFor();
	await page.waitForTimeout(1000);
	const taken = await page.evaluate(async () => {
		const soon = () => new Promise((r) => requestAnimationFrame(() => setTimeout(r)));
		const until = async (what: () => boolean) => {
			while (!what()) await new Promise((r) => requestAnimationFrame(() => r(null)));
		};
		const rows = () => document.querySelector('main summary')!.textContent;
		const opens: number[] = [];
		const paints: number[] = [];
		for (let i = 0; i < 12; i++) {
			const start = performance.now();
			document.querySelector<HTMLElement>('.phrase[aria-label^="For:"]')!.click();
			await until(() => document.querySelector('[role=dialog] input') !== null);
			opens.push(performance.now() - start);
			const before = rows();
			const others = [
				...document.querySelectorAll<HTMLInputElement>('[role=dialog] input:not(:checked)')
			];
			const from = performance.now();
			others[i % 4]!.click();
			await until(() => rows() !== before);
			await soon();
			paints.push(performance.now() - from);
			document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
			await until(() => document.querySelector('[role=dialog]') === null);
		}
		return { opens, paints };
	});
	report('a phrase opens, median', quantile(taken.opens, 0.5), 'ms', { most: 50 });
	report('its change is painted, median', quantile(taken.paints, 0.5), 'ms', { most: 100 });
	await page.context().close();
}

await served(4190, async (b, base) => {
	[browser, BASE] = [b, base];
	await phrase();
	await gallery();
	await rack();
});
