import type { Assembly } from '../assembly/assembly';
import type { Yarn } from '../model/bench';
import type { GatherWith } from '../model/gather-with';

/** The assembly with its ends drawn up as the maker chose: all of them alike. */
export function gathered(
	assembly: Assembly,
	how: GatherWith | undefined,
	yarns: readonly Yarn[]
): Assembly {
	if (!how) return assembly;
	const yarn = how.how === 'yarn' ? yarns.findIndex((y) => y.id === how.yarnId) : -1;
	if (how.how === 'yarn' && yarn < 0) return assembly;
	const by = how.how === 'doubled' ? 'doubled' : { yarn, name: yarns[yarn]?.colourName ?? 'yarn' };
	return assembly.map((s) => (s.do === 'gather' ? { ...s, with: by } : s));
}
