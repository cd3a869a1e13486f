import { exact } from '../../quantity/estimate';
import { fromTheLastEnd, outOf, type Change, type Found, type Measured } from '../afterwards';
import type { FinishedOf } from '../finished';
import type { PlainTubeOptions } from './options';
import { LEAST_OVER_CM } from './rules/pouch-fits';

/** A tube with its measured sizes in their places. */
export function tubeAsMeasured(
	finished: FinishedOf<'tube'>,
	measured: Measured
): FinishedOf<'tube'> {
	const { tube } = finished;
	const [length, width] = [measured.get('length'), measured.get('width')];
	const flatLength = length === undefined ? tube.flatLength : exact(length);
	const circumference = width === undefined ? tube.circumference : exact(2 * width);
	const { round } = tube;
	const has = round?.by === 'length' ? flatLength : circumference;
	return {
		...finished,
		tube: {
			...tube,
			flatLength,
			circumference,
			round: round && { ...round, stretch: round.cm / has.mean - 1 }
		}
	};
}

/** A tube too shallow for what goes in, or longer or shorter than it was to be: rows at the end knitted last. */
export function afterTube(found: Found<PlainTubeOptions, FinishedOf<'tube'>>): Change[] {
	const shallow = found.findings.find((f) => f.code === 'pouch-shallow');
	const label = found.told.find((s) => s.id === 'length')?.label ?? '';
	const off: Omit<Change, 'ways'> | null =
		shallow?.code === 'pouch-shallow'
			? {
					id: 'length',
					label,
					measured: shallow.deepCm,
					wanted: shallow.needsCm + LEAST_OVER_CM,
					by: shallow.code
				}
			: outOf(found, 'length');
	return off ? [{ ...off, ways: fromTheLastEnd(off, found) }] : [];
}
