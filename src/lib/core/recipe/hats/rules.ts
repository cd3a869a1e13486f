import { isBaby } from '../../bench/size/head';
import { smallTrims } from '../rules/small-trims';
import type { LinedHatOptions } from './options';
import { tooLong } from '../../finding/rules/too-long';
import type { Rule } from '../../finding/rule';
import { shortWaste } from '../rules/short-waste';
import { unusualPins } from '../rules/unusual-pins';
import type { FinishedOf } from '../finished';
import type { HatKind } from './kind';
import { babyCaution } from './rules/baby';
import { boundaryOnFold } from './rules/boundary-on-fold';
import { brimTooHigh } from './rules/brim-too-high';
import { height } from './rules/height';
import { hiddenJoinsRule } from './rules/hidden-joins';
import { lightLining } from './rules/light-lining';
import { liningLip } from './rules/lining-lip';
import { oneYarnTwice } from './rules/one-yarn-twice';
import { outerPeeks } from './rules/outer-peeks';
import { pastPulled } from './rules/past-pulled';
import { sectionVanishes } from './rules/section-vanishes';
import { stretchOnHead } from './rules/stretch-on-head';
import { stripeCut } from './rules/stripe-cut';

/** In the order they are said, the gravest sorted first afterwards. */
export const hatRules = (kind: HatKind): readonly Rule<LinedHatOptions, FinishedOf<'worn'>>[] => [
	tooLong,
	sectionVanishes,
	oneYarnTwice,
	stretchOnHead(kind),
	pastPulled,
	height(kind),
	brimTooHigh,
	liningLip,
	outerPeeks,
	boundaryOnFold,
	lightLining,
	stripeCut,
	babyCaution,
	smallTrims((options) => isBaby(options.head)),
	shortWaste,
	unusualPins(kind.pins),
	hiddenJoinsRule
];
