import type { Side } from '../../shaping/outline';
import type { Strip } from './strip';

/** A stretch of a panel's border; a mirror image goes by its panel's name with `-mirror`. */
export interface SeamEnd {
	readonly piece: string;
	readonly part: string;
	readonly side?: Side | 'top' | 'bottom';
}
/** Two edges that are probably sewn together: the maker confirms it. */
export interface GuessedSeam {
	/** What it is called, and known by. */
	readonly name: string;
	readonly a: readonly SeamEnd[];
	readonly b: readonly SeamEnd[];
	readonly times: number;
	/** Two first rows joined loop to loop, off their waste. */
	readonly open?: true;
}

const HANDS = ['left', 'right'] as const;
/** An edge at the side of the body, by the hand of the wearer that it lies at. */
interface BodyEdge {
	readonly hand: Side;
	readonly strip: Strip;
	readonly piece: string;
	readonly side: Side;
}
const isEdging = (s: Strip) => /band|border|collar|pocket|hood/i.test(s.of);
const isBack = (s: Strip) => /back/i.test(s.of) && !isEdging(s);
const isFront = (s: Strip) => /front/i.test(s.of) && !isEdging(s);
const isSleeve = (s: Strip) => /sleeve/i.test(s.of);
const isMiddle = (s: Strip, side: Side) => s.marks[side].some((m) => m.part === 'centre');

/** Seen from the right side a back has the wearer's left at its left, a front at its right. */
function bodyEdges(s: Strip): BodyEdge[] {
	const hand = (side: Side): Side => (isFront(s) ? (side === 'left' ? 'right' : 'left') : side);
	const own = HANDS.filter((side) => !isMiddle(s, side));
	return own.flatMap((side): BodyEdge[] => {
		const edge = { hand: hand(side), strip: s, piece: s.id, side };
		if (!s.mirrored) return [edge];
		const other: Side = side === 'left' ? 'right' : 'left';
		return [edge, { hand: hand(other), strip: s, piece: `${s.id}-mirror`, side: other }];
	});
}
/** A mirror image has on its left what the panel has on its right. */
const marksAt = ({ strip, piece, side }: BodyEdge) =>
	strip.marks[piece === strip.id ? side : side === 'left' ? 'right' : 'left'];
const hasPart = (e: BodyEdge, part: string): boolean =>
	part === 'side'
		? (marksAt(e)[0]?.row ?? 1) > 0 || marksAt(e)[0]?.part === 'side'
		: marksAt(e).some((m) => m.part === part);
const at = (e: BodyEdge, part: string): SeamEnd => ({ piece: e.piece, part, side: e.side });

/** The shoulder of an edge: its slope, and of a half its last row too. */
function shoulderOf(e: BodyEdge): SeamEnd[] {
	const ends: SeamEnd[] = [];
	if (hasPart(e, 'shoulder') || e.strip.shoulder !== undefined) ends.push(at(e, 'shoulder'));
	if (e.strip.top === 'shoulder') ends.push({ piece: e.piece, part: 'shoulder', side: 'top' });
	return ends;
}

function bodySeams(edges: readonly BodyEdge[]): GuessedSeam[] {
	return HANDS.flatMap((hand): GuessedSeam[] => {
		const back = edges.find((e) => e.hand === hand && isBack(e.strip));
		const front = edges.find((e) => e.hand === hand && isFront(e.strip));
		if (!back || !front) return [];
		const seams: GuessedSeam[] = [];
		const [a, b] = [shoulderOf(back), shoulderOf(front)];
		if (a.length > 0 && b.length > 0) seams.push({ name: `shoulder, ${hand}`, a, b, times: 1 });
		if (hasPart(back, 'side') && hasPart(front, 'side'))
			seams.push({
				name: `side, ${hand}`,
				a: [at(back, 'side')],
				b: [at(front, 'side')],
				times: 1
			});
		return seams;
	});
}
/** Down the middle of what is knitted in halves; of what was knitted on its side, along its middle line. */
const middleSeams = (strips: readonly Strip[]): GuessedSeam[] =>
	strips.flatMap((s): GuessedSeam[] => {
		const times = s.count / 2;
		const both = (part: string, a: SeamEnd['side'], b: SeamEnd['side']) => ({
			a: [{ piece: s.id, part, ...(a && { side: a }) }],
			b: [{ piece: `${s.id}-mirror`, part, ...(b && { side: b }) }]
		});
		if (!s.mirrored) return [];
		if (s.id.endsWith('-side'))
			return [
				{ name: `${s.of}, along its middle`, ...both('hem', 'bottom', 'bottom'), times },
				{ name: `${s.of}, underneath`, ...both('underarm', 'top', 'top'), times }
			];
		// Fronts that open have their own bands; what a division left is one piece again.
		return isMiddle(s, 'right') && / half$/.test(s.name)
			? [{ name: `${s.of}, down its middle`, ...both('centre', 'right', 'left'), times }]
			: [];
	});

/** The end of a sleeve that goes into the armhole. */
function intoArmhole(sleeve: readonly Strip[]): SeamEnd[] {
	const s = sleeve.find((x) => !x.id.endsWith('-down'));
	if (!s) return [];
	if (s.id.endsWith('-side'))
		return [
			{ piece: s.id, part: 'cap', side: 'right' },
			{ piece: `${s.id}-mirror`, part: 'cap', side: 'left' }
		];
	if (s.turned) return [{ piece: s.id, part: 'hem', side: 'bottom' }];
	if (s.top !== 'cap') return [{ piece: s.id, part: s.top, side: 'top' }];
	return [
		{ piece: s.id, part: 'cap', side: 'left' },
		{ piece: s.id, part: 'cap', side: 'top' },
		{ piece: s.id, part: 'cap', side: 'right' }
	];
}
function sleeveSeams(sleeve: readonly Strip[], edges: readonly BodyEdge[]): GuessedSeam[] {
	const into = intoArmhole(sleeve);
	const armholes = HANDS.flatMap((hand): GuessedSeam[] => {
		const here = edges.filter((e) => e.hand === hand && hasPart(e, 'armhole'));
		if (into.length === 0 || here.length < 2) return [];
		return [{ name: `armhole, ${hand}`, a: here.map((e) => at(e, 'armhole')), b: into, times: 1 }];
	});
	return [...armholes, ...sleeve.flatMap(ownSeam)];
}
/** Up a panel's own two sides. */
function ownSeam(s: Strip): GuessedSeam[] {
	const first = s.marks.left[0];
	if (s.id.endsWith('-side') || (first?.row === 0 && first.part !== 'side')) return [];
	const end = (side: Side): SeamEnd => ({ piece: s.id, part: 'side', side });
	return [{ name: `${s.name}, its sides`, a: [end('left')], b: [end('right')], times: s.count }];
}
/** Two pieces whose sides match, of which no name says more: a front and a back of something. */
function matchingSides(others: readonly Strip[]): GuessedSeam[] {
	const single = others.filter((s) => s.count === 1 && !s.mirrored && s.rows > 2);
	return single.flatMap((a, i): GuessedSeam[] => {
		const b = single.slice(i + 1).find((s) => s.rows === a.rows && s.castOn === a.castOn);
		if (!b) return [];
		return HANDS.map((side) => ({
			name: `${a.name} to ${b.name}, ${side}`,
			a: [{ piece: a.id, part: 'side', side }],
			b: [{ piece: b.id, part: 'side', side: side === 'left' ? 'right' : 'left' }],
			times: 1
		}));
	});
}
/** A band along the neck: round what the fronts and the back leave open. */
function neckSeam(bands: readonly Strip[], body: readonly Strip[]): GuessedSeam[] {
	const band = bands.find((s) => /neck|collar/i.test(s.of));
	const a = body.flatMap((s): SeamEnd[] => {
		const inner = HANDS.filter((side) => s.marks[side].some((m) => m.part === 'neck'));
		const own = inner.map((side): SeamEnd => ({ piece: s.id, part: 'neck', side }));
		const image = s.mirrored
			? inner.map((side): SeamEnd => ({
					piece: `${s.id}-mirror`,
					part: 'neck',
					side: side === 'left' ? 'right' : 'left'
				}))
			: [];
		return s.top === 'neck' ? [{ piece: s.id, part: 'neck', side: 'top' }] : [...own, ...image];
	});
	if (!band || a.length === 0) return [];
	const b: SeamEnd[] = [{ piece: band.id, part: 'hem', side: 'bottom' }];
	return [{ name: `${band.name}, round the neck`, a, b, times: 1 }];
}
/** Where a piece was parted at its widest row. */
function widestSeams(strips: readonly Strip[], joined: ReadonlySet<string>): GuessedSeam[] {
	return strips.flatMap((up): GuessedSeam[] => {
		const down = strips.find((s) => `${s.id.replace(/-down$/, '')}-up` === up.id);
		if (!down) return [];
		const end = (s: Strip): SeamEnd => ({ piece: s.id, part: 'hem', side: 'bottom' });
		return [
			{
				name: `${up.of}, at its widest row`,
				a: [end(down)],
				b: [end(up)],
				times: up.count,
				...(joined.has(up.of) ? { open: true as const } : {})
			}
		];
	});
}

/**
 * What is probably sewn to what, by the names of the pieces and the edges that match: shoulders, sides, armholes, sleeves, the
 * middle of what is knitted in halves, and the sides of two pieces that are alike. Pieces in `joined` are joined loop to loop
 * where they were parted.
 */
export function guessSeams(
	strips: readonly Strip[],
	joined: ReadonlySet<string> = new Set()
): GuessedSeam[] {
	const body = strips.filter((s) => isBack(s) || isFront(s));
	const edges = body.flatMap(bodyEdges);
	const sleeves = strips.filter(isSleeve);
	const alike = strips.filter(
		(s) => !body.includes(s) && !isSleeve(s) && s.count === 2 && !s.mirrored && s.rows > 2
	);
	return [
		...middleSeams(strips),
		...widestSeams(strips, joined),
		...bodySeams(edges),
		...sleeveSeams(sleeves, edges),
		...alike
			.filter((s) => /panel|piece|side|square/i.test(s.of))
			.flatMap(ownSeam)
			.map((g) => ({ ...g, times: 2 })),
		...matchingSides(
			strips.filter(
				(s) => !body.includes(s) && !isSleeve(s) && !isEdging(s) && !/strap/i.test(s.of)
			)
		),
		...neckSeam(strips.filter(isEdging), body)
	];
}
