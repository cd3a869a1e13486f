import { at } from '../../quantity/sure';
import { tubeBlanketWish } from './options/blanket';
import type { TubeBlanketWish } from './options';
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
import { thingRecipe } from './thing';

/** Crochet along the closed ends: one in every loop, two, or the nearest that a repeat divides. */
export const borderStitches = (
	loops: number,
	{ border, repeatOf }: Pick<TubeBlanketWish, 'border' | 'repeatOf'>
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
function tubePieces(wish: TubeBlanketWish, tubes: readonly Bands[], main: Gauge): Piece[] {
	const plain = wish.colours === 'by-tube';
	const ids = [...new Set(wish.yarns)];
	const kinds = [...new Set(tubes.map((t) => (plain ? at(t.bands, 0).yarn : -1)))];
	return kinds.map((yarn) => {
		const like = tubes.filter((t) => !plain || at(t.bands, 0).yarn === yarn);
		return {
			id: plain ? `tube-${yarn + 1}` : 'tube',
			name: 'Tube',
			count: like.length,
			mirrored: false,
			yarns: ids,
			program: tubeOf(at(like, 0).bands, wish),
			rowsWorking: [
				own(wish.lengthCm, 'length', 'set by you'),
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
	wish: TubeBlanketWish,
	{ machine, gauge }: DesignContext
): Design<FinishedOf<'side-by-side'>> {
	const main = gauge(at(wish.yarns, 0));
	const rows = Math.max(4, Math.round(wish.lengthCm * main.rowsPerCm.mean));
	const ids = [...new Set(wish.yarns)];
	const tubes = Array.from({ length: wish.across }, (_, i): Bands => ({
		bands:
			wish.colours === 'by-tube'
				? [{ yarn: ids.indexOf(at(wish.yarns, i % wish.yarns.length)), rows }]
				: bandsOf(wish.line, wish.yarns, rows)
	}));
	const pieces = tubePieces(wish, tubes, main);
	const all = pieces.map((p) => p.id);
	const loops = wish.across * Math.floor(machine.pins / 2);
	const stitches = borderStitches(loops, wish);
	const finished = {
		kind: 'side-by-side' as const,
		across: wish.across,
		tubeCm: machine.pins / 2 / main.stitchesPerCm.mean,
		lengthCm: rows / main.rowsPerCm.mean,
		rows,
		tubes,
		border: { kind: wish.border, loops, stitches, of: wish.repeatOf }
	};
	const border: AssemblyStep[] =
		wish.border === 'none'
			? []
			: [{ do: 'border', pieces: all, kind: wish.border, loops, stitches, of: wish.repeatOf }];
	return {
		pieces,
		assembly: [
			...BEGUN,
			...pieces.flatMap((p) => closedFlat(p.id, wish)),
			{ do: 'side-by-side', pieces: all, times: wish.across - 1 },
			...border,
			...ENDED
		],
		finished,
		...blanketSaid(finished, { machine, gauge: main })
	};
}

/** Tubes closed flat at both ends, sewn side by side. */
export const tubeBlanket = thingRecipe<TubeBlanketWish, FinishedOf<'side-by-side'>>(
	'tube-blanket',
	{
		options: tubeBlanketWish,
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
