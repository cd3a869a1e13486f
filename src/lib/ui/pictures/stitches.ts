/** Fabric drawn from one stitch: the path of a knit stitch in a tile, for patterns and previews. */

/** Two legs of a knit stitch, point down, in a tile of w x h. */
export function stitchPath(w: number, h: number): string {
	const leg = (side: 1 | -1) => {
		const x = (v: number) => w / 2 + side * v * w;
		return `M${x(0.03)} ${h * 1.02}Q${x(0.1)} ${h * 0.42} ${x(0.4)} ${h * -0.02}Q${x(0.5)} ${h * 0.42} ${x(0.03)} ${h * 1.02}Z`;
	};
	return `${leg(-1)}${leg(1)}`;
}

/** The same stitch lying along a ribbon that is knitted from left to right, in a tile of w x h. */
export function lyingStitchPath(w: number, h: number): string {
	const leg = (side: 1 | -1) => {
		const y = (v: number) => h / 2 + side * v * h;
		return `M${w * -0.02} ${y(0.03)}Q${w * 0.58} ${y(0.1)} ${w * 1.02} ${y(0.4)}Q${w * 0.58} ${y(0.5)} ${w * -0.02} ${y(0.03)}Z`;
	};
	return `${leg(-1)}${leg(1)}`;
}

/** Round ruler steps: the smallest of 1, 2, 5, 10, ... whose ticks stand at least `least` px apart. */
export function rulerStep(pxPerUnit: number, least: number): number {
	for (let power = 1; ; power *= 10) {
		for (const m of [1, 2, 5]) if (m * power * pxPerUnit >= least) return m * power;
		if (power > 1e6) return power;
	}
}

/** Ticks from 0 up to `end`, every `step`. */
export const ticks = (end: number, step: number): number[] =>
	Array.from({ length: Math.floor(end / step + 1e-9) + 1 }, (_, i) => i * step);
