import { expect, type Browser, type Page } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { writeBackup } from '../../src/lib/file/backup-write';
import { tubeRecipe } from '../../src/lib/core/recipe/tubes/tube';
import { TUBE_KINDS } from '../../src/lib/core/recipe/tubes/kinds';
import { projectOf } from '../support/bench';
import { bigBench, optionsOn } from '../support/stash';
import { quantile, report } from './figures';
import { ownRack } from './own-rack';
import { served } from './served';

let browser: Browser;
let BASE: string;

/** JavaScript that the shelf loads, each file gzipped; the demo data is already in, its reader is not part of it. */
async function firstRoute(): Promise<void> {
	const context = await browser.newContext({ serviceWorkers: 'block' });
	const filling = await context.newPage();
	await filling.goto(BASE);
	await filling.getByRole('link', { name: /Foghorn/ }).waitFor();
	// Hats, tubes, flags, panels, a toy, a bag and a garland, drawn once: a shelf as a maker comes back to it.
	await expect(filling.getByText('being worked out')).toHaveCount(0, { timeout: 20_000 });
	// Once more, so that what was drawn and checked is put aside.
	await filling.goto(BASE);
	await filling.getByRole('link', { name: /Foghorn/ }).waitFor();
	await filling.waitForTimeout(2500);
	const page = await context.newPage();
	const bodies: Promise<Buffer>[] = [];
	page.on('response', (r) => {
		if (new URL(r.url()).pathname.endsWith('.js')) bodies.push(r.body());
	});
	await page.goto(BASE);
	await page.getByRole('link', { name: /Foghorn/ }).waitFor();
	// What comes later, by a worker too, is counted in.
	page.on('worker', () => console.log('# a worker was started'));
	await page.waitForTimeout(2500);
	const sizes = (await Promise.all(bodies)).map((b) => gzipSync(b).length);
	const total = sizes.reduce((a, b) => a + b, 0);
	report('first route, JavaScript gzipped', total / 1000, 'kB', { least: 20, most: 130 });
	await context.close();
}

/** From navigation to the shelf's first link, with the processor four times as slow; the store is already filled. */
async function shelf(): Promise<void> {
	const context = await browser.newContext();
	const page = await context.newPage();
	await page.goto(BASE);
	await page.getByRole('link', { name: /Foghorn/ }).waitFor();
	const cdp = await context.newCDPSession(page);
	await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
	const times: number[] = [];
	for (let i = 0; i < 5; i++) {
		await page.goto('about:blank');
		await page.goto(BASE, { waitUntil: 'commit' });
		await page.waitForFunction(
			() => document.querySelector('main a[href*="/project/"] svg') !== null,
			null,
			{ polling: 'raf' }
		);
		times.push(await page.evaluate(() => performance.now()));
	}
	report('shelf usable at 4x CPU throttling, median', quantile(times, 0.5) / 1000, 's', {
		most: 1.5
	});
	await context.close();
}

/** Watches the crank view from inside: each press, the frame that shows its mark, the change of the number. */
async function watch(page: Page): Promise<void> {
	await page.evaluate(() => {
		const log = { pressed: [] as number[], painted: [] as number[], committed: [] as number[] };
		(globalThis as unknown as { log: typeof log }).log = log;
		addEventListener('keydown', (e) => e.key === ' ' && log.pressed.push(e.timeStamp), true);
		const marks = document.querySelector('[data-testid=marks]')!;
		const count = document.querySelector('[data-testid=count]')!;
		let seen = 0;
		new MutationObserver(() => {
			// The mark is in the page; it is painted by the frame that follows.
			if (log.pressed.length > seen) {
				const upTo = log.pressed.length;
				requestAnimationFrame(() =>
					setTimeout(() => {
						while (log.painted.length < upTo) log.painted.push(performance.now());
					})
				);
				seen = upTo;
			}
		}).observe(marks, { attributes: true, childList: true, subtree: true });
		let last = Number(count.textContent);
		new MutationObserver(() => {
			const now = Number(count.textContent);
			for (; last < now; last++) log.committed.push(performance.now());
		}).observe(count, { characterData: true, childList: true, subtree: true });
	});
}

async function crank(): Promise<void> {
	const page = await browser.newPage();
	await page.goto(BASE);
	await page.getByRole('link', { name: /Foghorn/ }).waitFor();
	// A tube of its own length, so that 200 presses stay within one section.
	await page.goto(`${BASE}/project/project-first/plan`);
	await page.getByRole('button', { name: /^Length is set by: / }).click();
	await page.getByRole('textbox', { name: 'a row count' }).fill('590');
	await page.keyboard.press('Enter');
	await page.getByRole('img', { name: /590 rows/ }).waitFor();
	await page.waitForTimeout(500);
	await page.goto(`${BASE}/project/project-first/knit`);
	await page.getByTestId('count').waitFor();
	await page.waitForTimeout(500);

	await watch(page);
	for (let i = 0; i < 60; i++) {
		await page.keyboard.press('Space');
		await page.waitForTimeout(150);
	}
	type Log = { pressed: number[]; painted: number[]; committed: number[] };
	const log = await page.evaluate(() => (globalThis as unknown as { log: Log }).log);
	const since = (list: number[]) => log.pressed.map((t, i) => (list[i] ?? Infinity) - t);
	report('key press to painted mark, 95th percentile', quantile(since(log.painted), 0.95), 'ms', {
		most: 50
	});
	report(
		'key press to committed count, 95th percentile',
		quantile(since(log.committed), 0.95),
		'ms',
		{ most: 100 }
	);

	const before = Number(await page.getByTestId('count').innerText());
	// 20 a second for 10 s, sent by the page's own clock so that the sending does not wait for the answer.
	await page.evaluate(
		() =>
			new Promise<void>((done) => {
				let n = 0;
				const timer = setInterval(() => {
					document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }));
					if (++n === 200) {
						clearInterval(timer);
						done();
					}
				}, 50);
			})
	);
	await page.waitForTimeout(1500);
	await page.reload();
	await page.getByTestId('count').waitFor();
	await page.waitForTimeout(500);
	const kept = Number(await page.getByTestId('count').innerText()) - before;
	report('20 presses a second for 10 s, kept of 200', kept, 'rows', { least: 200, most: 200 });
	await page.close();
}

/** A scarf of 450 rows on 100 pins in 90 stripes: a boundary dragged across the ribbon, and the finished thing drawn. */
async function ribbon(): Promise<void> {
	const bench = bigBench(2);
	const machine = { ...bench.machines[0]!, pins: 100 };
	const [a, b] = bench.yarns;
	const scarf = {
		...tubeRecipe(TUBE_KINDS.scarf).defaults(bench)!,
		yarns: [a!.id, b!.id],
		stripes: '45 times (5 A, 5 B)',
		length: { by: 'line' as const }
	};
	const project = { ...projectOf(), options: scarf, machineId: machine.id };
	const all = {
		bench: { ...bench, machines: [machine] },
		projects: [project],
		events: [],
		results: [],
		orders: [],
		patterns: [],
		practised: []
	};
	const page = await ownRack(browser, BASE);
	await page.goto(`${BASE}/keep`);
	await page.locator('input[type=file]').setInputFiles({
		name: 'scarf.zip',
		mimeType: 'application/zip',
		buffer: Buffer.from(writeBackup(all))
	});
	await page.getByRole('button', { name: 'Take it in' }).click();
	await page.getByText(/Taken in/).waitFor();
	await page.goto(`${BASE}/project/p/plan`);
	await page.getByRole('slider', { name: 'Boundary between section 40 and 41' }).waitFor();
	await page.waitForTimeout(500);
	// The script of each move, with all that it changes in the page.
	const times = await page.evaluate(async () => {
		const grip = document.querySelectorAll<SVGElement>('[role=slider].boundary')[39]!;
		const box = grip.getBoundingClientRect();
		grip.setPointerCapture = () => undefined;
		const x = box.x + box.width / 2;
		grip.dispatchEvent(
			new PointerEvent('pointerdown', {
				bubbles: true,
				pointerId: 1,
				button: 0,
				clientX: x,
				clientY: box.y + 20
			})
		);
		const taken: number[] = [];
		for (let i = 0; i < 120; i++) {
			const start = performance.now();
			grip.dispatchEvent(
				new PointerEvent('pointermove', {
					bubbles: true,
					pointerId: 1,
					button: 0,
					clientX: x + 9 * Math.sin(i / 7),
					clientY: box.y + 20
				})
			);
			await new Promise((r) => queueMicrotask(() => r(null)));
			taken.push(performance.now() - start);
			await new Promise((r) => requestAnimationFrame(() => r(null)));
		}
		grip.dispatchEvent(
			new PointerEvent('pointerup', {
				bubbles: true,
				pointerId: 1,
				button: 0,
				clientX: x,
				clientY: box.y + 20
			})
		);
		return taken;
	});
	report(
		'drag a boundary, 450 rows on 100 pins, script of a frame, 95th percentile',
		quantile(times, 0.95),
		'ms',
		{
			most: 32
		}
	);
	await page.getByRole('button', { name: /^Stripe line: / }).click();
	await page.getByRole('textbox', { name: /Stripe line/ }).fill('50 times (5 A, 5 B)');
	await page.keyboard.press('Escape');
	await page.getByRole('img', { name: /500 rows/ }).waitFor();
	await page.waitForTimeout(500);
	const drawn = await page.evaluate(async () => {
		const slider = document.querySelector<HTMLInputElement>('figure input[type=range]')!;
		const taken: number[] = [];
		for (let i = 0; i < 30; i++) {
			const start = performance.now();
			slider.value = String(Number(slider.max) * (1 - i / 60));
			slider.dispatchEvent(new Event('input', { bubbles: true }));
			await new Promise((r) => queueMicrotask(() => r(null)));
			// What was painted is asked for, so that it is done.
			const canvas = document.querySelector('canvas')!;
			canvas.getContext('2d')!.getImageData(0, 0, 1, 1);
			document.body.getBoundingClientRect();
			taken.push(performance.now() - start);
		}
		return taken;
	});
	report('draw the finished thing of 50,000 stitches, median', quantile(drawn, 0.5), 'ms', {
		most: 60
	});
	await page.context().close();
}

/** A stash of so many yarns in a browser of its own, with one project that uses the first. */
async function stashPage(yarns: number): Promise<Page> {
	const bench = bigBench(yarns);
	const project = projectOf(optionsOn(bench));
	const bytes = writeBackup({
		bench,
		projects: [project],
		events: [],
		results: [],
		orders: [],
		patterns: [],
		practised: []
	});
	const page = await ownRack(browser, BASE);
	await page.goto(`${BASE}/keep`);
	await page.locator('input[type=file]').setInputFiles({
		name: 'stash.zip',
		mimeType: 'application/zip',
		buffer: Buffer.from(bytes)
	});
	await page.getByRole('button', { name: 'Take it in' }).click();
	await page.getByText(/Taken in/).waitFor();
	return page;
}

/** From the question to the answer, the way to the worker and back included; the first finds cold code. */
async function ranking(): Promise<void> {
	const page = await stashPage(500);
	await page.goto(`${BASE}/project/p/stand-ins`);
	const wait = (n: number) =>
		page.waitForFunction(
			(least) => performance.getEntriesByName('rank-stand-ins').length >= least,
			n
		);
	await wait(1);
	for (let i = 1; i <= 5; i++) {
		await page.getByRole('button', { name: 'Type in a yarn to buy' }).click();
		await page.getByRole('button', { name: 'Compare it' }).click();
		await wait(i + 1);
	}
	const times = await page.evaluate(() =>
		performance.getEntriesByName('rank-stand-ins').map((e) => e.duration)
	);
	report(
		'rank 500 yarns in a worker, with the way there and back, median',
		quantile(times.slice(1), 0.5),
		'ms',
		{
			most: 200
		}
	);
	await page.context().close();
}

/** A letter typed into the search of 300 yarns, to the list in the page with its layout. */
async function sifting(): Promise<void> {
	const page = await stashPage(300);
	await page.goto(`${BASE}/bench`);
	await page.getByRole('searchbox').waitFor();
	await page.waitForTimeout(500);
	const times = await page.evaluate(async () => {
		const field = document.querySelector<HTMLInputElement>('input[type=search]')!;
		const taken: number[] = [];
		for (const text of ['y', 'ya', 'yarn 1', 'yarn 12', 'yarn', 'wool', 'colour 2', '', 'c', '']) {
			const start = performance.now();
			field.value = text;
			field.dispatchEvent(new Event('input', { bubbles: true }));
			await Promise.resolve();
			await new Promise((r) => queueMicrotask(() => r(null)));
			document.body.getBoundingClientRect();
			taken.push(performance.now() - start);
			await new Promise((r) => setTimeout(r, 60));
		}
		return taken;
	});
	report(
		'find among 300 yarns, key to laid-out list, 95th percentile',
		quantile(times, 0.95),
		'ms',
		{
			most: 100
		}
	);
	await page.context().close();
}

await served(4189, async (b, base) => {
	[browser, BASE] = [b, base];
	await firstRoute();
	await shelf();
	await crank();
	await ranking();
	await sifting();
	await ribbon();
});
