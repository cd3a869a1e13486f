import { last } from '../quantity/sure';

/** A border that a thread goes through; its places are counted from 1. */
export type Border = 'a' | 'b';
/** Under one place of a border and out again: a bar, a loop or a stitch. What is not passed under is passed over. */
export interface Pass {
	readonly of: Border;
	readonly at: number;
}
/** What a hand does with a needle. */
export type Stitch =
	| ({ readonly do: 'pass' } & Pass)
	| { readonly do: 'pin'; readonly at: 'left' | 'right' }
	/** All that was passed so far lies snug. */
	| { readonly do: 'snug' }
	/** Once round what was drawn up. */
	| { readonly do: 'wind' }
	| { readonly do: 'knot' }
	/** The ends sunk into what is stuffed. */
	| { readonly do: 'sink' }
	| { readonly do: 'cut' };

/** Borders on the table and the thread in them, as it lies. */
export interface Sewn {
	readonly places: Readonly<Record<Border, number>>;
	readonly passes: readonly Pass[];
	/** So many passes, from the first, lie snug. */
	readonly snug: number;
	readonly pins: readonly ('left' | 'right')[];
	readonly wound: number;
	readonly knotted: boolean;
	readonly sunk: boolean;
	readonly cut: boolean;
}

/** Two borders with so many places, and a thread that is in none of them. */
export const laid = (a: number, b = 0): Sewn => ({
	places: { a, b },
	passes: [],
	snug: 0,
	pins: [],
	wound: 0,
	knotted: false,
	sunk: false,
	cut: false
});

function passed(s: Sewn, { of, at }: Pass): Sewn {
	if (!Number.isInteger(at) || at < 1 || at > s.places[of])
		throw new RangeError(`There is no place ${at} on border ${of}.`);
	const before = s.passes.at(-1);
	if (before?.of === of && before.at === at)
		throw new RangeError('Back under the same place the thread comes out again.');
	return { ...s, passes: [...s.passes, { of, at }] };
}

/**
 * What a stitch makes of it.
 * @throws {RangeError} where no thread can go, nothing is there to be drawn up, or the yarn is cut.
 */
export function sew(s: Sewn, stitch: Stitch): Sewn {
	if (s.cut) throw new RangeError('The yarn is cut.');
	switch (stitch.do) {
		case 'pass':
			return passed(s, stitch);
		case 'pin':
			return { ...s, pins: [...s.pins, stitch.at] };
		case 'snug':
			if (s.passes.length === 0) throw new RangeError('The thread is in nothing yet.');
			return { ...s, snug: s.passes.length };
		case 'wind':
			if (s.snug < s.passes.length) throw new RangeError('It is not drawn up yet.');
			return { ...s, wound: s.wound + 1 };
		case 'knot':
			return { ...s, knotted: true };
		case 'sink':
			if (!s.knotted) throw new RangeError('It is not knotted yet.');
			return { ...s, sunk: true };
		case 'cut':
			return { ...s, cut: true };
	}
}

/** Places of a border between the first and the last that was passed under that were passed over. */
export function passedOver(s: Sewn, of: Border): number[] {
	const taken = s.passes.filter((p) => p.of === of).map((p) => p.at);
	if (taken.length === 0) return [];
	const [low, high] = [Math.min(...taken), Math.max(...taken)];
	return Array.from({ length: high - low + 1 }, (_, i) => low + i).filter(
		(at) => !taken.includes(at)
	);
}

/** How far a border lies snug: the last of its places that does, 0 where none. */
export function snugTo(s: Sewn, of: Border): number {
	const taken = s.passes.slice(0, s.snug).filter((p) => p.of === of);
	return taken.length === 0 ? 0 : last(taken).at;
}
