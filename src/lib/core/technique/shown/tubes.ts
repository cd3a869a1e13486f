import type { AssemblyStep } from '../../assembly/assembly';
import type { Estimate } from '../../quantity/estimate';
import type { TableDemo } from './shown';
import { PIECE, tapeAcross, tapeAlong, tubeAfter, tubeOf, tubesShown } from './tube-drawn';

const tucked = (atRow: number): AssemblyStep => ({
	do: 'tuck',
	piece: PIECE,
	atRow,
	inner: 'cast-on'
});
const turned = (heightCm: number): AssemblyStep => ({ do: 'turn-up', piece: PIECE, heightCm });

/** One end pushed inside the other, to the fold. */
export const tuck: TableDemo = {
	pictured: 2,
	steps: (d) => {
		const tube = tubeOf(d);
		const fold = d.tube?.foldRow;
		const at =
			fold === undefined ? '' : ` at row ${Number.isInteger(fold) ? fold : fold.toFixed(1)},`;
		const after = (share: number) =>
			tubeAfter(tube, { assembly: [tucked((tube.rows / 2) * share)] });
		return tubesShown([
			{ says: 'The tube lies flat, knit side out, both ends open', stage: tubeAfter(tube) },
			{ says: 'One end pushed down inside the other', stage: after(1 / 3) },
			{ says: 'Further, knit side out on both, and no twist between them', stage: after(2 / 3) },
			{ says: `The ends lie even: the fold is${at} half of the rows`, stage: after(1) }
		]);
	}
};

/** The brim of both layers turned up. */
export const turnUp: TableDemo = {
	pictured: 2,
	steps: (d, s) => {
		const tube = tubeOf(d);
		const all = tucked(tube.rows / 2);
		const high = d.tube?.brimCm;
		const brim = Math.min(high ?? 3, tube.longCm * 0.22);
		const after = (cm: number) => tubeAfter(tube, { assembly: [all, turned(cm)], brimCm: cm });
		return tubesShown([
			{
				says: 'Two layers, the fold at the brim, lying flat',
				stage: tubeAfter(tube, { assembly: [all] })
			},
			{ says: 'Both layers together turned up', stage: after(brim / 2) },
			{
				says: `The same height all round${high === undefined ? '' : `: ${s.length(high)} as worn`}`,
				stage: after(brim)
			}
		]);
	}
};

/** The purl side becomes the face. */
export const insideOut: TableDemo = {
	pictured: 2,
	steps: (d) => {
		const tube = tubeOf(d);
		return tubesShown([
			{ says: 'The knit side out, one end still open', stage: tubeAfter(tube) },
			{
				says: 'Reach in at the open end and draw the far end into the tube',
				stage: tubeAfter(tube, { assembly: [tucked(tube.rows / 3)] })
			},
			{
				says: 'Out at the open end: what comes through shows the purl side',
				stage: tubeAfter(tube, { assembly: [tucked((3 * tube.rows) / 4)] })
			},
			{
				turned: true,
				says: 'All of it drawn through: the purl side is the face',
				stage: tubeAfter(tube, { assembly: [{ do: 'inside-out', piece: PIECE }] })
			}
		]);
	}
};

/** How a tube comes off, is pulled, and lies at rest (from memory). */
const PULL = [
	{
		says: 'Off the machine: longer and narrower than it will stay',
		lies: { long: 1.08, wide: 0.95 }
	},
	{
		says: 'Pulled long once or twice: the stitches even out',
		lies: { long: 1.3, wide: 0.8 }
	},
	{
		says: 'Left lying: it draws in again, and can be measured',
		lies: { long: 1, wide: 1 }
	}
] as const;

/** Pulled long, then left to rest. */
export const stretch: TableDemo = {
	pictured: 1,
	steps: (d) =>
		tubesShown(
			PULL.map(({ says, lies }) => ({
				says,
				stage: tubeAfter(tubeOf(d), { lies }),
				over: (put, stage) => tapeAlong(put, stage, '')
			}))
		)
};

/** Length, width, weight. */
export const measure: TableDemo = {
	pictured: 1,
	steps: (d, s) => {
		const read = (e: Estimate | undefined) => (e === undefined ? '' : s.spread(e, 'length'));
		const [long, wide] = [read(d.tube?.planned?.long), read(d.tube?.planned?.wide)];
		const planned = (said: string) => (said === '' ? '' : `; ${said} are planned`);
		const stage = tubeAfter(tubeOf(d));
		return tubesShown([
			{ says: 'It lies flat and relaxed', stage },
			{
				says: `A tape along the middle, from end to end${planned(long)}`,
				stage,
				over: (put) => tapeAlong(put, stage, long)
			},
			{
				says: `Then across, not along a fold, which reads short${planned(wide)}`,
				stage,
				over: (put) => [...tapeAlong(put, stage, long), ...tapeAcross(put, stage, wide)]
			},
			{
				says: 'Both written down, and the weight',
				stage,
				over: (put) => tapeAcross(put, stage, wide)
			}
		]);
	}
};
