import { MACHINE_PRESETS } from '../core/machine/presets';
import type {
	LoopReading,
	Machine,
	Notation,
	Reading,
	ReadingState,
	Swatch,
	Yarn,
	YarnTest
} from '../core/model/bench';
import type { MeasuredResult, Project, RunEvent } from '../core/model/project';
import type { LinedHatWish } from '../core/model/wish';
import { inchesToCm } from '../core/quantity/units';
import { holdTogether } from '../core/yarn/held-together';
import type { Everything } from '../file/everything';

/**
 * Invented data: a stall at a small harbour's winter lantern fair, two machines on the table behind it,
 * five hats at different stages.
 */

const preset = (pins: number) => MACHINE_PRESETS.find((p) => p.pins === pins)!;
const big: Machine = {
	...preset(48),
	id: 'machine-48' as Machine['id'],
	name: '48 pins, the stall',
	ringCm: 98,
	clearanceCm: 19
};
const small: Machine = {
	...preset(22),
	id: 'machine-22' as Machine['id'],
	name: '22 pins, the window',
	ringCm: 46
};

type YarnRow = [id: string, name: string, colourName: string, colour: string, grams: number];

const worsted = ([id, name, colourName, colour, gramsOnHand]: YarnRow): Yarn => ({
	id: id as Yarn['id'],
	name,
	colourName,
	colour,
	weightClass: 4,
	metresPer100g: 200,
	fibres: [
		{ fibre: 'wool', percent: 75 },
		{ fibre: 'nylon', percent: 25 }
	],
	gramsOnHand,
	ballGrams: 100,
	strands: 1,
	strength: 'strong',
	surface: 'smooth',
	stretch: 'stretchy',
	wrapsPerInch: null,
	wash: 'machine-30',
	dry: 'flat',
	phases: [],
	heldTogether: []
});
const light = (row: YarnRow): Yarn => ({
	...worsted(row),
	weightClass: 3,
	metresPer100g: 260,
	ballGrams: 50,
	fibres: [{ fibre: 'acrylic', percent: 100 }],
	wash: 'machine-40',
	dry: 'tumble'
});

const yarns: Yarn[] = [
	worsted(['bw-foam', 'Breakwater', 'foam', '#dfe6e2', 240]),
	worsted(['bw-deep', 'Breakwater', 'deep water', '#1f4e63', 310]),
	worsted(['bw-lantern', 'Breakwater', 'lantern', '#e6a63a', 130]),
	worsted(['bw-rust', 'Breakwater', 'rusted chain', '#a2472c', 95]),
	worsted(['bw-kelp', 'Breakwater', 'kelp', '#59683a', 180]),
	worsted(['bw-dusk', 'Breakwater', 'dusk', '#6d5a86', 64]),
	light(['sl-shell', 'Slipway', 'shell', '#e9cfc4', 150]),
	light(['sl-mint', 'Slipway', 'sea glass', '#8fbfae', 100]),
	{
		...worsted(['gd-fog', 'Gull down', 'fog', '#b9bfc4', 100]),
		metresPer100g: 185,
		fibres: [
			{ fibre: 'alpaca', percent: 60 },
			{ fibre: 'wool', percent: 40 }
		],
		strength: 'weak',
		surface: 'fuzzy',
		wash: 'hand'
	},
	{
		...worsted(['qc-rope', 'Quay cotton', 'rope', '#cbb68c', 200]),
		metresPer100g: 170,
		ballGrams: 50,
		fibres: [{ fibre: 'cotton', percent: 100 }],
		stretch: 'little',
		wash: 'machine-40',
		dry: 'line'
	},
	{
		...light(['tw-night', 'Twin line', 'night tide', '#2b3050', 180]),
		weightClass: 1,
		metresPer100g: 400,
		fibres: [
			{ fibre: 'wool', percent: 80 },
			{ fibre: 'nylon', percent: 20 }
		],
		strands: 2
	},
	{
		...light(['tw-reed', 'Twin line', 'reed', '#b7a85a', 90]),
		weightClass: 1,
		metresPer100g: 400,
		fibres: [
			{ fibre: 'wool', percent: 80 },
			{ fibre: 'nylon', percent: 20 }
		]
	},
	{
		...worsted(['aw-aurora', 'Afterglow', 'winter aurora', '#3f6f86', 200]),
		ballGrams: 200,
		fibres: [{ fibre: 'acrylic', percent: 100 }],
		wash: 'machine-40',
		dry: 'tumble',
		phases: [
			{ colour: '#22395c', colourName: 'midnight', metres: 70 },
			{ colour: '#2f7d86', colourName: 'green light', metres: 55 },
			{ colour: '#8fc3a1', colourName: 'pale light', metres: 45 },
			{ colour: '#c9a3c4', colourName: 'rose', metres: 60 },
			{ colour: '#6a4c86', colourName: 'violet', metres: 70 }
		]
	},
	{
		...worsted(['mk-smoke', 'Mooring mohair', 'smoke', '#8c93a3', 50]),
		weightClass: 0,
		metresPer100g: 840,
		ballGrams: 25,
		fibres: [
			{ fibre: 'mohair', percent: 70 },
			{ fibre: 'silk', percent: 30 }
		],
		surface: 'fuzzy',
		wash: 'hand'
	},
	{
		...worsted(['hw-anchor', 'Hawser', 'anchor', '#4a4f55', 300]),
		weightClass: 5,
		metresPer100g: 120,
		wash: 'hand'
	}
];

/** Two strands of one line and one of mohair: what the stall sells as its warm hats. */
const warm = holdTogether('ht-warm' as Yarn['id'], [
	{ yarn: yarns.find((y) => y.id === 'tw-reed')!, strands: 2 },
	{ yarn: yarns.find((y) => y.id === 'mk-smoke')!, strands: 1 }
]);
yarns.push(warm);

/** A reading as someone noted it, by notation. */
function reading(
	id: string,
	state: ReadingState,
	notation: Notation,
	stitches: number,
	rows: number,
	pins = 48
): Reading {
	const sides = {
		'per-10cm': [
			{ count: stitches, overCm: 10 },
			{ count: rows, overCm: 10 }
		],
		'per-4in': [
			{ count: stitches, overCm: inchesToCm(4) },
			{ count: rows, overCm: inchesToCm(4) }
		],
		'per-1in': [
			{ count: stitches, overCm: inchesToCm(1) },
			{ count: rows, overCm: inchesToCm(1) }
		],
		'cm-to-40': [
			{ count: 40, overCm: stitches },
			{ count: 20, overCm: rows }
		],
		tube: [
			{ count: pins / 2, overCm: stitches },
			{ count: 40, overCm: rows }
		]
	} as const;
	const [s, r] = sides[notation];
	return { id, state, notation, stitches: s, rows: r };
}

function swatch(
	id: string,
	machine: Machine,
	yarnId: string,
	slot: number,
	readings: Reading[],
	note = '',
	loops: LoopReading[] = []
): Swatch {
	const yarn = yarns.find((y) => y.id === yarnId)!;
	return {
		id: id as Swatch['id'],
		machineId: machine.id,
		yarnId: yarn.id,
		strands: yarn.strands,
		slot,
		readings,
		loops,
		note
	};
}

const swatches: Swatch[] = [
	swatch(
		'sw-01',
		big,
		'bw-foam',
		2,
		[
			reading('sw-01-a', 'washed', 'tube', 19.8, 20.4),
			reading('sw-01-b', 'washed', 'per-10cm', 12, 19.5),
			reading('sw-01-c', 'rested', 'tube', 20.3, 21),
			reading('sw-01-d', 'pulled', 'tube', 26.2, 18.6)
		],
		'Forty rows, hung over the rail to dry.',
		[{ id: 'sw-01-l', by: 'unravelled', rows: 4, stitches: 48, metres: 5.38 }]
	),
	swatch(
		'sw-02',
		big,
		'bw-deep',
		2,
		[
			reading('sw-02-a', 'rested', 'per-10cm', 12.1, 19.4),
			reading('sw-02-b', 'rested', 'cm-to-40', 33.4, 10.3),
			reading('sw-02-c', 'rested', 'per-4in', 12.25, 19.75),
			reading('sw-02-d', 'rested', 'tube', 22.6, 20.7)
		],
		'The last one was measured by lamplight.',
		[{ id: 'sw-02-l', by: 'weighed', stitches: 1920, grams: 27 }]
	),
	swatch('sw-03', big, 'bw-lantern', 2, [reading('sw-03-a', 'rested', 'per-10cm', 12.3, 19.8)]),
	swatch(
		'sw-04',
		big,
		'bw-rust',
		2,
		[reading('sw-04-a', 'fresh', 'tube', 18.6, 24.2)],
		'Measured at the stall, still warm.'
	),
	swatch('sw-05', big, 'bw-kelp', 3, [
		reading('sw-05-a', 'rested', 'per-1in', 3, 4.75),
		reading('sw-05-b', 'washed', 'per-10cm', 11.8, 19)
	]),
	swatch('sw-06', big, 'gd-fog', 3, [
		reading('sw-06-a', 'rested', 'per-10cm', 11.2, 17.8),
		reading('sw-06-b', 'rested', 'tube', 21.6, 22.8)
	]),
	swatch(
		'sw-07',
		big,
		'qc-rope',
		3,
		[reading('sw-07-a', 'washed', 'cm-to-40', 31, 11.2)],
		'Grew two fingers overnight.'
	),
	swatch('sw-08', big, 'tw-night', 2, [
		reading('sw-08-a', 'rested', 'per-10cm', 12.6, 20.1),
		reading('sw-08-b', 'rested', 'per-10cm', 12.4, 20.6)
	]),
	swatch('sw-09', small, 'sl-shell', 1, [
		reading('sw-09-a', 'rested', 'tube', 7.9, 15.6, 22),
		reading('sw-09-b', 'washed', 'tube', 8.0, 15.3, 22)
	]),
	swatch('sw-10', small, 'sl-mint', 1, [reading('sw-10-a', 'rested', 'per-10cm', 14, 25.6)]),
	swatch('sw-11', small, 'bw-foam', 2, [reading('sw-11-a', 'rested', 'tube', 9.0, 20.1, 22)]),
	swatch('sw-12', small, 'tw-night', 2, [reading('sw-12-a', 'rested', 'per-10cm', 13, 21.4)]),
	swatch('sw-13', big, 'aw-aurora', 2, [reading('sw-13-a', 'washed', 'tube', 19.5, 20.2)])
];

/** A yarn tried on a machine, days after the start of the fair. */
function tried(
	id: string,
	day: number,
	[machine, yarnId]: [Machine, string],
	rest: Partial<YarnTest>
): YarnTest {
	const yarn = yarns.find((y) => y.id === yarnId)!;
	return {
		id: id as YarnTest['id'],
		machineId: machine.id,
		yarnId: yarn.id,
		strands: yarn.strands,
		slot: 2,
		hand: 'none',
		rows: 20,
		faults: { dropped: 0, tuck: 0, split: 0, unseated: 0 },
		verdict: 'runs',
		at: START + day * DAY,
		note: '',
		...rest
	};
}
const tests = (): YarnTest[] => [
	tried('test-01', -9, [big, 'bw-foam'], { rows: 40 }),
	tried('test-02', -8, [small, 'bw-foam'], {
		slot: 3,
		hand: 'light',
		verdict: 'care',
		faults: { dropped: 1, tuck: 2, split: 0, unseated: 0 },
		note: 'Slow for the first ten rows, then well.'
	}),
	tried('test-03', -6, [big, 'gd-fog'], {
		slot: 2,
		verdict: 'fails',
		rows: 12,
		faults: { dropped: 4, tuck: 3, split: 0, unseated: 1 },
		note: 'It clung to the pins.'
	}),
	tried('test-04', -5, [big, 'gd-fog'], {
		slot: 3,
		note: 'With the large slot it runs after all.'
	}),
	tried('test-05', -4, [big, 'hw-anchor'], {
		slot: 3,
		verdict: 'fails',
		rows: 4,
		faults: { dropped: 6, tuck: 0, split: 0, unseated: 5 },
		note: 'Jammed twice.'
	}),
	tried('test-06', -2, [big, 'ht-warm'], { slot: 2, hand: 'light', verdict: 'care' })
];

const DAY = 86_400_000;
/** The second Sunday of November 2026, ten in the morning, UTC. */
const START = Date.UTC(2026, 10, 8, 10);

const id = (s: string) => s as Yarn['id'];
const hat: LinedHatWish = {
	recipe: 'lined-hat',
	head: { kind: 'table', size: 'woman' },
	visibleCm: null,
	length: { by: 'fit' },
	brim: { turnedUp: true, heightCm: 5 },
	scheme: { kind: 'one', yarn: id('bw-deep') },
	closing: 'gather',
	wasteStart: 5,
	wasteEnd: 0,
	joinTails: 'tie'
};

function project(
	key: string,
	name: string,
	day: number,
	wish: Partial<LinedHatWish>,
	extra: Partial<Project> = {}
): Project {
	return {
		id: `project-${key}` as Project['id'],
		name,
		createdAt: START + day * DAY,
		machineId: big.id,
		wish: { ...hat, ...wish },
		accepted: [],
		useFresh: false,
		holdsYarn: true,
		used: null,
		note: '',
		...extra
	};
}

const projects: Project[] = [
	project(
		'first',
		'Harbour master',
		0,
		{
			head: { kind: 'table', size: 'man' },
			length: { by: 'rows', rows: 124 },
			scheme: { kind: 'one', yarn: id('bw-deep') }
		},
		{ used: [{ yarnId: id('bw-deep'), grams: 86, how: 'weighed' }] }
	),
	project('buoy', 'Buoy stripes', 3, {
		head: { kind: 'table', size: 'child' },
		brim: { turnedUp: false, heightCm: 4 },
		length: { by: 'rows', rows: 76 },
		scheme: { kind: 'stripes', yarns: [id('bw-foam'), id('bw-rust')], stripeRows: 4 }
	}),
	project('keeper', 'Lamp keeper', 7, {
		scheme: {
			kind: 'outer-lining',
			outer: id('bw-deep'),
			lining: id('bw-lantern'),
			liningExtraRows: 6
		}
	}),
	project('tideline', 'Tideline', 10, {
		brim: { turnedUp: false, heightCm: 5 },
		scheme: { kind: 'false-brim', main: id('bw-kelp'), brim: id('bw-foam'), brimRows: 30 }
	}),
	project('foghorn', 'Foghorn', 12, {
		head: { kind: 'measured', cm: 58 },
		scheme: { kind: 'one', yarn: id('gd-fog') },
		closing: 'zip'
	})
];

/** A run of `rows` turns, a few seconds each, with the events around it. */
function run(key: string, day: number, rows: number, off: boolean): RunEvent[] {
	const projectId = `project-${key}` as Project['id'];
	const start = START + day * DAY;
	const base = (n: number, at: number) => ({
		id: `${key}-${String(n).padStart(4, '0')}`,
		projectId,
		at,
		piece: 'tube'
	});
	const events: RunEvent[] = [{ ...base(0, start), type: 'start' }];
	let at = start + 90_000;
	for (let r = 1; r <= rows; r++) {
		at += r < 8 ? 9000 : 5600 + ((r * 7919) % 1700);
		events.push({ ...base(r, at), type: 'row' });
	}
	if (off) events.push({ ...base(rows + 1, at + 60_000), type: 'off' });
	return events;
}

const fault: RunEvent = {
	id: 'keeper-fault-1',
	projectId: 'project-keeper' as Project['id'],
	at: START + 8 * DAY + 400_000,
	piece: 'tube',
	type: 'fault',
	row: 31,
	pin: 17,
	fault: 'dropped'
};

const done = (key: string, day: number, steps: string[]): RunEvent[] =>
	steps.map((step, i) => ({
		id: `${key}-step-${i}`,
		projectId: `project-${key}` as Project['id'],
		at: START + day * DAY + 7_200_000 + i * 240_000,
		type: 'step',
		step,
		done: true
	}));

const results: MeasuredResult[] = [
	{
		id: 'result-first-rest',
		projectId: 'project-first' as Project['id'],
		at: START + DAY,
		when: 'rested',
		tubeCm: 65,
		flatWidthCm: 19.6,
		grams: 86,
		minutes: 19,
		heightWornCm: null,
		rowsKnitted: 124,
		note: 'Deeper than I wanted. Lovely with the brim up twice.'
	}
];

export const harbour: Everything = {
	bench: { machines: [small, big], yarns, swatches, tests: tests(), evidence: [] },
	projects,
	events: [
		...run('first', 0, 129, true),
		...done('first', 0, [
			'rest',
			'gather-cast-off',
			'pick-up-cast-on',
			'waste-off-cast-on',
			'gather-cast-on',
			'tuck',
			'meet',
			'weave-in',
			'turn-up',
			'measure'
		]),
		...run('buoy', 4, 81, true),
		...done('buoy', 4, ['rest', 'join-tails']),
		...run('keeper', 8, 51, false),
		fault
	],
	results
};
