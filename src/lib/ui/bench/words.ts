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
