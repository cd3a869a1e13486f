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
import type { FinishedOf } from '../finished';
import { bagSaid } from './figures';
import { bagRules } from './rules';
import { thingRecipe } from './thing';

/** Rows of the short tube that joins the two points: about 8 (common practice). */
const USUAL_HANDLE = 8;

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
	design: (wish, { machine, gauge }) => {
		const main = gauge(at(wish.yarns, 0));
		const width = machine.pins / 2 / main.stitchesPerCm.mean;
		const up = main.rowsPerCm.mean;
		// Each third of the strip is sewn to another: whole rows in each.
		const third = Math.max(4, Math.round(width * up));
		const idealRows = 3 * third;
		const rows =
			wish.length.by === 'fold'
				? idealRows
				: wish.length.by === 'rows'
					? wish.length.rows
					: Math.max(12, Math.round(wish.length.cm * up));
		const working: Working =
			wish.length.by === 'rows'
				? [own(rows, 'rows', 'set by you')]
				: wish.length.by === 'cm'
					? [own(wish.length.cm, 'length', 'set by you'), '×', densityTerm(main, 'rowsPerCm')]
					: [worked(3, 'plain', 'thirds'), '×', ...rowsFrom(width, main, 'wide')];
		const ids = [...new Set(wish.yarns)];
		const bands = bandsOf(wish.line, wish.yarns, rows);
		const handle = [{ yarn: ids.indexOf(at(wish.yarns, 0)), rows: wish.handleRows }];
		// The middle third stays; what the strip is too long or too short falls on its two ends.
		const end = third + (rows - idealRows) / 2;
		const finished = {
			kind: 'folded' as const,
			bag: bagOf(width, rows / up),
			strip: 'strip',
			rows,
			idealRows,
			handle: {
				piece: 'handle',
				rows: wish.handleRows,
				...handleOf(width, wish.handleRows / up)
			},
			bands,
			handleYarn: at(handle, 0).yarn
		};
		return {
			pieces: [
				{
					id: 'strip',
					name: 'Strip',
					count: 1,
					mirrored: false,
					yarns: ids,
					program: tubeOf(bands, wish),
					rowsWorking: working,
					sectionsWorking: []
				},
				{
					id: 'handle',
					name: 'Handle',
					count: 1,
					mirrored: false,
					yarns: ids,
					program: tubeOf(handle, wish),
					rowsWorking: [own(wish.handleRows, 'rows', 'set by you')],
					sectionsWorking: []
				}
			],
			assembly: [
				...BEGUN,
				...(['strip', 'handle'] as const).flatMap((piece) => closedFlat(piece, wish)),
				{ do: 'fold-bag', piece: 'strip', missRows: rows - idealRows },
				{ do: 'sew-bag', piece: 'strip', middle: third, end },
				{ do: 'handle', piece: 'handle', to: 'strip', ...handleOf(width, wish.handleRows / up) },
				...ENDED
			],
			finished,
			...bagSaid(finished, { machine, gauge: main })
		};
	}
});
