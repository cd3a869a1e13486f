import type { Tag } from '../order/tag';
import type { Dry, Wash } from '../model/kinds';

export const WASH_WORDS: Record<Wash, string> = {
	unknown: 'washing not noted',
	hand: 'wash by hand, cool',
	'machine-30': 'machine wash, 30 °C',
	'machine-40': 'machine wash, 40 °C'
};
export const DRY_WORDS: Record<Dry, string> = {
	unknown: 'drying not noted',
	flat: 'dry flat',
	line: 'dry on the line',
	tumble: 'tumble dry, low'
};

/** The lines of a tag for a finished thing: its name, what it is of, how to wash it. */
export function wordTag(name: string, size: string, tag: Tag): string[] {
	const care =
		tag.wash === 'unknown' && tag.dry === 'unknown'
			? 'Care: not noted for every yarn in it'
			: `${WASH_WORDS[tag.wash]}, ${DRY_WORDS[tag.dry]}`;
	return [
		name,
		size,
		tag.fibres.map((f) => `${f.percent} % ${f.fibre}`).join(', '),
		care.charAt(0).toUpperCase() + care.slice(1)
	];
}
