import { LEFT, RIGHT, type Draw } from './draw';
import { box, line, mirror, n, needle, patch, text, yarn, type Ink } from './ink';
import { shownLoops } from './loops';

/** Bars between two edge columns, taken in turn. */
export const mattress: Draw = ({ side = 'left' }) => {
	const rungs = [16, 32, 48, 64, 80];
	const path = rungs
		.map((y, i) => `${i === 0 ? 'M' : 'L'}60 ${y}L68 ${y + 4}L100 ${y + 6}L108 ${y + 12}`)
		.join('');
	const inks: Ink[] = [
		patch(box(8, 6, 56, 92), 'fabric'),
		patch(box(104, 6, 56, 92), 'second'),
		...rungs.flatMap((y) => [
			yarn(`M48 ${y}H64`, 'rest', 3.4),
			yarn(`M104 ${y + 8}H120`, 'rest', 3.4)
		]),
		yarn(path, 'work', 4),
		needle(124, 96, 0.6)
	];
	return {
		inks: side === 'left' ? inks : inks.map(mirror),
		says: 'Under one bar of one edge, then one bar of the other, and drawn together every few rows.'
	};
};

export const whip: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT);
	return {
		inks: [
			patch(box(LEFT, 50, RIGHT - LEFT, 46), 'fabric'),
			patch(box(LEFT, 42, RIGHT - LEFT, 10), 'second'),
			yarn(
				shown.at
					.map(({ x }) => `M${n(x - 6)} 62C${n(x - 6)} 34 ${n(x + 4)} 30 ${n(x + 4)} 46`)
					.join(''),
				'work',
				4
			),
			needle(160, 34, -0.9)
		],
		says: 'Over both edges and through, one loop of each at a time, all in one direction.'
	};
};

export const weaveIn: Draw = ({ side = 'left' }) => {
	const rows = [26, 46, 66, 86];
	const stitches = rows.flatMap((y) =>
		[20, 44, 68, 92, 116, 140].map((x) =>
			yarn(`M${x} ${y - 8}L${x + 8} ${y + 6}L${x + 16} ${y - 8}`, 'rest', 3.4)
		)
	);
	const inks: Ink[] = [
		patch(box(8, 8, 152, 90), 'fabric'),
		...stitches,
		yarn(
			'M2 98C16 84 24 74 36 68C48 60 50 52 60 52C72 52 74 62 84 62S98 50 108 50 120 60 132 58',
			'work',
			4
		),
		needle(152, 52, -0.25)
	];
	return {
		inks: side === 'left' ? inks : inks.map(mirror),
		says: 'The end led over and under along its own colour for 2.5 to 4 cm, then back on itself.'
	};
};

export const knot: Draw = () => ({
	inks: [
		patch(box(8, 8, 70, 90), 'fabric'),
		patch(box(90, 8, 70, 90), 'second'),
		yarn('M78 30C94 34 98 52 84 58C72 62 70 48 82 46L104 62', 'work', 4),
		yarn('M90 30C74 34 70 52 84 54', 'rest', 4),
		line('M84 70V96', true)
	],
	says: 'The two tails of a join tied snug, not tight, after 4 or 5 rows.'
});

export const attach: Draw = ({ loops, side = 'left' }) => {
	const inks: Ink[] = [
		patch('M4 100C20 58 148 58 164 100Z', 'fabric'),
		patch('M58 76C46 30 62 8 84 8S122 30 110 76C96 84 72 84 58 76Z', 'second'),
		yarn('M58 74l5 9 6-7 5 9 6-8 5 9 6-9 5 8 6-9 5 7 4-9', 'work', 3.4),
		needle(136, 62, -0.7),
		text(84, 46, String(loops))
	];
	return {
		inks: side === 'left' ? inks : inks.map(mirror),
		says: `${loops} loops sewn round, a loop and a stitch in turn.`
	};
};
