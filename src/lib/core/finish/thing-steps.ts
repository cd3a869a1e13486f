import type { Assembly, Edge } from '../assembly/assembly';
import { standsOn } from '../recipe/things/toy';
import { FILL_DENSITY } from '../thing/stuffed';
import type { Thing, ThingOf } from '../thing/thing';
import { endsOf, joinsOf } from './ends';
import type { FinishedPiece, FinishStep } from './steps';

interface NamedPiece extends FinishedPiece {
	readonly name: string;
}

interface Input {
	readonly thing: Thing;
	readonly assembly: Assembly;
	readonly pieces: readonly NamedPiece[];
	readonly joinTails: 'tie' | 'weave';
}

const sharp = { caution: 'hooks-and-scissors' } as const;
const step = (id: string): { readonly id: string } => ({ id: id.slice(0, 60) });

/** A strand to sew a seam with: half as long again, and two ends (common practice). */
const strandFor = (seamCm: number): number => 1.5 * seamCm + 30;

const wasteAt = (p: FinishedPiece, edge: Edge): boolean =>
	edge === 'cast-on'
		? p.sheet.legs[0]?.kind === 'waste'
		: p.sheet.legs.length > 1 && p.sheet.legs.at(-1)?.kind === 'waste';

/** What an end of a piece is seen to by, on all its copies. */
function endSteps(assembly: Assembly, p: NamedPiece): FinishStep[] {
	const steps: FinishStep[] = [];
	const common = (edge: Edge) => ({
		edge,
		loops: edge === 'cast-on' ? p.stitches.first : p.stitches.last,
		waste: wasteAt(p, edge),
		copies: p.count,
		name: p.name
	});
	for (const s of assembly) {
		if (!('piece' in s) || s.piece !== p.id || !('edge' in s)) continue;
		const id = `${s.do}-${s.edge}-${p.id}`;
		const panel = p.rowByRow.stretches.some((x) => x.mode !== 'tube');
		if (s.do === 'gather' && panel && p.stitches.first > p.stitches.last)
			steps.push({
				...step(id),
				do: 'draw-tip',
				piece: p.id,
				count: p.count,
				loops: p.stitches.last,
				...sharp
			});
		else if (s.do === 'gather')
			steps.push({
				...step(id),
				do: 'gather-piece',
				...common(s.edge),
				tailCm: p.tails.find((t) => t.id === s.edge)?.lengthCm ?? 0,
				...sharp
			});
		else if (s.do === 'close-flat')
			steps.push({
				...step(id),
				do: 'close-flat',
				...common(s.edge),
				how: s.how,
				toe: false,
				joins: p.tails.some((t) => t.id === 'join'),
				tailCm: p.tails.find((t) => t.id === s.edge)?.lengthCm ?? 0,
				...sharp
			});
		else if (s.do === 'bind')
			steps.push({ ...step(id), do: 'bind', ...common(s.edge), perLoop: 1, ...sharp });
	}
	return steps;
}

function bagSteps(thing: ThingOf<'bag'>): FinishStep[] {
	const [side] = thing.joints;
	return [
		{ ...step('fold-bag'), do: 'fold-bag', missRows: thing.rows - thing.idealRows },
		{
			...step('sew-bag'),
			do: 'sew-bag',
			a: side!.a.count,
			b: side!.b.count,
			strandCm: strandFor(thing.bag.widthCm),
			verdict: side!.verdict,
			...sharp
		},
		{ ...step('handle'), do: 'handle', ...thing.handle, caution: 'light-loads' }
	];
}

function toySteps(
	thing: ThingOf<'toy'>,
	pieces: readonly NamedPiece[],
	assembly: Assembly
): FinishStep[] {
	const twice = thing.age === 'under-3';
	const steps: FinishStep[] = [];
	// Each part is drawn up at its last row, stuffed from its first, tied, and closed or sewn on.
	for (const m of thing.parts) {
		const p = pieces.find((x) => x.id === m.piece);
		if (!p) continue;
		const ends = endSteps(assembly, p);
		steps.push(...ends.filter((s) => s.do === 'gather-piece' && s.edge === 'cast-off'));
		for (const i of m.segments.keys()) {
			if (m.part.stuffed)
				steps.push({
					...step(`stuff-${i}-${m.part.id}`),
					do: 'stuff',
					name: m.part.name,
					nth: m.segments.length > 1 ? m.segments.length - i : 0,
					cm3: m.segments[m.segments.length - 1 - i]!.form.cm3,
					grams: m.segments[m.segments.length - 1 - i]!.form.cm3 * FILL_DENSITY[thing.fill],
					copies: m.part.count
				});
			if (i < m.segments.length - 1) {
				// From the closed end back: the last tie comes first.
				const at = m.segments.slice(0, m.segments.length - 1 - i).reduce((t, x) => t + x.rows, 0);
				steps.push({
					...step(`tie-off-${at}-${m.part.id}`),
					do: 'tie-off',
					name: m.part.name,
					atRow: at,
					loops: p.stitches.first,
					copies: m.part.count,
					...sharp
				});
			}
		}
		steps.push(...ends.filter((s) => s.do === 'gather-piece' && s.edge === 'cast-on'));
	}
	for (const m of thing.parts) {
		const host = thing.parts.find((x) => x.part.id === m.part.to?.part && x !== m);
		const p = pieces.find((x) => x.id === m.piece);
		if (!m.part.to || !host || !p) continue;
		const { openCm, row } = standsOn(m, host);
		steps.push({
			...step(`attach-${m.part.id}`),
			do: 'attach',
			name: m.part.name,
			host: host.part.name,
			row,
			openCm,
			loops: p.stitches.first,
			flat: !m.part.stuffed,
			copies: m.part.count,
			pair: m.part.pair,
			twice,
			...(twice ? { caution: 'under-three' as const } : sharp)
		});
	}
	if (thing.eyes.kind !== 'none')
		steps.push({
			...step('eyes'),
			do: 'eyes',
			kind: thing.eyes.kind,
			count: thing.eyes.count,
			caution: 'under-three'
		});
	return steps;
}

/** Folded, stuffed, wound and hung: every step after the machine, by what the thing is. */
export function thingSteps({ thing, assembly, pieces, joinTails }: Input): FinishStep[] {
	const steps: FinishStep[] = [];
	const joins = joinsOf(pieces);
	if (pieces.length > 0)
		steps.push({
			id: 'rest',
			do: 'rest',
			as: 'piece',
			count: pieces.reduce((t, p) => t + p.count, 0)
		});
	if (joins > 0) steps.push({ id: 'join-tails', do: 'join-tails', how: joinTails, joins });
	const ends = pieces.flatMap((p) => endSteps(assembly, p));
	switch (thing.kind) {
		case 'bag':
			steps.push(...ends, ...bagSteps(thing));
			break;
		case 'blanket':
			steps.push(...ends);
			if (thing.across > 1)
				steps.push({
					...step('side-by-side'),
					do: 'side-by-side',
					times: thing.across - 1,
					rows: thing.rows,
					strandCm: strandFor(thing.lengthCm),
					joins: joins > 0,
					...sharp
				});
			if (thing.border.stitches > 0)
				steps.push({ ...step('border'), do: 'border', ...thing.border, ...sharp });
			break;
		case 'toy':
			steps.push(...toySteps(thing, pieces, assembly));
			break;
		case 'garland': {
			const poms = thing.items.filter((x) => x.kind === 'pom-pom').length;
			for (const p of pieces) {
				const of = ends.filter((s) => s.id.endsWith(`-${p.id}`));
				const hung = thing.items.find((x) => x.piece === p.id);
				steps.push(...of.filter((s) => !('edge' in s) || s.edge === 'cast-off'));
				if (hung && hung.fillGrams > 0)
					steps.push({
						...step(`stuff-${p.id}`),
						do: 'stuff',
						name: p.name,
						nth: 0,
						cm3: 0,
						grams: hung.fillGrams,
						copies: p.count
					});
				steps.push(...of.filter((s) => 'edge' in s && s.edge === 'cast-on'));
			}
			if (poms > 0)
				steps.push({
					...step('wind'),
					do: 'wind',
					wraps: thing.wraps,
					cardCm: thing.cardCm,
					count: poms,
					...sharp
				});
			steps.push({
				...step('hang'),
				do: 'hang',
				number: thing.solved.number,
				spacingCm: thing.solved.spacingCm,
				spanCm: thing.solved.cord.spanCm,
				sagCm: thing.solved.cord.sagCm,
				loopCm: thing.loopCm,
				caution: 'garland'
			});
			break;
		}
		case 'pom-pom':
			steps.push(
				{
					...step('wind'),
					do: 'wind',
					wraps: thing.wraps,
					cardCm: thing.cardCm,
					count: thing.count
				},
				{ ...step('tie-cut'), do: 'tie-cut', cm: thing.cm, ...sharp },
				{ ...step('fix-pom'), do: 'fix-pom', caution: 'under-three' }
			);
			break;
	}
	// Those at joins are seen to already, tied or woven.
	const { others } = endsOf(pieces);
	if (others > 0) steps.push({ id: 'weave-in', do: 'weave-in', ends: others, lined: false });
	steps.push({ id: 'measure', do: 'measure' });
	return steps;
}
