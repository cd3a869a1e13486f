import { estimate } from '../quantity/estimate';
import { figure, worked, type Figure, type Term } from '../quantity/working';
import type { Assembly } from '../assembly/assembly';
import type { WorkedPiece } from '../crank/piece';
import type { HandTime } from '../technique/technique';

/** One pair of hands is so much quicker or slower than another, as a share (from memory). */
const HAND_RELATIVE_SD = 0.3;
/** A handful more or less: the relative spread of a filling's weight (from memory). */
const FILL_RELATIVE_SD = 0.25;

/** Minutes after the machine, by what is done; null where nothing is. */
export function byHandFigure(times: readonly HandTime[]): Figure | null {
	const by = new Map<string, { times: number; minutes: number }>();
	for (const t of times) {
		const known = by.get(t.what) ?? { times: 0, minutes: 0 };
		by.set(t.what, {
			times: known.times + t.times,
			minutes: known.minutes + t.times * t.minutes
		});
	}
	const all = [...by].filter(([, t]) => t.times > 0);
	const minutes = all.reduce((t, [, x]) => t + x.minutes, 0);
	if (minutes === 0) return null;
	return figure(
		'By hand, after the machine',
		'minutes',
		estimate(minutes, minutes * HAND_RELATIVE_SD, 'estimated'),
		all.flatMap(([what, t], i): (Term | string)[] => [
			...(i > 0 ? ['+'] : []),
			worked(t.times, 'plain', what),
			'×',
			// What takes a moment is said in seconds: so that the line comes out.
			t.minutes < 3 * t.times
				? worked((60 * t.minutes) / t.times, 'seconds', 'each')
				: worked(t.minutes / t.times, 'minutes', 'each')
		])
	);
}

/** All stuffing, by the steps that stuff; null where nothing is. */
export function fillFigure(assembly: Assembly, pieces: readonly WorkedPiece[]): Figure | null {
	const stuffed = assembly.flatMap((s) => {
		const copies = pieces.find((p) => s.do === 'stuff' && p.id === s.piece)?.count ?? 0;
		return s.do === 'stuff' ? [{ ...s, copies }] : [];
	});
	const grams = stuffed.reduce((t, s) => t + s.copies * s.grams, 0);
	if (grams === 0) return null;
	const parts = stuffed.reduce((t, s) => t + s.copies, 0);
	return figure('Stuffing', 'mass', estimate(grams, grams * FILL_RELATIVE_SD, 'estimated'), [
		worked(parts, 'plain', parts === 1 ? 'swelling' : 'swellings'),
		'×',
		worked(grams / parts, 'mass', 'in each, as it is stuffed')
	]);
}
