import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { browserArgs } from '../tests/e2e/browser';

/** One picture of each main view from the demo data. Phone pictures at 390 x 844, the rest at 1280 x 800. */
const PORT = 4188;
const BASE = `http://localhost:${PORT}`;
const VIEWS: { file: string; path: string; phone?: boolean; keys?: string[] }[] = [
	{ file: 'shelf', path: '/' },
	{ file: 'bench', path: '/bench?machine=machine-48&yarn=bw-foam' },
	{ file: 'stand-ins', path: '/project/project-tideline/stand-ins?yarn=bw-kelp' },
	{ file: 'plan', path: '/project/project-keeper/plan' },
	{ file: 'plan-scarf', path: '/project/project-harbourlight/plan' },
	{ file: 'plan-cardigan', path: '/project/project-cardigan/plan' },
	{ file: 'pattern', path: '/pattern/pattern-slipover?machine=machine-48&yarn=bw-kelp' },
	{ file: 'plan-toy', path: '/project/project-seal/plan' },
	{ file: 'plan-garland', path: '/project/project-garland/plan' },
	{ file: 'make', path: '/make' },
	{ file: 'order', path: '/order/order-fair' },
	{ file: 'how', path: '/how' },
	{ file: 'crank', path: '/project/project-keeper/knit' },
	{ file: 'crank-phone', path: '/project/project-keeper/knit', phone: true },
	{ file: 'crank-panel', path: '/project/project-flags/knit', keys: ['Space'] },
	{ file: 'finish', path: '/project/project-buoy/finish' },
	{ file: 'log', path: '/project/project-first/log' },
	{ file: 'practice', path: '/practice/panel-turns', keys: ['n', '1', '3', 'b', 'n', 'l'] },
	{
		file: 'practice-phone',
		path: '/practice/dropped?try=on-machine',
		phone: true,
		keys: [...Array<string>(8).fill('ArrowRight'), '1', '1', '1']
	}
];

const server = spawn('node', ['build'], {
	env: { ...process.env, PORT: String(PORT), ORIGIN: BASE, TOMBLE_DEMO: '1' },
	stdio: 'ignore'
});
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: browserArgs });
try {
	for (let i = 0; i < 50; i++) {
		if ((await fetch(`${BASE}/healthz`).catch(() => null))?.ok) break;
		await new Promise((r) => setTimeout(r, 200));
	}
	for (const view of VIEWS) {
		const context = await browser.newContext({
			viewport: view.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
			colorScheme: 'light',
			reducedMotion: 'reduce'
		});
		const page = await context.newPage();
		await page.goto(BASE);
		await page.getByRole('link', { name: /Foghorn/ }).waitFor();
		await page.goto(BASE + view.path);
		await page.locator('h1').first().waitFor({ state: 'attached' });
		await page.evaluate(() => document.fonts.ready.then(() => undefined));
		if (view.keys) await page.waitForTimeout(500);
		for (const key of view.keys ?? []) await page.keyboard.press(key);
		// The shelf works out garments once it stands.
		await page.waitForTimeout(view.path === '/' ? 2500 : 1400);
		await page.screenshot({ path: `docs/screenshots/${view.file}.png` });
		await context.close();
		console.log(`docs/screenshots/${view.file}.png`);
	}
} finally {
	await browser.close();
	server.kill();
}
