import { entryAt } from '../../quantity/sure';
import type { GarmentOptions } from './options';
import { edgeAt, heightOf, SIDES, type Outline } from '../../shaping/outline';
import { MOST_ROWS, sizeOf, type Density } from '../../shaping/schedule';
import { waysWider, type Wider } from '../../shaping/wider';
import { excessOf, loadOf, type Excess } from '../../program/load';
import { cutOut } from './cut';
import type { EdgeRef } from '../../assembly/assembly';
import type { CutPiece, Pattern } from './pattern';
import { fitToMachine } from './split';
import {
	cutContext,
	panelPiece,
	sectionsFor,
	tubePiece,
	type MadePiece,
	type MakeContext
} from './made-piece';

export interface MadeGarment {
	/** As drawn: whole pieces. */
	readonly drawn: Pattern;
	/** As knitted: pieces that fit the machine. */
	readonly pattern: Pattern;
	readonly pieces: readonly MadePiece[];
	/** For one straight piece: the ways to its width, where it is wider than the machine. */
	readonly wider: readonly Wider[];
	readonly most: number;
	/** Too much to be worked out: then there are no pieces. */
	readonly excess: Excess | null;
}

const isStraight = (o: Outline): boolean =>
	SIDES.every((s) => o[s].every((p) => Math.abs(p.x - entryAt(o[s], 0).x) < 1e-9));

/** Kinds that are one straight piece: extension ladders and turning are open to them. */
const STRAIGHT_KINDS: readonly GarmentOptions['recipe'][] = ['rectangle', 'strap', 'seamed-tube'];

/** Where a side of a straight piece lies once it is turned. */
const TURNED: Record<NonNullable<EdgeRef['side']>, Pick<EdgeRef, 'part' | 'side'>> = {
	left: { part: 'hem', side: 'bottom' },
	right: { part: 'side', side: 'top' },
	top: { part: 'top', side: 'right' },
	bottom: { part: 'hem', side: 'left' }
};
const turnedEnd = (end: EdgeRef): EdgeRef => ({
	...end,
	...TURNED[end.side ?? (end.part === 'hem' ? 'bottom' : 'top')]
});

/** A straight piece turned: its width is knitted as rows. */
function turned(o: Outline): Outline {
	const [w, h] = [edgeAt(o.right, 0) - edgeAt(o.left, 0), heightOf(o)];
	return {
		left: [
			{ x: 0, y: 0, part: 'hem' },
			{ x: 0, y: w }
		],
		right: [
			{ x: h, y: 0, part: 'top' },
			{ x: h, y: w }
		],
		top: 'side'
	};
}

/** A pattern of straight pieces, turned: its seams and edges speak of the same places. */
const turnedPattern = (p: Pattern): Pattern => ({
	// What was sewn at the sides is sewn at the first and last rows now, and takes no edge stitch.
	pieces: p.pieces.map((x) => ({ ...x, outline: turned(x.outline), seam: { left: 0, right: 0 } })),
	seams: p.seams.map((s) => ({ ...s, a: s.a.map(turnedEnd), b: s.b.map(turnedEnd) })),
	edges: p.edges.map((e) => ({ ...e, ends: e.ends.map(turnedEnd) }))
});

/** Whether a pattern is too much to be worked out, from its outlines and its stripe line alone. */
function excessFor(options: GarmentOptions, pattern: Pattern, density: Density): Excess | null {
	return excessOf(
		loadOf(
			pattern.pieces.map((p) => {
				const { stitches, rows } = sizeOf(p.outline, density, p.seam);
				// What is too long is said of its piece, and not laid out.
				const laid = Math.min(rows, MOST_ROWS);
				return { rows: laid, stitches, joins: sectionsFor(options, p, laid).length - 1 };
			})
		)
	);
}

/** All pieces of its options, each fitted to the machine by the way chosen where it is too wide. */
export function makePieces(options: GarmentOptions, context: MakeContext): MadeGarment {
	const { density } = context;
	const cutting = cutContext(options, context);
	const drawn = cutOut(options, cutting);
	const { most } = cutting;
	const one = drawn.pieces[0];
	const straight =
		STRAIGHT_KINDS.includes(options.recipe) && one !== undefined && isStraight(one.outline);
	const tooWide = (p: CutPiece) => !p.tube && sizeOf(p.outline, density, p.seam).stitches > most;
	const wider =
		straight && tooWide(one)
			? waysWider(
					{
						widthCm: edgeAt(one.outline.right, 0) - edgeAt(one.outline.left, 0),
						heightCm: heightOf(one.outline)
					},
					density,
					most,
					options.card
				)
			: [];
	const chosen = wider.find((w) => w.way === options.wide)?.way ?? 'panels';
	if (wider.length > 0 && chosen !== 'panels') {
		const pattern = chosen === 'sideways' ? turnedPattern(drawn) : drawn;
		const excess = excessFor(options, pattern, density);
		const pieces = excess
			? []
			: pattern.pieces.map((p) => panelPiece(options, { cut: p, way: chosen }, context));
		return { drawn, pattern, pieces, wider, most, excess };
	}
	const fitted = fitToMachine(drawn, density, most);
	const excess = excessFor(options, fitted.pattern, density);
	const pieces: MadePiece[] = [];
	for (const p of excess ? [] : fitted.pattern.pieces) {
		if (p.tube) pieces.push(tubePiece(options, p, context));
		else {
			const whole = fitted.of.get(p.id) ?? p.id;
			const way = whole === p.id ? 'whole' : 'panels';
			pieces.push({ ...panelPiece(options, { cut: p, way, made: pieces }, context), of: whole });
		}
	}
	return { drawn, pattern: fitted.pattern, pieces, wider, most, excess };
}
