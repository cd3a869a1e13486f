import type { Feed } from '../bench/machine/slot';
import type { Hand, Machine } from '../model/bench';

const HAND: Readonly<Record<Hand, string>> = {
	none: '',
	light: 'lightly through the fingers',
	crossed: 'crossed over a finger'
};
const SINCE = {
	swatch: () => 'as in your swatch',
	test: () => 'as in your test',
	like: (like: string | null) => `as ${like ?? 'the nearest yarn'} is fed`,
	usual: () => 'usual for its thickness'
};

/** `Slot 2 of 3, lightly through the fingers: as in your swatch.` */
export function wordFeed({ slot, hand, by, like }: Feed, machine: Machine): string {
	const slots = slot > 0 ? `slot ${slot} of ${machine.slots}` : '';
	const how = [slots, HAND[hand]].filter((w) => w !== '').join(', ');
	if (how === '') return '';
	return `Feed it ${slot > 0 ? 'through ' : ''}${how}: ${SINCE[by](like)}.`;
}
