import { at as entryAt } from '../../quantity/sure';
import type { Assembly, AssemblyStep } from '../../assembly/assembly';
import { widthStrain, wornFactor } from '../../assembly/wear';
import type { YarnId } from '../../model/bench';
import { hatOptions, type LinedHatWish } from './options';
import { tubeProgram } from '../../program/program';
import { nearestWithParity } from '../../quantity/whole';
import { own, worked, type Working } from '../../quantity/working';
import { adultLayer, headCm, isAdult, isBaby, VISIBLE_SHARE } from '../../bench/size/head';
import { yarnsOf } from '../uses';
import { inScheme, type ColourScheme } from './scheme';
import type { HatKind } from './kind';
import { rowsThatLast } from '../lasting';
import { finishHat } from '../../assembly/finished';
import { tuckTube } from '../../assembly/tucked-tube';
import { flatLength } from '../../crank/length';
import { mainRuns } from '../../program/runs';
import { exact, quotient } from '../../quantity/estimate';
import type { FinishedOf } from '../finished';
import type { Design, DesignContext, Recipe } from '../recipe';
import { hatSizes } from './figures';
import { hatRules } from './rules';

type Sections = { yarn: number; rows: number }[];

const yarnsIn = (scheme: ColourScheme): YarnId[] => [...new Set(inScheme(scheme))];

/** Shares `rows` main rows out over the scheme's sections, in knitting order. They always sum to `rows`. */
export function hatSections(scheme: ColourScheme, rows: number): Sections {
	const at = (id: YarnId) => yarnsIn(scheme).indexOf(id);
	switch (scheme.kind) {
		case 'one':
			return [{ yarn: 0, rows }];
		case 'outer-lining': {
			const outer = Math.min(rows, Math.max(0, Math.floor((rows - scheme.liningExtraRows) / 2)));
			return [
				{ yarn: at(scheme.outer), rows: outer },
				{ yarn: at(scheme.lining), rows: rows - outer }
			];
		}
		case 'false-brim': {
			const brim = Math.min(rows, scheme.brimRows);
			const first = Math.floor((rows - brim) / 2);
			return [
				{ yarn: at(scheme.main), rows: first },
				{ yarn: at(scheme.brim), rows: brim },
				{ yarn: at(scheme.main), rows: rows - brim - first }
			];
		}
		case 'stripes': {
			const sections: Sections = [];
			for (let done = 0, i = 0; done < rows; i++) {
				const count = Math.min(scheme.stripeRows, rows - done);
				sections.push({ yarn: at(entryAt(scheme.yarns, i % scheme.yarns.length)), rows: count });
				done += count;
			}
			return sections;
		}
	}
}

/** One line for how the sections came about, in their own counts. */
function sectionsWorking(scheme: ColourScheme, rows: number): Working {
	const counts = hatSections(scheme, rows).map((s) => s.rows);
	const all = worked(rows, 'rows', 'in all');
	switch (scheme.kind) {
		case 'one':
			return [];
		case 'outer-lining':
			return [
				'(',
				all,
				'−',
				own(scheme.liningExtraRows, 'rows', 'lining longer'),
				') ÷ 2 =',
				worked(entryAt(counts, 0), 'rows', 'outer'),
				', the rest',
				worked(entryAt(counts, 1), 'rows', 'lining')
			];
		case 'false-brim':
			return [
				'(',
				all,
				'−',
				own(entryAt(counts, 1), 'rows', 'brim, half shows'),
				') ÷ 2 =',
				worked(entryAt(counts, 0), 'rows', 'on either side')
			];
		case 'stripes':
			return [
				all,
				'÷',
				own(scheme.stripeRows, 'rows', 'in a stripe'),
				'=',
				worked(rows / scheme.stripeRows, 'plain', 'stripes')
			];
	}
}

/** What the row count must be even or odd with, so that the sections come out whole on both faces. */
function parity(scheme: ColourScheme): number {
	if (scheme.kind === 'outer-lining') return Math.abs(scheme.liningExtraRows) % 2;
	if (scheme.kind === 'false-brim') return scheme.brimRows % 2;
	return 0;
}

/** Fewer rows than this are no hat. */
const LEAST_ROWS = 8;
const MOST_ROWS = 600;
const nearestRows = (rows: number, odd: number) => nearestWithParity(rows, odd, LEAST_ROWS);

interface Target {
	readonly tubeCm: number;
	readonly working: Working;
}

/** The flat length of tube that the wish asks for, and how it comes about; none where rows are set. */
function targetTube(
	wish: LinedHatWish,
	circumferenceCm: number,
	shortening: number
): Target | undefined {
	const head = headCm(wish.head);
	const factor = wornFactor(widthStrain(circumferenceCm, head), shortening);
	const { length } = wish;
	const perWorn = worked(factor, 'plain', 'worn for each cm flat');
	switch (length.by) {
		case 'rows':
		case 'yarn':
			return undefined;
		case 'tube':
			return length.as === 'flat'
				? { tubeCm: length.cm, working: [own(length.cm, 'length', 'tube, flat')] }
				: {
						tubeCm: length.cm / factor,
						working: [own(length.cm, 'length', 'tube, worn'), '÷', perWorn]
					};
		case 'layer':
			return length.as === 'flat'
				? {
						tubeCm: 2 * length.cm,
						working: [own(length.cm, 'length', 'layer, flat'), '×', worked(2, 'plain', 'layers')]
					}
				: {
						tubeCm: (2 * length.cm) / factor,
						working: [
							own(length.cm, 'length', 'layer, worn'),
							'×',
							worked(2, 'plain', 'layers'),
							'÷',
							perWorn
						]
					};
		case 'fit': {
			if (wish.visibleCm === null && isAdult(wish.head)) {
				const brimCm = wish.brim.turnedUp ? wish.brim.heightCm : 0;
				const layer = adultLayer(brimCm).cm;
				return {
					tubeCm: 2 * layer,
					working: [
						...(brimCm
							? ([
									'(',
									worked(layer - brimCm, 'length', 'above the brim, flat'),
									'+',
									own(brimCm, 'length', 'brim'),
									')'
								] as const)
							: [worked(layer, 'length', 'layer for an adult, flat')]),
						'×',
						worked(2, 'plain', 'layers')
					]
				};
			}
			const visible = wish.visibleCm ?? VISIBLE_SHARE * head;
			const brim = wish.brim.turnedUp ? wish.brim.heightCm : 0;
			const seen: Working =
				wish.visibleCm === null
					? [own(head, 'length', 'head'), '×', worked(VISIBLE_SHARE, 'plain', 'share covered')]
					: [own(wish.visibleCm, 'length', 'height seen')];
			return {
				tubeCm: (2 * (visible + brim)) / factor,
				working: [
					'(',
					...seen,
					...(brim ? ['+', own(brim, 'length', 'brim')] : []),
					')',
					'×',
					worked(2, 'plain', 'layers'),
					'÷',
					perWorn
				]
			};
		}
	}
}

/** Flat length of the sections, each by its own yarn's rows per cm. */
const lengthOf = (sections: Sections, rowsPerCm: readonly number[]): number =>
	sections.reduce((t, s) => t + s.rows / entryAt(rowsPerCm, s.yarn), 0);

function solveRows(wish: LinedHatWish, context: DesignContext): { rows: number; working: Working } {
	const yarns = yarnsOf(wish);
	const gauges = yarns.map(context.gauge);
	const main = entryAt(gauges, 0);
	const circumference = context.machine.pins / main.stitchesPerCm.mean;
	if (wish.length.by === 'yarn') {
		const last = rowsThatLast(
			{
				yarns,
				sections: (rows) => hatSections(wish.scheme, rows),
				pins: context.machine.pins,
				copies: 1,
				least: LEAST_ROWS,
				most: MOST_ROWS
			},
			context
		);
		// Down to a count that comes out whole on both faces.
		const odd = parity(wish.scheme);
		const rows = Math.max(LEAST_ROWS + odd, last - ((last - odd) % 2));
		return { rows, working: [worked(rows, 'rows', 'that the yarn on hand gives')] };
	}
	const target = targetTube(wish, circumference, main.wear.shortening.mean);
	if (!target) {
		const rows = wish.length.by === 'rows' ? wish.length.rows : 0;
		return { rows, working: [own(rows, 'rows', 'rows, as you set them')] };
	}
	const perCm = gauges.map((g) => g.rowsPerCm.mean);
	const odd = parity(wish.scheme);
	const miss = (rows: number) => lengthOf(hatSections(wish.scheme, rows), perCm) - target.tubeCm;
	let rows = nearestRows(target.tubeCm * entryAt(perCm, 0), odd);
	// Yarns of different gauge: correct by the mean rows per cm of the sections, then settle on the nearest count.
	if (new Set(perCm).size > 1) {
		for (let i = 0; i < 6; i++) {
			const share = rows / lengthOf(hatSections(wish.scheme, rows), perCm);
			rows = nearestRows(rows - miss(rows) * share, odd);
		}
		rows = [rows - 2, rows, rows + 2]
			.filter((r) => r >= LEAST_ROWS)
			.reduce((best, r) => (Math.abs(miss(r)) < Math.abs(miss(best)) ? r : best), rows);
	}
	const meanPerCm = rows / lengthOf(hatSections(wish.scheme, rows), perCm);
	return {
		rows: Math.min(rows, 4000),
		working: [
			...target.working,
			'=',
			worked(target.tubeCm, 'length', 'tube, flat'),
			'×',
			{
				...worked(meanPerCm, 'row-density', 'your gauge'),
				own: main.rowsPerCm.basis !== 'estimated'
			},
			'→',
			worked(rows, 'rows', odd ? 'nearest that fits the colours' : 'nearest even')
		]
	};
}

/** What becomes of the two crowns. */
function crown(closing: LinedHatWish['closing'], tuck: AssemblyStep): Assembly {
	const edges = ['cast-on', 'cast-off'] as const;
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
	wish: LinedHatWish,
	{ machine, gauge }: DesignContext,
	{ pieces: [piece], assembly }: Pick<Design, 'pieces' | 'assembly'>
): Pick<Design<FinishedOf<'worn'>>, 'finished' | 'sizes'> {
	const gauges = yarnsOf(wish).map(gauge);
	const main = entryAt(gauges, 0);
	const runs = mainRuns(piece?.program ?? []);
	const head = headCm(wish.head);
	const tucked = tuckTube(runs, assembly, 'tube')!;
	const hat = finishHat({
		tucked,
		rowsPerCm: gauges.map((g) => g.rowsPerCm.mean),
		tubeFlat: flatLength(runs, gauges),
		circumference: quotient(exact(machine.pins), main.stitchesPerCm),
		shortening: main.wear.shortening,
		headCm: head,
		brimCm: wish.brim.turnedUp ? wish.brim.heightCm : 0
	});
	const mainRows = runs.at(-1)?.to ?? 0;
	return {
		finished: { kind: 'worn', tucked, hat },
		sizes: hatSizes({ hat, machine, gauges, mainRows, head })
	};
}

/** The recipe of one kind of hat. */
export const hatRecipe = (kind: HatKind): Recipe<LinedHatWish, FinishedOf<'worn'>> => ({
	id: kind.id,
	options: hatOptions(kind.id),
	shows: () => 'tube',
	defaults: (bench) => {
		const [a, b] = bench.yarns;
		return (
			a && {
				recipe: kind.id,
				head: kind.head,
				visibleCm: null,
				length: { by: 'fit' },
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
	withRows: (wish, rows) => ({ ...wish, length: { by: 'rows', rows } }),
	byYarn: (wish) => ({ ...wish, length: { by: 'yarn' } }),
	madeFor: ({ head }) =>
		head.kind === 'table'
			? { label: `Size: ${head.size}` }
			: { label: 'For a head of', cm: head.cm },
	// Lengths to half a cm.
	asLength: (wish, { hat }) =>
		wish.length.by === 'rows'
			? {
					...wish,
					length: { by: 'tube', as: 'flat', cm: Math.round(hat.tubeFlat.mean * 2) / 2 }
				}
			: wish,
	rules: hatRules(kind),
	pins: kind.pins,
	begins: kind.id === 'lined-hat' ? 'last' : 'nearest',
	design: (wish, context) => {
		const { rows, working } = solveRows(wish, context);
		const program = tubeProgram({
			sections: hatSections(wish.scheme, rows),
			wasteStart: wish.wasteStart,
			wasteWith: wish.wasteWith,
			wasteEnd: wish.wasteEnd
		});
		const knit = {
			pieces: [
				{
					id: 'tube',
					name: 'Tube',
					count: 1,
					mirrored: false,
					yarns: yarnsOf(wish),
					program,
					rowsWorking: working,
					sectionsWorking: sectionsWorking(wish.scheme, rows)
				}
			],
			assembly: [
				{ do: 'rest', as: 'tube' },
				{ do: 'join-tails' },
				...crown(wish.closing, { do: 'tuck', piece: 'tube', atRow: rows / 2, inner: 'cast-off' }),
				{ do: 'weave-in' },
				...(wish.brim.turnedUp
					? ([{ do: 'turn-up', piece: 'tube', heightCm: wish.brim.heightCm }] as const)
					: []),
				{ do: 'measure', ...(isBaby(wish.head) ? { worn: 'baby' } : {}) }
			] as Assembly
		};
		return { ...knit, ...finished(wish, context, knit) };
	}
});
