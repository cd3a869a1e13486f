import { describe, expect, it } from 'vitest';
import {
	B,
	benchOf,
	evidenceOf,
	M48,
	projectOf,
	readingOf,
	swatchOf,
	A
} from '../../../../tests/support/bench';
import { benchWith } from '../../../../tests/support/every';
import { paceMovedBy } from '../learn/lesson';
import type { Bench, Project, RunEvent } from '../model/project';
import { plan, type Plan } from '../plan';
import { recipeOf } from '../recipe';
import { wordPaceMoved } from '../words/lessons';
import { makesOf } from './makes';
import { pacedOf } from './paced';
import { HAND_SECONDS, rowSeconds } from './time';
import { crankWork } from './work';

const planned = (project: Project, bench: Bench): Plan => {
	const made = plan(project, bench);
	if (!made.ok) throw new Error(made.why);
	return made;
};
/** A run of the first of a plan's pieces: every gap takes what `seconds` says of the row that ends it. */
function run({ pieces }: Plan, seconds: (row: number) => number): RunEvent[] {
	const [{ key, piece }] = makesOf(pieces) as [ReturnType<typeof makesOf<(typeof pieces)[0]>>[0]];
	let at = 0;
	return Array.from({ length: piece.sheet.totalRows }, (_, i): RunEvent => {
		at += 1000 * seconds(i + 1);
		return { id: `e${i}`, projectId: 'p' as never, at, n: i, type: 'row', piece: key };
	});
}
const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(12, 20)])] });
const striped = projectOf({
	scheme: { kind: 'stripes', yarns: [A.id, B.id], stripeRows: 10 },
	length: { by: 'rows', rows: 100 }
});

describe('time by kind of work', () => {
	it('is told apart: rows by themselves, what is over at a join is the join’s', () => {
		const made = planned(striped, bench);
		const starts = made.pieces[0]!.sheet.legs.map((l) => l.start + 1);
		const row = 1.2 * rowSeconds(48);
		const paced = pacedOf(
			made.pieces,
			run(made, (r) => row + (starts.includes(r) ? 35 : 0))
		);
		const of = (work: string) => paced.find((p) => p.work === work);
		expect(of('tube')!.took / of('tube')!.usual).toBeCloseTo(1.2, 6);
		expect(of('joins')!.took / of('joins')!.usual).toBeCloseTo(35 / HAND_SECONDS.joins, 6);
		expect(of('panel')).toBeUndefined();
		expect(paced.every((p) => p.machineId === M48.id)).toBe(true);
	});
	it('a panel’s rows and its decreases have a pace of their own', () => {
		const panels = benchWith(48);
		const vest = recipeOf('vest')!.defaults(panels, panels.machines[0])!;
		const made = planned(
			{ ...projectOf(), machineId: panels.machines[0]!.id, options: vest },
			panels
		);
		const [piece] = made.pieces;
		const works = piece!.rowByRow.works.map((w) => w.after + 1);
		const paced = pacedOf(
			made.pieces,
			run(made, (r) => 20 + (works.includes(r) ? 30 : 0))
		);
		expect(paced.map((p) => p.work)).toContain('panel');
		const hands = paced.find((p) => p.work === 'hands')!;
		expect(hands.took).toBeGreaterThan(0);
		const panel = paced.find((p) => p.work === 'panel')!;
		expect(panel.took / panel.usual).toBeGreaterThan(1);
	});
	it('a join that was made before or after the presses is not taken for a quick one', () => {
		const made = planned(striped, bench);
		const paced = pacedOf(
			made.pieces,
			run(made, () => 5)
		);
		expect(paced.map((p) => p.work)).toEqual(['tube']);
	});
	it('a few rows say nothing, and so do rows that were jumped', () => {
		const made = planned(striped, bench);
		const all = run(made, () => 5);
		expect(pacedOf(made.pieces, all.slice(0, 5))).toEqual([]);
		expect(pacedOf(made.pieces, [])).toEqual([]);
	});
	it('plans the next by it: slow at joins is slow where there are joins, and nowhere else', () => {
		const paced = [{ machineId: M48.id, work: 'joins' as const, took: 300, usual: 100 }];
		const slow = { ...bench, evidence: [{ ...evidenceOf({}), minutes: null, paced }] };
		const plain = projectOf({ length: { by: 'rows', rows: 100 } });
		const time = (p: Project, b: Bench) => planned(p, b).time.value.mean;
		// Three times as long at joins: twice as much on top, and where there are none nothing.
		for (const p of [plain, striped]) {
			const { joins } = crankWork(planned(p, bench).pieces[0]!.program, 48);
			const more = (joins * 2 * HAND_SECONDS.joins) / 60;
			expect(time(p, slow) - time(p, bench)).toBeCloseTo(more, 9);
		}
		expect(time(striped, slow) - time(striped, bench)).toBeGreaterThan(5);
		const words = JSON.stringify(planned(striped, slow).time.working);
		expect(words).toContain('your pace at joins, from 1 you timed');
	});
	it('is said when it is logged, each kind of work with its figures', () => {
		const paced = [{ machineId: M48.id, work: 'joins' as const, took: 300, usual: 100 }];
		const e = { ...evidenceOf({}), minutes: null, paced };
		const moved = paceMovedBy(e.projectId, { ...bench, evidence: [e] });
		expect(wordPaceMoved(moved)).toEqual(['time of a join: 3.00 ± 0.45 times what most take']);
		const earlier = { ...e, projectId: 'before' as never, paced: [{ ...paced[0]!, took: 100 }] };
		const again = paceMovedBy(e.projectId, { ...bench, evidence: [earlier, e] });
		expect(wordPaceMoved(again)[0]).toContain('where 1.00 ± 0.15 was known');
		expect(paceMovedBy('nobody', { ...bench, evidence: [e] })).toEqual([]);
	});
});
