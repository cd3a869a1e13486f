import { measuresOf } from './measures';
import type { GarmentOptions } from './options';
import { gridOf, type CutContext, type Pattern } from './pattern';

/** Pins of the two ladders of a shrug's tube, from 1: the first, and the one that leaves as many on either side. */
export const ladderPinsOf = (
	options: Pick<GarmentOptions, 'ladderPins'>,
	pins: number
): number[] =>
	options.ladderPins.length === 2 ? [...options.ladderPins] : [1, 1 + Math.floor(pins / 2)];

/** Pins between two ladders, one way round and the other. */
export function betweenLadders(ladders: readonly number[], pins: number): [number, number] {
	const [a, b] = [Math.min(...ladders), Math.max(...ladders)];
	return [b - a - 1, pins - (b - a) - 1];
}

/** A cuff's pattern of 3 and 2, round the closed ends of both tubes (common practice). */
const CUFF_REPEAT = 5;
/** One round plain, then of the pattern (common practice). */
const CUFF_ROUNDS = 8;

/** A shrug of two tubes, joined over the sleeves by the yarn of their ladders; neck and body stay open between. */
export function cutShrug(options: GarmentOptions, { density, pins }: CutContext): Pattern {
	const grid = gridOf(density);
	const m = measuresOf(options);
	const h = grid.up(m.span.cm);
	const ladders = ladderPinsOf(options, pins);
	const across = Math.max(...betweenLadders(ladders, pins));
	const w = across / density.stitchesPerCm;
	// One long edge is joined over the sleeves, with the neck between; the other under them, round the body.
	const edge = (x: number, parts: readonly [string, string], openCm: number) => {
		const joined = (h - Math.min(h, openCm)) / 2;
		return [
			{ x, y: 0, part: parts[0] },
			{ x, y: joined, part: parts[1] },
			{ x, y: h - joined, part: parts[0] },
			{ x, y: h }
		];
	};
	const under = edge(0, ['underside', 'body'], m.bodyOpen.cm);
	const top = edge(w, ['sleeve', 'neck'], m.neckOpen.cm);
	const neckAt = { from: top[1]?.y ?? 0, to: top[2]?.y ?? h };
	const bodyAt = { from: under[1]?.y ?? 0, to: under[2]?.y ?? h };
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
				handles: [
					{ side: 'right', index: 3, y: { measure: 'span', per: 1 } },
					{ side: 'right', index: 2, y: { measure: 'neckOpen', per: 2 } },
					{ side: 'left', index: 2, y: { measure: 'bodyOpen', per: 2 } }
				],
				dimensions: [
					{ measure: 'span', from: { x: w + 6, y: 0 }, to: { x: w + 6, y: h } },
					{
						measure: 'neckOpen',
						from: { x: w + 2, y: neckAt.from },
						to: { x: w + 2, y: neckAt.to }
					},
					{ measure: 'bodyOpen', from: { x: -2, y: bodyAt.from }, to: { x: -2, y: bodyAt.to } }
				]
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
				kind: 'ladders',
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
