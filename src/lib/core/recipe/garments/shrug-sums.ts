import type { Measure } from '../../model/kinds';

/** A shrug's measures: the neck and both sleeve tops are as long as the tubes, and so are the body opening and both undersides. */
export const SHRUG_MEASURES = [
	'span',
	'neckOpen',
	'sleeveTop',
	'bodyOpen',
	'underside'
] as const satisfies readonly Measure[];
type ShrugMeasure = (typeof SHRUG_MEASURES)[number];
type Set = { readonly [M in ShrugMeasure]?: number | undefined };

/** 40 in from below one elbow to below the other, 12 in of it the neck (common practice). */
const SPAN_CM = 101.6;
const NECK_CM = 30.5;
/** An underside is shorter than the top of its sleeve: two thirds of it (from memory). */
const UNDER_SHARE = 2 / 3;
const TOP_CM = (SPAN_CM - NECK_CM) / 2;
export const USUAL_SHRUG: Record<ShrugMeasure, number> = {
	span: SPAN_CM,
	neckOpen: NECK_CM,
	sleeveTop: TOP_CM,
	underside: TOP_CM * UNDER_SHARE,
	bodyOpen: SPAN_CM - 2 * TOP_CM * UNDER_SHARE
};

/** How long the tubes are by what is set: their own length, else either sum that is whole, else the usual. */
function spanOf({ span, neckOpen, sleeveTop, bodyOpen, underside }: Set): number | undefined {
	if (span !== undefined) return span;
	if (neckOpen !== undefined && sleeveTop !== undefined) return neckOpen + 2 * sleeveTop;
	if (bodyOpen !== undefined && underside !== undefined) return bodyOpen + 2 * underside;
	return undefined;
}

/** What is left of a length between two, never less than nothing. */
const rest = (length: number, taken: number): number => Math.max(0, length - taken);

/** Any of a shrug's measures set, cm, and the rest worked out by its two sums; the openings stand where both parts are set. */
export function shrugMeasures(
	set: Set
): Record<ShrugMeasure, { readonly cm: number; readonly from: 'own' | 'sum' | 'usual' }> {
	const summed = spanOf(set);
	const span = summed ?? SPAN_CM;
	const neck = set.neckOpen ?? (set.sleeveTop === undefined ? null : rest(span, 2 * set.sleeveTop));
	const neckOpen = neck ?? Math.min(NECK_CM, span * 0.3);
	const sleeveTop = set.sleeveTop ?? rest(span, neckOpen) / 2;
	const underside =
		set.underside ??
		(set.bodyOpen === undefined ? sleeveTop * UNDER_SHARE : rest(span, set.bodyOpen) / 2);
	const bodyOpen = set.bodyOpen ?? rest(span, 2 * underside);
	const cm = { span, neckOpen, sleeveTop, bodyOpen, underside };
	const usual = { span: summed === undefined, neckOpen: neck === null };
	const from = (m: ShrugMeasure) =>
		set[m] !== undefined ? 'own' : m in usual && usual[m as keyof typeof usual] ? 'usual' : 'sum';
	return Object.fromEntries(
		SHRUG_MEASURES.map((m) => [m, { cm: cm[m], from: from(m) }])
	) as ReturnType<typeof shrugMeasures>;
}

/** A sum of two parts and a third that are all set and do not come to the length: which, and by how much, cm. */
export function shrugDiscord(set: Set): {
	readonly opening: 'neckOpen' | 'bodyOpen';
	readonly side: 'sleeveTop' | 'underside';
	readonly sumCm: number;
	readonly spanCm: number;
} | null {
	const spanCm = spanOf(set);
	if (spanCm === undefined) return null;
	for (const [opening, side] of [
		['neckOpen', 'sleeveTop'],
		['bodyOpen', 'underside']
	] as const) {
		const [open, closed] = [set[opening], set[side]];
		if (open === undefined || closed === undefined) continue;
		const sumCm = open + 2 * closed;
		if (Math.abs(sumCm - spanCm) >= TOLERANCE_CM) return { opening, side, sumCm, spanCm };
	}
	return null;
}
/** What a row or two come to. */
const TOLERANCE_CM = 1;
