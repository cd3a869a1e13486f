import type { Closing } from '../model/kinds';

/** What a closing is called, and what it is good for: schools side by side (common practice). */
export const CLOSING_WORDS: Record<
	Closing,
	{ readonly label: string; readonly says: string; readonly goodFor: string }
> = {
	gather: {
		label: 'gather each end',
		says: 'gathering each end',
		goodFor: 'Each end alone: easy to undo, two small crowns to line up'
	},
	zip: {
		label: 'zip both',
		says: 'zipping both ends',
		goodFor: 'Both ends sewn loop by loop and drawn up together: one firm crown'
	},
	slip: {
		label: 'slip stitch, flat',
		says: 'slip stitch',
		goodFor: 'With a hook, flat: quick, a little firm, the corners stand'
	},
	'three-needle': {
		label: 'three-needle, flat',
		says: 'three needles',
		goodFor: 'On needles, flat: the neatest ridge, three needles to hold'
	},
	loop: {
		label: 'loop through loop, flat',
		says: 'loop through loop',
		goodFor: 'With a hook and no yarn, flat: thin and stretchy, and it runs if its end slips'
	}
};
