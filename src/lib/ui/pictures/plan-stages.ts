import { entryAt } from '$lib/core/quantity/sure';
import type { Stage } from '../../core/assembly/stage';
import { stagesOf } from '../../core/assembly/stages';
import type { AssemblyStep } from '../../core/assembly/assembly';
import type { WorkStep } from '../../core/technique/technique';
import { sizeOf } from '../../core/assembly/size';
import type { PlanOf } from '../../core/plan';

/** A stage with the finishing step that leads to it; none for the tube as it comes off. */
export interface PlannedStage extends Stage {
	readonly finish: WorkStep | null;
}

/** The id of the work that an assembly step of a tube becomes. */
function stepIdOf(s: AssemblyStep): string {
	switch (s.do) {
		case 'gather':
		case 'bind':
			return `${s.do}-${s.edge}`;
		case 'close-flat':
			return `close-${s.edge}`;
		default:
			return s.do;
	}
}

/** A plan's tube from the machine to the finished thing, by its finishing steps, in flat centimetres. */
export function planStages(plan: PlanOf<'worn'> | PlanOf<'tube'>): PlannedStage[] {
	const piece = entryAt(plan.pieces, 0);
	const stages = stagesOf({
		runs: piece.runs,
		rowsPerCm: plan.gauges.map((g) => g.rowsPerCm.mean),
		widthCm: (plan.finished.kind === 'worn' ? sizeOf(plan, 'flat-width') : sizeOf(plan, 'width'))
			.value.mean,
		assembly: plan.assembly,
		brimCm:
			plan.finished.kind === 'worn' ? plan.finished.hat.brimCm / plan.finished.hat.wornFactor : 0,
		hangs: plan.finished.kind === 'worn' ? 'cast-on-up' : plan.finished.tube.hangs
	});
	return stages.map((stage) => {
		const step = plan.assembly[stage.step];
		const id = step && stepIdOf(step);
		return { ...stage, finish: plan.steps.find((s) => s.id === id) ?? null };
	});
}
