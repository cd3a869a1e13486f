import type { Joint } from '../../assembly/joint';
import {
	fromTheLastEnd,
	outOf,
	whole,
	type Change,
	type Edge,
	type Found,
	type Measured,
	type Remedy
} from '../afterwards';
import type { FinishedOf } from '../finished';
import { NECK_STRETCH } from './measures';
import type { GarmentOptions } from './options';
import { sleeveNeeds } from './rules/sleeve-tight';

type Garment = Found<GarmentOptions, FinishedOf<'flat'>>;

/** Panels with the measured sizes of their body in their places. */
export function panelsAsMeasured(
	finished: FinishedOf<'flat'>,
	measured: Measured
): FinishedOf<'flat'> {
	const { body } = finished;
	if (!body) return finished;
	return {
		...finished,
		body: {
			...body,
			armholeCm: measured.get('size-3') ?? body.armholeCm,
			sleeveCm: body.sleeveCm === null ? null : (measured.get('size-4') ?? body.sleeveCm),
			neckWidthCm: measured.get('neck') ?? body.neckWidthCm,
			// The curve is not measured apart: it grows with the width.
			neckCm: body.neckCm + 2 * ((measured.get('neck') ?? body.neckWidthCm) - body.neckWidthCm),
			shoulderCm: measured.get('shoulder') ?? body.shoulderCm
		}
	};
}

/** Loops of an edge of the body or of a sleeve: its first row where it begins there, its last where it ends. */
function loopsAt(at: Edge, { pieces }: Garment): { loops: number; times: number; first: boolean } {
	if (at === 'cuff') {
		const sleeve = pieces.filter((p) => p.id.startsWith('sleeve'));
		const ends = sleeve.map((p) => p.edges.find((e) => e.part === 'cuff'));
		const cuff = ends.find((e) => e !== undefined);
		const first = cuff?.side !== 'top';
		const loops = sleeve.reduce((t, p) => t + (first ? p.stitches.first : p.stitches.last), 0);
		return { loops, times: 2, first };
	}
	const body = pieces.filter((p) => p.id.startsWith('back') || p.id.startsWith('front'));
	return {
		loops: body.reduce((t, p) => t + p.count * p.stitches.first, 0),
		times: 1,
		first: true
	};
}

/** Longer or shorter at an open edge: a band knitted on, or rows off. */
function atEdge(at: Edge, off: Omit<Change, 'ways'>, found: Garment): Change {
	const { loops, times, first } = loopsAt(at, found);
	const rows = whole(off.measured - off.wanted, found.rowsPerCm);
	const of = { at, times, loops, rows, cm: rows / found.rowsPerCm };
	if (off.measured < off.wanted) return { ...off, ways: [{ do: 'band', ...of }] };
	if (first) return { ...off, ways: [{ do: 'snip', ...of }] };
	const sleeve = found.pieces.find((p) => p.id.startsWith('sleeve'));
	const toRow = (sleeve?.mainRows ?? rows) - rows;
	return { ...off, ways: [{ do: 'ravel', what: sleeve?.name ?? null, rows, toRow, cm: of.cm }] };
}

const labelOf = ({ told }: Garment, id: string) => told.find((s) => s.id === id)?.label ?? '';
const loopsOfSeam = (joints: readonly Joint[], kind: Joint['kind']): number =>
	joints.find((j) => j.kind === kind)?.a.stitches ?? 0;

function armhole(found: Garment): Change[] {
	const f = found.findings.find((x) => x.code === 'armhole-small');
	const off: Omit<Change, 'ways'> | null =
		f?.code === 'armhole-small'
			? {
					id: 'size-3',
					label: labelOf(found, 'size-3'),
					measured: f.aroundCm,
					wanted: f.leastCm,
					by: f.code
				}
			: outOf(found, 'size-3');
	if (!off) return [];
	// Back and front each give what is opened or closed of the side.
	const half = Math.abs(off.wanted - off.measured) / 2;
	const rows = whole(half, found.rowsPerCm);
	const of = { seam: 'side' as const, times: 2, cm: rows / found.rowsPerCm };
	return off.measured < off.wanted
		? [{ ...off, ways: [{ do: 'unpick', ...of, rows }] }]
		: [{ ...off, ways: [{ do: 'close-more', ...of, by: 'rows', n: rows }] }];
}

function sleeve(found: Garment): Change[] {
	const f = found.findings.find((x) => x.code === 'sleeve-tight');
	const { body } = found.finished;
	if (f?.code !== 'sleeve-tight' || !body) return [];
	const wanted = sleeveNeeds(f.armCm, found.options);
	const loops = whole(wanted - f.sleeveCm, found.stitchesPerCm);
	const long = found.pieces.find((p) => p.id.startsWith('sleeve'))?.mainRows ?? 0;
	const strip: Remedy = {
		do: 'strip',
		seam: 'sleeve',
		times: 2,
		loops,
		rows: long,
		cm: loops / found.stitchesPerCm
	};
	return [
		{
			id: 'size-4',
			label: labelOf(found, 'size-4'),
			measured: f.sleeveCm,
			wanted,
			by: f.code,
			ways: [strip]
		}
	];
}

function neck(found: Garment): Change[] {
	const wide = found.findings.find((x) => x.code === 'neck-wide');
	const small = found.findings.find((x) => x.code === 'neck-small');
	const label = labelOf(found, 'neck');
	const { body } = found.finished;
	const off: Omit<Change, 'ways'> | null =
		wide?.code === 'neck-wide'
			? {
					id: 'neck',
					label,
					measured: wide.neckCm,
					// Half of what is across, as the plan's own way out has it.
					wanted: Math.min(wide.neckCm, (wide.neckCm + 2 * wide.shoulderCm) / 2),
					by: wide.code
				}
			: small?.code === 'neck-small' && body
				? {
						id: 'neck',
						label,
						measured: body.neckWidthCm,
						// Opened at both shoulders, front and back grow alike.
						wanted: body.neckWidthCm + (small.headCm / NECK_STRETCH - small.neckCm) / 2,
						by: small.code
					}
				: outOf(found, 'neck');
	if (!off) return [];
	const each = Math.abs(off.measured - off.wanted) / 2;
	const loops = whole(each, found.stitchesPerCm);
	const of = { seam: 'shoulder' as const, times: 2, cm: loops / found.stitchesPerCm };
	const way: Remedy =
		off.measured > off.wanted
			? { do: 'close-more', ...of, by: 'loops', n: loops }
			: { do: 'open-some', ...of, loops };
	return [{ ...off, ways: [way] }];
}

function shoulder(found: Garment): Change[] {
	const off = outOf(found, 'shoulder');
	if (!off || off.measured >= off.wanted) return [];
	const loops = loopsOfSeam(found.joints, 'shoulder');
	return [
		{ ...off, ways: [{ do: 'sew-again', seam: 'shoulder', times: 2, loops, cm: off.wanted }] }
	];
}

/** What can be done to a garment: seams opened, closed further or sewn again, edges longer or shorter. */
export function afterGarment(found: Garment): Change[] {
	const { finished, options } = found;
	if (finished.body) {
		const long = outOf(found, 'size-2');
		const cuff = outOf(found, 'sleeve-long');
		return [
			...armhole(found),
			...neck(found),
			...shoulder(found),
			...sleeve(found),
			...(cuff ? [atEdge('cuff', cuff, found)] : []),
			...(long ? [atEdge('hem', long, found)] : [])
		];
	}
	if (finished.shrug) return shrug(found);
	// One straight piece, knitted up from its first row.
	const off = outOf(found, 'size-2');
	const straight = options.recipe === 'rectangle' || options.recipe === 'strap';
	return off && straight && found.pieces.length === 1
		? [{ ...off, ways: fromTheLastEnd(off, found) }]
		: [];
}

function shrug(found: Garment): Change[] {
	const long = outOf(found, 'size-1');
	const over = outOf(found, 'size-2');
	const under = outOf(found, 'size-4');
	const seam = (off: Omit<Change, 'ways'>, at: 'shoulder' | 'under-arm'): Change => {
		const rows = whole(off.measured - off.wanted, found.rowsPerCm);
		const of = { seam: at, times: 2, cm: rows / found.rowsPerCm };
		return {
			...off,
			ways: [
				off.measured < off.wanted
					? { do: 'close-more', ...of, by: 'rows', n: rows }
					: { do: 'unpick', ...of, rows }
			]
		};
	};
	return [
		...(long ? [{ ...long, ways: fromTheLastEnd(long, found, 'each tube') }] : []),
		...(over ? [seam(over, 'shoulder')] : []),
		...(under ? [seam(under, 'under-arm')] : [])
	];
}
