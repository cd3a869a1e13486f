import '../support/recipes';
import { readFileSync } from 'node:fs';
import { choose, enter, expect, openDemo, opened, test, typed } from './support';
import type { Page } from '@playwright/test';

async function openProject(page: Page, key: string): Promise<void> {
	await openDemo(page);
	await page.goto(`/project/project-${key}/plan`);
	await expect(page.getByRole('heading', { name: 'Yarn', exact: true })).toBeVisible();
}

test('a bag: how far a strip misses its fold is said, mended by one press, and drawn step by step', async ({
	page
}) => {
	await openProject(page, 'bag');
	await choose(page, 'Strip is as long as', 'so many rows');
	await typed(page, 'Strip is as long as', 'Rows', '140');
	await expect(page.getByText(/The strip is \d+ rows too long to fold/)).toBeVisible();
	await expect(page.getByText(/stand over at each end/).first()).toBeVisible();
	await page.getByRole('button', { name: /^Make it \d+ rows$/ }).click();
	await expect(page.getByText(/too long to fold/)).toBeHidden();
	const slider = page.getByRole('slider', { name: 'From pieces to the finished thing' });
	const seen = new Set<string>();
	for (let i = 0; i < 5; i++) {
		await slider.fill(String(i));
		seen.add(await slider.getAttribute('aria-valuetext').then((t) => t ?? ''));
		await expect(page.getByRole('img', { name: /to scale/ }).first()).toBeVisible();
	}
	expect(seen.size).toBe(5);
	await page.getByRole('link', { name: 'Finish' }).click();
	await expect(page.getByText('Fold the strip to a bag')).toBeVisible();
	await expect(page.getByText(/1 with 48, 2 with 47, 3 with 46/).first()).toBeVisible();
});

test('a toy: a button under three is a stop; proportions are drawn; a part comes and goes', async ({
	page
}) => {
	await openProject(page, 'seal');
	await choose(page, 'Eyes', 'buttons');
	await expect(page.getByText('2 buttons on a toy for under three')).toBeVisible();
	await expect(page.getByText(/One finding says stop/)).toBeVisible();
	await page.getByRole('button', { name: 'Stitch the eyes' }).click();
	await expect(page.getByText(/on a toy for under three/)).toBeHidden();

	const long = page.getByRole('slider', { name: 'Body and head, swelling 1, how long' });
	const before = Number(await long.getAttribute('aria-valuenow'));
	await long.focus();
	for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowLeft');
	await expect
		.poll(async () => Number(await long.getAttribute('aria-valuenow')))
		.toBeLessThan(before - 3);
	const thick = page.getByRole('slider', { name: 'Body and head, swelling 1, how thick' });
	const fat = Number(await thick.getAttribute('aria-valuenow'));
	const box = (await thick.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2, box.y - 14, { steps: 6 });
	await page.mouse.up();
	await expect
		.poll(async () => Number(await thick.getAttribute('aria-valuenow')))
		.toBeGreaterThan(fat + 0.5);
	for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Undo' }).click();
	await expect.poll(async () => Number(await long.getAttribute('aria-valuenow'))).toBe(before);

	await page.getByRole('button', { name: 'Add a part' }).click();
	await expect(page.getByRole('button', { name: /Take up 2 × Ear/ })).toBeVisible();
	await page.getByRole('button', { name: 'Take ear out' }).click();
	await expect(page.getByRole('button', { name: /Take up 2 × Ear/ })).toBeHidden();
	await page.getByRole('combobox', { name: 'Begin again with' }).selectOption('caterpillar');
	await expect(page.getByRole('button', { name: /Take up 8 × Foot/ })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: /Take up 2 × Flipper/ })).toBeVisible();
});

test('parts on another machine are cranked on it, and the list says how far all of it is', async ({
	page
}) => {
	await openProject(page, 'seal');
	await expect(page.getByText('On 22 pins, the window', { exact: true })).toBeVisible();
	await page.getByRole('link', { name: 'Knit this' }).click();
	await page.getByRole('combobox', { name: 'Piece at hand' }).selectOption('part-muzzle');
	await expect(page.getByText(/pin 1, the first of a row/)).toBeVisible();
	await expect(page.getByRole('img', { name: /22/ }).first()).toBeVisible();
	await page.goto('/project/project-seal/plan');
	await expect(page.getByText(/6 in all/)).toBeVisible();
	await expect(page.getByText('0 of 2').first()).toBeVisible();
});

test('a garland: worked out for number, spacing or span, and neighbours that touch are spread', async ({
	page
}) => {
	await openProject(page, 'garland');
	await typed(page, 'Sag', 'Sag', '0');
	await expect(page.getByText('Cord, loops and all')).toBeVisible();
	await typed(page, 'Work out', 'How many', '60');
	await expect(page.getByText(/Neighbours touch/)).toBeVisible();
	await page.getByRole('button', { name: /^Hang \d+ of them$/ }).click();
	await expect(page.getByText(/Neighbours touch/)).toBeHidden();
	await choose(page, 'Work out', 'the span');
	await typed(page, 'Work out', 'How many', '10');
	await typed(page, 'Work out', 'Middle to middle', '20 cm');
	await expect(page.getByText('Span, hook to hook')).toBeVisible();
	// Ten things and no sag: eleven gaps of 20 cm.
	await expect(page.locator('details', { hasText: 'Span, hook to hook' })).toContainText('220');
	await (
		await opened(page, 'Order of colours')
	)
		.getByRole('button', { name: 'Shuffle again' })
		.click();
	await page.keyboard.press('Escape');
	await page.getByRole('slider', { name: 'From pieces to the finished thing' }).fill('0');
	await expect(
		page.getByRole('img', { name: 'Its things by kind and colour, to scale' })
	).toBeVisible();
	await expect(page.getByRole('img', { name: /^Pom-pom card of/ })).toBeVisible();
});

test('a stall order: what the yarn gives, what to make first, what runs short', async ({
	page
}) => {
	await openDemo(page);
	await page.getByRole('link', { name: /First evening of the fair: 1 of 10 made/ }).click();
	await expect(page.getByText(/^yarn for/).first()).toBeVisible();
	await expect(page.getByRole('heading', { name: 'What to make first' })).toBeVisible();
	await enter(page.getByRole('textbox', { name: 'Wanted' }).first(), '40');
	await expect(page.getByText(/yarn for \d+ of 39/)).toBeVisible();
	await expect(page.getByText(/Runs short:/)).toBeVisible();
	await expect(page.getByText(/the yarn does not reach/).first()).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await enter(page.getByRole('textbox', { name: 'Made' }).first(), '0');
	await page.getByRole('combobox', { name: 'Add a project' }).selectOption({ label: 'Tideline' });
	await expect(page.getByRole('listitem').filter({ hasText: 'Tideline' }).first()).toBeVisible();
	await page.goto('/');
	await page.getByRole('button', { name: 'Stall order' }).click();
	await expect(page.getByText(/Nothing yet. Add the projects/)).toBeVisible();
});

test('techniques are found by any word, in US or UK terms, and linked from the step', async ({
	page
}) => {
	await openDemo(page);
	await page.goto('/how');
	await expect(page.getByRole('heading', { name: 'Single crochet along an edge' })).toBeVisible();
	await page.getByText('UK', { exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Double crochet along an edge' })).toBeVisible();
	await page.getByRole('searchbox', { name: 'Find a technique' }).fill('toy segment');
	await expect(page.getByRole('heading', { name: 'Tie off with a running thread' })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Mattress stitch' })).toBeHidden();
	await expect(page.getByRole('heading', { name: 'Where it can hurt' })).toBeVisible();
	await page.goto('/project/project-buoy/finish');
	await page.getByRole('link', { name: 'Gather', exact: true }).first().click();
	await expect(page).toHaveURL(/\/how#gather$/);
	await expect(page.getByRole('heading', { name: 'Gather', exact: true })).toBeVisible();
});

test('on paper: the plan sheet as PDF from a worker, ribbon and templates as SVG', async ({
	page
}) => {
	await openProject(page, 'seal');
	const save = async (name: string | RegExp) => {
		await page.getByRole('button', { name: 'Print', exact: true }).click();
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name }).click()
		]);
		const text = readFileSync(await download.path(), 'latin1');
		if (await page.getByRole('dialog').isVisible()) await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toBeHidden();
		return { name: download.suggestedFilename(), text };
	};
	const sheet = await save('Save the plan sheet, PDF');
	expect(sheet.name).toBe('skerry-the-seal-plan.pdf');
	expect(sheet.text.startsWith('%PDF-')).toBe(true);
	const ribbon = await save(/Ribbon of the/);
	expect(ribbon.text).toContain('<svg');
	const templates = await save('Templates, true size');
	expect(templates.text).toContain('50 mm');
});

test('the sheet prints by itself, its bar 50 mm long and nothing of the page beside it', async ({
	page
}) => {
	await page.addInitScript(() => {
		window.print = () => void document.documentElement.setAttribute('data-printed', '');
	});
	await openProject(page, 'garland');
	await page.getByRole('button', { name: 'Print', exact: true }).click();
	await page.getByRole('button', { name: 'Print the sheet' }).click();
	await expect(page.locator('html')).toHaveAttribute('data-printed', '');
	await page.emulateMedia({ media: 'print' });
	const sheet = page.locator('.sheet-page');
	await expect(sheet).toBeVisible();
	await expect(sheet.getByText('Counter zeroed').first()).toBeVisible();
	await expect(sheet.getByRole('heading', { name: 'After the machine' })).toBeVisible();
	await expect(page.getByRole('slider')).toBeHidden();
	await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
	const bar = (await sheet.locator('svg.true rect').first().boundingBox())!;
	// 96 px are an inch on paper.
	expect(Math.abs((bar.width / 96) * 25.4 - 50)).toBeLessThan(0.3);
	// Afterwards the page is as it was.
	await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
	await page.emulateMedia({ media: 'screen' });
	await expect(sheet).toBeHidden();
	await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
});

test('an order and a toy on two machines go to another browser in a backup', async ({
	page,
	browser
}) => {
	await openDemo(page);
	await page.goto('/keep');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save a backup of everything' }).click()
	]);
	const context = await browser.newContext();
	const other = await context.newPage();
	await other.goto('/keep');
	await other.locator('input[type=file]').setInputFiles(await download.path());
	await expect(other.getByText('First evening of the fair')).toBeAttached();
	await other.getByRole('button', { name: 'Take it in' }).click();
	await other.getByText(/Taken in/).waitFor();
	await other.goto('/order/order-fair');
	await expect(other.getByRole('heading', { name: 'What to make first' })).toBeVisible();
	await other.goto('/project/project-seal/plan');
	await expect(other.getByText('On 22 pins, the window', { exact: true })).toBeVisible();
	await context.close();
});

test('a toy on two machines goes out with both, and other programs get the same plan of it', async ({
	page,
	request
}) => {
	await openProject(page, 'seal');
	await page.goto('/keep');
	await page
		.getByRole('combobox', { name: /One project/ })
		.selectOption({ label: 'Skerry the seal' });
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save this project' }).click()
	]);
	const file = JSON.parse(readFileSync(await download.path(), 'utf8')) as {
		bench: { machines: { pins: number }[] };
	};
	expect(file.bench.machines.map((m) => m.pins).sort()).toEqual([22, 48]);
	const answer = await request.post('/api/plan', { data: file });
	expect(answer.ok()).toBe(true);
	expect(await answer.json()).toMatchObject({ ok: true, finished: { kind: 'stuffed' } });
	const without = {
		...file,
		bench: { ...file.bench, machines: file.bench.machines.filter((m) => m.pins > 30) }
	};
	const lost = (await (await request.post('/api/plan', { data: without })).json()) as {
		findings: { code: string }[];
	};
	expect(lost.findings[0]!.code).toBe('machine-missing');
});
