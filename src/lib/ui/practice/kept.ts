import type { Act } from '$lib/core/program/hand';

/** What was done of a try, on the ring that it was done on. */
interface Kept {
	readonly ring: string;
	readonly acts: readonly Act[];
}
/** While the application is open: who goes away to look something up finds the try as it was. */
const tries = new Map<string, Kept>();
const chance = { seed: 1 };

export const keptActs = (key: string, ring: string): readonly Act[] => {
	const kept = tries.get(key);
	return kept?.ring === ring ? kept.acts : [];
};
export const keepActs = (key: string, ring: string, acts: readonly Act[]): void => {
	tries.set(key, { ring, acts });
};
/** The chance of the ring that is practised on, and that of another try. */
export const keptSeed = (): number => chance.seed;
export const nextSeed = (): number => (chance.seed += 1);
