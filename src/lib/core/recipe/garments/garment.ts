import type { GarmentKindId } from '../../model/kinds';
import type { GarmentWish } from '../../model/wish';
import type { FinishedOf } from '../finished';
import type { Recipe } from '../recipe';
import { designGarment } from './design';
import { garmentRules } from './rules';
import { garmentDefaults } from './start';

export interface GarmentKind {
	readonly id: GarmentKindId;
	readonly name: string;
}

/** Everything made of panels, or of tubes sewn together. What each begins with is in `garment-start.ts`. */
export const GARMENT_KINDS: { readonly [K in GarmentKindId]: GarmentKind } = {
	rectangle: { id: 'rectangle', name: 'Rectangle' },
	strap: { id: 'strap', name: 'Strap' },
	blanket: { id: 'blanket', name: 'Blanket of panels' },
	'seamed-tube': { id: 'seamed-tube', name: 'Tube from a panel' },
	mitts: { id: 'mitts', name: 'Fingerless mitts' },
	shrug: { id: 'shrug', name: 'Two-tube shrug' },
	vest: { id: 'vest', name: 'Vest' },
	cardigan: { id: 'cardigan', name: 'Cardigan' },
	jacket: { id: 'jacket', name: 'Jacket' },
	sweater: { id: 'sweater', name: 'Sweater' },
	'free-garment': { id: 'free-garment', name: 'Free garment' }
};

/** The recipe of one kind of garment. */
export const garmentRecipe = (kind: GarmentKind): Recipe<GarmentWish, FinishedOf<'flat'>> => ({
	id: kind.id,
	name: kind.name,
	teaches: 'shape',
	begins: 'most-pins',
	ownWaste: true,
	yarns: (wish) => [...new Set(wish.yarns)],
	withYarn: (wish, from, to) => ({
		...wish,
		yarns: wish.yarns.map((id) => (id === from ? to : id))
	}),
	defaults: (bench) => garmentDefaults(kind.id, bench),
	design: designGarment,
	rules: garmentRules
});
