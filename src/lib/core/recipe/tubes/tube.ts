import { afterTube, tubeAsMeasured } from './afterwards';
import { entryAt } from '../../quantity/sure';
import { clearPins } from '../../bench/machine/ring';
import type { YarnId } from '../../model/bench';
import { chainsOf, tubeOptions, type PlainTubeOptions } from './options';
import { tubeProgram } from '../../program/program';
import { own, worked, type Working } from '../../quantity/working';
import { filledSections } from '../../stripes/filled';
import { joined } from '../../stripes/sections';
import { readStripes, rowsOf } from '../../stripes/stripe-line';
import { rowsThatLast } from '../lasting';
import { finishTube, type FinishedTube } from '../../assembly/finished-tube';
import type { Assembly, Edge } from '../../assembly/assembly';
import { flatLength } from '../../crank/length';
import { mainRuns } from '../../program/runs';
import type { FinishedOf } from '../finished';
import type { Design, DesignContext, Recipe } from '../recipe';
import { compared, cordsOf, tubeSizes } from './figures';
import { TUBE_KINDS } from './kinds';
import { aroundOf, fitCmOf, hemOf, pinsOf } from './length';
import { usual } from './start';
import { tubeRules } from './rules';
import { thumbOf, TUBE, type TubeKind } from './kind';

const LEAST_ROWS = 4;
const MOST_ROWS = 600;

/** The first clear pins of the ring, away from what a panel turned by hand keeps off. */
const cordPins = (pins: number, machine: DesignContext['machine']) => {
	const { from } = clearPins(machine);
	return { from, to: from + pins };
};

/** So many pins in the middle of the ring, half-way round from where rows begin. */
const acrossFrom = (pins: number, stitches: number) => {
	const wide = Math.min(stitches, pins - 2);
	const from = Math.floor((pins - wide) / 2);
	return { from, to: from + wide };
};

/** A hem needs the row it hangs in, and one after it. */
const within = (rows: number, hem = 0): number =>
	Math.max(LEAST_ROWS, hem + 2, Math.min(MOST_ROWS, Math.round(rows)));

/** The most rows for which the yarn on hand lasts, in the shares that the line gives each. */
const rowsOfYarn = (options: PlainTubeOptions, context: DesignContext): number =>
	rowsThatLast(
		{
			yarns: options.yarns,
			sections: (rows) => filledSections(options, rows),
			pins: pinsOf(options, context.machine),
			copies: TUBE_KINDS[options.recipe].copies,
			least: LEAST_ROWS,
			most: MOST_ROWS
		},
		context
	);

/** Main rows of one piece and how they came about. */
function solve(
	options: PlainTubeOptions,
	context: DesignContext
): { rows: number; working: Working } {
	const kind = TUBE_KINDS[options.recipe];
	const rowsPerCm = context.gauge(entryAt(options.yarns, 0)).rowsPerCm;
	const density = {
		value: rowsPerCm.mean,
		kind: 'row-density' as const,
		label: rowsPerCm.basis === 'estimated' ? 'guessed gauge' : 'your gauge',
		own: rowsPerCm.basis !== 'estimated'
	};
	const hem = hemOf(options);
	// Half of the hem's rows lie behind the other half.
	const fromCm = (cm: number, working: Working) => ({
		rows: within(cm * rowsPerCm.mean + hem / 2, hem),
		working: [
			...working,
			'×',
			density,
			...(hem > 0 ? ['+', worked(hem / 2, 'rows', 'hidden in the hem')] : [])
		]
	});
	switch (options.length.by) {
		case 'rows':
			return {
				rows: Math.max(hem > 0 ? hem + 2 : 0, options.length.rows),
				working: [own(options.length.rows, 'rows', 'set by you')]
			};
		case 'line': {
			// As written, however long: what is too long is said, not cut off.
			const rows = Math.max(LEAST_ROWS, hem > 0 ? hem + 2 : 0, rowsOfLine(options));
			return { rows, working: [own(rows, 'rows', 'in your stripe line')] };
		}
		case 'cm':
			return fromCm(options.length.cm, [own(options.length.cm, 'length', 'set by you')]);
		case 'yarn': {
			const rows = within(rowsOfYarn(options, context), hem);
			return { rows, working: [worked(rows, 'rows', 'that the yarn on hand gives')] };
		}
		case 'fit': {
			const cm = fitCmOf(options, context.machine, context.gauge(entryAt(options.yarns, 0)));
			const { fitSource: said } = kind;
			return fromCm(cm, [worked(cm, 'length', typeof said === 'string' ? said : said(options))]);
		}
	}
}

const rowsOfLine = (options: PlainTubeOptions): number => {
	const read = readStripes(options.stripes, options.yarns.length);
	return read.ok ? rowsOf(read.line) : 10;
};

/** How an end is left by the assembly. */
function endOf(assembly: Assembly, edge: Edge): FinishedTube['closed']['castOn'] {
	for (const s of assembly) {
		if (s.do === 'join-ring') return 'ring';
		if (s.do === 'close-flat' && s.edge === edge) return 'flat';
		if (s.do === 'gather' && s.edge === edge) return 'gather';
	}
	return 'open';
}

/** The tube as it is used, with its sizes. */
function finished(
	kind: TubeKind,
	options: PlainTubeOptions,
	{ machine, gauge }: DesignContext,
	{ pieces: [piece], assembly }: Pick<Design, 'pieces' | 'assembly'>
): Pick<Design<FinishedOf<'tube'>>, 'finished' | 'sizes'> {
	const gauges = [...new Set(options.yarns)].map(gauge);
	const main = gauge(entryAt(options.yarns, 0));
	const around = aroundOf(options);
	const pins = pinsOf(options, machine);
	const runs = mainRuns(piece?.program ?? []);
	const hemRows = hemOf(options);
	const tube = finishTube({
		flatLength: flatLength(runs, gauges, hemRows),
		pins,
		stitchesPerCm: main.stitchesPerCm,
		// What it lies along stretches nothing.
		around: around && around.by !== 'along' ? { cm: around.cm, by: around.by } : null,
		copies: kind.copies,
		hangs: kind.hangs ?? 'lying',
		closed: { castOn: endOf(assembly, 'cast-on'), castOff: endOf(assembly, 'cast-off') }
	});
	const rows = runs.at(-1)?.to ?? 0;
	const cord = kind.cord !== undefined;
	return {
		finished: { kind: 'tube', tube },
		sizes: [
			...tubeSizes({ tube, gauge: main, rows, hemRows, pins, cord }),
			...compared(kind, main, tube),
			...cordsOf(kind, assembly)
		]
	};
}

function design(
	kind: TubeKind,
	options: PlainTubeOptions,
	context: DesignContext
): Design<FinishedOf<'tube'>> {
	const { rows, working } = solve(options, context);
	const { machine } = context;
	const stitchesPerCm = context.gauge(entryAt(options.yarns, 0)).stitchesPerCm.mean;
	const chains = options.chains ?? chainsOf(kind, machine.pins / stitchesPerCm);
	const made = { rows, stitchesPerCm, chains };
	const thumb = kind.thumb ? thumbOf(options, made) : null;
	const ids: YarnId[] = [...new Set(options.yarns)];
	// Two letters may stand for one yarn: the machine knows yarns, not letters.
	const sections = joined(
		filledSections(options, rows).map((s) => ({
			...s,
			yarn: ids.indexOf(entryAt(options.yarns, s.yarn))
		}))
	);
	const program = tubeProgram({
		sections,
		// No waste yarn under a cord: its few loops are drawn up by the tail.
		wasteStart: options.wasteStart ?? 0,
		...(options.wasteWith && { wasteWith: options.wasteWith }),
		wasteEnd: options.wasteEnd ?? 0,
		hemRows: hemOf(options),
		// Across from the marker, where no join is.
		...(thumb && {
			strand: { atRow: thumb.atRow, ...acrossFrom(machine.pins, thumb.stitches) }
		}),
		...(kind.cord && { pins: cordPins(pinsOf(options, machine), machine) })
	});
	const knit = {
		pieces: [
			{
				id: TUBE,
				name: kind.piece,
				count: kind.copies,
				mirrored: false,
				yarns: ids,
				program,
				rowsWorking: working,
				sectionsWorking: []
			}
		],
		assembly: [
			{ do: 'rest', as: kind.cord ? 'cord' : 'tube' },
			{ do: 'join-tails' },
			...kind.assembly(options, made),
			{ do: 'weave-in' },
			{ do: 'measure', ...(kind.worn ? { worn: kind.worn } : {}) }
		] as Assembly
	};
	return { ...knit, ...finished(kind, options, context, knit) };
}

/** The recipe of one kind of tube. */
export function tubeRecipe(kind: TubeKind): Recipe<PlainTubeOptions, FinishedOf<'tube'>> {
	const schema = tubeOptions(kind);
	return {
		id: kind.id,
		...(kind.use && { use: kind.use }),
		options: schema,
		phrase: `${kind.called}, on {machine}, in {yarns}, {stripes+fill}, {length}${kind.asks ? `, ${kind.asks}` : ''}`,
		defaults: (bench, machine = bench.machines[0]) => {
			const all = usual(kind, bench, machine);
			return all && (schema.parse(all) as PlainTubeOptions);
		},
		withRows: (options, rows) => ({ ...options, length: { by: 'rows', rows } }),
		byYarn: (options) => ({ ...options, length: { by: 'yarn' } }),
		madeFor: ({ aroundCm }) => {
			const cm = aroundCm ?? kind.around?.usualCm;
			const named = kind.sizes?.find((s) => s.cm === cm);
			return named ? { label: `Size: ${named.name}` } : null;
		},
		// Lengths to half a cm.
		asLength: (options, { tube }) =>
			options.length.by === 'rows'
				? { ...options, length: { by: 'cm', cm: Math.round(tube.flatLength.mean * 2) / 2 } }
				: options,
		asMeasured: tubeAsMeasured,
		afterwards: afterTube,
		rules: tubeRules(kind),
		pins: kind.pins,
		begins: 'nearest',
		// A hem's first row has to be found again, and a cord has no waste: those keep their own.
		ownWaste: kind.hem !== undefined || kind.cord !== undefined,
		design: (options, context) => design(kind, options, context)
	};
}
