import { readFileSync } from 'node:fs';
import { enter, expect, openDemo, openEmpty, stored, test } from './support';

test('a project goes to another browser as a file, previewed before it changes anything', async ({
	page,
	browser,
	baseURL
}) => {
	await openDemo(page);
	await page.goto('/keep');
	await page.getByRole('combobox').selectOption({ label: 'Lamp keeper' });
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save this project' }).click()
	]);
	expect(download.suggestedFilename()).toBe('lamp-keeper.tomble.json');
	const path = await download.path();

	const other = await (await browser.newContext({ baseURL: baseURL! })).newPage();
	await openEmpty(other);
	await other.goto('/keep');
	await other.locator('input[type=file]').setInputFiles(path);
	await expect(other.getByText('Lamp keeper project')).toBeVisible();
	await expect(other.getByText(/and 53 counted events/)).toBeVisible();
	// Nothing yet.
	expect(await other.evaluate(async () => (await indexedDB.databases()).length)).toBeGreaterThan(0);
	await other.getByRole('button', { name: 'Take it in' }).click();
	await expect(other.getByText(/Taken in/)).toBeVisible();
	await other.goto('/project/project-keeper/knit');
	await expect(other.getByTestId('count')).toHaveText('46');
	// It brought what Tomble had learned, so that the plan is the same.
	await other.goto('/project/project-keeper/plan');
	await expect(other.getByText(/learned from Harbour master/)).toBeVisible();
	await other.context().close();
});

test('a backup of everything comes back whole', async ({ page, browser, baseURL }) => {
	await openDemo(page);
	await page.goto('/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save a backup of everything' }).click()
	]);
	const other = await (await browser.newContext({ baseURL: baseURL! })).newPage();
	await openEmpty(other);
	await other.goto('/keep');
	await other.locator('input[type=file]').setInputFiles(await download.path());
	await other.getByRole('button', { name: 'Take it in' }).click();
	await expect(other.getByText(/Taken in/)).toBeVisible();
	await other.goto('/');
	for (const name of ['Harbour master', 'Foghorn', 'Tideline', 'Lamp keeper', 'Buoy stripes']) {
		await expect(other.getByRole('link', { name: new RegExp(name) })).toBeVisible();
	}
	await other.context().close();
});

test('a damaged file is refused whole, with the reason and the path', async ({ page }) => {
	await openDemo(page);
	await page.goto('/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save this project' }).click()
	]);
	const file = JSON.parse(readFileSync(await download.path(), 'utf8'));
	file.bench.machines[0].pins = 'many';
	const put = (name: string, text: string) =>
		page
			.locator('input[type=file]')
			.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
	await put('bad.json', JSON.stringify(file));
	await expect(page.getByRole('alert')).toContainText('bench.machines[0].pins');
	await put('foreign.json', '{"hello":1}');
	await expect(page.getByRole('alert')).toContainText('no Tomble file');
	await put('text.json', 'half a {');
	await expect(page.getByRole('alert')).toContainText('JSON');
	await page.goto('/');
	await expect(page.getByRole('link', { name: /Foghorn/ })).toBeVisible();
});

test('where records differ, mine are kept unless I say otherwise', async ({ page }) => {
	await openDemo(page);
	await page.goto('/keep');
	await page.getByRole('combobox').selectOption({ label: 'Tideline' });
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save this project' }).click()
	]);
	const path = await download.path();
	await page.goto('/project/project-tideline/plan');
	await enter(page.getByRole('textbox', { name: 'Lined hat' }), 'Ebb');
	await expect(page.getByRole('heading', { name: 'Plan of Ebb' })).toBeAttached();
	await stored(page);
	await page.goto('/keep');
	await page.locator('input[type=file]').setInputFiles(path);
	await expect(page.getByText('meet 1 that you have in another version')).toBeVisible();
	await page.getByText('take the file’s').click();
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByText(/Taken in/)).toBeVisible();
	await page.goto('/');
	await expect(page.getByRole('link', { name: /Tideline/ })).toBeVisible();
});

test('tables go out and in: faults by line and column, nothing written until accepted', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save yarns (CSV)' }).click()
	]);
	const text = readFileSync(await download.path(), 'utf8');
	expect(text).toContain('length of 100 g (m)');
	const file = (name: string, body: string) => ({
		name,
		mimeType: 'text/csv',
		buffer: Buffer.from(body)
	});
	const input = page.locator('input[type=file]');
	await input.setInputFiles(file('bad.csv', text.replace(',240,', ',plenty,')));
	await expect(page.getByRole('alert')).toContainText(/Line \d+, column 7 \(on hand \(g\)\)/);
	await input.setInputFiles(
		file('good.csv', `${text.replace(',240,', ',200,')}\r\nBollard,tar,#222222,4,200`)
	);
	await expect(page.getByRole('region', { name: 'What the file would change' })).toContainText(
		'add 1 records'
	);
	await page.getByRole('button', { name: 'Leave it' }).click();
	await page.goto('/bench');
	await expect(page.getByRole('button', { name: /Bollard/ })).toHaveCount(0);
	await page.goto('/keep');
	await input.setInputFiles(
		file('good.csv', `${text.replace(',240,', ',200,')}\r\nBollard,tar,#222222,4,200`)
	);
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByText(/Taken in/)).toBeVisible();
	await page.getByRole('navigation').getByRole('link', { name: 'Bench' }).click();
	await expect(page.getByRole('button', { name: /Bollard/ }).first()).toBeVisible();
	await expect(page.getByRole('button', { name: /foam Breakwater.*200 g/ })).toBeVisible();
	// All of it is one step.
	await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
	await expect(page.getByRole('button', { name: /foam Breakwater.*240 g/ })).toBeVisible();
	await expect(page.getByRole('button', { name: /Bollard/ })).toHaveCount(0);
});
