import { type Browser } from '@playwright/test';
import { writeBackup } from '../../src/lib/file/backup-write';
import { projectOf } from '../support/bench';
import { bigBench, optionsOn } from '../support/stash';
import { quantile, report } from './figures';
import { ownRack } from './own-rack';
import { served } from './served';

/** From a key to the frame that shows what the hand did, on a ring of 100 pins; late in a try, when most has been done. */
async function acts(browser: Browser, base: string): Promise<void> {
	const bench = bigBench(2);
	const page = await ownRack(browser, base);
	await page.goto(`${base}/keep`);
	const zip = writeBackup({
		bench: { ...bench, machines: [{ ...bench.machines[0]!, pins: 100 }] },
		projects: [projectOf(optionsOn(bench))],
		events: [],
		results: [],
		orders: [],
		patterns: [],
		practised: []
	});
	await page.locator('input[type=file]').setInputFiles({
		name: 'ring.zip',
		mimeType: 'application/zip',
		buffer: Buffer.from(zip)
	});
	await page.getByRole('button', { name: 'Take it in' }).click();
	await page.getByText(/Taken in/).waitFor({ timeout: 60_000 });
	for (const [path, key, times, name] of [
		['/practice/closings?try=gather', '1', 90, 'a needle through a loop'],
		['/practice/drag?try=twelve-rows', 'n', 30, 'a row turned'],
		['/practice/weave', '1', 90, 'yarn laid at a pin']
	] as const) {
		await page.goto(`${base}${path}`);
		await page.getByRole('heading', { name: /The hand at/ }).waitFor();
		const took: number[] = [];
		for (let i = 0; i < times; i++) {
			const ms = await page.evaluate(
				(k) =>
					new Promise<number>((done) => {
						const from = performance.now();
						document.body.dispatchEvent(new KeyboardEvent('keydown', { key: k, bubbles: true }));
						requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)));
					}),
				key
			);
			took.push(ms);
		}
		report(
			`practice, ${name}, 100 pins, key to painted, 95th percentile`,
			quantile(took, 0.95),
			'ms',
			{
				most: 50
			}
		);
	}
	await page.close();
}

await served(4191, acts);
