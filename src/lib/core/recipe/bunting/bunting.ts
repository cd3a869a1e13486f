import { entryAt } from '../../quantity/sure';
import type { YarnId } from '../../model/bench';
import { buntingOptions, type BuntingOptions } from './options';
import type { Machine } from '../../model/bench';
import type { Bench } from '../../model/project';
import { panelPins } from '../../bench/machine/panel';
import type { Op, Program } from '../../program/program';
import { own, worked, type Working } from '../../quantity/working';
import type { Flag } from '../../assembly/flag';
import { flatLength } from '../../crank/length';
import { mainRuns } from '../../program/runs';
import { estimate, exact, quotient } from '../../quantity/estimate';
import type { FinishedOf } from '../finished';
import type { DesignContext, Recipe } from '../recipe';
import { flagSizes } from './figures';
import { buntingRules } from './rules';

/** Rows straight after the cast-on before the first decrease: one there and one back. */
const STRAIGHT_ROWS = 2;
/** Stitches that one round of decreases, at both edges, takes away. */
const perRound = (options: Pick<BuntingOptions, 'way'>): number =>
	options.way === 'single' ? 2 : 4;

/** Rounds of decreases from `stitches` to the tip: as many as come nearest. */
const roundsFrom = (options: BuntingOptions, stitches: number): number =>
	Math.max(1, Math.round((stitches - options.tip) / perRound(options)));

export interface FlagCounts {
	/** Cast on, from edge to edge. */
	readonly stitches: number;
	readonly rounds: number;
	readonly rows: number;
}

/** Whole counts of one flag: as wide as comes nearest the options, with a tip of just the stitches asked for. */
export function flagCounts(options: BuntingOptions, stitchesPerCm: number): FlagCounts {
	const wanted =
		options.width.by === 'stitches' ? options.width.stitches : options.width.cm * stitchesPerCm;
	const rounds = roundsFrom(options, wanted);
	return {
		stitches: options.tip + rounds * perRound(options),
		rounds,
		rows: STRAIGHT_ROWS + rounds * options.everyRows
	};
}

export function flagProgram(
	options: BuntingOptions,
	counts: FlagCounts,
	machine: Machine
): Program {
	const { from } = panelPins(machine, options.turn, counts.stitches);
	const to = Math.min(machine.pins, from + counts.stitches);
	const down = perRound(options) / 2;
	/** Near the tip both edges meet in the middle stitch: there is no room for a second edge stitch any more. */
	const kept = (stitches: number): 1 | 2 =>
		options.edgeStitches === 2 && stitches > 2 * (2 + down) ? 2 : 1;
	const both = (round: number): Op[] =>
		(['low', 'high'] as const).map((edge) => ({
			op: 'decrease',
			edge,
			way: options.way,
			edgeStitches: kept(counts.stitches - round * perRound(options))
		}));
	return [
		{ op: 'cast-on', method: 'e-wrap', yarn: 0, from, to },
		{ op: 'work', as: 'panel', by: options.turn, edge: machine.edgeRule },
		{ op: 'rows', count: STRAIGHT_ROWS },
		...Array.from({ length: counts.rounds }, (_, round): Op[] => [
			...both(round),
			{ op: 'rows', count: options.everyRows }
		]).flat(),
		{ op: 'cut' },
		{ op: 'take-off', method: 'needle' }
	];
}

function rowsWorking(options: BuntingOptions, counts: FlagCounts): Working {
	return [
		'(',
		options.width.by === 'stitches'
			? own(counts.stitches, 'stitches', 'cast on')
			: worked(counts.stitches, 'stitches', 'cast on'),
		'−',
		own(options.tip, 'stitches', 'at the tip'),
		') ÷',
		worked(perRound(options), 'stitches', 'each time'),
		'×',
		own(options.everyRows, 'rows', 'between'),
		'+',
		worked(STRAIGHT_ROWS, 'rows', 'straight')
	];
}

/** The most stitches, with this tip and way, that fit on so many pins. */
export const mostStitches = (options: Pick<BuntingOptions, 'tip' | 'way'>, pins: number): number =>
	options.tip +
	Math.max(1, Math.floor((pins - options.tip) / perRound(options))) * perRound(options);

/** The yarn of each flag along the string, by its place in the list of yarns used. */
export function flagOrder(options: BuntingOptions): number[] {
	const ids = [...new Set(options.yarns)];
	return Array.from({ length: options.flags }, (_, i) =>
		ids.indexOf(entryAt(options.yarns, i % options.yarns.length))
	);
}

/** How many flags each yarn takes as they go along the string in turn. */
export const flagsOf = (options: BuntingOptions): { yarn: YarnId; flags: number }[] =>
	[...new Set(options.yarns)].map((yarn) => ({
		yarn,
		flags: Array.from(
			{ length: options.flags },
			(_, i) => options.yarns[i % options.yarns.length]
		).filter((y) => y === yarn).length
	}));

const START = { everyRows: 2, way: 'single', edgeStitches: 1, tip: 3, turn: 'switch' } as const;
/** As many as makers often take (from memory). */
const USUAL_STITCHES = 23;

/** As many stitches as are usual, or as the panel of the largest machine takes. */
function startStitches(bench: Bench): number {
	const most = Math.max(0, ...bench.machines.map((m) => panelPins(m, START.turn, 0).most));
	return Math.min(USUAL_STITCHES, mostStitches(START, most));
}

/** A string of flags: triangles of panel, cast on with a finished edge and decreased at both edges down to a tip. */
export const bunting: Recipe<BuntingOptions, FinishedOf<'flags'>> = {
	id: 'bunting',
	options: buntingOptions,
	phrase:
		'A bunting of {flags}, each {width} wide at the top, narrowed by {way} at each edge every {everyRows} down to {tip}, on {machine}, in {yarns}',
	rules: buntingRules,
	begins: 'most-pins',
	ownWaste: true,
	defaults: (bench) => {
		const yarn = bench.yarns[0];
		return (
			yarn && {
				recipe: 'bunting',
				flags: 7,
				yarns: [yarn.id],
				...START,
				width: { by: 'stitches', stitches: startStitches(bench) }
			}
		);
	},
	withRows: (options, rows) => {
		const rounds = Math.max(1, Math.round((rows - STRAIGHT_ROWS) / options.everyRows));
		const stitches = Math.min(190, Math.max(5, options.tip + rounds * perRound(options)));
		return { ...options, width: { by: 'stitches', stitches } };
	},
	design: (options, context: DesignContext) => {
		const used = flagsOf(options).filter((f) => f.flags > 0);
		const counts = flagCounts(options, context.gauge(entryAt(used, 0).yarn).stitchesPerCm.mean);
		const ids = [...new Set(options.yarns)];
		const pieces = used.map(({ yarn, flags }) => ({
			id: `flag-${ids.indexOf(yarn) + 1}`,
			name: used.length > 1 ? `Flag in ${context.yarn(yarn).colourName}` : 'Flag',
			count: flags,
			mirrored: false,
			yarns: ids,
			// Each piece feeds from its own place in the common list of yarns.
			program: flagProgram(options, counts, context.machine).map((o) =>
				o.op === 'cast-on' ? { ...o, yarn: ids.indexOf(yarn) } : o
			),
			rowsWorking: rowsWorking(options, counts),
			sectionsWorking: []
		}));
		const machine = context.machine;
		const gauges = ids.map(context.gauge);
		const main = entryAt(gauges, 0);
		const width = quotient(exact(counts.stitches), main.stitchesPerCm);
		const runs = mainRuns(pieces[0]?.program ?? []);
		const flag: Flag = {
			stitches: counts.stitches,
			mostStitches: mostStitches(options, panelPins(machine, options.turn, counts.stitches).most),
			tip: options.tip,
			flags: options.flags,
			width,
			height: flatLength(runs, gauges),
			// Every flag has the same gauge, so their widths err together.
			string: estimate(width.mean * options.flags, width.sd * options.flags, width.basis)
		};
		return {
			pieces,
			finished: { kind: 'flags', flag, order: flagOrder(options) },
			sizes: flagSizes(flag, main, runs.at(-1)?.to ?? 0),
			assembly: [
				{ do: 'rest', as: 'flag' },
				{ do: 'join-tails' },
				...pieces.map((p) => ({ do: 'gather', piece: p.id, edge: 'cast-off' }) as const),
				{ do: 'weave-in' },
				{ do: 'string', pieces: pieces.map((p) => p.id) },
				{ do: 'measure' }
			]
		};
	}
};
