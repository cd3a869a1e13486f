import { entryAt } from '../../quantity/sure';
import { foldedBagOptions } from './options/bag';
import type { FoldedBagOptions } from './options';
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
import { assembledRecipe } from './recipe';

/** Rows of the short tube that joins the two points: about 8 (common practice). */
const USUAL_HANDLE = 8;

/** Rows of the strip, and how they come about: thirds as wide as the tube, or what the maker set. */
function stripRows(
	{ length }: FoldedBagOptions,
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
	options: FoldedBagOptions,
	{ machine, gauge }: DesignContext
): Design<FinishedOf<'folded'>> {
	const main = gauge(entryAt(options.yarns, 0));
	const width = machine.pins / 2 / main.stitchesPerCm.mean;
	const up = main.rowsPerCm.mean;
	const third = thirdRows(width, main);
	const idealRows = 3 * third;
	const { rows, working } = stripRows(options, width, main);
	const ids = [...new Set(options.yarns)];
	const bands = bandsOf(options.line, options.yarns, rows);
	const handle = [{ yarn: ids.indexOf(entryAt(options.yarns, 0)), rows: options.handleRows }];
	const handleCm = handleOf(width, options.handleRows / up);
	// The middle third stays; what the strip is too long or too short falls on its two ends.
	const end = Math.max(0, third + (rows - idealRows) / 2);
	const finished = {
		kind: 'folded' as const,
		bag: bagOf(width, rows / up),
		strip: 'strip',
		rows,
		idealRows,
		handle: { piece: 'handle', rows: options.handleRows, ...handleCm },
		bands,
		handleYarn: entryAt(handle, 0).yarn
	};
	const piece = { count: 1, mirrored: false, yarns: ids, sectionsWorking: [] };
	return {
		pieces: [
			{
				...piece,
				id: 'strip',
				name: 'Strip',
				program: tubeOf(bands, options),
				rowsWorking: working
			},
			{
				...piece,
				id: 'handle',
				name: 'Handle',
				program: tubeOf(handle, options),
				rowsWorking: [own(options.handleRows, 'rows', 'set by you')]
			}
		],
		assembly: [
			...BEGUN,
			...(['strip', 'handle'] as const).flatMap((id) => closedFlat(id, options)),
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
export const foldedBag = assembledRecipe<FoldedBagOptions, FinishedOf<'folded'>>('folded-bag', {
	use: 'bag',
	options: foldedBagOptions,
	phrase:
		'A bag folded from a strip {length}, on {machine}, in {yarns}, {line}, its handle {handleRows}[, its ends closed flat by {closing}]',
	rules: bagRules,
	withRows: (options, rows) => ({ ...options, length: { by: 'rows', rows } }),
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
