import { SIDES, type Side } from '../../shaping/outline';
import type { TypedTake } from '../../shaping/typed';
import type { WidenedWay } from '../../model/written';
import type { TheirGauge } from '../written';
import { narrows, offOf, rowsFrom, stitchesOf, turnedStrip, widens, type Strip } from './strip';

/** How a piece that widens is knitted where a panel only narrows. */
export type Widening =
	/** It only widens: from its other end it only narrows. */
	| { readonly kind: 'turned' }
	/** It widens, and then narrows: these ways are open to it. */
	| { readonly kind: 'both'; readonly ways: readonly WidenedWay[]; readonly widest: number }
	/** It goes in and out more than once. */
	| { readonly kind: 'wavers' };

/** Rows that stand straight before a panel narrows, where it has them: even, so that the yarn is where it was. */
const PLAIN = 2;
/** The row from which on a panel never widens again; it never narrows before, or null. */
function turnsAt({ takes }: Strip): number | null {
	const all = [...takes.left, ...takes.right];
	const out = all.filter((t) => t.stitches < 0).map((t) => t.row);
	const inward = all.filter((t) => t.stitches > 0).map((t) => t.row);
	const [last, first] = [Math.max(-1, ...out), Math.min(Infinity, ...inward)];
	if (last >= first || first === Infinity) return null;
	// Both begin with rows as wide as they get: nothing comes off before there is a row.
	return first - PLAIN > last ? first - PLAIN : first;
}
const symmetric = ({ takes }: Strip): boolean => {
	const by = (s: Side) => takes[s].map((t) => t.stitches).join();
	return by('left') === by('right');
};

/** Null for what only narrows, or is straight. */
export function wideningOf(s: Strip): Widening | null {
	if (!widens(s)) return null;
	if (!narrows(s)) return { kind: 'turned' };
	const at = turnsAt(s);
	if (at === null) return { kind: 'wavers' };
	const ways: WidenedWay[] = [
		'joined',
		'panels',
		'eased',
		...(symmetric(s) ? ['sideways' as const] : [])
	];
	return { kind: 'both', ways, widest: Math.max(...stitchesOf(s)) };
}

/** Two panels from the widest row each way. */
function eachWay(s: Strip, at: number): Strip[] {
	const lower = turnedStrip(rowsFrom(s, 0, at));
	const upper = rowsFrom(s, at, s.rows);
	return [
		{ ...lower, id: `${s.id}-down`, name: `${s.name}, down from the widest row` },
		{ ...upper, id: `${s.id}-up`, name: `${s.name}, up from the widest row` }
	];
}

/** As wide as it gets from its cast-on on. */
function eased(s: Strip): Strip {
	const inward = (side: Side) => s.takes[side].filter((t) => t.stitches > 0);
	const added = -SIDES.reduce(
		(t, side) => t + offOf(s.takes[side].filter((x) => x.stitches < 0)),
		0
	);
	return {
		...s,
		castOn: s.castOn + added,
		takes: { left: inward('left'), right: inward('right') }
	};
}

/**
 * Turned on its side: half of it, from the middle line out. Its length is cast on, and both its ends come in where it is
 * narrower; rows and stitches change places by the pattern's own gauge.
 */
function sideways(s: Strip, gauge: TheirGauge): Strip {
	const on = stitchesOf(s);
	const cmPerRow = 1 / gauge.rowsPerCm;
	const across = (row: number) => Math.round(row * cmPerRow * gauge.stitchesPerCm);
	const widest = Math.max(...on);
	const castOn = Math.max(2, across(s.rows));
	const rows = Math.max(2, Math.round((widest / 2 / gauge.stitchesPerCm) * gauge.rowsPerCm));
	/** The first and the last row of the piece that reach so far from its middle, as stitches of this panel. */
	const reach = (r: number) => {
		const half = ((r + 0.5) / gauge.rowsPerCm) * gauge.stitchesPerCm;
		const first = on.findIndex((n) => n / 2 >= half);
		const last = on.findLastIndex((n) => n / 2 >= half);
		return first < 0 ? null : { low: across(first), high: castOn - across(last + 1) };
	};
	const takes: Record<Side, TypedTake[]> = { left: [], right: [] };
	const off = { left: 0, right: 0 };
	for (let row = 0; row < rows; row++) {
		const now = reach(row);
		if (!now) continue;
		for (const [side, want] of [
			['left', now.low],
			['right', now.high]
		] as const)
			if (want > off[side]) {
				takes[side].push({ row, stitches: want - off[side] });
				off[side] = want;
			}
	}
	return {
		...s,
		id: `${s.id}-side`,
		name: `${s.name}, half, sideways`,
		count: 2 * s.count,
		mirrored: true,
		castOn,
		rows,
		takes,
		marks: { left: [{ row: 0, part: 'cuff' }], right: [{ row: 0, part: 'cap' }] },
		top: 'underarm',
		lines: s.lines.slice(0, 1)
	};
}

/** A panel as it is knitted on a ring: what it becomes by the way that was chosen for it. */
export function asKnitted(s: Strip, way: WidenedWay, gauge: TheirGauge): Strip[] {
	const how = wideningOf(s);
	if (!how) return [s];
	if (how.kind === 'turned') return [turnedStrip(s)];
	if (how.kind === 'wavers') return [eased(s)];
	if (way === 'eased') return [eased(s)];
	if (way === 'sideways' && how.ways.includes('sideways')) return [sideways(s, gauge)];
	return eachWay(s, turnsAt(s) ?? s.rows);
}
