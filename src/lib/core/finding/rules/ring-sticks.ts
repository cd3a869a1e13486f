import { pinNumber } from '../../model/pin-number';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'ring-sticks': { readonly trip: number };
	}
}

/** A panel turned by hand that crosses the counter's trip on purpose: the ring sticks there (common practice, two schools). */
export const ringSticks = rule({
	says: {
		'ring-sticks': (f) => ({
			what: `The ring sticks at the counter’s trip, pin ${f.trip}.`,
			why: 'The panel crosses it on purpose: go on slowly there and never force the crank. Kept off marker and trip, it would lie elsewhere on the ring.'
		})
	},
	test: ({ machine, pieces }) => {
		const { tripPin } = machine;
		if (tripPin === null || machine.handPanels !== 'cross') return null;
		const crosses = pieces.some(
			(p) =>
				p.machine.id === machine.id &&
				p.rowByRow.stretches.some(
					(x) => x.mode === 'hand' && x.low <= tripPin - 1 && tripPin - 1 < x.high
				)
		);
		return crosses
			? {
					body: { code: 'ring-sticks', trip: pinNumber(machine, tripPin - 1) },
					severity: 'tip',
					where: { at: 'bench' }
				}
			: null;
	}
});
