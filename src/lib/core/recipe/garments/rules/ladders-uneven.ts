import { pinNumber } from '../../../model/pin-number';
import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'ladders-uneven': { readonly a: number; readonly b: number; readonly pins: number };
	}
}

export const laddersUneven = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'ladders-uneven': (f) => ({
			what: `Between the ladders lie ${f.a} stitches on one side and ${f.b} on the other.`,
			why: `Half of ${f.pins} pins apart, both faces are equal: a pin off shows all along the shrug.`
		})
	},
	test: ({ finished, machine }) => {
		const opposite = 1 + Math.floor(machine.pins / 2);
		const shrug = finished.shrug;
		if (!shrug) return null;
		const [a, b] = shrug.between;
		if (a === b || (machine.pins % 2 === 1 && Math.abs(a - b) === 1)) return null;
		return {
			body: { code: 'ladders-uneven', a, b, pins: machine.pins },
			severity: 'warn',
			where: { at: 'size' },
			fix: change(
				[
					`Ladders at pins ${[1, opposite].map((pin) => pinNumber(machine, pin - 1)).join(' and ')}`
				],
				{ ladderPins: [1, opposite] }
			)
		};
	}
});
