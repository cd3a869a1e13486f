import { entryAt } from '../quantity/sure';
import type { Stage } from '../assembly/stage';
import { stagesOf } from '../assembly/stages';
import type { WorkStep } from '../technique/technique';
import { sizeOf } from '../assembly/size';
import type { PlanOf } from '../plan/types';

/** A stage with the finishing step that leads to it; none for the tube as it comes off. */
export interface PlannedStage extends Stage {
	readonly finish: WorkStep | null;
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
		// What is threaded before and taken off after is no stage of its own.
		const work = plan.steps.filter((s) => s.from === stage.step);
		const named = plan.assembly[stage.step]?.do;
		return { ...stage, finish: work.find((s) => s.do === named) ?? work.at(-1) ?? null };
	});
}
