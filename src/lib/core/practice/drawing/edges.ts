import { line, n, yarn, type Ink } from '../../technique/drawing/ink';
import { isSpare } from '../../program/program';
import { BASE_Y, type Looked, type Place } from './looked';
import { loopOn, PITCH, STITCH } from './marks';

/** The bar outside an edge pin, and the yarn under it where it was seen to; the strand of a held group; a card. */
export function atEdges({ hand }: Looked, places: readonly Place[]): Ink[] {
	const { bed } = hand;
	const ends = bed.ends();
	const inks: Ink[] = [];
	const at = (pin: number) => places.find((p) => p.pin === pin);
	if (hand.isPanel && ends)
		for (const [edge, beyond] of [
			[ends.low, ends.low - 1],
			[ends.high, ends.high + 1]
		] as const) {
			const [a, b] = [at(edge), at(beyond)];
			if (!a || !b) continue;
			const x = (a.x + b.x) / 2;
			inks.push(line(`M${n(x)} 92V112`));
			// Where the ring stands there, the yarn is under its bar once it was seen to.
			const here = edge === ends.high ? hand.pos > edge : hand.pos <= edge;
			if (here && hand.atEdge.bar)
				inks.push(
					yarn(
						`M${n(a.x)} 84C${n(x)} ${hand.atEdge.snug ? 92 : 122} ${n(x + (x - a.x) * 0.6)} ${hand.atEdge.snug ? 96 : 124} ${n(x)} 86`,
						'work',
						3
					)
				);
		}
	const held = [...bed.held.low, ...bed.held.high]
		.map((h) => at(h.pin))
		.filter((p) => p !== undefined);
	for (const p of held) inks.push(loopOn(p.x, { top: 92, base: BASE_Y }, 'fabric'));
	if (held.length > 0)
		inks.push(
			yarn(held.map((p) => `M${n(p.x - PITCH / 2)} 100H${n(p.x + PITCH / 2)}`).join(''), 'waste', 4)
		);
	for (const [pin] of bed.extensions) {
		const [a, b] = [at(pin), at(pin + 1)];
		if (a && b) inks.push(line(`M${n((a.x + b.x) / 2 - 6)} 40h12v70h-12z`));
	}
	return inks;
}

/** Tails at a change of yarn, inside behind the fabric or outside before it, and their knot; as far down as it has grown since. */
export function tailsOf(
	{ hand, rows }: Looked,
	places: readonly Place[],
	side: 'inside' | 'outside'
): Ink[] {
	return hand.tails.flatMap((tail) => {
		const at = places.find((p) => p.pin === tail.pin);
		const since = hand.bed.row - tail.row;
		if (!at || tail.side !== side || since >= rows || !hand.bed.ends()) return [];
		const x = at.x + (tail.is === 'old' ? PITCH / 2 - 3 : 3 - PITCH / 2);
		const y = BASE_Y + since * STITCH - 8;
		const long = Math.min(40, 8 + tail.cm);
		const knot =
			tail.is === 'new' && hand.tied === tail.row
				? [line(`M${n(x - 5)} ${y + 10}h10m-5-5v10`)]
				: [];
		return [
			yarn(
				`M${n(x)} ${y}c6 ${long / 3} -6 ${(2 * long) / 3} 0 ${long}`,
				isSpare(tail.yarn) ? 'waste' : 'work',
				3
			),
			...knot
		];
	});
}
