import { entryAt } from '../../quantity/sure';
import { garlandOptions } from './options/garland';
import type { AssemblyStep } from '../../assembly/assembly';
import type { YarnId } from '../../model/bench';
import type { GarlandOptions } from './options';
import { clearPins } from '../../bench/machine/ring';
import { worked } from '../../quantity/working';
import { colourOrder, solveGarland } from './form/garland';
import { pomPomCm, TIE_CM, wrappedCm } from './form/pom-pom';
import { FILL_DENSITY } from './form/stuffed';
import type { HungItem } from './form/assembled';
import { effectiveTex } from '../../bench/yarn/tex';
import type { Piece } from '../../assembly/piece';
import type { Design, DesignContext } from '../recipe';
import { BEGUN, densityTerm, ENDED, tubeOf, USUAL_ENDS, yarnsFor } from './common';
import type { FinishedOf } from '../finished';
import { garlandSaid } from './figures';
import { closed, itemPiece, makeItem, pieceOf, type Batch, type MadeItem } from './garland-items';
import { garlandRules } from './rules';
import { assembledRecipe } from './recipe';

const CORD_PINS = 3;
/** A knitted cord's few loops are drawn up at either end. */
const CORD_ENDS: readonly AssemblyStep[] = (['cast-off', 'cast-on'] as const).map((edge) => ({
	do: 'gather',
	piece: 'cord',
	edge,
	brief: true
}));

/** Every thing on the cord in its order, its yarn by its place among `ids`. */
function hungItems(
	options: GarlandOptions,
	made: readonly MadeItem[],
	ids: readonly YarnId[],
	number: number
): HungItem[] {
	const places = options.yarns.map((id) => ids.indexOf(id));
	return colourOrder(number, places.length, options.order, options.seed).map((c, i) => {
		const m = entryAt(made, i % made.length);
		const yarn = entryAt(places, c);
		return {
			kind: m.item.kind,
			piece: m.item.kind === 'pom-pom' ? null : itemPiece(m.index, yarn),
			yarn,
			widthCm: m.widthCm,
			heightCm: m.heightCm,
			wraps: m.wraps,
			fillGrams: m.cm3 * FILL_DENSITY[options.fill]
		};
	});
}

/** Batches: one machine after another, and on it one colour after another. */
function batchesOf(
	made: readonly MadeItem[],
	ids: readonly YarnId[],
	items: readonly HungItem[]
): Batch[] {
	const count = (id: string) => items.filter((x) => x.piece === id).length;
	const on = (b: Batch) => b.made.item.on ?? '';
	return made
		.filter((m) => m.item.kind !== 'pom-pom')
		.flatMap((m) =>
			ids.map((_, yarn) => ({ made: m, yarn, count: count(itemPiece(m.index, yarn)) }))
		)
		.filter((b) => b.count > 0)
		.sort((a, b) => (on(a) === on(b) ? a.yarn - b.yarn : on(a) < on(b) ? -1 : 1));
}

function knittedCord(
	options: GarlandOptions,
	cordCm: number,
	ids: readonly YarnId[],
	context: DesignContext
): Piece {
	const gauge = context.gauge(entryAt(options.yarns, 0));
	const { from } = clearPins(context.machine);
	const band = {
		yarn: ids.indexOf(entryAt(options.yarns, 0)),
		rows: Math.max(4, Math.round(cordCm * gauge.rowsPerCm.mean))
	};
	return {
		id: 'cord',
		name: 'Cord',
		count: 1,
		mirrored: false,
		yarns: [...ids],
		program: tubeOf([band], options, { from, to: from + CORD_PINS }),
		rowsWorking: [
			worked(cordCm, 'length', 'of cord, loops and all'),
			'×',
			densityTerm(gauge, 'rowsPerCm')
		],
		sectionsWorking: []
	};
}

/** The pom-poms, wound one after another, with what each yarn gives to them. */
function wound(
	options: GarlandOptions,
	items: readonly HungItem[],
	ids: readonly YarnId[]
): AssemblyStep[] {
	const poms = items.filter((x) => x.kind === 'pom-pom');
	const first = poms[0];
	if (!first) return [];
	const yarns = ids.flatMap((_, yarn) => {
		const wraps = poms.reduce((t, x) => t + (x.yarn === yarn ? x.wraps : 0), 0);
		return wraps > 0 ? [{ yarn, metres: wrappedCm(wraps, options.cardCm) / 100 }] : [];
	});
	const { cardCm } = options;
	const count = poms.length;
	return [
		{ do: 'wind', wraps: first.wraps, cardCm, count, yarns },
		{ do: 'tie-cut', cm: pomPomCm(cardCm), tieCm: TIE_CM, count, yarn: first.yarn }
	];
}

function design(options: GarlandOptions, context: DesignContext): Design<FinishedOf<'hung'>> {
	const ids = [...new Set(options.yarns)];
	const solved = solveGarland(options);
	const tex = effectiveTex(context.yarn(entryAt(options.yarns, 0)));
	const made = options.items.map((item, index) =>
		makeItem(options, { item, index }, context.on(item.on), tex)
	);
	const items = hungItems(options, made, ids, solved.number);
	const batches = batchesOf(made, ids, items);
	const cordCm = solved.cord.lengthCm + 2 * options.loopCm;
	const cordYarn = ids.indexOf(entryAt(options.yarns, 0));
	const finished = {
		kind: 'hung' as const,
		solved,
		items,
		cordCm,
		loopCm: options.loopCm,
		wraps: made.find((m) => m.wraps > 0)?.wraps ?? 0,
		cardCm: options.cardCm,
		cord: options.cord,
		cordYarn,
		fillGrams: items.reduce((t, x) => t + x.fillGrams, 0)
	};
	const pieces = [
		...batches.map((b) => pieceOf(options, b, ids, context)),
		...(options.cord === 'knitted' ? [knittedCord(options, cordCm, ids, context)] : [])
	];
	const item = items
		.filter((x) => x.piece !== null)
		.reduce<HungItem | null>((a, b) => (a && a.widthCm >= b.widthCm ? a : b), null);
	const on = context.on(pieces.find((p) => p.id === item?.piece)?.on ?? null);
	const widest = item && { item, gauge: on.gauge(entryAt(ids, item.yarn)) };
	return {
		pieces,
		assembly: [
			...BEGUN,
			...batches.flatMap((b) => closed(itemPiece(b.made.index, b.yarn), b.made, options)),
			...(options.cord === 'knitted' ? CORD_ENDS : []),
			...wound(options, items, ids),
			{
				do: 'hang',
				spacingCm: solved.spacingCm,
				spanCm: solved.cord.spanCm,
				sagCm: solved.cord.sagCm,
				loopCm: options.loopCm,
				cordCm,
				chain: options.cord === 'chain',
				cordYarn,
				widthsCm: items.map((x) => x.widthCm),
				pieces: items.map((x) => x.piece)
			},
			...ENDED
		],
		finished,
		...garlandSaid(finished, options, widest)
	};
}

/** Things of several kinds and colours on a cord that hangs over a span. */
export const garland = assembledRecipe<GarlandOptions, FinishedOf<'hung'>>('garland', {
	options: garlandOptions,
	phrase:
		'A garland of {solve+number+spacingCm+spanCm}, hanging {sagCm} deep, on {cord}, made on {machine}, in {yarns}, {order+seed}[, stuffed {fill}]',
	rules: garlandRules,
	pins: { least: 16, most: 30 },
	defaults: (bench) => {
		const yarns = yarnsFor(bench, 3);
		if (!yarns[0]) return undefined;
		return {
			recipe: 'garland',
			yarns,
			items: [{ kind: 'bauble', on: null, size: null }],
			order: 'repeat',
			edgeStitches: 1,
			seed: 1,
			solve: 'spacing',
			number: 12,
			spacingCm: 18,
			spanCm: 200,
			sagCm: 20,
			loopCm: 12,
			cord: 'chain',
			cardCm: 6,
			fill: 'usual',
			...USUAL_ENDS
		};
	},
	design
});
