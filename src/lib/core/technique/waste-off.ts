import type { Edge } from '../assembly/assembly';
import { ROW, SHARP, type WorkStep, type Works } from './technique';
import type { WorkedPiece } from '../crank/piece';

declare module './technique' {
	interface WorkKinds {
		'waste-off': { readonly edge: Edge };
	}
}

/** Waste yarn taken off an end whose loops are held by something else now: a part of many techniques. */
export const wasteOffWorks: Works = {
	'waste-off': {
		words: ({ edge }) => ({
			title: `Take the waste yarn off the ${ROW[edge]} row`,
			how: 'Find the end that runs through the last waste row and pull. If it sticks, cut the waste, never the main yarn.'
		}),
		drawing: () => ({ skill: 'waste-off', drawing: { loops: 24 } })
	}
};

/** The step, where the end stands on waste; with scissors in hand where it says so. */
export const wasteOff = (p: WorkedPiece, edge: Edge, sharp = false): WorkStep[] =>
	p.waste[edge]
		? [{ id: `waste-off-${edge}`, do: 'waste-off', edge, ...(sharp ? SHARP : {}) }]
		: [];
