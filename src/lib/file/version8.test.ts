import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { frozen, opensAsItStood } from '../../../tests/support/as-it-stood';
import { loadRecipes } from '../core/recipe';
import { plan } from '../core/plan';
import { readAny } from './backup-read';

describe('what version 8 wrote', () => {
	opensAsItStood(8, (p) => p);

	it('has machines whose pins count from 1, as they did', () => {
		const read = readAny(frozen(8).backup);
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.value.bench.machines.length).toBeGreaterThan(1);
		expect(read.value.bench.machines.every((m) => m.firstPin === 1)).toBe(true);
		expect(frozen(8).tables.machines!.some((m) => 'firstPin' in m)).toBe(false);
	});

	it('is knitted as it was: rows and stitches of every piece', async () => {
		await loadRecipes();
		const read = readAny(frozen(8).backup);
		if (!read.ok) throw new Error(read.refusal.path);
		const knitted = Object.fromEntries(
			read.value.projects.map((p) => {
				const made = plan(p, read.value.bench);
				if (!made.ok) throw new Error(p.name);
				const pieces = made.pieces.map((x) => [x.id, x.mainRows, x.loops.reduce((t, n) => t + n)]);
				return [p.id, pieces];
			})
		);
		expect(knitted).toEqual(JSON.parse(readFileSync('tests/fixtures/v8/expected.json').toString()));
	});
});
