import type { Act } from '../program/hand';

/** The longest run of acts that is taken for one turn of a habit. */
const MOST = 6;
/** Pins that a habit goes on by at most. */
const NEAR = 2;
const placesOf = (act: Act): { pin?: number; from?: number } => ({
	...('pin' in act ? { pin: act.pin } : {}),
	...('from' in act && typeof act.from === 'number' ? { from: act.from } : {})
});
const apartFromPlace = (act: Act): string => JSON.stringify({ ...act, ...mapPlaces(act, () => 0) });
function mapPlaces(act: Act, to: (at: number, key: 'pin' | 'from') => number) {
	const places = placesOf(act);
	return Object.fromEntries(
		(['pin', 'from'] as const).flatMap((key) => {
			const at = places[key];
			return at === undefined ? [] : [[key, to(at, key)]];
		})
	);
}

/**
 * What goes on as the last acts did: the shortest run of them that was done twice alike, each at the pin as much further on.
 * Pins are from 0 to under `pins`, where it ends. None where nothing repeats.
 */
export function soOn(acts: readonly Act[], pins: number, turns: number): Act[] {
	for (let run = 1; run <= MOST && 2 * run <= acts.length; run++) {
		const last = acts.slice(-run);
		const before = acts.slice(-2 * run, -run);
		if (last.some((a, i) => apartFromPlace(a) !== apartFromPlace(before[i] ?? a))) continue;
		// What jumps about is no habit.
		const far = last.some((act, i) => {
			const was = placesOf(before[i] ?? act);
			return Object.values(mapPlaces(act, (at, key) => Math.abs(at - (was[key] ?? at)))).some(
				(by) => by > NEAR
			);
		});
		if (far) continue;
		const next: Act[] = [];
		for (let t = 1; t <= turns; t++)
			for (const [i, act] of last.entries()) {
				const was = placesOf(before[i] ?? act);
				const moved = mapPlaces(act, (at, key) => at + t * (at - (was[key] ?? at)));
				if (Object.values(moved).some((p) => Number(p) < 0 || Number(p) >= pins)) return next;
				next.push({ ...act, ...moved } as Act);
			}
		return next;
	}
	return [];
}
