import { chromium, expect, test, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { browserArgs } from './browser';
import { LONG } from './support';

/** A browser of our own, so that it can be killed outright. */
async function start(profile: string): Promise<{ process: ChildProcess; page: Page }> {
	rmSync(join(profile, 'DevToolsActivePort'), { force: true });
	const args = [
		'--headless=new',
		'--remote-debugging-port=0',
		`--user-data-dir=${profile}`,
		...browserArgs,
		'about:blank'
	];
	const process = spawn('/usr/bin/chromium', args, { detached: true, stdio: 'ignore' });
	await expect
		.poll(
			() => {
				try {
					return readFileSync(join(profile, 'DevToolsActivePort'), 'utf8').split('\n').length;
				} catch {
					return 0;
				}
			},
			{ timeout: 30_000 }
		)
		.toBeGreaterThan(1);
	const port = readFileSync(join(profile, 'DevToolsActivePort'), 'utf8').split('\n')[0];
	const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
	const page = await browser.contexts()[0]!.newPage();
	return { process, page };
}

interface Where {
	readonly baseURL: string | undefined;
	readonly profile: string;
	readonly project: string;
}

/** The crank view of the run, open again; where it is not there, what the page says instead, and what the browser's store wrote of its opening. */
async function atCrank(page: Page, { baseURL, profile, project }: Where): Promise<number> {
	await page.goto(`${baseURL}/project/${project}/knit`);
	const count = page.getByTestId('count');
	await count.waitFor({ timeout: 30_000 }).catch(async () => {
		const store = join(profile, 'Default', 'IndexedDB');
		const logs = readdirSync(store, { recursive: true, encoding: 'utf8' })
			.filter((f) => /LOG(\.old)?$/.test(f))
			.map((f) => `${f}:\n${readFileSync(join(store, f), 'utf8').slice(-2000)}`);
		throw new Error(
			`no count; the page says: ${await page.locator('body').innerText()}\n${logs.join('\n')}`
		);
	});
	return Number(await count.innerText());
}

const kill = (p: ChildProcess) =>
	new Promise<void>((done) => {
		p.once('exit', () => done());
		process.kill(-p.pid!, 'SIGKILL');
	});

/** Ends it as a maker does, with all written down. */
const end = async (page: Page, process: ChildProcess) => {
	const gone = new Promise((done) => process.once('exit', done));
	const session = await page.context().newCDPSession(page);
	await session.send('Browser.close').catch(() => undefined);
	await gone;
};

/** Twenty in the long form. */
const KILLS = LONG ? 20 : 3;
/** A tube, and panels whose edges ask for the hands. */
const RUNS = [
	{ what: 'a tube', project: 'project-keeper' },
	{ what: 'a panel', project: 'project-flags' }
];

for (const { what, project } of RUNS)
	test(
		`${what}: the browser killed ${KILLS} times in the middle of counting: every row that was shown is there`,
		{ tag: '@long' },
		async ({ baseURL }) => {
			test.setTimeout(420_000);
			const profile = mkdtempSync(join(tmpdir(), 'tomble-kill-'));
			const at = { baseURL, profile, project };
			try {
				const before = await start(profile);
				await before.page.goto(`${baseURL}/`);
				await before.page
					.getByRole('button', { name: 'Look around a stall at the lantern fair' })
					.click();
				await expect(before.page.getByRole('link', { name: /Lamp keeper/ }).first()).toBeVisible();
				// Which rack one stands at is no work of the maker's: it may be written down late.
				await end(before.page, before.process);
				const first = await start(profile);
				const begun = await atCrank(first.page, at);
				let shown = begun;
				for (let round = 0; round < KILLS; round++) {
					const { process: browser, page } = round === 0 ? first : await start(profile);
					if (round > 0) {
						const back = await atCrank(page, at);
						expect(back).toBeGreaterThanOrEqual(shown);
						shown = back;
					}
					// Keys keep coming while the count is read for the last time and the process is killed, each time at another point.
					for (let i = 0; i < 1 + (round % 3); i++) await page.keyboard.press('Space');
					// Once a row is waited for: on a slow machine each kill may come before the first is shown.
					const count = page.getByTestId('count');
					if (round === 2) await expect(count).not.toHaveText(String(begun));
					shown = Number(await count.innerText());
					for (let i = 0; i < round % 4; i++)
						void page.keyboard.press('Space').catch(() => undefined);
					await kill(browser);
				}
				const last = await start(profile);
				const back = await atCrank(last.page, at);
				expect(back).toBeGreaterThanOrEqual(shown);
				expect(back).toBeGreaterThan(begun);
				// And nothing is doubled: at most the presses that were made.
				expect(back).toBeLessThanOrEqual(begun + KILLS * 6);
				await kill(last.process);
			} finally {
				rmSync(profile, { recursive: true, force: true, maxRetries: 20, retryDelay: 200 });
			}
		}
	);
