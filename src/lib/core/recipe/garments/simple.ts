import { entryAt } from '../../quantity/sure';
import { yarnAtFor } from '../../shaping/typed';
import { endsOf, type FreeSeamEnd } from './free-piece';
import type { GarmentOptions } from './options';
import { otherSide, SIDES, type Outline, type Side } from '../../shaping/outline';
import { measuresOf } from './measures';
import type { EdgeRef } from '../../assembly/assembly';
import type { Seam } from '../../assembly/joint';
import { gridOf, mirrorPiece, type CutContext, type CutPiece, type Pattern } from './pattern';

/** A straight piece with its two measures on the drawing, dragged by its upper right corner. */
export function straight(
	id: string,
	name: string,
	size: { w: number; h: number; across: 'width' | 'around'; part?: string },
	more: Partial<CutPiece> = {}
): CutPiece {
	const { w, h, across, part = 'side' } = size;
	return {
		id,
		name,
		count: 1,
		outline: {
			left: [
				{ x: 0, y: 0, part },
				{ x: 0, y: h }
			],
			right: [
				{ x: w, y: 0, part },
				{ x: w, y: h }
			]
		},
		seam: { left: 0, right: 0 },
		yarnAt: null,
		tube: false,
		handles: [
			{ side: 'right', index: 1, x: { measure: across, per: 1 }, y: { measure: 'height', per: 1 } }
		],
		dimensions: [
			{ measure: across, from: { x: 0, y: h + 1.2 }, to: { x: w, y: h + 1.2 } },
			{ measure: 'height', from: { x: w + 2, y: 0 }, to: { x: w + 2, y: h } }
		],
		...more
	};
}

export function cutRectangle(options: GarmentOptions, { density }: CutContext): Pattern {
	const grid = gridOf(density);
	const m = measuresOf(options);
	const size = { w: grid.across(m.width.cm), h: grid.up(m.height.cm), across: 'width' as const };
	const piece = straight('panel', options.recipe === 'strap' ? 'Strap' : 'Panel', size);
	return {
		pieces: [piece],
		seams: [],
		edges:
			options.edging === 'crochet'
				? [
						{
							id: 'round',
							ends: [
								{ piece: 'panel', part: 'side', side: 'left' },
								{ piece: 'panel', part: 'top' },
								{ piece: 'panel', part: 'side', side: 'right' },
								{ piece: 'panel', part: 'hem' }
							],
							times: 1
						}
					]
				: []
	};
}

/** A tube of any size: a panel as wide as it goes round, seamed up one side. */
export function cutSeamedTube(options: GarmentOptions, { density }: CutContext): Pattern {
	const grid = gridOf(density);
	const m = measuresOf(options);
	const size = { w: grid.across(m.around.cm), h: grid.up(m.height.cm), across: 'around' as const };
	return {
		pieces: [straight('panel', 'Panel', size, { seam: { left: 1, right: 1 } })],
		seams: [
			{
				id: 'edge',
				kind: 'edge',
				a: [{ piece: 'panel', part: 'side', side: 'left' }],
				b: [{ piece: 'panel', part: 'side', side: 'right' }],
				times: 1
			}
		],
		edges:
			options.edging === 'crochet'
				? [{ id: 'hem', ends: [{ piece: 'panel', part: 'hem' }], times: 1 }]
				: []
	};
}

/** Mitts: a panel round the palm, its seam open for the thumb. Two of them. */
export function cutMitts(options: GarmentOptions, { density }: CutContext): Pattern {
	const grid = gridOf(density);
	const m = measuresOf(options);
	const [w, h] = [grid.across(m.around.cm), grid.up(m.height.cm)];
	const from = Math.min(h - 2 * grid.row, grid.up(m.thumbFrom.cm));
	const to = Math.min(h, from + grid.up(m.thumbGap.cm));
	const edge = (x: number) => [
		{ x, y: 0, part: 'below' },
		{ x, y: from, part: 'thumb' },
		{ x, y: to, part: 'above' },
		{ x, y: h }
	];
	const outline: Outline = { left: edge(0), right: edge(w) };
	const base = straight('mitt', 'Mitt', { w, h, across: 'around' });
	const sides = (part: string) =>
		(['left', 'right'] as const).map((side) => ({ piece: 'mitt', part, side }));
	const seam = (part: 'below' | 'above'): Seam => {
		const [a, b] = sides(part).map((end) => [end]) as [EdgeRef[], EdgeRef[]];
		return { id: part, kind: 'edge', a, b, times: 2 };
	};
	return {
		pieces: [
			{
				...base,
				count: 2,
				outline,
				seam: { left: 1, right: 1 },
				handles: [
					{
						side: 'right',
						index: 3,
						x: { measure: 'around', per: 1 },
						y: { measure: 'height', per: 1 }
					},
					{ side: 'right', index: 1, y: { measure: 'thumbFrom', per: 1 } },
					{ side: 'right', index: 2, y: { measure: 'thumbGap', per: 1 } }
				],
				dimensions: [
					...base.dimensions,
					{ measure: 'thumbFrom', from: { x: -2, y: 0 }, to: { x: -2, y: from } },
					{ measure: 'thumbGap', from: { x: -2, y: from }, to: { x: -2, y: to } }
				]
			}
		],
		seams: [seam('below'), ...(to < h - 1e-9 ? [seam('above')] : [])],
		edges:
			options.edging === 'none'
				? []
				: [{ id: 'armhole', called: 'thumb', ends: sides('thumb'), times: 2 }]
	};
}

/** Whether both edges of a free piece have a stretch of that name. */
const onBoth = (options: GarmentOptions, { piece, part }: EdgeRef): boolean => {
	const free = options.pieces.find((p) => p.id === piece);
	const has = (edge: readonly { part?: string | undefined }[]) =>
		edge.slice(0, -1).some((p) => p.part === part);
	return free !== undefined && has(free.left) && has(free.right);
};

const refOf = ({ piece, part, side }: FreeSeamEnd): EdgeRef => ({
	piece,
	part,
	...(side && { side })
});
/** A free garment: the maker's outlines, mirrored where asked, and the maker's seams. */
export function cutFree(options: GarmentOptions): Pattern {
	const pieces = options.pieces.flatMap((p): CutPiece[] => {
		const points = (side: 'left' | 'right') =>
			p[side].map(({ x, y, part }) => ({ x, y, ...(part === undefined ? {} : { part }) }));
		const mirroredCount = p.mirrored ? Math.floor(p.count / 2) : 0;
		const piece: CutPiece = {
			id: p.id,
			name: p.name,
			count: p.count - mirroredCount,
			outline: {
				left: points('left'),
				right: points('right'),
				...(p.top === undefined ? {} : { top: p.top })
			},
			// A pattern's own counts have their seam stitches among them.
			seam: p.typed ? { left: 0, right: 0 } : { left: 1, right: 1 },
			yarnAt: p.typed ? yarnAtFor(p.typed, options.shaping, 'left') : 'left',
			...(p.typed && { typed: p.typed, ...(p.says && { says: p.says }) }),
			tube: false,
			handles: [],
			dimensions: []
		};
		if (mirroredCount === 0) return [piece];
		return [
			piece,
			{ ...mirrorPiece(piece, `${p.id}-mirror`, `${p.name}, mirrored`), count: mirroredCount }
		];
	});
	const seams = options.seams.flatMap((s, i): Seam[] => {
		const one = (a: readonly EdgeRef[], b: readonly EdgeRef[], of?: Side): Seam => ({
			id: of ? `free-${i + 1}-${of}` : `free-${i + 1}`,
			kind: s.open ? 'open' : 'free',
			a,
			b,
			times: s.times ?? 1,
			...(of ? { of } : {}),
			...(s.name !== undefined && { called: s.name })
		});
		const [as, bs] = [endsOf(s.a).map(refOf), endsOf(s.b).map(refOf)];
		const [a, b] = [entryAt(as, 0), entryAt(bs, 0)];
		const told = as.length + bs.length > 2 || a.side !== undefined || b.side !== undefined;
		// A stretch that both edges have is two seams: what lies on the left of one meets the right of the other.
		if (told || a.piece === b.piece || !onBoth(options, a) || !onBoth(options, b))
			return [one(as, bs)];
		return SIDES.map((hand) =>
			one([{ ...a, side: hand }], [{ ...b, side: otherSide(hand) }], hand)
		);
	});
	return { pieces, seams, edges: [] };
}
