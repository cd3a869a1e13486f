import { found } from '../core/quantity/sure';
import type { Machine, YarnTest } from '../core/model/bench';
import { DAY, START } from './fair';
import { big, small } from './machines';
import { yarns } from './yarns';

function tried(
	id: string,
	day: number,
	[machine, yarnId]: [Machine, string],
	rest: Partial<YarnTest>
): YarnTest {
	const yarn = found(yarns, (y) => y.id === yarnId);
	return {
		id: id as YarnTest['id'],
		machineId: machine.id,
		yarnId: yarn.id,
		strands: yarn.strands,
		slot: 2,
		hand: 'none',
		rows: 20,
		faults: { dropped: 0, tuck: 0, split: 0, unseated: 0 },
		verdict: 'runs',
		at: START + day * DAY,
		note: '',
		...rest
	};
}
export const tests: YarnTest[] = [
	tried('test-01', -9, [big, 'bw-foam'], { rows: 40 }),
	tried('test-02', -8, [small, 'bw-foam'], {
		slot: 3,
		hand: 'light',
		verdict: 'care',
		faults: { dropped: 1, tuck: 2, split: 0, unseated: 0 },
		note: 'Slow for the first ten rows, then well.'
	}),
	tried('test-03', -6, [big, 'gd-fog'], {
		slot: 2,
		verdict: 'fails',
		rows: 12,
		faults: { dropped: 4, tuck: 3, split: 0, unseated: 1 },
		note: 'It clung to the pins.'
	}),
	tried('test-04', -5, [big, 'gd-fog'], {
		slot: 3,
		note: 'With the large slot it runs after all.'
	}),
	tried('test-05', -4, [big, 'hw-anchor'], {
		slot: 3,
		verdict: 'fails',
		rows: 4,
		faults: { dropped: 6, tuck: 0, split: 0, unseated: 5 },
		note: 'Jammed twice.'
	}),
	tried('test-06', -2, [big, 'ht-warm'], { slot: 2, hand: 'light', verdict: 'care' })
];
