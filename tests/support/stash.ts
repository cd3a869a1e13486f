import type { Swatch, Yarn } from '../../src/lib/core/model/bench';
import type { Bench } from '../../src/lib/core/model/project';
import type { LinedHatOptions } from '../../src/lib/core/recipe/hats/options';
import { M48, machineOf, readingOf, swatchOf, optionsWith, yarnOf } from './bench';

/** A bench of so many yarns on two machines, every sixth of them measured; the same each time. */
export function bigBench(yarns: number): Bench {
	const small = machineOf(22);
	const pick = (i: number, n: number) => ((i + 3) * 7919) % n;
	const stash = Array.from({ length: yarns }, (_, i): Yarn => {
		const weightClass = pick(i, 6);
		const usual = [800, 400, 320, 260, 200, 130][weightClass]!;
		return yarnOf(`y${i}`, {
			name: `Yarn ${i % 180}`,
			colourName: `colour ${i}`,
			colour: `#${(pick(i, 0xffffff) | 0x101010).toString(16).padStart(6, '0').slice(-6)}`,
			weightClass,
			metresPer100g: Math.round(usual * (0.85 + (pick(i, 31) / 31) * 0.3)),
			gramsOnHand: pick(i, 400),
			surface: i % 9 === 0 ? 'fuzzy' : 'smooth',
			stretch: i % 7 === 0 ? 'little' : 'stretchy'
		});
	});
	const swatches = stash
		.filter((_, i) => i % 6 === 0)
		.map((y, i): Swatch => {
			const scale = Math.sqrt(y.metresPer100g / 200);
			return swatchOf(i % 3 === 0 ? small : M48, y, [
				readingOf(12.4 * scale, 20 * scale),
				readingOf(12.6 * scale, 19.7 * scale)
			]);
		});
	return { machines: [M48, small], yarns: stash, swatches, tests: [], evidence: [] };
}

export const optionsOn = (bench: Bench): LinedHatOptions =>
	optionsWith({ scheme: { kind: 'one', yarn: bench.yarns[0]!.id } });
