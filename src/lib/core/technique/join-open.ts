import { seamOf, type Joint } from '../assembly/joint';
import { uncapital } from '../quantity/say';
import { firstYarn, JOIN_LOOP_SECONDS } from './hand';
import { edgesAt } from './sew';
import { facing } from './sequence';
import { idOf, pieceOf, SHARP, technique, tool, type Laid } from './technique';
import type { StepOf } from '../assembly/assembly';
import { wasteOff } from './waste-off';

declare module './technique' {
	interface WorkKinds {
		'join-open': { readonly check: Joint; readonly names: readonly [string, string] };
	}
}

/** A strand of its own: a stitch of it lies for every loop, as long as four of them are wide, and two ends (common practice). */
const WIDTHS = 4;
const ENDS_CM = 20;
const strandCm = (loops: number, perCm: number): number => (WIDTHS * loops) / perCm + ENDS_CM;
const perCmOf = (table: Laid): number => edgesAt(table).density.stitchesPerCm;
const endsOf = (step: StepOf<'join-open'>, side: 'a' | 'b') => [
	...new Set(step[side].map((e) => e.piece))
];

/** The first rows of two panels, standing on waste, joined loop to loop: one knits down from there and one up. */
export const joinOpen = technique<'join-open'>({
	id: 'join-open',
	works: {
		'join-open': {
			words: ({ check, names: [a, b] }, s) => {
				const n = Math.abs(check.diff);
				const more = check.diff > 0 ? a : b;
				const odd =
					n === 0
						? ''
						: ` Take ${n} of ${uncapital(more)} together with ${n === 1 ? 'its' : 'their'} neighbour${n === 1 ? '' : 's'}.`;
				return {
					title: `Join the first rows of ${uncapital(a)} and ${uncapital(b)} loop to loop, ${check.a.stitches} loops with ${check.b.stitches}`,
					how: `Lay both with their right sides up and the waste between them. With a strand of its own and the blunt needle go in at the middle of a loop and out of the next, first on one side and then on the other, as loose as a row lies: the strand is a row between them.${odd} Only then take the waste off, of both. Half a stitch is left over at either side: it goes into the seam there. ${s.tail(strandFor(check))} is enough.`
				};
			},
			drawing: ({ check }) => ({ skill: 'join-open', drawing: { loops: check.a.stitches } }),
			loops: ({ check }) => facing(Math.min(check.a.stitches, check.b.stitches))
		}
	},
	steps: (step, table) => {
		const check = table.joints.find((j) => j.id === step.id);
		const of = (side: 'a' | 'b') => endsOf(step, side).flatMap((id) => pieceOf(table, id) ?? []);
		const [a, b] = [of('a'), of('b')];
		if (!check || a.length === 0 || b.length === 0) return [];
		const named = (list: typeof a) => list.map((p) => p.name).join(' and ');
		return [
			{
				id: idOf(`join-${step.id}`),
				do: 'join-open',
				check,
				names: [named(a), named(b)],
				...SHARP
			},
			...a
				.flatMap((p) => wasteOff(p, 'cast-on', true))
				.slice(0, 1)
				.map((w) => ({ ...w, id: idOf(`waste-off-${step.id}`) }))
		];
	},
	joints: (step, table) => [seamOf(step, edgesAt(table))],
	yarn: (step, table) => {
		const { a, b } = seamOf(step, edgesAt(table));
		const cm = strandCm(Math.max(a.stitches, b.stitches), perCmOf(table));
		return [{ yarn: firstYarn(table.pieces[0]), metres: (step.times * cm) / 100 }];
	},
	minutes: (step, { joints }) => {
		const j = joints.find((x) => x.id === step.id);
		if (!j) return null;
		const loops = Math.max(j.a.stitches, j.b.stitches);
		return {
			what: 'rows joined loop to loop',
			times: step.times,
			minutes: 1 + (2 * loops * JOIN_LOOP_SECONDS) / 60
		};
	},
	tools: () => [tool('needle')],
	strands: ({ times }) => times,
	does: (step, hands) => {
		for (const side of ['a', 'b'] as const)
			for (const id of endsOf(step, side)) hands.close(id, 'cast-on', 'joined');
	}
});

/** Of a joint: the strand goes by its loops and how wide they lie. */
function strandFor({ a }: Joint): number {
	return a.stitches === 0 ? ENDS_CM : strandCm(a.stitches, a.stitches / Math.max(a.cm, 1e-6));
}
