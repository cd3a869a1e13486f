import { describe, expect, it } from 'vitest';
import { frozen, knittedAsItWas, opensAsItStood } from '../../../tests/support/as-it-stood';
import { TombleDb } from '../store/db';
import { benchOf, readRecords } from '../store/store';
import { oldStore } from '../../../tests/support/old-store';
import { readAny } from './backup-read';

describe('what version 9 wrote', () => {
	opensAsItStood(9, (p) => p);

	it('its results have the sizes they had, by the names that their plans give them', () => {
		const read = readAny(frozen(9).backup);
		if (!read.ok) throw new Error(read.refusal.path);
		const [old] = frozen(9).tables.results!;
		expect(old).toMatchObject({ tubeCm: 65, flatWidthCm: 19.6, heightWornCm: null });
		expect(read.value.results).toHaveLength(1);
		expect(read.value.results[0]).toMatchObject({
			sizes: [
				{ id: 'tube-flat', cm: 65, odd: false },
				{ id: 'flat-width', cm: 19.6, odd: false }
			],
			forecast: null,
			shows: 'tube',
			next: 'no'
		});
	});

	it('its evidence says of rows and stitches to the cm what it said', async () => {
		const said = frozen(9).tables.carried!.find((e) => e.resultId === 'carried-1')!;
		const [rows, tube, width] = [Number(said.rows), Number(said.tubeCm), Number(said.flatWidthCm)];
		const name = 'version-9-evidence';
		await oldStore(name, 9, frozen(9).tables);
		const db = new TombleDb(name);
		const { evidence } = benchOf(await readRecords(db));
		await db.delete();
		const [on] = evidence.find((e) => e.resultId === 'carried-1')!.on;
		expect(on!.rowsPerCm).toBeCloseTo(rows / tube, 12);
		expect(on!.stitchesPerCm).toBeCloseTo(24 / width, 12);
		expect(on!.loopCm).toBe(2.7);
		const read = readAny(frozen(9).backup);
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.value.bench.evidence[0]!.on).toEqual([on]);
	});
	knittedAsItWas(9);
});
