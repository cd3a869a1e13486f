import type { MachineId } from '../../model/bench';
import type { Bench } from '../../model/project';
import type { ToyPart, ToyWish } from '../../model/wish';
import { clearPins } from '../../bench/machine/ring';
import { own, worked, type Working } from '../../quantity/working';
import { joint, type Joint } from '../../thing/joint';
import { ballLength, stuff } from '../../thing/stuffed';
import { thicknessAt, type MadePart, type MadeSegment } from '../../thing/toy';
import type { Design, DesignContext, OnMachine, Piece } from '../recipe';
import { bandsOf, densityTerm, smallOn, tubeOf, USUAL_ENDS, yarnsFor } from './common';
import { partPiece } from '../thing';
import type { ThingKind } from './kind';
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
export function makePart(wish: ToyWish, part: ToyPart, { machine, gauge }: OnMachine): MadePart {
	const of = gauge(wish.yarns[0]!);
	const pins = part.cordPins ?? machine.pins;
	const roundCm = pins / of.stitchesPerCm.mean;
	const segments = part.segments.map((s): MadeSegment => {
		const rows = rowsOf(s, roundCm, of.rowsPerCm.mean);
		const flatCm = rows / of.rowsPerCm.mean;
		return {
			rows,
			flatCm,
			puff: s.puff,
			form: stuff(flatCm, roundCm, part.stuffed ? s.puff : 0),
			bands: bandsOf(s.line, wish.yarns, rows)
		};
	});
	return { part, piece: partPiece(part), roundCm, segments };
}

function rowsWorking(part: ToyPart, made: MadePart, { gauge }: OnMachine, wish: ToyWish): Working {
	const term = densityTerm(gauge(wish.yarns[0]!), 'rowsPerCm');
	return made.segments.flatMap((s, i) => [
		...(i > 0 ? ['+'] : []),
		...(part.segments[i]!.length.by === 'rows'
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

function joints(parts: readonly MadePart[]): Joint[] {
	return parts.flatMap((m) => {
		const host = parts.find((p) => p.part.id === m.part.to?.part && p !== m);
		if (!m.part.to || !host) return [];
		const { openCm, hostCm } = standsOn(m, host);
		const base = joint({
			id: `attach-${m.part.id}`,
			kind: 'attach',
			a: { piece: m.piece, name: m.part.name, edge: 'cast-on', count: openCm, of: 'cm' },
			b: { piece: host.piece, name: host.part.name, edge: 'surface', count: hostCm, of: 'cm' },
			times: m.part.count
		});
		// It may be smaller than what it stands on, never wider.
		return [{ ...base, verdict: openCm <= hostCm ? ('meets' as const) : ('off' as const) }];
	});
}

function design(wish: ToyWish, context: DesignContext): Design {
	const ids = [...new Set(wish.yarns)];
	const made = wish.parts.map((part) => makePart(wish, part, context.on(part.on)));
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
				wish,
				pins
			),
			rowsWorking: rowsWorking(part, m, on, wish),
			sectionsWorking: [],
			...(part.on ? { on: part.on } : {})
		};
	});
	const cm3 = made.reduce(
		(t, m) =>
			t + (m.part.stuffed ? m.part.count * m.segments.reduce((v, s) => v + s.form.cm3, 0) : 0),
		0
	);
	return {
		pieces,
		assembly: made.flatMap((m) => {
			let row = 0;
			const ties = m.segments.slice(0, -1).map((s) => {
				row += s.rows;
				return { do: 'tie-off', piece: m.piece, atRow: row } as const;
			});
			return [
				{ do: 'gather', piece: m.piece, edge: 'cast-off' } as const,
				...(m.part.stuffed ? [{ do: 'stuff', piece: m.piece } as const] : []),
				...ties,
				...(m.part.to
					? [
							{
								do: 'attach',
								piece: m.piece,
								edge: 'cast-on',
								to: `part-${m.part.to.part}`
							} as const
						]
					: [{ do: 'gather', piece: m.piece, edge: 'cast-on' } as const])
			];
		}),
		thing: {
			kind: 'toy',
			age: wish.age,
			fill: wish.fill,
			eyes: wish.eyes,
			stands: wish.stands,
			parts: made,
			cm3,
			joints: joints(made)
		}
	};
}

/** A toy wish by a set of parameters; undefined where the bench has no yarn. */
export function toyFrom(preset: ToyPreset, bench: Bench): ToyWish | undefined {
	const yarns = yarnsFor(bench, preset.yarns);
	if (!yarns[0]) return undefined;
	// Fewer yarns than the set has letters: the last one stands for the rest.
	while (yarns.length < preset.yarns) yarns.push(yarns.at(-1)!);
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

export const toy: ThingKind<ToyWish> = {
	pins: { least: 20, most: 60 },
	defaults: (bench) => toyFrom(seal, bench),
	design
};
export const ballToy: ThingKind<ToyWish> = {
	pins: { least: 20, most: 60 },
	defaults: (bench) => toyFrom(ball, bench),
	design
};
