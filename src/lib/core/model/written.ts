import * as z from 'zod';
import { name, note, notation, when } from './bench';

export const patternId = z.string().min(1).max(64).brand<'PatternId'>();
export type PatternId = z.infer<typeof patternId>;

/** Longer texts are not read, in letters. */
export const MOST_TEXT = 40_000;
export const MOST_CORRECTIONS = 200;
/** What the maker says of a stretch of a pattern that was not read, or read otherwise than it is meant. */
export const correction = z.object({
	words: z.string().min(1).max(2000).describe('the stretch, as it stands in the text'),
	nth: z.int().min(0).max(2000).describe('which of those words, from 0'),
	says: z.string().max(400).describe('what it means, in a pattern’s words; empty for only words')
});
export type Correction = z.infer<typeof correction>;

/** How a piece that widens and then narrows is knitted on a ring, where a panel only narrows. */
export const WIDENED_WAYS = ['joined', 'panels', 'eased', 'sideways'] as const;
export type WidenedWay = (typeof WIDENED_WAYS)[number];

/** A hand-knitting pattern as the maker has it: its text as pasted, and what the maker says of it. Nothing that was read off it. */
export const writtenPattern = z.object({
	id: patternId,
	name,
	createdAt: when,
	text: z.string().max(MOST_TEXT),
	note: note.default(''),
	size: z.int().min(0).max(29).describe('by its place in the bracketed lists, from 0'),
	notation,
	stitches: z.string().max(80).describe('its gauge, as typed; empty where the text says it'),
	rows: z.string().max(80),
	mode: z.enum(['tube', 'panel']).describe('what its counts are turned into'),
	keep: z
		.array(z.string().max(8))
		.max(1000)
		.describe('what each count must keep to: any, even, odd, or a number it is a multiple of'),
	corrections: z.array(correction).max(MOST_CORRECTIONS),
	ways: z
		.array(z.object({ piece: z.string().min(1).max(60), way: z.enum(WIDENED_WAYS) }))
		.max(60)
		.describe('of pieces that widen and then narrow; left out: joined'),
	apart: z
		.array(z.string().min(1).max(200))
		.max(200)
		.describe('seams that were guessed and are not sewn, by name')
});
export type WrittenPattern = z.infer<typeof writtenPattern>;

/** A pattern before anything is pasted. */
export const newPattern = (id: PatternId, createdAt: number): WrittenPattern => ({
	id,
	name: 'A written pattern',
	createdAt,
	text: '',
	note: '',
	size: 0,
	notation: 'per-10cm',
	stitches: '',
	rows: '',
	mode: 'panel',
	keep: [],
	corrections: [],
	ways: [],
	apart: []
});
