import { exact } from '../quantity/estimate';
import { figure, type Figure } from '../quantity/working';
import type { Plan } from './types';

/** A figure of a plan that a change has moved. */
export interface Changed {
	readonly label: string;
	readonly kind: Figure['kind'];
	readonly before: number;
	readonly after: number;
}

/** Less than this share is no change that anyone would see. */
const SEEN = 0.005;

/** What tells of a plan: rows, sizes, yarn in all, time. */
function figuresOf({ pieces, sizes, amounts, time }: Plan): readonly Figure[] {
	const [first] = pieces;
	const grams = amounts.reduce((t, a) => t + a.grams.value.mean, 0);
	return [
		...(first && pieces.length === 1
			? [figure('Rows', 'rows', exact(first.mainRows), first.rowsWorking)]
			: []),
		...sizes.map((s) => s.figure),
		figure('Yarn', 'mass', exact(grams), []),
		time
	];
}

/** What is different in a plan after a change of the same project, in the order figures are shown. */
export function changedBetween(before: Plan, after: Plan): Changed[] {
	const then = new Map(figuresOf(before).map((f) => [f.label, f]));
	return figuresOf(after).flatMap((now) => {
		const was = then.get(now.label);
		if (!was) return [];
		const [a, b] = [was.value.mean, now.value.mean];
		const scale = Math.max(Math.abs(a), Math.abs(b), 1e-9);
		if (Math.abs(b - a) / scale < SEEN) return [];
		return [{ label: now.label, kind: now.kind, before: a, after: b }];
	});
}
