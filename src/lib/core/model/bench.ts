import * as z from 'zod';
import { DENSITY_RANGE } from '../quantity/units';
import {
	DRIES,
	EDGE_RULES,
	FIBRES,
	HANDS,
	FABRICS,
	HAND_PANELS,
	NOTATIONS,
	READING_STATES,
	RIGHT_SIDES,
	TURNS,
	VERDICTS,
	WASHES
} from './kinds';

export * from './kinds';

const id = <B extends string>() => z.string().min(1).max(64).brand<B>();
export const machineId = id<'MachineId'>();
export const yarnId = id<'YarnId'>();
export const swatchId = id<'SwatchId'>();
export type MachineId = z.infer<typeof machineId>;
export const testId = id<'TestId'>();
export type YarnId = z.infer<typeof yarnId>;
export type SwatchId = z.infer<typeof swatchId>;
export type TestId = z.infer<typeof testId>;

export const name = z.string().trim().min(1).max(80);
export const note = z.string().max(2000);
export const when = z.int().min(0).max(8.64e15).describe('milliseconds since 1970, UTC');
const colour = z.string().regex(/^#[0-9a-f]{6}$/i);
const strands = z.int().min(1).max(4).describe('held together');
export const slot = z
	.int()
	.min(0)
	.max(6)
	.describe('tension slot, 1 the smallest; 0 for none or fingers');

/** How yarn is fed: through which slot, and through the fingers. */
export const fed = z.object({ slot, hand: z.enum(HANDS).describe('tension through the fingers') });
export type Fed = z.infer<typeof fed>;

/** A machine, called by its pin count. Lengths in cm. */
export const machine = z.object({
	id: machineId,
	name,
	pins: z.int().min(4).max(200).describe('pins on the ring'),
	marker: z
		.enum(['first', 'last'])
		.describe('whether the marker pin is the first or the last of a row'),
	counter: z.enum(['none', 'tube', 'both']).describe('in which modes the built-in counter counts'),
	slots: z.int().min(0).max(6).describe('tension slots'),
	panelLost: z.object({
		start: z.int().min(0).max(6).describe('pins lost at the start in panel mode'),
		end: z.int().min(0).max(6).describe('pins lost at the end in panel mode')
	}),
	turns: z.enum(TURNS).describe('which way the ring goes round, from above'),
	tripPin: z
		.int()
		.min(1)
		.max(200)
		.nullable()
		.describe('pin, from 1, at which the counter is tripped; null where nothing trips'),
	handPanels: z
		.enum(HAND_PANELS)
		.describe('whether a panel in tube mode keeps off marker and counter trip'),
	edgeRule: z.enum(EDGE_RULES).describe('the yarn at the turns of a panel'),
	markerColour: z
		.string()
		.trim()
		.max(24)
		.describe('what the marker pin is told by, such as its colour; empty where nothing was said'),
	firstPin: z
		.int()
		.min(1)
		.max(200)
		.describe(
			'number that the first pin of a row carries; the others count on from it, round the ring'
		),
	rightSide: z
		.enum(RIGHT_SIDES)
		.describe('whether the right side of the fabric hangs away from the maker or toward them'),
	ringCm: z.number().min(5).max(400).describe('once round the pins, cm'),
	clearanceCm: z.number().min(2).max(200).describe('from the pins down to the table, cm')
});
export type Machine = z.infer<typeof machine>;

export const fibre = z.enum(FIBRES);

/** One colour of a long-phase yarn and how far it lasts. */
export const phase = z.object({
	colour,
	colourName: name,
	metres: z.number().min(0.1).max(2000).describe('of the yarn as it is wound, m')
});
export type Phase = z.infer<typeof phase>;

/** A yarn in one colour, as the maker uses it. */
export const yarn = z.object({
	id: yarnId,
	name,
	colourName: name,
	colour,
	weightClass: z.int().min(0).max(7),
	metresPer100g: z.number().min(10).max(2000).describe('of one strand'),
	fibres: z
		.array(z.object({ fibre, percent: z.number().gt(0).max(100) }))
		.min(1)
		.max(6),
	gramsOnHand: z.number().min(0).max(100_000),
	ballGrams: z.number().min(5).max(2000),
	strands,
	strength: z.enum(['strong', 'weak']).describe('weak: breaks when pulled as a drawstring'),
	surface: z.enum(['smooth', 'fuzzy']).describe('fuzzy clings: slow to crank, hard to ladder'),
	stretch: z.enum(['stretchy', 'little']).describe('of the yarn itself; cotton has little'),
	wrapsPerInch: z
		.number()
		.min(3)
		.max(100)
		.nullable()
		.describe('of one strand round a ruler; null where it was not measured'),
	wash: z.enum(WASHES).describe('the warmest wash its label allows'),
	dry: z.enum(DRIES),
	phases: z.array(phase).max(24).describe('in the order they come; empty for a yarn of one colour'),
	/** Yarns held together make a yarn of their own; what is on hand of it follows from its parts. */
	heldTogether: z.array(z.object({ yarnId, strands })).max(4),
	cutFrom: yarnId.nullable().describe('the long-phase yarn that this was cut from'),
	unravelled: z.boolean().optional().describe('it was knitted before; left out where it was not')
});
export type Yarn = z.infer<typeof yarn>;

export const notation = z.enum(NOTATIONS);

/** `count` stitches or rows lie over `overCm` centimetres. Every notation comes down to this. */
export const countOver = z
	.object({
		count: z.number().gt(0).max(2000),
		overCm: z.number().gt(0).max(1000)
	})
	.refine(
		({ count, overCm }) =>
			count / overCm >= DENSITY_RANGE.minPerCm - 1e-9 &&
			count / overCm <= DENSITY_RANGE.maxPerCm + 1e-9,
		`a gauge from ${DENSITY_RANGE.minPerCm * 10} to ${DENSITY_RANGE.maxPerCm * 10} in 10 cm`
	);
export type CountOver = z.infer<typeof countOver>;

export const reading = z
	.object({
		id: z.string().min(1).max(64),
		state: z.enum(READING_STATES),
		notation,
		stitches: countOver.nullable(),
		rows: countOver.nullable()
	})
	.refine((r) => r.stitches !== null || r.rows !== null, 'stitches, rows, or both');
export type Reading = z.infer<typeof reading>;

const loopId = z.string().min(1).max(64);
/** Yarn in the stitches of a swatch, measured. */
export const loopReading = z.discriminatedUnion('by', [
	z.object({
		id: loopId,
		by: z.literal('unravelled'),
		rows: z.int().min(1).max(200).describe('whole rows unravelled'),
		stitches: z.int().min(2).max(200).describe('stitches in a row'),
		metres: z.number().min(0.01).max(2000).describe('of yarn they gave, pulled straight')
	}),
	z.object({
		id: loopId,
		by: z.literal('weighed'),
		stitches: z.int().min(20).max(100_000).describe('stitches counted, all rows together'),
		grams: z.number().min(0.1).max(5000)
	})
]);
export type LoopReading = z.infer<typeof loopReading>;

export const swatch = z
	.object({
		id: swatchId,
		machineId,
		yarnId,
		strands,
		slot,
		hand: z.enum(HANDS).describe('tension through the fingers'),
		fabric: z
			.enum(FABRICS)
			.nullable()
			.describe('what the maker says of its fabric; null where nothing was said'),
		readings: z.array(reading).max(60),
		loops: z.array(loopReading).max(60),
		note: note.default('')
	})
	.refine((s) => s.readings.length + s.loops.length > 0, 'at least one reading');
export type Swatch = z.infer<typeof swatch>;

const faultCount = z.int().min(0).max(999);

/** What happened when a yarn was tried on a machine. */
export const yarnTest = z.object({
	id: testId,
	machineId,
	yarnId,
	strands,
	slot,
	hand: z.enum(HANDS).describe('tension through the fingers: none, lightly, crossed over a finger'),
	rows: z.int().min(1).max(2000).describe('rows tried'),
	faults: z.object({
		dropped: faultCount,
		tuck: faultCount,
		split: faultCount,
		unseated: faultCount
	}),
	verdict: z.enum(VERDICTS).describe('runs well, runs with care, does not run'),
	at: when,
	note: note.default('')
});
export type YarnTest = z.infer<typeof yarnTest>;
