import type { Bench, MeasuredResult, Project } from '../model/project';
import type { Options } from '../model/options';
import { plan, type Plan } from '../plan';
import type { Estimate } from '../quantity/estimate';
import { recipeFor } from '../recipe';

/** A planned value beside the measured one. */
export interface Compared {
	readonly what: 'tube' | 'width' | 'grams' | 'minutes' | 'height';
	/** Null where the plan has no such figure. */
	readonly planned: Estimate | null;
	readonly measured: number;
	/** How far the measured value lies from the planned one, in the plan's own standard deviations. */
	readonly deviations: number;
}

export interface Lesson {
	/** What the plan expected of the rows really knitted, before this project's own results were known. */
	readonly before: Plan;
	/** The next one like it, planned with what was learned. */
	readonly next: Plan;
	readonly nextOptions: Options;
}

/** The bench as it was before this project's results taught it anything. */
export const benchBefore = (bench: Bench, projectId: string): Bench => ({
	...bench,
	evidence: bench.evidence.filter((e) => e.projectId !== projectId)
});

/**
 * What to ask of the next one: a row count was chosen for the length it promised, so that length is wished;
 * any other options stays, and takes its rows from the new gauge.
 */
export const nextOptions = (options: Options, before: Plan): Options =>
	recipeFor(options)?.asLength?.(options, before.finished) ?? options;

/** What a finished project teaches; undefined where it cannot be planned any more. */
export function lesson(project: Project, bench: Bench, rowsKnitted: number): Lesson | undefined {
	const old = benchBefore(bench, project.id);
	const before = plan(project, old, { rows: rowsKnitted });
	const promised = plan(project, old);
	if (!before.ok || !promised.ok) return undefined;
	const options = nextOptions(project.options, promised);
	const next = plan({ ...project, options }, bench);
	return next.ok ? { before, next, nextOptions: options } : undefined;
}

/** The whole length of a plan's first piece as it lies; undefined where it is no matter of one length. */
export const wholeLength = (p: Plan): Estimate | undefined => sizeAmong('tube-flat', 'length')(p);

/** The first of these sizes that a plan has. */
const sizeAmong =
	(...ids: readonly string[]) =>
	({ sizes }: Plan): Estimate | undefined =>
		ids.flatMap((id) => sizes.find((s) => s.id === id) ?? [])[0]?.figure.value;

const MEASURED: {
	what: Compared['what'];
	of: (r: MeasuredResult) => number | null;
	planned: (p: Plan) => Estimate | undefined;
}[] = [
	{ what: 'tube', of: (r) => r.tubeCm, planned: wholeLength },
	{ what: 'width', of: (r) => r.flatWidthCm, planned: sizeAmong('flat-width', 'width') },
	{ what: 'height', of: (r) => r.heightWornCm, planned: sizeAmong('height-worn') },
	{
		what: 'grams',
		of: (r) => r.grams,
		planned: (p) => ({
			mean: p.amounts.reduce((t, a) => t + a.grams.value.mean, 0),
			// Colours of one yarn share their loop length, so their errors add up.
			sd: p.amounts.reduce((t, a) => t + a.grams.value.sd, 0),
			basis: p.amounts[0]?.grams.value.basis ?? 'estimated'
		})
	},
	{ what: 'minutes', of: (r) => r.minutes, planned: (p) => p.time.value }
];

/** Every measured value of a result beside what the plan said. */
export function compare(before: Plan, result: MeasuredResult): Compared[] {
	return MEASURED.flatMap(({ what, of, planned }) => {
		const measured = of(result);
		if (measured === null) return [];
		const expected = planned(before) ?? null;
		const deviations = expected && expected.sd > 0 ? (measured - expected.mean) / expected.sd : 0;
		return [{ what, planned: expected, measured, deviations }];
	});
}
