import { at } from '../../quantity/sure';
import { foldedBagWish } from './options/bag';
import type { FoldedBagWish } from './options';
import { own, worked, type Working } from '../../quantity/working';
import { bagOf, handleOf } from './form/bag';
import {
	BEGUN,
	bandsOf,
	closedFlat,
	densityTerm,
	ENDED,
	rowsFrom,
	tubeOf,
	USUAL_CLOSING,
	USUAL_ENDS,
	yarnsFor
} from './common';
import type { Gauge } from '../../bench/gauge/gauge';
import type { FinishedOf } from '../finished';
import type { Design, DesignContext } from '../recipe';
import { bagSaid } from './figures';
import { bagRules } from './rules';
import { thingRecipe } from './thing';

/** Rows of the short tube that joins the two points: about 8 (common practice). */
const USUAL_HANDLE = 8;

/** Rows of the strip, and how they come about: thirds as wide as the tube, or what the maker set. */
function stripRows(
	{ length }: FoldedBagWish,
	width: number,
	main: Gauge
): { rows: number; working: Working } {
	switch (length.by) {
		case 'rows':
			return { rows: length.rows, working: [own(length.rows, 'rows', 'set by you')] };
		case 'cm':
			return {
				rows: Math.max(12, Math.round(length.cm * main.rowsPerCm.mean)),
				working: [own(length.cm, 'length', 'set by you'), '×', densityTerm(main, 'rowsPerCm')]
			};
		case 'fold':
			return {
				rows: 3 * thirdRows(width, main),
				working: [worked(3, 'plain', 'thirds'), '×', ...rowsFrom(width, main, 'wide')]
			};
	}
}

/** Each third of the strip is sewn to another: whole rows in each. */
const thirdRows = (width: number, main: Gauge): number =>
	Math.max(4, Math.round(width * main.rowsPerCm.mean));

function design(
	wish: FoldedBagWish,
	{ machine, gauge }: DesignContext
): Design<FinishedOf<'folded'>> {
	const main = gauge(at(wish.yarns, 0));
	const width = machine.pins / 2 / main.stitchesPerCm.mean;
	const up = main.rowsPerCm.mean;
	const third = thirdRows(width, main);
	const idealRows = 3 * third;
	const { rows, working } = stripRows(wish, width, main);
	const ids = [...new Set(wish.yarns)];
	const bands = bandsOf(wish.line, wish.yarns, rows);
	const handle = [{ yarn: ids.indexOf(at(wish.yarns, 0)), rows: wish.handleRows }];
	const handleCm = handleOf(width, wish.handleRows / up);
	// The middle third stays; what the strip is too long or too short falls on its two ends.
	const end = third + (rows - idealRows) / 2;
	const finished = {
		kind: 'folded' as const,
		bag: bagOf(width, rows / up),
		strip: 'strip',
		rows,
		idealRows,
		handle: { piece: 'handle', rows: wish.handleRows, ...handleCm },
		bands,
		handleYarn: at(handle, 0).yarn
	};
	const piece = { count: 1, mirrored: false, yarns: ids, sectionsWorking: [] };
	return {
		pieces: [
			{ ...piece, id: 'strip', name: 'Strip', program: tubeOf(bands, wish), rowsWorking: working },
			{
				...piece,
				id: 'handle',
				name: 'Handle',
				program: tubeOf(handle, wish),
				rowsWorking: [own(wish.handleRows, 'rows', 'set by you')]
			}
		],
		assembly: [
			...BEGUN,
			...(['strip', 'handle'] as const).flatMap((id) => closedFlat(id, wish)),
			{ do: 'fold-bag', piece: 'strip', missRows: rows - idealRows },
			{ do: 'sew-bag', piece: 'strip', middle: third, end },
			{ do: 'handle', piece: 'handle', to: 'strip', ...handleCm },
			...ENDED
		],
		finished,
		...bagSaid(finished, { machine, gauge: main })
	};
}

/** A bag folded of one tube closed flat at both ends, three times as long as it is wide, and a short tube as its handle. */
export const foldedBag = thingRecipe<FoldedBagWish, FinishedOf<'folded'>>('folded-bag', {
	options: foldedBagWish,
	rules: bagRules,
	withRows: (wish, rows) => ({ ...wish, length: { by: 'rows', rows } }),
	pins: { least: 40, most: 100 },
	defaults: (bench) => {
		const yarns = yarnsFor(bench, 2);
		if (!yarns[0]) return undefined;
		return {
			recipe: 'folded-bag',
			yarns,
			line: yarns.length > 1 ? '12 A, 4 B' : '10 A',
			length: { by: 'fold' },
			handleRows: USUAL_HANDLE,
			closing: USUAL_CLOSING,
			...USUAL_ENDS
		};
	},
	design
});
