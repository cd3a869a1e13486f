import { stepIn, type Assembly, type AssemblyStep } from '../assembly/assembly';
import { effectiveTex } from '../bench/yarn/tex';
import type { Yarn } from '../model/bench';
import { TRIM_KINDS, type Trim, type TrimKind } from '../model/trim';
import { pomPomCm, usualWraps, wrappedCm } from '../recipe/things/form/pom-pom';

/** A strand that ties a pom-pom: 12 to 15 in (common practice). */
const TIE_CM = 34;

/** What can be added to a thing that is put together so: a cord runs where an end is bound or hemmed, and nothing is added twice. */
export const trimsFor = (assembly: Assembly): TrimKind[] =>
	TRIM_KINDS.filter((kind) => {
		if (kind === 'pom-pom') return !stepIn(assembly, 'wind');
		if (kind === 'drawstring')
			return (
				!stepIn(assembly, 'drawstring') &&
				(stepIn(assembly, 'bind') ?? stepIn(assembly, 'hem')) !== undefined
			);
		return true;
	});

function stepsFor(trim: Trim, assembly: Assembly, yarn: Yarn): AssemblyStep[] {
	switch (trim.kind) {
		case 'pom-pom': {
			const { count, cardCm } = trim;
			const wraps = usualWraps(cardCm, effectiveTex(yarn));
			const metres = (count * wrappedCm(wraps, cardCm)) / 100;
			return [
				{ do: 'wind', wraps, cardCm, count, yarns: [{ yarn: 0, metres }], sharp: false },
				{ do: 'tie-cut', cm: pomPomCm(cardCm), tieCm: TIE_CM, count, yarn: 0 },
				{ do: 'fix-pom' }
			];
		}
		case 'drawstring': {
			const at = stepIn(assembly, 'bind') ?? stepIn(assembly, 'hem');
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
	const suits = trimsFor(assembly);
	const added = trims
		.filter((t) => suits.includes(t.kind))
		.flatMap((t) => stepsFor(t, assembly, yarn));
	const end = assembly.findIndex((s) => s.do === 'measure');
	return end < 0
		? [...assembly, ...added]
		: [...assembly.slice(0, end), ...added, ...assembly.slice(end)];
}
