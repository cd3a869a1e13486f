import type { PlainTubeOptions } from './options';
import { tooLong } from '../../finding/rules/too-long';
import type { Rule } from '../../finding/rule';
import { shortWaste } from '../rules/short-waste';
import { unusualPins } from '../rules/unusual-pins';
import type { FinishedOf } from '../finished';
import type { TubeKind } from './kind';
import { cupHeight } from './rules/cup-height';
import { hemBoundary } from './rules/hem-boundary';
import { manyTails } from './rules/many-tails';
import { pouchFits } from './rules/pouch-fits';
import { showsThrough } from './rules/shows-through';
import { tubeRound } from './rules/tube-round';
import { twoFigures } from './rules/two-figures';

/** In the order they are said, the gravest sorted first afterwards. */
export const tubeRules = (
	kind: TubeKind
): readonly Rule<PlainTubeOptions, FinishedOf<'tube'>>[] => [
	tooLong,
	// What is sized by what goes in is not worn.
	...(kind.holds ? [pouchFits] : [tubeRound(kind)]),
	...(kind.high ? [cupHeight] : []),
	twoFigures(kind),
	hemBoundary,
	showsThrough,
	shortWaste,
	unusualPins(kind.pins),
	manyTails
];
