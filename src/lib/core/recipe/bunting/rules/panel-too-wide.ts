import { panelPins } from '../../../bench/machine/panel';
import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { BuntingOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'panel-too-wide': { readonly stitches: number; readonly most: number };
	}
	interface StopCodes {
		'panel-too-wide': true;
	}
}

/** A flag has to fit between the edges of the panel; wider than the machine gives, the nearest that fits is offered. */
export const panelTooWide = rule<BuntingOptions, FinishedOf<'flags'>>({
	says: {
		'panel-too-wide': (f) => ({
			what: `${f.stitches} stitches are more than the panel takes.`,
			why: `Between its edges this machine gives ${f.most} pins that way.`
		})
	},
	test: ({ finished: { flag }, options, machine }) => {
		const { most } = panelPins(machine, options.turn, flag.stitches);
		return flag.stitches <= most
			? null
			: {
					body: { code: 'panel-too-wide', stitches: flag.stitches, most },
					severity: 'stop',
					where: { at: 'size' },
					fix: change([`Cast on ${flag.mostStitches}`], {
						width: { by: 'stitches', stitches: flag.mostStitches }
					})
				};
	}
});
