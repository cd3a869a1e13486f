import { describe, expect, it } from 'vitest';
import { frozen, knittedAsItWas, opensAsItStood } from '../../../tests/support/as-it-stood';
import { oldStore } from '../../../tests/support/old-store';
import { writtenPattern } from '../core/model/written';
import { TombleDb } from '../store/db';
import { readRecords, readSettings } from '../store/store';
import { patternFrom11 } from './upgrade-11';

describe('what version 11 wrote', () => {
	opensAsItStood(11, (p) => p);

	it('the pattern that lay on the bench is the first of those that are kept, and its words are the same', async () => {
		const { tables } = frozen(11);
		const name = 'version-11-pattern';
		await oldStore(name, 12, tables);
		const db = new TombleDb(name);
		const { patterns } = await readRecords(db);
		const settings = await readSettings(db);
		const stored = await db.settings.get('settings');
		await db.delete();
		expect(patterns).toHaveLength(1);
		const was = tables.settings![0]!.pattern as Record<string, unknown>;
		expect(patterns[0]).toMatchObject({ ...was, corrections: [], size: 0 });
		expect(writtenPattern.safeParse(patterns[0]).success).toBe(true);
		expect(settings).not.toHaveProperty('pattern');
		expect(stored).not.toHaveProperty('pattern');
	});
	it('nothing on the bench is no pattern, and what a pattern cannot be is the usual', () => {
		for (const none of [undefined, null, 7, {}, { text: '  ' }])
			expect(patternFrom11(none, 1)).toBeNull();
		const odd = patternFrom11({ text: 'Cast on 40', notation: 'furlongs', keep: 3, mode: 9 }, 1);
		expect(writtenPattern.safeParse(odd).success).toBe(true);
		expect(odd).toMatchObject({ notation: 'per-10cm', mode: 'panel', keep: [] });
	});
	knittedAsItWas(11);
});
