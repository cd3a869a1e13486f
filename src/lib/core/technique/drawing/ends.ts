import { cloth, LEFT, RIGHT, type Draw } from './draw';
import { hook, n, yarn } from './ink';
import { loopHalves, loopNumbers, shownLoops } from './loops';

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
