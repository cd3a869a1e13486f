import { afterHat, hatAsMeasured } from './afterwards';
import { entryAt } from '../../quantity/sure';
import { EDGES, type Assembly, type AssemblyStep } from '../../assembly/assembly';
import { finishHat } from '../../assembly/finished';
import { tuckTube } from '../../assembly/tucked-tube';
import { headCm, isBaby } from '../../bench/size/head';
import { flatLength } from '../../crank/length';
import { tubeProgram } from '../../program/program';
import { mainRuns } from '../../program/runs';
import { exact, quotient } from '../../quantity/estimate';
import type { FinishedOf } from '../finished';
import type { Design, DesignContext, Recipe } from '../recipe';
import { yarnsOf } from '../uses';
import { hatSizes } from './figures';
import type { HatKind } from './kind';
import type { YarnId } from '../../model/bench';
import { LINING_LONGER_ROWS, type ColourScheme } from './scheme';
import { solveRows } from './length';
import { hatOptions, type LinedHatOptions } from './options';
import { hatRules } from './rules';
import { hatSections, sectionsWorking } from './sections';

/** What becomes of the two crowns. */
function crown(closing: LinedHatOptions['closing'], tuck: AssemblyStep): Assembly {
	const edges = EDGES;
	switch (closing) {
		case 'gather':
			return [
				{ do: 'gather', piece: 'tube', edge: 'cast-off' },
				{ do: 'gather', piece: 'tube', edge: 'cast-on' },
				tuck
			];
		case 'zip':
			return [tuck, { do: 'zip', piece: 'tube', edges }];
		default:
			return [tuck, { do: 'close-crown', piece: 'tube', edges, how: closing }];
	}
}

/** The tube tucked and on the head, with its sizes. */
function finished(
	options: LinedHatOptions,
	{ machine, gauge }: DesignContext,
	{ pieces: [piece], assembly }: Pick<Design, 'pieces' | 'assembly'>
): Pick<Design<FinishedOf<'worn'>>, 'finished' | 'sizes'> {
	const gauges = yarnsOf(options).map(gauge);
	const main = entryAt(gauges, 0);
	const runs = mainRuns(piece?.program ?? []);
	const head = headCm(options.head);
	const tucked = tuckTube(runs, assembly, 'tube')!;
	const hat = finishHat({
		tucked,
		rowsPerCm: gauges.map((g) => g.rowsPerCm.mean),
		tubeFlat: flatLength(runs, gauges),
		circumference: quotient(exact(machine.pins), main.stitchesPerCm),
		shortening: main.wear.shortening,
		headCm: head,
		brimCm: options.brim.turnedUp ? options.brim.heightCm : 0
	});
	const mainRows = runs.at(-1)?.to ?? 0;
	return {
		finished: { kind: 'worn', tucked, hat },
		sizes: hatSizes({ hat, machine, gauges, mainRows, head })
	};
}

function design(options: LinedHatOptions, context: DesignContext): Design<FinishedOf<'worn'>> {
	const { rows, working } = solveRows(options, context);
	const knit = {
		pieces: [
			{
				id: 'tube',
				name: 'Tube',
				count: 1,
				mirrored: false,
				yarns: yarnsOf(options),
				program: tubeProgram({
					sections: hatSections(options.scheme, rows),
					wasteStart: options.wasteStart,
					wasteWith: options.wasteWith,
					wasteEnd: options.wasteEnd
				}),
				rowsWorking: working,
				sectionsWorking: sectionsWorking(options.scheme, rows)
			}
		],
		assembly: [
			{ do: 'rest', as: 'tube' },
			{ do: 'join-tails' },
			{ do: 'measure-tube', piece: 'tube' },
			...crown(options.closing, { do: 'tuck', piece: 'tube', atRow: rows / 2, inner: 'cast-off' }),
			{ do: 'weave-in' },
			...(options.brim.turnedUp
				? ([{ do: 'turn-up', piece: 'tube', heightCm: options.brim.heightCm }] as const)
				: []),
			{ do: 'measure', ...(isBaby(options.head) ? { worn: 'baby' } : {}) }
		] as Assembly
	};
	return { ...knit, ...finished(options, context, knit) };
}

/** One yarn is the whole hat, a second the lining of a plain one; what is striped takes them all. */
function schemeIn(scheme: ColourScheme, yarns: readonly YarnId[]): ColourScheme {
	const [a, b] = yarns;
	if (a === undefined) return scheme;
	if (b === undefined) return { kind: 'one', yarn: a };
	return scheme.kind === 'stripes'
		? { ...scheme, yarns: [...yarns] }
		: { kind: 'outer-lining', outer: a, lining: b, liningExtraRows: LINING_LONGER_ROWS };
}

/** The recipe of one kind of hat. */
export const hatRecipe = (kind: HatKind): Recipe<LinedHatOptions, FinishedOf<'worn'>> => ({
	id: kind.id,
	use: 'hat',
	options: hatOptions(kind.id, kind.counts),
	phrase: `${kind.called} for {head}, on {machine}, in {scheme}, {length+visibleCm}, its brim {brim}, its crown closed by {closing}`,
	defaults: (bench) => {
		const [a, b] = bench.yarns;
		return (
			a && {
				recipe: kind.id,
				head: kind.head,
				visibleCm: null,
				length: kind.counts?.[0] ? { by: 'rows', rows: kind.counts[0] } : { by: 'fit' },
				brim: { turnedUp: kind.turnedUp, heightCm: kind.brimCm },
				scheme: kind.scheme(a.id, (b ?? a).id),
				closing: kind.closing,
				wasteStart: 5,
				wasteWith: 'yarn',
				wasteEnd: 0,
				joinTails: 'tie'
			}
		);
	},
	withRows: (options, rows) => ({ ...options, length: { by: 'rows', rows } }),
	inYarns: (options, yarns) => ({ ...options, scheme: schemeIn(options.scheme, yarns) }),
	byYarn: (options) => ({ ...options, length: { by: 'yarn' } }),
	madeFor: ({ head }) =>
		head.kind === 'table'
			? { label: `Size: ${head.size}` }
			: { label: 'For a head of', cm: head.cm },
	// Lengths to half a cm.
	asLength: (options, { hat }) =>
		options.length.by === 'rows'
			? {
					...options,
					length: { by: 'tube', as: 'flat', cm: Math.round(hat.tubeFlat.mean * 2) / 2 }
				}
			: options,
	asMeasured: hatAsMeasured,
	afterwards: afterHat,
	rules: hatRules(kind),
	pins: kind.pins,
	begins: kind.id === 'lined-hat' ? 'last' : 'nearest',
	design
});
