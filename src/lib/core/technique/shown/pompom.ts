import { line, n, patch, text, yarn, type Ink } from '../drawing/ink';
import { played, type TableDemo } from './shown';

const CARD = { x: 52, y: 14, w: 64, h: 76 } as const;
/** Wraps side by side before the next lie over them, as they are drawn. */
const SIDE_BY_SIDE = 9;

interface Wound {
	readonly wraps: number;
	readonly of: number;
}
function wraps({ wraps: made, of }: Wound): Ink[] {
	// A layer drawn stands for a share of them all.
	const layers = 3;
	const drawn = Math.min(SIDE_BY_SIDE * layers, Math.ceil((made / of) * SIDE_BY_SIDE * layers));
	return Array.from({ length: drawn }, (_, i) => {
		const layer = Math.floor(i / SIDE_BY_SIDE);
		const x = 60 + (i % SIDE_BY_SIDE) * 6 + layer * 1.6;
		return yarn(
			`M${n(x)} ${9 - layer * 2}V${95 + layer * 2}`,
			// The newest lie over those that are there already.
			layer === Math.floor((drawn - 1) / SIDE_BY_SIDE) ? 'work' : 'rest',
			4
		);
	});
}
const windInks = (s: Wound): Ink[] => [
	patch(`M${CARD.x} ${CARD.y}h${CARD.w}v${CARD.h}h-${CARD.w}Z`, 'second'),
	...wraps(s),
	...(s.wraps < s.of ? [yarn('M112 96C124 100 140 92 164 84', 'work', 4)] : []),
	text(26, 50, String(s.wraps)),
	text(26, 64, `of ${s.of}`)
];

/** Wound round a card. */
export const wind: TableDemo = {
	pictured: 2,
	steps: ({ wraps: all = 60 }) => {
		const parts = [1, Math.ceil(all / 3), Math.ceil((2 * all) / 3), all];
		const turns = parts.map((to, i) => [to - (parts[i - 1] ?? 0)]);
		return played<Wound, number>(
			{ wraps: 0, of: all },
			(s, more) => ({ ...s, wraps: s.wraps + more }),
			turns,
			{
				first: 'A card as wide as the pom-pom is to be, the end held along it',
				says: (more, { wraps: made }) =>
					made === 0
						? 'Once round, over the end'
						: made + more >= all
							? `To the last: ${all} wraps, none so tight that the card bends`
							: made === 1
								? `Side by side: ${made + more} of ${all}`
								: `Then over one another: ${made + more} of ${all}`,
				draw: windInks
			}
		);
	}
};

type Cutting = 'off the card' | 'tie' | 'knot' | 'cut above' | 'cut below' | 'trim';
const SPREAD = [-28, -21, -14, -7, 0, 7, 14, 21, 28] as const;
/** Where a strand ends: over the card, or cut and fanned out, ragged until it is trimmed round. */
function endOf(a: number, i: number, { cut, trimmed }: { cut: boolean; trimmed: boolean }) {
	if (!cut) return { x: a, y: 42 };
	const turn = a / 24;
	const out = trimmed ? 40 : 37 + ((i * 5) % 4) * 3;
	return { x: out * Math.sin(turn), y: out * Math.cos(turn) };
}
function pomInks(done: readonly Cutting[]): Ink[] {
	const has = (c: Cutting) => done.includes(c);
	const waist = has('tie') ? 0.2 : 1;
	const trimmed = has('trim');
	const strands = SPREAD.map((a, i) => {
		const up = endOf(a, i, { cut: has('cut above'), trimmed });
		const down = endOf(a, i + 2, { cut: has('cut below'), trimmed });
		const middle = 84 + a * waist;
		const soft = (x: number) => 84 + (x + a * waist) * 0.5;
		return yarn(
			`M${n(84 + up.x)} ${n(52 - up.y)}C${n(soft(up.x))} ${n(52 - up.y * 0.5)} ${n(middle)} 46 ${n(middle)} 52C${n(middle)} 58 ${n(soft(down.x))} ${n(52 + down.y * 0.5)} ${n(84 + down.x)} ${n(52 + down.y)}`,
			'rest',
			4
		);
	});
	// Not cut they turn back: wraps end in bows.
	const bows = (y: number, deep: number) =>
		yarn(
			SPREAD.slice(1)
				.map(
					(a, i) =>
						`M${n(84 + (SPREAD[i] ?? 0))} ${y}q${n((a - (SPREAD[i] ?? 0)) / 2)} ${deep} ${n(a - (SPREAD[i] ?? 0))} 0`
				)
				.join(''),
			'rest',
			4
		);
	return [
		...strands,
		...(has('cut above') ? [] : [bows(10, -8)]),
		...(has('cut below') ? [] : [bows(94, 8)]),
		...(has('tie') ? [yarn('M70 52C76 46 92 46 98 52C92 58 76 58 70 52', 'work', 4)] : []),
		...(has('knot') ? [yarn('M98 52L120 44M98 52L120 62', 'work', 4)] : []),
		...(has('off the card') ? [] : [line('M52 14H116V90H52Z')])
	];
}
const SAID: Record<Cutting, string> = {
	'off the card': 'Slid off the card and held',
	tie: 'A doubled strand round the middle, as tight as it will go',
	knot: 'Knotted twice; its ends left long',
	'cut above': 'The bows cut at one end',
	'cut below': 'And at the other',
	trim: 'Trimmed round, shaken, and trimmed again'
};
/** Tied, cut and trimmed. */
export const tieCut: TableDemo = {
	pictured: 3,
	steps: () =>
		played<readonly Cutting[], Cutting>(
			[],
			(done, c) => [...done, c],
			(Object.keys(SAID) as Cutting[]).map((c) => [c]),
			{ first: 'All wraps on the card', says: (c) => SAID[c], draw: pomInks }
		)
};
