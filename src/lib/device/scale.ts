/** What a kitchen scale says. */
export type ScaleReading =
	| { readonly state: 'unplugged' }
	/** Still moving: not to be read yet. */
	| { readonly state: 'settling'; readonly grams: number }
	| { readonly state: 'steady'; readonly grams: number };

/** A scale that can be read. A real one and its stand-in look the same from here. */
export interface Scale {
	/** What it is called on screen. */
	readonly name: string;
	/** Smallest step it shows, g. */
	readonly stepGrams: number;
	/** Calls `listen` at every reading until the returned function is called. */
	listen(listen: (reading: ScaleReading) => void): () => void;
	/** Makes what lies on it now count as nothing. */
	tare(): void;
}
