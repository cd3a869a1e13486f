import { at } from '../../quantity/sure';
import { garlandWish } from './options/garland';
import type { AssemblyStep } from '../../assembly/assembly';
import type { YarnId } from '../../model/bench';
import type { BuntingWish } from '../bunting/options';
import type { GarlandItem, GarlandWish } from './options';
import { clearPins } from '../../bench/machine/ring';
import { own, worked } from '../../quantity/working';
import { colourOrder, solveGarland } from './form/garland';
import { pomPomCm, usualWraps, wrappedCm } from './form/pom-pom';
import { ballLength, FILL_DENSITY, stuff } from './form/stuffed';
import type { HungItem } from './form/thing';
import { effectiveTex } from '../../bench/yarn/tex';
import { flagCounts, flagProgram } from '../bunting/bunting';
import type { Piece } from '../../assembly/piece';
import type { Design, DesignContext, OnMachine } from '../recipe';
import { BEGUN, densityTerm, ENDED, rowsFrom, tubeOf, USUAL_ENDS, yarnsFor } from './common';
import type { FinishedOf } from '../finished';
import { garlandSaid } from './figures';
import { garlandRules } from './rules';
import { thingRecipe } from './thing';

/** How far stuffing widens a bauble (from memory). */
const PUFF = 0.15;
/** A pumpkin-like ball is shorter than a round one (from memory). */
const PUMPKIN = 0.85;
/** A small tube hangs as long as it is wide. */
const USUAL_FLAG_STITCHES = 15;
const CORD_PINS = 3;

interface Made {
	readonly item: GarlandItem;
	readonly index: number;
	readonly rows: number;
	readonly widthCm: number;
	readonly heightCm: number;
	readonly cm3: number;
	readonly wraps: number;
}

const flagWish = (stitches: number): BuntingWish => ({
	recipe: 'bunting',
	flags: 1,
	yarns: [],
	width: { by: 'stitches', stitches },
	everyRows: 2,
	way: 'single',
	tip: 3,
	turn: 'switch'
});

/** One kind of item in rows and centimetres. */
function makeItem(
	wish: GarlandWish,
	item: GarlandItem,
	index: number,
	on: OnMachine,
	tex: number
): Made {
	const gauge = on.gauge(at(wish.yarns, 0));
	const round = on.machine.pins / gauge.stitchesPerCm.mean;
	const up = gauge.rowsPerCm.mean;
	const base = { item, index, cm3: 0, wraps: 0, rows: 0 };
	switch (item.kind) {
		case 'bauble':
		case 'pumpkin': {
			const times = item.kind === 'pumpkin' ? PUMPKIN : 1;
			const rows = item.size ?? Math.max(4, Math.round(times * ballLength(round, PUFF) * up));
			const form = stuff(rows / up, round, PUFF);
			return { ...base, rows, widthCm: 2 * form.radius, heightCm: 2 * form.half, cm3: form.cm3 };
		}
		case 'tube': {
			const rows = item.size ?? Math.max(4, Math.round((round / 2) * up));
			return { ...base, rows, widthCm: round / 2, heightCm: rows / up };
		}
		case 'flag': {
			const counts = flagCounts(
				flagWish(item.size ?? USUAL_FLAG_STITCHES),
				gauge.stitchesPerCm.mean
			);
			return {
				...base,
				rows: counts.rows,
				widthCm: counts.stitches / gauge.stitchesPerCm.mean,
				heightCm: counts.rows / up
			};
		}
		case 'pom-pom': {
			const wraps = item.size ?? usualWraps(wish.cardCm, tex);
			const cm = pomPomCm(wish.cardCm);
			return { ...base, wraps, widthCm: cm, heightCm: cm };
		}
	}
}

function pieceOf(
	wish: GarlandWish,
	made: Made,
	yarn: number,
	count: number,
	ids: YarnId[],
	context: DesignContext
): Piece {
	const { item } = made;
	const on = context.on(item.on);
	const gauge = on.gauge(at(wish.yarns, 0));
	const flag = item.kind === 'flag' ? flagWish(item.size ?? USUAL_FLAG_STITCHES) : null;
	const counts = flag && flagCounts(flag, gauge.stitchesPerCm.mean);
	return {
		id: itemPiece(made.index, yarn),
		name: ITEM_NAMES[item.kind],
		count,
		mirrored: false,
		yarns: ids,
		program:
			flag && counts
				? flagProgram(flag, counts, on.machine).map((o) =>
						o.op === 'cast-on' ? { ...o, yarn } : o
					)
				: tubeOf([{ yarn, rows: made.rows }], wish),
		rowsWorking:
			item.size !== null && !flag
				? [own(item.size, 'rows', 'set by you')]
				: flag
					? [worked(made.rows, 'rows', 'down to the tip')]
					: rowsFrom(made.rows / gauge.rowsPerCm.mean, gauge, 'of tube'),
		sectionsWorking: [],
		...(item.on ? { on: item.on } : {})
	};
}

const ITEM_NAMES = {
	bauble: 'Bauble',
	pumpkin: 'Pumpkin ball',
	flag: 'Flag',
	'pom-pom': 'Pom-pom',
	tube: 'Small tube'
} as const;
const itemPiece = (index: number, yarn: number): string => `item-${index + 1}-${yarn + 1}`;

/** What is done to one kind of item after the machine; what is stuffed is closed afterwards. */
function closed(piece: string, { item, cm3 }: Made, { fill }: GarlandWish): AssemblyStep[] {
	const end = (edge: 'cast-on' | 'cast-off') =>
		({ do: 'gather', piece, edge, brief: true }) as const;
	switch (item.kind) {
		case 'tube':
			return [{ do: 'bind', piece, edge: 'cast-off', brief: true }, end('cast-on')];
		case 'flag':
			return [end('cast-off')];
		default: {
			const grams = cm3 * FILL_DENSITY[fill];
			return [
				end('cast-off'),
				...(grams > 0 ? [{ do: 'stuff', piece, part: piece, nth: 0, cm3: 0, grams } as const] : []),
				end('cast-on')
			];
		}
	}
}

function design(wish: GarlandWish, context: DesignContext): Design<FinishedOf<'hung'>> {
	const ids = [...new Set(wish.yarns)];
	const places = wish.yarns.map((id) => ids.indexOf(id));
	const solved = solveGarland(wish);
	const tex = effectiveTex(context.yarn(at(wish.yarns, 0)));
	const made = wish.items.map((item, i) => makeItem(wish, item, i, context.on(item.on), tex));
	const colours = colourOrder(solved.number, places.length, wish.order, wish.seed);
	const items = colours.map((c, i): HungItem => {
		const m = at(made, i % made.length);
		const yarn = at(places, c);
		return {
			kind: m.item.kind,
			piece: m.item.kind === 'pom-pom' ? null : itemPiece(m.index, yarn),
			yarn,
			widthCm: m.widthCm,
			heightCm: m.heightCm,
			wraps: m.wraps,
			fillGrams: m.cm3 * FILL_DENSITY[wish.fill]
		};
	});
	const poms = items.filter((x) => x.kind === 'pom-pom');
	const count = (id: string) => items.filter((x) => x.piece === id).length;
	// Batches: one machine after another, and on it one colour after another.
	const batches = made
		.filter((m) => m.item.kind !== 'pom-pom')
		.flatMap((m) => ids.map((_, yarn) => ({ m, yarn, n: count(itemPiece(m.index, yarn)) })))
		.filter((b) => b.n > 0)
		.sort((a, b) => {
			const on = (x: typeof a) => x.m.item.on ?? '';
			return on(a) === on(b) ? a.yarn - b.yarn : on(a) < on(b) ? -1 : 1;
		});
	const pieces = batches.map((b) => pieceOf(wish, b.m, b.yarn, b.n, ids, context));
	const cordCm = solved.cord.lengthCm + 2 * wish.loopCm;
	const gauge = context.gauge(at(wish.yarns, 0));
	if (wish.cord === 'knitted') {
		const { from } = clearPins(context.machine);
		const rows = Math.max(4, Math.round(cordCm * gauge.rowsPerCm.mean));
		pieces.push({
			id: 'cord',
			name: 'Cord',
			count: 1,
			mirrored: false,
			yarns: ids,
			program: tubeOf([{ yarn: at(places, 0), rows }], wish, { from, to: from + CORD_PINS }),
			rowsWorking: [
				worked(cordCm, 'length', 'of cord, loops and all'),
				'×',
				densityTerm(gauge, 'rowsPerCm')
			],
			sectionsWorking: []
		});
	}
	const finished = {
		kind: 'hung' as const,
		solved,
		items,
		cordCm,
		loopCm: wish.loopCm,
		wraps: made.find((m) => m.wraps > 0)?.wraps ?? 0,
		cardCm: wish.cardCm,
		cord: wish.cord,
		cordYarn: at(places, 0),
		fillGrams: items.reduce((t, x) => t + x.fillGrams, 0)
	};
	return {
		pieces,
		assembly: [
			...BEGUN,
			...batches.flatMap((b) => closed(itemPiece(b.m.index, b.yarn), b.m, wish)),
			...(poms.length > 0
				? [
						{
							do: 'wind',
							wraps: poms[0]?.wraps ?? 0,
							cardCm: wish.cardCm,
							count: poms.length,
							yarns: ids.flatMap((_, yarn) => {
								const wraps = poms.reduce((t, x) => t + (x.yarn === yarn ? x.wraps : 0), 0);
								return wraps > 0 ? [{ yarn, metres: wrappedCm(wraps, wish.cardCm) / 100 }] : [];
							}),
							sharp: true
						} as const
					]
				: []),
			{
				do: 'hang',
				spacingCm: solved.spacingCm,
				spanCm: solved.cord.spanCm,
				sagCm: solved.cord.sagCm,
				loopCm: wish.loopCm,
				cordCm,
				chain: wish.cord === 'chain',
				cordYarn: places[0] ?? 0,
				widthsCm: items.map((x) => x.widthCm),
				pieces: items.map((x) => x.piece)
			},
			...ENDED
		],
		finished,
		...garlandSaid(finished, wish)
	};
}

/** Things of several kinds and colours on a cord that hangs over a span. */
export const garland = thingRecipe<GarlandWish, FinishedOf<'hung'>>('garland', {
	options: garlandWish,
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
