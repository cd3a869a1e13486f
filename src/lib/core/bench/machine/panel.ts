import type { Machine } from '../../model/bench';
import type { PanelTurn } from '../../model/kinds';
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

/** What of a machine says which edge of a panel is which. */
export type Sides = Pick<Machine, 'turns' | 'rightSide'>;

/** The hand of the maker on whose side an edge hangs: pins pass from right to left where the ring turns clockwise. */
export const makersSide = (edge: Edge, { turns }: Pick<Machine, 'turns'>): 'left' | 'right' =>
	(edge === 'low') === (turns === 'clockwise') ? 'left' : 'right';
const OTHER = { left: 'right', right: 'left' } as const;

/**
 * Left and right of a piece are named from the right side of the fabric: where that hangs away from the maker, they are the
 * other way round at the machine.
 */
export const sideOfEdge = (edge: Edge, machine: Sides): 'left' | 'right' => {
	const side = makersSide(edge, machine);
	return machine.rightSide === 'away' ? OTHER[side] : side;
};
/** And the other way round: the edge by pin. */
export const edgeOfSide = (side: 'left' | 'right', machine: Sides): Edge =>
	sideOfEdge('low', machine) === side ? 'low' : 'high';
