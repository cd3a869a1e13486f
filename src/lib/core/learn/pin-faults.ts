/** A pin at which more faults were noted than chance explains. */
export interface SuspectPin {
	/** As the maker counts it, from 1. */
	readonly pin: number;
	readonly faults: number;
	/** Faults at known pins of the machine in all. */
	readonly of: number;
	/** Chance of so many at this or any other pin if every pin were alike, at most. */
	readonly chance: number;
}

/** Below this chance a pin is named. */
export const NAMED_BELOW = 0.05;

/**
 * P(X >= k) for X of `trials` each with probability `p`: the exact binomial tail, summed term by term. `k` from 0.
 */
export function binomialTail(k: number, trials: number, p: number): number {
	// Each term from the one before. The tail itself is summed, not what is left of 1: a tiny chance keeps its digits.
	let term = (1 - p) ** trials;
	let tail = 0;
	for (let i = 0; i <= trials; i++) {
		if (i >= k) tail += term;
		term *= ((trials - i) / (i + 1)) * (p / (1 - p));
	}
	return Math.min(1, tail);
}

/**
 * Pins that fault more than chance. Were all pins alike, each fault would fall on each of `pins` pins with 1 / pins; the exact
 * binomial tail of a pin's count is multiplied by the number of pins, since any of them might have stood out (Bonferroni's
 * correction; Dunn, "Multiple comparisons among means", J. American Statistical Association 56 (1961) 52-64, from memory).
 * `faultPins` are the pins of all faults noted on the machine, from 1; others are passed over. The surest first.
 */
export function suspectPins(faultPins: readonly number[], pins: number): SuspectPin[] {
	const counts = new Map<number, number>();
	const known = faultPins.filter((p) => p >= 1 && p <= pins);
	for (const p of known) counts.set(p, (counts.get(p) ?? 0) + 1);
	return [...counts]
		.map(([pin, faults]): SuspectPin => {
			const chance = Math.min(1, pins * binomialTail(faults, known.length, 1 / pins));
			return { pin, faults, of: known.length, chance };
		})
		.filter((s) => s.faults > 1 && s.chance < NAMED_BELOW)
		.sort((a, b) => a.chance - b.chance);
}
