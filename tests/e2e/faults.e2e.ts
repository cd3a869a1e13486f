import { readFileSync } from 'node:fs';
import { createServer, request as ask, type Server } from 'node:http';
import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { readAny } from '../../src/lib/file/backup-read';
import { count, enter, openDemo, phrase, stored, typed } from './support';

// Errors in the console are what these tests are about: they do not use the watched page.

/** A page whose disk can be full: `full(page, true)`. */
async function fullable(context: BrowserContext): Promise<Page> {
	const page = await context.newPage();
	await page.addInitScript(() => {
		const { put, add } = IDBObjectStore.prototype;
		const guarded = (does: typeof put) =>
			function (this: IDBObjectStore, value: unknown, key?: IDBValidKey) {
				const w = window as { full?: boolean; refused?: number };
				if (w.full) {
					w.refused = (w.refused ?? 0) + 1;
					throw new DOMException('The disk is full.', 'QuotaExceededError');
				}
				return key === undefined ? does.call(this, value) : does.call(this, value, key);
			};
		IDBObjectStore.prototype.put = guarded(put);
		IDBObjectStore.prototype.add = guarded(add);
	});
	await openDemo(page);
	await stored(page);
	return page;
}
const full = (page: Page, is: boolean) =>
	page.evaluate((f) => void ((window as { full?: boolean }).full = f), is);
const alert = (page: Page) => page.getByRole('alert').filter({ hasText: 'storage is full' });

/** Goes to a view within the application: what stands on the page only goes on standing. */
async function go(page: Page, path: string) {
	await page.evaluate((to) => {
		const link = document.createElement('a');
		link.href = to;
		document.querySelector('main')!.append(link);
		link.click();
		link.remove();
	}, path);
	await expect(page).toHaveURL(path);
}

test('a full disk: every kind of change is said, stands on the page, and is stored once there is room', async ({
	context
}) => {
	test.setTimeout(120_000);
	const page = await fullable(context);
	const tryAgain = () => page.getByRole('button', { name: 'Try again' }).first().click();
	/** With no room: `change`, see that it is said and stands; with room again: try again, reload, and it is there. */
	async function survives(
		path: string,
		what: RegExp,
		change: () => Promise<void>,
		there: () => Promise<void>
	) {
		await go(page, path);
		await stored(page);
		await full(page, true);
		await change();
		await expect(alert(page)).toContainText(what);
		await there();
		const refused = () => page.evaluate(() => (window as { refused?: number }).refused ?? 0);
		const before = await refused();
		await tryAgain();
		await expect.poll(refused).toBeGreaterThan(before);
		await expect(alert(page)).toBeVisible();
		await full(page, false);
		await tryAgain();
		await expect(alert(page)).toBeHidden();
		await stored(page);
		await page.reload();
		await expect(page.getByRole('main')).toBeVisible();
		await there();
	}

	const field = (name: string) => page.getByRole('textbox', { name, exact: true }).first();
	await survives(
		'/project/project-keeper/plan',
		/Not stored: .*Lamp keeper/,
		() => typed(page, 'Brim', 'Brim height, as worn', '7 cm'),
		() => expect(phrase(page, 'Brim')).toContainText('7 cm')
	);
	await survives(
		'/bench?machine=machine-48&yarn=gd-fog&show=swatch',
		/Not stored: Gull down/,
		async () => {
			await page.getByRole('button', { name: /^Change .*fog/ }).click();
			await enter(field('On hand'), '123 g');
			await page.getByRole('button', { name: 'Done' }).click();
		},
		() => expect(page.getByText(/123 g/).first()).toBeVisible()
	);
	await survives(
		'/bench?machine=machine-48&yarn=gd-fog&show=swatch',
		/Not stored: a swatch/,
		async () => {
			await field('Flat width of the tube').fill('21 cm');
			await field('Rows over a length').fill('40 rows in 23 cm');
			await page.getByRole('button', { name: 'Add reading' }).click();
		},
		() => expect(page.getByRole('button', { name: 'Remove this reading' })).toHaveCount(3)
	);
	await survives(
		'/order/order-fair',
		/Not stored: First evening/,
		() => enter(field('Wanted'), '41'),
		() => expect(field('Wanted')).toHaveValue('41')
	);
	await survives(
		'/project/project-keeper/log',
		/Not stored: the log of Lamp keeper/,
		async () => {
			await page.getByRole('textbox', { name: 'Note', exact: true }).fill('Longer brim.');
			await field('Weight').fill('80 g');
			await page.getByRole('button', { name: 'Put it in the log' }).click();
		},
		() => expect(page.getByText('Longer brim.').first()).toBeVisible()
	);
	const last = page.getByRole('checkbox').last();
	let ticked = false;
	await survives(
		'/project/project-buoy/finish',
		/Not stored: /,
		async () => {
			ticked = !(await last.isChecked());
			await last.click();
		},
		() => expect(last).toBeChecked({ checked: ticked })
	);
	// A new project goes to its plan, and is there after all.
	await go(page, '/');
	await full(page, true);
	await page.keyboard.press('n');
	await expect(alert(page)).toContainText(/Not stored: /);
	await expect(page).toHaveURL(/plan$/);
	const at = new URL(page.url()).pathname;
	await full(page, false);
	await tryAgain();
	await expect(alert(page)).toBeHidden();
	await stored(page);
	await page.goto(at);
	await expect(phrase(page, 'Brim')).toBeVisible();
});

test('presses that are not written: leaving asks, and they are counted once there is room', async ({
	context
}) => {
	const page = await fullable(context);
	await go(page, '/project/project-keeper/knit');
	await expect(count(page)).toHaveText('46');
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('47');
	await full(page, true);
	for (let i = 0; i < 3; i++) await page.keyboard.press('Space');
	await expect(alert(page)).toContainText('Not stored: 3 presses');
	await page.getByRole('link', { name: 'Plan', exact: true }).click();
	const dialog = page.getByRole('dialog', { name: 'Not all is stored' });
	await expect(dialog).toContainText('3 presses are not stored yet');
	await dialog.getByRole('button', { name: 'Stay here' }).click();
	await expect(page).toHaveURL(/knit$/);
	await page.keyboard.press('Escape');
	await full(page, false);
	await dialog.getByRole('button', { name: 'Try again, then leave' }).click();
	await expect(page).toHaveURL(/plan$/);
	await page.goto('/project/project-keeper/knit');
	await expect(count(page)).toHaveText('50');
});

test('no storage at all: it is said, planning goes on, and what there is can be saved as a file', async ({
	context
}) => {
	const page = await context.newPage();
	await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }));
	await page.goto('/');
	await expect(page.getByRole('alert').first()).toContainText('lets Tomble store nothing here');
	await go(page, '/bench');
	await page.getByRole('button', { name: 'Add a machine of 46 pins' }).click();
	await page.getByRole('button', { name: 'Done' }).click();
	await page.getByRole('button', { name: 'Add a yarn' }).click();
	await page.getByRole('button', { name: 'Done' }).click();
	await page.getByRole('button', { name: 'Start a hat with these' }).click();
	await expect(page).toHaveURL(/plan$/);
	await expect(phrase(page, 'Brim')).toBeVisible();
	await go(page, '/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save a backup of everything' }).click()
	]);
	const opened = readAny(readFileSync(await download.path()));
	expect(opened.ok && opened.value.projects).toHaveLength(1);
});

/** Holds the store open from a page that is not the application, at a version. */
const hold = (page: Page, version: number) =>
	page.evaluate(
		(v) =>
			new Promise<void>((done, fail) => {
				const asked = indexedDB.open('tomble', v);
				asked.onupgradeneeded = () => asked.result.createObjectStore('held');
				asked.onsuccess = () => {
					(window as { held?: IDBDatabase }).held = asked.result;
					done();
				};
				asked.onerror = () => fail(new Error('not opened'));
			}),
		version
	);

test('an old tab that holds the store, and a store of a newer Tomble, are said and not waited for', async ({
	browser,
	baseURL
}) => {
	const context = await browser.newContext({ baseURL: baseURL! });
	const [old, page] = [await context.newPage(), await context.newPage()];
	await old.goto('/healthz');
	await hold(old, 10);
	await page.goto('/');
	await expect(page.getByRole('alert').first()).toContainText(
		'older Tomble is open in another tab'
	);
	await old.close();
	await expect(page.getByRole('alert')).toHaveCount(0);
	await context.close();

	const later = await browser.newContext({ baseURL: baseURL! });
	const [newer, here] = [await later.newPage(), await later.newPage()];
	await newer.goto('/');
	await stored(newer);
	await newer.goto('/healthz');
	await hold(newer, 990);
	await here.goto('/');
	await expect(here.getByRole('alert').first()).toContainText('A newer Tomble has used this store');
	await later.close();
});

test('a worker that is refused is said, and asked again it works', async ({ context }) => {
	const page = await context.newPage();
	await page.addInitScript(() => {
		const Real = Worker;
		const refusing = function (...args: ConstructorParameters<typeof Worker>) {
			if (sessionStorage.getItem('refuse')) throw new DOMException('refused', 'SecurityError');
			return new Real(...args);
		};
		Object.defineProperty(window, 'Worker', { value: refusing });
	});
	await openDemo(page);
	await stored(page);
	await page.evaluate(() => sessionStorage.setItem('refuse', 'yes'));
	await page.goto('/project/project-cardigan/stand-ins');
	const said = page.getByRole('alert').filter({ hasText: 'works this out stopped' });
	await expect(said.first()).toBeVisible();
	// Files go on without one.
	await go(page, '/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save a backup of everything' }).click()
	]);
	await page.locator('input[type=file]').setInputFiles(await download.path());
	await expect(page.getByText(/nothing new/)).toBeVisible();
	await go(page, '/project/project-cardigan/stand-ins');
	await expect(said.first()).toBeVisible();
	await page.evaluate(() => sessionStorage.removeItem('refuse'));
	await said.first().getByRole('button', { name: 'Try again' }).click();
	await expect(said).toHaveCount(0);
	await expect(page.getByText(/compared; the best/)).toBeVisible();
});

test('a part that cannot be fetched at the crank is said, and the keys go on counting', async ({
	browser,
	baseURL
}) => {
	// After an update a part is neither in the cache nor on the server.
	const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
	const page = await context.newPage();
	await openDemo(page);
	await page.goto('/project/project-keeper/knit');
	await expect(count(page)).toHaveText('46');
	await page.waitForLoadState('networkidle');
	await page.route('**/_app/immutable/**', (route) => route.abort());
	await page.keyboard.press('h');
	await expect(page.getByText(/A part of Tomble could not be fetched/).first()).toBeVisible();
	await page.keyboard.press('Space');
	await expect(count(page)).toHaveText('47');
	await context.close();
});

/** The application behind a gateway that can fail: `state` is how it answers. */
async function gateway(
	target: string
): Promise<{ server: Server; url: string; to: (s: 'on' | '502' | 'never') => void }> {
	let state: 'on' | '502' | 'never' = 'on';
	const server = createServer((incoming, answer) => {
		if (state === 'never') return;
		if (state === '502') {
			answer.writeHead(502, { 'content-type': 'text/html' });
			answer.end('Bad gateway');
			return;
		}
		const url = new URL(incoming.url ?? '/', target);
		const passed = ask(url, { method: incoming.method, headers: incoming.headers }, (reply) => {
			answer.writeHead(reply.statusCode ?? 502, reply.headers);
			reply.pipe(answer);
		});
		incoming.pipe(passed);
	});
	await new Promise<void>((done) => server.listen(0, 'localhost', done));
	const { port } = server.address() as { port: number };
	return { server, url: `http://localhost:${port}`, to: (s) => (state = s) };
}

test('a server that answers 502, or never, does not keep the cached application from opening', async ({
	browser,
	baseURL
}) => {
	const { server, url, to } = await gateway(baseURL!);
	const page = await (await browser.newContext()).newPage();
	await page.goto(url);
	await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	// From the first visit on it is served by the worker.
	await page.reload();
	for (const state of ['502', 'never'] as const) {
		to(state);
		await page.goto(`${url}/bench`);
		await expect(page.getByRole('heading', { name: /bench/i }).first()).toBeVisible();
	}
	to('on');
	await page.context().close();
	server.closeAllConnections();
	server.close();
});

test('two tabs on one project keep each other’s edits', async ({ context }) => {
	const one = await context.newPage();
	await openDemo(one);
	await one.goto('/project/project-keeper/plan');
	const two = await context.newPage();
	await two.goto('/project/project-keeper/plan');
	const brim = (p: Page) => phrase(p, 'Brim');
	const lining = (p: Page) => phrase(p, 'Colours');
	const setBrim = (cm: string) => typed(one, 'Brim', 'Brim height, as worn', cm);
	const setLining = (rows: string) => typed(two, 'Colours', 'Lining longer by', rows);
	await expect(brim(one)).toBeVisible();
	await expect(lining(two)).toBeVisible();
	// In one breath: neither has seen the other's when it writes.
	await Promise.all([setBrim('7 cm'), setLining('9')]);
	for (const page of [one, two]) {
		await expect(brim(page)).toContainText('7 cm');
		await expect(lining(page)).toContainText('9 rows longer');
		await stored(page);
	}
	await one.reload();
	await expect(brim(one)).toContainText('7 cm');
	await expect(lining(one)).toContainText('9 rows longer');
	// Undo takes back one's own change alone.
	await setBrim('5 cm');
	await setLining('4');
	await expect(lining(one)).toContainText('4 rows longer');
	await one.keyboard.press('Escape');
	await one.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(brim(one)).toContainText('7 cm');
	await expect(lining(one)).toContainText('4 rows longer');
});

test('one bad record is one bad record: the shelf lives, and it is mended, saved as it is, or removed', async ({
	context,
	browser,
	baseURL
}) => {
	const page = await context.newPage();
	await openDemo(page);
	await stored(page);
	await page.evaluate(
		() =>
			new Promise<void>((done, fail) => {
				const open = indexedDB.open('tomble-fair');
				open.onerror = () => fail(new Error('not opened'));
				open.onsuccess = () => {
					const tx = open.result.transaction(['projects', 'swatches', 'orders'], 'readwrite');
					const worsen = (table: string, change: (r: Record<string, unknown>) => void) => {
						const all = tx.objectStore(table).getAll();
						all.onsuccess = () => {
							const record = structuredClone(all.result[0]) as Record<string, unknown>;
							change(record);
							tx.objectStore(table).put(record);
						};
					};
					worsen('projects', (r) =>
						Object.assign(r, { id: 'bad-project', name: 'Odd one', options: { recipe: 'sail' } })
					);
					worsen('swatches', (r) => {
						r.id = 'bad-swatch';
						delete r.readings;
					});
					worsen('orders', (r) => {
						Object.assign(r, { id: 'bad-order', name: 'Odd order' });
						delete r.lines;
					});
					tx.oncomplete = () => {
						open.result.close();
						done();
					};
				};
			})
	);
	for (const path of ['/', '/bench', '/project/project-keeper/plan', '/order/order-fair']) {
		await page.goto(path);
		await expect(page.getByRole('heading').first()).toBeVisible();
		await expect(page.getByText('met something it cannot show')).toHaveCount(0);
	}
	await page.goto('/project/bad-project/plan');
	await expect(page.getByRole('heading', { name: 'Odd one does not read' })).toBeVisible();
	await page.goto('/');
	await expect(page.getByRole('link', { name: /Foghorn/ })).toBeVisible();
	const apart = page.getByRole('region', { name: /3 records do not read/ });
	await expect(apart).toContainText('Odd one');
	await expect(apart).toContainText('Odd order');

	// The backup takes them along, apart, and opens elsewhere.
	await page.goto('/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save a backup of everything' }).click()
	]);
	await expect(page.getByText('3 records that do not read travel along, apart.')).toBeVisible();
	const other = await (await browser.newContext({ baseURL: baseURL! })).newPage();
	await other.goto('/keep');
	await other.locator('input[type=file]').setInputFiles(await download.path());
	await expect(other.getByText(/put back 3 records that do not read/)).toBeVisible();
	await other.getByRole('button', { name: 'Take it in' }).click();
	await expect(other.getByText(/Taken in/)).toBeVisible();
	await other.goto('/');
	await expect(other.getByRole('region', { name: /3 records do not read/ })).toBeVisible();
	await other.context().close();

	await page.goto('/');
	const left = page.getByRole('region', { name: /records? do(es)? not read/ });
	const line = (name: string) => left.getByRole('listitem').filter({ hasText: name });
	const [raw] = await Promise.all([
		page.waitForEvent('download'),
		line('Odd one').getByRole('button', { name: 'Save it as it is' }).click()
	]);
	expect(raw.suggestedFilename()).toBe('odd-one.raw.json');
	await line('Odd order').getByRole('button', { name: /^Mend/ }).click();
	await expect(page.getByRole('link', { name: /Odd order/ })).toBeVisible();
	await line('swatch').getByRole('button', { name: 'Remove' }).click();
	await line('Odd one').getByRole('button', { name: /^Mend/ }).click();
	await expect(page.getByText(/do not read|does not read/)).toHaveCount(0);
	await page.reload();
	await expect(page.getByRole('link', { name: /Odd one/ })).toBeVisible();
	await expect(page.getByText(/do not read|does not read/)).toHaveCount(0);
});

test('a store that the browser has cleared is told from a new one, with the way to a backup', async ({
	page
}) => {
	await openDemo(page);
	await stored(page);
	const clear = () =>
		page.evaluate(async () => {
			for (const { name } of await indexedDB.databases()) if (name) indexedDB.deleteDatabase(name);
		});
	await clear();
	await page.goto('/project/project-keeper/knit');
	await expect(page.getByRole('alert')).toContainText('is not there any more');
	await expect(page.getByRole('link', { name: 'Open a backup' })).toHaveAttribute('href', '/keep');
	await page.goto('/');
	await page.getByRole('button', { name: 'Begin anew' }).click();
	await expect(page.getByRole('alert')).toBeHidden();
	await page.reload();
	await expect(page.getByRole('heading').first()).toBeVisible();
	await expect(page.getByText('is not there any more')).toBeHidden();
});
