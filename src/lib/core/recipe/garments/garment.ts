import type { GarmentKindId } from '../../model/kinds';
import { garmentOptions, type GarmentOptions } from './options';
import { BODY_NAMES } from '../../bench/size/body';
import { MEASURES_OF } from './measures';
import type { FinishedOf } from '../finished';
import type { Recipe } from '../recipe';
import { designGarment } from './design';
import { afterGarment, panelsAsMeasured } from './afterwards';
import { garmentRules } from './rules';
import { garmentDefaults, wholeGarment } from './start';

/** What lies or hangs may be open; what is worn on the body less so. */
const OPEN: readonly GarmentKindId[] = ['rectangle', 'strap', 'blanket', 'shrug', 'seamed-tube'];

const IN = 'on {machine}, in {yarns}[, {stripes}]';
const WORN = `size {from+size}[, its ease {ease}], ${IN}, with a {neck} neck and {armhole} armholes`;
/** As the order slip of each reads. */
const PHRASES: Record<GarmentKindId, string> = {
	rectangle: `A rectangle ${IN}[, turned {turn}], its edges {edging}`,
	strap: `A strap ${IN}[, turned {turn}], its edges {edging}`,
	blanket:
		'A blanket, {layout.across} across and {layout.down} down, on {machine}, in {yarns}[, turned {turn}], its edges {edging}',
	'seamed-tube': `A tube sewn from a panel, ${IN}[, turned {turn}], its edges {edging}`,
	mitts: `A pair of fingerless mitts ${IN}[, turned {turn}], their edges {edging}`,
	shrug: `A shrug of two tubes ${IN}, with ladders at {ladderPins}, its edges {edging}`,
	vest: `A vest, ${WORN}`,
	cardigan: `A cardigan, ${WORN}, its sleeves {sleeves}`,
	jacket: `A jacket, ${WORN}, its sleeves {sleeves}`,
	sweater: `A sweater, ${WORN}, its sleeves {sleeves}`,
	'free-garment': `Pieces of your own ${IN}, shaped by {shaping}, their edges {edging}`
};

/** The recipe of one kind of garment. */
export const garmentRecipe = (id: GarmentKindId): Recipe<GarmentOptions, FinishedOf<'flat'>> => ({
	id,
	...(OPEN.includes(id) ? {} : { use: 'garment' as const }),
	options: garmentOptions(id),
	phrase: PHRASES[id],
	whole: wholeGarment,
	madeFor: ({ recipe, from, size }) =>
		from === 'table' && MEASURES_OF[recipe].includes('chest')
			? { label: `Size: ${BODY_NAMES[size]}` }
			: null,
	begins: 'most-pins',
	ownWaste: true,
	defaults: (bench) => garmentDefaults(id, bench),
	design: designGarment,
	asMeasured: panelsAsMeasured,
	afterwards: afterGarment,
	rules: garmentRules
});
