/** Prints one line a figure: name, value, bound, pass or fail. A failed one sets the exit code. */
export function report(
	name: string,
	value: number,
	unit: string,
	bound: { most?: number; least?: number }
): void {
	const pass =
		(bound.most === undefined || value <= bound.most) &&
		(bound.least === undefined || value >= bound.least);
	const limits = [
		bound.least === undefined ? '' : `at least ${bound.least}`,
		bound.most === undefined ? '' : `at most ${bound.most}`
	]
		.filter(Boolean)
		.join(', ');
	console.log(
		`${name}: ${Number(value.toPrecision(3))} ${unit}`.trim() +
			` (${limits}) ${pass ? 'pass' : 'fail'}`
	);
	if (!pass) process.exitCode = 1;
}

/** The value below which `share` of the sorted values lie. */
export function quantile(values: readonly number[], share: number): number {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
}

export const median = (values: readonly number[]): number => quantile(values, 0.5);

/** Milliseconds of each of `runs` calls, after a warm-up. */
export function time(runs: number, f: () => unknown): number[] {
	for (let i = 0; i < Math.max(5, runs / 5); i++) f();
	return Array.from({ length: runs }, () => {
		const start = performance.now();
		f();
		return performance.now() - start;
	});
}
