import { entryAt, last } from '../../quantity/sure';
import { cloth, LEFT, RIGHT, type Draw } from './draw';
import { arrow, hook, line, n, needle, patch, text, yarn, type Ink } from './ink';
import { loopHalves, loopNumbers, shownLoops } from './loops';

/** A row of loops with a strand led through it, the needle at its end. */
export const pickUp: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT - 18);
	const { far, near } = loopHalves(shown, { y: 70, tall: 34 }, 'rest');
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

export const gather: Draw = ({ loops }) => ({
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
		low: loopHalves(shown, { y: 78, tall: 24 }, 'rest'),
		high: loopHalves(shown, { y: 26, tall: 24, hangs: true }, 'rest'),
		base: [cloth(78, 22), cloth(4, 22, 'second')]
	};
}

export const zip: Draw = ({ loops }) => {
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

export const slipStitch: Draw = ({ loops }) => {
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

export const threeNeedle: Draw = ({ loops }) => {
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

export const loopThrough: Draw = ({ loops }) => {
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

export const crochet: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT);
	const { far, near } = loopHalves(shown, { y: 78, tall: 26 }, 'rest');
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

export const chainOff: Draw = ({ loops }) => {
	const shown = shownLoops(loops, LEFT, RIGHT);
	const { far, near } = loopHalves(shown, { y: 78, tall: 26 }, 'rest');
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
