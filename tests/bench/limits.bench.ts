import '../support/recipes';
import { zipSync } from 'fflate';
import { anyProject } from '../support/some-options';
import { benchOf } from '../support/bench';
import { plan } from '../../src/lib/core/plan';
import { readAny } from '../../src/lib/file/backup-read';
import { readTable } from '../../src/lib/file/csv/tables';
import { parseCount } from '../../src/lib/core/quantity/parse';
import { report } from './figures';

/** What the worst that is let in costs: plans at the limits, files made to hurt. */

const SEEDS = 400;
let slowest = 0;
let largest = 0;
for (let seed = 1; seed <= SEEDS; seed++) {
	const { project, bench } = anyProject(seed);
	const from = performance.now();
	const made = plan(project, bench);
	slowest = Math.max(slowest, performance.now() - from);
	largest = Math.max(largest, JSON.stringify(made).length);
}
report(`slowest of ${SEEDS} seeded plans at the limits`, slowest, 'ms', { most: 2000 });
report(`largest answer of ${SEEDS} seeded plans`, largest / 1e6, 'MB', { most: 10 });

/** Seconds, and MB by which the most that the process ever held grew, while `act` ran; it is refused or read. */
function cost(act: () => unknown): { s: number; mb: number } {
	const before = process.resourceUsage().maxRSS;
	const from = performance.now();
	act();
	return {
		s: (performance.now() - from) / 1000,
		mb: ((process.resourceUsage().maxRSS - before) * 1024) / 1e6
	};
}
const bytes = (text: string) => new TextEncoder().encode(text);
const HOSTILE: [string, Uint8Array][] = [
	['a zip of 20 MB of brackets', zipSync({ 'bench.json': bytes('['.repeat(20_000_000)) })],
	['20 MB of brackets', bytes('['.repeat(20_000_000))],
	['20 MB of numbers', bytes(`[${'1,'.repeat(9_999_998)}1]`)],
	['20 MB of one string', bytes(`"${'a'.repeat(19_999_998)}"`)],
	['20 MB that are no file of any kind', new Uint8Array(20_000_000).fill(0xff)]
];
for (const [name, file] of HOSTILE) {
	const { s, mb } = cost(() => readAny(file));
	report(`reading ${name}`, s, 's', { most: 3 });
	report(`memory for ${name}`, mb, 'MB', { most: 500 });
}

const bench = benchOf();
const heading = (gap: number) => `name${' '.repeat(gap)}(cm),colour\nA,B\n`;
/** The best of seven, ms. */
const best = (act: () => unknown): number => {
	let least = Infinity;
	for (let i = 0; i < 7; i++) {
		const from = performance.now();
		act();
		least = Math.min(least, performance.now() - from);
	}
	return least;
};
const table = (gap: number) =>
	best(() => readTable(heading(gap), { bench, now: 0, newId: () => 'x' }));
const digits = (n: number) => best(() => parseCount(`${'1'.repeat(n)}x`, 'rows'));
for (const [what, took] of [
	['a table’s heading with a gap', table],
	['a number with digits', digits]
] as const) {
	took(20_000);
	report(`${what} ten times as long takes`, took(400_000) / took(40_000), 'x', { most: 25 });
}
