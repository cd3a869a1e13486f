import type { FaultKind, ReadingState, Verdict } from '$lib/core/model/kinds';

/** The five ways to state a gauge, as the bench names them. */
export const NOTATION_OPTIONS = [
	{ value: 'per-10cm', label: 'in 10 cm' },
	{ value: 'per-4in', label: 'in 4 in' },
	{ value: 'per-1in', label: 'in 1 in' },
	{ value: 'cm-to-40', label: 'cm to 40 and 20' },
	{ value: 'tube', label: 'whole tube' }
] as const;

export const STATE_OPTIONS = [
	{ value: 'fresh', label: 'fresh off' },
	{ value: 'rested', label: 'rested' },
	{ value: 'washed', label: 'washed' },
	{ value: 'pulled', label: 'pulled' }
] as const;

export const STATE_WORDS: Record<ReadingState, string> = {
	washed: 'washed',
	rested: 'rested',
	fresh: 'fresh off the machine',
	pulled: 'pulled as in wear'
};

export const VERDICT_WORDS: Record<Verdict, string> = {
	runs: 'runs well',
	care: 'runs with care',
	fails: 'does not run'
};
export const FAULT_WORDS: Record<FaultKind, string> = {
	dropped: 'dropped',
	tuck: 'tucked',
	split: 'split',
	unseated: 'not seated'
};

/** `slot 2`, or through the fingers. */
export const slotWords = (slot: number): string => (slot === 0 ? 'no slot' : `slot ${slot}`);

/** A reading under the name of its notation, which says the rest. */
export const shortReading = (text: string): string =>
	text.replace(/ (\/ (10 cm|4 in|1 in)|cm to (40|20)|flat width)$/, '');
