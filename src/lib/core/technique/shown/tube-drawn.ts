import type { AssemblyStep } from '../../assembly/assembly';
import type { Point, Rung, Stage } from '../../assembly/stage';
import { stagesOf } from '../../assembly/stages';
import { arrow, HEIGHT, line, n, patch, text, WIDTH, type Ink } from '../drawing/ink';
import { entryAt, last } from '../../quantity/sure';
import type { Drawing } from '../drawing/drawing';
import type { AtTable } from './shown';

export const PIECE = 'tube';
/** A tube of two colours, its lengths in cm at rest. */
export interface Tube {
	readonly rows: number;
	readonly longCm: number;
	readonly wideCm: number;
}
/** The tube of a project as far as that is known; else one in its proportions, with nothing to be read off it (from memory). */
export function tubeOf({ tube }: Drawing): Tube {
	const rows = tube?.foldRow === undefined ? 60 : Math.max(2, Math.round(2 * tube.foldRow));
	const longCm = tube?.longCm !== undefined && tube.longCm > 0 ? tube.longCm : 20;
	return { rows, longCm, wideCm: tube?.wideCm ?? longCm * 0.42 };
}

export interface After {
	readonly assembly?: readonly AssemblyStep[];
	readonly brimCm?: number;
	/** How it lies by how it rests: so many times as long, and as wide. */
	readonly lies?: { readonly long: number; readonly wide: number };
}
/** With its middle at 0, so that it grows to both sides alike. */
function centred(stage: Stage): Stage {
	const ys = stage.rungs.flatMap((r) => [r.a.y, r.b.y]);
	const middle = (Math.min(...ys) + Math.max(...ys)) / 2;
	const to = ({ x, y }: Point): Point => ({ x, y: y - middle });
	return { ...stage, rungs: stage.rungs.map((r) => ({ ...r, a: to(r.a), b: to(r.b) })) };
}
/** A tube after some steps of an assembly, lying. */
export function tubeAfter(
	{ rows, longCm, wideCm }: Tube,
	{ assembly = [], brimCm = 0, lies = { long: 1, wide: 1 } }: After = {}
): Stage {
	const rowsPerCm = rows / (longCm * lies.long);
	return centred(
		last(
			stagesOf({
				runs: [
					{ from: 0, to: rows / 2, yarn: 1 },
					{ from: rows / 2, to: rows, yarn: 0 }
				],
				rowsPerCm: [rowsPerCm, rowsPerCm],
				widthCm: wideCm * lies.wide,
				assembly,
				brimCm,
				hangs: 'lying'
			})
		)
	);
}

const corners = (stage: Stage) => stage.rungs.flatMap((r) => [r.a, r.b]);
/** Places of all stages in one box, so that nothing jumps between steps. */
function fit(stages: readonly Stage[]) {
	const points = stages.flatMap(corners);
	const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
	const [l, r, t, b] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	const k = Math.min((WIDTH - 24) / (r - l), (HEIGHT - 44) / (b - t));
	return (p: Point) => ({
		x: WIDTH / 2 + (p.x - (l + r) / 2) * k,
		y: HEIGHT / 2 - 5 + (p.y - (t + b) / 2) * k
	});
}
export type Put = ReturnType<typeof fit>;

/** Bumps of the purl side, over a stretch of the tube between two rungs. */
function bumps(from: Rung, to: Rung, put: Put): Ink[] {
	const [a, b] = [put(from.a), put(to.b)];
	const [l, r] = [Math.min(a.x, b.x), Math.max(a.x, b.x)];
	const across = Math.floor((r - l) / 10);
	return Array.from({ length: 4 }, (_, i) => {
		const y = a.y + ((b.y - a.y) * (i + 0.7)) / 4;
		return `M${n(l + 2)} ${n(y)}${'q4-7 8 0m2 0'.repeat(across)}`;
	}).flatMap((d) => (across > 0 ? [line(d)] : []));
}

/** Each yarn in its tone, the purl side with its bumps; an end that is hidden, dashed. */
function tubeInks(stage: Stage, put: Put): Ink[] {
	const path = (points: readonly Point[]) =>
		points
			.map(put)
			.map((p, i) => `${i === 0 ? 'M' : 'L'}${n(p.x)} ${n(p.y)}`)
			.join('');
	const bands = stage.bands
		.map((b, i) => ({ ...b, i, from: entryAt(stage.rungs, i), to: entryAt(stage.rungs, i + 1) }))
		.sort((a, b) => a.layer - b.layer);
	// Beside one another and alike they are one patch: its seams would look like rows.
	const runs: (typeof bands)[] = [];
	for (const b of bands) {
		const run = runs.at(-1);
		const before = run?.at(-1);
		if (
			run &&
			before &&
			before.i === b.i - 1 &&
			before.layer === b.layer &&
			before.yarn === b.yarn &&
			before.faceOut === b.faceOut
		)
			run.push(b);
		else runs.push([b]);
	}
	const fabric = runs.flatMap((run): Ink[] => {
		const rungs = [entryAt(run, 0).from, ...run.map((b) => b.to)];
		const d = `${path([...rungs.map((r) => r.a), ...rungs.map((r) => r.b).reverse()])}Z`;
		const { faceOut, yarn } = entryAt(run, 0);
		return [
			patch(d, yarn === 0 ? 'fabric' : 'second'),
			...(faceOut ? [] : bumps(entryAt(rungs, 0), last(rungs), put))
		];
	});
	const top = Math.max(...stage.bands.map((b) => b.layer));
	const hidden = [0, stage.rungs.length - 1].filter(
		(i) => (stage.bands[Math.min(i, stage.bands.length - 1)]?.layer ?? top) < top
	);
	return [
		...fabric,
		...hidden.map((i) => {
			const { a, b } = entryAt(stage.rungs, i);
			return line(path([a, b]), true);
		})
	];
}
const endOf = (stage: Stage, i: number, put: Put) => {
	const { a, b } = entryAt(stage.rungs, i);
	return put({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
};

interface TubeStep {
	readonly says: string;
	readonly stage: Stage;
	/** Nothing is shown of how it came there. */
	readonly turned?: true;
	readonly over?: (put: Put, stage: Stage) => readonly Ink[];
}
/** Steps in one box, with an arrow from where the moved end of the tube lay to where it lies. */
export function tubesShown(steps: readonly TubeStep[]): AtTable[] {
	const put = fit(steps.map((s) => s.stage));
	return steps.map(({ says, stage, over, turned: still }, i) => {
		const before = steps[i - 1]?.stage;
		const moved =
			before && !still
				? [0, stage.rungs.length - 1].flatMap((end) => {
						const from = endOf(before, end === 0 ? 0 : before.rungs.length - 1, put);
						const to = endOf(stage, end, put);
						return Math.hypot(from.x - to.x, from.y - to.y) < 14
							? []
							: [arrow(from.x, from.y, to.x, to.y)];
					})
				: [];
		return {
			says,
			draw: () => [...tubeInks(stage, put), ...moved, ...(over?.(put, stage) ?? [])]
		};
	});
}

/** A measure beside the tube, with what it reads. */
export function tapeAlong(put: Put, stage: Stage, said: string): Ink[] {
	const [from, to] = [endOf(stage, 0, put), endOf(stage, stage.rungs.length - 1, put)];
	const y = Math.max(...corners(stage).map((p) => put(p).y)) + 8;
	return [
		line(`M${n(from.x)} ${n(y)}H${n(to.x)}M${n(from.x)} ${n(y - 5)}v10M${n(to.x)} ${n(y - 5)}v10`),
		...(said === '' ? [] : [text(WIDTH / 2, y + 16, said)])
	];
}
export function tapeAcross(put: Put, stage: Stage, said: string): Ink[] {
	const { a, b } = entryAt(stage.rungs, Math.floor(stage.rungs.length / 3));
	const [from, to] = [put(a), put(b)];
	return [
		line(
			`M${n(from.x)} ${n(from.y)}V${n(to.y)}M${n(from.x - 5)} ${n(from.y)}h10M${n(from.x - 5)} ${n(to.y)}h10`
		),
		...(said === '' ? [] : [text(from.x + 8, (from.y + to.y) / 2 + 5, said, 'start')])
	];
}
