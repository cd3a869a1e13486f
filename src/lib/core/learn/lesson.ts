import type { Bench, HatProject, MeasuredResult } from '../model/project';
import type { LinedHatWish } from '../model/wish';
import { sizeOf } from '../assembly/size';
import { plan, type PlanOf } from '../plan';
import type { Estimate } from '../quantity/estimate';

/** A planned value beside the measured one. */
export interface Compared {
	readonly what: 'tube' | 'width' | 'grams' | 'minutes' | 'height';
	readonly planned: Estimate;
	readonly measured: number;
	/** How far the measured value lies from the planned one, in the plan's own standard deviations. */
	readonly deviations: number;
}

export interface Lesson {
	/** What the plan expected of the rows really knitted, before this project's own results were known. */
	readonly before: PlanOf<'worn'>;
	/** The next one like it, planned with what was learned. */
	readonly next: PlanOf<'worn'>;
	readonly nextWish: LinedHatWish;
}

/** The bench as it was before this project's results taught it anything. */
export const benchBefore = (bench: Bench, projectId: string): Bench => ({
	...bench,
	evidence: bench.evidence.filter((e) => e.projectId !== projectId)
});

/**
 * What to wish for the next one: a row count was chosen for the length it promised, so that length is wished;
 * any other wish stays, and takes its rows from the new gauge. Lengths to half a cm.
 */
export function nextWish(wish: LinedHatWish, before: PlanOf<'worn'>): LinedHatWish {
	if (wish.length.by !== 'rows') return wish;
	return {
		...wish,
		length: { by: 'tube', as: 'flat', cm: Math.round(before.finished.hat.tubeFlat.mean * 2) / 2 }
	};
}

/** What a finished project teaches; undefined where it cannot be planned any more. */
export function lesson(project: HatProject, bench: Bench, rowsKnitted: number): Lesson | undefined {
	const old = benchBefore(bench, project.id);
	const before = plan(project, old, { rows: rowsKnitted });
	const promised = plan(project, old);
	if (!before.ok || !promised.ok) return undefined;
	const wish = nextWish(project.wish, promised);
	const next = plan({ ...project, wish }, bench);
	return next.ok ? { before, next, nextWish: wish } : undefined;
}

const MEASURED: {
	what: Compared['what'];
	of: (r: MeasuredResult) => number | null;
	planned: (p: PlanOf<'worn'>) => Estimate;
}[] = [
	{ what: 'tube', of: (r) => r.tubeCm, planned: (p) => p.finished.hat.tubeFlat },
	{ what: 'width', of: (r) => r.flatWidthCm, planned: (p) => sizeOf(p, 'flat-width').value },
	{ what: 'height', of: (r) => r.heightWornCm, planned: (p) => p.finished.hat.heightWorn },
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
export function compare(before: PlanOf<'worn'>, result: MeasuredResult): Compared[] {
	return MEASURED.flatMap(({ what, of, planned }) => {
		const measured = of(result);
		if (measured === null) return [];
		const expected = planned(before);
		const deviations = expected.sd > 0 ? (measured - expected.mean) / expected.sd : 0;
		return [{ what, planned: expected, measured, deviations }];
	});
}
