import type { Bench, HatProject, Project } from '$lib/core/model/project';
import type { LinedHatWish, PlainTubeWish, ThingWish, Wish } from '$lib/core/model/wish';
import { bunting } from '$lib/core/recipe/bunting';
import {
	isGarmentKind,
	isThingKind,
	type GarmentKindId,
	type HatKindId,
	type ThingKindId,
	type TubeKindId
} from '$lib/core/model/kinds';
import { THING_NAMES } from '$lib/core/recipe/thing';
import { thingDefaults, thingPins } from '$lib/core/recipe/thing-design';
import { GARMENT_KINDS } from '$lib/core/recipe/garment';
import { garmentDefaults } from '$lib/core/recipe/garment-start';
import { TUBE_KINDS, tubeRecipe } from '$lib/core/recipe/plain-tube';
import { HAT_KINDS, hatRecipe } from '$lib/core/recipe/lined-hat';
import type { UsualWaste } from '$lib/store/settings';
import { newId } from '$lib/store/store';

/** A wish with the maker's usual waste yarn and tails. */
const usually = <W extends LinedHatWish | PlainTubeWish | ThingWish>(
	wish: W,
	usual?: UsualWaste | null
): W =>
	usual
		? {
				...wish,
				wasteStart: usual.start,
				wasteWith: usual.with,
				wasteEnd: usual.end,
				joinTails: usual.joinTails
			}
		: wish;

interface Prefer {
	readonly machineId?: string | undefined;
	readonly yarnId?: string | undefined;
	readonly kind?: HatKindId;
	readonly usual?: UsualWaste | null;
}

/** A new hat from the bench as it is; undefined where the bench lacks a machine or a yarn. */
export function newHat(bench: Bench, prefer: Prefer = {}): HatProject | undefined {
	const kind = HAT_KINDS[prefer.kind ?? 'lined-hat'];
	const machine =
		bench.machines.find((m) => m.id === prefer.machineId) ??
		(kind.id === 'lined-hat' ? bench.machines.at(-1) : nearestUsual(bench, kind.pins));
	const yarn = bench.yarns.find((y) => y.id === prefer.yarnId);
	const wish = hatRecipe(kind).defaults(yarn ? { ...bench, yarns: [yarn] } : bench);
	if (!machine || !wish) return undefined;
	return fresh(kind.name, machine.id, usually(wish, prefer.usual));
}

/** The machine nearest the middle of what is usual for a kind of thing. */
function nearestUsual(bench: Bench, pins: { readonly least: number; readonly most: number }) {
	const usual = Math.sqrt(pins.least * pins.most);
	const off = (m: Bench['machines'][number]) => Math.abs(Math.log(m.pins / usual));
	return [...bench.machines].sort((a, b) => off(a) - off(b))[0];
}

/** A new hat by a wish that is worked out already. */
export const hatOf = (machineId: Project['machineId'], wish: LinedHatWish): Project =>
	fresh(HAT_KINDS[wish.recipe].name, machineId, wish);

/** A new string of flags, its colours those of the yarns there are most of. */
export function newBunting(bench: Bench): Project | undefined {
	const machine = [...bench.machines].sort((a, b) => b.pins - a.pins)[0];
	const wish = bunting.defaults(bench);
	return machine && wish && fresh('Bunting', machine.id, wish);
}

/** What can be begun from the shelf. */
export type New = HatKindId | 'bunting' | TubeKindId | GarmentKindId | ThingKindId;

/** A new tube of a kind, from the bench as it is. */
export function newTube(
	bench: Bench,
	kind: TubeKindId,
	usual?: UsualWaste | null
): Project | undefined {
	const of = TUBE_KINDS[kind];
	const machine = nearestUsual(bench, of.pins);
	// What it goes round is chosen for the ring it is begun on.
	const wish = machine && tubeRecipe(of).defaults({ ...bench, machines: [machine] });
	// A hem's first row has to be found again, and a cord has no waste: those keep their own.
	const own = of.hem !== undefined || of.cord !== undefined;
	return machine && wish && fresh(of.name, machine.id, own ? wish : usually(wish, usual));
}

/** Something of panels, on the machine with most pins: a panel loses some of them. */
export function newGarment(bench: Bench, kind: GarmentKindId): Project | undefined {
	const of = GARMENT_KINDS[kind];
	const machine = [...bench.machines].sort((a, b) => b.pins - a.pins)[0];
	const wish = garmentDefaults(kind, bench);
	return machine && wish && fresh(of.name, machine.id, wish);
}

/** Something of several pieces, on the machine nearest its usual. */
export function newThing(
	bench: Bench,
	kind: ThingKindId,
	usual?: UsualWaste | null
): Project | undefined {
	const machine = nearestUsual(bench, thingPins(kind));
	const wish = thingDefaults(kind, bench);
	return machine && wish && fresh(THING_NAMES[kind], machine.id, usually(wish, usual));
}

const isHatKind = (what: New): what is HatKindId => what in HAT_KINDS;

/** Anything the shelf can begin, on the bench as it is. */
export const newProject = (
	bench: Bench,
	what: New,
	usual?: UsualWaste | null
): Project | undefined =>
	what === 'bunting'
		? newBunting(bench)
		: isHatKind(what)
			? newHat(bench, { kind: what, usual: usual ?? null })
			: isGarmentKind(what)
				? newGarment(bench, what)
				: isThingKind(what)
					? newThing(bench, what, usual)
					: newTube(bench, what, usual);

function fresh<W extends Wish>(
	name: string,
	machineId: Project['machineId'],
	wish: W
): Project & { wish: W } {
	return {
		id: newId() as Project['id'],
		name,
		createdAt: Date.now(),
		machineId,
		wish,
		accepted: [],
		useFresh: false,
		holdsYarn: true,
		used: null,
		note: ''
	};
}

/** The next one like it: the same wish, planned afresh with what was learned. Set rows give way to the length wished. */
export function makeAnother(project: Project, wish: Wish, names: readonly string[]): Project {
	const base = project.name.replace(/ \d+$/, '');
	let n = 2;
	while (names.includes(`${base} ${n}`)) n++;
	return {
		...fresh(`${base} ${n}`, project.machineId, wish),
		useFresh: project.useFresh,
		accepted: project.accepted
	};
}
