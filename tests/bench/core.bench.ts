import { readPattern } from '../../src/lib/core/convert/pattern/read';
import { PASSAGES } from '../patterns/passages';
import { totalsOf } from '../../src/lib/core/plan/totals';
import { gaugeBook } from '../../src/lib/core/bench/gauge/book';
import { gaugeFor } from '../../src/lib/core/bench/gauge/gauge';
import { substitutesFor } from '../../src/lib/core/substitute/rank';
import { OPEN_SIEVE, sift } from '../../src/lib/ui/bench/stash/sift';
import { A, benchOf, machineOf, projectOf, readingOf, swatchOf } from '../support/bench';
import { bigBench, optionsOn } from '../support/stash';
import { linearRegression } from 'simple-statistics';
import type { Evidence } from '../../src/lib/core/model/project';
import { harbour } from '../../src/lib/demo/harbour';
import { comesOut, plan } from '../../src/lib/core/plan';
import { tubeProgram } from '../../src/lib/core/program/program';
import { simulate } from '../../src/lib/core/simulate/simulate';
import { presetOf } from '../../src/lib/core/bench/machine/presets';
import { demonstrationOf } from '../../src/lib/core/practice/demonstration';
import { SKILL_IDS } from '../../src/lib/core/technique/drawing/skills';
import type { GarlandOptions } from '../../src/lib/core/recipe/assembled/options';
import { thingDefaults } from '../support/start';
import { TOY_PRESETS, toyFrom } from '../../src/lib/core/recipe/assembled/toy';
import { sheetOf } from '../../src/lib/core/sheet/sheet';
import { planSheet } from '../../src/lib/paper/pdf';
import { garmentDefaults } from '../../src/lib/core/recipe/garments/start';
import { scheduleEdge } from '../../src/lib/core/shaping/edge-schedule';
import { loadRecipes, RECIPES, recipeOf } from '../../src/lib/core/recipe';
import { sectionsOf } from '../../src/lib/core/stripes/sections';
import { readStripes, type StripeLine } from '../../src/lib/core/stripes/stripe-line';
import { median, report, time } from './figures';

function read(text: string): StripeLine {
	const r = readStripes(text, 3);
	if (!r.ok) throw new Error(r.problem.code);
	return r.line;
}

const largest = harbour.projects
	.filter((p) => p.options.recipe === 'lined-hat')
	.map((p) => ({ p, made: plan(p, harbour.bench) }))
	.sort(
		(a, b) =>
			(b.made.ok ? b.made.pieces[0]!.mainRows : 0) - (a.made.ok ? a.made.pieces[0]!.mainRows : 0)
	)[0]!.p;
report(
	'plan of the largest demo hat, median',
	median(time(300, () => plan(largest, harbour.bench))),
	'ms',
	{ most: 2 }
);

await loadRecipes();
for (const { id, name, group } of RECIPES) {
	const recipe = recipeOf(id)!;
	const options = recipe.defaults(harbour.bench)!;
	const project = { ...largest, options };
	report(
		`plan of ${name.toLowerCase()}, its defaults, median`,
		median(time(100, () => plan(project, harbour.bench))),
		'ms',
		// Garments and things are several pieces: the bound of a frame, and of half of one.
		{
			most: { hats: 4, tubes: 4, parts: 8, several: 8, panels: 16 }[group]
		}
	);
}

// Six pieces of about 40,000 stitches in all: two backs, two fronts and two sleeves, at a fine gauge.
const fine = machineOf(48);
const fineBench = benchOf({
	machines: [fine],
	swatches: [swatchOf(fine, A, [readingOf(16, 25)])]
});
const cardigan = {
	...projectOf(),
	machineId: fine.id,
	options: {
		...garmentDefaults('cardigan', fineBench)!,
		size: 'woman-s' as const,
		ease: 14,
		armhole: 'set-in' as const,
		neck: 'round' as const,
		edging: 'crochet' as const,
		sleeves: 'panel' as const,
		measures: { length: 66 }
	}
};
const made = plan(cardigan, fineBench);
if (!made.ok || !comesOut(made, 'flat')) throw new Error('no cardigan');
console.log(
	`# the cardigan: ${made.pieces.reduce((t, p) => t + p.count, 0)} pieces, ${totalsOf(made, 'tie').stitches.value.mean} stitches`
);
report(
	'plan of a cardigan with all checks, median',
	median(time(60, () => plan(cardigan, fineBench))),
	'ms',
	{ most: 16 }
);
const garland60: GarlandOptions = {
	...(thingDefaults('garland', harbour.bench) as GarlandOptions),
	items: [
		{ kind: 'bauble', on: null, size: null },
		{ kind: 'flag', on: null, size: 17 },
		{ kind: 'pumpkin', on: null, size: null },
		{ kind: 'pom-pom', on: null, size: null }
	],
	number: 60,
	spanCm: 1500,
	order: 'shuffle',
	cord: 'knitted'
};
report(
	'plan of a garland of 60 things, median',
	median(time(100, () => plan({ ...largest, options: garland60 }, harbour.bench))),
	'ms',
	{ most: 8 }
);
// A caterpillar has a body, eight feet and two feelers; with a tail it has twelve parts.
const crawler = toyFrom(
	TOY_PRESETS.find((t) => t.id === 'caterpillar')!,
	harbour.bench
)!;
const toy12 = {
	...largest,
	options: {
		...crawler,
		parts: [
			...crawler.parts,
			{ ...crawler.parts[1]!, id: 'tail', name: 'Tail', count: 1, pair: false }
		]
	}
};
const toyPlan = plan(toy12, harbour.bench);
if (!toyPlan.ok) throw new Error('no toy');
console.log(`# the toy: ${toyPlan.pieces.reduce((t, p) => t + p.count, 0)} parts`);
report(
	'plan of a toy of 12 parts, median',
	median(time(100, () => plan(toy12, harbour.bench))),
	'ms',
	{
		most: 8
	}
);
report(
	'drawing of a technique, the slowest of all, median',
	Math.max(
		...SKILL_IDS.map((id) =>
			median(
				time(40, () => {
					const shown = demonstrationOf(
						id,
						{ ...presetOf(100), seed: 1, units: 'cm' },
						{ loops: 100, wraps: 80 }
					);
					return shown.at(shown.pictured);
				})
			)
		)
	),
	'ms',
	{ most: 5 }
);
const toySheet = sheetOf(toyPlan, { title: 'Toy', kind: 'Soft toy', units: 'cm', terms: 'us' });
const started: number[] = [];
for (let i = 0; i < 8; i++) {
	const from = performance.now();
	await planSheet(toySheet, 'a4');
	started.push(performance.now() - from);
}
report('plan sheet of that toy as PDF, median', median(started), 'ms', { most: 1500 });
const armhole = Array.from({ length: 60 }, (_, r) => (r < 4 ? 0 : Math.min(12, 5 + (r - 4) / 2)));
report(
	'best schedule of an armhole of 60 rows, median',
	median(time(200, () => scheduleEdge({ off: armhole, shaping: 'fashioned', yarnAt: 'even' }))),
	'ms',
	{ most: 2 }
);
const longLine = Array.from({ length: 4000 }, (_, i) => `${1 + (i % 2)} ${'ABC'[i % 3]}`).join(
	', '
);
report(
	`stripe line of ${sectionsOf(read(longLine)).length} sections, read and laid out, median`,
	median(time(50, () => sectionsOf(read(longLine)))),
	'ms',
	{ most: 20 }
);

const PINS = 50;
const RING = { pins: PINS, panelLost: { start: 2, end: 2 } };
const programOf = (stitches: number) =>
	tubeProgram({
		sections: [
			{ yarn: 0, rows: stitches / PINS - 10 },
			{ yarn: 1, rows: 10 }
		],
		wasteStart: 0,
		wasteEnd: 0
	});

/** Writes as many stitch records of the same size, and nothing else. */
function bare(stitches: number): number {
	const yarn = new Uint8Array(stitches);
	const pin = new Uint8Array(stitches);
	const face = new Uint8Array(stitches);
	const state = new Uint8Array(stitches);
	const through = new Int32Array(stitches);
	const again = new Int32Array(stitches);
	for (let i = 0; i < stitches; i++) {
		yarn[i] = 1;
		pin[i] = i % PINS;
		face[i] = 0;
		state[i] = 1;
		through[i] = i - PINS;
		again[i] = -1;
	}
	return yarn[stitches - 1]! + through[0]! + again[0]!;
}
const STITCHES = 500_000;
const program = programOf(STITCHES);
// Both in one run, turn about, so that what else the machine does falls on both.
const ratios: number[] = [];
for (let i = 0; i < 25; i++) {
	const [a] = time(1, () => simulate(program, RING));
	const [b] = time(1, () => bare(STITCHES));
	ratios.push(a! / b!);
}
const plain = programOf(2_000_000);
report(
	'simulate plain rows, stitches a second, median',
	2 / (median(time(9, () => simulate(plain, RING))) / 1000),
	'million',
	{ least: 10 }
);
report('simulate over a bare loop, median ratio', median(ratios), 'x', { most: 4 });

const programs = [5_000, 15_000, 50_000, 150_000, 500_000, 1_500_000, 5_000_000].map((n) => ({
	n,
	program: programOf(n)
}));
for (const { program: p } of programs) time(20, () => simulate(p, RING));
// Rounds over all sizes, and the best of each: what else the machine does only ever adds time.
const best = programs.map(() => Infinity);
for (let round = 0; round < 60; round++) {
	for (const [k, { program: p }] of programs.entries()) {
		const start = performance.now();
		simulate(p, RING);
		best[k] = Math.min(best[k]!, performance.now() - start);
	}
}
const points = programs.map(({ n }, k) => [Math.log(n), Math.log(best[k]!)]);
report('simulate, exponent of time over stitches', linearRegression(points).m, '', {
	least: 0.9,
	most: 1.1
});

// A stash of 500 yarns, some measured, and every one of them in one strand and two, ranked for one project.
const stash = bigBench(500);
const question = {
	project: { ...harbour.projects[0]!, machineId: stash.machines[0]!.id, options: optionsOn(stash) },
	yarnId: stash.yarns[0]!.id,
	bench: stash,
	held: [],
	typed: [],
	most: 24
};
report(
	'rank 500 yarns, single and double strands, median in Node',
	median(time(12, () => substitutesFor(question))),
	'ms',
	{ most: 200 }
);
// Five hundred things of forty yarns, each with two sizes, taught together when the first gauge is asked for.
const logged = bigBench(40);
const results = Array.from({ length: 500 }, (_, i): Evidence => {
	const yarn = logged.yarns[i % 40]!;
	const other = logged.yarns[(i * 7) % 40]!;
	const on = [yarn, other].map(({ id, strands }) => ({
		machineId: logged.machines[0]!.id,
		yarnId: id,
		strands,
		stitchesPerCm: 1.2,
		rowsPerCm: 2,
		loopCm: null
	}));
	return {
		resultId: `r${i}`,
		projectId: `p${i}` as never,
		projectName: `Thing ${i}`,
		machineId: logged.machines[0]!.id,
		pins: 48,
		rows: 100,
		state: i % 3 === 0 ? 'washed' : 'rested',
		on,
		sizes: [
			{
				id: 'length',
				ratio: 1 + ((i % 9) - 4) / 100,
				sd: 0.01,
				by: [
					{ on: 0, stitches: 0, rows: -0.7 },
					{ on: 1, stitches: 0, rows: -0.3 }
				]
			},
			{
				id: 'width',
				ratio: 1 + ((i % 7) - 3) / 100,
				sd: 0.015,
				by: [{ on: 0, stitches: -1, rows: 0 }]
			}
		],
		minutes: null,
		usualMinutes: null
	};
});
report(
	'learn from 500 results of 40 yarns that hang together, median',
	median(
		time(8, () =>
			gaugeFor({
				machine: logged.machines[0]!,
				yarn: logged.yarns[0]!,
				book: gaugeBook({ ...logged, evidence: results }),
				useFresh: false
			})
		)
	),
	'ms',
	{ most: 50 }
);
const three = bigBench(300);
const book = gaugeBook(three);
report(
	'300 yarns: gauge of each and sift, median in Node',
	median(
		time(20, () =>
			sift(
				three.yarns.map((yarn) => ({
					yarn,
					grams: yarn.gramsOnHand,
					measured:
						gaugeFor({ machine: three.machines[0]!, yarn, book, useFresh: false }).rowsPerCm
							.basis !== 'estimated',
					verdict: null
				})),
				{ ...OPEN_SIEVE, find: 'yarn 1', sort: 'colour' }
			)
		)
	),
	'ms',
	{ most: 16 }
);
// A pattern of forty thousand characters, in all hands one after another.
let pattern = '';
for (let i = 0; pattern.length < 40_000; i++)
	pattern += `${PASSAGES[i % PASSAGES.length]!.text}\n\n`;
report(
	'read a written pattern of 40,000 characters, median in Node',
	median(time(40, () => readPattern(pattern.slice(0, 40_000)))),
	'ms',
	{ most: 50 }
);
