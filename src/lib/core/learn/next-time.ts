import type { MeasuredResult, Project } from '../model/project';
import { sameRecipe, yarnsOf } from '../recipe/uses';

/** What a note for next time has in common with a plan, the nearest first. */
export const ALIKE = ['recipe', 'yarn', 'machine'] as const;
export type Alike = (typeof ALIKE)[number];

/** A note for next time that speaks to a plan. */
export interface ForNext {
	readonly result: MeasuredResult;
	/** The thing whose log it stands in. */
	readonly of: Project;
	readonly alike: Alike;
}

const yarnIn = (p: Project): readonly string[] => {
	try {
		return yarnsOf(p.options);
	} catch {
		// Options that do not read name no yarn.
		return [];
	}
};

/** How a thing is like another: of the same recipe, of one of its yarns, or on its machine; null where in none of these. */
function alike(a: Project, b: Project): Alike | null {
	if (sameRecipe(a, b)) return 'recipe';
	const yarns = yarnIn(b);
	if (yarnIn(a).some((y) => yarns.includes(y))) return 'yarn';
	return a.machineId === b.machineId ? 'machine' : null;
}

/**
 * Notes for next time that are not seen to yet, from the logs of other things like this one, nearest and newest first.
 * What was measured itself is made: it is no next one.
 */
export function notesFor(
	project: Project,
	projects: readonly Project[],
	results: readonly MeasuredResult[]
): ForNext[] {
	if (results.some((r) => r.projectId === project.id)) return [];
	const byId = new Map<string, Project>(projects.map((p) => [p.id, p]));
	return results
		.filter((r) => r.next === 'open' && r.note.trim() !== '' && r.projectId !== project.id)
		.flatMap((result): ForNext[] => {
			const of = byId.get(result.projectId);
			const as = of && alike(of, project);
			return of && as ? [{ result, of, alike: as }] : [];
		})
		.sort((a, b) => ALIKE.indexOf(a.alike) - ALIKE.indexOf(b.alike) || b.result.at - a.result.at);
}

/** Another thing of the same recipe, with the look at it that says most of it. */
export interface Kin {
	readonly project: Project;
	readonly result: MeasuredResult;
}
/** How settled a look is: what was washed or rested says more than what was just made. */
const SETTLED = { washed: 3, rested: 2, 'on-head': 1, 'at-once': 0 } as const;
/** The most that stand side by side. */
const MOST_KIN = 5;

/** This thing and the last ones of its kind, newest first, each by its most settled newest look. */
export function sideBySide(
	project: Project,
	projects: readonly Project[],
	results: readonly MeasuredResult[]
): Kin[] {
	return projects
		.filter((p) => sameRecipe(p, project))
		.flatMap((p): Kin[] => {
			const looks = results.filter((r) => r.projectId === p.id);
			const result = looks.reduce<MeasuredResult | undefined>(
				(a, b) =>
					a &&
					(SETTLED[a.when] > SETTLED[b.when] ||
						(SETTLED[a.when] === SETTLED[b.when] && a.at > b.at))
						? a
						: b,
				undefined
			);
			return result ? [{ project: p, result }] : [];
		})
		.sort((a, b) =>
			a.project.id === project.id ? -1 : b.project.id === project.id ? 1 : b.result.at - a.result.at
		)
		.slice(0, MOST_KIN);
}
