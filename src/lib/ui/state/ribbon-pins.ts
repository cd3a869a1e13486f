import { entryAt } from '$lib/core/quantity/sure';
import { stepIn } from '$lib/core/assembly/assembly';
import { brimRows } from '$lib/core/plan/places';
import { isPanel } from '$lib/core/technique/technique';
import type { Plan } from '$lib/core/plan';
import type { Units } from '$lib/core/quantity/units';
import { eventContext } from '$lib/core/words/context';
import { wordEvent } from '$lib/core/words/events';
import { wordFinding } from '$lib/core/finding/says';
import type { RibbonMark, RibbonPin } from '../pictures/ribbon';

/** Names of a plan's yarns by colour, as the maker calls them. */
export const yarnNamer = (plan: Plan) => (i: number) => plan.yarns[i]?.colourName ?? 'yarn';

/** What is pinned to the ribbon: joins, the first rolling up, run-outs and the end, at their main rows. */
export function eventPins(plan: Plan, units: Units): RibbonPin[] {
	const piece = entryAt(plan.pieces, 0);
	const { sheet } = piece;
	const wasteBefore = sheet.wasteBefore;
	const context = eventContext(plan, piece.machine, units);
	// In many stripes every join is plain to see: only the first is named.
	const joins = sheet.events.filter(
		(e) => e.kind === 'join' && !e.first && e.after < wasteBefore + piece.mainRows
	);
	return sheet.events.flatMap((e): RibbonPin[] => {
		const row = e.after - wasteBefore;
		const kept =
			(e.kind === 'join' && joins.includes(e) && (joins.length <= 4 || e === joins[0])) ||
			e.kind === 'roll' ||
			e.kind === 'clog' ||
			(e.kind === 'hands' && !isPanel(piece)) ||
			e.kind === 'runs-out' ||
			e.kind === 'take-off';
		if (!kept || row < 0 || row > piece.mainRows + 40) return [];
		const { title } = wordEvent(e, context);
		return [
			{
				row: Math.min(row, piece.mainRows),
				label: title,
				stop: e.kind === 'runs-out' && e.ball === null
			}
		];
	});
}

/** The row a tube is folded at, tucked or in its hem, which may be half-way through a row; null for what is not folded. */
export function foldRow(plan: Plan): number | null {
	const tuck = stepIn(plan.assembly, 'tuck');
	if (tuck) return tuck.atRow;
	const hem = stepIn(plan.assembly, 'hem');
	return hem ? hem.rows / 2 : null;
}

/** Rows of the outer face that a turned-up brim covers. */
export function hiddenRows(plan: Plan): number {
	return Math.round(2 * brimRows(plan));
}

/** Findings that speak of a row or the fold, at their place on the ribbon; accepted ones and tips stay off it. */
export function findingMarks(plan: Plan, units: Units): RibbonMark[] {
	const context = { units, yarnName: yarnNamer(plan) };
	return plan.findings.flatMap((f): RibbonMark[] => {
		if (f.accepted || f.severity === 'tip') return [];
		const row = f.where.at === 'row' ? f.where.row : f.where.at === 'fold' ? foldRow(plan) : null;
		return row === null ? [] : [{ row, severity: f.severity, what: wordFinding(f, context).what }];
	});
}
