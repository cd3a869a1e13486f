import type { Feed } from '../bench/machine/slot';
import type { Fed, Hand, Machine } from '../model/bench';

/** Tension through the fingers. */
export const HAND_WORDS: Readonly<Record<Hand, string>> = {
	none: 'not through the hand',
	light: 'lightly through the fingers',
	crossed: 'crossed over a finger'
};
const SINCE = {
	swatch: () => 'as in your swatch',
	test: () => 'as in your test',
	like: (like: string | null) => `as ${like ?? 'the nearest yarn'} is fed`,
	usual: () => 'usual for its thickness'
};

/** `through slot 3 of 3, lightly through the fingers`. */
export function wordFed(
	{ slot, hand }: Pick<Feed, 'slot' | 'hand'>,
	{ slots }: Pick<Machine, 'slots'>
): string {
	const through = slot > 0 ? `through slot ${slot} of ${slots}` : '';
	if (hand === 'none') return through || 'with no tension';
	return [through, HAND_WORDS[hand]].filter((words) => words !== '').join(', ');
}

/** `Feed it through slot 2 of 3, lightly through the fingers: as in your swatch.` */
export const wordFeed = (feed: Feed, machine: Machine): string =>
	`Feed it ${wordFed(feed, machine)}: ${SINCE[feed.by](feed.like)}.`;

/** `slot 2, lightly through the fingers`, as it was. */
export const wordFedFrom = ({ slot, hand }: Fed): string =>
	[slot > 0 ? `slot ${slot}` : 'no slot', ...(hand === 'none' ? [] : [HAND_WORDS[hand]])].join(
		', '
	);
