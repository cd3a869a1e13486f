import type { MeasuredResult } from '../model/project';

/** How the whole length of a first piece is called among sizes, the tube of a hat first. */
export const LENGTH_IDS = ['tube-flat', 'length'] as const;
export const WIDTH_IDS = ['flat-width', 'width'] as const;

/** What the tape said of a size by the first of these names, cm; null where it was not measured. */
export const sizeIn = (
	{ sizes }: Pick<MeasuredResult, 'sizes'>,
	ids: readonly string[]
): number | null => sizes.find((s) => ids.includes(s.id))?.cm ?? null;
export const lengthIn = (r: Pick<MeasuredResult, 'sizes'>): number | null => sizeIn(r, LENGTH_IDS);
