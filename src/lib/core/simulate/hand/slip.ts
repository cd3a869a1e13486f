/** What went wrong under the hand, as the machine shows it: each is a consequence and not an opinion. */
export const SLIPS = [
	'weave-start',
	'weave-missed',
	'weave-same',
	'weave-short',
	'wrap-missed',
	'wrap-open',
	'rag-missed',
	'rag-twice',
	'gate-open',
	'past-stop',
	'clogged',
	'no-yarn',
	'fell',
	'too-far',
	'two-yarns',
	'join-off-pin',
	'tail-outside',
	'tail-short',
	'tied-early',
	'not-taken',
	'not-seated',
	'turned-back',
	'tight',
	'pushed-up',
	'turned-short',
	'idle-caught',
	'edge-dropped',
	'edge-loose',
	'yarn-in-guide',
	'left-on-pick',
	'empty-pin',
	'idle-with-loop',
	'hold-wrong-edge',
	'held-twisted',
	'hang-missed',
	'hang-off',
	'hang-twice',
	'hang-waste',
	'not-marked',
	'rung-skipped',
	'purl-rung',
	'not-all-latched',
	'thread-start',
	'thread-outside',
	'thread-missed',
	'thread-twice',
	'pierced',
	'eased-early',
	'eased-bare',
	'fold-off',
	'same-side',
	'loop-missed',
	'not-a-pair',
	'waste-early',
	'not-fastened',
	'pulled-twice',
	'rungs-count',
	'same-ladder',
	'ran-down'
] as const;
export type SlipCode = (typeof SLIPS)[number];

export interface Slip {
	readonly code: SlipCode;
	readonly pin: number | null;
	/** Row counted from 0 in the whole piece, waste included. */
	readonly row: number;
	/** The act, by its place, that it came of. */
	readonly act: number;
}

/** Why an act cannot be done as things are: nothing has changed then. */
export type RefusalCode =
	| 'no-such-pin'
	| 'knitted-already'
	| 'nothing-on-pin'
	| 'nothing-lifted'
	| 'pick-full'
	| 'not-the-edge'
	| 'no-loop-there'
	| 'hung-already'
	| 'nothing-dropped'
	| 'all-latched'
	| 'closed-already'
	| 'hook-empty'
	| 'needle-bare'
	| 'no-tails'
	| 'still-on-machine'
	| 'machine-empty'
	| 'waste-gone'
	| 'cannot';

export interface Refusal {
	readonly code: RefusalCode;
	readonly pin: number | null;
	readonly act: number;
}
