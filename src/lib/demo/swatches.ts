import { found } from '../core/quantity/sure';
import type { Machine, Notation, Reading, ReadingState, Swatch } from '../core/model/bench';
import { inchesToCm } from '../core/quantity/units';
import { big, small } from './machines';
import { yarns } from './yarns';

function reading(
	id: string,
	state: ReadingState,
	notation: Notation,
	[stitches, rows, pins = 48]: readonly [stitches: number, rows: number, pins?: number]
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
	[machine, yarnId, slot]: readonly [machine: Machine, yarnId: string, slot: number],
	readings: Reading[],
	{ note = '', loops = [], hand = 'none', fabric = null }: Partial<Swatch> = {}
): Swatch {
	const yarn = found(yarns, (y) => y.id === yarnId);
	return {
		id: id as Swatch['id'],
		machineId: machine.id,
		yarnId: yarn.id,
		strands: yarn.strands,
		slot,
		hand,
		fabric,
		readings,
		loops,
		note
	};
}

export const swatches: Swatch[] = [
	swatch(
		'sw-01',
		[big, 'bw-foam', 2],
		[
			reading('sw-01-a', 'washed', 'tube', [19.8, 20.4]),
			reading('sw-01-b', 'washed', 'per-10cm', [12, 19.5]),
			reading('sw-01-c', 'rested', 'tube', [20.3, 21]),
			reading('sw-01-d', 'pulled', 'tube', [26.2, 18.6])
		],
		{
			note: 'Forty rows, hung over the rail to dry.',
			loops: [{ id: 'sw-01-l', by: 'unravelled', rows: 4, stitches: 48, metres: 5.38 }]
		}
	),
	swatch(
		'sw-02',
		[big, 'bw-deep', 2],
		[
			reading('sw-02-a', 'rested', 'per-10cm', [12.1, 19.4]),
			reading('sw-02-b', 'rested', 'cm-to-40', [33.4, 10.3]),
			reading('sw-02-c', 'rested', 'per-4in', [12.25, 19.75]),
			reading('sw-02-d', 'rested', 'tube', [22.6, 20.7])
		],
		{
			note: 'The last one was measured by lamplight.',
			loops: [{ id: 'sw-02-l', by: 'weighed', stitches: 1920, grams: 27 }]
		}
	),
	swatch('sw-03', [big, 'bw-lantern', 2], [reading('sw-03-a', 'rested', 'per-10cm', [12.3, 19.8])]),
	swatch('sw-04', [big, 'bw-rust', 2], [reading('sw-04-a', 'fresh', 'tube', [18.6, 24.2])], {
		note: 'Measured at the stall, still warm.'
	}),
	swatch(
		'sw-05',
		[big, 'bw-kelp', 3],
		[
			reading('sw-05-a', 'rested', 'per-1in', [3, 4.75]),
			reading('sw-05-b', 'washed', 'per-10cm', [11.8, 19])
		]
	),
	swatch(
		'sw-06',
		[big, 'gd-fog', 3],
		[
			reading('sw-06-a', 'rested', 'per-10cm', [11.2, 17.8]),
			reading('sw-06-b', 'rested', 'tube', [21.6, 22.8])
		]
	),
	swatch('sw-07', [big, 'qc-rope', 3], [reading('sw-07-a', 'washed', 'cm-to-40', [31, 11.2])], {
		note: 'Grew two fingers overnight.'
	}),
	swatch(
		'sw-08',
		[big, 'tw-night', 2],
		[
			reading('sw-08-a', 'rested', 'per-10cm', [12.6, 20.1]),
			reading('sw-08-b', 'rested', 'per-10cm', [12.4, 20.6])
		]
	),
	swatch(
		'sw-09',
		[small, 'sl-shell', 1],
		[
			reading('sw-09-a', 'rested', 'tube', [7.9, 15.6, 22]),
			reading('sw-09-b', 'washed', 'tube', [8.0, 15.3, 22])
		]
	),
	swatch('sw-10', [small, 'sl-mint', 1], [reading('sw-10-a', 'rested', 'per-10cm', [14, 25.6])]),
	swatch('sw-11', [small, 'bw-foam', 2], [reading('sw-11-a', 'rested', 'tube', [9.0, 20.1, 22])]),
	swatch('sw-12', [small, 'tw-night', 2], [reading('sw-12-a', 'rested', 'per-10cm', [13, 21.4])]),
	swatch('sw-13', [big, 'aw-aurora', 2], [reading('sw-13-a', 'washed', 'tube', [19.5, 20.2])]),
	swatch(
		'sw-14',
		[big, 'bw-slate', 2],
		[
			reading('sw-14-a', 'washed', 'per-10cm', [12.2, 19.6]),
			reading('sw-14-b', 'washed', 'per-10cm', [12, 19.4])
		]
	),
	swatch(
		'sw-15',
		[big, 'bw-madder', 2],
		[
			reading('sw-15-a', 'washed', 'per-10cm', [12.1, 19.5]),
			reading('sw-15-b', 'rested', 'per-10cm', [11.9, 19.3])
		]
	)
];

/** A yarn tried on a machine, days after the start of the fair. */
