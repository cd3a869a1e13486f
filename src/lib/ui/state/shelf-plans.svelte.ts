import { SvelteMap } from 'svelte/reactivity';
import { version } from '$app/environment';
import type { Bench, Project } from '$lib/core/model/project';
import type { NoPlan, Plan } from '$lib/core/plan/types';
import type { Thing } from '$lib/core/thing/shape';
import type { Card, TombleDb } from '$lib/store/db';
import { afterFirstPage } from './first-page';
import { stamp } from './stamp';

type Drawn = Plan | NoPlan;

/** Of a plan what a shelf draws, and no more. */
const drawn = (made: Drawn): Drawn =>
	made.ok
		? { ...made, amounts: [], joints: [], tools: [], steps: [], findings: [] }
		: { ...made, findings: [] };

/**
 * Plans as the shelf draws them. They are put aside in the store with what they were made of, so that a shelf opens without
 * planning; one that is out of date is shown until the worker has made it anew.
 */
export class ShelfPlans {
	readonly #db: TombleDb;
	#read = $state(false);
	readonly #cards = new SvelteMap<string, Card>();
	/** By project: what is being made now. */
	// eslint-disable-next-line svelte/prefer-svelte-reactivity
	readonly #asked = new Map<string, string>();
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
		const cards = await this.#db.cards.toArray().catch(() => []);
		for (const c of cards) this.#cards.set(c.projectId, c);
		this.#read = true;
	}

	/** Forgets what was put aside of projects that are gone. */
	async forget(projects: readonly Project[]): Promise<void> {
		const gone = [...this.#cards.keys()].filter((id) => !projects.some((p) => p.id === id));
		for (const id of gone) {
			this.#cards.delete(id);
			// Put back it is asked for anew.
			this.#asked.delete(id);
		}
		// Tried again the next time.
		await this.#db.cards.bulkDelete(gone).catch(() => undefined);
	}

	/** The finished thing of a project as it was last drawn; null where it never was. */
	thing(project: Project): Thing | null {
		return (this.#cards.get(project.id)?.thing as Thing | null | undefined) ?? null;
	}

	/** The plan of a project as it is drawn; null while the first one is on its way. */
	of(project: Project, bench: Bench): Drawn | null {
		if (!this.#read) return null;
		const madeOf = this.#madeOf(project, bench);
		const card = this.#cards.get(project.id);
		if (card?.madeOf !== madeOf && this.#asked.get(project.id) !== madeOf)
			this.#make(project, bench, madeOf);
		return (card?.plan as Drawn | undefined) ?? null;
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
			const card: Card = { projectId: project.id, madeOf, plan: drawn(plan), thing };
			this.#cards.set(project.id, card);
			// What cannot be put aside is made anew the next time.
			if (keep) void this.#db.cards.put(card).catch(() => undefined);
		};
		// What was never drawn is wanted at once; what is only out of date can wait until the page stands.
		(this.#cards.has(project.id) ? afterFirstPage() : Promise.resolve())
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
