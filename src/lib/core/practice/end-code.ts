/** What is found when the hands say that they are done. */
export const END_CODES = [
	'not-finished',
	'not-tied',
	'wrong-on-top',
	'not-moved',
	'pin-not-out',
	'held-count',
	'held-tail-short',
	'not-mirrored',
	'not-cleared',
	'not-mended',
	'rungs-left',
	'tail-too-short',
	'loop-left',
	'waste-few',
	'one-pass',
	'ladder-place',
	'card-near-edge',
	'card-wide',
	'floats-left',
	'not-told',
	'waste-counted',
	'cast-on-counted',
	'one-short',
	'measured-hanging',
	'count-off'
] as const;
export type EndCode = (typeof END_CODES)[number];
