import { describe, expect, it } from 'vitest';
import { frozen, knittedAsItWas, opensAsItStood } from '../../../tests/support/as-it-stood';
import { oldStore } from '../../../tests/support/old-store';
import { gaugeOf } from '../core/bench/gauge/gauge';
import { TombleDb } from '../store/db';
import { benchOf, readRecords } from '../store/store';
import { readAny } from './backup-read';

describe('what version 10 wrote', () => {
	opensAsItStood(10, (p) => p);

	it('its results and what they teach are as they were, by file and by store', async () => {
		const { backup, tables } = frozen(10);
		const read = readAny(backup);
		if (!read.ok) throw new Error(read.refusal.path);
		const results = [...read.value.results].sort((a, b) => (a.id < b.id ? -1 : 1));
		expect(results).toEqual(
			[...tables.results!].sort((a, b) => (String(a.id) < String(b.id) ? -1 : 1))
		);
		expect(results.some((r) => r.next === 'open' && r.about === undefined)).toBe(true);
		const name = 'version-10-results';
		await oldStore(name, 11, tables);
		const db = new TombleDb(name);
		const bench = benchOf(await readRecords(db));
		await db.delete();
		expect(bench.evidence).toHaveLength(read.value.bench.evidence.length);
		// How it was fed was not kept: it speaks of the gauge as its swatch does.
		expect(bench.evidence.flatMap((e) => e.on).every((on) => on.fed === undefined)).toBe(true);
		const learned = bench.evidence
			.flatMap((e) => e.on)
			.map((on) => {
				const machine = bench.machines.find((m) => m.id === on.machineId)!;
				const yarn = bench.yarns.find((y) => y.id === on.yarnId)!;
				return gaugeOf(machine, yarn, bench).rowSource;
			});
		expect(learned.some((s) => s.kind === 'learned')).toBe(true);
	});
	knittedAsItWas(10);
});
