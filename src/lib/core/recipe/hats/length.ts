import { entryAt } from '../../quantity/sure';
import { widthStrain, wornFactor } from '../../assembly/wear';
import { adultLayer, headCm, isAdult, VISIBLE_SHARE } from '../../bench/size/head';
import { nearestWithParity } from '../../quantity/whole';
import { own, worked, type Working } from '../../quantity/working';
import { rowsThatLast } from '../lasting';
import type { DesignContext } from '../recipe';
import { yarnsOf } from '../uses';
import type { LinedHatOptions } from './options';
import { hatSections, parity, type Sections } from './sections';

/** Fewer rows than this are no hat. */
const LEAST_ROWS = 8;
const MOST_ROWS = 600;
const nearestRows = (rows: number, odd: number) => nearestWithParity(rows, odd, LEAST_ROWS);

interface Target {
	readonly tubeCm: number;
	readonly working: Working;
}

/** Twice a layer. */
const LAYERS: Working = ['×', worked(2, 'plain', 'layers')];

/** An adult's usual layer, which is flat: no head is asked. */
function adultTube(options: LinedHatOptions): Target {
	const brimCm = options.brim.turnedUp ? options.brim.heightCm : 0;
	const layer = adultLayer(brimCm).cm;
	const seen: Working = brimCm
		? [
				'(',
				worked(layer - brimCm, 'length', 'above the brim, flat'),
				'+',
				own(brimCm, 'length', 'brim'),
				')'
			]
		: [worked(layer, 'length', 'layer for an adult, flat')];
	return { tubeCm: 2 * layer, working: [...seen, ...LAYERS] };
}

/** What is to be seen of it on this head, by its share or by the maker's height. */
function fittedTube(options: LinedHatOptions, head: number, worn: Worn): Target {
	const visible = options.visibleCm ?? VISIBLE_SHARE * head;
	const brim = options.brim.turnedUp ? options.brim.heightCm : 0;
	const seen: Working =
		options.visibleCm === null
			? [own(head, 'length', 'head'), '×', worked(VISIBLE_SHARE, 'plain', 'share covered')]
			: [own(options.visibleCm, 'length', 'height seen')];
	return {
		tubeCm: (2 * (visible + brim)) / worn.factor,
		working: [
			'(',
			...seen,
			...(brim ? ['+', own(brim, 'length', 'brim')] : []),
			')',
			...LAYERS,
			...worn.divided
		]
	};
}

/** Worn length for each cm flat, and how it stands in a line of arithmetic. */
interface Worn {
	readonly factor: number;
	readonly divided: Working;
}

/** The flat length of tube that the options ask for, and how it comes about; none where rows are set. */
function targetTube(
	options: LinedHatOptions,
	circumferenceCm: number,
	shortening: number
): Target | undefined {
	const head = headCm(options.head);
	const factor = wornFactor(widthStrain(circumferenceCm, head), shortening);
	const { length } = options;
	const worn: Worn = {
		factor,
		divided: ['÷', worked(factor, 'plain', 'worn for each cm flat')]
	};
	switch (length.by) {
		case 'rows':
		case 'yarn':
			return undefined;
		case 'tube':
			return length.as === 'flat'
				? { tubeCm: length.cm, working: [own(length.cm, 'length', 'tube, flat')] }
				: {
						tubeCm: length.cm / factor,
						working: [own(length.cm, 'length', 'tube, worn'), ...worn.divided]
					};
		case 'layer':
			return length.as === 'flat'
				? {
						tubeCm: 2 * length.cm,
						working: [own(length.cm, 'length', 'layer, flat'), ...LAYERS]
					}
				: {
						tubeCm: (2 * length.cm) / factor,
						working: [own(length.cm, 'length', 'layer, worn'), ...LAYERS, ...worn.divided]
					};
		case 'fit':
			return options.visibleCm === null && isAdult(options.head)
				? adultTube(options)
				: fittedTube(options, head, worn);
	}
}

/** Flat length of the sections, each by its own yarn's rows per cm. */
const lengthOf = (sections: Sections, rowsPerCm: readonly number[]): number =>
	sections.reduce((t, s) => t + s.rows / entryAt(rowsPerCm, s.yarn), 0);

export function solveRows(
	options: LinedHatOptions,
	context: DesignContext
): { rows: number; working: Working } {
	const yarns = yarnsOf(options);
	const gauges = yarns.map(context.gauge);
	const main = entryAt(gauges, 0);
	const circumference = context.machine.pins / main.stitchesPerCm.mean;
	if (options.length.by === 'yarn') {
		const last = rowsThatLast(
			{
				yarns,
				sections: (rows) => hatSections(options.scheme, rows),
				pins: context.machine.pins,
				copies: 1,
				least: LEAST_ROWS,
				most: MOST_ROWS
			},
			context
		);
		// Down to a count that comes out whole on both faces.
		const odd = parity(options.scheme);
		const rows = Math.max(LEAST_ROWS + odd, last - ((last - odd) % 2));
		return { rows, working: [worked(rows, 'rows', 'that the yarn on hand gives')] };
	}
	const target = targetTube(options, circumference, main.wear.shortening.mean);
	if (!target) {
		const rows = options.length.by === 'rows' ? options.length.rows : 0;
		return { rows, working: [own(rows, 'rows', 'rows, as you set them')] };
	}
	const perCm = gauges.map((g) => g.rowsPerCm.mean);
	const odd = parity(options.scheme);
	const miss = (rows: number) => lengthOf(hatSections(options.scheme, rows), perCm) - target.tubeCm;
	let rows = nearestRows(target.tubeCm * entryAt(perCm, 0), odd);
	// Yarns of different gauge: correct by the mean rows per cm of the sections, then settle on the nearest count.
	if (new Set(perCm).size > 1) {
		for (let i = 0; i < 6; i++) {
			const share = rows / lengthOf(hatSections(options.scheme, rows), perCm);
			rows = nearestRows(rows - miss(rows) * share, odd);
		}
		rows = [rows - 2, rows, rows + 2]
			.filter((r) => r >= LEAST_ROWS)
			.reduce((best, r) => (Math.abs(miss(r)) < Math.abs(miss(best)) ? r : best), rows);
	}
	const meanPerCm = rows / lengthOf(hatSections(options.scheme, rows), perCm);
	return {
		rows: Math.min(rows, 4000),
		working: [
			...target.working,
			'=',
			worked(target.tubeCm, 'length', 'tube, flat'),
			'×',
			{
				...worked(meanPerCm, 'row-density', 'your gauge'),
				own: main.rowsPerCm.basis !== 'estimated'
			},
			'→',
			worked(rows, 'rows', odd ? 'nearest that fits the colours' : 'nearest even')
		]
	};
}
