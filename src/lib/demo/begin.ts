import type { Yarn } from '../core/model/bench';
import type { Project } from '../core/model/project';
import type { GarmentOptions } from '../core/recipe/garments/options';
import { wholeGarment } from '../core/recipe/garments/start';
import type { LinedHatOptions } from '../core/recipe/hats/options';
import type { PlainTubeOptions } from '../core/recipe/tubes/options';
import type { AssembledOptions } from '../core/recipe/assembled/options';
import { DAY, START } from './fair';
import { big } from './machines';

export const id = (s: string) => s as Yarn['id'];
const hat: LinedHatOptions = {
	recipe: 'lined-hat',
	head: { kind: 'table', size: 'woman' },
	visibleCm: null,
	length: { by: 'fit' },
	brim: { turnedUp: true, heightCm: 5 },
	scheme: { kind: 'one', yarn: id('bw-deep') },
	closing: 'gather',
	wasteStart: 5,
	wasteWith: 'yarn',
	wasteEnd: 0,
	joinTails: 'tie'
};

export function project(
	key: string,
	name: string,
	day: number,
	options: Partial<LinedHatOptions>
): Project {
	return {
		id: `project-${key}` as Project['id'],
		name,
		createdAt: START + day * DAY,
		machineId: big.id,
		options: { ...hat, ...options },
		accepted: [],
		useFresh: false,
		holdsYarn: true,
		used: null,
		note: ''
	};
}

/** A plain tube; what is not said is as it begins. */
export function tube(
	key: string,
	name: string,
	day: number,
	options: Pick<PlainTubeOptions, 'recipe' | 'yarns' | 'stripes'> & Partial<PlainTubeOptions>
): Project {
	return {
		...project(key, name, day, {}),
		options: {
			fill: 'repeat',
			length: { by: 'fit' },
			aroundCm: null,
			twist: false,
			ends: { castOn: 'bind', castOff: 'bind' },
			closing: 'slip',
			hemRows: null,
			purlOut: false,
			thumbCm: null,
			chains: null,
			holds: { by: 'any' },
			legCm: null,
			cuffRounds: 1,
			heightCm: null,
			pins: 3,
			wasteStart: 5,
			wasteWith: 'yarn',
			wasteEnd: 0,
			joinTails: 'tie',
			...options
		}
	};
}

/** Panels sewn together; what is not said is as it begins. */
export function garment(
	key: string,
	name: string,
	day: number,
	options: Pick<GarmentOptions, 'recipe' | 'yarns'> & Partial<GarmentOptions>
): Project {
	return {
		...project(key, name, day, {}),
		options: wholeGarment({ armhole: 'set-in', edging: 'crochet', wasteStart: 4, ...options })
	};
}

export const ends = { wasteStart: 4, wasteWith: 'yarn', wasteEnd: 0, joinTails: 'tie' } as const;

/** Several pieces folded, stuffed or hung; their yarn is what is left over, so none is held for them. */
export const assembled = (
	key: string,
	name: string,
	day: number,
	options: AssembledOptions
): Project => ({
	...project(key, name, day, {}),
	holdsYarn: false,
	options
});
