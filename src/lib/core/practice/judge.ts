import type { Act } from '../program/hand';
import type { Hand } from '../simulate/hand/hand';
import { play } from '../simulate/hand/play';
import { learnerFor, ringOf } from './acts';
import type { Learner, Try, Wrong } from './lesson';

/** What came of a try. */
export interface Judged {
	/** The first thing that went wrong; null where nothing did. */
	readonly first: Wrong | null;
	/** The act of the maker that it came of, from 0; null where it is something left undone. */
	readonly act: number | null;
	/** Further things that went wrong. */
	readonly more: number;
	readonly good: number;
	readonly of: number;
	/** The state when the maker was done, and what it has become forty rows later. */
	readonly done: Hand;
	readonly later: Hand;
}

/** The machine after these acts of the maker, from the start of a try. */
export const stateAfter = (t: Try, m: Learner, acts: readonly Act[]): Hand =>
	play([...t.setup(learnerFor(m, t)), ...acts], ringOf(m, t));

/** The acts of the hand that does it right. */
export const perfectActs = (t: Try, m: Learner): Act[] =>
	t.perfect(learnerFor(m, t)).flatMap((s) => s.acts);

/**
 * Judges a try by what the machine made of it: the first slip in time, else what is found undone or otherwise at the end. Only
 * the state is asked, never which way the hand got there.
 */
export function judge(t: Try, learner: Learner, acts: readonly Act[]): Judged {
	const m = learnerFor(learner, t);
	const ring = ringOf(learner, t);
	const setup = t.setup(m);
	const all = [...setup, ...acts];
	const stood = play(all, ring);
	const finished = [...all, ...(t.finish?.(stood, m) ?? [])];
	const done = play(finished, ring);
	const fine = new Set<string>(t.fine ?? []);
	const slips = done.slips.filter((s) => s.act >= setup.length && !fine.has(s.code));
	const [slip] = slips;
	const end: Wrong | null =
		acts.length === 0
			? { code: 'not-finished', pin: null }
			: (t.ends ?? []).reduce<Wrong | null>((found, check) => found ?? check(done, m), null);
	const first = slip ? { code: slip.code, pin: slip.pin } : end;
	return {
		first,
		act: slip ? Math.min(acts.length - 1, slip.act - setup.length) : null,
		more: Math.max(0, slips.length - 1),
		good: Math.max(0, Math.min(t.counts.good(done, m), t.counts.of(done, m))),
		of: t.counts.of(done, m),
		done,
		later: play([...finished, ...t.later(done, m)], ring)
	};
}
