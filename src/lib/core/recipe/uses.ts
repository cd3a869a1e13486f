import type { MachineId, YarnId } from '../model/bench';
import type { ColourScheme, Wish } from '../model/wish';

/** What options name of the bench, read off them alone: no recipe has to be loaded for it. */

export const inScheme = (scheme: ColourScheme): YarnId[] => {
	switch (scheme.kind) {
		case 'one':
			return [scheme.yarn];
		case 'outer-lining':
			return [scheme.outer, scheme.lining];
		case 'false-brim':
			return [scheme.main, scheme.brim];
		case 'stripes':
			return scheme.yarns;
	}
};

function schemeWith(scheme: ColourScheme, swap: (id: YarnId) => YarnId): ColourScheme {
	switch (scheme.kind) {
		case 'one':
			return { ...scheme, yarn: swap(scheme.yarn) };
		case 'outer-lining':
			return { ...scheme, outer: swap(scheme.outer), lining: swap(scheme.lining) };
		case 'false-brim':
			return { ...scheme, main: swap(scheme.main), brim: swap(scheme.brim) };
		case 'stripes':
			return { ...scheme, yarns: scheme.yarns.map(swap) };
	}
}

/** Yarns that options name, the main one first, each once. */
export const yarnsOf = (wish: Wish): YarnId[] => [
	...new Set('yarns' in wish ? wish.yarns : inScheme(wish.scheme))
];

/** Machines that options name for single parts, beside the project's own. */
export function machinesOf(wish: Wish): MachineId[] {
	const parts = 'parts' in wish ? wish.parts : 'items' in wish ? wish.items : [];
	return [...new Set(parts.flatMap((x) => (x.on ? [x.on] : [])))];
}

/** The same options with one yarn in the place of another, wherever it stands. */
export function withYarn<W extends Wish>(wish: W, from: YarnId, to: YarnId): W {
	const swap = (id: YarnId) => (id === from ? to : id);
	return 'yarns' in wish
		? { ...wish, yarns: wish.yarns.map(swap) }
		: { ...wish, scheme: schemeWith(wish.scheme, swap) };
}
