import { colourApart } from '../bench/yarn/colour';
import type { Machine, Yarn, YarnId } from '../model/bench';
import type { Options } from '../model/options';
import type { Bench } from '../model/project';
import type { AnyRecipe } from '.';
import type { Recipe } from './recipe';
import { withUsual, type UsualWaste } from './uses';

/** What is wished of a thing that is begun: its ring, its first yarn, the maker's usual waste. */
export interface Prefer {
	readonly machineId?: string | undefined;
	readonly yarnId?: string | undefined;
	readonly usual?: UsualWaste | null;
	/** In all yarns of the bench, as far as it has use for them: they were just chosen for it. */
	readonly inAll?: boolean;
}

/** The machine a recipe is begun on: nearest the middle of its usual pins, the one with most, or the last. */
export function machineFor(
	{ begins, pins }: Pick<Recipe, 'begins' | 'pins'>,
	{ machines }: Pick<Bench, 'machines'>
): Machine | undefined {
	if (begins === 'last') return machines.at(-1);
	if (begins === 'most-pins' || !pins) return [...machines].sort((a, b) => b.pins - a.pins)[0];
	const usual = Math.sqrt(pins.least * pins.most);
	const off = (m: Machine) => Math.abs(Math.log(m.pins / usual));
	return [...machines].sort((a, b) => off(a) - off(b))[0];
}

/** The first yarn stays the first; after it what goes with it: of its weight class first, and there the least like in colour. */
export function matched(yarns: readonly Yarn[]): Yarn[] {
	const [first, ...others] = yarns;
	if (!first) return [];
	const off = (y: Yarn) => colourApart(first.colour, y.colour);
	const odd = (y: Yarn) => Number(y.weightClass !== first.weightClass);
	return [first, ...others.sort((a, b) => odd(a) - odd(b) || off(b) - off(a))];
}

/** Rows of each colour in turn, where several were chosen and nothing else says how they lie. */
const TURN_ROWS = 10;
const plainLine = (line: unknown): boolean =>
	typeof line === 'string' && new Set(line.replace(/[^A-L]/g, '')).size < 2;
/** The same options in all of these yarns: as the recipe itself has them, or in turn; as they were where it has use for one. */
function inThese(recipe: AnyRecipe, options: Options, yarns: readonly YarnId[]): Options {
	if (recipe.inYarns) return recipe.inYarns(options, yarns);
	const turns = yarns.map((_, i) => `${TURN_ROWS} ${String.fromCharCode(65 + i)}`).join(', ');
	const bag: Readonly<Record<string, unknown>> = { ...options };
	const next = { ...bag, yarns, ...(plainLine(bag['stripes']) ? { stripes: turns } : {}) };
	const read = recipe.options.safeParse(next);
	return read.success ? (read.data as unknown as Options) : options;
}

/** A recipe's beginning on a bench: a wished yarn first, any others after it. Undefined where it lacks a machine or a yarn. */
export function beginning(
	recipe: AnyRecipe,
	bench: Bench,
	{ machineId, yarnId, usual, inAll = false }: Prefer = {}
): { readonly machine: Machine; readonly options: Options } | undefined {
	const machine = bench.machines.find((m) => m.id === machineId) ?? machineFor(recipe, bench);
	const yarn = bench.yarns.find((y) => y.id === yarnId);
	const yarns = yarn ? [yarn] : inAll ? bench.yarns : matched(bench.yarns);
	const plain = recipe.defaults({ ...bench, yarns }, machine);
	if (!machine || !plain) return undefined;
	const ids = yarns.map((y) => y.id);
	const options = inAll ? inThese(recipe, plain, ids) : plain;
	return { machine, options: usual && !recipe.ownWaste ? withUsual(options, usual) : options };
}
