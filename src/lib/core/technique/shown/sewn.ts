import { needle, n, yarn, type Ink } from '../drawing/ink';
import type { Border, Sewn } from '../../table/thread';
import { last } from '../../quantity/sure';

/** Where a place of a border lies, and which way a thread goes under it, radians. */
export interface Spot {
	readonly x: number;
	readonly y: number;
	readonly way: number;
}
/** How borders lie: what is under all, and where each place is with the mark that it is drawn by. */
export interface Lying {
	ground(s: Sewn): readonly Ink[];
	at(s: Sewn, of: Border, place: number): Spot;
	mark(spot: Spot, of: Border): Ink;
	readonly thick?: number;
	/** Without a needle: a cord is drawn through by itself. */
	readonly needle?: false;
	/** Over all. */
	over?(s: Sewn): readonly Ink[];
}

const HALF = 6;
const beyond = ({ x, y, way }: Spot, by: number) => ({
	x: x + by * Math.cos(way),
	y: y + by * Math.sin(way)
});

/** Borders and thread as they lie: the thread over what it passes over, and under what it passes under. */
export function sewnInks(s: Sewn, lying: Lying): Ink[] {
	const marks = (['a', 'b'] as const).flatMap((of) =>
		Array.from({ length: s.places[of] }, (_, i) => ({
			under: s.passes.some((p) => p.of === of && p.at === i + 1),
			ink: lying.mark(lying.at(s, of, i + 1), of)
		}))
	);
	const spots = s.passes.map((p) => lying.at(s, p.of, p.at));
	const path = spots
		.flatMap((spot) => [beyond(spot, -HALF), beyond(spot, HALF)])
		.map((p, i) => `${i === 0 ? 'M' : 'L'}${n(p.x)} ${n(p.y)}`)
		.join('');
	const point =
		spots.length > 0 && !s.cut && !s.knotted && lying.needle !== false
			? beyond(last(spots), HALF + 22)
			: null;
	return [
		...lying.ground(s),
		...marks.filter((m) => !m.under).map((m) => m.ink),
		...(path === '' ? [] : [yarn(path, 'work', lying.thick ?? 2.6)]),
		...marks.filter((m) => m.under).map((m) => m.ink),
		...(lying.over?.(s) ?? []),
		...(point ? [needle(point.x, point.y, last(spots).way)] : [])
	];
}
