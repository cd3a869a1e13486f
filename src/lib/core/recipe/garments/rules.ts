import type { GarmentOptions } from './options';
import { sumsDiffer } from './rules/sums-differ';
import { tooLong } from '../../finding/rules/too-long';
import type { Rule } from '../../finding/rule';
import type { FinishedOf } from '../finished';
import { armholeSmall } from './rules/armhole-small';
import { asTyped } from './rules/as-typed';
import { bodyShort } from './rules/body-short';
import { cannotShape } from './rules/cannot-shape';
import { heavyShoulders } from './rules/heavy-shoulders';
import { laddersUneven } from './rules/ladders-uneven';
import { lineMissed } from './rules/line-missed';
import { neckBeyondSpan } from './rules/neck-beyond-span';
import { neckSmall } from './rules/neck-small';
import { neckWide } from './rules/neck-wide';
import { overBust } from './rules/over-bust';
import { seams } from './rules/seams';
import { sleeveTight } from './rules/sleeve-tight';
import { stripeEnds } from './rules/stripe-ends';

/** In the order they are said, the gravest sorted first afterwards. */
export const garmentRules: readonly Rule<GarmentOptions, FinishedOf<'flat'>>[] = [
	cannotShape,
	bodyShort,
	seams,
	armholeSmall,
	sleeveTight,
	neckSmall,
	neckWide,
	neckBeyondSpan,
	sumsDiffer,
	laddersUneven,
	overBust,
	heavyShoulders,
	asTyped,
	lineMissed,
	stripeEnds,
	tooLong
];
