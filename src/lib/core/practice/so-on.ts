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
function mapPlaces(
	act: Act,
	to: (at: number, key: 'pin' | 'from') => number
): { pin?: number; from?: number } {
	const places = placesOf(act);
	return Object.fromEntries(
		(['pin', 'from'] as const).flatMap((key) => {
			const at = places[key];
			return at === undefined ? [] : [[key, to(at, key)]];
		})
	);
}

/** What was done twice alike, and how far each went on by at its second time; null where nothing repeats within `near` pins. */
interface Habit {
	readonly last: readonly Act[];
	on(act: Act, i: number, times: number): { pin?: number; from?: number };
}
function habitOf(acts: readonly Act[], near: number): Habit | null {
	for (let run = 1; run <= MOST && 2 * run <= acts.length; run++) {
		const last = acts.slice(-run);
		const before = acts.slice(-2 * run, -run);
		if (last.some((a, i) => apartFromPlace(a) !== apartFromPlace(before[i] ?? a))) continue;
		const was = (act: Act, i: number) => placesOf(before[i] ?? act);
		// What jumps about is no habit.
		const far = last.some((act, i) =>
			Object.values(mapPlaces(act, (at, key) => Math.abs(at - (was(act, i)[key] ?? at)))).some(
				(by) => by > near
			)
		);
		if (far) continue;
		return {
			last,
			on: (act, i, times) =>
				mapPlaces(act, (at, key) => at + times * (at - (was(act, i)[key] ?? at)))
		};
	}
	return null;
}

/**
 * What goes on as the last acts did: the shortest run of them that was done twice alike, each at the pin as much further on.
 * Pins are from 0 to under `pins`, where it ends. None where nothing repeats.
 */
export function soOn(acts: readonly Act[], pins: number, turns: number): Act[] {
	const habit = habitOf(acts, NEAR);
	if (!habit) return [];
	const next: Act[] = [];
	for (let t = 1; t <= turns; t++)
		for (const [i, act] of habit.last.entries()) {
			const moved = habit.on(act, i, t);
			if (Object.values(moved).some((p) => p < 0 || p >= pins)) return next;
			next.push({ ...act, ...moved } as Act);
		}
	return next;
}

/** The pin, from 0, where a hand that goes on from pin to pin has its next act; null where it does not, or is at the end. */
export function pointsOn(acts: readonly Act[], pins: number): number | null {
	const habit = habitOf(acts, 1);
	const [act] = habit?.last ?? [];
	if (!habit || !act) return null;
	const { pin } = habit.on(act, 0, 1);
	return pin === undefined || pin < 0 || pin >= pins ? null : pin;
}
