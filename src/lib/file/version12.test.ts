import { describe, expect, it } from 'vitest';
import { frozen, knittedAsItWas, opensAsItStood } from '../../../tests/support/as-it-stood';
import { oldStore } from '../../../tests/support/old-store';
import { TombleDb } from '../store/db';
import { readSettings } from '../store/store';
import { readStore, writeImport } from '../store/transfer';
import { readAny } from './backup-read';
import { writeBackup } from './backup-write';

describe('what version 12 wrote', () => {
	opensAsItStood(12, (p) => p);

	it('nothing was practised then; what is practised since goes out, and comes in beside what is there', async () => {
		const { backup, tables } = frozen(12);
		const read = readAny(backup);
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.value.practised).toEqual([]);
		const name = 'version-12-practice';
		await oldStore(name, 13, tables);
		const db = new TombleDb(name);
		expect((await readSettings(db)).practised).toEqual([]);
		const out = readAny(writeBackup({ ...read.value, practised: ['weave/even', 'hem/hang'] }));
		if (!out.ok) throw new Error(out.refusal.path);
		expect(out.value.practised).toEqual(['weave/even', 'hem/hang']);
		await writeImport(db, { ...out.value, practised: ['hem/hang', 'join/waste-to-main'] }, false);
		await writeImport(db, out.value, true);
		const { all } = await readStore(db);
		await db.delete();
		expect(all.practised).toEqual(['hem/hang', 'join/waste-to-main', 'weave/even']);
	});
	knittedAsItWas(12);
});
