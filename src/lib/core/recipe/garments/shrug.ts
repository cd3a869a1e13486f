import type { Measure } from '../../model/kinds';
import type { EdgePoint } from '../../shaping/outline';
import { measuresOf } from './measures';
import type { GarmentOptions } from './options';
import { gridOf, type CutContext, type CutPiece, type Pattern } from './pattern';

/** Pins of the two ladders of a shrug's tube, from 1: the first, and the one that leaves as many on either side. */
export const ladderPinsOf = (
	options: Pick<GarmentOptions, 'ladderPins'>,
	pins: number
): number[] =>
	options.ladderPins.length === 2 && apart(options.ladderPins, pins)
		? [...options.ladderPins]
		: [1, 1 + Math.floor(pins / 2)];

/** On the ring, and not one. */
const apart = (ladders: readonly number[], pins: number): boolean =>
	ladders.every((p) => p <= pins) && new Set(ladders).size === ladders.length;

/** Pins between two ladders, one way round and the other. */
export function betweenLadders(ladders: readonly number[], pins: number): [number, number] {
	const [a, b] = [Math.min(...ladders), Math.max(...ladders)];
	return [b - a - 1, pins - (b - a) - 1];
}

/** A cuff's pattern of 3 and 2, round the closed ends of both tubes (common practice). */
const CUFF_REPEAT = 5;
/** One round plain, then of the pattern (common practice). */
const CUFF_ROUNDS = 8;

/** A long side of a tube: joined at both ends, and open so far in the middle. */
function longEdge(
	{ x, h }: { readonly x: number; readonly h: number },
	[closed, open]: readonly [string, string],
	openCm: number
): EdgePoint[] {
	const joined = (h - Math.min(h, openCm)) / 2;
	return [
		{ x, y: 0, part: closed },
		{ x, y: joined, part: open },
		{ x, y: h - joined, part: closed },
		{ x, y: h }
	];
}

/** Far enough out that both figures can be read beside one another, cm. */
const SPAN_OUT_CM = 6;

/** What can be dragged on it, and the measures drawn beside it. */
function grips(
	w: number,
	{ top, under }: Record<'top' | 'under', readonly EdgePoint[]>,
	h: number
): Pick<CutPiece, 'handles' | 'dimensions'> {
	const between = (measure: Measure, x: number, edge: readonly EdgePoint[]) => ({
		measure,
		from: { x, y: edge[1]?.y ?? 0 },
		to: { x, y: edge[2]?.y ?? h }
	});
	return {
		handles: [
			{ side: 'right', index: 3, y: { measure: 'span', per: 1 } },
			{ side: 'right', index: 2, y: { measure: 'neckOpen', per: 2 } },
			{ side: 'left', index: 2, y: { measure: 'bodyOpen', per: 2 } }
		],
		dimensions: [
			{ measure: 'span', from: { x: w + SPAN_OUT_CM, y: 0 }, to: { x: w + SPAN_OUT_CM, y: h } },
			between('neckOpen', w + 2, top),
			between('bodyOpen', -2, under)
		]
	};
}

/** A shrug of two tubes, joined over and under the sleeves by the yarn of their ladders; neck and body stay open between. */
export function cutShrug(options: GarmentOptions, { density, pins }: CutContext): Pattern {
	const grid = gridOf(density);
	const m = measuresOf(options);
	const h = grid.up(m.span.cm);
	const ladders = ladderPinsOf(options, pins);
	const across = Math.max(...betweenLadders(ladders, pins));
	const w = across / density.stitchesPerCm;
	const under = longEdge({ x: 0, h }, ['underside', 'body'], m.bodyOpen.cm);
	const top = longEdge({ x: w, h }, ['sleeve', 'neck'], m.neckOpen.cm);
	return {
		pieces: [
			{
				id: 'tube',
				name: 'Tube',
				count: 2,
				outline: { left: under, right: top },
				seam: { left: 0, right: 0 },
				yarnAt: null,
				tube: true,
				...grips(w, { top, under }, h)
			}
		],
		seams: [
			{
				id: 'over-sleeves',
				kind: 'ladders',
				a: [{ piece: 'tube', part: 'sleeve', side: 'right' }],
				b: [{ piece: 'tube', part: 'sleeve', side: 'right' }],
				times: 1
			},
			{
				id: 'under-sleeves',
				kind: 'ladders-under',
				a: [{ piece: 'tube', part: 'underside', side: 'left' }],
				b: [{ piece: 'tube', part: 'underside', side: 'left' }],
				times: 1
			}
		],
		edges:
			options.edging === 'none'
				? []
				: [
						{
							id: 'cuff',
							ends: [{ piece: 'tube', part: 'hem' }],
							times: 2,
							repeat: { of: CUFF_REPEAT, loops: pins - ladders.length, rounds: CUFF_ROUNDS }
						}
					]
	};
}
