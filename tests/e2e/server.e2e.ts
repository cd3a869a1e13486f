import '../support/recipes';
import { expect, make, openDemo, test } from './support';
import { harbour } from '../../src/lib/demo/harbour';
import { snapshot } from '../../src/lib/file/snapshot';
import { plan } from '../../src/lib/core/plan';

const keeper = harbour.projects.find((p) => p.name === 'Lamp keeper')!;
const file = snapshot(harbour, keeper);

test('POST /api/plan answers with the plan the application shows', async ({ request }) => {
	const r = await request.post('/api/plan', { data: file });
	expect(r.status()).toBe(200);
	expect(await r.json()).toEqual(JSON.parse(JSON.stringify(plan(keeper, file.bench))));
});

test('a bad body gets problem details with the path and what was expected', async ({ request }) => {
	const bad = await request.post('/api/plan', {
		data: { ...file, project: { ...keeper, machineId: 7 } }
	});
	expect(bad.status()).toBe(422);
	expect(bad.headers()['content-type']).toBe('application/problem+json');
	expect(await bad.json()).toMatchObject({
		title: 'damaged',
		path: 'project.machineId',
		status: 422
	});
	const text = await request.post('/api/plan', {
		headers: { 'content-type': 'application/json' },
		data: Buffer.from('{ half')
	});
	expect(text.status()).toBe(400);
	const type = await request.post('/api/plan', {
		headers: { 'content-type': 'application/xml' },
		data: 'x'
	});
	expect(type.status()).toBe(415);
	const large = await request.post('/api/plan', {
		headers: { 'content-type': 'application/json' },
		data: `"${'x'.repeat(510_000)}"`
	});
	expect(large.status()).toBe(413);
	expect(large.headers()['content-type']).toBe('application/problem+json');
});

test('plans are made off the main thread: the server answers while they are worked out', async ({
	request
}) => {
	const vest = harbour.projects.find((p) => p.name === 'Lamplit cardigan')!;
	const data = snapshot(harbour, vest);
	let answered = 0;
	const plans = Array.from({ length: 12 }, async () => {
		const answer = await request.post('/api/plan', { data });
		answered += 1;
		return answer.status();
	});
	// The last of the twelve is still waiting for its turn.
	expect(await (await request.get('/healthz')).text()).toBe('ok');
	expect(answered).toBeLessThan(12);
	expect(new Set(await Promise.all(plans))).toEqual(new Set([200]));
});

test('the server is alive, and gives demo data unasked only when started with it', async ({
	request
}) => {
	expect(await (await request.get('/healthz')).text()).toBe('ok');
	expect((await request.get('/api/demo')).status()).toBe(204);
	expect((await request.get('/api/demo?asked')).headers()['content-type']).toBe('application/zip');
});

test('the content security policy names no outside source', async ({ request }) => {
	const csp = (await request.get('/')).headers()['content-security-policy'] ?? '';
	expect(csp).toContain("default-src 'self'");
	expect(csp).toContain("frame-ancestors 'none'");
	expect(csp).not.toMatch(/https?:|\*|unsafe-eval/);
	expect(csp).not.toMatch(/script-src[^;]*unsafe-inline/);
});

test('it works offline after the first visit, at any address', async ({ page, context }) => {
	await openDemo(page);
	await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	await page.reload();
	await context.setOffline(true);
	await page.goto('/project/project-keeper/plan');
	await expect(page.getByRole('img', { name: /The finished hat/ })).toBeVisible();
	await page.goto('/project/project-keeper/knit');
	await expect(page.getByTestId('count')).toHaveText('46');
	await page.keyboard.press('Space');
	await expect(page.getByTestId('count')).toHaveText('47');
	// What was never opened is at hand as well: its recipe came with the application.
	await page.goto('/');
	await make(page, 'Two-tube shrug');
	await expect(page.getByRole('heading', { name: 'Pieces, in order of making' })).toBeVisible();
	await context.setOffline(false);
});

test('it can be installed: a manifest with icons that are there', async ({ request }) => {
	const manifest = await (await request.get('/tomble.webmanifest')).json();
	expect(manifest.display).toBe('standalone');
	for (const icon of manifest.icons) expect((await request.get(icon.src)).status()).toBe(200);
});
