import * as z from 'zod';
import { DENSITY_RANGE } from '../quantity/units';

const id = <B extends string>() => z.string().min(1).max(64).brand<B>();
export const machineId = id<'MachineId'>();
export const yarnId = id<'YarnId'>();
export const swatchId = id<'SwatchId'>();
export type MachineId = z.infer<typeof machineId>;
export type YarnId = z.infer<typeof yarnId>;
export type SwatchId = z.infer<typeof swatchId>;

export const name = z.string().trim().min(1).max(80);
export const note = z.string().max(2000);

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
	ringCm: z.number().min(5).max(400).describe('once round the pins, cm'),
	clearanceCm: z.number().min(2).max(200).describe('from the pins down to the table, cm')
});
export type Machine = z.infer<typeof machine>;

export const FIBRES = [
	'wool',
	'acrylic',
	'cotton',
	'alpaca',
	'linen',
	'nylon',
	'silk',
	'mohair',
	'other'
] as const;
export const fibre = z.enum(FIBRES);
export type Fibre = z.infer<typeof fibre>;

/** A yarn in one colour, as the maker uses it. */
export const yarn = z.object({
	id: yarnId,
	name,
	colourName: name,
	colour: z.string().regex(/^#[0-9a-f]{6}$/i),
	weightClass: z.int().min(0).max(7),
	metresPer100g: z.number().min(10).max(2000).describe('of one strand'),
	fibres: z
		.array(z.object({ fibre, percent: z.number().gt(0).max(100) }))
		.min(1)
		.max(6),
	gramsOnHand: z.number().min(0).max(100_000),
	ballGrams: z.number().min(5).max(2000),
	strands: z.int().min(1).max(4).describe('held together'),
	strength: z.enum(['strong', 'weak']).describe('weak: breaks when pulled as a drawstring')
});
export type Yarn = z.infer<typeof yarn>;

export const NOTATIONS = ['per-10cm', 'per-4in', 'per-1in', 'cm-to-40', 'tube'] as const;
export const notation = z.enum(NOTATIONS);
export type Notation = z.infer<typeof notation>;

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

export const STATES = ['fresh', 'rested', 'washed'] as const;
export const swatchState = z.enum(STATES);
export type SwatchState = z.infer<typeof swatchState>;

export const reading = z.object({
	id: z.string().min(1).max(64),
	state: swatchState,
	notation,
	stitches: countOver,
	rows: countOver
});
export type Reading = z.infer<typeof reading>;

export const swatch = z.object({
	id: swatchId,
	machineId,
	yarnId,
	strands: z.int().min(1).max(4),
	slot: z.int().min(0).max(6).describe('tension slot, 1 the smallest; 0 for none or fingers'),
	readings: z.array(reading).min(1).max(60),
	note: note.default('')
});
export type Swatch = z.infer<typeof swatch>;
