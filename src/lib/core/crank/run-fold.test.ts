import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { projectOf } from '../../../../tests/support/bench';
import type { RunEvent } from '../model/project';
import { foldRun } from './run';

const project = projectOf();

describe('the count is a fold over the events', () => {
	let n = 0;
	const event = (e: Record<string, unknown>): RunEvent =>
		({ id: String(n++), projectId: project.id, at: n * 1000, n, piece: 'tube', ...e }) as RunEvent;
	const row = () => event({ type: 'row' });

	it('rows, undo and jumps', () => {
		const s = foldRun([
			event({ type: 'start' }),
			row(),
			row(),
			row(),
			event({ type: 'undo' }),
			event({ type: 'jump', to: 40 }),
			row()
		]);
		expect(s.done).toBe(41);
		expect(foldRun([row(), event({ type: 'jump', to: 40 }), event({ type: 'undo' })]).done).toBe(1);
	});

	it('undo with nothing to undo does nothing; undo after taking off puts it back on', () => {
		expect(foldRun([event({ type: 'undo' })]).done).toBe(0);
		const s = foldRun([row(), event({ type: 'off' }), event({ type: 'undo' })]);
		expect(s).toMatchObject({ off: false, done: 1 });
	});

	it('as many undos as rows and jumps come back to nothing', () => {
		fc.assert(
			fc.property(
				fc.array(fc.option(fc.integer({ min: 0, max: 200 }), { nil: null }), { maxLength: 60 }),
				(moves) => {
					const forward = moves.map((to) => (to === null ? row() : event({ type: 'jump', to })));
					const back = moves.map(() => event({ type: 'undo' }));
					expect(foldRun([...forward, ...back]).done).toBe(0);
					expect(foldRun(forward).past).toHaveLength(moves.length);
				}
			),
			{ seed: 16 }
		);
	});

	it('ticks and faults are kept, time at the crank leaves out long gaps and pauses', () => {
		const s = foldRun([
			{ ...event({ type: 'start' }), at: 0 },
			{ ...row(), at: 10_000 },
			{ ...row(), at: 3_600_000 },
			{ ...event({ type: 'pause' }), at: 3_601_000 },
			{ ...row(), at: 3_700_000 },
			event({ type: 'fault', row: 2, pin: 7, fault: 'dropped' }),
			event({ type: 'step', step: 'rest', done: true }),
			event({ type: 'step', step: 'tuck', done: true }),
			event({ type: 'step', step: 'tuck', done: false })
		]);
		expect([...s.steps]).toEqual(['rest']);
		expect(s.faults[0]).toMatchObject({ row: 2, pin: 7 });
		expect(s.activeMs).toBe(10_000 + 120_000 + 1000);
	});
});
