import { entryAt, last } from '../../quantity/sure';
import { toyOptions } from './options/toy';
import type { MachineId } from '../../model/bench';
import type { Bench } from '../../model/project';
import type { ToyPart, ToyOptions } from './options';
import { clearPins } from '../../bench/machine/ring';
import { own, worked, type Working } from '../../quantity/working';
import type { AssemblyStep } from '../../assembly/assembly';
import { ballLength, FILL_DENSITY, stuff } from './form/stuffed';
import { thicknessAt, type MadePart, type MadeSegment } from './form/toy';
import type { Piece } from '../../assembly/piece';
import type { Design, DesignContext, OnMachine } from '../recipe';
import {
	BEGUN,
	bandsOf,
	densityTerm,
	ENDED,
	smallOn,
	tubeOf,
	USUAL_ENDS,
	yarnsFor
} from './common';
import type { FinishedOf } from '../finished';
import { toySaid } from './figures';
import { toyRulesOf } from './rules';
import { partPiece } from '../uses';
import { assembledRecipe } from './recipe';
import { ball } from './toys/ball';
import { caterpillar } from './toys/caterpillar';
import { lighthouse } from './toys/lighthouse';
import type { ToyPreset } from './toys/preset';
import { seal } from './toys/seal';

/** Sets of parameters to begin a toy with. A new one is a file of data and a place here. */
export const TOY_PRESETS: readonly ToyPreset[] = [ball, seal, caterpillar, lighthouse];

/** Rows of a swelling as they are wished, 2 or more: what is too many for a piece is said by a finding, not cut short. */
function rowsOf(s: ToyPart['segments'][number], roundCm: number, rowsPerCm: number): number {
	const cm =
		s.length.by === 'times'
			? s.length.times * ballLength(roundCm, s.puff)
			: s.length.by === 'cm'
				? s.length.cm
				: s.length.rows / rowsPerCm;
	return Math.max(2, Math.round(cm * rowsPerCm));
}

/** One part in rows and centimetres, on its own machine. */
export function makePart(
	options: ToyOptions,
	part: ToyPart,
	{ machine, gauge }: OnMachine
): MadePart {
	const main = gauge(entryAt(options.yarns, 0));
	const pins = part.cordPins ?? machine.pins;
	const roundCm = pins / main.stitchesPerCm.mean;
	const segments = part.segments.map((s): MadeSegment => {
		const rows = rowsOf(s, roundCm, main.rowsPerCm.mean);
		const flatCm = rows / main.rowsPerCm.mean;
		return {
			rows,
			flatCm,
			puff: s.puff,
			form: stuff(flatCm, roundCm, part.stuffed ? s.puff : 0),
			bands: bandsOf(s.line, options.yarns, rows)
		};
	});
	return { part, piece: partPiece(part), roundCm, segments };
}

function rowsWorking(
	part: ToyPart,
	made: MadePart,
	{ gauge }: OnMachine,
	options: ToyOptions
): Working {
	const term = densityTerm(gauge(entryAt(options.yarns, 0)), 'rowsPerCm');
	return made.segments.flatMap((s, i) => [
		...(i > 0 ? ['+'] : []),
		...(entryAt(part.segments, i).length.by === 'rows'
			? [own(s.rows, 'rows', 'set by you')]
			: [worked(s.flatCm, 'length', 'of tube'), '×', term])
	]);
}

/** What a part stands on: its opening against the thickness there, and the rows it covers. */
export function standsOn(
	made: MadePart,
	host: MadePart
): { openCm: number; hostCm: number; row: number } {
	const { along } = made.part.to!;
	const rows = host.segments.reduce((t, s) => t + s.rows, 0);
	// A stuffed part is sewn round its open end, drawn in to two thirds; a flat one along its width.
	const openCm = made.part.stuffed ? (made.roundCm / Math.PI) * (2 / 3) : made.roundCm / 2;
	return { openCm, hostCm: 2 * thicknessAt(host, along), row: Math.round(along * rows) };
}

/** What a part is sewn to; none for the one that all hang from, and for what names no other. */
const hostOf = (m: MadePart, parts: readonly MadePart[]): MadePart | undefined =>
	parts.find((p) => p.part.id === m.part.to?.part && p !== m);

/** Each part is drawn up at its last row, stuffed from its first, tied, and closed or sewn on. */
function closed(m: MadePart, fill: ToyOptions['fill'], parts: readonly MadePart[]): AssemblyStep[] {
	const end = (edge: 'cast-on' | 'cast-off') =>
		({ do: 'gather', piece: m.piece, edge, brief: true }) as const;
	const swellings = m.segments.length;
	return [
		end('cast-off'),
		...m.segments.flatMap((_, i): AssemblyStep[] => {
			// From the closed end back: the last swelling and the last tie come first.
			const nth = swellings - i;
			const s = m.segments[nth - 1];
			if (!s) return [];
			const { cm3 } = s.form;
			const atRow = m.segments.slice(0, nth - 1).reduce((t, x) => t + x.rows, 0);
			return [
				...(m.part.stuffed
					? [
							{
								do: 'stuff',
								piece: m.piece,
								part: `${i}-${m.part.id}`,
								nth: swellings > 1 ? nth : 0,
								cm3,
								grams: cm3 * FILL_DENSITY[fill]
							} as const
						]
					: []),
				...(nth > 1 ? [{ do: 'tie-off', piece: m.piece, part: m.part.id, atRow } as const] : [])
			];
		}),
		...(hostOf(m, parts) ? [] : [end('cast-on')])
	];
}

/** Every part sewn to another, once all are stuffed. */
function sewnOn(parts: readonly MadePart[], age: ToyOptions['age']): AssemblyStep[] {
	return parts.flatMap((m): AssemblyStep[] => {
		const host = hostOf(m, parts);
		if (!m.part.to || !host) return [];
		return [
			{
				do: 'attach',
				piece: m.piece,
				part: m.part.id,
				name: m.part.name,
				to: host.piece,
				host: host.part.name,
				...standsOn(m, host),
				flat: !m.part.stuffed,
				count: m.part.count,
				pair: m.part.pair,
				twice: age === 'under-3'
			}
		];
	});
}

function design(options: ToyOptions, context: DesignContext): Design<FinishedOf<'stuffed'>> {
	const ids = [...new Set(options.yarns)];
	const made = options.parts.map((part) => makePart(options, part, context.on(part.on)));
	const pieces = made.map((m): Piece => {
		const { part } = m;
		const on = context.on(part.on);
		const clear = clearPins(on.machine).from;
		const pins = part.cordPins === null ? undefined : { from: clear, to: clear + part.cordPins };
		return {
			id: m.piece,
			name: part.name,
			count: part.count,
			mirrored: part.pair,
			yarns: ids,
			program: tubeOf(
				m.segments.flatMap((s) => s.bands),
				options,
				pins
			),
			rowsWorking: rowsWorking(part, m, on, options),
			sectionsWorking: [],
			...(part.on ? { on: part.on } : {})
		};
	});
	const cm3 = made.reduce(
		(t, m) =>
			t + (m.part.stuffed ? m.part.count * m.segments.reduce((v, s) => v + s.form.cm3, 0) : 0),
		0
	);
	const finished = {
		kind: 'stuffed' as const,
		age: options.age,
		fill: options.fill,
		eyes: options.eyes,
		// A ball is seen from anywhere.
		stands: options.stands ?? 'upright',
		parts: made,
		cm3
	};
	return {
		pieces,
		assembly: [
			...BEGUN,
			...made.flatMap((m) => closed(m, options.fill, made)),
			...sewnOn(made, options.age),
			...(options.eyes.kind === 'none'
				? []
				: ([{ do: 'eyes', kind: options.eyes.kind, count: options.eyes.count }] as const)),
			...ENDED
		],
		finished,
		...toySaid(finished, context.on(entryAt(options.parts, 0).on).gauge(entryAt(options.yarns, 0)))
	};
}

/** A toy by a set of parameters; undefined where the bench has no yarn. */
export function toyFrom(preset: ToyPreset, bench: Bench): ToyOptions | undefined {
	const yarns = yarnsFor(bench, preset.yarns);
	if (!yarns[0]) return undefined;
	// Fewer yarns than the set has letters: the last one stands for the rest.
	while (yarns.length < preset.yarns) yarns.push(last(yarns));
	const small: MachineId | null = smallOn(bench);
	return {
		recipe: preset.id === 'ball' ? 'ball' : 'toy',
		yarns,
		age: 'under-3',
		fill: 'usual',
		...preset.toy(small),
		...USUAL_ENDS
	};
}

const made = (id: ToyOptions['recipe'], preset: ToyPreset) => ({
	options: toyOptions(id),
	phrase: `${id === 'ball' ? 'A ball' : 'A soft toy'} for a child {age}, on {machine}, in {yarns}, stuffed {fill}, {eyes}[, {stands}]`,
	use: 'toy' as const,
	pins: { least: 20, most: 60 },
	rules: toyRulesOf,
	defaults: (bench: Bench) => {
		const begun = toyFrom(preset, bench);
		return begun && (toyOptions(id).parse(begun) as ToyOptions);
	},
	design
});
export const toy = assembledRecipe<ToyOptions, FinishedOf<'stuffed'>>('toy', made('toy', seal));
export const ballToy = assembledRecipe<ToyOptions, FinishedOf<'stuffed'>>(
	'ball',
	made('ball', ball)
);
