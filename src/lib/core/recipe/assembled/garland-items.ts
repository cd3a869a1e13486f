import { entryAt } from '../../quantity/sure';
import type { AssemblyStep } from '../../assembly/assembly';
import type { YarnId } from '../../model/bench';
import type { BuntingOptions } from '../bunting/options';
import type { GarlandItem, GarlandOptions } from './options';
import { own, worked } from '../../quantity/working';
import { pomPomCm, usualWraps } from './form/pom-pom';
import { ballLength, FILL_DENSITY, stuff } from './form/stuffed';
import { flagCounts, flagProgram, mostStitches } from '../bunting/bunting';
import { panelPins } from '../../bench/machine/panel';
import type { Piece } from '../../assembly/piece';
import type { DesignContext, OnMachine } from '../recipe';
import { rowsFrom, tubeOf } from './common';

/** How far stuffing widens a bauble (from memory). */
const PUFF = 0.15;
/** A pumpkin-like ball is shorter than a round one (from memory). */
const PUMPKIN = 0.85;
/** A small tube hangs as long as it is wide. */
const USUAL_FLAG_STITCHES = 15;

/** One kind of item as it will be, in rows and cm. */
export interface MadeItem {
	readonly item: GarlandItem;
	readonly index: number;
	readonly rows: number;
	readonly widthCm: number;
	readonly heightCm: number;
	readonly cm3: number;
	readonly wraps: number;
}

const FLAG = { way: 'single', tip: 3 } as const;

const flagOptions = (stitches: number, edgeStitches: 1 | 2): BuntingOptions => ({
	recipe: 'bunting',
	flags: 1,
	yarns: [],
	width: { by: 'stitches', stitches },
	everyRows: 2,
	way: FLAG.way,
	edgeStitches,
	tip: FLAG.tip,
	turn: 'switch'
});

/** As many as were asked for, or as the ring has pins for in a panel. */
const flagStitches = (item: GarlandItem, machine: OnMachine['machine']): number => {
	const { tip, way } = FLAG;
	const { most } = panelPins(machine, 'switch', 0);
	return Math.min(item.size ?? USUAL_FLAG_STITCHES, mostStitches({ tip, way }, most));
};

/** One kind of item in rows and centimetres. */
export function makeItem(
	options: GarlandOptions,
	{ item, index }: Pick<MadeItem, 'item' | 'index'>,
	on: OnMachine,
	tex: number
): MadeItem {
	const gauge = on.gauge(entryAt(options.yarns, 0));
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
				flagOptions(flagStitches(item, on.machine), options.edgeStitches ?? 1),
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
			const wraps = item.size ?? usualWraps(options.cardCm, tex);
			const cm = pomPomCm(options.cardCm);
			return { ...base, wraps, widthCm: cm, heightCm: cm };
		}
	}
}

/** So many of one kind in one colour. */
export interface Batch {
	readonly made: MadeItem;
	readonly yarn: number;
	readonly count: number;
}

export function pieceOf(
	options: GarlandOptions,
	{ made, yarn, count }: Batch,
	ids: readonly YarnId[],
	context: DesignContext
): Piece {
	const { item } = made;
	const on = context.on(item.on);
	const gauge = on.gauge(entryAt(options.yarns, 0));
	const flag =
		item.kind === 'flag'
			? flagOptions(flagStitches(item, on.machine), options.edgeStitches ?? 1)
			: null;
	const counts = flag && flagCounts(flag, gauge.stitchesPerCm.mean);
	return {
		id: itemPiece(made.index, yarn),
		// Like things of several colours are told apart by them.
		name:
			ids.length > 1
				? `${ITEM_NAMES[item.kind]} in ${context.yarn(entryAt(ids, yarn)).colourName}`
				: ITEM_NAMES[item.kind],
		count,
		mirrored: false,
		yarns: [...ids],
		program:
			flag && counts
				? flagProgram(flag, counts, on.machine).map((o) =>
						o.op === 'cast-on' ? { ...o, yarn } : o
					)
				: tubeOf([{ yarn, rows: made.rows }], options),
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
export const itemPiece = (index: number, yarn: number): string => `item-${index + 1}-${yarn + 1}`;

/** What is done to one kind of item after the machine; what is stuffed is closed afterwards. */
export function closed(
	piece: string,
	{ item, cm3 }: MadeItem,
	{ fill }: GarlandOptions
): AssemblyStep[] {
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
