import type { Edge } from '../assembly/assembly';
import type { WorkedPiece } from '../crank/piece';
import type { WasteWith } from '../model/kinds';
import { RAVEL } from '../program/program';
import { ROW, SHARP, type WorkStep, type Works } from './technique';

declare module './technique' {
	interface WorkKinds {
		'waste-off': { readonly edge: Edge; readonly with: WasteWith };
	}
}

const PULL =
	'find the end that runs through the waste row next to the main yarn and pull; if it sticks, cut the waste, never the main yarn.';
const HOW: Record<WasteWith, string> = {
	yarn: `Knot the main yarn’s tail first. Then ${PULL}`,
	ravel:
		'Knot the main yarn’s tail first. Then draw the contrast strand out in one pull: the waste falls off in one piece.',
	rag: `Knot the main yarn’s tail first. One snip in the first waste row, beside the rag, and that strand drawn out: the rag comes off, to be used again. Then ${PULL}`
};

/** Waste yarn taken off an end whose loops are held by something else now: a part of many techniques. */
export const wasteOffWorks: Works = {
	'waste-off': {
		words: (work) => ({
			title: `Take the waste yarn off the ${ROW[work.edge]} row`,
			how: HOW[work.with]
		}),
		drawing: () => ({ skill: 'waste-off', drawing: { loops: 24 } })
	}
};

/** What stands below the main yarn: its program says. */
const wasteWith = ({ program }: WorkedPiece, edge: Edge): WasteWith => {
	if (edge === 'cast-off') return 'yarn';
	if (program.some((o) => o.op === 'join' && o.yarn === RAVEL)) return 'ravel';
	return program.some((o) => o.op === 'cast-on' && o.method === 'rag') ? 'rag' : 'yarn';
};

/** The step, where the end stands on waste; with scissors in hand where it says so. */
export const wasteOff = (p: WorkedPiece, edge: Edge, sharp = false): WorkStep[] =>
	p.waste[edge]
		? [
				{
					id: `waste-off-${edge}`,
					do: 'waste-off',
					edge,
					with: wasteWith(p, edge),
					...(sharp ? SHARP : {})
				}
			]
		: [];
