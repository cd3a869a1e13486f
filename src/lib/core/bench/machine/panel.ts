import type { Machine } from '../../model/bench';
import type { PanelTurn, Turns } from '../../model/kinds';
import { clearPins } from './ring';

/** The pins a panel is knitted on, from the lowest, and the most there are for it in that mode. */
export function panelPins(
	machine: Pick<Machine, 'pins' | 'panelLost' | 'marker' | 'tripPin' | 'handPanels'>,
	turn: PanelTurn,
	stitches: number
): { from: number; most: number } {
	if (turn === 'switch')
		return {
			from: machine.panelLost.start,
			most: machine.pins - machine.panelLost.start - machine.panelLost.end
		};
	// Turned by hand it stands in the middle of what is clear of marker and counter trip.
	const clear = clearPins(machine);
	const spare = Math.max(0, Math.floor((clear.count - stitches) / 2));
	return { from: clear.from + spare, most: clear.count };
}

/** The two edges of a panel by pin, as programs name them. */
type Edge = 'low' | 'high';

/** The edge of a panel by pin for an edge named from the right side of the fabric, which hangs away from the maker. */
export const edgeOfSide = (side: 'left' | 'right', turns: Turns): Edge =>
	(side === 'right') === (turns === 'clockwise') ? 'low' : 'high';
/** And the other way round. */
export const sideOfEdge = (edge: Edge, turns: Turns): 'left' | 'right' =>
	(edge === 'low') === (turns === 'clockwise') ? 'right' : 'left';
