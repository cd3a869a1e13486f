import type { ToyOptions } from './options';
import { smallTrims } from '../rules/small-trims';
import { garlandCaution } from '../rules/garland-caution';
import { pieceTooLong } from '../rules/piece-too-long';
import { attachLost } from './rules/attach-lost';
import { bagLoads } from './rules/bag-loads';
import { bagMisses } from './rules/bag-misses';
import { borderOff } from './rules/border-off';
import { cannotHang } from './rules/cannot-hang';
import { cordsOnToys } from './rules/cords-on-toys';
import { itemsTouch } from './rules/items-touch';
import { noSwatchThere } from './rules/no-swatch-there';
import { partSmall } from './rules/part-small';
import { partTooWide } from './rules/part-too-wide';
import { pomThin } from './rules/pom-thin';
import { smallParts } from './rules/small-parts';
import { toyRules } from './rules/toy-rules';
import { willNotClose } from './rules/will-not-close';

/** In the order they are said, the gravest sorted first afterwards. */
export const bagRules = [pieceTooLong, bagMisses, noSwatchThere, bagLoads];
export const blanketRules = [pieceTooLong, borderOff, noSwatchThere];
export const toyRulesOf = [
	pieceTooLong,
	smallParts,
	smallTrims((options: ToyOptions) => options.age === 'under-3'),
	cordsOnToys,
	partSmall,
	attachLost,
	willNotClose,
	partTooWide,
	noSwatchThere,
	toyRules
];
export const garlandRules = [pieceTooLong, cannotHang, itemsTouch, noSwatchThere, garlandCaution];
export const pomPomRules = [pomThin];
