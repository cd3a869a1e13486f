import type { BuntingOptions } from './options';
import { tooLong } from '../../finding/rules/too-long';
import type { Rule } from '../../finding/rule';
import { garlandCaution } from '../rules/garland-caution';
import type { FinishedOf } from '../finished';
import { panelTooWide } from './rules/panel-too-wide';

/** In the order they are said, the gravest sorted first afterwards. */
export const buntingRules: readonly Rule<BuntingOptions, FinishedOf<'flags'>>[] = [
	tooLong,
	panelTooWide,
	garlandCaution
];
