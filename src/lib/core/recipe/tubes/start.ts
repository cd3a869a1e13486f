import { gaugeBook } from '../../bench/gauge/book';
import { gaugeFor } from '../../bench/gauge/gauge';
import type { Machine, Yarn } from '../../model/bench';
import type { Bench } from '../../model/project';
import { entryAt } from '../../quantity/sure';
import type { TubeKind } from './kind';
import type { PlainTubeOptions } from './options';

/** A tube pulled on is worn stretched by a third or so: with this much, and between these, it is begun (from memory). */
const BEGUN = { usual: 0.35, least: 0.1, most: 0.6 };

/** What a tube that is pulled on goes round: its usual, or the size of its table that the ring fits best. */
function aroundFor(
	kind: TubeKind,
	bench: Bench,
	yarn: Yarn,
	machine: Machine | undefined
): number | null {
	const { around, sizes = [] } = kind;
	if (around?.by !== 'width' || sizes.length === 0 || !machine) return null;
	const { stitchesPerCm } = gaugeFor({ machine, yarn, book: gaugeBook(bench), useFresh: false });
	const round = machine.pins / stitchesPerCm.mean;
	const stretch = around.usualCm / round - 1;
	if (stretch >= BEGUN.least && stretch <= BEGUN.most) return null;
	const off = (cm: number) => Math.abs(Math.log(cm / (round * (1 + BEGUN.usual))));
	const best = entryAt(
		[...sizes].sort((x, y) => off(x.cm) - off(y.cm)),
		0
	);
	return off(best.cm) < off(around.usualCm) ? best.cm : null;
}

/** What a kind of tube begins with, every option told; its schema keeps what means something to it. */
export function usual(
	kind: TubeKind,
	bench: Bench,
	machine: Machine | undefined
): PlainTubeOptions | undefined {
	const [a, b] = bench.yarns;
	if (!a) return undefined;
	return {
		recipe: kind.id,
		yarns: kind.stripes.includes('B') ? [a.id, (b ?? a).id] : [a.id],
		stripes: kind.stripes,
		fill: 'repeat',
		length: { by: kind.ownEnds ? 'line' : 'fit' },
		aroundCm: aroundFor(kind, bench, a, machine),
		twist: false,
		ends: { castOn: 'bind', castOff: 'bind' },
		closing: 'slip',
		hemRows: null,
		purlOut: kind.purlOut ?? false,
		thumbCm: null,
		chains: null,
		holds: { by: 'any' },
		legCm: null,
		cuffRounds: 1,
		heightCm: null,
		pins: kind.cord?.usualPins ?? 3,
		wasteStart: 5,
		// The first row of a hem has to be found again.
		wasteWith: kind.hem ? 'ravel' : 'yarn',
		wasteEnd: 0,
		joinTails: 'tie'
	};
}
