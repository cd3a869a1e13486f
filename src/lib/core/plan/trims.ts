import { stepIn, type Assembly, type AssemblyStep } from '../assembly/assembly';
import { effectiveTex } from '../bench/yarn/tex';
import type { Yarn } from '../model/bench';
import { TRIM_KINDS, type TrimKind } from '../model/kinds';
import type { WorkedPiece } from '../crank/piece';
import type { Trim } from '../model/trim';
import { MOST_CHAINS } from '../quantity/bounds';
import { drawstringChains } from '../quantity/chain';
import { pomPomCm, TIE_CM, usualWraps, wrappedCm } from '../recipe/assembled/form/pom-pom';

/** Where a cord can run: through a hem, or below a bound edge. */
const channelOf = (assembly: Assembly) => stepIn(assembly, 'hem') ?? stepIn(assembly, 'bind');

/** Whether what is added can be worked on a thing that is put together so; else it is left out. */
export const suits = (kind: TrimKind, assembly: Assembly): boolean =>
	kind !== 'drawstring' || channelOf(assembly) !== undefined;

/** What can be added to a thing that is put together so: nothing twice. */
export const trimsFor = (assembly: Assembly): TrimKind[] =>
	TRIM_KINDS.filter((kind) => {
		if (kind === 'pom-pom') return !stepIn(assembly, 'wind');
		if (kind === 'drawstring') return suits(kind, assembly) && !stepIn(assembly, 'drawstring');
		return true;
	});

/** What is added usually: a drawstring as long as its channel asks. */
export function usualTrim(
	kind: TrimKind,
	{ assembly, pieces }: { readonly assembly: Assembly; readonly pieces: readonly WorkedPiece[] }
): Trim {
	switch (kind) {
		case 'pom-pom':
			return { kind, count: 1, cardCm: 8 };
		case 'drawstring': {
			const p = pieces.find((x) => x.id === channelOf(assembly)?.piece);
			const round = p ? p.stitches.first / (p.gauges[0]?.stitchesPerCm.mean ?? 1) : 0;
			return { kind, chains: Math.min(MOST_CHAINS, drawstringChains(round)) };
		}
		case 'button':
			return { kind, count: 3 };
		default:
			return { kind, count: 1 };
	}
}

function stepsFor(trim: Trim, assembly: Assembly, yarn: Yarn): AssemblyStep[] {
	switch (trim.kind) {
		case 'pom-pom': {
			const { count, cardCm } = trim;
			const wraps = usualWraps(cardCm, effectiveTex(yarn));
			const metres = (count * wrappedCm(wraps, cardCm)) / 100;
			return [
				{ do: 'wind', wraps, cardCm, count, yarns: [{ yarn: 0, metres }] },
				{ do: 'tie-cut', cm: pomPomCm(cardCm), tieCm: TIE_CM, count, yarn: 0 },
				{ do: 'fix-pom' }
			];
		}
		case 'drawstring': {
			const at = channelOf(assembly);
			return at ? [{ do: 'drawstring', piece: at.piece, chains: trim.chains }] : [];
		}
		default:
			return [{ do: 'sew-on', what: trim.kind, count: trim.count }];
	}
}

/** The assembly with what the maker adds to it, done last but for measuring; what does not suit is left out. */
export function trimmed(
	assembly: Assembly,
	trims: readonly Trim[],
	yarn: Yarn | undefined
): Assembly {
	if (trims.length === 0 || !yarn) return assembly;
	const open = trimsFor(assembly);
	const added = trims
		.filter((t) => open.includes(t.kind))
		.flatMap((t) => stepsFor(t, assembly, yarn));
	const end = assembly.findIndex((s) => s.do === 'measure');
	return end < 0
		? [...assembly, ...added]
		: [...assembly.slice(0, end), ...added, ...assembly.slice(end)];
}
