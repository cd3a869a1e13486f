import * as z from 'zod';
import {
	DOUBTS,
	FAULTS,
	HANDS,
	PACED,
	ROW_SOURCES,
	SETTLED_BY,
	SHOWS,
	fed,
	machine,
	machineId,
	name,
	note,
	slot,
	swatch,
	when,
	yarn,
	yarnTest
} from './bench';
import { gatherWith } from './gather-with';
import { trims } from './trim';
import { options } from './any-options';
import { writtenPattern } from './written';

export const projectId = z.string().min(1).max(64).brand<'ProjectId'>();
export type ProjectId = z.infer<typeof projectId>;

/** Yarn really used: weighed before and after, or by the plan's sum. */
export const usedYarn = z.object({
	yarnId: yarn.shape.id,
	grams: z.number().min(0).max(100_000),
	how: z.enum(['weighed', 'sum'])
});
export type UsedYarn = z.infer<typeof usedYarn>;

/** What the maker chose, nothing computed. */
export const project = z.object({
	id: projectId,
	name,
	createdAt: when,
	machineId,
	options,
	/** What is added at the end; left out where nothing is. */
	trims: trims.optional(),
	/** What ends are gathered with; left out where with their own tail. */
	gather: gatherWith.optional(),
	/** Findings the maker has accepted, by key; they stay quiet. */
	accepted: z.array(z.string().max(120)).max(200),
	/** Consent to plan from readings taken fresh off the machine. */
	useFresh: z.boolean(),
	/** Whether what it needs is held back from other projects until it is made. */
	holdsYarn: z.boolean(),
	/** Yarn taken off the stock for it; null until it is made and taken off. */
	used: z.array(usedYarn).max(40).nullable(),
	/** The thing that it was made another of, and the main rows that one was really knitted; left out where of none. */
	after: z.object({ projectId, rows: z.int().min(1).max(2000) }).optional(),
	/** When it was taken apart again, and the yarns of the stash that it became; left out where it was not. */
	undone: z.object({ at: when, yarns: z.array(yarn.shape.id).max(40) }).optional(),
	/** The written pattern that it was taken from, as that was then; left out where from none. */
	pattern: writtenPattern.optional(),
	note: note.default('')
});
export type Project = z.infer<typeof project>;
const base = { id: z.string().min(1).max(64), projectId, at: when };
/** An event's place in the run: after all that its writer knew of. */
const placed = { ...base, n: z.int().min(0).max(1_000_000) };
/** The piece, and from its second copy on a point and the copy's number. */
const pieceKey = z.string().min(1).max(40);
const count = z.int().min(0).max(2000);

/**
 * One thing that happened at the crank or the finishing table. The list is only ever appended to;
 * the count is a fold over it (`count/run.ts`).
 */
export const runEvent = z.discriminatedUnion('type', [
	z.object({ ...placed, type: z.literal('start'), piece: pieceKey }),
	z.object({
		...placed,
		type: z.literal('row'),
		piece: pieceKey,
		by: z.enum(ROW_SOURCES).optional().describe('left out: the maker pressed')
	}),
	z.object({ ...placed, type: z.literal('undo'), piece: pieceKey }),
	z.object({ ...placed, type: z.literal('jump'), piece: pieceKey, to: z.int().min(0).max(2000) }),
	z.object({
		...placed,
		type: z.literal('fault'),
		piece: pieceKey,
		row: z.int().min(0).max(2000),
		pin: z.int().min(0).max(200),
		fault: z.enum(FAULTS),
		yarnId: yarn.shape.id
			.optional()
			.describe('what was in the feeder; left out where that was not known'),
		fed: fed.optional().describe('and how it was fed')
	}),
	z.object({ ...placed, type: z.literal('mend'), piece: pieceKey, fault: z.string().max(64) }),
	z.object({
		...placed,
		type: z.literal('doubt'),
		piece: pieceKey,
		why: z.enum(DOUBTS),
		low: count.describe('fewest rows that can be done'),
		high: count.describe('most rows that can be done')
	}),
	z.object({
		...placed,
		type: z.literal('settle'),
		piece: pieceKey,
		to: count,
		by: z.enum(SETTLED_BY)
	}),
	z.object({ ...placed, type: z.literal('ball'), piece: pieceKey, row: count }),
	z.object({
		...placed,
		type: z.literal('feed'),
		piece: pieceKey,
		row: count,
		slot,
		hand: z.enum(HANDS)
	}),
	z.object({
		...placed,
		type: z.literal('note'),
		piece: pieceKey,
		row: count,
		text: z.string().trim().min(1).max(500)
	}),
	z.object({ ...placed, type: z.literal('pause'), piece: pieceKey }),
	z.object({ ...placed, type: z.literal('off'), piece: pieceKey }),
	z.object({ ...placed, type: z.literal('step'), step: z.string().max(60), done: z.boolean() })
]);
export type RunEvent = z.infer<typeof runEvent>;
export type RunEventType = RunEvent['type'];

/** A size by the id that the plan knows it by, and what the tape said, cm. */
export const measuredSize = z.object({
	id: z.string().min(1).max(40),
	cm: z.number().gt(0).max(2000),
	odd: z
		.boolean()
		.default(false)
		.describe('kept though it is far from what can be: it weighs little')
});
export type MeasuredSize = z.infer<typeof measuredSize>;

const density = z.number().gt(0).max(100);
/** A machine and yarn that a thing was knitted on, and the densities its plan took for them, to the cm. */
const pair = z.object({
	machineId,
	yarnId: yarn.shape.id,
	strands: z.int().min(1).max(4),
	stitchesPerCm: density,
	rowsPerCm: density,
	fed: fed.optional().describe('how most of it was fed; left out where that was not known')
});
/** What one kind of work at the crank took on a machine, and what it usually takes, s. */
const paced = z.object({
	machineId,
	work: z.enum(PACED),
	took: z.number().gt(0).max(1e6),
	usual: z.number().gt(0).max(1e6)
});
export type Paced = z.infer<typeof paced>;
/** How a size moves with the densities of one pair: change of its log for a change of theirs, near -1 where it is all theirs. */
const moves = z.object({
	on: z.int().min(0).max(40).describe('place among the pairs'),
	stitches: z.number().min(-20).max(20),
	rows: z.number().min(-20).max(20)
});

/** What a plan said of a thing before it was measured, for the rows really knitted, as of that day. */
export const forecast = z.object({
	version: z.literal(1),
	on: z.array(pair.extend({ loopCm: z.number().gt(0).max(20) })).max(40),
	sizes: z
		.array(
			z.object({
				id: z.string().min(1).max(40),
				label: z.string().max(80),
				lies: z.enum(['flat', 'worn', 'stuffed', 'hung']),
				cm: z.number().gt(0).max(10_000),
				sd: z.number().min(0).max(10_000),
				own: z.number().min(0).max(10).describe('share of its spread that no gauge explains'),
				by: z.array(moves).max(40)
			})
		)
		.max(40),
	grams: z
		.object({
			mean: z.number().min(0).max(1e6),
			sd: z.number().min(0).max(1e6),
			apart: z.number().min(0).max(1e6).describe('of it in tails and by hand, no stitches'),
			each: z
				.array(
					z.object({
						yarnId: yarn.shape.id,
						mean: z.number().min(0).max(1e6),
						apart: z.number().min(0).max(1e6)
					})
				)
				.max(40)
		})
		.nullable(),
	minutes: z.object({ mean: z.number().min(0).max(1e6), sd: z.number().min(0).max(1e6) })
});
export type Forecast = z.infer<typeof forecast>;

/** A result is one look at the finished thing. Lengths in cm, mass in g, time in minutes. */
export const result = z.object({
	...base,
	when: z.enum(['at-once', 'rested', 'washed', 'on-head']),
	sizes: z.array(measuredSize).max(40),
	grams: z.number().gt(0).max(5000).nullable(),
	minutes: z.number().gt(0).max(6000).nullable(),
	rowsKnitted: z.int().min(1).max(2000).describe('main rows, by the count'),
	forecast: forecast.nullable().describe('null in what was logged before version 10'),
	shows: z
		.enum(SHOWS)
		.default('shape')
		.describe(
			'where no forecast was kept: a plain tube on all pins, or what kept it from being one'
		),
	tailMetres: z
		.number()
		.min(0)
		.max(10_000)
		.nullable()
		.default(null)
		.describe('where no forecast was kept: yarn in its tails, which weighs but makes no stitches'),
	usualMinutes: z
		.number()
		.min(0)
		.max(100_000)
		.nullable()
		.default(null)
		.describe(
			'minutes at the crank that most take for it, by its plan; null where that was never worked out'
		),
	paced: z.array(paced).max(400).optional().describe('time by kind of work, by the count'),
	note: note.default(''),
	about: z
		.object({
			piece: z.string().min(1).max(80).nullable().describe('by name; null for all'),
			row: z.int().min(1).max(2000).nullable()
		})
		.optional()
		.describe('which piece and row the note speaks of; left out where of the whole'),
	next: z
		.enum(['no', 'open', 'done'])
		.default('no')
		.describe('whether the note is for next time, and whether that was seen to')
});
export type MeasuredResult = z.infer<typeof result>;

/**
 * What a finished piece says of the pairs it was knitted on: of each of its sizes how many times as long it came out as was
 * foretold from the densities given, and how that size moves with them. Derived from results, or carried in a file.
 */
export const evidence = z.object({
	resultId: z.string(),
	projectId,
	projectName: name,
	machineId,
	pins: z.int().min(2).max(200),
	rows: z.int().min(1).max(2000),
	state: z.enum(['fresh', 'rested', 'washed', 'worn']),
	on: z.array(pair.extend({ loopCm: z.number().gt(0).nullable().describe('as weighed') })).max(40),
	sizes: z
		.array(
			z.object({
				id: z.string().max(40),
				ratio: z.number().gt(0).max(1000),
				sd: z.number().gt(0).max(100).describe('share of it that the tape and the make may err'),
				by: z.array(moves).max(40)
			})
		)
		.max(40),
	minutes: z.number().gt(0).nullable(),
	usualMinutes: z.number().gt(0).nullable().default(null),
	paced: z.array(paced).max(400).optional()
});
export type Evidence = z.infer<typeof evidence>;

/** What the maker owns and has measured, as far as a plan needs it. */
export const bench = z.object({
	machines: z.array(machine).max(200),
	yarns: z.array(yarn).max(5000),
	swatches: z.array(swatch).max(5000),
	tests: z.array(yarnTest).max(5000),
	evidence: z.array(evidence).max(5000)
});
export type Bench = z.infer<typeof bench>;
