import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { A, B, benchOf, M48, planned, projectOf, yarnOf } from '../../../../tests/support/bench';
import { foldRun } from '$lib/core/crank/run';
import type { Project, RunEvent } from '$lib/core/model/project';
import { TombleDb } from '$lib/store/db';
import { merge3 } from '$lib/store/merge3';
import { eventsOf } from '$lib/store/store';
import { Planner } from '$lib/worker/planner';
import { wordRefusal } from '../files/words';
import { ProjectEditor } from './project-editor.svelte';
import { makeAnother, newHat } from './projects';
import { lengthBetween } from './ranges';
import { eventPins, findingMarks, hiddenRows } from './ribbon-pins';
import { Run } from './run.svelte';
import { doneOf, stationsFor } from './stations';

describe('undo and redo', () => {
	const editorOf = () => {
		const saved: Project[] = [];
		const editor = new ProjectEditor(projectOf(), (_base, next, stored) => {
			saved.push(next);
			stored(next);
		});
		return { editor, saved };
	};

	it('go over the whole project and store every state', () => {
		const { editor, saved } = editorOf();
		editor.change('name', { name: 'One' });
		editor.options('closing', { closing: 'zip' });
		editor.undo();
		expect(editor.project).toMatchObject({ name: 'One', options: { closing: 'gather' } });
		editor.undo();
		expect(editor.project).toEqual(projectOf());
		editor.redo();
		editor.redo();
		expect(editor.project).toMatchObject({ name: 'One', options: { closing: 'zip' } });
		expect(saved).toHaveLength(6);
		expect(saved.at(-1)).toEqual(editor.project);
	});

	it('ask before more is knitted than they plan, as a change does', async () => {
		const { editor } = editorOf();
		let answer: (yes: boolean) => void = () => undefined;
		const asked: unknown[] = [];
		editor.options('closing', { closing: 'zip' });
		editor.guard = (next) => {
			asked.push(next.options['closing']);
			return new Promise((resolve) => (answer = resolve));
		};
		editor.undo();
		answer(false);
		await Promise.resolve();
		expect(editor.project.options).toMatchObject({ closing: 'zip' });
		editor.undo();
		answer(true);
		await Promise.resolve();
		expect(editor.project.options).toMatchObject({ closing: 'gather' });
		editor.redo();
		expect(asked).toEqual(['gather', 'gather', 'zip']);
		expect(editor.project.options).toMatchObject({ closing: 'gather' });
		// A name plans nothing.
		editor.change('name', { name: 'One' });
		expect(editor.project.name).toBe('One');
		expect(asked).toHaveLength(3);
	});

	it('what changes with the project goes back with it, as one', () => {
		const stock: number[] = [];
		const editor = new ProjectEditor(projectOf(), (_base, next, stored, yarns) => {
			stock.push(...yarns.map((y) => y.after.gramsOnHand));
			stored(next);
		});
		const before = yarnOf('a');
		const after = { ...before, gramsOnHand: before.gramsOnHand - 30 };
		const used = [{ yarnId: before.id, grams: 30, how: 'sum' as const }];
		editor.change('yarn taken off the stock', { used }, [{ before, after }]);
		editor.undo();
		expect(editor.project.used).toBeNull();
		editor.redo();
		expect(editor.project.used).toEqual(used);
		expect(stock).toEqual([after.gramsOnHand, before.gramsOnHand, after.gramsOnHand]);
	});

	it('typing in one field is one step, another change begins a new one', () => {
		const { editor } = editorOf();
		for (const name of ['P', 'Pi', 'Pier']) editor.change('name…', { name });
		editor.options('brim', { brim: { turnedUp: true, heightCm: 4 } });
		editor.undo();
		editor.undo();
		expect(editor.project.name).toBe('Test hat');
		expect(editor.undoWhat).toBeUndefined();
	});

	it('a change after an undo drops what was undone; a change to the same is none', () => {
		const { editor, saved } = editorOf();
		editor.change('name', { name: 'One' });
		editor.undo();
		editor.change('name', { name: 'Two' });
		expect(editor.redoWhat).toBeUndefined();
		editor.change('name', { name: 'Two' });
		expect(saved).toHaveLength(3);
		editor.undo();
		editor.undo();
		expect(editor.project.name).toBe('Test hat');
	});

	it('takes what another tab stored', async () => {
		const { editor } = editorOf();
		editor.stored(projectOf({}, { name: 'Elsewhere' }));
		expect(editor.project.name).toBe('Elsewhere');
	});

	it('what is not stored stands over what is read, however long that takes', () => {
		let stored: ((p: Project) => void) | undefined;
		const editor = new ProjectEditor(projectOf(), (_base, _next, done) => (stored = done));
		editor.change('name', { name: 'Mine' });
		editor.stored(projectOf());
		expect(editor.project.name).toBe('Mine');
		stored!(projectOf({}, { name: 'Mine', note: 'theirs' }));
		// Once it is stored, what another tab changed meanwhile comes with it.
		expect(editor.project).toMatchObject({ name: 'Mine', note: 'theirs' });
	});

	it('undo before the first write is done is stored as what stands, beside another tab’s edit', () => {
		// A store that writes when told to, in order, each change from what was there when it was asked.
		let store: Project = projectOf();
		const writes: (() => void)[] = [];
		const editor = new ProjectEditor(store, (base, next, stored) =>
			writes.push(() => stored((store = merge3(base(), next, store))))
		);
		editor.change('name', { name: 'Pier hat' });
		editor.undo();
		store = { ...store, holdsYarn: !store.holdsYarn };
		const { holdsYarn } = store;
		for (const write of writes.splice(0)) write();
		expect(store).toMatchObject({ name: projectOf().name, holdsYarn });
		expect(editor.project).toEqual(store);
		editor.redo();
		editor.change('note', { useFresh: true });
		for (const write of writes.splice(0)) write();
		expect(store).toMatchObject({ name: 'Pier hat', useFresh: true, holdsYarn });
		// What did not go through is part of what comes after it.
		editor.change('name', { name: 'Quay hat' });
		writes.length = 0;
		editor.change('note', { useFresh: false });
		for (const write of writes.splice(0)) write();
		expect(store).toMatchObject({ name: 'Quay hat', useFresh: false, holdsYarn });
	});

	it('undo takes back its own change and nothing of another tab’s', () => {
		const { editor } = editorOf();
		editor.options('closing', { closing: 'zip' });
		editor.stored({ ...editor.project, name: 'Theirs' });
		editor.undo();
		expect(editor.project).toMatchObject({ name: 'Theirs', options: { closing: 'gather' } });
		editor.redo();
		expect(editor.project).toMatchObject({ name: 'Theirs', options: { closing: 'zip' } });
	});
});

describe('a run', () => {
	const PIECE = 'tube';
	it('counts a row only when it is stored, and all of them in order', async () => {
		const db = new TombleDb('run-1');
		const run = new Run(db, 'p' as Project['id']);
		await run.load();
		for (let i = 0; i < 25; i++) run.add({ type: 'row', piece: PIECE });
		// Marked at once, counted not yet.
		expect(run.pending).toBe(25);
		expect(run.state.done).toBe(0);
		await expect.poll(() => run.pending).toBe(0);
		expect(run.state.done).toBe(25);
		expect(await eventsOf(db, 'p')).toHaveLength(25);
		const again = new Run(db, 'p' as Project['id']);
		await again.load();
		expect(again.state.done).toBe(25);
		await db.delete();
	});

	it('keeps the number at what is safe when the store fails, and goes on after', async () => {
		const db = new TombleDb('run-2');
		const run = new Run(db, 'p' as Project['id']);
		await run.load();
		db.close({ disableAutoOpen: true });
		run.add({ type: 'row', piece: PIECE });
		await expect.poll(() => run.trouble).not.toBeNull();
		expect(run.state.done).toBe(0);
		expect(run.pending).toBe(1);
		await db.open();
		await run.retry();
		await expect.poll(() => run.state.done).toBe(1);
		expect(run.trouble).toBeNull();
		await db.delete();
	});
});

describe('where a plan is computed', () => {
	const planner = (took: number[]) => {
		let t = 0;
		const clock = () => t;
		const p = new Planner(clock);
		return { p, plan: () => took.forEach((ms) => p.now(projectOf(), benchOf(), () => (t += ms))) };
	};
	it('at once while it fits in a frame', () => {
		const { p, plan } = planner([3, 15, 4]);
		plan();
		expect(p.away).toBe(false);
	});
	it('one slow plan is cold code; two in a row go to the worker', () => {
		const once = planner([40, 3, 40, 3]);
		once.plan();
		expect(once.p.away).toBe(false);
		const twice = planner([40, 30]);
		twice.plan();
		expect(twice.p.away).toBe(true);
	});
});

describe('projects', () => {
	it('a new hat takes the machine and yarn chosen, or waits for a bench', () => {
		const hat = newHat(benchOf(), { machineId: M48.id, yarnId: B.id })!;
		expect(hat.machineId).toBe(M48.id);
		expect(hat.options.scheme).toEqual({ kind: 'one', yarn: B.id });
		expect(newHat(benchOf({ yarns: [] }))).toBeUndefined();
		expect(newHat(benchOf({ machines: [] }))).toBeUndefined();
	});

	it('another one is numbered on, with nothing of the old run', () => {
		const p = projectOf({}, { name: 'Pier 2' });
		expect(makeAnother(p, p.options, ['Pier', 'Pier 2', 'Pier 3']).name).toBe('Pier 4');
		expect(makeAnother(p, p.options, []).id).not.toBe(p.id);
	});
});

describe('the strand', () => {
	const event = (e: object) =>
		({ id: 'e', projectId: 'p', at: 0, piece: 'tube', ...e }) as RunEvent;
	const states = (path: string, events: RunEvent[], measured = false) =>
		stationsFor(path, projectOf(), doneOf(foldRun(events), true, measured)).map((s) => s.state);

	it('is knitted where work is done, looped where you are, loose elsewhere', () => {
		expect(states('/project/p/plan', [])).toEqual(['done', 'here', 'ahead', 'ahead', 'ahead']);
		// A look at the log finishes nothing that is still on the machine.
		const started = [event({ type: 'start' }), event({ type: 'row' })];
		expect(states('/project/p/log', started)).toEqual(['done', 'done', 'ahead', 'ahead', 'here']);
		const off = [...started, event({ type: 'off' })];
		expect(states('/project/p/finish', off)).toEqual(['done', 'done', 'done', 'here', 'ahead']);
		const all = [...off, event({ type: 'step', step: 'measure', done: true })];
		expect(states('/', all, true)).toEqual(['done', 'done', 'done', 'done', 'done']);
	});
	it('without a project only the bench is open', () => {
		const open = stationsFor('/', undefined, doneOf(null, true, false));
		expect(open.map((s) => s.href !== null)).toEqual([true, false, false, false, false]);
	});
});

describe('on the ribbon', () => {
	it('joins, rolling up, run-outs and the end are pinned at main rows', () => {
		const scheme = { kind: 'false-brim', main: A.id, brim: B.id, brimRows: 30 } as const;
		const bench = benchOf({ yarns: [yarnOf('a', { gramsOnHand: 30 }), B] });
		const p = planned(projectOf({ scheme, length: { by: 'rows', rows: 110 } }), bench);
		const pins = eventPins(p, 'cm');
		expect(pins.filter((x) => x.label.startsWith('Change to')).map((x) => x.row)).toEqual([40, 70]);
		expect(pins.some((x) => x.stop && x.label.includes('runs out'))).toBe(true);
		expect(pins.at(-1)!.row).toBe(110);
		expect(findingMarks(p, 'cm').some((m) => m.severity === 'warn')).toBe(true);
	});

	it('in many stripes only the first join is named', () => {
		const p = planned(
			projectOf({ scheme: { kind: 'stripes', yarns: [A.id, B.id], stripeRows: 5 } })
		);
		expect(eventPins(p, 'cm').filter((x) => x.label.startsWith('Change to'))).toHaveLength(1);
	});

	it('a turned-up brim hides twice its height of the outer face', () => {
		const p = planned(projectOf({ brim: { turnedUp: true, heightCm: 5 } }));
		const worn = (hiddenRows(p) / p.gauges[0]!.rowsPerCm.mean) * p.finished.hat.wornFactor;
		expect(Math.abs(worn - 10)).toBeLessThan(0.5);
		expect(hiddenRows(planned(projectOf()))).toBe(0);
	});
});

it('a range speaks the maker’s unit', () => {
	const r = lengthBetween('in', 2.54, 25.4)({ ok: true, value: 50 });
	expect(r.ok).toBe(false);
	if (!r.ok && r.problem.code === 'out-of-range') {
		expect(r.problem.unit).toBe('in');
		expect(r.problem.max).toBeCloseTo(10, 10);
	}
});

it('every refusal has its sentence', () => {
	for (const code of ['empty', 'not-json', 'foreign', 'newer', 'too-large', 'damaged'] as const) {
		expect(wordRefusal({ code, path: 'a.b', expected: 'a number' })).toMatch(
			/^(It|The|A newer).*[.]$/
		);
	}
	expect(wordRefusal({ code: 'damaged', path: 'a.b', expected: 'a number' })).toContain('a.b');
});
