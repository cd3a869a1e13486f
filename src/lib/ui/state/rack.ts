import { eventsAhead, positionAt } from '$lib/core/crank/runsheet';
import { nameMake, progressOf } from '$lib/core/crank/makes';
import type { MeasuredResult, Project, RunEvent } from '$lib/core/model/project';
import type { Plan } from '$lib/core/plan';
import type { Look } from './shelf-plans.svelte';
import type { RunSheetEvent } from '$lib/core/crank/events';

/** How far a thing is: what is on the machine stands first. */
type Stage = 'on' | 'finish' | 'planned' | 'made';
export const STAGE_WORDS: Record<Stage, { readonly title: string; readonly page: string }> = {
	on: { title: 'On the machine', page: 'knit' },
	finish: { title: 'To finish', page: 'finish' },
	planned: { title: 'Planned', page: 'plan' },
	made: { title: 'Made', page: 'log' }
};

/** A project as it stands on the rack. */
export interface Standing {
	readonly project: Project;
	/** Null while it is on its way. */
	readonly look: Look | null;
	/** Of what was begun; null of all else, while it is on its way, or where it cannot be planned. */
	readonly plan: Plan | null;
	readonly stage: Stage;
	/** Share of all its rows that are knitted, 0 to 1. */
	readonly done: number;
	/** What is at the crank: the piece, the row it is at and its rows. */
	readonly at: { readonly piece: string; readonly row: number; readonly rows: number } | null;
	/** What comes next, and how many rows until then. */
	readonly next: { readonly event: RunSheetEvent; readonly rows: number } | null;
	readonly measured: readonly MeasuredResult[];
}

interface Known {
	readonly look: Look | null;
	readonly plan: Plan | null;
	readonly events: readonly RunEvent[] | null;
	readonly measured: readonly MeasuredResult[];
}

/** Where a project stands, by what was counted and what was logged. What was logged is made, counted here or not. */
export function standingOf(project: Project, { look, plan, events, measured }: Known): Standing {
	const progress = plan && events ? progressOf(plan.pieces, events) : null;
	const started = progress?.started ?? events?.some((e) => e.type === 'row') ?? false;
	const stage: Stage =
		measured.length > 0 ? 'made' : progress?.off ? 'finish' : started ? 'on' : 'planned';
	const now = stage === 'on' ? progress?.makes[progress.current] : undefined;
	const sheet = now?.make.piece.sheet;
	const event = sheet && eventsAhead(sheet, now.run.done).find((x) => x.kind !== 'slow');
	return {
		project,
		look,
		plan,
		stage,
		done:
			stage === 'made' || stage === 'finish'
				? 1
				: progress && progress.rowsTotal > 0
					? progress.rowsDone / progress.rowsTotal
					: 0,
		at:
			now && sheet
				? {
						piece: nameMake(now.make),
						row: positionAt(sheet, now.run.done)?.main ?? 0,
						rows: now.make.piece.mainRows
					}
				: null,
		next: event ? { event, rows: event.after - now.run.done } : null,
		measured
	};
}
