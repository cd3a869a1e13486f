import type { Rule } from '../finding/facts';
import * as rules from '../finding/thing-rules';
import { designThing } from '../recipe/thing-design';
import { thingShape } from './thing';

/** In the order they are said, the gravest sorted first afterwards. */
const RULES: readonly Rule[] = [
	rules.pieceTooLong,
	rules.smallParts,
	rules.cordsOnToys,
	rules.partSmall,
	rules.attachLost,
	rules.willNotClose,
	rules.partTooWide,
	rules.cannotHang,
	rules.bagMisses,
	rules.itemsTouch,
	rules.pomThin,
	rules.borderOff,
	rules.noSwatchThere,
	rules.toyRules,
	rules.bagLoads
];

/** All that things of several pieces are planned with, apart, so that a page that plans none need not carry it. */
export const thingWorks = {
	design: designThing,
	shape: thingShape,
	rules: RULES
};
export type ThingWorks = typeof thingWorks;
