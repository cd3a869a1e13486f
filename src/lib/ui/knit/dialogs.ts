/** What is asked at the crank, one at a time. */
export type DialogName =
	'jump' | 'happened' | 'fault' | 'repair' | 'off' | 'hands' | 'device' | 'keys' | 'more';
