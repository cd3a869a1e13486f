import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { frozen, opensAsItStood } from '../../../tests/support/as-it-stood';
import { loadRecipes } from '../core/recipe';
import { plan } from '../core/plan';
import { projectFrom7 } from './upgrade';
import { readAny } from './backup-read';

describe('what version 7 wrote', () => {
	opensAsItStood(7, projectFrom7);

	it('is knitted as it was: rows and stitches of every piece', async () => {
		await loadRecipes();
		const read = readAny(frozen(7).backup);
		if (!read.ok) throw new Error(read.refusal.path);
		const knitted = Object.fromEntries(
			read.value.projects.map((p) => {
				const made = plan(p, read.value.bench);
				if (!made.ok) throw new Error(p.name);
				const pieces = made.pieces.map((x) => [x.id, x.mainRows, x.loops.reduce((t, n) => t + n)]);
				return [p.id, pieces];
			})
		);
		expect(knitted).toEqual(JSON.parse(readFileSync('tests/fixtures/v7/expected.json').toString()));
	});
});
