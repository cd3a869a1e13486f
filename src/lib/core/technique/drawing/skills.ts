import { at as entryAt, last } from '../../quantity/sure';
import { foldBag, bagOf, type BagStage } from '../../recipe/things/form/bag';
import {
	arrow,
	box,
	HEIGHT,
	hook,
	line,
	n,
	needle,
	patch,
	text,
	WIDTH,
	yarn,
	type Diagram,
	type Ink
} from './ink';
import { loopHalves, loopNumbers, shownLoops } from './loops';

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

/** What a drawing is made from. */
export interface Drawing {
	/** Loops of the edge. */
	readonly loops: number;
	/** The side the hand works from: a mirror image for the other hand. */
	readonly side?: 'left' | 'right';
	readonly row?: number;
	readonly wraps?: number;
	readonly stage?: BagStage;
}

type Draw = (d: Drawing) => { readonly inks: readonly Ink[]; readonly says: string };

const LEFT = 14;
const RIGHT = WIDTH - 14;
const cloth = (y: number, h: number, tone: 'fabric' | 'second' = 'fabric'): Ink =>
	patch(box(LEFT, y, RIGHT - LEFT, h), tone);

/** A row of loops with a strand led through it, the needle at its end. */
const pickUp: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT - 18);
	const { far, near } = loopHalves(shown, 70, 34, 'rest');
	return {
		inks: [
			cloth(70, 26),
			...far,
			yarn(`M4 52C30 46 60 58 90 50S130 46 150 44`, 'work'),
			...near,
			needle(164, 40, -0.3),
			...loopNumbers(shown, 84, loops)
		],
		says: `The tail on a blunt needle through ${loops} loops, one after another.`
	};
};

const gather: Draw = ({ loops }) => ({
	inks: [
		patch('M16 100C22 52 58 30 84 28C110 30 146 52 152 100Z', 'fabric'),
		...[-52, -34, -17, 0, 17, 34, 52].map((a) =>
			line(`M84 30Q${n(84 + a * 0.4)} 54 ${n(84 + a)} 99`)
		),
		yarn('M70 32C78 40 92 40 98 32C92 24 76 24 70 32C80 40 94 38 98 30L104 6', 'work'),
		arrow(118, 26, 118, 6),
		text(34, 24, `${loops} loops`)
	],
	says: `${loops} loops drawn up on the tail, twice through, until the hole is closed.`
});

/** Two rows face to face, joined loop by loop. */
function facing(loops: number): {
	shown: ReturnType<typeof shownLoops>;
	low: ReturnType<typeof loopHalves>;
	high: ReturnType<typeof loopHalves>;
	base: Ink[];
} {
	const shown = shownLoops(loops, LEFT, RIGHT);
	return {
		shown,
		low: loopHalves(shown, 78, 24, 'rest'),
		high: loopHalves(shown, 26, 24, 'rest', false),
		base: [cloth(78, 22), cloth(4, 22, 'second')]
	};
}

const zip: Draw = ({ loops }) => {
	const { shown, low, high, base } = facing(loops);
	const path = shown.at
		.map(({ x }, i) => `${i === 0 ? 'M' : 'L'}${n(x - 3)} 62L${n(x + 3)} 42`)
		.join('');
	return {
		inks: [
			...base,
			...low.far,
			...high.far,
			yarn(path, 'work'),
			...low.near,
			...high.near,
			...loopNumbers(shown, 94, loops),
			text(entryAt(shown.at, 0).x, 16, '1'),
			text(last(shown.at).x, 16, String(loops))
		],
		says: `Loop ${1} of one end to loop 1 of the other, and so on to ${loops}; then drawn up turn by turn.`
	};
};

const slipStitch: Draw = ({ loops }) => {
	const half = Math.max(1, Math.floor(loops / 2));
	const { shown, low, high, base } = facing(half);
	const chain = shown.at
		.slice(0, 4)
		.map(
			({ x }) =>
				`M${n(x - 8)} 52C${n(x - 4)} 43 ${n(x + 6)} 43 ${n(x + 8)} 52C${n(x + 6)} 61 ${n(x - 4)} 61 ${n(x - 8)} 52`
		)
		.join('');
	const at = entryAt(shown.at, Math.min(4, shown.at.length - 1)).x;
	return {
		inks: [
			...base,
			...low.far,
			...high.far,
			...low.near,
			...high.near,
			yarn(chain, 'work', 4),
			hook(at, 52, Math.PI),
			text(entryAt(shown.at, 0).x, 94, '1'),
			text(entryAt(shown.at, 0).x, 18, String(loops)),
			text(last(shown.at).x, 94, String(half)),
			text(last(shown.at).x, 18, String(loops - half + 1))
		],
		says: `A front loop and the back loop facing it on the hook, the yarn drawn through both and the loop before: 1 with ${loops}, 2 with ${loops - 1}, to ${half}.`
	};
};

const threeNeedle: Draw = ({ loops }) => {
	const half = Math.max(1, Math.floor(loops / 2));
	const { shown, low, high, base } = facing(half);
	return {
		inks: [
			...base,
			...low.far,
			...high.far,
			line(`M4 58H164`),
			line(`M4 46H164`),
			...low.near,
			...high.near,
			needle(entryAt(shown.at, 0).x + 10, 50, Math.PI - 0.5),
			yarn(
				`M${n(entryAt(shown.at, 0).x)} 52C${n(entryAt(shown.at, 0).x - 8)} 44 ${n(entryAt(shown.at, 0).x + 4)} 36 ${n(entryAt(shown.at, 0).x + 12)} 44`,
				'work',
				4
			),
			text(entryAt(shown.at, 0).x, 94, '1'),
			text(last(shown.at).x, 94, String(half))
		],
		says: `Front loops on one needle, back loops on another: a pair knitted together on the third, ${half} times, each passed over the next.`
	};
};

const loopThrough: Draw = ({ loops }) => {
	const half = Math.max(1, Math.floor(loops / 2));
	const { shown, low, high, base } = facing(half);
	// Each loop is long enough to pass through the next.
	const work = shown.at.slice(0, -1).map(({ x }, i) => {
		const next = entryAt(shown.at, i + 1).x;
		const [y1, y2] = i % 2 === 0 ? [56, 44] : [44, 56];
		return yarn(
			`M${n(x)} ${y1}C${n(x + 4)} ${y2} ${n(next - 6)} ${y2} ${n(next)} ${y1 === 56 ? 50 : 52}`,
			'work',
			4
		);
	});
	return {
		inks: [
			...base,
			...low.far,
			...high.far,
			...work,
			...low.near,
			...high.near,
			hook(shown.at[1]?.x ?? 80, 52, Math.PI - 0.3)
		],
		says: `A front loop through the back loop, the next back loop through that, ${half} pairs, no yarn; the last is fastened.`
	};
};

const crochet: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT);
	const { far, near } = loopHalves(shown, 78, 26, 'rest');
	const stitch = (x: number) =>
		`M${n(x - 7)} 36C${n(x - 3)} 28 ${n(x + 5)} 28 ${n(x + 7)} 36M${n(x)} 36L${n(x - 3)} 60M${n(x)} 36L${n(x + 3)} 60`;
	return {
		inks: [
			cloth(78, 22),
			...far,
			yarn(
				shown.at
					.slice(0, 5)
					.map(({ x }) => stitch(x))
					.join(''),
				'work',
				4
			),
			...near,
			hook((shown.at[Math.min(5, shown.at.length - 1)]?.x ?? 90) + 2, 40, Math.PI - 0.7),
			...loopNumbers(shown, 94, loops)
		],
		says: `One stitch in each of ${loops} loops: through, catch the yarn, back, and off both.`
	};
};

const chainOff: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT);
	const { far, near } = loopHalves(shown, 78, 26, 'rest');
	const links = shown.at.slice(0, -1).map(({ x }, i) => {
		const next = entryAt(shown.at, i + 1).x;
		return `M${n(x)} 54C${n(x + 2)} 40 ${n(next - 4)} 40 ${n(next)} 54C${n(next - 4)} 62 ${n(x + 4)} 62 ${n(x)} 54`;
	});
	return {
		inks: [
			cloth(78, 22),
			...far,
			...near,
			yarn(links.slice(0, 4).join(''), 'work', 4),
			hook(entryAt(shown.at, Math.min(4, shown.at.length - 1)).x, 52, Math.PI),
			...loopNumbers(shown, 94, loops)
		],
		says: `Each loop drawn through the one before, ${loops} in all, loose enough to pull over.`
	};
};

/** Bars between two edge columns, taken in turn. */
const mattress: Draw = ({ side = 'left' }) => {
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

const whip: Draw = ({ loops }) => {
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

const latch: Draw = () => {
	const rungs = [86, 72, 58, 44, 30, 16];
	return {
		inks: [
			patch(box(8, 4, 50, 96), 'fabric'),
			patch(box(110, 4, 50, 96), 'fabric'),
			...rungs.slice(3).map((y) => yarn(`M58 ${y}C76 ${y + 3} 92 ${y - 3} 110 ${y}`, 'rest', 3.4)),
			...rungs
				.slice(0, 3)
				.map((y) =>
					yarn(
						`M58 ${y}C66 ${y} 74 ${y} 78 ${y + 8}C80 ${y + 14} 88 ${y + 14} 90 ${y + 8}C94 ${y} 102 ${y} 110 ${y}`,
						'work',
						4
					)
				),
			hook(84, 48, -Math.PI / 2)
		],
		says: 'Rung by rung from the bottom upwards, each drawn through the one below it.'
	};
};

const wasteOff: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT);
	const main = loopHalves(shown, 74, 22, 'rest');
	return {
		inks: [
			cloth(74, 24),
			...main.far,
			...main.near,
			patch(box(LEFT, 8, 70, 34), 'waste'),
			yarn('M84 38C96 52 108 40 122 46S150 38 164 30', 'waste', 4),
			yarn('M16 52C30 44 40 56 54 50S76 46 84 40', 'waste', 4),
			arrow(132, 56, 160, 44)
		],
		says: `The end that runs through the last waste row is found and pulled; ${loops} loops of main yarn stay.`
	};
};

const ravel: Draw = () => ({
	inks: [
		patch(box(LEFT, 62, RIGHT - LEFT, 36), 'fabric'),
		patch(box(LEFT, 6, RIGHT - LEFT, 36), 'waste'),
		yarn('M4 52C24 46 34 58 52 52S84 46 100 52 130 58 166 50', 'work'),
		arrow(136, 72, 164, 66)
	],
	says: 'The one contrast row between waste and main yarn is pulled out, and the waste falls off.'
});

const weaveIn: Draw = ({ side = 'left' }) => {
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

const knot: Draw = () => ({
	inks: [
		patch(box(8, 8, 70, 90), 'fabric'),
		patch(box(90, 8, 70, 90), 'second'),
		yarn('M78 30C94 34 98 52 84 58C72 62 70 48 82 46L104 62', 'work', 4),
		yarn('M90 30C74 34 70 52 84 54', 'rest', 4),
		line('M84 70V96', true)
	],
	says: 'The two tails of a join tied snug, not tight, after 4 or 5 rows.'
});

const tuck: Draw = () => ({
	inks: [
		patch('M20 12H60V96H20Z', 'fabric'),
		patch('M108 12H148V96H108Z', 'fabric'),
		patch('M64 12H104V74H64Z', 'second'),
		line('M60 94C66 100 102 100 108 94'),
		arrow(84, 16, 84, 62)
	],
	says: 'One end pushed down inside the other to the fold, knit side out on both.'
});

const turnUp: Draw = () => ({
	inks: [
		patch('M34 66C34 24 60 12 84 12S134 24 134 66Z', 'fabric'),
		patch(box(26, 64, 116, 30), 'second'),
		arrow(154, 96, 154, 62)
	],
	says: 'Both layers of the brim turned up together.'
});

const hem: Draw = () => ({
	inks: [
		patch(box(30, 6, 108, 56), 'fabric'),
		patch('M30 62H138V92C138 98 30 98 30 92Z', 'second'),
		yarn('M30 62l9 6 9-6 9 6 9-6 9 6 9-6 9 6 9-6 9 6 9-6 9 6 9-6', 'work', 3.4),
		arrow(152, 92, 152, 62)
	],
	says: 'The first row hung in the row after the hem: every loop of it caught.'
});

const tieOff: Draw = ({ loops, row = 0 }) => ({
	inks: [
		patch('M10 52C12 22 50 14 78 46C82 50 82 54 78 58C50 90 12 82 10 52Z', 'fabric'),
		patch('M158 52C156 22 118 14 90 46C86 50 86 54 90 58C118 90 156 82 158 52Z', 'fabric'),
		yarn('M84 40C76 44 76 60 84 64C92 60 92 44 84 40L94 24M84 64L74 82', 'work', 4),
		...(row > 0 ? [text(84, 100, `row ${row}`)] : [text(84, 100, `${loops} round`)])
	],
	says: `A doubled thread in and out through the ${loops} stitches of one row, drawn up and wound round twice.`
});

const stuffing: Draw = () => ({
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

const attach: Draw = ({ loops, side = 'left' }) => {
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

const foldStep: Draw = ({ stage = 'bag' }) => {
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

const wind: Draw = ({ wraps = 60 }) => ({
	inks: [
		patch(box(52, 10, 64, 84), 'second'),
		...Array.from({ length: 9 }, (_, i) => yarn(`M${n(60 + i * 6)} 8V96`, 'work', 4)),
		yarn('M112 96C124 100 140 92 164 84', 'work', 4),
		text(30, 56, String(wraps)),
		text(30, 70, 'wraps')
	],
	says: `${wraps} wraps round the card, side by side and then over one another.`
});

const tieCut: Draw = () => ({
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

const hang: Draw = () => ({
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

const block: Draw = () => ({
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

const drawstring: Draw = () => ({
	inks: [
		patch('M44 34C56 26 112 26 124 34L134 98H34Z', 'fabric'),
		yarn('M46 32C66 42 102 42 122 32L150 10M122 32L154 38', 'work', 4)
	],
	says: 'A chain run through the channel, both ends knotted together.'
});

const insideOut: Draw = () => ({
	inks: [
		patch(box(50, 14, 70, 80), 'fabric'),
		...[28, 42, 56, 70, 84].map((y) => line(`M56 ${y}q7-7 14 0t14 0 14 0 14 0`)),
		arrow(20, 60, 44, 24)
	],
	says: 'Turned so that the purl side is the face.'
});

const stretch: Draw = () => ({
	inks: [patch(box(40, 34, 88, 36), 'fabric'), arrow(36, 52, 8, 52), arrow(132, 52, 160, 52)],
	says: 'Pulled lengthways so that the stitches even out, then left to rest.'
});

const measure: Draw = () => ({
	inks: [
		patch(box(20, 18, 128, 46), 'fabric'),
		line('M20 80H148M20 74v12M148 74v12M52 76v8M84 76v8M116 76v8')
	],
	says: 'Length and width of the flat piece.'
});

/** Every technique that has a drawing. */
export const SKILLS = {
	'pick-up': pickUp,
	gather,
	zip,
	'loop-through': loopThrough,
	'slip-stitch': slipStitch,
	'three-needle': threeNeedle,
	crochet,
	'chain-off': chainOff,
	mattress,
	whip,
	latch,
	'waste-off': wasteOff,
	ravel,
	'weave-in': weaveIn,
	knot,
	tuck,
	'turn-up': turnUp,
	hem,
	'tie-off': tieOff,
	stuff: stuffing,
	attach,
	'fold-bag': foldStep,
	wind,
	'tie-cut': tieCut,
	hang,
	block,
	drawstring,
	'inside-out': insideOut,
	stretch,
	measure
} as const satisfies Record<string, Draw>;
export type SkillId = keyof typeof SKILLS;
export const SKILL_IDS = Object.keys(SKILLS) as readonly SkillId[];

/** The drawing of a technique for so many loops, from the side the hand works from. Deterministic. */
export function diagramOf(id: SkillId, drawing: Drawing): Diagram {
	return { width: WIDTH, height: HEIGHT, ...SKILLS[id](drawing) };
}

/** The same mark for the other hand; numbers stay readable. */
function mirror(ink: Ink): Ink {
	if (ink.kind === 'text') return { ...ink, x: WIDTH - ink.x };
	return { ...ink, d: mirrored(ink.d) };
}

/** A path mirrored left to right: absolute and relative x alike. */
function mirrored(d: string): string {
	return d.replace(/([A-Za-z])([^A-Za-z]*)/g, (_, command: string, args: string) => {
		const numbers = args.match(/-?\d*\.?\d+/g)?.map(Number) ?? [];
		const relative = command === command.toLowerCase();
		const flip = (x: number) => n(relative ? -x : WIDTH - x);
		const upper = command.toUpperCase();
		if (upper === 'V' || upper === 'Z') return command + args;
		const out = numbers.map((v, i) => (upper === 'H' || i % 2 === 0 ? flip(v) : n(v)));
		return `${command}${out.join(' ')}`;
	});
}
