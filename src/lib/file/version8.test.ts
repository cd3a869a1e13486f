import { describe, expect, it } from 'vitest';
import { frozen, knittedAsItWas, opensAsItStood } from '../../../tests/support/as-it-stood';
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
	knittedAsItWas(8);
});
