import { learnerFor, numberOf } from '../../src/lib/core/practice/acts';
import { LESSONS } from '../../src/lib/core/practice/index';
import { presetOf } from '../../src/lib/core/bench/machine/presets';
import { movesOf, type Move } from '../support/practised-hand';
import { expect, openEmpty, test, visit } from './support';

const own = { ...presetOf(48), seed: 1, units: 'cm' as const };

/** Keys of a move, where keys alone do it. */
function keysOf(move: Move, right: boolean): string[] {
	switch (move.do) {
		case 'point':
			return Array.from({ length: Math.abs(move.by) }, () =>
				move.by > 0 === right ? 'ArrowRight' : 'ArrowLeft'
			);
		case 'use':
			return [String(move.tool + 1)];
		case 'turn':
			return Array.from({ length: move.pins }, () => (move.way === 'forward' ? '.' : ','));
		default:
			return [];
	}
}

test('every try of every lesson is done by keys alone, and judged right', async ({ page }) => {
	test.setTimeout(240_000);
	await openEmpty(page);
	await visit(page, '/practice');
	for (const lesson of LESSONS)
		for (const t of lesson.tries) {
			const m = learnerFor(own, t);
			await visit(page, `/practice/${lesson.id}?try=${t.id}`);
			await expect(page.getByText(t.asks(m)).first()).toBeVisible();
			let keys: string[] = [];
			/** All at once, as keys reach the page: one by one they would take minutes. */
			const press = () => {
				const now = keys;
				keys = [];
				return page.evaluate((all) => {
					for (const key of all)
						window.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
				}, now);
			};
			for (const move of movesOf(t, m)) {
				if (move.do === 'turn' && move.pace === 'fast')
					throw new Error('a careful hand turns slowly');
				if (move.do === 'choose') {
					await press();
					const of = page.getByRole('radio', {
						name: `of pin ${numberOf(m, move.from)}`,
						exact: true
					});
					await of.focus();
					await page.keyboard.press('Space');
				} else if (move.do === 'tell') {
					await press();
					const rows = page.getByLabel('Main rows you count');
					await rows.focus();
					await page.keyboard.type(String(move.rows));
					await page.keyboard.press('Enter');
				} else keys.push(...keysOf(move, m.turns === 'clockwise'));
			}
			await press();
			await page.keyboard.press('l');
			await expect(page.getByText('Nothing went wrong.'), `${lesson.id} ${t.id}`).toBeVisible();
		}
	await visit(page, '/practice');
	for (const lesson of LESSONS)
		await expect(
			page.getByText(`${lesson.tries.length} of ${lesson.tries.length} done`).first()
		).toBeVisible();
});
