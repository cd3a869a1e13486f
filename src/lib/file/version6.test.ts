import { describe, expect, it } from 'vitest';
import { frozen, opensAsItStood } from '../../../tests/support/as-it-stood';
import { foldRun } from '../core/crank/run';
import type { RunEvent } from '../core/model/project';
import { readAny } from './backup-read';
import { writeProject } from './project-file';

describe('what version 6 wrote', () => {
	opensAsItStood(6, (project) => project);

	it('goes on with what it knew nothing of: what happens between two rows', () => {
		const { project: file } = frozen(6);
		const row = file.events.find((e) => e.type === 'row')!;
		const note = { ...row, id: 'new', n: 9000, type: 'note', row: 3, text: 'thin' } as RunEvent;
		const newer = { ...file, version: 7, events: [...file.events, note] };
		const again = readAny(new TextEncoder().encode(writeProject(newer as never)));
		if (!again.ok) throw new Error(again.refusal.path);
		expect(foldRun(again.value.events).happened).toEqual([note]);
	});
});
