import { entryAt } from '../quantity/sure';
import type { Assembly } from './assembly';

/**
 * A fold of the tube's wall, in rows along it: all that lies past `line` goes back over the rest, to the inside or the
 * outside. `line` is where the wall lies now, after the folds before it; half-way through a row is allowed.
 */
export interface Fold {
	readonly line: number;
	readonly past: 'below' | 'above';
	readonly to: 'inside' | 'outside';
	readonly id: 'tuck' | 'hem' | 'turn-up';
}

/** Where a piece of wall lies: how far along, in which layer (0 the wall itself, higher is further out), which side is out. */
export interface Laid {
	readonly at: number;
	readonly layer: number;
	readonly faceOut: boolean;
}

/** Where one row ends up. Rows count from 0; `at` is the middle of it, in rows along the folded thing. */
export interface RowPlace extends Laid {
	readonly row: number;
	/** Whether it is looked at from outside. */
	readonly seen: boolean;
	/** What it is a part of: the outside, the second layer within, a brim turned up, a hem's inner half. */
	readonly part: 'outside' | 'lining' | 'brim' | 'hem';
}

/**
 * A tuck folds at its row, a hem at its middle; a brim is turned up from the tuck's fold, by so much of what `at` measures:
 * rows, or cm along the wall.
 */
export function foldsOf(
	assembly: Assembly,
	brim = 0,
	at: (row: number) => number = (row) => row
): Fold[] {
	return assembly.flatMap((s): Fold[] => {
		switch (s.do) {
			case 'tuck':
				return [
					{
						id: 'tuck',
						line: at(s.atRow),
						past: s.inner === 'cast-off' ? 'above' : 'below',
						to: 'inside'
					}
				];
			case 'hem':
				return [{ id: 'hem', line: (at(0) + at(s.rows)) / 2, past: 'below', to: 'inside' }];
			case 'turn-up': {
				const tuck = assembly.find((a) => a.do === 'tuck');
				if (tuck?.do !== 'tuck' || brim <= 0) return [];
				// Once tucked, everything lies on the outer's side of the fold.
				return tuck.inner === 'cast-off'
					? [{ id: 'turn-up', line: at(tuck.atRow) - brim, past: 'above', to: 'outside' }]
					: [{ id: 'turn-up', line: at(tuck.atRow) + brim, past: 'below', to: 'outside' }];
			}
			default:
				return [];
		}
	});
}

const turnedOut = (assembly: Assembly): boolean => assembly.some((s) => s.do === 'inside-out');

/** Lays points of the wall (in rows from its start) by folds, one after the other. */
export function lay(points: readonly number[], folds: readonly Fold[], insideOut = false): Laid[] {
	let laid: Laid[] = points.map((at) => ({ at, layer: 0, faceOut: true }));
	for (const f of folds) {
		const goes = (l: Laid) => (f.past === 'below' ? l.at < f.line : l.at > f.line);
		const layers = laid.map((l) => l.layer);
		const moving = laid.filter(goes).map((l) => l.layer);
		if (moving.length === 0) continue;
		const [low, high] = [Math.min(...layers), Math.max(...layers)];
		const [from, to] = [Math.min(...moving), Math.max(...moving)];
		laid = laid.map((l) =>
			goes(l)
				? {
						at: 2 * f.line - l.at,
						// What lay nearest the rest stays nearest it.
						layer: f.to === 'inside' ? low - 1 - (l.layer - from) : high + 1 + (to - l.layer),
						faceOut: !l.faceOut
					}
				: l
		);
	}
	return insideOut ? laid.map((l) => ({ at: l.at, layer: -l.layer, faceOut: !l.faceOut })) : laid;
}

function partOf(row: number, place: Laid, folds: readonly Fold[]): RowPlace['part'] {
	const tuck = folds.find((f) => f.id === 'tuck');
	const hem = folds.find((f) => f.id === 'hem');
	if (hem && row < hem.line) return 'hem';
	if (!tuck) return 'outside';
	const inner = tuck.past === 'above' ? row >= tuck.line : row < tuck.line;
	if (place.layer > 0) return 'brim';
	return inner ? 'lining' : 'outside';
}

/**
 * Every row of a piece, where the assembly puts it; worked out by half rows, since a fold may go through the middle of one.
 * Such a row is where its outer half is. Linear in rows.
 */
export function placesOf(rows: number, assembly: Assembly, brimRows = 0): RowPlace[] {
	const folds = foldsOf(assembly, brimRows);
	const halves = lay(
		Array.from({ length: 2 * rows }, (_, half) => half / 2 + 0.25),
		folds,
		turnedOut(assembly)
	);
	const outermost = new Map<number, number>();
	const cell = (l: Laid) => Math.floor(2 * l.at);
	for (const l of halves)
		outermost.set(cell(l), Math.max(outermost.get(cell(l)) ?? -Infinity, l.layer));
	const seen = (l: Laid) => outermost.get(cell(l)) === l.layer;
	return Array.from({ length: rows }, (_, row) => {
		const [a, b] = [entryAt(halves, 2 * row), entryAt(halves, 2 * row + 1)];
		const outer = a.layer >= b.layer ? a : b;
		return {
			row,
			at: (a.at + b.at) / 2,
			layer: outer.layer,
			faceOut: outer.faceOut,
			seen: seen(a) || seen(b),
			part: partOf(outer === a ? row + 0.25 : row + 0.75, outer, folds)
		};
	});
}

/** A colour change that nobody sees: both rows at it lie hidden. Rows at which the new yarn begins. */
export function hiddenJoins(
	runs: readonly { readonly from: number }[],
	places: readonly RowPlace[]
): number[] {
	return runs
		.map((r) => r.from)
		.filter((row) => row > 0 && !places[row]?.seen && !places[row - 1]?.seen);
}

/** Where one yarn lies directly under another that is seen: how many rows, by the pair. */
export function showsThrough(
	yarnAt: (row: number) => number | undefined,
	places: readonly RowPlace[]
): { over: number; under: number; rows: number }[] {
	const stacks = new Map<number, RowPlace[]>();
	for (const p of places) {
		const at = Math.floor(p.at);
		const here = stacks.get(at);
		if (here) here.push(p);
		else stacks.set(at, [p]);
	}
	const pairs = new Map<string, { over: number; under: number; rows: number }>();
	for (const stack of stacks.values()) {
		const [top, next] = stack.sort((a, b) => b.layer - a.layer);
		const over = top && yarnAt(top.row);
		const under = next && yarnAt(next.row);
		if (over === undefined || under === undefined || over === under) continue;
		const key = `${over} ${under}`;
		const known = pairs.get(key);
		pairs.set(key, { over, under, rows: (known?.rows ?? 0) + 1 });
	}
	return [...pairs.values()].sort((a, b) => b.rows - a.rows);
}
