import { chromium, type Browser } from '@playwright/test';
import { spawn } from 'node:child_process';
import { browserArgs } from '../e2e/browser';

/** The built application with the fair's data, and a browser: both are there while something is measured, and end with it. */
export async function served(
	port: number,
	measure: (browser: Browser, base: string) => Promise<void>
): Promise<void> {
	const base = `http://localhost:${port}`;
	const server = spawn('node', ['build'], {
		env: { ...process.env, PORT: String(port), ORIGIN: base, TOMBLE_DEMO: '1' },
		stdio: 'ignore'
	});
	const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: browserArgs });
	try {
		for (let i = 0; i < 50; i++) {
			if ((await fetch(`${base}/healthz`).catch(() => null))?.ok) break;
			await new Promise((r) => setTimeout(r, 200));
		}
		await measure(browser, base);
	} finally {
		await browser.close();
		server.kill();
	}
}
