import { foldBag, bagOf } from '../../recipe/assembled/form/bag';
import { type Draw } from './draw';
import { arrow, box, HEIGHT, line, n, patch, text, WIDTH, yarn } from './ink';

const pairs = (list: readonly (readonly [number, number])[]) => list;
/** Where a strip of three thirds is creased, in shares of its own drawing. */
const CREASES = [
	[
		{ x: 0, y: 30 },
		{ x: 30, y: 0 }
	],
	[
		{ x: 30, y: 0 },
		{ x: 60, y: 30 }
	],
	[
		{ x: 60, y: 30 },
		{ x: 90, y: 0 }
	]
] as const;

export const tuck: Draw = () => ({
	inks: [
		patch('M20 12H60V96H20Z', 'fabric'),
		patch('M108 12H148V96H108Z', 'fabric'),
		patch('M64 12H104V74H64Z', 'second'),
		line('M60 94C66 100 102 100 108 94'),
		arrow(84, 16, 84, 62)
	],
	says: 'One end pushed down inside the other to the fold, knit side out on both.'
});

export const turnUp: Draw = () => ({
	inks: [
		patch('M34 66C34 24 60 12 84 12S134 24 134 66Z', 'fabric'),
		patch(box(26, 64, 116, 30), 'second'),
		arrow(154, 96, 154, 62)
	],
	says: 'Both layers of the brim turned up together.'
});

export const tieOff: Draw = ({ loops, row = 0 }) => ({
	inks: [
		patch('M10 52C12 22 50 14 78 46C82 50 82 54 78 58C50 90 12 82 10 52Z', 'fabric'),
		patch('M158 52C156 22 118 14 90 46C86 50 86 54 90 58C118 90 156 82 158 52Z', 'fabric'),
		yarn('M84 40C76 44 76 60 84 64C92 60 92 44 84 40L94 24M84 64L74 82', 'work', 4),
		...(row > 0 ? [text(84, 100, `row ${row}`)] : [text(84, 100, `${loops} round`)])
	],
	says: `A doubled thread in and out through the ${loops} stitches of one row, drawn up and wound round twice.`
});

export const stuffing: Draw = () => ({
	inks: [
		patch(
			'M20 54C20 20 76 10 108 24C128 32 130 42 130 54C130 66 128 76 108 84C76 98 20 88 20 54Z',
			'fabric'
		),
		...pairs([
			[48, 44],
			[62, 62],
			[78, 42],
			[92, 60],
			[104, 48]
		]).map(([x, y]) => line(`M${x - 7} ${y}c2-8 12-8 14 0s-12 9-14 0`)),
		arrow(164, 54, 138, 54)
	],
	says: 'Small tufts, the far end first, pressed to the sides.'
});

export const foldStep: Draw = ({ stage = 'bag' }) => {
	const bag = bagOf(30, 90);
	const facets = [...foldBag(bag, stage)].sort((a, b) => a.layer - b.layer);
	const xs = facets.flatMap((f) => f.points.map((p) => p.x));
	const ys = facets.flatMap((f) => f.points.map((p) => p.y));
	const [l, r, b, t] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	const k = Math.min((WIDTH - 24) / (r - l), (HEIGHT - 20) / (t - b));
	const at = (p: { x: number; y: number }) =>
		`${n(WIDTH / 2 + (p.x - (l + r) / 2) * k)} ${n(HEIGHT / 2 - (p.y - (b + t) / 2) * k)}`;
	const creases =
		stage === 'strip' ? CREASES.map(([from, to]) => line(`M${at(from)}L${at(to)}`, true)) : [];
	return {
		inks: [
			...facets.map((f) =>
				patch(`M${f.points.map(at).join('L')}Z`, f.layer < 0 ? 'second' : 'fabric')
			),
			...creases
		],
		says:
			stage === 'bag'
				? 'The bag: a square with a notch of 90 degrees down to its middle.'
				: 'The strip and the folds along the diagonals of its three squares.'
	};
};

export const wind: Draw = ({ wraps = 60 }) => ({
	inks: [
		patch(box(52, 10, 64, 84), 'second'),
		...Array.from({ length: 9 }, (_, i) => yarn(`M${n(60 + i * 6)} 8V96`, 'work', 4)),
		yarn('M112 96C124 100 140 92 164 84', 'work', 4),
		text(30, 56, String(wraps)),
		text(30, 70, 'wraps')
	],
	says: `${wraps} wraps round the card, side by side and then over one another.`
});

export const tieCut: Draw = () => ({
	inks: [
		...[-28, -18, -9, 0, 9, 18, 28].map((a) =>
			yarn(
				`M${n(84 + a)} 10C${n(84 + a * 0.8)} 34 ${n(84 + a * 0.2)} 46 84 52C${n(84 + a * 0.2)} 58 ${n(84 + a * 0.8)} 70 ${n(84 + a)} 94`,
				'rest',
				4
			)
		),
		yarn('M70 52C76 46 92 46 98 52C92 58 76 58 70 52C82 62 96 60 112 66', 'work', 4),
		line('M44 14H124M44 90H124', true)
	],
	says: 'Tied hard round the middle, then both ends cut and trimmed round.'
});

export const hang: Draw = () => ({
	inks: [
		yarn('M8 16Q84 66 160 16', 'work', 4),
		...[
			[36, 32],
			[84, 41],
			[132, 32]
		].map(([x, y]) => patch(`M${x} ${y}c16 0 16 30 0 30s-16-30 0-30Z`, 'fabric')),
		line('M36 84H84M36 80v8M84 80v8'),
		line('M8 16H160', true)
	],
	says: 'Things at equal distances along the cord, from middle to middle, a loop at each end.'
});

export const block: Draw = () => ({
	inks: [
		patch('M34 14H134L126 92H42Z', 'fabric'),
		...pairs([
			[34, 14],
			[84, 14],
			[134, 14],
			[126, 92],
			[84, 92],
			[42, 92]
		]).map(([x, y]) =>
			line(`M${x - 4} ${y - 4}L${x + 4} ${y + 4}M${x + 4} ${y - 4}L${x - 4} ${y + 4}`)
		)
	],
	says: 'Damped, pinned flat to its measures without stretching, and left until dry.'
});

export const drawstring: Draw = () => ({
	inks: [
		patch('M44 34C56 26 112 26 124 34L134 98H34Z', 'fabric'),
		yarn('M46 32C66 42 102 42 122 32L150 10M122 32L154 38', 'work', 4)
	],
	says: 'A chain run through the channel, both ends knotted together.'
});

export const insideOut: Draw = () => ({
	inks: [
		patch(box(50, 14, 70, 80), 'fabric'),
		...[28, 42, 56, 70, 84].map((y) => line(`M56 ${y}q7-7 14 0t14 0 14 0 14 0`)),
		arrow(20, 60, 44, 24)
	],
	says: 'Turned so that the purl side is the face.'
});

export const stretch: Draw = () => ({
	inks: [patch(box(40, 34, 88, 36), 'fabric'), arrow(36, 52, 8, 52), arrow(132, 52, 160, 52)],
	says: 'Pulled lengthways so that the stitches even out, then left to rest.'
});

export const measure: Draw = () => ({
	inks: [
		patch(box(20, 18, 128, 46), 'fabric'),
		line('M20 80H148M20 74v12M148 74v12M52 76v8M84 76v8M116 76v8')
	],
	says: 'Length and width of the flat piece.'
});
