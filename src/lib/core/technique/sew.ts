import { seamOf, type Edges, type Joint } from '../assembly/joint';
import { wordSeam, wordSeamHow, wordStitch } from './seam-words';
import { firstYarn, SEW_SECONDS } from './hand';
import { byLadders } from './ladders';
import { idOf, SHARP, strandFor, technique, tool, type Table } from './technique';

declare module './technique' {
	interface WorkKinds {
		sew: { readonly check: Joint };
	}
}

/** The borders of all pieces, and the gauge they are measured by: the first yarn's on the first machine. */
export function edgesAt({ pieces }: Pick<Table, 'pieces'>): Edges {
	const gauge = pieces[0]?.gauges[0];
	return {
		of: (piece) => pieces.find((p) => p.id === piece)?.edges ?? [],
		density: {
			stitchesPerCm: gauge?.stitchesPerCm.mean ?? 1,
			rowsPerCm: gauge?.rowsPerCm.mean ?? 1
		}
	};
}

/** Rows of pieces that are off the machine. */
export type Knitted = ReadonlyMap<string, number>;

/** The seams of a plan as its pieces were really knitted. */
export const seamsAsKnitted = (
	table: Pick<Table, 'pieces' | 'assembly'>,
	knitted: Knitted
): Joint[] =>
	table.assembly.flatMap((s) =>
		s.do === 'sew' ? [seamOf(s, { ...edgesAt(table), knitted })] : []
	);

/** Two edges sewn together. */
export const sew = technique<'sew'>({
	id: 'sew',
	works: {
		sew: {
			tip: 'Wind long tails up out of the way, and put clips at the corners.',
			words: ({ check }, s) => ({
				title: `${wordSeam(check.kind, check.of, check.called)}${check.times > 1 ? `, ${check.times} times` : ''}`,
				how:
					check.verdict === 'missing'
						? wordSeamHow(check, s)
						: `${wordStitch(check)}: ${wordSeamHow(check, s)} A strand of ${s.tail(strandFor(check.a.cm))} sews one.${check.kind === 'side' ? ' Leave the chains at the underarm loose: they must flex.' : ''}`
			}),
			drawing: ({ check }) => ({
				skill: check.kind === 'shoulder' ? 'whip' : 'mattress',
				drawing: { loops: 8 }
			})
		}
	},
	steps: (step, { assembly, joints }) => {
		const check = joints.find((j) => j.id === step.id);
		// Latched, not sewn: `latch-ladders` says how.
		if (!check || byLadders(assembly)) return [];
		const first = assembly.find((s) => s.do === 'sew');
		return [{ id: idOf(`sew-${step.id}`), do: 'sew', check, ...(first === step ? SHARP : {}) }];
	},
	joints: (step, table) => [seamOf(step, edgesAt(table))],
	// With the yarn of the first piece: half as long again as the seam, and two ends.
	yarn: (step, table) => {
		if (byLadders(table.assembly)) return [];
		const { a, b } = seamOf(step, edgesAt(table));
		const cm = Math.max(a.cm, b.cm);
		return [{ yarn: firstYarn(table.pieces[0]), metres: (step.times * strandFor(cm)) / 100 }];
	},
	minutes: (step, { joints, assembly }) => {
		const seam = joints.find((j) => j.id === step.id);
		if (!seam || byLadders(assembly)) return null;
		const cm = Math.max(seam.a.cm, seam.b.cm);
		return { what: 'seams sewn', times: step.times, minutes: 1 + (cm * SEW_SECONDS) / 60 };
	},
	tools: (_, { assembly }) => (byLadders(assembly) ? [] : [tool('needle'), tool('clips')]),
	strands: ({ times }, { assembly }) => (byLadders(assembly) ? 0 : times),
	does: (step, hands, { assembly }) => {
		if (byLadders(assembly)) return;
		const blocks = assembly.some((s) => s.do === 'block');
		for (const ref of [...step.a, ...step.b]) hands.sew(ref, step.times, { blocks });
	}
});
