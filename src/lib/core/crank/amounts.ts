import { entryAt, got } from '../quantity/sure';
import { yarnAmount, type YarnAmount } from './amount';
import type { Yarn } from '../model/bench';
import type { KnittedPiece } from './piece';

/** An e-wrap goes once round every pin: about twice the way past them (from memory). */
const WRAP_TIMES = 2;

interface Input {
	readonly yarns: readonly Yarn[];
	readonly knitted: readonly KnittedPiece[];
	/** Worked by hand, of all pieces together. */
	readonly hand: readonly HandYarn[];
}

/** Yarn worked by hand, apart from the machine. */
export interface HandYarn {
	/** By its place in the list of yarns used. */
	readonly yarn: number;
	readonly metres: number;
}

/** Yarn of all pieces and their copies, by yarn. At which row it runs out is known where there is one piece. */
export function amountsOf({ yarns, knitted, hand }: Input): YarnAmount[] {
	const alone = knitted.length === 1 && entryAt(knitted, 0).piece.count === 1;
	return yarns.flatMap((of, yarn) => {
		const takes = knitted.filter((k) => (k.stitches.get(yarn) ?? 0) > 0);
		const handMetres = hand.reduce((t, h) => t + (h.yarn === yarn ? h.metres : 0), 0);
		if (takes.length === 0 && handMetres === 0) return [];
		const castOn = (k: KnittedPiece): number => {
			if (k.piece.waste['cast-on'] || k.piece.runs[0]?.yarn !== yarn) return 0;
			const way = (k.piece.machine.ringCm * k.share) / 100;
			const wrapped = k.piece.program.some((o) => o.op === 'cast-on' && o.method === 'e-wrap');
			return k.piece.count * (wrapped ? WRAP_TIMES * way : way);
		};
		// What is knitted on one machine has one gauge.
		const machines = [...new Set(takes.map((k) => k.piece.machine))];
		const stitchesOn = machines.map((machine) => {
			const there = takes.filter((k) => k.piece.machine === machine);
			return {
				gauge: entryAt(entryAt(there, 0).piece.gauges, yarn),
				stitches: there.reduce((t, k) => t + got(k.stitches, yarn) * k.piece.count, 0)
			};
		});
		return [
			yarnAmount({
				yarn,
				of,
				stitchesOn,
				handMetres,
				runs: alone ? entryAt(knitted, 0).piece.runs : [],
				tails: knitted.flatMap((k) =>
					Array.from({ length: k.piece.count }, () =>
						k.piece.tails.filter((t) => t.yarn === yarn)
					).flat()
				),
				pins: knitted[0]?.piece.machine.pins ?? 0,
				castOnMetres: knitted.reduce((t, k) => t + castOn(k), 0)
			})
		];
	});
}
