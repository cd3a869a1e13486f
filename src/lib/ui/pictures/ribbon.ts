export interface RibbonPin {
	/** Main rows done. */
	readonly row: number;
	readonly label: string;
	readonly stop?: boolean;
}
/** A finding at its row or at the fold. */
export interface RibbonMark {
	readonly row: number;
	readonly severity: 'stop' | 'warn' | 'tip';
	readonly what: string;
}
/** Where rows are on the drawing, px. */
export interface RibbonPlaces {
	readonly x: (row: number) => number;
	readonly rowAt: (x: number) => number;
	readonly top: number;
	readonly band: number;
}
/** A pin where it stands: on the upper or the lower line of names, or with no room for its name. */
export interface PlacedPin extends RibbonPin {
	readonly at: number;
	readonly line: number;
	readonly fits: boolean;
}
