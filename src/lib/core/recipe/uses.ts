import type { MachineId, YarnId } from '../model/bench';
import type { WasteWith } from '../model/kinds';
import type { ColourScheme } from './hats/scheme';
import { inScheme } from './hats/in-scheme';
import type { Options } from '../model/options';
import type { Project } from '../model/project';

/** What options name of the bench, read off them alone: no recipe has to be loaded for it. */

/** Where yarns and single parts' machines stand, in the options of any recipe. */
interface Uses {
	readonly yarns?: readonly YarnId[];
	readonly scheme?: ColourScheme;
	readonly parts?: readonly { readonly id: string; readonly on?: MachineId | null }[];
	readonly items?: readonly { readonly on?: MachineId | null }[];
	readonly joinTails?: 'tie' | 'weave';
}
const uses = (options: Options): Uses => options as Uses & Options;

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
export function yarnsOf(options: Options): YarnId[] {
	const { yarns, scheme } = uses(options);
	return [...new Set(yarns ?? (scheme ? inScheme(scheme) : []))];
}

/** Yarns that a project takes: those its options name, and what its ends are gathered with. */
export function yarnsOfProject({ options, gather }: Pick<Project, 'options' | 'gather'>): YarnId[] {
	const named = yarnsOf(options);
	return gather?.how === 'yarn' ? [...new Set([...named, gather.yarnId])] : named;
}

/** Every `on` within options, however deep. */
function onIn(x: unknown): MachineId[] {
	if (typeof x !== 'object' || x === null) return [];
	return Object.entries(x).flatMap(([key, inner]) =>
		key === 'on' && typeof inner === 'string' ? [inner as MachineId] : onIn(inner)
	);
}
/** Machines that options name for single parts, beside the project's own: what a part is made `on`. */
export const machinesOf = (options: Options): MachineId[] => [...new Set(onIn(options))];

/** The same options with every part whose machine is not here made on the project's. */
export const madeHere = <W extends Options>(options: W, here: (id: MachineId) => boolean): W =>
	homed(options, here) as W;
function homed(x: unknown, here: (id: MachineId) => boolean): unknown {
	if (Array.isArray(x)) return x.map((inner) => homed(inner, here));
	if (typeof x !== 'object' || x === null) return x;
	return Object.fromEntries(
		Object.entries(x).map(([key, inner]) => [
			key,
			key === 'on' && typeof inner === 'string'
				? here(inner as MachineId)
					? inner
					: null
				: homed(inner, here)
		])
	);
}

/** The same options with one yarn in the place of another, wherever it stands. */
export function withYarn<W extends Options>(options: W, from: YarnId, to: YarnId): W {
	const swap = (id: YarnId) => (id === from ? to : id);
	const { yarns, scheme } = uses(options);
	if (yarns) return { ...options, yarns: yarns.map(swap) };
	return scheme ? { ...options, scheme: schemeWith(scheme, swap) } : options;
}

/** A project's change that puts one yarn in the place of another, wherever it takes it. */
export const yarnSwapped = (
	{ options, gather }: Pick<Project, 'options' | 'gather'>,
	from: YarnId,
	to: YarnId
): Pick<Project, 'options' | 'gather'> => ({
	options: withYarn(options, from, to),
	...(gather?.how === 'yarn' && gather.yarnId === from && { gather: { ...gather, yarnId: to } })
});

/** The machine that options name for a piece, by the piece's key in the log; null where that is the project's. */
export function pieceMachine(options: Options, piece: string): MachineId | null {
	const id = piece.replace(/\.\d+$/, '');
	const { parts, items } = uses(options);
	const part = parts?.find((p) => partPiece(p) === id);
	const item = /^item-(\d+)-/.exec(id);
	return part?.on ?? (item && items?.[Number(item[1]) - 1]?.on) ?? null;
}

/** What the piece of a toy's part is called. */
export const partPiece = (part: { readonly id: string }): string => `part-${part.id}`.slice(0, 36);

/** How tails at joins are seen to; what joins nothing weaves its ends in. */
export const joinTailsOf = (options: Options): 'tie' | 'weave' =>
	uses(options).joinTails ?? 'weave';

/** The maker's own school of waste yarn and tails: what a new project begins with. */
export interface UsualWaste {
	readonly start: number;
	readonly with: WasteWith;
	readonly end: number;
	readonly joinTails: 'tie' | 'weave';
}
/** The same options with the maker's usual waste yarn and tails, where they take any. */
export const withUsual = <W extends Options>(options: W, usual: UsualWaste): W =>
	options.wasteStart !== undefined
		? {
				...options,
				wasteStart: usual.start,
				wasteWith: usual.with,
				wasteEnd: usual.end,
				joinTails: usual.joinTails
			}
		: options;

/** What is kept of options when all else begins again: what it is made of. */
export const coloursOf = (options: Options): object => {
	const { yarns } = uses(options);
	return yarns ? { yarns } : {};
};

/** Whether two things are made by one recipe, whichever it is. */
export const sameRecipe = (
	a: { readonly options: Options },
	b: { readonly options: Options }
): boolean => a.options.recipe === b.options.recipe;
