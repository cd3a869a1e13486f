import { HEIGHT, WIDTH, type Ink } from '../drawing/ink';
import type { Drawing } from '../drawing/drawing';
import type { Say } from '../../quantity/say';

/** A step of work at the table: how it is said, and how all lies after it. */
export interface AtTable {
	readonly says: string;
	readonly draw: () => readonly Ink[];
}

/** A technique at the table, step by step, from what it is done to; and the step by which it is known, from 0. */
export interface TableDemo {
	steps(d: Drawing, s: Say): readonly AtTable[];
	readonly pictured: number;
}

export const LEFT = 14;
export const RIGHT = WIDTH - 14;
export const MIDDLE = { x: WIDTH / 2, y: HEIGHT / 2 };

/** Sentences of one breath. */
export const inOneBreath = (said: readonly string[]): string =>
	said.map((x, i) => (i === 0 ? x : x.charAt(0).toLowerCase() + x.slice(1))).join('; ');

/**
 * Acts played one after another, and how all lies after each breath of them.
 * @throws {RangeError} where an act cannot be
 */
export function played<S, A>(
	start: S,
	act: (state: S, a: A) => S,
	breaths: readonly (readonly A[])[],
	shown: {
		/** Left out of what is said where it is null. */
		says(a: A, before: S): string | null;
		draw(state: S): readonly Ink[];
		/** How all lies before. */
		readonly first: string;
	}
): AtTable[] {
	let state = start;
	const steps = breaths.map((breath): AtTable => {
		const says = breath.flatMap((a) => {
			const said = shown.says(a, state);
			state = act(state, a);
			return said === null ? [] : [said];
		});
		const after = state;
		return { says: inOneBreath(says), draw: () => shown.draw(after) };
	});
	return [{ says: shown.first, draw: () => shown.draw(start) }, ...steps];
}
