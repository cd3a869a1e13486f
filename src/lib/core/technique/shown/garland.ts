import { line, n, patch, text, yarn, type Ink } from '../drawing/ink';
import { played, type TableDemo } from './shown';

/** So many are drawn, however many there are. */
const MOST = 4;
type Stringing = 'mark' | 'loop' | 'tie' | 'hang';
/** A cord on the table, and what is on it. */
interface Strung {
	readonly marks: number;
	readonly loops: number;
	readonly tied: number;
	readonly hung: boolean;
}
const FROM = 22;
const TO = 146;
const SAG = 30;
const spacing = (TO - FROM) / (MOST + 1);
/** Straight on the table; hung it sags, and places stay where they are along it. */
const at = (s: Strung, i: number) => {
	const x = FROM + i * spacing;
	const t = (x - FROM) / (TO - FROM);
	return { x, y: s.hung ? 18 + 4 * SAG * t * (1 - t) : 34 };
};
function inks(s: Strung): Ink[] {
	const marks = Array.from({ length: s.marks }, (_, i) => at(s, i + 1));
	const end = (x: number, way: 1 | -1) =>
		yarn(
			`M${x} ${s.hung ? 18 : 34}c${way * 4}-10 ${way * 14}-6 ${way * 10} 2s-8 4 ${-way * 10}-2`,
			'work',
			4
		);
	return [
		yarn(s.hung ? `M${FROM} 18Q84 ${18 + 2 * SAG} ${TO} 18` : `M${FROM} 34H${TO}`, 'work', 4),
		...(s.loops > 0 ? [end(FROM, -1)] : []),
		...(s.loops > 1 ? [end(TO, 1)] : []),
		...(s.hung ? [] : marks.map(({ x, y }) => line(`M${n(x)} ${y - 9}v18`))),
		...marks
			.slice(0, s.tied)
			.map(({ x, y }) => patch(`M${n(x)} ${n(y + 2)}c15 2 15 30 0 32s-15-30 0-32Z`, 'fabric')),
		...(s.hung || s.marks < 2
			? []
			: [
					line(
						`M${n(at(s, 2).x)} 78H${n(at(s, 3).x)}M${n(at(s, 2).x)} 73v10M${n(at(s, 3).x)} 73v10`
					),
					text(84, 99, 'middle to middle')
				])
	];
}
const next = (s: Strung, a: Stringing): Strung => {
	switch (a) {
		case 'mark':
			return { ...s, marks: s.marks + 1 };
		case 'loop':
			return { ...s, loops: s.loops + 1 };
		case 'tie':
			if (s.tied >= s.marks) throw new RangeError('There is no mark to tie it at.');
			return { ...s, tied: s.tied + 1 };
		case 'hang':
			return { ...s, hung: true };
	}
};

/** Things tied to a cord at equal distances. */
export const hang: TableDemo = {
	pictured: 4,
	steps: ({ things }) => {
		const drawn = Math.max(1, Math.min(MOST, things ?? MOST));
		const all = (a: Stringing) => Array.from({ length: drawn }, () => a);
		return played<Strung, Stringing>(
			{ marks: 0, loops: 0, tied: 0, hung: false },
			next,
			[['loop', 'loop'], all('mark'), ['tie'], all('tie').slice(1), ['hang']].filter(
				(b): b is Stringing[] => b.length > 0
			),
			{
				first: 'The cord laid straight on the table',
				says: (a, s) => {
					switch (a) {
						case 'loop':
							return s.loops === 0 ? 'A loop at each end, to hang it by' : null;
						case 'mark':
							return s.marks === 0
								? 'Marked at equal distances along the cord, before anything is tied'
								: null;
						case 'tie':
							if (s.tied === 0) return 'The first tied at its mark';
							return s.tied === drawn - 1
								? `One at every mark${things === undefined ? '' : `, ${things} in all`}`
								: null;
						case 'hang':
							return 'Hung: along the cord the distances stay equal, along the sag they are not measured';
					}
				},
				draw: inks
			}
		);
	}
};

/** Flags side by side on a cord, each by its first row. */
interface Flags {
	readonly on: number;
	readonly loops: boolean;
}
const FLAG = 30;
function flagInks({ on, loops }: Flags): Ink[] {
	const flags = Array.from({ length: on }, (_, i) => FROM + 2 + i * FLAG);
	const waves = (x: number) =>
		Array.from({ length: 3 }, (_, k) => `M${x + 4 + 9 * k} 26v12`).join('');
	return [
		...flags.map((x, i) =>
			patch(`M${x} 26H${x + FLAG}L${x + FLAG / 2} 76Z`, i % 2 === 0 ? 'fabric' : 'second')
		),
		yarn(`M${FROM - 8} 32H${TO + 8}`, 'work', 4),
		// The cord lies behind every other stitch of the first row.
		...flags.map((x) => yarn(waves(x), 'rest', 3)),
		...(loops
			? [yarn(`M${FROM - 8} 32c-14-10-14 12 0 4M${TO + 8} 32c14-10 14 12 0 4`, 'work', 4)]
			: [])
	];
}
export const string: TableDemo = {
	pictured: 2,
	steps: ({ things }) => {
		const drawn = Math.max(1, Math.min(MOST, things ?? MOST));
		return played<Flags, 'flag' | 'loops'>(
			{ on: 0, loops: false },
			(s, a) => (a === 'flag' ? { ...s, on: s.on + 1 } : { ...s, loops: true }),
			[
				['flag' as const],
				Array.from({ length: drawn - 1 }, () => 'flag' as const),
				['loops' as const]
			].filter((b) => b.length > 0),
			{
				first: 'A cord on a blunt needle, the flags blocked and dry',
				says: (a, s) => {
					if (a === 'loops') return 'A loop left at either end to hang it by';
					if (s.on === 0) return 'In and out along the first row of a flag, from edge to edge';
					return s.on === drawn - 1
						? `The next close beside it, the colours in turn${things === undefined ? '' : `, to the last of ${things}`}`
						: null;
				},
				draw: flagInks
			}
		);
	}
};
