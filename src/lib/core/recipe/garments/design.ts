import { entryAt } from '../../quantity/sure';
import { wordSchedule } from '../../shaping/words';
import { SEAM_KINDS, type AssemblyStep } from '../../assembly/assembly';
import type { MadePiece } from './made-piece';
import { makePieces } from './make';
import { betweenLadders, ladderPinsOf } from './shrug';
import type { YarnId } from '../../model/bench';
import type { GarmentOptions } from './options';
import { worked, type Working } from '../../quantity/working';
import type { FinishedOf } from '../finished';
import type { Design, DesignContext, TooMuch } from '../recipe';
import { panelSizes, panelsOf, type Panels } from './figures';

/** A piece's rows are its drawn height by the gauge: drawn, it is whole rows already, of its own measures. */
function rowsWorking(heightCm: number, context: DesignContext, yarn: YarnId): Working {
	const perCm = context.gauge(yarn).rowsPerCm;
	const measured = perCm.basis !== 'estimated';
	return [
		worked(heightCm, 'length', 'high, as drawn'),
		'×',
		{
			value: perCm.mean,
			kind: 'row-density',
			label: measured ? 'your gauge' : 'guessed gauge',
			own: measured
		}
	];
}

/** Main rows at which an edge changes its part: where a marker at the edge helps to count and to sew. */
function marksOf(parts: readonly { side: string; part: string; rows: number }[]): number[] {
	const marks = new Set<number>();
	for (const side of ['left', 'right']) {
		let row = 0;
		const here = parts.filter((p) => p.side === side);
		for (const [i, p] of here.entries()) {
			row += p.rows;
			if (i < here.length - 1 && row > 0) marks.add(row);
		}
	}
	return [...marks].sort((a, b) => a - b);
}

/**
 * What closes the loops at a piece's first and last row, so that nothing is sewn, blocked or crocheted into while it can run:
 * a first row that stands on waste, and every last row. A finished cast-on has none.
 */
function closings(p: MadePiece, joined: ReadonlySet<string>): AssemblyStep[] {
	if (p.program.length === 0) return [];
	const last = p.ladders.length > 0 ? p.columns : p.schedule ? p.schedule.remaining : p.stitches;
	return [
		...(p.waste > 0 && !joined.has(p.id)
			? [{ do: 'close-row', piece: p.id, edge: 'cast-on' } as const]
			: []),
		...(last > 0 ? [{ do: 'close-row', piece: p.id, edge: 'cast-off' } as const] : [])
	];
}

/** Loops held on waste yarn while a piece was shaped. */
function held({ schedule }: MadePiece): number {
	if (schedule?.rules.shaping !== 'held') return 0;
	return [...schedule.left.takes, ...schedule.right.takes].reduce((t, x) => t + x.stitches, 0);
}

/** A shrug's tubes: measured as they lie, one end closed with two loops left out, those dropped, and then the other end. */
function laddersOf(
	options: GarmentOptions,
	pieces: readonly MadePiece[],
	on: OnTable
): AssemblyStep[] {
	const drops = ladderPinsOf(options, on.pins);
	return pieces.flatMap(({ id: piece, program }): AssemblyStep[] =>
		program.length === 0
			? []
			: [
					{ do: 'measure-tube', piece },
					{ do: 'close-flat', piece, edge: 'cast-off', how: 'slip' },
					{ do: 'drop-ladders', piece, pins: drops, fuzzy: on.fuzzy },
					{ do: 'close-flat', piece, edge: 'cast-on', how: 'slip' },
					{ do: 'latch-ladders', piece, between: betweenLadders(drops, on.pins) }
				]
	);
}

/** What the table needs to know beside the pieces. */
interface OnTable {
	readonly pins: number;
	readonly fuzzy: boolean;
}

/** A garment after the machine: ladders, loops closed, blocking, seams in order, edges, ends. */
function assembled(
	options: GarmentOptions,
	{ made: { pieces, pattern }, card }: Panels,
	on: OnTable
): AssemblyStep[] {
	const seams = [...pattern.seams].sort(
		(a, b) => SEAM_KINDS.indexOf(a.kind) - SEAM_KINDS.indexOf(b.kind)
	);
	const shrug = options.recipe === 'shrug';
	const open = seams.filter((s) => s.kind === 'open');
	const joined = new Set(open.flatMap((s) => [...s.a, ...s.b].map((e) => e.piece)));
	return [
		...(shrug ? ([{ do: 'rest', as: 'tube' }] as const) : []),
		{ do: 'join-tails' },
		...pieces.flatMap((p): AssemblyStep[] => {
			const [ladder] = p.ladders;
			const { columns } = ladder ?? { columns: 0 };
			return ladder
				? [
						{
							do: 'latch-card',
							piece: p.id,
							gaps: p.ladders.length,
							columns,
							cardCm: card?.widthCm ?? 0,
							wrapCm: card?.wrapCm ?? 0
						}
					]
				: [];
		}),
		...pieces.flatMap((p): AssemblyStep[] =>
			held(p) > 0 ? [{ do: 'close-held', piece: p.id, loops: held(p) }] : []
		),
		...(shrug ? laddersOf(options, pieces, on) : pieces.flatMap((p) => closings(p, joined))),
		...open.map((s) => ({ do: 'join-open', ...s }) as const),
		...(shrug ? [] : ([{ do: 'block' }] as const)),
		...seams.filter((s) => s.kind !== 'open').map((s) => ({ do: 'sew', ...s }) as const),
		...pattern.edges.map((e) => ({ do: 'crochet-edge', ...e }) as const),
		{ do: 'weave-in' },
		{ do: 'measure' }
	];
}

/** What a written pattern says, from which main row on: its own rows, or in another gauge their share of this piece's. */
function saidOf({ cut: { says = [], typed }, asTyped, rows }: MadePiece) {
	const share = asTyped?.exact === true || !typed ? 1 : rows / typed.rows;
	return says.map((s) => ({ row: Math.min(rows, Math.round(s.row * share)), words: s.words }));
}

/** The pieces of a garment on the machine, with what was drawn. */
export function designGarment(
	options: GarmentOptions,
	context: DesignContext
): Design<FinishedOf<'flat'>> | TooMuch {
	const gauge = context.gauge(entryAt(options.yarns, 0));
	const density = { stitchesPerCm: gauge.stitchesPerCm.mean, rowsPerCm: gauge.rowsPerCm.mean };
	const made = makePieces(options, { machine: context.machine, density });
	if (made.excess) return { excess: made.excess };
	const ids = [...new Set(options.yarns)];
	const panels = panelsOf({ options, made, machine: context.machine, gauge });
	return {
		pieces: made.pieces.map((p) => ({
			id: p.id,
			name: p.name,
			count: p.count,
			mirrored: p.mirrorOf !== undefined,
			yarns: ids,
			// Letters of the stripe line to places in the list of yarns used.
			program: p.program.map((o) =>
				(o.op === 'cast-on' || o.op === 'join') && o.yarn < options.yarns.length
					? { ...o, yarn: ids.indexOf(entryAt(options.yarns, o.yarn)) }
					: o
			),
			rowsWorking: rowsWorking(p.rows / density.rowsPerCm, context, entryAt(options.yarns, 0)),
			sectionsWorking: [],
			// A tube's rounds are counted by the machine, and it has no edge to hang a mark in.
			...(!p.cut.tube && { marks: marksOf(p.parts) }),
			edges: p.parts,
			...(p.cut.says && { says: saidOf(p) }),
			...(p.schedule && {
				shaped: {
					left: wordSchedule(p.schedule.left, options.shaping),
					right: wordSchedule(p.schedule.right, options.shaping)
				}
			})
		})),
		assembly: assembled(options, panels, {
			pins: context.machine.pins,
			fuzzy: options.yarns.some((id) => context.yarn(id).surface === 'fuzzy')
		}),
		finished: { kind: 'flat', ...panels },
		sizes: panelSizes(options, panels, gauge)
	};
}
