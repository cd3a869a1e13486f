import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';
import { benchOf, projectOf } from '../../../../tests/support/bench';
import { planBare } from '$lib/core/plan';
import { gaugeBook } from '$lib/core/bench/gauge/book';
import type { Bench, Project } from '$lib/core/model/project';
import { thingOf } from '$lib/core/thing/thing';
import { TombleDb } from '$lib/store/db';
import { ShelfPlans } from './shelf-plans.svelte';

const asked: string[] = [];
vi.mock('$lib/worker/planner', () => ({
	planner: {
		card: (project: Project, bench: Bench) => {
			asked.push(project.id);
			const plan = planBare(project, bench, gaugeBook(bench));
			return Promise.resolve({
				plan,
				thing: plan.ok ? thingOf(plan, project.options) : null
			});
		}
	}
}));

let n = 0;
let db: TombleDb;
beforeEach(() => {
	asked.length = 0;
	db = new TombleDb(`rack-${n++}`);
});
const rack = async () => {
	const plans = new ShelfPlans(db, () => undefined);
	await plans.open();
	return plans;
};
const bench = benchOf();
const project = projectOf();
const until = (is: () => unknown) => vi.waitFor(() => expect(is()).toBeTruthy());

it('a rack that was drawn opens without planning anything, however often it is asked before its plans are read', async () => {
	const first = await rack();
	expect(first.look(project, bench)).toBeNull();
	await until(() => first.look(project, bench));
	expect(asked).toEqual([project.id]);
	await vi.waitFor(async () => expect(await db.looks.count()).toBe(1));

	const again = await rack();
	const look = again.look(project, bench);
	expect(look?.thing?.shapes.length).toBeGreaterThan(0);
	expect(look?.rows).toBeGreaterThan(50);
	// Asked again and again while it is being read.
	for (let i = 0; i < 5; i++) expect(again.of(project, bench)).toBeNull();
	await until(() => again.of(project, bench));
	expect(asked).toEqual([project.id]);
});

it('a plan that was not put aside is made, once; what has changed is made anew', async () => {
	const plans = await rack();
	for (let i = 0; i < 5; i++) plans.of(project, bench);
	await until(() => plans.of(project, bench));
	expect(asked).toEqual([project.id]);
	const longer: Project = { ...project, options: { ...project.options, closing: 'zip' } as never };
	for (let i = 0; i < 3; i++) plans.look(longer, bench);
	await vi.waitFor(() => expect(asked).toEqual([project.id, project.id]), { timeout: 5000 });
});

it('what is gone from the shelf is forgotten, and drawn anew when it is put back', async () => {
	const plans = await rack();
	plans.look(project, bench);
	await until(() => plans.look(project, bench));
	await vi.waitFor(async () => expect(await db.looks.count()).toBe(1));
	await plans.forget([]);
	expect(await db.looks.count()).toBe(0);
	expect(await db.cards.count()).toBe(0);
	expect(plans.look(project, bench)).toBeNull();
	await until(() => plans.look(project, bench));
	expect(asked).toEqual([project.id, project.id]);
});
