import type { Closing } from '../model/kinds';

/** What a closing is called, and what it is good for: schools side by side (common practice). */
export const CLOSING_WORDS: Record<Closing, { readonly label: string; readonly goodFor: string }> =
	{
		gather: {
			label: 'gather each end',
			goodFor: 'Each end alone: easy to undo, two small crowns to line up'
		},
		zip: {
			label: 'zip both',
			goodFor: 'Both ends sewn loop by loop and drawn up together: one firm crown'
		},
		slip: {
			label: 'slip stitch, flat',
			goodFor: 'With a hook, flat: quick, a little firm, the corners stand'
		},
		'three-needle': {
			label: 'three-needle, flat',
			goodFor: 'On needles, flat: the neatest ridge, three needles to hold'
		},
		loop: {
			label: 'loop through loop, flat',
			goodFor: 'With a hook and no yarn, flat: thin and stretchy, and it runs if its end slips'
		}
	};
