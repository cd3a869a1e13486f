import { entryAt } from '../quantity/sure';
import { CLOSE, chanceShort } from '../quantity/short';
import { graver, toFinding } from '../finding/to-finding';
import type { Bench, Project } from '../model/project';
import type { Plan } from '../plan/types';
import { freeBook, type Held } from './stock';

/**
 * A plan that knows what other planned projects hold of its yarns: each amount says what is free, g, and what would last
 * by the stock alone but not beside the others is a finding. A project whose yarn is already off the stock is as it was.
 */
export function withHeld(plan: Plan, project: Project, bench: Bench, held: readonly Held[]): Plan {
	if (project.used !== null) return plan;
	const free = freeBook(bench.yarns, held, project.id);
	const amounts = plan.amounts.map((a) => ({
		...a,
		freeGrams: free(entryAt(plan.yarns, a.yarn)),
		heldFor: [
			...new Set(
				held
					.filter((h) => h.yarnId === a.yarnId && h.projectId !== project.id)
					.map((h) => h.projectName)
			)
		]
	}));
	const found = amounts.flatMap((a) => {
		const heldGrams = a.gramsOnHand - a.freeGrams;
		const said = plan.findings.some(
			(f) => (f.code === 'yarn-short' || f.code === 'yarn-close') && f.yarn === a.yarn
		);
		const { mean, sd } = a.grams.value;
		if (said || heldGrams <= 0 || chanceShort(mean, sd, a.freeGrams) <= CLOSE) return [];
		return [
			toFinding(
				{
					body: {
						code: 'yarn-held',
						yarn: a.yarn,
						needGrams: mean,
						needSd: sd,
						freeGrams: a.freeGrams,
						heldGrams,
						by: a.heldFor
					},
					severity: 'warn',
					where: { at: 'yarn', yarn: a.yarn },
					or: {
						label: ['Find more, or a stand-in'],
						go: { page: 'stand-ins', yarn: a.yarnId }
					}
				},
				project.accepted
			)
		];
	});
	return {
		...plan,
		amounts,
		findings: [...plan.findings, ...found].sort(graver)
	};
}
