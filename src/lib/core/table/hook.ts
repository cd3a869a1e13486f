/** What a hand does with a crochet hook. */
export type HookAct =
	/** Through a place of the edge, from 1. */
	| { readonly do: 'insert'; readonly at: number }
	| { readonly do: 'catch' }
	/** What is caught drawn back through the edge, or off through all that is on the hook. */
	| { readonly do: 'back' }
	| { readonly do: 'off' };

/** A hook, and what it made. */
export interface Hooked {
	/** Places of the edge; 0 where a chain is worked in the air. */
	readonly places: number;
	readonly onHook: number;
	/** The place that it is through. */
	readonly in: number | null;
	readonly caught: boolean;
	/** Drawn through the edge and not yet off. */
	readonly open: number | null;
	/** Places with a stitch, in order; and links of a chain. */
	readonly stitches: readonly number[];
	readonly chains: number;
}

/** A loop on the hook, and an edge of so many places. */
export const hooked = (places: number): Hooked => ({
	places,
	onHook: 1,
	in: null,
	caught: false,
	open: null,
	stitches: [],
	chains: 0
});

const through = (h: Hooked): Hooked => {
	if (!h.caught) throw new RangeError('Nothing is caught on the hook.');
	return { ...h, caught: false };
};

/**
 * What an act makes of it. A single crochet (US) is insert, catch, back, catch, off; a chain is catch, off (common practice).
 * @throws {RangeError} where there is no such place, nothing is caught, or the hook is not where it has to be.
 */
export function work(h: Hooked, act: HookAct): Hooked {
	switch (act.do) {
		case 'insert':
			if (act.at < 1 || act.at > h.places) throw new RangeError(`There is no place ${act.at}.`);
			if (h.open !== null) throw new RangeError('The stitch before is not off yet.');
			return { ...h, in: act.at };
		case 'catch':
			return { ...h, caught: true };
		case 'back':
			if (h.in === null) throw new RangeError('The hook is through nothing.');
			return { ...through(h), open: h.in, in: null, onHook: h.onHook + 1 };
		case 'off':
			if (h.in !== null) throw new RangeError('The hook is still through the edge.');
			return {
				...through(h),
				onHook: 1,
				open: null,
				...(h.open === null ? { chains: h.chains + 1 } : { stitches: [...h.stitches, h.open] })
			};
	}
}
