import { entryAt } from '../../quantity/sure';
import { tubeBlanketOptions } from './options/blanket';
import type { TubeBlanketOptions } from './options';
import { own } from '../../quantity/working';
import { nearestMultiple } from '../../quantity/whole';
import {
	BEGUN,
	bandsOf,
	closedFlat,
	densityTerm,
	ENDED,
	tubeOf,
	USUAL_CLOSING,
	USUAL_ENDS,
	yarnsFor,
	type Band
} from './common';
import type { AssemblyStep } from '../../assembly/assembly';
import type { Piece } from '../../assembly/piece';
import type { Gauge } from '../../bench/gauge/gauge';
import type { FinishedOf } from '../finished';
import type { Design, DesignContext } from '../recipe';
import { blanketSaid } from './figures';
import { blanketRules } from './rules';
import { assembledRecipe } from './recipe';

/** Crochet along the closed ends: one in every loop, two, or the nearest that a repeat divides. */
export const borderStitches = (
	loops: number,
	{ border, repeatOf }: Pick<TubeBlanketOptions, 'border' | 'repeatOf'>
): number => {
	switch (border) {
		case 'none':
			return 0;
		case 'single':
			return loops;
		case 'double':
			return 2 * loops;
		case 'repeat':
			return nearestMultiple(loops, repeatOf);
	}
};

/** Alike tubes are one piece in several copies: made in a batch. */
function tubePieces(options: TubeBlanketOptions, tubes: readonly Bands[], main: Gauge): Piece[] {
	const plain = options.colours === 'by-tube';
	const ids = [...new Set(options.yarns)];
	const kinds = [...new Set(tubes.map((t) => (plain ? entryAt(t.bands, 0).yarn : -1)))];
	return kinds.map((yarn) => {
		const like = tubes.filter((t) => !plain || entryAt(t.bands, 0).yarn === yarn);
		return {
			id: plain ? `tube-${yarn + 1}` : 'tube',
			name: 'Tube',
			count: like.length,
			mirrored: false,
			yarns: ids,
			program: tubeOf(entryAt(like, 0).bands, options),
			rowsWorking: [
				own(options.lengthCm, 'length', 'set by you'),
				'×',
				densityTerm(main, 'rowsPerCm')
			],
			sectionsWorking: []
		};
	});
}

interface Bands {
	readonly bands: readonly Band[];
}

function design(
	options: TubeBlanketOptions,
	{ machine, gauge }: DesignContext
): Design<FinishedOf<'side-by-side'>> {
	const main = gauge(entryAt(options.yarns, 0));
	const rows = Math.max(4, Math.round(options.lengthCm * main.rowsPerCm.mean));
	const ids = [...new Set(options.yarns)];
	const tubes = Array.from({ length: options.across }, (_, i): Bands => ({
		bands:
			options.colours === 'by-tube'
				? [{ yarn: ids.indexOf(entryAt(options.yarns, i % options.yarns.length)), rows }]
				: bandsOf(options.line, options.yarns, rows)
	}));
	const pieces = tubePieces(options, tubes, main);
	const all = pieces.map((p) => p.id);
	const loops = options.across * Math.floor(machine.pins / 2);
	const stitches = borderStitches(loops, options);
	const finished = {
		kind: 'side-by-side' as const,
		across: options.across,
		tubeCm: machine.pins / 2 / main.stitchesPerCm.mean,
		lengthCm: rows / main.rowsPerCm.mean,
		rows,
		tubes,
		border: { kind: options.border, loops, stitches, of: options.repeatOf }
	};
	const border: AssemblyStep[] =
		options.border === 'none'
			? []
			: [
					{ do: 'border', pieces: all, kind: options.border, loops, stitches, of: options.repeatOf }
				];
	return {
		pieces,
		assembly: [
			...BEGUN,
			...pieces.flatMap((p) => closedFlat(p.id, options)),
			{ do: 'side-by-side', pieces: all, times: options.across - 1 },
			...border,
			...ENDED
		],
		finished,
		...blanketSaid(finished, { machine, gauge: main })
	};
}

/** Tubes closed flat at both ends, sewn side by side. */
export const tubeBlanket = assembledRecipe<TubeBlanketOptions, FinishedOf<'side-by-side'>>(
	'tube-blanket',
	{
		options: tubeBlanketOptions,
		phrase:
			'A blanket of {across} side by side, {lengthCm} long, on {machine}, in {yarns}, {colours+line}, {border+repeatOf}[, its ends closed flat by {closing}]',
		rules: blanketRules,
		pins: { least: 40, most: 100 },
		defaults: (bench) => {
			const yarns = yarnsFor(bench, 3);
			if (!yarns[0]) return undefined;
			return {
				recipe: 'tube-blanket',
				yarns,
				line: '20 A',
				colours: 'by-tube',
				across: 6,
				lengthCm: 80,
				border: 'single',
				repeatOf: 5,
				closing: USUAL_CLOSING,
				...USUAL_ENDS
			};
		},
		design
	}
);
