import { SvelteMap } from 'svelte/reactivity';
import { version } from '$app/environment';
import type { Bench, Project } from '$lib/core/model/project';
import type { NoPlan, Plan } from '$lib/core/plan/types';
import type { Thing } from '$lib/core/thing/shape';
import { mainRowsOf } from '$lib/core/crank/main-rows';
import type { Card, StoredLook, TombleDb } from '$lib/store/db';
import { afterFirstPage } from './first-page';
import { stamp } from './stamp';

type Drawn = Plan | NoPlan;

/** Of a plan what a shelf draws, and no more. */
const drawn = (made: Drawn): Drawn =>
	made.ok
		? { ...made, amounts: [], joints: [], tools: [], steps: [], findings: [] }
		: { ...made, findings: [] };

/** Of a plan what stands on the rack: its thing, its ribbon, how much it is. */
export interface Look {
	/** Null where it cannot be planned. */
	readonly thing: Thing | null;
	readonly colours: readonly string[];
	/** Rows to crank in all, waste apart, and the pins of its ring. */
	readonly rows: number;
	readonly pins: number;
	/** The first piece: its rows, and where its yarns lie in them. */
	readonly ribbon: {
		readonly rows: number;
		readonly runs: readonly { readonly from: number; readonly to: number; readonly yarn: number }[];
	} | null;
}
const NOTHING: Look = { thing: null, colours: [], rows: 0, pins: 0, ribbon: null };
function lookOf(made: Drawn, thing: Thing | null): Look {
	if (!made.ok) return NOTHING;
	const [first] = made.pieces;
	return {
		thing,
		colours: made.yarns.map((y) => y.colour),
		rows: mainRowsOf(made.pieces),
		pins: made.machine.pins,
		ribbon: first
			? {
					rows: first.mainRows,
					runs: first.runs.map(({ from, to, yarn }) => ({ from, to, yarn }))
				}
			: null
	};
}

/**
 * Plans as the shelf draws them, and looks as the rack does. They are put aside in the store with what they were made of, so
 * that a rack opens without planning and without reading a plan; one that is out of date is shown until the worker has made it
 * anew.
 */
export class ShelfPlans {
	readonly #db: TombleDb;
	#read = $state(false);
	readonly #cards = new SvelteMap<string, Card>();
	readonly #looks = new SvelteMap<string, StoredLook>();
	/** By project: what is being made now. */
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	readonly #asked = new Map<string, string>();
	/** Projects whose plan is being looked for in the store. */
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	readonly #sought = new Set<string>();
	#bench: { readonly of: Bench; readonly stamp: string } | null = null;

	/** @param failed called where a project could not be planned at all: perhaps it does not read */
	constructor(
		db: TombleDb,
		private readonly failed: () => void
	) {
		this.#db = db;
	}

	/** Reads what was put aside; without it everything is made anew. */
	async open(): Promise<void> {
		const looks = await this.#db.looks.toArray().catch(() => []);
		for (const l of looks) this.#looks.set(l.projectId, l);
		this.#read = true;
	}

	/** Forgets what was put aside of projects that are gone. */
	async forget(projects: readonly Project[]): Promise<void> {
		const gone = [...this.#looks.keys()].filter((id) => !projects.some((p) => p.id === id));
		for (const id of gone) {
			this.#cards.delete(id);
			this.#looks.delete(id);
			// Put back it is asked for anew.
			this.#asked.delete(id);
		}
		// Tried again the next time.
		await Promise.all([this.#db.cards.bulkDelete(gone), this.#db.looks.bulkDelete(gone)]).catch(
			() => undefined
		);
	}

	/** A project as it stands on the rack; null while it was never drawn. */
	look(project: Project, bench: Bench): Look | null {
		if (!this.#read) return null;
		const madeOf = this.#madeOf(project, bench);
		const found = this.#looks.get(project.id);
		if (found?.madeOf !== madeOf && this.#asked.get(project.id) !== madeOf)
			this.#make(project, bench, madeOf);
		return (found?.look as Look | undefined) ?? null;
	}

	/** The plan of a project as it is drawn; null while the first one is on its way. */
	of(project: Project, bench: Bench): Drawn | null {
		if (!this.#read) return null;
		const madeOf = this.#madeOf(project, bench);
		const card = this.#cards.get(project.id);
		if (card?.madeOf !== madeOf && this.#asked.get(project.id) !== madeOf) {
			if (card) this.#make(project, bench, madeOf);
			else void this.#seek(project, bench, madeOf);
		}
		return (card?.plan as Drawn | undefined) ?? null;
	}

	/** A plan that was put aside is read when it is first wanted, once however often it is, and made where there is none. */
	async #seek(project: Project, bench: Bench, madeOf: string): Promise<void> {
		if (this.#sought.has(project.id)) return;
		this.#sought.add(project.id);
		const card = await this.#db.cards.get(project.id).catch(() => undefined);
		this.#sought.delete(project.id);
		if (this.#cards.has(project.id)) return;
		if (card) this.#cards.set(project.id, card);
		else if (this.#asked.get(project.id) !== madeOf) this.#make(project, bench, madeOf);
	}

	#madeOf({ id, options, machineId, useFresh }: Project, bench: Bench): string {
		if (this.#bench?.of !== bench) this.#bench = { of: bench, stamp: stamp(bench) };
		return `${version} ${this.#bench.stamp} ${stamp([id, options, machineId, useFresh])}`;
	}

	#make(project: Project, bench: Bench, madeOf: string): void {
		this.#asked.set(project.id, madeOf);
		const none: NoPlan = { ok: false, why: 'failed', projectId: project.id, findings: [] };
		const kept = (plan: Drawn, thing: Thing | null, keep: boolean) => {
			if (this.#asked.get(project.id) !== madeOf) return;
			const card: Card = { projectId: project.id, madeOf, plan: drawn(plan) };
			const look: StoredLook = { projectId: project.id, madeOf, look: lookOf(plan, thing) };
			this.#cards.set(project.id, card);
			this.#looks.set(project.id, look);
			// What cannot be put aside is made anew the next time.
			if (!keep) return;
			void this.#db.cards.put(card).catch(() => undefined);
			void this.#db.looks.put(look).catch(() => undefined);
		};
		// What was never drawn is wanted at once; what is only out of date can wait until the page stands.
		(this.#looks.has(project.id) ? afterFirstPage() : Promise.resolve())
			.then(() => import('$lib/worker/planner'))
			.then(({ planner }) => planner.card(project, bench))
			.then(
				({ plan, thing }) => kept(plan, thing, true),
				() => {
					kept(none, null, false);
					this.failed();
				}
			);
	}
}
