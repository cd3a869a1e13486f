import { yarnAmount, type YarnAmount } from '../amounts/yarn';
import type { Gauge } from '../gauge/gauge';
import type { Machine, Yarn } from '../model/bench';
import type { KnittedPiece } from './piece';

/** An e-wrap goes once round every pin: about twice the way past them (from memory). */
const WRAP_TIMES = 2;

interface Input {
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly knitted: readonly KnittedPiece[];
}

/** Yarn of all pieces and their copies, by yarn. At which row it runs out is known where there is one piece. */
export function amountsOf({ machine, yarns, gauges, knitted }: Input): YarnAmount[] {
	const alone = knitted.length === 1 && knitted[0]!.piece.count === 1;
	return yarns.flatMap((of, yarn) => {
		const stitches = knitted.reduce((t, k) => t + (k.stitches.get(yarn) ?? 0) * k.piece.count, 0);
		if (stitches === 0) return [];
		const castOn = (k: KnittedPiece): number => {
			if (k.wasteStart || k.runs[0]?.yarn !== yarn) return 0;
			const way = (machine.ringCm * k.share) / 100;
			return k.piece.count * (k.share < 1 ? WRAP_TIMES * way : way);
		};
		return [
			yarnAmount({
				yarn,
				of,
				gauge: gauges[yarn]!,
				stitches,
				runs: alone ? knitted[0]!.runs : [],
				tails: knitted.flatMap((k) =>
					Array.from({ length: k.piece.count }, () => k.tails.filter((t) => t.yarn === yarn)).flat()
				),
				pins: machine.pins,
				castOnMetres: knitted.reduce((t, k) => t + castOn(k), 0)
			})
		];
	});
}
